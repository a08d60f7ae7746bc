// Who asks, and what with: the session of a person, the demo's own person, or nobody.
import type { RequestEvent } from '@sveltejs/kit';
import { isRole } from '$core';
import { env } from '$env/dynamic/private';
import { SCHOOL_NAME } from '../demo/class';
import { DEMO_PEOPLE } from '../demo/people';
import { poolFor, scopeOf } from '../school';
import { DEMO_SCHOOL, type RequestScope } from '../school-scope';
import { today } from '../today';
import { whoHasPass } from './lesson-pass';
import { tried, waitWords } from './limits';
import { classOf, whoHas, type OwnClass, type Who } from './sessions';

/** The demo opens as its teacher, or as whom its visitor chose; on the loopback address only, and not once somebody has signed out. */
export const isDemo = (): boolean => env.OPEN_AS === 'demo' && ['127.0.0.1', 'localhost', '::1'].includes(env.HOST ?? '127.0.0.1');
/** The demo's cookie: a role to look with, or `out`. */
export const DEMO_AS = 'demo-as';

async function demoPerson({ cookies }: RequestEvent): Promise<Who | null> {
  if (!isDemo()) return null;
  const as = cookies.get(DEMO_AS) ?? 'teacher';
  const found = isRole(as) ? DEMO_PEOPLE.find((p) => p.role === as) : undefined;
  if (!found) return null;
  const { id: account, role, name } = found;
  const { rows } = await poolFor('read').raw<{ rows: { classes: OwnClass[] }[] }>('select classes_of(?, ?, ?) as classes', [
    DEMO_SCHOOL,
    account,
    role,
  ]);
  const classes = rows[0]?.classes ?? [];
  return {
    ...{ account, role, name, classes },
    ...{ school: DEMO_SCHOOL, schoolName: SCHOOL_NAME, class: classOf(classes, cookies), shared: false, lacksSecond: false, demo: true },
  };
}

/** Who asks: a person by his session, else whoever has a pass for this lesson, else the demo's person. */
export async function whoAsks(event: RequestEvent): Promise<Who | null> {
  const person = await whoHas(event.cookies);
  if (person) return person;
  const lesson = event.route.id?.startsWith('/cook/[lesson=id]') ? event.params.lesson : undefined;
  return (lesson ? await whoHasPass(event.cookies, lesson) : null) ?? (await demoPerson(event));
}

/** Whether whoever asked once still may: signed in, let in, in the same role. */
export async function isStill(event: RequestEvent, who: Who | null): Promise<boolean> {
  const now = await whoAsks(event);
  return now !== null && now.account === who?.account && now.school === who.school && now.role === who.role;
}

/** The scope of a request of somebody who is signed in. */
export const scopeFor = (who: Who, writes: boolean): RequestScope => scopeOf(who, writes ? 'write' : 'read');

/**
 * The scope of a learner's own screen, by its code; null where no lesson of today has it.
 * @throws TooMany
 */
export async function scopeOfScreen(code: string, address: string, writes: boolean): Promise<RequestScope | null> {
  const { rows } = await poolFor('read').raw<{ rows: { school_id: string; class_id: string }[] }>('select * from screen_of(?, ?)', [
    code,
    today(),
  ]);
  const found = rows[0];
  if (found) return scopeOf({ school: found.school_id, account: null, role: 'screen', class: found.class_id }, writes ? 'write' : 'read');
  await countWrong(address);
  return null;
}

/**
 * Codes are short, so those that are wrong are counted by the address that they come from.
 * @throws TooMany
 */
export async function countWrong(address: string): Promise<void> {
  const wait = await tried('code', address);
  if (wait > 0) throw new TooMany(waitWords(wait));
}

/** Too many codes were wrong; its message says when to try again. */
export class TooMany extends Error {}
