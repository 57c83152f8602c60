/** Keywords as people type them in German. */
export const GERMAN = `
de: kleiner garten
= Ideen für kleine Gärten
= Ein kleiner Garten
= Im kleinen Garten
de: balkon ideen
= Ideen für den Balkon
= Balkonideen
= Ideen für Ihren Balkon
de: küche kosten
= Die Kosten einer Küche
= Was kostet eine Küche?
= Kosten für die Küche
de: umzug organisieren
= Einen Umzug organisieren
= So organisieren Sie Ihren Umzug
= Die Organisation des Umzugs
de: günstige schuhe
= Günstige Schuhe für Kinder
= Mit günstigen Schuhen
de: steuern sparen
= So sparen Sie Steuern
= Steuern sparen als Student
de: laptop studenten
= Laptops für Studenten
= Ein Laptop für Studenten
de: rezepte ohne kohlenhydrate
= Rezepte ohne Kohlenhydrate
= Ein Rezept ganz ohne Kohlenhydrate
de: hotel mit hunden
= Hotels mit Hunden
= Ein Hotel, das Hunde nimmt
de: fahrrad versicherung
= Versicherung für Fahrräder
= Versicherungen für Ihr Fahrrad
= Fahrradversicherung
de: garten gestalten
= Den Garten gestalten
= So gestalten Sie Ihren Garten
= Gestaltung des Gartens
= Gartengestaltung
de: vegane rezepte
= Ein veganes Rezept
= Vegane Rezepte für Kinder
= Rezepte, die vegan sind
de: wohnung streichen
= Die Wohnung streichen
= Streichen Sie Ihre Wohnung selbst
= Wohnung selbst streichen
= Eine frisch gestrichene Wohnung
de: Küche renovieren Kosten
= Was kostet es, eine Küche zu renovieren?
= Die Kosten für das Renovieren der Küche
= Küche renovieren: die Kosten
= Was eine Küchenrenovierung kostet
de: Umzug Checkliste
= Checkliste für den Umzug
= Eine Checkliste für Ihren Umzug
= Die Checkliste zum Umzug
= Umzugscheckliste
de: Balkon bepflanzen Ideen
= Ideen für das Bepflanzen Ihres Balkons
= So bepflanzen Sie Ihren Balkon: zehn Ideen
de: Laufschuhe für Anfänger
= Die besten Laufschuhe für Anfänger
= Laufschuhe, die Anfängern passen
= Welche Laufschuhe für Anfänger?
de: Steuererklärung Frist
= Die Frist für die Steuererklärung
= Fristen der Steuererklärung
= Bis wann muss die Steuererklärung da sein? Die Frist
de: Bewerbung schreiben
= Wie schreibt man eine Bewerbung?
= Eine gute Bewerbung schreiben
= So schreibst du deine Bewerbung
= Bewerbungen richtig schreiben
= Das Schreiben einer Bewerbung
de: Photovoltaik Förderung
= Förderung für Photovoltaik
= Wie Photovoltaik gefördert wird
= Förderungen für Ihre Photovoltaik
de: Hochzeit planen
= Eine Hochzeit planen
= Planung der Hochzeit
= Wie Sie Ihre Hochzeit planen
= Hochzeitsplanung
de: Website erstellen lassen
= Lassen Sie Ihre Website erstellen
= Eine Website erstellen lassen
= Wer erstellt Ihre Website?
de: Gartenhaus Baugenehmigung
= Baugenehmigung für ein Gartenhaus
= Braucht ein Gartenhaus eine Baugenehmigung?
= Ein Gartenhaus ohne Baugenehmigung
de: Rasen vertikutieren
= Den Rasen richtig vertikutieren
= Wann vertikutiert man den Rasen?
= Vertikutieren Sie Ihren Rasen im April
= Rasen wird vertikutiert
de: Wärmepumpe Altbau
= Eine Wärmepumpe im Altbau
= Wärmepumpen für Altbauten
= Lohnt sich im Altbau eine Wärmepumpe?
de: Kredit umschulden
= Einen Kredit umschulden
= Umschuldung eines Kredits
= So schulden Sie Ihren Kredit um
de: Hund stubenrein bekommen
= Wie bekommt man einen Hund stubenrein?
= So bekommen Sie Ihren Hund stubenrein
de: Content Marketing Strategie
= Eine Strategie für Content Marketing
= Ihre Content-Marketing-Strategie
= Strategien im Content Marketing
de: Newsletter Software
= Software für Newsletter
= Software, mit der Sie Newsletter verschicken
= Newsletter-Software im Vergleich
de: gesundes Frühstück
= Ein gesundes Frühstück
= Gesund frühstücken
= Frühstück, das gesund ist
= So wird Ihr Frühstück gesund
de: schnelle Abendessen
= Schnelles Abendessen für Kinder
= Ein Abendessen, das schnell geht
de: Kaffeevollautomat reinigen
= Einen Kaffeevollautomaten reinigen
= Reinigung des Kaffeevollautomaten
= Wie reinigt man einen Kaffeevollautomaten?
= Kaffeevollautomaten entkalken und reinigen
de: Mietvertrag kündigen
= Wie kündige ich meinen Mietvertrag?
= Kündigung des Mietvertrags
= Den Mietvertrag fristgerecht kündigen
= Gekündigter Mietvertrag
de: Ferienwohnung mit Hund
= Ferienwohnungen mit Hund
= Eine Ferienwohnung, in die der Hund mitdarf
= Mit dem Hund in die Ferienwohnung
de: wie lange eier kochen
= Wie lange muss man Eier kochen?
= Eier kochen: wie lange?
= Wie lange kocht ein Ei?
de: laptop test 2026
= Laptops im Test 2026
= Der große Laptop-Test 2026
= Laptops 2026 im Test
de: glutenfreier kuchen
= Ein Kuchen ohne Gluten
= Glutenfreie Kuchen backen
= Ein Kuchen, der glutenfrei ist
de: rückenschmerzen bürostuhl
= Bürostühle gegen Rückenschmerzen
= Rückenschmerzen durch den Bürostuhl
= Welcher Bürostuhl bei Rückenschmerzen?
de: tropfenden wasserhahn reparieren
= Einen tropfenden Wasserhahn reparieren
= So reparieren Sie einen tropfenden Wasserhahn
= Der Wasserhahn tropft: reparieren statt ersetzen
de: rotweinflecken entfernen
= Einen Rotweinfleck entfernen
= So entfernen Sie Rotweinflecken
= Rotweinflecken aus dem Teppich entfernen
= Entfernung von Rotweinflecken
de: podcast starten
= Einen Podcast starten
= So starten Sie Ihren Podcast
= Der Start Ihres Podcasts
de: tomaten auf dem balkon
= Tomaten auf dem Balkon pflanzen
= Balkontomaten
= Tomaten für den Balkon
de: freelancer vertrag vorlage
= Eine Vorlage für den Vertrag mit Freelancern
= Vertragsvorlagen für Freelancer
= Vorlage für einen Freelancer-Vertrag
de: blutdruck senken
= So senken Sie Ihren Blutdruck
= Den Blutdruck natürlich senken
= Blutdruck gesenkt
= Blutdrucksenkung
de: reisepass beantragen
= Wie beantragt man einen Reisepass?
= Den Reisepass online beantragen
= Der Antrag auf einen Reisepass
= Beantragung des Reisepasses
de: mitarbeiter motivieren
= Wie motiviere ich meine Mitarbeiter?
= Motivation der Mitarbeiter
= Motivierte Mitarbeiter
= Mitarbeitermotivation
de: gebrauchte fahrräder
= Ein gebrauchtes Fahrrad kaufen
= Gebrauchte Fahrräder prüfen
= Fahrrad gebraucht kaufen
de: Fahrradreifen
= Reifen für das Fahrrad
= Die Reifen am Fahrrad sind platt.
= Fahrradreifen wechseln
≠ Die Äpfel reifen, und das Fahrrad steht im Hof.
≠ Der Reifen des Autos, nicht des Fahrrads
de: Dachrinne
= Rinnen am Dach
= Die Rinne am Dach ist voll Laub.
= Dachrinnen reinigen
≠ Das Wasser rinnt vom Dach.
de: Garten anlegen
= Einen Garten anlegen lassen
= Legen Sie Ihren Garten im Frühling an.
= Das Anlegen eines Gartens
= Ein frisch angelegter Garten
≠ Das Boot legt am Garten an.
≠ Er legte sein Geld an und verkaufte den Garten.
de: Bankkonto
= Ein Konto bei der Bank eröffnen
= Konten bei Banken vergleichen
= Bankkonten im Vergleich
≠ Er saß auf der Bank und prüfte das Konto.
≠ Auf der Bank im Park liegt ein Heft mit dem Titel Konto.
de: Arbeitskleidung
= Kleidung für die Arbeit
= Kleidung, die man bei der Arbeit trägt
≠ Sie arbeitet und kauft Kleidung.
≠ Die Arbeit an der Kleidung dauerte Jahre.
de: Steuern zahlen
= Wie viele Steuern zahle ich?
= Gezahlte Steuern zurückholen
= Das Zahlen von Steuern
≠ Er kann das Boot steuern, und die Gäste zahlen.
≠ Die Zahlen steuern den Verlauf.
de: Umzugskarton
= Kartons für den Umzug
= Ein Karton zum Umziehen
= Umzugskartons packen
≠ Der Umzug zog vorbei, ein Karton fiel vom Wagen.
de: Sonnenbrand
= Brand durch die Sonne
= Sonnenbrände bei Kindern
≠ Der Brand brach aus, als die Sonne unterging.
≠ Die Sonne brennt aufs Dach.
de: Webseite bauen
= Bauen Sie Ihre eigene Webseite.
= Eine Webseite bauen lassen
= Der Bau einer Webseite
= Selbst gebaute Webseiten
≠ Wir bauen Häuser, siehe Webseite.
≠ Die Webseite erklärt, wie man Häuser baut.
de: Küche renovieren
= Die Küche in sechs Schritten renovieren
= Renovierung der Küche
= Eine renovierte Küche
= Wie renoviert man eine Küche?
≠ Wir renovieren das Bad, die Küche bleibt.
de: Kinderbetreuung
= Betreuung für Kinder
= Die Betreuung der Kinder kostet Geld.
≠ Die Kinder spielen, der Arzt betreut den Vater.
de: Schlüsseldienst
= Ein Dienst für verlorene Schlüssel
= Schlüsseldienste in der Nähe
≠ Er kam zum Dienst und vergaß den Schlüssel.
≠ Der Schlüssel zum Erfolg ist guter Dienst.
de: Boden verlegen
= Selbst einen Boden verlegen
= Der Boden wird morgen verlegt.
= Verlegter Boden
≠ Er hat seine Brille auf dem Boden verlegt.
≠ Der Termin wurde verlegt, der Boden ist nass.
de: Ökostrom
= Strom, der öko ist
= Ökostrom für Betriebe
≠ Im Strom der Menschen stand ein Ökobauer.
de: Mausefalle
= Eine Falle für Mäuse
= Mausefallen aufstellen
≠ Die Maus fällt vom Tisch.
≠ Auf jeden Fall fing sie die Maus.
de: Einkaufsliste
= Eine Liste für den Einkauf
= Listen für Einkäufe
≠ Mit List gelang ihm der Einkauf.
de: Treppengeländer
= Das Geländer der Treppe
= Geländer für jede Treppe
≠ Das Gelände neben der Treppe
de: Haare färben
= Die Haare selbst färben
= Gefärbtes Haar pflegen
= Färben Sie Ihr Haar zu Hause.
≠ Sie färbt Ostereier, ihre Haare sind kurz.
≠ Um ein Haar hätte sie das Hemd gefärbt.
de: Parkplatz
= Ein Platz zum Parken
= Parkplätze am Bahnhof
= Platz für parkende Autos
≠ Im Park nahm er Platz.
≠ Der Ball platzte im Park.
de: Bildschirm reparieren
= Einen kaputten Bildschirm reparieren
= Reparatur des Bildschirms
= Der Bildschirm ist repariert.
≠ Am Bildschirm sieht man, wie er Räder repariert.
de: Wanderweg
= Wege zum Wandern
= Ein Weg für Wanderer
= Wanderwege im Wald
≠ Er wanderte weg.
≠ Die Wanderer sind weg.
de: Berufsausbildung
= Eine Ausbildung für einen Beruf
= Ausbildungen in technischen Berufen
≠ Er berief sich auf seine Ausbildung.
de: Fenster putzen
= Das Putzen der Fenster
= Putzen Sie Ihre Fenster mit Essig.
= Geputzte Fenster
≠ Sie putzt sich die Nase am Fenster.
de: Energie sparen
= So sparen Sie Energie.
= Energiesparen im Haus
= Eingesparte Energie
≠ Er hat viel Energie und spart Geld.
≠ Der Sparer hat Energie.
de: Schweißgerät
= Ein Gerät zum Schweißen
= Schweißgeräte im Vergleich
≠ Der Schweiß läuft, das Gerät ist aus.
≠ Er gerät in Schweiß.
de: Rechnung schreiben
= Wie schreibt man eine Rechnung?
= Das Schreiben von Rechnungen
≠ Er schrieb ein Buch auf Rechnung des Verlags.
≠ Das Schreiben traf nach der Rechnung ein.
de: Mietvertrag
= Verträge über die Miete
= Ein Vertrag für Mieter
= Mietverträge kündigen
≠ Sie vertragen sich, die Miete steigt.
≠ Er verträgt keine Mieter.
de: Gartenschlauch
= Ein Schlauch für den Garten
≠ Er stand im Garten auf dem Schlauch.
de: Leitungswasser
= Wasser aus der Leitung
≠ Unter der Leitung von Frau Klein trinken alle Wasser.
≠ Er steht auf der Leitung und trinkt Wasser.
de: Fahrrad mieten
= Ein Fahrrad in der Stadt mieten
= Gemietete Fahrräder
= Fahrradmiete pro Tag
≠ Sie mieten ein Haus und fahren Rad.
≠ Die Miete ist hoch, er verkauft sein Fahrrad.
de: Karten basteln
= Selbst Karten basteln
= Gebastelte Karten
≠ Sie spielen Karten und basteln am Auto.
de: Brot backen
= Selbst Brot backen
= Selbst gebackenes Brot
= Das Backen von Brot
≠ Die Backen rot, das Brot im Korb
≠ Er hat Brot in den Backen.
de: Wand streichen
= Eine Wand streichen
= Die Wand ist gestrichen.
≠ Die Katze streicht um die Wand.
≠ Die Reise ist gestrichen, die Wand kahl.
de: Wein probieren
= Wein im Keller probieren
= Eine Weinprobe
≠ Der Chor hat Probe, danach gibt es Wein.
de: Blumen pflanzen
= Blumen im Mai pflanzen
= Gepflanzte Blumen
≠ Die Pflanzen haben keine Blumen.
de: Bücher lesen
= Mehr Bücher lesen
= Lesen Sie viele Bücher?
≠ Sie halten eine Lesung und buchen den Zug.
≠ Sie ernten Trauben bei der Lese, Bücher bleiben zu.
de: Büroreinigung
= Das Büro reinigen
= Die Reinigung von Büros
≠ Er bringt den Anzug in die Reinigung neben dem Büro.
de: Glas schneiden
= Glas selbst schneiden
= Geschnittenes Glas
≠ Er schnitt das Brot und zerbrach ein Glas.
de: Fische halten
= Fische im Teich halten
≠ Sie halten nichts vom Fischen.
≠ Die Fischer halten an.
de: Arbeit suchen
= Arbeit suchen
= Auf der Suche nach Arbeit
= Wie sucht man Arbeit?
≠ Er sucht seine Brille bei der Arbeit.
de: Kissen kaufen
= Ein gutes Kissen kaufen
= Gekaufte Kissen
≠ Sie liegt auf dem Kissen und kauft im Netz Schuhe.
de: Geschäfte machen
= Geschäfte in China machen
≠ Die Geschäfte schließen, wir machen Feierabend.
de: Paket verschicken
= Ein Paket verschicken
= Verschickte Pakete
≠ Er schickt sich an, das Paket zu öffnen.
de: Schlaf verbessern
= So verbessern Sie Ihren Schlaf.
= Besserer Schlaf
≠ Er kann das im Schlaf und verbessert den Rekord.
de: Federbett
= Ein Bett aus Federn
≠ Die Feder im Bett des Flusses
≠ Er kommt morgens nicht aus den Federn, sein Bett ist warm.
de: Haarspray
= Spray für die Haare
≠ Um ein Haar hätte sie das Spray vergessen.
de: Waldbrand
= Brand im Wald
= Waldbrände löschen
≠ Sie brennen im Wald Holz ab.
≠ Er sieht den Wald vor lauter Bränden nicht.
de: Vorhänge waschen
= Vorhänge bei dreißig Grad waschen
= Gewaschene Vorhänge
≠ Er ist mit allen Wassern gewaschen und hängt Vorhänge auf.
de: Versicherung kündigen
= Eine Versicherung kündigen
= Kündigung der Versicherung
= Gekündigte Versicherungen
≠ Er kündigt seinen Job bei der Versicherung.
≠ Der Donner kündigt das Gewitter an, sagt die Versicherung.
de: Laufschuhe
≠ Die Schuhe laufen ein.
≠ Auf dem Laufenden in Sachen Schuhe
de: Stellenangebot
= Angebote für Stellen
≠ An manchen Stellen ist das Angebot knapp.
≠ Sie stellen ihr Angebot ein.
de: Bücherregal
= Ein Regal für Bücher
≠ Er bucht den Flug und regelt alles.
≠ Die Bücher liegen neben dem Regal.
de: Ladentür
= Die Tür des Ladens
≠ Sie laden Gäste ein und öffnen die Tür.
≠ Vor der Tür wird geladen.
de: Geschäft eröffnen
= Ein Geschäft eröffnen
= So eröffnen Sie Ihr Geschäft
= Die Eröffnung eines Geschäfts
≠ Das Geschäft ist bis sechs offen.
≠ Sie eröffnete ihm im Geschäft, dass sie geht.
de: Fleisch braten
= Fleisch im Ofen braten
= Gebratenes Fleisch
= So braten Sie Fleisch
≠ Der Braten steht neben dem Fleisch von gestern.
de: Sprache lernen
= Eine Sprache lernen
= So lernst du eine Sprache
= Das Lernen einer Sprache
≠ Der Lehrling fand die Sprache wieder.
≠ Es verschlug ihr die Sprache beim Lernen.
de: Tür lackieren
= Die Tür lackieren
= Eine lackierte Tür
= Lackieren Sie Ihre Türen
≠ Der Lack steht vor der Tür.
de: Bett machen
= Das Bett machen
= Mach dein Bett
= Ein gemachtes Bett
≠ Er macht Kaffee, sie liegt im Bett.
≠ Das macht nichts, sagt sie im Bett.
de: Haus verkaufen
= Ein Haus verkaufen
= Verkaufen Sie Ihr Haus schnell
= Der Verkauf eines Hauses
= Das verkaufte Haus
≠ Der Laden verkauft Lampen fürs Haus.
≠ Er verkauft sich unter Wert, auch zu Hause.
de: Fenster einbauen
= Ein Fenster einbauen
= So bauen Sie ein Fenster ein
= Der Einbau von Fenstern
= Eingebaute Fenster
≠ Der Bau neben dem Fenster
≠ Sie bauen ein Haus, die Fenster fehlen.
de: Auto leasen
= Ein Auto leasen
= Geleaste Autos
≠ Er las im Auto.
de: Koffer packen
= Den Koffer packen
= Packen Sie Ihren Koffer klug
= Ein gepackter Koffer
≠ Ihn packte die Wut, der Koffer fiel um.
≠ Das Pack lag neben dem Koffer.
de: Kleider tauschen
= Kleider tauschen
= Getauschte Kleider
= Der Tausch von Kleidern
≠ Im Tausch gegen Hilfe bekam er Kleider.
de: Sparkonto
= Ein Konto zum Sparen
= Sparkonten vergleichen
≠ Er spart sich den Weg und löscht das Konto.
de: Becken heizen
= Das Becken heizen
= Ein geheiztes Becken
≠ Die Heizung steht neben dem Becken.
≠ Die Fans heizen die Stimmung an, am Becken.
de: Brautkleid
= Ein Kleid für die Braut
≠ Die Braut kleidet sich um.
de: Blut spenden
= Blut spenden
= Spenden Sie Blut
= Wer spendet Blut?
= Gespendetes Blut
≠ Der Spender verteilt Seife, kein Blut.
≠ Es floss Blut, er spendete Trost.
de: Pflanze gießen
= Eine Pflanze gießen
= Gießen Sie Ihre Pflanzen
= Gegossene Pflanzen
≠ Die Gießkanne steht bei der Pflanze.
≠ Es gießt, sagt er zur Pflanze.
de: Schuppen bauen
= Einen Schuppen bauen
= Bau dir einen Schuppen
≠ Es fiel ihm wie Schuppen von den Augen beim Bauen.
de: Ball werfen
= Einen Ball werfen
= Wirf den Ball
= Der geworfene Ball
≠ Auf dem Ball wirft er ihr etwas vor.
de: Schule wählen
= Eine Schule wählen
= Die Wahl der Schule
= So wählen Sie eine Schule
≠ In der Schule wird heute gewählt.
de: Reis kochen
= Reis kochen
= Gekochter Reis
= Kochen Sie den Reis
≠ Er kocht vor Wut, der Reis wird kalt.
≠ Der Koch aß Reis.
de: Gips entfernen
= Den Gips entfernen
= Entfernen Sie den Gips
≠ Weit entfernt lag er im Gips.
de: Schneekette
= Ketten für den Schnee
≠ Die Kette lag unter dem Schnee.
de: Wasserfilter
= Ein Filter für Wasser
≠ Sie filtern Nachrichten und trinken Wasser.
de: Bankkarte
= Die Karte Ihrer Bank
≠ Die Karte fiel unter die Bank im Park.
de: Stromausfall
= Ein Ausfall des Stroms
≠ Der Zug fällt aus, die Leute strömen weg.
de: Haare schneiden
= Die Haare schneiden
= Geschnittene Haare
= Schneiden Sie Ihr Haar selbst
≠ Sie schneidet Rosen, ihre Haare sind nass.
de: Weg finden
= Den Weg finden
= Finde deinen Weg
≠ Er fand es schade und ging weg.
de: Messer schleifen
= Ein Messer schleifen
= Schleifen Sie Ihr Messer
= Geschliffene Messer
≠ Eine Schleife lag beim Messer.
≠ Er ließ die Zügel schleifen und griff zum Messer.
de: Baum pflanzen
= Einen Baum pflanzen
= Pflanzen Sie einen Baum
= Gepflanzte Bäume
= Das Pflanzen eines Baums
≠ Der Baum und die Pflanzen stehen zusammen.
de: Fisch braten
= Fisch braten
= Gebratener Fisch
= Braten Sie den Fisch in Butter
≠ Erst der Fisch, dann der Braten
de: Schrank aufhängen
= Einen Schrank aufhängen
= Hängen Sie den Schrank auf
= Der aufgehängte Schrank
≠ Er hing am Schrank und legte auf.
de: Film schauen
= Einen Film schauen
= Schaust du einen Film?
≠ Der Zuschauer fand den Film fad.
de: Stein sägen
= Stein sägen
= Sägen Sie den Stein zu
= Gesägter Stein
≠ Die Säge lag auf dem Stein.
de: Kleber entfernen
= Kleber entfernen
= Entfernen Sie den Kleber
= Entfernung von Kleber
≠ Der Kleber steht weit entfernt.
de: Bier brauen
= Bier brauen
= Gebrautes Bier
= Brau dein eigenes Bier
≠ Ein Sturm braut sich zusammen, das Bier ist leer.
de: Wand abreißen
= Eine Wand abreißen
= Reißen Sie die Wand ab
= Die abgerissene Wand
= Der Abriss einer Wand
≠ Der Faden riss ab, die Wand ist kahl.
de: Lied schreiben
= Ein Lied schreiben
= Schreib ein Lied
= Geschriebene Lieder
≠ Er schreibt einen Brief und singt ein Lied.
de: Schloss austauschen
= Ein Schloss austauschen
= Tauschen Sie das Schloss aus
= Der Austausch eines Schlosses
≠ Er tauschte Blicke im Schloss.
≠ Sie tauschten sich im Schloss aus.
de: Torte verzieren
= Eine Torte verzieren
= Verzieren Sie Ihre Torte
= Verzierte Torten
= Verzierung für Torten
≠ Sie ziert sich, Torte zu essen.
de: Rad wechseln
= Das Rad wechseln
= Wechseln Sie das Rad
= Radwechsel
≠ Er wechselt das Thema und steigt aufs Rad.
de: Mauer bauen
= Eine Mauer bauen
= Der Bau einer Mauer
= Gebaute Mauern
≠ Der Bauer lehnt an der Mauer.
de: Stimme trainieren
= Die Stimme trainieren
= Training für die Stimme
= Trainieren Sie Ihre Stimme
≠ Der Trainer gab seine Stimme ab.
de: Kasse führen
= Eine Kasse führen
= Führung der Kasse
≠ Der Weg führt an der Kasse vorbei.
≠ Die Führung beginnt an der Kasse.
`;
