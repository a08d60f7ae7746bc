// Teaching procedures: how help is given at a step, and what is recorded of it. Common practice of systematic instruction.
import { DANGERS } from '../technique/model';
import type { Hierarchy, Level } from './hierarchy';

export const PROCEDURES = [
  {
    id: 'least-to-most',
    name: 'Least to most',
    say: 'Wait the response time, then offer the next more helpful level until it is done. Record the level at which it was done.',
    waits: true,
  },
  {
    id: 'most-to-least',
    name: 'Most to least',
    say: 'Start at the level that works for sure; fade it from lesson to lesson. Record the level used, and whether there was an error.',
    waits: false,
  },
  {
    id: 'graduated',
    name: 'Graduated guidance',
    say: 'Help by touch as much as it takes at this moment, less as soon as it goes. Record the level used, and whether it faded within the step.',
    waits: false,
  },
  {
    id: 'constant-delay',
    name: 'Constant time delay',
    say: 'Ask, wait the delay, then prompt. Record whether it was done before or after the prompt, or what went wrong.',
    waits: true,
  },
  {
    id: 'progressive-delay',
    name: 'Progressive time delay',
    say: 'As with constant time delay; the delay grows a second with each lesson.',
    waits: true,
  },
  {
    id: 'simultaneous',
    name: 'Simultaneous prompting',
    say: 'Prompt at once, at each step. Learning shows in a probe on another day.',
    waits: false,
  },
  {
    id: 'probe-multiple',
    name: 'Probe, every step',
    say: 'No help and no praise for the step. After an error, set the step up out of sight and go on to the next.',
    waits: true,
  },
  {
    id: 'probe-single',
    name: 'Probe, to the first error',
    say: 'No help. The probe ends at the first error; the steps after it count as not done.',
    waits: true,
  },
] as const satisfies readonly { id: string; name: string; say: string; waits: boolean }[];

export type ProcedureId = (typeof PROCEDURES)[number]['id'];

/** What else can be said of a record: the help faded within the step, there was an error, the step came out of its order. */
export const DETAILS = ['faded', 'error', 'out-of-order'] as const;
export type Detail = (typeof DETAILS)[number];

/** A procedure as it is in force for a learner: which, how long to wait, and the delay before the prompt, in seconds. */
export type InForce = { id: ProcedureId; wait: number; delay: number };

/** Response time of 3 to 5 s, and a delay in the same span (common practice). */
export const USUAL_PROCEDURE: InForce = { id: 'least-to-most', wait: 4, delay: 4 };
/** The longest that a progressive delay grows to, in seconds (common practice: 8 to 10). */
export const LONGEST_DELAY = 10;

const level = (id: string, name: string, letter: string, say: string): Level => ({ id, name, letter, say });
const BEFORE = level('independent', 'Before the prompt', 'I', 'Right, with no prompt');
const DELAY: Hierarchy = {
  id: 'delay',
  name: 'Time delay',
  levels: [
    BEFORE,
    level('after-prompt', 'After the prompt', 'P', 'Right, once prompted'),
    level('error-after', 'Error after it', 'E', 'Prompted, and still wrong'),
    level('error-before', 'Error before it', 'W', 'Wrong before you prompted'),
    level('no-response', 'No answer', 'O', 'Nothing, even after the prompt'),
  ],
};
const SIMULTANEOUS: Hierarchy = {
  id: 'simultaneous',
  name: 'Simultaneous prompting',
  levels: [
    BEFORE,
    level('after-prompt', 'With the prompt', 'P', 'Right, with the prompt'),
    level('error-after', 'Error', 'E', 'Wrong in spite of it'),
  ],
};
const PROBE: Hierarchy = {
  id: 'probe',
  name: 'Probe',
  levels: [level('independent', 'On my own', 'I', 'Done with no help'), level('not-done', 'Not done', 'O', 'Wrong, or nothing in time')],
};

/** What can be recorded of a step under a procedure: the class's levels of help, or the answers that the procedure asks for. */
export function rungsOf(procedure: ProcedureId, levels: Hierarchy): Hierarchy {
  if (procedure === 'constant-delay' || procedure === 'progressive-delay') return DELAY;
  if (procedure === 'simultaneous') return SIMULTANEOUS;
  return procedure === 'probe-multiple' || procedure === 'probe-single' ? PROBE : levels;
}

/** What can be said of a record beside its level, under a procedure. */
export const detailOf = (procedure: ProcedureId): Detail | null =>
  procedure === 'most-to-least' ? 'error' : procedure === 'graduated' ? 'faded' : null;

/**
 * The delay of a lesson under a procedure, in seconds: none in the first lesson, when the prompt comes at once; then the fixed delay, or one second more each
 * lesson up to `LONGEST_DELAY`.
 * @param before how many lessons were held under the same procedure
 * @param fixed the delay that the class chose; 0, as a first lesson has it, is none chosen
 */
export function delayOf(procedure: ProcedureId, before: number, fixed = USUAL_PROCEDURE.delay): number {
  if (procedure === 'constant-delay') return before === 0 ? 0 : fixed > 0 ? fixed : USUAL_PROCEDURE.delay;
  if (procedure === 'progressive-delay') return Math.min(before, LONGEST_DELAY);
  return 0;
}

/** A step at which nobody waits for an error: something in it is sharp, hot, raw, of glass, or electric (common practice). */
export const isSafetyStep = (hazards: readonly string[]): boolean => hazards.some((h) => DANGERS.has(h));

/** What the adult does at a step: `wait` in seconds where there is one to keep, and the words. */
export function howToHelp(
  inForce: InForce,
  safety: boolean,
  aim: Level | null,
  moreHelp: Level | null,
): { wait: number | null; say: string } {
  if (safety) {
    const start = moreHelp ? `start with “${moreHelp.name}”` : 'start with more help';
    return {
      wait: null,
      say: inForce.id.startsWith('probe') ? 'Within reach: stop an unsafe try at once' : `Within reach: ${start}, never wait for an error`,
    };
  }
  switch (inForce.id) {
    case 'least-to-most':
      return { wait: inForce.wait, say: `Wait ${inForce.wait} s, then more help` };
    case 'most-to-least':
      return { wait: null, say: aim ? `Start with “${aim.name}”` : 'Start with the help that works for sure' };
    case 'graduated':
      return { wait: null, say: 'As much touch as it takes, less as soon as it goes' };
    case 'constant-delay':
    case 'progressive-delay':
      return inForce.delay === 0
        ? { wait: null, say: 'Prompt at once' }
        : { wait: inForce.delay, say: `Wait ${inForce.delay} s, then prompt` };
    case 'simultaneous':
      return { wait: null, say: 'Prompt at once' };
    default:
      return { wait: inForce.wait, say: `No help: wait ${inForce.wait} s` };
  }
}
