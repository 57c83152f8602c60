import likeInfinitives from "./likeInfinitives.json";
import { accented, list } from "./lists";
import { definePack, withEndings } from "./make";
import { DUTCH_SET_PHRASES } from "./setPhrases/nl";

/** Vowels and diphthongs of Dutch spelling, the longest first. */
const NUCLEUS = /aai|ooi|oei|eeu|ieu|aa|ee|oo|uu|ij|ei|ui|ou|au|eu|oe|ie|[aeiouyéèëïöü]/gu;

const SEPARABLE = "aan|af|bij|binnen|door|in|mee|na|neer|om|onder|op|over|samen|terug|toe|uit|vast|voor|weg";
const PARTICIPLE = new RegExp(`^(${SEPARABLE})?ge([a-z]{2,}?)([td])(?:e[nrs]?)?$`);

/** Regular participles as their stem: "gerepareerde", "opgeruimd"; verbs in -eren; and those whose stem ends in a vowel: "snoeit". */
const regularVerb = (word: string): string =>
  word
    // "Isolatie" of "isoleren"
    .replace(/(?<=[a-z]{3})aties?$/, "eren")
    .replace(PARTICIPLE, (_, prefix = "", root: string, end: string) =>
      // A t or d after a vowel or an s is the stem's own more often than not: "gezet", "getest".
      /[aeious]$/.test(root) ? prefix + root + end : prefix + root,
    )
    // "Verleende", "bezochten"
    .replace(/(?<=^(?:be|ver|ont|her|er)[a-z]{2,}[dt])en?$/, "")
    .replace(/(?<=aai|oei|ooi)(?:t|de?n?)$/, "en")
    .replace(/(?<=[a-z]{2})eer(?:t|den?|d)?$/, "eren");

/** Diminutives of long words, which hardly ever name another thing: "vakantiehuisje", "bijzettafeltje", but "broodje" is no "brood". */
const diminutive = (word: string): string =>
  /(?<=[a-z]{7}[^i])jes?$/.test(word)
    ? word
        .replace(/jes?$/, "")
        .replace(/([bdfgklmnprst])\1et$/, "$1")
        .replace(/(?<=[aeioulnrw])t$/, "")
        .replace(/(?<=m)p$/, "")
        .replace(/(?<=i)nk$/, "ng")
    : word;

/** The s of plurals of words in -e: "machines", "routes"; not that of "keukenmes", "zwemles", "adres". */
const PLURAL_OF_E =
  /(?<=[a-z](?:[aiu]l|[bl]l|[aeiouy]m|[a-z](?:[bcdfghjkpstvwz]|[^s]n|[^dps]r))e)(?<!(?:proc|suc+|congr|expr|prins)e)s$/;
/** An s that is the word's own, which the stemmer takes for a plural's: "kaars", "lens". */
const OWN_S = /(?<=^[^aeiou]*(?:aa|ee|oe|eu|ie|[aeou])[rnl]|kaar|laar|koer|beur|len|men|gren|spon)se?$/;

/**
 * Dutch. Stemmer: Snowball's, with v and z at the end of a stem told as f and s ("huis", "huizen"). Small words: articles,
 * pronouns, prepositions, conjunctions, auxiliaries and the commonest adverbs.
 */
