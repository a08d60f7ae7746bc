// Each law of the kitchen at its edges: where it holds, and the nearest case where it does not. Common practice at a stove and general food hygiene guidance throughout.
import { describe, expect, test } from 'vitest';
import { facts, kitchenWith } from '../../../tests/cases/kitchen';
import { apply, contents, hazardsOf, isHot, lacks, type Played } from './index';
import { isLotHot, lotsOf } from './world';

const LIST = [
  '200 g pasta',
  '1 onion',
  '2 chicken breasts',
  '1 egg',
  '2 tbsp oil',
  '1 cup milk',
  '2 potatoes',
  '200 g flour',
  '1 can tomatoes',
  '1 lemon',
];
const [PASTA, ONION, CHICKEN, EGG, OIL, MILK, POTATO, FLOUR, TOMATOES, LEMON] = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9] as const;
const { step, after } = kitchenWith(LIST);
const ring = (pan: string, more: Partial<Played> = {}) => step('hob-on', [], pan, { tools: ['hob', pan], ...more });
const on = (technique: string, pan: string, more: Partial<Played> = {}) => step(technique, [], pan, { tools: ['hob', pan], ...more });
const into = (what: number, vessel: string) => step('add', [what], vessel);
const bake = (dish: string) => step('bake', [], 'oven', { tools: [dish, 'oven'], minutes: { active: 1, waiting: 20 } });
const wait = (minutes: number) => step('wait', [], null, { minutes: { active: 0, waiting: minutes } });

describe('what is shut away', () => {
  const chilled = (place: string, ...more: Played[]) =>
    after(into(MILK, 'bowl'), step('chill', [], 'bowl', { tools: [place, 'bowl'] }), ...more);

  test('what is served is fetched out of the fridge, an empty bowl is not', () => {
    const serve = step('serve', [], 'plate');
    expect(lacks(chilled('fridge'), serve)).toMatchObject([{ fact: 'out-of-place', vessel: 'bowl', place: 'fridge' }]);
    const empty = after(into(MILK, 'bowl'), step('chill', [], 'cup', { tools: ['fridge', 'cup'] }), step('pour', [MILK], 'jug'));
    expect(facts(empty, serve)).toEqual([]);
  });

  test('chilling goes on where it stands, in fridge or freezer', () => {
    for (const place of ['fridge', 'freezer'])
      expect(facts(chilled(place), step('chill', [], 'bowl', { tools: [place, 'bowl'] }))).toEqual([]);
  });

  test('one dish at a time in the microwave, and it goes on there', () => {
    const within = after(into(MILK, 'cup'), step('put-in-place', [], 'cup', { tools: ['microwave', 'cup'] }), into(EGG, 'bowl'));
    expect(lacks(within, step('microwave', [], 'bowl', { tools: ['microwave', 'bowl'] }))).toMatchObject([
      { fact: 'out-of-place', vessel: 'cup' },
    ]);
    const heat = step('microwave', [], 'cup', { tools: ['microwave', 'cup'] });
    apply(within, heat);
    expect(facts(within, heat)).toEqual([]);
  });

  test('what bakes bakes on, and comes out before it is worked on', () => {
    const baking = after(step('preheat-oven', [], null, { tools: ['oven'] }), wait(20), into(PASTA, 'baking-dish'), bake('baking-dish'));
    expect(facts(baking, bake('baking-dish'))).toEqual([]);
    expect(facts(baking, step('sprinkle', [OIL], 'baking-dish'))).toEqual(['out-of-place']);
    expect(facts(baking, step('take-out-oven', [], null, { tools: ['oven-gloves'] }))).toEqual([]);
    apply(baking, step('take-out-oven', [], null, { tools: ['oven-gloves'] }));
    expect(facts(baking, step('sprinkle', [OIL], 'baking-dish'))).toEqual([]);
  });
});

