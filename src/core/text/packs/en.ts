import { syllable } from "syllable";
import wordContext from "./englishContext.json" with { type: "json" };
import wordUse from "./englishUse.json" with { type: "json" };
import { accented, list } from "./lists";
import { definePack } from "./make";
import { ENGLISH_SET_PHRASES } from "./setPhrases/en";

/**
 * Irregular forms, each line one word: the first is the key. Where a form is also a word of its own with another
 * meaning (found, left, saw), it stays out: a false match costs as much as a miss.
 */
const irregular = `
refinance refinances refinanced refinancing|warehouse warehouses warehoused warehousing|queue queues queued queuing queueing|wholesale wholesales wholesaled wholesaling|sue sues sued suing|cue cues cued cuing|persevere perseveres persevered persevering|apprentice apprentices apprenticed apprenticing
child children childrens|man men mens|woman women womens|foot feet|tooth teeth|goose geese|mouse mice|person people persons|ox oxen
wife wives|knife knives|life lives|leaf leaves|shelf shelves|half halves|loaf loaves|calf calves|thief thieves
scarf scarves|hoof hooves|wolf wolves|elf elves|self selves|penny pence pennies|die dice|louse lice
bus buses busses|gas gases|lens lenses|axis axes|analysis analyses|crisis crises|basis bases|thesis theses
diagnosis diagnoses|oasis oases|hypothesis hypotheses|criterion criteria|phenomenon phenomena|index indices indexes indexed indexing
appendix appendices|matrix matrices|vertex vertices|cactus cacti|fungus fungi|nucleus nuclei|datum data
medium media|stimulus stimuli|quiz quizzes|hero heroes|potato potatoes|tomato tomatoes|echo echoes echoed echoing
ride rides riding rode ridden|choose chooses choosing chose chosen|buy buys buying bought|sell sells selling sold
menu menus|spa spas|bra bras|pro pros|ski skis skiing skied|emu emus|add adds added adding|sacrifice sacrifices sacrificed sacrificing|interfere interferes interfered interfering interference|overheat overheats overheated overheating|butt butts butted butting
write writes writing wrote written|keep keeps keeping kept|build builds building built|teach teaches teaching taught
carry carries carrying carried|drive drives driving drove driven|bring brings bringing brought|wear wears wearing wore worn
freeze freezes freezing froze frozen|break breaks breaking broke broken|steal steals stealing stole stolen
think thinks thinking|begin begins beginning began begun|grow grows growing grew grown|speak speaks speaking spoken
run runs running ran|make makes making made|take takes taking took taken|give gives giving gave given|eat eats eating ate eaten|fly flies flying flew flown
drink drinks drinking drank drunk|draw draws drawing drawings drew drawn|throw throws throwing threw thrown|know knows knowing knew known|win wins winning won winner winners
send sends sending sent|spend spends spending spent|lend lends lending lent|sleep sleeps sleeping slept|feed feeds feeding fed|meet meets meeting meetings met|lead leads leading led
pay pays paying paid payment payments|lose loses losing lost|shoot shoots shooting shot|stand stands standing stood|hold holds holding held|understand understands understanding understood
catch catches catching caught|hear hears hearing heard|learn learns learning learnt learned|burn burns burning burnt burned|swim swims swimming swam swum|sing sings singing sang sung
get gets getting got gotten|become becomes becoming became|forget forgets forgetting forgot forgotten|hide hides hiding hid hidden|shake shakes shaking shook shaken|deal deals dealing dealt
cheap cheaper cheapest cheaply|fast faster fastest|quick quicker quickest quickly|easy easier easiest easily|small smaller smallest|big bigger biggest|large larger largest|long longer longest
short shorter shortest|high higher highest|low lower lowest|safe safer safest safely|strong stronger strongest|light lighter lightest lights|heavy heavier heaviest|better best|worse worst
clean cleanest cleaning cleaned cleans|old older oldest|new newer newest|young younger youngest|healthy healthier healthiest|happy happier happiest|simple simpler simplest simply
tyre tire tyres tires|grey gray greys grays greyer grayer|aluminium aluminum|kerb curb kerbs curbs|jewellery jewelry
programme program programmes programs|cheque cheques|licence license licences licenses licensed licensing licenced licencing|practise practice practises practices practised practiced practising practicing
defence defense defences defenses|offence offense offences offenses|catalogue catalog catalogues catalogs catalogued cataloged cataloguing cataloging|dialogue dialog dialogues dialogs
plough plow ploughs plows ploughed plowed ploughing plowing|mould mold moulds molds moulded molded moulding molding mouldy moldy|pyjamas pajamas pyjama pajama|sceptic skeptic|moustache mustache moustaches mustaches|doughnut donut doughnuts donuts
analyse analyze analyses analyzes analysed analyzed analysing analyzing|storey storeys|cosy cozy|mum mom mums moms|fuel fuels fuelled fueled fuelling fueling
dial dials dialled dialed dialling dialing|manoeuvre maneuver manoeuvres maneuvers manoeuvred maneuvered manoeuvring maneuvering|pedal pedals pedalled pedaled pedalling pedaling
`;

