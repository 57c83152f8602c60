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
`;
