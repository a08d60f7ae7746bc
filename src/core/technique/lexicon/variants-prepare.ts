// Techniques of preparing that are done like a more general one: special cuts, ways to mix, to shape and to finish. Knife holds common practice; produce after FDA.
import { entryOf, technique, variant } from '../entry';
import { PREPARE } from './prepare';

const of = (id: string) => entryOf(PREPARE, id);
const [chop, slice, dice, halve, trim, grate, tear, mash] = ['chop', 'slice', 'dice', 'halve', 'trim', 'grate', 'tear', 'mash'].map(of) as [
  T,
  T,
  T,
  T,
  T,
  T,
  T,
  T,
];
const [beat, mix, toss, soak, sprinkle, pour, spoon, add] = ['beat', 'mix', 'toss', 'soak', 'sprinkle', 'pour', 'spoon', 'add'].map(of) as [
  T,
  T,
  T,
  T,
  T,
  T,
  T,
  T,
];
const [shape, spread, brush, drain, prick, crack, byHand, knead] = [
  'shape',
  'spread',
  'brush',
  'drain',
  'prick',
  'crack-egg',
  'peel-by-hand',
  'knead',
].map(of) as [T, T, T, T, T, T, T, T];
type T = (typeof PREPARE)[number];
const DOWN = 'Put the knife down flat, away from the edge.';

