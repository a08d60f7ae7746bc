// What is shut away, covered, drained, raw and measured: each law at its edges, where it holds, and the nearest case where it does not. Common practice at a stove and general food hygiene guidance throughout.
import { describe, expect, test } from 'vitest';
import { facts, kitchenWith, MIXED_LIST } from '../../../tests/cases/kitchen';
import { apply, contents, lacks, type Played } from './index';
import { lotsOf } from './world';

const [PASTA, ONION, CHICKEN, EGG, OIL, MILK, POTATO, FLOUR, TOMATOES, LEMON] = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9] as const;
const { step, after, ring, on, into, bake, wait } = kitchenWith(MIXED_LIST);

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
    // the colander is wanted by another pan
    const other = step('drain-hot', [], 'large-pan', { tools: ['colander', 'large-pan'] });
    expect(facts(drained(), other)).toEqual(['in-vessel']);
    expect(facts(drained(), { ...other, tools: ['large-pan'] })).toEqual([]);
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
    const { world, step: other } = kitchenWith(MIXED_LIST);
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

  test('a bowl that raw food was in is washed before anything else goes into it, and not for more of the same or for a pan', () => {
    const emptied = (vessel: string) => after(into(CHICKEN, vessel), step('add', [CHICKEN], 'tray'), step('wash-hands'));
    expect(lacks(emptied('bowl'), into(MILK, 'bowl'))).toMatchObject([{ fact: 'clean', tools: ['bowl'], raw: ['raw-meat'] }]);
    expect(facts(emptied('bowl'), into(MILK, 'large-bowl'))).toEqual([]);
    expect(facts(emptied('bowl'), into(CHICKEN, 'bowl'))).toEqual([]);
    expect(facts(emptied('saucepan'), into(MILK, 'saucepan'))).toEqual([]);
    const washed = emptied('bowl');
    apply(washed, step('wash-up', [], null, { tools: ['bowl'] }));
    expect(facts(washed, into(MILK, 'bowl'))).toEqual([]);
    // flour is not washed off before the next thing
    expect(facts(after(into(FLOUR, 'bowl'), step('add', [FLOUR], 'tray')), into(MILK, 'bowl'))).toEqual([]);
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
    item: MIXED_LIST[ingredient],
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
