// All that was recorded of one learner as a table, a line for each record in force; nobody else's data.
import { OTHER_CODES, stepId, techniqueById, type LearnerRecord } from '$core';
import Papa from 'papaparse';

/** As UTF-8 text with a byte-order mark, which spreadsheets ask for. */
export function recordsCsv(record: LearnerRecord): string {
  const steps = new Map(record.steps.map((s) => [stepId(s.recipeId, s.key), s]));
  const made = record.lessons.flatMap((lesson) => (record.made.get(lesson.id) ?? []).map((r) => ({ lesson, r })));
  const rows = made.map(({ lesson, r }) => {
    const step = steps.get(stepId(lesson.recipeId, r.stepKey));
    const level = lesson.hierarchy.levels.find((l) => l.id === r.code) ?? OTHER_CODES.find((o) => o.id === r.code);
    return {
      day: lesson.heldOn,
      recipe: record.recipes.get(lesson.recipeId) ?? '',
      version: lesson.version,
      place: lesson.place ?? '',
      phase: lesson.phase,
      procedure: lesson.procedure.id,
      levels: lesson.hierarchy.name,
      step: step?.text ?? r.stepKey,
      technique: step?.technique ? (techniqueById(step.technique)?.name ?? step.technique) : '',
      letter: level?.letter ?? '',
      help: level?.name ?? r.code,
      observer: r.observer ?? '',
    };
  });
  rows.sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0));
  // a cell that starts with = or @ would be run by a spreadsheet
  const csv = Papa.unparse(rows, { escapeFormulae: true, newline: '\r\n' });
  return `\ufeff${csv}\r\n`;
}
