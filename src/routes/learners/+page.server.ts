import { listLearners } from '$lib/server/learners';

export const load = ({ locals }) => locals.inSchool(async (trx) => ({ title: 'Learners', learners: await listLearners(trx) }));
