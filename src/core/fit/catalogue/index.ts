// The catalogue of adaptations, one entry each; what they are, their entries say.
import type { Adaptation } from '../model';
import { BODY } from './body';
import { FEEL } from './feel';
import { AIMING } from './aiming';
import { CUTTING } from './cutting';
import { HOLDING } from './holding';
import { OPENING } from './opening';
import { SENSES_WAYS } from './senses';
import { SHOW } from './show';

export const ADAPTATIONS: readonly Adaptation[] = [
  ...SHOW,
  ...HOLDING,
  ...CUTTING,
  ...OPENING,
  ...AIMING,
  ...SENSES_WAYS,
  ...BODY,
  ...FEEL,
];

const BY_ID = new Map(ADAPTATIONS.map((a) => [a.id, a]));

/** A way by its id; undefined where the catalogue has none. */
export const adaptationById = (id: string): Adaptation | undefined => BY_ID.get(id);
