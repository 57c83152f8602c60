import { accented, list } from "./lists";
import { definePack, withEndings } from "./make";
import { FRENCH_SET_PHRASES } from "./setPhrases/fr";

const NUCLEUS = /[aeiouyàâäéèêëîïôöùûüœæ]+/gu;
/** A mute e at the end is not said: "roue", "vélos électriques". */
const MUTE = /(?<=[^aeiouyàâäéèêëîïôöùûü])es?$|(?<=[éiuû])es?$/u;

/** The s of plurals in vowels that the stemmer takes for the word's own. */
const PLURAL_OF_VOWEL =
  /(?<=(?:empl|^l|^r|expl|tourn|env|par|conv|^f)oi|(?:ess|del|bal|^qu|^vr|rempl)ai|[a-z](?<!^s|^p|dep)ui|[a-z](?<!^n|^v|^t|dess|abs|diss|^s)ou|[a-z]{2}(?<!virus|camp|bon|cact|dess|incl|conf|ref|process|consens|foc|lot|intr|obs|recl|^pl|^ab|blocb|omnib|minib|autob|airb|hum|vers|stat|detrit|cons|term|bonh|cursus|plex|lax|rhin|sin|fict|nex|pap|vir|thymus|mand)u)s$/;
/** Who comes from where. */
const PEOPLE =
  /(?<=franc|angl|japon|portug|irland|polon|neerland|holland|finland|ecoss|island|thailand|liban|marseill|lyonn|bordel|ardenn|soudan|senegal|cameroun|congol|togol|rwand|zeland|mauv)aise$/;

/** Forms of one word made the form that the stemmer reads right: it knows many endings by accents only, and few of the verbs in -re. */
const prepare = (word: string): string =>
  word
    // The stemmer leaves the plural of words in -o.
    .replace(/(?<=[a-z]{2}o|(?:[ig]er|ais|[mqc]is|[st]iv|eus)e)s$/, "")
    // "potagers", "crédits", "émissions", which the stemmer reads as other words than their singular.
    .replace(/(?<=[a-z]{2}(?:er|[aeo]?it|[oi]r|ion|eau|[iu]en))s$/, "")
    // "Emplois", "menus", "tabous", but not "bois", "campus", "dessous"
    .replace(PLURAL_OF_VOWEL, "")
    // "Première", "étrangère", "française", "admise"
    .replace(/(?<=[a-z]{2}[st])(?<!cult|capt|mot)ive$/, "if")
    .replace(
      /(?<=chant|jou|cour|port|vend|coiff|dans|escrim|nag|travaill|livr|recrut|entrain|blogu|influenc|coach)euse$/,
      "eur",
    )
    .replace(/(?<=[a-z]{2})iere$/, "ier")
    .replace(/(?<=[a-z]{2}[nl]g|[a-z]sag|^leg|eill|[a-z]ch)ere$/, "er")
    .replace(PEOPLE, "ais")
    .replace(/(?<=(?:ad|sou|trans|com|per|pro)m|requ|acqu|conqu|exqu)ise$/, "is")
    // Participles: "réparée".
    .replace(/(?<=[a-z]{2})ees?$/, "er")
    // "traduit", "construisent"; "inscrite".
    .replace(/(?<=[a-z]{2}d|[a-z]tr)ui(?:te?s?|s|sent|sait|saient|sant|sez|ra|rez|ront)$/, "uire")
    // "obtenue", "devenu".
    .replace(/(?<=[a-z]{2}[tv]en)ue?s?$/, "ir")
    // "Permettent", "incluant", "proclament"
    .replace(/(?<=(?:per|^e|ad|com|pro|sou|trans|re|o)mett)(?:e|ent|ant|ait|aient|ra|ront|ez|ons)$/, "re")
    .replace(/^(incl|excl|concl)u(?:t|ent|ant|ait|aient|s|ses?)$/, "$1ure")
    .replace(/^(procl|recl|decl|ent)ament$/, "$1amer")
    // "Représente", "consomment", "expriment"
    .replace(/(?<=(?:^|re)pres|^ori|^inv|frequ)ente?s?$/, "enter")
    .replace(
      /(?<=^(?:re)?(?:nom|som|program|conso?m|ren?om)|^est|^an|^rean|(?:ex|im|sup|com|op|re)pr|ass|cons|res)((?:im|um|m))ent$/,
      "$1er",
    )
    // "coûtent", but also "différent, différente": all forms of both.
    .replace(/(?<=[a-z]{2}(?:[a-ln-z]|rm))(?<!ai|iss)ente?s?$/, "er")
    // "vendre", "tondue", "mordra".
    .replace(/(?<=[aeo]nd|[eo]rd|[a-z]att)(?:res?|rez|ra|ront|ue?s?)$/, "er")
    .replace(/(?<=[a-z]cri)(?:te?s?|s|ra|rez|ront|v(?:ent|ait|aient|ant|ez|ons))$/, "re");

