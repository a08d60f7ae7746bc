// How near whoever does a step comes to what can hurt in it: a wait beside the oven is in the room, not at the heat.
import type { Step } from '../plan/model';
import type { Hazard } from '../technique/model';
import type { Act } from '../technique/works';
import { worksOfStep } from './loads';

/** Acts at which nobody comes near heat. */
const FAR_FROM_HEAT = new Set<Act>(['wait', 'cool', 'chill', 'wash-hands', 'fetch', 'eat', 'store']);
const HEAT = new Set<Hazard>(['hot', 'steam', 'splash']);

/** Whether the hazard is at the hands of whoever does the step; false where it is only in the room. */
export function isNear(step: Step, hazard: Hazard): boolean {
  if (!step.hazards.includes(hazard)) return false;
  return !(HEAT.has(hazard) && FAR_FROM_HEAT.has(worksOfStep(step).act));
}
