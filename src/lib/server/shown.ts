// The steps of a recipe as they are shown: which version, at which grain, the class's or a learner's own, each with its picture.
import { atGrain, GRAINS, type Grain, type OwnStep, type TaskAnalysis } from '$core';
import { error } from '@sveltejs/kit';
import { cardsOrTell, workingTask, type WorkingTask } from './draft-of';
import { asDecided, carriedFit, getFit, kitchenOf, taskOf } from './fits';
import { fitsOrTell } from './fits-or-tell';
import { classLook } from './kitchen';
import { fitLearner, listLearners, lookOf, type LearnerRow } from './learners';
import { listPhotos, photoSvg } from './photos';
import { getVersion } from './tasks';
import { listVoices, voiceAt } from './voices';
import type { Look } from './work/work';

export type Wanted = { learner: string | null; version: number | null; grain: Grain | null };

/** What an address asks for; what makes no sense there is not asked for. */
export function wantedIn(url: URL): Wanted {
  const version = Number(url.searchParams.get('version'));
  const grain = url.searchParams.get('grain');
  return {
    learner: url.searchParams.get('learner'),
    version: Number.isInteger(version) && version > 0 && version < 1e6 ? version : null,
    grain: GRAINS.find((g) => g === grain) ?? null,
  };
}

export type Shown = {
  working: WorkingTask;
  task: Omit<TaskAnalysis, 'steps'> & { steps: OwnStep[] };
  /** Number of the published version; null for a draft. */
  version: number | null;
  learners: LearnerRow[];
  learner: LearnerRow | null;
  look: Look;
  /** Revisions of the photographs that there are, by step. */
  photos: Map<string, number>;
  /** Of the voices that the class recorded. */
  voices: Map<string, number>;
};

/** The steps that an address asks for. A learner's own are there from the first published version on. */
export async function shownTask(locals: App.Locals, recipeId: string, wanted: Wanted): Promise<Shown> {
  const working = await workingTask(locals, recipeId);
  if (!working) error(404, 'There is no recipe at this address.');
  const { version, learners, learner, carried, photos, voices } = await locals.inSchool(async (trx) => {
    const [version, learners, photos, voices] = await Promise.all([
      getVersion(trx, recipeId, wanted.version ?? undefined),
      listLearners(trx),
      listPhotos(trx, recipeId),
      listVoices(trx, recipeId),
    ]);
    if (wanted.version && !version) error(404, 'There is no such version of this recipe.');
    const learner = learners.find((l) => l.id === wanted.learner) ?? null;
    const carried = learner && version ? await carriedFit(trx, recipeId, version, await getFit(trx, recipeId, learner.id)) : null;
    return { version, learners, learner, carried, photos, voices };
  });
  await locals.rest();
  const { row, recipe, draft } = working;
  const whole: TaskAnalysis = version
    ? taskOf(row.title, version)
    : { title: row.title, servings: recipe.servings, grain: draft.grain, ingredients: recipe.ingredients, steps: draft.steps };
  let task: Shown['task'] = whole;
  if (version && learner && carried) {
    const [fit] = await fitsOrTell(whole, [learner], kitchenOf(working.kitchen), true);
    task = { ...whole, steps: asDecided(fit, carried, fitLearner(learner)).task.steps };
  }
  if (wanted.grain) task = atGrain(task, wanted.grain, recipe.instructions);
  return {
    working,
    task,
    version: version?.number ?? null,
    learners,
    learner: version ? learner : null,
    look: { ...classLook(working.kitchen), ...(learner ? lookOf(learner) : {}) },
    photos,
    voices,
  };
}

export type ShownCard = Awaited<ReturnType<typeof shownCards>>['cards'][number];

/** What stands on the card of each step, with its picture. */
export async function shownCards({ task, working, look, photos, voices, learner }: Shown) {
  const drawn = await cardsOrTell(task, kitchenOf(working.kitchen), look);
  const cards = task.steps.map((step, i) => {
    const photo = photos.get(step.key) ?? null;
    return {
      key: step.key,
      text: step.text,
      lines: [...(step.fitted?.lines ?? []), ...(step.fitted?.part ? [step.fitted.part] : [])],
      adult: step.fitted?.who === 'adult',
      phase: step.phase,
      hazards: step.hazards,
      svg: photo === null ? (drawn.svgs[i] ?? '') : photoSvg(working.row.id, step.key, photo),
      photo,
      // a learner's own words are not what was recorded
      voice: learner === null ? voiceAt(working.row.id, step.key, voices) : null,
    };
  });
  return { cards, drawn };
}
