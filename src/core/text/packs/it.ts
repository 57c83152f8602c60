import { accented, list } from "./lists";
import { definePack } from "./make";
import { ITALIAN_SET_PHRASES } from "./setPhrases/it";

/** Syllables of Italian: strong vowels part, weak ones join their neighbours unless an accent parts them. */
const NUCLEUS = /[iu]?[aeoàèéòó](?:[iu](?![aeoàèéòóìù]))?|[ìùí]|[iu]+/gu;

/**
 * Forms of one word made the form that the stemmer reads right: verbs in the future, nouns whose ending looks like a verb's,
 * and spelling that follows sound.
 */
const prepare = (word: string): string =>
  word
    // The h that keeps a c or g hard before i and e.
    .replace(/(?<=[cg])h(?=er(?:a|o|emo|ete|anno|ai|ebbe|ebbero)$)/, "")
    .replace(/([cg])h([ei])$/, (_, hard: string, end: string) => `${hard}${end === "e" ? "a" : "o"}`)
    // "Verifica", "comunicano", whose ends the stemmer takes for a noun's
    .replace(
      /(?<=[a-z]{2}if|^comun|^diment|^moltipl|^compl|^impl|^appl|^repl)ic(?:[ao]|ano)$|(?<=^(?:spec|scient|pac|magn|prol)if)ici$/,
      "icare",
    )
    .replace(/^(ev|osp|vis|rec|susc|inv)it(?:a|o|ano)$/, "$1itare")
    .replace(/^(aiut|rifiut|salut|arriv|deriv|ricav)(?:a|o|i|ano)$/, "$1are")
    .replace(/(?<=scr|sopravv|conv)iv(?:e|o|i|ono)$/, "ivere")
    // "Blogs", "smartphones"
    .replace(
      /(?<=[a-z]{2}(?:[bcdfghjkpqtvwy]|[a-z][lrn]|[bdgkprt]e)|(?:vide|fot|aut|radi|studi|log|casin)o)(?<!new|^bi)s$/,
      "",
    )
    // Feminine plurals that look like forms of a verb: "monete", "elevate", "moderne".
    .replace(/(?<=(?:mon|com|compl|segr|atl|concr|discr|inqui|obsol|pian|prof)et|[a-z]{2}at|[a-z]ern)e$/, "a")
    .replace(
      /(?<=american|african|uman|lontan|urban|roman|repubblican|ottoman|montan|messican|cuban|padan|stran|artigian|napoletan|corean|vatican|metropolitan|musulman|lituan|sovran|friulan|castellan)[ae]$/,
      "o",
    )
    // "Telefono", which looks like one too; "archivio", "laboratorio" as their plural.
    .replace(/(?<=(?:telef|microf|citof|saxof|sassof|abband|cond|perd))ono$/, "oni")
    .replace(/(?<=arch|[a-z]ov)ivi$/, "ivio")
    .replace(/(?<=[a-z]{2}t)ori[oae]$/, "ori")
    // "bandiera", "cantieri", "pizzeria", "orari": endings of their own, not a verb's. No Italian word has a j here.
    .replace(/(?<!gl)ier[aeio]$/, "jero")
    .replace(/(?<=[a-z]{2})eri[ae]$/, "erjo")
    .replace(
      /(?<=[a-z](?:li|ol|ul|le|ne)|stell|collin|prelimin|^lun|(?:alim|elem|plem|parlam|rudim)ent)ari$/,
      "are",
    )
    .replace(/(?<=[a-z]{2})ari[oae]?$/, "arjo")
    .replace(/ier(?:emo|ete|anno|ai)$/, "iare")
    .replace(/(?<=[a-z]{2})er(?:a|o|i|emo|ete|anno|ai|ebbe|ebbero)$/, "ere")
    .replace(/(?<=[a-z]{3})ir(?:a|o|i|emo|ete|anno|ai|ebbe|ebbero)$/, "ire")
    .replace(COMPOSE, "porre")
    .replace(CONDUCT, "durre")
    .replace(/(?<=[a-z]{2})end(?:[aei]|ono)$/, "endere")
    .replace(/iv[aei]$/, "ivo")
    .replace(/ani$/, "ano")
    .replace(/ian[ae]$/, "iano")
    .replace(/(?<=[aei]rt)[aei]$/, "o")
    .replace(/(?<=[a-z][ae])ss[aoei]$/, "szo")
    // "acciaio", "acciai".
    .replace(/(?<=[a-z]{2}[ao])i$/, "io")
    // The i of -cia, -gia, which plurals drop; and the doubled one that they do without.
    .replace(/([cg])i[ae]$/, "$1e")
    .replace(/(?<=[cg])io$/, "i");