export const VARIANTS_PREPARE = [
  variant(chop, 'mince', 'cut very small', 'mince|chop very finely', {
    small: ['Chop {thing}.', 'Push the pieces into a heap.', 'Rock the knife over the heap, again and again.', DOWN],
    cues: { see: 'pieces as small as grains of rice', feel: 'no large bits' },
    minutes: { active: 2.5, waiting: 0 },
  }),
  variant(chop, 'shred', 'cut into thin shreds', 'shred|finely shred', {
    small: [
      'Put {thing} on the board, flat side down.',
      'Hold it with a claw hand, finger tips tucked in.',
      'Cut off a very thin slice.',
      'Move the hand back and cut again.',
      DOWN,
    ],
    cues: { see: 'a heap of thin shreds' },
  }),
  variant(
    slice,
    'cut-strips',
    'cut into strips',
    'cut into strips|cut into thin strips|cut into sticks|cut into batons|cut into matchsticks|julienne|slice into strips',
    {
      small: ['Cut {thing} into flat pieces.', 'Lay a piece flat.', 'Cut it lengthwise into strips.', DOWN],
      cues: { see: 'strips of about one width' },
      minutes: { active: 2, waiting: 0 },
    },
  ),
  variant(halve, 'cut-wedges', 'cut into wedges', 'cut into wedges|slice into wedges', {
    small: ['Cut {thing} in half.', 'Lay a half on its flat side.', 'Cut it into three parts, like a cake.', DOWN],
    cues: { see: 'wedges of about one size' },
    minutes: { active: 1, waiting: 0 },
  }),
  variant(halve, 'quarter', 'cut into quarters', 'quarter|cut into quarters|cut in quarters|cut into four', {
    small: ['Cut {thing} in half with a bridge hand.', 'Turn a half flat side down.', 'Cut it in half again.', DOWN],
    cues: { see: 'four parts of one size' },
    minutes: { active: 1, waiting: 0 },
  }),
  variant(
    dice,
    'cut-pieces',
    'cut into pieces',
    'cut into chunks|cut into pieces|cut into large pieces|cut into bite-sized pieces|cut into small pieces|cut up|cut into florets|cut into bite',
    {
      small: [
        'Hold {thing} with a claw hand.',
        'Cut off a piece about as big as your thumb.',
        'Cut the next piece to the same size.',
        DOWN,
      ],
      cues: { see: 'pieces of about one size' },
      minutes: { active: 1.7, waiting: 0 },
    },
  ),
  variant(trim, 'core', 'take out the core', 'core|remove core|cut out core|remove cores', {
    tools: ['knife', 'board'],
    small: [
      'Stand {thing} on the board.',
      'Cut it into quarters.',
      'Lay a quarter on its side.',
      'Cut out the hard middle with the seeds.',
      DOWN,
    ],
    cues: { see: 'no seeds, no hard middle', feel: 'smooth where the core was' },
    minutes: { active: 1, waiting: 0 },
  }),
  variant(trim, 'deseed', 'take out the seeds', 'deseed|de-seed|seed|remove seeds|scoop out seeds|scrape out seeds', {
    tools: ['knife', 'board', 'spoon'],
    small: ['Cut {thing} in half.', 'Scrape the seeds out with a spoon.', 'Tap the half on the board.', 'Put the seeds in the bin.'],
    cues: { see: 'no seeds left', feel: 'no seeds under the finger' },
    minutes: { active: 1, waiting: 0 },
  }),
  variant(trim, 'pit', 'take out the stone', 'pit|stone|destone|de-stone|remove stone|remove pit|remove stones', {
    tools: ['knife', 'board', 'spoon'],
    small: [
      'Cut {thing} all round, down to the stone.',
      'Twist the halves apart.',
      'Lift the stone out with a spoon.',
      'Put the stone in the bin.',
    ],
    cues: { see: 'no stone left', feel: 'a hollow where the stone was' },
    minutes: { active: 1, waiting: 0 },
  }),
  variant(trim, 'hull', 'take off the stalk', 'hull|remove stalks|remove stalk|remove stems|remove leaves', {
    small: [
      'Hold {thing} by its sides.',
      'Push the tip of the knife in under the leaves.',
      'Turn {thing} round.',
      'Lift the stalk off.',
      DOWN,
    ],
    cues: { see: 'no green on top' },
    minutes: { active: 0.7, waiting: 0 },
  }),
  variant(grate, 'zest', 'grate the skin off', 'zest|finely grate zest|grate rind', {
    small: [
      'Hold the fine side of the grater over a plate.',
      'Rub {thing} across once.',
      'Turn {thing} a little.',
      'Stop where the skin turns white.',
    ],
    cues: { see: 'only white is left on the fruit', smell: 'a strong fresh smell' },
    minutes: { active: 1, waiting: 0 },
  }),
  variant(tear, 'crumble', 'crumble', 'crumble|crumble up|crumble in', {
    small: ['Hold {thing} over {place}.', 'Press it between finger and thumb.', 'Let the crumbs fall.'],
    cues: { see: 'crumbs as big as peas', feel: 'no large lumps' },
    minutes: { active: 0.7, waiting: 0 },
  }),
  variant(
    tear,
    'break-up',
    'break into pieces',
    'break up|break into pieces|break into|snap|snap in half|break in half|break apart|break',
    {
      small: ['Hold {thing} at both ends.', 'Bend it until it breaks.', 'Break the pieces again.'],
      cues: { see: 'small pieces', hear: 'a snap' },
      minutes: { active: 0.7, waiting: 0 },
    },
  ),
  variant(tear, 'flake', 'flake with a fork', 'flake', {
    tools: ['fork'],
    small: ['Hold {place} with one hand.', 'Push the fork into {thing}.', 'Pull it apart.', 'Look for bones and take them out.'],
    cues: { see: 'small flat pieces, no bones', feel: 'soft pieces, nothing hard' },
  }),
  variant(
    tear,
    'pull-apart',
    'pull apart with forks',
    'pull apart|shred with forks|shred with two forks|shred with a fork|shred by hand|pull into',
    {
      tools: ['fork'],
      small: [
        'Hold {thing} still with one fork.',
        'Push the other fork in beside it.',
        'Pull the forks apart.',
        'Do it until all is in shreds.',
      ],
      cues: { see: 'thin shreds' },
      minutes: { active: 2, waiting: 0 },
    },
  ),
  variant(tear, 'pick', 'pick the leaves off', 'pick|pick off|pick leaves|strip leaves|strip', {
    small: ['Hold the stem at the top.', 'Pull the leaves off downwards.', 'Put the stem in the bin.'],
    cues: { see: 'leaves without stems' },
  }),
  variant(mash, 'crush', 'crush into crumbs', 'crush|smash|bash|crush up', {
    tools: ['rolling-pin'],
    small: ['Put {thing} in a bag and close it.', 'Press with {tool}, not hard.', 'Turn the bag and press again.'],
    cues: { see: 'crumbs, no large pieces', hear: 'the crunching stops' },
  }),
  variant(byHand, 'shell', 'take out of the shell or husk', 'shell|pod|shuck|husk|unshell', {
    small: ['Hold {thing}.', 'Press or pull until it opens.', 'Take out what is eaten.', 'Put the shell in the bin.'],
    cues: { see: 'no shell left', feel: 'nothing hard' },
    minutes: { active: 2, waiting: 0 },
  }),
  variant(prick, 'score', 'score with a knife', 'score|slash|cut a cross|make slits|make a slit|cut slits', {
    tools: ['knife', 'board'],
    hazards: ['sharp'],
    supervision: 'within-reach',
    small: ['Hold {thing} steady on the board.', 'Draw the tip of the knife across, not deep.', 'Make the next cut beside it.', DOWN],
    cues: { see: 'shallow lines, not cut through' },
  }),
  variant(beat, 'whisk', 'whisk', 'whisk|whisk together|whisk until smooth', {
    small: ['Hold {place} with one hand.', 'Put the whisk in.', 'Go round fast, from the wrist.', 'Stop when there are no lumps.'],
    cues: { see: 'no lumps, small bubbles', hear: 'a soft tapping' },
  }),
  variant(beat, 'whip', 'whip until stiff', 'whip|whip up|whip until', {
    small: ['Hold {place} with one hand.', 'Whisk fast.', 'Lift the whisk and look.', 'Stop when it stands up.'],
    cues: { see: 'it stands up when you lift the whisk', feel: 'the whisk gets harder to move' },
    minutes: { active: 3, waiting: 0 },
  }),
  variant(beat, 'beat-machine', 'beat with the electric mixer', 'beat|whisk|whip|cream|mix', {
    only: ['mixer'],
    tools: ['mixer', 'large-bowl'],
    hazards: ['electric'],
    supervision: 'within-reach',
    demands: ['two-hands', 'noise', 'strong-grip'],
    small: [
      'Dry your hands.',
      'Put the beaters in the bowl, then plug in.',
      'Turn it on low.',
      'Move it slowly round the bowl.',
      'Turn it off before you lift it out.',
      'Unplug it.',
    ],
    cues: { see: 'pale and fluffy', hear: 'the sound gets softer' },
    minutes: { active: 2.5, waiting: 0 },
  }),
  variant(mix, 'dissolve', 'stir until dissolved', 'dissolve|stir to dissolve|stir until dissolved', {
    small: ['Hold {place} with one hand.', 'Stir round and round.', 'Stop and look at the bottom.', 'Stir until nothing is left there.'],
    cues: { see: 'nothing on the bottom', feel: 'no grit under the spoon' },
  }),
  variant(mix, 'mix-by-hand', 'bring together by hand', 'mix with your hands|bring together with your hands|work together|use your hands', {
    tools: [],
    hazards: [],
    demands: ['two-hands', 'wet-sticky'],
    small: ['Wash your hands.', 'Press the mix together.', 'Turn the bowl and press again.', 'Stop when it is one ball.'],
    cues: { see: 'one ball, a clean bowl', feel: 'holds together' },
    minutes: { active: 2, waiting: 0 },
  }),
  variant(crack, 'separate-egg', 'separate an egg', 'separate', {
    only: ['egg'],
    small: [
      'Crack the egg into a small bowl.',
      'Scoop up the yolk with a spoon.',
      'Put the yolk in another bowl.',
      'Put the shell in the bin.',
      'Wash your hands.',
    ],
    cues: { see: 'no yellow in the white' },
    minutes: { active: 1.5, waiting: 0 },
  }),
  variant(soak, 'marinate', 'marinate', 'marinate|leave to marinate', {
    tools: ['bowl', 'fridge'],
    small: ['Put {thing} in the bowl with the sauce.', 'Turn it until it is covered.', 'Cover the bowl.', 'Put it in the fridge.'],
    cues: { time: 'the timer rings', see: 'covered all over' },
    minutes: { active: 1, waiting: 30 },
  }),
  variant(toss, 'coat', 'coat', 'coat|dredge|roll in|coat in|coat with|cover in', {
    tools: ['plate'],
    small: ['Put {thing} on the plate with the coating.', 'Turn it over.', 'Press lightly.', 'Shake off what is loose.'],
    demands: ['fine-aim', 'wet-sticky'],
    cues: { see: 'covered all over, no bare places' },
  }),
  variant(add, 'dip', 'dip', 'dip|dunk|dip into', {
    small: ['Hold {thing} at the edge.', 'Lower it into {place}.', 'Turn it over.', 'Lift it out and let it drip.'],
    cues: { see: 'wet all over' },
  }),
  variant(add, 'layer', 'lay in layers or in order', 'layer|arrange|lay|lay out|line up|place in a single layer|spread in a single layer', {
    small: ['Pick up one piece of {thing}.', 'Lay it flat in {place}.', 'Lay the next one beside it.'],
    cues: { see: 'one beside the other, none on top' },
    minutes: { active: 1, waiting: 0 },
  }),
  variant(add, 'press-in', 'press in', 'press into|press in|press down|pat into|press', {
    motif: 'press',
    small: ['Put {thing} in {place}.', 'Press it flat with the back of a spoon.', 'Press into the corners.'],
    cues: { see: 'flat, up to the edge', feel: 'firm' },
    minutes: { active: 1, waiting: 0 },
  }),
  variant(add, 'scrape', 'scrape out', 'scrape|scrape down|scrape out|scrape into', {
    tools: ['spatula'],
    small: ['Hold {place} at a slant.', 'Push the spatula along the side.', 'Wipe the spatula on the rim.'],
    cues: { see: 'the sides are clean' },
  }),
  variant(add, 'reserve', 'keep some for later', 'reserve|set aside|save|keep aside|put aside|put to one side', {
    tools: ['small-bowl'],
    small: ['Put {thing} in a small bowl.', 'Put the bowl to the side.', 'Remember: it is for later.'],
    demands: ['memory'],
    cues: { see: 'a small bowl stands to the side' },
  }),
  variant(spoon, 'stuff', 'fill or stuff', 'stuff|stuff with', {
    small: ['Hold {thing} open.', 'Fill the spoon.', 'Push the filling in.', 'Stop when it is full.'],
    cues: { see: 'full, nothing falls out' },
    minutes: { active: 1, waiting: 0 },
  }),
  variant(spoon, 'scoop-out', 'scoop out', 'scoop out|hollow out|spoon out', {
    small: ['Hold {thing} with one hand.', 'Push the spoon in at the edge.', 'Lift out the inside.', 'Leave the skin whole.'],
    cues: { see: 'the skin is empty and whole' },
    minutes: { active: 1, waiting: 0 },
  }),
  variant(pour, 'drizzle', 'drizzle', 'drizzle|drizzle over|drizzle with|trickle', {
    tools: ['spoon'],
    demands: ['fine-aim'],
    small: ['Fill the spoon.', 'Hold it high over {place}.', 'Tip it a little.', 'Move your hand to and fro.'],
    cues: { see: 'thin lines all over' },
  }),
  variant(pour, 'ladle', 'ladle', 'ladle|ladle into|ladle over', {
    tools: ['ladle'],
    small: ['Dip the ladle in.', 'Lift it straight up.', 'Hold it over {place}.', 'Tip it slowly.'],
    cues: { see: 'each bowl is as full' },
    minutes: { active: 1, waiting: 0 },
  }),
  variant(pour, 'fill-pan', 'fill with water', 'fill', {
    only: ['saucepan', 'large-pan', 'sink', 'kettle-water'],
    tools: ['tap', 'saucepan'],
    small: ['Put {place} under the tap.', 'Turn on the cold tap.', 'Stop when it is full enough.', 'Lift it with both hands.'],
    cues: { see: 'water up to the mark', hear: 'the sound rises as it fills' },
  }),
  variant(pour, 'thin', 'thin with liquid', 'thin|dilute|top up|loosen with', {
    small: ['Pour in a little.', 'Stir.', 'Look how thick it is.', 'Pour in a little more if it is too thick.'],
    cues: { see: 'it runs off the spoon' },
  }),
  variant(sprinkle, 'season', 'season', 'season|season with|season to taste|add salt', {
    small: ['Take a pinch.', 'Sprinkle it over {place}.', 'Stir.', 'Add more only if it is wanted.'],
    cues: { see: 'spread all over' },
  }),
  variant(sprinkle, 'dust', 'dust', 'dust|dust with|flour', {
    tools: ['sieve'],
    small: ['Take a little between finger and thumb.', 'Hold it high.', 'Shake it over {place}.'],
    cues: { see: 'a thin layer all over' },
  }),
  variant(sprinkle, 'top', 'put on top', 'top|top with|pile on top', {
    small: ['Take some of {thing}.', 'Lay it on top.', 'Spread it to the edge.'],
    cues: { see: 'the top is covered' },
  }),
  variant(sprinkle, 'garnish', 'garnish', 'garnish|garnish with|decorate|decorate with', {
    small: ['Take a little of {thing}.', 'Lay it on top.', 'Look whether it is nice.'],
    cues: { see: 'it looks nice' },
  }),
  variant(spread, 'level', 'make the top flat', 'level|level off|smooth|smooth over|even out|flatten the top', {
    tools: ['spatula'],
    small: ['Lay the spatula flat on top.', 'Pull it across.', 'Fill the hollows.'],
    cues: { see: 'flat on top', feel: 'even under the spatula' },
  }),
  variant(shape, 'divide', 'divide', 'divide|divide into|split into|cut the dough', {
    small: ['Pull {thing} in half.', 'Pull each half in half.', 'Look whether they are of one size.'],
    cues: { see: 'pieces of one size', feel: 'about as heavy' },
    minutes: { active: 1.5, waiting: 0 },
  }),
  variant(shape, 'cut-out', 'cut out with a cutter', 'cut out|stamp out|cut rounds|cut into rounds with|cut circles', {
    tools: ['cutter'],
    hazards: ['edge'],
    small: [
      'Dip the cutter in flour.',
      'Press it straight down.',
      'Lift it up.',
      'Put the piece on the tray.',
      'Press again, close beside.',
    ],
    cues: { see: 'whole shapes, little left between' },
  }),
  variant(shape, 'wrap', 'wrap', 'wrap|wrap up|wrap in|wrap around', {
    small: ['Lay {thing} in the middle.', 'Fold one side over.', 'Fold the other side over.', 'Press it down.'],
    cues: { see: 'nothing looks out' },
    minutes: { active: 1, waiting: 0 },
  }),
  variant(shape, 'roll-up', 'roll up', 'roll up|roll tightly|roll it up', {
    small: ['Put your hands on the near edge.', 'Fold it over the filling.', 'Roll it away from you.', 'Put the end underneath.'],
    cues: { see: 'a tight roll, the end is below' },
    minutes: { active: 1, waiting: 0 },
  }),
  variant(shape, 'fold-over', 'fold over', 'fold over|fold in half|fold up|fold in the sides|fold in sides|fold in the edges|fold sides', {
    small: ['Hold one edge.', 'Lift it over to the other side.', 'Press it down.'],
    cues: { see: 'the edges lie on each other' },
    minutes: { active: 0.5, waiting: 0 },
  }),
  variant(shape, 'seal', 'press the edges together', 'seal|crimp|pinch|pinch together|press edges|press together', {
    small: ['Wet the edge with a finger.', 'Put the edges together.', 'Press all round with a fork.'],
    cues: { see: 'no gap all round', feel: 'it does not open' },
    minutes: { active: 1, waiting: 0 },
  }),
  variant(knead, 'knock-back', 'knock back', 'knock back|punch down|knock down', {
    small: ['Press your fist into the middle.', 'Fold the edges in.', 'Turn it over.'],
    cues: { see: 'flat again', hear: 'air comes out' },
    minutes: { active: 1, waiting: 0 },
  }),
  variant(brush, 'grease', 'grease', 'grease|oil|lightly oil|butter the', {
    small: ['Put a little butter or oil on paper.', 'Rub it all over the inside.', 'Rub the corners.'],
    cues: { see: 'shines all over', feel: 'slippery in the corners' },
  }),
  variant(brush, 'baste', 'spoon juices over', 'baste', {
    tools: ['spoon'],
    hazards: ['hot'],
    supervision: 'within-reach',
    small: ['Put on the oven gloves.', 'Fill the spoon from the bottom.', 'Pour it over the top.'],
    cues: { see: 'the top is wet and shines' },
  }),
  variant(drain, 'strain', 'strain through a sieve', 'strain|strain through|pass through', {
    small: ['Put the sieve over a bowl.', 'Pour {thing} in slowly.', 'Press with a spoon.', 'Keep what is wanted.'],
    cues: { see: 'no more drips' },
  }),
  variant(drain, 'squeeze-out', 'squeeze the water out', 'squeeze out|squeeze dry|press out', {
    tools: ['sieve'],
    demands: ['strong-grip', 'wet-sticky'],
    small: ['Put {thing} in the sieve.', 'Press down with a spoon.', 'Stop when no water comes.'],
    cues: { see: 'no more water comes', feel: 'nearly dry' },
  }),
  variant(mix, 'make-well', 'make a hollow', 'make well|make wells|make a well|make hole|make dent|make hollow|make holes', {
    small: ['Push the spoon into the middle.', 'Turn it round until there is a hollow.', 'Lift it out.'],
    cues: { see: 'a hollow, the sides stand' },
    minutes: { active: 0.4, waiting: 0 },
  }),
  technique('repeat', 'do it again with the rest', 'repeat|do the same|carry on with', {
    phase: 'prepare',
    motif: 'look',
    tools: [],
    hazards: [],
    supervision: 'none',
    small: ['Take the next one.', 'Do the same steps again.', 'Stop when none is left.'],
    demands: ['memory', 'count'],
    cues: { see: 'none is left' },
    minutes: { active: 3, waiting: 0 },
  }),
  technique('flour-surface', 'dust the table with flour', 'dust|flour|sprinkle', {
    only: ['surface', 'worktop', 'work', 'counter', 'table'],
    like: 'sprinkle',
    phase: 'prepare',
    motif: 'sprinkle',
    tools: [],
    hazards: ['raw-flour'],
    supervision: 'none',
    small: ['Take a little flour.', 'Hold it high over the table.', 'Shake it all over.'],
    demands: ['fine-aim'],
    cues: { see: 'a thin white layer', feel: 'dry under the hand' },
    minutes: { active: 0.4, waiting: 0 },
  }),
];
