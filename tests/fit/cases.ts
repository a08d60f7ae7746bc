// Forty-one learners at a step, each with what a therapist would accept and what would be a mistake. Set down before the first run. Judged by common practice;
// none has been read by a therapist.
import type { Demand, How, Learner, Need } from '../../src/core/index';

export type Case = {
  name: string;
  recipe: string;
  /** The step, by words of its card or its technique. */
  at: RegExp | string;
  learner: Learner;
  /** Any of these ways answers; "none" where nothing may be needed; "share" for any part done by a person. */
  accept: string[];
  mistake: string[];
  /** Ways that must not stand alone. */
  notAlone?: string[];
  lacks?: string[];
};

const need = (said: string): Need => {
  const [what, how] = said.split(' ') as [string, How];
  const [demand, of] = what.split('/') as [Demand, Need['of']];
  return { demand, ...(of ? { of } : {}), how };
};
const who = (needs: string, more: Partial<Learner> = {}): Learner => ({ needs: needs ? needs.split(', ').map(need) : [], ...more });

const OATS = `Oat biscuits\nMakes 12\n\n100 g butter\n100 g plain flour\n100 g oats\n\nTurn the oven on to 180 C. Line a baking tray with paper.\nMix the butter, flour and oats in a large bowl.\nShape the dough into 12 balls and put them on the tray.\nBake for 15 minutes until golden.`;
const CHICKEN = `Oven chicken\nServes 2\n\n2 chicken breasts\n1 tbsp olive oil\n\nTurn the oven on to 200 C.\nPut the chicken in a baking dish and pour over the oil.\nBake for 25 minutes until cooked through.`;
const SOUP = `Carrot soup\nServes 2\n\n3 carrots, peeled and sliced\n1 onion, chopped\n1 tbsp oil\n500 ml vegetable stock\n\nHeat the oil in a large saucepan. Fry the onion for 5 minutes.\nAdd the carrots and the stock. Simmer for 10 minutes.\nBlend the soup until smooth.`;
const MAC = `Macaroni cheese\nServes 2\n\n200 g macaroni\n1 cup milk\n1 tbsp butter\n100 g cheddar, grated\n\nCook the macaroni in a large pan of boiling water for 8 minutes. Drain.\nStir in the butter, milk and cheddar.`;
const COUSCOUS = `Couscous\nServes 1\n\n1/3 cup couscous\n1/3 cup boiling water\n1 tbsp olive oil\n\nPut the couscous in a large bowl. Pour the boiling water over it, cover with a plate and leave for 5 minutes.\nPour the olive oil over the couscous and stir.`;
const BREAD = `Flatbreads\nMakes 4\n\n2 cups flour\n3/4 cup water\n1/2 tsp salt\n\nMix the flour, water and salt in a large bowl.\nKnead the dough for 10 minutes.\nRoll out the dough.\nFry the flatbreads in a frying pan for 2 minutes.`;
const SALAD = `Crunch pot\nServes 1\n\n1/2 cucumber, sliced\n1 carrot, sliced\n2 tbsp plain yoghurt\n\nPut the cucumber and carrot in a bowl.\nAdd the yoghurt and stir.`;
const MINCE = `Mince pan\nServes 2\n\n250 g minced beef\n1 can chopped tomatoes\n\nFry the mince in a frying pan for 8 minutes until brown.\nAdd the tomatoes and simmer for 10 minutes.`;
const POTATO = `Jacket potato\nServes 1\n\n1 potato\n\nTurn the oven on to 200 C.\nPut the potato on a baking tray. Bake for 60 minutes.\nCut the potato in half and serve.`;
const CHIVES = `Chive dip\nServes 2\n\n100 g soft cheese\n2 tbsp chives\n\nSnip the chives.\nMix the soft cheese and chives in a bowl.\nChill for 30 minutes.`;
const EGGS = `Scrambled eggs\nServes 1\n\n2 eggs\n1 tbsp butter\n\nCrack the eggs into a bowl and beat.\nMelt the butter in a frying pan. Add the eggs and scramble for 2 minutes.`;
const MICRO = `Warm beans\nServes 1\n\n1 can baked beans\n\nPut the beans in a bowl. Microwave for 12 minutes.`;
const NUTS = `Peanut noodles\nServes 1\n\n100 g noodles\n2 tbsp peanut butter\n\nCook the noodles in a pan of boiling water for 4 minutes. Drain.\nStir in the peanut butter.`;
const TOAST = `Crackers and cheese\nServes 1\n\n4 crackers\n2 tbsp soft cheese\n\nSpread the soft cheese on the crackers.`;

