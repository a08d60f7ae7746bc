import { ADAPTED_TOOLS, MEASURE_SYSTEMS, TOOLS, usualDrawer } from '$core';
import { check, firstProblem } from '$lib/server/input/check';
import { SavedKitchen } from '$lib/server/input/kitchen';
import { parsed, readForm } from '$lib/server/input/request';
import { getKitchen, saveKitchen } from '$lib/server/kitchen';
import { otherClass } from '$lib/server/people/classes';
import { fail } from '@sveltejs/kit';

export const load = ({ locals }) =>
  locals.inSchool(async (trx) => {
    const kitchen = await getKitchen(trx);
    return {
      title: 'Kitchen',
      revision: kitchen.revision,
      kitchen: {
        system: kitchen.system,
        lessonMinutes: kitchen.lessonMinutes,
        microwaveWatts: kitchen.microwaveWatts,
        readingGrade: kitchen.readingGrade,
        skin: kitchen.skin,
        measures: kitchen.measures.map((m) => ({ ...m, place: kitchen.measurePlaces.get(m.id) ?? '' })),
        lacks: kitchen.lacks ?? [],
        heights: kitchen.heights ?? {},
        controls: kitchen.controls ?? {},
        counts: [...kitchen.counts].map(([thing, count]) => ({ thing, count })),
        tools: kitchen.tools.filter((t) => !kitchen.measurePlaces.has(t.id)),
        places: kitchen.places,
      },
      drawers: new Map(MEASURE_SYSTEMS.map((s) => [s, usualDrawer(s)])),
      adapted: ADAPTED_TOOLS.map(({ id, name, for: use, standIn }) => ({ id, name, use, standIn: standIn?.say ?? null })),
      known: TOOLS.filter((t) => t.kind !== 'cleaning' && t.kind !== 'measure').map(({ id, name }) => ({ id, name })),
    };
  });

export const actions = {
  default: async ({ request, locals }) => {
    const field = await readForm(request);
    const elsewhere = otherClass(locals, field('class'));
    if (elsewhere) return fail(409, { problem: elsewhere });
    const checked = check(SavedKitchen, { revision: Number(field('revision')), kitchen: parsed(field('kitchen')) });
    if (!checked.ok) return fail(400, { problem: firstProblem(checked.problems, 'It could not be saved.') });
    const saved = await locals.inSchool((trx) => saveKitchen(trx, checked.value.revision, checked.value.kitchen));
    if (saved === null)
      return fail(409, {
        problem:
          'The kitchen was changed in another window since you opened this page. Nothing was saved: open the page again, and make your change there.',
      });
    return { saved: true };
  },
};
