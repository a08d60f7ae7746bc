// What the planner puts in for each lack, when a ring goes off, and where an inside is looked at. Common practice at a stove; inside temperatures: USDA FSIS, safe minimum internal temperatures.
import { describe, expect, test } from 'vitest';
import { kitchenWith } from '../../../tests/cases/kitchen';
import type { Lack, Played } from '../kitchen/index';
import { readRecipe } from '../recipe/read';
import { insideOfEggs } from './doneness';
import { rawHazard, stepOf, supervisionFor, useOf, type Draft } from './draft';
import { ensure } from './ensure';
import { USUAL_KITCHEN } from './model';
import { provide } from './providers';

const LIST = [
  '200 g pasta',
  '1 onion',
  '1 tbsp oil',
  '1 cup milk',
  '2 cans tomatoes',
  '2 eggs',
  '500 g chicken breast',
  '4 potatoes',
  '2 cups flour',
  '1 bag of spinach',
];
const [PASTA, ONION, OIL, MILK, TOMATOES, EGGS, CHICKEN, POTATO, FLOUR] = [0, 1, 2, 3, 4, 5, 6, 7, 8] as const;
const INGREDIENTS = readRecipe(['Test', ...LIST, 'Method', 'Stir.'].join('\n')).recipe.ingredients;
const CALLS = { tools: new Map(), dish: null };
const { step, after } = kitchenWith(LIST);

const draft = (technique: string, into: string | null = null, uses: number[] = [], more: Partial<Draft> = {}): Draft => ({
  technique,
  text: `${technique} ⟦thing|⟧.`,
  sourceLine: 1,
  uses: uses.map((i) => useOf(INGREDIENTS, i)),
  tools: into ? [into] : [],
  into,
  ...more,
});
const onHob = (technique: string, pan: string, more: Partial<Draft> = {}) =>
  draft(technique, pan, [], { tools: ['hob', pan], minutes: { waiting: 5 }, lasts: true, ...more });
const planned = (...drafts: Draft[]) => ensure(drafts, INGREDIENTS, USUAL_KITCHEN, CALLS);
const done = (...drafts: Draft[]) => planned(...drafts).map((d) => d.technique);