/**
 * Words that Porter's stemmer joins with others of another meaning; each line keeps its forms together under a key
 * of its own: *important* is not *import*, *business* is not *busy*.
 */
const apart = `
university universities|universe universes|universal universally|business businesses|important importance importantly
organ organs|organic organically|organization organizations organizational|experiment experiments experimented experimenting experimental|experience experiences experienced experiencing
photographer photographers|photograph photographs photographed photographing|engineer engineers engineering engineered|engine engines|customer customers|custom customs|evening evenings|internal internally|intern interns interned interning internship internships
paste pastes pasted pasting|past|news|several|marketing|position positions positioned positioning|positive positively positives
author authors|authority authorities|emergency emergencies|executive executives|objective objectives|object objects
designate designated|production productions|productive productively productivity|relative relatives relatively|animate animated animation animations
police policing|policy policies|general generally|generate generates generated generating|wander wanders wandered wandering
community communities|commune communes|numerous|secretary secretaries|station stations stationed stationing|stationary|stationery|planet planets|plane planes
canvas canvases|iris irises|alias aliases|christmas christmases|dye dyes dyed dyeing|glue glues glued gluing|free frees freed freeing|picnic picnics picnicked picnicking|panic panics panicked panicking|mimic mimics mimicked mimicking|office offices|officer officers|official officials officially|training|trainer trainers|accountant accountants|accountable accountability|iron irons ironed ironing|ironic irony|meter meters metered metering|really|real|hardly|hard|lately|late|nearly|near
`;

const OUR =
  /^((?:un|dis|mis|multi|water)?(?:col|fav|flav|harb|hon|hum|lab|neighb|rum|vap|behavi|arm|endeav|parl|sav|od|rig|vig|tum|clam|glam))our/;
const RE = /^(.*(?:cent|met|lit|fib|theat|calib))re(s|d)?$/;
const ISE = /^(.{3,}[^aeiouy\W])is(e|es|ed|er|ers|ing|ation|ations)$/;
const YSE = /^(.{2,})ys(e|es|ed|er|ers|ing)$/;

/** Compounds of nouns whose plurals are listed above: "bookshelves", "craftsmen", "grandchildren". */
const irregularPlural = (word: string): string =>
  word
    .replace(/(?<=[a-z]{2}(?:shel|kni|wi|lea|hal|loa|wol|thie|scar))ves$/, (_, at: number) =>
      /(?:kni|wi)$/.test(word.slice(0, at)) ? "fe" : "f",
    )
    .replace(/(?<=[a-z]{2}(?:s|rk|re|st|ir|sh|le|ce|er))men$/, "man")
    .replace(/(?<=[a-z]child)ren$/, "")
    .replace(/(?<=[a-z]{2}t)eeth$/, "ooth");

/** British spelling to the one form that both regions share from here on. */
function oneSpelling(word: string): string {
  return word
    .replace(OUR, "$1or")
    .replace(RE, (_, stem: string, end: string | undefined) => `${stem}er${end === "d" ? "ed" : (end ?? "")}`)
    .replace(ISE, "$1iz$2")
    .replace(YSE, "$1yz$2");
}

