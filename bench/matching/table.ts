import { rowsOf } from "./rows";

/**
 * Keywords and sentences, and whether a reader would say that the sentence is about the keyword. What a machine finds easy is in it as well as what
 * it does not: inflections, order, hyphens, possessives, plurals, numbers, accents, spelling variants, and words that only look alike.
 */
const TABLE = `
en: cargo bike
= Our cargo bike stands in the hall.
= Two cargo bikes stand in the hall.
= The cargo bike's motor is quiet.
= Cargo bikes’ motors are quiet.
= A cargo-bike with a box.
= CARGO BIKE OR CAR?
= We bought a bike for cargo.
≠ The cargo ship waits. A bike leans on the wall.
≠ He bikes to the harbour, where the old cargo hall of the northern docks was.
≠ Cargo trousers are back.
≠ The biker wore black.
en: electric cargo bike
= Electric cargo bikes for the city
= A cargo bike, electric of course
= An electric bike for cargo
≠ Electricity for the cargo hall
≠ An electric kettle
en: e-bike
= My ebike is new.
= Two e-bikes in the shed
= E‑bikes are heavy.
= The e-bike's battery
≠ The bike is new.
≠ E is the fifth letter; bikes have two wheels.
en: how to clean a bike chain
= How to clean a bike chain in ten minutes
= Cleaning the chain of your bike
= Clean your bike’s chain first.
= How do you clean bike chains?
≠ How to clean a kitchen floor
≠ The chain of shops sells bikes; the cleaner comes on Mondays.
en: childrens bicycle seat
= A children's bicycle seat
= Bicycle seats for children
= A bicycle seat for a child
≠ A children's car seat
≠ The bicycle of the childless man
en: best running shoes for women
= The best running shoes for women
= Best running shoes for a woman
= Women's running shoes: the best of the year
= Running shoes for women, the best ones
≠ Women run in shoes of all kinds.
≠ Best walking shoes for women
en: colour printer
= A color printer for the office
= Colour printers compared
= Printers with colour
≠ A printer in black
≠ The colourful sprinter
en: organise wardrobe
= How to organize a wardrobe
= Organising your wardrobe
= Wardrobes, organised at last
≠ The organ stands by the wardrobe.
≠ An organisation of wardrobe makers
en: tyre pressure
= Check the tire pressure.
= Tyre pressures in winter
= The pressure in your tyres
≠ He is tired of the pressure.
≠ The press tries again.
en: café marketing
= Marketing for your cafe
= Café marketing that works
= How cafés do their marketing
≠ The coffee market
≠ Marketing for coffee shops
en: mice in the house
= Is there a mouse in your house?
= Mice in houses
≠ A mousse for the house
≠ The computer house sells keyboards.
en: 2 bedroom flat
= A 2-bedroom flat
= 2 bedroom flats to let
= Flats with 2 bedrooms
≠ A 3 bedroom flat
≠ A flat with a bedroom
en: writing a business plan
= How to write a business plan
= Written business plans
= Write your business plan.
= The business plan you are writing
≠ Busy writers plan their day.
≠ Writing a will
en: university course
= Courses at the university
= University courses online
≠ The course of the universe
≠ A universal remote, of course
en: policy template
= Templates for policies
= A policy template
≠ The police has a template.
≠ A political temple
en: news site
= News sites we read
= A site for news
≠ A new site
≠ The newest building site
en: knife sharpening
= Sharpening knives at home
= Sharpen your knife
= Knife sharpeners compared
≠ A sharp remark
≠ A sharp knife-edge decision
en: wedding photographer
= Wedding photographers near you
= A photographer for your wedding
≠ Wed is short for Wednesday.
≠ The wedding guests took photographs.
en: email newsletter
= An e-mail newsletter
= Newsletters by email
= Emailing a newsletter
≠ A newspaper by mail
≠ The male newsreader
en: analyse data
= Analyzing data
= Data analysed by hand
= How to analyze your data
≠ The dates were annual.
en: cheap car hire
= Hire a car cheaply
= Cheap car hire in spring
= Cheaper car hires
≠ Hire a cheap caravan
≠ The cart was higher.
en: general knowledge quiz
= General knowledge quizzes
= A quiz of general knowledge
≠ Generate a quiz
en: hair care
= Care for your hair
= Hair-care products
= Haircare for the winter
≠ He carries a hare.
≠ Be careful with the hairpin.
en: marketing plan
= A marketing plan in one page
= Plans for marketing
≠ The market on the plane
≠ Market day is planned.
en: bread recipe
= Recipes for bread
= A bread recipe without yeast
≠ The breadth of the recipient's desk
en: what is seo
= What is SEO?
= what is seo and why
≠ SEO is hard.
en: running
= She runs every day.
= He ran home.
≠ The runway is closed.
en: leaf blower
= Leaf blowers are loud.
= A blower for leaves
≠ He leaves, blowing a kiss.
en: foot pain
= Pain in the feet
= Foot pains after a run
≠ A football painting
en: gift ideas for men
= Gift ideas for a man
= Ideas for gifts for men
≠ Gift ideas for the manager
≠ Ideal gifted mentors
en: car insurance
= Insurance for your car
= Insuring a car
= Car insurances
≠ Ensure that the card works
≠ Care insurance
en: self-employed tax
= Tax for the self employed
= Self-employed taxes
≠ The selfish employer pays no tax.
≠ A taxi for employees
en: travelling with kids
= Traveling with kids
= Travel with a kid
= Kids who travel
≠ Kidney trouble on travels
en: home office desk
= Desks for a home office
= The desk in your home office
≠ The Home Office said on Monday that nobody was at any of the many desks.
≠ Office homes
en: garden shed
= Garden sheds
= Sheds for small gardens
= A gardener's shed
≠ He shed a tear in the kindergarten.
en: paste recipe
= Pastes: a recipe
≠ Recipes of the past
en: cactus care
= Caring for cacti
= Cactus care for beginners
≠ The cactus in the car
en: job interview questions
= Questions in a job interview
= Job interviews: the questions
≠ Interviewers question the jobless.
en: 10 best books
= The 10 best books
= Best 10 books
≠ The 100 best books
≠ 10 books
de: lastenrad kaufen
= Ein Lastenrad kaufen
= Lastenräder kaufen
= Wer ein Lastenrad kauft
= Gekauft: ein Lastenrad
≠ Der Kaufmann trägt Lasten.
≠ Ein Fahrrad kaufen
de: kinderfahrrad
= Kinderfahrräder im Test
= Das Kinderfahrrad
≠ Kinder fahren Rad.
≠ Das Kind fährt.
de: fahrrad reparieren
= Fahrräder reparieren
= Wie man ein Fahrrad repariert
= Die Reparatur des Fahrrads
≠ Der Fahrer des Rads
≠ Das Auto reparieren
de: küche reinigen
= Die Küche reinigen
= Küchen reinigt man täglich.
≠ Den Kuchen reinigen
≠ Die Köche regnen ein.
de: schöne wohnung
= Schöne Wohnungen
= Eine schöne Wohnung
= Wohnungen, die schöner sind
≠ Schon die Wohnung
≠ Wohnen ist teuer.
de: günstige e-bikes
= Ein günstiges E-Bike
= Günstige Ebikes
≠ Ein günstiges Bike
de: straße
= Die Strasse ist nass.
= Straßen in der Stadt
≠ Der Strauß
de: versicherung für fahrräder
= Eine Versicherung für Fahrräder
= Fahrrad-Versicherung
= Versicherungen für das Fahrrad
≠ Sicher auf dem Fahrrad
fr: vélo cargo
= Un vélo cargo
= Des vélos cargos
= Le vélo-cargo
= L’avantage du vélo cargo
≠ Le navire cargo
≠ La vélocité
fr: vélo électrique
= Les vélos électriques
= velo electrique
= Un vélo, électrique bien sûr
≠ L’électricité du vélodrome
≠ Une voiture électrique
fr: assurance vélo
= L’assurance de votre vélo
= Assurances pour vélos
= Une assurance vélo
≠ Je vous assure.
≠ L’assurance auto
fr: acheter un appartement
= Acheter un appartement
= Achetez votre appartement
= L’achat d’un appartement
= Des appartements à acheter
≠ Il appartient à Jean.
≠ Louer un appartement
fr: cheval d’attelage
= Des chevaux d’attelage
≠ Les cheveux
fr: recettes d'été
= Une recette d’été
= Recettes d'été
≠ Il a été recruté.
es: bicicleta de carga
= Bicicletas de carga
= Una bicicleta de carga
= La bicicleta para carga
≠ Cargar el teléfono
≠ La carga del camión
es: alquilar coche
= Alquila un coche
= Alquiler de coches
= Coches para alquilar
≠ Un coche nuevo
≠ El alquiler del piso
es: reparación de bicicletas
= Reparaciones de bicicleta
= Reparar una bicicleta
= reparacion de bicicletas
≠ Preparar una bicicleta
es: luces para niños
= Una luz para el niño
= Luces para niñas
≠ La lucha
≠ Las luces
es: ciudades españolas
= Una ciudad española
= Ciudades de España y ciudades españolas
≠ Ciudadanos de España
nl: bakfiets kopen
= Een bakfiets kopen
= Bakfietsen kopen
= Wie een bakfiets koopt
= Een gekochte bakfiets, gekocht in mei
≠ De bakker koopt een fiets.
≠ Een huis kopen
nl: elektrische fiets
= Elektrische fietsen
= Een fiets, elektrisch
= De elektrische fiets
≠ Elektriciteit op de fiets
≠ De fiets
nl: huizen huren
= Een huis huren
= Huizen te huur
≠ De huid en het haar
≠ Huilen om de huurder
nl: baby's eerste schoenen
= De eerste schoenen van je baby
= Baby's eerste schoenen
≠ De babbelaar
it: bicicletta elettrica
= Biciclette elettriche
= La bicicletta elettrica
= Una bici elettrica
≠ L’elettricità
≠ La bicicletta
it: assicurazione auto
= L’assicurazione dell’auto
= Assicurazioni auto
= Assicurazione per automobili
≠ Ti assicuro.
≠ Autori assicurati
it: amici a quattro zampe
= Un amico a quattro zampe
= Amici a quattro zampe
≠ Quattro amici
it: spiagge della città
= La spiaggia della città
= Le spiagge in città
≠ La spia della citta-della lontana
pt: bicicleta elétrica
= Bicicletas elétricas
= A bicicleta elétrica
= bicicleta eletrica
≠ A eletricidade
≠ A bicicleta
pt: instalação de painéis
= Instalações de painéis
= A instalação de um painel
≠ O painel
≠ Instalar um pão
pt: viagens com crianças
= Uma viagem com a criança
= Viagem com crianças
≠ A criação de viagens
≠ Crianças
pt: manutenção de carros
= Manutenção do carro
= A manutenção dos carros
≠ A mão no carro
≠ As cartas
en: best running shoes for flat feet
= The best running shoes for flat feet cost less than you think.
= Flat feet? These are the best shoes for running.
= Which running shoe is best for a flat foot?
≠ The best way of running a shop for feet of copper.
≠ Flat shoes are not for everyone.
≠ Feet hurt after a run in the best of boots.
en: children's library
= The children's library opens at nine.
= Libraries for children
= A childrens library
= Our library has a room for a child.
≠ The librarian has two children and three cats at home in the old mill.
≠ Childish jokes about the library
en: apply for a visa
= Applying for a visa takes two weeks.
= How she applied for her visa
= Visa applications
= Visas: who applies and when
≠ The visa is in the drawer.
≠ This does not apply.
en: analysis of variance
= An analysis of variance was run.
= Analyses of variances
= Variance analysis
≠ An analyst with various tools
en: tax return 2025
= Tax returns for 2025
= Your 2025 tax return
≠ Tax return 2024
≠ He returned in 2025 and paid tax on the car that he had imported in spring.
en: women's cycling jacket
= Women’s cycling jackets
= A cycling jacket for a woman
= Cycling jackets for women
≠ Men's cycling jacket
≠ A woman cycles past a man in a raincoat.
en: colour printer
= Color printers compared
= Printing in colour needs a good printer; this colour printer has one.
≠ A printer of colourful language
≠ Black and white printer
en: wifi router
= A Wi-Fi router
= WiFi routers
≠ Wood routers
en: café culture
= Cafe culture in winter
= The culture of cafés
≠ Cafeteria food
en: 3d printing
= 3-D printing at home
= 3D print
≠ Printing in 2 days
≠ 13 days of printing
en: running
= He ran home.
= Runners run.
≠ The runny egg
en: mice
= A mouse in the kitchen
≠ The moose
en: policy
= Policies
≠ Police
≠ Politics
en: organic
≠ The organisation of the fair
= Organically grown
en: universal joint
≠ The university joined in.
= Universal joints
en: leaves in autumn
= Autumn leaf
= The leaves of autumn
≠ He leaves in spring.
en: store-bought bread
= Store bought bread
= Breads, store-bought
≠ He bought a store.
de: kinderfahrrad kaufen
= Kinderfahrräder kaufen: worauf achten?
= Wer ein Kinderfahrrad kauft, sollte messen.
= Ein Kinderfahrrad gekauft
≠ Kinder kaufen Eis.
≠ Das Fahrrad wurde verkauft.
de: wohnung mieten
= Wohnungen mieten in der Stadt
= Sie mietete eine Wohnung.
= Eine gemietete Wohnung
≠ Die Miete steigt.
≠ Ein Auto mieten
de: gesundes frühstück
= Gesunde Frühstücke
= Ein gesundes Fruehstueck
= Was zum gesunden Frühstück gehört
≠ Gesundheit am Morgen
≠ Das Frühstück war kalt.
de: äpfel lagern
= Apfel richtig lagern
= Wie man Äpfel lagert
≠ Das Lager der Pfadfinder
de: häuser streichen
= Ein Haus streichen
= Das gestrichene Haus
≠ Der Streich im Hausflur
de: bücher für kinder
= Ein Buch für Kinder
= Kinder und ihre Bücher
≠ Das Kind bucht eine Reise.
de: straße sperren
= Gesperrte Straßen
= Die Strasse wird gesperrt.
≠ Der Sperrmüll steht da.
de: hund erziehen
= Hunde erziehen
= Ein Hund wird erzogen.
≠ Die Erzieherin im Kindergarten
≠ Hundert Kinder erziehen
fr: recette de gâteau au chocolat
= Recettes de gâteaux au chocolat
= Un gateau au chocolat: la recette
≠ Une recette de pain
≠ Du chocolat chaud
fr: louer une voiture
= Louer des voitures
= Il loua une voiture.
= Une voiture louée
≠ La voiture est rouge.
≠ La location du local
fr: cheval
= Les chevaux
≠ Les cheveux
fr: travaux de maison
= Le travail dans la maison
= Les travaux des maisons
≠ Le train de maison
fr: apprendre le piano
= J'apprends le piano.
= Elle a appris le piano.
= Apprendre un piano, des pianos
≠ Le piano est accordé.
fr: école maternelle
= Les écoles maternelles
= L'ecole maternelle
≠ La mère et l'écolier
fr: acheter un vélo d'occasion
= Des vélos d’occasion à acheter
= Il achète un vélo d'occasion.
≠ À cette occasion, il achète du pain.
es: receta de tortilla
= Recetas de tortillas
= La tortilla: receta
≠ Una receta de pan
es: aprender inglés
= Aprende ingles
= Aprendiendo inglés
≠ Los ingleses llegan.
≠ Inglaterra en invierno
es: comprar coche nuevo
= Compré un coche nuevo.
= Coches nuevos para comprar
≠ El coche es viejo.
es: niños felices
= Un niño feliz
= La felicidad de los adultos y el niño feliz
≠ Niñas altas
es: luz del jardín
= Las luces de los jardines
= Luz en el jardin
≠ El jardinero lucha.
es: perros pequeños
= Un perro pequeño
= Perritos pequeños; perro pequeño
≠ Pequeños gatos
nl: huis kopen
= Huizen kopen
= Zij kocht een huis.
= Een gekocht huis
≠ De kop van het huis
≠ Het huisje
nl: fietsen repareren
= Een fiets repareren
= De gerepareerde fiets
≠ De fietser valt.
nl: kinderen leren zwemmen
= Een kind leert zwemmen.
= Kinderen die zwemmen leren
≠ Leren tassen voor kinderen
nl: goedkope vluchten
= Een goedkope vlucht
= Vluchten, goedkoop
≠ Dure vluchten
nl: brieven schrijven
= Een brief schrijven
= Ik schreef een brief.
≠ Het schrift ligt daar.
it: comprare casa
= Comprare una casa
= Case da comprare
= Ho comprato una casa.
≠ La casa è rossa.
it: ricetta della pizza
= Ricette di pizze
= Pizza: la ricetta
≠ La pizzeria apre.
it: città d'arte
= Le citta d’arte
= Arte in città
≠ I cittadini
it: amico del cane
= Gli amici dei cani
= L'amica dei cani
≠ Canestro tra amici
it: uovo sodo
= Uova sode
≠ Un ovale sodo
pt: receita de bolo
= Receitas de bolos
= Bolo: a receita
≠ A bola e a receita
pt: alugar apartamento
= Alugar apartamentos
= Ele alugou um apartamento.
= Apartamento alugado
≠ O aluno no apartamento
pt: pães caseiros
= Pão caseiro
= Paes caseiros
≠ O pai caseiro
pt: animais domésticos
= Um animal doméstico
= Animais domesticos
≠ Animado e domado
pt: aprender a nadar
= Aprendendo a nadar
= Ela aprendeu a nadar.
≠ Nada aprendido sobre o mar
en: repair a leaking tap
= How to repair a tap that leaks
= Repairing leaky taps: a leaking tap in the kitchen
= Leaking taps are repaired in an hour.
≠ A leak of papers
≠ Tap dancing for beginners
en: small business loans
= A small business loan
= Loans for small businesses
≠ A small loan of trust in the business of others is what the village asked its mayor for.
≠ Lone wolves
en: potty training
= Potty trained in a week
= Training with the potty
≠ The train was late.
en: toddlers' shoes
= A toddler’s shoe
= Shoes for toddlers
≠ Toddler food
en: compare energy prices
= Comparing energy prices
= Energy: prices compared
= The price of energy, and how to compare it
≠ Energetic children
≠ A prize for energy
en: knife sharpening
= Sharpen your knives
= How a knife is sharpened
≠ A sharp tongue
≠ Sharp knives fall.
en: criteria for hiring
= One criterion for hiring
= Hiring criteria
≠ Higher critics
en: tyre pressure
= Tire pressures
= The pressure of a tyre
≠ Tired and under pressure
≠ Press the tyre lever
en: bookkeeping software
= Software for bookkeeping
≠ Books kept in the soft light
en: t-shirt printing
= T shirts printed
= Printing t-shirts
≠ Shirt buttons
en: stress at work
= Stressed at work
= Work stress
≠ Stresses in a bridge
en: heated blanket
= Heated blankets
≠ Blank sheet
de: fenster putzen
= Geputzte Fenster
= Das Fenster putzt er.
≠ Der Putz am Haus
≠ Die Fensterbank
de: heizung entlüften
= Heizungen entlüften
= Die Heizung wird entlüftet.
≠ Die Luft ist kalt.
de: rasen mähen
= Den Rasen mäht sie am Samstag.
= Gemähter Rasen
≠ Er rast durch die Stadt.
de: steuererklärung abgeben
= Die Steuererklärung wurde abgegeben.
= Steuererklärungen rechtzeitig abzugeben
≠ Das Steuer und die Erklärung
de: katze impfen
= Geimpfte Katzen
= Katzen impfen lassen
≠ Der Hund wird geimpft.
de: brot backen
= Gebackenes Brot
= Brote backen
≠ Die Backe tut weh.
de: günstige flüge
= Ein günstiger Flug
= Fluege, guenstig
≠ Die Flügel
de: garten anlegen
= Gärten anlegen
= Ein Garten wird angelegt.
≠ Der Anleger im Hafen
de: wände streichen
= Eine Wand gestrichen
= Wand streichen
≠ Die Wende
de: pferd reiten
= Pferde reiten
≠ Pferdestärken
de: verträge kündigen
= Ein gekündigter Vertrag
= Den Vertrag kündigen
≠ Er verträgt keine Milch.
de: bewerbung schreiben
= Eine Bewerbung wird geschrieben.
= Bewerbungen schreiben
≠ Der Schreiber
fr: changer un pneu
= Changer les pneus
= Il change son pneu.
= Un pneu changé
≠ Le change de la banque
fr: nettoyer un tapis
= Des tapis nettoyés
= Nettoyer les tapis
≠ La nappe est tapissée.
fr: maison à vendre
= Maisons à vendre
= Une maison vendue
≠ Le vent dans la maison
fr: construire un mur
= Un mur construit
= Construire des murs
≠ La mûre est bonne.
fr: jouet en bois
= Des jouets en bois
= Jouets de bois
≠ Il boit un jus.
≠ Les joues roses
fr: planter des tomates
= Planter une tomate
= Les tomates plantées
≠ La plante des pieds
fr: crème hydratante
= Crèmes hydratantes
= Une creme hydratante
≠ Le crémier
fr: petits chiens
= Un petit chien
≠ Une petite chienne de vie, non: les chiffres
fr: choisir un matelas
= Choisir des matelas
= Le matelas choisi
≠ Le matelot
fr: vélos pliants
= Un vélo pliant
≠ Plier une serviette
es: limpiar el horno
= Cómo limpié el horno
= Un horno limpio
= Hornos limpiados
≠ Hormigas limpias
es: cultivar tomates
= Cultivando tomates
= Cultivo un tomate
≠ El culto
es: reparar bicicletas
= Reparé mi bicicleta.
= Bicicletas reparadas
≠ Repartir bicis
es: viajes baratos
= Un viaje barato
≠ Viajeros cansados
es: camisetas blancas
= Una camiseta blanca
≠ Camisas negras
es: cocinar arroz
= Cocina arroz cada día
= Arroz cocinado
≠ Arrozales
es: luces led
= Luz led
≠ La lucha
es: dientes sanos
= Un diente sano
≠ La santa
es: alquilar piso
= Pisos alquilados
= Alquilo un piso
≠ Pisar el suelo
nl: tuin aanleggen
= Tuinen aanleggen
= Een aangelegde tuin
≠ De leg van de kip
nl: ramen wassen
= Een raam wassen
= Gewassen ramen
≠ De was hangt buiten.
nl: muren verven
= Een muur verven
= Geverfde muren
≠ Een verfijnde smaak
nl: hond trainen
= Honden trainen
= Een getrainde hond
≠ De trein
nl: zonnepanelen kiezen
= Gekozen zonnepanelen
= Een zonnepaneel kiezen
≠ De kies doet pijn
nl: goede boeken
= Een goed boek
≠ Een boeket
nl: brood bakken
= Broden bakken
= Gebakken brood
≠ De bakker
nl: huis verhuren
= Een verhuurd huis
= Huizen verhuren
≠ De huurder
nl: kat
= Katten
≠ Kater
it: pulire il forno
= Forni puliti
= Pulisco il forno.
≠ La forma pulita
it: coltivare pomodori
= Coltivo un pomodoro
= Pomodori coltivati
≠ Il colto
it: scarpe rosse
= Una scarpa rossa
≠ Scarponi neri
it: riparare un tetto
= Tetti riparati
= Ripara il tetto
≠ Il teatro
it: ristoranti economici
= Un ristorante economico
≠ Economia e ristoro
it: lavare i tappeti
= Lavo un tappeto
= Tappeti lavati
≠ Il lavoro sul tappo
it: piante grasse
= Una pianta grassa
≠ Piantare un palo
it: cucinare il riso
= Cucino riso
= Riso cucinato
≠ Risolvere
it: biglietti aerei
= Un biglietto aereo
≠ L'aria
pt: limpar o forno
= Limpei o forno.
= Fornos limpos
≠ A forma limpa
pt: plantar tomates
= Plantando um tomate
= Tomates plantados
≠ O plano
pt: sapatos vermelhos
= Um sapato vermelho
≠ A sapataria
pt: consertar bicicleta
= Bicicletas consertadas
= Consertei a bicicleta.
≠ O concerto
pt: passagens baratas
= Uma passagem barata
≠ Passageiros
pt: cozinhar arroz
= Cozinhando arroz
= Arroz cozinhado
≠ A cozinheira
pt: janelas de alumínio
= Janela de aluminio
≠ O aluno
pt: corações fortes
= Um coração forte
≠ A corda forte
pt: jardins pequenos
= Um jardim pequeno
≠ O jardineiro
en: paint a wooden fence
= Painting wooden fences
= A fence of wood, painted in a day: how to paint wooden fences
= The wooden fence was painted.
≠ Fencing lessons in a wood
en: dog-friendly hotels
= Dog friendly hotels
= A dog-friendly hotel
≠ A hotel with friendly staff
en: salary negotiation
= Negotiating a salary
= Salary negotiations
≠ Celery soup
en: grow potatoes in bags
= Growing potatoes in a bag
= Potatoes grown in bags
≠ A bag of crisps
en: baby's sleep
= Babies' sleep
= How a baby sleeps
≠ A sleepless worker
en: frozen pipes
= A frozen pipe
≠ A pipe smoker
≠ Frozen peas
en: file taxes
= Filing taxes
= A tax filed
≠ A nail file and a taxi
en: batteries
= Battery
≠ Batter
en: geese
= A goose
≠ Gas
de: möbel aufbauen
= Möbel werden aufgebaut.
= Die aufgebauten Möbel
≠ Der Aufbau des Textes
de: wäsche trocknen
= Getrocknete Wäsche
= Wäsche trocknet im Wind.
≠ Das Trockendock
de: eier kochen
= Gekochte Eier
= Ein Ei kochen
≠ Der Eimer kocht.
de: teppich reinigen
= Gereinigte Teppiche
= Der Teppich wird gereinigt.
≠ Die Reihe der Teppiche
de: batterie laden
= Geladene Batterien
= Die Batterie lädt.
≠ Der Laden
de: spielzeug verkaufen
= Verkauftes Spielzeug
= Spielzeuge verkaufen
≠ Der Spieler kauft ein.
de: sprachen lernen
= Eine Sprache lernen
= Gelernte Sprachen
≠ Er sprach lange.
de: reise planen
= Eine geplante Reise
= Reisen planen
≠ Der Reis und die Plane
de: altes haus sanieren
= Alte Häuser sanieren
= Ein altes Haus wird saniert.
≠ Der Sanitäter
de: kinder impfen lassen
= Kind impfen lassen
≠ Das Kind lacht.
de: zahnärzte
= Ein Zahnarzt
≠ Zahnrad
de: schuhe für breite füße
= Schuhe für einen breiten Fuß
≠ Die Breite des Schuhschranks
fr: arroser les plantes
= Arroser une plante
= Les plantes arrosées
≠ Une rose plantée
fr: peindre un mur
= Un mur peint
= Peindre des murs
≠ La peine du mur
fr: nouveaux livres
= Un nouveau livre
≠ La livre neuve
fr: cuire des œufs
= Des oeufs cuits
= Cuire un œuf
≠ Du cuir neuf
fr: travailler à domicile
= Il travaille à domicile.
= Le travail à domicile
≠ Travers
fr: chiens perdus
= Un chien perdu
≠ Le chien père
fr: vacances pas chères
= Des vacances pas cheres
≠ La chaire
fr: changer de banque
= Changement de banque
= Il a changé de banque.
≠ Le banquet
fr: voyager seul
= Voyager seule
= Il voyage seul.
≠ Le voyou
es: pintar paredes
= Una pared pintada
= Pintando paredes
≠ El pintor
es: cuidar perros
= Cuidando un perro
= Perros cuidados
≠ El cuidado de la piel
es: vender ropa usada
= Ropa usada vendida
= Vendo ropa usada
≠ Usar ropa
es: ejercicios fáciles
= Un ejercicio fácil
≠ El ejército
es: ciudades verdes
= Una ciudad verde
≠ La verdad
es: regar plantas
= Riega las plantas
= Plantas regadas
≠ La regla
es: muebles de jardín
= Un mueble de jardín
≠ Mover la jarra
es: preparar café
= Preparé café.
= Café preparado
≠ La cafetería
nl: keuken schilderen
= Een geschilderde keuken
= Keukens schilderen
≠ Het schild
nl: taart bakken
= Een gebakken taart
= Taarten bakken
≠ De bak
nl: lekke band plakken
= Lekke banden plakken
= Een band geplakt, lek
≠ Het lek in het dak
nl: planten water geven
= Geef de plant water
≠ De plank drijft.
nl: oude meubels
= Een oud meubel
≠ De ouders
nl: eieren koken
= Een ei koken
= Gekookte eieren
≠ De kok
nl: talen leren
= Een taal leren
= Hij leert talen.
≠ Lederen tas
it: dipingere pareti
= Una parete dipinta
= Dipingere le pareti
≠ Partire
it: cuocere uova
= Uova cotte
= Cuocere un uovo
≠ Il cuoco
it: libri usati
= Un libro usato
≠ La libbra
it: piantare alberi
= Alberi piantati
= Piantare un albero
≠ L'albergo
it: scuole estive
= Una scuola estiva
≠ Lo scolo
it: vendere mobili
= Mobili venduti
= Vendo un mobile
≠ La mobilità
it: preparare il caffè
= Preparo il caffe
= Caffè preparato
≠ La caffettiera
pt: pintar paredes
= Uma parede pintada
= Pintando paredes
≠ O pintor
pt: vender livros usados
= Livros usados vendidos
= Vendi um livro usado
≠ A libra
pt: regar plantas
= Plantas regadas
= Rego as plantas
≠ A regra
pt: hotéis baratos
= Um hotel barato
≠ A barata
pt: aulas de violão
= Uma aula de violão
≠ A violação
pt: cortar cabelo
= Cabelos cortados
= Cortei o cabelo
≠ A corte
pt: flores brancas
= Uma flor branca
≠ A floresta
en: rent a storage unit
= Renting a storage unit
= Storage units rented by the month
≠ A unit of measure
en: healthy lunch ideas
= Ideas for healthy lunches
= A healthy lunch idea
≠ Health and ideals
en: build a bookshelf
= Building bookshelves
= She built a bookshelf.
≠ The building has shelves of books.
en: wireless headphones
= A wireless headphone
≠ Headlines on wires
en: teaching kids to swim
= Teach your kid to swim
= How kids are taught to swim
≠ A teacher with a goat
de: küche renovieren
= Die renovierte Küche
= Küchen renovieren
= Die Küche wird renoviert.
≠ Der Koch
de: auto leasen
= Autos leasen
= Ein geleastes Auto
≠ Der Automat
de: urlaub buchen
= Gebuchter Urlaub
= Urlaube buchen
≠ Das Buch
de: teppich verlegen
= Verlegte Teppiche
= Den Teppich verlegen
≠ Der Verlag
de: blumen gießen
= Eine Blume gießen
= Gegossene Blumen
≠ Die Gasse
de: schnelle rezepte
= Ein schnelles Rezept
≠ Die Rezeption
de: zähne putzen
= Geputzte Zähne
= Einen Zahn putzen
≠ Zahlen
de: fahrrad mitnehmen
= Fahrräder mitnehmen
= Das Fahrrad wird mitgenommen.
≠ Der Mitfahrer
de: wein lagern
= Gelagerte Weine
= Wein wird gelagert.
≠ Er weinte.
fr: louer un appartement
= Des appartements loués
= Il loue un appartement.
≠ Le loup
fr: réserver un hôtel
= Un hôtel réservé
= Réserver des hôtels
= Elle réserve l'hôtel.
≠ L'hôte
fr: recettes faciles
= Une recette facile
≠ La facilité
fr: rideaux blancs
= Un rideau blanc
≠ La ride
fr: tondre la pelouse
= La pelouse tondue
= Tondre des pelouses
≠ Le ton de la pelle
fr: réparer une chaise
= Des chaises réparées
= On répare la chaise.
≠ La chair
fr: lits d'enfant
= Un lit d'enfant
≠ La litière
fr: cours de yoga
= Un cours de yoga
≠ La cour
es: decorar la cocina
= Una cocina decorada
= Decorando cocinas
≠ El decoro
es: reservar hotel
= Hoteles reservados
= Reservé un hotel.
≠ La reserva natural
es: zapatos cómodos
= Un zapato cómodo
≠ La comida
es: aprender a conducir
= Aprendiendo a conducir
= Ella aprendió a conducir.
≠ La conducta
es: lavar cortinas
= Cortinas lavadas
= Lavo la cortina.
≠ La lava
es: recetas fáciles
= Una receta fácil
≠ El recetario difícil
es: camiones grandes
= Un camión grande
≠ El camino
nl: auto huren
= Een gehuurde auto
= Auto's huren
≠ De automaat
nl: gordijnen ophangen
= Een gordijn ophangen
= Opgehangen gordijnen
≠ De hangar
nl: snelle recepten
= Een snel recept
≠ De receptie
nl: tanden poetsen
= Gepoetste tanden
= Een tand poetsen
≠ De tang
nl: muziek maken
= Gemaakte muziek
= Hij maakt muziek.
≠ De muzikant
nl: boom snoeien
= Bomen snoeien
= Een gesnoeide boom
≠ De snoep
nl: vloer leggen
= Vloeren leggen
= De gelegde vloer
≠ Het vlees
it: affittare appartamento
= Appartamenti affittati
= Affitto un appartamento
≠ La parte
it: prenotare hotel
= Hotel prenotati
= Ho prenotato un hotel.
≠ La nota
it: ricette veloci
= Una ricetta veloce
≠ La velocità
it: stirare camicie
= Camicie stirate
= Stirare una camicia
≠ Lo stivale
it: finestre sporche
= Una finestra sporca
≠ Lo sport
it: montare mobili
= Mobili montati
= Monto un mobile.
≠ La montagna
it: corsi di inglese
= Un corso di inglese
≠ La corsa
pt: reservar hotel
= Hotéis reservados
= Reservei um hotel.
≠ A reserva natural
pt: decorar sala
= Uma sala decorada
= Decorando salas
≠ O decoro
pt: receitas fáceis
= Uma receita fácil
≠ A faculdade
pt: lavar tapetes
= Tapetes lavados
= Lavei o tapete.
≠ A lava
pt: cães pequenos
= Um cão pequeno
≠ A canção
pt: aprender inglês
= Aprendi inglês.
= Aprendendo inglês
≠ A Inglaterra
en: train a puppy
= How we trained our puppies
= Training a puppy takes patience.
= Puppy training in the first month
≠ The train was full of puppets.
en: hang curtains
= She hung the curtains herself.
= Hanging curtains without a drill
≠ A hangar behind a curtain wall
en: dog friendly cafes
= A dog-friendly café
= Cafés that are friendly to dogs
≠ Friends had coffee with the doggedly silent man.
en: best budget laptops
= The best laptop on a budget
= Our best budget laptop
≠ Budgets were cut and laps were run.
en: bake sourdough bread
= Baking sourdough breads at home
= He baked a sourdough bread.
≠ The bakery is in the broad street.
en: how to freeze berries
= Frozen berries keep for a year.
= Freezing a berry crop
≠ The freezer is near the berth.
en: children's shoes
= Shoes for children
= A child's shoe
≠ A childish show
en: choose a mattress
= Choosing mattresses
= The mattress I chose
≠ Choice matters.
en: mow the lawn
= A freshly mown lawn
= Lawns are mowed weekly.
≠ The law of the move
en: knife sharpening
= Sharpen your knives
= Sharpened kitchen knives
≠ Sharp words about knights
en: write a cover letter
= Writing cover letters
= A cover letter written in haste
≠ Letters about the discovery of writing systems by writers uncovered
en: women's running shorts
= Running shorts for women
= A woman's running short
≠ The shortest woman ran.
en: grow tomatoes indoors
= Tomatoes grown indoors
= Growing a tomato indoors
≠ A grower was indoors.
en: low-cost flights
= Low cost flights
= A low-cost flight
≠ The cost of flying low
en: home office desk
= Desks for a home office
= Home-office desks
≠ Officers at home
en: sell used books
= Selling used books
= I sold a used book.
≠ The seller is used to it.
en: teeth whitening
= Whiten your teeth
= A tooth whitened at home
≠ White tea
en: travel insurance for seniors
= Seniors' travel insurance
= Travel insurance for a senior
≠ Insured travellers met a senator.
en: sew a button
= A button sewn on by hand
= Sewing buttons
≠ Sew the hem; the bottom is next.
en: eco friendly cleaning products
= An eco-friendly cleaning product
= Cleaning products that are eco-friendly
≠ Clean production economics
de: zimmer streichen
= Ein frisch gestrichenes Zimmer
= Die Zimmer streichen
= Wir strichen das Zimmer.
≠ Ein Strich im Schirm
de: hochbeet bauen
= Hochbeete bauen
= Ein selbst gebautes Hochbeet
≠ Der Bauer im Beet
de: kuchen backen
= Gebackene Kuchen
= Sie backt einen Kuchen.
≠ Die Backe schmerzt.
de: sprachkurs online
= Online-Sprachkurse
= Ein Sprachkurs, online
≠ Die Kurse der Aktien
de: hund baden
= Hunde richtig baden
= Der Hund wird gebadet.
≠ Das Bad ist hundert Jahre alt.
de: reifen wechseln
= Gewechselte Reifen
= Wie wechselt man einen Reifen?
≠ Das Wechselgeld reicht.
de: rechnung schreiben
= Rechnungen schreiben
= Eine geschriebene Rechnung
≠ Der Rechner der Schreiberin
de: günstige hotels
= Ein günstiges Hotel
= Hotel günstig buchen
≠ Die Gunst des Hoteliers
de: möbel transportieren
= Möbel werden transportiert.
= Ein transportiertes Möbel
≠ Der Transporter ist neu.
de: kinderzimmer einrichten
= Eingerichtete Kinderzimmer
= Das Kinderzimmer neu einrichten
≠ Die Einrichtung des Kindergartens
de: lehrerin werden
= Lehrerinnen werden gesucht.
≠ Die Lehre
de: haare färben
= Gefärbte Haare
= Das Haar färben
≠ Die Farbe des Hasen
de: schuhe reinigen
= Einen Schuh reinigen
= Gereinigte Schuhe
≠ Rein in die Schule
de: computerproblem
= Computerprobleme
≠ Der Computer ist problematisch.
de: bäume fällen
= Ein gefällter Baum
= Bäume fällen
≠ Die Falle am Raum
de: wohnung mieten
= Gemietete Wohnungen
= Sie mietet eine Wohnung.
≠ Die Gewohnheit
de: vertrag kündigen
= Verträge kündigen
= Der gekündigte Vertrag
≠ Die Verträglichkeit
de: brot selbst backen
= Selbst gebackenes Brot
≠ Selbst die Backe ist rot.
de: gemüse einfrieren
= Eingefrorenes Gemüse
= Gemüse wird eingefroren.
≠ Die Frisur
de: zähne bleichen
= Gebleichte Zähne
= Einen Zahn bleichen
≠ Bleibende Zahlen
fr: cuire des pâtes
= Des pâtes bien cuites
= Il cuit les pâtes.
≠ Le cuir de la patte
fr: planter un arbre
= Des arbres plantés
= Ils plantent un arbre.
≠ Le plan d'un arc
fr: louer une voiture
= Une voiture louée
= Voitures à louer
≠ Une louve
fr: cheveux bouclés
= Un cheveu bouclé
≠ La boucle du cheval
fr: vendre sa maison
= Maisons vendues
= Ils vendent leur maison.
≠ Le vent de la saison
fr: apprendre l'anglais
= L'anglais appris seul
= En apprenant l'anglais
≠ Un angle
fr: matelas confortable
= Des matelas confortables
≠ Le confort d'un matin
fr: coudre une jupe
= Une jupe cousue main
= Coudre des jupes
≠ Le coude
fr: nettoyer un tapis
= Des tapis nettoyés
= On nettoie le tapis.
≠ Net et tapi dans l'ombre
fr: choisir un vin
= Le vin choisi
= Choisissez un vin.
≠ La vie en vingt choses
fr: gâteaux au chocolat
= Un gâteau au chocolat
≠ Un chat gâté
fr: construire une terrasse
= Une terrasse construite en bois
= Il construit sa terrasse.
≠ Les terres consulaires
fr: sécher des fleurs
= Des fleurs séchées
= Fleurs à sécher
≠ La chair fleurie
fr: ouvrir un compte
= Un compte ouvert
= Comptes ouverts en ligne
≠ Un conte ouvrier
fr: taille-haie électrique
= Un taille-haie électrique
= Taille-haies électriques
≠ L'électricien est de taille moyenne.
fr: jeux éducatifs
= Un jeu éducatif
≠ La jeunesse éduquée
fr: peindre un mur
= Un mur peint
= Des murs peints en blanc
≠ Un mûrier dans le pain
fr: payer ses impôts
= Des impôts payés
= Il paie ses impôts.
≠ Le pays importe
fr: suivre un régime
= Un régime suivi
= Suivez ce régime.
≠ Le suivant regarde
fr: obtenir un visa
= Un visa obtenu
= Obtenez votre visa.
≠ Le visage
es: pintar la casa
= Una casa pintada
= Pintamos la casa.
≠ El cazador de pinzas
es: cerrar una cuenta
= Cuentas cerradas
= Cierra tu cuenta.
≠ El cerro del cuento
es: cocer arroz
= Arroz cocido
= Se cuece el arroz.
≠ El coche del arrozal
es: vuelos baratos
= Un vuelo barato
≠ La barata volea
es: entrenar perros
= Un perro entrenado
= Entrena a tu perro.
≠ El tren de la pera
es: plantar tomates
= Planta tomates en abril.
= Tomates plantados
≠ La planta baja
es: vestidos de novia
= Un vestido de novia
≠ El novio vestía mal
es: conseguir trabajo
= Consiguió trabajo.
= Trabajos conseguidos
≠ Trabaja en el consejo
es: colgar cuadros
= Cuadros colgados
= Cuelga el cuadro.
≠ El colegio cuadrado
es: dormir mejor
= Duerme mejor.
= Durmiendo mejor
≠ El dormitorio
es: hervir huevos
= Huevos hervidos
= Se hierve un huevo.
≠ La hierba nueva
es: proteger la piel
= Protege tu piel.
= Pieles protegidas
≠ El pelo
es: niños felices
= Un niño feliz
≠ La felicidad del nieto
es: construir una piscina
= Piscinas construidas
= Construye tu piscina.
≠ El pez constante
es: aprender francés
= Aprendió francés.
= Aprendiendo francés
≠ El aprendiz francamente
es: pagar impuestos
= Pagué los impuestos.
= Impuestos pagados
≠ El país impone
es: lentes de sol
= Un lente de sol
≠ Lento y solo
es: freír pescado
= Pescado frito
= Pescados fritos
≠ El pescador frío
es: escribir cartas
= Una carta escrita
= Escribe cartas.
≠ El cartel del escritor
es: medir ventanas
= Mide la ventana.
= Ventanas medidas
≠ La media ventaja
nl: muur verven
= Een geverfde muur
= Muren verven
≠ De moord
nl: hond trainen
= Honden trainen
= Een getrainde hond
≠ De trein van honderd
nl: brood bakken
= Gebakken brood
= Hij bakt brood.
≠ Een broeder op de bank
nl: huis verkopen
= Verkochte huizen
= Zij verkopen hun huis.
≠ Huisraad
nl: planten verzorgen
= Een plant verzorgen
= Verzorgde planten
≠ De zorg om de plantage
nl: kleding wassen
= Gewassen kleding
= Was je kleding.
≠ Kleed in de wasem
nl: leren zwemmen
= Kinderen leren zwemmen.
= Hij leert zwemmen.
≠ Leraren zweven
nl: foto's bewerken
= Een foto bewerken
= Bewerkte foto's
≠ Het werk van de fotograaf
nl: aardappelen koken
= Gekookte aardappelen
= Een aardappel koken
≠ De kok van de aarde
nl: fiets stallen
= Gestalde fietsen
= Fietsen stallen
≠ Fietsers op de stoel
nl: tuin aanleggen
= Een aangelegde tuin
= Tuinen aanleggen
≠ De aanleiding
nl: geld lenen
= Geleend geld
= Zij leent geld.
≠ De leuning is geel.
nl: baan zoeken
= Banen zoeken
= Hij zocht een baan.
≠ De zak met bananen
nl: kast schilderen
= Geschilderde kasten
= Een kast schilderen
≠ Het schild van het kasteel
nl: zachte matrassen
= Een zacht matras
≠ De zaak van de matroos
nl: brief schrijven
= Een geschreven brief
= Brieven schrijven
≠ Brede schroeven
nl: raam isoleren
= Geïsoleerde ramen
= Ramen isoleren
≠ De ramp op het eiland
nl: huiswerk maken
= Gemaakt huiswerk
= Zij maakt haar huiswerk.
≠ De makelaar werkt in huis
nl: kleine keukens
= Een kleine keuken
≠ Kuikens in een kleed
nl: gras maaien
= Gemaaid gras
= Hij maait het gras.
≠ De maand gratis
it: dipingere una parete
= Una parete dipinta
= Dipingi le pareti.
≠ Il dipartimento parente
it: cucinare il pesce
= Pesce cucinato
= Cucinando il pesce
≠ Il pescatore in cucina
it: aprire un conto
= Un conto aperto
= Apri un conto.
≠ Il racconto di aprile
it: scarpe comode
= Una scarpa comoda
≠ La comodità dello scarpone
it: piantare alberi
= Alberi piantati
= Piantano un albero.
≠ Il piano dell'albergo
it: vestiti eleganti
= Un vestito elegante
≠ L'eleganza della vista
it: scrivere un curriculum
= Un curriculum scritto bene
= Scrivi il tuo curriculum.
≠ La scrivania
it: vendere casa
= Case vendute
= Vendiamo casa.
≠ La vendetta del caso
it: pulire il forno
= Forni puliti
= Pulisci il forno.
≠ La polizia fornì
it: imparare il tedesco
= Imparo il tedesco.
= Imparando il tedesco
≠ Il pareggio tedioso
it: giochi educativi
= Un gioco educativo
≠ La gioia educata
it: risparmiare energia
= Energia risparmiata
= Risparmia energia.
≠ Il risparmiatore energico
it: appendere un quadro
= Quadri appesi
= Appendi il quadro.
≠ La squadra appena
it: friggere patate
= Patate fritte
= Una patata fritta
≠ La patente fredda
it: torte di mele
= Una torta di mele
≠ Il torto del miele
it: pagare le tasse
= Tasse pagate
= Paghi le tasse.
≠ Il paese e il tasso
it: proteggere la pelle
= Pelle protetta
= Proteggi la pelle.
≠ Il progetto del pelo
it: libri usati
= Un libro usato
≠ Il librarsi dell'uscio
it: chiudere il contratto
= Contratti chiusi
= Chiudi il contratto.
≠ La chiusa del contrasto
it: noleggiare un camper
= Un camper noleggiato
= Camper a noleggio
≠ Il campo noioso
pt: pintar paredes
= Uma parede pintada
= Pintei a parede.
≠ O pinto parece
pt: fazer bolos
= Um bolo feito
= Faço bolos.
≠ A bola fez gol
pt: vender carro
= Carros vendidos
= Vendeu o carro.
≠ A carta da vendedora
pt: treinar cachorro
= Cachorros treinados
= Treine seu cachorro.
≠ O trem da cachoeira
pt: abrir conta
= Contas abertas
= Abra uma conta.
≠ O conto de abril
pt: plantas de interior
= Uma planta de interior
≠ O plano interino
pt: escrever livro
= Um livro escrito
= Escrevi um livro.
≠ O escritor livre
pt: cabelos cacheados
= Cabelo cacheado
≠ O cabide
pt: construir casa
= Casas construídas
= Construindo a casa
≠ O caso constante
pt: aulas de inglês
= Uma aula de inglês
≠ A ala inglória
pt: congelar frutas
= Frutas congeladas
= Congele a fruta.
≠ O gelo do fruteiro
pt: pagar impostos
= Impostos pagos
= Paguei o imposto.
≠ O país impõe
pt: limpar o forno
= Um forno limpo
= Limpe o forno.
≠ O fornecedor
pt: fritar ovos
= Ovos fritos
= Um ovo frito
≠ O povo frio
pt: dormir melhor
= Durma melhor.
= Dormindo melhor
≠ O dormitório
pt: conseguir emprego
= Conseguiu emprego.
= Consegui um emprego.
≠ A empresa consegue lucro
pt: crianças felizes
= Uma criança feliz
≠ A criação feia
pt: medir janelas
= Meça a janela.
= Janelas medidas
≠ O médio de janeiro
pt: viagens baratas
= Uma viagem barata
≠ O barato da vigia
pt: proteger a pele
= Pele protegida
= Proteja a pele.
≠ O pelo do projeto
en: buy a saw
= Buying saws
≠ See what to buy.
it: vacanze sulla costa
= Una vacanza sulla costa
≠ Quanto costano le vacanze
es: casa de playa
= Casas de playa
≠ Casar en la playa
pt: casa de praia
= Casas de praia
≠ Casar na praia
fr: cours de yoga à domicile
= Un cours de yoga, à domicile
≠ Courir après le yoga, à domicile
en: car wash
= The carwash on the ring road
= Carwashes near you
= A hand car-wash
≠ Wash the carrots.
≠ The cargo was wet.
en: dogsitter
= A dog sitter for a week
= Dog-sitters nearby
= The best dogsitters
≠ The dog sits.
≠ A baby sitter with a dog
en: book shelf
= Two bookshelves
= A bookshelf for a corner
≠ The book on shellfish
≠ She booked a shed.
en: lawnmower repair
= Lawn mower repairs
= Repairing a lawn mower
= A lawnmower, repaired at home
≠ The lawn was mowed and the roof repaired.
en: web site builder
= A website builder for shops
= Website builders compared
≠ A builder on site
≠ The web of the spider
en: home work
= Homework in the kitchen
= Work at home
≠ The home of a workman
en: screenprinting
= Screen printing at home
= Screen-printed shirts
≠ A printer with a large screen and paper
≠ The screen printed nothing for weeks on end.
en: c++ tutorial
= A C++ tutorial
= Tutorials for C++
≠ A C tutorial
≠ A C# tutorial
≠ Vitamin C: a tutorial
en: c# developer
= C# developers
= A developer who writes C#
≠ A C developer
≠ A C++ developer
en: .net hosting
= Hosting for .NET
= .NET hosting compared
≠ A fishing net for the host
≠ Net hosting costs after tax
en: 24/7 support
= Support, 24/7
= 24/7 supports
≠ Support in 24 hours or 7 days
≠ 7 supports, 24 nails
≠ 24 supports
en: 1/2 inch pipe
= Pipes of 1/2 inch
≠ A 1 inch pipe and 2 taps
≠ 2 inch pipes
de: Fahrrad Versicherung
= Die Fahrradversicherung im Vergleich
= Fahrradversicherungen
= Eine Fahrrad-Versicherung
≠ Die Fahrradfahrer versichern sich gegenseitig ihre Freundschaft.
≠ Sicher mit dem Fahrrad
de: Lastenrad
= Ein Lasten-Rad
= Lasten Rad kaufen
= Lastenräder
≠ Die Lasten trägt ein Rad am Karren.
≠ Das Riesenrad
de: Garten Haus bauen
= Ein Gartenhaus bauen
= Gartenhäuser selbst gebaut
≠ Das Haus des Gartenbauers
≠ Im Garten bauen die Vögel.
nl: kinder fiets
= Een kinderfiets kopen
= Kinderfietsen
≠ De kinderen fietsen naar school.
≠ Fietsende kinderen
nl: fietsverzekering
= Een fiets verzekering afsluiten
= Fietsverzekeringen vergeleken
≠ De fietser is verzekerd.
`;

export const matchingTable = rowsOf(TABLE);
