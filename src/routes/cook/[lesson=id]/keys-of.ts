// The keys of a lesson, as its sheet tells them.
import type { Level } from '$core';

/** @param several whether more than one learner is in the lesson: arrows to the side choose a learner then */
export const keysOf = (
  several: boolean,
  levels: readonly Level[],
  others: readonly { letter: string; name: string }[],
): [key: string, what: string][] => [
  ...(several ? ([['← →', 'learner before, learner after']] as [string, string][]) : []),
  [several ? '↑ ↓' : '← →', 'step back, step on'],
  ['Home', 'the first step'],
  ...levels.map((l, i): [string, string] => [`${i + 1} or ${l.letter}`, l.name]),
  ...others.map((o): [string, string] => [o.letter, o.name]),
  ['U', 'undo'],
  ['T', 'more: note, another step, who is there'],
  ...(several ? ([['B', 'one large, or all side by side']] as [string, string][]) : []),
  ['E', 'end the lesson'],
  ['?', 'this sheet'],
];
