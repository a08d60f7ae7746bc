// Techniques of heat, waiting and serving that are done like a more general one. Temperatures after USDA FSIS; handling of heat common practice.
import { entryOf, variant } from '../entry';
import { COOK } from './cook';

type T = (typeof COOK)[number];
const of = (id: string): T => entryOf(COOK, id);
const fry = of('fry');
const simmer = of('simmer');
const boil = of('boil');
const cook = of('cook');
const bake = of('bake');
const wait = of('wait');
const chill = of('chill');
const check = of('check-done');
const serve = of('serve');
const lift = of('lift-out');
const skim = of('skim');

const turn = of('turn-over');

export const VARIANTS_COOK = [
  // the tray and not what lies on it
  variant(turn, 'turn-round', 'turn round in the heat', 'turn round|turn around|rotate', {
    tools: ['oven-gloves'],
    small: ['Put on the oven gloves.', 'Hold {thing} at both ends.', 'Turn it until its back is at the front.'],
    cues: { see: 'the back is at the front' },
  }),
  variant(skim, 'skim-fat', 'spoon off the fat', 'spoon off fat|spoon off the fat|skim off the fat', {
    tools: ['spoon'],
    small: [
      'Push the food to one side.',
      'Put the spoon into the fat.',
      'Lift it into a cup.',
      'Let it go cold in the cup, then put it in the bin.',
    ],
    cues: { see: 'little fat is left', hear: 'it sizzles less' },
  }),
  variant(fry, 'stir-fry', 'stir-fry', 'stir-fry|stir fry', {
    tools: ['wok', 'hob', 'spatula'],
    small: ['Turn the handle in.', 'Put {thing} in, away from you.', 'Stir and lift all the time.', 'Stop when the timer rings.'],
    cues: { see: 'bright colours, hot all through', hear: 'it sizzles all the time', time: 'the timer rings' },
    minutes: { active: 4, waiting: 0 },
  }),
  variant(fry, 'brown', 'brown', 'brown|brown all over|seal the meat', {
    small: ['Turn the handle in.', 'Lay {thing} in, away from you.', 'Leave it until it lets go.', 'Turn it over.'],
    cues: { see: 'brown on each side, no pink', hear: 'the sizzle slows', measure: 'ground meat 71 °C, 160 °F when it is done' },
  }),
  variant(fry, 'soften', 'soften in a pan', 'soften|sweat|cook until soft', {
    small: ['Turn the ring to low.', 'Put {thing} in.', 'Stir now and then.', 'Stop when it is soft.'],
    cues: { see: 'soft and see-through, not brown', feel: 'soft under the spoon', hear: 'a quiet sizzle', time: 'the timer rings' },
  }),
  variant(fry, 'toast-dry', 'toast in a dry pan', 'toast|dry-fry|dry fry|toast in a pan', {
    only: ['frying-pan', 'saucepan', 'wok', 'dry'],
    small: ['Put the dry pan on the ring.', 'Put {thing} in.', 'Shake or stir all the time.', 'Tip it out at once when it smells.'],
    cues: { smell: 'a toasted smell', see: 'a little browner', hear: 'a soft popping' },
    minutes: { active: 3, waiting: 0 },
  }),
  variant(fry, 'caramelise', 'caramelise', 'caramelise|caramelize|cook until golden', {
    small: ['Turn the ring to low.', 'Stir now and then.', 'Stop when it is brown and sweet.'],
    cues: { see: 'brown and shiny', smell: 'a sweet smell', time: 'the timer rings' },
    minutes: { active: 8, waiting: 0 },
  }),
  variant(fry, 'wilt', 'wilt leaves', 'wilt|wilt down', {
    small: ['Put the leaves in.', 'Stir them down.', 'Stop when they are soft and small.'],
    cues: { see: 'soft and dark, much smaller', feel: 'soft' },
    minutes: { active: 1.5, waiting: 0 },
  }),
  variant(fry, 'scramble', 'scramble', 'scramble', {
    hazards: ['hot', 'splash', 'raw-egg'],
    small: ['Turn the ring to low.', 'Pour {thing} in.', 'Push it slowly across the pan.', 'Stop when nothing is runny.'],
    cues: { see: 'set, nothing runny', feel: 'soft lumps', measure: 'egg 71 °C, 160 °F' },
    minutes: { active: 4, waiting: 0 },
  }),
  variant(simmer, 'poach', 'poach', 'poach', {
    small: ['Turn the ring to low.', 'Slide {thing} into the water.', 'Set the timer.', 'Lift it out with a slotted spoon.'],
    tools: ['saucepan', 'hob', 'slotted-spoon'],
    cues: { see: 'the water hardly moves', feel: 'firm', time: 'the timer rings' },
    minutes: { active: 1, waiting: 5 },
  }),
  variant(simmer, 'reduce', 'boil down', 'reduce|boil down|thicken|cook down|reduce by half', {
    small: ['Take the lid off.', 'Let it bubble.', 'Stir now and then.', 'Stop when it is thick.'],
    cues: { see: 'thick: a spoon leaves a track', feel: 'it coats the spoon', time: 'the timer rings' },
    minutes: { active: 1, waiting: 10 },
  }),
  variant(boil, 'blanch', 'boil for a short time', 'blanch|parboil', {
    small: ['Wait for big bubbles.', 'Put {thing} in with a spoon.', 'Set the timer.', 'Lift it out into cold water.'],
    tools: ['saucepan', 'hob', 'slotted-spoon'],
    cues: { see: 'brighter in colour', feel: 'still firm', time: 'the timer rings' },
    minutes: { active: 1, waiting: 3 },
  }),
  variant(cook, 'steam', 'steam', 'steam', {
    hazards: ['hot', 'steam'],
    small: [
      'Put a little water in the pan.',
      'Put {thing} in the basket above it.',
      'Put the lid on.',
      'Set the timer.',
      'Open the lid away from your face.',
    ],
    cues: { see: 'steam all round', feel: 'a fork goes in easily', time: 'the timer rings' },
    minutes: { active: 1, waiting: 8 },
  }),
  variant(cook, 'slow-cook', 'cook in the slow cooker', 'slow cook|slow-cook|pressure cook|cook on low|cook on high', {
    only: ['slow-cooker'],
    tools: ['slow-cooker'],
    small: ['Look that the lid is on.', 'Turn the knob.', 'Set the timer.', 'Open the lid away from your face.'],
    hazards: ['hot', 'steam', 'electric'],
    cues: { time: 'the timer rings', feel: 'a fork goes in easily' },
    minutes: { active: 1, waiting: 240 },
  }),
  variant(of('heat-pan'), 'reheat', 'heat through', 'reheat|warm through|heat through|re-heat', {
    hazards: ['hot', 'steam'],
    small: ['Put the pan on the ring.', 'Stir so that it heats all through.', 'Look for steam all over.', 'Measure the middle.'],
    cues: { see: 'steam all over', measure: 'leftovers 74 °C, 165 °F', feel: 'hot all through' },
    minutes: { active: 1, waiting: 4 },
  }),
  variant(bake, 'roast', 'roast', 'roast|oven-roast', {
    small: ['Put on the mitts.', 'Open the oven door and lean back.', 'Slide {thing} onto the shelf.', 'Close the door.', 'Set the timer.'],
    cues: {
      see: 'brown at the edges',
      feel: 'a fork goes in easily',
      smell: 'a roasted smell',
      time: 'the timer rings',
      measure: 'poultry 74 °C, 165 °F',
    },
    minutes: { active: 1, waiting: 35 },
  }),
  variant(bake, 'grill', 'grill', 'grill|broil', {
    tools: ['grill', 'oven-gloves'],
    small: ['Put on the mitts.', 'Slide {thing} under the grill.', 'Stay and watch.', 'Take it out when it bubbles.'],
    cues: { see: 'golden, bubbling', smell: 'a toasted smell', time: 'the timer rings' },
    minutes: { active: 1, waiting: 5 },
  }),
  variant(bake, 'air-fry', 'cook in the air fryer', 'air fry|air-fry', {
    tools: ['air-fryer', 'oven-gloves'],
    hazards: ['hot', 'electric'],
    small: [
      'Pull out the basket.',
      'Put {thing} in, in one layer.',
      'Push the basket back.',
      'Set the time.',
      'Pull it out away from you.',
    ],
    cues: { hear: 'the bell', see: 'golden', feel: 'crisp' },
    minutes: { active: 1, waiting: 12 },
  }),
  variant(wait, 'rest', 'let it rest', 'rest|let rest|leave to rest|allow to rest|let it rest', {
    small: ['Leave it where it is.', 'Set the timer.', 'Do the next job or wait.'],
    cues: { time: 'the timer rings' },
    minutes: { active: 0.2, waiting: 5 },
  }),
  variant(wait, 'prove', 'let dough rise', 'prove|proof|rise|leave to rise|let rise|leave to prove|ferment', {
    small: ['Cover the bowl with a cloth.', 'Put it in a warm place.', 'Set the timer.', 'Look whether it is twice as big.'],
    tools: ['cloth', 'timer'],
    cues: { see: 'twice as big', feel: 'a finger leaves a dent', time: 'the timer rings' },
    minutes: { active: 0.5, waiting: 60 },
  }),
  variant(wait, 'set-timer', 'set the timer', 'set timer|set the timer|set a timer|start the timer', {
    small: ['Pick up the timer.', 'Turn or press until the number is right.', 'Press start.', 'Put it where all can hear it.'],
    cues: { see: 'the number goes down', hear: 'it ticks or beeps' },
    minutes: { active: 0.4, waiting: 0 },
  }),
  variant(chill, 'freeze', 'freeze', 'freeze|put in freezer|place in freezer', {
    tools: ['freezer'],
    small: ['Cover {thing}.', 'Open the freezer.', 'Put it flat on the shelf.', 'Close the door.'],
    cues: { feel: 'hard', time: 'as the recipe says' },
    minutes: { active: 0.4, waiting: 120 },
  }),
  variant(
    check,
    'taste',
    'taste',
    'taste|taste and adjust|check seasoning|check for seasoning|taste for seasoning|adjust seasoning|correct seasoning',
    {
      tools: ['teaspoon'],
      // hot where the food is, which the world knows
      hazards: [],
      small: ['Take a little on a clean spoon.', 'Blow on it.', 'Taste it.', 'Put the spoon in the washing-up.'],
      cues: { feel: 'warm, not hot, on the lip' },
      minutes: { active: 0.4, waiting: 0 },
    },
  ),
  variant(
    check,
    'take-temperature',
    'measure the temperature',
    'check with|check temperature|check the temperature|measure temperature|take the temperature|insert',
    {
      only: ['thermometer', 'temperature'],
      tools: ['thermometer'],
      small: [
        'Clean the tip of the thermometer.',
        'Push it into the thickest part.',
        'Wait until the number stands still.',
        'Read the number.',
        'Clean the tip again.',
      ],
      cues: { measure: 'poultry 74 °C, 165 °F; ground meat and egg 71 °C, 160 °F; fish and whole cuts 63 °C, 145 °F' },
      minutes: { active: 0.7, waiting: 0 },
    },
  ),
  variant(lift, 'turn-out', 'turn out of the tin', 'turn out|unmould|unmold|turn onto|invert|invert onto', {
    tools: ['oven-gloves', 'wire-rack'],
    small: ['Put the rack on top.', 'Hold both with gloves.', 'Turn them over together.', 'Lift the tin off.'],
    cues: { see: 'it lies whole on the rack' },
    minutes: { active: 1, waiting: 0 },
  }),
  variant(
    lift,
    'uncover',
    'take the lid off',
    'uncover|remove lid|take off lid|take lid off|remove foil|take off foil|remove the cover|peel back film|peel off film|remove film|take off film|remove cling film|peel back cling film|peel back foil|peel off foil',
    {
      tools: ['oven-gloves'],
      // whether it is hot and steams, the world knows
      hazards: [],
      supervision: 'within-reach',
      small: ['Put on the mitts.', 'Tilt the lid away from your face.', 'Let the steam out.', 'Put the lid down.'],
      cues: { see: 'the lid is off' },
      minutes: { active: 0.3, waiting: 0 },
    },
  ),
  variant(
    lift,
    'take-out-place',
    'take out of the microwave or fridge',
    'take out of microwave|remove from microwave|take from microwave|take out of fridge|take from fridge|remove from fridge|take out of freezer|remove from freezer',
    {
      only: ['microwave', 'fridge', 'freezer'],
      tools: [],
      small: ['Open the door.', 'Hold {place} with both hands.', 'Lift it out and put it down.', 'Close the door.'],
      cues: { see: 'it stands on the table, the door is closed' },
      minutes: { active: 0.4, waiting: 0 },
    },
  ),
  variant(lift, 'put-in-place', 'put in the microwave', 'put in microwave|place in microwave', {
    only: ['microwave'],
    tools: ['microwave'],
    small: ['Open the door.', 'Hold {place} with both hands.', 'Put it in the middle.', 'Close the door.'],
    cues: { see: 'it stands in the middle, the door is closed' },
    minutes: { active: 0.3, waiting: 0 },
  }),
  variant(serve, 'dish-up', 'put on plates', 'dish up|plate|plate up|serve onto', {
    tools: ['spoon', 'plate'],
    small: ['Get the plates.', 'Fill the spoon.', 'Put the food on a plate.', 'Wipe the rim.'],
    cues: { see: 'each plate has some' },
  }),
  variant(serve, 'share-out', 'share out', 'share|share out|portion|divide between|divide among|divide evenly|split between', {
    small: ['Count the bowls.', 'Put one spoon in each.', 'Go round again until it is all shared.'],
    cues: { see: 'each has about as much' },
  }),
  variant(serve, 'assemble', 'put together', 'build|assemble|put together|fit|attach', {
    small: ['Look at the order.', 'Put the first thing down.', 'Put the next one on top.', 'Go on until all is on.'],
    cues: { see: 'everything is on, in its order' },
    minutes: { active: 2, waiting: 0 },
  }),
  variant(serve, 'pack', 'pack', 'pack|pack up|box up', {
    tools: ['storage-box'],
    small: ['Open the box.', 'Put {thing} in.', 'Close the lid.', 'Write the name on it.'],
    cues: { see: 'the box is closed' },
  }),
];
