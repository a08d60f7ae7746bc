import { listClassLessons, nextClassLesson } from '$lib/server/class-lessons';
import { firstSteps } from '$lib/server/first-steps';
import { openLessons } from '$lib/server/lessons';
import { nextOf } from '$lib/server/places';
import { listRecipes } from '$lib/server/recipes';
import { looksDue } from '$lib/server/looks-due';
import { dayAfter, today } from '$lib/server/today';

/** How many days back lessons are named that a device still holds records of. */
const NAMED_DAYS = 30;

export const load = ({ locals }) =>
  locals.inSchool(async (trx) => {
    const [first, next, lately, open, looks, recipes] = await Promise.all([
      firstSteps(trx),
      nextClassLesson(trx, today()),
      listClassLessons(trx, dayAfter(today(), -NAMED_DAYS), today()),
      openLessons(trx, today()),
      looksDue(trx),
      listRecipes(trx),
    ]);
    return {
      title: 'Today',
      today: today(),
      first,
      next,
      /** Lessons of which a device may still hold something, by name. */
      lately: lately.map(({ id, recipes, learners }) => ({ id, title: recipes.join(', '), learners })),
      open,
      looks,
      recipes: recipes.map((r) => ({ id: r.id, title: r.title, next: nextOf(r) })),
    };
  });
