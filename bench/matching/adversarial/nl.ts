/** Pairs that are easily got wrong, in Dutch. A keyword in every second place belongs to the half that no rule was made by. */
export const DUTCH = `
nl: fiets kopen
= Een tweedehands fiets kopen
= Fietsen die u online koopt
≠ Hij fietst naar de kop van het veld.
≠ De koper fietste weg.
nl: bank lening
= Een lening bij de bank
= Bankleningen vergelijken
≠ Hij leende de bank uit de kamer van zijn tante? Nee, een stoel.
≠ De leuning van de bank
nl: huis verkopen
= Zo verkoopt u uw huis.
= Huizen snel verkopen
≠ De huisarts kocht brood.
≠ Thuis verkocht hij onzin aan de deur.
nl: zonnepanelen
= Een zonnepaneel op het dak
= Zonne-panelen plaatsen
≠ De zon scheen op het paneel van hout.
≠ Zonnebloemen naast panelen
nl: cursus koken
= Een cursus om te leren koken
= Kookcursus: in een cursus leren koken
≠ De koker met cursieve letters
≠ Het kookte in de cursuszaal van woede.
nl: ramen wassen
= Hoe was je een raam?
= Gewassen ramen zonder strepen
≠ Het was raar.
≠ Het gewas onder het raam
nl: gezond eten
= Eten dat gezond is
= Gezonde dingen eten
≠ De gezant at niets.
≠ Op eten en gezang
nl: kaarsen maken
= Zelf kaarsen maken
= Hoe je een kaars maakt
≠ De makelaar kaartte het aan.
≠ Gemak bij kaarslicht
nl: brood bakken
= Brood dat je zelf bakt
= Zelfgebakken broden
≠ De bak met broodkruimels
≠ De bakstenen naast het brood
nl: hond opvoeden
= Honden goed opvoeden
= Een opgevoede hond
≠ Honderd mensen voeden
≠ De hond kreeg voer.
nl: kamer huren
= Een kamer huren in de stad
= Kamers die je huurt
≠ De hoer en de kameraad
≠ De huurder zat in de kamer en zweeg.
nl: verhuizing plannen
= Uw verhuizing stap voor stap plannen
= Een geplande verhuizing
≠ De planken in het huis
≠ Plankgas naar huis
nl: auto verzekeren
= Auto's goedkoop verzekeren
= Een verzekerde auto
≠ De auteur was zeker.
≠ Autonoom en onzeker
nl: boot varen
= Leren varen met een boot
= Wie vaart die boot?
≠ De boter en de varens
≠ Het varken op de boot
nl: licht in huis
= Lichten in het huis
= Het licht in je huis
≠ Het pakje is licht; thuis niemand.
≠ Lichtelijk huiselijk
nl: wandelroute
= Wandelroutes langs zee
= Een wandel-route van tien kilometer
≠ De wandelaar miste de route.
≠ De router wandelde niet.
nl: tuin aanleggen
= Een tuin zelf aanleggen
= Hoe legt u een tuin aan?
≠ De boot legde aan bij de fabriek.
≠ De aanleg van de tuinder zijn zoon
nl: werk zoeken
= Zo zoek je werk.
= Werk dat je zoekt
≠ Bezoek op het werkblad
≠ Onderzoek in de werkplaats
nl: kleine tafel
= Kleine tafels voor de hal
= Een tafel, heel klein
≠ De kleinzoon tafelt.
≠ Klein van stuk, groot aan de bar
nl: melk geven
= Koeien die veel melk geven
= Een geit geeft melk.
≠ Het gevecht om de melk
≠ Geef me de melkbus.
nl: geld verdienen
= Geld verdienen met foto's
= Hoe verdien je geld?
≠ De dienst geldt niet.
≠ Vergeld en bediend
nl: slapen in tent
= In een tent slapen
= Slaap lekker in je tent.
≠ De slappe tentakel
≠ Op de slaap een tentzeil
nl: goede schoenen
= Een goede schoen
= Schoenen die goed zijn
≠ De goederen en de schoener
≠ Te goed voor de schop
nl: paard rijden
= Leren rijden op een paard
= Wie rijdt op dat paard?
≠ Paarden in een rij
≠ De rijke man en het paardenbloemblad
nl: muur verven
= Muren verven zonder strepen
= Een geverfde muur
≠ De muur van de verfwinkel
≠ Zijn verve bij de muurkrant
`;
