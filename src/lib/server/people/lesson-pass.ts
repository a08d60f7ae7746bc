// A lesson pass: a code on the teacher's screen lets another adult's device into one lesson, as an aide, until its day is over. Nothing else opens to it.
import { randomInt } from 'node:crypto';
import type { Cookies } from '@sveltejs/kit';
import { poolFor } from '../school';
import { withPass, type SchoolTrx } from '../school-scope';
import { today } from '../today';
import { hashOf, newSecret } from './hashing';
import type { Who } from './sessions';

/** Eight digits: longer than the code of a learner's screen, since more opens to it. */
export const isPassCode = (code: string): boolean => /^\d{8}$/.test(code);

/** Tries before a code that is free is given up on. */
const TRIES = 20;

/** The code of a lesson; made the first time. @returns null where there is no such lesson */
export async function passFor(trx: SchoolTrx, lesson: string): Promise<string | null> {
  const at = { school_id: trx.school, class_lesson_id: lesson };
  if (!(await trx('class_lesson').where({ school_id: trx.school, id: lesson }).first('id'))) return null;
  for (let i = 0; i < TRIES; i++) {
    const known = await trx('lesson_pass').where(at).first('code');
    if (known) return known.code;
    const code = String(randomInt(100_000_000)).padStart(8, '0');
    await trx('lesson_pass')
      .insert({ ...at, code })
      .onConflict()
      .ignore();
  }
  return null;
}

/** Ends the code of a lesson, and every device that came in by it. */
export async function endPass(trx: SchoolTrx, lesson: string): Promise<void> {
  for (const table of ['pass_device', 'lesson_pass']) await trx(table).where({ school_id: trx.school, class_lesson_id: lesson }).delete();
}

const COOKIE = 'lesson-pass';

type Found = { school_id: string; class_lesson_id: string; class_id: string };

/**
 * Lets a device into the lesson of a code.
 * @returns the lesson; null where no lesson of today, or of a day to come, has it
 */
export async function letIn(code: string, cookies: Cookies, url: URL): Promise<string | null> {
  const { rows } = await poolFor('read').raw<{ rows: Found[] }>('select * from lesson_of_pass(?, ?)', [code, today()]);
  const found = rows[0];
  if (!found) return null;
  const { school_id: school, class_lesson_id: lesson, class_id } = found;
  const secret = newSecret();
  await withPass(poolFor('write'), { school, account: null, role: 'aide', class: class_id }, (trx) =>
    trx('pass_device')
      .insert({ school_id: school, hash: hashOf(secret), class_lesson_id: lesson })
      .then(),
  );
  // sent to the pages of this lesson only, and gone with the browser's window
  cookies.set(COOKIE, secret, { path: `/cook/${lesson}`, httpOnly: true, sameSite: 'lax', secure: url.protocol === 'https:' });
  return lesson;
}

/** Who comes with a pass to a page of a lesson; null where it is of another, or its day is over. */
export async function whoHasPass(cookies: Cookies, lesson: string): Promise<Who | null> {
  const secret = cookies.get(COOKIE);
  if (!secret || secret.length > 64) return null;
  const { rows } = await poolFor('read').raw<{ rows: (Found & { school_name: string; class_name: string })[] }>(
    'select * from who_has_pass(?, ?)',
    [hashOf(secret), today()],
  );
  const found = rows[0];
  if (found?.class_lesson_id !== lesson) return null;
  return {
    account: null,
    school: found.school_id,
    schoolName: found.school_name,
    classes: [{ id: found.class_id, name: found.class_name }],
    class: found.class_id,
    role: 'aide',
    name: 'Lesson pass',
    shared: true,
    lacksSecond: false,
    demo: false,
  };
}
