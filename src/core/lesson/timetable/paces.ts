// How quick each learner is at each kind of work, from when his records were made.
import { BREAK, CAUGHT_UP, type Made } from '../pace';
import type { Step } from '../../plan/model';
import { FIRST_PACE, minutesOf, workOf } from './minutes';
import { eachWork, type Work } from './model';

export type LearnerPace = {
  pace: Record<Work, number>;
  /** How many of his own records it rests on; none: it is the class's, or the first figure. */
  n: number;
};

/** A step that takes this little or much of an adult's time says nothing of a pace. */
const LEAST = 0.5;
const MOST = 10;
/** How many records weigh as much as what stands behind them: the learner's mean behind a kind of work, the class's behind a learner, the first figure behind a class. */
const BEHIND = { work: 4, learner: 8, class: 20 };

const MINUTE = 60_000;

type Sample = { learner: string; work: Work; ratio: number };

/**
 * The pace of each learner: minutes for each minute of an adult. A few records are drawn towards what stands behind them, so that one slow morning is not a
 * slow learner. What waits or goes by the clock is left out.
 * @param lessons for each learner and lesson his records, in any order
 */
export function learnerPaces(
  lessons: readonly { learner: string; made: readonly Made[] }[],
  stepOf: (key: string) => Step | undefined,
): (learner: string) => LearnerPace {
  const samples = lessons.flatMap((l) => samplesOf(l.learner, l.made, stepOf));
  const first = FIRST_PACE.mix;
  const ofClass = drawn(samples, BEHIND.class, first);
  return (learner) => {
    const own = samples.filter((s) => s.learner === learner);
    const mean = drawn(own, BEHIND.learner, ofClass);
    const pace = eachWork((work) =>
      drawn(
        own.filter((s) => s.work === work),
        BEHIND.work,
        mean,
      ),
    );
    return { pace, n: own.length };
  };
}

/** The mean of ratios, drawn towards what stands behind it as if that were so many more. Ratios are averaged as such: minutes add up. */
function drawn(samples: readonly Sample[], behind: number, prior: number): number {
  return (samples.reduce((sum, s) => sum + s.ratio, 0) + behind * prior) / (samples.length + behind);
}

function samplesOf(learner: string, records: readonly Made[], stepOf: (key: string) => Step | undefined): Sample[] {
  const made = [...records].sort((a, b) => a.at - b.at);
  return made.flatMap((one, i): Sample[] => {
    const step = stepOf(one.stepKey);
    const took = i === 0 ? 0 : one.at - made[i - 1]!.at;
    const next = made[i + 1];
    if (!step || took < CAUGHT_UP || took > BREAK * MINUTE || (next !== undefined && next.at - one.at < CAUGHT_UP)) return [];
    const { hand, timed, waiting } = minutesOf(step);
    if (hand === 0 || timed > 0 || waiting > 0) return [];
    const ratio = took / MINUTE / hand;
    return ratio >= LEAST && ratio <= MOST ? [{ learner, work: workOf(step), ratio }] : [];
  });
}
