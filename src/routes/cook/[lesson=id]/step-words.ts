// What stands at a step of a learner, in words: how to help, what was recorded, what he pressed.
import { howToHelp, isSafetyStep, type OtherCode } from '$core';
import type { Line } from '$lib/ui/line.svelte';

type Other = { id: OtherCode; name: string; letter: string; say: string };

export const nameOfCode = (line: Line, others: readonly Other[], code: string): string =>
  line.hierarchy.levels.find((l) => l.id === code)?.name ?? others.find((o) => o.id === code)?.name ?? code;

const DETAIL_NAMES = new Map([
  ['faded', 'faded'],
  ['error', 'with an error'],
  ['out-of-order', 'out of order'],
]);
export const nameOfDetail = (detail: string | null): string => (detail ? `, ${DETAIL_NAMES.get(detail) ?? detail}` : '');

/** How the adult helps at the step at hand. */
export function helpOf(line: Line): { wait: number | null; say: string } {
  const { levels } = line.hierarchy;
  const aim = levels.findIndex((l) => l.id === line.item?.aim);
  const safety = isSafetyStep(line.card?.hazards ?? []);
  return howToHelp(line.place.procedure, safety, levels[aim] ?? null, aim >= 0 ? (levels[aim + 1] ?? levels[aim]) : null);
}

export const TAUGHT_NAMES = new Map([
  ['own', 'knows this step: no teaching'],
  ['helped', 'not taught today: help through'],
]);
