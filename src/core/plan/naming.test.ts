// What cards call what lies there: by its name, by what is in it where that is little, else by its place. Common practice of worded task cards: one short name for each thing.
import { describe, expect, test } from 'vitest';
import { kitchenWith } from '../../../tests/cases/kitchen';
import { contents, type Played, type World } from '../kitchen/index';
import { fillHoles, nameLots, type Calls } from './naming';

const LIST = [
  '200 g pasta',
  '1 onion',
  '2 chicken breasts',
  '1 egg',
  '2 tbsp oil',
  '1 cup milk',
  '2 potatoes',
  '200 g flour',
  '1 lemon',
  '1 tsp salt',
  '1 carrot',
];
const [PASTA, ONION, CHICKEN, EGG, OIL, MILK, POTATO, FLOUR, LEMON, SALT, CARROT] = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10] as const;
const { step, after } = kitchenWith(LIST);
const CALLS: Calls = { tools: new Map(), dish: null };
const into = (vessel: string, ...what: number[]) => what.map((i) => step('add', [i], vessel));
const worked = (technique: string, vessel: string, ...what: number[]): Played[] => [...into(vessel, ...what), step(technique, [], vessel)];
const name = (world: World, vessel: string, calls: Partial<Calls> = {}, place: string | null = vessel) =>
  nameLots(world, contents(world, vessel), place, { ...CALLS, ...calls });

describe('one by one, or all', () => {
  test('up to three are named, in the order in which they came; more are everything, in or on what holds them', () => {
    expect(name(after(...into('bowl', POTATO)), 'bowl')).toBe('the potatoes');
    expect(name(after(...into('bowl', POTATO, MILK, ONION)), 'bowl')).toBe('the onion, the milk and the potatoes');
    const four = (vessel: string) => after(...into(vessel, POTATO, MILK, ONION, PASTA));
    expect(name(four('bowl'), 'bowl')).toBe('everything in the bowl');
    expect(name(four('tray'), 'tray')).toBe('everything on the baking tray');
    expect(name(four('tray'), 'tray', { tools: new Map([['tray', 'roasting tin']]) })).toBe('everything in the roasting tin');
    expect(name(four('bowl'), 'bowl', {}, null)).toBe('everything');
  });

  test('what is minor goes unnamed beside what is not, and is named by itself', () => {
    expect(name(after(...into('bowl', POTATO, SALT)), 'bowl')).toBe('the potatoes');
    expect(name(after(...into('bowl', SALT)), 'bowl')).toBe('the salt');
  });

  test('a class’s own word for a food is kept', () => {
    expect(name(after(...into('bowl', POTATO)), 'bowl', { foods: new Map([[POTATO, 'spuds']]) })).toBe('the spuds');
  });
});

describe('what was worked into one', () => {
  test('flour with milk is a mixture, or what the recipe calls it; milk in egg is egg', () => {
    expect(name(after(...worked('mix', 'bowl', FLOUR, MILK)), 'bowl')).toBe('the mixture');
    expect(name(after(...into('bowl', FLOUR, MILK)), 'bowl')).toBe('the milk and the flour');
    expect(name(after(...worked('mix', 'bowl', FLOUR, OIL)), 'bowl')).toBe('the mixture');
    const batter = after(...into('bowl', FLOUR, MILK), step('mix', [], 'bowl', { becomes: 'batter' }));
    expect(name(batter, 'bowl')).toBe('the batter');
    expect(name(after(...worked('beat', 'bowl', EGG, MILK)), 'bowl')).toBe('the egg');
    expect(name(after(...into('bowl', EGG, MILK)), 'bowl')).toBe('the egg and the milk');
  });

  test('all that stands under one heading of the list is called by it, where it is more than half of that', () => {
    const dressing = after(...worked('mix', 'bowl', OIL, LEMON));
    const made = (...of: number[]) => ({ made: [{ name: 'dressing', of: new Set(of) }] });
    expect(name(dressing, 'bowl', made(OIL, LEMON))).toBe('the dressing');
    expect(name(dressing, 'bowl', made(OIL, LEMON, SALT))).toBe('the dressing');
    expect(name(dressing, 'bowl', made(OIL, LEMON, SALT, MILK))).toBe('the mixture');
    expect(name(dressing, 'bowl', made(OIL, SALT))).toBe('the mixture');
  });

  test('potatoes that were tossed in oil are potatoes, mixed they are with it', () => {
    expect(name(after(...worked('toss', 'bowl', POTATO, MILK)), 'bowl')).toBe('the potatoes');
    expect(name(after(...worked('mix', 'bowl', POTATO, MILK)), 'bowl')).toBe('the milk and the potatoes');
    expect(name(after(...worked('toss', 'bowl', POTATO, MILK), step('mix', [], 'bowl')), 'bowl')).toBe('the milk and the potatoes');
  });

  test('of many things in a hot pot it is the dish, cold it is what holds them', () => {
    const pot = (...more: Played[]) => after(...into('saucepan', POTATO, ONION, CARROT, MILK), ...more);
    const lit = [step('hob-on', [], 'saucepan', { tools: ['hob', 'saucepan'] }), step('simmer', [], 'saucepan')];
    expect(name(pot(...lit), 'saucepan', { dish: 'soup' })).toBe('the soup');
    expect(name(pot(), 'saucepan', { dish: 'soup' })).toBe('everything in the saucepan');
    expect(name(pot(...lit), 'saucepan')).toBe('the mixture');
  });

  test('what was baked of a batter is called after the dish', () => {
    const tin = after(...into('muffin-tin', FLOUR, MILK), step('mix', [], 'muffin-tin', { becomes: 'batter' }));
    expect(name(tin, 'muffin-tin', { baked: 'muffins' })).toBe('the batter');
    const baked = after(
      ...into('muffin-tin', FLOUR, MILK),
      step('mix', [], 'muffin-tin', { becomes: 'batter' }),
      step('bake', [], 'oven', { tools: ['muffin-tin', 'oven'] }),
    );
    expect(name(baked, 'muffin-tin', { baked: 'muffins' })).toBe('the muffins');
    expect(name(baked, 'muffin-tin')).toBe('the batter');
  });

  test('the batter that lies in hot oil is the batter; a dough with salt on it is the dough', () => {
    const batter = [...into('bowl', FLOUR, MILK), step('mix', [], 'bowl', { becomes: 'batter' })];
    expect(name(after(...into('frying-pan', OIL), ...batter, step('pour', [], 'frying-pan', { from: 'bowl' })), 'frying-pan')).toBe(
      'the batter',
    );
    const dough = [...into('tray', FLOUR, MILK), step('mix', [], 'tray', { becomes: 'dough' })];
    expect(name(after(...dough, step('sprinkle', [SALT], 'tray')), 'tray')).toBe('the dough');
    // beside three things that are not in it, it is not all that there is
    expect(name(after(...dough, ...into('tray', POTATO, ONION, CARROT)), 'tray')).toBe('everything on the baking tray');
  });

  test('what lies in its marinade is the chicken', () => {
    const marinade = [...into('bowl', OIL, LEMON), step('mix', [], 'bowl', { becomes: 'marinade' })];
    expect(name(after(...marinade), 'bowl')).toBe('the marinade');
    expect(name(after(...marinade, ...into('bowl', CHICKEN), step('toss', [], 'bowl')), 'bowl')).toBe('the chicken breasts');
  });

  test('a skin whose flesh was taken out is the skin', () => {
    const world = after(...into('tray', POTATO), step('scoop-out', [POTATO], 'bowl', { hollows: true }));
    expect(
      nameLots(
        world,
        world.lots.filter((lot) => lot.shell),
        null,
        CALLS,
      ),
    ).toBe('the skins');
    expect(name(world, 'bowl')).toBe('the potatoes');
  });
});

