import { keptTooLong, schoolRules } from '$lib/server/people/school-rules';

export const load = ({ locals }) =>
  locals.inSchool(async (trx) => ({
    title: 'What may go',
    months: (await schoolRules(trx)).keepMonths,
    kept: await keptTooLong(trx),
  }));
