// The kitchen of a school: its measures, its tools, and where things are kept.
import { USUAL_KITCHEN, type Kitchen } from '$core';
import type { SchoolTrx } from './school-scope';

export type KitchenRow = Kitchen & {
  measurePlaces: Record<string, string>;
  lessonMinutes: number;
  microwaveWatts: number;
  readingGrade: number;
};

export async function getKitchen(trx: SchoolTrx): Promise<KitchenRow> {
  const row = await trx('kitchen')
    .where({ school_id: trx.school })
    .first('system', 'places', 'lesson_minutes', 'microwave_watts', 'reading_grade');
  if (!row) return { ...USUAL_KITCHEN, measurePlaces: {}, lessonMinutes: 60, microwaveWatts: 800, readingGrade: 4 };
  const measures = await trx('kitchen_measure')
    .where({ school_id: trx.school })
    .orderBy('position')
    .select('id', 'quantity', 'unit', 'kind', 'place');
  const tools = await trx('kitchen_tool').where({ school_id: trx.school }).orderBy('id').select('id', 'place');
  return {
    system: row.system,
    lessonMinutes: row.lesson_minutes,
    microwaveWatts: row.microwave_watts,
    readingGrade: Number(row.reading_grade),
    places: row.places,
    measures: measures.map(({ id, quantity, unit, kind }) => ({ id, quantity, unit, kind })),
    // a measure is fetched from its drawer like any tool
    tools: [...tools, ...measures.map(({ id, place }) => ({ id, place }))],
    measurePlaces: Object.fromEntries(measures.map(({ id, place }) => [id, place])),
  };
}

/** What a class tells of its kitchen. */
export type KitchenSettings = {
  system: Kitchen['system'];
  lessonMinutes: number;
  microwaveWatts: number;
  readingGrade: number;
  measures: { id: string; quantity: string; unit: string; kind: string; place: string }[];
  tools: { id: string; place: string }[];
  places: Kitchen['places'];
};

/** Replaces what is known of the kitchen, all or nothing: the caller's transaction holds it together. */
export async function saveKitchen(trx: SchoolTrx, kitchen: KitchenSettings): Promise<void> {
  const school_id = trx.school;
  const own = {
    system: kitchen.system,
    places: JSON.stringify(kitchen.places),
    lesson_minutes: kitchen.lessonMinutes,
    microwave_watts: kitchen.microwaveWatts,
    reading_grade: kitchen.readingGrade,
  };
  await trx('kitchen')
    .insert({ school_id, ...own })
    .onConflict('school_id')
    .merge();
  await trx('kitchen_measure').where({ school_id }).delete();
  await trx('kitchen_tool').where({ school_id }).delete();
  if (kitchen.measures.length > 0)
    await trx('kitchen_measure').insert(kitchen.measures.map((m, position) => ({ school_id, ...m, position })));
  if (kitchen.tools.length > 0) await trx('kitchen_tool').insert(kitchen.tools.map((t) => ({ school_id, ...t })));
}