describe('what is put in for a lack', () => {
  const world = () => after(step('add', [MILK], 'bowl'));
  const text = (lack: Lack, now = world()) => provide(lack, now, CALLS, 3).map((d) => d.text);

  test.each<[Lack, string[]]>([
    [{ fact: 'out-of-place', vessel: 'tray', place: 'oven' }, ['Take the baking tray out of the oven and put it on a stand.']],
    [{ fact: 'out-of-place', vessel: 'bowl', place: 'fridge' }, ['Take the bowl out of the fridge.']],
    [{ fact: 'in-place', vessel: 'bowl', place: 'microwave' }, ['Put the bowl in the microwave.']],
    [{ fact: 'lid-off', vessel: 'saucepan', lid: 'lid', hot: true }, ['Take the lid off the saucepan, away from your face.']],
    [{ fact: 'lid-off', vessel: 'bowl', lid: 'cling-film', hot: false }, ['Take the cling film off the bowl.']],
    [{ fact: 'water', vessel: 'saucepan', lots: [] }, ['Fill the saucepan two-thirds with water.']],
    [{ fact: 'boiling', vessel: 'bowl' }, ['Bring the milk to the boil.']],
    [{ fact: 'ring-on', vessel: 'saucepan', level: 'low', other: null }, ['Turn on the hob under the saucepan, low heat.']],
    [
      { fact: 'ring-on', vessel: 'saucepan', level: null, other: 'wok' },
      ['Turn off the hob under the wok.', 'Turn on the hob under the saucepan.'],
    ],
    [{ fact: 'ring-on', vessel: 'saucepan', level: null, other: 'hob' }, ['Turn on the hob under the saucepan.']],
    [{ fact: 'ring-level', vessel: 'saucepan', level: 'low', from: 'high' }, ['Turn the heat down to low.']],
    [{ fact: 'ring-level', vessel: 'saucepan', level: 'high', from: 'medium' }, ['Turn the heat up to high.']],
    [{ fact: 'ring-level', vessel: 'saucepan', level: 'high', from: null }, ['Turn the heat up to high.']],
    [{ fact: 'ring-level', vessel: 'saucepan', level: 'low', from: null }, ['Turn the heat down to low.']],
    [{ fact: 'ring-off', vessel: 'hob' }, ['Turn off the hob.']],
    [{ fact: 'oven-on', appliance: 'grill' }, ['Turn the grill on.']],
    [{ fact: 'oven-ready', appliance: 'oven', minutes: 7, since: 3 }, ['Wait until the oven is hot.']],
    [{ fact: 'hands', raw: [] }, ['Wash your hands with soap for 20 seconds.']],
    [{ fact: 'clean', tools: ['knife', 'board'], raw: ['raw-meat'] }, ['Wash the knife and the chopping board with hot water and soap.']],
    [{ fact: 'dry-measure', measures: [{ measure: 'cup-1', label: '1 cup' }], from: 'milk' }, ['Wash and dry the 1 cup.']],
    [{ fact: 'in-oven', vessel: 'tray' }, []],
    [{ fact: 'cooked', foods: [CHICKEN] }, []],
    [{ fact: 'form', ingredient: TOMATOES, form: 'opened', technique: 'open-can', work: null }, ['Open the 2 cans of tomatoes.']],
    [{ fact: 'form', ingredient: EGGS, form: 'cracked', technique: 'crack-egg', work: null }, ['Crack the eggs into a small bowl.']],
    [{ fact: 'form', ingredient: POTATO, form: 'rinsed', technique: 'rinse', work: null }, ['Rinse the potatoes under cold water.']],
    [{ fact: 'form', ingredient: ONION, form: 'worked', technique: 'chop', work: 'finely chopped' }, ['Chop the onion.']],
  ])('%j', (lack, words) => {
    expect(text(lack)).toEqual(words);
  });

  test('each stands at the line that it is for, as put in', () => {
    expect(provide({ fact: 'hands', raw: [] }, world(), CALLS, 3)).toMatchObject([{ sourceLine: 3, put: true }]);
  });

  test('a hot lid and what comes out of the heat is held with gloves', () => {
    const tools = (lack: Lack) => provide(lack, world(), CALLS, null)[0].tools;
    expect(tools({ fact: 'lid-off', vessel: 'saucepan', lid: 'lid', hot: true })).toContain('oven-gloves');
    expect(tools({ fact: 'lid-off', vessel: 'saucepan', lid: 'lid', hot: false })).not.toContain('oven-gloves');
    expect(tools({ fact: 'out-of-place', vessel: 'bowl', place: 'microwave' })).toContain('oven-gloves');
    expect(tools({ fact: 'out-of-place', vessel: 'bowl', place: 'fridge' })).toEqual(['fridge', 'bowl']);
  });

  test('a full measure goes out into a small bowl, into a large one where it is more than that holds', () => {
    const emptied = (what: number, now = world()) =>
      provide(
        { fact: 'empty-measure', measure: 'cup-1', label: '1 cup', lot: now.lots.find((lot) => lot.parts.has(what))! },
        now,
        CALLS,
        null,
      )[0];
    expect(emptied(MILK)).toMatchObject({ into: 'small-bowl', text: 'Tip the milk from the 1 cup into a small bowl.' });
    expect(emptied(FLOUR)).toMatchObject({ into: 'large-bowl' });
    expect(emptied(FLOUR, after(step('add', [PASTA], 'large-bowl')))).toMatchObject({ into: 'bowl' });
    expect(emptied(FLOUR, after(step('add', [PASTA], 'large-bowl'), step('add', [MILK], 'bowl')))).toMatchObject({ into: 'small-bowl' });
  });

  test('poultry is looked at for 74 °C', () => {
    const [check] = provide({ fact: 'checked', foods: [CHICKEN] }, world(), CALLS, null);
    expect(check.text).toBe('Check the chicken breast with the thermometer: 74 °C (165 °F) in the middle.');
  });
});

