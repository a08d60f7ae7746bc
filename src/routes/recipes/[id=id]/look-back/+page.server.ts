import { hierarchyById, USUAL_MASTERY } from '$core';
import { listLearners } from '$lib/server/learners';
import { currentObservations, learnersWith, lessonsOf, notesOf } from '$lib/server/lessons';
import { progressOf } from '$lib/server/progress';
import { getVersion } from '$lib/server/tasks';

export const load = ({ params, locals, url }) =>
  locals.inSchool(async (trx) => {
    const having = await learnersWith(trx, params.id);
    const learners = (await listLearners(trx)).filter((l) => having.includes(l.id)).map(({ id, name }) => ({ id, name }));
    const asked = url.searchParams.get('learner');
    const learner = learners.find((l) => l.id === asked) ?? learners[0] ?? null;
    const version = await getVersion(trx, params.id);
    if (!learner || !version) return { recipeId: params.id, learners, learner: null };
    const lessons = await lessonsOf(trx, params.id, learner.id);
    const ids = lessons.map((l) => l.id);
    const observations = await currentObservations(trx, learner.id, ids);
    const steps = version.steps.map(({ key, text, phase, hazards }) => ({ key, text, phase, hazards }));
    return {
      recipeId: params.id,
      learners,
      learner,
      hierarchy: lessons.at(-1)?.hierarchy ?? hierarchyById('full'),
      criterion: lessons.at(-1)?.mastery ?? USUAL_MASTERY,
      hierarchies: new Map(lessons.map((l) => [l.id, l.hierarchy])),
      steps,
      notes: await notesOf(trx, learner.id, ids),
      progress: progressOf(
        lessons,
        observations,
        steps.map((s) => s.key),
      ),
    };
  });
