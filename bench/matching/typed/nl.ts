/** Keywords as people type them in Dutch. */
export const DUTCH = `
nl: kleine tuinen
= Ideeën voor kleine tuinen
= Een kleine tuin
= In kleine tuinen
nl: balkon ideeën
= Ideeën voor het balkon
= Ideeën voor je balkon
nl: keuken kosten
= De kosten van een keuken
= Wat kost een keuken?
nl: goedkope schoenen
= Goedkope schoenen voor kinderen
= Op goedkope schoenen
= Een goedkope schoen
nl: makkelijke recepten
= Makkelijk recept voor doordeweeks
= Met makkelijke recepten
= Recepten die makkelijk zijn
= Een makkelijk recept
nl: laptop studenten
= Laptops voor studenten
= Een laptop voor studenten
nl: fiets verzekering
= Verzekering voor fietsen
= Fietsverzekering
nl: vegetarische gerechten
= Een vegetarisch gerecht
= Vegetarische gerechten voor kinderen
nl: tuin inrichten
= De tuin inrichten
= Richt je tuin in.
= De inrichting van je tuin
= Tuininrichting
nl: beste boeken
= De beste boeken van het jaar
= Het beste boek
= Uit de beste boeken
nl: wilde planten
= Een wilde plant
= Wilde planten herkennen
= Met wilde planten
nl: kamer schilderen
= Een kamer schilderen
= Hoe schilder je een kamer?
= Een geschilderde kamer
nl: keuken verbouwen kosten
= Wat kost het om een keuken te verbouwen?
= De kosten van het verbouwen van een keuken
= Keuken verbouwen: de kosten
nl: checklist verhuizen
= Een checklist voor het verhuizen
= De checklist voor je verhuizing
= Verhuizen? Gebruik deze checklist
nl: hardloopschoenen voor beginners
= De beste hardloopschoenen voor beginners
= Welke hardloopschoenen voor een beginner?
nl: sollicitatiebrief schrijven
= Een goede sollicitatiebrief schrijven
= Schrijf je sollicitatiebrief in een uur.
= Het schrijven van een sollicitatiebrief
nl: website laten maken
= Een website laten maken
= Laat je website maken.
= Wie maakt je website?
nl: bruiloft plannen
= Een bruiloft plannen
= De planning van je bruiloft
= Plan je bruiloft stap voor stap.
nl: gezond ontbijt
= Een gezond ontbijt
= Gezonde ontbijten
= Gezond ontbijten
= Een ontbijt dat gezond is
nl: factuur programma
= Een programma voor facturen
= Programma's om facturen te maken
= Factuurprogramma
nl: oven schoonmaken
= Hoe maak je een oven schoon?
= Je oven schoonmaken zonder middelen
= Maak je oven schoon.
= Een schone oven
nl: verzekering opzeggen
= Hoe zeg je een verzekering op?
= Zeg je verzekering online op.
= De opzegging van een verzekering
= Opgezegde verzekeringen
nl: gras maaien
= Maai je gras in de lente.
= Het gras is gemaaid.
= Gemaaid gras
nl: Engels leren
= Hoe leer je snel Engels?
= Leer thuis Engels.
= Engels leren voor beginners
nl: energie besparen thuis
= Hoe bespaar je thuis energie?
= Energie besparen in je huis
= Thuis energie besparen
nl: tweedehands auto kopen
= Een tweedehands auto kopen
= Koop een tweedehands auto.
= Waar koop je tweedehands auto's?
nl: gewicht verliezen
= Hoe verlies je gewicht?
= Verlies gewicht zonder dieet.
= Gewichtsverlies
nl: beter slapen
= Hoe slaap je beter?
= Slaap beter vannacht.
= Tips om beter te slapen
nl: geld beleggen
= Hoe beleg je je geld?
= Beleg je geld voor later.
= Belegd geld
nl: vakantiehuis met hond
= Vakantiehuizen met hond
= Een vakantiehuis waar je hond mee mag
= Met je hond naar een vakantiehuis
nl: hoe lang eieren koken
= Hoe lang moet je eieren koken?
= Eieren koken: hoe lang?
nl: glutenvrije taart
= Een taart zonder gluten
= Glutenvrije taarten bakken
= Een taart die glutenvrij is
nl: rugpijn bureaustoel
= Bureaustoelen tegen rugpijn
= Rugpijn door je bureaustoel
= Welke bureaustoel bij rugpijn?
nl: lekkende kraan repareren
= Een lekkende kraan repareren
= Zo repareer je een lekkende kraan
nl: wijnvlekken verwijderen
= Een wijnvlek verwijderen
= Zo verwijder je wijnvlekken
= Wijnvlekken uit kleding verwijderen
= Het verwijderen van wijnvlekken
nl: podcast starten
= Een podcast starten
= Zo start je een podcast
= Start je eigen podcast.
nl: tomaten op balkon
= Tomaten op je balkon
= Tomaten kweken op het balkon
= Balkontomaten
nl: bloeddruk verlagen
= Zo verlaag je je bloeddruk
= Je bloeddruk verlagen zonder pillen
= Verlaging van de bloeddruk
nl: paspoort aanvragen
= Hoe vraag je een paspoort aan?
= Een paspoort online aanvragen
= De aanvraag van een paspoort
nl: medewerkers motiveren
= Hoe motiveer je medewerkers?
= Gemotiveerde medewerkers
= De motivatie van medewerkers
nl: fietsband
= De band van je fiets is lek.
= Banden voor fietsen vind je in elke winkel.
= Een fiets met lekke banden
= Fietsbanden plakken
≠ De band speelde terwijl wij fietsten.
≠ Hij legt het geld aan banden en koopt een fiets.
nl: dakgoot
= Goten aan het dak
= De goot van het dak zit vol bladeren.
= Dakgoten reinigen
≠ Hij belandde in de goot, zonder dak boven het hoofd.
nl: tuin aanleggen
= Leg je tuin in het voorjaar aan.
= Het aanleggen van een tuin
= Een aangelegde tuin
≠ De boot legt aan bij de tuin van het kasteel.
≠ Hij legde de tuinman een boete op.
nl: bankrekening
= Een rekening bij de bank openen
= De rekening bij uw bank
= Bankrekeningen vergelijken
≠ Hij zat op de bank en betaalde de rekening.
≠ De rekening lag op de bank in de tuin.
≠ Houd er rekening mee dat de bank dicht is.
nl: werkkleding
= Kleding voor het werk
= Kleding die je op het werk draagt
≠ Het werkt beter dan andere kleding.
≠ Zij maakte er werk van en kocht kleding.
nl: belasting betalen
= Hoeveel belasting betaal je?
= Betaalde belasting terugvragen
= Het betalen van belasting
≠ De belasting van de brug is hoog en wij betalen tol.
≠ Hij betaalt de boete, niet de belasting.
nl: verhuisdozen
= Dozen om te verhuizen
= Een doos voor de verhuizing
= Stevige verhuisdoos
≠ Zij verhuisden zonder dozen.
≠ De dozen verhuizen naar de kelder.
nl: zonnebrand
= Brand door de zon voorkomen
= Zonnebrand voor kinderen
≠ De brand brak uit toen de zon onderging.
≠ De zon brandt op het dak.
nl: website bouwen
= Bouw je eigen website.
= Een website laten bouwen
= De bouw van een website
= Zelf gebouwde websites
≠ Wij bouwen huizen, zie onze website.
≠ De website gaat over het bouwen van huizen.
nl: loopband
= Een band om op te lopen
= Loopbanden vergelijken
≠ De band loopt vol publiek.
≠ De fietsband liep leeg.
nl: keuken verbouwen
= De keuken verbouwen in zes stappen
= Verbouwing van de keuken
= Een verbouwde keuken
= Hoe verbouw je een keuken?
≠ Zij verbouwen groente voor hun keuken.
≠ Boeren verbouwen tarwe en hebben een grote keuken.
nl: kinderopvang
= Opvang voor kinderen
= De opvang van kinderen kost geld.
= Kinderopvang kiezen
≠ De kinderen vangen de bal op.
≠ De opvang van regenwater, ook leuk voor kinderen.
nl: slotenmaker
= Een maker van sloten
= Slotenmakers in de buurt
≠ Tot slot maken we de hekken schoon.
≠ De sloten langs de weg worden schoongemaakt.
nl: vloer leggen
= Zelf een vloer leggen
= De vloer wordt morgen gelegd.
= Leg de vloer zonder lijm.
≠ Hij legt zijn jas op de vloer.
≠ Het ei werd op de vloer gelegd.
nl: groene stroom
= Stroom die groen is
= Groenere stroom voor bedrijven
= Is je stroom groen?
≠ De stroom mensen liep langs de groene deur.
≠ Een stroom van klachten over groen gras
nl: muizenval
= Een val voor muizen
= Muizenvallen zetten
≠ De muizen vallen van het dak.
≠ De val van de muur en de muizen
nl: boodschappenlijst
= Een lijst met boodschappen
= Lijsten voor je boodschappen
≠ De boodschap van de lijsttrekker
≠ Hij kreeg de boodschap en een lijst met namen.
nl: vrijwilligerswerk
= Werk voor vrijwilligers
= Het werk van vrijwilligers
= Vrijwilligerswerk doen
≠ De vrijwilligers werkten de hele dag de tuin om.
≠ Hij nam vrijwillig ontslag van zijn werk.
nl: trapleuning
= De leuning van de trap
= Leuningen voor elke trap
≠ De trap op, de stoel heeft een leuning.
≠ Trap niet tegen de leuning.
nl: haar verven
= Je haar zelf verven
= Geverfd haar verzorgen
= Verf je haar thuis.
≠ Hij helpt haar het huis te verven.
≠ Ik zag haar verven kopen.
nl: parkeerplaats
= Een plaats om te parkeren
= Parkeerplaatsen bij het station
= Plaatsen om de auto te parkeren
≠ In plaats van te parkeren reed hij door.
≠ Hij parkeert en neemt plaats op de bank.
nl: scherm repareren
= Een kapot scherm repareren
= Schermreparatie binnen een dag
= Het scherm is gerepareerd.
≠ Achter de schermen repareert hij fietsen.
≠ Het scherm toont hoe je een fiets repareert.
nl: wandelroute
= Routes om te wandelen
= Een route voor een wandeling
= Wandelroutes door het bos
≠ Hij wandelde weg en vergat de route naar huis.
nl: beroepsopleiding
= Een opleiding voor een beroep
= Opleidingen voor technische beroepen
≠ Hij ging in beroep tegen de opleiding.
≠ Zij doet een beroep op haar opleiding.
nl: ramen wassen
= Het wassen van ramen
= Was je ramen met azijn.
= Gewassen ramen
≠ De was hangt voor de ramen.
≠ Hij raamt de kosten van het wassen.
nl: energie besparen
= Zo bespaar je energie.
= Besparing op energie
= Energiebesparing in huis
≠ Hij heeft veel energie en bespaart op eten.
≠ Bespaar jezelf die energie niet, zeg gewoon nee.
nl: tuinslang
= Een slang voor de tuin
≠ Er kroop een slang door de tuin.
≠ De slang in de tuin beet de hond.
nl: kraanwater
= Water uit de kraan
≠ De kraan hijst een vat water op.
≠ De kraanvogel drinkt water.
nl: fiets huren
= Een fiets huren in de stad
= Gehuurde fietsen
= Fietshuur per dag
≠ Zij huren een huis en fietsen naar zee.
≠ De huur is hoog, hij verkoopt zijn fiets.
nl: kaarten maken
= Zelf kaarten maken
= Een kaart maken voor oma
≠ Zij kaarten tot het donker is en maken ruzie.
≠ Dat maakt hem van de kaart.
nl: brood bakken
= Zelf brood bakken
= Zelfgebakken brood
= Het bakken van brood
≠ De bakken voor het brood staan buiten.
≠ Hij bakt er niets van, al is het brood lekker.
nl: muur schilderen
= Een muur schilderen
= De muur is geschilderd.
≠ Er hangen schilderijen aan de muur.
≠ De schilder leunt tegen de muur.
nl: wijn proeven
= Wijn proeven in de kelder
= Een wijnproeverij
≠ De proef met wijn mislukte.
≠ Hij stelt haar op de proef met dure wijn.
nl: bloemen planten
= Bloemen planten in mei
= Geplante bloemen
≠ De planten hebben geen bloemen.
≠ Planten en bloemen verkopen
nl: boeken lezen
= Meer boeken lezen
= Lees je veel boeken?
≠ Zij boeken een lezing.
≠ Hij las de lezing uit zijn boek voor.
nl: schoonmaak kantoor
= Het kantoor schoonmaken
= Schoonmaak van kantoren
≠ De schone kantoordame maakt koffie.
≠ Zij maakte schoon schip op kantoor.
nl: glas snijden
= Glas zelf snijden
= Gesneden glas
≠ Hij sneed het brood en brak een glas.
≠ De snijder hief het glas.
nl: vissen houden
= Vissen houden in een vijver
≠ Zij vissen graag en houden van de zee.
≠ Zij houden niet van vissen.
nl: baan zoeken
= Een baan zoeken
= Op zoek naar een baan
= Hoe zoek je een baan?
≠ De satelliet raakt uit zijn baan, men zoekt hem.
≠ Hij breekt zich baan en zoekt de uitgang.
nl: kussen kopen
= Een goed kussen kopen
= Gekochte kussens
≠ Zij kussen elkaar en kopen een ring.
nl: zaken doen
= Zaken doen in China
≠ Hij doet zijn jas aan en laat de zaken liggen.
≠ Dat doet niet ter zake.
nl: pakket versturen
= Een pakket versturen
= Verstuurde pakketten
= De verzending van een pakket
≠ Hij stuurt het schip, het pakket ligt in het ruim.
nl: slaap verbeteren
= Zo verbeter je je slaap.
= Betere slaap
≠ Hij wreef over zijn slaap en verbeterde de toets.
nl: veerboot
= De boot over het veer
≠ Een veer van een zwaan dreef langs de boot.
≠ De veer in de boot brak.
nl: haarlak
= Lak voor het haar
≠ Zij gaf haar lak aan de regels.
≠ De lak op haar nagels
nl: bosbrand
= Brand in het bos
= Bosbranden blussen
≠ Zij branden hout in het bos.
≠ Hij kwam uit de brand door het bos te verkopen.
nl: gordijnen wassen
= Gordijnen wassen op dertig graden
= Gewassen gordijnen
≠ De gordijnen zijn met was bestreken.
≠ Hij is gewassen en hangt de gordijnen op.
nl: boekenkast
= Een kast voor boeken
≠ Zij boeken een reis en zetten de kast buiten.
nl: vloerkleed
= Een kleed voor op de vloer
≠ Hij kleedt zich om op de vloer.
≠ De vloer is kaal, het kleed hangt buiten.
nl: druppelslang
≠ Elke druppel telt, zei de slang.
nl: haardhout
= Hout voor de haard
≠ Bij de haard van hout gesneden
nl: kapstok
≠ De kap van de lamp hangt aan een stok.
nl: winkel openen
= Een winkel openen
= Open je eigen winkel.
= De opening van een winkel
≠ De winkel is open tot zes uur.
≠ In de winkel opent zij haar tas.
nl: vlees braden
= Vlees braden in de oven
= Gebraden vlees
≠ Het gebraad staat naast het vlees van gisteren.
nl: taal leren
= Een taal leren
= Leer een nieuwe taal.
= Hoe leer je een taal?
≠ Een leren jas spreekt zijn eigen taal.
≠ De leer van die kerk, in duidelijke taal
nl: deur verven
= De deur verven
= Een geverfde deur
≠ De verf staat bij de deur.
≠ De verver stond voor de deur.
nl: bed opmaken
= Het bed opmaken
= Maak je bed op.
≠ Zij maakt zich op naast het bed.
≠ Hij maakte al zijn geld op, ook het bed.
nl: huis verkopen
= Je huis verkopen
= Verkoop je huis snel.
= De verkoop van een huis
= Een verkocht huis
≠ De winkel verkoopt lampen voor in huis.
≠ Hij verkoopt onzin, het huis is oud.
nl: raam plaatsen
= Een raam plaatsen
= Plaats zelf een raam.
= Geplaatste ramen
≠ In plaats van een raam zit er een deur.
≠ De plaatsen bij het raam zijn bezet.
nl: auto leasen
= Een auto leasen
= Geleasede auto's
≠ Hij leest in de auto.
nl: koffer pakken
= Een koffer pakken
= Pak je koffer slim in.
≠ Hij draagt een pak en een koffer.
≠ Pakken sneeuw lagen op de koffer.
nl: kleding ruilen
= Kleding ruilen
= Ruil je kleding.
≠ In ruil voor hulp kreeg hij kleding.
nl: spaarrekening
≠ Houd rekening met de spar in de tuin.
nl: zwembad verwarmen
= Het zwembad verwarmen
= Een verwarmd zwembad
= Verwarming voor het zwembad
≠ De verwarming staat aan, het zwembad is dicht.
nl: trouwjurk
= Jurken voor je trouwdag
≠ Een trouwe hond lag op haar jurk.
≠ Trouwens, die jurk is mooi.
nl: bloed geven
= Bloed geven
= Geef bloed.
= Wie geeft er bloed?
≠ Hij gaf geen krimp, al vloeide er bloed.
≠ Het bloed geeft af op het laken.
nl: plant verzorgen
= Een plant verzorgen
= De verzorging van planten
= Verzorg je planten goed.
≠ De verzorger at planten.
≠ Verzorgd gekleed stond zij bij de plant.
nl: schuur bouwen
= Een schuur bouwen
= Bouw zelf een schuur.
= De bouw van een schuur
≠ Hij schuurt het gebouw.
≠ Het gebouw naast de schuur
nl: bal gooien
= Een bal gooien
= Gooi de bal.
≠ Hij gooit roet in het eten op het bal.
nl: school kiezen
= Een school kiezen
= Kies een school.
= De keuze van een school
≠ Hij koos het hazenpad, weg van school.
nl: fiets stallen
= Je fiets stallen
= Stal je fiets binnen.
= Gestalde fietsen
≠ De stallen van de boerderij, per fiets bereikbaar
nl: rijst koken
= Rijst koken
= Gekookte rijst
= Kook de rijst gaar.
≠ De kok at rijst.
≠ Zijn bloed kookte, de rijst werd koud.
nl: gips verwijderen
= Gips verwijderen
= Verwijder het gips.
≠ Ver weg lag hij in het gips.
nl: theekop
= Koppen voor thee
= Een kop om thee uit te drinken
≠ Op de kop af drie pond thee
≠ De koppen in de krant gaan over thee.
nl: regenjas
= Een jas voor de regen
= Jassen tegen regen
≠ Het regent, hij doet zijn jas uit.
≠ Van de regen in de drup, zonder jas
nl: kastdeur
= De deur van de kast
= Kastdeuren schilderen
≠ Hij viel met de deur in huis en zat op de kast.
≠ Voor de deur staat een kast.
nl: brief schrijven
= Een brief schrijven
= Schrijf een brief.
= Het schrijven van een brief
= Een geschreven brief
≠ De schrijver kreeg een brief.
≠ Zij schrijft een boek en verscheurt de brief.
nl: piano stemmen
= Een piano stemmen
= De piano is gestemd.
= Stem je piano zelf.
≠ Zij stemmen morgen, naast de piano.
≠ De stemmen van het koor, begeleid op piano
nl: kaas maken
= Zelf kaas maken
= Zelfgemaakte kaas
= Hoe maak je kaas?
≠ Hij heeft daar geen kaas van gegeten en maakt fouten.
≠ De kaas maakt deel uit van het menu.
nl: reis boeken
= Een reis boeken
= Boek je reis nu.
= Geboekte reizen
≠ Hij las twee boeken op reis.
≠ De boeken over zijn reis
nl: auto wassen
= De auto wassen
= Was je auto met de hand.
= Een gewassen auto
≠ Hij was in zijn auto.
≠ De was lag in de auto.
nl: muur isoleren
= Een muur isoleren
= Isoleer je muren.
= Isolatie van de muur
= Geïsoleerde muren
≠ Hij voelt zich geïsoleerd achter de muur.
nl: hond uitlaten
= De hond uitlaten
= Laat je hond drie keer per dag uit.
= Het uitlaten van de hond
≠ De uitlaat van de auto raakte de hond.
≠ Hij liet zich niet uit over de hond.
nl: huis schilderen
= Je huis schilderen
= Een geschilderd huis
= Schilder je huis zelf.
≠ Het schilderij hangt in het huis.
≠ De schilder woont in een oud huis.
nl: zaad zaaien
= Zaad zaaien
= Zaai het zaad in april.
= Gezaaid zaad
≠ Hij zaait twijfel, het zaad rot.
nl: kantoor huren
= Een kantoor huren
= Huur een kantoor.
= De huur van een kantoor
= Gehuurde kantoren
≠ De huurder werkt op kantoor.
nl: tas maken
= Zelf een tas maken
= Maak je eigen tas.
≠ Zij maakt soep, haar tas hangt aan de stoel.
≠ Dat maakt de tas zwaar.
nl: vloer dweilen
= De vloer dweilen
= Dweil de vloer.
= Een gedweilde vloer
≠ De dweil ligt op de vloer.
≠ Het is dweilen met de kraan open, zegt de man op de vloer.
nl: zonnepanelen leggen
= Zonnepanelen laten leggen
= Leg zelf zonnepanelen.
= Het leggen van zonnepanelen
≠ De kip legt een ei onder de zonnepanelen.
nl: matras kiezen
= Een matras kiezen
= Kies een matras.
= De keuze van een matras
= Gekozen matrassen
≠ Hij kiest partij en slaapt op een matras.
nl: vergadering leiden
= Een vergadering leiden
= Leid een vergadering.
= Het leiden van een vergadering
≠ Zij leiden honger, de vergadering duurt.
≠ De leiding lekte tijdens de vergadering.
nl: appels plukken
= Appels plukken
= Pluk je appels.
= Geplukte appels
≠ Zij plukken de vruchten van het werk en eten appels.
nl: rekening splitsen
= Een rekening splitsen
= Splits de rekening.
= De gesplitste rekening
≠ Houd rekening met de splitsing.
nl: sneeuwketting
= Kettingen voor in de sneeuw
≠ De ketting lag onder de sneeuw.
nl: waterfilter
= Een filter voor water
≠ Zij filteren het nieuws en drinken water.
nl: bankpas
= De pas van je bank
≠ Pas op voor de bank in het park.
≠ Hij komt net van pas, zei de bank.
nl: stroomstoring
= Een storing in de stroom
≠ Zij stoort hem en de mensen stromen weg.
nl: haar knippen
= Je haar knippen
= Geknipt haar
≠ Hij knipt haar foto uit.
≠ Zij knipt de rozen en kamt haar hond.
nl: werk zoeken
= Werk zoeken
= Zoek je werk?
= Op zoek naar werk
≠ Het werkt niet, zoek een ander.
≠ Hij zocht zijn bril op het werk.
nl: weg vinden
= De weg vinden
= Vind je weg.
≠ Hij vond het jammer en ging weg.
≠ Vind je dat niet ver weg?
nl: kleren wassen
= Kleren wassen
= Gewassen kleren
= Was je kleren op dertig graden.
≠ Zijn kleren waren nat.
≠ De was hing naast de kleren.
nl: mes slijpen
= Een mes slijpen
= Slijp je mes.
= Geslepen messen
≠ Een geslepen vent met een mes
nl: boom planten
= Een boom planten
= Plant een boom.
= Geplante bomen
≠ De boom en de plant staan samen.
≠ Planten groeien niet onder die boom.
nl: vis bakken
= Vis bakken
= Gebakken vis
= Bak de vis in boter.
≠ De bakken met vis staan klaar.
≠ Hij bakt brood en eet vis.
nl: park aanleggen
= Een park aanleggen
= Leg een park aan.
= De aanleg van een park
≠ De boot legt aan bij het park.
≠ Hij heeft geen aanleg, zei de man in het park.
nl: kast ophangen
= Een kast ophangen
= Hang de kast op.
= Een opgehangen kast
≠ Hij hing op en sloot de kast.
nl: film kijken
= Een film kijken
= Kijk je een film?
≠ De kijker vond de film saai.
≠ Kijk uit, de film begint.
nl: steen zagen
= Steen zagen
= Zaag de steen op maat.
= Gezaagde stenen
≠ Zij zagen een steen.
≠ We zagen hem bij de steen.
nl: lijm verwijderen
= Lijm verwijderen
= Zo verwijder je lijm
= Verwijderde lijm
≠ De lijm hield stand, hij verwijderde zich.
nl: bier brouwen
= Zelf bier brouwen
= Gebrouwen bier
= Brouw je eigen bier.
≠ Hij brouwt er niets van en drinkt bier.
nl: muur slopen
= Een muur slopen
= Sloop de muur.
= De sloop van een muur
= Gesloopte muren
≠ Het wachten sloopt haar, de muur is kaal.
nl: lied schrijven
= Een lied schrijven
= Schrijf een lied.
= Geschreven liederen
≠ Hij schrijft een brief en zingt een lied.
nl: kar trekken
= Een kar trekken
= Trek de kar.
≠ Hij heeft trek, de kar is leeg.
≠ Vogels trekken over de kar.
nl: band plakken
= Een band plakken
= Plak je band.
= Een geplakte band
≠ De band speelt, het behang plakt.
≠ Zij hebben een band, zij plakken samen.
nl: slot vervangen
= Een slot vervangen
= Vervang het slot.
= Het vervangen van een slot
≠ Ten slotte vervangt hij de lamp.
≠ Tot slot: vervang de lamp.
nl: taart versieren
= Een taart versieren
= Versier je taart.
= Versierde taarten
= Versiering voor een taart
≠ Hij probeert haar te versieren met taart.
`;
