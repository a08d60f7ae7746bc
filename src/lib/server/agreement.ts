// Agreement in a lesson: what the first adult and a second one recorded, step by step.
import { agreementOf, type Agreement } from '$core';
import { allMade, doublesOf, inForce, scoredIn, type ObservationRow } from './records';
import type { SchoolTrx } from './school-scope';

const codes = (rows: readonly ObservationRow[]) => new Map(rows.map((o) => [`${o.lessonId} ${o.learnerId} ${o.stepKey}`, o.code]));

/** With the share of the lessons that were scored twice, in %. */
export type AgreementOver = Agreement & { share: number; lessons: number };

/**
 * What two scored, one for agreement or both by chance of the same moment; null where nothing was scored by two.
 * @param learnerId of one learner, or of all who were there
 * @param made all that was recorded in them, where it is known
 */
export async function agreementIn(
  trx: SchoolTrx,
  lessonIds: readonly string[],
  learnerId?: string,
  made?: readonly ObservationRow[],
): Promise<AgreementOver | null> {
  const own = (rows: readonly ObservationRow[]) => codes(learnerId === undefined ? rows : rows.filter((o) => o.learnerId === learnerId));
  const [all, scored] = await Promise.all([made ?? allMade(trx, lessonIds, false), scoredIn(trx, lessonIds, true)]);
  const [first, second] = [own(inForce(all)), own(scored)];
  for (const [step, other] of own(doublesOf(all))) if (!second.has(step)) second.set(step, other);
  if (second.size === 0) return null;
  const twice = new Set([...second.keys()].map((key) => key.split(' ')[0]));
  return { ...agreementOf(first, second), share: (100 * twice.size) / lessonIds.length, lessons: lessonIds.length };
}
