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
