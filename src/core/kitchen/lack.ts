// The shape of what a step may lack, and of a law that tells it.
import type { Hazard } from '../technique/model';
import type { Works } from '../technique/works';
import type { FormLack } from './forms';
import type { Lot, Place, Played, World } from './model';

/**
 * What may be lacking. Each fact has one provider in core/plan, which says when its step may come.
 */
export type Lack =
  | { fact: 'out-of-place'; vessel: string; place: Place }
  | { fact: 'in-place'; vessel: string; place: Place }
  | { fact: 'in-oven'; vessel: string }
  | { fact: 'lid-off'; vessel: string; lid: string; hot: boolean }
  | { fact: 'in-vessel'; vessel: string; from: string; lots: Lot[] }
  | { fact: 'water'; vessel: string; lots: Lot[] }
  | { fact: 'out-of-water'; vessel: string; lots: Lot[] }
  | { fact: 'boiling'; vessel: string }
  | { fact: 'fat'; vessel: string; lots: Lot[] }
  | { fact: 'ring-on'; vessel: string; level: string | null; other: string | null }
  | { fact: 'ring-level'; vessel: string; level: string; from: string | null }
  | { fact: 'ring-off'; vessel: string }
  | { fact: 'oven-on'; appliance: string }
  | { fact: 'oven-ready'; appliance: string; minutes: number; since: number }
  | { fact: 'hands'; raw: Hazard[] }
  | { fact: 'clean'; tools: string[]; raw: Hazard[] }
  | { fact: 'dry-measure'; measures: { measure: string; label: string }[]; from: string }
  | { fact: 'empty-measure'; measure: string; label: string; lot: Lot }
  | { fact: 'checked'; foods: number[] }
  | { fact: 'cooked'; foods: number[] }
  | FormLack;

/** Does not change the world. */
export type NeedLaw = (world: World, step: Played, lots: Lot[], works: Works) => Lack[];
