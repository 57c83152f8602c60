/**
 * Keywords and sentences, and whether a reader would say that the sentence is about the keyword. What a machine finds easy is in it as well as what
 * it does not: inflections, order, hyphens, possessives, plurals, numbers, accents, spelling variants, and words that only look alike.
 */
export interface MatchingRow {
  language: string;
  keyword: string;
  sentence: string;
  matches: boolean;
}

/** language: keyword | sentence that matches, or after "≠" one that does not. */
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
`;

export const matchingTable: readonly MatchingRow[] = (() => {
  const rows: MatchingRow[] = [];
  let language = "";
  let keyword = "";
  for (const line of TABLE.split("\n").filter(Boolean)) {
    const sign = line[0];
    if (sign === "=" || sign === "≠")
      rows.push({ language, keyword, sentence: line.slice(2), matches: sign === "=" });
    else {
      const at = line.indexOf(": ");
      language = line.slice(0, at);
      keyword = line.slice(at + 2);
    }
  }
  return rows;
})();