const COMPOSE =
  /(?<=[a-z]{2})(?:pon(?:go|gono|i|e|iamo|ete|endo|eva|evano)|pos(?:e|ero|t[aeio])|porr(?:a|o|emo|anno))$/;
const CONDUCT =
  /(?<=[a-z]{2})(?:duc(?:o|i|e|iamo|ete|ono|endo|eva|evano)|duss(?:e|ero)|dott[aeio]|durr(?:a|o|emo|anno))$/;

const finish = (stem: string): string =>
  stem
    .replace(/(?<=[a-z]{2})iam$/, "")
    .replace(/sz$/, "ss")
    .replace(/(?<=[a-z]{3})ar$|(?<=[a-z]{3}[^j])er$|(?<=[a-z]{3})ir$/, "")
    .replace(/(?<=[a-z]{3})([cg])h$/, "$1");

/**
 * Italian. Stemmer: Snowball's. What is elided ("l'", "dell'") is taken off first. Small words: articles, pronouns,
 * prepositions, conjunctions, auxiliaries and the commonest adverbs.
 */
export const italian = definePack("it", "Italian", () => ({
  stemmer: "italian",
  clings: /^(?:l|un|d|c|dell|all|dall|nell|sull|quest|quell|bell|sant|dev|mezz)'/,
  afterVowel: true,
  prepare,
  finish,
  infinitive: /[aei]re$/,
  alike: `
dolere duole dolgono dolore dolori|spedire spedisce spediscono spedito spedita spedizione spedizioni|iscrivere iscrive iscrivono iscritto iscritta iscrizione iscrizioni|gestire gestisce gestiscono gestisci gestito gestita gestione gestioni|redigere redige redigono redatto redazione redazioni|
parete pareti|uomo uomini|bue buoi|dio dei|dito dita|braccio braccia|uovo uova|paio paia|lenzuolo lenzuola|ginocchio ginocchia|mano mani|città|bambino bambini bambina bambine
comprare compra compri comprano compriamo comprato comprata comprati|vendere vende vendono venduto venduta vendita vendite|scegliere sceglie scegli scelgono scelto scelta scelti scelte
fare fa fanno faccio fatto fatta fatti fatte|mettere mette mettono messo messa messi messe|prendere prende prendono preso presa presi prese|vedere vede vedono visto vista visti viste
leggere legge leggono letto letta letti lette lettura letture|scrivere scrive scrivono scritto scritta scritti scritte scrittura scritture|andare va vanno vado andato|portare porta portano porto portato portata
mantenere mantiene manutenzione manutenzioni|riparare ripara riparano riparato riparazione riparazioni|noleggiare noleggia noleggiano noleggiato noleggio noleggi|pulire pulisce puliscono pulito pulita pulizia pulizie
costare costa costano costato costo costi|buono buona buoni buone buon|migliore migliori|cattivo cattiva cattivi cattive|peggiore peggiori|grande grandi|maggiore maggiori|piccolo piccola piccoli piccole|minore minori
amico amici amica amiche|medico medici|psicologo psicologi|greco greci|pratico pratica pratici pratiche|elettrico elettrica elettrici elettriche|pubblico pubblica pubblici pubbliche|economico economica economici economiche
bici bicicletta biciclette|auto automobile automobili|foto fotografia fotografie|moto motocicletta motociclette|cinema|problema problemi|sistema sistemi|tema temi|programma programmi
correre corsa corse|rispondere risposta risposte|difendere difesa difese|scoprire scoperta scoperte|aprire apertura aperture|coprire copertura coperture|cuocere cottura cotture|chiudere chiusura chiusure|proteggere protezione protezioni|tradurre traduzione traduzioni|costruire costruzione costruzioni|offrire offerta offerte|richiedere richiesta richieste
`,
  verbs: {
    agreeing: (participle) => ["a", "i", "e"].map((ending) => participle.replace(/o$/, ending)),
    prefixes:
      "ri re dis di con com pro pre contra sotto sopra sor per in im es ac ap as at av ot man sos rin os ab intra",
    forms: `
accendere acceso|appendere appeso|attendere atteso|intendere inteso|tendere teso|stendere steso|difendere difendo difeso|offendere offeso|sospendere sospeso|fondere fuso|confondere confuso|diffondere diffuso|nascondere nascosto|rispondere risponde risposto|chiedere chiesto
dividere diviso|decidere deciso|uccidere ucciso|concludere concluso|includere incluso|escludere escluso|deludere deluso|invadere invaso|mordere morso|spargere sparso|immergere immerso|emergere emerso|convincere convinto|piangere pianto|spingere spinto|stringere stretto|tingere tinto|fingere finto
giungere giunto|aggiungere aggiunto|raggiungere raggiunto|svolgere svolto|volgere volto|avvolgere avvolto|coinvolgere coinvolto|risolvere risolto|sciogliere sciolgo sciolgono sciolto|accogliere accolgo accolgono accolto|proteggere protetto|friggere fritto|correggere corretto|dirigere diretto|distruggere distrutto
rimanere rimango rimane rimangono rimasto|discutere discusso|esprimere espresso|comprimere compresso|assumere assunto|spegnere spengo spengono spento|distinguere distinto|estinguere estinto|soffrire sofferto|apparire appaio appare appaiono apparso|scoprire scoperto|morire muore muoiono morto|piacere piaccio piacciono|possedere possiedo possiede possiedono posseduto|sedere siedo siede siedono
vedere vedrà vedrai vedremo vedranno|venire vieni verrà verrai verremo verranno|tenere tieni terrai terremo terranno|mantenere manterrà manterrai manterremo manterranno|disdire disdici disdice disdicono disdetto disdetta disdette|fare facciamo fate faceva facendo farà farai faremo faranno faceva|bere berrà berranno beviamo beveva|dire dici dirà diranno diceva|sapere sai sappiamo saprà saprai saprete sapranno|vivere vivrà vivrai vivremo vivranno|andare vai andrà andrai andremo andranno|porre poni poniamo ponete
militare militari|affare affari|esemplare esemplari|cambiare cambierà cambierò|inviare invierà|iniziare inizierà|risparmiare risparmierà|coltivare coltivano coltivò|scegliere|abitare abita abitano|imparare impari|preparare prepari|riparare ripari|separare separi|dichiarare dichiari|superare supera supero supererà|operare operano|generare genera generano|visitare visita visitano|limitare limita limitano|evitare evita evitano|ospitare ospita ospitano|invitare invita invitano|meritare merita meritano
tenere tengo tiene tengono teniamo tenne tennero terrà tenendo tenuta tenuti tenute tenuto|venire vengo viene vengono veniamo venne vennero verrà venendo venuta venuti venute venuto|mettere metto mette mettono misero mettendo messa messi messe messo|prendere prendo prende prendono prese presero prendendo presa presi preso|scendere scende scendono scese sceso|spendere spende spendono speso|rendere rende rendono reso
chiudere chiudo chiude chiudono chiuse chiudendo chiusa chiusi chiuso|ridurre riduco riduce riducono ridusse riducendo ridotta ridotti ridotte ridotto|durre duce ducono dusse ducendo dotta dotti dotte dotto|porre pongo pone pongono ponendo posta posti poste posto|aprire apro apre aprono aprì aprendo aperta aperti aperte aperto|coprire copre coprono coprì coperta coperti coperte coperto|offrire offre offrono offrì offerta offerti offerte offerto|dire dico dice dicono disse dicendo detta detti dette detto
fare faccio fa fanno fece facendo fatta fatti fatte fatto|dare do danno diede dando dato|stare sto sta stanno stette stando|sapere so sa sanno seppe sapendo saputo|vedere vedo vede vedono vide vedendo vista visti viste visto|leggere leggo legge leggono lesse leggendo letta letti lette letto|scrivere scrivo scrive scrivono scrisse scrivendo scritta scritti scritte scritto|vivere vive vivono visse vissuto|scegliere scelgo sceglie scelgono scelse scegliendo scelta scelti scelte scelto|togliere tolgo toglie tolgono tolse tolta tolto|raccogliere raccolgo raccoglie raccolgono raccolse raccolta raccolte raccolti raccolto
rompere rompe rompono ruppe rotta rotti rotte rotto|correre corre corrono|muovere muove muovono mosso|cuocere cuoce cuociono cosse cotta cotti cotte cotto|bere bevo beve bevono bevve bevendo bevuto|uscire esco esce escono uscì uscendo uscito|salire salgo salgono salì salito|tagliare taglia tagliano tagliato|costruire costruisco costruisce costruiscono costruito|pulire pulisco pulisce puliscono pulito|finire finisco finisce finiscono finito|perdere perde perdono perse persa perso|vincere vince vincono vinse vinto|dipingere dipinge dipingono dipinse dipinta dipinto|nascere nasce nascono nacque nato|crescere cresce crescono crebbe cresciuto|conoscere conosce conoscono conobbe conosciuto|piantare pianta piantano piantato`,
  },
  perhaps: `
piantare pianta piante pianto|portare porta porte porto|visitare visita visite|pulire pulito|piangere pianta pianto|morire morte
`,
  apart: `
energia energie|energico energica energici energiche|zucchero zuccheri|zucca zucche|mistero misteri|gambero gamberi|gamba gambe|tempo tempi|tempera tempere|lettera lettere|letto letti|camera camere|terra terre|opera opere|operaio operai operaia operaie|eroe eroi|chiave chiavi|giovane giovani|interprete interpreti|dollaro dollari|braccio bracci|numero numeri|sera sere|pera pere|cera cere|altare altari|impero imperi|oceano oceani|genere generi|tonno tonni|colle colli|colla|danno danni
università|universo|universale universali|casa case|caso casi|porta porte|porto porti|foglia foglie|foglio fogli|testa teste|testo testi|modo modi|moda mode|modello modelli
costume costumi|costa coste|costo costi|posto posti|posta poste|punto punti|punta punte|polizia|politica politiche|generale generali|generazione generazioni|genere generi|organo organi|organizzazione organizzazioni
banca banche|banco banchi|pianta piante|piano piani|manica maniche|manico manici|colpa colpe|colpo colpi|palo pali|pala pale|capello capelli|cappello cappelli
`,
  deverbal:
    "uzione urre|uzioni urre|ezione eggere|ezioni eggere|nessione nettere|nessioni nettere|grafia grafare|grafie grafare|aggio are|aggi are|atura are|ature are|azione are|azioni are|amento are|amenti are|imento ire|sione dere|sioni dere|sione tire|sioni tire",
  noSmallWords: "tè",
  smallWords: `il lo la i gli le l un uno una del dello della dei degli delle al allo alla ai agli alle dal dallo dalla dai dagli dalle nel nello nella nei negli nelle sul sullo sulla sui sugli sulle col
di a da in con su per tra fra senza verso dopo prima durante contro sotto sopra presso
io tu lui lei noi voi loro mi ti si ci vi ne me te sé suo sua suoi sue mio mia miei mie tuo tua tuoi tue nostro nostra nostri nostre vostro vostra
questo questa questi queste quello quella quelli quelle quel quei che chi cui quale quali quanto quanta quanti quante dove quando come perché
e ed o od ma però se anche né mentre poiché affinché
sono sei è siamo siete era erano ero sarà saranno sarebbe essere stato stata stati state ho hai ha abbiamo avete hanno aveva avevano avere avuto può possono puoi posso potere deve devono dovere vuole
non più meno molto molta molti molte poco poca pochi poche troppo tanto così già ancora sempre mai qui qua lì là bene tutto tutta tutti tutte altro altra altri altre ogni stesso stessa qualche alcuni alcune niente nulla sì no dell all dall nell sull
sebbene inoltre infatti quindi pertanto tuttavia oppure ovvero nonché tramite mediante secondo ciascuno qualsiasi qualunque tale tali ecc invece cioè dunque perciò qualora purché`,
  leaning: `
    ma e ed o oppure però dunque quindi egli ella esso essa essi esse lui loro questo questa questi queste quello quella
    quelli quelle ciò suo sua suoi sue poi allora così inoltre anche tuttavia comunque infatti perciò altrimenti qui lì tale
    tali infine dopo alternativamente nota sì`,
  pointing:
    /\b(?:(?:vedi|come|descritt[oaie]|indicat[oaie]) (?:sopra|sotto)|(?:la|il|l.)? ?(?:sezione|capitolo|esempio|tabella|immagine|elenco|passo) (?:seguente|successiv[oa]|precedente)|quest[oa] (?:sezione|capitolo|esempio|tabella|immagine|elenco|passo)|(?:sezione|capitolo|figura|tabella|esempio) \d|clicca qui)\b/,
  abbreviations:
    "sig sig.ra dott dott.ssa prof ing avv es p.es pag n nr ca max min tel v st gen feb mar apr giu lug ago sett ott nov dic",
  vagueLinkTexts:
    "qui|clicca qui|cliccare qui|clicca|leggi di più|leggi tutto|leggi|di più|altro|scopri di più|scopri|maggiori informazioni|più informazioni|per saperne di più|vedi|vedi qui|vai|continua|continua a leggere|link|questo link|questa pagina|questo articolo|pagina|sito|sito web|dettagli|scarica|scarica qui|info|segui questo link",
  altOpening:
    /^(?:(?:una|un'|un|l'|la|questa) ?)?(?:immagine|foto|fotografia|illustrazione|schermata|grafico)(?: (?:di|del|della|dei|con|che)\b|:)/,
  months:
    "gennaio febbraio marzo aprile maggio giugno luglio agosto settembre ottobre novembre dicembre gen feb apr mag giu lug ago sett ott nov dic",
  furniture:
    "cookie|privacy|informativa|condividi|iscriviti|newsletter|accedi|registrati|copyright|tutti i diritti riservati|clicca|leggi tutto|commento|commenti|articolo|pagina|sito|pubblicità|tuttavia|quindi|inoltre|esempio|seguente|diversi|ovvero|tramite|attraverso|sezione|capitolo|pertanto",
  furnitureHeadings:
    "domande|domande frequenti|faq|risposte|commenti|lascia un commento|articoli correlati|leggi anche|vedi anche|condividi|informazioni sull'autore|newsletter|iscriviti|indice|sommario|in questo articolo|fonti|riferimenti|menu|cerca|note|pubblicità|tag|categorie|conclusione|conclusioni|nota|consiglio|consigli|esempio|esempi|attenzione|avvertenza",
  measures:
    "due tre quattro cinque sei sette otto nove dieci undici dodici quindici venti trenta quaranta cinquanta cento mille mila milione milioni mezzo mezza metà terzo quarto dozzina primo prima secondo seconda volta volte per cento km chilometro chilometri metro metri cm mm kg chilo chili grammo grammi litro litri nm wh kwh watt volt ora ore minuto minuti giorno giorni settimana settimane mese mesi anno anni euro",
  subjects: [
    "prezzo prezzi costo costi soldi pagare caro economico risparmiare",
    "meteo pioggia bagnato vento",
    "manutenzione riparazione riparare cura",
    "pulizia pulire lavare",
    "parcheggiare parcheggio riporre",
    "comprare acquisto acquistare",
    "sicurezza sicuro pericolo rischio",
    "noleggio noleggiare affitto",
    "assicurazione assicurare furto",
    "bambino bambini figli",
    "inverno freddo gelo",
    "svantaggi limiti difetti",
    "vantaggi benefici pregi",
    "confronto confrontare",
    "legge regole norme normativa",
    "tipi tipo modelli",
    "dimensioni misure taglia",
  ],
  usage: {
    persons: "io tu lui lei noi voi loro mi ti ci vi mio tuo suo nostro vostro questo quello cio",
    clauses: "mentre perche ma pero quando",
    timing: "dopo prima durante mentre fino poi anche",
    headFirst: true,
    toBeDone: "da",
    clungArticle: /^(?:l|un)'/,
    places: "in nel nello nella nei negli nelle",
    finiteForm: /ò$|(?<=[a-z]{3})(?:arono|irono|ava|avano)$/,
    of: "di d del dello della dei degli delle",
    eitherWay: "noleggio affitto vendita prestito",
    joining: "per che dove",
    genders: [
      ["o", "a"],
      ["o", "e"],
      ["i", "a"],
    ],
    governing:
      "dal dallo dalla dai dagli dalle nell sull dall all per con su sul sulla sulle sui sugli sullo senza in nel nella dietro davanti sotto tra fra verso presso vicino durante dopo attraverso",
    towns: "a ad in",
    parts: "centro cuore nord sud ovest dintorni periferia",
    linking:
      "di d del dello della dei degli delle in nel nello nella nei negli nelle per con da a al allo alla ai alle su sul sulla sui sugli sulle sullo senza presso",
    asking: "che dove cui quando",
    manner: "come",
    quantities:
      "piu molti molte alcuni alcune tutti tutte meno altri altre parecchi proprio propria due tre quattro cinque sei sette otto nove dieci",
    finite: "fu furono",
    copulas: "e sono era erano",
    having: "ha hanno",
    reflexives: "si",
    which: "quale quali",
    tellers: "lui lei",
    without: "senza",
    conjunctions: "e ed o od ne",
    pronouns: "io tu lui lei noi voi mi ti si chi",
    auxiliaries: "puo possono puoi posso deve devono ho hai hanno abbiamo avete aveva non",
    determiners:
      "il lo la i gli le un uno una del dello della dei degli delle al allo alla ai agli alle nel nello nella nei negli nelle sul sullo sulla sui sugli sulle questo questa questi queste suo sua suoi sue mio mia miei mie tuo tua tuoi tue nostro nostra nostri nostre vostro vostra vostri vostre loro",
    likeInfinitives:
      "mare altare alveare cellulare militare solare particolare popolare regolare familiare scolare lunare potere piacere genere cenere carcere polvere rovere cameriere bicchiere cantiere giardiniere quartiere mestiere infermiere ingegnere parrucchiere pompiere consigliere corriere sentiere cavaliere camere lettere opere pere sere ere",
    infinitive: /[aei]re$/,
    doing: /^(?:come|dove|quando) /,
    doer: /(?:tor[ei]|tric[ei])$/,
    done: /(?:[aiu]t|st|[rlt]t|es|os|us)[oaie]$/,
    action:
      /(?:izia|izie|zione|zioni|sione|sioni|mento|menti|ura|aggio|[aeiu]ta|[aeiu]to)$|^gestion[ei]$|^(?:acquist|affitt|calcol|cambi|confront|consegn|cost|ricerc|risparmi|lavor|nolegg|restaur|trasport|vendit)(?:o|i|io|a|e|he)$/,
    idle: ITALIAN_SET_PHRASES,
  },
  stepOpening: /^(?:passo \d+|fase \d+|\d+[.:)]|(?:innanzitutto|poi|infine)\b[,:]?)\s*[:.,-]?\s*/,
  comparing: /\b(?:vs|versus|o|contro|confronto|rispetto a|meglio di|alternative?)\b/,
  passive: {
    auxiliaries: list(
      "sono sei è siamo siete era erano ero fu furono sarà saranno sarebbe sarebbero sia siano essere essendo viene vengono veniva venivano verrà verranno venne vennero",
    ),
    notAfter: list("si mi ti ci vi"),
    participles: accented(
      "fatto fatta fatti fatte scritto scritta scritti scritte descritto descritta messo messa messi messe preso presa presi prese visto vista visti viste letto letta letti lette aperto aperta aperti aperte coperto coperta scoperto scoperta offerto offerta detto detta scelto scelta scelti scelte chiuso chiusa chiusi chiuse rotto rotta deciso decisa diviso divisa prodotto prodotta prodotti prodotte costruito costruita venduto venduta venduti vendute richiesto richiesta previsto prevista previsti previste permesso permessa risolto risolta corretto corretta protetto protetta protetti protette diretto diretta",
    ),
    ending: /\p{L}{2,}(?:at|it|ut)[oaie]$/u,
    not: accented(
      "stato stata stati state andato andata andati andate arrivato arrivata arrivati arrivate tornato tornata tornati partito partita partiti uscito uscita entrato entrata nato nata nati nate caduto caduta cresciuto cresciuta diventato diventata rimasto rimasta salito salita venuto venuta venuti riuscito riuscita successo adatto adatta adatti adatte gratuito gratuita gratuiti vita lato prato mercato minuto minuti aiuto invito grato grata",
    ),
    between:
      /^(?:non|piu|gia|sempre|mai|anche|ancora|bene|male|molto|poco|stato|stata|stati|state|spesso|solo|\p{L}+mente)$/u,
    mostBetween: 3,
  },
  readability: {
    source: "Franchina and Vacca 1986",
    constant: 217,
    perWord: 1.3,
    perSyllable: 60,
    syllables: (word) => word.toLowerCase().normalize("NFC").match(NUCLEUS)?.length ?? 1,
  },
  fillers: ["ehm", "eh", "cioè", "insomma", "tipo", "diciamo", "sai"].map((word) => word.normalize("NFC")),
  claims: {
    superlative:
      /\b(?:(?:il|la|i|gli|le|lo) (?:piu|meno|migliori?|peggiori?|unic[oaie]) \p{L}+|sempre \p{L}+|mai \p{L}+|garantit[oaie])/u,
    study:
      /\b(?:studi|studio|ricerch?e?a?|sondaggi|esperti|scienziati|statistiche) (?:mostrano|mostra|dicono|dice|dimostrano|dimostra|consigliano|suggeriscono|indicano)\b|\bsecondo \p{L}+/u,
  },
}));
