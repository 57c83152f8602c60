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
de: Hundeschule
= Eine Schule für Hunde
= Hundeschulen in der Stadt
≠ Der Hund lief an der Schule vorbei.
≠ In der Schule gab es Hundekekse.
de: Kredit aufnehmen
= Einen Kredit für das Haus aufnehmen
= Wer nimmt jetzt Kredite auf?
≠ Sie nahm das Gespräch über den Kredit auf Band auf.
≠ Der Film wurde ohne Kredit aufgenommen.
de: Rechnung schreiben
= So schreibt man eine Rechnung.
= Rechnungen richtig schreiben
≠ Sie schrieb mit Rechnung auf den Sieg.
≠ Die Rechnung kam, und er schrieb ein Gedicht.
de: Fensterputzer
= Jemand, der Fenster putzt
= Fensterputzer buchen
≠ Der Putz am Fenster bröckelt.
≠ Geputzt stand sie am Fenster.
de: gebrauchtes Fahrrad
= Fahrräder, gebraucht und geprüft
= Ein gut gebrauchtes Fahrrad kaufen
≠ Er braucht kein Fahrrad.
≠ Das Fahrrad wird zum Einkaufen gebraucht.
de: Blumen gießen
= Wie oft gießt man die Blumen?
= Blumen im Urlaub gießen lassen
≠ Es goss in Strömen, und die Blumen knickten um.
≠ Das Gießen von Zinn und die Blumen der Wiese
de: Gartenzaun
= Ein Zaun für den Garten
= Gartenzäune aus Holz
≠ Der Hund sprang über den Zaun in den Garten.
≠ Im Garten steht kein Zaun, sagt der Nachbar.
de: Auto verkaufen
= Wie verkaufe ich mein Auto?
= Autos privat verkaufen
≠ Er verkaufte im Auto Eis.
≠ Das Auto stand vor dem Verkauf im Hof.
de: Kopfschmerzen
= Schmerzen im Kopf
= Kopfschmerzen am Morgen
≠ Es schmerzt, dass der Kopf der Bande fehlt.
≠ Er schüttelte den Kopf vor Schmerz.
de: Kinderwagen
= Ein Wagen für Kinder
= Kinderwagen mit drei Rädern
≠ Die Kinder wagen sich aufs Eis.
≠ Im Wagen sitzen Kinder.
de: Umzug planen
= Wie plant man einen Umzug?
= Umzüge gut planen
≠ Der Umzug störte die Pläne der Stadt.
≠ Geplant war ein Fest nach dem Umzug.
de: Stehlampe
= Eine Lampe zum Stehen
= Stehlampen fürs Wohnzimmer
≠ Die Lampe steht auf dem Tisch.
≠ Er blieb stehen und löschte die Lampe.
de: Bewerbung schreiben
= So schreibst du eine Bewerbung.
= Bewerbungen ohne Fehler schreiben
≠ Sie schrieb einen Roman über ihre Bewerbung.
≠ Nach der Bewerbung schrieb er Briefe an die Mutter.
de: Holzboden
= Ein Boden aus Holz
= Holzböden pflegen
≠ Das Holz fiel auf den Boden.
≠ Am Boden liegt Holz.
de: Druckerpatrone
= Patronen für den Drucker
= Druckerpatronen nachfüllen
≠ Der Drucker fand eine Patrone im Wald.
≠ Unter Druck schoss er die Patrone ab.
de: Leuchtmittel
= Mittel, die leuchten
= Leuchtmittel mit warmem Licht
≠ Das Mittel leuchtet ein.
≠ Die Leuchten stehen im Mittelgang.
de: Sparbuch
= Ein Buch zum Sparen
= Sparbücher für Kinder
≠ Sie spart auf ein Buch.
≠ Das Buch spart mit Bildern.
de: Termin vereinbaren
= So vereinbarst du einen Termin.
= Die Vereinbarung eines Termins
≠ Sie vereinbarten Stillschweigen bis zum Termin.
≠ Mit dem Termin ist die Reise nicht zu vereinbaren.
de: Malkurs
= Ein Kurs im Malen
= Malkurse am Abend
≠ Das Schiff hält zum zweiten Mal Kurs.
≠ Er malt, und der Kurs fällt.
de: Rasen mähen
= Wie oft mäht man den Rasen?
= Den Rasen richtig mähen
≠ Sie rasen vorbei, während er mäht.
≠ Auf dem Rasen liegt gemähtes Heu.
de: Anzeige schalten
= Wie schaltet man eine Anzeige?
= Anzeigen in der Zeitung schalten
≠ Er schaltete das Licht neben der Anzeige aus.
≠ Die Anzeige des Geräts schaltet sich ab.
de: Fahrradschloss
= Ein Schloss fürs Fahrrad
= Fahrradschlösser im Vergleich
≠ Er schloss das Fahrrad an.
≠ Mit dem Fahrrad zum Schloss am See
de: Wohnung streichen
= Wie streicht man eine Wohnung?
= Eine Wohnung günstig streichen lassen
≠ Er strich den Satz über die Wohnung.
≠ Katzen streichen durch die Wohnung.
de: Hautcreme
= Eine Creme für trockene Haut
= Hautcremes ohne Duft
≠ Er haute auf den Tisch, die Creme fiel um.
≠ Die Haut der Creme war hart.
de: Newsletter schreiben
= Wie schreibt man einen Newsletter?
= Newsletter, die gut geschrieben sind
≠ Sie schrieb im Newsletter über Hunde.
≠ Dem Newsletter lag ein Brief bei, den er schrieb.
de: Arbeitszimmer
= Ein Zimmer zum Arbeiten
= Arbeitszimmer von der Steuer absetzen
≠ Im Zimmer liegt Arbeit.
≠ Sie arbeitet, das Zimmer ist kalt.
de: Gartenbank
= Eine Bank für den Garten
= Gartenbänke aus Teak
≠ Die Bank schloss, der Garten blieb offen.
≠ Im Garten der Bank stehen Rosen.
de: Auto mieten
= Wo miete ich ein Auto?
= Autos günstig mieten
≠ Sie mieteten ein Haus und kauften ein Auto.
≠ Mit dem Auto fuhr die Mieterin weg.
de: Teppich reinigen
= Wie reinigt man einen Teppich?
= Teppiche selbst reinigen
≠ Er reinigt die Fenster, der Teppich bleibt.
≠ Auf dem Teppich reinigt er Schuhe.
de: Regenjacke
= Eine Jacke gegen Regen
= Regenjacken für Kinder
≠ Im Regen verlor er seine Jacke.
≠ Die Jacke trocknet, der Regen hört auf.
de: Küchenmesser
= Ein Messer für die Küche
= Scharfe Küchenmesser
≠ In der Küche liegt kein Messer.
≠ Der Messerschleifer kam in die Küche.
de: Sprachkurs
= Ein Kurs in einer fremden Sprache
= Sprachkurse am Abend
≠ Der Kurs der Aktie kam zur Sprache.
≠ Zur Sprache kam auch der Kurs.
de: Schlafmaske
= Eine Maske zum Schlafen
= Schlafmasken aus Seide
≠ Er schläft, die Maske fällt.
≠ Im Schlaf trug er keine Maske.
de: Führerschein machen
= Wie macht man den Führerschein?
= Den Führerschein im Ausland machen
≠ Mit dem Führerschein machte er Urlaub.
≠ Er machte Fotos vom Führerschein.
de: brotbackautomat
= Ein Automat, der Brot backt
= Brotbackautomaten im Vergleich
≠ Am Automaten kaufte er Brot vom Bäcker.
≠ Das gebackene Brot liegt neben dem Geldautomaten.
de: mietwagen
= Einen Wagen mieten
= Mietwagen auf der Insel
≠ Wir wagen es nicht, die Miete zu kürzen.
≠ Der Wagen parkt vor dem Mietshaus.
de: laufschuhe
= Schuhe zum Laufen
= Laufschuhe für breite Füße
≠ Der Schuh lief gut im Verkauf.
≠ Im Lauf der Zeit drückt jeder Schuh.
de: 24/7 hotline
= Eine Hotline, die 24/7 besetzt ist
= 24/7-Hotline für Notfälle
≠ Die Hotline hat 24 Leitungen und 7 Leute.
≠ Um 7 rief er die Hotline an.
de: fenster streichen
= Wie streicht man ein Fenster?
= Gestrichene Fenster aus Holz
≠ Die Katze strich am Fenster vorbei.
≠ Streichen Sie den Satz im Fenster.
de: wohnung kündigen
= Die Kündigung der Wohnung
= So kündigst du deine Wohnung
≠ Ihm wurde gekündigt, er blieb in der Wohnung.
≠ Der Winter kündigt sich in der Wohnung an.
de: kaffee rösten
= Kaffee selbst rösten
= Frisch gerösteter Kaffee
≠ Geröstete Nüsse zum Kaffee
≠ Er trank Kaffee am Rost.
de: handyvertrag
= Ein Vertrag fürs Handy
= Handyverträge ohne Laufzeit
≠ Das Handy vertrug das Wasser.
≠ Er las den Vertrag am Handy.
de: gartenbank
= Eine Bank für den Garten
= Gartenbänke aus Holz
≠ Die Bank finanzierte den Garten.
≠ Im Garten las er den Brief der Bank.
de: steuer erklärung
= Die Erklärung der Steuer
= Steuererklärung leicht gemacht
≠ Er erklärte die Steuer für zu hoch.
≠ Am Steuer gab er keine Erklärung.
de: rasen mähen
= Wann man den Rasen mäht
= Rasen mähen ohne Lärm
≠ Sie rasen vorbei, während er mäht.
≠ Gemähte Wiesen neben dem Rasen
de: buchhalter
= Buchhalter gesucht
= Was macht ein Buchhalter?
≠ Er hält das Buch.
≠ Der Halter des Buches lacht.
de: fahrradträger
= Ein Träger für das Fahrrad
= Fahrradträger für Autos
≠ Der Träger riss, das Fahrrad fiel.
≠ Sie trägt das Fahrrad.
de: reiseversicherung
= Eine Versicherung für die Reise
= Reiseversicherungen im Test
≠ Er versicherte, die Reise sei schön.
≠ Die Versicherung reist mit dem Brief.
de: online kurs
= Kurse, die online stattfinden
= Ein Onlinekurs für Anfänger
≠ Der Kurs der Aktie steht online.
≠ Online nimmt das Schiff Kurs auf.
de: tee trinken
= Wann trinkst du Tee?
= Getrunkener Tee
≠ Er trinkt Milch zum Teegebäck.
≠ Der Tee ist kalt, die Katze trinkt.
de: teppich reinigen
= So reinigt man einen Teppich
= Teppiche gründlich reinigen
≠ Er reinigt das Sofa auf dem Teppich.
≠ Unter den Teppich kehren reinigt nichts.
de: blumentopf
= Ein Topf für Blumen
= Blumentöpfe aus Ton
≠ Der Topf kocht, die Blumen welken.
≠ Blumen neben dem Topf mit Suppe
de: sprachkurs
= Kurse für eine Sprache
= Ein Sprachkurs am Abend
≠ Er sprach über den Kurs der Aktie.
≠ Der Kurs verschlug ihr die Sprache.
de: regenschirm
= Ein Schirm gegen Regen
= Regenschirme aus Bambus
≠ Der Schirm lag, und der Regen kam.
≠ Schirm und Charme im Regen
de: auto verkaufen
= Wie verkaufe ich mein Auto?
= Der Verkauf des Autos
≠ Er verkauft Brot aus dem Auto.
≠ Im Auto verkauft sie Eis.
de: steuerberater
= Berater für die Steuer
= Steuerberater in der Nähe
≠ Sie berieten am Steuer.
≠ Der Berater steuert das Boot.
de: gartenpflege
= Pflege für Ihren Garten
= Den Garten richtig pflegen
≠ Der Garten liegt neben dem Pflegeheim.
≠ Er pflegt im Garten zu lesen.
de: bankkonto
= Ein Konto bei der Bank eröffnen
= Konten Ihrer Bank vergleichen
≠ Auf der Bank lag ein Kontoauszug.
≠ Das geht auf sein Konto, sagt die Bank.
de: laufschuhe
= Schuhe zum Laufen
= Der passende Schuh für deinen Lauf
≠ Im Laufe des Tages drückten die Schuhe.
≠ Die Schuhe laufen ein.
de: steuerberater
= Sich in Steuerfragen beraten lassen
= Beratung zur Steuer
≠ Am Steuer saß ein Berater.
≠ Der Berater steuert das Boot.
de: reiseplanung
= Eine Reise planen
= So planen Sie Ihre Reisen
≠ Die Plane riss auf der Reise.
≠ Er reist planlos umher.
de: Wohnungssuche
= Eine Wohnung suchen in der Großstadt
= Die Suche nach einer Wohnung
≠ In der Wohnung sucht sie ihre Brille.
≠ Er versucht, zu Hause zu wohnen.
de: Haarschnitt
= Die Haare schneiden lassen
= Schnitte für kurzes Haar
≠ Im Schnitt verliert man hundert Haare.
≠ Die Schnittmenge ist haargenau null.
de: Kinderbett
= Ein Bett für Kinder ab drei
= Betten für kleine Kinder
≠ Die Kinder betten ihre Puppen.
≠ Das Kind stand vor dem Bett.
de: Zahnarzt
= Der Arzt für Ihre Zähne
= Zahnärzte in der Nähe
≠ Der Arzt biss die Zähne zusammen.
≠ Am Zahnrad drehte ein Arzt.
de: Fenster putzen
= Fenster streifenfrei putzen
= So putzt man ein Fenster
≠ Der Putz am Fenster bröckelt.
≠ Er putzt die Schuhe am Fenster.
de: Autowäsche
= Das Auto richtig waschen
= Wäsche für Ihr Auto
≠ Die Wäsche liegt im Auto.
≠ Das Auto hielt vor dem Waschsalon.
de: Datensicherung
= Daten sichern in fünf Minuten
= Sichern Sie Ihre Daten
≠ Die Daten sind sicher falsch.
≠ Die Sicherung flog raus, die Daten waren weg.
de: Hundefutter
= Futter für alte Hunde
= Welches Futter braucht mein Hund?
≠ Der Hund zerbiss das Futter der Jacke.
≠ Der Hund schlief neben dem Futterhaus.
de: Kaffeemaschine
= Maschinen für guten Kaffee
= Eine Maschine, die Kaffee mahlt
≠ Der Kaffee tropfte auf die Nähmaschine.
≠ Die Maschine landete, es gab Kaffee.
de: Gartenhaus
= Ein Haus für den Garten
= Gartenhäuser aus Holz
≠ Der Garten hinter dem Haus
≠ Vom Haus in den Garten
de: Schreibtisch
= Ein Tisch zum Schreiben
= Tische zum Schreiben im Stehen
≠ Sie schreibt einen Brief am Tisch.
≠ Das Schreiben lag auf dem Tisch.
de: Umzugshilfe
= Hilfe beim Umzug
= Helfer für Ihren Umzug
≠ Beim Umzug durch die Stadt kam keine Hilfe.
≠ Hilfe, der Umzug ist vorbei!
de: Bücherregal
= Regale für viele Bücher
= Ein Regal voller Bücher
≠ Er stellte das Buch ins Regal.
≠ Bücher machen in der Regel klug.
de: Wand streichen
= Eine Wand richtig streichen
= So streichst du Wände
≠ Der Streich endete an der Wand.
≠ Er strich durch die Stadt, vorbei an der Wand.
de: günstige Flüge
= Flüge, die günstig sind
= Die günstigsten Flüge
≠ Der Flug war lang, das Essen günstig.
≠ Die Gunst der Stunde und der Flug
de: glutenfreies Brot
= Brot, das glutenfrei ist
= Brot ohne Gluten
≠ Das Brot war frei Haus, mit Gluten.
≠ Im Freien aß er Brot mit Gluten.
de: Gitarre lernen
= Gitarre spielen lernen
= Wie lernt man Gitarre?
≠ Der Gitarrist lernte sie kennen.
≠ Die Gitarre steht neben der Lernkartei.
de: Tomaten pflanzen
= Wann pflanzt man Tomaten?
= Tomaten richtig pflanzen
≠ Die Pflanze steht neben den Tomaten.
≠ Tomaten, Gurken und Zimmerpflanzen
de: Gartenbeleuchtung
= Wer seinen Garten beleuchtet, sitzt abends länger draußen.
= Die Beleuchtung im Garten braucht kein Kabel.
≠ Der Garten des Beleuchters war klein.
≠ Im Garten leuchtet ihr das Argument ein.
de: Fensterfolie
= Eine Folie für Fenster hält die Hitze draußen.
= Folien am Fenster lassen sich leicht entfernen.
≠ Sie stand am Fenster und las eine Folie des Vortrags.
≠ Das Fenster steht offen, die Folie ist im Müll.
de: Wasserfilter
= Filter für sauberes Wasser
= Welcher Filter reinigt das Wasser am besten?
≠ Das Wasser kocht, der Kaffeefilter liegt bereit.
≠ Er filtert Nachrichten und trinkt Wasser.
de: Kreditvergleich
= Kredite vergleichen und sparen
= Ein Vergleich von Krediten lohnt sich.
≠ Der Vergleich hinkt, sagte der Kreditberater.
≠ Im Vergleich zu ihm hat sie Kredit beim Chef.
de: Brotbackautomat
= Automaten, die Brot backen
= Mit dem Automaten Brot backen
≠ Der Bäcker backt Brot neben dem Automaten.
≠ Der Automat nahm das Geld, das Brot blieb stecken.
de: Umzugskartons
= Kartons für den Umzug
= Wie viele Kartons brauche ich für den Umzug?
≠ Beim Umzug der Trachten lag ein Karton auf der Straße.
≠ Der Umzug war vorbei, der Karton leer.
de: Bügelbrett
= Ein Brett zum Bügeln
= Bretter zum Bügeln im Sitzen
≠ Der Bügel hängt am Brett.
≠ Er bügelt seinen Fehler aus, ein Brett vorm Kopf.
de: Hörgerät
= Geräte für Menschen, die schlecht hören
= Ein Gerät zum Hören
≠ Er hört, wie das Gerät rattert.
≠ Das Gerät gehört ihm.
de: Druckerpapier
= Papier für den Drucker
= Welches Papier braucht der Drucker?
≠ Der Druck auf dem Papier verblasst.
≠ Der Drucker frisst Papier? Unter Druck.
de: Eheringe
= Ringe für die Ehe
= Der Ring für Ihre Ehe
≠ Die Ehe der Ringer
≠ Er ringt um seine Ehe.
de: Buchladen
= Läden für alte Bücher
= Ein Laden voller Bücher
≠ Das Buch laden Sie hier.
≠ Er wurde mit dem Buch vorgeladen.
de: Rosengarten
= Ein Garten mit Rosen
= Gärten voller Rosen
≠ Der Garten ist nicht auf Rosen gebettet.
≠ Im Garten stehen keine Rosen.
de: Kinderzimmer
= Zimmer für zwei Kinder
= Ein Zimmer für Ihr Kind einrichten
≠ Das Kind lief aus dem Zimmer.
≠ Die Kinder des Zimmermanns
de: Wohnzimmerlampe
= Lampen für das Wohnzimmer
= Eine Lampe fürs Wohnzimmer
≠ Die Lampe im Flur, das Wohnzimmer im Dunkeln
≠ Das Wohnzimmer der Lampenfirma
de: Fahrradreparatur
= Fahrräder reparieren lernen
= Reparatur von Fahrrädern
≠ Das Fahrrad stand vor der Reparaturwerkstatt für Uhren.
≠ Er fuhr mit dem Rad zur Reparatur der Brille.
de: Heizkosten
= Kosten fürs Heizen senken
= Die Kosten der Heizung
≠ Er kostet die Suppe und heizt den Ofen.
≠ Auf Kosten anderer heizt er ein.
de: Bewerbungsfoto
= Fotos für die Bewerbung
= Ein Foto für Ihre Bewerbungen
≠ Nach der Bewerbung machte er ein Foto vom Meer.
≠ Das Foto bewirbt Reisen.
de: Gartenmöbel
= Möbel für den Garten
= Welche Möbel passen in den Garten?
≠ Im Garten verkauft er Büromöbel.
≠ Die Möbel blieben, der Garten ging.
de: Sprachreise
= Reisen, auf denen man Sprachen lernt
= Eine Reise in eine andere Sprache
≠ Er verschlug ihm auf der Reise die Sprache.
≠ Die Sprache der Reisebusse
de: Steuertipps
= Tipps zur Steuer
= Tipps für die Steuern von morgen
≠ Er gab am Steuer einen Tipp ab.
≠ Die Steuer fiel, so der Tipp.
de: Hochzeitstorte
= Torten für die Hochzeit
= Eine Torte zur Hochzeit
≠ Zur Hochzeit kam keine Torte.
≠ Die Torte fiel, die Hochzeit auch.
de: Autoverkauf
= Wie man sein Auto verkauft
= Der Verkauf von Autos
≠ Der Verkäufer saß im Auto.
≠ Im Verkauf fährt man Auto.
de: Wanderschuhe
= Schuhe zum Wandern
= Welche Schuhe braucht man fürs Wandern?
≠ Die Schuhe wandern in den Müll.
≠ Der Wanderer verlor einen Schuh.
de: Teppichreinigung
= Teppiche schonend reinigen
= Die Reinigung von Teppichen
≠ Der Teppich liegt in der Reinigung neben Hosen.
≠ Der reine Teppich
de: Hausverwaltung
= Wer verwaltet Ihr Haus?
= Die Verwaltung von Häusern
≠ Das Haus der Verwaltung ist alt.
≠ Er waltet im Haus seines Amtes.
de: Hochzeitsrede
= Reden für die Hochzeit
= Eine Rede zur Hochzeit schreiben
≠ Auf der Hochzeit redeten alle.
≠ Die Rede war lang, die Hochzeit kurz.
de: Aktienkurs
= Kurse von Aktien
= Wie der Kurs einer Aktie entsteht
≠ Er gibt einen Kurs und kauft Aktien.
≠ Die Aktien fielen im Kursbuch.
de: Küchenfliesen
= Fliesen für die Küche
= Die Küche neu fliesen
≠ Die Küche liegt neben dem Fliesenmarkt.
≠ In der Küche fließt Wasser.
de: Allergietest
= Tests auf Allergien
= Einen Test auf Allergie machen
≠ Der Test war so lang, dass die Allergie kam.
≠ Die Allergie stellt ihn auf die Probe; der Test folgt.
de: Handyvertrag
= Verträge für Handys
= Den Vertrag fürs Handy kündigen
≠ Sie vertrug sich am Handy mit ihm.
≠ Er hielt das Handy und den Arbeitsvertrag.
de: Fotografie lernen
= Lernen Sie die Fotografie
= Wie man Fotografie lernt
≠ Die Fotografie zeigt ein Lernheft.
≠ Sie lernte ihn durch eine Fotografie kennen.
de: Vorhangstange
= Stangen für Vorhänge
= Eine Stange für schwere Vorhänge
≠ Hinter dem Vorhang lag eine Stange Brot.
≠ Der Vorhang fiel, die Leute standen von der Stange auf.
de: Blutspende
= Blut spenden in Ihrer Nähe
= Eine Spende von Blut
≠ Er spendet Trost und Blutorangen.
≠ Das Blut stockte ihm bei der Spendengala.
de: Prüfungsvorbereitung
= Wie man sich auf eine Prüfung vorbereitet
= Vorbereitung auf die Prüfung
≠ Die Prüfung des Essens, bereitet vom Koch
≠ Nach der Prüfung bereitete sie Tee.
de: Zinssatz
= Der Satz der Zinsen
= Wie hoch ist der Satz für Zinsen?
≠ Im letzten Satz ging es um Zinsen? Nein, um Tennis.
≠ Der Satz hat keine Zinsen.
de: Kochbuch
= Ein Buch über das Kochen
≠ Der Koch las ein Buch.
≠ Das Buch kocht alte Ideen auf.
de: Waschmaschine
= Eine Maschine zum Waschen
≠ Er wäscht sich neben der Maschine.
≠ Die Maschine wird im Hafen gewaschen.
de: Lesebrille
= Eine Brille zum Lesen
≠ Sie liest ohne ihre Brille.
≠ Die Brille lag auf der Lesung.
de: Schlafsack
= Ein Sack zum Schlafen
≠ Er schläft auf einem Sack Reis.
≠ Der Sack fiel, sie schlief.
de: Tanzkurs
= Ein Kurs im Tanzen
≠ Die Kurse tanzen auf und ab.
≠ Er tanzt aus dem Kurs.
de: Backofen
= Ein Ofen zum Backen
≠ Sie bäckt neben dem Ofen im Freien.
≠ Der Ofen hat rote Backen.
de: Spielplatz
= Ein Platz zum Spielen
≠ Das Spiel fand auf Platz zwei statt.
≠ Sie spielen sich in den Vordergrund und machen Platz.
de: Fahrschule
= Eine Schule fürs Fahren
≠ Wir fahren an der Schule vorbei.
≠ Die Schule fährt ans Meer.
de: Geld sparen
= Sparen Sie Geld beim Einkauf
= Wie man Geld spart
≠ Das Geld der Sparkasse ist weg.
≠ Sie spart mit Lob und hat kein Geld.
de: Konto eröffnen
= Ein Konto online eröffnen
= So eröffnen Sie ein Konto
≠ Er eröffnete ihr, dass das Konto leer sei.
≠ Die Eröffnung ging auf sein Konto.
de: Reifen wechseln
= Wie wechselt man einen Reifen?
= Reifen selbst wechseln
≠ Der Wechsel kam nach reiflicher Überlegung.
≠ Die Reifen quietschten beim Wechsel der Spur.
de: Zimmer vermieten
= Ein Zimmer an Studenten vermieten
= Vermieten Sie Ihr Zimmer
≠ Der Vermieter saß im Zimmer.
≠ Im Zimmer stritt die Vermieterin.
de: Flug buchen
= Einen Flug günstig buchen
= So buchen Sie Ihren Flug
≠ Der Flug über die Buchen dauerte lang.
≠ Sie buchte ein Zimmer nach dem Flug.
de: Zaun streichen
= Einen Zaun richtig streichen
= Wie streicht man einen Zaun?
≠ Katzen streichen um den Zaun.
≠ Der Streich geschah am Zaun.
de: Brotmesser
= Ein Messer für Brot mit Wellenschliff
= Scharfe Brotmesser
≠ Das Brot lag neben dem Messer.
≠ Der Messergriff ist aus Brotkruste geformt.
de: Wanderkarte
= Karten zum Wandern im Harz
= Eine Wander-Karte aus Papier
≠ Die Karte wanderte von Hand zu Hand.
≠ Er wandert und verlor die Bankkarte.
de: Schlafsack
= Schlafsäcke für den Winter
= Ein Sack zum Schlafen
≠ Er schlief neben einem Sack Kartoffeln.
≠ Den Schläfer steckte man in den Sack.
de: Mietvertrag
= Verträge für die Miete einer Wohnung
= Den Mietvertrag kündigen
≠ Er vertrug sich mit dem Mieter.
≠ Die Miete steigt, der Vertrag mit dem Stromanbieter endet.
de: Kinderbetreuung
= Kinder betreuen lassen
= Die Betreuung der Kinder am Nachmittag
≠ Die Kinder der Betreuerin sind groß.
≠ Betreutes Wohnen ist nichts für Kinder.
de: Backofen reinigen
= So reinigst du den Backofen
= Die Reinigung des Backofens
≠ Die Reinigung um die Ecke hat keinen Backofen.
≠ Ein reiner Backofen der Firma
de: Steuererklärung
= Die Steuer richtig erklären
= Steuererklärungen für Rentner
≠ Er erklärte ihr, wie man ein Boot steuert.
≠ Der Steuermann gab eine Erklärung ab.
de: Fahrradschloss
= Ein Schloss fürs Fahrrad
= Sichere Fahrradschlösser
≠ Mit dem Fahrrad zum Schloss
≠ Er schloss das Fahrrad an.
de: Bankverbindung
= Geben Sie Ihre Bankverbindung an.
= Die Verbindung zur Bank
≠ Die Bank im Park verbindet zwei Wege.
≠ Verbundene Augen auf der Bank
de: Wetterbericht
= Der Bericht über das Wetter
= Wetterberichte für den Norden
≠ Er berichtete bei schlechtem Wetter aus Rom.
≠ Bei diesem Wetter kam der Bericht zu spät.
de: Gartenbank
= Eine Bank für den Garten
≠ Die Bank finanziert den Garten.
≠ Auf der Bank im Park liest der Gartenbauer.
de: Reisepass
= Einen Reisepass beantragen
≠ Der Pass auf unserer Reise war verschneit.
≠ Pass auf der Reise gut auf!
de: Türschloss
= Das Schloss an der Tür klemmt.
≠ Die Tür des Schlosses ist aus Eiche.
≠ Er schloss die Tür.
de: Tischdecke
= Decken für den Tisch
≠ Die Decke hängt tief über dem Tisch.
≠ Decken Sie bitte den Tisch.
de: Sitzplatz
= Ein Platz zum Sitzen
≠ Das Amt hat seinen Sitz am Platz.
≠ Der Platz sitzt voller Tauben.
de: Strompreis
= Die Preise für Strom steigen.
≠ Der Preis ging an einen Mann am Strom.
≠ Der Strom fiel bei der Preisverleihung aus.
de: Fensterputzer
= Putzer für Fenster gesucht
≠ Der Putz am Fenster bröckelt.
≠ Am Fenster putzt sich eine Katze.
de: Kleiderschrank
= Ein Schrank für Kleider
≠ Die Kleider liegen neben dem Schrank.
≠ Der Schrank wird mit Farbe neu gekleidet.
de: Zahnarzt
= Ein Arzt für die Zähne
≠ Der Arzt biss die Zähne zusammen.
≠ Der Zahn des Arztes fiel aus.
de: Staub saugen
= Wie oft soll man Staub saugen?
≠ Der Staub liegt auf dem Saugrohr.
≠ Das Kind saugt am Daumen voller Staub.
de: Auto mieten
= Autos mieten ohne Kreditkarte
≠ Der Mieter wäscht sein Auto.
≠ Die Miete ist höher als der Preis des Autos.
de: Brot backen
= Wie backt man ein Brot?
≠ Ihre Backen glühten, als sie das Brot aß.
≠ Das Backblech liegt neben dem Brot.
de: Dachrinne reinigen
= So reinigen Sie Ihre Dachrinnen im Herbst
= Die Reinigung der Dachrinne
≠ Nach der Reinigung saß ein Spatz auf der Dachrinne.
≠ Die Dachrinne ist rein optisch schön.
de: Stellenanzeige schreiben
= Wie schreibt man eine Stellenanzeige?
= Gut geschriebene Stellenanzeigen
≠ Er schreibt an einer Stelle über Anzeigen.
≠ Die Stellenanzeige verschrieb sich der Wahrheit.
de: Bankdrücken
= Beim Drücken auf der Bank
= Bankdrücken mit Hanteln
≠ Die Bank drückt die Zinsen.
≠ Er drückte ihr auf der Bank die Hand.
de: Schlossgarten
= Der Garten am Schloss
= Die Schlossgärten im Mai
≠ Das Schloss am Gartentor klemmt.
≠ Sie schloss den Garten ab.
de: Absatz steigern
= Den Absatz mit Rabatten steigern
= Steigerung des Absatzes
≠ Der Absatz brach ab, die Spannung steigerte sich.
≠ Im nächsten Absatz steigert er sich.
de: Feuerlöscher
= Löscher für Feuer in der Küche
= Feuerlöscher prüfen lassen
≠ Das Feuer wurde gelöscht, der Strom auch.
≠ Er löschte die Datei über das Feuer.
de: Rechnung stellen
= Wie Sie eine Rechnung stellen
= Rechnungen richtig gestellt
≠ Er stellte das Bier auf die Rechnung.
≠ Die Rechnung liegt auf der Stelle.
de: Mückenstich
= Ein Stich von einer Mücke
= Mückenstiche kühlen
≠ Die Mücke ließ ihn im Stich.
≠ Er stach Spargel zwischen Mücken.
de: Kurzgeschichte
= Kurze Geschichten aus dem Norden
= Kurzgeschichten schreiben
≠ Kurz gesagt: die Geschichte ist aus.
≠ Vor kurzem schrieb er Geschichte.
de: Arbeitsvertrag kündigen
= Einen Arbeitsvertrag fristgerecht kündigen
= Kündigung von Arbeitsverträgen
≠ Er kündigte seinen Besuch an, der Arbeitsvertrag lag bereit.
≠ Der Arbeitsvertrag regelt, wann man Gäste ankündigt.
de: Gartenhaus bauen
= Ein Gartenhaus selber bauen
= Der Bau eines Gartenhauses
≠ Neben dem Gartenhaus baut eine Amsel ihr Nest.
≠ Das Gartenhaus ist baufällig.
de: Fahrstunde
= Stunden, in denen man fahren lernt
= Fahrstunden in Kiel
≠ Eine Stunde später fuhr er heim.
≠ Der Zug fährt jede Stunde.
de: Kartenspiel
= Ein Spiel mit Karten
= Kartenspiele für zwei
≠ Er spielte nach der Karte.
≠ Das Spiel ist aus, die Karte gilt noch.
de: Bohrmaschine
= Eine Maschine zum Bohren
= Bohrmaschinen leihen
≠ Er bohrte neben der Maschine.
≠ Die Maschine stand, er bohrte in der Nase.
de: Glas schneiden
= So schneidet man Glas
= Glas schneiden lassen
≠ Er schnitt sich am Glas.
≠ Sie schnitt Brot und brach ein Glas.
de: Mietwagen
= Einen Wagen mieten auf Kreta
= Mietwägen ohne Kaution
≠ Die Miete steigt, der Wagen steht.
≠ Sie wagen es, die Miete zu erhöhen.
de: Brillengestell
= Gestelle für Ihre Brille
= Ein Gestell für Brillen
≠ Die Brille fiel vom Gestell.
≠ Er stellte die Brille hin.
de: Leselampe
= Eine Lampe zum Lesen
= Leselampen fürs Bett
≠ Er las, dass die Lampe brennt.
≠ Lies, solange die Lampe brennt.
de: Arbeitsschuhe
= Schuhe für die Arbeit
= Arbeitsschuhe mit Stahlkappe
≠ Die Arbeit ruht, die Schuhe sind nass.
≠ Er arbeitet mit seinen Schuhen.
de: Wasser sparen
= So sparen Sie Wasser im Bad
= Beim Duschen Wasser sparen
≠ Er spart sein Geld und trinkt Wasser.
≠ Das Wasser steht bis zum Sparbuch.
de: Wand streichen
= Wände streichen ohne Streifen
≠ Er strich ihr an der Wand durchs Haar.
≠ Die Wand ist grau, streich den Termin.
de: Steuer erklären
= Wie man die Steuer erklärt
= Steuern einfach erklärt
≠ Am Steuer erklärte er den Weg.
≠ Er erklärte die Reise, sie saß am Steuer.
de: Gehaltserhöhung
= Eine Erhöhung des Gehalts fordern
= Gehaltserhöhungen verhandeln
≠ Er gehalten von der Erhöhung der Bühne
≠ Der Gehalt des Weins, die Erhöhung der Preise
de: Fensterbank
= Eine Bank am Fenster
= Fensterbänke aus Stein
≠ Die Bank schloss das Fenster für Kredite.
≠ Am Fenster saß er und dachte an die Bank.
de: Stromanbieter wechseln
= Wie Sie den Stromanbieter wechseln
= Der Wechsel des Stromanbieters
≠ Der Stromanbieter hat ein wechselndes Logo.
≠ Sie wechselte das Thema, der Stromanbieter schwieg.
de: Grillkohle
= Kohle für den Grill
= Grillkohlen im Test
≠ Die Kohle reicht nicht für einen Grill.
≠ Grillen zirpen neben der Kohle.
de: Schulranzen
= Ranzen für die Schule
= Leichte Schulranzen
≠ Die Schule beginnt, sein Ranzen liegt da.
≠ In der Schule verlor er den Ranzen der Schwester.
de: Laufschuhe
= Schuhe zum Laufen
= Laufschuhe für breite Füße
≠ Im Lauf der Zeit wurden die Schuhe alt.
≠ Er läuft barfuß, die Schuhe in der Hand.
de: Rasen mähen
= Wie oft mäht man Rasen?
≠ Der Rasen ruht, er mäht die Wiese.
≠ Sie rasen vorbei und mähen alles um.
de: Kaffeetasse
= Tassen für Kaffee
= Kaffeetassen mit Henkel
≠ Nicht alle Tassen im Schrank, aber Kaffee
≠ Er trank Kaffee, die Tasse war aus Tee.
de: Möbel lackieren
= Alte Möbel selbst lackieren
= Lackierte Möbel
≠ Er lackiert ihr die Nägel zwischen Möbeln.
≠ Die Möbel stehen, der Lack ist ab.
de: Buchbinder
= Wer bindet Bücher?
= Ein Binder für Bücher
≠ Er bindet sich die Schuhe und liest ein Buch.
≠ Das Buch bindet mich nicht.
`;