describe('when the ring goes off', () => {
  const start = [draft('pour', 'frying-pan', [OIL]), draft('add', 'frying-pan', [MILK]), onHob('fry', 'frying-pan')];
  /** What stands right before the ring is off. */
  const offAfter = (...more: Draft[]) => {
    const all = done(...start, ...more);
    return all[all.indexOf('turn-off') - 1];
  };

  test('as soon as nothing heats the pan any more', () => {
    expect(offAfter()).toBe('fry');
    expect(offAfter(draft('serve', 'plate', [], { from: 'frying-pan' }))).toBe('fry');
    expect(offAfter(draft('mix', 'frying-pan'), draft('serve', 'plate', [], { from: 'frying-pan' }))).toBe('fry');
  });

  test('not while the pan is heated again soon, or the recipe turns it down or off', () => {
    expect(offAfter(draft('mix', 'frying-pan'), onHob('simmer', 'frying-pan'))).toBe('simmer');
    expect(
      done(...start, draft('mix', 'frying-pan'), draft('turn-heat', null, [], { level: 'low' }), onHob('simmer', 'frying-pan')),
    ).not.toContain('hob-off');
    expect(done(...start, draft('turn-off', null, [], { text: 'Turn off the heat.' })).filter((t) => t === 'turn-off')).toHaveLength(1);
    // an oven that is turned off is no ring
    expect(
      done(...start, draft('turn-off', null, [], { tools: ['oven'], text: 'Turn off the oven.' })).filter((t) => t === 'turn-off'),
    ).toHaveLength(2);
    expect(offAfter(draft('repeat', null, [], { text: 'Do this again.' }))).not.toBe('fry');
  });

  test('not for a little work beside it, but for much', () => {
    const beside = (n: number) => Array.from({ length: n }, (_, k) => draft('chop', 'board', [[ONION, POTATO, PASTA, FLOUR][k]]));
    expect(offAfter(...beside(2), onHob('simmer', 'frying-pan'))).toBe('simmer');
    expect(offAfter(...beside(4), onHob('simmer', 'frying-pan'))).toBe('fry');
    // what the plan itself puts between is no leaving
    expect(
      offAfter(
        draft('gather', null, [ONION]),
        draft('wash-hands'),
        draft('store', null, [MILK]),
        ...beside(2),
        onHob('simmer', 'frying-pan'),
      ),
    ).toBe('simmer');
  });

  test('it is off before the food leaves it, and stays on while a tin is drained beside it', () => {
    expect(offAfter(draft('drain', null, [TOMATOES], { tools: ['sieve'] }), onHob('simmer', 'frying-pan'))).toBe('simmer');
    expect(offAfter(draft('drain', 'frying-pan'), onHob('simmer', 'frying-pan'))).toBe('fry');
    for (const technique of ['serve', 'cool', 'chill', 'eat'])
      expect(offAfter(draft(technique, 'frying-pan'), onHob('simmer', 'frying-pan')), technique).toBe('fry');
    expect(offAfter(draft('store', null, []), onHob('simmer', 'frying-pan'))).toBe('fry');
  });

  test('another pan takes it over at once', () => {
    const all = done(...start, draft('add', 'saucepan', [TOMATOES]), onHob('simmer', 'saucepan'));
    expect(all.indexOf('turn-off')).toBeLessThan(all.lastIndexOf('hob-on'));
    expect(all.filter((t) => t === 'hob-on')).toHaveLength(2);
  });

  test('a long wait is no heat; off the ring by its own words it was on until then', () => {
    expect(offAfter(draft('wait', null, [], { minutes: { waiting: 10 }, lasts: true }), onHob('simmer', 'frying-pan'))).toBe('fry');
    expect(offAfter(draft('mix', 'frying-pan'), draft('take-off-heat', 'frying-pan'))).toBe('mix');
  });
});