describe('lids', () => {
  const under = (lid: string, vessel = 'saucepan') =>
    after(into(PASTA, vessel), into(MILK, vessel), step('cover', [], vessel, { tools: [lid, vessel] }));

  test.each(['mix', 'whisk', 'drain', 'lift-out', 'serve', 'fill-pan', 'chop', 'shape', 'dip'])('%s needs it off', (technique) => {
    expect(facts(under('plate', 'bowl'), step(technique, [], 'bowl'))).toEqual(['lid-off']);
  });

  test('a hand blender goes into the pot, a blender has its lid on', () => {
    expect(facts(under('lid'), step('blend', [], 'saucepan'))).toEqual(['lid-off']);
    expect(facts(under('lid', 'blender'), step('blend', [], 'blender'))).toEqual([]);
  });

  test('foil goes into the oven, cling film, a cloth and an unnamed cover do not', () => {
    const lit = (cover: string) => {
      const world = under(cover, 'baking-dish');
      for (const one of [step('preheat-oven', [], null, { tools: ['oven'] }), wait(20)]) apply(world, one);
      return facts(world, bake('baking-dish'));
    };
    expect(lit('foil')).toEqual([]);
    for (const cover of ['cling-film', 'cloth', 'spoon']) expect(lit(cover), cover).toEqual(['lid-off']);
  });

  test('under a lid it is hot where it stood on the heat or went on hot, and not else', () => {
    const lid = (world: ReturnType<typeof after>) => lacks(world, step('mix', [], 'saucepan'))[0];
    expect(lid(under('lid'))).toMatchObject({ fact: 'lid-off', hot: false });
    const hot = after(into(MILK, 'saucepan'), ring('saucepan'), on('simmer', 'saucepan'), step('cover', [], 'saucepan', { lid: true }));
    expect(lid(hot)).toMatchObject({ fact: 'lid-off', lid: 'lid', hot: true });
    for (const one of [step('turn-off', [], null, { tools: ['hob'] }), wait(300)]) apply(hot, one);
    // what steamed under it steams when it comes off
    expect(lid(hot)).toMatchObject({ hot: true });
  });

  test('covered again it has the cover that it had', () => {
    const world = under('foil', 'baking-dish');
    for (const one of [step('uncover', [], 'baking-dish'), step('cover', [], 'baking-dish')]) apply(world, one);
    expect(world.vessels.get('baking-dish')!.lid).toBe('foil');
    // the lid comes off what has one, where no pot is named
    apply(world, step('uncover'));
    expect(world.vessels.get('baking-dish')!.lid).toBeNull();
  });
});

describe('drained food', () => {
  const drained = () =>
    after(
      step('fill-pan', [], 'saucepan', { water: true }),
      into(PASTA, 'saucepan'),
      step('drain-hot', [], 'saucepan', { tools: ['colander', 'saucepan'] }),
    );

  test('it is tipped back before more is done with it in its pan; put elsewhere by name it goes straight there', () => {
    for (const technique of ['mix', 'cover', 'turn-over'])
      expect(facts(drained(), step(technique, [], 'saucepan')), technique).toEqual(['in-vessel']);
    expect(facts(drained(), into(MILK, 'saucepan'))).toEqual(['in-vessel']);
    expect(facts(drained(), into(PASTA, 'saucepan'))).toEqual([]);
    expect(facts(drained(), step('serve', [], 'saucepan', { from: 'colander' }))).toEqual([]);
    expect(facts(drained(), into(MILK, 'bowl'))).toEqual([]);
    expect(facts(drained(), step('wait', [], 'saucepan'))).toEqual([]);
  });

  test('the pan that it came out of leaves the ring, and is no pan of water any more', () => {
    const world = after(step('fill-pan', [], 'saucepan', { water: true }), into(PASTA, 'saucepan'), ring('saucepan'));
    apply(world, step('drain-hot', [], 'saucepan', { tools: ['colander', 'saucepan'] }));
    expect(world.vessels.get('saucepan')).toMatchObject({ place: 'stand', water: 'none' });
    // a tin is drained without a pan
    const tin = after(step('drain', [TOMATOES], null, { tools: ['sieve'] }));
    expect(lotsOf(tin, TOMATOES)[0]).toMatchObject({ at: null });
    expect(lotsOf(tin, TOMATOES)[0].forms.has('drain')).toBe(true);
  });
});

