// The people of the demo's school: one in each role.
import type { Knex } from 'knex';
import type { Role } from '$core';
import { hashPassword } from '../people/hashing';
import { DEMO_SCHOOL } from '../school-scope';
import { show } from '../seal';

type DemoPerson = { id: string; name: string; email: string; role: Role };
const person = (n: number, name: string, mail: string, role: Role): DemoPerson => ({
  id: `acc00001-0000-4000-8000-00000000000${n}`,
  name,
  email: `${mail}@cedar-quay.example`,
  role,
});

export const DEMO_PEOPLE: readonly DemoPerson[] = [
  person(1, 'Ms Ferrow', 'ferrow', 'teacher'),
  person(2, 'Mr Lund', 'lund', 'aide'),
  person(3, 'Ms Okell', 'okell', 'lead'),
  person(4, 'Ms Tarn', 'tarn', 'specialist'),
  person(5, 'Mr Voss', 'voss', 'reader'),
];

/** All of the demo's people sign in with it; the sign-in page of the demo says so. */
export const DEMO_PASSWORD = 'violet tugboat argues';

const learner = (n: number) => `1ea40001-0000-4000-8000-00000000000${n}`;
const line = (minutesAgo: number, by: number, act: string, route: string, of: number) => ({
  at: new Date(Date.now() - minutesAgo * 60_000),
  account_id: DEMO_PEOPLE[by].id,
  role: DEMO_PEOPLE[by].role,
  act,
  route: `/learners/[id=id]${route}`,
  learner_id: learner(of),
});
/** What people did with learners' records in the last days, the oldest first. */
const TRAIL = [
  line(4300, 3, 'saw', '', 5),
  line(4290, 3, 'changed', '/save', 5),
  line(1500, 0, 'saw', '/look-back', 1),
  line(1490, 0, 'saw', '/report/home', 1),
  line(1460, 0, 'took out', '/records.csv', 1),
  line(95, 4, 'saw', '/report', 4),
];

/** Adds who is not there yet: a demo of before there were people gets them too. @param knex a connection of the owner */
export async function loadPeople(knex: Knex): Promise<void> {
  await knex.transaction(async (trx) => {
    await show(trx, { school: DEMO_SCHOOL, account: null, role: 'program' });
    const known: string[] = await trx('account').where({ school_id: DEMO_SCHOOL }).pluck('id');
    const missing = DEMO_PEOPLE.filter((p) => !known.includes(p.id));
    if (missing.length === 0) return;
    const password = await hashPassword(DEMO_PASSWORD);
    await trx('account').insert(missing.map((p) => ({ school_id: DEMO_SCHOOL, ...p })));
    await trx('credential').insert(missing.map((p) => ({ account_id: p.id, password })));
    await trx('trail').insert(TRAIL.map((line) => ({ school_id: DEMO_SCHOOL, ...line })));
  });
}
