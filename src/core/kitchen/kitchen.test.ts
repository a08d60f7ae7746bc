// The laws of the kitchen one by one: what each act does to the world, and what a step lacks in it.
// Sources beside the checks: general food hygiene guidance for schools (hands after raw food; inside temperature; two hours out of the fridge); else common practice at a stove.
import { describe, expect, test } from 'vitest';
import { facts, kitchenWith } from '../../../tests/cases/kitchen';
import { apply, contents, hazardsOf, isHot, lacks } from './index';
import { isLotHot } from './world';

const LIST = [
  '200 g pasta',
  '1 onion',
  '2 chicken breasts',
  '1 egg',
  '1 tbsp oil',
  '1 cup milk',
  '1 cup rice',
  '2 potatoes',
  '200 g flour',
];
const [PASTA, ONION, CHICKEN, EGG, OIL, MILK, RICE, POTATO] = LIST.map((_, i) => i) as [
  number,
  number,
  number,
  number,
  number,
  number,
  number,
  number,
];

const { world: kitchen, step, after } = kitchenWith(LIST);
const ring = (pan: string) => step('hob-on', [], pan, { tools: ['hob', pan] });
const chopped = step('chop', [ONION], 'board');

describe('lids and places', () => {
  const covered = after(step('add', [RICE], 'saucepan'), step('cover', [], 'saucepan', { tools: ['lid', 'saucepan'] }));

  test('nothing is stirred or tipped in under a lid; what only stands there may', () => {
    expect(facts(covered, step('mix', [], 'saucepan', { tools: ['spoon', 'saucepan'] }))).toEqual(['lid-off']);
    expect(facts(covered, step('wait', [], 'saucepan'))).toEqual([]);
    apply(covered, step('uncover', [], 'saucepan'));
    expect(facts(covered, step('mix', [], 'saucepan', { tools: ['spoon', 'saucepan'] }))).toEqual([]);
  });

  test('what stands in the fridge is taken out before it is worked on', () => {
    const world = after(
      step('add', [MILK], 'bowl'),
      step('chill', [], 'bowl', { tools: ['fridge', 'bowl'], minutes: { active: 1, waiting: 60 } }),
    );
    expect(facts(world, step('whisk', [], 'bowl', { tools: ['whisk', 'bowl'] }))).toEqual(['out-of-place']);
    apply(world, step('take-out-place', [], 'bowl', { tools: ['fridge', 'bowl'] }));
    expect(facts(world, step('whisk', [], 'bowl', { tools: ['whisk', 'bowl'] }))).toEqual([]);
  });

  test('a microwave heats only what was put in it, and a tin comes only out of an oven that it is in', () => {
    const world = after(step('add', [MILK], 'cup'));
    const cook = step('microwave', [], 'cup', { tools: ['microwave', 'cup'] });
    expect(facts(world, cook)).toEqual(['in-place']);
    apply(world, step('put-in-place', [], 'cup', { tools: ['microwave', 'cup'] }));
    expect(facts(world, cook)).toEqual([]);
    apply(world, cook);
    expect(isHot(world, 'cup')).toBe(true);
    const out = step('take-out-oven', [], 'cup', { tools: ['oven-gloves', 'cup'] });
    expect(facts(world, out)).toEqual([]);
    apply(world, out);
    expect(facts(world, out)).toEqual(['in-oven']);
  });
});

describe('heat', () => {
  test('a bowl that was in a microwave for long comes out as hot as one that was in for a minute', () => {
    for (const waiting of [1, 9, 30]) {
      const world = after(
        step('add', [MILK], 'bowl'),
        step('put-in-place', [], 'bowl', { tools: ['microwave', 'bowl'] }),
        step('microwave', [], 'bowl', { tools: ['microwave', 'bowl'], minutes: { active: 0.5, waiting } }),
        step('take-out-place', [], 'bowl', { tools: ['microwave', 'bowl'] }),
      );
      expect(isHot(world, 'bowl'), `${waiting} min`).toBe(true);
      apply(world, step('wait', [], 'bowl', { minutes: { active: 0, waiting: 30 } }));
      expect(isHot(world, 'bowl')).toBe(false);
    }
  });
});

