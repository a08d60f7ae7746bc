// The kitchen of a school: its measures, its tools, and where things are kept.
import { USUAL_KITCHEN, type Kitchen } from '$core';
import type { SchoolTrx } from './school-scope';

export type KitchenRow = Kitchen & { measurePlaces: Record<string, string> };

export async function getKitchen(trx: SchoolTrx): Promise<KitchenRow> {
  const row = await trx('kitchen').where({ school_id: trx.school }).first('system', 'places');
  if (!row) return { ...USUAL_KITCHEN, measurePlaces: {} };
  const measures = await trx('kitchen_measure')
    .where({ school_id: trx.school })
    .orderBy('position')
    .select('id', 'quantity', 'unit', 'kind', 'place');
  const tools = await trx('kitchen_tool').where({ school_id: trx.school }).orderBy('id').select('id', 'place');
  return {
    system: row.system,
    places: row.places,
    measures: measures.map(({ id, quantity, unit, kind }) => ({ id, quantity, unit, kind })),
    // a measure is fetched from its drawer like any tool
    tools: [...tools, ...measures.map(({ id, place }) => ({ id, place }))],
    measurePlaces: Object.fromEntries(measures.map(({ id, place }) => [id, place])),
  };
}
