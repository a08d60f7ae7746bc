import { schoolName } from '$lib/server/learners';

export const load = async ({ locals }) => ({ theme: locals.theme, school: await locals.inSchool(schoolName) });