describe('what is hot among what is cold', () => {
  const heated = (what: number) => [
    step('add', [what], 'saucepan'),
    ring('saucepan'),
    step('heat-pan', [], 'saucepan', { tools: ['hob', 'saucepan'], minutes: { active: 1, waiting: 2 } }),
    step('turn-off', [], null, { tools: ['hob'] }),
  ];
  const mixed = (hot: number, cold: number) =>
    after(...heated(hot), step('add', [cold], 'bowl'), step('add', [hot], 'bowl'), step('mix', [], 'bowl', { tools: ['spoon', 'bowl'] }));
  // mixing temperatures: one part at 160 °C in four at 20 °C is 48 °C (heat balance, like heat capacities)
  test.each([
    ['a spoonful of hot oil in a cup of cold milk is hot no longer', OIL, MILK, false],
    ['a cup of hot milk with a spoonful of cold oil is', MILK, OIL, true],
    ['nor is it known of an egg, that has no amount, that it cools the milk', MILK, EGG, true],
  ])('%s', (_name, hot, cold, isStill) => {
    const world = mixed(hot, cold);
    expect(contents(world, 'bowl').some((lot) => lot.hotUntil > world.clock)).toBe(isStill);
  });
});

describe('an oven that is not hot yet', () => {
  const lit = () => after(step('preheat-oven', [], null, { tools: ['oven'] }));
  test('an empty tray gets hot with it; what is baked waits, though nobody knows what it is', () => {
    expect(facts(lit(), step('heat-pan', [], 'oven', { tools: ['tray', 'oven'] }))).toEqual([]);
    expect(facts(lit(), step('bake', [], 'oven', { tools: ['tray', 'oven'] }))).toEqual(['oven-ready']);
  });
});

describe('the ring', () => {
  test('nothing is heated on a ring that is off, and no pan is drained on one that is on', () => {
    const world = after(step('fill-pan', [], 'saucepan', { water: true }), step('add', [PASTA], 'saucepan'));
    const boil = step('boil', [], 'saucepan', { tools: ['hob', 'saucepan'], minutes: { active: 0, waiting: 10 } });
    expect(facts(world, boil)).toEqual(['ring-on']);
    apply(world, ring('saucepan'));
    expect(facts(world, boil)).toEqual([]);
    apply(world, boil);
    expect(facts(world, step('drain-hot', [], 'saucepan', { tools: ['colander', 'saucepan'] }))).toEqual(['ring-off']);
  });

  test('one ring: another pan on it is named, so that the first goes off', () => {
    const world = after(ring('saucepan'), step('add', [OIL], 'frying-pan'), chopped, step('add', [ONION], 'frying-pan'));
    expect(lacks(world, step('fry', [], 'frying-pan', { tools: ['hob', 'frying-pan'] }))).toMatchObject([
      { fact: 'ring-on', vessel: 'frying-pan', other: 'saucepan' },
    ]);
  });

  test('a pan stays hot after its ring is off, and cools with the clock', () => {
    const world = after(
      step('add', [OIL], 'frying-pan'),
      ring('frying-pan'),
      step('fry', [], 'frying-pan', { tools: ['hob', 'frying-pan'] }),
    );
    apply(world, step('turn-off', [], null, { tools: ['hob'] }));
    expect(isHot(world, 'frying-pan')).toBe(true);
    expect(hazardsOf(world, step('mix', [], 'frying-pan', { tools: ['spoon', 'frying-pan'] }))).toContain('hot');
    apply(world, step('wait', [], null, { minutes: { active: 0, waiting: 120 } }));
    expect(isHot(world, 'frying-pan')).toBe(false);
  });

  test('pasta, rice and potatoes want water; onions want fat', () => {
    const potatoes = after(step('add', [POTATO], 'saucepan'), ring('saucepan'));
    expect(facts(potatoes, step('boil', [], 'saucepan', { tools: ['hob', 'saucepan'] }))).toEqual(['water']);
    const onions = after(chopped, step('add', [ONION], 'frying-pan'), ring('frying-pan'));
    expect(facts(onions, step('fry', [], 'frying-pan', { tools: ['hob', 'frying-pan'] }))).toEqual(['fat']);
    apply(onions, step('add', [OIL], 'frying-pan'));
    expect(facts(onions, step('fry', [], 'frying-pan', { tools: ['hob', 'frying-pan'] }))).toEqual([]);
  });
});

