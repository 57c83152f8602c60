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
`;
