/**
 * More in English. At first sight, before a rule was made by them, the first 160 got a precision of 0.783 and a recall of 0.900; the 80 from
 * "door handle" on, which were written after the rules that those made, 0.780 and 0.975.
 */
export const ENGLISH = `
en: parking permit
= Permits for parking outside your house
= A resident's parking permit costs 60 euros.
≠ The council will permit the fair in the park.
≠ Parking is free, and dogs are permitted.
en: washing line
= A line for washing on the balcony
= Washing lines that fold away
≠ He was washing the car when the line went dead.
≠ The line for the showers is long, so wash at home.
en: swimming lessons
= Lessons in swimming for adults
= A swimming lesson costs 12 euros.
≠ The lesson of the flood: never swim alone.
≠ We were swimming in work, a lesson to us all.
en: book keeping
= Bookkeeping for small shops
= How we keep our books
≠ Keep the book by your bed.
≠ Book early to keep your seat.
en: sewing pattern
= Patterns for sewing a bag
= Download the sewing patterns here.
≠ A pattern emerged while she was sewing.
≠ The wallpaper is patterned, and the curtains are sewn by hand.
en: garden planner
= A planner for your garden
= Planning a garden with our planner
≠ The city planner lives next to the garden.
≠ We plan to meet in the garden.
en: fire alarm
= Alarms that warn of fire
= A fire alarm in every room
≠ They will fire the guard who slept through the alarm.
≠ The news alarmed the workers who were fired.
en: water filter
= Filters for tap water
= Filter your water at home
≠ The news filtered through while we watered the plants.
≠ Light filters down through the water.
en: heating bill
= Bills for heating have doubled.
= How to lower your heating bill
≠ Bill is heating the soup.
≠ The bill came after a heated talk.
en: drum lessons
= Lessons on the drums for children
= A drum lesson at home
≠ A drum of oil taught them a lesson.
≠ He drummed his fingers during the lesson.
en: key finder
= A finder for lost keys
= Key finders with a loud beep
≠ The key to it is finding time.
≠ The finder of the ring keyed in a number.
en: power bank
= Banks of power for your phone: the best power banks
= A power bank with two ports
≠ The bank has the power to say no.
≠ Power returned to the left bank at noon.
en: table lamp
= Lamps for the table
= A lamp on the bedside table
≠ They tabled a motion about street lamps.
≠ The table of contents names a lamp on page two.
en: bread maker
= Makers of bread at home: bread makers compared
= A machine that makes bread
≠ The maker of the film lives on bread and tea.
≠ Bread makes me sleepy.
en: guest list
= A list of guests for the wedding
= Guest lists you can print
≠ The guest listed her complaints.
≠ The list of faults surprised our guest.
en: travel insurance
= Insurance for travel abroad
= Insure your travels
≠ Sound travels, and insurance is boring.
≠ The insurance agent travels on Monday.
en: tree house
= Houses built in trees
= A treehouse for children
≠ The house stands behind a tree.
≠ The trees housed a hundred birds.
en: screen printing
= Printing with a silk screen
= Screen printed shirts
≠ Print what you see on the screen.
≠ They screen guests before printing badges.
en: standing desk
= Desks for standing at work
= A desk to stand at
≠ The desk was standing in the rain.
≠ Stand up when you leave your desk.
en: rain barrel
= A barrel that catches rain
= Rain barrels with a tap
≠ It rained on the beer barrels.
≠ They barrelled along in the rain.
en: filing cabinet
= A cabinet for filing papers
= Filing cabinets with a lock
≠ The cabinet is filing a complaint.
≠ File the edge of the cabinet smooth.
en: wedding cake
= A cake for a wedding of eighty
= Wedding cakes without sugar
≠ Mud caked the shoes of the wedding guests.
≠ The wedding was cancelled and nobody ate cake.
en: night light
= A light for the nursery at night
= Night lights that switch off by themselves
≠ It was a light meal at night.
≠ They light fires on the longest night.
en: stone wall
= A wall of stone
= Building stone walls
≠ He stonewalled the committee.
≠ Throw a stone over the wall.
en: paper bag
= Bags made of paper
= Paper bags with handles
≠ She read the paper with a bag on her knees.
≠ The bag holds papers and pens.
en: office chair
= Chairs for the office
= A chair for your home office
≠ He chairs the meeting at the office.
≠ The chair of the board has left office.
en: film review
= Reviews of new films
= A review of the film
≠ We reviewed the film of dust on the lens.
≠ They film the yearly review.
en: charity shop
= Shops run for charity
= Charity shops in town
≠ We shop, and what is left goes to charity.
≠ The shop gave to charity.
en: boat hire
= Hire a boat by the hour
= Boats for hire on the lake
≠ They hire people who can boat.
≠ The new hire missed the boat.
en: pool cover
= Covers for pools
= Cover your pool in winter
≠ The story covers car pools.
≠ They pooled money to cover the cost.
en: c# course
= A course in C# for beginners
= Courses on C#
≠ A course in C for beginners
≠ The course in C major
en: node.js tutorial
= Tutorials for Node.js
= A tutorial on node.js
≠ A tutorial about the node of a tree in JS
≠ The JS tutorial names each node.
en: 4x4 tyres
= Tyres for a 4x4
= 4x4 tyres in winter
≠ 4 tyres for 4 euros
≠ Tyres of size 4
en: life insurance
= Insurance on your life
= Insure your life
≠ Life is short, insurance is long.
≠ For the life of me I cannot find the insurance papers.
en: customized mugs
= Mugs that are customised with your name
= Custom mugs
≠ It is the custom to bring your own mug.
≠ Customs officers mugged nobody.
en: apple juice
= Juice made of apples
= Apple juices compared
≠ The phone ran out of juice next to an apple.
≠ An apple a day, and juice at night
en: driving test
= Tests for drivers
= Pass your driving test
≠ They test what drives growth.
≠ The driver tested the brakes.
en: cleaning company
= Companies that clean offices
= A company for cleaning
≠ The company is cleaning up its image.
≠ Clean your hands before company comes.
en: walking stick
= A stick for walking
= Walking sticks for two
≠ Mud sticks to the walking boots.
≠ The dog walked off with a stick.
en: watch strap
= Straps for watches
= A leather strap for your watch
≠ Watch the strap on that bag.
≠ We watched him strap the load down.
en: door handle
= Handles for doors
= A handle for your front door
≠ She can handle the door on her own.
≠ The door opened and he took the handle of his case.
en: shopping bag
= Bags for shopping
= A shopping bag made of cotton
≠ We were shopping when the bag tore.
≠ He bagged the last seat in the shop.
en: birthday card
= Cards for a birthday
= Birthday cards to print
≠ He lost his bank card on my birthday.
≠ The card game at her birthday
en: road bike
= Bikes for the road
= A bike for road races
≠ His bike lay in the road.
≠ The road was closed, so we took a bike path.
en: cookery class
= Classes in cookery
= A cookery class for couples
≠ The first class carriage has no cookery show.
≠ Cookery is in a class of its own.
en: dog training
= Training for dogs
= Train your dog in a week
≠ The dog boarded the train.
≠ He is training for a race with his dog at home.
en: phone case
= Cases for phones
= A case for your phone
≠ In that case, phone me.
≠ The phone rang in every case.
en: house plant
= Plants for the house
= House plants that need little light
≠ They planted a tree behind the house.
≠ The steel plant is next to my house.
en: battery life
= Make the life of your battery longer
= Batteries with a long life
≠ Life with a flat battery is hard.
≠ The battery saved his life.
en: floor plan
= Plans of every floor
= Draw a floor plan
≠ We plan to sand the floor.
≠ The plan fell to the floor.
en: train ticket
= Tickets for the train
= Cheap train tickets
≠ Train your eye, says the ticket seller.
≠ A parking ticket made us miss the train.
en: wine tasting
= Tasting wines in the cellar
= A tasting of red wines
≠ The wine was off, tasting of cork.
≠ A taste for wine and music
en: time tracking
= Track the time you work
= Tracking time in teams
≠ The tracks were old by that time.
≠ It is time to leave the track.
en: web design
= Design for the web
= Designing web sites
≠ A spider's web of clever design
≠ He resigned by design, says the web.
en: car seat
= Seats for cars
= A seat for your car
≠ The car seats five.
≠ He took a seat and spoke of cars.
en: hair cut
= A haircut at home
= Cutting hair at home
≠ Prices were cut by a hair.
≠ She cut the rope with hair in her eyes.
en: blood test
= Tests of your blood
= What a blood test tells
≠ The test drew no blood.
≠ Blood ran from his nose during the test.
en: school uniform
= Uniforms for school
= School uniforms second hand
≠ The schools have a uniform price.
≠ A man in uniform came to the school.
en: ice cream maker
= Makers of ice cream for home
= Make ice cream without a maker
≠ Cream on ice, says the maker of maps.
≠ The ice broke under the cream carriage of the clock maker.
en: bed frame
= Frames for beds
= A wooden frame for the bed
≠ The picture frame hangs over the bed.
≠ He was framed while he lay in bed.
en: garden shed
= A shed at the bottom of the garden
= Sheds for small gardens
≠ The dog shed its coat in the garden.
≠ Tears were shed when the garden closed.
en: wine tasting
= Taste six wines with a guide.
= An evening of tasting local wine
≠ The sauce tasted of anything but wine.
≠ Wine went up, and people of good taste complained.
en: job interview
= What to wear to an interview for a job
= Interviewed for your first job?
≠ In the interview she said she had done a good job on the roof.
≠ The star gave an interview about losing his job.
en: solar panel cleaning
= How often should panels for solar power be cleaned?
= Cleaning your solar panels from the ground
≠ A panel of judges praised the clean design of the solar car.
≠ Solar power is clean, says the panel.
en: dog walker
= Somebody to walk your dog while you work
= Dog walkers in town
≠ The walker was bitten by a dog.
≠ Walking past, she saw a dog.
en: leather sofa
= A sofa in brown leather
= Sofas made of leather
≠ The cat on the sofa scratched his leather jacket.
≠ Sofa cushions hide the leather purse.
en: phone contract
= How long is the contract for your phone?
= Phone contracts without a deposit
≠ Metal contracts when the phone gets cold.
≠ She signed the contract and then took the phone.
en: bike light
= A light for your bike that lasts all night
= The lights on a bike must be bright.
≠ A bike this light is a joy to carry.
≠ He lights a candle after the bike ride.
en: tax return
= When must I return my tax form?
= Returns for tax are due in January.
≠ The tax did not return after the reform.
≠ Return the car before you pay tax on it.
en: sports watch
= A watch for sports
= Which watch is best for sport?
≠ We watch sports on Sunday.
≠ He watched the sport from the sofa.
en: home insurance
= Insure your home against floods.
= Insurance for holiday homes
≠ He came home to find the insurance man at the door.
≠ The insurance company has its home in the north.
en: coffee grinder
= A grinder for coffee beans
= Grind your own coffee with a hand mill.
≠ Coffee in hand, he returned to the daily grind.
≠ The pepper grinder stands next to the coffee.
en: letter box
= A box for letters
= Letterboxes of steel
≠ The box was marked with a letter.
≠ Write a letter and put it in a box file.
en: standing desk
= A desk at which you stand
= Desks for standing work
≠ The desk was left standing in the rain.
≠ There is a lamp standing on the desk.
en: moving boxes
= Boxes for moving house
= How many boxes do I need to move?
≠ The box is moving.
≠ A moving story about a boxer
en: baby carrier
= Carry your baby in a sling.
= A carrier for babies from birth
≠ The carrier lost the baby clothes.
≠ The baby carried on crying.
en: fire exit
= Keep the exits clear in case of fire.
= Exits for fire and smoke
≠ She fired him at the exit.
≠ The exit poll set the party on fire.
en: watch repair
= Have an old watch repaired.
= Repairs of watches and clocks
≠ Watch him repair the roof.
≠ He watched the repair.
en: grass seed
= Seed for new grass
= Sow the seeds where the grass is thin.
≠ The second seed won on grass.
≠ The seeds of doubt grew like grass.
en: how to iron a shirt
= Ironing shirts step by step
= Shirts are best ironed damp.
≠ The iron gate tore his shirt.
≠ How the shirt maker found iron in his soup
en: cold brew coffee
= Coffee brewed cold overnight
= Brew coffee cold, and it is less bitter.
≠ A storm is brewing, and the coffee is cold.
≠ Catch a cold, skip the coffee, brew tea.
en: used cars
= Cars that others used before
= A used car with a guarantee
≠ Cars used to be heavier.
≠ She used the car every day.
en: data backup
= Back up your data every night.
= Backups of data on two disks
≠ The data backs her up.
≠ Back in town, he looked up the data.
en: bus pass
= Passes for the bus
= A monthly bus pass for students
≠ The bus passes the school.
≠ Let the bus pass first.
en: water heater
= A heater for hot water in the kitchen
= Heat your water with the sun.
≠ The debate was heated, so she drank water.
≠ Water dripped on the heater in the hall.
en: email marketing
= Marketing by email for small shops
= How to market your shop with emails
≠ She emailed the market hall.
≠ The stock market fell after the email.
en: kitchen sink
= A deep sink for the kitchen
= Sinks in country kitchens
≠ His heart sank in the kitchen.
≠ The boat will sink, the kitchen staff said.
en: sleeping bag
= A bag to sleep in at ten below zero
= Sleeping bags for summer
≠ The cat is sleeping on the bag.
≠ She slept, and the bag was stolen.
en: window cleaner
= Cleaners for your windows
= A window cleaner with a ladder
≠ Clean energy from the window of a train
≠ The cleaner looked out of the window.
en: road bike
= A bike for the road
= Road bikes under a thousand
≠ The bike lay on the road.
≠ They crossed the road by bike.
en: office chair
= A chair for your office
= Chairs in open-plan offices
≠ The chair of the board left office.
≠ She will chair the office party.
en: price comparison
= Compare prices before you buy.
= A comparison of prices in six shops
≠ Her comparison has a price.
≠ The price is beyond compare, the paper says.
en: plant food
= Food for your plants
= Plant foods without peat
≠ Plant your food where the sun is.
≠ The food plant closed in May.
en: gift wrapping
= Wrap your gifts in cloth.
= Wrapping for gifts and parcels
≠ A gifted child wrapped in a coat
≠ She was wrapped up in thought about the gift.
en: toy storage
= Where to store toys
= Storage for soft toys
≠ The storage firm toyed with the plan.
≠ The toy store is closed.
en: pet food
= Food that pets like
= Foods for older pets
≠ My pet hate is cold food.
≠ She petted the cat after the food came.
en: travel guide
= A guide for your travels
= Guides to travel in the north
≠ The guide travelled home alone.
≠ Light travels, and the fibre guides it.
en: bank holiday
= Which banks close on a holiday?
= Bank holidays in May
≠ He banked on a holiday.
≠ A holiday on the bank of the river
en: hand cream
= A cream for dry hands
= Hand creams without perfume
≠ Hand me the cream.
≠ Cream in one hand, cake in the other
en: learn to code
= Learning to code at forty
= How children learn coding
≠ The code is hard to learn.
≠ She learned the door code.
en: roof rack
= A rack for the roof of your car
= Roof racks for small cars
≠ Thunder racked the roof.
≠ They racked up debts to mend the roof.
en: curtain rail
= Rails for heavy curtains
= Hang the curtain from a rail.
≠ She railed against the final curtain.
≠ The curtain falls on the rail strike.
en: pressure cooker
= Cookers that work under pressure
= Beans in the pressure cooker
≠ Pressed for time, she cooked beans.
≠ The cook is under pressure.
en: cycle path
= A path for cycles along the river
= Are the cycle paths lit?
≠ The path of the business cycle
≠ She cycled off and left the path.
en: fishing rod
= A rod for fishing in the sea
= Rods to fish with from the shore
≠ He is fishing for compliments with a rod of iron.
≠ The rod broke, so the fish won.
en: garage door
= The door of your garage
= Insulated doors for garages
≠ He left the garage by the back door.
≠ A garage next door sells tyres.
en: eye test
= Have your eyes tested.
= A test of your eyes every two years
≠ She eyed the test with fear.
≠ The test paper caught his eye.
en: bread knife
= A knife for bread and cake
= Knives that cut bread cleanly
≠ Butter the bread, and put the knife down.
≠ The knife lay beside the bread.
en: paint stripper
= Strip the paint with hot air.
= Strippers for old paint
≠ Paint a strip along the wall.
≠ The paint came in stripes.
en: wedding speech
= A speech at your sister's wedding
= Speeches for weddings that nobody forgets
≠ The wedding left him without the power of speech.
≠ His speech is slurred since the wedding.
en: rent a van
= Where to rent a van for a day
= Vans to rent near the station
≠ The rent is due; the van is sold.
≠ She paid the rent from the van.
en: sort waste
= Sorting your waste at home
= How waste is sorted in the city
≠ It is a waste of time of some sort.
≠ They wasted a day with all sorts of games.
en: small business loan
= Loans for small businesses
= A loan for your small business
≠ A small part of the business is out on loan.
≠ His loan business is small.
en: change a tyre
= How to change the tyre of a car
= Changing tyres by the road
≠ Keep some change next to the spare tyre.
≠ The weather changed while the tyre cooled.
en: building regulations
= Which regulations apply to a new building?
= The regulations for buildings changed in May.
≠ She is building up a case against the regulations.
≠ Regulate the heat, and the building dries.
en: filing cabinet
= A cabinet for your files
= Filing cabinets in steel
≠ The cabinet filed out of the room.
≠ File your nails, said the cabinet maker.
en: savings account
= An account for your savings
= Savings accounts with a fixed rate
≠ He gave an account of how he was saved.
≠ Energy savings are taken into account.
en: customs declaration
= How to declare goods at customs
= A declaration for customs
≠ They declared that old customs matter.
≠ The customs of the country surprised her declared fans.
en: heating engineer
= An engineer for your heating
= Heating engineers near the coast
≠ The debate heated up among engineers.
≠ He engineered a heated quarrel.
en: wallpaper
= Hang wall paper without bubbles.
= Wallpapers for small rooms
≠ The paper hangs on the wall of the office.
≠ A wall of paper files
en: barbecue cover
= A cover for your barbecue
= Covers that keep barbecues dry
≠ She covered for him at the barbecue.
≠ The barbecue was covered in the news.
en: customised t-shirts
= Have your t-shirts customised.
= T-shirts with your own print, customised in a day
≠ His customers wear t-shirts.
≠ It is the custom to swap t-shirts.
en: photo frame
= A frame for your photos
= Frames that show photos in turn
≠ He was framed by a photo.
≠ In this time frame no photos are taken.
en: painting lessons
= Lessons in painting for beginners
= Learn to paint in ten lessons.
≠ The painting taught her a lesson.
≠ A lesson learned: never paint wet wood.
en: singing bowl
= A bowl that sings when you strike it
= Singing bowls from brass
≠ She was singing and dropped the bowl.
≠ The bowlers sang.
en: booking system
= A system for bookings
= Book online with the new system.
≠ By the book: the system of rules
≠ The system booked a loss.
en: printer ink
= Ink for your printer
= Which ink do printers need?
≠ The ink was not dry when the printers closed.
≠ They inked the deal and printed it.
en: running costs
= What it costs to run a heat pump
= The costs of running a van
≠ He ran, at all costs.
≠ Running shoes cost more.
en: train ticket
= Tickets for the train
= A ticket for the night train
≠ She trains the ticket staff.
≠ He got a ticket for parking near the train.
en: landing page
= Pages on which visitors land
= A landing page that converts
≠ The plane landed on the front page.
≠ Turn the page before landing.
en: stand-up desk
= A standup desk with a motor
= Desks for standing up
≠ Stand up from your desk.
≠ The stand up north sells desks.
en: backup generator
= A generator as a backup
= Back-up generators for hospitals
≠ Back up the truck to the generator.
≠ He backed up his claim about generators.
en: drawing board
= A board to draw on
= Drawing boards for architects
≠ The board drew a salary.
≠ The game ended in a draw, the board said.
en: meal planner
= Plan your meals for a week.
= A planner for family meals
≠ The town planner skipped a meal.
≠ Meals were not part of the plan.
en: laptop bag
= Bags that fit a laptop of 15 inches
= Which bag protects a laptop best?
≠ The laptop was in bits; he had bagged a bargain.
≠ Bag your groceries, shut your laptop.
en: garden furniture
= How to store furniture from the garden in winter
= Furniture made for gardens by the sea
≠ The garden is furnished with a single rose.
≠ Move the furniture, and look at the garden.
en: vegan cake
= A cake that vegans can eat
= Cakes without eggs for vegans
≠ Vegans say the cake of power is shared unevenly.
≠ Her vegan sister baked; his cake sank.
en: parking sensor
= Sensors that help you park
= A sensor for parking in tight spots
≠ The park has a sensor for bats.
≠ Parking is free, and the sensor is broken.
en: dog insurance
= Insure your dog before it is ill.
= How much insurance does a dog need?
≠ The dog bit the insurance man.
≠ For insurance, leave the dog at home.
en: stair lift
= A lift for narrow stairs
= Lifts that climb stairs
≠ Lift the box, and mind the stairs.
≠ Take the lift or the stairs.
en: sourdough starter
= How to feed a starter for sourdough
= Start your own sourdough with rye.
≠ The starter was soup; then came sourdough.
≠ He started late, and the sourdough failed.
en: tent pegs
= Pegs to hold a tent in sand
= Steel pegs for your tent
≠ Prices are pegged; the tent sale ends.
≠ Hang the tent from pegs in the hall.
en: car battery
= The battery of a car that stands all winter
= Charge the battery in your car.
≠ The car hit a battery of cannons.
≠ He was charged with battery in a car park.
en: event planning
= How to plan events for two hundred guests
= Events planned in a week
≠ The events of May upset her plans.
≠ The plan worked in the event.
en: recycling bin
= A bin for recycling glass
= Bins in which you recycle paper
≠ They binned the plan to recycle.
≠ Recycled jokes belong in the bin.
en: logo design
= Who designs logos for bakeries?
= The design of a logo in five steps
≠ The logo is on the wall by design.
≠ She has designs on his logo shop.
en: air purifier
= Purify the air in your bedroom.
= A purifier that cleans the air quietly
≠ Air your views on the purifier tax.
≠ On air, she praised the purifier.
en: keyword research
= How to research keywords without tools
= Research into keywords takes an hour.
≠ Research is the keyword of this decade.
≠ The researchers lost the key word by word.
en: bike trailer
= A trailer for bikes with two seats
= Trailers that a bike can pull
≠ The trailer of the film shows a bike.
≠ A bike trailed behind the bus.
en: standing order
= How to cancel a standing order
= Orders that stand until you cancel them
≠ Standing in line, she gave an order.
≠ The order was given to remain standing.
en: content calendar
= A calendar for your content
= Plan content with a calendar.
≠ Content with the weather, he tore a page off the calendar.
≠ The calendar has no content.
en: hiking boots
= Boots for hiking in snow
= Which boots do hikers wear?
≠ They hiked the price of boots.
≠ The hike was long, and the boot of the car was full.
en: interest-free loan
= Loans free of interest
= A loan without interest for students
≠ His interest in loans is free of greed.
≠ Free entry for all who have an interest in loans
en: second-hand furniture
= Furniture bought second hand
= Where to sell secondhand furniture
≠ The second hand of the clock hit the furniture.
≠ On the second day, hand over the furniture.
en: wedding photographer
= What does a photographer for a wedding charge?
= Photographers who specialise in weddings
≠ A photographer got married at a quiet wedding.
≠ The wedding was off, the photographer said.
en: yoga mat
= Mats for hot yoga
= The mat you use for yoga
≠ Her hair was matted after yoga.
≠ After yoga she wiped her feet on the mat.
en: bathroom tiles
= Tiles that suit a small bathroom
= How to tile a bathroom floor
≠ The bathroom is above the tile shop.
≠ He was tiling the roof; the bathroom leaked.
en: website builder
= Build your website without code.
= Builders for websites compared
≠ The builder has no website.
≠ A website about builders of ships
en: oven cleaner
= Clean your oven with soda.
= A cleaner for greasy ovens
≠ The oven is cleaner than the pan.
≠ Our cleaner burnt a cake in the oven.
en: hair dryer
= A dryer for curly hair
= Dry your hair in five minutes.
≠ His hair is drier than straw.
≠ The dryer ate a sock full of hair.
en: ski pass
= Passes for a week of skiing
= Buy your ski pass online.
≠ Ski over the pass before noon.
≠ She passed me on her skis.
en: flower delivery
= Have flowers delivered on Sunday.
= Delivery of flowers within a day
≠ The delivery man trod on a flower.
≠ She delivered a speech with flowers in her hair.
en: pest control
= How to control pests without poison
= Control of garden pests
≠ The child is a pest and out of control.
≠ He lost control of the pesky drone.
en: fruit bowl
= A bowl for fruit
= Bowls of turned wood for your fruit
≠ The talks bore fruit; the bowl was passed round.
≠ He bowled, and the fruit seller cheered.
en: swimming pool
= A pool to swim in
= Pools with room for swimming
≠ The pool of talent is swimming in money.
≠ They pooled their money and went swimming.
en: desk lamp
= A lamp that clips to your desk
= Lamps for desks by the window
≠ The lamp post stands outside the help desk.
≠ Put the lamp away and clear your desk.
en: rental agreement
= The agreement you sign when you rent a flat
= Rental agreements for rooms
≠ They agreed that rents are high.
≠ In agreement, they rented a boat.
en: protein powder
= Powder with protein from peas
= How much protein powder a day?
≠ Protein is a powder keg for allergies.
≠ She powdered her nose and ate protein.
en: cat flap
= A flap for your cat
= Flaps that open for one cat only
≠ The cat chased a bird that flapped.
≠ Do not get in a flap about the cat.
en: paper shredder
= Shred your papers at home.
= Shredders for paper and cards
≠ There is not a shred of proof in the paper.
≠ The shredder ran out of paper clips.
en: bus driver
= Drivers of buses earn more now.
= How to become a bus driver
≠ She drives to the bus stop.
≠ The driver missed the bus.
en: sewing pattern
= Patterns for sewing a shirt
= A pattern to sew in an evening
≠ There is a pattern in how she sews doubt.
≠ He sewed on a button in the usual pattern.
en: night cream
= A cream for the night
= Creams you put on at night
≠ The cream went off last night.
≠ Good night, said the cream of society.
en: coffee subscription
= Subscribe to fresh coffee.
= A coffee by subscription every month
≠ He spilt coffee on his subscription card.
≠ The magazine's subscribers drink coffee.
en: standing lamp
= A lamp that stands in the corner
= Standing lamps for reading
≠ The lamp was still standing after the storm.
≠ Standing by the lamp, she waved.
en: call recording
= How to record your calls
= Recordings of calls with customers
≠ The record call for papers ended.
≠ He called while recording a song.
en: book club
= A club for people who read books
= How to start a book club
≠ Book the club for your party.
≠ He clubbed together with her for a book.
en: drinking water
= Water that is safe to drink
= Is this water fit for drinking?
≠ He was drinking wine in the water.
≠ Drink up, the water is rising.
en: cooking class
= A class where you cook with a chef
= Classes in cooking for two
≠ The class cooked up an excuse.
≠ Cooking fish, he missed the class.
en: savings plan
= A plan for your savings
= Plans that help you save
≠ The plan saved the town.
≠ Save the file called plan.
en: mouse trap
= Traps for mice that do not kill
= A mousetrap made of wood
≠ The mouse fell into the trap of greed.
≠ He trapped his hand with the mouse.
en: fish tank
= A tank for your fish
= Tanks with room for ten fish
≠ The tank drove past the fish stall.
≠ Shares tanked, the fish seller said.
en: shower curtain
= A curtain for the shower
= Curtains that keep the shower in
≠ She showered behind a curtain of rain.
≠ A shower of sparks hit the curtain.
en: trust fund
= A fund held in trust
= Trust funds for children
≠ Trust me, the fund is safe.
≠ They do not trust what funds the show.
en: sign language
= A language of signs
= Learn to speak in sign language.
≠ His language was a bad sign.
≠ Sign here, in any language.
en: credit check
= Check your credit before you apply.
= Checks of credit take a day.
≠ Credit where it is due: he checked twice.
≠ The check bounced, to his credit.
en: leaf blower
= A blower for leaves
= Blow the leaves off your lawn.
≠ The blower leaves at noon.
≠ The wind blew out each leaf.
en: picture hook
= Hooks for heavy pictures
= Hang a picture from a hook.
≠ The picture got her hooked on art.
≠ By hook or by crook, get the picture.
en: speed camera
= Cameras that check your speed
= Is there a speed camera here?
≠ The camera went off at high speed.
≠ Speed up, the camera is rolling.
en: tax adviser
= An adviser on tax for freelancers
= Who advises on taxes in our town?
≠ The adviser taxed my patience.
≠ He was well advised to skip the tax talk.
en: washing powder
= Powder for washing wool
= Which powder washes whitest?
≠ Powder your nose before washing up.
≠ The snow was powder, and rain was washing it away.
en: driving licence
= A licence to drive a lorry
= Renew your driving licence online.
≠ Hunger is driving them to licence fraud.
≠ He drove without a care for the licence fee.
en: bed linen
= Linen for your bed
= Change the linen on the bed weekly.
≠ The flower bed is next to the linen shop.
≠ The river bed was as white as linen.
en: phone case
= A case for your phone
= Cases that protect a phone from falls
≠ In any case, phone me.
≠ The case was closed by phone.
en: sleep mask
= A mask that helps you sleep
= Masks for sleeping on planes
≠ He sleeps behind a mask of calm.
≠ Unmask the thief while the guards sleep.
en: voice recorder
= Record your voice with one button.
= Recorders that catch every voice
≠ She voiced doubts about the recorder.
≠ It is on record that he lost his voice.
en: fitness tracker
= A tracker for your fitness
= Trackers that measure fitness by night
≠ The dog kept track of its fitness.
≠ He was on track to regain his fitness.
en: cheese board
= A board for cheese
= What belongs on a cheese board?
≠ The board said cheese for the photo.
≠ Board the train with cheese and wine.
en: window seat
= A seat by the window
= Seats at windows cost more.
≠ He seated her under the broken window.
≠ The country seat has forty windows.
en: pet sitter
= A sitter for your pets
= Somebody to sit with your pet
≠ Sit down, said the pet shop owner.
≠ The pet sat on the baby sitter.
en: garden centre
= A centre for everything in the garden
= Garden centres open on Sunday.
≠ At the centre of the garden is a tree.
≠ The debate centred on the garden.
en: tea infuser
= Infusers for loose tea
= An infuser made of steel for your tea
≠ The tea is infused with hope.
≠ She infused life into the tea party.
en: dress code
= What the code for dress says
= Dress codes at work
≠ He dressed and typed the code.
≠ Code the dress in red ink.
en: ice cube tray
= Trays for cubes of ice
= A tray that makes ice cubes
≠ The ice melted on a tray of cubes of cheese.
≠ Cube the meat and put it on ice in a tray.
en: parking permit
= A permit to park in our street
= Parking permits for residents
≠ Park rules permit dogs.
≠ Permit me to say the park was empty.
en: baking tray
= A tray to bake biscuits on
= Baking trays that never warp
≠ She was baking in the sun with a tray of drinks.
≠ The baker dropped the tray of letters.
en: filing cabinet
= A cabinet to file your papers in
= Filing cabinets with a lock
≠ The cabinet resigned after filing past the press.
≠ She sat filing her nails by the cabinet.
en: customise a phone case
= Customised phone cases
= A custom case for your phone
≠ It is the custom to phone in any case.
≠ In case customs phone, be there.
en: .net developer
= Developers who know .NET
= Hire a .NET developer
≠ The developer sold the net acres.
≠ A net loss for the developer
en: spring clean
= Cleaning the house this spring
= Your spring cleaning checklist
≠ A clean spring bubbled up.
≠ The spring in the clock is clean.
en: news letter
= A newsletter people read
= How often to send newsletters
≠ The letter brought news.
≠ No news in the letter box
en: glasses for reading
= Reading glasses for close work
= Which glasses to read with
≠ He was reading as glasses clinked.
≠ The reading on the glass was low.
en: goods train
= Trains that carry goods
= A goods train every hour
≠ It is good to train early.
≠ Trained staff sort the goods.
en: cutting board
= A board to cut bread on
= Cutting boards of maple
≠ The board is cutting jobs.
≠ Cut off from the board, he resigned.
en: fire place
= Fireplaces that heat a room
= How to clean a fireplace
≠ A fire took place in the mill.
≠ Place your bets before they fire the gun.
en: learn to drive
= Learning to drive at forty
= Where learners drive safely
≠ Drive home what we learn.
≠ He learned of the sales drive.
en: open source
= Open-source tools for writers
= Is it open source?
≠ Open the source file.
≠ The source was open about her past.
en: mail order
= Order plants by mail
= A mail-order catalogue
≠ Mail it in order of size.
≠ In order to mail it, she walked.
en: sewing machine
= A machine that sews leather
= Sewing machines for beginners
≠ The machine sows seed.
≠ She was sewing by the coffee machine.
en: account manager
= Managers who look after accounts
= What does an account manager do?
≠ On no account tell the manager.
≠ The manager gave an account of it.
en: building permit
= A permit to build a shed
= Do I need building permits?
≠ The building did not permit entry.
≠ Time permitting, we build.
en: growth marketing
= Marketing for growth
= Growth marketers wanted
≠ The growth of the market town
≠ Mark the growth on the wall.
en: stair gate
= A gate for the stairs
= Stair gates without screws
≠ The stairs led to gate nine.
≠ He stared at the gate.
en: fishing rod
= Rods to fish for carp
= A fishing rod for children
≠ Rod went fishing for praise.
≠ The rod of the curtain smelled fishy.
en: printer ink
= Ink for an old printer
≠ Print the form in blue ink.
≠ The printer left an ink stain on the vicar.
en: glasses case
= A case for your glasses
≠ In any case, the glass is half full.
≠ Bring a glass in case it rains.
en: cooking class
= Classes where you cook with a chef
≠ He cooks first-class meals.
≠ What is cooking in class 3b?
en: waiting list
= A list of people who wait
≠ Wait for the list to load.
≠ He listed what he was waiting for.
en: shipping rates
= Rates for shipping abroad
≠ The ship sank at a rate of knots.
≠ Critics rate the film about ships.
en: banking app
= An app for your bank
≠ He was banking on the app to fail.
≠ The app shows river banks.
en: running costs
= What it costs to run a car
≠ Running late costs nothing.
≠ Run now, whatever the cost.
en: boxing gloves
= Gloves to box in
≠ She was boxing up the gloves.
≠ The gloves came in a box.
en: meeting room
= A room to meet in
≠ There is room for a second meeting.
≠ He met her in his room.
en: lighting design
= Designers who light stages
≠ The design is light on detail.
≠ She designed it to light a fire under them.
en: training plan
= A plan to train for a race
≠ The train ran according to plan.
≠ He planned the garden by the training ground.
en: drawing paper
= Paper to draw on
≠ The paper is drawing crowds.
≠ Drawn curtains hid the paper.
en: setting spray
= Spray that sets make-up
≠ The setting sun caught the spray.
≠ Spray the set after the show.
en: changing table
= A table to change nappies on
≠ The tables are changing hands.
≠ Change the table in the report.
en: loading bay
= A bay to load lorries in
≠ The page kept loading in the bay window.
≠ Keep loads at bay.
en: mixing bowl
= A bowl to mix dough in
≠ He bowls fast, mixing spin and pace.
≠ A mixed crowd of bowls players
en: shopping trolley
= A trolley for your shopping
≠ He is off his trolley at the shop.
≠ The shop was hit by a trolley bus.
en: heating bill
= Bills for heating in winter
≠ Bill was heating soup.
≠ The heated debate on the bill
en: wedding planner
= Who plans weddings?
≠ The planner rejected the wedding venue.
≠ They planned to wed in May.
en: hearing test
= Test your hearing at home
≠ The hearing will test the law.
≠ I hear the test went well.
en: landing page
= Pages that visitors land on
≠ The plane landed on page one.
≠ The page waited on the landing.
en: walking boots
= Boots to walk the hills in
≠ He walked to the boot of his car.
≠ She got the boot and walked.
en: closing date
= The date when sales close
≠ Her date was closing the bar.
≠ They grew close on the third date.
en: growing season
= The season when beans grow
≠ A growing number season their soup.
≠ The debts grew in a season.
en: booking fee
= A fee to book seats
≠ The book says no fee is due.
≠ Fees were booked by accident.
en: matching socks
= Socks that match
≠ A match burned his socks.
≠ The football match was lost in odd socks.
en: cleaning cloth
= A cloth to clean lenses
≠ Clean out the drawer of cloth.
≠ Clothes make a clean break.
en: saving account
= An account to save in
≠ A saving grace in his account of the war
≠ By all accounts he saved the child.
en: sleeping pill
= Pills that help you sleep
≠ The bitter pill cost him sleep.
≠ Sleep on it, said the pill box.
en: racing bike
= A bike to race on
≠ His heart was racing on the bike.
≠ She raced past the parked bike.
en: packing list
= A list of what to pack
≠ The pack of wolves is on the list.
≠ They sent him packing, and listed the house.
en: board game
= Games played on a board
≠ The board of directors is game.
≠ On board, everyone watched the game.
en: time sheet
= Timesheets for staff
≠ It is time to change the sheets.
≠ A sheet of ice, this time
en: key ring
= Rings to keep keys on
≠ Ring me about the key.
≠ The key to it is the ring road.
en: hand book
= The staff handbook
≠ She had a book in her hand.
≠ Hand over the book.
en: spring roll
= Rolls to eat in spring
≠ He sprang up and rolled away.
≠ The spring rolled under the bed.
en: post office
= The office where you post parcels
≠ He left his post at the office.
≠ Office staff posted the results.
en: trade fair
= Fairs for the trade
≠ Fair trade is no trick of the trade.
≠ It is fair to trade places.
en: light switch
= Switches for the lights
≠ Switch to a lighter coat.
≠ A light rain made her switch.
en: play group
= Groups where children play
≠ The group was in play.
≠ The play is about a group.
en: customs form
= A form for customs
≠ Old customs take many forms.
≠ It is the custom to form a queue.
en: arms race
= The race for arms
≠ She raced into his arms.
≠ His arm hurt after the race.
en: savings bank
= A bank for your savings
≠ The saving was lost on the river bank.
≠ Save the bank statement.
en: sales tax
= Tax on sales
≠ The sail was taxed by the wind.
≠ A taxing sale, said the buyer.
en: works council
= Councils of the works
≠ The council works late.
≠ Public works annoy the council.
en: parts list
= A list of parts
≠ They part at the list of names.
≠ In part, the list is wrong.
en: goods lift
= Lifts for goods
≠ A lift does you good.
≠ He lifted the good plates.
en: c# tutorial
= Tutorials for C#
≠ A tutorial on vitamin C
≠ Tune to C sharp, says the tutorial.
en: 3d printing
= Print it in 3D
≠ Print page 3 by day.
≠ The print hangs in hall 3, row D.
en: .org domain
= Domains that end in .org
≠ The org chart of the domain
≠ Org is no word in this domain.
en: a/b testing
= Test A/B before you launch
≠ Test a battery or b light.
≠ Team A and team B test boats.
en: point of sale
= A point-of-sale terminal
≠ At this point, the sale ends.
≠ There is no point in a sale.
en: return policy
= Policies on returns
≠ In return for a policy, he paid.
≠ Many happy returns, policy makers!
en: order form
= Forms to order by
≠ In order to form a band, they met.
≠ The form is out of order.
en: case study
= Studies of one case
≠ In case you study late, eat.
≠ Study it in any case.
en: matter of trust
= Trust as a matter of honour
≠ No matter what, trust him.
≠ As a matter of fact, trusts pay tax.
en: place mat
= Mats for each place
≠ The match took place on a mat.
≠ In the first place, roll up the mat.
en: hand soap
= Soap for your hands
≠ On the other hand, soap is cheap.
≠ Soap operas go hand in hand with tea.
en: note book
= A notebook for poems
≠ Book it and take note.
≠ Note that the book is late.
en: way finding
= Signs for wayfinding
≠ She found a way out.
≠ By the way, she was found.
en: end user
= End users of the app
≠ In the end, he used both.
≠ The user ended the call.
en: turn table
= A turntable for records
≠ It is his turn at the table.
≠ Turn over the table of contents.
en: run way
= The runway at dawn
≠ They ran all the way.
≠ In the long run, there is no way.
en: sign language
= Languages of signs
≠ Sign here, in any language.
≠ A sign of bad language
en: stock photo
= Photos in stock
≠ Take stock of the photo box.
≠ The soup stock is in the photo.
en: house keeping
= Keep house like a pro
≠ He keeps bees by the house.
≠ Keep off the house wall.
en: face cream
= Cream for your face
≠ They came face to face over cream cakes.
≠ In the face of it, cream won.
en: air bed
= Beds filled with air
≠ On air, he spoke from his bed.
≠ Air the bed in spring.
en: foot bath
= A bath for sore feet
≠ Walk to the bath house on foot.
≠ At the foot of the bath
en: ball game
= Games with a ball
≠ The ball was a game of masks.
≠ He had a ball at the game.
en: heat pump
= Pumps that heat a whole house
= Is a heat pump loud?
≠ The pump overheated in the heat.
≠ Heat the oven and pump the tyres.
en: travel blog
= A blog about travel on foot
= Blogging as you travel
≠ News of his blog travels fast.
≠ She travelled without her blog.
en: tea towel
= Towels for the tea party kitchen
= A set of tea towels
≠ She threw in the towel before tea.
≠ A towel soaked up the tea.
en: door handle
= Handles for oak doors
= How to fit a door handle
≠ He can handle the door.
≠ Handle with care: door behind you.
en: price list
= A list of our prices
= Download the price list
≠ At any price, get on the list.
≠ The ship listed at the price of fuel.
en: road works
= When roadworks end
= Road works on the bridge
≠ The road works for cyclists.
≠ He works down the road.
en: web design
= Designing for the web
= Web designers in town
≠ A spider's web of odd design
≠ The web was torn by design.
en: park bench
= A bench in the park
= Park benches of steel
≠ Park by the bench.
≠ The bench ruled that he may park.
en: work shop
= Workshops for writers
= What a workshop costs
≠ He works in a shop.
≠ Shop around after work.
en: data entry
= Entering data by hand
= Data entry from home
≠ Entry is free, says the data.
≠ The data show no entry.
en: gift wrap
= Wrap for gifts
= How to wrap a gift
≠ She has the gift of wrapping up talks.
≠ A wrap for lunch, a gift for later
en: stage fright
= Fright before the stage
= Beat your stage fright
≠ At this stage, frights are common.
≠ The stage gave him a fright.
en: sound system
= Systems for sound
= A sound system for weddings
≠ It sounds like a good system.
≠ The system is sound.
en: race track
= A track to race on
= Racetracks for karts
≠ Race to the bus and track it.
≠ She lost track of the race.
en: drum kit
= A kit of drums
= Drum kits for children
≠ Drum on the kit bag.
≠ His drumming drowned the kit car.
en: dance floor
= A floor to dance on
= Dance floors to hire
≠ He floored her with a dance.
≠ From the first floor they saw the dance.
en: guest house
= Houses for guests
= A guest house by the sea
≠ The guest left the house.
≠ Be my guest, the house said.
en: salad dressing
= Dressings for green salad
= How to dress a salad
≠ She was dressing as the salad wilted.
≠ A dress the green of salad
en: night shift
= Shifts at night
= Working the night shift
≠ The mood shifted that night.
≠ Shift the bed one night.
en: paint brush
= Brushes for paint
= Clean your paintbrush
≠ Paint as you brush your teeth.
≠ The fox's brush in the painting
en: change management
= Managing change at work
= What change managers do
≠ The management kept the change.
≠ Can you manage without small change?
en: call centre
= Centres that take your call
= Call centre jobs
≠ Call from the centre of town.
≠ She called him the centre of it.
en: drive belt
= Belts that drive the drum
= Replace a drive belt
≠ Belt up and drive.
≠ The drive was lined by a belt of trees.
en: bank loan
= A loan from your bank
= Bank loans compared
≠ He loaned her a boat by the bank.
≠ Bank on a loan of her bike.
en: cold remedy
= Remedies for a cold
= A cold remedy from honey
≠ The remedy was served cold.
≠ A cold day without remedy
en: ring binder
= Binders with rings
= A ring binder for notes
≠ Ring me before the binder dries.
≠ The farmer bound by a ring
en: staff training
= Training for new staff
= How we train our staff
≠ The staff left on the train.
≠ He leaned on his staff after training.
en: blood test
= Tests of your blood
= What a blood test shows
≠ It tested his patience and boiled his blood.
≠ There was blood on the test paper.
en: wine glass
= Glasses for red wine
= A wine glass without stem
≠ He whined and broke the glass.
≠ Wine stains the glass table.
en: copy editor
= Editors who copy nothing
= What does a copy editor earn?
≠ The editor sent me a copy.
≠ Copy it to the editor.
en: rain gauge
= A gauge for rain
= Read your rain gauge
≠ It rained as they gauged the mood.
≠ Gauge the crowd before it rains.
en: match report
= Reports of the match
= Reporting on a match
≠ The colours of the report match.
≠ He reported that no match was lit.
en: water bill
= Bills for water
= Why is my water bill high?
≠ The bill of the duck touched water.
≠ Water the plants, then pay Bill.
en: safety net
= A net for safety
= Safety nets for roofs
≠ Net profit before safety
≠ The net tore; safety came first.
en: horse riding
= Riding a horse on the beach
= Learn to ride horses
≠ Riding on hope, the horse won.
≠ He rode a bike past the horse.
en: school uniform
= Uniforms for school
= School uniforms second hand
≠ The rules of the school are uniform.
≠ A uniform rate at school
en: project management
= Managing a project
= Tools to manage projects
≠ The cliffs project; we manage.
≠ He projected calm to management.
en: duck soup
= Soup made of duck
= How to cook duck soup
≠ Duck when the soup flies.
≠ The soup fed ducks.
en: park keeper
= Keepers of the park
= A day with a park keeper
≠ Keep parking here.
≠ The keeper parked his bike.
en: bus stop
= Stops of the bus
= The nearest bus stop
≠ Stop the bus.
≠ The bus stopped at noon.
en: shelf life
= The life of milk on the shelf
= How to extend shelf life
≠ Life on the shelf of a library cat
≠ She shelved her plans for life.
en: floor plan
= Plans of each floor
= Draw a floor plan
≠ They plan to floor the kitchen.
≠ The plan was floored by costs.
en: spring water
= Water from a spring
= Is spring water healthy?
≠ In spring, water the roses.
≠ Water made him spring up.
en: book fair
= A fair for books
= Book fairs this autumn
≠ Fair enough, book it.
≠ Is it fair to book two seats?
en: letter head
= A letterhead for clubs
= Letterheads to print
≠ The letter went to the head.
≠ Head for the letter box.
en: running shoes
= The best shoes for running on trails
= She bought shoes to run in
≠ He was running late and lost his shoes.
≠ Running a shop that sells shoes takes patience.
en: banking app
= Apps for mobile banking
= An app that lets you bank on your phone
≠ The app crashed while the plane was banking.
≠ You can bank on this app to be late.
en: spring water
= Water bottled from a spring
= Is water from springs safe to drink?
≠ In spring we water the beds twice a week.
≠ A spring in the lock let water through.
en: customised mug
= Customise your own mug
= Mugs with custom prints
≠ Customers hold a mug of tea.
≠ Mugs are part of the custom.
en: rubber boots
= Boots made of rubber
= Which rubber boot fits wide feet?
≠ The mechanic boots the computer and rubs his hands.
≠ Rubber mats keep the boot of the car dry.
en: savings account
= Open an account for your savings
= Accounts that help you save
≠ On account of the rain he saved his energy.
≠ By all accounts the keeper saved three shots.
en: lighting plan
= Plan the lights of your kitchen
= Plans for lighting a small hall
≠ We plan to travel light.
≠ Lightning ruined our plan.
en: house plants
= Plants for the house
= A plant that likes a dark house
≠ The firm houses its workers next to two plants.
≠ He plants his feet and looks at the house.
en: floor sander
= Sand your own floor
= How to sand a wooden floor
≠ There was sand on the floor.
≠ The floor of the sandpit was wet.
en: dishwasher tablets
= Tablets for the dish washer
= Which tablet does your dishwasher need?
≠ She read on her tablet beside the dishwasher.
≠ Wash the dishes, then take two tablets.
en: training plan
= A plan to train for a marathon
= Plans for your training
≠ The train left as planned.
≠ They plan a new train station.
en: leather cleaner
= Clean leather with a soft cloth
= Cleaners that are kind to leather
≠ The cleaner wore a leather jacket.
≠ A cleaner cut of the leather.
en: letter writing
= How to write a letter
= The art of writing letters
≠ The landlord writes that he lets two flats.
≠ Letters on the writing desk were unopened.
en: winter tyres
= Tyres for winter roads
= When should you fit winter tyres?
≠ Winter tires me out.
≠ He wintered where tyres are made.
en: home cooking
= Cook at home more often
= Food cooked at home
≠ They found no home for the cook.
≠ Home was quiet while trouble was cooking.
en: file sharing
= Share files with a link
= How files are shared in a team
≠ She filed her share of the papers.
≠ They walked in single file and shared a joke.
en: washing line
= A line for your washing
= Hang your washing on the line
≠ He washed his hands of that line of work.
≠ Wait in line to wash the car.
en: stress management
= Manage stress at work
= How managers handle their own stress
≠ She managed to stress the first word.
≠ The management stressed that prices stay.
en: match ball
= Balls for official matches
= The ball used in the match
≠ The ball gown does not match her shoes.
≠ He had a ball and lit a match.
en: cutting board
= Boards for cutting bread
= Cut vegetables on a wooden board
≠ The board of directors cut two jobs.
≠ Cutting across, we went on board.
en: solar charger
= Charge your phone with solar power
= Chargers that run on solar energy
≠ The firm was charged over its solar claims.
≠ Who is in charge of the solar park?
en: c++ course
= A course in C++ for beginners
= Learn C++: courses and books
≠ The C course starts on Monday.
≠ Vitamin C is, of course, free.
en: 24/7 gym
= A gym that is open 24/7
= Gyms near you with 24/7 access
≠ The gym has 24 machines and 7 showers.
≠ Gym class 7 starts on the 24th.
en: seating plan
= How to plan who sits where
= Plans for seating at a wedding
≠ They plan to stay seated.
≠ The seat was planned in oak.
en: board game
= Games to play on a board
= A board game for six
≠ She was game to board the ship.
≠ The board called off the game.
en: snow chains
= Chains for driving on snow
= Fit chains before the snow falls
≠ It snowed on the chain of shops.
≠ A chain reaction under snow.
en: sleeping bag
= A bag for sleeping outdoors
= Bags to sleep in at minus ten
≠ He slept with his bag beside him.
≠ The bag of sleep remedies.
en: drinking fountain
= Fountains with drinking water
= Drink from a public fountain
≠ The pub has a fountain and cheap drinks.
≠ He drank beside the fountain pen display.
en: tax return
= Return your tax form by January
= How to file your tax returns
≠ He returned home to tax his memory.
≠ In return they pay no tax.
en: packing list
= List what you need to pack
= Lists for packing light
≠ The ship listed, packed with people.
≠ The pack of wolves is listed as rare.
en: walking boots
= A boot that is made for walking in mud
= How to break in your walking boots
= Boots you can walk in all day
≠ He put the boots on the walking stick.
≠ Walking home, she was booted out of the club.
en: window cleaner
= Cleaning windows without streaks
= A cleaner for windows and mirrors
= We clean your windows once a month
≠ The cleaner looked out of the window.
≠ A clean break, a small window of time
en: baby monitor
= Monitors for your baby's room
≠ The baby threw a toy at the monitor.
≠ Teachers monitor the class with a baby face.
en: book club
= Start a club for people who love books
= Clubs that read one book a month
≠ He booked a table at the club.
≠ She hit the book with a club.
en: tax adviser
= Advice on your taxes
= Advisers for tax and pensions
≠ His adviser's patience was taxed.
≠ Be advised that the taxi is late.
en: wedding cake
= Cakes for small weddings
= What does a cake for a wedding cost?
≠ They wedded in May and ate fish, not cake.
≠ The exam was a piece of cake, unlike the wedding.
en: phone case
= Cases that fit your phone
= A case for an old phone
≠ In case you phone later, ask for Bo.
≠ The phone rang while the case was heard.
en: cat food
= What to feed: food for old cats
= Is this food safe for cats?
≠ The cat ran when the food fell.
≠ Food writers let the cat out of the bag.
en: car insurance
= Insure your car online
= How to insure an old car
= Insurance for cars and vans
≠ The insurer gave him a car.
≠ Insurance staff park their cars here.
en: job interview
= Questions they ask when you interview for a job
= Interviews for your dream job
≠ The interview was a hard job for the host.
≠ She did a good job in the TV interview.
en: carpet cleaning
= How to clean a wool carpet
= Carpets are cleaned in your home
= A service that cleans carpets
≠ She came clean on the red carpet.
≠ Clean shoes do not harm a carpet.
en: paint brush
= Brushes for oil paint
= Which brush for wall paint?
≠ The paint was brushed off as rumour.
≠ She brushed her hair before she painted.
en: light bulb
= Bulbs that give a warm light
= Change the bulb of your light
≠ Plant the bulbs where light falls.
≠ Light rain is good for tulip bulbs.
en: dog training
= Train your dog to sit
= How dogs are trained at home
= Training for nervous dogs
≠ The dog slept on the train.
≠ The trainer has a dog-eared book.
en: park bench
= Benches in the town park
= A bench for the park
≠ He parked beside the bench.
≠ The bench press is in the park hall.
en: time management
= Manage your time better
= How to manage time at work
≠ The manager came on time.
≠ She managed it three times.
en: fishing rod
= Rods for fly fishing
= Fish with a light rod
≠ He fished for a compliment, stiff as a rod.
≠ A rod of iron in a fish tank
en: cooking oil
= Oils to cook with
= Which oil is good for cooking?
≠ The cook oiled the door.
≠ Oil prices were cooking up trouble.
en: bike lock
= Locks for bikes and scooters
≠ A lock of hair stuck to the bike.
≠ He biked past the canal lock.
en: sun cream
= A cream against the sun
= Cream for sun and wind
≠ Clotted cream melts in the sun.
≠ The sun set on the cream of the crop.
en: stage lighting
= Light a small stage
= Lights for the stage
≠ At this stage, travel light.
≠ They staged it in the light of day.
en: garden design
= Design your own garden
= Designers of small gardens
= Gardens designed for shade
≠ The gardener had designs on the job.
≠ The logo was designed in a garden.
en: plumber near me
= Plumbers near me
= Find a plumber near you
≠ The plumber was nearly mean to me.
≠ It was near midnight when the plumber told me.
en: cheap flights
= Flights that are cheap in May
= The cheapest flight to the coast
≠ A flight of stairs made of cheap wood
≠ They took flight at the cheap trick.
en: organic farming
= Farms that grow organic food
= Farm without poison: the organic way
≠ The firm farms out its organic search.
≠ An organic chemist bought a farm house.
en: house painting
= Paint your house in spring
= How much to paint a house?
≠ Paintings hang in the house.
≠ Her painting shows a house.
en: voice recorder
= Record your voice on the go
= A recorder for voices and calls
≠ He plays the recorder and has a low voice.
≠ She voiced a record number of doubts.
en: mountain bike
= Bikes for steep mountain trails
= A bike for the mountains
≠ A mountain of bikes at the station
≠ Debt mountains and a bike shop
en: water filter
= Filters that clean water
≠ The news filtered through, and water ran.
en: language course
= Courses in seven languages
= Learn a language in a short course
≠ In the course of the talk he used bad language.
≠ Of course, mind your language.
en: content marketing
= How to market your content on a budget
= Marketing with content that people share
≠ He was content with the fish market.
≠ The market town is content to wait.
en: email newsletter
= A newsletter that arrives by e-mail
= Newsletters your readers open: e-mails that work
≠ She e-mailed the news of his letter.
≠ Her email came with a letter about news.
en: data storage
= Store your data safely
= Storage for large amounts of data
≠ The data shows that stores are closing.
≠ Dates are stored in jars.
en: hiking boots
= The boots we hike in
= Boots for hiking in the snow
≠ Rents were hiked, and rent in arrears to boot.
≠ Prices hike while boots are on sale.
en: knitting needles
= Needles for knitting socks
= Which needle do you need to knit a scarf?
≠ The close-knit team needled him.
≠ She knit her brows over the pine needles.
en: pet insurance
= Insure your pet against illness
= Insurers that cover pets
≠ Insurance is his pet subject.
≠ A pet peeve of insurance clerks
en: meal delivery
= Meals delivered to your door
= We deliver meals twice a week
≠ The speech was delivered after the meal.
≠ The midwife ate a meal before the delivery.
en: landing page
= Pages that visitors land on
= A good landing page has one aim
≠ The page was torn during the landing.
≠ He turned the page on the landing of the stairs.
en: loft conversion
= Convert your loft into a bedroom
= What does it cost to convert a loft?
≠ The convert slept in a loft.
≠ Loft prices, conversion rates: two reports
en: back pain
= Pain in the lower back
= What helps when your back is in pain?
≠ She came back in pain.
≠ He took pains to call back.
en: fire alarm
= An alarm that warns you of fire
= Alarms for smoke and fire
≠ She was alarmed at being fired.
≠ Set the alarm, then light a fire.
en: sewing pattern
= Patterns to sew at home
= A pattern for sewing a skirt
≠ He sewed the torn pattern book.
≠ Patterns in how she sews doubt
en: tooth whitening
= Whiten your teeth at home
= Is it safe to whiten teeth?
≠ White noise set his teeth on edge.
≠ She fought tooth and nail in white.
en: hotel booking
= How to book a hotel in high season
= Book hotels without fees
≠ The hotel library has one book.
≠ He was booked for speeding near the hotel.
en: swimming pool
= Pools to swim in all year
= A pool for swimming and diving
≠ They pooled their money and went swimming.
≠ A car pool beats swimming to work.
en: website builder
= Build a website in an hour
= Builders for simple websites
≠ The builder has a website about tea.
≠ Website visits build slowly.
en: table tennis
= A table for tennis indoors
= Tennis on a table: the rules
≠ They tabled the plan after tennis.
≠ Tennis was on the table at the meeting.
en: notebook
= A note book with lines
= Notebooks for school
≠ Note that the book is late.
≠ She made a note in the book margin.
en: haircut
= Cut your own hair
= A hair cut for thin hair
≠ He cut the talk by a hair.
≠ Cuts hit salons and hair prices.
en: birdhouse
= A house for small birds
= Build a bird house from scrap
≠ The house stood empty, a bird sang.
≠ They housed the bird watchers.
en: rooftop
= The top of a roof
= Bars on roof tops
≠ She topped the bill under one roof.
≠ A roof of the top range
en: dishwasher
= Wash dishes by machine: which dish washer?
= Dishwashers that save water
≠ The dish of the day: a washer of gold
≠ Dish out advice, wash your hands
en: .net developer
= Developers who work in .NET
= Hire a .NET developer
≠ The developer cast his net.
≠ Net profits of a land developer
en: c# tutorial
= A tutorial on C# for starters
= C# tutorials with code
≠ A C tutorial with sharp tips
≠ The tutorial covers vitamin C.
en: 3d printing
= Print in 3D at home
= How to print 3D models
≠ He printed 3 days in a row.
≠ Page 3 D was printed twice.
en: q&a session
= A session of Q&A
= Sessions with a Q&A at the end
≠ A session on A and Q tips
≠ The Q session
en: how to clean a carpet
= Cleaning a carpet at home
= Clean your carpet without a machine
= What you need to clean carpets
≠ The red carpet was clean by noon.
≠ The cleaner sat on the carpet.
en: best running shoes
= The best shoes for running
= Which running shoes are best?
= Our best shoe for a long run
≠ His best idea came while running without shoes.
≠ The shoe shop is running its best sale.
en: small business accounting
= Accounting for small businesses
≠ On this account, business was small.
≠ A small part of business is accounted for.
en: learn to play guitar
= Learning to play the guitar
= How to learn guitar playing
≠ The guitar player learned the truth.
≠ She learned that the play had no guitar.
en: dog friendly hotels
= Hotels that are friendly to dogs
= A hotel that is dog-friendly
≠ The hotel staff were friendly and had a dog.
≠ A friendly dog slept outside the hotel.
en: can dogs eat apples
= Dogs can eat apples without seeds
= Is it safe for a dog to eat an apple?
≠ The dog ate while I picked apples.
≠ Apples in a can, a dog at the door
en: train a puppy
= How to train your puppy
= Training for puppies
≠ The puppy slept on the train.
≠ A train passed, and the puppy barked.
en: remove wallpaper
= Removing old wallpaper
= The removal of wallpaper
≠ He removed his hat and liked the wallpaper.
≠ The wallpaper shop was removed from the list.
en: write a cover letter
= Writing cover letters
= How do you write a letter to cover your application?
≠ The cover of the book had no letter.
≠ Write the letters on the cover.
en: lose weight fast
= How to lose weight fast
= Losing weight as fast as is safe
≠ She was fast asleep, her worries lost their weight.
≠ They lost fast, under the weight of debt.
en: fix a leaking tap
= Fixing a tap that leaks
= How to fix leaking taps
≠ The phone tap leaked to the press and was a quick fix.
≠ He tapped a fixed rhythm.
en: eco-friendly packaging
= Packages that are eco friendly
≠ He packed for an eco trip with friendly people.
≠ The eco group made friends and packed.
en: second hand furniture
= Furniture bought second-hand
≠ Wait a second, hand me the furniture list.
≠ The second hand stopped beside the furniture.
en: low cost airline
= Airlines with low costs
= A low-cost airline to the islands
≠ The airline fell low, at a cost.
≠ It cost a lot, the low airline sofa.
en: self catering cottage
= Cottages for self-catering
= A self-catering cottage by the sea
≠ The cottage caters for herself and others.
≠ By itself, the cottage had no caterer.
en: gluten free bread
= Bread that is free of gluten
= Bread without gluten
= Baking gluten-free bread
≠ Free bread with extra gluten
≠ Feel free to buy bread; gluten is cheap.
en: waterproof jacket
= Jackets that are waterproof
= A jacket that is proof against water
≠ Proof of water damage on the jacket of the book
≠ The jacket has water proofs.
en: home office desk
= A desk for your home office
= Desks for an office at home
≠ The head office has a desk far from home.
≠ She took home the office plant, not the desk.
en: electric toothbrush
= An electric tooth brush
≠ An electric drill beside a toothbrush
≠ Electricity went off as he used his toothbrush.
en: grow tomatoes indoors
= Growing tomatoes indoors
= Tomatoes that you can grow indoors
≠ The tomato company grew.
≠ Growing up, he ate tomatoes indoors.
en: vegan birthday cake
= A birthday cake for vegans
= Cakes for a vegan birthday
≠ The vegan ate no cake on his birthday.
≠ His birthday was no piece of cake for a vegan.
en: cheap car hire
= Hire a car for cheap
= Cheap hire of cars
= Where car hire is cheapest
≠ New hires drive cheap cars.
≠ They hired him for a cheap car advert.
en: noise cancelling headphones
= Headphones that cancel noise
= Which headphones cancel the most noise?
≠ The noise meant the headphones order was cancelled.
≠ Cancel the headphones; the noise is gone.
en: apply for a visa
= How to apply for visas
= Visa applications
= Applying for a visa online
≠ Apply the cream, then pack your visa.
≠ The rule applies to visa holders.
en: garden lighting
= If you light your garden well, you can sit outside until late.
= Choose lights for the garden that need no cable.
≠ In the light of day the garden looked smaller than she remembered.
≠ The garden centre is a light and airy building near the station.
en: coffee grinder
= Anyone who grinds coffee at home needs a burr mill.
= A good grinder for coffee costs less than you think.
≠ The daily grind begins with coffee and a crowded bus.
≠ The bus came to a grinding halt and coffee went everywhere.
en: staff meeting
= How to run meetings with your staff that end on time.
= Every Monday our staff meet for half an hour.
≠ The hotel staff could not meet all his demands.
≠ She met her husband while he worked on the staff of a paper.
en: window film
= A film for windows keeps the heat out in summer.
= You can put this film on your windows without tools.
≠ The film opens with a man at a window.
≠ From the window she watched them film the chase.
en: cancer screening
= Women over fifty are screened for cancer every two years.
= Screening can find cancer early.
≠ The screen showed an advert against cancer.
≠ The cancer ward has a new screen at the door.
en: password manager
= A manager for your passwords saves you a lot of trouble.
= Password managers keep your data safe.
≠ The manager forgot his password and called the help desk.
≠ He managed to guess the password in three tries.
en: bread maker
= If you make bread every week, a machine pays off.
= The best makers of bread for small kitchens.
≠ Bread makes me sleepy after lunch.
≠ The makers of the film lived on bread and water.
en: fence panels
= Panels for your fence come in three heights.
= A broken fence panel can be replaced in an hour.
≠ The panel sat on the fence and gave no answer.
≠ He sold fenced goods from behind a wooden panel.
en: wine tasting
= We taste wines from the whole valley.
= A tasting of wine with cheese and bread.
≠ The wine cellar was decorated without taste.
≠ She had expensive tastes, and wine was one of them.
en: meal planner
= Plan meals for the week in ten minutes.
= A planner that helps you with family meals.
≠ The town planner missed his meal.
≠ It was not planned that the meal would burn.
en: shipping costs
= What does it cost to ship a parcel?
= The cost of shipping depends on weight.
≠ The ship sank at the cost of nine lives.
≠ Ship owners fear costly repairs.
en: roof repair
= Have your roof repaired before the winter.
= Repairs to a flat roof take two days.
≠ They repaired to a bar on the roof.
≠ The repair shop has a green roof.
en: bank transfer
= You can pay by transfer from your bank.
= Banks transfer money within a day.
≠ The player's transfer was agreed on the bank of the river.
≠ She transferred to a school near the bank.
en: school uniform
= Uniforms for school are on sale in August.
= Must children wear a uniform at this school?
≠ The paint in the school is of uniform grey.
≠ Prices rose uniformly while school was out.
en: weather forecast
= Forecasts of the weather for the coming week.
= How the weather is forecast in the Alps.
≠ The bank forecast a loss, whatever the weather.
≠ They weathered a crisis that no forecast had shown.
en: fishing licence
= You need a licence to fish here.
= Licences for fishing are sold at the kiosk.
≠ He lost his licence and smelled of fish.
≠ She fished her driving licence out of the bag.
en: traffic light
= Lights that control the traffic at the crossing.
= The traffic lights are out of order.
≠ Traffic was light on the coast road.
≠ Light traffic makes the trip short.
en: sports injury
= Injuries that happen in sport
= How to treat an injury from sports
≠ He sports a tattoo and an old injury.
≠ To add insult to injury, the sports bar was closed.
en: press release
= How to write a release for the press
= Releases that the press will print
≠ Press the button to release the lock.
≠ The release of the prisoner was in the press.
en: oven cleaner
= Cleaners for ovens and grills
= Clean your oven with baking soda.
≠ The oven stood next to the cleaner's bucket.
≠ Her kitchen is cleaner than my oven.
en: moving boxes
= Boxes for moving house
= Pack your boxes before you move
≠ A moving story about two boxes of letters
≠ He boxed so well that the crowd was moved.
en: dental care
= Care for your teeth: dental tips
= Caring for dental implants
≠ The dental nurse could not care less.
≠ Take care, the dental drill is hot.
en: stain remover
= Remove stains from a white shirt
= A remover for wine stains
≠ He was removed from office with a stain on his name.
≠ The stained glass was removed in the war.
en: child seat
= Seats for a child under three
= Which seat is safe for my child?
≠ The child sat on the back seat of the bus.
≠ Every child found a seat in the hall.
en: night shift
= Shifts at night are paid better.
= Working the night shift for years
≠ He shifted the box in the dead of night.
≠ At night the wind shifts to the north.
en: drawing board
= A board for drawing plans
≠ The board is drawing to a close.
≠ He drew a crowd on the board.
en: filing cabinet
= Cabinets for your files
= File your papers in a cabinet
≠ The cabinet filed out after the vote.
en: ironing board
= A board to iron shirts on
= Boards for ironing
≠ The board ironed out its differences.
≠ Iron nails in a board
en: hearing aid
= Aids for people who hear badly
= Hearing aids without batteries
≠ Hearing of the aid convoy, they wept.
≠ The court hearing came to his aid.
en: printer paper
= Paper for your printer
= Which paper does the printer take?
≠ The paper printed a story.
≠ A paper on the first printers
en: speaker stand
= Stands for loud speakers
= A stand that holds a speaker
≠ Please stand for the speaker.
≠ The speaker stood up.
en: boxing gloves
= Gloves for boxing
= Gloves that boxers wear
≠ He boxed up the gloves.
≠ The box of gloves
en: works council
= How to elect a works council
≠ The council works hard.
≠ Council workers met.
en: watch strap
= Straps for your watch
= A leather strap for a watch
≠ Watch him strap the box.
≠ He was strapped in to watch.
en: post office
= The nearest post office
= Offices of the post
≠ She posted it at the office.
≠ His post in the head office
en: book shop
= Shops that sell books
= A bookshop with a cafe
≠ Book now at the shop.
≠ She booked a shop assistant.
en: lead pipe
= Pipes made of lead
= Replace your old lead pipes
≠ The pipe leads to the sea.
≠ He leads with a pipe in his mouth.
en: match day
= Days of the big match
= What to wear on match days
≠ The socks match every day.
≠ One day he lit a match.
en: left luggage
= Lockers for left luggage
≠ She left her luggage in the hall.
≠ The luggage is on the left.
en: well water
= Water from a well
= Is well water safe?
≠ The plant does well in water.
≠ Water works as well.
en: rose garden
= A garden of roses
= Gardens with old roses
≠ The garden rose in value.
≠ He rose early for the garden.
en: race course
= Courses for the next race
≠ Of course they race.
≠ In the course of the race
en: fly fishing
= Fishing with a fly
= How to fish with flies
≠ Flies bother the fish.
≠ Time flies when you go fishing.
en: bear market
= Bear markets and how they end
≠ They can't bear the market.
≠ Bears in the fish market
en: wedding ring
= Rings for your wedding
= A ring you wear after the wedding
≠ She rang after the wedding.
≠ Bells ring at the wedding.
en: lighter fluid
= Fluid for a lighter
≠ The lighter the fluid, the better.
≠ A lighter meal and a clear fluid
en: cold store
= Stores that keep fish cold
≠ Store in a cold place.
en: fine art
= The fine arts in Vienna
≠ It is fine to copy art.
≠ He paid a fine for the art.
en: party planner
= Planners for your next party
= Plan a party for kids
≠ The party has no plan.
≠ The Green party planned badly.
en: tip jar
= A jar for tips
≠ The tip of the jar broke.
≠ The jar tipped over.
en: stick figure
= Figures made of sticks
= How to draw stick figures
≠ Stick to the figures.
≠ The figure stuck in his mind.
en: plate rack
= A rack for plates
= Racks to dry your plates
≠ She racked her brain over a plate.
≠ Wine rack, gold plate
en: pitch deck
= Decks for a pitch
= A deck to pitch your idea
≠ The pitch of the deck is steep.
≠ He pitched a tent on the deck.
en: close season
= When the close season starts
≠ The season drew to a close.
≠ Close friends this season
en: toy drive
= Drives that collect toys
≠ They drive a toy car.
≠ The toy was in the drive.
en: wood stove
= A stove that burns wood
= How to light a wood stove
≠ The stove stood in a wood.
≠ He stoked the stove, then walked in the woods.
en: guest house
= Houses for up to six guests
= A guest house near the harbour
≠ The guests left the house.
≠ A house full of guests woke him.
en: shoe rack
= A rack for ten pairs of shoes
= Racks that keep shoes tidy
≠ She racked up debts for shoes.
≠ The shoe went to rack and ruin.
en: cutting edge
= The cutting edge of a knife
= Edges that are good for cutting
≠ He edged closer, cutting the rope.
≠ Cut the talk; I am on edge.
en: reading lamp
= A lamp to read by
= Lamps for reading in bed
≠ She was reading when the lamp fell.
≠ The meter reading, by the light of a lamp
en: soap maker
= Make soap from olive oil
= Makers of soap and candles
≠ Soap opera makers went on strike.
≠ He made it up to her with soap.
en: snow tyres
= Tyres made for snow
= Do you need snow tyres in May?
≠ It was snowing and she tired early.
≠ The snow fell on a pile of tyres? No, on hay.
en: job offer
= How to accept the offer of a job
= Offers of jobs in care
≠ He offered her a seat, a good job too.
≠ The job was on offer at a fair? No.
en: water heater
= Heaters for hot water
= Heat water with the sun
≠ In the heat they drank water.
≠ The heated debate was about water.
en: spelling checker
= Check your spelling as you type
= A checker that finds spelling mistakes
≠ Spelling it out: pay by check.
≠ The check was spelled wrong.
en: leather care
= How to care for leather
= Care for leather shoes
≠ The leather chair in the care home
≠ He does not care about leather.
en: rental car
= Rent a car at the airport
= Cars for rent
≠ The rent for the car park went up.
≠ He lent me his car; rent is high.
en: sales training
= Train your sales team
= Training for people in sales
≠ The train to the sales was late.
≠ Trainers are for sale.
en: fish market
= A market for fresh fish
= Markets that sell fish
≠ They market boats to people who fish.
≠ Fish prices on the stock market fell.
en: video editing
= Edit a video on your phone
= How videos are edited
≠ The editor hates video.
≠ The video of the edition is lost.
en: customer loyalty
= How to make customers loyal
= Loyal customers come back.
≠ The customs officer was loyal to the king.
≠ A loyal dog waits for the customer.
en: interior decorator
= Decorate the interior of your van
= Decorators for small interiors
≠ A decorated soldier from the interior of the country
≠ The decorator drove into the interior.
en: heating engineer
= Engineers who install heating
= An engineer for your heating system
≠ The engineer was heating his soup.
≠ She engineered a heated debate.
en: bottle opener
= Open a bottle without an opener
= Openers for bottles and cans
≠ The opening bottle ceremony was dull.
≠ She opened the door with a bottle in her hand.
en: rock climbing
= Climb rocks safely
= A rock that is good for climbing
≠ Prices climbed; rock music played.
≠ The band rocks, sales are climbing.
en: street photography
= How to photograph people in the street
= Photographs of streets at night
≠ The street where the photographer lives
≠ Photography shops line the street.
en: drum lessons
= Lessons for people who want to play the drums
= Learn the drums: first lesson free
≠ The lesson drummed it into him.
≠ They drummed up support after the lesson.
en: wedding speech
= How to write a speech for a wedding
= Speeches at weddings
≠ The speech was so long that they forgot the wedding.
≠ He lost the power of speech before the wedding.
en: allergy test
= Tests for allergies at home
= How to test yourself for an allergy
≠ He has an allergy to tests.
≠ The test drive brought on his allergy.
en: garden chairs
= Chairs that can stay in the garden all year
= A garden chair that folds
≠ She chairs the garden club.
≠ From her chair she sees the garden.
en: credit card debt
= How to pay off debts on your credit card
= Debt on credit cards
≠ To her credit, she has no debt and plays cards.
≠ The card thanked him; he was in her debt.
en: remote work
= Work remotely from abroad
= Jobs that let you work from remote places
≠ The remote control does not work.
≠ Works of art in a remote valley
en: kitchen tiles
= Tiles for your kitchen floor
= Tile a kitchen wall
≠ The kitchen is next to the tile shop.
≠ A night on the tiles, then kitchen duty
en: air conditioning
= Condition the air in your office
= What does conditioned air cost?
≠ On one condition: open the window for air.
≠ Her hair conditioner smells of sea air.
en: public speaking
= How to speak in public
= Speakers who are afraid of the public
≠ The public house speaks for itself.
≠ Strictly speaking, the public was let in.
en: hard drive
= Drives that are hard to break
= Copy your hard drives
≠ The drive home was hard.
≠ They drive a hard bargain.
en: stock market
= Stocks and the markets they trade on
= The stock markets fell.
≠ The market is out of stock.
≠ We stock what the market wants.
en: birth certificate
= Certificates of birth
= How to get a certificate of your birth
≠ She gave birth; he earned a certificate.
≠ The certified nurse helped at the birth.
en: ski lift
= Lifts for skiers
= A lift that takes skis
≠ He lifted his skis onto the car.
≠ She skied down and took the lift to the bar.
en: phone contract
= Contracts for mobile phones
= Cancel the contract of your phone
≠ The muscles contract while you phone.
≠ He phoned before the contract was signed.
en: curtain rail
= A rail for heavy curtains
= How to hang curtains on a rail
≠ The rail strike drew the curtain on the tour.
≠ She drew the curtain as the train left the rails.
en: pension plan
= Plan your pension early
= Plans that pay a pension
≠ The pension was not part of the plan to move.
≠ He planned a stay in a small pension.
en: nail polish
= Polish for short nails
= How to polish your nails
≠ He nailed the Polish test.
≠ Polish the table and hit the nail on the head.
en: tea infuser
= An infuser for loose tea
= Infusers that hold tea leaves
≠ Tea infused the talk with calm.
≠ Over tea she infused him with hope.
en: exam preparation
= How to prepare for an exam
= Prepare your exams in a week
≠ The exam hall was being prepared.
≠ Food preparation, then an exam
en: boat rental
= Rent a boat for a day
= Boats you can rent by the hour
≠ The rent went up, and so did the boat.
≠ The boat passed a rental car office.
en: concrete floor
= Floors made of concrete
= Polish a concrete floor
≠ He took the floor with a concrete plan.
≠ Concrete proposals came from the shop floor.
en: heart rate monitor
= Monitors that show your heart rate
= Monitor the rate of your heart
≠ At any rate, his heart was not in the monitor job.
≠ They rate the monitor highly; his heart sank.
en: wine rack
= A rack for wine bottles
= Racks to store wine
≠ She racked her brains over wine.
≠ The wine was on the house, the racks empty.
en: interest rate
= Rates of interest on savings
= How interest rates are set
≠ At this rate, nobody will show interest.
≠ It is of interest how they rate us.
en: music teacher
= Teachers of music
= A teacher for music and dance
≠ Face the music, said the teacher.
≠ The lesson taught him that music heals.
en: paper cup
= Cups made of paper
= A cup of paper or plastic?
≠ The paper wrote about the world cup.
≠ She put the paper under her cup.
en: trail mix
= A mix of nuts for the trail
= Mixes you can eat on the trail
≠ They trail far behind; moods are mixed.
≠ The mixed team left a trail of mud.
en: blood donor
= Donate blood near you
= Who can be a donor of blood?
≠ A donor paid for the blood orange trees.
≠ Blood ties and organ donors
en: file cabinet
= Cabinets to keep files in
= A cabinet for your files
≠ The cabinet filed past the queen.
≠ The file was leaked by the cabinet.
en: cleaning lady
= A lady who does the cleaning
≠ The lady was cleaning her glasses.
≠ Clean lines suit a lady.
en: parking ticket
= Tickets for bad parking
≠ The ticket office is in the park.
≠ He parked and bought a train ticket.
en: boxing ring
= Rings for boxing
≠ He boxed the ring as a gift.
≠ The box rings hollow.
en: singing bird
= Birds that sing at night
≠ The singer kept a bird.
≠ A little bird told me to sing.
en: shooting star
= When to see shooting stars
≠ The star of the film was shot at.
≠ They shoot at the stars.
en: welding mask
= Masks for welding
≠ The mask was welded shut.
≠ Weld the mask to the gate.
en: climbing plant
= Plants that climb walls
≠ The plant workers climbed the fence.
≠ He climbed up and planted a flag.
en: driving licence
= Licences to drive a van
≠ He drove off with her fishing licence.
≠ The licence fee drives them mad.
en: dining room
= A room to dine in
≠ There is room to dine outside.
≠ They dined in a room over the bar.
en: fighting fish
= Fish that fight
≠ They fought over the fish.
≠ Fish stocks: the fight goes on.
en: camping gear
= Gear for camping
≠ He changed gear near the camp.
≠ The camp is geared to families.
en: farming news
= News for farmers
≠ The news is that he farms.
≠ Farm hands read no news.
en: teaching job
= Jobs in teaching
≠ Teach him to do the job.
≠ The job taught her patience.
en: baking soda
= Soda for baking
≠ She drank a soda while baking.
≠ He baked, then opened a soda.
en: cutting tool
= Tools for cutting steel
≠ He cut his hand on a tool.
≠ They cut the price of the tool.
en: waiting list
= Lists of people who wait
≠ A list of things awaits you.
≠ Wait, where is my list?
en: meeting point
= The point where we meet
≠ At this point we met Anna.
≠ What is the point of meeting?
en: mixing bowl
= Bowls to mix dough in
≠ Mixed nuts in a bowl
≠ He bowls with mixed success.
en: walking tour
= A tour of the town to walk
≠ The band is on tour, the dog on a walk.
≠ They walked out during the tour.
en: knitting wool
= Wool for knitting socks
≠ A wool shop in a close-knit street
≠ Knit your brow, pull the wool over their eyes.
en: how to save money
= Saving money on food
= Save more money every month
≠ Money cannot save him.
en: best budget laptop
= The best laptop on a small budget
= Which budget laptops are best?
≠ The budget debate got the best of his laptop.
≠ It is best to budget before you buy a laptop.
en: learn spanish online
= Learning Spanish online
= Online courses to learn Spanish
≠ The Spanish team learned it had no online fans.
≠ She learned online that her Spanish aunt had died.
en: open a bank account
= How to open a bank account
= Opening an account at a bank
≠ On account of the flood the bank did not open.
≠ The bank opened after he gave an account.
en: plan a wedding
= Planning a wedding in the spring
= How far ahead do you plan a wedding?
≠ The wedding planner planned to quit.
≠ They plan to leave before the wedding.
en: clean a mattress
= How to clean your mattress
= Cleaning mattresses at home
≠ The mattress was clean.
≠ He slept on a mattress in clean clothes.
en: healthy lunch ideas
= Ideas for a healthy lunch
= Healthy ideas for lunch at work
≠ He had no idea what was healthy about lunch.
≠ Over lunch they had an idea for a healthy bank.
en: remove red wine stains
= How to remove stains of red wine
= Removing red wine stains from carpet
≠ The red stain on his name was removed over wine.
≠ He removed the wine from the red table.
en: wireless charging pad
= Pads for wireless charging
= A pad that charges phones without wires: wireless charging pads
≠ The charge against the wireless firm was dropped on a pad.
≠ He charged across the pad for the wireless.
en: sell used books
= Where to sell used books
= Selling your used books online
≠ The book used to sell well.
≠ He sold the shop that used his book.
en: change a tyre
= Changing a tyre by yourself
= How do you change tyres?
≠ The change of heart tired him.
≠ Tyre makers change their prices.
en: dog separation anxiety
= Anxiety of dogs when they are left: separation anxiety in dogs
= Dogs with separation anxiety
≠ After the separation the dog and his anxiety stayed.
≠ The dog walked; their separation caused anxiety.
en: rent out a room
= Renting out a room in your flat
= Rent your room out to students
≠ There is no room for rent cuts.
≠ They ran out of the room to pay the rent.
en: water indoor plants
= How often to water plants indoors
= Watering your indoor plants
≠ The plant pumps water indoors.
≠ He planted his feet in the indoor water park.
en: natural hair dye
= Dyes for hair from natural plants
= Dye your hair with natural henna
≠ By nature, he hated dyed hair.
en: book a flight
= How to book flights early
= Booking a flight with points
≠ The book is about the flight of birds.
≠ He read a book on the flight.
en: build a shed
= Building a shed from pallets
= How to build your own shed
≠ The shed was built in 1900 and the builder retired.
≠ The building next to the shed burned.
en: grow basil indoors
= Growing basil indoors in winter
= How do you grow basil indoors?
≠ Basil grew up indoors, a shy boy.
≠ The growing firm moved Basil indoors.
en: hire a nanny
= Hiring a nanny for the first time
= Where to hire nannies
≠ The nanny was the new hire's aunt.
≠ They hired the nanny's brother.
en: invest in gold
= Investing in gold and silver
= How to invest your money in gold
≠ The investor wore gold.
≠ Gold medals reward those who invest time.
en: paint a fence
= How to paint your fence
= Painting fences in a day
≠ The painting hung on the fence.
≠ He sat on the fence and sold paint.
en: repair a phone screen
= Repairing the screen of your phone
= How to repair a cracked phone screen
≠ The phone in the repair shop has a screen door.
≠ He phoned to repair the window screen.
en: start a podcast
= Starting your own podcast
= How to start a podcast for free
≠ The podcast starts at nine.
≠ She listens to a podcast from the start.
en: store potatoes
= How to store potatoes in the cellar
= Storing potatoes for months
≠ The store sells potatoes.
≠ A store of ideas, and potatoes
en: write a will
= Writing a will without a lawyer
= How to write your will
≠ He will write to her.
≠ She writes what she will.
en: letter opener
= Openers for letters and parcels
= A brass letter-opener
≠ The opening letter of the alphabet is A.
≠ The shop opens when the letters arrive.
en: speaking clock
= Call the speaking clock for the time.
= Clocks that speak the hour
≠ We were speaking about the clock on the wall.
≠ The speaker looked at her clock.
en: chopping board
= Boards for chopping onions
= Wooden chopping boards
≠ The board spent the evening chopping the budget.
≠ He chopped wood while the board met.
en: waiting room
= A waiting room with toys
= The room where patients wait
≠ We are waiting for a room with a view.
≠ The waiter cleared the room.
en: walking stick
= Sticks for walking in the hills
= Folding walking sticks
≠ Stick to walking if running hurts.
≠ Mud sticks when you are walking.
en: spring water
= Water from a spring near the village
= Bottled spring waters
≠ In spring, water the roses twice.
≠ The spring of the valve rusted in salt water.
en: work surface
= Granite work surfaces
= A surface to work on
≠ The works surfaced again in 1990.
≠ His work has been on the surface of the moon.
en: sign language
= Learn sign language online
= Languages made of signs
≠ Sign here, in any language.
≠ Her language is a sign of good schooling.
en: stamp duty
= How stamp duties are worked out
= The duty paid for a stamp on deeds
≠ The officer on duty will stamp your passport.
≠ It is your duty to stamp the ground flat.
en: watch strap
= Leather straps for watches
= Change the strap of your watch.
≠ Watch out for the loose strap.
≠ Watch how I strap the box down.
en: bill payment
= Pay your bills by phone.
= Payment of bills by card
≠ Bill was paid to paint the barn.
≠ The bird's bill opened for its payment of seeds.
en: ground coffee
= Freshly ground coffee for filters
= Coffee ground for espresso
≠ He spilt his coffee on the ground.
≠ Coffee was sold on the ground floor.
en: spirit level
= A spirit level for hanging shelves
= Levels with a spirit bubble
≠ The spirit of the team is on another level.
≠ Spirits are sold on the lower level.
en: crossing point
= A crossing point on the river
= Points for crossing the border
≠ At one point he was crossing himself.
≠ The cross-country race was won on points.
en: cooling fan
= A fan for cooling a laptop
= Replace the cooling fans.
≠ Fans were cooling towards the band.
≠ The cooler was a gift from a fan.
en: passing place
= Passing places on a narrow road
= A place for passing other cars
≠ In passing, he placed the cup on the shelf.
≠ The place has been passing from father to son.
en: counter top
= Countertops of oak
= A counter top that resists heat
≠ He topped the list by a counter-attack.
≠ The counter of votes reached the top floor.
en: case law
= Cases that became law
= A summary of case law
≠ In any case, the law is clear.
≠ Just in case, the law student brought a coat.
en: safe deposit
= Safe deposit boxes at the bank
= Where your deposit is safe
≠ To be on the safe side, leave no deposit.
≠ Mineral deposits are safe to drink.
en: hand luggage
= Hand luggage for cheap airlines
= Luggage carried by hand
≠ On the other hand, luggage costs more.
≠ Hand the luggage to the driver.
en: light box
= A light box for tracing
= Boxes of light for dark winters
≠ The box is light enough to carry.
≠ Light the candle in the box.
en: short film
= Short films by students
= A film that is short and sharp
≠ In short, the film bored us.
≠ The film ran short of money.
en: time sheet
= Fill in your timesheet.
= Sheets for recording time
≠ From time to time change the sheets.
≠ It is time to fold the sheet.
en: common room
= The common room of the college
≠ We have much in common, the room included.
≠ It is common to book a room.
en: customer service
= Services for customers
≠ The customary service was held in the chapel.
≠ The customers came from the service station.
en: general store
= A general store in a small town
= Stores of a general kind
≠ In general, store apples in the dark.
≠ The general stored his medals.
en: simplify taxes
= Simplifying your taxes
= A simpler way with taxes
≠ The tax office is simply too far.
≠ A simple man taxed with theft
en: shorten trousers
= Shortening trousers by hand
= How to make trousers shorter
≠ Trousers and shorts in one colour
≠ In short, trousers are out.
en: legalise a document
= Legalising documents for use abroad
= Have your document legalised
≠ The legal team lost a document.
≠ Legally, the document is void.
en: sharpen knives
= Sharpening a knife on a stone
= Knife sharpening
≠ A sharp turn by the knife shop
≠ He knifed the sack with a sharp cry.
en: whiten teeth
= Teeth whitening at home
= Get your teeth whiter
≠ A white shark with many teeth
≠ Teeth were painted on the white wall.
en: memorise vocabulary
= Memorising new vocabulary
= Commit vocabulary to memory
≠ Her memory of the vocabulary teacher is warm.
≠ A memorial for the author of the vocabulary
en: c# jobs
= Jobs for C# developers
= A job in C#
≠ Section C jobs
≠ The C string and other jobs
en: 50/50 mortgage
= A 50/50 mortgage for couples
= Mortgages split 50/50
≠ Of 5050 mortgages, ten failed.
≠ 50 people and 50 mortgages
en: .com domain
= Register a .com domain
= Domains that end in .com
≠ The domain of com objects
≠ Com lines run through the domain.
en: b&b booking
= Book a B&B by the sea
= B&B bookings
≠ Plan B: booking a tent
≠ B sides and booking agents
en: snow shoes
= Snowshoes for beginners
= A pair of snow-shoes
≠ Snow got into her shoes.
≠ The shoe shop closed when it snowed.
en: tea spoon
= A teaspoon of salt
= Silver tea-spoons
≠ The spoon lay beside the tea.
≠ He spooned sugar while the tea cooled.
en: book case
= A bookcase for a small flat
= Bookcases of oak
≠ The case was about a stolen book.
≠ In that case, book a table.
en: head ache
= Headaches after work
= What helps against a headache?
≠ The head teacher has an aching tooth.
≠ Heads of firms ache for profit.
en: data sheet
= The datasheet of the sensor
= Data sheets as PDF
≠ Data about bed sheets
≠ Rain came down in sheets and ruined the data.
en: shoe lace
= Shoelaces that never come undone
= Laces for your shoes
≠ A lace dress and red shoes
≠ He laced the drink and lost a shoe.
en: standing desk
= A desk for standing at work
≠ He left his standing with the bank on the desk.
≠ The desk is still standing after the flood.
en: drawing pins
= A box of drawing pins
≠ Pin the drawing to the wall.
≠ He drew a row of pins.
en: dressing table
= A dressing table with a mirror
≠ Put the dressing on the table next to the salad.
≠ She dressed the table in white.
en: sleeping bag
= Sleeping bags for cold nights
≠ The cat is sleeping on my bag.
≠ Her bag lay where the guests slept.
en: savings plan
= A plan for your savings
≠ We plan to save the whales.
≠ The plan is worth saving.
en: shipping container
= Homes made from shipping containers
≠ The ship could not contain the fire.
≠ We are shipping the food in plastic containers.
en: rolling pin
= A rolling pin of beech wood
≠ The pin rolled under the sofa.
≠ Pin the roll of fabric in place.
en: wedding planner
= Hire a planner for your wedding
≠ The planning office sits above a wedding shop.
≠ The plan for the wedding chapel was refused.
en: iron supplements
= Do iron supplements help?
≠ Iron the supplement pages flat.
≠ The iron bridge supplements the ferry.
en: record player
= A record player for vinyl
≠ The player set a record last year.
≠ Players record their own voices.
en: match box
= A matchbox from 1920
≠ The box does not match the lid.
≠ They watched the match from a box.
en: spare parts
= Spare parts for old tractors
≠ Spare me the parts about money.
≠ She parts with her spare time gladly.
en: bank holiday
= Shops close on bank holidays.
≠ They spent the holiday on the bank of a river.
≠ Don't bank on a holiday this year.
en: bark collar
= Bark collars for large dogs
≠ The bark of the tree tore his collar.
≠ Dogs bark when you hold their collar.
en: can opener
= An electric can opener
≠ We can open at nine.
≠ The opener of the evening can sing.
en: change purse
= A leather change purse
≠ Change the strap of the purse.
≠ The purse of the race will change.
en: fan heater
= A fan heater for the bathroom
≠ The fans heated up the stadium.
≠ Heat the oven with the fan on.
en: file manager
= A file manager for your phone
≠ The manager filed a complaint.
≠ Nail files for the busy manager
en: fire pit
= A fire pit for the garden
≠ They fire the pots in an old gravel pit.
≠ The owner of the pit fired ten men.
en: ground beef
= Recipes with ground beef
≠ The beef cattle stood on dry ground.
≠ His main beef was the wet ground.
en: head lamp
= Head lamps for runners
≠ Head straight for the lamp shop.
≠ The head of the lamp makers retired.
en: hide rug
= A hide rug for the living room
≠ Hide the stain under a rug.
≠ Children hide behind the rug stall.
en: jam jar
= Jam jars with lids
≠ A paper jam can jar on your nerves.
≠ The lid of the jar may jam.
en: lead time
= Shorter lead times for suppliers
≠ He took the lead for the first time.
≠ Dogs need a lead at all times.
en: light meter
= A light meter for film cameras
≠ The meter is light and cheap.
≠ Light up the gas meter cupboard.
en: mean temperature
= The mean temperature in May
≠ High temperatures mean ice melts.
≠ He was mean about the room's temperature.
en: mine owner
= The mine owner lived in London.
≠ A friend of mine is the owner.
≠ The owner of this dog and mine met.
en: minute book
= Keep a minute book for the club.
≠ Book up to the last minute.
≠ Give me a minute to find the book.
en: nail file
= A glass nail file
≠ Nail the file box shut.
≠ File the edge, then drive in the nail.
en: novel approach
= A novel approach to teaching
≠ The novel approaches its end.
≠ As he approached, she hid the novel.
en: object code
= The compiler writes object code.
≠ Residents object to the new code.
≠ The object bears a code of five letters.
en: order book
= A full order book
≠ Order the book by Friday.
≠ The books are in order.
en: palm oil
= Food without palm oil
≠ Rub the oil into your palms.
≠ The palm tree stood beside an oil well.
en: park ranger
= Become a park ranger
≠ Park the truck beside the ranger's hut.
≠ Prices in the car park ranged from two to ten.
en: patient records
= Keep patient records safe.
≠ Be patient while it records.
≠ The patient broke three records.
en: plane ticket
= Cheap plane tickets
≠ Plane the door, the ticket says.
≠ She lost her ticket near the plane tree.
en: play button
= Press the play button.
≠ Children play with a button.
≠ Buttons were sewn on for the school play.
en: pool table
= A pool table for the basement
≠ They pool their money on the table.
≠ Tables stood around the pool.
en: port wine
= Port wine with cheese
≠ The port ships wine abroad.
≠ A wine bar near the port
en: post code
= Enter your post code.
≠ Post the code on the forum.
≠ The fence post has a code on it.
en: pound sign
= Where is the pound sign on the keyboard?
≠ A pound of apples, said the sign.
≠ Dogs in the pound show no sign of illness.
en: present tense
= Verbs in the present tense
≠ Everyone present was tense.
≠ He was tense when he opened the present.
en: press pass
= A press pass for the festival
≠ Press here to pass.
≠ The trouser press was passed on to me.
en: race horse
= How fast is a race horse?
≠ Horses were no part of the race question.
≠ The children race past the horse.
en: rail pass
= A rail pass for Europe
≠ Hold the rail as you pass.
≠ Buses pass the broken rail.
en: right angle
= A triangle with a right angle
≠ Is this angle right?
≠ He has a right to angle in this lake.
en: ring finger
= A tattoo on the ring finger
≠ A ring for every finger
≠ Ring the bell with one finger.
en: rock band
= A rock band from the north
≠ A band of rock runs through the hill.
≠ The rocks were tied with a rubber band.
en: row house
= A row house in the old town
≠ The family had a row in the house.
≠ Row to the house on the island.
en: rubber stamp
= Order a rubber stamp online.
≠ Rubber soles stamp the mud flat.
≠ He collects stamps and rubber ducks.
en: ruler app
= A ruler app for your phone
≠ The ruler of the country launched an app.
≠ Apps rule our lives.
en: sea bass
= Sea bass with lemon
≠ The bass player lives by the sea.
≠ The sea sounds like a bass drum.
en: second opinion
= Get a second opinion.
≠ For a second, he had no opinion.
≠ Opinions change every second.
en: sink unit
= A sink unit for a small kitchen
≠ The unit will sink in deep water.
≠ Units sank in value.
en: sole trader
= Register as a sole trader.
≠ The trader sold sole and cod.
≠ Traders repaired the soles of shoes.
en: spring onion
= Chop two spring onions.
≠ In spring, plant the onions.
≠ Onions spring up after rain.
en: square root
= The square root of nine
≠ Trees took root in the square.
≠ Roots in square pots grow badly.
en: state school
= A state school in Kent
≠ State which school you went to.
≠ The school is in a poor state.
en: stick insect
= Keep stick insects as pets.
≠ Insects stick to the paper.
≠ Poke the insect with a stick.
en: story board
= Draw a storyboard first.
≠ The board heard the story.
≠ The story of a chess board
en: suit jacket
= A navy suit jacket
≠ That jacket will suit you.
≠ Suits and jackets hang there.
en: table tennis
= Table tennis for beginners
≠ She put her tennis balls on the table.
≠ The tennis club tabled a motion.
en: tank top
= A red tank top
≠ Top up the tank.
≠ The top of the tank is rusty.
en: tap water
= Is tap water safe?
≠ Tap the glass of water.
≠ Water dripped on the tap dancer.
en: toast rack
= A silver toast rack
≠ Toast the winner beside the wine rack.
≠ The rack was toast after the fire.
en: trunk call
= A trunk call cost a fortune then.
≠ Call someone to move the trunk.
≠ The elephant raised its trunk at my call.
en: type face
= A typeface for long texts
≠ Type as you face the screen.
≠ I know that type of face.
en: watch battery
= Change a watch battery.
≠ Watch the battery level.
≠ The army watched the battery fire.
en: well water
= Is well water clean?
≠ Water the plants well.
≠ As well as water, bring food.
en: yard sale
= A yard sale on Sunday
≠ Cloth is on sale by the yard.
≠ The sale of the ship yard failed.
en: clean an oven
= Cleaning the inside of your oven
= How often should the oven be cleaned?
≠ The oven was so clean that nobody used it.
≠ Clean up before you open the oven.
en: descale a kettle
= Descaling kettles with vinegar
= Your kettle needs to be descaled.
≠ The scale stood beside the kettle.
≠ On a scale of one to ten, the kettle got two.
en: plant tulips
= When to plant tulip bulbs
= Tulips are planted in autumn.
≠ A tulip is a plant that needs sun.
≠ The plant manager grows tulips.
en: train a puppy
= Training your new puppy
= A puppy can be trained in a month.
≠ The puppy slept on the train.
≠ Puppies are not allowed on trains.
en: book a table
= Booking tables by phone
= Tables can be booked online.
≠ The book lay on the table.
≠ A table of contents for your book
en: sharpen scissors
= How scissors are sharpened
= Sharpening dull scissors at home
≠ Sharp scissors cut better.
≠ He gave a sharp look over his scissors.
en: frame a picture
= Framing pictures on a budget
= Have your picture framed.
≠ The picture lost its frame.
≠ A picture of the frame of a bike
en: water succulents
= How often do you water a succulent?
= Succulents are watered once a week.
≠ Water runs past the succulents.
≠ Succulents store water in their leaves.
en: file a complaint
= Filing complaints with the council
= Where complaints are filed
≠ The file holds no complaint.
≠ A complaint about a lost file
en: rent a cottage
= Renting cottages by the sea
= A cottage to rent in June
≠ The rent of the cottage rose.
≠ A rent in the curtain of the cottage
en: store potatoes
= Storing potatoes over winter
= How potatoes are stored
≠ The store sells potatoes.
≠ Potatoes from the farm store
en: ship a bike
= Shipping bikes abroad
= How much does it cost to have a bike shipped?
≠ The ship carried a bike.
≠ He rode his bike to the ship.
en: light a fire
= Lighting fires with flint
= How to get a fire lit
≠ The light of the fire faded.
≠ A fire broke out near the light switch.
en: fix a puncture
= Fixing punctures on the road
= A puncture is fixed in minutes.
≠ The shop's fixed price for a puncture kit
≠ In a fix: a puncture and no pump
en: copyright a song
= Copyrighting your songs
= Songs are copyrighted once they are written down.
≠ The copyright of the film includes no song.
≠ A song about copyright law
en: host a party
= Hosting parties for children
= Parties hosted at home
≠ The host left the party early.
≠ Our party met a host of problems.
en: refund a ticket
= Refunding tickets takes a week.
= Your ticket can be refunded.
≠ The refund came without a ticket number.
≠ He lost the ticket and his tax refund.
en: dye a shirt
= Dyeing shirts with onion skins
= A shirt dyed at home
≠ The dye ruined the sink and not the shirt.
≠ The shirt hung near the dye shop.
en: tile a floor
= Tiling floors yourself
= Have the floor tiled.
≠ The tile fell on the floor.
≠ A tile with flowers lay on the floor.
en: price a product
= Pricing products for a small shop
= How should products be priced?
≠ The product won a prize for its price.
≠ The price is printed under the product.
en: stretch a canvas
= Stretching your own canvases
= A canvas stretched over a frame
≠ A stretch of road led past the canvas tents.
≠ The painter had to stretch to reach the canvas.
en: name a company
= Naming companies is hard.
= How was the company named?
≠ The company has a good name.
≠ Give your name and company.
en: cook lentils
= Cooking lentils without soaking
= Lentils cooked in stock
≠ The cook had no lentils.
≠ A cook book with lentils on its cover
en: load a dishwasher
= Loading the dishwasher the right way
= How a dishwasher is loaded
≠ A load of plates, and no dishwasher
≠ The dishwasher takes a load off my mind.
en: list a house
= Listing your house for sale
= Houses are listed in spring.
≠ The house is on my list.
≠ A list of the rooms in the house
en: pack a suitcase
= Packing suitcases for a week
= A well packed suitcase
≠ A pack of dogs chased the suitcase.
≠ The suitcase came with a pack of cards.
en: seal a driveway
= Sealing driveways in summer
= Is the driveway sealed?
≠ The seal of the jar broke on the driveway.
≠ A seal lay across the driveway by the beach.
en: tune a guitar
= Tuning your guitar by ear
= Guitars tuned a step down
≠ He played a tune on the guitar.
≠ The guitar is out of tune.
en: stock a pantry
= Stocking a pantry on a budget
= A pantry stocked for winter
≠ The stock simmers; the pantry is cold.
≠ The price of stock fell as she cleaned the pantry.
en: date an antique
= Dating antiques by their marks
= How antiques are dated
≠ The date is set: the antique goes to auction.
≠ Dates and nuts lay on the antique.
en: wedding catering
= Who caters for weddings in a barn?
= Catering for a wedding of eighty guests
≠ The film caters to viewers who hate weddings.
≠ At the wedding, his catering to her whims was plain.
en: roof coating
= Roof coatings that last ten years
= Coat a flat roof with two layers
≠ He left his coat on the roof.
≠ Snow coated the roof overnight.
en: dog training
= How to train a dog to sit
= Trained dogs wait at the kerb
≠ The dog missed the train.
≠ She is training for a marathon with her dog.
en: hair dryer
= Dryers for long hair
= Drying hair without damage
≠ Her hair is drier than mine.
≠ He dried his hands and combed his hair.
en: book binding
= Binding a book by hand
= Books bound in leather
≠ A binding contract says nothing of the book.
≠ We are bound to read the book.
en: house painter
= A painter for the house, inside and out
= Painting your house in summer
≠ The painter was born in this house.
≠ The house has paintings of the sea.
en: water meter
= Meters for water in flats
= Where is the water meter?
≠ The water is two meters deep.
≠ Ten meters from the water
en: arms trade
= Trade in arms is taxed
= Who trades arms across borders?
≠ She broke both arms and changed her trade.
≠ Arm pads are made by the trade.
en: spirits shop
= A shop that sells spirits
= Spirit shops near the harbour
≠ The shop kept its spirits up.
≠ In high spirits they left the shop.
en: c++ course
= Which C++ courses are free?
≠ A course for grade C students
≠ The C course starts on Monday
en: 24/7 support
= Support that answers 24/7
= We support you 24/7.
≠ Support tickets 24 and 7 were closed.
≠ Of 24 calls to support, 7 were lost.
en: account opening
= Opening an account takes five minutes
= Open your account online
≠ On no account leave the door open.
≠ The opening is on account of the rain put off.
en: custom shirts
= Customise a shirt with your logo
= Shirts custom made for teams
≠ Customs held the shirts for a week.
≠ It is the custom to wear white shirts.
en: hand cream
= Creams for dry hands
= The best hand cream for winter
≠ On the other hand, the cream had turned.
≠ She handed him the cream.
en: light bulb
= Bulbs with warm light
= Lightbulbs that last
≠ The bulb vase is light.
≠ Plant bulbs where light falls.
en: job interview
= Interviews for your first job
= Questions they ask when they interview you for a job
≠ He did a good job of the interview edit.
≠ In an interview she praised the mayor's job figures.
en: file sharing
= Sharing large files safely
≠ She filed for a share of the house.
≠ They share a nail file.
en: park bench
= Benches for the park
= A bench in the park near the pond
≠ Park your car by the bench.
≠ He was benched at the park game.
en: bank loan
= Banks that lend to new firms
≠ The boat is on loan and lies at the river bank.
≠ They loaned us chairs to put on the bank.
en: stock photos
= Photos from stock, free of charge
= Stock photography for blogs
≠ The photo shop has film in stock.
≠ She took a photo of the stock pot.
en: sound card
= A card for better sound
= Sound cards for old computers
≠ It sounds like you lost your card.
≠ The card makes no sound when opened.
en: fire drill
= Drills in case of fire
= How often must a fire drill be held?
≠ The drill caught fire.
≠ He drilled holes by the fire.
en: plant pot
= Pots for plants on the balcony
= A pot that a plant can grow in
≠ He was caught with pot at the plant.
≠ They plant potatoes in a pot.
en: play area
= An area where children can play
= Play areas for small children
≠ The play is set in a rural area.
≠ He plays golf in the Leeds area.
en: cold storage
= Storing food in the cold
= Cold stores for meat
≠ The store closes when it is cold.
≠ A cold kept her from the storage depot.
en: fast food
= Food served fast
= Fast foods and salt
≠ No food may be taken during the fast.
≠ He ran fast to the food stall.
en: running water
= Rooms with water that runs hot and cold
= No running water in the hut
≠ She was running when the water broke.
≠ The tap ran dry; we carried water.
en: sewing machine
= A machine for sewing denim
= Which machine sews leather?
≠ She sews by hand and machines steel.
≠ He machined the parts while she was sewing.
en: match report
= A report of the match on Saturday
= Who writes the match reports?
≠ The figures match those in the report.
≠ He reported that the matches were damp.
en: leave request
= Request leave two weeks ahead
= Requests for leave are answered by Friday
≠ Please leave your request at the desk.
≠ At her request we leave early.
en: sign language
= Learn to sign: language for deaf children
≠ Sign the form in your own language.
≠ The sign is in a language nobody reads.
en: data mining
= Mining data for patterns
= Tools to mine your data
≠ This data is mine.
≠ Data from the mine was lost.
en: kitchen fitter
= A fitter for your kitchen
= Fit a kitchen in a weekend
≠ The kitchen staff are fitter than we are.
≠ He had a fit in the kitchen.
en: trailer hitch
= Hitching a trailer
= Hitches for light trailers
≠ The trailer of the film went online without a hitch.
≠ They hitched a ride beside a trailer park.
en: table tennis
= Tennis on a table
≠ The tennis club is last in the table.
≠ He tabled a motion on tennis.
en: time tracking
= Tracking working time in a sheet
≠ The tracks were cleared in time for the train.
≠ She lost track of time.
en: fishing boat
= A boat for fishing at sea
= Boats that fish for cod
≠ There is something fishy about the boat.
≠ The boat passed a man who was fishing.
en: rain gutter
= A gutter for rain on the shed
= Gutters that carry rain away
≠ It rains in the gutter press.
≠ The candle gutters in wind and rain.
en: film review
= We review the latest films
= Reviews of films for children
≠ A film of oil needs review.
≠ The pay review was filmed.
en: pet insurance
= Insure your pet
= What does insurance for pets cost?
≠ Insurance is the minister's pet topic.
≠ She pets the dog of the insurance agent.
en: gutter cleaning
= Clean your gutters in autumn
= What does gutter cleaning cost?
≠ The cleaning crew ended up in the gutter.
≠ A clean gutter press is a dream.
en: carpet fitter
= Fitters lay your carpet in a day
= Have a carpet fitted
≠ The carpet fits in the van.
≠ He felt fitter after beating the carpet.
en: lease agreement
= An agreement to lease a flat
= Leasing agreements for offices
≠ They agreed to give her a new lease of life.
≠ In agreement with his wife he let the lease run.
en: bread maker
= Makers of bread and cake
= Make bread overnight
≠ Bread makes up half of his diet.
≠ The film maker ate bread.
en: port wine
= Wines from the port houses
= A glass of port: wine for winter
≠ Wine left the port by ship.
≠ The USB port got wet with wine.
en: seal repair
= Repair a broken seal on the fridge
= Seals: how repairs are done
≠ The seal colony does not repair nets.
≠ Sealed letters need no repair.
en: bat house
= A house for bats under the eaves
= Bat houses keep gnats away
≠ He hit the house with a bat.
≠ Without batting an eye he left the house.
en: crane hire
= Hire a crane by the day
= Cranes for hire
≠ Cranes nest where nobody hires.
≠ The new hire cranes his neck.
en: watch repair
= Repairing an old watch
= Who repairs watches near me?
≠ Watch how he repairs the fence.
≠ They watched the repair of the dam.
en: key cutting
= Where are keys cut?
= Cutting a key takes two minutes
≠ The cuts are key to the budget.
≠ She cut the music key by key.
en: note taking
= Take notes in class
= Taking better notes
≠ Take note of the exits.
≠ The singer hit a high note and took a bow.
en: ground coffee
= Coffee ground by hand
= Grind coffee at home
≠ The ground smelled of coffee.
≠ On what grounds was the coffee banned?
en: light switch
= Switches for the light in the hall
= A lightswitch for the cellar
≠ He switched to a light beer.
≠ They travel light and switch trains.
en: present ideas
= Ideas for presents under ten pounds
= A present: ten ideas
≠ At present I have no idea.
≠ He presented his idea.
en: stamp collecting
= How to collect stamps
= Collectors of stamps
≠ She stamped her foot and collected her coat.
≠ The collected works bear his stamp.
en: duck pond
= Ponds for ducks
≠ He ducked and fell into the pond.
≠ Duck at the low door by the pond.
en: cash register
= Registers for cash
= Cash registers in small shops
≠ He cashed a cheque and registered.
≠ Register now and win cash.
en: current account
= Switch current accounts
= Which current account pays interest?
≠ By all accounts the current is strong.
≠ The account of the current events was dull.
en: e-book reader
= Readers for ebooks
= Read e-books on a small screen
≠ The reader booked a seat.
≠ The reader has a book, an e and a plan.
en: 3d printer
= Printers for 3D models
= Print in 3D at home
≠ The printer has 3 days left.
≠ Page 3 came out of the printer.
en: .net developer
= Developers who use .NET
= A developer for .NET
≠ The developer fell into a net.
≠ Net pay of a developer
en: r&d budget
= The budget for R&D
= R&D budgets rise
≠ Budget for part R and part D
≠ R budget, D budget
en: mens shoes
= Shoes for men
= Men's shoes in wide sizes
≠ The men lost one shoe each in the mud.
≠ He meant the shoes.
en: play school
= A school to play at
= Playschools near you
≠ The school put on a play.
≠ The school plays on Friday.
en: sign maker
= Make a sign for your shop
= Makers of signs
≠ He makes her sign the form.
≠ A sign of the times: makers leave.
en: train times
= Times of trains to the coast
≠ At times the train is late.
≠ He trained three times a week.
en: iron ore
= Ores of iron
= Ore with iron in it
≠ She irons, he sells ore.
≠ An ore and the irony of fate
en: baking tin
= A tin to bake bread in
= Tins for baking
≠ He bakes, and the tin roof leaks.
≠ Baking in the sun lay a tin.
en: rock climbing
= Climb rocks with a guide
= Rocks for climbing
≠ Rock bands climb the charts.
≠ The boat rocked as he climbed in.
en: swimming costume
= Costumes for swimming
= A costume to swim in
≠ The costume party ended with a swim.
≠ Her head was swimming in that costume.
en: case study
= Studies of real cases
= Case studies that sell
≠ In case you study, take notes.
≠ He studied the glass case.
en: safety training
= Train your staff in safety
= Training for safety at work
≠ The train reached safety.
≠ He trains safely at home.
en: letter opener
= An opener for letters
= Open letters with a knife
≠ The opening letter of his name
≠ An open letter to the mayor
en: wood carving
= Carve wood by hand
= Carvings in wood
≠ He carved out a career in wood.
≠ They carve meat by the wood stove.
en: second hand clothes
= Clothes sold secondhand
= Second-hand clothes online
≠ The second hand of the clock caught his clothes.
≠ On the other hand, clothes wear out in a second.
en: mobile phone contract
= A contract for your mobile phone
= Mobile phone contracts compared
≠ The muscles contract when she phones.
≠ A mobile over the bed, a phone and a contract
en: food poisoning
= Poisoned by food
= Foods that poison you
≠ Rats ate the poison, not the food.
≠ Poison pens and fast food
en: bike rack
= Racks for two bikes
= A rack that holds your bike
≠ He racked his brain on the bike.
≠ The bike ride went to rack and ruin.
en: pipe smoking
= How to smoke a pipe
= Smoking pipes made of clay
≠ Smoke came out of the pipe.
≠ The pipe burst while he was smoking.
en: fan heater
= Heaters with a fan
= A fan that heats the room
≠ Fans heat up the debate.
≠ In the heat his fans left.
en: loft insulation
= Insulating your loft saves more heat than new windows
= How thick should insulation in a loft be?
≠ The loft is empty, but the walls have insulation.
≠ He lived in a loft, insulated from the noise of the world.
en: drum lessons
= Lessons on the drums for absolute beginners
= A drum teacher who gives lessons online
≠ The lesson ended when the washing machine drum broke.
≠ Store oil in a drum; that was the lesson we learned.
en: tile cutter
= Cutters for ceramic tiles
= The cutter goes through tiles like butter
≠ Cut the cost of your tiles with our offer.
≠ Biscuit cutters lay on the tiles.
en: wine tasting
= Taste wines from four valleys
= Tastings of local wine on Saturdays
≠ The soup tasted of wine.
≠ It was a matter of taste, and the wine was cheap.
en: exhaust repair
= Have your exhaust repaired while you wait
= The garage repairs exhausts
≠ They were exhausted after the repair.
≠ Repair work exhausts the budget.
en: squash court
= Courts for squash in the south of town
= Book a squash court online
≠ The court squashed the verdict.
≠ Squash grew behind the court.
en: shopping list
= A list for your weekly shopping
= Lists of things to shop for
≠ The ship began to list as the shop flooded.
≠ The shop was listed on the market.
en: contact lenses
= Lenses that stay in contact with the eye
= Soft contact lenses for daily wear
≠ Contact the shop about the lens of your camera.
≠ No contact between lens and filter
en: coach trip
= Trips by coach to the lakes
= Which coaches go on day trips?
≠ The coach tripped over a hurdle.
≠ Our running coach went on a trip.
en: spring water
= Water from a spring in the hills
= Springs whose water is safe to drink
≠ In spring the plants need more water.
≠ The lid springs open and water comes out.
en: bow tie
= How to tie a bow tie
= Ties in the shape of a bow
≠ She tied the boat up by its bow.
≠ He made a bow and straightened his tie.
en: bear market
= What to do in a bear market
= Markets ruled by bears
≠ The market cannot bear more taxes.
≠ Bears were seen near the fish market.
en: toast rack
= A rack for toast
= Racks that hold four slices of toast
≠ They toasted the new wine rack.
≠ The toast to the bride was racked with jokes.
en: trunk show
= A show of goods from the trunk
= Trunk shows for small labels
≠ The elephant shows its trunk.
≠ The picture shows a trunk full of gold.
en: web design
= Designers of web pages
≠ The spider spun a web of rare design.
en: pool cleaning
= Clean your pool once a week
= How a pool is cleaned
≠ The cleaning firms pool their orders.
≠ A pool of cleaning staff
en: fence panel
= Panels for your fence
= A fence made of panels
≠ The panel sat on the fence.
≠ He fenced well, said the panel.
en: fire alarm
= An alarm that warns of fire
= Fire alarms for flats
≠ Alarmed by the rise, they fired two clerks.
≠ The news of the fire caused alarm.
en: school meals
= Meals at school for less than two pounds
= What do schools serve as meals?
≠ A school of fish made a meal for the whale.
≠ She schooled her face during the meal.
en: cabin crew
= Crew who work in the cabin
= Cabin crews are trained for six weeks
≠ The crew slept in a log cabin.
≠ The film crew rented a cabin.
en: sleeping bag
= Bags for sleeping outdoors
= A bag to sleep in
≠ The bag lady was sleeping.
≠ He slept with his bag under his head.
en: gift wrapping
= Wrap a gift without tape
= Wrapping gifts in cloth
≠ She has a gift for wrapping things up fast.
≠ The wrap with chicken was a gift.
en: crossing point
= A point where you can cross the road
= Safe crossing points near schools
≠ He crossed out the last point.
≠ At this point they were crossing the sea.
en: tax adviser
= Advisers who know about tax
= Ask an adviser about your taxes
≠ Taxing work, said the adviser.
≠ Be advised that the tax office is closed.
en: stress test
= Tests under stress
= How banks are tested for stress
≠ He stressed that the test was easy.
≠ Stress the first word of the test sentence.
en: plaster cast
= A cast made of plaster
= Casts in plaster for a broken arm
≠ The cast of the play wore plasters.
≠ He cast a look at the plaster.
en: driving test
= Take a test before you drive alone
= Pass your driving test first time
≠ The test drive ended early.
≠ He tested the driver of the screw.
en: beauty treatment
= Treatments for beauty and rest
= Treat your skin: beauty at home
≠ The film treats beauty as a crime.
≠ The beauty of the treatment is its price.
en: delivery note
= Notes that come with a delivery
= Sign the note on delivery
≠ She noted his poor delivery of the speech.
≠ Please note: delivery is free.
en: water softener
= Softeners for hard water
= Soften the water in your home
≠ The blow was softened by the water.
≠ Soft light on the water
en: shoe repair
= We repair shoes while you wait
= Repairs to the sole of a shoe
≠ The repair man lost a shoe.
≠ Repair the fence in your oldest shoes.
en: wedding planner
= Plan a wedding on a budget
= Planners who do small weddings
≠ The wedding went according to plan.
≠ Urban planners met at the wedding.
en: cake decorating
= Decorate a cake with flowers
= Decorated cakes for birthdays
≠ A decorated soldier cut the cake.
≠ The interior decorator ate cake.
en: lock picking
= How to pick a lock
= Picking locks as a hobby
≠ She picked a lock of hair from the brush.
≠ Take your pick: lock or bolt.
en: window boxes
= Boxes for your window
= Plant window boxes in May
≠ He boxes with his back to the window.
≠ Tick the box by the window seat.
en: bird table
= A table for birds
= Birds at the table in your garden
≠ The bird is listed in the table below.
≠ A bird sat under the kitchen table.
en: paint stripper
= Strip paint from a door
≠ A strip of paint ran down the wall.
≠ Comic strips and paint
en: coal mine
= Mines where coal was dug
= A visit to a coal mine
≠ The coal is mine.
≠ A mine exploded near the coal ship.
en: seat belt
= Belts for the seats at the back
= Wear your seatbelt
≠ He tightened his belt and took a seat.
≠ Seats in the green belt
en: life jacket
= Jackets that save your life
= Life jackets for children
≠ He spent his life in a leather jacket.
≠ Baked in its jacket, full of life
en: log cabin
= Cabins built of logs
= A cabin made from logs
≠ Log in from the cabin.
≠ The captain's log lay in the cabin.
en: bar stool
= Stools for the bar in your kitchen
= A stool at the bar
≠ Stool samples behind bars
≠ The bar was raised for the stool maker.
en: hard drive
= A drive that is hard to break
= Hard drives for backups
≠ He drives hard.
≠ It is hard to drive in snow.
en: sick pay
= Pay while you are sick
= How much sick pay do I get?
≠ He was sick and had to pay.
≠ Pay him a visit, he is sick.
en: spare room
= A room to spare
= Rent out your spare room
≠ Spare me the details of your room.
≠ The spare wheel is in the next room.
en: rose bush
= Bushes of roses
= Prune your rosebushes in March
≠ The fire rose from the bush.
≠ Beat about the bush and smell a rose.
en: land survey
= Surveys of land before you build
= Who surveys the land?
≠ The plane will land, a survey says.
≠ A survey landed on his desk.
en: bank holiday
= Holidays when banks are closed
= Bank holidays this year
≠ We spent our holiday on the banks of the Rill.
≠ Bank on us for your holiday.
en: tooth whitening
= Whiter teeth
≠ The toothed whale turned white.
≠ A white lie through her teeth
en: jam jar
= Jars for jam
= Jam in a jar
≠ The traffic jam jars on his nerves.
≠ The door was ajar, the lock jammed.
en: cold calling
= Calling people cold
= Cold calls annoy
≠ He called in sick with a cold.
≠ It was cold when she called.
en: speed limit
= Limits to your speed
= What is the speed limit in town?
≠ The sky is the limit, and speed is fun.
≠ He limits his coffee and speeds up.
en: pot plant
= Plants in pots
= Potted plants for the office
≠ Plant the pot in the ground.
≠ The power plant went to pot.
en: hearing test
= Test your hearing
= Tests of hearing for children
≠ The judge put off the hearing to test the law.
≠ Hearing that the test was over, he left.
en: fishing licence
= Licensed to fish
= A licence for fishing
≠ The fish shop has a licence to sell beer.
≠ He fished for his driving licence.
en: night shift
≠ The wind shifted at night.
≠ She shifted in her chair all night.
en: pitch deck
= Decks for your pitch
= A pitchdeck in ten slides
≠ The pitch black deck of the ship
≠ He pitched his tent on the deck.
en: cleaning products
= Products to clean your bath
= Products for cleaning
≠ The cleaning firm is a product of the war.
≠ A clean sheet for the product team
en: travel mug
= Mugs for travelling
= A mug that travels with you
≠ He was mugged on his travels.
≠ Mugs, plates and travel books
en: hand saw
= Saws you use by hand
= Handsaws for wet wood
≠ She saw his hand.
≠ I saw it at first hand.
en: bath towel
= Towels for the bath
= A towel for after your bath
≠ He threw in the towel before his bath.
≠ The bath was cold; towels lay about.
en: dress shirt
= Shirts to dress up in
= A dress shirt with cuffs
≠ She dressed in a hurry and lost a shirt.
≠ A dress and a shirt hung there.
en: filing cabinet
= Cabinets for filing papers
= A cabinet to file your bills in
≠ He filed a complaint against the cabinet.
≠ The cabinet resigned while she was filing her nails.
en: guest speaker
= Speakers you can invite as guests
= A guest who speaks at your event
≠ The guest broke a speaker.
≠ He speaks to every guest.
en: road test
= A test on the road
= We road test ten bikes
≠ The test came down the road of history.
≠ He tested the soup by the road.
en: head office
= The office of the head of sales
= Our head office moved
≠ He heads for the office.
≠ She hit her head in the office.
en: green tea
= Tea that is green
= Teas, green or black
≠ The cup is green, the tea black.
≠ Green with envy, she drank tea.
en: mortgage rate
= Rates for a mortgage
= What are mortgage rates today?
≠ At any rate, the mortgage is paid.
≠ She rates the mortgage firm highly.
en: leaf blower
= Blowers for leaves
= Blow leaves off the lawn
≠ The wind blows the leaves about.
≠ He blew his nose on a leaf.
en: pen pal
= Pals who write with pen and ink
= Find a penpal abroad
≠ The pal of the pig broke out of the pen.
≠ His pal lost a pen.
en: brand guide
= A guide to your brand
= Guidelines and guides for brands
≠ A brand new guide dog
≠ The guide was branded a liar.
en: ad spend
= How much to spend on ads
= Spending on ads rose
≠ He spends his nights watching ads.
≠ Ads say: spend time with us.
en: landing page
= The page on which a visitor lands
≠ The page says the landing gear failed.
≠ He landed a job on page two.
en: content calendar
= Plan content with a calendar
≠ Content with his lot, he hung up a calendar.
≠ The calendar was content enough.
en: link building
= Build links to your site
= How links are built
≠ The building links two streets.
≠ A link road past the building
en: press release
= Releases for the press
= Write a press release
≠ Press the button to release the door.
≠ His release was in the press of the crowd.
en: lead magnet
= Magnets for leads
= A magnet that brings leads
≠ The lead pipe and the magnet
≠ He leads a team that makes magnets.
en: email list
= A list of emails
= Build your email list
≠ Email us if your ship lists.
≠ Emails about the listed house
en: brand awareness
= How to make people aware of your brand
= Awareness of a brand
≠ He is aware that the brand is gone.
≠ Brand your cattle, be aware of thieves.
en: marketing plan
= Plan your marketing
≠ The market was planned in the square.
≠ We plan a trip to the market.
en: keyword research
= Researching keywords
= Research on keywords for shops
≠ The key word in his research was maybe.
en: blog post
= Posts for your blog
= How long should a post on a blog be?
≠ He blogs about his post in Rome.
≠ The post brought a blog award.
en: search intent
= The intent behind a search
= What searchers intend
≠ Intent on winning, he searched on.
≠ She searched with intent to steal.
en: page speed
= The speed of a page
= Speed up your pages
≠ He read page ten at speed.
≠ Page the doctor; speed matters.
en: target audience
= Audiences you target
= Find your target audience
≠ The audience hit the target.
≠ The bowman in the audience missed the target.
en: style sheet
= A sheet that sets the style
= Style sheets for print
≠ She styled her hair under the sheet.
≠ A sheet of ice in grand style
en: cover letter
= Letters that cover a claim
= Write a cover letter
≠ Cover the letter with wax.
≠ Under cover of night the letter came.
en: cost cutting
= Cut your costs
= How costs are cut
≠ The cut cost him a finger.
≠ Cutting trees costs money.
en: weight training
= Training with weights
= Train with weights twice a week
≠ The weight of the train broke the bridge.
≠ Training carries weight with her.
en: floor plan
= A plan for the ground floor
≠ He planned to sleep on the floor.
≠ The plan floored him.
en: heating oil
= Oil for heating your home
= Order heating oil before winter
≠ The debate is heating up and oil is to blame.
≠ He was heating oil in a pan.
en: parking meter
= Meters where you park
= A meter for parking
≠ He parked ten metres from the gate.
≠ Parking a car in metre-high snow
en: building site
= Sites where houses are built
= Safety on building sites
≠ The site is building up a readership.
≠ Building a web site
en: opening hours
= Hours when we open
= The hours of opening
≠ The opening took hours.
≠ For hours nobody opened the door.
en: boarding school
= A school where pupils board
= Boarding schools in the north
≠ The school board met.
≠ Boarding the train, the school class sang.
en: dining room
= Paint for dining rooms
≠ There was no room, so we dined outside.
≠ Dining out leaves room for talk.
en: shower head
= Heads for your shower
= A showerhead that saves water
≠ He showered and scratched his head.
≠ Head to the shower.
en: customs duty
= Duties that customs collect
= Duty paid to customs
≠ Customs differ; it is your duty to ask.
≠ It is his custom to do his duty.
en: glasses case
= Cases for glasses
≠ In case the glass breaks
≠ A glass case in the museum
en: works manager
= Managers of works
= The manager of the works
≠ The manager works hard.
≠ It works for any manager.
en: savings account
= Accounts for your savings
= Open a savings account
≠ By all accounts she saved him.
≠ His account of the saving of the ship
en: goods train
= Trains for goods
= A train that carries goods
≠ The train is good.
≠ Good trainers cost money.
en: minutes template
= A template for minutes
= Templates for the minutes of a meeting
≠ The template took two minutes.
≠ In a minute he found the template.
en: c# tutorial
= A tutorial in C#
= C# tutorials for beginners
≠ A tutorial on the C major scale
≠ Tutorial C is sharp.
en: 4x4 rental
= Rent a 4x4
= Rental of 4x4s
≠ Rental for 4 days and 4 nights
≠ The rent is 4 times 4.
en: wi-fi router
= Routers for WiFi
= A router for your wi-fi
≠ The router cuts wood; there is no wi-fi.
≠ The route has no wifi.
en: no-show fee
= A fee for no shows
= Fees when guests do not show up: the no-show fee
≠ There is no fee for the show.
≠ Show me a fee, no?
en: q&a session
= Q&A sessions after the talk
≠ Sessions A and Q
≠ The A session is quick.
en: on-call rota
= A rota for who is on call
= On-call rotas
≠ Call on the rota.
≠ The call is on the rota.
en: firewood delivery
= Delivery of fire wood
= We deliver firewood
≠ The delivery of wood put out the fire.
≠ A fire in the woods stopped deliveries.
en: toothbrush holder
= A holder for tooth brushes
= Holders for toothbrushes
≠ The holder of the record has no tooth.
≠ He brushed a tooth holder off.
en: snowboard boots
= Boots for snow boarding
= Boots for your snowboard
≠ He boots up, and snow falls on board.
≠ Snow on his boots, he boarded.
en: headphone stand
= A stand for head phones
= Stands for headphones
≠ She cannot stand headphones.
≠ Stand still, phone the head.
en: database backup
= Backing up a data base
= Back up your database
≠ With data to back him, he went up to base.
≠ He backed into the base of the tower with data.
en: beekeeper suit
= A suit for bee keepers
= Suits for beekeepers
≠ The keeper is suited to bees.
≠ It suits the bee keeper.
en: organise files
= How to get files organised
= Organising your files
≠ The organiser filed a claim.
≠ An organ plays while she files her nails.
en: legalise documents
= Have documents legalised
= Legalising a document
≠ The legal team lost a document.
≠ It is legal to copy documents.
en: sharpen chisels
= Sharpening a chisel
= A sharp chisel: how to sharpen it
≠ A chisel and a sharp tongue
≠ At two sharp he dropped his chisel.
en: authorise payment
= Payments authorised by the bank
= How to authorise a payment
≠ The author got no payment.
≠ By the authority of the king, payment ended.
en: modernise kitchen
= Modernising your kitchen
= A kitchen modernised in a week
≠ A modern kitchen
≠ In modern times kitchens were small.
en: rain jacket
= Jackets for rainy days
= A jacket that keeps out the rain
≠ It rained, so he left his jacket at home.
≠ The dust jacket of the book got wet in the rain.
en: sofa bed
= A sofa that turns into a bed
= Beds and sofas: the sofa bed
≠ He fell off the sofa and went to bed.
≠ The dog sleeps on the sofa, never on my bed.
en: hiking trail
= Trails to hike in spring
= Hike the trail around the lake
≠ Prices were hiked, and sales trailed behind.
≠ The hikers trailed in late.
en: diving course
= Courses for divers
= Learn to dive: a course in five days
≠ The stock took a dive in the course of May.
≠ A duck dived, of course.
en: bus driver
= Drivers of buses wanted
= Drive a bus for the city
≠ The drive took an hour by bus.
≠ A driver swore at the bus.
en: lawn mower
= Mow your lawn once a week
= Mowers for a small lawn
≠ He mowed down the enemy on the lawn.
≠ The lawn chair was hit by a mower.
en: wall clock
= A clock for the wall
= Clocks to hang on your wall
≠ He clocked in and leaned on the wall.
≠ The clock tower has thick walls.
en: paper shredder
= Shred paper at home
= Shredders that take ten sheets of paper
≠ The papers say he was torn to shreds.
en: ice skates
= Skates for the ice
= Skating on ice: which skates?
≠ She skated over the subject of ice cream.
≠ A skate is a fish sold on ice.
en: window cleaner
= Clean your windows with vinegar
= Cleaners for windows
≠ The windows of the cleaner's shop
≠ Open the window and breathe cleaner air.
en: voice recorder
= Record your voice
= Recorders for voice memos
≠ She plays the recorder and has a fine voice.
≠ He voiced doubts about the record.
en: phone charger
= Charge your phone in the car
= Chargers for phones
≠ He was charged with stealing a phone.
≠ Who is in charge of the phone?
en: oven glove
= Gloves for hot ovens
= A glove to use at the oven
≠ It fits like a glove, said the oven maker.
≠ The oven was full, the gloves were wet.
en: stone mason
= Masons who work with stone
= A stonemason for your terrace
≠ The mason threw a stone.
≠ Stone the crows, said the mason.
en: bottle opener
= Openers for bottles
≠ The opening bottle of the night
≠ The show opens with a bottle.
en: horse riding
= Ride a horse on the beach
= Riders and their horses
≠ He rode his bike past a horse.
≠ She is riding high, said the horse dealer.
en: mouth wash
= Wash your mouth with salt water
= Mouthwash without alcohol
≠ He wiped his mouth and did the wash.
≠ The river mouth was washed away.
en: key ring
= Rings for your keys
= A ring to keep keys on
≠ The bell rings in the key of C.
≠ A ringing tone is the key.
en: stage lighting
= Light a stage with four lamps
≠ He lit a fire at that stage.
≠ The lightest stage of the tour
en: sheet music
= Music on sheets
= Sheet music for piano
≠ The music stopped and she changed the sheets.
≠ Sheets of rain drowned the music.
en: garden hose
= Hoses for your garden
= Water the garden with a hose
≠ He hosed down the car by the garden.
≠ Her hose tore in the garden.
en: tea strainer
= Strain your tea
= Strainers for tea
≠ Under the strain she spilled her tea.
≠ He strained his back making tea.
en: school run
= Running children to school
= The daily run to school
≠ The school runs a farm.
≠ He ran past the school.
en: hair loss
= Lose less hair after forty
= Losing your hair
≠ He lost his comb and cut his hair.
≠ At a loss, she pulled her hair.
en: mail order
= Order by mail
= Orders by mail
≠ In order to read her mail, she waited.
≠ He ordered tea and read his mail.
en: stop sign
= Signs that tell you to stop
= Stop at the sign
≠ There is no sign that he will stop.
≠ Stop and sign here.
en: pay rise
= Ask for a rise in pay
= When does your pay rise?
≠ The sun rises whether they pay or not.
≠ Rising early pays.
en: chess club
= A club for chess players
= Clubs where people play chess
≠ He clubbed a seal, she played chess.
≠ Golf clubs and a chess board
en: fish tank
= A tank to keep fish in
= Tanks for fish
≠ He drank like a fish and crashed the tank.
≠ Tanks rolled past the fish shop.
en: house move
= Moving house in winter
= Move to a new house
≠ She moved her hand over the house plan.
≠ His next move was a house wine.
en: bike insurance
= Insure your bike against theft
= Insurance for bikes
≠ He rests assured that the bike is safe.
≠ To ensure a fair race, all bikes are weighed.
en: nail polish
= Polish for your nails
= Nail polishes without solvents
≠ He polished the wood and drove in a nail.
≠ Polish nails are made in Lodz.
en: boat rental
= Rent a boat on the lake
= Boats you can rent by the day
≠ The rental boat builder
≠ Her rent rose, and she sold her boat.
en: stain remover
= Removers for wine stains
= Remove stains with salt
≠ His removal left no stain.
≠ The stain stayed when the cup was removed.
en: skin cancer
= Cancer of the skin
= Skin cancers found early
≠ Born under Cancer, she had fair skin.
≠ He saved his skin and wrote on cancer.
en: ring binder
= Binders with four rings
= A binder with rings
≠ The contract binds the ring.
≠ Rings of smoke round the binder's shop
en: speech therapy
= Therapy for speech problems
= Therapies that help with speech
≠ The speech on therapy lasted an hour.
≠ He gave a speech; therapy can wait.
en: river cruise
= Cruises on the rivers of France
= Cruise down the river
≠ A police car cruised past the river.
≠ The cruise missile fell into the river.
en: bread basket
= Baskets for bread
= A basket of bread on the table
≠ Do not put all your eggs in one basket, bread included.
≠ He baskets the ball and eats bread.
en: wage slip
= Slips that show your wage
= Wage slips online
≠ He slipped on the stairs and lost his wages.
≠ They wage war, and profits slip.
en: shoe rack
= Racks for shoes
≠ She racked her brain over a shoe.
≠ Shoes lay beside the rack of lamb.
en: carpet cleaning
= Clean your carpet with foam
= Cleaning carpets at home
≠ On the carpet lay a clean towel.
≠ The cleaning lady was called on the carpet.
en: job offer
= Offers of a job
= How to turn down a job offer
≠ The job offers little.
≠ Special offers make my job hard.
en: stock exchange
= Exchanges where stocks are traded
= How the stock exchange works
≠ In exchange he got the stock pot.
≠ They exchanged a look beside the stock.
en: mirror frame
= Frames for mirrors
= A frame for your mirror
≠ He was framed, the mirror lied.
≠ The film mirrors the frame of mind.
en: tooth fairy
= The fairy who takes a tooth
= Tooth fairies and their gold
≠ The tooth of the wolf in the fairy tale
≠ A fairy with a golden tooth
en: ghost writer
= Writers who work as ghosts
= Hire a ghostwriter
≠ The writer saw a ghost.
≠ She writes to the ghost of her aunt.
en: dry cleaning
= Clothes cleaned dry
= Dry cleaners in town
≠ After cleaning, dry the floor.
≠ A dry wine and a clean glass
en: crop rotation
= Rotate your crops
= Rotation of crops on small farms
≠ Cropped photos rotate on the screen.
≠ The wheel's rotation cropped the grass.
en: cook book
= Books for cooks
= Cookbooks for students
≠ Book a cook for the party.
≠ They cook the books.
en: tax return
= File your tax return
= Returns to the tax office
≠ She returned from the tax office.
≠ In return the tax was cut.
en: baby monitor
= Monitors for babies
= Monitor your baby at night
≠ The monitor shows a baby elephant.
≠ The screen monitor was her baby.
en: fruit juice
= Juice made from fruit
= Juices of tropical fruits
≠ The plan bore fruit, the juice was gone.
≠ Juicy gossip and dried fruit
en: sports bra
= Bras for sport
= A bra to wear at sport
≠ He sports a beard; she bought a bra.
≠ The bra fell off during the sports news.
en: ski resort
= Resorts where you can ski
= A resort for skiers
≠ As a last resort they sold the skis.
≠ They resort to skiing when bored.
en: hotel booking
= Book a hotel with a pool
= Bookings of hotels
≠ He left a book in the hotel.
≠ The hotel's books were forged.
en: screen time
= Time spent in front of screens
= Less screen time for children
≠ Time and again the screen froze.
≠ The screening took a long time.
en: road works
= Works on the road
= When do the roadworks end?
≠ She works by the road.
en: pain relief
= Relieve pain without pills
= Relief from back pain
≠ To my relief he was spared the pain.
≠ The relief of a face in pain
en: stage play
= Plays for the stage
= A play on stage
≠ He plays down that stage of his life.
≠ At this stage, play it safe.
en: garden furniture
= Furniture for the garden
= Teak furniture in gardens
≠ The garden shed is full, the furniture is old.
≠ She sold her furniture to a garden firm.
en: water bottle
= Bottles for water
= A bottle of water in your bag
≠ The bottled beer is watery.
≠ He bottled up his rage and drank water.
en: back pain
= Pains in your back
≠ He came back in pain.
≠ She paid him back with pain.
en: tax refund
= Refunds of tax
= Refund tax you paid twice
≠ The shop refunds tickets, less tax.
≠ A taxing week ended with a refund for shoes.
en: hand luggage
= Luggage you carry by hand
= What fits in hand luggage?
≠ Hand me the luggage.
≠ On the other hand, luggage gets lost.
en: laundry basket
= Baskets for laundry
= A basket to put laundry in
≠ He ran a laundry and a basket ball team.
≠ The laundry was done, the basket of figs was empty.
en: party food
= Food for parties
= Finger food at a party
≠ The party in power taxed food.
≠ She was party to a food fraud.
en: door handle
= A handle on the door
≠ He handles doors with care.
≠ Handle with care: door glass
en: sun cream
= Cream against the sun
= Creams for days in the sun
≠ The sun melted the ice cream.
≠ Cream rises when the sun rises.
en: tennis court
= Courts for tennis
= Play tennis on a court of grass
≠ The court fined a tennis star.
≠ He courted a girl who played tennis.
en: wedding speech
= A speech at a wedding
= Speeches for weddings
≠ Her speech failed when the wedding began.
≠ After the wedding he gave a speech on tax.
en: tea towel
= Towels for tea time
= Tea towels of linen
≠ He threw the tea out and took a towel.
≠ A towel lay beside the tea.
en: coffee shop
= A shop that serves coffee
= Coffee shops in the old town
≠ Shop for coffee online.
≠ She shops while he drinks coffee.
en: lost property
= Property lost on trains
= Where lost property is kept
≠ He lost his wife's property.
≠ She lost weight and bought property.
en: book review
= Reviews of books
= Review a book for your blog
≠ Book a review of your pension.
≠ The pay review was in the books.
en: food processor
= A processor for food
= Process food in seconds
≠ The word processor and fast food
≠ In the process, food was lost.
en: printing press
= Presses for printing
= A press that prints books
≠ The press prints lies.
≠ Press the button before printing.
en: sailing boat
= Boats for sailing
= A boat to sail around the world
≠ The boat was plain sailing to sell.
≠ He was sailing when the other boat sank.
en: reading lamp
≠ She read that lamps are cheap.
≠ The lamp fell while he was reading.
en: hiring manager
= Managers who hire
= What hiring managers look for
≠ The manager is hiring a van.
≠ Hire a car, says the manager.
en: closing date
≠ She dates a man who closes deals.
≠ At the close, her date left.
en: cleaning lady
= A lady who cleans
= Cleaning ladies wanted
≠ The lady has a clean coat.
≠ Ladies, clean your room!
en: chopping board
= Boards for chopping
= A board to chop onions on
≠ The board chopped and changed.
≠ On board he chopped wood.
en: swimming lessons
= Lessons for children who learn to swim
= Lessons in swimming
≠ He learned his lesson and swam ashore.
≠ The lesson was on swimming trunks.
en: heating engineer
= Engineers for heating
= An engineer who fits heating
≠ The engineer was heating soup.
≠ Heated words from an engineer
en: shopping bag
= A bag to take shopping
≠ She bagged a bargain at the shops.
≠ He dropped his bag outside the shop.
en: drinking water
= Water fit for drinking
≠ He was drinking wine by the water.
≠ The horse drinks, the water rises.
en: ironing board
= A board to iron on
≠ The board ironed out its quarrel.
≠ Iron boards were nailed to the ship.
en: parking space
= Spaces where you can park
= A space for parking
≠ The park has space for a pond.
≠ He parked and gazed into space.
en: walking holiday
= Holidays for walkers
= A holiday spent walking
≠ He walked out on the last day of his holiday.
≠ The walk of shame began after the holiday.
en: winter coat
= Coats for winter
= A coat that keeps you warm in winter
≠ In winter the fence gets a coat of paint.
≠ Snow coats the roof in winter.
en: bookkeeping course
= Courses in book keeping
= Learn bookkeeping: a course for sole traders
≠ Of course he keeps the book.
≠ Keep to the course of the book.
en: guest room
= A room for guests
= Guest rooms with a bath
≠ The guest left room for pudding.
≠ Guests stood in every room of the bank.
en: road bike
= A bike to ride on roads
≠ He left the road and lost his bike.
≠ The road was closed to bikes.
en: blood test
= Have your blood tested
≠ The test made his blood boil.
≠ Bad blood came of the spelling test.
en: flower shop
= Shops that sell flowers
= A shop for flowers
≠ Shop lights made the flowers wilt.
≠ The shop gave each guest a flower of sugar.
en: light therapy
= Therapy with light
= Light therapies for winter
≠ Therapy made him feel light.
≠ Light a candle before therapy.
en: cat litter
= Litter for cats
= Which litter do cats like?
≠ The cat had a litter of four.
≠ Litter lay where the cat slept.
en: drill bit
= Bits for your drill
= A bit that fits any drill
≠ He drilled for a bit.
≠ The fire drill was a bit dull.
en: fitness tracker
= Track your fitness
= Trackers for fitness
≠ He lost track of his fitness.
≠ The dog's fitness as a tracker of deer
en: home bakery
= Bake at home
= A bakery in your home
≠ He came home from the bakery.
≠ The bakery is home to mice.
en: ice cream maker
= Make ice cream at home
= Makers of ice cream
≠ Ice makes roads slick, cream makes tea mild.
≠ The film maker ate ice and cream.
en: lead generation
= Generate leads with a form
= Generating more leads
≠ The next generation will lead.
≠ Lead pipes of that generation
en: live music
= Music played live
= Bars with live music
≠ He lives for music.
≠ Where do you live? Music to my ears!
en: mountain hut
= Huts in the mountains
= A hut on a mountain
≠ A mountain of bills lay in the hut.
≠ From the hut he saw mountains.
en: name tag
= Tags with your name
= A tag for each name
≠ He tagged along under a false name.
≠ Name a price, said the tag.
en: opera glasses
= Glasses for the opera
= Small opera glasses
≠ She broke a glass at the opera.
≠ Glass doors lead to the opera.
en: pepper mill
= Mills for pepper
= Mill your own pepper
≠ The mill was peppered with shot.
≠ Pepper grew by the mill stream.
en: plumbing services
= Services of a plumber
= Plumbing service day and night
≠ He plumbed the depths of church services.
≠ The service was out of plumb.
en: quiz night
= A night of quizzes
= Quiz nights at the pub
≠ He quizzed her all night.
≠ The night was a quiz to her.
en: rubber boots
= Rubber boots for mud
≠ He rubs his boots with wax.
≠ The boot was full of rubber ducks.
en: shipping costs
= What does shipping cost?
= Costs of shipping
≠ The ship cost him his life.
≠ He shipped wine at all costs.
en: skin care
= Care for your skin
= Caring for dry skin
≠ He does not care if his skin burns.
≠ Take care: skin the rabbit first.
en: spare parts
= Parts to spare
= Order spare parts
≠ Spare me the part about the cat.
≠ They part and have no time to spare.
en: tea garden
= Gardens where tea is served
= Tea in the garden
≠ Weed the garden, then drink tea.
≠ The tea was grown in no garden.
en: trip planner
= Plan a trip in minutes
= Planners for trips
≠ He tripped over the planner.
≠ The plan was a trip wire.
en: upright piano
= Pianos that stand upright
= An upright piano for small rooms
≠ He sat upright at the piano.
≠ The upright citizen bought a piano.
en: violin case
= Cases for violins
= A case for your violin
≠ In case the violin breaks
≠ The case against the violin thief
en: wood stain
= Stains for wood
= Stain wood in three steps
≠ Red wine stained the wood.
≠ There was a stain behind the wood stove.
en: yoga class
= Classes in yoga
= A class for yoga at noon
≠ First class yoga mats
≠ He classed yoga as a sport.
`;
