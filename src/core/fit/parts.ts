// What a learner still does in a step that somebody else does: chosen by what the step is, never nothing.
import type { Act } from '../technique/works';
import { worksOfStep } from './loads';
import type { Step } from '../plan/model';
import { needOf } from './meet';
import type { Learner } from './model';

const ask = (learner: Learner, demand: 'speak' | 'sight' | 'touch', of: 'choose' | 'find' | 'feel') =>
  needOf(learner, { demand, of, much: false, where: 'cool', why: '' }) !== null;

const PARTS: Partial<Record<Act, string>> = {
  fetch: 'Chooses which of two things comes next.',
  measure: 'Says or shows “stop” when it is full.',
  ready: 'Feels and smells it before and after.',
  put: 'Says or shows when it goes in.',
  join: 'Says or shows when to stop.',
  shape: 'Chooses how large it is.',
  drain: 'Says or shows “ready”.',
  heat: 'Starts the timer and listens for it.',
  oven: 'Starts the timer and listens for it.',
  'oven-out': 'Says or shows “now” when the timer is done.',
  'oven-on': 'Says or shows “on”.',
  'ring-on': 'Says or shows “on”.',
  'ring-set': 'Says or shows “up” or “down”.',
  off: 'Says or shows “off”.',
  microwave: 'Starts it by a key or a switch.',
  kettle: 'Says or shows when it bubbles.',
  serve: 'Chooses the plate, and who gets it.',
  check: 'Asks: “Is it done?”',
  'wash-tools': 'Dries one thing, or feels that it is clean.',
  'wash-hands': 'Holds out the hands and says or shows “done”.',
  store: 'Chooses the box.',
  wait: 'Waits with a job of his own.',
  other: 'Says or shows when it is done.',
};

/** "Says or shows when it goes in." Who cannot say or show feels and smells. */
export function partOf(step: Step, learner: Learner): string {
  const part = PARTS[worksOfStep(step).act] ?? 'Says or shows when it is done.';
  if (!/Says|Asks|Chooses/.test(part) || !ask(learner, 'speak', 'choose')) return part;
  return ask(learner, 'touch', 'feel') ? 'Is told what happens, and smells it.' : 'Feels and smells it, and is told what happens.';
}
