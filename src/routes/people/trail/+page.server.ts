import { readErasures, readTrail } from '$lib/server/people/trail';

/** Lines on one page. */
const MOST = 100;

export const load = ({ locals, url }) =>
  locals.inSchool(async (trx) => {
    const before = Number(url.searchParams.get('before') ?? NaN);
    const lines = await readTrail(trx, { before: Number.isSafeInteger(before) && before > 0 ? before : undefined, most: MOST });
    return {
      title: 'Who saw what',
      lines,
      more: lines.length === MOST ? (lines.at(-1)?.id ?? null) : null,
      erasures: await readErasures(trx),
    };
  });
