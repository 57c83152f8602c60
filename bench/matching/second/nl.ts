/** A second set in Dutch: no rule was made by them. */
export const DUTCH = `
nl: fietstas
= Tassen voor de fiets
= Een fietstas van leer
≠ Zij fietst met een tas koffie naar huis.
≠ De fiets viel op haar tas.
nl: huis verven
= Verf je huis in een weekend.
= Een geverfd huis
≠ De verf stond in huis.
≠ De huisverver belde aan.
nl: brood bakken
= Bak je eigen brood.
= Broden die je zelf bakt
≠ De bak met brood voor de eenden
≠ Een bakje koffie en een brood
nl: tuin aanleggen
= Een tuin laten aanleggen
= Hij legt een tuin aan.
≠ Hij legde aan bij de tuin van zijn oom.
≠ De aanleg voor muziek, in de tuin ontdekt
nl: verzekering afsluiten
= Sluit een verzekering af.
= Een verzekering die je online afsluit
≠ Verzeker je ervan dat de deur is afgesloten.
≠ De afsluiting van de weg, verzekerde hij
nl: computer opschonen
= Schoon je computer op.
= Een opgeschoonde computer
≠ Een schone computer staat op tafel.
≠ De schoonmaker zette de computer op.
`;