describe('water and fat', () => {
  const lit = (...what: Played[]) => after(...what, ring('saucepan'));

  test('water is wanted by what is boiled, where none is there and nothing is wet', () => {
    expect(facts(lit(), on('boil', 'saucepan'))).toEqual(['water']);
    expect(facts(lit(), on('simmer', 'saucepan'))).toEqual([]);
    expect(facts(lit(into(PASTA, 'saucepan')), on('cook', 'saucepan'))).toEqual(['water']);
    expect(facts(lit(into(POTATO, 'saucepan')), on('cook', 'saucepan'))).toEqual([]);
    expect(facts(lit(into(POTATO, 'saucepan')), on('simmer', 'saucepan'))).toEqual(['water']);
    expect(facts(lit(into(POTATO, 'saucepan'), into(MILK, 'saucepan')), on('simmer', 'saucepan'))).toEqual([]);
    expect(
      facts(lit(into(POTATO, 'saucepan'), step('open-can', [TOMATOES]), into(TOMATOES, 'saucepan')), on('simmer', 'saucepan')),
    ).toEqual([]);
    expect(facts(lit(step('fill-pan', [], 'saucepan', { water: true }), into(PASTA, 'saucepan')), on('boil', 'saucepan'))).toEqual([]);
    // a cracked egg is no egg for the pot, flour is nothing that is boiled
    expect(facts(lit(step('crack-egg', [EGG], 'small-bowl'), step('wash-hands'), into(EGG, 'saucepan')), on('cook', 'saucepan'))).toEqual(
      [],
    );
    expect(facts(lit(into(FLOUR, 'saucepan')), on('boil', 'saucepan'))).toEqual([]);
  });

  test('what was drained is done; what stands over water has its own', () => {
    const back = after(
      step('fill-pan', [], 'saucepan', { water: true }),
      into(PASTA, 'saucepan'),
      step('drain-hot', [], 'saucepan', { tools: ['colander', 'saucepan'] }),
      step('add', [PASTA], 'saucepan'),
      ring('saucepan'),
    );
    expect(facts(back, on('boil', 'saucepan'))).toEqual([]);
    expect(facts(after(into(POTATO, 'steamer'), ring('steamer')), on('steam', 'steamer'))).toEqual([]);
  });

  test('fat is wanted by what is fried, once: not in a greased pan, not beside what is fat or wet, not by what simmers', () => {
    const chopped = step('chop', [ONION], 'board');
    const onions = (...more: Played[]) => after(chopped, into(ONION, 'frying-pan'), ...more, ring('frying-pan'));
    expect(facts(onions(), on('fry', 'frying-pan'))).toEqual(['fat']);
    expect(facts(onions(into(OIL, 'frying-pan')), on('fry', 'frying-pan'))).toEqual([]);
    expect(facts(onions(into(MILK, 'frying-pan')), on('fry', 'frying-pan'))).toEqual([]);
    expect(facts(onions(step('fill-pan', [], 'frying-pan', { water: true })), on('fry', 'frying-pan'))).toEqual([]);
    expect(facts(onions(), on('cook', 'frying-pan'))).toEqual([]);
    expect(facts(after(ring('frying-pan')), on('fry', 'frying-pan'))).toEqual([]);
    // an egg was fried in it before
    const slick = after(
      into(OIL, 'frying-pan'),
      ring('frying-pan'),
      on('fry', 'frying-pan'),
      step('lift-out', [OIL], 'plate'),
      chopped,
      into(ONION, 'frying-pan'),
    );
    expect(facts(slick, on('fry', 'frying-pan'))).toEqual([]);
  });
});

