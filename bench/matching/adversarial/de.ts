/** Pairs that are easily got wrong, in German. A keyword in every second place belongs to the half that no rule was made by. */
export const GERMAN = `
de: Zahnarzt Termin
= Einen Termin beim Zahnarzt bekommen
= Zahnarzttermine am Abend
≠ Der Arzt hatte einen Termin; der Zahn blieb drin.
≠ Der Zahn der Zeit und ein Termin beim Arzt
de: Schloss tauschen
= So tauschen Sie ein Schloss.
= Schlösser an der Tür tauschen
≠ Sie schloss die Tür und tauschte den Hut.
≠ Getäuscht und ausgeschlossen
de: Bank Kredit
= Ein Bankkredit mit festem Zins
= Kredite von der Bank
≠ Die Bänke im Park fanden kaum Kredit bei Kritikern.
≠ Er setzte sich auf die Bank am Weg und las über einen Verein ohne Kredit.
de: Sahne schlagen
= Sahne richtig schlagen
= Geschlagene Sahne bleibt kühl.
≠ Der Vorschlag mit der Sahne
≠ Er schlug die Zeitung auf; Sahne gab es keine.
de: Gericht mit Fisch
= Gerichte mit Fisch für jeden Tag
= Ein Gericht aus Fisch
≠ Das Gerücht vom Fisch
≠ Die Richter aßen Fisch.
de: Steuererklärung
= Ihre Steuererklärungen, einfach gemacht
= Die Steuer-Erklärung abgeben
≠ Am Steuer erklärte er den Weg.
≠ Die Erklärung des Steuermanns
de: Mutter Schraube
= Schrauben und Muttern
= Eine Mutter, die zur Schraube passt
≠ Mütterlich wie eine verschraubte Tür
≠ Der Mut verließ ihn, die Schraube fiel.
de: Kuchen backen
= Kuchen, die Kinder backen
= Gebackener Kuchen zum Mitnehmen
≠ In der Küche packen wir ein.
≠ Seine Backen waren rot.
de: Gebäude reinigen
= Gebäudereinigung: wie man große Gebäude reinigt
= Reinigen eines Gebäudes
≠ Das Gebäck war rein.
≠ Die Reinigung nahm das Kleid in einem Altbau an.
de: E-Mail Werbung
= Werbung per E-Mail
= Emailwerbung ohne Ärger
≠ Die Bewerbung kam als Brief.
≠ Der Topf aus Email warb für sich.
de: Tische aus Holz
= Ein Tisch aus altem Holz
= Holztische pflegen
≠ Der Tischler holt Bier.
≠ Holzige Stängel kommen nicht auf den Teller.
de: Mitarbeiter suchen
= Mitarbeiter, die Sie suchen
= Wir suchten eine Mitarbeiterin.
≠ Die Arbeiter versuchen es.
≠ Er besuchte seine Kollegen.
de: Fenster putzen
= Fensterputzen ohne Streifen
= Die geputzten Fenster
≠ Der Verputz am Fenster
≠ Herausgeputzt stand sie da.
de: Wein Reise
= Weinreisen an die Mosel
= Eine Reise zum Wein
≠ Er weinte auf der Reise.
≠ Weinend reiste sie ab.
de: Hund erziehen
= Hunde freundlich erziehen
= Die Erziehung eines Hundes: Hunde, die gut erzogen sind
≠ Hundert Euro entziehen
≠ Er zieht mit dem Hund um.
de: Gemüse anbauen
= Wir bauen Gemüse selbst an.
= Angebautes Gemüse vom Feld
≠ Der Anbau am Haus stört das Gemüse nicht.
≠ Gemüse abbauen
de: Geld anlegen
= Geld sicher anlegen
= Sie legte ihr Geld in Gold an.
≠ Das Schiff legte an, das Geld war fort.
≠ Geldanlagen der Stadt liegen still.
de: Rad Werkstatt
= Eine Radwerkstatt um die Ecke
= Die Werkstatt fürs Rad
≠ Ein radikaler Wandel in der Werkstatt
≠ Der Rat der Werkstatt
de: Umzug planen
= Einen Umzug Schritt für Schritt planen
= Umzüge, gut geplant
≠ Die Plane deckt den Zug.
≠ Er zog sich um, wie geplant.
de: 24-Stunden-Pflege
= Pflege rund um die Uhr: 24 Stunden Pflege zu Hause
= Die 24-Stunden-Pflege
≠ Nach 24 Minuten pflegte er zu gehen.
≠ In Stunde 7 pflegen wir Beete.
de: Lampe für draußen
= Lampen für draußen
= Eine Lampe, die draußen hängt
≠ Die Lampe lag drin.
≠ Lampenfieber draußen vor der Tür
de: schöne Bilder
= Ein schönes Bild
= Bilder, schöner als zuvor
≠ Schon Bilder?
≠ Gebildete Leute schonen sich.
de: Haustür streichen
= Die Tür am Haus neu streichen
= Haustüren streicht man im Sommer.
≠ Streichhölzer liegen hinter der Haustür bereit.
≠ Gestrichene Mittel
de: Batterie laden
= Batterien richtig laden
= Eine geladene Batterie
≠ Im Laden gibt es Batterien.
≠ Sie lud Gäste ein und vergaß die Batterie.
de: Feuer machen
= Wie man ein Feuer macht
= Feuer machen bei Regen
≠ Die Macht des Feuers
≠ Feuerwehrleute und Machthaber
`;
