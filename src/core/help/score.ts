// Scores of one lesson: how much was done with no help, and how much help there was.
import { heightOf, type Hierarchy } from './hierarchy';

/** What was recorded for one step of one lesson. */
export type Recorded = { stepKey: string; code: string };

export type ScoreOptions = {
  /** An error that the learner put right counts as independent unless the class sets otherwise. */
  selfCorrectedCounts?: boolean;
};

export type Score = {
  /** Steps that the learner was offered. Steps an adult does by plan, not offered, or not reached are none. */
  opportunities: number;
  independent: number;
  /** Independent / opportunities, in % with no rounding; null with no opportunity. */
  independence: number | null;
  /** Mean height on the ladder in % of its top, over opportunities that have a level (a refusal has none); null with none. */
  help: number | null;
};

const isOpportunity = (code: string) => code !== 'not-offered' && code !== 'adult' && code !== 'cleared';

/**
 * Scores the records of one learner in one lesson.
 * @param records the last code of each step; codes unknown to the hierarchy count as an opportunity that was not independent
 * @example scoreLesson([{ stepKey: 'a', code: 'independent' }, { stepKey: 'b', code: 'model' }], full).independence // 50
 */
export function scoreLesson(records: readonly Recorded[], hierarchy: Hierarchy, options: ScoreOptions = {}): Score {
  const { selfCorrectedCounts = true } = options;
  const top = hierarchy.levels.length - 1;
  const alone = hierarchy.levels[0]?.id;
  let [opportunities, independent, levels, height] = [0, 0, 0, 0];
  for (const { code } of records) {
    if (!isOpportunity(code)) continue;
    opportunities++;
    const isOwn = code === 'self-corrected';
    if (code === alone || (isOwn && selfCorrectedCounts)) independent++;
    const at = isOwn && !selfCorrectedCounts ? top - 1 : heightOf(code, hierarchy);
    if (at === null) continue;
    levels++;
    height += at;
  }
  return {
    opportunities,
    independent,
    independence: opportunities > 0 ? (100 * independent) / opportunities : null,
    help: levels > 0 && top > 0 ? (100 * height) / levels / top : null,
  };
}