/** Irregular verbs: the infinitive, and its other forms. */
const VERB_FORMS = `
bend bends bending bent|bleed bleeds bleeding bled|blow blows blowing blew blown|breed breeds breeding bred|beat beats beating beaten|come comes coming came|cling clings clinging clung|creep creeps creeping crept|dig digs digging dug|dream dreams dreaming dreamt dreamed|awake awakes awoke awoken|fight fights fighting fought|flee fled|forgive forgives forgiving forgave forgiven|forbid forbids forbidding forbade forbidden|feel feels feeling|find finds finding|go goes going went gone
hang hangs hanging hung|kneel kneels kneeling knelt|lean leans leaning leant leaned|leap leaps leaping leapt leaped|lay lays laying laid|leave leaves leaving|mean means meaning meant|mow mows mowing mown mowed|prove proves proving proven proved|ring rings ringing rang rung|rise rises rising risen|say says saying said|see sees seeing seen|seek seeks seeking sought|sew sews sewing sewn sewed|shine shines shining shone|show shows showing shown showed|shave shaves shaving shaven shaved
shrink shrinks shrinking shrank shrunk|sink sinks sinking sank sunk|sit sits sitting sat|slide slides sliding slid|spell spells spelling spelt spelled|spill spills spilling spilt spilled|spin spins spinning spun|spit spits spat|spring springs springing sprang sprung|stick sticks sticking stuck|sting stings stinging stung|strike strikes striking stricken struck|swear swears swore sworn|sweep sweeps sweeping swept|swell swells swelling swollen|swing swings swinging swung
tear tears tearing tore torn|tell tells telling told|do does doing did done|wake wakes waking woken|weave weaves weaving wove woven|weep weeps weeping wept|wind winds winding|lose|fall falls falling fallen|stand stands standing stood|bite bites biting bitten|draw drawing drew drawn|grind grinds grinding|write writes writing wrote written|build builds building built|take takes taking took taken|make makes making made|think thinks thinking thought|pay pays paying paid|sell sells selling sold|grow grows growing grew grown|eat eats eating ate eaten|run runs running ran|hold holds holding held|lead leads leading led|hear hears hearing heard|read reads reading|set sets setting|light lights lighting|sow sows sowing sown|saw sawing sawn|stride strode`;

/** What is done is counted too: "building buildings". */
const withPlurals = (lines: string): string => lines.replace(/\b([a-z]+ing)\b(?! \1s)/g, "$1 $1s");

/** What stands among the forms of a verb and is none that only a verb has: the other spelling of a noun, a word of its own. */
const NO_PASTS = new Set(["spoke", "shot", "practice", "license", "analyze", "thought", "drunk"]);

/** Those of them that only verbs have: "stood", "driven". */
const pasts = `${VERB_FORMS}|${irregular}`
  .split(/[|\n]/)
  .filter((line) => /ing\b/.test(line))
  .flatMap((line) => line.split(" ").slice(1))
  .filter((form) => !/(?:s|ing|er|est|ed|ment|ly)$/.test(form) && !NO_PASTS.has(form))
  .join(" ");

/** Nouns that say what a verb does, after it: "apply application applications". */
const derivedVerbs = wordUse.derived
  .split("|")
  .map((line) => {
    const [noun, verb] = line.split(" ");
    return `${verb} ${noun} ${noun!.replace(/y$/, "ie")}s`;
  })
  .join("|");

/** Everyday subjects of headings, a line each, by the words that name them. */
const SUBJECTS = [
  "cost costs price prices pricing money budget pay paid payment expensive cheap fee fees save saves savings afford worth charge",
  "weather rain rainy wet wind storm",
  "clothing clothes dress wear suit jacket",
  "care repair repairs fix mend maintenance upkeep service",
  "cleaning clean wash washing",
  "storage store keep park parking sleep",
  "buying buy purchase shop shopping",
  "safety safe danger dangerous risk risks",
  "beginning begin start starting",
  "time times fast faster speed long quick",
  "hire rent rental borrow lend",
  "insurance insure insured theft stolen",
  "children child kid kids",
  "babies baby toddler toddlers infant",
  "winter cold frost freezing",
  "limits limit limitations cannot disadvantages cons drawbacks downsides weaknesses miss missing",
  "advantages benefits pros gains",
  "comparison compare compared versus vs",
  "law legal licence license rules rule",
  "kinds kind type types",
  "size sizes width length height dimensions measurements",
  "tools tool equipment",
  "often schedule interval intervals",
  "route routes way path",
  "drivers driver",
  "trial try test",
  "light lights lamp lamps visible seen reflective",
  "ice snow icy grip",
  "lessons lesson learned learnt mistakes mistake tips advice",
  "load loads carry carries capacity volume",
];

