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
`;
