// The kitchen of a class: its measures, its tools, and where things are kept.
import { USUAL_KITCHEN, type Controls, type Heights, type Kitchen, type Measure } from '$core';
import { thingPhotos } from './photos';
import { controlsOf, countsOf, heightsOf, isGoodMeasure, namesOf, placesOf } from './input/stored';
import { ownClass, type SchoolTrx } from './school-scope';
import type { Look } from './work/work';

export type KitchenRow = Kitchen & {
  /** Where each measure is kept, by its id. */
  measurePlaces: Map<string, string>;
  lessonMinutes: number;
  microwaveWatts: number;
  readingGrade: number;
  /** How many of a thing there are, where somebody has counted. */
  counts: ReadonlyMap<string, number>;
  /** Which of the five skins the hands in pictures have. */
  skin: number;
  /** Addresses of photographs of its tools and places. */
  photos: ReadonlyMap<string, string>;
  revision: number;
};

export async function getKitchen(trx: SchoolTrx): Promise<KitchenRow> {
  const row = await trx('kitchen')
    .where({ school_id: trx.school, class_id: ownClass(trx) })
    .first(
      'system',
      'places',
      'lacks',
      'heights',
      'controls',
      'counts',
      'lesson_minutes',
      'microwave_watts',
      'reading_grade',
      'skin',
      'revision',
    );
  const photos = await thingPhotos(trx);
  const usual = {
    measurePlaces: new Map<string, string>(),
    counts: new Map<string, number>(),
    lessonMinutes: 60,
    microwaveWatts: 800,
    readingGrade: 4,
    skin: 1,
    revision: 1,
  };
  if (!row) return { ...USUAL_KITCHEN, ...usual, photos };
  const rows = await trx('kitchen_measure')
    .where({ school_id: trx.school, class_id: ownClass(trx) })
    .orderBy('position')
    .select('id', 'quantity', 'unit', 'kind', 'place');
  // a measure that is none is left out: it would break every amount
  const measures = rows.filter(isGoodMeasure);
  const tools = await trx('kitchen_tool')
    .where({ school_id: trx.school, class_id: ownClass(trx) })
    .orderBy('id')
    .select('id', 'place');
  return {
    system: row.system,
    lessonMinutes: row.lesson_minutes,
    microwaveWatts: row.microwave_watts,
    readingGrade: Number(row.reading_grade),
    skin: row.skin,
    places: placesOf(row.places),
    revision: row.revision,
    photos,
    measures: measures.map(({ id, quantity, unit, kind }) => ({ id, quantity, unit, kind })),
    // a measure is fetched from its drawer like any tool
    lacks: namesOf(row.lacks),
    heights: heightsOf(row.heights),
    controls: controlsOf(row.controls),
    counts: countsOf(row.counts),
    tools: [...tools, ...measures.map(({ id, place }) => ({ id, place }))],
    measurePlaces: new Map(measures.map(({ id, place }) => [id, place])),
  };
}

/** How pictures are drawn in a class. */
export const classLook = ({ skin, photos, controls }: KitchenRow): Look => ({
  skin,
  ...(controls ? { controls } : {}),
  ...(photos.size > 0 ? { photos: [...photos] } : {}),
});

/** What a class tells of its kitchen. */
export type KitchenSettings = {
  system: Kitchen['system'];
  lessonMinutes: number;
  microwaveWatts: number;
  readingGrade: number;
  skin?: number;
  measures: (Measure & { place: string })[];
  tools: { id: string; place: string }[];
  lacks: string[];
  heights: Heights;
  controls: Controls;
  counts?: { thing: string; count: number }[];
  places: Kitchen['places'];
};

/** A list of counts as one object, by thing. */
const COUNTS = `(select coalesce(jsonb_object_agg(c.thing, c.count), '{}') from jsonb_to_recordset(?::jsonb) as c(thing text, count int))`;

/**
 * Replaces what is known of the kitchen, all or nothing, if nobody saved since `revision`.
 * @returns the new revision, or null when another save came first: then nothing is changed
 */
export async function saveKitchen(trx: SchoolTrx, revision: number, kitchen: KitchenSettings): Promise<number | null> {
  const school_id = trx.school;
  const at = { school_id, class_id: ownClass(trx) };
  const own = {
    system: kitchen.system,
    places: JSON.stringify(kitchen.places),
    lacks: JSON.stringify(kitchen.lacks),
    heights: JSON.stringify(kitchen.heights),
    controls: JSON.stringify(kitchen.controls),
    ...(kitchen.counts ? { counts: trx.raw(COUNTS, [JSON.stringify(kitchen.counts)]) } : {}),
    lesson_minutes: kitchen.lessonMinutes,
    microwave_watts: kitchen.microwaveWatts,
    reading_grade: kitchen.readingGrade,
    ...(kitchen.skin === undefined ? {} : { skin: kitchen.skin }),
    revision: revision + 1,
  };
  let saved = await trx('kitchen')
    .where({ ...at, revision })
    .update(own);
  // a class that never said anything of its kitchen has no row yet, and its page started from revision 1
  if (saved === 0 && revision === 1)
    saved = (
      await trx('kitchen')
        .insert({ school_id, ...own })
        .onConflict(['school_id', 'class_id'])
        .ignore()
        .returning('revision')
    ).length;
  if (saved === 0) return null;
  await trx('kitchen_measure').where(at).delete();
  await trx('kitchen_tool').where(at).delete();
  if (kitchen.measures.length > 0)
    await trx('kitchen_measure').insert(
      kitchen.measures.map(({ id, quantity, unit, kind, place }, position) => ({ school_id, id, quantity, unit, kind, place, position })),
    );
  if (kitchen.tools.length > 0) await trx('kitchen_tool').insert(kitchen.tools.map(({ id, place }) => ({ school_id, id, place })));
  return revision + 1;
}
