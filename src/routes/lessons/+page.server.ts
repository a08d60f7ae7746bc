import { newId } from '$lib/id';
import { listClassLessons, putClassLessonAway, takeAwayClassLesson } from '$lib/server/class-lessons';
import { addClassLesson, repeatClassLesson } from '$lib/server/set-up';
import { check, firstProblem } from '$lib/server/input/check';
import { isDay } from '$lib/server/input/days';
import { readForm } from '$lib/server/input/request';
import { NewClassLesson } from '$lib/server/input/room';
import { getKitchen } from '$lib/server/kitchen';
import { isFrozen } from '$lib/server/not-now';
import { listRecipes } from '$lib/server/recipes';
import { dayAfter, mondayOf, today } from '$lib/server/today';
import { isId } from '$lib/id';
import { otherClass } from '$lib/server/people/classes';
import { fail, redirect } from '@sveltejs/kit';

export const load = ({ url, locals }) =>
  locals.inSchool(async (trx) => {
    const asked = url.searchParams.get('week');
    const monday = mondayOf(isDay(asked) ? asked! : today());
    const [known, lessons, away, last, kitchen] = await Promise.all([
      listRecipes(trx),
      listClassLessons(trx, monday, dayAfter(monday, 6)),
      listClassLessons(trx, monday, dayAfter(monday, 6), true),
      listClassLessons(trx, dayAfter(monday, -7), dayAfter(monday, -1)),
      getKitchen(trx),
    ]);
    return {
      title: 'Lessons',
      monday,
      days: Array.from({ length: 7 }, (_, i) => dayAfter(monday, i)),
      daysBefore: Array.from({ length: 7 }, (_, i) => dayAfter(monday, i - 7)),
      before: dayAfter(monday, -7),
      after: dayAfter(monday, 7),
      today: today(),
      lessons,
      away,
      /** The same seven days before: what can be held again. */
      last,
      recipes: known.filter((r) => r.versions > 0).map(({ id, title }) => ({ id, title })),
      newLesson: newId(),
      minutes: kitchen.lessonMinutes,
      recipe: url.searchParams.get('recipe'),
    };
  });

export const actions = {
  add: async ({ request, locals }) => {
    const field = await readForm(request);
    const elsewhere = otherClass(locals, field('class'));
    if (elsewhere) return fail(409, { problem: elsewhere });
    const checked = check(NewClassLesson, {
      id: field('id'),
      heldOn: field('heldOn'),
      startsAt: field('startsAt') || null,
      minutes: Number(field('minutes')),
      recipeId: field('recipeId'),
    });
    if (!checked.ok) return fail(400, { problem: firstProblem(checked.problems, 'The lesson could not be put on the list.') });
    const added = await locals.inSchool((trx) => addClassLesson(trx, checked.value));
    if (!added) return fail(400, { problem: 'This recipe has no published version: publish its steps first.' });
    redirect(303, `/lessons/${checked.value.id}`);
  },
  again: async ({ request, locals }) => {
    const field = await readForm(request);
    const elsewhere = otherClass(locals, field('class'));
    if (elsewhere) return fail(409, { problem: elsewhere });
    const [id, heldOn, copy] = [field('id'), field('heldOn'), field('copy')];
    if (!isId(id) || !isId(copy) || !isDay(heldOn)) return fail(400, { problem: 'Nobody knows this lesson or this day.' });
    const done = await locals.inSchool((trx) => repeatClassLesson(trx, id, copy, heldOn, newId));
    if (!done) return fail(400, { problem: 'There is nothing in this lesson that could be held again.' });
    redirect(303, `/lessons/${copy}`);
  },
  'put-away': async ({ request, locals }) => {
    const field = await readForm(request);
    const id = field('id');
    if (!isId(id)) return fail(400, { problem: 'Nobody knows this lesson.' });
    await locals.inSchool((trx) => putClassLessonAway(trx, id, field('away') === 'yes'));
  },
  'take-away': async ({ request, locals }) => {
    const field = await readForm(request);
    const id = field('id');
    if (!isId(id)) return fail(400, { problem: 'Nobody knows this lesson.' });
    try {
      await locals.inSchool((trx) => takeAwayClassLesson(trx, id));
    } catch (failed) {
      if (!isFrozen(failed)) throw failed;
      return fail(409, { problem: 'Something was recorded in this lesson: it stays.' });
    }
    return { away: true };
  },
};
