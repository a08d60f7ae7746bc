// What may take an ingredient's place, how much of it, and what changes. Amounts after extension-service tables where named, else common practice.
import type { Quantity } from '../amount/quantity';
import type { Unit } from '../amount/units';

/**
 * One way to do without an ingredient. `ratio`: how much of `use` for one of the ingredient, in the same unit where `per` is absent;
 * with `per`, the amounts are for that much of the ingredient.
 */
export type Substitute = {
  /** Food ids or names that it stands in for. */
  for: string[];
  /** Where it works: "cakes", "thickening"; absent: anywhere. */
  where?: string;
  use: { item: string; quantity: Quantity; unit: Unit | null }[];
  per: { quantity: Quantity; unit: Unit | null };
  changes: string;
  source: string;
};

const same = (item: string): Substitute['use'] => [{ item, quantity: '1', unit: null }];
/** The same amount, whatever the unit. */
export const SAME_AMOUNT: Substitute['per'] = { quantity: '1', unit: null };
const swap = (names: string, item: string, changes: string, source = 'common practice', where?: string): Substitute => ({
  for: names.split('|'),
  use: same(item),
  per: SAME_AMOUNT,
  changes,
  source,
  ...(where ? { where } : {}),
});
const EXTENSION = 'extension-service substitution tables';

