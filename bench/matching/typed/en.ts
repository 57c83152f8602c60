/** Keywords as people type them in English. */
export const ENGLISH = `
en: reset password
= How to reset your password
= Resetting a password
= Reset passwords
= Password reset
en: book hotel
= How to book a hotel
= Booking hotels online
= Book your hotel now
en: rent car
= How to rent a car
= Renting a car abroad
= Rent cars by the hour
= Car rental
en: clean oven
= How to clean an oven
= Cleaning your oven
= Oven cleaning
en: repair roof
= How to repair a roof
= Repairing your roof
= Roof repair
en: print photos
= Print your photos at home
= Printing photos
= Photo printing
en: paint wall
= How to paint a wall
= Painting a wall
= Paint your walls white
en: export contacts
= How to export your contacts
= Exporting contacts
en: update driver
= Update your drivers
= Updating a driver
en: plan wedding
= How to plan a wedding
= Planning your wedding
= Wedding planning
en: design logo
= Design a logo
= Designing your logo
= Logo design
en: change tyre
= How to change a tyre
= Changing a tyre
= Tyre change
en: plant bulbs
= Plant your bulbs in autumn
= Planting bulbs
en: cook rice
= How to cook rice
= Cooking rice in a pan
= Rice cooking
en: transfer money
= Transfer money abroad
= Transferring money
= Money transfer
en: check balance
= Check your balance
= Checking a balance
en: increase traffic
= How to increase your traffic
= Increasing traffic to a site
en: open account
= How to open an account
= Opening an account
= Account opening
en: tile bathroom
= How to tile a bathroom
= Tiling your bathroom
= Bathroom tiling
en: seal grout
= How to seal grout
= Sealing your grout
= Grout sealing
en: track parcel
= Track your parcel
= Tracking a parcel
= Parcel tracking
en: cancel subscription
= Cancel your subscription
= Cancelling a subscription
= Subscription cancellation
en: mow lawn
= How to mow a lawn
= Mowing your lawn
= Lawn mowing
en: store potatoes
= How to store potatoes
= Storing potatoes
= Potato storage
en: sharpen knife
= Sharpening knives
= How to sharpen a knife
= Knife sharpening
en: freeze bread
= How to freeze bread
= Freezing bread
en: compare quotes
= Compare quotes
= Comparing quotes
= Quote comparison
en: claim refund
= Claim your refund
= Claiming a refund
= Refund claims
en: file taxes
= How to file your taxes
= Filing taxes
= Tax filing
en: lift weights
= Lifting weights
= Weight lifting
en: insulate loft
= Insulate your loft
= Insulating a loft
= Loft insulation
en: train puppy
= How to train a puppy
= Training your puppy
= Puppy training
en: trim beard
= How to trim your beard
= Trimming a beard
= Beard trimming
en: dry herbs
= How to dry herbs
= Drying your herbs
= Herb drying
en: scan documents
= Scanning a document
= Document scanning
en: sell house
= Selling your house
= Sell a house fast
= House sale
en: home office ideas
= Ideas for your home office
= Ideas for a small home office
= Home office: ten ideas
= Office ideas for the home
en: kitchen renovation cost
= What does a kitchen renovation cost?
= The cost of renovating a kitchen
= How much does it cost to renovate a kitchen?
= Kitchen renovation: what it costs
= Costs of a kitchen renovation
en: email marketing software
= Software for email marketing
= Which email marketing software is right?
= Email marketing with the right software
en: content calendar template
= A template for your content calendar
= Content calendar templates
en: best running shoes for flat feet
= The best shoes for running with flat feet
= Running shoes for flat feet: the best of the year
= Which running shoes are best for flat feet?
en: how to write a press release
= Writing a press release
= Write your press release in an hour
= How do you write a press release?
= How we write press releases
en: what is inbound marketing
= Inbound marketing is a way to be found.
= What inbound marketing is
= Inbound marketing explained
en: wedding photographer prices
= Prices of wedding photographers
= Prices for a wedding photographer
= How wedding photographers set their prices
en: vegan meal plan
= A meal plan for vegans
= Plan your vegan meals
= Vegan meal plans for a week
en: small business accounting
= Accounting for your small business
= Small business accounts
en: solar panel installation
= Installing solar panels
= How to install a solar panel
= Installation of solar panels
= Solar panels installed in a day
= Have your solar panels installed
en: dog training tips
= Tips for training your dog
= Tips on dog training
= Training a dog: our tips
= Ten tips to train your dog
en: remote work policy
= A policy for remote work
= Policies on working remotely
= Your remote working policy
en: project management tools
= Tools for managing projects
= Tools for project management
= Tools to manage your projects
= A tool that helps you manage a project
en: social media strategy
= A strategy for social media
= Your strategy on social media
= Social media strategies
= How to plan a social media strategy
en: customer retention rate
= The rate of customer retention
= Rates at which customers are retained
= How to calculate customer retention rates
en: used car inspection
= Inspecting a used car
= How to inspect a used car
= Have a used car inspected
= Inspection of used cars
en: leather sofa cleaning
= Cleaning a leather sofa
= How to clean a leather sofa
= Clean your leather sofa without streaks
= Cleaners for leather sofas
en: carpet stain removal
= Removing stains from a carpet
= How to remove a carpet stain
= Remove stains from your carpet
= Stains on the carpet: how to remove them
en: blog post ideas
= Ideas for blog posts
= Ideas for your next blog post
= Fifty blog post ideas
en: keyword research tools
= Tools for keyword research
= Tools to research keywords
= Tools that help you research keywords
= Researching keywords with free tools
en: website redesign checklist
= A checklist for redesigning a website
= A checklist for your website redesign
= Redesign your website with this checklist
en: garden design software
= Software for designing gardens
= Software to design your garden
= Design your garden with software
en: meal prep containers
= Containers for meal prep
= Containers for prepping meals
en: online course platform
= Platforms for online courses
= A platform to sell your online course
en: travel insurance comparison
= Comparing travel insurance
= Compare travel insurance
= How to compare travel insurance policies
= A comparison of travel insurance
en: employee onboarding process
= The process of onboarding employees
= Onboarding employees: the process
en: bathroom tile ideas
= Ideas for tiling a bathroom
= Tile ideas for your bathroom
= Ideas for bathroom tiles
en: coffee grinder reviews
= Reviews of coffee grinders
= Coffee grinders reviewed
= We review coffee grinders
en: house moving checklist
= A checklist for moving house
= Moving house: a checklist
= The checklist for your house move
en: roof leak repair
= Repairing a leak in the roof
= How to repair a roof leak
= Fix a leaking roof
= Repair of roof leaks
en: podcast hosting
= Hosting a podcast
= Where to host your podcast
= Hosts for podcasts
= Host your podcast for free
en: seo audit
= Audit your SEO
= How to run an SEO audit
= Auditing your site's SEO
en: link building
= Building links
= How to build links to your site
= Links you can build this week
en: lead generation
= Generating leads
= How to generate more leads
= Generate leads with a blog
en: content marketing
= Marketing with content
= How content marketers work
en: conversion rate optimisation
= Optimising your conversion rate
= How to optimise a conversion rate
= Optimise conversion rates
en: time management
= Managing your time
= How to manage your time better
= Manage time at work
en: cake decorating
= Decorate a cake
= How to decorate cakes
= Decorated cakes
= Decorations for a cake
en: hair loss treatment
= Treating hair loss
= Treatments for hair loss
= How hair loss is treated
en: cold brew coffee
= Coffee brewed cold
= How to brew coffee cold
= Cold-brewed coffee
en: how to clean suede shoes at home
= Cleaning suede shoes at home
= How can you clean your suede shoes at home?
= Clean suede shoes at home in five steps
en: best time to plant tulip bulbs
= When is the best time to plant tulip bulbs?
= The best time for planting tulip bulbs
= Tulip bulbs: the best time to plant
en: difference between llc and sole trader
= What is the difference between an LLC and a sole trader?
= LLC or sole trader: the difference
en: how much does it cost to build a website
= What does it cost to build a website?
= The cost of building a website
= How much does a website cost to build?
en: small kitchen storage ideas
= Storage ideas for a small kitchen
= Ideas for storage in small kitchens
= Small kitchens: ideas for more storage
en: blog post outline template
= A template for blog post outlines
= Outline templates for your blog posts
= A template to outline your blog post
en: email subject lines that get opened
= Subject lines for emails that get opened
= Write email subject lines that people open
en: tools for remote teams
= Tools for remote teams
= Tools that remote teams use
= Remote teams and their tools
en: keyword research for beginners
= Keyword research for a beginner
= A beginner's guide to keyword research
= How beginners research keywords
en: make money blogging
= How to make money by blogging
= Making money with a blog
= Make money from your blog
en: prepare for job interview
= How to prepare for a job interview
= Preparing for your job interview
= Job interview preparation
= Prepare yourself for a job interview
en: improve landing page conversion
= How to improve the conversion of a landing page
= Improving landing page conversions
= Improve your landing page's conversion rate
en: reduce bounce rate
= How to reduce your bounce rate
= Reducing a high bounce rate
= A reduced bounce rate
= Bounce rate reduction
en: write product descriptions
= How to write a product description
= Writing product descriptions that sell
= Write better product descriptions
= Well-written product descriptions
en: repurpose blog content
= How to repurpose your blog content
= Repurposing content from your blog
= Repurposed blog content
en: build email list
= How to build an email list
= Building your email list
= Build a list of emails
= Email list building
en: internal linking strategy
= A strategy for internal linking
= Internal links: the strategy
= Strategies for linking internally
en: update old blog posts
= How to update your old blog posts
= Updating old blog posts
= Update an old blog post
en: measure content performance
= How to measure the performance of content
= Measuring your content's performance
= Measure content performance
en: content audit checklist
= A checklist for your content audit
= Auditing content: a checklist
= A checklist to audit your content
en: meta description length
= How long should a meta description be?
= The length of a meta description
= Meta descriptions: the right length
en: write alt text
= How to write alt text
= Writing alt texts
= Write your alt text
en: choose blog niche
= How to choose a niche for your blog
= Choosing your blog niche
= Choose a blog niche
en: schedule social media posts
= How to schedule posts on social media
= Scheduling social media posts
= Schedule your social media posts
en: hire freelance writer
= How to hire a freelance writer
= Hiring freelance writers
= Hire a freelance writer
en: increase organic traffic
= How to increase your organic traffic
= Increasing organic traffic
= Increase organic traffic to a blog
en: create buyer persona
= How to create a buyer persona
= Creating buyer personas
= Create your buyer persona
en: track keyword rankings
= How to track your keyword rankings
= Tracking keyword rankings
= Track the rankings of your keywords
en: plan content calendar
= How to plan a content calendar
= Planning your content calendar
= Content calendar planning
en: edit blog posts faster
= How to edit blog posts faster
= Editing your blog posts faster
= Edit a blog post faster
en: how long to boil eggs
= How long should you boil eggs?
= How long it takes to boil an egg
= Boiling eggs: how long?
= How long do eggs boil?
en: where to buy firewood
= Where can you buy firewood?
= Where to buy good firewood
= Places to buy firewood
= Buying firewood: where and when
en: can you freeze soup
= Can soup be frozen?
= Yes, you can freeze soup.
= Freezing soup
= Freeze soup in portions
en: why is my cat sneezing
= Why cats sneeze
= Why does my cat sneeze?
= A sneezing cat
= Reasons why a cat is sneezing
en: electric vs gas heating
= Gas or electric heating?
= Electric heating vs gas
= Heating with gas or electric
en: best budget laptops 2026
= The best budget laptops of 2026
= Best laptops on a budget in 2026
= Budget laptops: the best in 2026
en: gluten free birthday cake
= A birthday cake without gluten
= Birthday cakes that are gluten free
= A gluten-free cake for a birthday
en: dog friendly beaches
= Beaches that are dog friendly
= Beaches for dogs
= A dog-friendly beach
= Beaches where dogs are welcome
en: meeting agenda example
= An example of a meeting agenda
= Example agendas for meetings
= Agendas for your meeting: an example
en: fix leaking tap
= How to fix a leaking tap
= Fixing a tap that leaks
= Fix your leaking tap
= A leaking tap, fixed
en: improve website speed
= How to improve your website's speed
= Improving the speed of a website
= Improve your website speed
= Website speed improvements
en: remove red wine stain
= How to remove a red wine stain
= Removing red wine stains
= Remove stains of red wine
= Red wine stain removal
en: start a podcast
= How to start a podcast
= Starting your podcast
= Before you start your own podcast
= Podcasts: how to start one
en: grow tomatoes indoors
= How to grow your tomatoes indoors
= Indoor tomatoes
= Tomatoes grown indoors
en: write cover letter
= How to write a cover letter
= Writing your cover letter
= Write a better cover letter
= Cover letter writing
en: choose bike helmet
= How to choose a bike helmet
= Choosing a bike helmet
= Choose the right bike helmet
= The choice of a bike helmet
en: office chair back pain
= Office chairs for back pain
= An office chair against back pain
= Back pain from your office chair
= Does your office chair cause back pain?
en: moving house with cat
= Moving house with a cat
= How to move house with your cat
= Your cat and the house move
en: freelance contract template
= A template for freelance contracts
= Contract templates for freelancers
= A freelancer's contract template
en: organise kitchen cupboards
= Organising your kitchen cupboards
= How to organise a kitchen cupboard
= Organised kitchen cupboards
en: lower blood pressure naturally
= How to lower your blood pressure naturally
= Lowering blood pressure naturally
= Natural ways to lower blood pressure
en: beginner yoga poses
= Yoga poses for beginners
= Poses in yoga for a beginner
= Beginners' yoga poses
en: cheap family holidays
= Cheap holidays for families
= Family holidays that are cheap
= Holidays with the family on the cheap
en: homemade pasta sauce
= Pasta sauce made at home
= A homemade sauce for pasta
= Homemade sauces for pasta
en: linen shirt care
= Caring for a linen shirt
= How to care for linen shirts
= Care of linen shirts
= Care for your linen shirt
en: customer survey questions
= Questions for a customer survey
= Questions to ask in customer surveys
= Survey questions for customers
en: apply for passport
= How to apply for a passport
= Applying for a passport
= Apply for your passport online
= Passport applications
en: cut plywood
= How to cut plywood
= Cutting a plywood sheet
= Cut your plywood straight
en: charge phone faster
= How to charge your phone faster
= Charging your phone faster
= Phones that charge faster
en: hang wallpaper
= Hanging wallpaper
= How to hang your wallpaper
= Hang a wallpaper border
en: house cleaning schedule
= A schedule for cleaning the house
= A schedule to clean your house
= Schedules for house cleaning
en: social media manager salary
= What a social media manager earns: salary
= The salary of a social media manager
= Salaries of social media managers
en: protect garden from frost
= How to protect your garden from frost
= Protecting a garden from frost
= Protection from frost in the garden
en: refinance mortgage
= How to refinance a mortgage
= Refinancing your mortgage
= Refinance your mortgage
= Mortgage refinancing
en: learn guitar
= Learning the guitar
= How to learn guitar
= Learn the guitar at home
= Guitar for learners
en: garden hose
= Hoses for the garden
= A hose in your garden
≠ They hosed down the van beside the garden.
≠ A pair of hose dried in the garden.
en: tap water
≠ He heard a tap on the window and poured water.
≠ They tapped the cask, not the water.
en: bike rental
= Rent a bike
= Bikes to rent
= Rented bikes
≠ His rent is due, so he sold the bike.
≠ A rent in his sleeve caught on the bike.
en: card making
= Make your own cards
≠ Making it to the final, she held her cards close.
≠ On the cards: a second coffee maker.
en: wall painting
= Paint a wall
= Paintings on the wall
≠ The painter leaned on the wall.
≠ He paints a grim picture behind the wall of silence.
en: plant stand
= Stands for plants
≠ The plants cannot stand frost.
≠ They stand by the plant at dawn.
en: book reading
= Read a book
= Reading books aloud
≠ The meter reading is in the book.
≠ They booked a room in Reading.
en: office cleaning
= Clean the office
= Cleaners for offices
≠ She came clean at the office.
≠ The cleaner's office is upstairs.
en: glass cutter
= Cut glass
= Cutters for glass
≠ The cutter sailed past, a glass in every hand.
≠ He cut himself on the glass.
en: fish keeping
= Keep fish
= Keeping tropical fish
≠ Keep off the fish market.
≠ The fisher keeps quiet.
en: job search
= Search for a job
= Searching for jobs
≠ They searched his bag on the job.
≠ The search party did a good job.
en: cushion covers
= Covers for cushions
= A cover for your cushion
≠ He covers the news from a cushion.
≠ The grass cushioned his fall and covered the tracks.
en: business travel
= Travel for business
= Travelling on business
≠ News travels fast, mind your own business.
≠ The business of selling travel mugs
en: parcel delivery
= Deliver a parcel
= Parcels delivered to your door
≠ She delivered a speech and dropped a parcel.
≠ The speaker's delivery was part and parcel of his charm.
en: better sleep
= Sleep better
= Sleeping better at night
≠ He knows better than to sleep in.
≠ The better half was asleep.
en: feather bed
= A bed of feathers
= Feather beds
≠ A feather drifted over the river bed.
≠ That is a feather in the cap of the bed maker.
en: hair dryer
= Dryers for hair
= Dry your hair
≠ The humour was drier, her hair grey.
≠ Within a hair of running dry
en: forest fire
= Fires in the forest
≠ He was fired by the forest office.
≠ The firing squad hid in the forest.
en: curtain rail
= Rails for curtains
= A rail for your curtain
≠ He rails at the curtain of secrecy.
≠ They travel by rail behind the Iron Curtain.
en: cancel insurance
= How to cancel your insurance
= Cancelling an insurance policy
≠ She cancelled the trip, and the insurance paid.
≠ Insurance against cancelled flights
en: running shoes
= Shoes for running
= Run in new shoes
≠ He is running late in his best shoes.
≠ The shoe shop is running out of boxes.
en: point of sale
= Points of sale
≠ The point of the knife is on sale.
≠ She made a point during the sale.
en: steel cable
= Cables of steel
= A cable made of steel
≠ He cabled her to steel herself.
≠ They steel themselves for the cable car.
en: net income
≠ The net caught fish, his only income.
≠ They netted an income from fish.
en: leading brand
≠ Leading the horse away, he saw its brand.
≠ The lead in the paint of that brand
en: spring water
≠ The frogs spring into the water.
≠ In spring we water the beds.
≠ A broken spring lay in the water.
en: park bench
= Benches in the park
≠ They parked by the bench.
≠ He was benched after the match in the park.
en: wedding band
= Bands for weddings
≠ The villagers banded together after the wedding.
en: light bulb
= Bulbs that light a room
≠ The bulbs were planted in light soil.
≠ He is lighter than a tulip bulb.
en: chest freezer
≠ He got it off his chest by the freezer.
≠ A pain in his chest froze him.
en: bowling ball
= Balls for bowling
= Bowl a ball
≠ They ate from bowls at the ball.
≠ The cook has a ball with the mixing bowl.
en: water bottle
≠ They water the vines and bottle the wine.
≠ The bottle was left out, and the cat drank its water.
≠ Water dripped on the bottle.
en: book shelf
= Shelves for books
≠ They shelved the plan and booked a flight.
≠ A book lay under the shelf.
en: floor lamp
= A lamp for the floor
≠ The question floored him; the lamp flickered.
≠ The lamp fell on the floor.
en: shop window
= The window of a shop
≠ They shop by the window seat.
≠ A window cleaner who shops online
en: iron board
≠ They board the ship with an iron will.
≠ Iron the shirt before the board meets.
en: drill press
≠ The press watched the fire drill.
≠ They drill wells; the press reports it.
en: paint roller
= A roller for paint
≠ She painted her nails and hair rollers.
≠ The high roller bought a painting.
en: change management
= Managing change
= How to manage change
≠ The manager gave her the change.
≠ They manage without small change.
en: time tracking
= Track your time
= Tracking time at work
≠ Each time the train left its track, he sighed.
≠ The tracks were recorded in no time.
en: record label
= Labels for records
≠ He labelled the box in record time.
≠ For the record, the label was torn.
en: letter opener
= Openers for letters
≠ The opening letter of the word
≠ He opened the shop and wrote a letter.
en: match report
= Reports of a match
≠ He reported the missing matches.
≠ The socks match, the report said.
en: date palm
≠ She marked the date on her palm.
≠ Their date had sweaty palms.
en: spring cleaning
= Cleaning the house in spring
≠ The cleaner found a broken spring.
≠ They spring from bed to clean.
en: fair ground
≠ To be fair, the coffee was ground too coarse.
≠ He stood his ground in a fair fight.
en: rock garden
= A garden of rocks
≠ They rock the pram in the garden.
≠ The band rocked the beer garden.
en: duck pond
= A pond for ducks
≠ He had to duck under the branch by the pond.
≠ She ducked into the pond.
en: bat house
= A house for bats
≠ She did not bat an eyelid at the price of the house.
≠ He swung the bat outside the house.
en: press release
≠ Press the button to release the brake.
≠ The film's release pleased the press.
en: seal pup
≠ They seal the jar while the pup sleeps.
≠ The pup broke the seal.
en: trip planner
= Plan your trip
≠ Planning permission trips up many builders.
≠ The planner tripped on the stairs.
en: safe deposit
≠ A deposit keeps the flat, and he got home safe.
≠ It is safe to deposit the eggs.
en: fire pit
= A pit for fires
≠ They pit wits by the fire.
≠ He spat the cherry pit in the fire.
en: wine cellar
= A cellar for wine
≠ The whine of a pump filled the cellar.
≠ They wined and dined him above the cellar.
en: tie rack
= A rack for ties
≠ They tie the goat to the rack.
≠ The match ended in a tie that racked his nerves.
en: course book
= Books for the course
≠ Of course the book was late.
≠ They booked the main course.
en: pool table
≠ They pool their money at the table.
≠ The table stood by the swimming pool.
en: present list
= A list of presents
≠ The present tense is on the list.
≠ All those present were listed.
en: sign writing
= Writing signs
≠ She signed her name in writing.
≠ There was no sign of the writer.
en: block paving
= Paving with blocks
≠ The road was blocked, paving the way for a detour.
≠ They block the path with paving.
en: cast iron
≠ The cast of the play ironed shirts.
≠ He cast the iron aside.
en: plot summary
= A summary of the plot
≠ They plot a summary execution.
≠ The plot of land was sold in summary.
en: trial run
= A run as a trial
≠ The trial ran for weeks.
≠ He stood trial for a hit and run.
en: state park
≠ Please state where you park.
≠ The state of the car in the park
en: pound cake
≠ The cake weighed a pound.
≠ They pound the dough for a cake.
en: mint tea
= Tea made with mint
≠ The tea set is in mint condition.
≠ He made a mint selling tea.
en: bear market
≠ I cannot bear the market crowds.
≠ Bear in mind that the market shuts.
en: fan heater
≠ A heated fan ran onto the pitch.
≠ They fan the heat away.
en: pen friend
= A friend by pen
≠ They pen the sheep with a friend.
≠ Her friend penned a poem.
en: tea towel
= Towels for tea
≠ He threw in the towel over a cup of tea.
≠ Tea was spilled, and the towel was wet.
en: rain coat
= A coat for the rain
≠ Rain coated the deck.
≠ It will rain, so the coat of paint must wait.
en: cupboard door
= Doors for cupboards
= The door of the cupboard
≠ The cupboard stood by the door.
en: letter writing
= Writing a letter
= Write a letter
= How letters are written
≠ The writer lives by the letter of the law.
≠ A letter fell from the writing desk.
en: piano tuning
= Tune a piano
= A tuned piano
= Piano tuners
≠ He changed his tune and sold the piano.
≠ Tune in for piano music.
en: table booking
= Book a table
= Booking your table
≠ The book lay on the table.
≠ They turned the tables on the bookies.
en: car washing
= Wash your car
= A washed car
≠ The tide washed the car away.
≠ That excuse will not wash, said the car dealer.
en: wall insulation
= Insulate your walls
= Insulating a wall
= Insulated walls
≠ She lived insulated from the world behind a wall.
en: dog walking
= Walk the dog
= Walking your dog
≠ The walker was bitten by a dog.
≠ From all walks of life, dog lovers came.
en: lawn seeding
= Seed a lawn
= Seeding your lawn
≠ The top seed played on the lawn.
en: office rental
= Rent an office
= Offices to rent
≠ The office paid his rent at home.
en: floor mopping
= Mop the floor
≠ His mop of hair touched the floor.
en: panel installation
= Installing a panel
= Install panels
= Installed panels
≠ The installation artist spoke on the panel.
en: apple picking
= Pick apples
= Picking your own apples
= Freshly picked apples
≠ He picked a fight over an apple.
≠ Take your pick: apple or pear.
en: bill splitting
= Split the bill
= Splitting a bill
≠ A split appeared in the duck's bill.
en: bike chain
= Chains for bikes
≠ They chained the bike to a tree.
≠ A chain of shops sells bikes.
en: horse saddle
= A saddle for your horse
≠ He was saddled with debts and a horse.
en: shirt sleeve
= Sleeves of a shirt
≠ He had a trick up his sleeve and a clean shirt.
en: goose feather
= Feathers of a goose
≠ Birds of a feather, said the goose.
en: road sign
= Signs on the road
≠ They signed the petition by the road.
≠ There was no sign of life on the road.
en: stock photo
= Photos from stock
≠ The shop stocks film for photos.
≠ They take stock and look at a photo.
en: bank loan
= A loan from the bank
≠ He lent a hand on the river bank.
≠ Don't bank on the loan.
en: cover band
= Bands that play covers
≠ They cover the drum; the band leaves.
≠ A rubber band held the cover.
en: story telling
= Telling stories
= Tell a story
≠ The teller lived on the third storey.
≠ Her face told another story.
en: glass blowing
= Blowing glass
= Blow glass
≠ The wind blew the glass off the table.
≠ It was a blow to the glass trade.
en: ball point
≠ He had a ball and made his point.
≠ They point at the ball.
en: swimming cap
= Caps for swimming
≠ They swim well, and costs are capped.
≠ The cap swam away.
en: park ranger
≠ They range from the park to the sea.
≠ The car is parked within range.
en: bird table
≠ They tabled a motion about birds.
≠ A bird sat on the table of contents.
en: match box
= A box for matches
≠ They match the box to the lid.
≠ The boxing match drew a crowd.
en: coffee filter
= Filters for coffee
≠ News filtered through over coffee.
≠ They filter the water, not the coffee.
en: door handle
= The handle of a door
≠ She handles complaints at the door.
≠ He could not handle the door.
en: fence post
= Posts for a fence
≠ They posted a letter by the fence.
≠ He sits on the fence and posts nothing.
en: guitar string
= Strings for a guitar
≠ He strings beads near the guitar.
≠ No strings attached, said the guitar teacher.
en: head lamp
≠ He heads home by the lamp.
≠ Head for the lamp.
en: ice skating
= Skate on ice
≠ They skated over the issue of ice.
≠ The skater ate ice cream.
en: jam jar
= A jar for jam
≠ The door was ajar, and the jam set.
≠ The printer jammed beside a jar.
en: key holder
= A holder for keys
≠ He holds the key to success.
≠ They keyed in the code and held on.
en: land survey
= Survey your land
= Surveying land
≠ They landed a role in the survey.
≠ A survey of readers landed on his desk.
en: mail box
= A box for mail
≠ He mailed the gloves and the box.
≠ They box at the mail office.
en: nose ring
= A ring for the nose
≠ The phone rings under his nose.
≠ He led her by the nose and lost the ring.
en: oil change
= Change the oil
= Changing the oil in your car
≠ She paid for oil and kept the change.
≠ He changed his mind about the oil.
en: page layout
= The layout of a page
≠ They laid out the pages in the sun.
≠ The layout of the garden fills a page.
en: quilt cover
= Covers for a quilt
≠ A quilt covered the sofa.
≠ They cover costs by selling a quilt.
en: race track
= A track for races
≠ They race to track down the thief.
≠ The human race lost track of time.
en: salad dressing
= Dressings for salads
= Dress a salad
≠ She was dressing while he ate salad.
≠ The nurse changed the dressing after a salad.
en: tooth brush
= A brush for teeth
≠ He brushed past her, gritting his teeth.
≠ A brush with the law broke his tooth.
en: vote count
= Counting votes
= How votes are counted
≠ The count voted for the duke.
≠ Every vote counts.
en: watch strap
= A strap for your watch
≠ They watch the strap being cut.
≠ Strapped for cash, he sold his watch.
en: yard sale
= A sale in the yard
≠ The boat set sail a yard from shore.
≠ Three yards of cloth were on sale.
en: air bed
≠ They aired the bed.
≠ The air in the bedroom is dry.
en: brand awareness
= Make people aware of your brand
≠ He is aware that the brand of cattle changed.
≠ Be aware: brandy is strong.
en: case study
= Studies of a case
≠ In case you study, bring a pen.
≠ Just in case, she left her study.
en: deck chair
= Chairs for the deck
≠ She chairs the meeting on deck.
≠ They decked the chair with flowers.
en: exit interview
= Interviews at exit
≠ He was interviewed and left by the exit.
≠ The exit is behind the interview room.
en: face mask
= A mask for your face
≠ They masked the smell and faced the wall.
≠ Face it: the mask slipped.
en: game plan
= A plan for the game
≠ They plan to game the system.
≠ The game was planned for Sunday.
en: hand saw
≠ On the other hand, he saw it coming.
en: job offer
≠ They offer tea after a job well done.
≠ He offered her a seat at his job.
en: leaf blower
≠ The wind blew as she leaves.
≠ He leafed through a book and blew his nose.
en: soap dish
= A dish for soap
≠ They dish out soap to the poor.
≠ The soap opera was dished up cold.
en: cable car
≠ The cable in the car broke.
≠ He cabled for a car.
en: dance floor
= A floor for dancing
≠ They danced on the top floor.
≠ His answer floored the dance teacher.
en: egg timer
= Timers for eggs
= Time your eggs
≠ It was time to egg him on.
≠ In no time the eggs hatched.
en: flood barrier
= Barriers against floods
≠ Tears flooded the barrier.
≠ Letters flooded in past the barrier.
en: gear box
≠ They gear up to box.
≠ The box of fishing gear
en: hat stand
= A stand for hats
≠ I can't stand that hat.
≠ He stands with his hat on.
en: ink cartridge
= Cartridges of ink
≠ They inked a deal on cartridges.
≠ The ink spilled on the cartridge of the gun.
en: judo belt
= Belts in judo
≠ He belted out a song after judo.
≠ Tighten your belt, said the judo fan.
en: kite flying
= Fly a kite
= Flying kites
≠ Time flies when you see a kite.
≠ The flyer shows a kite.
en: lamp shade
= Shades for lamps
≠ They sat in the shade without a lamp.
≠ The lamp was a shade too bright.
en: meal delivery
= Have meals delivered
= Delivery of meals
≠ He delivered a blow after the meal.
≠ The delivery room serves no meals.
en: net curtain
= Curtains of net
≠ The curtain fell and netted a fortune.
≠ Nets of oranges behind the curtain
en: organ donor
= Donate an organ
= Donors of organs
≠ The donor played the organ.
≠ They organised a donor day.
en: paper cut
= Cuts from paper
≠ They cut the paper.
≠ The paper reports tax cuts.
en: quiz night
≠ Police quizzed him last night.
≠ She quizzed the knight.
en: road rage
≠ The storm rages along the road.
≠ Fires raged by the road.
en: sand paper
≠ They read the paper on the sand.
≠ The paper was buried in sand.
en: tap dance
≠ They danced by the tap.
≠ She tapped him and asked for a dance.
en: union rep
= Reps of the union
≠ Their union lasted ten reps.
en: van hire
= Hire a van
= Vans for hire
= Hiring a van
≠ The new hire drove a van.
≠ They fire and hire in the back of a van.
en: wire fence
= A fence of wire
≠ They wired the money and fenced the gold.
≠ Hold the wire, the fence is down.
en: zip line
≠ They zip past the line of cars.
≠ Line the bag before you sew the zip.
en: wheel chair
≠ He wheels the chair in.
≠ She chaired the talk on the wheel.
en: rock band
= A band that plays rock
≠ They rock the cradle; the band plays.
≠ A band of thieves hid behind a rock.
en: scale model
= A model to scale
≠ They scale the wall; the model smiles.
≠ The model stepped on the scales.
en: table cloth
= A cloth for the table
≠ The clothes lay on the table.
≠ They tabled a motion in plain cloth.
en: trade show
= A show for the trade
≠ They trade shows for films.
≠ The show must go on, says the trade union.
en: type face
≠ They type face to face.
≠ He is not my type, and his face is red.
en: voice over
≠ Her voice was heard over the noise.
≠ They voiced concern over prices.
en: bread knife
= Knives for bread
≠ They knifed the tyres and stole bread.
≠ The bread lay by the knife.
en: candle holder
= Holders for candles
≠ He can't hold a candle to her.
≠ The candle burned as she held on.
en: desk lamp
= Lamps for your desk
≠ The lamp in the hall lit the desk.
en: fruit salad
= A salad of fruit
≠ Their plan bore fruit over a salad.
≠ The salad came before the fruit.
en: gift wrap
= Wrap a gift
= Wrapping gifts
≠ She has a gift for wraps and salads.
≠ They wrapped up the talk and handed over a gift.
en: hotel booking
= Book a hotel
= Booking hotels
≠ The referee booked a player outside the hotel.
≠ A book was left at the hotel.
en: insurance claim
= Claim on your insurance
= Claims on insurance
≠ He claims that insurance is dull.
≠ She claimed the lost bag without insurance.
en: jewellery making
= Make jewellery
= Making your own jewellery
≠ She made off with the jewellery.
≠ It makes no sense to sell jewellery.
en: knife sharpening
= Sharpen your knives
= Sharpening a knife
≠ A sharp turn, and the knife fell.
≠ His tongue is sharper than a knife.
en: language learning
= Learn a language
= Learning languages
≠ He learned his fate in plain language.
≠ She learned that the language was dead.
en: meat grinder
= Grind meat
= Grinders for meat
≠ Back to the daily grind, meat and bread.
≠ He ground his teeth over the meat.
en: note taking
= Take notes
= Taking notes in class
≠ He took note of the time.
≠ They took a taxi and sang a note.
en: order form
= A form for orders
≠ In order to form a club, you need rules.
≠ The order was to form a line.
en: party planning
= Plan a party
= Planning a party
≠ The party plans to raise taxes.
≠ The third party saw the plane.
en: room service
≠ There is room for better service.
≠ Their room was near the service lift.
en: seat belt
= Belts for seats
≠ They sat and belted out songs.
≠ He took a seat and loosened his belt.
en: tax return
= Returns on tax
≠ They return to tax the rich.
≠ Her return was taxing.
en: tree felling
= Felling a tree
= Fell a tree
≠ A tree fell on the fence.
≠ She was feeling low under a tree.
en: user testing
= Test with users
= Testing a site on users
≠ The user was testy.
≠ She used the test tube.
en: visitor parking
= Parking for visitors
= Where visitors park
≠ The visitors walked in the park.
≠ A visitor sat on the park bench.
en: window cleaning
= Clean your windows
= Cleaning windows
= Clean windows without streaks
≠ A window of time to come clean
≠ The cleaner sat at the window.
en: bottle opener
= Open a bottle
≠ He bottled up his anger and opened the door.
≠ In the open, a bottle broke.
en: charity run
= A run for charity
= Run for charity
≠ The charity is run by nuns.
≠ The charity ran out of money.
en: finger painting
= Paint with your fingers
= Painting with fingers
≠ He kept his fingers off the painting.
≠ She pointed a finger at the painter.
en: hand washing
= Wash your hands
= Washing hands
≠ He washed his hands of the affair.
≠ On the one hand, washing is dear.
en: house painting
= Paint your house
= Painting a house
≠ The paintings in the house are old.
≠ The painter lives in a red house.
en: ladder safety
= Using a ladder safely
= Safe use of ladders
≠ The ladder fell and the safe opened.
en: noise complaint
= Complaints about noise
= Complain about noise
≠ She complained of pain amid the noise.
en: skin care
= Caring for your skin
= Care for dry skin
≠ He took care not to skin the rabbit.
≠ She escaped by the skin of her teeth and did not care.
en: street lighting
= Lights in the street
= Lighting a street
≠ He lit a pipe in the street.
≠ A light meal in the street
en: wedding cake
= Cakes for weddings
= A cake for the wedding
≠ They cake their boots in mud before the wedding.
≠ The wedding ended before the cake.
en: phone charger
= Charge your phone
≠ He was charged with theft over the phone.
≠ She phoned the man in charge.
en: plane ticket
= A ticket for the plane
≠ He was ticketed near the plane.
≠ They plane the board and buy a ticket.
en: market research
= Research a market
= Researching your market
≠ The researcher left the market.
≠ Fresh fish is on the market, research says.
en: light switch
= A switch for the light
≠ They switch to light beer.
≠ He made light of the switch.
en: stage lighting
= Lighting a stage
≠ They stage a play by candle light.
≠ At this stage, a light meal is best.
en: staff training
= Train your staff
= Training for staff
≠ The train was late, and the staff left.
≠ He leaned on his staff and trained his eyes on her.
en: story book
= A book of stories
≠ He booked the top storey.
≠ The story goes that he booked a cell.
en: sun hat
= Hats for the sun
≠ They sun themselves without a hat.
≠ At the drop of a hat, the sun came out.
en: table lamp
= Lamps for a table
≠ They tabled the plan by lamp light.
≠ The lamp stood near the table.
en: track record
= A record on the track
≠ They track every record sold.
≠ He lost track of the record.
en: travel blog
= Blogs about travel
= Blog about your travels
≠ News travels from blog to blog.
≠ He travels without a blog.
en: video editing
= Edit a video
= Editing videos
≠ The editor lost the video.
≠ The first edition had no video.
en: wall clock
≠ They clocked him near the wall.
≠ The clock struck, and the wall fell.
en: water filter
= Filters for water
= Filter your water
≠ Light filtered through the water.
≠ They watered down the filter rules.
en: wind turbine
= Turbines driven by wind
≠ They wind the cable round the turbine.
≠ He got wind of the turbine sale.
en: wood stove
= Stoves that burn wood
= A stove for wood
≠ They are not out of the wood, said the stove maker.
en: work clothes
= Clothes for work
≠ She works in new clothes.
≠ The clothes work well together.
en: writing desk
= A desk for writing
= A desk to write at
≠ He wrote off the desk.
≠ The writer sold her desk.
en: yoga class
= Yoga classes
≠ She is in a class of her own at yoga.
≠ They class yoga as sport.
en: answering machine
= A machine that answers calls
≠ He answers for the machine.
≠ The machine is the answer.
en: blood test
= Test your blood
= Tests of blood
≠ His patience was tested, and his blood boiled.
≠ The test made her blood run cold.
en: brush stroke
= Strokes of a brush
≠ She strokes the cat with a brush.
≠ By a stroke of luck, the brush was clean.
en: cherry picking
= Pick cherries
= Picking cherries
≠ He picked up a cherry pie.
≠ They pick the cherry red sofa.
en: cloud storage
= Store files in the cloud
= Storage in the cloud
≠ The store was under a cloud.
≠ Clouds gathered over the storage yard.
en: copy editing
= Edit copy
= Editing copy
≠ They copy the editor.
≠ The edit was a copy.
en: credit check
= Check your credit
= Checks on credit
≠ He takes credit for the check pattern.
≠ To his credit, he paid the check.
en: customer support
= Support your customers
= Support for customers
≠ The customer leaned on the support.
≠ They support a team of customers.
en: door lock
= Locks for doors
= Lock the door
≠ A lock of hair was caught in the door.
≠ They locked horns by the door.
en: dust cover
= A cover against dust
≠ They dust the covers.
≠ Dust covered the sofa.
`;
