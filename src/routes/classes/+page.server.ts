import { check, firstProblem } from '$lib/server/input/check';
import { ClassInput, MoveInput } from '$lib/server/input/person';
import { readFields } from '$lib/server/input/request';
import { addClass, listClasses, moveLearners, putClassAway, renameClass } from '$lib/server/people/classes';
import { isId } from '$lib/id';
import { error, fail, redirect } from '@sveltejs/kit';

const NONE = 'There is no such class any more.';

export const load = ({ locals }) => locals.inSchool(async (trx) => ({ title: 'Classes', classes: await listClasses(trx) }));

/** The id of a form, of a class. */
function idOf(field: (name: string) => string): string {
  const id = field('id');
  if (!isId(id)) error(400, NONE);
  return id;
}

export const actions = {
  add: async ({ request, locals }) => {
    const { field } = await readFields(request);
    const checked = check(ClassInput, { name: field('name').trim() });
    if (!checked.ok) return fail(400, { problem: firstProblem(checked.problems, 'The class could not be added.') });
    await locals.inSchool((trx) => addClass(trx, checked.value.name, locals.who?.account ?? null));
    redirect(303, '/classes');
  },
  name: async ({ request, locals }) => {
    const { field } = await readFields(request);
    const id = idOf(field);
    const checked = check(ClassInput, { name: field('name').trim() });
    if (!checked.ok) return fail(400, { problem: firstProblem(checked.problems, 'The class keeps its name.') });
    if (!(await locals.inSchool((trx) => renameClass(trx, id, checked.value.name)))) return fail(409, { problem: NONE });
  },
  'put-away': async ({ request, locals }) => {
    const { field } = await readFields(request);
    const id = idOf(field);
    const how = await locals.inSchool((trx) => putClassAway(trx, id, field('away') === 'yes'));
    if (how === 'none') return fail(409, { problem: NONE });
    if (how === 'last') return fail(409, { problem: 'A school needs one class at least: add another before this one is put away.' });
  },
  move: async ({ request, locals }) => {
    const { field, fields } = await readFields(request);
    const checked = check(MoveInput, { learners: fields('learner'), to: field('to') });
    if (!checked.ok) return fail(400, { problem: firstProblem(checked.problems, 'Nobody was moved.') });
    const { learners, to } = checked.value;
    const moved = await locals.inSchool((trx) => moveLearners(trx, learners, to));
    if (moved.ok) return;
    return fail(409, {
      problem:
        moved.why === 'in-lesson'
          ? `${moved.names.join(', ')}: in a lesson that is under way. End it first, so that what is recorded there still arrives. Nobody was moved.`
          : 'Choose who moves, and another class that is there. Nobody was moved.',
    });
  },
};