const finish = (stem: string): string =>
  stem
    .replace(/(?<=[aou])y$/, "i")
    // Verbs in -ier, which keep the i in some forms only.
    .replace(/(?<=[a-z]{2}[^aeiou])i$/, "");

/**
 * French. Stemmer: Snowball's. What is elided ("l'", "d'", "qu'") is taken off first. Small words: articles, pronouns,
 * prepositions, conjunctions, auxiliaries and the commonest adverbs.
 */
export const french = definePack("fr", "French", () => ({
  stemmer: "french",
  clings: /^(?:l|d|j|m|t|s|c|n|qu|jusqu|lorsqu|puisqu|quelqu)'/,
  afterVowel: true,
  prepare,
  finish,
  infinitive: /(?:er|ir|[nru]dre|ettre|faire|crire|lire|uire|suivre|vivre|oire)$/,
  alike: `
livrer livrez livrons livrée livrées livrent livraison livraisons|comparer compare comparent comparez comparé comparée comparaison comparaisons|inscrire inscrit inscrite inscrivent inscription inscriptions|gérer gère gèrent gérez géré gérée gestion gestions|rédiger rédige rédigent rédigez rédigé rédigée rédaction rédactions|nager nage nagent nagez nagé natation|décrire décrit décrivent description descriptions|
freiner freinage freine freinent freiné frein freins
œil yeux|cheval chevaux|travail travaux travailler travaille travaillent travaillez travaillons travaillé travaillée travaillés travaillant|journal journaux|animal animaux|hôpital hôpitaux|canal canaux|général généraux générale générales|national nationaux nationale nationales|enjeu enjeux|aveu aveux|noyau noyaux|matériau matériaux|joyau joyaux|tuyau tuyaux|caillou cailloux|hibou hiboux|pou poux|idéal idéaux idéale idéales|ski skis|suivant suivante suivants suivantes|divers diverse diverses|creux creuse creuses|diffuser diffuse diffuses diffusent diffusez diffusé diffusée diffusés diffus diffusion diffusions|précis précise précises préciser précisez précisé précisée précision précisions|bail baux|vitrail vitraux
monsieur messieurs|madame mesdames|bonhomme bonshommes|ciel cieux|genou genoux|bijou bijoux|chou choux|jeu jeux|cheveu cheveux|feu feux|neveu neveux|vœu vœux|milieu milieux|pneu pneus|bleu bleue bleus bleues|lieu lieux|eau eaux|bateau bateaux|château châteaux|vélo vélos
acheter achète achètes achètent achetons achetez acheté achetée achetés achetées achat achats|vendre vend vends vendons vendez vendent vendu vendue vendus vendues vente ventes
choisir choisit choisis choisissez choisissons choisissent choisi choisie choisis choisies choix|prendre prend prends prenons prenez prennent pris prise prises
mettre met mets mettons mettez mettent mis mise mises|faire fait fais faisons faites font faite faits|voir voit vois voyons voyez voient vu vue vus vues|lire lisez lisons lisent lu lue lus lues lecture lectures
écrire écrit écris écrivons écrivez écrivent écrite écrits écrites écriture écritures|conduire conduit conduis conduisez conduisent conduite conduites|entretenir entretient entretiens entretenez entretenu entretien
réparer répare répares réparent réparez réparé réparée réparation réparations|louer loue loues louent louez loué location locations|laver lave laves lavent lavez lavé lavage
petit petite petits petites|bon bonne bons bonnes|meilleur meilleure meilleurs meilleures|beau belle beaux belles bel|nouveau nouvelle nouveaux nouvelles nouvel|vieux vieille vieilles vieil|sec sèche secs sèches|blanc blanche blancs blanches|long longue longs longues
clé clés clef clefs|événement événements évènement évènements|coûter cout couts coût coûts coûte coûtent
courir course courses|peindre peinture peintures|cuire cuisson cuissons|construire construction constructions|traduire traduction traductions|protéger protection protections|répondre réponse réponses|défendre défense défenses|essayer essai essais|envoyer envoi envois|payer paiement paiements|trier tri|tondre tonte tontes|ouvrir ouverture ouvertures|offrir offre offres
`,
  verbs: {
    prefixes:
      "ap com sur entre re ré dé des dis par pour pro pré con contre main sou sous inter intro ob sub trans abs at ad ex en in ac",
    forms: `${withEndings(
      "ns nt nte nts ntes ndra ndrez ndront gnent gnait gnaient gnant gnez",
      "teindre tei|peindre pei|joindre joi|craindre crai|plaindre plai|atteindre attei|éteindre étei|ceindre cei",
    )}
${withEndings(
  "ait aient ez",
  "préférer préfér|générer génér|opérer opér|libérer libér|récupérer récupér|considérer considér|accélérer accélér|tolérer tolér|espérer espér|gérer gér|suggérer suggér|digérer digér|insérer insér|respirer respir|tirer tir|attirer attir|admirer admir|inspirer inspir|désirer désir|comparer compar|préparer prépar|séparer sépar",
)}
appeler appelle appelles appellent appellera appelleront|jeter jette jettes jettent jettera jetteront|renouveler renouvelle renouvellent|acheter achètera achèteront
vendre vendez vendait vendaient vendant|battre bat bats|envoyer enverra enverront|courir courra courront courue|tenir tiendrez tiendront|venir viendrez viendront|savoir saurez sauront|voir verrez verront|recevoir recevrez recevront|boire boirez boiront|croire croirez croiront cru crue|faire fera ferez feront faisait faisaient faisant|aller ira irez iront|pouvoir pourra
permettre permet permets permettez permettait permise permises permis|remettre remet remets remettez remettait remise remises remis|soumettre soumet soumis|promettre promet promis|admettre admet admis|naître né née nés nées|permettre|sécher sèche sèchent
résoudre résout résous résolvent résolvait résolu résolue|coudre coud couds cousent cousait cousu cousue|convaincre convainc convaincs convainquent convaincu convaincue|cueillir cueille cueillent cueilli|souffrir souffre souffrent souffert soufferte soufferts|découvrir découvre découvrent découvrez découvert découverte|apparaître apparaît apparaissent apparaissait apparu apparue|rire rit rient riait ri|plaire plaît plaisent plaisait|fuir fuit fuient fui|élire élit élisent élu élue|nuire nuit
apprendre appris apprentissage apprentissages|comprendre compris|permettre permis|promettre promis|prendre prend prends prenons prenez prennent prenait prenaient prendra prenant prise prises pris|mettre met mets mettons mettez mettent mettait mettaient mettra mettant mise mises mis|tenir tient tiens tenons tenez tiennent tenait tiendra tenant tenue tenus tenues tenu|venir vient viens venons venez viennent venait viendra venant venue venus venues venu
ouvrir ouvre ouvres ouvrons ouvrez ouvrent ouvrait ouvrira ouvrant ouverte ouverts ouvertes ouvert|couvrir couvre couvrent couvrait couvrant couverte couverts couvertes couvert|offrir offre offrent offrait offrant offerte offerts offertes offert|partir part pars partons partez partent partait partira partant partie partis parties parti|sortir sort sors sortons sortez sortent sortait sortira sortant sortie sortis sorties sorti
dormir dort dors dormons dormez dorment dormait dormira dormant dormi|servir sert sers servons servez servent servait servira servant servie servis servies servi|sentir sent sens sentons sentez sentent sentait sentant sentie senti|courir courent courait courra courant couru|mourir meurt meurent mourait morte morts mortes mort
boire boit buvons buvez boivent buvait boira buvant bue bu|dire dit dis disons dites disent disait dira disant dite dits|croire croit crois croyons croyez croient croyait croira croyant|vivre vit vivons vivez vivent vivait vivra vivant vécue vécu|suivre suit suivons suivez suivent suivait suivra suivant suivie suivis suivies suivi|savoir sait savons savez savent savait saura sachant su
connaître connaît connais connaissons connaissez connaissent connaissait connaîtra connue connus connues connu|paraître paraît paraissent paraissait paru|naître naît naissent naissait|recevoir reçoit reçois recevons recevez reçoivent recevait recevra reçue reçus reçues reçu|duire duit duis duisons duisez duisent duisait duira duisant duite duites duits|struire struit struis struisons struisez struisent struisait struira struisant struite struites struits
cuire cuit cuis cuisons cuisent cuisait cuite cuites cuits|peindre peint peins peignons peignez peignent peignait peindra peignant peinte peints peintes|joindre joint joignons joignez joignent joignait joignant jointe joints jointes|craindre craint craignent craignait crainte|rendre rend rends rendons rendez rendent rendait rendra rendant rendue rendus rendues rendu|perdre perte pertes perd perds perdons perdez perdent perdait perdra perdant perdue perdus perdues perdu|attendre attend attends attendons attendez attendent attendait attendra attendu
descendre descend descends descendons descendez descendent descendait descendu|répondre répond réponds répondons répondez répondent répondait répondu|vendre vend vends vendons vendez vendent vendait vendra vendue vendus vendues vendu|battre bat bats battons battez battent battait battue battus battu|écrire écrit écris écrivons écrivez écrivent écrivait écrira écrivant écrite écrits écrites|crire crit cris crivons crivez crivent crivait crira crivant crite crites crits|lire lisons lisez lisent lisait lira lisant lue lus lues lu|voir voit vois voyons voyez voient voyait verra voyant vue vus vues vu`,
  },
  // "achetons", but also "poissons".
  perhapsForm: (word) => word.replace(/(?<=[a-z]{2})(?:iss|e)?ons$/, "ez"),
  perhaps: `
lire lit lis|poser pose poses|porter porte portes|marquer marque marques|poster poste postes|peser pèse pèsent|tondre tonte|sécher sèche sèches séché
`,
  apart: `
livre livres|cuisinière cuisinières|ligne lignes|lignee lignees|musée musées|année années|journée journées|idée idées|
université universités|univers|porte portes|porter port ports|cour cours|course courses|poste postes|pose poses|marque marques|marquer|mode modes|modèle modèles
général généraux générale générales généralement|génération générations|organe organes|organisation organisations|police|politique politiques|voiture voitures|voie voies|voix|pneu pneus|fin fins|fine fines
`,
  deverbal:
    "age er|uction uire|uctions uire|ection iger|ections iger|mission mettre|missions mettre|xion cter|xions cter|meture mer|ation er|ations er|ages er|sion tir|sions tir|sion der|sions der|ie iser|ies iser|ade er|ades er|ette ir|ettes ir",
  noSmallWords: "sûr sûrs dû né",
  smallWords: `le la les l un une des du de d au aux ce cet cette ces c mon ma mes ton ta tes son sa ses notre nos votre vos leur leurs
je j tu il elle on nous vous ils elles me m te t se s lui eux y en moi toi soi qui que qu quoi dont où quel quelle quels quelles lequel laquelle lesquels lesquelles
et ou mais donc or ni car si comme quand lorsque puisque parce afin ainsi alors
à dans par pour sur sous vers chez avec sans entre contre depuis pendant avant après devant derrière dès jusque jusqu hors selon
suis es est sommes êtes sont étais était étions étaient serai sera seront serait été être ai as a avons avez ont avais avait avaient aura auront aurait eu avoir
peut peux peuvent pouvez pouvons pourrait doit dois doivent devez devrait faut va vais vont
ne n pas plus moins très trop bien aussi encore déjà toujours jamais même mêmes tout toute tous toutes autre autres chaque plusieurs peu beaucoup là ici cela ça ceci celui celle ceux celles non oui
lors tandis cependant toutefois néanmoins également notamment parmi via durant quelque quelques certains certaines aucun aucune tel telle tels telles etc`,
  leaning: `
    mais et ou donc or ni car il elle ils elles ce cela ça ceci ces cette cet celui celle ceux celles lui leur leurs son sa
    ses puis alors ensuite cependant toutefois pourtant ainsi aussi également sinon enfin néanmoins ici là dont lequel
    laquelle alternativement inversement remarque note attention oui non`,
  pointing:
    /\b(?:(?:voir|comme|decrit|indique|mentionne)e?s? (?:ci-dessus|ci-dessous|plus haut|plus bas)|ci-(?:dessus|dessous|contre|apres)|(?:la section|le chapitre|l.exemple|le tableau|l.image|la liste|l.etape) (?:suivante?|precedente?)|cette (?:section|image|liste|etape)|ce (?:chapitre|tableau)|(?:section|chapitre|figure|tableau|exemple|annexe) \d|cliquez ici)\b/,
  abbreviations:
    "m mm mme mlle dr pr st ste cf p.ex ex env av apr fig no vol tél janv févr juil sept oct nov déc min max",
  vagueLinkTexts:
    "ici|cliquez ici|cliquer ici|clique ici|lire la suite|en savoir plus|plus|plus d'informations|plus d'infos|savoir plus|voir plus|voir|voir ici|lire|lire plus|lien|ce lien|cette page|cet article|page|site|site web|suite|la suite|continuer|détails|télécharger|télécharger ici|découvrir|info|infos|suivez ce lien",
  altOpening:
    /^(?:(?:une|un|l'|cette|la) ?)?(?:image|photo|photographie|illustration|capture d'ecran|graphique)(?: (?:de|du|des|d'|montrant)|:)/,
  months:
    "janvier février mars avril mai juin juillet août septembre octobre novembre décembre janv févr avr juil sept oct nov déc",
  furniture:
    "cookie|cookies|confidentialité|mentions légales|partager|s'abonner|newsletter|infolettre|connexion|inscription|copyright|tous droits réservés|cliquez|lire la suite|commentaire|commentaires|article|page|site|publicité|cependant|donc|toutefois|exemple|ainsi|notamment|suivant|également|lorsque|afin|ci-dessous|ci-dessus|remarque|chapitre|par ailleurs|voici",
  furnitureHeadings:
    "questions|questions fréquentes|foire aux questions|faq|réponses|commentaires|laisser un commentaire|articles similaires|à lire aussi|voir aussi|partager|à propos de l'auteur|newsletter|s'abonner|sommaire|table des matières|dans cet article|sources|références|menu|recherche|notes|publicité|étiquettes|catégories|conclusion|remarque|remarques|astuce|astuces|exemple|exemples|attention",
  measures:
    "deux trois quatre cinq six sept huit neuf dix onze douze quinze vingt trente quarante cinquante cent cents mille million millions demi demie moitié tiers quart dizaine douzaine premier première deuxième second fois pour cent km kilomètre kilomètres mètre mètres cm mm kg kilo kilos gramme grammes litre litres nm wh kwh watt watts volt volts heure heures minute minutes jour jours semaine semaines mois an ans année années euro euros",
  subjects: [
    "prix coût coûts cher tarif tarifs argent payer économiser budget",
    "météo pluie vent mouillé",
    "entretien réparation réparer révision",
    "nettoyage nettoyer laver lavage",
    "rangement ranger garer stationner stationnement",
    "acheter achat",
    "sécurité danger risque risques",
    "location louer",
    "assurance assurer vol",
    "enfant enfants",
    "hiver froid gel",
    "inconvénients limites défauts",
    "avantages bénéfices atouts",
    "comparaison comparer comparatif",
    "loi règles réglementation",
    "types type sortes modèles",
    "taille dimensions longueur largeur",
  ],
  usage: {
    persons:
      "je tu il elle on nous vous ils elles me te lui leur moi toi mon ton son ma ta sa mes tes ses notre votre nos vos ce cela ca ceci",
    clauses: "pendant tandis parce quoique mais car lorsque quand",
    timing: "apres avant pendant depuis jusque jusqu puis ensuite aussi lors",
    headFirst: true,
    toBeDone: "a",
    accentTells: /és?$/,
    clungArticle: /^(?:l|un)'/,
    places: "dans en",
    of: "de du des d",
    eitherWay: "location vente",
    joining: "pour qui",
    genders: [["", "e"]],
    adjectivesToo: "pret prets",
    governing:
      "pour dans sur avec sans par contre chez en devant derriere sous entre vers pres pendant apres avant depuis travers",
    towns: "a en pres",
    parts: "centre bord coeur nord sud ouest environs",
    linking: "de du des d d'un d'une en pour dans sur avec sans par a au aux contre chez entre",
    asking: "qui que dont ou quand",
    manner: "comment",
    quantities:
      "plus plusieurs tous toutes beaucoup moins assez quelques autres certains propre propres deux trois quatre cinq six sept huit neuf dix",
    finite: "fut furent",
    copulas: "est sont etait etaient",
    reflexives: "se on l'on",
    which: "quel quelle quels quelles",
    tellers: "il elle ils elles",
    without: "sans",
    conjunctions: "et ou ni",
    pronouns: "je j tu il elle on nous vous ils elles qui se",
    auxiliaries:
      "peut peux peuvent pouvez pouvons pourrait doit dois doivent devez devrait faut va vais vont ne n",
    determiners:
      "le la les un une des du ce cet cette ces mon ma mes ton ta tes son sa ses notre nos votre vos leur leurs",
    likeInfinitives:
      "potager oranger passager etranger menager leger panier papier cahier clavier calendrier bouclier escalier foyer loyer danger mer hiver atelier chantier metier quartier courrier dossier evier collier soulier voilier fer ver verger boucher boulanger berger rocher plancher clocher cancer poker leader designer burger policier sorcier financier epicier acier premier dernier chevalier cuisinier plombier jardinier infirmier sanglier olivier pommier poirier rosier palmier laurier gibier grenier sentier tablier levier pilier mobilier immobilier singulier particulier regulier fichier cimetiere diner dejeuner gouter souvenir plaisir avenir loisir desir cuir tir soir noir elixir menhir vampire mer amer enfer hier fier cher leger transfer revolver scanner hamster master toner container",
    infinitive: /(?:er|ir|[nru]dre|ettre|faire|crire|lire|uire|suivre|vivre|oire)$/,
    doing: /^(?:comment|ou|quand) /,
    doer: /(?:eurs?|euses?|trices?)$/,
    done: /(?:(?:é|i|(?<!o)u)e?|[iu]te?|[aei]inte?|erte?|[iu]se|aite?)s?$/,
    action:
      /(?:age|[st]ion|ment|ure|ance|ence|ees?)$|^(?:achat|calcul|comparaison|envoi|livraison|recherche|transport|travail|travaux|vente)s?$/,
    otherPlurals: "moules lunettes ciseaux pieces assises",
    idle: FRENCH_SET_PHRASES,
  },
  stepOpening:
    /^(?:etape \d+|\d+[.:)]|(?:premierement|deuxiemement|d'abord|ensuite|enfin)\b[,:]?)\s*[:.,-]?\s*/,
  comparing: /\b(?:vs|versus|ou|contre|compare|comparatif|mieux que|alternatives?)\b/,
  passive: {
    auxiliaries: list(
      "suis es est sommes êtes sont étais était étions étiez étaient sera seront serai serait seraient fut furent été soit soient",
    ),
    notAfter: list("me te se s'est nous vous m'est t'est"),
    participles: accented(
      "fait faite faits faites mis mise mises pris prise prises appris apprise compris comprise comprises écrit écrite écrits écrites décrit décrite dit dite dits dites vu vue vus vues lu lue lus lues vendu vendue vendus vendues perdu perdue rendu rendue tenu tenue tenus tenues maintenu obtenu retenu reçu reçue reçus reçues construit construite construits construites produit produite produits produites détruit détruite conduit conduite ouvert ouverte ouverts ouvertes couvert couverte offert offerte découvert découverte choisi choisie choisis choisies fourni fournie fournis fournies fini finie garanti garantie défini définie rempli remplie suivi suivie suivis suivies prévu prévue prévus prévues connu connue connus connues voulu battu battue permis permise promis promise transmis transmise interdit interdite inscrit inscrite peint peinte éteint éteinte joint jointe atteint atteinte craint contraint",
    ),
    ending: /\p{L}{2,}(?:é|ée|és|ées)$/u,
    not: accented(
      "allé allée allés allées arrivé arrivée arrivés arrivées entré entrée entrés entrées rentré rentrée resté restée restés restées tombé tombée tombés tombées monté montée né née nés nées décédé passé passée retourné retournée côté qualité sécurité liberté santé été année journée idée durée entrée clé marché degré café beauté réalité vérité possibilité nécessité quantité capacité mobilité",
    ),
    between:
      /^(?:pas|plus|jamais|toujours|souvent|aussi|deja|encore|bien|mal|tres|trop|peu|tout|ete|\p{L}+ment)$/u,
    mostBetween: 3,
  },
  readability: {
    source: "Kandel and Moles 1958",
    constant: 207,
    perWord: 1.015,
    perSyllable: 73.6,
    syllables: (word) => {
      // The u of "que" and "gue" is not said.
      const plain = word
        .toLowerCase()
        .normalize("NFC")
        .replace(/qu/g, "q")
        .replace(/gu(?=[eiéèê])/g, "g");
      return plain.replace(MUTE, "").match(NUCLEUS)?.length ?? plain.match(NUCLEUS)?.length ?? 1;
    },
  },
  fillers: ["euh", "heu", "ben", "bah", "hum", "du coup", "tu vois", "vous voyez", "genre"],
  claims: {
    superlative:
      /\b(?:(?:le|la|les) (?:plus|moins|meilleure?s?|pires?|seule?s?) \p{L}+|toujours \p{L}+|jamais \p{L}+|garantie?s?)/u,
    study:
      /\b(?:etudes?|recherches?|sondages?|experts?|chercheurs?|statistiques?) (?:montrent?|disent|dit|prouvent?|recommandent|suggerent)\b|\bselon \p{L}+/u,
  },
}));