describe('the ring', () => {
  const asked = (world: ReturnType<typeof after>, one: Played) => lacks(world, one)[0];
  const milk = (...more: Played[]) => after(into(MILK, 'saucepan'), ...more);

  test('it is lit at the level that is said, else as the work wants it', () => {
    expect(asked(milk(), on('boil', 'saucepan'))).toMatchObject({ fact: 'ring-on', level: 'high', other: null });
    expect(asked(milk(), on('simmer', 'saucepan'))).toMatchObject({ fact: 'ring-on', level: 'low' });
    expect(asked(milk(), on('cook', 'saucepan'))).toMatchObject({ fact: 'ring-on', level: null });
    expect(asked(milk(), on('boil', 'saucepan', { level: 'medium' }))).toMatchObject({ fact: 'ring-on', level: 'medium' });
    expect(facts(milk(), step('slow-cook', [], 'slow-cooker', { tools: ['slow-cooker'] }))).toEqual([]);
  });

  test('it is turned down to simmer from high, and not where it was turned down already or nobody said how high it is', () => {
    const at = (level: string | null) => milk(ring('saucepan', { level }));
    expect(asked(at('high'), on('simmer', 'saucepan'))).toMatchObject({ fact: 'ring-level', level: 'low', from: 'high' });
    expect(asked(at('medium-high'), on('simmer', 'saucepan'))).toMatchObject({ fact: 'ring-level', level: 'low' });
    for (const level of ['medium', 'low', null]) expect(facts(at(level), on('simmer', 'saucepan')), String(level)).toEqual([]);
    expect(asked(at(null), on('cook', 'saucepan', { level: 'low' }))).toMatchObject({ fact: 'ring-level', level: 'low', from: null });
    expect(facts(at('medium'), on('cook', 'saucepan', { level: 'medium' }))).toEqual([]);
    expect(facts(at('high'), on('boil', 'saucepan'))).toEqual([]);
  });

  test('lit anew for the same pan it keeps its level; turned to another it has that', () => {
    const world = milk(ring('saucepan', { level: 'high' }), ring('saucepan'));
    expect(world.ring).toMatchObject({ under: 'saucepan', level: 'high' });
    apply(world, step('turn-heat', [], null, { level: 'low' }));
    expect(world.ring).toMatchObject({ level: 'low', cooks: false });
    apply(world, step('turn-heat'));
    expect(world.ring).toMatchObject({ level: 'low' });
    apply(world, ring('frying-pan'));
    expect(world.ring).toMatchObject({ under: 'frying-pan', level: null });
  });

  test('it is off before its pan is drained or taken off, and another pan may be drained beside it', () => {
    const world = milk(ring('saucepan'), step('fill-pan', [], 'large-pan', { water: true }));
    expect(facts(world, step('take-off-heat', [], null))).toEqual(['ring-off']);
    expect(facts(world, step('take-off-heat', [], 'saucepan'))).toEqual(['ring-off']);
    expect(facts(world, step('take-off-heat', [], 'large-pan'))).toEqual([]);
    expect(facts(world, step('drain-hot', [], null, { from: 'saucepan' }))).toEqual(['ring-off']);
    expect(facts(world, step('drain-hot', [], 'large-pan', { tools: ['colander', 'large-pan'] }))).toEqual([]);
    expect(facts(world, step('mix', [], 'saucepan'))).toEqual([]);
    expect(facts(milk(), step('take-off-heat', [], 'saucepan'))).toEqual([]);
  });

  test('what waits on a lit ring cooks there, for a minute or more, in that pan', () => {
    const cooked = (minutes: number, vessel: string, lit = 'frying-pan') => {
      const world = after(into(CHICKEN, 'frying-pan'), ring(lit), step('wait', [], vessel, { minutes: { active: 0, waiting: minutes } }));
      return lotsOf(world, CHICKEN)[0].cooked;
    };
    expect(cooked(1, 'frying-pan')).toBe(true);
    expect(cooked(0.5, 'frying-pan')).toBe(false);
    expect(cooked(5, 'bowl')).toBe(false);
    expect(cooked(5, 'frying-pan', 'saucepan')).toBe(false);
  });
});

