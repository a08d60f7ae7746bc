import { measureLabel, toolById } from '$core';
import { getKitchen } from '$lib/server/kitchen';
import { inSchool } from '$lib/server/school';

export const load = ({ locals }) =>
  inSchool(locals.school, async (trx) => {
    const kitchen = await getKitchen(trx);
    const things = [
      ...kitchen.measures.map((m) => ({ id: m.id, name: measureLabel(m), place: kitchen.measurePlaces[m.id] ?? '', measure: true })),
      ...kitchen.tools
        .filter((t) => !(t.id in kitchen.measurePlaces))
        .map((t) => ({ id: t.id, name: toolById(t.id)?.name ?? t.id, place: t.place, measure: false })),
    ];
    const places = [...new Set(things.map((t) => t.place))].map((place) => ({ place, things: things.filter((t) => t.place === place) }));
    return { title: 'Kitchen', system: kitchen.system, places, foods: kitchen.places };
  });
