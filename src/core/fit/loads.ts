// What the world says of a task's steps: how heavy the vessel is, and whether what is touched is hot.
import { run } from '../task/dry-run/run';
import type { Kitchen, Step, TaskAnalysis } from '../plan/model';
import { worksOf, type Works } from '../technique/works';
import { techniqueById } from '../technique/lexicon';
import { isVessel, toolById } from '../technique/tools';
import { emptyGrams } from '../technique/tool-weights';
import type { Load, OwnStep } from './model';

/** A pan is filled about two thirds (handbook, 8). */
const FILLED = 2 / 3;

export const worksOfStep = (step: Pick<Step, 'technique'>): Works => {
  const id = step.technique;
  return worksOf(id, id ? techniqueById(id)?.like : undefined);
};

/** The vessel that a step lifts, fills or works in: what it names before what it works into. */
function vesselLifted(step: Step): string | null {
  const held = step.tools.filter((id) => isVessel(id) || emptyGrams(id) > 400);
  const { act } = worksOfStep(step);
  if (act === 'drain') return step.from ?? held.find((id) => id !== 'colander' && id !== 'sieve') ?? held[0] ?? null;
  if (act === 'kettle') return 'kettle';
  return held.find((id) => id !== 'oven') ?? (step.into && toolById(step.into)?.kind !== 'appliance' ? step.into : null);
}

/** Grams of a vessel of which only the step is known: half full of what it uses, two thirds of water where it is drained or filled. */
export function loadOfStep(step: OwnStep): Load {
  if (step.load) return step.load;
  const vessel = vesselLifted(step);
  if (!vessel) return { vessel, grams: 0 };
  const { act } = worksOfStep(step);
  const wet = act === 'water' || act === 'drain' || act === 'kettle';
  const hot = step.hazards.includes('hot') || step.hazards.includes('steam');
  const room = toolById(vessel)?.holds ?? 0;
  const cold = act === 'drain' && !hot;
  return { vessel, grams: emptyGrams(vessel) + (cold ? 300 : wet ? room * FILLED : Math.min(room * 0.4, 1000)) };
}

/**
 * The loads of all steps, by key, from the one world: what was put in is what is lifted. Water from the tap counts as two thirds of the pan.
 */
export function loadsOf(task: TaskAnalysis, kitchen: Kitchen): Map<string, Load> {
  const { ran } = run(task, kitchen);
  const loads = new Map<string, Load>();
  const watered = new Set<string>();
  for (const one of ran) {
    const vessel = vesselLifted(one.step);
    const { act } = worksOfStep(one.step);
    const lit = one.before?.ring || one.shot.ring ? { lit: true } : {};
    if (vessel && (act === 'water' || act === 'kettle')) watered.add(vessel);
    if (vessel) {
      const held = one.before?.held.find((h) => h.id === vessel)?.ml ?? 0;
      const now = one.shot.held.find((h) => h.id === vessel)?.ml ?? 0;
      const water = watered.has(vessel) ? (toolById(vessel)?.holds ?? 0) * FILLED : 0;
      loads.set(one.step.key, { vessel, grams: Math.round(emptyGrams(vessel) + Math.max(held, now) + water), ...lit });
    } else loads.set(one.step.key, { vessel, grams: 0, ...lit });
    if (vessel && act === 'drain') watered.delete(vessel);
  }
  return loads;
}
