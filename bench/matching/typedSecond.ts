/** Keywords as people type them, in all languages: these only measure, nobody makes a rule by them. */
export const TYPED_SECOND = `
en: mount tv
= How to mount a TV
= Mounting your TV on a wall
= Mount the TV at eye level
≠ The mount of the camera is on the TV stand's list.
en: resize images
= How to resize an image
= Resizing images for a blog
= Resize your images before you upload
≠ The image shows a field of a fair size.
en: compare broadband
= Compare broadband deals
= Comparing broadband in your street
= How to compare broadband
en: stain fence
= How to stain a fence
= Staining your fence
= Stain the fence in spring
≠ The fence has a stain of rust.
en: remote onboarding checklist
= A checklist for remote onboarding
= Onboarding people remotely: the checklist
= Checklists for onboarding remotely
en: pet insurance cost
= What does pet insurance cost?
= The cost of pet insurance
= How much pet insurance costs
≠ The pet shop bears the cost.
en: brew kombucha
= How to brew kombucha
= Brewing your own kombucha
= Brew kombucha at home
en: declutter wardrobe
= How to declutter a wardrobe
= Decluttering your wardrobe
= Declutter your wardrobe in an hour
en: employee feedback examples
= Examples of employee feedback
= Feedback for employees: examples
= Examples of feedback to employees
en: sourdough starter recipe
= A recipe for sourdough starter
= Recipes for a sourdough starter
≠ The recipe for success is a good start.
en: block spam calls
= How to block spam calls
= Blocking spam calls on a phone
= Block your spam calls
≠ The block of flats calls for paint.
en: affordable garden furniture
= Garden furniture that is affordable
= Affordable furniture for the garden
= Affordable furniture for your garden
en: proofread essay
= How to proofread an essay
= Proofreading your essay
= Essay proofreading
en: calm barking dog
= How to calm a barking dog
= Calming a dog that barks
= Calm your barking dog
≠ In the calm of dawn a dog lay on the bark of a tree.
en: newsletter ideas for schools
= Ideas for a school newsletter
= Newsletter ideas for your school
= Ideas for newsletters at schools
en: patch drywall
= How to patch drywall
= Patching drywall yourself
= Patch your drywall
en: wireless mouse battery
= Batteries for a wireless mouse
= The battery of your wireless mouse
≠ A battery of tests was run on the mouse.
en: toddler nap schedule
= A nap schedule for toddlers
= Schedules for your toddler's naps
≠ He was caught napping, so the schedule slipped.
en: grill salmon
= How to grill salmon
= Grilling a salmon fillet
= Grill your salmon skin side down
= Grilled salmon
en: test smoke alarm
= How to test a smoke alarm
= Testing your smoke alarms
= Test the smoke alarm every month
en: rental agreement clauses
= Clauses in a rental agreement
= Clauses for your rental agreement
≠ They agreed on the rent of a tent.
en: weekly content plan
= A content plan for the week
= Plan your content weekly
= Weekly plans for content
en: store winter tyres
= How to store winter tyres
= Storing your winter tyres
= Where to store your winter tyres
≠ The store has no tyres this winter.
en: heat small greenhouse
= How to heat a small greenhouse
= Heating your small greenhouse
= Heat a small greenhouse cheaply
en: audience research methods
= Methods of audience research
= Methods to research an audience
= Researching an audience: the methods
de: terrasse pflastern
= Eine Terrasse pflastern
= So pflastern Sie Ihre Terrasse
= Das Pflastern einer Terrasse
= Gepflasterte Terrassen
≠ Das Pflaster am Knie fiel auf die Terrasse.
de: hund impfen kosten
= Was kostet es, einen Hund zu impfen?
= Die Kosten für das Impfen eines Hundes
= Hund impfen: die Kosten
de: bilder verkleinern
= Bilder verkleinern
= So verkleinern Sie ein Bild
= Verkleinerte Bilder
= Verkleinerung von Bildern
de: Ideen Kindergeburtstag
= Ideen für den Kindergeburtstag
= Zehn Ideen für einen Kindergeburtstag
≠ Am Kindergeburtstag kam er auf eine Idee zu seinem Auto.
de: lachs grillen
= Wie grillt man Lachs?
= Gegrillter Lachs
= Grillen Sie den Lachs auf der Haut
de: newsletter schreiben
= Einen Newsletter schreiben
= So schreiben Sie Ihren Newsletter
= Das Schreiben eines Newsletters
≠ Das Schreiben der Bank lag neben dem Newsletter.
de: winterreifen lagern
= Winterreifen richtig lagern
= Wie lagert man Winterreifen?
= Lagerung von Winterreifen
≠ Die Winterreifen stehen beim Lager.
de: kleine küche einrichten
= Eine kleine Küche einrichten
= So richten Sie eine kleine Küche ein
= Einrichtung für kleine Küchen
fr: peindre une terrasse
= Comment peindre sa terrasse
= Peignez votre terrasse
= Une terrasse peinte
≠ Il peint un portrait sur la terrasse.
fr: prix vaccin chien
= Le prix d'un vaccin pour chien
= Prix des vaccins du chien
= Vaccin du chien : le prix
fr: idées anniversaire enfant
= Des idées pour l'anniversaire d'un enfant
= Idées d'anniversaire pour enfants
fr: griller du saumon
= Griller le saumon
= Saumon grillé
= Grillez votre saumon
fr: rédiger une newsletter
= Comment rédiger une newsletter
= La rédaction d'une newsletter
= Rédigez votre newsletter
= Newsletters bien rédigées
fr: stocker des pneus
= Stocker ses pneus
= Le stockage des pneus
= Pneus stockés à plat
fr: chien qui aboie
= Un chien qui aboie la nuit
= Chiens qui aboient
≠ Le chien dort, la foule aboie.
fr: aménager une petite cuisine
= Comment aménager sa petite cuisine
= L'aménagement d'une petite cuisine
= Petites cuisines aménagées
es: pintar terraza
= Cómo pintar una terraza
= Pinta tu terraza
= Terrazas pintadas
≠ El pintor cena en la terraza.
es: precio vacuna perro
= El precio de la vacuna de un perro
= Precio de las vacunas para perros
= Vacuna del perro: precio
es: ideas cumpleaños infantil
= Ideas para un cumpleaños infantil
= Ideas de cumpleaños infantiles
es: salmón a la parrilla
= Salmones a la parrilla
= Salmón hecho a la parrilla
es: redactar un boletín
= Cómo redactar un boletín
= La redacción de un boletín
= Redacta tu boletín
es: guardar neumáticos
= Guardar los neumáticos
= Guarda tus neumáticos en plano
= Neumáticos guardados
≠ El guarda mira los neumáticos.
es: perro que ladra
= Un perro que ladra de noche
= Perros que ladran
≠ El perro duerme, la gente ladra.
es: cocina pequeña
= Cocinas pequeñas
= Una cocina muy pequeña
≠ Cocina con su hija pequeña.
it: dipingere terrazza
= Come dipingere una terrazza
= Dipingi la tua terrazza
= Terrazze dipinte
≠ Il dipinto sta in terrazza.
it: costo vaccino cane
= Il costo del vaccino del cane
= Quanto costa il vaccino per un cane?
= Vaccino del cane: il costo
it: idee compleanno bambini
= Idee per il compleanno dei bambini
= Idee di compleanno per un bambino
it: salmone alla griglia
= Salmoni alla griglia
= Salmone cotto alla griglia
it: scrivere una newsletter
= Come scrivere una newsletter
= Scrivi la tua newsletter
= Newsletter scritte bene
it: conservare le gomme
= Conserva le gomme in piano
= Come conservare le gomme invernali
= Gomme conservate
it: cane che abbaia
= Un cane che abbaia di notte
= Cani che abbaiano
it: arredare una cucina piccola
= Come arredare una cucina piccola
= Arreda la tua cucina piccola
= Cucine piccole arredate
nl: terras leggen
= Een terras leggen
= Leg zelf een terras.
= Het leggen van een terras
≠ Hij legt de krant op het terras.
nl: hond inenten kosten
= Wat kost een hond inenten?
= De kosten van het inenten van een hond
= Hond inenten: de kosten
nl: ideeën kinderfeestje
= Ideeën voor een kinderfeestje
= Tien ideeën voor je kinderfeestje
nl: zalm grillen
= Hoe grill je zalm?
= Gegrilde zalm
= Grill de zalm op het vel.
nl: nieuwsbrief schrijven
= Een nieuwsbrief schrijven
= Schrijf je nieuwsbrief in een uur.
= Het schrijven van een nieuwsbrief
≠ De schrijver las de nieuwsbrief.
nl: winterbanden opslaan
= Winterbanden opslaan
= Sla je winterbanden droog op.
= Opslag van winterbanden
nl: blaffende hond
= Een hond die blaft
= Blaffende honden
≠ De hond slaapt, de menigte blaft.
nl: kleine keuken inrichten
= Een kleine keuken inrichten
= Richt je kleine keuken slim in.
= De inrichting van kleine keukens
pt: pintar varanda
= Como pintar uma varanda
= Pinte sua varanda
= Varandas pintadas
≠ O pintor janta na varanda.
pt: preço vacina cachorro
= O preço da vacina de um cachorro
= Preço das vacinas para cachorros
= Vacina do cachorro: preço
pt: ideias aniversário infantil
= Ideias para um aniversário infantil
= Ideias de aniversários infantis
pt: salmão grelhado
= Salmões grelhados
= Salmão bem grelhado
≠ O salmão ficou perto da grelha.
pt: escrever newsletter
= Como escrever uma newsletter
= Escreva sua newsletter
= Newsletters bem escritas
pt: guardar pneus
= Guardar os pneus
= Guarde seus pneus deitados
= Pneus guardados
≠ O guarda olha os pneus.
pt: cachorro que late
= Um cachorro que late à noite
= Cachorros que latem
≠ O cachorro dorme, a turma late.
pt: cozinha pequena
= Cozinhas pequenas
= Uma cozinha muito pequena
≠ Cozinha com a filha pequena.
`;
