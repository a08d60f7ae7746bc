// The classes of a school: who is in which, what is put away, and a learner who moves up with his records.
import type { RequestEvent } from '@sveltejs/kit';
import type { SchoolTrx } from '../school-scope';
import { learnerOf } from './trail';

export type ClassRow = {
  id: string;
  name: string;
  putAway: boolean;
  /** Learners who are not put away, in their order. */
  learners: { id: string; name: string }[];
  people: { id: string; name: string }[];
};

/** All classes of the school, those put away last. */
export async function listClasses(trx: SchoolTrx): Promise<ClassRow[]> {
  const rows = await trx('class as c')
    .where('c.school_id', trx.school)
    .orderByRaw('c.put_away_at is not null, c.position, c.name, c.id')
    .select(
      'c.id',
      'c.name',
      'c.put_away_at',
      trx.raw(`(select coalesce(json_agg(json_build_object('id', l.id, 'name', l.name) order by l.position, l.name), '[]') from learner l
        where l.school_id = c.school_id and l.class_id = c.id and l.put_away_at is null) as learners`),
      trx.raw(`(select coalesce(json_agg(json_build_object('id', a.id, 'name', a.name) order by lower(a.name)), '[]') from class_person p
        join account a on a.school_id = p.school_id and a.id = p.account_id
        where p.school_id = c.school_id and p.class_id = c.id and a.put_away_at is null) as people`),
    );
  return rows.map((r) => ({ id: r.id, name: r.name, putAway: r.put_away_at !== null, learners: r.learners, people: r.people }));
}

/** Adds a class, with a kitchen of its own to be told of; who adds it is in it. @returns its id */
export async function addClass(trx: SchoolTrx, name: string, by: string | null): Promise<string> {
  const last = await trx('class').where({ school_id: trx.school }).max('position as n').first();
  const [row] = await trx('class')
    .insert({ school_id: trx.school, name, position: Number(last?.n ?? 0) + 1 })
    .returning('id');
  if (by) await trx('class_person').insert({ school_id: trx.school, class_id: row.id, account_id: by });
  return row.id;
}

/** @returns false where there is no such class */
export async function renameClass(trx: SchoolTrx, id: string, name: string): Promise<boolean> {
  return (await trx('class').where({ school_id: trx.school, id }).update({ name })) === 1;
}

export type Away = 'done' | 'none' | 'last';

/** Puts a class away, with its learners and lessons, or brings it back. The last one stays: a school works with one at least. */
export async function putClassAway(trx: SchoolTrx, id: string, away: boolean): Promise<Away> {
  // two that are put away at once: the second waits, and then counts anew
  const open: string[] = await trx('class').where({ school_id: trx.school }).whereNull('put_away_at').forUpdate().pluck('id');
  if (away && open.every((c) => c === id)) return open.length === 0 ? 'none' : 'last';
  const changed = await trx('class')
    .where({ school_id: trx.school, id })
    .update({ put_away_at: away ? trx.fn.now() : null });
  return changed === 1 ? 'done' : 'none';
}

/** Which classes somebody is in, from now on. Ids of classes that are none are passed over. */
export async function setClasses(trx: SchoolTrx, account: string, classes: readonly string[]): Promise<void> {
  await trx('class_person')
    .where({ school_id: trx.school, account_id: account })
    .whereNotIn('class_id', [...classes])
    .delete();
  const known: string[] = await trx('class')
    .where({ school_id: trx.school })
    .whereIn('id', [...classes])
    .pluck('id');
  if (known.length > 0)
    await trx('class_person')
      .insert(known.map((class_id) => ({ school_id: trx.school, class_id, account_id: account })))
      .onConflict()
      .ignore();
}

/** Learners whose lesson of today is under way: they stay until it is over, since devices still send what was recorded of them. */
async function inLesson(trx: SchoolTrx, learners: readonly string[]): Promise<string[]> {
  return trx('lesson_learner as h')
    .join('lesson as l', function () {
      this.on('l.school_id', 'h.school_id').andOn('l.id', 'h.lesson_id');
    })
    .join('class_lesson as c', function () {
      this.on('c.school_id', 'l.school_id').andOn('c.id', 'l.class_lesson_id');
    })
    .join('learner as p', function () {
      this.on('p.school_id', 'h.school_id').andOn('p.id', 'h.learner_id');
    })
    .where('h.school_id', trx.school)
    .whereIn('h.learner_id', [...learners])
    .whereNotNull('c.begun_at')
    .whereNull('c.ended_at')
    .whereRaw(`c.held_on >= current_date - 1`)
    .whereNot('h.presence', 'absent')
    .distinct('p.name')
    .pluck('p.name');
}

