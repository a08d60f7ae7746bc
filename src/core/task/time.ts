// How long a task takes, whether it fits a lesson, and where it can safely stop until the next.
import { kindHas } from '../technique/works';
import { kindOf } from '../technique/lexicon';
import { findFood } from '../recipe/food';
import { LEARNER_TIME_FACTOR, type Step, type TaskAnalysis } from '../plan/model';

/** A step after which the class can stop; `keep` says what is to be done with what stands there. */
export type StoppingPlace = { afterKey: string; minutesSoFar: number; keep: string };

export type LessonTime = {
  /** Minutes of work at a learner's pace, and of waiting. */
  active: number;
  waiting: number;
  /** One step after the other, nothing overlapping. */
  oneAfterAnother: number;
  /** The shortest class time: work that can be shared is shared, and cleaning is done while something cooks or cools. */
  shortest: number;
  /** Whether the shortest time is within the lesson; null where no length is given. */
  fits: boolean | null;
  stops: StoppingPlace[];
  /** Steps that an adult could do before the lesson, with the minutes that it saves. Cold work on things that keep. */
  before: { key: string; text: string; minutes: number }[];
};

const SHARED = new Set(['gather', 'prepare', 'store', 'clean']);
const MEANWHILE = new Set(['clean', 'store']);
/** Waiting shorter than this is too short for another job (common practice). */
const SHORT_WAIT = 5;

/**
 * Times of a task. A learner's time is an adult's times three (common practice) until the class's own are known.
 * @param lessonMinutes length of the lesson; null where it is not known
 * @param options.factor how many times an adult's minutes
 * @param options.hands how many work at once on one dish: fetching, preparing and cleaning are shared, cooking and serving are not
 */
export function lessonTime(
  task: TaskAnalysis,
  lessonMinutes: number | null = null,
  { factor = LEARNER_TIME_FACTOR, hands = 1 }: { factor?: number; hands?: number } = {},
): LessonTime {
  const { steps } = task;
  const active = sum(steps.map((s) => s.minutes.active)) * factor;
  const waiting = sum(steps.map((s) => s.minutes.waiting));
  const jobs = sum(steps.filter((s) => MEANWHILE.has(s.phase)).map((s) => s.minutes.active)) * factor;
  const free = sum(steps.map((s) => (s.minutes.waiting >= SHORT_WAIT ? s.minutes.waiting : 0)));
  const shared = sum(steps.filter((s) => SHARED.has(s.phase)).map((s) => s.minutes.active)) * factor;
  const many = Math.max(1, hands);
  const shortest = active - shared + shared / many + waiting - Math.min(jobs / many, free);
  return {
    active: round(active),
    waiting: round(waiting),
    oneAfterAnother: round(active + waiting),
    shortest: round(shortest),
    fits: lessonMinutes === null ? null : shortest <= lessonMinutes,
    stops: stopsOf(task, factor),
    before: beforeOf(steps, factor),
  };
}

/**
 * Cold work on things that keep (measured dry things, opened packets and tins, rinsed and cut firm produce; cold, covered, within a day: common practice), the longest first; getting everything out is one of them.
 */
function beforeOf(steps: Step[], factor: number): LessonTime['before'] {
  const minutes = (list: Step[]) => round(sum(list.map((s) => s.minutes.active)) * factor);
  const gather = steps.filter((s) => kindOf(s.technique) === 'gather');
  const cold = steps.filter(
    (s) =>
      ['prepare', 'cook'].includes(s.phase) &&
      kindHas(kindOf(s.technique), 'keeps') &&
      s.minutes.waiting === 0 &&
      !isRaw(s) &&
      !s.hazards.includes('hot'),
  );
  return [
    ...(gather.length > 0 ? [{ key: gather[0]!.key, text: 'Get everything out.', minutes: minutes(gather) }] : []),
    ...cold.map((s) => ({ key: s.key, text: s.text, minutes: minutes([s]) })),
  ].sort((x, y) => y.minutes - x.minutes);
}

const sum = (numbers: number[]) => numbers.reduce((a, b) => a + b, 0);
const round = (minutes: number) => Math.round(minutes * 10) / 10;
const isRaw = (step: Step) => step.hazards.some((h) => h === 'raw-egg' || h === 'raw-meat' || h === 'raw-fish');

/** Raising agents start to work once they are wet: a batter or dough with one does not wait. */
const WET_RISE = /\b(?:baking powder|baking soda|bicarb|self[- ]rais|self[- ]ris)/i;

function stopsOf(task: TaskAnalysis, factor: number): StoppingPlace[] {
  const stops: StoppingPlace[] = [];
  const on = new Set<string>();
  let clock = 0;
  let raw = false;
  let rising = false;
  let hot = false;
  let worked = false;
  const cold = new Set<string>();
  const riser = task.ingredients.findIndex((one) => WET_RISE.test(one.item));
  const lastWork = task.steps.reduce((last, s, i) => (s.phase === 'prepare' || s.phase === 'cook' ? i : last), -1);
  task.steps.forEach((step, i) => {
    clock += step.minutes.active * factor + step.minutes.waiting;
    if (step.phase !== 'prepare' && step.phase !== 'cook') return;
    worked = true;
    if (kindOf(step.technique) === 'hob-on') on.add('hob');
    // an oven that heats with nothing in it can be turned off again
    if (kindOf(step.technique) === 'bake') on.add('oven');
    if (kindOf(step.technique) === 'turn-off') for (const tool of step.tools.length ? step.tools : [...on]) on.delete(tool);
    if (isRaw(step)) raw = true;
    if (riser >= 0 && step.uses.some((u) => u.ingredient === riser) && ['add', 'mix', 'sift'].includes(kindOf(step.technique)))
      rising = true;
    if (step.hazards.includes('hot')) hot = true;
    if (['cool', 'chill'].includes(kindOf(step.technique))) hot = false;
    if (['bake', 'fry', 'simmer', 'boil', 'cook', 'microwave'].includes(kindOf(step.technique))) {
      raw = false;
      rising = false;
    }
    for (const use of step.uses) if (findFood(use.item)?.perishable || findFood(use.item)?.rinse) cold.add(use.item);
    if (i >= lastWork || !worked || on.size > 0 || raw || rising || hot) return;
    const chills = kindOf(step.technique) === 'chill' || kindOf(step.technique) === 'soak' || /\bovernight\b/i.test(step.text);
    const next = task.steps[i + 1];
    // a natural end: before heat, before raw food, at a long rest; not between a measure and its bowl
    const before =
      next !== undefined &&
      (['hob-on', 'preheat-oven', 'crack-egg', 'boil-kettle', 'microwave'].includes(kindOf(next.technique)) || isRaw(next));
    if (!chills && !before) return;
    const keep =
      cold.size > 0
        ? `Cover and put in the fridge, within 2 hours: ${[...cold].join(', ')}.`
        : 'Cover what is measured out and leave it in a dry place.';
    stops.push({ afterKey: step.key, minutesSoFar: round(clock), keep });
  });
  return stops;
}