export const CASES: Case[] = [
  {
    name: 'deaf; the oven bakes while he washes up',
    recipe: OATS,
    at: /^Bake .*minutes/,
    learner: who('hearing absent'),
    accept: ['shake-timer', 'shake-preset', 'light-timer', 'watch-it'],
    mistake: ['talking-timer', 'adult'],
  },
  {
    name: 'blind; is the chicken done',
    recipe: CHICKEN,
    at: 'take-temperature',
    learner: who('sight absent'),
    accept: ['talking-thermometer', 'by-talking-thermometer', 'thermometer-partner'],
    mistake: ['by-fork', 'by-minutes', 'by-sound-smell', 'adult'],
  },
  {
    name: 'weak grip; peel carrots',
    recipe: SOUP,
    at: 'peel',
    learner: who('strong-grip absent'),
    accept: ['leave-skin', 'fat-peeler', 'clamp-peeler'],
    mistake: ['rocker-knife', 'bought-cut', 'adult'],
  },
  {
    name: 'one hand; grate cheese',
    recipe: MAC,
    at: 'grate',
    learner: who('two-hands absent'),
    accept: ['suction-grater', 'food-clamp', 'spike-board'],
    mistake: ['bought-grated', 'bought-cut', 'adult'],
  },
  {
    name: 'tremor; boiling water onto couscous',
    recipe: COUSCOUS,
    at: /^Pour the boiling water/,
    learner: who('fine-aim limited'),
    accept: ['kettle-tipper', 'one-cup', 'say-when'],
    mistake: ['deep-bowl', 'weighted-handle', 'rim-tray'],
  },
  {
    name: 'no feeling in the fingers; tray from the oven',
    recipe: OATS,
    at: 'take-out-oven',
    learner: who('touch absent'),
    accept: ['hot-cold-card', 'adult-tells-hot', 'adult-opens-oven'],
    mistake: ['touch-finds', 'raised-mark', 'by-fork'],
  },
  {
    name: 'red and green; brown the mince',
    recipe: MINCE,
    at: /^(?:Fry|Brown|Cook) the (?:mince|minced)/,
    learner: who('colour absent'),
    accept: ['before-after', 'by-thermometer', 'by-talking-thermometer'],
    mistake: ['colour-mark', 'by-minutes', 'by-fork'],
  },
  {
    name: 'deafblind, reads braille; simmer ten minutes',
    recipe: SOUP,
    at: /^Simmer/,
    learner: who('sight absent, hearing absent', { reads: 'touch' }),
    accept: ['shake-timer', 'shake-preset', 'adult-keeps-time'],
    mistake: ['light-timer', 'talking-timer', 'picture-card', 'spoken-step', 'disc-timer'],
  },
  {
    name: 'touches nothing sticky; knead',
    recipe: BREAD,
    at: 'knead',
    learner: who('wet-sticky avoid'),
    accept: ['sealed-bag', 'nitrile-gloves'],
    mistake: ['adult', 'dry-cloth-near'],
  },
  {
    name: 'no blades; cucumber',
    recipe: SALAD,
    at: /^(?:Slice|Cut) the cucumber/,
    learner: who('', { never: ['sharp'] }),
    accept: ['table-knife', 'plastic-knife'],
    mistake: ['push-chopper', 'rocker-knife', 'bought-cut', 'adult'],
  },
  {
    name: 'no blades; carrot',
    recipe: SALAD,
    at: /^(?:Slice|Cut) the carrot/,
    learner: who('', { never: ['sharp'] }),
    accept: ['bought-cut', 'cut-with-partner', 'bought-grated'],
    mistake: ['push-chopper', 'plastic-knife', 'table-knife', 'rocker-knife'],
  },
  {
    name: 'no heat; an hour in the oven',
    recipe: POTATO,
    at: /^Bake .*minutes/,
    learner: who('', { never: ['hot'] }),
    accept: ['none'],
    mistake: ['adult', 'share'],
  },
  {
    name: 'no heat; out of the oven',
    recipe: POTATO,
    at: 'take-out-oven',
    learner: who('', { never: ['hot'] }),
    accept: ['adult-opens-oven', 'adult-lifts-hot', 'adult-hot-hands'],
    mistake: ['long-gloves', 'rack-hook'],
  },
  {
    name: 'counts to three; twelve balls',
    recipe: OATS,
    at: /12 balls/,
    learner: who('', { countsTo: 3 }),
    accept: ['tray-places', 'counting-mat'],
    mistake: ['partner-counts', 'adult'],
  },
  {
    name: 'stands five minutes; knead ten',
    recipe: BREAD,
    at: 'knead',
    learner: who('standing limited'),
    accept: ['sit-to-work', 'low-table', 'perch-stool', 'short-stand', 'knead-in-turns'],
    mistake: ['adult', 'none'],
  },
  {
    name: 'two things in mind; fetch four',
    recipe: SOUP,
    at: /^Get the .*, .*, /,
    learner: who('memory limited'),
    accept: ['picture-mat', 'feel-mat', 'two-trips', 'one-after-other'],
    mistake: ['none', 'checklist', 'adult'],
  },
  {
    name: 'waits hardly at all; chill thirty minutes',
    recipe: CHIVES,
    at: 'chill',
    learner: who('waiting absent'),
    accept: ['made-before', 'comes-back'],
    mistake: ['adult', 'none', 'job-while-waiting'],
  },
  {
    name: 'left hand, both work; snip chives',
    recipe: CHIVES,
    at: 'snip',
    learner: who('fine-aim/right-tool absent', { hand: 'left' }),
    accept: ['left-scissors', 'table-scissors', 'loop-scissors'],
    mistake: ['partner-holds', 'snip-in-cup', 'cut-with-partner', 'adult'],
  },
  {
    name: 'lifts a cup; water into the large pan',
    recipe: MAC,
    at: 'fill-pan',
    learner: who('lift absent'),
    accept: ['jug-fill'],
    mistake: ['partner-lifts', 'adult'],
    notAlone: ['trolley'],
  },
  {
    name: 'keeps the chopper, which is broken today',
    recipe: SOUP,
    at: /^(?:Chop|Dice) the onion/,
    learner: who('two-hands absent', { kept: ['push-chopper'] }),
    accept: ['rocker-knife', 'food-clamp', 'spike-board'],
    mistake: ['push-chopper', 'adult'],
    lacks: ['push-chopper'],
  },
  {
    name: 'does not speak; say when it is enough',
    recipe: COUSCOUS,
    at: /^Pour the boiling water/,
    learner: who('speak absent, fine-aim absent'),
    accept: ['one-cup', 'kettle-tipper', 'choose-picture', 'yes-no-sign', 'choose-object'],
    mistake: ['adult'],
    notAlone: ['say-when'],
  },
  {
    name: 'blind; drain pasta',
    recipe: MAC,
    at: 'drain-hot',
    learner: who('sight absent'),
    accept: ['cook-basket', 'adult-drains'],
    mistake: ['long-gloves-edge', 'rim-tray'],
  },
  {
    name: 'one hand; a tin',
    recipe: MINCE,
    at: 'open-can',
    learner: who('two-hands absent'),
    accept: ['electric-opener', 'carton', 'tipped-out', 'partner-holds'],
    mistake: ['none', 'adult'],
    notAlone: ['ring-pull'],
  },
  {
    name: 'counts to one, knows no thirds; two thirds of a cup',
    recipe: 'Rice\n\n2/3 cup rice\n2 cups water\n\nPut the rice in a saucepan.',
    at: 'measure',
    learner: who('fraction absent', { countsTo: 1 }),
    accept: ['peg-counter', 'row-of-cups', 'pre-measured'],
    mistake: ['adult', 'partner-counts'],
  },
  {
    name: 'afraid of heat; scrambled eggs',
    recipe: EGGS,
    at: 'scramble',
    learner: who('heat avoid'),
    accept: ['adult-at-heat', 'partner-at-hob', 'wait-then-near'],
    mistake: ['by-minutes', 'long-spoon', 'splash-guard'],
  },
  {
    name: 'wheelchair; out of the oven',
    recipe: OATS,
    at: 'take-out-oven',
    learner: who('standing absent, reach limited, lift absent, carry absent'),
    accept: ['adult-opens-oven', 'table-oven'],
    mistake: ['perch-stool', 'lap-tray', 'trolley'],
    notAlone: ['rack-hook'],
  },
  {
    name: 'tremor; a spoon of oil',
    recipe: COUSCOUS,
    at: /^Pour the olive oil/,
    learner: who('fine-aim limited'),
    accept: ['none', 'squeeze-bottle', 'rim-tray', 'deep-bowl', 'wide-funnel'],
    mistake: ['kettle-tipper', 'adult', 'share'],
  },
  {
    name: 'seizures; frying',
    recipe: BREAD,
    at: 'fry',
    learner: who('', { never: ['hot', 'splash'] }),
    accept: ['adult-at-heat', 'partner-at-hob'],
    mistake: ['none', 'long-spoon', 'splash-guard', 'long-gloves'],
  },
  {
    name: 'tube-fed; tastes nothing',
    recipe: COUSCOUS,
    at: 'eat',
    learner: who('taste avoid, swallow absent'),
    accept: ['smells-and-serves'],
    mistake: ['adult', 'own-texture', 'none'],
  },
  {
    name: 'noise and grip fight; a tin',
    recipe: MINCE,
    at: 'open-can',
    learner: who('noise avoid, strong-grip absent, two-hands absent'),
    accept: ['ear-defenders', 'carton', 'tipped-out'],
    mistake: ['adult', 'none'],
    notAlone: ['electric-opener'],
  },
  {
    name: 'blind; fill the cup with milk',
    recipe: MAC,
    at: /cup .*milk/,
    learner: who('sight absent'),
    accept: ['level-by-finger', 'level-beeper', 'fill-by-weight'],
    mistake: ['sighted-partner', 'level-by-knife', 'adult'],
  },
  {
    name: 'blind; turn on the hob',
    recipe: SOUP,
    at: 'hob-on',
    learner: who('sight absent'),
    accept: ['raised-mark', 'touch-dial'],
    mistake: ['colour-mark', 'large-dial', 'adult', 'partner-sets'],
  },
  {
    name: 'sees large print only; minutes on a timer',
    recipe: SOUP,
    at: /^Simmer/,
    learner: who('sight limited'),
    accept: ['talking-timer', 'disc-timer', 'large-dial', 'large-print'],
    mistake: ['adult', 'braille-card'],
  },
  {
    name: 'noise too much; blend soup',
    recipe: SOUP,
    at: 'blend',
    learner: who('noise avoid'),
    accept: ['hand-tool', 'ear-defenders', 'other-room'],
    mistake: ['adult', 'warn-first'],
    notAlone: ['ear-defenders'],
  },
  {
    name: 'noise too much and one hand; blend soup',
    recipe: SOUP,
    at: 'blend',
    learner: who('noise avoid, two-hands absent'),
    accept: ['hand-tool', 'ear-defenders', 'other-room'],
    mistake: ['adult'],
    notAlone: ['hand-tool', 'ear-defenders'],
  },
  {
    name: 'smells too much; fry onion',
    recipe: SOUP,
    at: 'fry',
    learner: who('smell avoid'),
    accept: ['lid-on', 'partner-smelly'],
    mistake: ['adult', 'none'],
    notAlone: ['window'],
  },
  {
    name: 'one hand; crack an egg, the cracker is here',
    recipe: EGGS,
    at: 'crack-egg',
    learner: who('two-hands absent'),
    accept: ['egg-cracker', 'food-on-mat'],
    mistake: ['liquid-egg', 'adult'],
  },
  {
    name: 'one hand; spread',
    recipe: TOAST,
    at: 'spread',
    learner: who('two-hands absent'),
    accept: ['spike-board', 'edge-stop', 'food-clamp'],
    mistake: ['adult', 'none'],
  },
  {
    name: 'reads no numbers; twelve minutes in the microwave',
    recipe: MICRO,
    at: 'microwave',
    learner: who('read-number absent'),
    accept: ['preset', 'match-number', 'press-often', 'raised-mark', 'switch-starts'],
    mistake: ['adult', 'none'],
  },
  {
    name: 'cannot judge; is the chicken done',
    recipe: CHICKEN,
    at: 'take-temperature',
    learner: who('judge-doneness absent'),
    accept: ['match-temperature', 'thermometer-partner', 'talking-thermometer', 'adult-judges', 'by-thermometer'],
    mistake: ['by-minutes', 'by-fork', 'by-sound-smell'],
  },
  {
    name: 'must not have peanut; noodles',
    recipe: NUTS,
    at: /peanut|seed butter/,
    learner: who('', { allergies: ['peanut'] }),
    accept: ['swap'],
    mistake: ['adult'],
  },
];