export type Moved = { ok: true } | { ok: false; why: 'none' } | { ok: false; why: 'in-lesson'; names: string[] };

/**
 * Learners move to another class with all their records. They come last there, and leave lessons of the class before that have not begun; a plan of such a
 * lesson is started anew, since it counted on them.
 */
export async function moveLearners(trx: SchoolTrx, learners: readonly string[], to: string): Promise<Moved> {
  const there = await trx('class').where({ school_id: trx.school, id: to }).whereNull('put_away_at').first('id');
  const moving: string[] = await trx('learner')
    .where({ school_id: trx.school })
    .whereNot({ class_id: to })
    .whereIn('id', [...learners])
    .orderBy(['position', 'name'])
    .forUpdate()
    .pluck('id');
  if (!there || moving.length === 0) return { ok: false, why: 'none' };
  const names = await inLesson(trx, moving);
  if (names.length > 0) return { ok: false, why: 'in-lesson', names };
  const ahead: string[] = await trx('lesson as l')
    .join('class_lesson as c', function () {
      this.on('c.school_id', 'l.school_id').andOn('c.id', 'l.class_lesson_id');
    })
    .join('lesson_learner as h', function () {
      this.on('h.school_id', 'l.school_id').andOn('h.lesson_id', 'l.id');
    })
    .where('l.school_id', trx.school)
    .whereIn('h.learner_id', moving)
    .whereNull('c.begun_at')
    .whereNot('c.class_id', to)
    .distinct('l.class_lesson_id')
    .pluck('l.class_lesson_id');
  await trx('lesson_learner')
    .where({ school_id: trx.school })
    .whereIn('learner_id', moving)
    .whereIn('lesson_id', trx('lesson').where({ school_id: trx.school }).whereIn('class_lesson_id', ahead).select('id'))
    .delete();
  await trx('class_lesson')
    .where({ school_id: trx.school })
    .whereIn('id', ahead)
    .update({ plan: null, revision: trx.raw('revision + 1') });
  const last = await trx('learner').where({ school_id: trx.school, class_id: to }).max('position as n').first();
  for (const [i, id] of moving.entries())
    await trx('learner')
      .where({ school_id: trx.school, id })
      .update({ class_id: to, position: Number(last?.n ?? 0) + 1 + i });
  return { ok: true };
}

/**
 * What is wrong with a form of a page that was opened for another class: this device has turned since, in another window.
 * @param given the class of the page; empty where it said none
 * @returns null where nothing is
 */
export function otherClass({ who }: App.Locals, given: string): string | null {
  if (given === '' || !who || given === who.class) return null;
  const now = who.classes.find((c) => c.id === who.class)?.name ?? 'another class';
  return `This device has turned to ${now} in another window. Nothing was changed: open this page again, or turn back.`;
}

type Asked = Pick<RequestEvent, 'route' | 'params' | 'url'>;

/** The learner or the lesson that a page is about. What is sent in a lesson, tap by tap, asks nothing of a class. */
function oneOf(event: Asked): { table: 'learner' | 'class_lesson'; id: string } | null {
  const learner = learnerOf(event);
  if (learner) return { table: 'learner', id: learner };
  const { route, params } = event;
  const lesson = route.id?.startsWith('/lessons/[id=id]') ? params.id : route.id === '/cook/[lesson=id]' ? params.lesson : undefined;
  return lesson ? { table: 'class_lesson', id: lesson } : null;
}

/** Whether what is asked for says of which class it is. */
export const asksOfOne = (event: Asked): boolean => oneOf(event) !== null;

/** Which class a request is about, by the learner or the lesson in its address; null where it is about none, or nothing there is seen. */
export async function classOfAsked(trx: SchoolTrx, event: Asked): Promise<string | null> {
  const one = oneOf(event);
  const found = one && (await trx(one.table).where({ school_id: trx.school, id: one.id }).first('class_id'));
  return found?.class_id ?? null;
}
