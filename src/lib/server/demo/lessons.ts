// Ten lessons of two learners, invented but believable: a baseline, teaching, a missed day, and one step that will not come.
import { createHash } from 'node:crypto';
import type { Hierarchy, Step } from '$core';

/** Tuesdays. */
const DAYS = [
  '2026-09-08',
  '2026-09-15',
  '2026-09-22',
  '2026-09-29',
  '2026-10-06',
  '2026-10-13',
  '2026-10-20',
  '2026-10-27',
  '2026-11-03',
  '2026-11-10',
];
const BASELINE = 3;
const MISSED = 6;

export type DemoLesson = {
  id: string;
  heldOn: string;
  phase: 'baseline' | 'intervention';
  missed: boolean;
  records: { id: string; stepKey: string; code: string; madeAt: string }[];
};

/** An id that is the same each time for the same name. */
export function demoId(name: string): string {
  const hex = createHash('sha1').update(`yellow-rung demo ${name}`).digest('hex');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-8${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}

/** A repeatable number from 0 to 1 for a name. */
const chance = (name: string) => parseInt(demoId(name).slice(0, 7), 16) / 0xfffffff;

/**
 * @param stubborn keys of steps that stay at physical help whatever is done
 * @param from height on the ladder (0 to 1) at the first lesson; @param gain height a lesson of teaching adds
 */
export function demoLessons(
  name: string,
  steps: Step[],
  hierarchy: Hierarchy,
  stubborn: string[],
  from: number,
  gain: number,
): DemoLesson[] {
  const top = hierarchy.levels.length - 1;
  return DAYS.map((day, i) => {
    const taught = i < BASELINE ? 0 : i - BASELINE - (i > MISSED ? 1 : 0) + 1;
    const missed = i === MISSED;
    const records = missed
      ? []
      : steps.map((step, k) => {
          const hard = step.hazards.includes('sharp') || step.hazards.includes('hot') ? 0.18 : step.technique === 'measure' ? 0.1 : 0;
          const easy = step.phase === 'ready' || step.phase === 'clean' ? 0.15 : 0;
          const own = (chance(`${name} ${step.key}`) - 0.5) * 0.6;
          const noise = (chance(`${name} ${step.key} ${day}`) - 0.5) * 0.34;
          const reach = stubborn.includes(step.key) ? 0.12 + noise * 0.6 : from + gain * taught + own + noise + easy - hard;
          const height = Math.max(0, Math.min(top, Math.round(reach * top)));
          const minute = String(5 + Math.floor(k * 0.8)).padStart(2, '0');
          return {
            id: demoId(`${name} ${day} ${step.key}`),
            stepKey: step.key,
            code: hierarchy.levels[top - height].id,
            madeAt: `${day}T09:${minute}:${String((k * 7) % 60).padStart(2, '0')}.000Z`,
          };
        });
    return { id: demoId(`${name} lesson ${day}`), heldOn: day, phase: i < BASELINE ? 'baseline' : 'intervention', missed, records };
  });
}
