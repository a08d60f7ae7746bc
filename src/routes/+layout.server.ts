import { schoolName } from '$lib/server/learners';
import { inSchool } from '$lib/server/school';

export const load = async ({ locals }) => ({ theme: locals.theme, school: await inSchool(locals.school, schoolName) });
