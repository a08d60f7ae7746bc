// A learner's record written as a page of letters: a row for each step, a column for each lesson.
import { hierarchyById, USUAL_MASTERY, type HeldLesson, type KnownStep, type LearnerRecord, type MadeRecord } from '$core';

const FULL = hierarchyById('full');
const idOf = (letter: string) => FULL.levels.find((l) => l.letter === letter)?.id ?? letter;
export const week = (n: number) => new Date(Date.UTC(2026, 8, 1 + 7 * n)).toISOString().slice(0, 10);

export type StepRow = { technique?: string; hazards?: string[]; text?: string; phase?: string; taps: string };
export type Page = {
  recipe: string;
  /** From which week on. */
  from?: number;
  /** How many lessons are the baseline. */
  baseline?: number;
  steps: StepRow[];
  /** The adult of each lesson, one after the other. */
  adults?: string[];
  lesson?: (n: number) => Partial<HeldLesson>;
};

/** "." is a step that was not recorded; a column of nothing but "-" a missed lesson. */
export function recordOf(pages: Page[]): LearnerRecord {
  const lessons: HeldLesson[] = [];
  const made = new Map<string, MadeRecord[]>();
  const steps: KnownStep[] = [];
  for (const { recipe, from = 0, baseline = 0, steps: rows, adults = ['Ms Ferrow', 'Mr Lund'], lesson } of pages) {
    const taps = rows.map((r) => r.taps.split(' '));
    rows.forEach((r, i) =>
      steps.push({
        recipeId: recipe,
        key: `${recipe}-${i}`,
        text: r.text ?? `Step ${i + 1}.`,
        technique: r.technique ?? null,
        hazards: r.hazards ?? [],
        phase: r.phase ?? 'prepare',
        here: true,
      }),
    );
    taps[0].forEach((_, n) => {
      const missed = taps.every((t) => t[n] === '-');
      const id = `${recipe} ${n}`;
      lessons.push({
        id,
        recipeId: recipe,
        heldOn: week(from + n),
        phase: n < baseline ? 'baseline' : 'intervention',
        state: missed ? 'missed' : 'finished',
        version: 1,
        hierarchy: FULL,
        rule: { last: 3, days: 2, down: 2 },
        mastery: USUAL_MASTERY,
        procedure: { id: 'least-to-most' },
        ...lesson?.(n),
      });
      const observer = adults[n % adults.length];
      made.set(
        id,
        taps.flatMap((t, i) => (t[n] === '.' || t[n] === '-' ? [] : [{ stepKey: `${recipe}-${i}`, code: idOf(t[n]), observer }])),
      );
    });
  }
  lessons.sort((a, b) => (a.heldOn < b.heldOn ? -1 : a.heldOn > b.heldOn ? 1 : 0));
  return { learner: { id: 'w', name: 'Wren' }, lessons, made, steps, recipes: new Map(pages.map((p) => [p.recipe, p.recipe])) };
}
