// All that is kept of the school, in one file.
import { allOfSchool } from '$lib/server/people/all-of-school';

export const GET = async ({ locals }) => {
  const zip = await locals.inSchool(allOfSchool);
  return new Response(zip, {
    headers: { 'content-type': 'application/zip', 'content-disposition': 'attachment; filename="school.zip"' },
  });
};
