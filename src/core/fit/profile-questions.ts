// The questions of a learner's profile, in plain words and any order. None asks for a diagnosis; each has a rule that uses it.
import type { Purpose } from '../technique/asks';
import type { Demand } from '../technique/model';
import type { How, Need, Reads } from './model';

export type Choice = {
  id: string;
  label: string;
  needs: readonly Need[];
  has: readonly { demand: Demand; of?: Purpose }[];
  hand?: 'left' | 'right';
  reads?: Reads;
  countsTo?: number;
};
/** An act that asks for what a question is about, as its picture shows it. */
export type Shown = {
  /** Its id; null for what is no technique. */
  technique: string | null;
  words: string;
  foods?: readonly string[];
  tools?: readonly string[];
  /** The vessel that it goes into. */
  into?: string;
  measure?: string;
  minutes?: number;
};
export type ProfileQuestion = {
  id: string;
  shows: Shown;
  group: Group;
  ask: string;
  choices: readonly Choice[];
  about: readonly Demand[];
};

export const GROUPS = ['Hands', 'Senses', 'Reading and number', 'Mind', 'Body', 'Heat, sound, touch', 'Speaking and eating'] as const;
export type Group = (typeof GROUPS)[number];

/** Reads "two-hands absent", "heat/hold limited", "two-hands has". */
function marks(text: string): Pick<Choice, 'needs' | 'has'> {
  const parts = text
    .split(', ')
    .filter(Boolean)
    .map((part) => {
      const [what, how] = part.split(' ') as [string, How | 'has'];
      const [demand, of] = what.split('/') as [Demand, Purpose | undefined];
      return { demand, ...(of ? { of } : {}), how };
    });
  return {
    needs: parts.filter((p): p is Need => p.how !== 'has'),
    has: parts.filter((p) => p.how === 'has').map(({ demand, of }) => ({ demand, ...(of ? { of } : {}) })),
  };
}

const choice = (id: string, label: string, said: string, more: Partial<Choice> = {}): Choice => ({ id, label, ...marks(said), ...more });

function question(id: string, shows: Shown, group: Group, ask: string, choices: Choice[]): ProfileQuestion {
  const about = [...new Set(choices.flatMap((c) => [...c.needs, ...c.has].filter((n) => n.of === undefined).map((n) => n.demand)))];
  return { id, shows, group, ask, choices, about };
}