export const dutch = definePack("nl", "Dutch", () => ({
  stemmer: "dutch",
  clings: /'s$/,
  prepare: (word) =>
    regularVerb(
      diminutive(word)
        .replace(/(?<=[tdp]s|(?<!^bo)ks)en$/, "")
        .replace(/(?<=eau)s$/, "")
        // "Functies", "koloniën", "wandelaars", but neither "verlies" nor "regenlaars"
        .replace(/(?<=[a-z]{3}(?<!verl|adv|serv|prec)ie)s$/, "")
        .replace(/(?<=[a-z]{2}[^dthz]i)en$/, "e")
        .replace(/(?<=[a-z]{2}elaar)s$/, "")
        // "Goedkoopste", but also "bewuste".
        .replace(/(?<=[a-z]{3}[bdfgklmnprtv])ste$/, "")
        .replace(/(?<=[a-z]{3}en)s$/, "")
        .replace(PLURAL_OF_E, "")
        .replace(OWN_S, "sen"),
    ),
  finish: (stem) =>
    stem
      // Endings of the third person and the past, which the stemmer leaves: "zwemt", "huurde".
      .replace(/(?<=[a-z]{3}[^aeiouhcst])(?:dt|[td])$/, "")
      .replace(/(?<=[a-z]{3})en$/, "")
      .replace(/(aa|ee|oo|uu)(?=[^aeiou]$)/, (vowels) => vowels[0]!)
      .replace(/v$/, "f")
      .replace(/z$/, "s")
      .replace(/([b-df-hj-np-tv-xz])\1$/, "$1"),
  infinitive: /en$/,
  alike: `
monteren monteert monteerde gemonteerd gemonteerde montage montages|masseren masseert masseerde gemasseerd massage massages|lekken lekt lekte lekten gelekt lekkage lekkages|trainen traint trainde getraind training trainingen|corrigeren corrigeert gecorrigeerd correctie correcties|adviseren adviseert adviseerde geadviseerd advies adviezen|
gebruiken gebruikt gebruikte gebruikten gebruik|geloven gelooft geloofde geloof|genieten geniet genoten|gebeuren gebeurt gebeurde gebeurd|openen open opent opende openden geopend geopende|genezen geneest
kind kinderen kinders|ei eieren|lied liederen|stad steden|schip schepen|lid leden|weg wegen|dag dagen|pad paden|bad baden|glas glazen|dak daken|gat gaten|blad bladen bladeren|rad raderen
kopen koopt koop kocht kochten gekocht|verkopen verkoopt verkocht verkochte verkochten|rijden rijdt reed reden gereden rijd|dragen draagt droeg droegen gedragen draag|kiezen kiest kies koos kozen gekozen
nemen neemt nam namen genomen neem|zien ziet gezien|lezen leest las gelezen lees|schrijven schrijft schreef schreven geschreven schrijf|brengen brengt bracht brachten gebracht
vinden vindt vond vonden gevonden vind|denken denkt dacht dachten gedacht|houden houdt hield hielden gehouden|lopen loopt liep liepen gelopen loop|slapen slaapt sliep sliepen geslapen slaap
huren huurt huurde huurden gehuurd huur|testen test getest testte|poetsen poetst gepoetst|onderhouden onderhoudt onderhield onderhoud|repareren repareert repareerde gerepareerd reparatie reparaties
brouwen brouwt brouwde gebrouwen|plannen planning planningen gepland geplande|laden laadt laadde geladen laad|wassen wast waste gewassen|goed goede|beter betere best beste|veel vele|meest meeste|hoog hoge hoger hogere hoogst hoogste|groot grote groter grotere grootst grootste
baby baby's babys|foto foto's fotos|auto auto's autos|museum musea|datum data|medium media|bus bussen|fiets fietsen fietst fietste gefietst|auto's|menu menu's|zone zones|single singles|sample samples|tournee tournees|controle controles|regio regio's|clan clans|bron bronnen bronne|lid leden|korps korpsen|led leds|dienst diensten
`,
  verbs: {
    agreeing: (participle) => (/[td]$/.test(participle) ? [`${participle}e`] : []),
    prefixes:
      "be ver er ont her aan af bij binnen door in mee mis na neer om onder op over samen terug toe tegen uit vast voor vooruit weg weer schoon klaar dicht open los vol stil droog",
    forms: `zoeken zocht gezocht|denken dacht gedacht|brengen bracht gebracht|kopen kocht gekocht|verkopen verkocht|
${withEndings("t de den", "leggen leg|zeggen zeg|rollen rol|vullen vul|bellen bel|tillen til|kammen kam|zagen zaag|breien brei|tellen tel|vellen vel|bouwen bouw|duwen duw|malen maal|halen haal|delen deel|spoelen spoel|voelen voel|boren boor|huren huur|leren leer|horen hoor|lenen leen|wonen woon|roeren roer|tonen toon|dromen droom|storen stoor|sparen spaar")}
${withEndings("t te ten", "pakken pak|wekken wek|plukken pluk|dekken dek|lekken lek|bakken bak|hakken hak|plakken plak|koken kook|raken raak|roken rook|maken maak|kappen kap|stappen stap|stoppen stop|knippen knip|kloppen klop|shoppen shop|dopen doop|hopen hoop|blaffen blaf")}
malen gemalen|dansen dans danst danste dansten gedanst|missen mis mist miste misten gemist|passen pas past paste pasten gepast|plaatsen plaats plaatst plaatste plaatsten geplaatst geplaatste|lossen los lost loste losten gelost geloste|reizen reis reist reisde reisden gereisd|verhuizen verhuis verhuist verhuisde verhuisden verhuisd|wassen was wast waste gewassen|poetsen gepoetst gepoetste|vissen vist viste gevist|kussen kust kuste gekust
hangen hangt hang gehangen|bijten bijt gebeten|blazen blaast blaas geblazen|fluiten fluit gefloten|glijden glijdt gegleden|kijken kijkt kijk gekeken|klimmen klimt klim geklommen|knijpen knijpt geknepen|krimpen krimpt gekrompen|kruipen kruipt gekropen|liegen liegt gelogen|lijden lijdt geleden|lijken lijkt geleken|prijzen prijst geprezen|rijgen rijgt geregen|scheiden scheidt gescheiden|schenken schenkt schenk geschonken
scheren scheert scheer geschoren|schieten schiet geschoten|schrikken schrikt geschrokken|slijpen slijpt slijp geslepen|slijten slijt gesleten|smelten smelt gesmolten|smijten smijt gesmeten|spinnen spint gesponnen|splijten splijt gespleten|spuiten spuit gespoten|steken steekt steek gestoken|stelen steelt gestolen|stinken stinkt gestonken|strijden strijdt gestreden|strijken strijkt strijk gestreken|vechten vecht gevochten
verdwijnen verdwijnt verdwenen|vergelijken vergelijkt vergelijk vergeleken|vlechten vlecht gevlochten|vreten vreet gevreten|wijken wijkt geweken|wringen wringt gewrongen|zenden zendt gezonden|zuigen zuigt zuig gezogen|zwellen zwelt gezwollen|bedriegen bedriegt bedrogen|dwingen dwingt gedwongen|vouwen vouwt vouw gevouwen|weven weeft geweven|duiken duikt duik gedoken|schuilen schuilt geschuild|kneden kneedt geknede gekneed
geven geeft geef gegeven|staan staat sta gestaan|gaan gaat ga gegaan|komen komt kom gekomen|blijven blijft blijf gebleven|stijgen stijgt gestegen|krijgen krijgt krijg gekregen|wijzen wijst wijs gewezen|snijden snijdt gesneden|zwijgen zwijgt gezwegen
sluiten sluit gesloten|bieden biedt geboden|vliegen vliegt vlieg gevlogen|buigen buigt gebogen|gieten giet gegoten|vriezen vriest gevroren|verliezen verliest verlies verloren|wegen weegt gewogen|trekken trekt trek getrokken|spreken spreekt spreek gesproken
breken breekt breek gebroken|treffen treft getroffen|sterven sterft gestorven|helpen helpt help geholpen|werpen werpt geworpen|beginnen begint begin begonnen|zwemmen zwemt zwem gezwommen|winnen wint win gewonnen|zingen zingt zing gezongen|springen springt spring gesprongen|binden bindt bind gebonden|zinken zinkt gezonken|drinken drinkt drink gedronken
zitten zit gezeten|liggen ligt lig gelegen|bidden bidt gebeden|eten eet gegeten|meten meet gemeten|vergeten vergeet vergaten|groeien groeit groeide gegroeid|slaan slaat sla geslagen|vangen vangt vang gevangen|laten laat gelaten|raden raadt geraden|vallen valt val gevallen|roepen roept roep geroepen|bakken bakt bak gebakken|varen vaart vaar gevaren
schuiven schuift geschoven|ruiken ruikt geroken|schijnen schijnt geschenen|grijpen grijpt gegrepen|doen doet doe gedaan|weten weet geweten|zoeken zoekt zoek zochten gezocht|maken maakt maak maakte maakten gemaakt|koken kookt kook kookte kookten gekookt|boeken boekt boekte geboekt|leren leert leerde leerden geleerd|spelen speelt speelde speelden gespeeld
rijden rijdt rijd gereden|dragen draagt draag gedragen|kiezen kiest kies gekozen|nemen neemt neem genomen|zien ziet gezien|lezen leest lees gelezen|schrijven schrijft schrijf geschreven|brengen brengt breng brachten gebracht|vinden vindt vind gevonden|denken denkt denk dachten gedacht|houden houdt gehouden|lopen loopt loop gelopen|slapen slaapt slaap geslapen|kopen koopt koop kochten gekocht`,
  },
  // "Snellere", "duurdere"
  perhapsForm: (word) => word.replace(/(?<=[a-z]{2})(?:(?<=r)dere|re(?<=ere))$/, ""),
  perhaps: `
kiezen keuze keuzes|leasen least geleaset geleased geleasede|geven gaf gaven|staan stond stonden|gaan ging gingen|komen kwam kwamen|blijven bleef bleven|stijgen steeg|krijgen kreeg kregen|wijzen wees|snijden sneed sneden|sluiten sloot sloten|bieden bood boden|vliegen vloog vlogen|buigen boog bogen|gieten goot goten|verliezen verloor|wegen woog wogen|trekken trok trokken|spreken sprak spraken|breken brak braken|helpen hielp hielpen|werpen wierp|zwemmen zwom zwommen|winnen won wonnen|zingen zong|springen sprong|binden bond bonden|drinken dronk dronken|zitten zat zaten|liggen lag lagen|eten at aten|meten mat maten|slaan sloeg sloegen|vangen ving|laten liet lieten|vallen viel vielen|roepen riep|schuiven schoof|ruiken rook|grijpen greep
doen deed deden|weten wist|hangen hing hingen|bijten beet|kijken keek keken|kruipen kroop|schieten schoot|scheren schoor|slijpen sleep|smelten smolt|steken stak staken|strijken streek|zuigen zoog|zien zag zagen|rijden reed reden|nemen nam namen
`,
  deverbal: "uctie uceren|ucties uceren|uctie ueren|ucties ueren|gifte geven|giften geven",
  apart: `
plant planten plantje plantjes geplant geplante|les lessen|gezond gezonde gezonder gezondste|geduld|geweld|gerecht gerechten|gezicht gezichten|gewicht gewichten|gebied gebieden|geluid geluiden|gebit gebitten|gebed gebeden|gedicht gedichten|geschikt geschikte|gericht gerichte|gemeente gemeenten gemeentes|gedachte gedachten|geboorte
markt markten|sport sporten|start starts starten|punt punten|kracht krachten|hond honden|hand handen|land landen|maand maanden|avond avonden|
universiteit universiteiten|veld velden|kust kusten|universum|organisatie organisaties|orgaan organen|politie|politiek politieke|bank banken|bang bange|maan manen|man mannen|been benen|ben|boom bomen|bom bommen
weken week|wekken wekt|tenen teen|ten|beer beren|ber|muur muren|mur|zon zonnen|zoon zonen zoons|vis vissen|vies vieze|poot poten|pot potten|boot boten|bot botten|kop koppen|koop
`,
  smallWords: `de het een der den des 't ik jij je u hij zij ze wij we jullie mij me jou hem haar ons hen hun zich mijn jouw uw zijn onze
deze dit die dat wie wat welke welk waar wanneer waarom hoe er
en of maar want dus als dan omdat hoewel terwijl zodat toen tot
in op aan uit bij met naar van voor door over onder tegen zonder tussen na om te tijdens sinds per volgens achter langs
ben bent is was waren geweest heb hebt heeft hebben had hadden gehad word wordt worden werd werden geworden kan kun kunt kunnen kon konden moet moeten moest mag mogen mocht wil wilt willen wilde zal zult zullen zou zouden
niet geen ook nog al wel maar zo heel zeer te veel meer alle alles elk elke ieder iedere iets niets iemand niemand hier daar mee nu altijd nooit weer even eens zelf samen ja nee
indien zodra zoals echter tevens waarbij waarmee waarvan waarin hierbij hiermee daarbij daarmee daarna daarvoor hiervoor eveneens bovendien tenzij doordat ofwel zowel noch sommige enkele bepaalde diverse dergelijke zulke via vanaf behalve`,
  leaning: `
    maar en of want dus hij zij ze hem haar hun dit dat deze die dan toch echter daarom daardoor daarna daarmee daarvoor
    daarbij ook bovendien verder anders hier daar hierdoor hiermee hierbij zulke zowel tenslotte vervolgens let noot ja nee`,
  pointing:
    /\b(?:zie (?:boven|onder|hierboven|hieronder)|(?:hierboven|hieronder)|(?:volgende|vorige) (?:paragraaf|hoofdstuk|voorbeeld|tabel|afbeelding|lijst|stap)|(?:deze|dit) (?:paragraaf|hoofdstuk|voorbeeld|tabel|afbeelding|lijst|stap)|(?:paragraaf|hoofdstuk|figuur|afbeelding|tabel|voorbeeld) \d|klik hier)\b/,
  abbreviations:
    "dhr mevr dr prof ir nr st bijv bv d.w.z o.a i.p.v m.b.t t.o.v ca max min blz tel jan feb mrt apr jun jul aug sept okt nov dec",
  vagueLinkTexts:
    "hier|klik hier|klik|lees meer|lees verder|meer|meer lezen|meer informatie|meer info|meer weten|verder lezen|bekijk|bekijk hier|bekijk meer|link|deze link|deze pagina|dit artikel|pagina|website|site|details|download|downloaden|download hier|ontdek meer|info|volg deze link",
  altOpening:
    /^(?:(?:een|de|het|deze|dit) )?(?:afbeelding|foto|plaatje|illustratie|schermafbeelding|screenshot|grafiek)(?: (?:van|met|waarop)\b|:)/,
  months:
    "januari februari maart april mei juni juli augustus september oktober november december jan feb mrt apr jun jul aug sep sept okt nov dec",
  furniture:
    "cookie|cookies|privacybeleid|privacy|delen|abonneren|nieuwsbrief|inloggen|aanmelden|copyright|alle rechten voorbehouden|klik|lees meer|reactie|reacties|artikel|pagina|website|advertentie|echter|daarom|bovendien|voorbeeld|volgende|verschillende|daarnaast|tevens|opmerking|hoofdstuk|hierbij|bijvoorbeeld|namelijk|waaronder",
  furnitureHeadings:
    "vragen|veelgestelde vragen|faq|antwoorden|reacties|laat een reactie achter|gerelateerde artikelen|lees ook|zie ook|delen|over de auteur|nieuwsbrief|abonneren|inhoud|inhoudsopgave|in dit artikel|bronnen|menu|zoeken|voetnoten|advertentie|tags|categorieën|conclusie|opmerking|tip|tips|voorbeeld|voorbeelden|let op|waarschuwing",
  measures:
    "twee drie vier vijf zes zeven acht negen tien elf twaalf vijftien twintig dertig veertig vijftig honderd duizend miljoen half halve kwart derde dozijn eerste tweede keer procent km kilometer kilometers meter cm mm kg kilo gram liter nm wh kwh watt volt uur uren minuut minuten dag dagen week weken maand maanden jaar jaren euro",
  derivedBy: /(?<=\p{L}{4})(?:aties?|er)$/u,
  subjects: [
    "kosten kost prijs prijzen geld betalen duur goedkoop besparen",
    "weer regen nat wind",
    "onderhoud reparatie repareren beurt",
    "schoonmaken poetsen wassen",
    "stallen stalling parkeren opbergen",
    "kopen aanschaf koop",
    "veiligheid veilig gevaar risico",
    "huren huur lenen",
    "verzekering verzekeren diefstal",
    "kind kinderen",
    "winter kou vorst",
    "nadelen nadeel beperkingen",
    "voordelen voordeel",
    "vergelijking vergelijken",
    "wet regels wetgeving",
    "soorten soort types",
    "maat maten afmetingen",
  ],
  usage: {
    persons:
      "ik jij je u hij zij ze wij we jullie mij me jou hem haar ons hen hun mijn jouw uw zijn onze dit dat deze die",
    owning: "heeft hebben had hadden",
    governing:
      "vanuit uit in voor tegen zonder onder achter tussen naast langs tijdens na door aan bij op over met",
    of: "van",
    about: "op voor",
    eitherWay: "huren lenen",
    // "Haar verven"
    particles: "haar was",
    apart: "vol van voor bij in op met uit tegen zonder aan naar over om te langs onder achter",
    towns: "in bij rond te",
    parts: "rand midden centrum hart noorden zuiden oosten westen omgeving buurt nabijheid",
    linking: "van voor bij in op met uit tegen zonder aan naar over door tussen",
    asking: "die dat waar wanneer waarvan",
    enough: "genoeg",
    quantities:
      "meer veel alle sommige meerdere weinig minder genoeg andere zulke eigen twee drie vier vijf zes zeven acht negen tien",
    measures: "glas kop kopje fles beker blik blikje doos zak pak kan schaal bord emmer pot krat stuk plak",
    inOrder: "om",
    lessons: "cursus cursussen les lessen training trainingen workshop workshops opleiding",
    neuter: "het dat dit",
    copulas: "is zijn was waren",
    degrees: "zo te heel erg zeer",
    which: "welk welke",
    tellers: "hij zij ze",
    without: "zonder",
    conjunctions: "en of",
    clauses: "terwijl omdat hoewel maar want tot",
    timing: "na voor tijdens terwijl tot sinds zodra dan ook daarna daarvoor later",
    pronouns: "ik jij u hij zij wij we wie",
    auxiliaries: "te kan kun kunt kunnen moet moeten mag mogen wil wilt willen zal zult zullen",
    determiners: "de het een mijn jouw zijn haar ons onze hun deze dit die dat elke ieder iedere geen",
    beforePlurals: "de deze die alle veel",
    pluralsLikeInfinitives: `${likeInfinitives.nl} vluchten`,
    infinitive: /(?<!..(?<!spr|dw|dr|wr|zw|kl)(?<![zv])ing|heid|hed|teit|schapp)en$|gaan$|staan$|doen$/,
    doing: /^(?:hoe|zo) /,
    action: /(?:ing|ingen|en|tie|ties|.{3}ages?)$/,
    deed: /(?:.{4}ing|ingen|tie|ties|onderhoud|verhuur|verkoop|bouw|verzorging|(?<!c)huur|beheer|gebruik)$/,
    idle: DUTCH_SET_PHRASES,
    parting: /^(?:schoon|af|aan|op|uit|bij|in|vast|mee|na|voor|weg|toe|terug|samen|om|door|over)(?=.{4,}$)/,
    compounds: true,
  },
  stepOpening:
    /^(?:stap \d+|\d+[.:)]|(?:ten eerste|ten tweede|vervolgens|tot slot|ten slotte)\b[,:]?)\s*[:.,-]?\s*/,
  comparing: /\b(?:vs|versus|of|tegen|vergeleken|beter dan|alternatief|alternatieven)\b/,
  passive: {
    auxiliaries: list("word wordt worden werd werden"),
    participles: accented(
      "gedaan gezien gelezen geschreven gevonden gebracht gedacht genomen gegeven gehouden gedragen geladen gereden gekozen gesloten besloten geboden verboden verloren gewonnen begonnen gesproken besproken gestolen getrokken betrokken vergeleken bewezen aangeboden aangenomen afgesloten beschreven voorgeschreven verkocht gekocht gezocht bezocht onderzocht bedacht geholpen geworpen gewassen gevraagd gelegd gezet vergeten begrepen gegrepen gesneden vermeden",
    ),
    ending: /^(?:\p{L}{0,9}ge\p{L}{2,}[dt]|(?:ver|be|her|ont|er)\p{L}{2,}[dt])$/u,
    not: accented(
      "geld gebied gebruik goed gezond geduld bekend bereid bed best bericht verstand verdriet beleid bezit begint betekent vereist bestaat gebeurt gelooft verkeert verandert geluid gezicht gewicht gerecht",
    ),
    mostBetween: 14,
    before: true,
  },
  readability: {
    source: "Douma 1960",
    constant: 206.84,
    perWord: 0.93,
    perSyllable: 77,
    syllables: (word) => word.toLowerCase().normalize("NFC").match(NUCLEUS)?.length ?? 1,
  },
  fillers: ["eh", "ehm", "uh", "uhm", "zeg maar", "weet je", "nou ja"],
  claims: {
    superlative:
      /\b(?:de (?:aller)?(?:beste|snelste|goedkoopste|grootste|veiligste|enige|meeste|minste|populairste) \p{L}+|altijd \p{L}+|nooit \p{L}+|gegarandeerd)/u,
    study:
      /\b(?:studies|onderzoek(?:en|ers)?|enquetes?|experts|deskundigen|statistieken) (?:tonen|toont|laten|laat|zeggen|zegt|bewijzen|bewijst|raden)\b|\bvolgens \p{L}+/u,
  },
}));
