// What comes next, as data: its kinds in their order, and what each thing rests on.
import type { Hierarchy } from '../help/hierarchy';
import type { YellowRung } from '../help/next-rung';
import type { KnownStep } from './record';

/** Kinds of things, first things first, and why they stand in this order. */
export const NEXT_KINDS = [
  { kind: 'more-help-danger', why: 'a blade, heat or raw food: more help before anything else' },
  { kind: 'probe', why: 'it has a day' },
  { kind: 'slipped', why: 'what was learnt is being lost' },
  { kind: 'learnt', why: 'nobody should be taught what he can do' },
  { kind: 'change', why: 'four lessons are a month' },
  { kind: 'more-help', why: 'who fails each time learns to fail' },
  { kind: 'another-person', why: 'it is nearly learnt' },
  { kind: 'less-help', why: 'the yellow rung' },
  { kind: 'raise', why: 'more can be asked' },
  { kind: 'stuck', why: 'the step may be wrong, not the learner' },
  { kind: 'elsewhere', why: 'learnt in one place is not learnt everywhere' },
  { kind: 'baseline', why: 'what is not known before cannot be compared after' },
] as const;
export type NextKind = (typeof NEXT_KINDS)[number]['kind'];

/** One time that a thing rests on. */
export type Tap = { lessonId: string; day: string; recipeId: string; stepKey: string | null; code: string | null };

export type NextThing = {
  /** The same as long as it is the same proposal: a decision hangs on it. */
  about: string;
  kind: NextKind;
  goal: string | null;
  technique: string | null;
  steps: { recipeId: string; key: string }[];
  /** The level to aim at, and of which levels; null where it is about no level. */
  aim: string | null;
  /** The level aimed at until now. */
  from: string | null;
  hierarchy: Hierarchy | null;
  /** What was seen. */
  saw: string;
  /** What to do about it. */
  do: string;
  rests: Tap[];
  /** Day of the newest record that it rests on: one that is newer asks again. */
  newest: string;
  /** How much it belongs to what is being worked on: a goal's step, then the cooking itself. */
  weight: number;
};

/** What people decided: a proposal that was answered is not made again from the same records. */
export type Decided = { about: string; newest: string };

/** A step at which the records say that the aim moves, or that nothing moves. */
export type StepFinding = {
  kind: 'more-help-danger' | 'more-help' | 'less-help' | 'stuck';
  step: KnownStep;
  rung: YellowRung;
  hierarchy: Hierarchy;
  taps: Tap[];
  inGoal: boolean;
};
