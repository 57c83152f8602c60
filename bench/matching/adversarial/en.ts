/** Pairs that are easily got wrong, in English. A keyword in every second place belongs to the half that no rule was made by. */
export const ENGLISH = `
en: building permit
= You need a permit before you build the extension.
= Building permits take six weeks.
≠ The building next door has a parking permit scheme.
≠ They permit dogs in the building.
en: meeting room
= Book one of the meeting rooms upstairs.
= A room for meetings of eight
≠ We are meeting Anna; her room is ready.
≠ There is no room for error when clients meet.
en: running shoes
= Shoes for running on trails
= A running shoe with a wide toe box
≠ The shoe shop has been running for forty years.
≠ He runs a factory that makes leather shoes.
en: cooking oil
= Which oil is best for cooking?
= Used cooking oils go to the depot.
≠ The cook checked the oil of her scooter.
≠ Oil the hinges while dinner cooks.
en: glass table
= A table made of glass
= Glass tables scratch easily.
≠ His glasses lay on the table.
≠ Two glasses of wine for the corner table
en: arm chair
= An armchair by the fire
= Armchairs with high backs
≠ He broke his arm falling off a chair.
≠ The committee chair was armed with figures.
en: custom furniture
= Furniture that we customise to your room
= Customised furniture from oak
≠ Customs held the furniture for a week.
≠ Our customers love this furniture.
en: organic food
= Food from organic farms
= Organically grown food costs more.
≠ The organiser ordered food.
≠ An organ donor may eat any food.
en: car wash
= The nearest carwash is shut.
= Wash the car with a soft sponge.
≠ The tide washed a car seat ashore; nobody drove it.
≠ Washington is two hours by car.
en: lunch box
= A lunchbox that does not leak
= Pack the boxes for lunch tonight.
≠ He boxes on Mondays and skips lunch.
≠ The box office shuts for lunch.
en: c++ course
= A course in C++ for beginners
= C++ courses in the evening
≠ Vitamin C is dealt with in the course of the chapter.
≠ A C course for electricians
en: .net developer
= We are hiring .NET developers.
= A developer who knows .NET
≠ The developer made a net profit.
≠ A developer of fishing nets
en: 24/7 support
= Support 24/7, by phone and mail
= Our support is there 24/7.
≠ Support is open from 7 to 24 May.
≠ 24 people support the plan, 7 do not.
en: bank account
= Open an account with a bank.
= Two bank accounts in one app
≠ On no account leave the river bank.
≠ They bank on his account of the evening.
en: point of sale
= A point-of-sale terminal
= Points of sale in twelve towns
≠ At this point the summer sale had ended.
≠ The point is that nothing is for sale.
en: time management
= Manage your time with three lists.
= How good managers plan: time management for teams
≠ At the time the management had resigned.
≠ In the meantime she managed to call.
en: light bulb
= Light bulbs with a warm tone
= A lightbulb that lasts ten years
≠ Plant the bulbs in light soil.
≠ In the light of this, no tulip bulbs were sold.
en: watch strap
= A leather strap for your watch
= Watch straps in three widths
≠ Watch how he straps the load down.
≠ Strap yourself in and watch the film.
en: house plant
= A houseplant for dark corners
= Plants for the house that forgive neglect
≠ The power plant is behind our house.
≠ He planted the idea of selling the house.
en: paper plane
= Fold a plane from paper.
= Paper planes that fly far
≠ Plane the board and sand it with fine paper.
≠ She read the paper on the plane.
en: swimming lessons
= Lessons for adults who want to swim
= Learn to swim in ten lessons.
≠ The lesson was that sales were swimming in debt.
≠ Swimmers complain that piano lessons are loud.
en: heating costs
= What heating costs in a small flat
= The cost of heating a house
≠ The debate about costs heated up.
≠ A heated argument cost him the job.
en: wedding dress
= Dresses for a summer wedding
= The bride's dress at the wedding
≠ They wed in spring, and she dressed the salad herself.
≠ Dress warmly; the wedding is outside.
en: printing press
= The presses were printing all night.
= Printing presses of the nineteenth century
≠ Press the button to print the page.
≠ The press printed nothing about it.
en: spring mattress
= Mattresses with springs
= A sprung mattress lasts longer.
≠ In spring we air the mattress.
≠ The dog springs over the mattress.
en: fall jacket
= Jackets for the fall
= A fall jacket with a hood
≠ If you fall, the jacket inflates.
≠ Prices fall for last year's jacket.
en: content strategy
= A strategy for the content of your site
= Content strategies that small teams can keep up
≠ She is content with his strategy.
≠ The strategic goal contented nobody.
en: mobile phone
= Phones are mobile offices now; a mobile phone fits any pocket.
= Old mobile phones for children
≠ The nurses are mobile and phone ahead.
≠ An automobile show; phone for tickets.
en: tea set
= A set for tea from Japan
= Tea sets of fine china
≠ He set the tea down.
≠ The sun set while we drank tea.
en: training plan
= Plan your training by weeks.
= Training plans for a marathon
≠ The train was late, as planned.
≠ We plan to take the train.
en: lead generation
= Generate leads with a quiz.
= Generating more leads in a month
≠ His generation was led by fear.
≠ Lead pipes last for generations.
en: house painting
= Paint your house in a weekend.
= What house painters charge for painting a facade
≠ The painting hangs in her house.
≠ House wine and a painter's apron
en: current account
= A current account without fees
= Your current accounts in one view
≠ The current is strong on account of the storm.
≠ Currently nobody counts on his account.
en: fresh water
= Freshwater fish need cool tanks.
= Water that is fresh from the spring
≠ He waters the freshly cut grass.
≠ Fresh from the oven, a watery pie
en: foot ball
= Football begins in August.
= The foot hits the ball too late.
≠ A ten-foot tree and a ball gown
≠ Footnotes about the summer ball
en: back up
= Back up your phone every night.
= We backed up the server.
≠ Go back, then up the stairs.
≠ The back of the door, painted up to the top
en: log in
= Log in with your mail address.
= Users who logged in yesterday
≠ A log lies in the stove.
≠ The log in the fireplace is wet.
en: set up a blog
= How to set up a blog in an hour
= Setting up your blog on a server
≠ The sun set up there; the blog can wait.
≠ A set of tips for a blog post
en: good manners
= Manners that are good in any country
= Good manners at the table
≠ The goods arrived in a strange manner.
≠ In a manner of speaking, it was good.
en: spirit level
= Spirit levels with a laser
= A level, also called a spirit level
≠ In high spirits, she reached the next level.
≠ Level the shelf in the spirit of the plan.
en: bicycle chain
= Bike repair: the chain of a bicycle
= Bicycle chains stretch with time.
≠ A chain of hotels lends a bicycle to guests.
≠ He chained his bicycle to the gate.
en: dog training
= Train your dog to come.
= A trainer for dogs explains training without treats.
≠ The dog sleeps on the train.
≠ Training shoes that the dog chewed
en: garden design
= Design a garden for shade.
= Designers of gardens work with what is there.
≠ The gardener wore designer boots.
≠ By design, the kindergarten has one door.
en: travel insurance
= Insure yourself before you travel.
= Insurance for travelling in winter
≠ An insurance clerk travelled with us.
≠ To ensure that everyone can travel
en: cover letter
= A cover letter of one page
= Cover letters for a first job
≠ The letter covered ten years.
≠ Cover the letter box with tape.
en: book cover
= A cover for your book
= Covers of children's books
≠ Book a covered seat.
≠ The insurance covers what you book.
en: match report
= A report on Saturday's match
= Match reports from the second league
≠ Reports that match the figures
≠ He reportedly lit a match.
en: saw blade
= A blade for the circular saw
= Saw blades for wood and metal
≠ She saw the blade fall.
≠ We saw blades of grass.
en: left hand
= Write with the left hand.
= Left-handed people: which hand holds the fork?
≠ He left; a hand waved.
≠ She handed over what was left.
en: bear trap
= A trap for a bear
= Bear traps are forbidden.
≠ He cannot bear to be trapped.
≠ Bear in mind that the offer is a trap.
en: mine shaft
= The shaft of an old mine
= Mine shafts under the town
≠ That golf shaft is mine.
≠ His shaft was longer than mine.
en: can opener
= An opener for cans
= Can openers for left hands
≠ Nobody can open it.
≠ The opener can be a joke.
en: will writing
= Writing a will without a lawyer
= Write your will this year.
≠ She will write tomorrow.
≠ The writer will read from her book.
en: may day
= Traditions of May Day
= Mayday, mayday, the skipper called.
≠ It may rain all day.
≠ One day you may win.
en: cat food
= Food for an old cat
= What to feed a cat: food with little grain
≠ The catering firm sells food.
≠ The category "food" is empty.
en: hair cut
= A haircut for thick hair
= Cut your own hair.
≠ Budget cuts came within a hair.
≠ A cut on the hand, a hair in the soup
en: hotel booking
= Book a hotel by phone.
= Hotels you can book online
≠ A book about a grand hotel
≠ The hotel has a booking agent for bands.
en: cheap flights
= Fly cheaply: flights under fifty
= A cheap flight to Rome
≠ The cheapest way up is a flight of stairs.
≠ The thief took flight with a cheap watch.
en: second hand car
= Second-hand cars under five thousand
= A car bought secondhand
≠ The second car came; he held her hand.
≠ One second later a hand touched the car.
en: address book
= Addresses in your phone's address book
= Address books with a leather cover
≠ The book addresses a hard question.
≠ Book now at this address.
en: present ideas
= Ideas for presents under twenty
= A present for him: three ideas
≠ She presented her ideas to the board.
≠ At present nobody has an idea.
en: close friends
= Friends who are close for life
= A close friend told me.
≠ The shop that my friend closed
≠ Close the door, friends.
en: subject line
= Subject lines that get opened
= The line for the subject of a mail
≠ The subject lined up with the wall.
≠ Lines of verse on this subject; he subjected it to tests.
en: fine print
= Read the fine print.
= The print was too fine; the fine print hides fees.
≠ It is fine to print this twice.
≠ He was fined for printing money.
en: park bench
= A bench in the park
= Park benches made of plastic
≠ Park behind the bench.
≠ They parked the van; the players on the bench waited.
en: tap water
= Water from the tap
= Is tap water safe?
≠ He tapped on the water tank.
≠ Tap here to see how to water roses.
en: interest rate
= Interest rates rise again.
= The rate of interest on loans
≠ Rate how interesting the talk was.
≠ Interested buyers rated the flat.
en: state school
= A school run by the state
= State schools in the north
≠ She stated that school was dull.
≠ The state of the school roof is poor.
en: rock climbing
= Climb rock safely.
= Rock climbers and their climbing shoes
≠ Prices climb while the cradle rocks.
≠ Rock music for the climb home
en: grounds maintenance
= Maintain the grounds of a hotel.
= Maintenance of school grounds
≠ Coffee grounds make a good feed; the pump needs maintenance.
≠ On grounds of age, the maintenance was stopped.
en: drawing board
= Back to the drawing board
= Drawing boards for architects
≠ The board drew a conclusion.
≠ A drawer under the ironing board
en: washing machine
= Machines for washing wool
= Which washing machine lasts?
≠ Wash your hands after using the machine.
≠ The vending machine was washed away.
en: sewing machine
= A machine that sews leather
= Sewing machines compared
≠ Sow the seeds by machine.
≠ The sewer runs past the machine hall.
en: fishing rod
= Rods for fishing at sea
= A fishing rod for children
≠ Rod ate fish.
≠ A fishy excuse and a curtain rod
en: mining company
= A company that mines salt
= Mining companies and their water
≠ In the company of miners' wives
≠ A company in which every minor learns
en: baking powder
= Powder for baking
= Bake with baking powder or yeast
≠ The baker powdered her nose.
≠ Powder snow and a baked potato
en: moving company
= Companies that move pianos
= How a moving company packs
≠ A moving speech to the whole company
≠ The company moved us to tears.
en: closing date
= The date when applications close
= Closing dates for grants
≠ Close to the date palms
≠ A date closes the meal.
en: opening hours
= Hours when we are open
= Opening hours at Easter
≠ The opening of the film took hours.
≠ Open the parcel within the hour.
en: waiting list
= A list of people who wait for a flat
= Waiting lists for a kindergarten
≠ The waiter lists the wines.
≠ Wait, there is a list of names.
en: packaging design
= Design packages that protect
= Designing packaging for soap
≠ A design package of six logos
≠ She packed a designer coat.
en: delivery service
= A service that delivers fish
= Delivery services in the hills
≠ The speaker's delivery served him well.
≠ Service your boiler; delivered heat is dear.
en: customer satisfaction
= Satisfied customers come back: measure satisfaction
= The satisfaction of your customers
≠ Customs were satisfied with the papers.
≠ It is customary to be satisfied.
en: business idea
= Ideas for a business of your own
= Business ideas for the countryside
≠ A busy day without an idea
≠ Ideally, the bus comes.
en: wood floor
= Floors of wood need oil.
= Wooden floors in old houses
≠ The news floored Mr Wood.
≠ The woods begin behind the first floor flat.
en: wool socks
= Woollen socks for walkers
= Socks made of wool
≠ He pulled the wool over her eyes and put on cotton socks.
≠ A woolly answer about socks
en: sun glasses
= Sunglasses for the snow
= Glasses against the sun
≠ Glass shines in the sun.
≠ The sun fell on the glass roof.
en: news letter
= Our newsletter comes on Fridays.
= Newsletters that people read
≠ The letter brought good news.
≠ A new letter every day
en: key words
= Keywords for a small shop
= Which keyword is worth it?
≠ In other words, the key is lost.
≠ The word was key to the riddle.
en: time sheet
= Timesheets for a small team
= A sheet for the time you worked
≠ It was time to change the sheets.
≠ Sheet metal bends over time.
en: make up
= Make-up for dry skin
= Makeup that lasts
≠ Make the bed, then go up.
≠ They make paper up north.
en: how to write a business plan
= Writing a business plan in a week
= How do you write the plan for a business?
≠ She plans to write about business travel.
≠ A written warning to a business in the planning zone
en: what is a heat pump
= A heat pump, and what it is good for
= How heat pumps work
≠ In the heat we pumped water.
≠ The pump heats up, what a pity.
en: best coffee machine
= Coffee machines: the best of this year
= The machine that makes the best coffee
≠ Do your best at the machine before coffee.
≠ The machinist drinks the best coffee.
en: cheap hotels near me
= Cheap hotels near the station
= A hotel near me that is cheap
≠ The hotel is nearly full; cheap rooms are gone.
≠ Cheaper taxis near the office
en: how to remove rust
= Removing rust with vinegar
= Rust can be removed with a brush.
≠ The rustic hut is remote.
≠ Removal vans rust; that is how they are.
en: accountant for freelancers
= Accountants who look after freelancers
= An accountant for a freelance designer
≠ Freelancers open an account.
≠ The freelancer was held accountable.
en: photographer prices
= What a photographer costs: prices for a wedding
= Prices of photographers compared
≠ A photograph of the price list
≠ Priceless photographs
en: email marketing
= Marketing by e-mail for a bakery
= E-mail marketing without spam
≠ The market sells enamel; mail us.
≠ They went to market and mailed a card.
en: wall paper
= Wallpaper for a damp room
= Hang the paper on the wall straight.
≠ A paper about the fall of the wall
≠ The wall hid behind newspaper stacks and bins.
en: water filter
= Filters that make tap water taste better
= How often should a filter for water be changed?
≠ The light filtered through the water.
≠ Water the plants and filter the list by price.
en: stock photo
= Photos from stock, and what they cost
= Free stock photography for blogs
≠ The shop stocks frames; bring your photo.
≠ Take stock before you photograph the shelf.
en: road bike
= Bikes for the road under 1,000
= Is a bike for road riding right for you?
≠ Road works held up the bike race.
≠ The bike stood by the side of the road.
en: paint brush
= Brushes for oil paint
= Clean your paintbrush with warm water.
≠ Brush the dust off before you paint.
≠ Her paintings had a brush with fame.
en: call centre
= Centres that take calls at night
= Call centers and their scripts
≠ Call me when you reach the city centre.
≠ The centre was called off its line.
en: cutting board
= Boards for cutting bread
= Wooden cutting boards last longest.
≠ The board is cutting costs.
≠ Cut the boards to length.
en: dining table
= A table to dine at with eight guests
= Dining tables that extend
≠ We were dining out when the motion was tabled.
≠ The table of results is on page two; dinner follows.
en: guest post
= Posts by guests on your blog
= How to pitch a guest post
≠ The guest lost his post.
≠ Guests may post letters at the desk.
en: kitchen sink
= Sinks for small kitchens
= A stone sink in the kitchen
≠ The kitchen floor sinks a little.
≠ Everything but the boat will sink, said the kitchen hand.
en: test drive
= Drive it first: book a test.
= Test drives are free.
≠ The drive failed the speed test.
≠ Driven people test themselves.
en: rain coat
= A raincoat for cyclists
= Coats that keep out the rain
≠ Rain coated the windows.
≠ Give the fence two coats before it rains.
en: plant pot
= Pots for plants without drainage
= Terracotta pots and the plants they suit
≠ Plant the bulbs in a pot.
≠ The plant makes pots and pans.
en: parking space
= Spaces to park near the station
= How wide is a parking space?
≠ There was no space in the park.
≠ He parked in front of the gallery space.
`;