describe('looking inside', () => {
  const chicken = [draft('pour', 'frying-pan', [OIL]), draft('add', 'frying-pan', [CHICKEN]), onHob('fry', 'frying-pan')];
  const checks = (...more: Draft[]) => done(...chicken, ...more).filter((t) => t === 'take-temperature').length;

  test('once, where its last heat ends, and not where the recipe does it', () => {
    expect(checks(draft('serve', 'plate', [], { from: 'frying-pan' }))).toBe(1);
    expect(
      checks(
        draft('add', 'saucepan', [CHICKEN]),
        draft('add', 'saucepan', [TOMATOES]),
        onHob('simmer', 'saucepan'),
        draft('serve', 'plate', [], { from: 'saucepan' }),
      ),
    ).toBe(1);
    expect(checks(draft('check-done', 'frying-pan', [CHICKEN]), draft('serve', 'plate', [], { from: 'frying-pan' }))).toBe(0);
    const all = done(...chicken, draft('serve', 'plate', [], { from: 'frying-pan' }));
    expect(all.indexOf('take-temperature')).toBeGreaterThan(all.indexOf('fry'));
    expect(all.indexOf('take-temperature')).toBeLessThan(all.indexOf('serve'));
  });

  test('out of the oven at once, and not before it goes back', () => {
    const roast = (...more: Draft[]) =>
      done(
        draft('preheat-oven', null, [], { tools: ['oven'] }),
        draft('add', 'baking-dish', [CHICKEN]),
        draft('roast', 'oven', [], { tools: ['baking-dish', 'oven'], minutes: { waiting: 30 } }),
        draft('take-out-oven', 'baking-dish', [], { tools: ['oven-gloves', 'baking-dish'] }),
        ...more,
      );
    const once = roast(draft('serve', 'plate', [], { from: 'baking-dish' }));
    expect(once[once.indexOf('take-out-oven') + 1]).toBe('take-temperature');
    const back = roast(
      draft('brush', 'baking-dish', [OIL]),
      draft('roast', 'oven', [], { tools: ['baking-dish', 'oven'], minutes: { waiting: 10 } }),
      draft('take-out-oven', 'baking-dish', [], { tools: ['oven-gloves', 'baking-dish'] }),
    );
    expect(back.filter((t) => t === 'take-temperature')).toHaveLength(1);
    expect(back.indexOf('take-temperature')).toBeGreaterThan(back.lastIndexOf('take-out-oven'));
  });

  test('eggs out of their shells have a number of their own where they cook; a cake, a glaze and a boiled egg have none', () => {
    const cracked = step('crack-egg', [EGGS], 'small-bowl');
    const inside = (one: Played, ...before: Played[]) => insideOfEggs(after(...before), one)?.celsius ?? null;
    const pan = step('scramble', [], 'frying-pan', { tools: ['hob', 'frying-pan'] });
    const eggs = [cracked, step('add', [EGGS], 'frying-pan')];
    expect(inside(pan, ...eggs)).toBe(71);
    expect(inside(step('microwave', [], 'cup', { tools: ['microwave', 'cup'] }), cracked, step('add', [EGGS], 'cup'))).toBe(71);
    expect(inside(step('heat-pan', [], 'frying-pan', { tools: ['hob', 'frying-pan'] }), ...eggs)).toBeNull();
    expect(inside(step('boil', [], 'saucepan', { tools: ['hob', 'saucepan'] }), step('add', [EGGS], 'saucepan'))).toBeNull();
    const mixed = [...eggs, step('add', [FLOUR], 'frying-pan'), step('mix', [], 'frying-pan')];
    expect(inside(pan, ...mixed)).toBeNull();
    const glazed = [step('add', [FLOUR], 'tray'), cracked, step('add', [EGGS], 'tray')];
    expect(inside(step('fry', [], 'tray', { tools: ['hob', 'tray'] }), ...glazed)).toBeNull();
    const baked = [cracked, step('add', [EGGS], 'muffin-tin'), step('bake', [], 'oven', { tools: ['muffin-tin', 'oven'] })];
    expect(inside(step('wait', [], 'oven', { tools: ['oven'] }), ...baked)).toBe(71);
    expect(inside(step('wait', [], 'bowl'), ...baked)).toBeNull();
  });
});