/**
 * English. Stemmer: Porter2 (M. F. Porter, Snowball, 2001), with exceptions of our own. Small words: articles,
 * pronouns, prepositions, conjunctions, auxiliaries and the commonest adverbs of degree.
 */
export const english = definePack("en", "English", () => ({
  stemmer: "english",
  clings: /'s$/,
  prepare: (word) => oneSpelling(irregularPlural(word.replace(/n't$/, "nt"))),
  // "Staffing", "trafficking"
  finish: (stem) => stem.replace(/(?<=[a-z]{2})ff$/, "f").replace(/(?<=[a-z]{3}ic)k$/, ""),
  alike: withPlurals(irregular),
  apart,
  perhaps: `low lowering lowered lowers|lose loss losses|relieve relief|sell sale sales|die death deaths|succeed success|respond response responses|strong strength|wide width widths|deep depth depths|pronounce pronunciation|repeat repetition repetitions|absorb absorption|use usage|break breakage breakages|verify verification|notify notification notifications|judge judgement judgements judgment judgments|behave behaviour behavior|dust dusty|rain rainy|sun sunny|noise noisy|salt salty|spice spicy|dirt dirty|allergy allergic|history historic historical|fame famous|nutrition nutritious|pure purity|urgent urgency|frequent frequency|silent silence|happy happiness|bind bound|arise arose arisen|bear bore borne|bite bit|dwell dwelt|fling flung|lie lain|rise rose|shear shorn|sling slung|smell smelt|speed sped|spoil spoilt|stink stank|string strung|wring wrung|undo undid|oversee oversaw|oversleep overslept|foresee foresaw|hew hewn|melt molten|die dying|vie vying|${derivedVerbs}|photograph photography|ski skier skiers|loyal loyalty loyalties|safe safety|private privacy|warm warmth|wealthy wealth|free freedom|able ability abilities|flexible flexibility|visible visibility|available availability|reliable reliability|mobile mobility|fertile fertility|equal equality|popular popularity|honest honesty|accurate accuracy|fluent fluency|efficient efficiency|pregnant pregnancy pregnancies|vacant vacancy vacancies|diverse diversity|royal royalty|cruel cruelty|certain certainty|custom customise customises customised customising customize customizes customized customizing|wood wooden|wool woollen woolen|gold golden|choose choice choices|fly flight flights|weigh weight weights|advise advice
find found|leave left|feel felt|grind ground|wind wound|train training trained|light lit|speak spoke|think thought|wake woke|shoot shot shots|strike struck`,
  verbs: {
    shortest: 4,
    prefixes: "re over under out un mis fore with inter",
    forms: withPlurals(VERB_FORMS),
  },
  smallWords: `
    a an the this that these those i me my mine myself we us our ours ourselves you your yours yourself yourselves he him his himself
    she her hers herself it its itself they them their theirs themselves who whom whose which what
    am is are was were be been being have has had having do does did doing will would shall should can could may might must ought
    and but or nor so yet if because as until while although though unless whether than
    of at by for with about against between into through during before after above below to from up down in out on off over under
    upon within without onto per via despite throughout
    again away further then once here there when where why how all any both each few more most other some such no not only own same too very just
    also i'm i've i'd i'll you're you've you'd you'll he's he'd he'll she's she'd she'll it's it'd it'll we're we've we'd we'll they're they've they'd they'll
    isn't aren't wasn't weren't hasn't haven't hadn't doesn't don't didn't won't wouldn't shan't shouldn't can't cannot couldn't mustn't
    isnt arent wasnt werent hasnt havent doesnt dont didnt wont wouldnt shouldnt cant couldnt
    let's that's who's what's here's there's when's where's why's how's`,
  leaning: `
    but and or nor so yet it its this that these those they their them he his him she her hers such then however therefore
    thus hence also otherwise instead moreover furthermore additionally besides likewise similarly meanwhile nevertheless
    nonetheless consequently accordingly still again both neither either another here too indeed afterwards above below next
    finally lastly secondly thirdly it's that's they're he's she's alternatively conversely nb note please sorry yes ok`,
  pointing:
    /\b(?:(?:see|as|shown|listed|described|mentioned|described) (?:above|below)|(?:the )?(?:above|below|following|previous|preceding|next) (?:section|chapter|example|table|figure|image|picture|code|list|steps?|snippet|options?|article|page)|this (?:section|chapter|example|table|figure|image|picture|code|list|snippet|step|paragraph|option|method|function|command)|in the (?:picture|photo|image)|(?:section|chapter|example|table|figure|picture|list) (?:above|below)|(?:section|chapter|figure|table|example|appendix) \d|click here|read on|these|those|both (?!\w+ and\b)\w+s|this (?!guide|article|post|page|review|tutorial|checklist|year|summer|winter|spring|autumn|week|month)\w+)\b/,
  abbreviations:
    "mr mrs ms dr prof st vs e.g i.e approx no fig jan feb mar apr jun jul aug sep sept oct nov dec inc ltd co dept est",
  vagueLinkTexts: `here|click here|click|this|this link|link|this page|this post|this article|read more|more|learn more|find out more|see more|see here|read this|read on|continue|continue reading|details|more details|more info|more information|info|go|go here|website|this website|this site|site|page|check it out|check this out|view|view more|start here|download|download here|over here|tap here|press here|follow this link|click this link|click the link`,
  altOpening:
    /^(?:an? |the |this is an? )?(?:image|picture|photo|photograph|graphic|pic|screenshot) (?:of|showing)\b/,
  months:
    "january february march april may june july august september october november december jan feb mar apr jun jul aug sep sept oct nov dec",
  furniture:
    "cookie|cookie policy|privacy policy|share|subscribe|newsletter|copyright|all rights reserved|click|read more|log in|sign in|sign up|minute read|table of contents|page|article|website|comment|advertisement|however|therefore|thus|hence|moreover|furthermore|nevertheless|instance|example|following|note|section|chapter",
  capitals: [
    ["i", "I"],
    ["i'm", "I'm"],
    ["i've", "I've"],
  ],
  measures:
    "one two three four five six seven eight nine ten eleven twelve fifteen twenty thirty forty fifty sixty seventy eighty ninety hundred hundreds thousand thousands million half quarter third thirds tenth dozen first second once twice every per cent percent km kilometre kilometres kilometer kilometers metre metres meter meters cm centimetre centimetres centimeter centimeters mm millimetre millimetres mile miles kg kilo kilos kilogram kilograms gram grams litre litres liter liters nm wh kwh watt watts volt volts hour hours minute minutes day days week weeks month months year years",
  passive: {
    auxiliaries: list("am is are was were be been being isn't aren't wasn't weren't gets got"),
    participles: accented(`
      begun beaten bent bound bitten blown born bought bound broken brought built burnt cast caught chosen cut dealt done drawn driven drunk
      eaten fallen fed felt fought found flown forbidden forgotten forgiven frozen given gone grown held heard hidden hit hung hurt kept
      known laid led left lent let lit lost made meant met mown overcome paid put read ridden rung risen run said sawn seen sent set sewn
      shaken shot shown shut slid sold sought spent spilt split spread sprung stolen struck stuck stung sunk swept sworn swum swung
      taken taught thought thrown told torn understood upset withdrawn won worn woven written wound`),
    ending: /\p{L}{2,}ed$/u,
    not: accented(
      "bed red shed need speed feed seed breed embed hundred naked wicked sacred rugged ragged tired",
    ),
    between: /^(?:not|n't|never|always|often|also|just|only|still|already|yet|being|been|\p{L}+ly)$/u,
    mostBetween: 3,
  },
  // Flesch 1948.
  readability: {
    source: "Flesch 1948",
    constant: 206.835,
    perWord: 1.015,
    perSyllable: 84.6,
    syllables: syllable,
  },
  fillers: ["um", "umm", "uh", "uhh", "erm", "er", "ehm", "hmm", "mm", "you know", "i mean"],
  claims: {
    superlative:
      /\b(?:the (?:(?:very )?(?:best|worst|only|most|least) \p{L}+|(?!rest|west|forest|guest|test|request|harvest|interest|chest|nest|quest|latest)\p{L}{3,}est\b)|(?:always|never) \p{L}+|number one|nobody else|guaranteed?)/u,
    study:
      /\b(?:stud(?:y|ies)|research(?:ers)?|surveys?|experts?|scientists?|statistics|doctors|reports?) (?:shows?|showed|says?|said|suggests?|suggested|finds?|found|proves?|proved|agree|recommends?|warns?)\b|\baccording to\b|\bit is (?:well )?(?:known|proven)\b/u,
  },
  usage: {
    persons:
      "i you he she it we they me him her us them my your his its our their this that these those ours mine yours theirs hers ourselves",
    timing: "after before during while until since once then also on meanwhile later",
    pronouns: "i we they he she it who which",
    auxiliaries:
      "can could will would shall should may might must to do does did don't doesn't didn't can't cannot won't let's please",
    determiners:
      "the a an my your his her its our their this these those every each some any no him us them me own how why whether itself yourself themselves",
    enough: "enough",
    degrees: "so very too quite rather how as",
    quantities:
      "more most many much all both several few less fewer enough other another such own two three four five six seven eight nine ten",
    trailing: "well full equal worth one ones",
    dating: "this that last next every each all",
    times: "morning afternoon evening night day week weekend month year season spring summer autumn winter",
    copulas: "is are was were be been",
    being: "am is are was were be been being get gets got",
    relatives: "that",
    verbParticles: "up off out away back",
    prepositions: "of for with from by about at in on into",
    joining: "that which who to for",
    negating: "not never",
    governing:
      "for in on at from with by against about without into over under behind near through across around past along beyond between during after before until since",
    of: "of",
    towns: "in near around",
    purpose: "for",
    example: "such as",
    adverbs: `abroad again ahead alike alone already altogether anyhow anymore anytime anyway anywhere apart aside backwards beforehand best better cheap downstairs downtown downwards early else elsewhere everywhere far fast forever
      forward forwards hard high home indoors inside instead inwards late later likewise live loud low nationwide nearby nowadays nowhere offline offshore once online open otherwise outdoors outside outwards overnight overseas right
      sideways somehow sometimes somewhere soon sooner straight thereafter today together tomorrow tonight twice upstairs upwards wide worldwide yesterday yet`,
    firstNames: `amber angel art barry basil bill bob bud carol chase chip chuck cliff crystal daisy dale dawn dean dolly drew duke earl faith flora forest frank gale gene ginger glen grace grant guy harry hazel heath heather holly
      hope iris ivy jack jade jay jasmine jean jewel joy lance lily luke mark marina mason max melody mercy miles nick olive opal pat patience pearl peg penny pepper peter poppy prudence ray reed rich rob robin rocky
      rod rose rosemary ruby rusty sage sandy scarlet sky skip sonny spike stella sterling stone sue sunny teddy terry trey tucker verity victor viola violet wade ward warren will woody wren`,
    others: "other",
    linking: "of for in at under near into on at from with by against about without",
    having: "with do does whose",
    asking: "when where whose",
    manner: "how why whether",
    which: "which what whose much many",
    parts:
      "full people anyone everyone those inside outside top bottom end side back front corner middle edge foot centre center case day week month year hour set pair piece kind type sort range lot amount amounts number numbers bunch couple glass cup shape form style",
    causing: "have has having had get gets getting got",
    about: "on",
    places: "along in on at behind within under over near beside from through across against around",
    tellers: "he she they",
    without: "without no",
    clinging: "free friendly proof based resistant ready safe style sized shaped powered",
    conjunctions: "and or",
    clauses: "while because although though unless until whereas but",
    afterOrders: "now how what where why when whether it them him me us here",
    modals: "can may might must will",
    adverb:
      /(?:.{3}ly(?<!(?:app|supp|rep|comp|multip|imp|assemb|fami|anoma|monopo|butterf|surp)ly)|never|always|also|not|often|just|only)$/,
    // But not "promise", "treatise".
    verbEnding:
      /^(?!(?:com)?promise|treatise).{2,}(?:(?:al|ar|er|or|on|an|en|in|at|it|id|im|om|gn)i[sz]e|ify)$/,
    lessons: "lesson lessons class classes course courses workshop workshops tutorial tutorials",
    participle: /(?:ing|ed)$/,
    gerund: /ing$/,
    inflected: /(?:[^s]s|ed|ing)$/,
    // "Covered", but not "need", "seed", "bed".
    verbal: /(?<!^(?:n|f|sp|s|w|br|d|r|gr|ind|exc|succ|proc|tw|h)e|^(?:b|r|sh|sl))ed(?:ly)?$/,
    pasts: `${pasts} lit stank strode swore woke`,
    finite: `is are was were am has have had do does did can could will would should must may might shall isn't aren't wasn't weren't don't doesn't didn't can't won't said says made went came took gave got knew saw lost felt kept left
      held led met paid sold sent spent stood told thought won wore wrote rose fell grew drew flew drove ate drank broke chose spoke stole began ran became brought bought caught taught sought fought found showed meant built`,
    simplePasts:
      "came became began ran rang sang sank drank swam shrank sprang went gave took shook saw knew grew threw blew flew drew wore tore swore bore broke spoke woke stole froze chose rose wrote rode drove fell ate forgot hid arose awoke forbade wove strode trod mistook overcame undertook withdrew foresaw",
    intransitives: `seemed tended met appeared arose arrived barked beamed belonged bloomed bounced burned burnt camped circled climbed collapsed come crashed crawled crept danced declined departed descended died differed dined
      disappeared drifted dripped dropped drowned dwelt emerged ended existed expired faded failed fainted fallen fished flashed floated flourished flowed flown gone glowed happened hesitated hiked hopped hovered howled
      hung hurried jogged jumped knelt landed lasted laughed lain lay leaked leaned leapt lingered listened lived looked lunched marched mattered melted mingled moved napped occurred parked parted passed paused perished posed
      progressed raced rained reacted relaxed remained responded rested retired returned risen roamed roared rolled rowed rushed rusted sailed sat screamed settled shone shopped shouted shrunk sighed
      sat skated skied slept slid slipped smelled smelt smiled sneezed snowed snored sounded spread sprung spun squatted stared started stayed stepped stood stopped strolled struggled succeeded surfed survived
      sweated swam swum talked thrived ticked travelled traveled trembled turned vanished voted waited walked wandered wept whispered whistled wilted winked worked worried yawned yelled`,
    singling: "a an every each another",
    undoing: "away off back in",
    particles: "up down in out off on over back away mine will may can",
    doing:
      /^(?:how (?:to|do|does|can|should)|to|ways? to|when to|where to|what to|learn to|(?:can|should|do) (?:you|i|we)) /,
    action: /(?:ing|[ts]ion|ment|an?ce|al|ure|age|th|ysis|ery)s?$|^costs?$/,
    idle: ENGLISH_SET_PHRASES,
    oneThing:
      /\b(?:coat of arms|frame of mind|peace of mind|point of view|rule of thumb|state of the art|turn of phrase|way of life|word of mouth|work of art)\b/,
    otherPlurals:
      "glasses arms customs goods grounds manners spectacles woods forces contents quarters savings ashes",
    verbs: wordUse.verbs,
    nouns: wordUse.nouns,
    adjectives: wordUse.adjectives,
    likePasts: "cut put set shut spread split cast hit shed",
    nounsToo: `${wordUse.nounsToo} leave download`,
    verbsToo: `${wordUse.verbsToo} soundproof waterproof fireproof childproof babyproof`,
    names: wordUse.names,
    thingsOfTwo: wordUse.thingsOfTwo,
    thingsCalled: wordUse.thingsCalled,
    things: `${wordUse.things} cable chart clip file fund lead leave lift mark mask note patch rack ring sign stamp tag tap tie zip`,
    doers: `${wordUse.doers}|donor donate`,
    doer: /[^aeiou](?:er|or)s?$/,
    context: new Map(
      Object.entries(wordContext.tenths).flatMap(([tenths, features]) =>
        features.split("\n").map((feature): [string, number] => [feature, Number(tenths) / 10]),
      ),
    ),
  },
  stepOpening: /^(?:step \d+|\d+[.:)]|(?:first|second|third|next|finally)\b[,:]?)\s*[:.,-]?\s*/,
  comparing: /\b(?:vs|versus|or|compared|against|better than|alternatives?)\b/,
  subjects: SUBJECTS,
  furnitureHeadings:
    "questions|related questions|similar questions|other questions|frequently asked questions|faq|faqs|answers|best answer|top answer|accepted answer|in short|comments|leave a comment|leave a reply|related|related posts|related articles|related pages|read next|more like this|you may also like|share this|share|about the author|newsletter|subscribe|contents|table of contents|in this article|on this page|references|sources|see also|navigation|menu|search|footnotes|notes|advertisement|tags|categories|recent posts|popular posts|note|tip|tips|example|examples|warning|caution",
}));
