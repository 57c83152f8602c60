/** A second set in German: no rule was made by them. */
export const GERMAN = `
de: Gartenhaus bauen
= Wir bauen ein Haus im Garten.
= So bauen Sie Ihr Gartenhaus selbst.
≠ Der Bau des Hauses ließ dem Garten keinen Platz.
≠ Der Bauer hat ein Haus und einen Garten.
de: Steuererklärung
= Erklärungen zur Steuer, die jeder braucht
= Ihre Steuererklärungen der letzten Jahre
≠ Er erklärte ihr das Steuer des Bootes.
≠ Die Erklärung steuerte der Kapitän bei.
de: Fahrradschloss knacken
= Ein Schloss am Fahrrad knacken
= Wie Diebe Fahrradschlösser knacken
≠ Das Schloss ist mit dem Fahrrad in zehn Minuten erreicht; es knackt im Wald.
≠ Ein Fahrrad für Knackwurst am Schloss
de: Fenster putzen
= Wann putzt man Fenster am besten?
= Geputzte Fenster ohne Streifen
≠ Vom Fenster aus sah sie den Putz bröckeln.
≠ Der Putzwagen stand unter dem Fenster.
de: Öl wechseln
= Wechseln Sie das Öl alle zwei Jahre.
= Das Öl wird gewechselt.
≠ Die Wechsel waren in Öl gemalt.
≠ Das Öl im Wechselrahmen
de: Brot backen
= Backe Brot mit Sauerteig.
= Brote, die man über Nacht backt
≠ Seine Backen waren voll Brot.
≠ Der Bäcker isst sein Brot allein.
`;