describe('nothing twice', () => {
  test('no lid on a lid, no ring off that is off, nothing measured that was measured', () => {
    const cover = draft('cover', 'saucepan', [], { tools: ['lid', 'saucepan'] });
    expect(done(draft('add', 'saucepan', [PASTA]), cover, cover).filter((t) => t === 'cover')).toHaveLength(1);
    expect(done(draft('turn-off', null, [], { tools: ['hob'], text: 'Turn off the hob.' }))).toEqual([]);
    expect(done(draft('turn-off', null, [], { text: 'Turn off the blender.' }))).toEqual(['turn-off']);
    const lit = draft('preheat-oven', null, [], { tools: ['oven'] });
    expect(done(lit, draft('turn-off', null, [], { tools: ['oven'], text: 'Turn off the oven.' }))).toContain('turn-off');
    const measure = draft('measure', null, [MILK]);
    expect(done(measure, measure).filter((t) => t === 'measure')).toHaveLength(1);
    expect(done(draft('measure', null, [PASTA]), measure).filter((t) => t === 'measure')).toHaveLength(2);
  });
});

describe('a full step', () => {
  const full = (one: Partial<Draft>) => stepOf({ ...draft('mix', 'bowl'), ...one }, 'key', 'cook');
  const small = (one: Partial<Draft>) => full(one).small.join(' ');

  test('what is raw of its kind, and is not in its can', () => {
    const hazard = (line: string) => rawHazard(readRecipe(`T\n${line}\nMethod\nStir.`).recipe.ingredients[0]);
    expect(hazard('2 eggs')).toBe('raw-egg');
    expect(hazard('1 can tuna')).toBeNull();
    expect(hazard('200 g raw prawns')).toBe('raw-fish');
    expect(hazard('200 g pasta')).toBeNull();
    expect(rawHazard(undefined)).toBeNull();
  });

  test('the strictest hazard decides how near the adult is, and never less than the recipe asks', () => {
    expect(supervisionFor(['raw-flour', 'hot'])).toBe('within-reach');
    expect(supervisionFor([])).toBe('none');
    expect(supervisionFor(['electric'], 'within-reach')).toBe('within-reach');
    expect(full({ technique: null }).supervision).toBe('nearby');
  });

  test('what it demands comes of its own amounts', () => {
    const demands = (fillings: Draft['fillings'], text = 'Measure the milk.') => full({ technique: 'measure', fillings, text }).demands;
    expect(demands([{ measure: 'cup-1', label: '1 cup', times: 2 }])).toContain('count');
    expect(demands([{ measure: 'cup-1', label: '1 cup', times: 1 }])).not.toContain('count');
    expect(demands([{ measure: 'cup-1-2', label: '½ cup', times: 1 }])).toContain('fraction');
    expect(demands([{ measure: 'cup-1', label: '1 cup', times: 1 }])).not.toContain('fraction');
    expect(demands([])).toContain('read-number');
    expect(full({ text: 'Stir for 5 minutes.' }).demands).toContain('read-number');
    expect(full({ text: 'Stir.' }).demands).not.toContain('read-number');
  });

  test('its small steps speak of its own thing, tool and place', () => {
    expect(small({ technique: 'top', text: 'Top the oats with the berries.', thing: 'berries' })).toContain('some of the berries');
    expect(small({ technique: 'top', text: 'Top it with berries.', thing: 'the fruit' })).toContain('some of the berries');
    expect(small({ technique: 'top', text: 'Top it with a spoon.', thing: 'the fruit' })).toContain('some of the fruit');
    expect(small({ small: ['Do this.'] })).toBe('Do this.');
    expect(small({ tools: ['whisk', 'bowl'], text: 'Beat the milk.', technique: 'beat' })).toContain('whisk');
  });
});