export const PROFILE_QUESTIONS: readonly ProfileQuestion[] = [
  question(
    'hands',
    { technique: 'open', words: 'Open the jar of tomato sauce.', foods: ['tomato sauce'] },
    'Hands',
    'Works with both hands?',
    [
      choice('both', 'Both hands', 'two-hands has'),
      choice('helps', 'One helps a little', 'two-hands limited'),
      choice('one', 'One hand', 'two-hands absent'),
    ],
  ),
  question(
    'hand',
    { technique: 'mix', words: 'Stir the yoghurt in the bowl.', foods: ['yoghurt'], tools: ['bowl', 'spoon'] },
    'Hands',
    'Which hand leads?',
    [choice('right', 'Right', '', { hand: 'right' }), choice('left', 'Left', 'fine-aim/right-tool absent', { hand: 'left' })],
  ),
  question('grip', { technique: 'juice', words: 'Squeeze the lemon.', foods: ['lemon'] }, 'Hands', 'Turns a stiff lid, squeezes a lemon?', [
    choice('yes', 'Yes', 'strong-grip has'),
    choice('light', 'Light things only', 'strong-grip limited'),
    choice('no', 'No', 'strong-grip absent'),
  ]),
  question(
    'aim',
    { technique: 'pour', words: 'Pour the milk into the glass.', foods: ['milk'], into: 'glass' },
    'Hands',
    'Does the hand shake or miss small things?',
    [
      choice('steady', 'Steady', 'fine-aim has'),
      choice('shakes', 'Shakes or misses', 'fine-aim limited'),
      choice('no', 'Cannot aim', 'fine-aim absent'),
    ],
  ),
  question('feel', { technique: 'wash-up', words: 'Wash the knife.', tools: ['knife'] }, 'Hands', 'Feels hot and sharp with the fingers?', [
    choice('yes', 'Yes', 'touch has'),
    choice('little', 'Not well', 'touch absent'),
  ]),
  question(
    'see',
    { technique: 'measure', words: 'Measure 250 ml of water in the jug.', foods: ['water'], tools: ['jug'] },
    'Senses',
    'What does the learner see?',
    [
      choice('all', 'Print and marks', 'sight has'),
      choice('large', 'Large print, bold marks', 'sight limited'),
      choice('none', 'No print, no marks', 'sight absent'),
    ],
  ),
  question('colour', { technique: 'toast', words: 'Toast the bread.', foods: ['bread'] }, 'Senses', 'Tells red from green?', [
    choice('yes', 'Yes', 'colour has'),
    choice('no', 'No', 'colour absent'),
  ]),
  question(
    'hear',
    { technique: 'set-timer', words: 'Set the timer for 5 minutes.', minutes: 5 },
    'Senses',
    'Hears a timer behind the back?',
    [choice('yes', 'Yes', 'hearing has'), choice('near', 'When it is near', 'hearing limited'), choice('no', 'No', 'hearing absent')],
  ),
  question(
    'step',
    { technique: 'read-label', words: 'Read the label of the rice.', foods: ['rice'] },
    'Reading and number',
    'How is a step taken in?',
    [
      choice('text', 'Sentences', 'read-word has', { reads: 'text' }),
      choice('words', 'A word or two', 'read-word limited', { reads: 'words' }),
      choice('pictures', 'Pictures', 'read-word absent', { reads: 'pictures' }),
      choice('touch', 'By touch or speech', 'read-word absent', { reads: 'touch' }),
    ],
  ),
  question('digits', { technique: 'weigh', words: 'Weigh 200 g of flour.', foods: ['flour'] }, 'Reading and number', 'Reads numbers?', [
    choice('all', 'Any number', 'read-number has'),
    choice('one', 'One digit', 'read-number limited'),
    choice('no', 'No', 'read-number absent'),
  ]),
  question(
    'count',
    { technique: 'add', words: 'Put 3 eggs into the bowl.', foods: ['eggs'], into: 'bowl' },
    'Reading and number',
    'Counts things one by one to',
    [
      choice('1', '1', 'count limited', { countsTo: 1 }),
      choice('3', '3', 'count limited', { countsTo: 3 }),
      choice('5', '5', 'count limited', { countsTo: 5 }),
      choice('10', '10', 'count limited', { countsTo: 10 }),
      choice('more', 'More', 'count has', { countsTo: 100 }),
    ],
  ),
  question(
    'parts',
    { technique: 'measure', words: 'Measure ½ cup of rice.', foods: ['rice'], measure: '½ cup' },
    'Reading and number',
    'Knows ½ and ⅓ on a measure?',
    [choice('all', 'Yes', 'fraction has'), choice('half', 'Half only', 'fraction limited'), choice('no', 'No', 'fraction absent')],
  ),
  question(
    'fetch',
    {
      technique: 'gather',
      words: 'From the drawer, get the spoon, whisk, peeler and tongs.',
      tools: ['spoon', 'whisk', 'peeler', 'tongs'],
    },
    'Mind',
    'How many things are fetched from one telling?',
    [choice('four', 'Four or more', 'memory has'), choice('two', 'Two or three', 'memory limited'), choice('one', 'One', 'memory absent')],
  ),
  question('wait', { technique: 'prove', words: 'Leave the dough to rise for 40 minutes.', minutes: 40 }, 'Mind', 'How long is a wait?', [
    choice('long', 'As long as it takes', 'waiting has'),
    choice('ten', 'Up to ten minutes', 'waiting limited'),
    choice('no', 'Hardly at all', 'waiting absent'),
  ]),
  question(
    'judge',
    { technique: 'check-done', words: 'Push a fork into the potato.', foods: ['potato'], tools: ['fork'] },
    'Mind',
    'Tells whether food is done?',
    [
      choice('yes', 'Yes', 'judge-doneness has'),
      choice('timer', 'With a timer', 'judge-doneness limited'),
      choice('no', 'No', 'judge-doneness absent'),
    ],
  ),
  question('stand', { technique: 'wash-up', words: 'Wash the plate.', tools: ['plate'] }, 'Body', 'Stands for how long?', [
    choice('long', 'A lesson', 'standing has'),
    choice('short', 'Some minutes', 'standing limited'),
    choice('sits', 'Sits', 'standing absent'),
  ]),
  question(
    'move',
    { technique: 'put-away', words: 'Put the milk into the fridge.', foods: ['milk'] },
    'Body',
    'Fetches and carries a cup?',
    [
      choice('yes', 'Yes', 'moving-about has, carry has'),
      choice('slow', 'Moves, but does not carry', 'moving-about has, carry absent'),
      choice('no', 'Neither', 'moving-about absent, carry absent'),
    ],
  ),
  question(
    'lift',
    { technique: 'drain-hot', words: 'Drain the pasta.', foods: ['pasta'], tools: ['saucepan', 'colander'] },
    'Body',
    'Lifts what?',
    [choice('pan', 'A full pan', 'lift has'), choice('bowl', 'A full bowl', 'lift limited'), choice('cup', 'A cup', 'lift absent')],
  ),
  question(
    'reach',
    { technique: 'gather', words: 'From the cupboard, get the flour and the oil.', foods: ['flour', 'oil'] },
    'Body',
    'Reaches shelf, sink and hob?',
    [choice('all', 'Yes', 'reach has'), choice('near', 'What is near', 'reach limited'), choice('table', 'The table only', 'reach absent')],
  ),
  question(
    'heat',
    { technique: 'boil', words: 'Boil the soup.', foods: ['soup'], into: 'saucepan' },
    'Heat, sound, touch',
    'How is it near what is hot?',
    [
      choice('fine', 'Fine', 'heat has'),
      choice('careful', 'Careful, not too near', 'heat limited'),
      choice('afraid', 'Afraid of it', 'heat avoid'),
    ],
  ),
  question(
    'sounds',
    { technique: 'blend', words: 'Blend the strawberries.', foods: ['strawberries'], tools: ['blender'] },
    'Heat, sound, touch',
    'Are loud machines too much?',
    [
      choice('fine', 'Fine', 'noise has'),
      choice('short', 'Short ones are fine', 'noise limited'),
      choice('much', 'Too much', 'noise avoid'),
    ],
  ),
  question(
    'smells',
    { technique: 'fry', words: 'Fry the onion.', foods: ['onion'], tools: ['frying-pan', 'spatula'] },
    'Heat, sound, touch',
    'Are kitchen smells too much?',
    [choice('fine', 'Fine', 'smell has'), choice('strong', 'Strong ones', 'smell limited'), choice('much', 'Too much', 'smell avoid')],
  ),
  question('sticky', { technique: 'knead', words: 'Knead the dough.' }, 'Heat, sound, touch', 'Touches what is wet or sticky?', [
    choice('yes', 'Yes', 'wet-sticky has'),
    choice('some', 'A little', 'wet-sticky limited'),
    choice('no', 'No', 'wet-sticky avoid'),
  ]),
  question('speak', { technique: null, words: 'Ask for help.' }, 'Speaking and eating', 'Asks for help and says stop?', [
    choice('yes', 'In words or on a device', 'speak has'),
    choice('no', 'Not yet', 'speak absent'),
  ]),
  question(
    'eat',
    { technique: 'eat', words: 'Eat the soup.', foods: ['soup'] },
    'Speaking and eating',
    'Eats by mouth what the class eats?',
    [
      choice('yes', 'Yes', 'taste has, swallow has'),
      choice('texture', 'In a texture of the plan', 'swallow limited'),
      choice('no', 'Not by mouth', 'taste avoid, swallow absent'),
    ],
  ),
];
