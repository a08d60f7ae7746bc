// The answer to a save that started from a revision: the new one, "somebody was first", or "there is nothing here".
import { json } from '@sveltejs/kit';
import type { SchoolTrx } from './school-scope';

/**
 * @param save saves if nobody did since; null when somebody was first, or when there is nothing to save
 * @param now which revision there is; null where there is none
 */
export function saving(
  locals: App.Locals,
  save: (trx: SchoolTrx) => Promise<number | null>,
  now: (trx: SchoolTrx) => Promise<number | null>,
): Promise<Response> {
  return locals.inSchool(async (trx) => {
    const revision = await save(trx);
    if (revision !== null) return json({ revision });
    if ((await now(trx)) === null) return json({ message: 'There is nothing at this address.' }, { status: 404 });
    return json({ message: 'It was changed in another window.' }, { status: 409 });
  });
}