describe('matter', () => {
  test('joined things move as one; what was drained lies in the colander until it is tipped back', () => {
    const world = after(step('fill-pan', [], 'saucepan', { water: true }), step('add', [PASTA], 'saucepan'));
    apply(world, step('drain-hot', [], 'saucepan', { tools: ['colander', 'saucepan'] }));
    expect(contents(world, 'saucepan')).toEqual([]);
    expect(contents(world, 'colander')).toHaveLength(1);
    expect(facts(world, step('mix', [], 'saucepan', { tools: ['spoon', 'saucepan'] }))).toEqual(['in-vessel']);
    const batter = after(
      step('add', [MILK], 'bowl'),
      step('add', [OIL], 'bowl'),
      step('mix', [], 'bowl', { tools: ['spoon', 'bowl'], becomes: 'batter' }),
    );
    expect(contents(batter, 'bowl')).toMatchObject([{ joined: true, name: 'batter' }]);
    apply(batter, step('pour', [MILK], 'baking-dish', { from: 'bowl' }));
    expect(contents(batter, 'bowl')).toEqual([]);
    expect(contents(batter, 'baking-dish')).toHaveLength(1);
  });

  test('what comes out of boiling water is hot itself', () => {
    const world = after(step('fill-pan', [], 'saucepan', { water: true }), step('add', [POTATO], 'saucepan'), ring('saucepan'));
    apply(world, step('boil', [], 'saucepan', { tools: ['hob', 'saucepan'], minutes: { active: 0, waiting: 15 } }));
    apply(world, step('drain-hot', [], 'saucepan', { tools: ['colander', 'saucepan'] }));
    expect(isLotHot(world, contents(world, 'colander')[0])).toBe(true);
  });
});

describe('out of the fridge', () => {
  const boil = step('boil', [], 'saucepan', { tools: ['hob', 'saucepan'], minutes: { active: 0, waiting: 10 } });

  test('plain water that boils leaves the time of other food as it is; food that is cooked itself is out no longer', () => {
    const world = after(step('gather', [MILK], null), step('fill-pan', [], 'saucepan', { water: true }), ring('saucepan'));
    expect(world.out.has(MILK)).toBe(true);
    const since = world.out.get(MILK);
    apply(world, boil);
    expect(world.out.get(MILK)).toBe(since);
    apply(world, step('pour', [MILK], 'saucepan'));
    apply(world, boil);
    expect(world.out.has(MILK)).toBe(false);
  });
});

describe('hygiene', () => {
  const cutChicken = step('dice', [CHICKEN], 'board', { tools: ['knife', 'board'] });

  test('hands, knife and board are washed between raw meat and other food', () => {
    const world = after(cutChicken);
    const next = step('chop', [ONION], 'board', { tools: ['knife', 'board'] });
    expect(facts(world, next)).toContain('hands');
    apply(world, step('wash-hands'));
    expect(facts(world, next)).toEqual(['clean']);
    apply(world, step('wash-up', [], null, { tools: ['knife', 'board'] }));
    expect(facts(world, next)).toEqual([]);
  });

  test('nobody begins with unwashed hands; a raw egg is washed off too', () => {
    expect(facts(kitchen(), chopped)).toEqual(['hands']);
    expect(facts(after(step('crack-egg', [EGG], 'small-bowl')), chopped)).toEqual(['hands']);
  });

  test('meat that was cooked is not served before somebody looked inside', () => {
    const world = after(
      step('add', [OIL], 'frying-pan'),
      cutChicken,
      step('add', [CHICKEN], 'frying-pan'),
      step('wash-hands'),
      ring('frying-pan'),
    );
    apply(world, step('fry', [], 'frying-pan', { tools: ['hob', 'frying-pan'], minutes: { active: 0, waiting: 8 } }));
    const serve = step('serve', [], 'plate', { from: 'frying-pan', tools: ['plate'] });
    expect(lacks(world, serve)).toMatchObject([{ fact: 'checked', foods: [CHICKEN] }]);
    apply(world, step('take-temperature', [CHICKEN], 'frying-pan', { tools: ['thermometer', 'frying-pan'] }));
    expect(facts(world, serve)).toEqual([]);
  });
});

describe('measures', () => {
  const cup = (i: number) => step('measure', [i], null, { fillings: [{ measure: 'cup-1', label: '1 cup', times: 1 }] });

  test('a cup wet from milk does not measure rice; from rice it measures milk', () => {
    const wet = after(cup(MILK), step('pour', [MILK], 'bowl'));
    expect(facts(wet, cup(RICE))).toContain('dry-measure');
    const dry = after(cup(RICE), step('add', [RICE], 'saucepan'));
    expect(facts(dry, cup(MILK))).toEqual([]);
  });

  test('a measure that still holds rice is emptied before it is filled again', () => {
    expect(facts(after(cup(RICE)), cup(MILK))).toContain('empty-measure');
  });
});
