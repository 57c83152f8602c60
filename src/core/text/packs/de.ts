import likeInfinitives from "./likeInfinitives.json";
import { accented, list } from "./lists";
import { definePack } from "./make";
import { GERMAN_SET_PHRASES } from "./setPhrases/de";

/** Vowels and diphthongs of German spelling, the longest first. */
const NUCLEUS = /aa|ai|au|äu|ay|ee|ei|eu|ey|ie|oo|oi|[aeiouyäöü]/gu;

/** Umlauts told by two letters, as where a keyboard lacks them. The same is done to words that were never told so: they meet themselves. */
const plainUmlauts = (word: string): string => word.replace(/([ao])e/g, "$1").replace(/(?<![aeq])ue/g, "u");

const SEPARABLE =
  "abwarts|ab|aneinander|an|aufwarts|auf|auseinander|aus|bei|bereit|dabei|dagegen|daneben|dar|davon|dazu|da|durch|einander|ein|empor|entgegen|entlang|fern|fertig|fest|fort|frei|gegenuber|gegen|gleich|heim|herab|heran|herauf|heraus|herbei|herein|herum|herunter|her|hervor|hinauf|hinaus|hinein|hinterher|hinunter|hinweg|hinzu|hin|hoch|innen|los|mit|nach|nieder|quer|raus|rein|rum|runter|statt|still|teil|uber|umher|um|unter|voll|voran|voraus|vorbei|vorher|vorwarts|vor|weg|weiter|wider|wieder|zurecht|zuruck|zusammen|zu";
const PARTICIPLE = new RegExp(`^(${SEPARABLE})?ge([a-z]{3,}?)e?t(?:e[nmrs]?)?$`);
const WITH_ZU = new RegExp(`^(?!(?:hin|da)zu(?!zu))(${SEPARABLE})zu([a-z]{2,}en)$`);

/** "Lehrerin", "Kundinnen", "Mitarbeiter:innen": who does something, whoever it is. */
const FEMININE =
  /(?<=[a-z]{2}(?:er|or|ent|ant|ist|log|eut|itekt|walt|kolleg|expert|pilot|freund|nachbar)|kund|arzt)[:_]?in(?:nen)?$/;

/** Regular participles as their infinitive: "gesperrt", "eingekauft"; "einzukaufen"; and plurals and genitives of nouns that the stemmer leaves. */
function regularForm(word: string): string {
  return (
    word
      .replace(FEMININE, "")
      // "Königinnen", but not "Dachrinnen", "gewinnen"
      .replace(/(?<=[a-z]{3}(?<!(?<!r)r|gew|beg|sp|z)in)nen$/, "")
      // "Seriös", "kontrovers": the s is the word's own.
      .replace(
        /(?:relig|ser|kur|luxur|ambit|nerv|por|pomp|skandal|monstr|fabul|myster|gener)i?os$|(?:kontrov|div|perv)ers$/,
        "$&e",
      )
      // "Betreut", "bebaute"
      .replace(/(?<=^(?:be|er|ver|zer)[a-z]*(?:au|eu))t(?:e[nmrs]?)?$/, "en")
      .replace(/(?<=[a-z]{2}[^l]o|[a-z]{3}(?<!g|gl|gr)a|[a-z]{2}y)s$/, "")
      // "Shops", "Comics", "Interviews", "Modells", "Bauvorhabens", "Neubaus"
      .replace(
        /(?<=[a-z]{2}(?:(?<!schna|ra|gi|mo|kla|lla)p|i[ck]|iew|how|ell|[ai]v|at|iet|ein|in|cht|[a-z]bau))s$/,
        "",
      )
      // "Modern", "intern", which the stemmer takes for an ending.
      .replace(/(?<=(?:mod|int|ext)ern)$/, "e")
      .replace(/(?<=[a-z]{3}er)s$/, "")
      // The s of these is their own, as is -em: "Kurs", "Problem".
      .replace(/(?:kur|wuch|fuch|lach|luch|(?<!sc)hal|pul|gan|zin)s$/, "$&e")
      .replace(/(?:probl|syst|extr)em$/, "$&e")
      .replace(/(?<=[a-z]{2}i)ums?$/, "e")
      .replace(/(?<=[a-z]{3}um)s$/, "")
      // "Bankkonten", "Baufirmen", "Rechenzentren"
      .replace(/(?<=[a-z]{3}(?:kont|risik))en$/, "o")
      .replace(/(?<=[a-z]{3}(?:firm|them|vill))en$/, "a")
      .replace(/(?<=[a-z]{3}(?:zentr|muse|alb|visi))en$/, "um")
      // "Mechanismen"
      .replace(/(?<=[a-z]{2}ism)en$/, "us")
      .replace(
        PARTICIPLE,
        (_, prefix = "", root: string) => `${prefix}${root}${/e[lr]$/.test(root) ? "n" : "en"}`,
      )
      .replace(WITH_ZU, "$1$2")
      .replace(/igt(?:e[nmrs]?)?$/, "ig")
      .replace(/iert(?:e[nmrs]?)?$/, "ieren")
  );
}

