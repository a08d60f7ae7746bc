// Mastery: when a task counts as learnt, by the criterion that was set with the goal.
import type { Score } from './score';

export type MasteryRule = {
  /** Steps that have to be independent, in %. */
  independence: number;
  /** In how many lessons in a row. */
  lessons: number;
  /** None of the safety steps may have been prompted in them. */
  safety?: boolean;
  /** With how many people, or in how many places, at least. */
  people?: number;
};

/** At least 90 % of steps independent in 3 lessons in a row, no safety step prompted, with 2 people or places (handbook default; kept with each lesson). */
export const USUAL_MASTERY: MasteryRule = { independence: 90, lessons: 3, safety: true, people: 2 };

/** A lesson's score, and what else the criterion may ask of it. What is not told is not held against it. */
export type MasteryLesson = Pick<Score, 'independence'> & {
  /** Safety steps that were done with help. */
  safetyPrompted?: number;
  /** Who was with the learner. */
  people?: readonly string[];
  place?: string;
};

export type Mastery = {
  met: boolean;
  /** Lessons in a row that count, up to now. */
  inARow: number;
  /** What is lacking still, once enough lessons in a row count; with what the last lesson fell short where none does. */
  lacks: ('lessons' | 'independence' | 'safety' | 'people')[];
};

/**
 * Whether the last lessons meet the criterion, and how many in a row do so now.
 * @param lessons in their order; those without an opportunity are left out, not counted against
 */
export function mastery(lessons: readonly MasteryLesson[], rule: MasteryRule = USUAL_MASTERY): Mastery {
  const counted = lessons.filter((l) => l.independence !== null);
  const safe = (l: MasteryLesson) => !rule.safety || !l.safetyPrompted;
  const enough = (l: MasteryLesson) => l.independence! >= rule.independence;
  let inARow = 0;
  for (let i = counted.length - 1; i >= 0 && enough(counted[i]!) && safe(counted[i]!); i--) inARow++;
  const run = inARow > 0 ? counted.slice(-inARow) : [];
  const last = counted.at(-1);
  const lacks: Mastery['lacks'] = [
    ...(last && !enough(last) ? (['independence'] as const) : []),
    ...(last && !safe(last) ? (['safety'] as const) : []),
    ...(inARow < rule.lessons ? (['lessons'] as const) : []),
    ...(fewPeople(run, rule) ? (['people'] as const) : []),
  ];
  return { met: lacks.length === 0, inARow, lacks };
}

function fewPeople(run: readonly MasteryLesson[], rule: MasteryRule): boolean {
  const told = run.filter((l) => l.people !== undefined);
  if (rule.people === undefined || told.length === 0) return false;
  const people = new Set(told.flatMap((l) => l.people!));
  const places = new Set(run.map((l) => l.place ?? ''));
  return Math.max(people.size, places.size) < rule.people;
}
