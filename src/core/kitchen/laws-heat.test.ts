// Water and fat, rings, ovens, what is hot and what stands out of the fridge: each law at its edges, where it holds, and the nearest case where it does not. Common practice at a stove and general food hygiene guidance throughout.
import { describe, expect, test } from 'vitest';
import { facts, kitchenWith, MIXED_LIST } from '../../../tests/cases/kitchen';
import { apply, contents, hazardsOf, isHot, lacks, type Played } from './index';
import { isLotHot, lotsOf } from './world';

const [PASTA, ONION, CHICKEN, EGG, OIL, MILK, POTATO, FLOUR, TOMATOES] = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9] as const;
const { step, after, ring, on, into, bake, wait } = kitchenWith(MIXED_LIST);

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

  test('minutes count from when it boils: what is timed wants boiling water, what is brought to it does not, nor what steams in a splash', () => {
    const potatoes = (...more: Played[]) => after(step('fill-pan', [], 'saucepan', { water: true }), into(POTATO, 'saucepan'), ...more);
    const timed = (technique: string, waiting = 15) => on(technique, 'saucepan', { lasts: true, minutes: { active: 0.5, waiting } });
    for (const technique of ['boil', 'simmer', 'cook']) expect(facts(potatoes(), timed(technique)), technique).toEqual(['boiling']);
    // a ring that is lit already boils nothing yet
    expect(facts(potatoes(ring('saucepan')), timed('boil'))).toEqual(['boiling']);
    expect(facts(potatoes(ring('saucepan')), on('boil', 'saucepan'))).toEqual([]);
    expect(facts(potatoes(ring('saucepan'), on('boil', 'saucepan')), timed('simmer'))).not.toContain('boiling');
    expect(facts(potatoes(), timed('boil', 1))).not.toContain('boiling');
    const onions = after(step('fill-pan', [], 'saucepan', { water: true }), into(ONION, 'saucepan'));
    expect(facts(onions, timed('cook'))).not.toContain('boiling');
  });

  test('nobody takes hold of what lies in hot water: to rinse, to peel, to cool it under the tap; drained it is free', () => {
    const boiled = (...more: Played[]) =>
      after(
        step('fill-pan', [], 'saucepan', { water: true }),
        into(POTATO, 'saucepan'),
        ring('saucepan'),
        on('boil', 'saucepan'),
        step('turn-off', [], null, { tools: ['hob'] }),
        ...more,
      );
    expect(facts(boiled(), step('rinse', [POTATO]))).toEqual(['out-of-water']);
    expect(facts(boiled(), step('cool', [POTATO], 'saucepan', { tap: true }))).toEqual(['out-of-water']);
    expect(facts(boiled(), step('cool', [POTATO], 'saucepan'))).toEqual([]);
    const drain = step('drain-hot', [], 'saucepan', { tools: ['colander', 'saucepan'] });
    expect(facts(boiled(drain), step('rinse', [POTATO]))).toEqual([]);
    // cold water burns nobody
    expect(facts(after(step('fill-pan', [], 'saucepan', { water: true }), into(POTATO, 'saucepan')), step('rinse', [POTATO]))).toEqual([]);
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
