/** English phrases in which a word does not mean what it means elsewhere; see setPhrases.ts for how they are written. */
export const ENGLISH_SET_PHRASES = `
up there|up here|count on|counts on|counted on|counting on|one sharp|two sharp|three sharp|four sharp|five sharp|six sharp|seven sharp|eight sharp|nine sharp|ten sharp|eleven sharp|twelve sharp|o'clock sharp|house hunting|flat hunting|job hunting|bargain hunting
on account of|on no account|on this account|by all accounts|on sale by|by the yard|by the hour|by the pound|by the metre|by the mile|by the dozen|by the million
no idea|no sign|no signs|manage to|manages to|managed to|managing to|in the key of|no point in|lock of hair|locks of hair|little point in|at this point|at that point|the point is|to the point|at some point|beside the point|what is the point|what was the point|see the point
point of view|in my view|in our view|in his view|in her view|in their view|in your view|point of no return|sore point|in point of fact|to the point of|point blank|case in point|note that|please note|in return for|in return|happy returns|in turn|at every turn|out of turn
is room for|no room for|light on|in a flap|next door|used to be|used to have|used to|in the light of|in light of|bear in mind|in two minds|never mind|mind you|keep in mind|peace of mind
at the time|at that time|by the time|in the meantime|from time to time|it was time|it is time|in time|in good time|time permitting|at times|at one time|at the same time|time and again|time after time
time will tell|time flies|matter of time|in no time|at no time|race against time|for the time being|for old times' sake|high time|behind the times|sign of the times|signs of the times|about time|time immemorial
by design|in a manner of speaking|in other words|a word of|in a word|word for word|words fail|from the word go|in so many words|word of mouth|in the company of|in good company
of course|in the course of|in due course|matter of course|par for the course|on the other hand|on the one hand|at first hand|in hand|at hand|out of hand|in one hand|in the other hand
in good hands|in safe hands|in the hands of|at the hands of|hand in glove|hand over fist|hand to mouth|hands down|old hand|drop of a hat|on either hand|off hand
in any case|in case of|just in case|in case|in this case|as the case may be|by the way|in a way|in the way|in the way of|under way|on the way|out of the way|by a long way|way ahead|the other way round
in place of|in the first place|in the second place|out of place|all over the place|in high places|as a rule|rule of thumb|in fact|the fact that|as a matter of fact|matter of fact|no matter|a matter of
in general|on purpose|at cross purposes|by chance|by any chance|on the off chance|in charge of|in the end|at the end of the day|on end|end of story|end of the line|dead end|at a loose end|loose ends|odds and ends
day by day|day in day out|one of these days|days are numbered|to this day|all in a day's work|in terms of|on good terms|in line with|in line to|out of line|down the line|line of duty
on board|across the board|at stake|at large|by and large|to a large extent|to some extent|to a certain extent|in store for|in store|for instance|for example
in part|for the most part|on the part of|part and parcel|in view of|with a view to|in the face of|on the face of|face to face|at face value|in touch|out of touch|touch and go|touch wood
with respect to|in respect of|in this respect|on the whole|a great deal|a good deal|a good few|in spite of|as far as|in advance|in common|in particular|in short|short of|short and sweet|in brief|in vain|in short supply|of no value|of little value|on average
on behalf of|at risk|out of order|in order of|in order to|in short order|in working order|at present|for the present|the sake of|in spirit|in high spirits|in good spirits|in the spirit of
on grounds of|on the grounds|on the ground that|in the name of|in name only|name of the game|household name|to name but a few|as a result|at heart|by heart|in the heart of|at the heart of|heart of the matter|heart of gold|heart and soul
in detail|at length|at arm's length|an arm and a leg|up in arms|with open arms|within reach|out of reach|in question|out of the question|a hair's breadth|by a hair|in the long run|in the short run|on the run|in the running|out of the running|run of the mill
under the weather|weather permitting|in the dark|in the air|up in the air|out of thin air|on foot|on the wrong foot|on the other foot|at the foot of|on fire|under fire|in the firing line|on the firing line
in shape|out of shape|in form|in good form|true to form|on paper|in practice|out of practice|put to the test|for a change|for good measure|for good|on the market for|on the spot|in the spotlight|in a tight spot|a soft spot
at the back of|in the back of my mind|behind the scenes|behind bars|behind closed doors|a piece of cake|selling like hot cakes|in single file|rank and file|by all means|by no means|by any means
in a flash|flash in the pan|in a nutshell|in full swing|in principle|on principle|in stages|in theory|on the contrary|to the contrary|to the letter|out of the blue|under the circumstances|in writing|for a song|in the same breath|out of breath
in the same boat|in their shoes|in his shoes|in her shoes|in your shoes|in my book|in my books|by the book|on the ball|ball is in your court|off the hook|hook line and sinker|on the rocks|out of the woods|in the loop|on the fence|in tow|in tune with|out of tune
in the long term|in the short term|on track|back on track|on the right track|on the wrong track|on hold|on the rise|on the mend|on the move|on the increase|just the job|on the loose|on the lookout|on the horizon
on the brink of|on the verge of|on the edge of|on edge|on thin ice|on top of the world|on a roll|on a shoestring|on a high note|on a par with|on par|below par|on all fours|on balance|in the balance|off balance|on cloud nine|on occasion|on sight|at first sight|in sight|out of sight|within sight
on standby|on tap|on target|on tiptoe|on the strength of|on the threshold of|on the tip of|tip of the iceberg|tail end|on the wagon|on the warpath|on the wing|on the double|at the double|on the fly|on the sly|on the side of caution|on second thought|on second thoughts
in the mood|in the know|in the making|in a sense|in a row|in a rut|in a spin|in a fix|in a jam|in a pickle|in a bad light|in a bind|in a mess|in a sorry state|state of affairs|state of the art|in abeyance|in accordance|in addition
in agreement with|in all probability|in bad taste|in good taste|in poor taste|in bits|to bits|to pieces|in one piece|in black and white|in the black|in the red|in the pink|in character|out of character|in cold blood|in concert with|in confidence|in consequence|in credit
dead in the water|in disguise|blessing in disguise|in dribs and drabs|in earnest|in effect|to that effect|to good effect|to great effect|to no effect|in essence|in exchange for|in fashion|out of fashion|in favour of|out of favour|in fits and starts
in focus|out of focus|in force|in full view|in good faith|in good stead|in good voice|in harness|in high gear|in his element|in her element|in hot pursuit|in keeping with|out of keeping|in kind|in knots|in league with|leaps and bounds|in limbo|in luck|out of luck|pot luck
in mint condition|in no mood|in one fell swoop|in one go|in opposition to|in passing|in perspective|out of pocket|in quick succession|in relation to|with regard to|as regards|in secret|open secret|in so far|in step with|out of step|in stitches
in sync|in tandem|in tatters|in the ascendant|mixed bag|in the ballpark|in the bud|in the clear|in the doghouse|in the event of|in any event|in the eye of|in the eyes of|in the public eye|eye of the storm
in the flesh|in the grip of|in the hot seat|in the interest of|in the interests of|in the nick of time|in the offing|in the pipeline|in the process of|in the shadow of|in the swing of|in the teeth of
in the thick of|through thick and thin|in the throes of|in the wake of|in the works|in trouble|in unison|at a crossroads|at a glance|at first glance|at a loss|at a low ebb|at a price|at any price|at a push|at a stretch|at full stretch|at a stroke|at all costs|at any cost|at any rate
at bay|at best|at worst|at close quarters|at close range|at daggers drawn|at ease|at fault|to a fault|at first blush|at issue|at its peak|at leisure|at loggerheads|at odds|over the odds|at peace|at rest|at short notice|at a moment's notice|at will
at the crack of dawn|at the expense of|at the forefront|to the fore|at the helm|at the last minute|at the mercy of|at the ready|at the root of|at the top of his voice|at the top of her voice|at your fingertips|by a whisker|by accident|by degrees|to a degree|by dint of|by fits and starts|by hook or by crook
by order of|by rights|by the same token|by the skin of|by trial and error|by virtue of|out of control|out of court|out of date|up to date|to date|out of earshot|within earshot|out of his depth|out of her depth|out of joint|out of necessity|out of proportion
out of sorts|out of spite|out of stock|out of the ordinary|out of use|out of work|out on a limb|to a man|to a point|to a tee|to all intents and purposes|to boot|to good use|to his credit|to her credit|to no avail|to one side|to perfection
to say the least|to the bone|to the brim|to the core|to the full|to the hilt|to the limit|to the max|to the tune of|all ears|all the rage|bull in a china shop|as the crow flies|as a last resort|best of both worlds|worlds apart|beyond doubt|beyond a doubt|black sheep
body and soul|bone of contention|chip on his shoulder|chip off the old block|dark horse|down in the dumps|down the road|down to earth|hard bargain|fair game|fair share|far and away|feather in her cap|feather in his cap|flying colours|food for thought|for keeps|for the birds
for the life of|for the record|off the record|for what it's worth|free rein|from scratch|up to scratch|full steam ahead|give and take|worth its salt|worth his salt|salt of the earth|hard feelings|hats off|head and shoulders|head over heels|heads or tails
high and dry|ins and outs|just the ticket|last straw|law unto|lion's share|long shot|loose cannon|method in his madness|mind your own business|none of your business|neck and neck|needle in a haystack|lease of life|no big deal|no end of|no laughing matter|no love lost|no strings attached
of his own accord|of note|of the old school|over a barrel|over the hill|over the moon|over the top|top of the range|pie in the sky|plain sailing|rack and ruin|red herring|red tape|right as rain|rain or shine|safe and sound|second nature|second to none|skeleton in the cupboard|slip of the tongue|tongue in cheek
smoke and mirrors|so to speak|spick and span|spur of the moment|square one|stone's throw|straight and narrow|the bottom line|the coast is clear|devil's advocate|twist of fate|up for grabs|up to speed|walk of life|walks of life|warts and all|white elephant|wild goose chase|wit's end
with a bang|with reference to|within reason|without a hitch|without fail|without rhyme or reason|works wonders|bank of the river|banks of the river|code of honour|a lesson learned|lessons learned|at this stage|at that stage|at some stage|at any stage|at every stage|at each stage|early stages|under wraps|under the radar|under the hammer|under his belt|under her belt|under lock and key
off the beaten track|off the mark|off the peg|off the cuff|on the dot|off the wall|off limits|off colour|off guard|cold feet|first and foremost|gift of the gab|light years|near miss|no strings|top notch
take takes took taken taking: root|place|part|stock|heed|shape|heart|turns|office|note of|charge of|leave of|aim at|issue with|offence|pains|pride in|notice of|a stand|the plunge|the lead in|the floor|the cake|the biscuit|the edge off|a back seat|a dim view|for granted|on board|to task|to the cleaners|hold of|exception to|advantage of|effect|the bull by the horns|into account|its toll|steps to|a turn for|his time|her time|your time|their time
make makes made making: sure|sense|room|way|do|headway|inroads|amends|a killing|a splash|a fuss|a scene|peace with|light of|light work of|a living|hay while|waves|a mountain out of|a meal of|a point|the point|ends meet|use of|fun of|believe|up his mind|up her mind|up your mind
keep keeps kept keeping: track|pace|an eye|a straight face|a low profile|the ball rolling|a lid on|tabs on|the peace|his cool|her cool|your cool|in check|in touch|your seat|house for|his word|her word|your word
break breaks broke broken breaking: the ice|the bank|even|the mould|new ground|ranks|the news|the deadlock|his heart|her heart|cover
bring brings brought bringing: to light|home the bacon|the house down|to a head|to book|into play|to mind|to bear
call calls called calling: the shots|it a day|a halt|it quits|the tune|to order|a spade a spade|into question
catch catches caught catching: fire|the eye|sight of|a glimpse|off guard|his breath|her breath|your breath
come comes came coming: clean|to light|to terms with|to a head|to a standstill|to blows|to grips with|to mind|to rest|in handy|of age|full circle|into play|into force|into its own|to a close|to life|under the hammer
cut cuts cutting: corners|the mustard|both ways|ties with|his losses|losses|a deal
draw draws drew drawn drawing: the line|a blank|a line under|to a close|the short straw
drop drops dropped dropping: a line|a hint|a brick|the subject
fall falls fell fallen falling: short of|from grace|into place|on deaf ears|in line|flat|foul of|by the wayside|in love
find finds found finding: a way|fault with|favour with|his feet|her feet|common ground
face faces faced facing: the music
get gets got getting: rid of|the hang of|the picture|the sack|the boot|even with|wind of|off the ground|your own back|his own back
give gives gave given giving: way|rise to|voice to|chase|ear to|the game away|weight to
go goes went gone going: the extra mile|with the flow|against the grain|down the drain|through the roof|through the motions|to pot|to town|up in smoke|off the rails|by the board|the whole hog|hand in hand|on record
hang hangs hung hanging: by a thread
have has had having: in mind|a ball|a go at|a word with|words with|a field day|a bone to pick|an axe to grind|second thoughts|the edge over|kittens|no bearing on
am is are was were be been: content with
carry carries carried carrying: weight|the can|the day|conviction
headed heading: for
head heads: for the|for a|for home
hit hits hitting: the road|home|the nail on the head|the jackpot|the sack|the hay|rock bottom|the spot|the headlines
hold holds held holding: water|the line|sway|court|your horses|the fort|the key to|his own|her own|their own|your own|hostage
jump jumps jumped jumping: the gun|the queue|on the bandwagon|to conclusions
lay lays laid laying: claim to|bare|the blame|siege to
learn learns learned learnt know knows knew: the ropes
leave leaves left leaving: room|office|no stone unturned|in the lurch|a mark on
lend lends lent lending: a hand|an ear|weight to
lose loses lost losing: track|heart|face|ground|touch|sight of|sleep over|steam|his temper|her temper|your temper|his nerve|her nerve|the plot|his head|her head
pay pays paid paying: attention|heed|lip service|the price for|tribute to|dividends|through the nose
play plays played playing: a part|a role|the fool|for time|havoc|second fiddle|safe|into the hands of|truant|host to
pull pulls pulled pulling: strings|the plug on|his leg|her leg|your leg|a face|rank|his weight|her weight|the rug
put puts putting: on hold|a stop to|an end to|on ice|the cart before the horse|to rest|to use|pen to paper|two and two together|his foot down|her foot down|on a brave face
raise raises raised raising: the alarm|eyebrows|the bar
rock rocks rocked miss misses missed: the boat
run runs ran running: a risk|the risk|riot|rings round|out of steam|its course|a temperature|a tight ship|wild|the gauntlet|the show|in the family
save saves saved saving: the day|face
see sees saw seen seeing: eye to eye|the light|fit|the back of|the wood for the trees
sell sells sold selling: like hot cakes|short
set sets setting: the scene|the tone|the stage|sail|foot|eyes on|in motion|the record straight|an example|the pace
shed sheds throw throws threw thrown cast casts: light on|doubt on
stand stands stood standing wait waits waited waiting: in line
stand stands stood standing: a chance|guard|trial|his ground|her ground|the test of time|on ceremony|to reason|firm
stay stays stayed staying: the course|put
steal steals stole stolen stealing: the show|the limelight|her thunder|his thunder
stick sticks stuck sticking: to his guns|to her guns|in the mud
strike strikes struck striking: a balance|a chord|a bargain|a deal|home|gold
talk talks talked talking: shop|turkey
throw throws threw thrown throwing: in the towel|caution to the wind|a fit|cold water on|the book at
turn turns turned turning: a blind eye|over a new leaf|the tables|tail|a deaf ear|the clock back|his back on|her back on
change changes changed changing: hands|his mind|her mind|your mind|their minds|tack
fit fits fitted fill fills filled foot foots footed: the bill
wash washes washed washing: his hands of|her hands of
bite bites bit biting: the bullet|the dust|his tongue
kill kills killed killing: time|two birds
pass passes passed passing: the buck|the time|muster|judgement
speak speaks spoke: volumes|his mind|her mind|of the devil
buy buys bought buying: time
follow follows followed: suit
iron irons ironed ironing: out the
kick kicks kicked kicking: the bucket|the habit|up a fuss
move moves moved: the goalposts|heaven and earth
rack racks racked racking: his brain|his brains|her brain|her brains
spill spills spilled spilling: the beans
toe toes toed toeing: the line
weather weathers weathered: the storm
hold a candle to|holds a candle to|held a candle to
`;
