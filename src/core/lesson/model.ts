// A lesson of a class: who is there, and how a dish is shared out.

/** How a dish is shared out: each makes his own, two make one together, or all make one together. */
export const MODES = ['own', 'pairs', 'together'] as const;
export type Mode = (typeof MODES)[number];

/** Whether a learner is there: late and gone early count as there for what was recorded. */
export const PRESENCES = ['here', 'late', 'left', 'absent'] as const;
export type Presence = (typeof PRESENCES)[number];

/** Teams of a dish, by the places of learners in their order: nobody shares, two each (the last three where one is left over), or all. */
export function teamsOf(mode: Mode, learners: number): number[] {
  if (mode === 'own') return Array.from({ length: learners }, (_, i) => i);
  if (mode === 'together') return Array.from({ length: learners }, () => 0);
  const last = Math.max(0, Math.floor(learners / 2) - 1);
  return Array.from({ length: learners }, (_, i) => Math.min(i >> 1, last));
}
