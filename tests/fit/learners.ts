// Learners and kitchens made by a seed: for laws that hold for any of them.
import { ADAPTED_TOOLS, DEMANDS, HOWS, USUAL_KITCHEN, type Kitchen, type Learner } from '../../src/core/index';

/** Numbers from 0 to 1 that are the same each time (a linear congruential generator, Numerical Recipes). */
export function numbers(seed: number): () => number {
  let now = seed >>> 0;
  return () => (now = (now * 1664525 + 1013904223) >>> 0) / 2 ** 32;
}
const pick = <T>(next: () => number, list: readonly T[]): T => list[Math.floor(next() * list.length)];

const KEPT = [
  'rocker-knife',
  'push-chopper',
  'non-slip-mat',
  'partner-holds',
  'picture-mat',
  'talking-timer',
  'microwave-instead',
  'table-ring',
];

/** @param most needs at most */
export function learnerBy(next: () => number, most = 6): Learner {
  const needs = Array.from({ length: 1 + Math.floor(next() * most) }, () => ({ demand: pick(next, DEMANDS), how: pick(next, HOWS) }));
  return {
    needs,
    ...(next() < 0.2 ? { never: [pick(next, ['sharp', 'hot', 'steam', 'edge', 'electric', 'raw-egg'] as const)] } : {}),
    ...(next() < 0.2 ? { countsTo: 1 + Math.floor(next() * 5) } : {}),
    ...(next() < 0.3 ? { reads: pick(next, ['words', 'pictures', 'touch'] as const) } : {}),
    ...(next() < 0.15 ? { allergies: [pick(next, ['milk', 'wheat', 'egg', 'peanut'] as const)] } : {}),
    ...(next() < 0.2 ? { kept: [pick(next, KEPT)] } : {}),
    ...(next() < 0.2 ? { refused: [pick(next, KEPT)] } : {}),
  };
}

const all = ADAPTED_TOOLS.map((t) => t.id);
/** Nothing said; all here; all lacking; half said. */
export const KITCHENS: readonly Kitchen[] = [
  USUAL_KITCHEN,
  { ...USUAL_KITCHEN, tools: all.map((id) => ({ id, place: '' })) },
  { ...USUAL_KITCHEN, lacks: all },
  { ...USUAL_KITCHEN, tools: all.filter((_, i) => i % 2 === 1).map((id) => ({ id, place: '' })), lacks: all.filter((_, i) => i % 4 === 0) },
];
