// A kitchen with a list on its counter, and steps in it by technique; for tests of the kitchen's laws.
import { apply, lacks, newWorld, type Played, type World } from '../../src/core/kitchen/index';
import { readRecipe } from '../../src/core/recipe/read';

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
  return { world, step, after };
}

/** What a step lacks, by name. */
export const facts = (world: World, one: Played, rest: readonly Played[] = []): string[] =>
  lacks(world, one, rest).map((lack) => lack.fact);
