// A kitchen with a list on its counter, and steps in it by technique; for tests of the kitchen's laws.
import { apply, lacks, newWorld, type Played, type World } from '../../src/core/kitchen/index';
import { readRecipe } from '../../src/core/recipe/read';

/** A list with something of each kind: what boils, what is raw, what is fat, wet, dry, in a can, and what has a peel. */
export const MIXED_LIST = [
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
] as const;

/** @param list lines of ingredients; steps speak of them by their place in it */
export function kitchenWith(list: readonly string[]) {
  const world = (): World => newWorld(readRecipe(['Test', ...list, 'Method', 'Stir.'].join('\n')).recipe.ingredients);
  /** A step as it is played: technique, what it uses, where. */
  const step = (technique: string, uses: number[] = [], into: string | null = null, more: Partial<Played> = {}): Played => ({
    technique,
    uses: uses.map((ingredient) => ({ ingredient, item: list[ingredient], quantity: null, unit: null })),
    names: uses.length > 0,
    tools: into ? [into] : [],
    into,
    from: null,
    fillings: [],
    minutes: { active: 1, waiting: 0 },
    level: null,
    ...more,
  });
  /** The kitchen after these steps, with washed hands. */
  const after = (...steps: Played[]): World => {
    const now = world();
    for (const one of [step('wash-hands'), ...steps]) apply(now, one);
    return now;
  };
  const ring = (pan: string, more: Partial<Played> = {}) => step('hob-on', [], pan, { tools: ['hob', pan], ...more });
  /** A technique on the ring. */
  const on = (technique: string, pan: string, more: Partial<Played> = {}) => step(technique, [], pan, { tools: ['hob', pan], ...more });
  const into = (what: number, vessel: string) => step('add', [what], vessel);
  const bake = (dish: string) => step('bake', [], 'oven', { tools: [dish, 'oven'], minutes: { active: 1, waiting: 20 } });
  const wait = (minutes: number) => step('wait', [], null, { minutes: { active: 0, waiting: minutes } });
  return { world, step, after, ring, on, into, bake, wait };
}

/** What a step lacks, by name. */
export const facts = (world: World, one: Played, rest: readonly Played[] = []): string[] =>
  lacks(world, one, rest).map((lack) => lack.fact);