describe('ovens', () => {
  const preheated = (appliance: string) => after(step('preheat-oven', [], null, { tools: [appliance] }), into(PASTA, 'baking-dish'));

  test('each appliance by its own name; an air fryer is hot at once', () => {
    const grilled = (tool: string) => step('grill', [], 'baking-dish', { tools: [tool, 'baking-dish'] });
    expect(lacks(preheated('oven'), grilled('grill'))).toMatchObject([{ fact: 'oven-on', appliance: 'grill' }]);
    expect(facts(preheated('grill'), grilled('grill'))).toEqual(['oven-ready']);
    expect(lacks(after(into(PASTA, 'baking-dish')), bake('baking-dish'))).toMatchObject([{ fact: 'oven-on', appliance: 'oven' }]);
    expect(facts(preheated('air-fryer'), step('bake', [], 'baking-dish', { tools: ['air-fryer', 'baking-dish'] }))).toEqual([]);
    expect(facts(after(into(PASTA, 'baking-dish')), step('air-fry', [], 'baking-dish', { tools: ['air-fryer'] }))).toEqual([]);
  });

  test('it is waited for until it is hot, as long as is left', () => {
    const world = preheated('oven');
    const [first] = lacks(world, bake('baking-dish'));
    apply(world, wait(5));
    const [later] = lacks(world, bake('baking-dish'));
    const minutes = (lack: unknown) => (lack as { minutes: number }).minutes;
    expect(minutes(first) - minutes(later)).toBe(5);
    apply(world, wait(30));
    expect(facts(world, bake('baking-dish'))).toEqual([]);
  });

  test('turned on again it counts from the first time; off it is off', () => {
    const world = preheated('oven');
    apply(world, wait(30));
    apply(world, step('preheat-oven', [], null, { tools: ['oven'] }));
    expect(facts(world, bake('baking-dish'))).toEqual([]);
    apply(world, step('turn-off', [], null, { tools: ['oven'] }));
    expect(facts(world, bake('baking-dish'))).toEqual(['oven-on']);
  });
});

