// Lessons drawn by a seed: real recipes, learners with paces, hours, what an adult does for them and rungs to reach, adults, a kitchen.
import { readFileSync } from 'node:fs';
import { buildTask, DANGERS, readRecipe, type Step } from '../../src/core/index';
import { blocksOf, chances, WORKS, type LessonDish, type Mode, type PlanLearner, type Setup } from '../../src/core/index';
import { teamsOf } from '../../src/core/index';

// from the root of the project, so that a bundle finds them too
/** Recipes of all kinds: cold, on the ring, in the oven, by kettle and microwave, with meat and with an egg. */
export const RECIPES = [
  'couscous-bowl',
  'beans-on-toast',
  'hummus-wraps',
  'oat-biscuits',
  'noodle-stir-fry',
  'carrot-soup',
  'lemon-muffins',
  'bean-chilli',
  'apple-crumble',
  'tacos',
  'overnight-oats',
  'microwave-mac',
  'cottage-pie',
  'fridge-squares',
] as const;

const known = new Map<string, Step[]>();
export function stepsOf(name: string): Step[] {
  if (!known.has(name)) {
    const text = readFileSync(`tests/recipes/${name}.txt`, 'utf8');
    known.set(name, buildTask(readRecipe(text).recipe, { grain: 'standard' }).steps);
  }
  return known.get(name)!;
}

export type Drawn = {
  mode: Mode | 'mixed';
  learners: number;
  adults: number;
  bell: number;
  hours?: boolean;
  first?: boolean;
  recipes?: string[];
};

/** A lesson as drawn; the same seed gives the same. `first`: first paces of a learner; else faster hands, as a class that has practised. */
export function drawLesson(seed: number, d: Drawn): Setup {
  const draw = chances(seed * 7919 + 13);
  for (let i = 0; i < 5; i++) draw();
  const pick = <T>(list: readonly T[]): T => list[Math.floor(draw() * list.length)];
  const ids = Array.from({ length: d.learners }, (_, i) => `L${i}`);
  const count = d.mode === 'mixed' ? 2 : 1;
  const names = d.recipes ?? Array.from({ length: count }, () => pick(RECIPES));
  const groups = d.mode === 'mixed' ? [ids.slice(0, ids.length >> 1), ids.slice(ids.length >> 1)] : [ids];
  const modes: Mode[] = d.mode === 'mixed' ? ['pairs', 'together'] : [d.mode];
  const dishes: LessonDish[] = names.map((name, i) => {
    const teams = teamsOf(modes[i], groups[i].length);
    const list = [...new Set(teams)].map((t) => groups[i].filter((_, k) => teams[k] === t));
    return { id: `dish${i}`, title: name, steps: stepsOf(name), teams: list, before: new Set<string>() };
  });
  const learners = ids.map((id): PlanLearner => {
    const base = d.first ? 1.8 + draw() * 2.4 : 1.2 + draw() * 1.2;
    const late = d.hours && draw() < 0.15;
    const leaves = d.hours && draw() < 0.15;
    const cannot = new Map<string, Set<string>>();
    const wants = new Map<string, Set<string>>();
    const noSharp = draw() < 0.2;
    const noHeat = draw() < 0.2;
    for (const dish of dishes) {
      const no = dish.steps.filter(
        (s) =>
          s.supervision === 'adult-does' ||
          (noSharp && s.hazards.includes('sharp')) ||
          (noHeat && s.hazards.some((h) => h !== 'sharp' && DANGERS.has(h) && (h === 'hot' || h === 'steam'))),
      );
      cannot.set(dish.id, new Set(no.map((s) => s.key)));
      const open = dish.steps.filter((s) => (s.phase === 'prepare' || s.phase === 'cook') && !cannot.get(dish.id)!.has(s.key));
      wants.set(dish.id, new Set(open.filter(() => draw() < 3 / Math.max(1, open.length)).map((s) => s.key)));
    }
    return {
      id,
      from: late ? 5 + Math.floor(draw() * 10) : 0,
      to: leaves ? d.bell * (0.6 + draw() * 0.3) : d.bell,
      pace: Object.fromEntries(WORKS.map((w) => [w, base * (0.8 + draw() * 0.4)])) as PlanLearner['pace'],
      cannot,
      wants,
      tools: new Map(),
    };
  });
  return {
    bell: d.bell,
    margin: d.bell / 6,
    learners,
    adults: Array.from({ length: d.adults }, (_, i) => ({ id: `A${i}`, from: 0, to: d.bell })),
    blocks: blocksOf(dishes, learners),
    counts: new Map(),
    locks: [],
    seed,
  };
}