export const SUBSTITUTES: Substitute[] = [
  swap(
    'sour-cream|crème-fraîche',
    'plain yoghurt',
    'A little thinner and sharper. It can split when boiled: stir it in off the heat.',
    EXTENSION,
  ),
  swap('yoghurt|greek-yoghurt', 'sour cream', 'Richer.'),
  swap('mayonnaise', 'plain yoghurt', 'Lighter and sharper; a salad keeps less long.'),
  swap('cream', 'evaporated milk', 'Thinner, a little sweet.', 'common practice', 'sauces and soups'),
  swap('double-cream', 'coconut cream', 'Tastes of coconut.'),
  {
    for: ['buttermilk'],
    use: [
      { item: 'milk', quantity: '1', unit: 'cup' },
      { item: 'lemon juice', quantity: '1', unit: 'tbsp' },
    ],
    per: { quantity: '1', unit: 'cup' },
    changes: 'Stir and let it stand 5 minutes until it thickens.',
    source: EXTENSION,
  },
  swap('milk', 'oat drink', 'Tastes of oats; sauces turn out a little thinner.'),
  swap('milk', 'soy milk', 'Can split in hot acid dishes.'),
  {
    for: ['milk'],
    use: [
      { item: 'evaporated milk', quantity: '1/2', unit: 'cup' },
      { item: 'water', quantity: '1/2', unit: 'cup' },
    ],
    per: { quantity: '1', unit: 'cup' },
    changes: 'A little sweeter.',
    source: EXTENSION,
  },
  swap('oat-drink|soy-milk|almond-milk|rice-milk', 'milk', 'Richer.'),
  swap('coconut-milk', 'cream', 'No taste of coconut, and richer.'),
  swap('butter', 'margarine', 'Less taste of butter. Tub spreads hold water: baking may spread more.', EXTENSION),
  {
    for: ['butter', 'margarine'],
    where: 'frying and soft cakes',
    use: [{ item: 'vegetable oil', quantity: '3/4', unit: 'cup' }],
    per: { quantity: '1', unit: 'cup' },
    changes: 'Cannot be creamed with sugar; cakes turn out denser.',
    source: 'common practice',
  },
  swap('olive-oil|vegetable-oil|sunflower-oil|oil', 'rapeseed oil', 'Little changes.'),
  swap('olive-oil|vegetable-oil|sunflower-oil|oil', 'melted butter', 'Tastes of butter, and burns sooner.'),
  swap('ghee', 'butter', 'Burns sooner: use a lower heat.'),
  {
    for: ['egg'],
    where: 'cakes',
    use: [{ item: 'apple purée', quantity: '1/4', unit: 'cup' }],
    per: { quantity: '1', unit: null },
    changes: 'Softer and denser, a little sweet. It does not hold a batter as an egg does.',
    source: EXTENSION,
  },
  {
    for: ['egg'],
    where: 'cakes',
    use: [{ item: 'mayonnaise', quantity: '2', unit: 'tbsp' }],
    per: { quantity: '1', unit: null },
    changes: 'Moister. Mayonnaise is made with egg: no help for an egg allergy.',
    source: EXTENSION,
  },
  {
    for: ['egg'],
    where: 'binding',
    use: [
      { item: 'ground flaxseed', quantity: '1', unit: 'tbsp' },
      { item: 'water', quantity: '3', unit: 'tbsp' },
    ],
    per: { quantity: '1', unit: null },
    changes: 'Stir and wait 5 minutes until it is thick. Tastes of nuts, and does not rise.',
    source: EXTENSION,
  },
  {
    for: ['self-raising-flour'],
    use: [
      { item: 'plain flour', quantity: '1', unit: 'cup' },
      { item: 'baking powder', quantity: '3/2', unit: 'tsp' },
      { item: 'salt', quantity: '1/4', unit: 'tsp' },
    ],
    per: { quantity: '1', unit: 'cup' },
    changes: 'The same once sifted together.',
    source: EXTENSION,
  },
  swap('flour|bread-flour', 'wholemeal flour', 'Heavier and browner; takes a little more liquid.', EXTENSION),
  swap('wholemeal-flour', 'plain flour', 'Lighter; takes a little less liquid.'),
  swap('flour', 'gluten-free flour', 'Crumbles more. Read the packet for other allergens.'),
  {
    for: ['flour'],
    where: 'thickening',
    use: [{ item: 'cornflour', quantity: '1/2', unit: 'tbsp' }],
    per: { quantity: '1', unit: 'tbsp' },
    changes: 'Clear and shiny rather than cloudy. Mix with cold water first.',
    source: EXTENSION,
  },
  {
    for: ['cornflour'],
    where: 'thickening',
    use: [{ item: 'plain flour', quantity: '2', unit: 'tbsp' }],
    per: { quantity: '1', unit: 'tbsp' },
    changes: 'Cloudy rather than clear; cook it 2 minutes longer. Raw flour is raw food.',
    source: EXTENSION,
  },
  {
    for: ['baking-powder'],
    use: [
      { item: 'baking soda', quantity: '1/4', unit: 'tsp' },
      { item: 'cream of tartar', quantity: '1/2', unit: 'tsp' },
    ],
    per: { quantity: '1', unit: 'tsp' },
    changes: 'Rises at once: bake it straight away.',
    source: EXTENSION,
  },
  swap('breadcrumb|panko', 'rolled oats', 'Softer, less crisp.'),
  swap('breadcrumb|panko', 'crushed cornflakes', 'Crisper and a little sweet.'),
  swap('sugar|caster-sugar', 'brown sugar', 'Darker, moister, tastes of caramel. Press it down to measure.', EXTENSION),
  swap('caster-sugar', 'granulated sugar', 'Coarser: stir it longer.'),
  swap('brown-sugar', 'white sugar', 'Paler and drier.', EXTENSION),
  {
    for: ['sugar', 'caster-sugar'],
    where: 'drinks and sauces',
    use: [{ item: 'honey', quantity: '3/4', unit: 'cup' }],
    per: { quantity: '1', unit: 'cup' },
    changes: 'Browns sooner: take 1/4 cup less of another liquid. Not for children under one year.',
    source: EXTENSION,
  },
  swap('honey', 'maple syrup', 'Thinner, another taste.'),
  swap('maple-syrup|golden-syrup', 'honey', 'Thicker, another taste. Not for children under one year.'),
  {
    for: ['dark-chocolate'],
    use: [
      { item: 'cocoa powder', quantity: '3', unit: 'tbsp' },
      { item: 'butter', quantity: '1', unit: 'tbsp' },
    ],
    per: { quantity: '1', unit: 'oz' },
    changes: 'Less smooth.',
    source: EXTENSION,
  },
  swap('rice|basmati-rice|jasmine-rice', 'couscous', 'Cooks in 5 minutes with boiling water; softer.'),
  swap('couscous|bulgur', 'cooked rice', 'No waiting for it to swell; less liquid is needed.'),
  swap('couscous', 'quinoa', 'Cooks 15 minutes in water; a little bitter unless rinsed.'),
  swap('macaroni|penne|fusilli|pasta|spaghetti', 'any other pasta of about that size', 'Look at the packet for the time.'),
  swap('egg-noodle|noodle', 'rice noodles', 'Softer; soak rather than boil. Look at the packet.'),
  {
    for: ['dried-bean'],
    use: [{ item: 'canned beans', quantity: '3', unit: 'cup' }],
    per: { quantity: '1', unit: 'cup' },
    changes: 'No soaking and no boiling. Rinse them: less salt.',
    source: EXTENSION,
  },
  swap('chickpea|white-bean|butter-bean', 'canned white beans', 'Softer. Rinse them: less salt.'),
  swap('kidney-bean|black-bean|pinto-bean', 'any other canned beans', 'Another colour. Rinse them: less salt.'),
  swap('beef-mince|lamb-mince|pork-mince|turkey-mince|chicken-mince', 'cooked lentils', 'Softer, cooks in a few minutes. No raw meat.'),
  swap('chicken-breast|chicken-thigh', 'firm tofu', 'Softer, takes on the sauce. No raw meat.'),
  swap('feta', 'cottage cheese', 'Milder and wetter: drain it.'),
  swap('cheddar|cheese', 'any other hard cheese', 'Another taste.'),
  swap('parmesan', 'another hard cheese, finely grated', 'Milder.'),
  swap('ricotta', 'cottage cheese', 'Lumpier: blend it or press it through a sieve.', EXTENSION),
  {
    for: ['garlic'],
    use: [{ item: 'garlic powder', quantity: '1/8', unit: 'tsp' }],
    per: { quantity: '1', unit: 'clove' },
    changes: 'Milder, and no cutting.',
    source: EXTENSION,
  },
  {
    for: ['onion'],
    use: [{ item: 'onion powder', quantity: '1', unit: 'tbsp' }],
    per: { quantity: '1', unit: null },
    changes: 'No bite and no cutting.',
    source: EXTENSION,
  },
  swap('onion', 'frozen chopped onion', 'Wetter, and no cutting. About 1 cup for a medium onion.'),
  swap('shallot|leek', 'onion', 'Stronger.'),
  swap('spring-onion|chive', 'finely sliced onion', 'Stronger: take half.'),
  {
    for: ['ginger'],
    use: [{ item: 'ground ginger', quantity: '1/4', unit: 'tsp' }],
    per: { quantity: '1', unit: 'tbsp' },
    changes: 'Warmer, less fresh; no peeling or grating.',
    source: EXTENSION,
  },
  {
    for: ['parsley', 'coriander', 'basil', 'mint', 'dill', 'thyme', 'rosemary', 'sage', 'fresh-oregano'],
    use: [{ item: 'dried herbs of that kind', quantity: '1', unit: 'tsp' }],
    per: { quantity: '1', unit: 'tbsp' },
    changes: 'Stronger, less fresh. Put them in earlier.',
    source: EXTENSION,
  },
  {
    for: ['lemon'],
    where: 'juice',
    use: [{ item: 'bottled lemon juice', quantity: '3', unit: 'tbsp' }],
    per: { quantity: '1', unit: null },
    changes: 'A little flatter, and no squeezing. No zest.',
    source: EXTENSION,
  },
  {
    for: ['lime'],
    where: 'juice',
    use: [{ item: 'bottled lime juice', quantity: '2', unit: 'tbsp' }],
    per: { quantity: '1', unit: null },
    changes: 'A little flatter, and no squeezing.',
    source: EXTENSION,
  },
  swap('lemon-juice', 'lime juice', 'Another taste.'),
  {
    for: ['lemon-juice'],
    use: [{ item: 'vinegar', quantity: '1/2', unit: 'tsp' }],
    per: { quantity: '1', unit: 'tsp' },
    changes: 'Sharper, no taste of lemon.',
    source: EXTENSION,
  },
  swap('vinegar|cider-vinegar|wine-vinegar|rice-vinegar', 'lemon juice', 'Fresher.'),
  {
    for: ['stock', 'chicken-stock', 'broth'],
    use: [
      { item: 'stock cube', quantity: '1', unit: null },
      { item: 'boiling water', quantity: '1', unit: 'cup' },
    ],
    per: { quantity: '1', unit: 'cup' },
    changes: 'Saltier: leave other salt out and taste. The packet says how much water.',
    source: EXTENSION,
  },
  swap('soy-sauce', 'tamari', 'A little stronger. Many are made without wheat: read the label.'),
  swap('peanut-butter', 'sunflower seed butter', 'Milder. No peanut in itself; read the label for traces.'),
  swap('tahini', 'sunflower seed butter', 'Sweeter. No sesame in itself; read the label for traces.'),
  swap(
    'peanut|almond|walnut|cashew|pecan|hazelnut|nut',
    'sunflower seeds',
    'Smaller and softer. No nuts in themselves; read the label for traces.',
  ),
  swap('raisin|sultana|currant', 'any other dried fruit, cut small', 'Another taste.'),
  swap('canned-tomato', 'fresh tomatoes, chopped', 'Wetter: cook it longer. Cutting is a step more.'),
  swap('tomato', 'canned tomatoes', 'Softer: for cooked dishes only.', 'common practice', 'cooked dishes'),
  {
    for: ['tomato-purée'],
    use: [{ item: 'ketchup', quantity: '1', unit: 'tbsp' }],
    per: { quantity: '1', unit: 'tbsp' },
    changes: 'Sweeter.',
    source: 'common practice',
  },
  swap('passata|tomato-sauce', 'canned tomatoes, blended', 'Thinner.'),
  swap('spinach', 'frozen spinach', 'Take a third; thaw it and squeeze it out.'),
  swap('pea|corn|green-bean', 'the canned ones, drained', 'Softer. Rinse them: less salt.'),
  swap('bell-pepper', 'roasted peppers from a jar', 'Softer, and no cutting out of seeds.'),
  swap('courgette', 'cucumber without its seeds', 'For cold dishes only.', 'common practice', 'cold dishes'),
  swap('sweet-potato', 'carrot or squash', 'Sweeter or wetter.'),
  swap('berry|blueberry|raspberry|blackberry', 'frozen berries', 'Wetter, and they colour the dish.'),
  swap('apple', 'pear', 'Softer: cook it less.'),
  {
    for: ['vanilla'],
    use: [{ item: 'vanilla sugar', quantity: '1', unit: 'tsp' }],
    per: { quantity: '1', unit: 'tsp' },
    changes: 'A little sweeter.',
    source: 'common practice',
  },
  {
    for: ['yeast'],
    use: [{ item: 'baking powder', quantity: '3', unit: 'tsp' }],
    per: { quantity: '1', unit: 'packet' },
    changes: 'No kneading and no rising: another, denser bread.',
    source: 'common practice',
  },
];
