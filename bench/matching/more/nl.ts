/** More in Dutch. */
export const DUTCH = `
nl: koffiemolen
= Een molen voor koffie
= Koffiemolens vergeleken
≠ Koffie drinken naast de oude molen
≠ De molen sloot, de koffie werd koud.
nl: tuintafel
= Een tafel voor in de tuin
= Tuintafels van hout
≠ De tuin ligt achter de tafel.
≠ Zij dekt de tafel en hij harkt de tuin.
nl: fietsverzekering
= Een verzekering voor je fiets
= Fietsverzekeringen vergelijken
≠ Hij verzekerde dat de fiets van hem was.
≠ De fiets stond bij de verzekering voor de deur.
nl: auto huren
= Een auto huren voor een dag
= Waar huur je een auto?
≠ De auto staat voor het huurhuis.
≠ De huur is hoog, dus verkocht hij de auto.
nl: wandelschoenen
= Schoenen om mee te wandelen
= Welke wandelschoenen zijn waterdicht?
≠ Hij wandelt langs de schoenwinkel.
≠ Zijn schoen viel tijdens de wandeling.
nl: rijst koken
= Hoe kook je rijst?
= Gekookte rijst bewaren
≠ De kok koopt rijst.
≠ De keuken ruikt naar rijst en kookt over.
nl: tweedehands fiets
= Een fiets, tweedehands gekocht
= Tweedehands fietsen in de stad
≠ Hij fietst uit de tweede hand.
≠ De fiets kreeg er een tweede slot bij.
nl: hondenschool
= Een school voor honden
= Hondenscholen in de buurt
≠ De hond liep langs de school.
≠ Op school las zij over een hond.
nl: ramen lappen
= De ramen lappen met azijn
= Hoe lap je een raam?
≠ Hij lapt de regels aan zijn laars bij het raam.
≠ Een lap stof voor het raam
nl: band plakken
= Hoe plak je een lekke band?
= Een band plakken in vijf stappen
≠ De band plakte affiches.
≠ Plak de sticker op de band.
nl: keukentafel
= Een tafel voor de keuken
= Keukentafels van eiken
≠ De tafel staat niet in de keuken maar buiten.
≠ De keuken gaat om tien uur van tafel.
nl: huis verkopen
= Wanneer verkoop je je huis?
= Het huis snel verkopen
≠ Zij verkoopt in huis gebakken taart.
≠ De verkoper ging naar huis.
nl: kinderstoel
= Een stoel voor kinderen
= Kinderstoelen van hout
≠ De kinderen klommen op de stoel van opa.
≠ Naast de stoel speelt een kind.
nl: sollicitatiebrief schrijven
= Hoe schrijf je een sollicitatiebrief?
= Sollicitatiebrieven schrijven zonder fouten
≠ Zij schreef een roman over haar sollicitatiebrief.
≠ De brief kwam, en hij schreef een gedicht over de sollicitatie.
nl: broodmes
= Een mes voor brood
= Broodmessen met kartels
≠ Het mes ligt naast het brood.
≠ Het brood bedekt het mes.
nl: koffiemachine
= Een machine voor koffie
= Koffiemachines voor kantoor
≠ De koffie staat naast de machine.
≠ De machine viel uit tijdens de koffie.
nl: kamer verhuren
= Hoe verhuur je een kamer?
= De verhuur van een kamer
≠ Zij verhuurt fietsen vanuit haar kamer.
≠ De Kamer debatteert over verhuurders.
nl: leeslamp
= Een lamp om bij te lezen
= Leeslampen met klem
≠ Hij leest dat de lamp kapot is.
≠ De lamp viel op wat hij las.
nl: fietsslot
= Een slot voor je fiets
= Fietssloten in de test
≠ Het slot ligt naast de fiets.
≠ Ten slotte stapte hij op de fiets.
nl: blog schrijven
= Hoe schrijf je een blog?
= Een blog schrijven over reizen
≠ Zij schreef een brief aan de blog.
≠ De blog zegt wie er schrijft.
nl: badmat
= Een mat voor het bad
= Badmatten van katoen
≠ De mat ligt ver van het bad.
≠ Hij neemt een bad en de mat droogt.
nl: tuinbank
= Een bank voor de tuin
= Tuinbanken van teak
≠ De bank sloot, de tuin bleef open.
≠ De tuin ligt ver van de bank.
nl: tapijt reinigen
= Hoe reinig je een tapijt?
= Tapijten zelf reinigen
≠ Hij reinigt de ramen achter het tapijt.
≠ Het tapijt droogt en zij reinigt de keuken.
nl: regenjas
= Een jas tegen de regen
= Regenjassen voor kinderen
≠ In de regen verloor hij zijn jas.
≠ De jas droogt, de regen stopt.
nl: keukenmes
= Een mes voor de keuken
= Scherpe keukenmessen
≠ In de keuken ligt geen mes.
≠ Het mes blijft buiten de keuken.
nl: taalcursus
= Een cursus in een vreemde taal
= Taalcursussen in de avond
≠ De taal van de cursusleider is grof.
≠ Na de cursus sprak zij klare taal.
nl: poster ontwerpen
= Hoe ontwerp je een poster?
= Posters online ontwerpen
≠ Zij ontwerpt sieraden naast een poster.
≠ De poster zegt dat zij ontwerpt.
nl: slaapmasker
= Een masker om te slapen
= Slaapmaskers van zijde
≠ Hij slaapt, het masker valt.
≠ In zijn slaap droeg hij geen masker.
nl: rijbewijs halen
= Hoe haal je een rijbewijs?
= Het rijbewijs halen in een week
≠ Zij haalt brood met haar rijbewijs op zak.
≠ Hij haalde foto's van zijn rijbewijs.
nl: taart bakken
= Hoe bak je een taart?
= Taarten bakken met kinderen
≠ Zij bakt brood naast de taart.
≠ De taart staat naast de bakker.
nl: broodrooster
= Een rooster om brood in te bakken
= Broodroosters met twee sleuven
≠ Volgens het rooster bakken we maandag brood.
≠ Het brood lag op het rooster van de oven.
nl: spaarrekening
= Een rekening om op te sparen
= Spaarrekeningen vergelijken loont
≠ Spaar je de rekening van de bakker?
≠ Hij hield rekening met wat zij spaarde.
nl: c++ leren
= Leer C++ in een maand
= Waar je C++ kunt leren
≠ Leer de noten C en D op de fluit.
≠ Vitamine C leert je lichaam niets.
nl: thuis werken
= Hoe werk je thuis zonder afleiding?
= Thuiswerken met kinderen
≠ Thuis vond hij het werk van zijn opa.
≠ De verwarming werkt niet, dus is niemand thuis.
nl: waterfilter
= Een filter voor kraanwater
= Welke waterfilters halen kalk weg?
≠ Het water stroomde langs de koffiefilter.
≠ Filter de lijst op wie water dronk.
nl: kamerplanten
= Planten voor in de kamer
= Een kamerplant die weinig licht wil
≠ De Kamer plande een debat.
≠ Hij plantte een boom en veegde de kamer.
nl: band plakken
= Zo plak je een lekke band
= Banden geplakt terwijl u wacht
≠ De band speelde tot de stoelen plakten.
≠ Aan de lopende band plakt zij etiketten.
nl: lenen geld
= Geld lenen zonder rente
= Wie leent me geld?
≠ Het huis leent zich voor wie geld heeft.
≠ Hij leende een boek en telde zijn geld.
nl: zonnepanelen
= Panelen op zonne-energie
= Een zonnepaneel op het dak
≠ Het panel zat in de zon.
≠ Zonnig weer bij het houten paneel
nl: hondenvoer
= Voer voor oude honden
= Wat is goed hondenvoer?
≠ De hond voer mee op de boot.
≠ De honden voerden een gevecht.
nl: trouwjurk
= Een jurk om in te trouwen
= Trouwjurken met kant
≠ In die jurk bleef zij hem trouw.
≠ Trouwens, de jurk was blauw.
nl: vloer isoleren
= Isolatie van de vloer
= De vloer isoleren met kurk
≠ Hij voelde zich geïsoleerd op de bovenste vloer.
≠ Isolatietape lag op de vloer.
nl: belasting aangifte
= Aangifte van je belasting doen
= Belastingaangifte voor zzp'ers
≠ Hij deed aangifte van diefstal en betaalde belasting.
≠ De aangifte belastte zijn rug.
nl: slaapzak
= Een zak om warm in te slapen
= Slaapzakken voor de winter
≠ De hond slaapt op een zak voer.
≠ In slaap gevallen liet hij de zak los.
nl: wekker
= Een wekker met licht
= Wekkers die trillen
≠ Elke week kijkt hij haar na.
≠ De geur wekt trek op.
nl: reisverzekering
= Een verzekering voor op reis
= Reisverzekeringen vergeleken
≠ Hij verzekerde haar dat de reis kort was.
≠ De verzekering reisde per post.
nl: keukentafel
= Een tafel voor in de keuken
= Keukentafels van eiken
≠ In de keuken ligt de tafel van tien.
≠ Zij zit aan tafel, hij kookt in de keuken.
nl: gras maaien
= Wanneer maai je het gras?
= Gemaaid gras drogen
≠ Het gras groeit, de boer maait koren.
≠ Hij maait niemand het gras voor de voeten weg.
nl: bedrijfsuitje
= Uitjes voor het bedrijf
= Een bedrijfsuitje op zee
≠ Het bedrijf snijdt uitjes.
≠ De uitjes van het bedrijf zijn zuur.
nl: boekenkast
= Een kast voor je boeken
= Boekenkasten op maat
≠ Hij boekte een kast van een huis.
≠ De boeken liggen naast de kast.
nl: verf spuiten
= Verf spuiten zonder strepen
= Hoe spuit je verf?
≠ Hij verft en zij spuit water.
≠ De spuit ligt bij de verf.
nl: taalcursus
= Een cursus om een taal te leren
= Taalcursussen in de avond
≠ De cursus sloeg wartaal uit.
≠ Haar taal werd grof na de cursus.
nl: drukwerk
= Drukwerk bestellen
= Goedkoop drukwerk
≠ Hij heeft het druk op zijn werk.
≠ Druk op de knop en werk door.
nl: tapijt reinigen
= Zo reinig je een tapijt
= Tapijten grondig reinigen
≠ Hij reinigt de bank op het tapijt.
≠ Het tapijt kraakt en zij reinigt glas.
nl: bloempot
= Een pot voor bloemen
= Bloempotten van klei
≠ De pot kookt, de bloemen verwelken.
≠ De bloem viel in de pot met soep.
nl: regenjas
= Een jas tegen de regen
= Regenjassen voor kinderen
≠ Het regende en hij verloor zijn jas.
≠ De jas hangt, de regen valt.
nl: auto verkopen
= Hoe verkoop ik mijn auto?
= De verkoop van de auto
≠ Hij verkoopt brood uit de auto.
≠ In de auto verkoopt zij ijs.
nl: zwemles
= Lessen om te zwemmen
= Zwemles voor kleuters
≠ De les is: zwem nooit alleen.
≠ Hij zwemt na de les geschiedenis.
nl: rijbewijs
= Het rijbewijs halen
= Je rijbewijs verlengen
≠ Hij rijdt en zoekt bewijs.
≠ Een rij bewijzen
nl: hardloopschoenen
= Schoenen om hard te lopen
= Welke hardloopschoen past bij jou?
≠ Hij loopt hard, zijn schoenen in de hand.
≠ De schoenen lopen hard terug in prijs.
nl: spaarrekening
= Een rekening om te sparen
= Spaarrekeningen vergelijken
≠ Hij spaart postzegels en betaalt de rekening.
≠ Houd rekening met wie spaart.
nl: fietsverhuur
= Een fiets huren
= Verhuur van fietsen
≠ Hij fietst naar zijn huurhuis.
≠ De fiets staat bij de verhuurder.
nl: tuinonderhoud
= Je tuin onderhouden
= Onderhoud van de tuin
≠ Ze onderhield ons in de tuin.
≠ Een onderhoud met de buurman over de tuin.
nl: slaapzak
= Zakken om in te slapen
= Een slaapzak voor kinderen
≠ Hij slaapt met zijn handen in zijn zak.
≠ De zak viel om toen zij sliep.
nl: wasmachine kopen
= Een nieuwe wasmachine kopen
= Koop je wasmachine online
≠ De wasmachine staat naast de koopwoning.
≠ Hij kocht wasknijpers en een machine.
nl: autoverzekering
= Je auto verzekeren
= Verzekering voor je auto
≠ Ik verzeker je dat de auto komt.
≠ De verzekeraar nam zijn auto mee.
nl: kookcursus
= Cursussen om te leren koken
≠ Hij kookt en zij volgt een cursus Frans.
≠ De koers van de kok
nl: zonnecrème
= Crème tegen de zon
= Welke zonnecrème past bij je huid?
≠ De crème smelt in de zon.
≠ De zon scheen en hij at crème.
nl: tuintafel
= Een tafel voor in de tuin
= Tafels voor de tuin
≠ De tuin ligt op tafel bij de gemeente.
≠ Hij dekte de tafel en ging de tuin in.
nl: ramen wassen
= Je ramen wassen zonder strepen
= Zo was je een raam
≠ Hij was moe en keek uit het raam.
≠ De was hangt voor het raam.
nl: broodrecept
= Een recept voor brood
= Recepten voor zuurdesembrood
≠ Het brood lag op het recept van de dokter.
≠ Zij bakte brood, hij zocht het recept.
nl: bureaustoel
= Een stoel voor je bureau
= Bureaustoelen met wieltjes
≠ De stoel stond achter het bureau.
≠ Het bureau verkocht een stoel.
nl: babybed
= Een bed voor je baby
= Bedden voor baby's
≠ De baby huilde en zij ging naar bed.
≠ Het bed van oma, met de baby ernaast
nl: autoverhuur
= Verhuur van auto's
= Bedrijven die auto's verhuren
≠ De auto stond voor het huurhuis.
≠ Ze verhuisden met de auto.
nl: koffiezetapparaat
= Een apparaat dat koffie zet
= Apparaten om koffie te zetten
≠ Hij zette de koffie naast het apparaat.
≠ Het apparaat viel in de koffie.
nl: hondentraining
= Je hond trainen
= Training voor jonge honden
≠ De hond zat in de trein.
≠ Na de training beet de hond.
nl: huis schilderen
= Je huis laten schilderen
= Schilder je huis zelf
≠ In het huis hangt een schilderij.
≠ De schilder kocht een huis.
nl: muur verven
= Een muur verven
= Hoe verf je muren?
≠ De verf staat naast de muur.
≠ Hij leunde op de muur en kocht verf.
nl: goedkope vluchten
= Vluchten die goedkoop zijn
= De goedkoopste vlucht
≠ De vlucht duurde lang, het eten was goedkoop.
≠ Hij sloeg op de vlucht voor goedkope grappen.
nl: gitaar leren spelen
= Leer gitaar spelen
= Gitaar spelen leren in een jaar
≠ De leraar verkocht zijn gitaar en speelde schaak.
≠ Zij leerde dat het spel geen gitaar had.
nl: glutenvrij brood
= Brood dat glutenvrij is
= Brood zonder gluten
≠ Het brood met gluten is vrij duur.
≠ Vrijdag brood met gluten
nl: tomaten kweken
= Zelf tomaten kweken
= Hoe kweek je tomaten?
≠ De kweker eet een tomaat.
≠ Tomaten naast de kwekerij
nl: tuinverlichting
= Je tuin verlichten zonder kabels
= Verlichting voor in de tuin
≠ De tuin bracht verlichting na een drukke dag.
≠ Zij zat in de tuin en las over de verlichte geest.
nl: prijzen vergelijken
= Vergelijk prijzen voor je koopt
= Het vergelijken van prijzen loont
≠ De prijs won hij zonder vergelijk.
≠ Vergeleken met hem kreeg zij een prijs.
nl: visvergunning
= Een vergunning om te vissen
= Waar koop je een visvergunning?
≠ De vis zwom weg, de vergunning viel in het water.
≠ De gemeente gaf een vergunning aan de vismarkt.
nl: verzendkosten
= De kosten van verzending
= Wat kosten het verzenden en inpakken?
≠ De verzending kwam te laat, koste wat kost.
≠ Hij verzond de brief ten koste van zijn rust.
nl: kinderstoel
= Een stoel voor kinderen
= Stoelen voor je kind
≠ Het kind zat naast de stoel.
≠ De kinderen duwden de stoel om.
nl: oven schoonmaken
= Je oven schoonmaken met soda
= Zo maak je de oven schoon
≠ De oven stond in een schone keuken.
≠ De maker van de oven is schoon op.
nl: strijkplank
= Een plank om op te strijken
= Planken om te strijken
≠ Hij strijkt met de eer op de plank.
≠ De plank ligt naast het strijkkwartet.
nl: printpapier
= Papier om te printen
= Welk papier voor je printer?
≠ De print is op, het papier ook.
≠ Op papier is de printer snel.
nl: trouwring
= Ringen om te trouwen
= Een ring voor je trouwdag
≠ Zij trouwde zonder te bellen op de Ring.
≠ De ring van Saturnus trouwt niemand.
nl: bokshandschoenen
= Handschoenen om te boksen
= Een handschoen voor boksers
≠ Hij bokst zonder handschoenen in de kou.
≠ De handschoen lag naast de bok.
nl: rozentuin
= Een tuin met rozen
= Tuinen vol rozen
≠ De tuin is roze geverfd.
≠ Het gaat niet over rozen in de tuin.
nl: visitekaartje
= Visitekaartjes laten drukken
= Een kaartje voor op visite
≠ Er was visite en hij kocht een kaartje.
≠ De visite zoekt de kaart.
nl: kinderkamer
= Kamers voor kinderen
= Een kamer voor je kind inrichten
≠ Het kind rende de kamer uit.
≠ De Kamer sprak over kinderen.
nl: fietsreparatie
= Je fiets repareren
= De reparatie van fietsen
≠ Hij fietste naar de reparateur van klokken.
≠ De fiets stond naast de reparatie.
nl: stookkosten
= Kosten van het stoken
= Minder kosten voor stoken
≠ Hij stookt ruzie, koste wat kost.
≠ Op kosten van de baas stookt hij.
nl: sollicitatiefoto
= Een foto voor je sollicitatie
= Foto's voor sollicitaties
≠ Na de sollicitatie maakte hij een foto.
≠ De foto solliciteert niet.
nl: tuinmeubelen
= Meubelen voor in de tuin
= Welke meubelen passen in de tuin?
≠ In de tuin verkocht hij kantoormeubelen.
≠ De tuin ging, de meubelen bleven.
nl: taalreis
= Reizen om een taal te leren
= Een reis voor je taal
≠ Op reis verstond hij de taal niet.
≠ De taal van de reiziger
nl: bruidstaart
= Taarten voor de bruid
= Een taart voor bruid en bruidegom
≠ De bruid at geen taart.
≠ De taart viel op de bruid.
nl: wandelschoenen
= Schoenen om te wandelen
= Welke schoenen voor het wandelen?
≠ Hij wandelde zonder schoenen.
≠ De schoenen van de wandelaar zijn weg.
nl: tapijt reinigen
= Je tapijt laten reinigen
= Reinig je tapijt zelf
≠ Het tapijt ligt bij de reiniging.
≠ De reine waarheid onder het tapijt
nl: autoverkoop
= Je auto verkopen
= De verkoop van auto's
≠ De verkoper zat in de auto.
≠ De auto reed de verkoop voorbij.
nl: huurwoning
= Een woning huren
= Woningen die te huur zijn
≠ De woning kost meer dan de huur van de buren.
≠ Hij huurt een fiets en zoekt zijn woning.
nl: zomerjurk
= Jurken voor de zomer
= Een jurk voor warme zomers
≠ De jurk was die zomer op.
≠ In de zomer droeg zij geen jurk.
nl: bruiloftstoespraak
= Een toespraak voor een bruiloft
= Toespraken op bruiloften
≠ De bruiloft begon en de toespraak was af.
≠ Hij sprak haar toe na de bruiloft.
nl: keukentegels
= Tegels voor de keuken
= Welke tegels voor je keuken?
≠ De keuken ligt naast de tegelhandel.
≠ Hij brak een tegel en verliet de keuken.
nl: drumles
= Lessen om te leren drummen
= Een les in drummen
≠ De les was uit en hij ging drummen.
≠ Zij drumt en hij geeft les in Frans.
nl: allergietest
= Tests voor allergie
= Een test op allergie
≠ De allergie stelde hem op de proef.
≠ De test was klaar, zijn allergie niet.
nl: telefoonabonnement
= Een abonnement voor je telefoon
= Abonnementen voor telefoons
≠ De telefoon ging en het abonnement op de krant liep af.
≠ Hij belde met zijn telefoon over een abonnement.
nl: auto wassen
= Je auto met de hand wassen
= Hoe was ik mijn auto?
≠ De auto was van was.
≠ De wasmachine past in de auto.
nl: gordijnroede
= Roedes voor gordijnen
= Een roede voor zware gordijnen
≠ Het gordijn viel op de roede van het paard.
≠ De roede brak, het gordijn scheurde.
nl: bloed geven
= Zelf bloed geven
= Geef bloed bij jou in de buurt
≠ Hij geeft les en zag bloed.
≠ Het bloed gaf hem geen rust.
nl: rentevoet
= De voet van de rente
= Wat is een rentevoet?
≠ Hij zette voet bij stuk over de rente.
≠ De rente viel hem op de voet.
nl: muziekleraar
= Leraren voor muziek
= Een leraar die muziek geeft
≠ De leraar zette de muziek uit.
≠ De muziek leerde hem geduld.
nl: kookboek
= Een boek over koken
≠ De kok las een boek.
≠ Zij kookte en hij boekte een reis.
nl: wasmachine
= Een machine om te wassen
≠ Hij waste zich naast de machine.
≠ De machine was van metaal.
nl: leesbril
= Een bril om te lezen
≠ Zij leest zonder haar bril.
≠ De bril lag op de lezing.
nl: danscursus
= Een cursus dansen
≠ De cursus was uit en zij dansten.
≠ Hij danst en volgt een cursus Duits.
nl: speelplaats
= Een plaats om te spelen
≠ Het spel vond plaats op zondag.
≠ Zij spelen op de tweede plaats.
nl: rijschool
= Een school om te leren rijden
≠ Wij rijden langs de school.
≠ De school rijdt naar zee.
nl: bank kopen
= Een nieuwe bank kopen
≠ De bank kocht een stadion.
≠ Hij kocht brood bij de bank.
nl: huis verkopen
= Je huis snel verkopen
≠ Het huis verkoopt schoenen.
≠ Zij verkocht taart van huis tot huis.
nl: geld besparen
= Geld besparen op eten
= Zo bespaar je geld
≠ Het geld van de spaarder is op.
≠ Bespaar me je praatjes over geld.
nl: rekening openen
= Een rekening openen bij de bank
= Open een rekening online
≠ De rekening kwam bij de opening.
≠ Hij opende de deur en betaalde de rekening.
nl: band verwisselen
= Zelf een band verwisselen
= Hoe verwissel je een band?
≠ De band verwisselde van drummer.
≠ Hij verwisselde de namen van de band.
nl: kamer verhuren
= Een kamer verhuren aan studenten
= Verhuur je kamer
≠ De Kamer praat over verhuur.
≠ De verhuurder zat in zijn kamer.
nl: vlucht boeken
= Een vlucht boeken met punten
= Zo boek je een vlucht
≠ De vlucht boekte een uur vertraging.
≠ Hij las boeken op de vlucht.
nl: hek schilderen
= Je hek zelf schilderen
= Schilder het hek voor de winter
≠ Het schilderij hangt aan het hek.
≠ Hij schildert een kat voor het hek.
nl: broodrooster
= Een rooster voor brood met twee gleuven
= Broodroosters van staal
≠ Het rooster van de bakker staat op het brood.
≠ Zij roostert vis bij het brood.
nl: wandelschoenen
= Schoenen om mee te wandelen
= Een waterdichte wandelschoen
≠ Hij wandelde op blote voeten met zijn schoenen in de hand.
≠ De wandelaar kocht schoenen voor zijn zoon.
nl: belastingaangifte
= Aangifte doen voor de belasting
= De belastingaangiftes van vorig jaar
≠ De belasting van de brug is hoog, zegt de aangifte.
≠ Zij gaf het boek over belasting aan.
nl: huur opzeggen
= De huur opzeggen per brief
= Je huurcontract en de opzegging van de huur
≠ De huurder zegt niets op.
≠ Hij zegt een gedicht op over de huur.
nl: fietsslot
= Een slot voor je fiets
= Fietssloten met alarm
≠ Op de fiets naar het slot in het bos
≠ Ten slotte nam hij de fiets.
nl: oven schoonmaken
= Zo maak je de oven schoon
= De oven wordt schoongemaakt
≠ De schoonmaker kocht een oven.
≠ De schone oven maakt lawaai.
nl: weerbericht
= Het bericht over het weer
= Weerberichten voor het weekend
≠ Hij stuurde weer een bericht.
≠ Het bericht kwam weer te laat.
nl: kinderopvang
= De opvang van kinderen
= Kinderopvang in de buurt
≠ De kinderen vangen een bal op.
≠ Het kind ving vis op het strand.
nl: tuinbank
= Een bank voor in de tuin
≠ De bank betaalt de tuin.
≠ De tuinman zit op een bank in het park.
nl: deurslot
= Een slot op de deur
≠ De deur van het slot is van eik.
≠ Tot slot ging de deur dicht.
nl: tafelkleed
= Een kleed voor op tafel
≠ Hij kleedt zich aan tafel om.
≠ Aan tafel kleedt zij het kind aan.
nl: stroomprijs
= De prijs van stroom stijgt.
≠ De prijs ging naar een man aan de stroom.
≠ De stroom viel uit bij de prijsuitreiking.
nl: kledingkast
= Een kast voor kleding
≠ De kleding ligt naast de kast.
≠ De kast is in het zwart gekleed.
nl: auto huren
= Een auto huren zonder creditcard
≠ De huurder wast zijn auto.
≠ De huur is hoger dan de prijs van de auto.
nl: brood bakken
= Hoe bak je een brood?
≠ De bak met brood is leeg.
≠ Op het brood ligt gebakken ei.
nl: stof zuigen
= Hoe vaak moet je stofzuigen?
≠ De stof van de jurk zuigt water op.
≠ Het kind zuigt op een lap stof.
nl: zitplaats
= Een plaats om te zitten
≠ De zitting had plaats op dinsdag.
≠ In plaats van zitten kun je staan.
nl: reispas
= Een nieuwe reispas aanvragen
≠ De reis past in ons plan.
≠ Pas op reis kocht zij schoenen.
nl: winkelwagen
= De wagen in de winkel
≠ Zij wagen zich in de winkel.
≠ De winkel verkocht een oude wagen.
nl: leren rijden
= Rijden leren na je vijftigste
≠ Zij rijden op een leren zadel.
≠ Leraren rijden naar school.
nl: dakgoot schoonmaken
= Zo maakt u de dakgoot schoon
= Dakgoten schoonmaken in de herfst
≠ De schone dakgoot is af.
≠ Hij maakte in de dakgoot een nest, schoon van vorm.
nl: zangles
= Lessen om te leren zingen
= Zanglessen voor volwassenen
≠ De les stond in het teken van zijn zang.
≠ Hij zong tijdens de les.
nl: bankrekening openen
= Open een bankrekening in tien minuten
= Het openen van een bankrekening
≠ Op de bankrekening staat geld, de winkel is open.
≠ De bank opende de rekening van de schilder.
nl: stoelendans
= Een dans om de stoelen
= De stoelendans op het feest
≠ Ze danste op een stoel.
≠ De stoel stond stil tijdens de dans.
nl: waterfilter
= Een filter voor water uit de kraan
= Waterfilters vergelijken
≠ Het water filtert door het zand.
≠ Hij filtert berichten aan het water.
nl: fietsenrek
= Een rek voor vier fietsen
= Fietsenrekken voor scholen
≠ De fiets en het rek van de keuken
≠ Hij rekte zich uit naast zijn fiets.
nl: vaste lasten
= Lasten die elke maand vast staan
= Uw vaste lasten verlagen
≠ Hij heeft vast last van zijn knie.
≠ Het lassen ging vast goed.
nl: scheerapparaat
= Een apparaat om je te scheren
= Scheerapparaten voor mannen
≠ Hij scheert het schaap naast het apparaat.
≠ De scheerwol ging door het apparaat.
nl: bon inleveren
= Lever de bon in bij de kassa
= Bonnen inleveren voor korting
≠ De bon kreeg hij na levering in huis.
≠ Wie inlevert op loon, krijgt geen bon.
nl: slagroomtaart
= Een taart met slagroom
= Slagroomtaarten bestellen
≠ De taart is op, er is nog slagroom.
≠ Hij klopte slagroom terwijl de taart afkoelde.
nl: tuinhuis bouwen
= Bouw zelf een tuinhuis
= Een tuinhuis dat je zelf bouwt
≠ Naast het tuinhuis bouwt een merel haar nest.
≠ Het tuinhuis is bouwvallig.
nl: rijles
= Lessen om te leren rijden
= Rijlessen in Zwolle
≠ De les viel uit, dus reed hij naar huis.
≠ Op die rij stond een les.
nl: huurauto
= Een auto huren op Texel
= Huurauto's zonder borg
≠ De huur stijgt en de auto is kapot.
≠ Wie huurt dat huis met die auto ervoor?
nl: kaartspel
= Een spel met kaarten
= Kaartspellen voor twee
≠ Hij stond op de kaart, zijn spel was goed.
≠ De kaart van het land ligt op het spel.
nl: boormachine
= Een machine om mee te boren
= Boormachines huren
≠ De machine stond stil terwijl hij boorde.
≠ Boor niet bij die machine.
nl: glas snijden
= Zo snijd je glas op maat
= Glas laten snijden
≠ Hij sneed zich aan het glas.
≠ Zij sneed het brood en brak een glas.
nl: bad vullen
= Vul het bad met warm water
= Een bad gevuld met water
≠ Hij bad en vulde zijn glas.
≠ Na het bad vulde zij de fles.
nl: brilmontuur
= Monturen voor je bril
= Een montuur voor een bril
≠ De bril viel uit het montuur van de spiegel.
≠ Zonder bril monteerde hij het rek.
nl: spreekbeurt
= Een beurt om te spreken
= Spreekbeurten over dieren
≠ Hij is aan de beurt en spreekt zacht.
≠ De auto kreeg een beurt, sprak de monteur.
nl: werkschoenen
= Schoenen voor op het werk
= Schoenen om in te werken
≠ Het werk ligt stil, de schoenen zijn nat.
≠ Hij werkte zijn schoenen uit.
nl: leesbril
= Een bril om mee te lezen
= Leesbrillen op sterkte
≠ Hij las over een bril.
≠ Zonder bril leest zij niet.
nl: paard rijden
= Leer paardrijden op het strand
= Op een paard rijden
≠ Het paard stond naast een rijdende trein.
≠ Hij reed langs een paard.
nl: salarisverhoging
= Een verhoging van je salaris vragen
= Salarisverhogingen in de zorg
≠ Hij had verhoging en kreeg zijn salaris.
≠ Het salaris blijft, de verhoging van de dijk niet.
nl: vensterbank
= Een bank bij het venster
= Vensterbanken van steen
≠ De bank sloot het venster voor leningen.
≠ Voor het venster staat hij te bankdrukken.
nl: energieleverancier wisselen
= Zo wissel je van energieleverancier
= Van energieleverancier wisselen
≠ De energieleverancier heeft een wisselend logo.
≠ Zij wisselde van onderwerp, de energieleverancier zweeg.
nl: houtskool
= Houtskool voor de barbecue
= Skool van hout
≠ Het hout ligt op school.
≠ Op school werkt hij met hout.
nl: hardloopschoenen
= Schoenen om op hard te lopen
= Hardloopschoenen voor brede voeten
≠ Hij loopt hard van stapel, de schoenen blijven staan.
≠ De schoenen zijn hard, hij loopt mank.
nl: gras maaien
= Hoe vaak maai je gras?
= Het gras kort maaien
≠ Hij maait met zijn armen in het gras.
nl: koffiekop
= Koppen voor koffie
= Koffiekoppen met oor
≠ Kop op, er is koffie!
≠ Hij stak de kop op bij de koffie.
nl: meubels lakken
= Oude meubels zelf lakken
= Gelakte meubels
≠ Hij lakt haar nagels tussen de meubels.
≠ De meubels staan er, hij heeft lak aan alles.
nl: hondenriem
= Riemen voor honden
= Hondenriemen van leer
≠ De hond at de riem van zijn broek.
≠ Een hart onder de riem, ook voor honden
nl: treinkaartje
= Kaartjes voor de trein
= Treinkaartjes kopen
≠ In de trein verloor hij zijn kaartje van de garderobe.
≠ De trein staat op de kaart.
`;
