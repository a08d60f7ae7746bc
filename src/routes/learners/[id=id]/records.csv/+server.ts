// All that was recorded of one learner, a line for each record in force; nobody else's data.
import { OTHER_CODES, stepId, techniqueById } from '$core';
import { getLearner } from '$lib/server/learners';
import { recordsOf } from '$lib/server/look-back';
import { error } from '@sveltejs/kit';
import Papa from 'papaparse';

export const GET = async ({ params, locals }) => {
  const record = await locals.inSchool(async (trx) => {
    const learner = await getLearner(trx, params.id);
    if (!learner) return null;
    return (await recordsOf(trx, [{ id: learner.id, name: learner.name }]))[0].record;
  });
  if (!record) error(404, 'There is no learner at this address.');
  const lessons = new Map(record.lessons.map((l) => [l.id, l]));
  const steps = new Map(record.steps.map((s) => [stepId(s.recipeId, s.key), s]));
  const rows = record.records.flatMap((r) => {
    const lesson = lessons.get(r.lessonId);
    if (!lesson) return [];
    const step = steps.get(stepId(lesson.recipeId, r.stepKey));
    const level = lesson.hierarchy.levels.find((l) => l.id === r.code) ?? OTHER_CODES.find((o) => o.id === r.code);
    return [
      {
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
      },
    ];
  });
  rows.sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0));
  // a cell that starts with = or @ would be run by a spreadsheet
  const csv = Papa.unparse(rows, { escapeFormulae: true, newline: '\r\n' });
  return new Response(`\ufeff${csv}\r\n`, {
    headers: { 'content-type': 'text/csv; charset=utf-8', 'content-disposition': 'attachment; filename="records.csv"' },
  });
};
