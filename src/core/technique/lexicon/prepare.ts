// Techniques of preparing: rinse, open, measure, cut, mix. Produce after FDA (cold running water, no soap); raw egg and flour after USDA FSIS and FDA; knife holds common practice.
import { technique } from '../entry';

const cutting = { phase: 'prepare', motif: 'cut', hazards: ['sharp'], supervision: 'within-reach', makes: 'cut', tools: ['knife', 'board'] } as const;
const cutSteps = (last: string) => ['Put {thing} on the board, flat side down.', 'Hold it with a claw hand, finger tips tucked in.', 'Put the knife on {thing}.', last, 'Put the knife down flat, away from the edge.'];

export const PREPARE = [
  technique('measure', 'fill a measure', 'measure|fill|level|weigh out', {
    phase: 'prepare', motif: 'fill', tools: [], hazards: [], supervision: 'none', makes: 'measured',
    small: ['Pick up {tool}.', 'Fill it, away from the bowl.', 'Level the top with a flat edge.', 'Tip it into {place}.'],
    demands: ['fine-aim', 'sight', 'count', 'fraction'],
    cues: { see: 'full to the top and flat', feel: 'level under a flat edge' }, minutes: { active: 0.5, waiting: 0 },
  }),
  technique('weigh', 'weigh', 'weigh', {
    phase: 'prepare', motif: 'fill', tools: ['scale', 'small-bowl'], hazards: [], supervision: 'none', makes: 'measured',
    small: ['Turn on the scale.', 'Put the bowl on the scale.', 'Press zero.', 'Add {thing} bit by bit until the number is right.'],
    demands: ['fine-aim', 'sight', 'read-number'],
    cues: { see: 'the scale shows the number' }, minutes: { active: 1, waiting: 0 },
  }),
  technique('rinse', 'rinse', 'rinse|wash|scrub|wet', {
    phase: 'prepare', motif: 'rinse', tools: ['tap'], hazards: [], supervision: 'none', makes: 'rinsed',
    small: ['Turn on the cold tap.', 'Hold {thing} under the water.', 'Rub it all over with your hands.', 'Turn off the tap.', 'Pat it dry.'],
    demands: ['two-hands', 'wet-sticky', 'reach'],
    cues: { see: 'no dirt, the sticker is off', feel: 'no grit' }, minutes: { active: 0.5, waiting: 0 },
  }),
  technique('peel', 'peel with a peeler', 'peel|pare', {
    phase: 'prepare', motif: 'peel', tools: ['peeler', 'board'], hazards: ['sharp'], supervision: 'within-reach', makes: 'peeled',
    small: ['Lay {thing} on the board.', 'Hold one end.', 'Push the peeler away from you.', 'Turn {thing} a little.', 'Peel until no skin is left.'],
    demands: ['two-hands', 'strong-grip', 'fine-aim', 'sight'],
    cues: { see: 'no skin left', feel: 'wet and smooth all round' }, minutes: { active: 1.5, waiting: 0 },
  }),
  technique('peel-by-hand', 'peel by hand', 'peel', {
    only: ['banana', 'orange', 'garlic', 'hard-boiled-egg', 'onion', 'shell'], phase: 'prepare', motif: 'peel', tools: [], hazards: [], supervision: 'none', makes: 'peeled',
    small: ['Hold {thing}.', 'Break the skin at the top.', 'Pull the skin off in strips.', 'Put the skin in the bin.'],
    demands: ['two-hands', 'fine-aim', 'wet-sticky'],
    cues: { see: 'no skin left', feel: 'soft all round' }, minutes: { active: 0.7, waiting: 0 },
  }),
  technique('trim', 'trim the ends', 'trim|top and tail|core|deseed|seed|pit|stone|destone|hull|remove seeds', {
    ...cutting, small: cutSteps('Cut off the part that is not eaten.'), demands: ['two-hands', 'fine-aim', 'sight', 'strong-grip'],
    cues: { see: 'no ends, seeds or core left' }, minutes: { active: 0.7, waiting: 0 },
  }),
  technique('slice', 'slice', 'slice|thinly slice|cut into slices|cut into rounds|cut into strips|julienne|shave', {
    ...cutting, small: cutSteps('Saw down to the board. Move the hand back and cut again.'), demands: ['two-hands', 'fine-aim', 'sight', 'strong-grip'],
    cues: { see: 'all slices about as thick as a finger', feel: 'flat, even slices' }, minutes: { active: 1.5, waiting: 0 },
  }),
  technique('dice', 'dice', 'dice|cube|cut into cubes|cut into chunks|cut into pieces', {
    ...cutting, small: ['Slice {thing}.', 'Stack a few slices.', 'Cut them into strips.', 'Turn the strips and cut across.', 'Put the knife down flat, away from the edge.'],
    demands: ['two-hands', 'fine-aim', 'sight', 'strong-grip'],
    cues: { see: 'cubes of about one size' }, minutes: { active: 2, waiting: 0 },
  }),
  technique('chop', 'chop', 'chop|mince|finely chop|roughly chop|chop up|cut|cut up|shred|carve', {
    ...cutting, small: cutSteps('Cut down to the board, again and again.'), demands: ['two-hands', 'fine-aim', 'sight', 'strong-grip'],
    cues: { see: 'small pieces, no big ones left' }, minutes: { active: 2, waiting: 0 },
  }),
  technique('halve', 'cut in half or quarters', 'halve|quarter|cut in half|cut into quarters|cut in two|cut into wedges|split', {
    ...cutting, small: ['Hold {thing} with a bridge hand: thumb on one side, fingers on the other.', 'Put the knife under the bridge.', 'Saw down to the board.', 'Put the knife down flat, away from the edge.'],
    demands: ['two-hands', 'fine-aim', 'sight'],
    cues: { see: 'two parts of one size' }, minutes: { active: 0.7, waiting: 0 },
  }),
  technique('grate', 'grate', 'grate|zest|shred on grater', {
    phase: 'prepare', motif: 'grate', tools: ['grater', 'plate'], hazards: ['sharp'], supervision: 'within-reach', makes: 'cut',
    small: ['Stand the grater on a plate.', 'Hold the top of the grater.', 'Push {thing} down the holes.', 'Stop while the piece is still bigger than your thumb.'],
    demands: ['two-hands', 'strong-grip', 'fine-aim', 'sight'],
    cues: { see: 'a heap of shreds', feel: 'stop when the piece is small' }, minutes: { active: 2, waiting: 0 },
  }),
  technique('tear', 'tear', 'tear|rip|tear up|shred by hand|pull apart|break up|crumble|pick', {
    phase: 'prepare', motif: 'tear', tools: [], hazards: [], supervision: 'none', makes: 'cut',
    small: ['Pick up {thing}.', 'Pull it apart with your fingers.', 'Put the small pieces in {place}.'],
    demands: ['two-hands', 'fine-aim', 'wet-sticky'],
    cues: { see: 'pieces the size of a stamp' }, minutes: { active: 1, waiting: 0 },
  }),
  technique('snip', 'snip with scissors', 'snip|cut with scissors', {
    phase: 'prepare', motif: 'cut', tools: ['scissors', 'small-bowl'], hazards: ['sharp'], supervision: 'within-reach', makes: 'cut',
    small: ['Hold {thing} over a bowl.', 'Open the scissors.', 'Snip small pieces into the bowl.', 'Close the scissors and put them down.'],
    demands: ['two-hands', 'fine-aim', 'sight'],
    cues: { see: 'small pieces', hear: 'a snip for each cut' }, minutes: { active: 1, waiting: 0 },
  }),
  technique('crush-garlic', 'crush', 'crush|press|bash', {
    phase: 'prepare', motif: 'press', tools: ['garlic-press'], hazards: [], supervision: 'nearby', makes: 'cut',
    small: ['Open the press.', 'Put {thing} in.', 'Squeeze the handles together.', 'Scrape off what comes out.'],
    demands: ['strong-grip', 'two-hands'],
    cues: { see: 'nothing whole is left', smell: 'a strong smell' }, minutes: { active: 0.7, waiting: 0 },
  }),
  technique('juice', 'squeeze the juice out', 'juice|squeeze|squeeze out', {
    phase: 'prepare', motif: 'squeeze', tools: ['juicer', 'small-bowl'], hazards: [], supervision: 'none',
    small: ['Put the half on the juicer, cut side down.', 'Press and turn.', 'Take out the pips.'],
    demands: ['strong-grip', 'wet-sticky', 'smell'],
    cues: { see: 'no more drops come', feel: 'the half is soft and empty' }, minutes: { active: 0.7, waiting: 0 },
  }),
  technique('crack-egg', 'crack an egg', 'crack|break', {
    only: ['egg'], phase: 'prepare', motif: 'crack', tools: ['small-bowl'], hazards: ['raw-egg'], supervision: 'nearby', makes: 'cracked',
    small: ['Pick up the egg.', 'Tap it on the rim of {place}.', 'Put both thumbs in the crack.', 'Pull the shell apart over {place}.', 'Look for bits of shell.', 'Put the shell in the bin.', 'Wash your hands.'],
    demands: ['two-hands', 'fine-aim', 'wet-sticky', 'sight'],
    cues: { see: 'no shell in the bowl', hear: 'a crack' }, minutes: { active: 0.7, waiting: 0 },
  }),
  technique('beat', 'beat', 'beat|whisk|whip|beat together|whisk together|whip up', {
    phase: 'prepare', motif: 'whisk', tools: ['whisk'], hazards: [], supervision: 'none', makes: 'mixed',
    small: ['Hold {place} with one hand.', 'Put {tool} in.', 'Beat in fast circles.', 'Stop when it is all one colour.'],
    demands: ['two-hands', 'strong-grip'],
    cues: { see: 'one colour, small bubbles', hear: 'a soft slapping sound' }, minutes: { active: 1.5, waiting: 0 },
  }),
  technique('cream', 'cream butter and sugar', 'cream|cream together', {
    only: ['butter', 'margarine', 'sugar'], phase: 'prepare', motif: 'stir', tools: ['wooden-spoon', 'large-bowl'], hazards: [], supervision: 'none', makes: 'mixed',
    small: ['Hold the bowl.', 'Press the butter and the sugar together with the spoon.', 'Beat until it is pale.'],
    demands: ['two-hands', 'strong-grip'],
    cues: { see: 'pale and fluffy', feel: 'soft, the spoon moves easily' }, minutes: { active: 4, waiting: 0 },
  }),
  technique('mix', 'mix', 'mix|stir|combine|mix together|stir together|blend together|stir in|mix in|mix through|swirl|stir through|beat in|whisk in|work in|dissolve|toss together', {
    phase: 'prepare', motif: 'stir', tools: ['spoon'], hazards: [], supervision: 'none', makes: 'mixed',
    small: ['Hold {place} with one hand.', 'Put {tool} in.', 'Stir round and round, down to the bottom.', 'Stop when it all looks the same.'],
    demands: ['two-hands'],
    cues: { see: 'no dry bits, one colour', feel: 'smooth when you stir' }, minutes: { active: 1, waiting: 0 },
  }),
  technique('fold', 'fold in', 'fold|fold in|fold into|fold through', {
    phase: 'prepare', motif: 'stir', tools: ['spatula'], hazards: [], supervision: 'none', makes: 'mixed',
    small: ['Put the spatula down the side.', 'Lift from the bottom over the top.', 'Turn the bowl a little.', 'Do it again, slowly.'],
    demands: ['two-hands', 'fine-aim'],
    cues: { see: 'no streaks left', feel: 'still light' }, minutes: { active: 1.5, waiting: 0 },
  }),
  technique('toss', 'toss', 'toss|coat|turn in|shake', {
    phase: 'prepare', motif: 'stir', tools: ['spoon'], hazards: [], supervision: 'none', makes: 'mixed',
    small: ['Put two spoons under {thing}.', 'Lift and let it fall.', 'Do it until all is coated.'],
    demands: ['two-hands'],
    cues: { see: 'all pieces shine' }, minutes: { active: 0.7, waiting: 0 },
  }),
  technique('mash', 'mash', 'mash|crush with a fork|squash|puree with a fork', {
    phase: 'prepare', motif: 'mash', tools: ['masher'], hazards: [], supervision: 'none', makes: 'cut',
    small: ['Hold {place} with one hand.', 'Press {tool} down.', 'Lift and press in a new place.', 'Stop when no lumps are left.'],
    demands: ['strong-grip', 'two-hands'],
    cues: { see: 'no lumps', feel: 'soft, no hard bits' }, minutes: { active: 1.5, waiting: 0 },
  }),
  technique('blend', 'blend in a machine', 'blend|puree|purée|process|blitz|whizz|liquidise|pulse|grind', {
    phase: 'prepare', motif: 'switch-on', tools: ['blender'], hazards: ['sharp', 'electric'], supervision: 'within-reach', makes: 'mixed',
    small: ['Check that the lid is on.', 'Dry your hands.', 'Plug it in.', 'Hold the lid and press the button.', 'Let go of the button and wait until it stops.', 'Unplug it.'],
    demands: ['noise', 'two-hands', 'judge-doneness'],
    cues: { see: 'smooth, no lumps', hear: 'the sound becomes even' }, minutes: { active: 1.5, waiting: 0 },
  }),
  technique('rub-in', 'rub in', 'rub in|rub into|rub together|rub', {
    phase: 'prepare', motif: 'press', tools: ['large-bowl'], hazards: ['raw-flour'], supervision: 'none', makes: 'mixed',
    small: ['Pick up some of the mix.', 'Rub it between thumbs and fingers.', 'Let it fall back.', 'Go on until it looks like crumbs.'],
    demands: ['two-hands', 'fine-aim', 'wet-sticky'],
    cues: { see: 'fine crumbs', feel: 'no lumps of fat' }, minutes: { active: 4, waiting: 0 },
  }),
  technique('knead', 'knead', 'knead', {
    phase: 'prepare', motif: 'knead', tools: [], hazards: ['raw-flour'], supervision: 'none', makes: 'mixed',
    small: ['Push the dough away with the heel of your hand.', 'Fold it back.', 'Turn it a little.', 'Push again.'],
    demands: ['two-hands', 'strong-grip', 'wet-sticky', 'standing'],
    cues: { see: 'smooth dough', feel: 'springs back when you press' }, minutes: { active: 5, waiting: 0 },
  }),
  technique('roll-out', 'roll out', 'roll out|flatten|pat out|press out|roll flat|pat', {
    phase: 'prepare', motif: 'roll', tools: ['rolling-pin'], hazards: ['raw-flour'], supervision: 'none',
    small: ['Dust the table with flour.', 'Put the pin on the dough.', 'Push away from you.', 'Turn the dough a little and roll again.'],
    demands: ['two-hands', 'strong-grip'],
    cues: { see: 'one thickness all over', feel: 'no thick places' }, minutes: { active: 2, waiting: 0 },
  }),
  technique('shape', 'shape', 'shape|form|roll into|roll|divide|cut out|make into|mould|mold|stamp out|wrap|roll up|fold over|twist|crimp|seal|pinch', {
    phase: 'prepare', motif: 'shape', tools: [], hazards: [], supervision: 'none',
    small: ['Take one piece.', 'Roll or press it in your hands.', 'Put it down in its place.', 'Take the next piece.'],
    demands: ['two-hands', 'fine-aim', 'wet-sticky', 'count'],
    cues: { see: 'all of about one size', feel: 'smooth, holds together' }, minutes: { active: 3, waiting: 0 },
  }),
  technique('spread', 'spread', 'spread|smooth|butter|spread out|level off|smooth over', {
    phase: 'prepare', motif: 'spread', tools: ['table-knife'], hazards: [], supervision: 'none',
    small: ['Put some on the knife.', 'Lay the knife flat.', 'Pull it across to the edge.'],
    demands: ['two-hands', 'fine-aim'],
    cues: { see: 'covered to the edge' }, minutes: { active: 1, waiting: 0 },
  }),
  technique('brush', 'brush or grease', 'brush|grease|oil|glaze|baste', {
    phase: 'prepare', motif: 'spread', tools: ['pastry-brush'], hazards: [], supervision: 'none',
    small: ['Dip the brush.', 'Wipe it on the side.', 'Brush all over.'],
    demands: ['fine-aim', 'wet-sticky'],
    cues: { see: 'shines all over' }, minutes: { active: 0.7, waiting: 0 },
  }),
  technique('line', 'line a tin or tray', 'line', {
    phase: 'prepare', motif: 'line', tools: ['paper'], hazards: [], supervision: 'none',
    small: ['Tear off a piece of paper.', 'Lay it in.', 'Press it into the corners.'],
    demands: ['two-hands', 'fine-aim'],
    cues: { see: 'paper covers the bottom' }, minutes: { active: 0.7, waiting: 0 },
  }),
  technique('add', 'put in', 'add|put|place|tip|drop|throw in|empty|scrape|put in|tip in|transfer|return|add in|move|slide|press into|stuff|pile|load|scoop|lay|layer|arrange|lower|mound|set|set aside|dip|stack|toss in|position|reserve', {
    phase: 'prepare', motif: 'put-in', tools: [], hazards: [], supervision: 'none',
    small: ['Pick up {thing}.', 'Hold it over {place}.', 'Tip it in.', 'Scrape out what is left.'],
    demands: ['fine-aim'],
    cues: { see: 'nothing is left outside' }, minutes: { active: 0.4, waiting: 0 },
  }),
  technique('pour', 'pour', 'pour|pour in|pour over|drizzle|ladle|drizzle over|pour into', {
    phase: 'prepare', motif: 'pour', tools: [], hazards: [], supervision: 'none',
    small: ['Pick up {thing} with both hands.', 'Hold it over {place}.', 'Tilt it slowly.', 'Stop and stand it down.'],
    demands: ['two-hands', 'fine-aim', 'sight', 'strong-grip'],
    cues: { see: 'all is in, none beside', hear: 'the sound rises as it fills' }, minutes: { active: 0.4, waiting: 0 },
  }),
  technique('spoon', 'spoon', 'spoon|spoon over|dollop|spoon into|spoon in|scoop out|drop spoonfuls|fill each', {
    phase: 'prepare', motif: 'put-in', tools: ['spoon'], hazards: [], supervision: 'none',
    small: ['Fill the spoon.', 'Hold it over {place}.', 'Turn the spoon.', 'Do it again until it is all in.'],
    demands: ['fine-aim', 'sight'],
    cues: { see: 'all is in' }, minutes: { active: 0.7, waiting: 0 },
  }),
  technique('sprinkle', 'sprinkle', 'sprinkle|scatter|dust|top|garnish|season|crumble over|sprinkle over|scatter over|finish|dot|decorate|grate over', {
    phase: 'prepare', motif: 'sprinkle', tools: [], hazards: [], supervision: 'none',
    small: ['Take a little between finger and thumb.', 'Hold it high over {place}.', 'Rub and move your hand.', 'Do it until it is spread.'],
    demands: ['fine-aim'],
    cues: { see: 'spread all over' }, minutes: { active: 0.4, waiting: 0 },
  }),
  technique('sift', 'sift', 'sift|sieve|sift in|strain through', {
    phase: 'prepare', motif: 'sprinkle', tools: ['sieve'], hazards: [], supervision: 'none',
    small: ['Hold the sieve over the bowl.', 'Tip {thing} in.', 'Tap the side of the sieve.', 'Press the lumps through.'],
    demands: ['two-hands'],
    cues: { see: 'nothing left in the sieve' }, minutes: { active: 1, waiting: 0 },
  }),
  technique('drain', 'drain', 'drain|strain|drain off|tip off', {
    phase: 'prepare', motif: 'drain', tools: ['sieve'], hazards: [], supervision: 'nearby', makes: 'drained',
    small: ['Put {tool} in the sink.', 'Tip {thing} in, away from you.', 'Wait until it stops dripping.', 'Shake once.'],
    demands: ['two-hands', 'strong-grip', 'wet-sticky'],
    cues: { see: 'no more drips', hear: 'the dripping stops' }, minutes: { active: 0.7, waiting: 0 },
  }),
  technique('soak', 'soak or marinate', 'soak|marinate|steep|rehydrate', {
    phase: 'prepare', motif: 'wait', tools: ['bowl'], hazards: [], supervision: 'none',
    small: ['Put {thing} in a bowl.', 'Cover it.', 'Set the timer.', 'Wait.'],
    demands: ['waiting'],
    cues: { time: 'the timer rings', feel: 'soft' }, minutes: { active: 0.5, waiting: 15 },
  }),
  technique('prick', 'prick', 'prick|pierce|poke|score|stab', {
    phase: 'prepare', motif: 'prick', tools: ['fork'], hazards: [], supervision: 'nearby',
    small: ['Hold {thing} steady on the board.', 'Push the fork in and pull it out.', 'Turn it and prick again.'],
    demands: ['two-hands', 'strong-grip', 'fine-aim'],
    cues: { see: 'holes all over' }, minutes: { active: 0.5, waiting: 0 },
  }),
  technique('cover', 'cover', 'cover|put the lid on|wrap in|seal with|close|cover with', {
    phase: 'prepare', motif: 'cover', tools: ['lid'], hazards: [], supervision: 'none',
    small: ['Pick up the cover.', 'Put it on top.', 'Press the edge down.'],
    demands: ['two-hands'],
    cues: { see: 'closed all round' }, minutes: { active: 0.3, waiting: 0 },
  }),
  technique('pat-dry', 'pat dry', 'pat dry|dry|pat', {
    phase: 'prepare', motif: 'wipe', tools: ['cloth'], hazards: [], supervision: 'none',
    small: ['Lay {thing} on the cloth.', 'Press the cloth on top.', 'Turn it and press again.'],
    demands: ['two-hands', 'wet-sticky'],
    cues: { see: 'no drops', feel: 'dry' }, minutes: { active: 0.5, waiting: 0 },
  }),
]; // prettier-ignore
