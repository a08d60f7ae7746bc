// Who asks, and what with: the session of a person, the demo's own person, or nobody.
import type { RequestEvent } from '@sveltejs/kit';
import { isRole } from '$core';
import { env } from '$env/dynamic/private';
import { SCHOOL_NAME } from '../demo/class';
import { DEMO_PEOPLE } from '../demo/people';
import { poolFor, scopeOf } from '../school';
import { DEMO_SCHOOL, type RequestScope } from '../school-scope';
import { today } from '../today';
import { tried, waitWords } from './limits';
import { whoHas, type Who } from './sessions';

/** The demo opens as its teacher, or as whom its visitor chose; on the loopback address only, and not once somebody has signed out. */
export const isDemo = (): boolean => env.OPEN_AS === 'demo' && ['127.0.0.1', 'localhost', '::1'].includes(env.HOST ?? '127.0.0.1');
/** The demo's cookie: a role to look with, or `out`. */
export const DEMO_AS = 'demo-as';

function demoPerson({ cookies }: RequestEvent): Who | null {
  if (!isDemo()) return null;
  const as = cookies.get(DEMO_AS) ?? 'teacher';
  const found = isRole(as) ? DEMO_PEOPLE.find((p) => p.role === as) : undefined;
  return found
    ? { account: found.id, school: DEMO_SCHOOL, schoolName: SCHOOL_NAME, role: found.role, name: found.name, shared: false, demo: true }
    : null;
}

/** Who asks; a person's own session goes before the demo. */
export const whoAsks = async (event: RequestEvent): Promise<Who | null> => (await whoHas(event.cookies)) ?? demoPerson(event);

/** The scope of a request of somebody who is signed in. */
export const scopeFor = (who: Who, writes: boolean): RequestScope => scopeOf(who, writes ? 'write' : 'read');

/**
 * The scope of a learner's own screen, by its code; null where no lesson of today has it. Codes are short, so tries are counted by the address they
 * come from: those that are wrong.
 * @throws Error with what to say where there were too many
 */
export async function scopeOfScreen(code: string, address: string, writes: boolean): Promise<RequestScope | null> {
  const { rows } = await poolFor('read').raw<{ rows: { school: string | null }[] }>('select school_of_screen(?, ?) as school', [
    code,
    today(),
  ]);
  const school = rows[0]?.school;
  if (school) return scopeOf({ school, account: null, role: 'screen' }, writes ? 'write' : 'read');
  const wait = await tried('code', address);
  if (wait > 0) throw new TooMany(waitWords(wait));
  return null;
}
export class TooMany extends Error {}
