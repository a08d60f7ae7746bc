// Planning with the one world: what is put in between the steps that a recipe says, and the words that the world fills.
// Common practice at a stove and in school kitchens throughout; inside temperatures are tested in task/dry-run.
import { describe, expect, test } from 'vitest';
import { readRecipe } from '../recipe/read';
import type { Draft } from './draft';
import { useOf } from './draft';
import { ensure } from './ensure';
import { USUAL_KITCHEN } from './model';

const LIST = ['200 g pasta', '1 onion, chopped', '1 tbsp oil', '1 cup milk', '1 can tomatoes', '2 eggs'];
const [PASTA, ONION, OIL, MILK, TOMATOES, EGGS] = [0, 1, 2, 3, 4, 5] as const;
const INGREDIENTS = readRecipe(['Test', ...LIST, 'Method', 'Stir.'].join('\n')).recipe.ingredients;

const draft = (technique: string, text: string, uses: number[], into: string | null, more: Partial<Draft> = {}): Draft => ({
  technique,
  text,
  sourceLine: 1,
  uses: uses.map((i) => useOf(INGREDIENTS, i)),
  tools: into ? [into] : [],
  into,
  ...more,
});
const planned = (...drafts: Draft[]) => ensure(drafts, INGREDIENTS, USUAL_KITCHEN, { tools: new Map(), dish: null });
const done = (drafts: readonly Draft[]) => drafts.map((d) => d.technique);
const fry = (more: Partial<Draft> = {}) =>
  draft('fry', 'Fry ⟦thing|⟧ for 5 minutes.', [], 'frying-pan', {
    tools: ['hob', 'frying-pan'],
    lasts: true,
    minutes: { waiting: 5 },
    ...more,
  });

describe('what a step lacks is put in before it', () => {
  test('what the list wants chopped is chopped before it goes in, once, and not where the recipe does it', () => {
    const add = draft('add', 'Put the onion in the pan.', [ONION], 'frying-pan');
    const cuts = (drafts: Draft[]) => done(planned(...drafts)).filter((t) => t === 'chop');
    expect(cuts([add])).toHaveLength(1);
    expect(cuts([draft('chop', 'Chop the onion.', [ONION], 'board'), add])).toHaveLength(1);
    expect(done(planned(add)).indexOf('chop')).toBeLessThan(done(planned(add)).indexOf('add'));
  });

  test('a can is opened before it is poured, an egg cracked before it is beaten', () => {
    expect(done(planned(draft('add', 'Add the tomatoes.', [TOMATOES], 'bowl')))).toContain('open-can');
    const eggs = done(planned(draft('beat', 'Beat the eggs.', [EGGS], 'bowl')));
    expect(eggs.indexOf('crack-egg')).toBeGreaterThanOrEqual(0);
    expect(eggs.indexOf('crack-egg')).toBeLessThan(eggs.indexOf('beat'));
  });

  test('the ring goes on before the pan is heated and off once nothing needs it', () => {
    const steps = planned(
      draft('pour', 'Pour the oil into the pan.', [OIL], 'frying-pan'),
      draft('chop', 'Chop the onion.', [ONION], 'board'),
      draft('add', 'Put the onion in the pan.', [ONION], 'frying-pan'),
      fry(),
      draft('serve', 'Serve the onion.', [], 'plate', { from: 'frying-pan' }),
    );
    const order = done(steps);
    expect(order.indexOf('hob-on')).toBeLessThan(order.indexOf('fry'));
    expect(order.indexOf('turn-off')).toBeGreaterThan(order.indexOf('fry'));
    expect(order.indexOf('turn-off')).toBeLessThan(order.indexOf('serve'));
    expect(steps.find((s) => s.technique === 'fry')!.hazards).toContain('hot');
  });

  test('a recipe that turns the ring off itself is not told to twice', () => {
    const steps = planned(
      draft('pour', 'Pour the oil into the pan.', [OIL], 'frying-pan'),
      fry(),
      draft('turn-off', 'Turn off the heat.', [], null),
      draft('turn-off', 'Turn off the hob.', [], null),
    );
    expect(done(steps).filter((t) => t === 'turn-off')).toHaveLength(1);
  });

  test('drained pasta is tipped back before more is done to it in its pan', () => {
    const steps = planned(
      draft('fill-pan', 'Fill the pan with water.', [], 'saucepan', { thing: 'the water' }),
      draft('add', 'Put the pasta in the pan.', [PASTA], 'saucepan'),
      draft('boil', 'Boil the pasta.', [], 'saucepan', { tools: ['hob', 'saucepan'], lasts: true, minutes: { waiting: 10 } }),
      draft('drain-hot', 'Drain the pasta.', [], 'saucepan', { tools: ['colander', 'saucepan'] }),
      draft('mix', 'Stir ⟦thing|⟧.', [], 'saucepan', { tools: ['spoon', 'saucepan'] }),
    );
    const back = steps.find((s) => s.from === 'colander')!;
    expect(back).toMatchObject({ into: 'saucepan' });
    expect(steps.indexOf(back)).toBe(steps.findIndex((s) => s.technique === 'mix') - 1);
    // off before it is carried to the sink
    expect(done(steps).indexOf('turn-off')).toBeLessThan(done(steps).indexOf('drain-hot'));
  });
});

describe('words that the world fills', () => {
  const words = (...drafts: Draft[]) => planned(...drafts).at(-1)!.text;
  const stir = draft('mix', 'Stir ⟦thing|⟧.', [], 'bowl', { tools: ['spoon', 'bowl'] });
  const put = (i: number) => draft('add', 'Put it in.', [i], 'bowl');

  test('what lies there is named where it is little, and is everything where it is much', () => {
    expect(words(put(MILK), stir)).toBe('Stir the milk.');
    expect(words(put(MILK), put(TOMATOES), stir)).toBe('Stir the milk and the tomatoes.');
    expect(words(put(MILK), put(TOMATOES), put(PASTA), put(EGGS), stir)).toBe('Stir everything in the bowl.');
  });

  test('oil goes unnamed beside what is fried in it; what was mixed to a batter is the batter', () => {
    expect(
      planned(
        draft('pour', 'Pour the oil into the pan.', [OIL], 'frying-pan'),
        draft('add', 'Put the tomatoes in the pan.', [TOMATOES], 'frying-pan'),
        fry(),
      ).find((s) => s.technique === 'fry')!.text,
    ).toBe('Fry the tomatoes for 5 minutes.');
    const batter = draft('mix', 'Mix everything to a batter.', [], 'bowl', { tools: ['spoon', 'bowl'], becomes: 'batter' });
    expect(words(put(MILK), put(TOMATOES), batter, stir)).toBe('Stir the batter.');
  });
});
