// Ways for heat that frightens, noise, smell, what is wet or sticky, and for eating.
import { way } from './entry';

export const FEEL = [
  // heat
  way('long-gloves', 'tool', 'Long oven gloves', {
    takes: 'heat/hold>some heat/oven>some heat/steam>some',
    techniques: 'take-out-oven bake take-off-heat take-out-place drain-hot uncover baste turn-out',
    tools: 'long-gloves',
    instead: 'oven-gloves',
    seat: 'gloves',
    say: 'Wear the long gloves.',
  }),
  way('long-spoon', 'tool', 'Long-handled spoon', {
    takes: 'heat/near>some',
    techniques: 'mix cook fry simmer turn-over skim fold',
    tools: 'long-spoon',
    say: 'Use the long spoon.',
  }),
  way('splash-guard', 'tool', 'Splash guard over the pan', {
    takes: 'heat/near>some',
    on: 'frying-pan wok saucepan large-pan',
    techniques: 'fry cook heat-pan simmer wilt',
    tools: 'splash-guard',
    say: 'Lay the guard over the pan.',
  }),
  way('lid-away', 'method', 'Lid tipped away from the face with tongs', {
    takes: 'heat/steam>some',
    techniques: 'uncover cook simmer boil',
    tools: 'tongs',
    say: 'Tip the lid away from you.',
  }),
  way('wait-then-near', 'method', 'Waits at the mark on the floor, comes when told', {
    takes: 'heat/near heat/hob>some heat/steam',
    techniques: 'boil simmer cook heat-pan boil-kettle melt',
    say: 'Stand behind the line while it heats. An adult minds the pan.',
  }),
  way('adult-at-heat', 'share', 'An adult minds the heat, the learner times and says', {
    next: 'wait-then-near',
    takes: 'heat/* reach/hob standing/hob sight/doneness judge-doneness/look>some',
    spares: 'hot steam splash electric',
    techniques:
      'boil simmer cook heat-pan boil-kettle melt fry reheat toast hob-on turn-heat turn-off microwave bake wilt steam reduce brown slow-cook preheat-oven air-fry',
    say: 'An adult minds the heat. You start the timer and say when.',
  }),
  way('adult-hot-hands', 'share', 'An adult does the hot part, the learner hands and says', {
    next: 'long-spoon',
    takes: 'heat/*',
    spares: 'hot steam splash',
    techniques:
      'add mix pour season spoon ladle serve uncover cover mash fold fluff turn-over skim layer sprinkle measure taste check-done take-temperature lift-out brush baste drain-hot squeeze-open crush top spread wash-up grate toss beat tear flake sift scrape stuff drizzle thin press-in loosen-edge',
    say: 'Hand it over. An adult does the hot part.',
  }),
  way('stays-in-fridge', 'ready', 'Served from what was cooled before', {
    takes: 'heat/near',
    spares: 'hot steam',
    techniques: 'serve',
    words: 'Serve your cool portion.',
  }),

  // noise
  way('warn-first', 'show', 'Warned before it is loud', { takes: 'noise/machine>some noise/fry>some', say: 'Say “loud now” first.' }),
  way('ear-defenders', 'tool', 'Ear defenders', {
    takes: 'noise/*',
    adds: 'hearing/alarm!',
    tools: 'ear-defenders',
    say: 'Put on the ear defenders.',
    caution: 'No alarm is heard: an adult stays in earshot.',
  }),
  way('starts-it', 'show', 'The learner starts and stops it', {
    takes: 'noise/machine>some',
    techniques: 'blend beat-machine',
    say: 'You start it. You stop it when you want.',
  }),
  way('hand-tool', 'method', 'By hand instead of a machine', {
    takes: 'noise/machine',
    adds: 'strong-grip/work two-hands/hold-bowl',
    techniques: 'blend beat-machine',
    tools: 'masher',
    skill: 'changed',
    say: 'Use the masher or the whisk by hand.',
  }),
  way('other-room', 'share', 'A partner runs it in another room', {
    takes: 'noise/machine strong-grip/hold two-hands/cover',
    spares: 'electric',
    techniques: 'blend beat-machine',
    say: 'A partner runs the machine next door.',
  }),
  way('quiet-fry', 'method', 'On a lower heat', {
    takes: 'noise/fry>some',
    techniques: 'fry toast-dry stir-fry brown',
    say: 'Keep the heat low.',
  }),

  // wet, sticky
  way('nitrile-gloves', 'tool', 'Nitrile gloves', {
    takes: 'wet-sticky/*',
    notFoods: 'wash your hands',
    tools: 'nitrile-gloves',
    say: 'Wear the gloves.',
    caution: 'Not latex. They slip when wet; changed after raw food.',
    seat: 'between',
  }),
  way('sealed-bag', 'method', 'Mixed in a sealed bag', {
    takes: 'wet-sticky/food wet-sticky/raw',
    techniques: 'knead mix-by-hand rub-in coat shape rub-on toss',
    tools: 'mixing-bag',
    say: 'Close the bag and press it from outside.',
    seat: 'between',
  }),
  way('spoon-between', 'tool', 'Fork, spoon or spatula instead of fingers', {
    takes: 'wet-sticky/food wet-sticky/raw',
    techniques: 'coat brush grease layer add press-in mix-by-hand flake tear peel-by-hand rub-on dip crumble juice',
    tools: 'fork',
    say: 'Use the fork, not your fingers.',
    seat: 'between',
  }),
  way('dry-cloth-near', 'show', 'Dry cloth at hand', {
    takes: 'wet-sticky/wet>some wet-sticky/food>some',
    tools: 'cloth',
    say: 'Wipe your hands when you like.',
  }),
  way('partner-wet', 'share', 'A partner does the wet part, the learner dries', {
    takes: 'wet-sticky/*',
    techniques: 'wash-up rinse wipe drain squeeze-out pat-dry',
    say: 'A partner washes. You dry.',
  }),
  way('dishwasher', 'method', 'Into the dishwasher', {
    takes: 'wet-sticky/wet standing/sink reach/sink two-hands/hold-bowl',
    techniques: 'wash-up',
    tools: 'dishwasher',
    skill: 'changed',
    words: 'Put the dishes in the dishwasher.',
    caution: 'Points down; knives by an adult.',
  }),
  way('wipes', 'method', 'Wiped with a damp disposable cloth', {
    takes: 'wet-sticky/wet>some reach/sink',
    techniques: 'wipe',
    say: 'Take a damp wipe.',
  }),
  way('hand-gel-no', 'share', 'Washed hand in hand with a partner', {
    takes: 'wet-sticky/wet reach/sink',
    techniques: 'wash-hands',
    say: 'Wash together with a partner, hands under hands.',
    ask: 'Touch as help is agreed with the learner first.',
  }),
  way('brush-to-rinse', 'tool', 'Held in a sieve under the tap', {
    takes: 'wet-sticky/wet',
    techniques: 'rinse drain',
    tools: 'sieve',
    say: 'Hold only the dry handle of the sieve.',
  }),

  way('partner-raw', 'share', 'A partner handles the raw food', {
    takes: 'wet-sticky/raw',
    spares: 'raw-egg raw-meat raw-fish raw-flour',
    say: 'A partner touches the raw food. You say what comes next.',
  }),

  // smell
  way('lid-on', 'method', 'Lid on, window open', {
    takes: 'smell/cook',
    techniques: 'cook simmer boil fry steam',
    tools: 'lid',
    say: 'Open the window. Put the lid on.',
  }),
  way('window', 'show', 'Window open, further off', {
    takes: 'smell/cook>some smell/raw-fish>some smell/onion>some smell/eat>some',
    say: 'Open the window first.',
  }),
  way('frozen-onion', 'ready', 'Frozen ready-cut onion', {
    takes: 'smell/onion',
    spares: 'sharp',
    techniques: 'chop slice dice',
    foods: 'onion|leek',
    words: 'Tip out the frozen onion.',
    caution: 'Read the label.',
  }),
  way('partner-smelly', 'share', 'A partner does it, the learner does the next step', {
    takes: 'smell/*',
    say: 'A partner does this. You get the next step ready.',
  }),
  way('eats-elsewhere', 'method', 'Eats where it smells less', { takes: 'smell/eat', techniques: 'eat', say: 'Sit by the window.' }),

  // eating, by the learner's own plan only
  way('smells-and-serves', 'method', 'Smells, serves and sits with the others, tastes nothing', {
    takes: 'taste/eat swallow/eat',
    techniques: 'eat taste',
    skill: 'changed',
    words: 'Sit with the others. Smell it, serve it, say what you think.',
    ask: 'Eating by mouth is for the learner’s own plan and the therapist: nobody else decides.',
    source: 'the learner’s own plan',
  }),
  way('own-texture', 'method', 'Own portion in the texture of the plan', {
    takes: 'swallow/eat>some',
    techniques: 'eat taste',
    say: 'Eat your own portion, made as your plan says.',
    ask: 'Texture is for the learner’s own plan and the therapist (levels as in IDDSI).',
    source: 'IDDSI framework',
  }),

  // memory, order, waiting, speech
  way('checklist', 'show', 'Checklist with a slider for each step', {
    takes: 'memory/order memory/between>some',
    say: 'Slide it when it is done.',
  }),
  way('timer-carried', 'show', 'Timer carried along with its card', {
    takes: 'memory/between',
    techniques: 'cook simmer boil bake wait chill soak prove cool microwave thaw slow-cook',
    tools: 'timer',
    adds: 'hearing/timer',
    say: 'Carry the timer with its card.',
  }),
  way('one-after-other', 'method', 'One thing after the other, a card each', {
    takes: 'memory/things',
    adds: 'moving-about/fetch',
    techniques: 'gather put-away',
    say: 'Get one thing. Come back for the next card.',
    seat: 'fetching',
  }),
  way('job-while-waiting', 'show', 'A job for the wait', { takes: 'waiting/time>some', say: 'Do your job while you wait.' }),
  way('made-before', 'ready', 'One made before, his own for later', {
    takes: 'waiting/time',
    techniques: 'chill cool freeze soak prove marinate thaw wait rest',
    skill: 'changed',
    say: 'Put yours away for later. Take the one that is ready.',
  }),
  way('comes-back', 'method', 'Does something else and comes back', {
    takes: 'waiting/time',
    adds: 'memory/between',
    say: 'Do the next thing. Come back at the ring.',
  }),
  way('choose-picture', 'show', 'Two pictures to choose from', {
    takes: 'speak/choose',
    tools: 'choice-board',
    adds: 'sight/signal',
    say: 'Point at one of the two pictures.',
  }),
  way('choose-object', 'show', 'Two things to choose from', { takes: 'speak/choose', adds: 'touch/feel', say: 'Take one of the two.' }),
  way('yes-no-sign', 'show', 'An agreed sign for stop', {
    takes: 'speak/choose',
    say: 'Give the sign for stop.',
    ask: 'Agree the sign with whoever knows the learner’s speech.',
  }),
  way('reminder-partner', 'share', 'A partner reminds', { takes: 'memory/*', say: 'A partner reminds you.' }),
];
