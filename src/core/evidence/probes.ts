// Maintenance: whether what was learnt is still there, looked at 2, 4 and 8 weeks on.
import { daysBetween } from './aim-line';

/** Weeks after mastery (handbook default). */
export const PROBE_WEEKS = [2, 4, 8] as const;

export type Probe = {
  weeks: number;
  due: string;
  /** The lesson that was it; null while none was. */
  lessonId: string | null;
  share: number | null;
};

const later = (day: string, days: number): string =>
  new Date(Date.parse(`${day}T00:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10);

/** A weekly lesson may lie a few days before the day itself and still be it (common practice). */
const EARLY = 3;

/**
 * The probes of a goal. A lesson is the latest probe that was due by then, so that one that comes late is not taken for the one before it.
 * @param metOn the day on which it was called learnt
 * @param lessons those with a figure, oldest first
 */
export function probesOf(metOn: string, lessons: readonly { lessonId: string; day: string; share: number }[]): Probe[] {
  const probes = PROBE_WEEKS.map((weeks): Probe => ({ weeks, due: later(metOn, weeks * 7), lessonId: null, share: null }));
  for (const lesson of lessons) {
    const probe = probes.findLast((p) => daysBetween(p.due, lesson.day) >= -EARLY);
    if (probe?.lessonId === null) Object.assign(probe, { lessonId: lesson.lessonId, share: lesson.share });
  }
  return probes;
}

/** A probe is put forward a week before its day, so that a lesson can be planned for it. */
const AHEAD_DAYS = 7;
export const isPutForward = (probe: Probe, today: string): boolean => later(probe.due, -AHEAD_DAYS) <= today;

/** The probe that waits: the next one after all that were held. Null where the last is done. */
export function nextProbe(probes: readonly Probe[]): Probe | null {
  return probes[probes.findLastIndex((p) => p.lessonId !== null) + 1] ?? null;
}
