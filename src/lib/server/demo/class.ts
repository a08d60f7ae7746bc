// The made-up class "Cedar Quay Skills Kitchen": its learners, its kitchen, its recipes. All invented.
import { NO_PROFILE, type Kitchen, type Profile } from '$core';

export const SCHOOL_NAME = 'Cedar Quay Skills Kitchen';

/** Answers as "question:choice". */
export const profile = (answers: string, more: Partial<Profile> = {}): Profile => ({
  ...NO_PROFILE,
  answers: answers.split(' ').map((a) => ({ q: a.split(':')[0], a: a.split(':')[1] })),
  ...more,
});

export const LEARNERS: { id: string; name: string; profile: Profile; planNotes: string }[] = [
  {
    id: '1ea40001-0000-4000-8000-000000000001',
    name: 'Wren',
    profile: profile('hands:both grip:yes aim:steady see:all step:pictures count:3 parts:no digits:one heat:fine lift:bowl fetch:two'),
    planNotes: 'Likes to be told when a step is the last one.',
  },
  {
    id: '1ea40001-0000-4000-8000-000000000002',
    name: 'Odo',
    profile: profile('hands:one hand:left grip:light aim:steady see:all hear:yes step:words stand:long lift:bowl heat:careful', {
      kept: [{ way: 'rocker-knife', by: 'Ms Ferrow', at: '2026-10-05T09:10:00.000Z' }],
    }),
    planNotes: 'Uses his left hand. Non-slip mat at his place.',
  },
  {
    id: '1ea40001-0000-4000-8000-000000000003',
    name: 'Pim',
    profile: profile('hands:both grip:yes feel:yes see:none hear:yes step:touch count:more heat:careful lift:pan speak:yes'),
    planNotes: 'Ask before touching. Hand under hand only.',
  },
  {
    id: '1ea40001-0000-4000-8000-000000000004',
    name: 'Tansy',
    profile: profile('hands:both see:all hear:yes heat:afraid sounds:much step:text digits:all', {
      never: [{ hazard: 'splash', said: 'her plan, page 2', again: '2027-01-15' }],
    }),
    planNotes: 'Warn before the kettle goes on.',
  },
  {
    id: '1ea40001-0000-4000-8000-000000000005',
    name: 'Nell',
    profile: profile('hands:both see:all hear:yes fetch:one wait:ten step:words judge:timer', { allergies: ['milk'] }),
    planNotes: 'One card at a time.',
  },
  {
    id: '1ea40001-0000-4000-8000-000000000006',
    name: 'Kit',
    profile: profile('hands:both aim:shakes stand:sits move:no lift:cup reach:near see:all hear:yes step:text'),
    planNotes: 'Works at the low table.',
  },
];

/** Adapted tools that the class has, and some that somebody looked for and did not find. */
const ADAPTED = [
  'rocker-knife',
  'low-table',
  'help-card',
  'ear-defenders',
  'talking-timer',
  'raised-dots',
  'rim-tray',
  'long-gloves',
  'lap-tray',
];
export const CONTROLS: Kitchen['controls'] = { heat: 'flame', hob: 'knob', oven: 'knob', microwave: 'keys' };
export const HEIGHTS: Kitchen['heights'] = { hobControls: 'back', oven: 'low', microwave: 'table', shelves: 'within' };
/** What somebody has counted. */
export const COUNTS = { 'low-table': 1, 'rocker-knife': 1 };
export const LACKING = ['electric-opener', 'one-cup', 'talking-scale', 'trolley'];

const DRAWER = 'drawer 1';
export const MEASURES: (Kitchen['measures'][number] & { place: string })[] = [
  { id: 'cup', quantity: '1', unit: 'cup', kind: 'dry', place: DRAWER },
  { id: 'half-cup', quantity: '1/2', unit: 'cup', kind: 'dry', place: DRAWER },
  { id: 'third-cup', quantity: '1/3', unit: 'cup', kind: 'dry', place: DRAWER },
  { id: 'quarter-cup', quantity: '1/4', unit: 'cup', kind: 'dry', place: DRAWER },
  { id: 'tablespoon', quantity: '1', unit: 'tbsp', kind: 'spoon', place: DRAWER },
  { id: 'teaspoon', quantity: '1', unit: 'tsp', kind: 'spoon', place: DRAWER },
  { id: 'half-teaspoon', quantity: '1/2', unit: 'tsp', kind: 'spoon', place: DRAWER },
  { id: 'quarter-teaspoon', quantity: '1/4', unit: 'tsp', kind: 'spoon', place: DRAWER },
];