describe('raw food', () => {
  const cut = step('dice', [CHICKEN], 'board', { tools: ['knife', 'board'] });

  test('hands go on with the same raw food, by whatever is done by hand, and with nothing else', () => {
    const handled = () => after(cut, step('add', [CHICKEN], 'bowl'), into(FLOUR, 'plate'));
    for (const technique of ['coat', 'shape', 'marinate', 'rub-on'])
      expect(facts(handled(), step(technique, [CHICKEN], 'bowl')), technique).toEqual([]);
    expect(facts(handled(), step('mix', [], 'bowl', { tools: ['spoon', 'bowl'] }))).toEqual([]);
    expect(facts(handled(), step('simmer', [CHICKEN], 'bowl'))).toContain('hands');
    expect(facts(handled(), step('add', [ONION], 'saucepan'))).toContain('hands');
    expect(facts(handled(), step('wash-up', [], null, { tools: ['knife'] }))).toEqual([]);
  });

  test('nothing is begun with unwashed hands that touches food; to fetch it or light the oven nobody needs to wash', () => {
    const { world, step: other } = kitchenWith(LIST);
    for (const technique of ['chop', 'measure', 'add', 'mix', 'shape', 'soak', 'grease', 'serve', 'eat'])
      expect(facts(world(), other(technique, technique === 'eat' ? [] : [MILK], 'bowl')), technique).toEqual(['hands']);
    for (const technique of ['gather', 'preheat-oven', 'fill-pan'])
      expect(facts(world(), other(technique, [], 'saucepan')), technique).toEqual([]);
  });

  test('a knife from raw meat cuts more of it, and is fetched, and nothing else is cut with it', () => {
    const world = after(cut, step('wash-hands'));
    const knife = { tools: ['knife'] };
    expect(facts(world, step('slice', [CHICKEN], 'board', knife))).toEqual([]);
    expect(facts(world, step('gather', [], null, knife))).toEqual([]);
    expect(lacks(world, step('slice', [ONION], null, knife))).toMatchObject([{ fact: 'clean', tools: ['knife'], raw: ['raw-meat'] }]);
    // washing names what is washed
    apply(world, step('wash-up', [], null, { tools: ['board', 'cloth'] }));
    expect(facts(world, step('slice', [ONION], null, knife))).toEqual(['clean']);
    apply(world, step('wash-up'));
    expect(facts(world, step('slice', [ONION], null, knife))).toEqual([]);
  });

  test('torn with the fingers meat is on them, torn with forks it is not', () => {
    const by = (tools: string[]) => [...after(step('tear', [CHICKEN], 'board', { tools })).hands];
    expect(by(['board'])).toEqual(['raw-meat']);
    expect(by(['fork', 'board'])).toEqual([]);
  });

  const fried = () =>
    after(into(OIL, 'frying-pan'), into(CHICKEN, 'frying-pan'), step('wash-hands'), ring('frying-pan'), on('fry', 'frying-pan'));

  test('somebody looks inside before it is eaten, served, put away or cut', () => {
    for (const one of [
      step('serve', [], 'plate', { from: 'frying-pan' }),
      step('eat'),
      step('store'),
      step('slice', [CHICKEN], 'board'),
      step('tear', [CHICKEN]),
    ])
      expect(facts(fried(), one), one.technique!).toContain('checked');
    // the milk goes back while the chicken fries
    expect(facts(fried(), step('store', [MILK]))).toEqual([]);
    expect(facts(fried(), step('mix', [], 'frying-pan'))).toEqual([]);
    const seen = fried();
    apply(seen, step('check-done', [CHICKEN], 'frying-pan'));
    expect(facts(seen, step('eat'))).toEqual([]);
    const tasted = fried();
    apply(tasted, step('taste', [], 'frying-pan'));
    expect(facts(tasted, step('eat'))).toContain('checked');
  });

  test('meat that was on no heat is not served', () => {
    const raw = after(into(CHICKEN, 'plate'), step('wash-hands'));
    expect(facts(raw, step('serve', [], 'plate'))).toEqual(['cooked']);
    expect(facts(after(), step('serve', [MILK], 'plate'))).toEqual([]);
  });

  test('of two halves that come together the one that was on no heat counts', () => {
    const half = { quantity: '1', unit: null, ingredient: CHICKEN, item: 'chicken breasts' };
    const world = after(step('add', [], 'frying-pan', { uses: [half], names: true }), ring('frying-pan'), on('fry', 'frying-pan'));
    apply(world, step('add', [], 'bowl', { uses: [half], names: true }));
    apply(world, step('add', [], 'bowl', { from: 'frying-pan' }));
    apply(world, step('mix', [], 'bowl'));
    expect([...contents(world, 'bowl')[0].unchecked]).toEqual([[CHICKEN, false]]);
  });
});

