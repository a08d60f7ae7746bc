// A plan in words: its one sentence, what it does not give, what would help.
import { toolById, type Bound, type PlanFinding, type PlanView } from '$core';
import type { PulledLever } from './plan.worker';

export type Names = {
  learner: (id: string) => string;
  /** The words of a step. */
  step: (dish: string, key: string) => string;
  dish: (id: string) => string;
  block: (id: string) => string;
  /** A minute of the lesson as a time of day, or as a minute where nobody said when it begins. */
  at: (minute: number) => string;
};

export const minutes = (n: number): string => {
  const whole = Math.round(n);
  return whole === 1 ? '1 minute' : `${whole} minutes`;
};
const list = (words: readonly string[]) => (words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`);
export const thingName = (id: string): string => (id === 'hob' ? 'ring' : id === 'tap' ? 'sink' : (toolById(id)?.name ?? id));

/** More than these are only counted. */
const FEW = 3;
const few = (words: readonly string[]) =>
  words.length <= FEW + 1 ? list(words) : `${words.slice(0, FEW).join(', ')} and ${words.length - FEW} more`;

/** When somebody's first words of a step are enough: "Slice the red pepper" without its dot. */
export const short = (text: string): string => text.replace(/\.$/, '');

const STOPS = new Set([
  'into',
  'in',
  'on',
  'with',
  'under',
  'over',
  'from',
  'for',
  'until',
  'to',
  'at',
  'onto',
  'twice',
  'and',
  'together',
]);
const SMALL = new Set(['the', 'a', 'an', 'your', 'of']);

/** A block in two or three words, for a small box: "Dice cucumber". */
export function labelOf(b: { kind: string; title: string }): string {
  if (b.kind === 'gather') return 'Fetch things';
  if (b.kind === 'ready') return 'Get ready';
  const words = short(b.title).split(/[\s,]+/);
  const end = words.findIndex((w, i) => i > 1 && STOPS.has(w));
  const own = (end < 0 ? words : words.slice(0, end)).filter((w) => !SMALL.has(w));
  return own.slice(0, 4).join(' ');
}

/** "Ends 10:50, bell 11:00. 9 lessons in 10 like this are done by then." */
export function sentence(view: PlanView, bell: number, names: Names): string {
  const tenth = Math.floor((view.chance.met / view.chance.draws) * 10);
  const chance =
    tenth >= 10
      ? 'Nearly all lessons like this are done by then.'
      : tenth === 0
        ? 'Hardly any lesson like this is done by then.'
        : `${tenth} in 10 lessons like this are done by then.`;
  return `Ends ${names.at(view.end)}, bell ${names.at(bell)}. ${chance}`;
}

/** Why a lesson cannot be shorter. */
function reason({ by }: Bound, names: Names): string {
  switch (by.what) {
    case 'learner':
      return `${names.learner(by.learner ?? '')} alone has ${minutes(by.minutes)} of work that nobody else may do`;
    case 'hands':
      return `the learners have ${minutes(by.minutes)} of work between them`;
    case 'adults':
      return 'there are not enough adults for what has to be stood by';
    case 'thing':
      return `the ${thingName(by.thing ?? '')} is wanted for ${minutes(by.minutes)}`;
    default:
      return 'one thing has to come after the other';
  }
}

/** What a plan does not give, a line each; what is the same of several learners is one. */
export function findingLines(all: readonly PlanFinding[], names: Names, bound: Bound): string[] {
  const of = (kind: 'no-rung' | 'away') => all.flatMap((f) => (f.kind === kind ? [names.learner(f.learner)] : []));
  const told = new Set<string>();
  const lines = all.flatMap((f) => {
    if (f.kind !== 'no-rung' && f.kind !== 'away') return [findingText(f, names, bound)];
    if (told.has(f.kind)) return [];
    told.add(f.kind);
    const who = of(f.kind);
    const have = who.length === 1 ? 'has' : 'have';
    return [
      f.kind === 'no-rung'
        ? `${list(who)} ${have} no rung to reach in what is cooked.`
        : `${list(who)} ${have} left before everybody eats.`,
    ];
  });
  // a dish that several make says the same of each
  return [...new Set(lines)];
}

/** What a plan does not give. */
export function findingText(f: Exclude<PlanFinding, { kind: 'no-rung' | 'away' }>, names: Names, bound: Bound): string {
  switch (f.kind) {
    case 'cannot':
      return `This cannot be done by the bell: at the very best it takes ${minutes(f.minutes)}, since ${reason(bound, names)}.`;
    case 'over':
      return `It runs ${minutes(f.minutes)} past the bell.`;
    case 'late-margin':
      return `It uses ${minutes(f.minutes)} of the time kept free for running late.`;
    case 'lock':
      return `“${short(names.block(f.block))}” could not stand as you set it.`;
    case 'missed':
      return `${names.learner(f.learner)} does not get: ${few(f.steps.map((s) => short(names.step(s.dish, s.key)).toLowerCase()))}.`;
    case 'next-lesson':
      return `${names.dish(f.dish)} goes on after a long wait: ${f.steps === 1 ? '1 step belongs' : `${f.steps} steps belong`} to another lesson.`;
    case 'hot':
      return `“${short(names.block(f.block))}” stands ${minutes(f.minutes)} before it is used: hot food waits 10 at most.`;
    case 'idle':
      return `${names.learner(f.learner)} has ${minutes(f.minutes)} in one piece with nothing to do.`;
  }
}

/** What a lever is, in words. */
export function leverText({ lever, minutes: n }: PulledLever, names: Names): string {
  const less = `${minutes(n)} less`;
  switch (lever.what) {
    case 'set-out':
      return `Everything set out before the lesson: ${less}`;
    case 'cold-work':
      return `Cold work that keeps done before: ${less}`;
    case 'washing-up':
      return `Washing up left for after: ${less}`;
    case 'adult':
      return `One adult more: ${less}`;
    case 'thing':
      return `Twice the ${thingName(lever.thing)}s: ${less}`;
    case 'pairs':
      return `${names.dish(lever.dish)} in pairs: ${less}`;
    case 'one-dish':
      return `${names.dish(lever.dish)} as one dish together: ${less}`;
  }
}