describe('holes in the words of a step', () => {
  const filled = (text: string, world: World, from: string, to: string | null = from, about: number[] = []) =>
    fillHoles(text, world, { lots: contents(world, from), there: to ? contents(world, to) : [], about, from, to }, CALLS);
  const many = () => after(...into('bowl', POTATO, ONION, CARROT, MILK));

  test('what goes onto several things goes over the top', () => {
    expect(filled('Sprinkle the salt over ⟦there|⟧.', many(), 'bowl')).toBe('Sprinkle the salt over the top.');
    expect(filled('Top ⟦there|⟧ with the salt.', many(), 'bowl')).toBe('Put the salt on top.');
    expect(filled('Drizzle ⟦there|⟧ with the oil.', many(), 'bowl')).toBe('Drizzle the oil over the top.');
    expect(filled('Sprinkle the salt over ⟦there|⟧.', after(...into('bowl', POTATO)), 'bowl')).toBe('Sprinkle the salt over the potatoes.');
    expect(filled('Stir the salt into ⟦there|⟧.', many(), 'bowl')).toBe('Stir the salt into everything in the bowl.');
  });

  test('into what is empty it goes by the vessel, or what the words say', () => {
    expect(filled('Pour the oil over ⟦there|⟧.', after(), 'bowl', 'plate')).toBe('Pour the oil over the plate.');
    expect(filled('Pour the oil over ⟦there|the rice⟧.', after(), 'bowl', 'plate')).toBe('Pour the oil over the rice.');
    expect(filled('Pour the oil over ⟦there|⟧.', after(), 'bowl', 'glass')).toBe('Pour the oil into the glass.');
    expect(filled('Pour the oil over ⟦there|⟧.', after(), 'bowl', null)).toBe('Pour the oil over the food.');
  });

  test('what was spoken of is named, but for the oil that it lies in', () => {
    expect(filled('Turn ⟦spoken|⟧.', many(), 'bowl', 'bowl', [POTATO, OIL])).toBe('Turn the potatoes.');
    expect(filled('Heat ⟦spoken|⟧.', many(), 'bowl', 'bowl', [OIL])).toBe('Heat the oil.');
    expect(filled('Turn ⟦spoken|the balls⟧.', many(), 'bowl', 'bowl', [])).toBe('Turn the balls.');
    expect(filled('Turn ⟦spoken|⟧.', many(), 'bowl', 'bowl', [])).toBe('Turn everything.');
  });

  test('what was shaped has the recipe’s own name; what was not has that of its food', () => {
    const shaped = after(...into('bowl', FLOUR, OIL), step('mix', [], 'bowl'), step('shape', [], 'bowl'));
    expect(filled('Put ⟦thing|the balls⟧ away.', shaped, 'bowl')).toBe('Put the balls away.');
    expect(filled('Put ⟦thing|the balls⟧ away.', after(...into('bowl', POTATO)), 'bowl')).toBe('Put the potatoes away.');
    expect(filled('Put ⟦thing|⟧ away.', after(), 'bowl')).toBe('Put everything in the bowl away.');
    expect(filled('Lift ⟦thing|⟧ out of the bowl.', many(), 'bowl')).toBe('Lift everything out of the bowl.');
  });
});
