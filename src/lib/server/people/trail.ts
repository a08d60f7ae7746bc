// Who saw, changed, took out or erased what: of a learner, of a class at once, of the people of the school. Lines are added and never changed; the lead
// reads them.
import type { RequestEvent } from '@sveltejs/kit';
import { isId } from '../../id';
import type { SchoolTrx } from '../school-scope';
import type { Who } from './sessions';

export type TrailAct = 'saw' | 'changed' | 'took out' | 'erased';

/** Pages that show several learners of a class at once; what is recorded in a lesson has its own observer. */
const OF_CLASS = /^\/(learners|look-back|lessons\/\[id=id\]|cook\/\[lesson=id\]|recipes\/\[id=id\]\/(look-back|fit\/class|cook))$/;
/** Where people and classes are looked after. */
const OF_PEOPLE = /^\/(people|classes)/;

/** Routes of a learner whose answer is a file that leaves the program. */
const FILES = /[.](csv|zip)$/;

/** Which learner a request is about, by its address; null where it is about none in particular. */
export function learnerOf({ route, params, url }: Pick<RequestEvent, 'route' | 'params' | 'url'>): string | null {
  const id = route.id?.startsWith('/learners/[id=id]') ? params.id : url.searchParams.get('learner');
  return id && isId(id) ? id : null;
}

/**
 * What a request that went well is on the trail; null for one that shows nothing new of anybody: a question after a revision, data for what is
 * shown already.
 */
export function trailAct(event: Pick<RequestEvent, 'route' | 'request'>, isPage: boolean): TrailAct | null {
  const { method } = event.request;
  const route = event.route.id ?? '';
  if (method !== 'GET' && method !== 'HEAD') return route.endsWith('/erase') ? 'erased' : 'changed';
  if (FILES.test(route)) return 'took out';
  return isPage ? 'saw' : null;
}

/** What a line is about. */
export type About = { learner: string | null; class: string | null; account: string | null };

/**
 * What a request is about that is written down; null where it shows and changes nothing of a learner, of a class at once, or of people.
 * @param account whom it was done to, where people were looked after
 */
export function aboutOf(
  event: Pick<RequestEvent, 'route' | 'params' | 'url'>,
  act: TrailAct,
  who: Who,
  account: string | null,
): About | null {
  const route = event.route.id ?? '';
  const learner = learnerOf(event);
  if (learner) return { learner, class: null, account: null };
  if (OF_PEOPLE.test(route)) return act === 'saw' ? null : { learner: null, class: null, account };
  return act === 'saw' && OF_CLASS.test(route) ? { learner: null, class: who.class, account: null } : null;
}

export async function addToTrail(
  trx: SchoolTrx,
  who: Who,
  act: TrailAct,
  route: string,
  { learner, class: of, account }: About,
): Promise<void> {
  const what = { act, route, learner_id: learner, class_id: of, about: account };
  await trx('trail').insert({ school_id: trx.school, account_id: who.account, role: who.role, ...what });
}

/** `of`: the learner, the class or the person; null where that is gone, or where it is of the whole school. */
export type TrailLine = {
  id: number;
  at: Date;
  who: string | null;
  role: string;
  act: string;
  route: string;
  of: string | null;
  isGone: boolean;
};

/** Lines of the trail, the newest first: `most` of them, from before a line on. */
export async function readTrail(
  trx: SchoolTrx,
  { before, learner, most }: { before?: number; learner?: string; most: number },
): Promise<TrailLine[]> {
  const asked = trx('trail as t').where({ 't.school_id': trx.school });
  if (before !== undefined) void asked.where('t.id', '<', before);
  if (learner) void asked.where({ 't.learner_id': learner });
  const rows = await asked
    .leftJoin('account as a', 'a.id', 't.account_id')
    .leftJoin('learner as l', function () {
      this.on('l.school_id', 't.school_id').andOn('l.id', 't.learner_id');
    })
    .leftJoin('class as c', 'c.id', 't.class_id')
    .leftJoin('account as o', 'o.id', 't.about')
    .orderBy('t.id', 'desc')
    .limit(most)
    .select(
      't.id',
      't.at',
      'a.name as who',
      't.role',
      't.act',
      't.route',
      trx.raw('coalesce(l.name, c.name, o.name) as of, t.learner_id is not null and l.id is null as gone'),
    );
  return rows.map((r) => ({ id: r.id, at: r.at, who: r.who, role: r.role, act: r.act, route: r.route, of: r.of, isGone: r.gone }));
}

export type ErasureLine = { at: Date; who: string | null; why: string; rows: number };

export async function readErasures(trx: SchoolTrx): Promise<ErasureLine[]> {
  const rows = await trx('erasure as e')
    .where({ 'e.school_id': trx.school })
    .leftJoin('account as a', 'a.id', 'e.account_id')
    .orderBy('e.id', 'desc')
    .select('e.at', 'a.name as who', 'e.why', 'e.counts');
  return rows.map((r) => ({
    at: r.at,
    who: r.who,
    why: r.why,
    rows: Object.values(r.counts as object).reduce((n: number, of) => n + Number(of), 0),
  }));
}