export const PLACES: Kitchen['places'] = {
  cupboard: 'the dry cupboard',
  fridge: 'the fridge',
  freezer: 'the freezer',
  counter: 'the fruit basket',
};

const AT = {
  'drawer 1': ['spoon', 'fork', 'table-knife', 'teaspoon'],
  'drawer 2': [
    'wooden-spoon',
    'spatula',
    'whisk',
    'peeler',
    'grater',
    'masher',
    'ladle',
    'can-opener',
    'juicer',
    'garlic-press',
    'tongs',
    'turner',
    'timer',
    'scissors',
    'non-slip-mat',
    'pastry-brush',
    'rolling-pin',
  ],
  'the knife box': ['knife'],
  'the low shelf': [
    'bowl',
    'large-bowl',
    'small-bowl',
    'serving-bowl',
    'plate',
    'jug',
    'jar',
    'sieve',
    'colander',
    'board',
    'scale',
    'storage-box',
    'lid',
  ],
  'the pan cupboard': [
    'saucepan',
    'large-pan',
    'frying-pan',
    'wok',
    'tray',
    'baking-dish',
    'muffin-tin',
    'cake-tin',
    'wire-rack',
    'paper',
    'foil',
  ],
  'the hooks by the oven': ['oven-gloves', 'stand', 'apron'],
};
export const TOOLS: Kitchen['tools'] = [
  ...Object.entries(AT).flatMap(([place, ids]) => ids.map((id) => ({ id, place }))),
  ...ADAPTED.map((id) => ({ id, place: 'the blue shelf' })),
];

export const RECIPES = [
  {
    id: '4ec10001-0000-4000-8000-000000000001',
    lessonsFor: 0,
    published: true,
    source: `Couscous bowl
Serves 1

Ingredients
1/3 cup couscous
1/3 cup boiling water
1/2 cucumber
1 small can (200 g) chickpeas, drained and rinsed
1 tbsp olive oil
juice of half a lemon
1/4 tsp salt
4 fresh mint leaves, torn

Method
1. Put the couscous in a bowl. Pour the boiling water over it, cover with a plate and leave for 5 minutes.
2. Dice the cucumber.
3. Fluff the couscous with a fork.
4. Add the cucumber and chickpeas to the bowl.
5. Add the oil, lemon juice and salt to the bowl and stir.
6. Scatter the mint on top and serve.
`,
  },
  {
    id: '4ec10001-0000-4000-8000-000000000002',
    lessonsFor: 1,
    published: true,
    source: `Overnight oats
Makes 1 jar

You need
1/2 cup rolled oats
1/2 cup milk or oat drink
1/4 cup plain yoghurt
1 tsp honey
1 small banana

What to do
- Put the oats, milk, yoghurt and honey in a jar.
- Stir well.
- Put the lid on and chill overnight in the fridge.
- In the morning, peel and slice the banana and put it on top.
`,
  },
  {
    id: '4ec10001-0000-4000-8000-000000000003',
    lessonsFor: null,
    published: false,
    source: `Red lentil soup
Serves 4

What you need
- 200 g/7 oz red lentils
- 1 onion, finely chopped
- 2 carrots, peeled and diced
- 2 garlic cloves, crushed
- 1 tbsp vegetable oil
- 1 tsp ground cumin
- 1.2 litres vegetable stock
- 1 x 400 g tin chopped tomatoes
- salt and pepper to taste

How to make it
Step 1: Rinse the lentils in a sieve until the water runs clear.
Step 2: Heat the oil in a large saucepan over a medium heat. Add the onion and carrots and cook for 8 minutes, stirring now and then, until soft.
Step 3: Stir in the garlic and cumin and cook for 1 minute more.
Step 4: Add the lentils, tomatoes and stock. Bring to the boil, then turn down the heat and simmer for 20 minutes until the lentils are soft.
Step 5: Mash the soup with a potato masher. Season with salt and pepper.
Step 6: Ladle into bowls and serve hot.
`,
  },
];