/**
 * German. Stemmer: Snowball's. Umlauts are folded before stemming, so that plurals with and without one meet ("Rad", "Räder").
 * Small words: articles, pronouns, prepositions, conjunctions, auxiliaries and the commonest particles.
 */
export const german = definePack("de", "German", () => ({
  stemmer: "german",
  prepare: (word) => regularForm(plainUmlauts(word)),
  // Endings that verbs have in the third person and in the past, and the stemmer leaves: "lagert", "mietet", "sammelt".
  finish: (stem) =>
    stem
      .replace(/(?<=[a-z]{3})ert$/, "")
      .replace(/(?<=[a-z]{4})(?<!i)et$/, "")
      .replace(/(?<=sch|[a-z]{2}lich)t$/, "")
      .replace(/(?<=[a-z]{3}[^aeiouhy])t$/, "")
      .replace(/eln$/, "el")
      .replace(/(?<=[a-z]{4})ern$|(?<=[a-z]{2}i)en$/, ""),
  infinitive: /en$/,
  alike: `
lehrer lehrers lehrern lehrerin lehrerinnen|gestalten gestaltet gestaltete gestalteten gestaltung gestaltungen|taxi taxis|profi profis|ski skis skier|pulli pullis|motiv motive motivs motiven|handy handys
mutter mütter müttern|ei eier eiern eies|reis reises|reise reisen reist reiste|tochter töchter töchtern|vater väter vätern|bruder brüder brüdern|mann männer männern mannes|haus häuser häusern hauses
kaufen kauft kaufte kauften gekauft|verkaufen verkauft verkaufte verkauften|fahren gefahren fahre|tragen trägt trug trugen getragen
nehmen nimm nimmt nahm nahmen genommen|sehen sieh sieht sah sahen gesehen|lesen lies liest las lasen gelesen|schreiben schreibt schrieb schrieben geschrieben
finden findet fand fanden gefunden|bringen bringt brachte brachten gebracht|denken denkt dachte dachten gedacht|halten hält hielt hielten gehalten
laufen läuft lief liefen gelaufen|schlafen schläft schlief schliefen geschlafen|essen iss isst aß aßen gegessen|trinken trinkt trank tranken getrunken
helfen hilf hilft half halfen geholfen|wählen wählt wählte wählten gewählt|pflegen pflegt pflegte pflegten gepflegt|reparieren repariert reparierte reparierten reparatur reparaturen
putzen putzt putzte putzten geputzt|mieten mietet mietete mieteten gemietet|testen testet testete testeten getestet|laden lädt lud luden geladen
gut gute guter gutes guten|besser beste bester bestes besten|hoch hohe hoher hohes hohen höher höhere höheren höherer höheres höherem höchste höchsten höchster höchstes|groß große großer großes großen größer größere größeren größerer größeres größte größten größter größtes|oper opern|drama dramen|individuum individuen individuums|indiz indizien|liga ligen|material materialien materials|mineral mineralien minerals|modus modi|mythos mythen|neubau neubauten neubaus|altbau altbauten altbaus|prinzip prinzipien prinzips|stadion stadien stadions|villa villen|zyklus zyklen|algorithmus algorithmen|plateau plateaus|ehe ehen|statue statuen|duo duos|show shows|kiwi kiwis|zoo zoos|oma omas|opa opas|menü menüs|ufer ufern ufers|vers verse versen
viel viele vieler vielen|meiste meisten|nah nahe näher nähere näheren näherer näheres nächste nächsten nächster nächstes|museum museen|thema themen|konto konten|firma firmen|praxis praxen
risiko risiken|visum visa|datum daten|medium medien|studium studiums|studie studien|index indizes indexe|lexikon lexika|rhythmus rhythmen|virus viren|zentrum zentren|album alben|bus busse bussen
foto fotos photo photos|fotografie fotografien photographie photographien|delfin delfine delphin delphine|potenzial potenziale potential potentiale|potenziell potentiell
`,
  verbs: {
    agreeing: (participle) => ["e", "en", "em", "er", "es"].map((ending) => participle + ending),
    stay: "be ver er ent zer emp miss über unter hinter durch ge",
    prefixes:
      "um wider ab an auf aus bei ein fort her hin los mit nach vor weg zu zurück zusammen herunter heraus herein hinaus hinein vorbei fern fest frei",
    forms: `
fliehen flieht geflohen|liegen liegt gelegen|hängen hängt hing gehangen|scheiden scheidet geschieden|meiden meidet gemieden|genießen genießt genossen|schießen schießt geschossen|schmelzen schmilzt geschmolzen|empfehlen empfiehlt empfohlen|befehlen befiehlt befohlen|schleifen schleift geschliffen|beißen beißt gebissen|reiben reibt gerieben|schweigen schweigt geschwiegen|verzeihen verzeiht verziehen|steigen
leiden leidet gelitten|streiten streitet gestritten|gleiten gleitet geglitten|schreiten schreitet geschritten|pfeifen pfeift gepfiffen|kneifen kneift gekniffen|weichen weicht gewichen|lügen lügt gelogen|betrügen betrügt betrogen|zwingen zwingt gezwungen|verschwinden verschwindet verschwunden|spinnen spinnt gesponnen|braten brät gebraten|blasen bläst geblasen|verderben verdirbt verdorben|stehlen stiehlt gestohlen
bergen birgt geborgen|schwellen schwillt geschwollen|kriechen kriecht gekrochen|treten tritt getreten|stechen sticht gestochen|schwören schwört geschworen|löschen löscht gelöscht|reichen reicht reichte reichten gereicht|lachen lacht lachte lachten gelacht|tauchen taucht tauchte tauchten getaucht|wachen wacht wachte gewacht|schmecken schmeckt geschmeckt
üben übt übte übten geübt|säen sät säte säten gesät|mahlen mahlt mahlte mahlten gemahlen|bauen baut baute bauten gebaut|schauen schaut schaute schauten geschaut|freuen freut freute gefreut|trauen traut traute getraut|kauen kaut kaute gekaut|hauen haut gehauen|streuen streut streute gestreut|hören hört hörte hörten gehört|führen führt führte führten geführt|lösen löst löste lösten gelöst|malen malt malte malten gemalt|holen holt holte holten geholt|legen legt legte legten gelegt|sagen sagt sagte sagten gesagt|jagen jagt jagte gejagt
leben lebt lebte lebten gelebt|reden redet redete geredet|baden badet badete gebadet|beten betet betete gebetet|sägen sägt sägte gesägt|loben lobt lobte gelobt|ölen ölt ölte geölt|fegen fegt fegte gefegt|biegen|gären gärt gegoren|garen gart garte gegart|weben webt gewebt|atmen atmet atmete geatmet|haben|
ziehen zieht gezogen|streichen streicht gestrichen|schneiden schneidet geschnitten|geben gib gibt gegeben|nehmen nimmt genommen
gehen geht gegangen|stehen steht gestanden|kommen kommt gekommen|bleiben bleibt geblieben|steigen steigt gestiegen|treiben treibt getrieben
schließen schließt geschlossen|gießen gießt gegossen|fließen fließt geflossen|bieten bietet geboten|fliegen fliegt geflogen|biegen biegt gebogen|wiegen wiegt gewogen
frieren friert gefroren|verlieren verliert verloren|heben hebt gehoben|werfen wirf wirft geworfen|sprechen sprich spricht gesprochen|brechen brich bricht gebrochen|treffen triff trifft getroffen
sterben stirbt gestorben|werben wirb wirbt geworben|beginnen beginnt begonnen|schwimmen schwimmt geschwommen|gewinnen gewinnt gewonnen|singen singt gesungen|springen springt gesprungen
binden bindet gebunden|sinken sinkt gesunken|sitzen sitzt gesessen|liegen liegt|bitten bittet gebeten|messen miss misst gemessen|vergessen vergiss vergisst vergaßen|geschehen geschieht geschah
waschen wäscht gewaschen|wachsen wächst gewachsen|schlagen schlägt geschlagen|backen bäckt gebacken|graben gräbt gegraben|fangen fängt gefangen|lassen lässt gelassen|raten rät geraten|fallen fällt gefallen
rufen ruft gerufen|heißen heißt geheißen|stoßen stößt gestoßen|schieben schiebt geschoben|riechen riecht gerochen|reiten reitet geritten|greifen greift gegriffen|leihen leiht geliehen|scheinen scheint geschienen|weisen weist gewiesen|gleichen gleicht geglichen|reißen reißt gerissen
kennen kennt kannte kannten gekannt|nennen nennt nannte nannten genannt|rennen rennt rannte rannten gerannt|brennen brennt brannte brannten gebrannt|senden sendet sandte gesandt|wenden wendet wandte gewandt|machen macht machte machten gemacht|kochen kocht kochte kochten gekocht|suchen sucht suchte suchten gesucht|brauchen braucht brauchte brauchten gebraucht|buchen bucht buchte buchten gebucht|besuchen besucht besuchten|rauchen raucht rauchte geraucht
drehen dreht drehte drehten gedreht|mähen mäht mähte mähten gemäht|nähen näht nähte nähten genäht|blühen blüht blühte blühten geblüht
tun tut getan|wissen weiß wusste wussten gewusst
fahren gefahren|tragen trägt getragen|sehen sieht gesehen|lesen liest gelesen|schreiben schreibt geschrieben|finden findet gefunden|bringen bringt brachte brachten gebracht|denken denkt dachte dachten gedacht|halten hält gehalten|laufen läuft gelaufen|schlafen schläft geschlafen|essen isst gegessen|trinken trinkt getrunken|helfen hilft geholfen|laden lädt geladen`,
  },
  // "du baust", but also "Kunst".
  perhapsForm: (word) =>
    word
      .replace(/(?<=[a-z]{2})st$/, "t")
      // What is done: "die Planung der Hochzeit".
      .replace(
        /(?<!^(?:zeit|wohn|kleid|richt|nahr|wahr|waehr|fest|satz|pack|rechn|ord|mein|gatt|quitt))(?<=[a-z]{3})ung(?:en)?$/,
        "en",
      ),
  deverbal:
    "age ieren|agen ieren|ur ieren|ition ieren|itionen ieren|lung eln|lungen eln|uktion uieren|ation ieren|ationen ieren|ktion zieren|ktionen zieren",
  perhaps: `
üben übung übungen|umziehen umzug umzüge|fliegen flug flüge|versenden versand|springen sprung sprünge|singen gesang gesänge|korrigieren korrektur korrekturen|
fahren fährt|angebot angeboten|aufgebot aufgeboten|befund befunden|betrieb betrieben|bestand bestanden|unterschied unterschieden|gerät geräten geraten|verbot verboten|auftritt auftritten|studium studien
schneiden schnitt schnitten|streichen strich strichen|treiben trieb trieben|binden band banden|werfen warf warfen|bieten bot boten|brechen brach brachen|fangen fing fingen|fliegen flog flogen|frieren fror froren|geben gab gaben|gehen ging gingen|gewinnen gewann gewannen|gießen goss gossen|graben grub|greifen griff griffen|halten hielt hielten|hängen hing hingen|heben hob hoben|kommen kam kamen|laden lud luden|lassen ließ ließen|leihen lieh|liegen lag lagen|messen maß maßen|raten riet|reißen riss rissen|reiten ritt ritten|rufen rief riefen|schieben schob schoben|schießen schoss|schlagen schlug schlugen
schleifen schliff schliffen|schließen schloss schlossen|schmelzen schmolz|schreiben schrieb schrieben|schwimmen schwamm schwammen|singen sang sangen|sinken sank sanken|sitzen saß saßen|sprechen sprach sprachen|springen sprang sprangen|stechen stach|stehen stand standen|stehlen stahl|steigen stieg stiegen|sterben starb starben|stoßen stieß stießen|treffen traf trafen|treten trat traten|verlieren verlor verloren|wachsen wuchs wuchsen|waschen wusch wuschen|werben warb|wiegen wog wogen|ziehen zog zogen|fahren fuhr fuhren|bleiben blieb blieben|braten briet|beginnen begann begannen|scheinen schien|schweigen schwieg|vergleichen verglich|weisen wies wiesen
`,
  apart: `
auftritt auftritte auftritts auftritten|gewinn gewinne gewinns gewinnes|gebiet gebiete gebieten gebiets gebietes|gebet gebete gebeten gebets|gefecht gefechte gefechten|gehöft gehöfte gehöften|gemüt gemüter gemütern|gerät geräte geräts gerätes|gerücht gerüchte gerüchten|gerüst gerüste gerüsten|geschlecht geschlechts geschlechter geschlechtern|gespenst gespenster gespenstern|europäer europäern europäers|geschwister geschwistern
markt märkte markts marktes märkten|punkt punkte punkten punkts|start starts starten startet startete gestartet|sport sports|planet planeten|internet internets|dienst dienste diensten dienstes|wert werte werten wertes|kunst künste künsten|
geschäft geschäfte geschäften geschäfts|gericht gerichte gerichten gerichts|gewicht gewichte gewichten gewichts|gesicht gesichter gesichtern|gesamt gesamte gesamten|gestalt gestalten|gehalt gehälter gehalts|gewalt|gedicht gedichte gedichten|geburt geburten|hundert hunderte hunderten|geduld|
lager lagern lagert lagerte gelagert gelagerte gelagerten lagerung lagerungen|haut häute|feder federn|führer führern führers|fahrt fahrten|fracht frachten|karte karten|garten gärten gartens|monat monate|buch bücher büchern buches|
wagen wagens|wage wagt gewagt|universität universitäten|universum universen|tonne tonnen|mode moden|modell modelle modellen modells|mutig mut|müde müder
`,
  noSmallWords: "schön",
  smallWords: `der die das des dem den ein eine einer eines einem einen kein keine keiner keines keinem keinen
ich du er sie es wir ihr mich dich sich uns euch mir dir ihm ihn ihnen mein meine meiner meines meinem meinen dein deine deiner deinem deinen sein seine seiner seines seinem seinen ihre ihrer ihres ihrem ihren unser unsere unserer unserem unseren euer eure eurer eurem euren
dieser diese dieses diesem diesen jener jene jenes jenem jenen welcher welche welches welchem welchen wer wen wem wessen was man
und oder aber denn sondern doch dass daß ob weil wenn als wie wo wann warum wieso weshalb damit obwohl während bis bevor nachdem
in im an am auf aus bei beim mit nach seit von vom zu zum zur durch für gegen ohne um ans aufs fürs ins ums vors über unter vor hinter neben zwischen wegen trotz ab per pro je
bin bist ist sind seid war warst waren wart gewesen habe hast hat haben habt hatte hattest hatten gehabt werde wirst wird werden werdet wurde wurden geworden worden
kann kannst können könnt konnte konnten muss musst müssen müsst musste mussten soll sollst sollen sollte sollten will willst wollen wollte wollten darf darfst dürfen durfte mag möchte möchten
nicht nur auch noch schon sehr so da dann dort hier jetzt nun immer wieder mal eben etwa etwas nichts alle alles allem allen beide beiden jeder jede jedes jedem jeden sowie dabei dazu davon daran darauf darin darum also ja nein
falls sofern sobald indem daher trotzdem außerdem jedoch ebenfalls mittels anhand bezüglich gemäß jeweils entweder weder sowohl dennoch zudem somit deshalb deswegen hierzu danach davor hingegen allerdings bereits lediglich beispielsweise insbesondere ansonsten andernfalls solche wobei woraus worauf bzw`,
  leaning: `
    aber und oder denn doch sondern es er ihn ihm sein seine seinen seinem dies diese dieser dieses diesem diesen jene jener
    jenes dass dann deshalb deswegen daher darum dadurch dazu damit dafür davon dabei daran darauf darin darüber jedoch
    allerdings außerdem zudem auch ebenso ansonsten sonst stattdessen trotzdem dennoch folglich somit also hier dort beide
    solche danach hierzu hierbei schließlich zweitens drittens alternativ umgekehrt hinweis bitte ja nein`,
  pointing:
    /\b(?:siehe (?:oben|unten)|wie (?:oben|unten)|(?:oben|unten) (?:beschrieben|genannt|gezeigt)\w*|(?:folgende|vorige|nachste|obige|untenstehende)[nrms]? (?:abschnitt|kapitel|beispiel|tabelle|bild|liste|schritte?)|diese[rsmn]? (?:abschnitt|kapitel|beispiel|tabelle|bild|liste|schritt)|(?:abschnitt|kapitel|abbildung|tabelle|beispiel|anhang) \d|auf dem (?:bild|foto)|hier klicken)\b/,
  abbreviations:
    "z.b d.h u.a u.u o.ä bzw ca dr prof nr str vgl evtl ggf inkl exkl zzgl max min mio mrd tel st s abs art bspw sog jan feb apr aug sept okt nov dez hr fr",
  vagueLinkTexts:
    "hier|klicken sie hier|hier klicken|klick hier|klicke hier|mehr|mehr lesen|weiterlesen|lesen sie mehr|mehr erfahren|erfahren sie mehr|mehr dazu|mehr infos|mehr informationen|weitere informationen|weitere infos|details|link|dieser link|diese seite|dieser artikel|diesen artikel|seite|webseite|website|zur seite|zum artikel|weiter|download|herunterladen|hier herunterladen|ansehen|jetzt ansehen|los|start|info|infos",
  altOpening:
    /^(?:(?:ein|eine|das|dieses) )?(?:bild|foto|fotografie|grafik|abbildung|screenshot|bildschirmfoto)(?: (?:von|vom|mit|einer|eines|zeigt)\b|:)/,
  months:
    "januar jänner februar märz april mai juni juli august september oktober november dezember jan feb mrz apr jun jul aug sep sept okt nov dez",
  furniture:
    "cookie|cookies|datenschutz|impressum|teilen|abonnieren|newsletter|anmelden|registrieren|copyright|alle rechte vorbehalten|klicken|weiterlesen|kommentar|kommentare|artikel|seite|webseite|werbung|anzeige|jedoch|deshalb|außerdem|beispiel|folgend|entsprechend|jeweils|verschieden|beispielsweise|siehe|sowie|ebenfalls|zudem|daher|dadurch|hierbei|hinweis|abschnitt|kapitel|insbesondere|grundsätzlich|beziehungsweise",
  furnitureHeadings:
    "fragen|häufige fragen|häufig gestellte fragen|faq|faqs|antworten|kommentare|kommentar schreiben|ähnliche artikel|ähnliche beiträge|weitere artikel|das könnte sie auch interessieren|teilen|über den autor|über die autorin|newsletter|abonnieren|inhalt|inhaltsverzeichnis|in diesem artikel|quellen|siehe auch|menü|suche|fußnoten|anmerkungen|anzeige|schlagwörter|kategorien|fazit|hinweis|hinweise|tipp|tipps|beispiel|beispiele|anmerkung|warnung|achtung",
  measures:
    "eins zwei drei vier fünf sechs sieben acht neun zehn elf zwölf zwanzig dreißig fünfzig hundert hunderte tausend tausende million millionen halb halbe viertel drittel dutzend erste ersten zweite zweiten dritte einmal zweimal prozent km kilometer meter cm zentimeter mm millimeter kg kilo kilogramm gramm liter nm wh kwh watt volt stunde stunden minute minuten tag tage tagen woche wochen monat monate monaten jahr jahre jahren euro",
  subjects: [
    "kosten kostet preis preise geld bezahlen teuer günstig sparen gebühr gebühren wert",
    "wetter regen nass wind",
    "pflege wartung reparatur reparieren inspektion",
    "reinigung reinigen putzen waschen",
    "abstellen parken stellplatz lagern aufbewahren",
    "kaufen kauf anschaffung",
    "sicherheit sicher gefahr gefahren risiko",
    "mieten miete leihen verleih",
    "versicherung versichern diebstahl",
    "kind kinder kindern",
    "winter kälte frost",
    "nachteil nachteile grenzen schwächen",
    "vorteil vorteile",
    "vergleich vergleichen",
    "recht gesetz vorschriften regeln",
    "art arten typ typen",
    "größe länge breite maße",
  ],
  derivedBy: /(?<=\p{L}{4})(?:ation|ator|ier|(?<=[^aeiou])i)$/u,
  usage: {
    persons:
      "ich du er sie es wir ihr mich dich ihn uns euch mir dir ihm ihnen mein dein sein unser dies dieses diese dieser",
    owning: "hat haben hatte hatten",
    governing:
      "aus fur fuer furs fuers von vom bei beim in im ins mit ohne gegen zum zur an ans am auf aufs uber ueber um ums nach hinter unter neben zwischen vor nach wahrend waehrend seit bis durch",
    apart:
      "meiner deiner seiner ihrer unserer eurer einer dieser jeder meines deines seines ihres unseres eures eines dieses jedes der des fur fuer furs fuers aus von vom am an im in auf bei beim gegen vor zum zur zu mit ohne uber unter hinter neben voller",
    towns: "in bei um",
    parts: "rand mitte zentrum herzen nahe naehe umgebung norden suden osten westen",
    linking:
      "aus fur fuer furs fuers von vom bei beim im in mit ohne gegen durch zum zur am an auf uber ueber um ins ans aufs zwischen",
    asking: "der die das den dem wo wann deren dessen",
    enough: "genug",
    quantities:
      "mehr viele viel alle einige mehrere wenige weniger genug andere solche eigene eigenen eigenes zwei drei vier funf sechs sieben acht neun zehn",
    measures:
      "glas tasse flasche becher dose kiste sack kanne schussel teller eimer topf kasten stuck scheibe",
    inOrder: "um",
    lessons: "kurs kurse unterricht training workshop workshops lehrgang seminar",
    copulas: "ist sind war waren",
    degrees: "so zu sehr ganz besonders ziemlich",
    which: "welche welcher welches welchen welchem",
    tellers: "er",
    without: "ohne",
    conjunctions: "und oder",
    clauses: "dass ob wenn wahrend waehrend weil obwohl aber doch sondern denn bis",
    timing: "nach vor waehrend wahrend bis seit sobald dann auch danach davor vorher nachher spaeter spater",
    pronouns: "ich du er wir man wer",
    auxiliaries: "zu",
    determiners:
      "der die das des dem den ein eine einen einem einer kein keine mein meine dein deine sein seine ihr ihre unser unsere jeder jede jedes meinen meinem meiner meines deinen deinem deiner deines seinen seinem seiner seines ihren ihrem ihrer ihres unseren unserem unserer unseres eure euer euren eurem eurer eures keinen keinem keiner keines eines jeden jedem diese dieser dieses diesen diesem beim im am zum zur vom",
    beforePlurals: "die der den diese alle keine meine deine seine ihre unsere eure viele manche",
    pluralsLikeInfinitives: likeInfinitives.de,
    infinitive: /(?<!.ung|heit|keit|schaft|tion)e[lr]?n$|tun$/,
    doing: /^(?:wie|so) (?:man|kann|du|sie|ich) /,
    of: "von",
    about: "fur",
    eitherWay: "mieten leihen",
    action: /(?:ung|ungen|en|eln|ern|erei|ur|tion|ionen)$/,
    deed: /(?:atur|aturen|ung|ungen|tion|tionen|erei|pflege|suche|wasche|miete|hilfe|analyse|kauf|spende|verleih|bau|schutz|vergleich|druck|tausch|umbau|schnitt|zucht)$/,
    idle: GERMAN_SET_PHRASES,
    parting:
      /^(?:sauber|ab|an|auf|aus|bei|ein|fest|her|hin|los|mit|nach|vor|weg|zu|zurueck|zuruck|zusammen|um)(?=.{4,}$)/,
    compounds: true,
    capitals: true,
  },
  stepOpening:
    /^(?:schritt \d+|\d+[.:)]|(?:erstens|zweitens|drittens|zuletzt|schließlich|schliesslich)\b[,:]?)\s*[:.,-]?\s*/,
  comparing: /\b(?:vs|versus|oder|gegen|im vergleich|besser als|alternativen?)\b/,
  passive: {
    auxiliaries: list("werde wirst wird werden werdet wurde wurdest wurden wurdet worden"),
    participles: accented(
      "getan gesehen gelesen geschrieben gefunden gebracht gedacht genommen gegeben gehalten getragen geladen gefahren verstanden begonnen gewonnen verloren verboten geboten gebunden geschnitten geschlossen beschlossen empfohlen gestohlen gezogen bezogen besprochen versprochen vergessen verglichen bewiesen gewiesen hingewiesen angeboten angenommen abgeschlossen übernommen unternommen betrieben beschrieben unterschrieben vorgeschrieben erhalten enthalten behalten verbunden entschieden vermieden",
    ),
    // Participles in -t only: those in -en look like infinitives, with which "werden" makes the future.
    ending:
      /^(?:\p{L}{0,9}ge\p{L}{2,}t|(?:ver|be|er|ent|zer|emp|miss|über|unter|wider|hinter)\p{L}{2,}t|\p{L}{2,}iert)$/u,
    not: accented(
      "gut geht gilt gibt gewicht gericht geschäft gesamt bekannt bereit berühmt bewusst beliebt bestimmt verrückt vielleicht gerät gebiet gehört bericht besucht",
    ),
    mostBetween: 14,
    before: true,
  },
  readability: {
    source: "Amstad 1978",
    constant: 180,
    perWord: 1,
    perSyllable: 58.5,
    syllables: (word) => word.toLowerCase().normalize("NFC").match(NUCLEUS)?.length ?? 1,
  },
  fillers: ["äh", "ähm", "öh", "hm", "hmm", "sozusagen", "quasi", "halt", "na ja", "weißt du"].map((word) =>
    word.normalize("NFC"),
  ),
  claims: {
    superlative:
      /\b(?:(?:der|die|das|den|dem) (?:aller)?(?:best|schnellst|billigst|groszt|grosst|hochst|meist|einzig|sicherst|wichtigst|gunstigst|leichtest|beliebtest)\p{L}*|am \p{L}{3,}sten|immer \p{L}+|niemals \p{L}+|garantiert)/u,
    study:
      /\b(?:studien?|untersuchungen|umfragen?|forscher|forschung|experten|statistiken?) (?:zeigen|zeigt|sagen|sagt|belegen|belegt|empfehlen|warnen)\b|\blaut \p{L}+/u,
  },
}));
