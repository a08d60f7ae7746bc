import { TOOLS, usualDrawer, type MeasureSystem } from '$core';
import { check } from '$lib/server/input/check';
import { SavedKitchen } from '$lib/server/input/kitchen';
import { getKitchen, saveKitchen } from '$lib/server/kitchen';
import { inSchool } from '$lib/server/school';
import { fail } from '@sveltejs/kit';

const SYSTEMS: MeasureSystem[] = ['us', 'us-label', 'metric', 'australian', 'imperial'];

export const load = ({ locals }) =>
  inSchool(locals.school, async (trx) => {
    const kitchen = await getKitchen(trx);
    return {
      title: 'Kitchen',
      kitchen: {
        system: kitchen.system,
        lessonMinutes: kitchen.lessonMinutes,
        microwaveWatts: kitchen.microwaveWatts,
        readingGrade: kitchen.readingGrade,
        measures: kitchen.measures.map((m) => ({ ...m, place: kitchen.measurePlaces[m.id] ?? '' })),
        tools: kitchen.tools.filter((t) => !(t.id in kitchen.measurePlaces)),
        places: kitchen.places,
      },
      drawers: Object.fromEntries(SYSTEMS.map((s) => [s, usualDrawer(s)])),
      known: TOOLS.filter((t) => t.kind !== 'cleaning' && t.kind !== 'measure').map(({ id, name }) => ({ id, name })),
    };
  });

export const actions = {
  default: async ({ request, locals }) => {
    const form = await request.formData();
    let sent: unknown;
    try {
      sent = JSON.parse(String(form.get('kitchen') ?? ''));
    } catch {
      return fail(400, { problem: 'The kitchen did not arrive whole; nothing was changed.' });
    }
    const checked = await check(SavedKitchen, sent);
    if (!checked.ok) return fail(400, { problem: Object.values(checked.problems)[0] ?? 'It could not be saved.' });
    await inSchool(locals.school, (trx) => saveKitchen(trx, checked.value));
    return { saved: true };
  },
};
