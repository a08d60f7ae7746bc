import { listLearners } from '$lib/server/learners';
import { inSchool } from '$lib/server/school';

export const load = ({ locals }) => inSchool(locals.school, async (trx) => ({ title: 'Learners', learners: await listLearners(trx) }));
