import { getClassLesson } from '$lib/server/class-lessons';
import { saveSetUp } from '$lib/server/set-up';
import { readJson } from '$lib/server/input/request';
import { SetUpInput } from '$lib/server/input/room';
import { isFrozen, isUnknown } from '$lib/server/not-now';
import { error, json } from '@sveltejs/kit';

export const PUT = async ({ request, params, locals }) => {
  const read = await readJson(request, SetUpInput);
  if ('refusal' in read) return read.refusal;
  try {
    const saved = await locals.inSchool(async (trx) => {
      if (!(await getClassLesson(trx, params.id))) error(404, 'There is no lesson at this address.');
      return saveSetUp(trx, params.id, read.value);
    });
    return saved === null ? json({ message: 'This lesson was changed in another window.' }, { status: 409 }) : json({ revision: saved });
  } catch (failed) {
    if (isUnknown(failed)) return json({ message: 'This recipe, its version or a learner is not there any more.' }, { status: 422 });
    if (!isFrozen(failed)) throw failed;
    return json({ message: 'Something was recorded already: version, levels and procedure stay as they were then.' }, { status: 422 });
  }
};
