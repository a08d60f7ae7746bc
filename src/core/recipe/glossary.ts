// Kitchen words that a class may not know: a plain meaning, and the technique or the drawing that shows it. Meanings in our own words, common practice.

export type Term = {
  term: string;
  /** Other forms in which recipes write it. */
  forms: string[];
  meaning: string;
  /** Id of a technique whose picture shows it, or the name of a drawing. */
  picture: { technique: string } | { drawing: string };
};

const action = (term: string, forms: string, technique: string, meaning: string): Term => ({
  term,
  forms: forms ? forms.split('|') : [],
  meaning,
  picture: { technique },
});
const thing = (term: string, forms: string, drawing: string, meaning: string): Term => ({
  term,
  forms: forms ? forms.split('|') : [],
  meaning,
  picture: { drawing },
});

export const GLOSSARY: Term[] = [
  action('al dente', '', 'check-done', 'Cooked, and still a little firm when you bite it.'),
  action('baste', 'basted|basting', 'brush', 'Spoon or brush the hot juices over the food.'),
  action('batter', '', 'mix', 'A wet mix of flour and liquid that can be poured.'),
  action('beat', 'beaten|beating', 'beat', 'Stir hard and fast, to make it smooth and put air in.'),
  action('blanch', 'blanched|blanching', 'boil', 'Put in boiling water for a minute or two, then cool fast.'),
  action('blend', 'blended|blending', 'blend', 'Mix in a machine until it is smooth.'),
  action('boil', 'boiled|boiling|rolling boil', 'boil', 'So hot that big bubbles come up all the time.'),
  action('braise', 'braised', 'simmer', 'Brown it first, then cook it slowly in a little liquid with the lid on.'),
  action('brown', 'browned|browning', 'fry', 'Fry until the outside is brown.'),
  action('bring to the boil', 'bring to a boil|bring back to the boil', 'boil', 'Heat until big bubbles come up.'),
  action('caramelise', 'caramelised|caramelize|caramelized', 'fry', 'Cook slowly until it is brown and sweet.'),
  action('chill', 'chilled|refrigerate|refrigerated', 'chill', 'Put in the fridge until it is cold.'),
  action('chop', 'chopped|roughly chop|roughly chopped', 'chop', 'Cut into pieces. They need not be all the same.'),
  action('coat', 'coated', 'toss', 'Cover all over with something.'),
  action('combine', 'combined', 'mix', 'Put together and mix.'),
  action('core', 'cored', 'trim', 'Take out the hard middle with the seeds.'),
  action('cream', 'creamed', 'cream', 'Beat butter and sugar together until pale and soft.'),
  action('crimp', 'crimped', 'shape', 'Press the edges together so that they hold.'),
  action('cube', 'cubed', 'dice', 'Cut into blocks like dice.'),
  action('deglaze', '', 'pour', 'Pour liquid into the hot pan and scrape up the brown bits.'),
  action('deseed', 'deseeded|seeded|seed', 'trim', 'Take out the seeds.'),
  action('dice', 'diced|finely dice|finely diced', 'dice', 'Cut into small cubes, all about the same size.'),
  action('dissolve', 'dissolved', 'mix', 'Stir until you cannot see it in the liquid any more.'),
  action('divided', '', 'measure', 'Used in more than one step: do not put it all in at once.'),
  action('dot', '', 'sprinkle', 'Put small bits here and there.'),
  action('drain', 'drained', 'drain', 'Pour the liquid off and keep the food.'),
  action('dredge', 'dredged', 'toss', 'Roll it in flour or crumbs until it is covered.'),
  action('drizzle', 'drizzled', 'pour', 'Pour a thin line of it over the top.'),
  action('dust', 'dusted|dusting', 'sprinkle', 'Sprinkle a thin layer of something fine, like flour.'),
  action('fillet', 'fillets', 'slice', 'A piece of fish or meat without bones.'),
  action('flake', 'flaked', 'tear', 'Break fish into small flat pieces with a fork.'),
  action('floret', 'florets', 'chop', 'One small tree of broccoli or cauliflower.'),
  action('fluff', 'fluffed', 'fluff', 'Loosen the grains with a fork.'),
  action('fold', 'folded|fold in', 'fold', 'Mix gently: down the side, under, and over the top.'),
  action('fry', 'fried|frying|shallow fry', 'fry', 'Cook in a little hot fat.'),
  action('garnish', 'garnished', 'sprinkle', 'Put a little on top to make it look nice.'),
  action('glaze', 'glazed', 'brush', 'Brush with something that makes it shine.'),
  action('grate', 'grated', 'grate', 'Rub it on a grater to make thin shreds.'),
  action('grease', 'greased', 'brush', 'Rub with a little butter or oil, so that nothing sticks.'),
  action('grill', 'grilled|broil|broiled', 'bake', 'Cook under strong heat from above.'),
  action('hull', 'hulled', 'trim', 'Take the green top off a strawberry.'),
  action('julienne', 'julienned', 'slice', 'Cut into thin sticks like matches.'),
  action('knead', 'kneaded|kneading', 'knead', 'Push, fold and turn the dough with your hands.'),
  action('knead lightly', '', 'knead', 'Only a few pushes, to bring it together.'),
  action('line', 'lined', 'line', 'Cover the inside with baking paper.'),
  action('marinate', 'marinated|marinade', 'soak', 'Leave food in a sauce so that it takes on the taste.'),
  action('mash', 'mashed', 'mash', 'Press until there are no lumps.'),
  action('melt', 'melted', 'melt', 'Heat until it is runny.'),
  action('mince', 'minced|finely chop|finely chopped', 'chop', 'Cut very, very small.'),
  action('parboil', 'parboiled', 'boil', 'Boil until half cooked.'),
  action('pinch', '', 'sprinkle', 'As much as you can hold between finger and thumb.'),
  action('pipe', 'piped', 'shape', 'Squeeze out of a bag through a small hole.'),
  action('pit', 'pitted|stoned|stone', 'trim', 'Take out the stone.'),
  action('poach', 'poached|poaching', 'simmer', 'Cook gently in water that hardly bubbles.'),
  action('preheat', 'preheated|pre-heat', 'preheat-oven', 'Turn the oven on early, so that it is hot when you need it.'),
  action('prove', 'proof|rise', 'wait', 'Leave yeast dough somewhere warm until it is twice as big.'),
  action('purée', 'puree|puréed|pureed', 'blend', 'Blend or mash until it is quite smooth.'),
  action('reduce', 'reduced|reduction', 'simmer', 'Boil without a lid until there is less liquid and it is thicker.'),
  action('rest', 'resting|leave to rest', 'wait', 'Leave it alone for a while.'),
  action('reserve', 'reserved|set aside', 'add', 'Keep it for later.'),
  action('roast', 'roasted|roasting', 'bake', 'Cook in a hot oven without a lid.'),
  action('roux', '', 'mix', 'Flour cooked in melted butter, to make a sauce thick.'),
  action('rub in', 'rub|rubbed in', 'rub-in', 'Rub fat and flour between your finger tips until it looks like crumbs.'),
  action('sauté', 'saute|sautéed|sauteed', 'fry', 'Fry quickly in a little fat, and keep it moving.'),
  action('scant', '', 'measure', 'Not quite full.'),
  action('score', 'scored', 'prick', 'Make shallow cuts, not right through.'),
  action('sear', 'seared', 'fry', 'Fry on high heat for a short time, until the outside is brown.'),
  action('season', 'seasoned|seasoning|season to taste', 'sprinkle', 'Add salt, pepper or spice.'),
  action('shred', 'shredded', 'chop', 'Cut or pull into thin strips.'),
  action('sift', 'sifted|sieve|sieved', 'sift', 'Shake through a sieve, to take out lumps.'),
  action('simmer', 'simmered|simmering', 'simmer', 'Cook so that only small bubbles come up.'),
  action('skim', 'skimmed', 'skim', 'Take the foam or fat off the top with a spoon.'),
  action('slice', 'sliced|thinly slice|thinly sliced', 'slice', 'Cut into flat pieces.'),
  action(
    'soft peaks',
    'stiff peaks',
    'beat',
    'Whipped until it stands up when you lift the whisk. Soft peaks bend over; stiff ones do not.',
  ),
  action('soften', 'softened|sweat', 'fry', 'Cook gently until soft and not brown; of butter: leave it out of the fridge until soft.'),
  action('steam', 'steamed|steaming', 'cook', 'Cook above boiling water, not in it.'),
  action('steep', 'steeped|infuse', 'soak', 'Leave in hot liquid to give off its taste.'),
  action('stir-fry', 'stir fry|stir-fried', 'fry', 'Fry small pieces fast and stir all the time.'),
  action('strain', 'strained', 'drain', 'Pour through a sieve.'),
  action('toss', 'tossed', 'toss', 'Lift and drop to mix, gently.'),
  action('to taste', '', 'check-done', 'As much as you like: add a little, taste, add more.'),
  action('trim', 'trimmed', 'trim', 'Cut off the ends or the parts that are not eaten.'),
  action('well', 'wells', 'mix', 'A hollow made in the middle with a spoon.'),
  action('whip', 'whipped', 'beat', 'Beat fast to put air in.'),
  action('whisk', 'whisked|whisking', 'beat', 'Beat with a whisk or a fork.'),
  action('wilt', 'wilted', 'fry', 'Heat leaves until they go soft.'),
  action('zest', 'zested|rind', 'grate', 'The coloured outside of a lemon or orange, grated off.'),
  thing('bouillon', 'stock cube', 'stock-cube', 'A cube or powder that makes stock with hot water.'),
  thing('casserole', 'casserole dish|dutch oven', 'large-pan', 'A heavy pot with a lid that can go in the oven.'),
  thing('clove of garlic', 'garlic clove|garlic cloves|cloves of garlic|cloves garlic', 'garlic', 'One small part of a garlic head.'),
  thing('colander', '', 'colander', 'A bowl with holes, to drain food.'),
  thing('dressing', 'vinaigrette', 'jar', 'A sauce for salad, often oil with something sour.'),
  thing('griddle', '', 'frying-pan', 'A flat pan or one with ridges.'),
  thing('parchment', 'parchment paper|baking paper|greaseproof paper', 'paper', 'Paper that food does not stick to.'),
  thing('ramekin', 'ramekins', 'ramekin', 'A small dish for one that can go in the oven.'),
  thing('rolling pin', '', 'rolling-pin', 'A round stick to roll dough flat.'),
  thing('self-raising flour', 'self raising flour|self-rising flour', 'flour', 'Flour with baking powder in it already.'),
  thing('skillet', '', 'frying-pan', 'A frying pan.'),
  thing('stock', 'broth', 'stock', 'Water with the taste of meat or vegetables.'),
  thing('wire rack', 'cooling rack', 'wire-rack', 'A stand of wires on which hot food cools.'),
];