describe('measures and parts', () => {
  const use = (ingredient: number, quantity: string, unit: 'tbsp' | 'ml' | 'cup' | 'g' | null) => ({
    ingredient,
    quantity,
    unit,
    item: LIST[ingredient],
  });
  const shares = (world: ReturnType<typeof after>, ingredient: number) =>
    lotsOf(world, ingredient).map((lot) => +lot.parts.get(ingredient)!.toFixed(2));

  test('a part is measured in the unit of the list or in another that can be turned into it', () => {
    const measured = (one: ReturnType<typeof use>) =>
      shares(after(step('measure', [], null, { uses: [one], names: true })), one.ingredient);
    expect(measured(use(OIL, '1', 'tbsp'))).toEqual([0.5, 0.5]);
    expect(measured(use(OIL, '15', 'ml'))).toEqual([0.49, 0.51]);
    expect(measured(use(OIL, '2', 'tbsp'))).toEqual([1]);
    expect(measured(use(OIL, '1', null))).toEqual([1]);
    expect(measured(use(POTATO, '1', 'g'))).toEqual([1]);
  });

  test('a little of a listed amount leaves the rest', () => {
    const [rest, little] = shares(after(step('add', [MILK], 'bowl', { little: true })), MILK);
    expect(little).toBeGreaterThan(0);
    expect(rest + little).toBe(1);
    expect(rest).toBeGreaterThan(0.5);
  });

  test('a jug that holds milk is filled with nothing else; a cup wet from milk measures milk again and no flour', () => {
    const jug = (what: number) => step('measure', [what], null, { tools: ['jug'] });
    expect(facts(after(jug(MILK)), jug(OIL))).toEqual(['empty-measure']);
    expect(facts(after(jug(MILK), step('pour', [MILK], 'bowl')), jug(OIL))).toEqual([]);
    const cup = (what: number) => step('measure', [what], null, { fillings: [{ measure: 'cup-1', label: '1 cup', times: 1 }] });
    const wet = after(cup(MILK), step('pour', [MILK], 'bowl'));
    expect(lacks(wet, cup(FLOUR))).toMatchObject([{ fact: 'dry-measure', from: 'milk' }]);
    expect(facts(wet, cup(OIL))).toEqual([]);
    apply(wet, step('wash-up', [], null, { tools: ['cup-1'] }));
    expect(facts(wet, cup(FLOUR))).toEqual([]);
  });

  test('zest goes into its bowl, the lemon stays; what is grated onto the board stays whole', () => {
    expect(shares(after(step('zest', [LEMON], 'bowl')), LEMON)).toEqual([0.9, 0.1]);
    expect(shares(after(step('zest', [LEMON], 'board')), LEMON)).toEqual([1]);
    expect(shares(after(step('grate', [LEMON], 'bowl')), LEMON)).toEqual([1]);
  });

  test('what is thrown out of a stew is gone, and the stew is not', () => {
    const stew = () => after(into(POTATO, 'saucepan'), into(MILK, 'saucepan'), step('mix', [], 'saucepan'));
    const world = stew();
    apply(world, step('throw-away', [POTATO]));
    expect([...contents(world, 'saucepan')[0].parts.keys()]).toEqual([MILK]);
    const all = stew();
    apply(all, step('throw-away', [], 'saucepan'));
    expect(contents(all, 'saucepan')).toEqual([]);
  });
});

describe('out of the fridge', () => {
  const out = (...more: Played[]) => [...after(step('gather', [MILK, PASTA, CHICKEN]), ...more).out.keys()];
  test('what spoils counts from when it is fetched until it is put back, heated, chilled or eaten; pasta never', () => {
    expect(out()).toEqual([MILK, CHICKEN]);
    expect(out(step('store', [MILK]))).toEqual([CHICKEN]);
    expect(out(step('store'))).toEqual([]);
    expect(out(step('eat'))).toEqual([]);
    expect(out(into(MILK, 'bowl'), step('chill', [], 'bowl', { tools: ['fridge', 'bowl'] }))).toEqual([CHICKEN]);
    expect(out(into(MILK, 'bowl'))).toEqual([MILK, CHICKEN]);
  });

  test('it counts from the first time', () => {
    const world = after(step('gather', [MILK]), wait(30), step('gather', [MILK]));
    expect(world.out.get(MILK)).toBeLessThan(10);
  });
});

