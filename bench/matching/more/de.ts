/** More in German. */
export const GERMAN = `
de: Parkschein
= Ein Schein fürs Parken
= Parkscheine am Automaten ziehen
≠ Im Park lag ein Schein.
≠ Der Schein trügt, sagt der Mann im Park.
de: Wasserfilter
= Filter für Wasser aus der Leitung
= Welche Wasserfilter taugen?
≠ Das Wasser filtert durch den Sand.
≠ Gefiltertes Licht auf dem Wasser
de: Kaffeemühle
= Eine Mühle für Kaffee
= Kaffeemühlen im Vergleich
≠ Kaffee trinken neben der alten Mühle
≠ Er gab sich Mühe mit dem Kaffee.
de: Wanderkarte
= Karten zum Wandern
= Wanderkarten aus Papier
≠ Wir wandern und spielen Karten.
≠ Der Wanderer zahlt mit Karte.
de: Brandschutz
= Schutz vor Bränden
= Der Brandschutz im Büro
≠ Er suchte Schutz, als der Brand ausbrach.
≠ Brandneu und ohne Schutz
de: Hochzeit planen
= Wie plant man eine Hochzeit?
= Die Planung unserer Hochzeit
≠ Auf der Hochzeit gab es einen Plan B.
≠ Die Plane hielt bei der Hochzeit dicht.
`;
