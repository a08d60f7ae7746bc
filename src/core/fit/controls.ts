// What is set by a knob in one kitchen is set by keys in another: what that asks. Where nobody has said, the technique's own asks stay.
import type { Controls } from '../plan/model';
import type { Context } from './demand-context';
import { WHY } from './demand-why';
import type { Asked } from './model';

/** By what the thing is set that a step sets, as far as somebody has said. */
function setBy({ step, controls }: Context): 'knob' | 'keys' | null {
  const what = step.tools.find((tool): tool is Exclude<keyof Controls, 'heat'> => Object.hasOwn(controls, tool));
  return (what && controls[what]) ?? null;
}

/** An ask of a technique as this kitchen has it. Flat keys are found by eye alone: a finger that feels for one has pressed it (common practice). */
export function asSet(c: Context, asked: Asked): Asked {
  const by = setBy(c);
  if (by === 'keys' && asked.demand === 'sight' && asked.of === 'dial') return { ...asked, much: true, why: 'flat keys cannot be felt' };
  if (by !== null && asked.demand === 'read-number' && (asked.of === 'dial' || asked.of === 'keys')) {
    const of = by === 'keys' ? 'keys' : 'dial';
    return { ...asked, of, why: WHY.get(`read-number/${of}`) ?? asked.why };
  }
  return asked;
}