describe('what is hot', () => {
  const hot = (world: ReturnType<typeof after>, vessel: string, one = step('mix', [], vessel)) => hazardsOf(world, one).includes('hot');
  const heated = (...more: Played[]) => after(into(MILK, 'saucepan'), ring('saucepan'), on('simmer', 'saucepan'), ...more);

  test('off its ring it cools in time, at once where it is left until cold, and in the fridge', () => {
    const off = step('turn-off', [], null, { tools: ['hob'] });
    expect(hot(heated(off), 'saucepan')).toBe(true);
    expect(hot(heated(off, wait(180)), 'saucepan')).toBe(false);
    expect(hot(heated(off, step('cool', [], 'saucepan', { cold: true, minutes: { active: 0, waiting: 5 } })), 'saucepan')).toBe(false);
    expect(hot(heated(off, step('cool', [], 'saucepan', { minutes: { active: 0, waiting: 5 } })), 'saucepan')).toBe(true);
    const chilled = heated(off, step('chill', [], 'saucepan', { tools: ['fridge', 'saucepan'] }), step('take-out-place', [], 'saucepan'));
    expect(hot(chilled, 'saucepan')).toBe(false);
  });

  test('poured into a bowl it heats it; onto a plate it is hot itself', () => {
    const poured = heated(step('turn-off', [], null, { tools: ['hob'] }), step('pour', [MILK], 'bowl'));
    expect(isHot(poured, 'bowl')).toBe(true);
    const dished = heated(step('turn-off', [], null, { tools: ['hob'] }), step('spoon', [MILK], 'plate'));
    expect(isHot(dished, 'plate')).toBe(false);
    expect(isLotHot(dished, contents(dished, 'plate')[0])).toBe(true);
  });

  test('from a kettle that boiled water comes hot, from the tap cold, and cold again once the kettle is', () => {
    const fill = (more: Partial<Played>) => step('fill-pan', [], 'saucepan', { water: true, ...more });
    const water = (...steps: Played[]) => after(...steps).vessels.get('saucepan')!.water;
    expect(water(fill({}))).toBe('cold');
    expect(water(step('boil-kettle'), fill({}))).toBe('boiling');
    expect(water(step('boil-kettle'), fill({ tap: true }))).toBe('cold');
    expect(water(step('boil-kettle'), wait(120), fill({}))).toBe('cold');
    const soak = step('soak', [PASTA], 'bowl', { water: true });
    expect(hazardsOf(after(step('boil-kettle')), soak)).toEqual(expect.arrayContaining(['hot', 'steam']));
    expect(hazardsOf(after(), soak)).not.toContain('hot');
  });

  test('toast is hot for a little', () => {
    const world = after(step('toast', [POTATO], 'plate'));
    expect(isLotHot(world, contents(world, 'plate')[0])).toBe(true);
    apply(world, wait(30));
    expect(isLotHot(world, contents(world, 'plate')[0])).toBe(false);
  });

  test('near the ring it splashes, drained it steams, far from it nobody is warned', () => {
    const boiling = after(
      step('fill-pan', [], 'saucepan', { water: true }),
      into(POTATO, 'saucepan'),
      ring('saucepan'),
      on('boil', 'saucepan'),
    );
    expect(hazardsOf(boiling, into(PASTA, 'saucepan'))).toEqual(expect.arrayContaining(['hot', 'splash', 'steam']));
    expect(hazardsOf(boiling, step('drain-hot', [], 'saucepan', { tools: ['colander', 'saucepan'] }))).toEqual(
      expect.arrayContaining(['steam', 'splash']),
    );
    expect(hazardsOf(boiling, step('wait', [], 'saucepan'))).not.toContain('steam');
    expect(hazardsOf(boiling, step('chop', [ONION], 'board'))).not.toContain('hot');
    expect(hazardsOf(boiling, step('gather', [MILK]))).not.toContain('hot');
    expect(hazardsOf(boiling, step('add', [ONION], 'bowl'))).not.toContain('splash');
  });

  test('flour is raw for the hands once it is wet, or where something is turned in it', () => {
    const floury = (...more: Played[]) => after(into(FLOUR, 'bowl'), ...more);
    const raw = (world: ReturnType<typeof after>, one: Played) => hazardsOf(world, one).includes('raw-flour');
    expect(raw(floury(into(MILK, 'bowl')), step('mix', [], 'bowl'))).toBe(true);
    expect(raw(floury(), step('mix', [], 'bowl'))).toBe(false);
    expect(raw(floury(), step('dip', [POTATO, FLOUR], 'bowl'))).toBe(true);
    expect(raw(after(into(MILK, 'bowl')), step('mix', [], 'bowl'))).toBe(false);
    expect(raw(floury(into(MILK, 'bowl')), step('turn-over', [], 'bowl'))).toBe(false);
  });
});
