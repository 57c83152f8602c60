import { accented, list, makePack } from "./make";

/** Vowels and diphthongs of German spelling, the longest first. */
const NUCLEUS = /aa|ai|au|äu|ay|ee|ei|eu|ey|ie|oo|oi|[aeiouyäöü]/gu;

/**
 * German. Stemmer: Snowball's. Umlauts are folded before stemming, so that plurals with and without one meet ("Rad", "Räder").
 * Small words: articles, pronouns, prepositions, conjunctions, auxiliaries and the commonest particles.
 */
export const german = makePack({
  code: "de",
  name: "German",
  stemmer: "german",
  // Endings of verbs in -igen and -ieren, which the stemmer leaves.
  prepare: (word) => word.replace(/igt(?:e[nmrs]?)?$/, "ig").replace(/iert(?:e[nmrs]?)?$/, "ieren"),
  alike: `
mutter mütter müttern|tochter töchter töchtern|vater väter vätern|bruder brüder brüdern|mann männer männern mannes|haus häuser häusern hauses
kaufen kauft kaufte kauften gekauft|verkaufen verkauft verkaufte verkauften|fahren fährt fuhr fuhren gefahren fahre|tragen trägt trug trugen getragen
nehmen nimmt nahm nahmen genommen|sehen sieht sah sahen gesehen|lesen liest las lasen gelesen|schreiben schreibt schrieb schrieben geschrieben
finden findet fand fanden gefunden|bringen bringt brachte brachten gebracht|denken denkt dachte dachten gedacht|halten hält hielt hielten gehalten
laufen läuft lief liefen gelaufen|schlafen schläft schlief schliefen geschlafen|essen isst aß aßen gegessen|trinken trinkt trank tranken getrunken
helfen hilft half halfen geholfen|wählen wählt wählte wählten gewählt|pflegen pflegt pflegte pflegten gepflegt|reparieren repariert reparierte reparierten reparatur reparaturen
putzen putzt putzte putzten geputzt|mieten mietet mietete mieteten gemietet|testen testet testete testeten getestet|laden lädt lud luden geladen
gut gute guter gutes guten|besser beste bester bestes besten|hoch hohe hoher hohes hohen höher höchste höchsten|groß große großer großes großen größer größte größten
viel viele vieler vielen|meiste meisten|nah nahe näher nächste nächsten|museum museen|thema themen|konto konten|firma firmen|praxis praxen
risiko risiken|visum visa|datum daten|medium medien|studium studien|index indizes indexe|lexikon lexika|rhythmus rhythmen|virus viren|zentrum zentren|album alben|bus busse bussen
foto fotos photo photos|fotografie fotografien photographie photographien|delfin delfine delphin delphine|potenzial potenziale potential potentiale|potenziell potentiell
`,
  apart: `
wagen wagens|wage wagt gewagt|universität universitäten|universum universen|tonne tonnen|mode moden|modell modelle modellen|mutig mut|müde müder
`,
  smallWords: `der die das des dem den ein eine einer eines einem einen kein keine keiner keines keinem keinen
ich du er sie es wir ihr mich dich sich uns euch mir dir ihm ihn ihnen mein meine meiner meines meinem meinen dein deine deiner deinem deinen sein seine seiner seines seinem seinen ihre ihrer ihres ihrem ihren unser unsere unserer unserem unseren euer eure eurer eurem euren
dieser diese dieses diesem diesen jener jene jenes jenem jenen welcher welche welches welchem welchen wer wen wem wessen was man
und oder aber denn sondern doch dass daß ob weil wenn als wie wo wann warum wieso weshalb damit obwohl während bis bevor nachdem
in im an am auf aus bei beim mit nach seit von vom zu zum zur durch für gegen ohne um über unter vor hinter neben zwischen wegen trotz ab per pro je
bin bist ist sind seid war warst waren wart gewesen habe hast hat haben habt hatte hattest hatten gehabt werde wirst wird werden werdet wurde wurden geworden worden
kann kannst können könnt konnte konnten muss musst müssen müsst musste mussten soll sollst sollen sollte sollten will willst wollen wollte wollten darf darfst dürfen durfte mag möchte möchten
nicht nur auch noch schon sehr so da dann dort hier jetzt nun immer wieder mal eben etwa etwas nichts alle alles allem allen beide beiden jeder jede jedes jedem jeden sowie dabei dazu davon daran darauf darin darum also ja nein`,
  abbreviations:
    "z.b d.h u.a u.u o.ä bzw ca dr prof nr str usw etc vgl evtl ggf inkl exkl zzgl max min mio mrd tel st s abs art bspw sog jan feb apr aug sept okt nov dez hr fr",
  vagueLinkTexts:
    "hier|klicken sie hier|hier klicken|klick hier|klicke hier|mehr|mehr lesen|weiterlesen|lesen sie mehr|mehr erfahren|erfahren sie mehr|mehr dazu|mehr infos|mehr informationen|weitere informationen|weitere infos|details|link|dieser link|diese seite|dieser artikel|diesen artikel|seite|webseite|website|zur seite|zum artikel|weiter|download|herunterladen|hier herunterladen|ansehen|jetzt ansehen|los|start|info|infos",
  altOpening:
    /^(?:(?:ein|eine|das|dieses) )?(?:bild|foto|fotografie|grafik|abbildung|screenshot|bildschirmfoto)(?: (?:von|vom|mit|einer|eines|zeigt)\b|:)/,
  months:
    "januar jänner februar märz april mai juni juli august september oktober november dezember jan feb mrz apr jun jul aug sep sept okt nov dez",
  furniture:
    "cookie|cookies|datenschutz|impressum|teilen|abonnieren|newsletter|anmelden|registrieren|copyright|alle rechte vorbehalten|klicken|weiterlesen|kommentar|kommentare|artikel|seite|webseite|werbung|anzeige|jedoch|deshalb|außerdem|beispiel",
  furnitureHeadings:
    "fragen|häufige fragen|häufig gestellte fragen|faq|faqs|antworten|kommentare|kommentar schreiben|ähnliche artikel|ähnliche beiträge|weitere artikel|das könnte sie auch interessieren|teilen|über den autor|über die autorin|newsletter|abonnieren|inhalt|inhaltsverzeichnis|in diesem artikel|quellen|siehe auch|menü|suche|fußnoten|anmerkungen|anzeige|schlagwörter|kategorien|fazit",
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
});
