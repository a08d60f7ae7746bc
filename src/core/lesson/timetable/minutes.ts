// How long the pieces of a step take, and of what kind the work is.
import { techniqueById } from '../../technique/lexicon';
import { toolById } from '../../technique/tools';
import { worksOf, type Act, type Works } from '../../technique/works';
import { NEXT_LESSON } from '../pace';
import type { Step } from '../../plan/model';
import { LEARNER_TIME_FACTOR } from '../../plan/model';
import { eachWork, type Work } from './model';

/** Minutes of a step. `hand` goes at the pace of whoever does it; `timed` is the same for anybody, and holds him; `waiting` holds nobody. */
export type StepMinutes = { hand: number; timed: number; waiting: number };

/** An oven with nothing in it until it is hot (common practice: 10 to 15 minutes). */
const OVEN_HEATS = 12;
/** From so many minutes of an adult, whoever heats something stands by it the whole time: frying, not simmering. */
const STANDS_BY = 2;
/** An adult's minutes to begin a piece of heating that is then watched. */
const BEGINS = 0.5;

export const worksAt = (step: Step): Works => worksOf(step.technique, techniqueById(step.technique ?? '')?.like);

/** Acts that take the same time whoever does them: water and soap, and a meal. */
const SAME_FOR_ALL = new Set<Act>(['eat', 'wash-hands']);

/** What a step takes, apart by what it hangs on. */
export function minutesOf(step: Step): StepMinutes {
  const { act } = worksAt(step);
  const { active } = step.minutes;
  const waiting = step.minutes.waiting > NEXT_LESSON ? 0 : step.minutes.waiting;
  if (act === 'oven-on') return { hand: active, timed: 0, waiting: OVEN_HEATS };
  if (SAME_FOR_ALL.has(act)) return { hand: 0, timed: active, waiting };
  if (act === 'heat' && waiting > 0 && active >= STANDS_BY) return { hand: BEGINS, timed: waiting, waiting: 0 };
  // it says for how long: kneading ten minutes is ten minutes
  if (step.lasts && waiting === 0 && active >= STANDS_BY) return { hand: 0, timed: active, waiting: 0 };
  return { hand: active, timed: 0, waiting };
}

const BY_ACT: Partial<Record<Act, Work>> = {
  measure: 'measure',
  fetch: 'fetch',
  store: 'fetch',
  'place-in': 'fetch',
  'place-out': 'fetch',
  'wash-tools': 'clean',
  serve: 'serve',
};

/** Of what kind the work of a step is. */
export function workOf(step: Step): Work {
  const { act, traits } = worksAt(step);
  const said = BY_ACT[act];
  if (said) return said;
  if (step.phase === 'ready' || act === 'eat' || act === 'wash-hands') return 'self';
  if (step.phase === 'clean') return 'clean';
  if (traits.has('blade') && step.tools.some((id) => toolById(id)?.kind === 'cutting')) return 'cut';
  return step.hazards.includes('hot') || step.hazards.includes('steam') ? 'heat' : 'mix';
}

/** A learner's pace until his own is known: an adult's minutes times three (common practice). */
export const FIRST_PACE: Readonly<Record<Work, number>> = eachWork(() => LEARNER_TIME_FACTOR);