const BY_FIRST = new Map<string, { words: string[]; term: Term }[]>();
for (const term of GLOSSARY)
  for (const form of [term.term, ...term.forms]) {
    const words = form.split(/[\s-]+/);
    BY_FIRST.set(words[0]!, [...(BY_FIRST.get(words[0]!) ?? []), { words, term }]);
  }
for (const held of BY_FIRST.values()) held.sort((a, b) => b.words.length - a.words.length);

/** A term in a text, with the place of its words. */
export type TermFound = { term: Term; at: number; end: number };

/** The terms of the glossary that a text uses, in its order; the longest form wins ("bring to the boil" is not also "boil"). */
export function termsIn(text: string): TermFound[] {
  const words = [...text.toLowerCase().matchAll(/\p{L}+/gu)].map((m) => ({ word: m[0], at: m.index, end: m.index + m[0].length }));
  const found: TermFound[] = [];
  for (let i = 0; i < words.length; i++) {
    const entry = BY_FIRST.get(words[i]!.word)?.find((e) => e.words.every((w, k) => words[i + k]?.word === w));
    if (!entry) continue;
    // "in a sieve" is the tool
    if (/^siev/.test(words[i]!.word) && /\b(?:an?|the|fine|your)\s+$/i.test(text.slice(0, words[i]!.at))) continue;
    // "mix well", "well risen": an adverb, no hollow
    if (entry.term.term === 'well' && !/\b(?:a|the|make|\d)\s+$/i.test(text.slice(0, words[i]!.at))) continue;
    found.push({ term: entry.term, at: words[i]!.at, end: words[i + entry.words.length - 1]!.end });
    i += entry.words.length - 1;
  }
  return found;
}
