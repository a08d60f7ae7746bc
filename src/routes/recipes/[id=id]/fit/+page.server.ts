import {
  adaptationById,
  cautionsOf,
  NO_PROFILE,
  questionAbout,
  type FittedStep,
  type Hazard,
  type Kitchen,
  type TaskAnalysis,
} from '$core';
import { check, firstProblem } from '$lib/server/input/check';
import { FitChange } from '$lib/server/input/fit';
import { readForm } from '$lib/server/input/request';
import { asDecided, carriedFit, getFit, kitchenOf, saveFit, taskOf } from '$lib/server/fits';
import { fitsOrTell } from '$lib/server/fits-or-tell';
import { classLook, getKitchen } from '$lib/server/kitchen';
import { changeLearner, fitLearner, getLearner, listLearners, lookOf, type LearnerRow } from '$lib/server/learners';
import { masteredSteps } from '$lib/server/mastered';
import { getRecipe } from '$lib/server/recipes';
import { getVersion } from '$lib/server/tasks';
import { drawCards, TooLong } from '$lib/server/work/pool';
import type { Drawn, Look } from '$lib/server/work/work';
import { spriteFor } from '$lib/pictures/sprite';
import { error, fail } from '@sveltejs/kit';

/** Steps with the same ways, together: what stands in the way is said once. */
function grouped(steps: readonly FittedStep[]) {
  const groups = new Map<string, FittedStep[]>();
  for (const s of steps) {
    if (s.chosen.length === 0 && s.who === 'learner') continue;
    const name =
      s.who === 'adult'
        ? 'adult'
        : s.chosen
            .map((c) => c.id)
            .sort()
            .join('+');
    groups.set(name, [...(groups.get(name) ?? []), s]);
  }
  return [...groups.values()].sort((a, b) => b.length - a.length);
}

export const load = async ({ params, url, locals }) => {
  const held = await locals.inSchool(async (trx) => {
    const recipe = await getRecipe(trx, params.id);
    if (!recipe) error(404, 'There is no recipe at this address.');
    const version = await getVersion(trx, params.id);
    const learners = await listLearners(trx);
    const kitchenRow = await getKitchen(trx);
    const kitchen = kitchenOf(kitchenRow);
    const learner = learners.find((l) => l.id === url.searchParams.get('learner')) ?? learners[0] ?? null;
    const row = learner && version ? await getFit(trx, params.id, learner.id) : null;
    const carried = version ? await carriedFit(trx, params.id, version, row) : null;
    const keys = version?.steps.map((s) => s.key) ?? [];
    const mastered = new Set(learner && version ? await masteredSteps(trx, params.id, learner.id, keys) : []);
    const look = { ...classLook(kitchenRow), ...(learner ? lookOf(learner) : {}) };
    return { recipe, version, learners, kitchen, learner, row, carried, mastered, look };
  });
  await locals.rest();
  const { recipe, version, learners, kitchen, learner, row, carried, mastered, look } = held;
  const names = learners.map(({ id, name }) => ({ id, name }));
  if (!version || !learner || !carried) return { learners: names, learner: null, version: version?.number ?? null };
  const [plain] = await fitsOrTell(taskOf(recipe.title, version), [learner], kitchen);
  const fit = asDecided(plain, carried, fitLearner(learner));
  const said = new Map(version.steps.map((s) => [s.key, s.text]));
  const own = new Map(fit.task.steps.map((s) => [s.key, s]));
  const groups = grouped(fit.steps);
  const pictures = await picturesOf(fit.task, groups, kitchen, look);
  const kept = new Map((learner.profile ?? NO_PROFILE).kept.map((k) => [k.way, k]));
  return {
    learners: names,
    learner: {
      id: learner.id,
      name: learner.name,
      planNotes: learner.planNotes,
      answered: learner.profile?.answers.length ?? 0,
      readable: learner.profile !== null,
    },
    version: version.number,
    inUse: row?.inUse ? { version: row.version } : null,
    shown: fit.shown,
    due: dueRules(learner),
    /** As JSON, packed: what each group's first step looks like, in the order of the groups. */
    pictures: await locals.parcels.pack(pictures),
    groups: groups.map((steps) => {
      const first = steps[0];
      const ways = first.chosen.map((c) => ({
        ...c,
        kept: kept.get(c.id) ?? null,
        say: adaptationById(c.id)?.say ?? '',
        ask: adaptationById(c.id)?.ask ?? null,
        caution: adaptationById(c.id)?.caution ?? null,
      }));
      return {
        id: first.key,
        who: first.who,
        change: steps.some((s) => s.change === 'modification') ? ('modification' as const) : first.change,
        ways,
        others: first.others,
        next: steps.every((s) => mastered.has(s.key)) ? nextLess(first) : null,
        steps: steps.map((s) => ({
          key: s.key,
          text: said.get(s.key) ?? own.get(s.key)?.text ?? '',
          why: [...new Set(s.barriers.map((b) => (b.hazard ? `a plan rules out: ${b.hazard}` : b.why)))].join('; '),
          still: s.still,
          part: s.part,
        })),
      };
    }),
    steps: fit.task.steps.map((s) => ({
      key: s.key,
      text: s.text,
      was: said.get(s.key) ?? null,
      lines: s.fitted?.lines ?? [],
      part: s.fitted?.part ?? null,
      who: s.fitted?.who ?? ('learner' as const),
      hazards: s.hazards,
      ownWords: carried.words.some((w) => w.key === s.key),
      given: carried.adult?.some((g) => g.key === s.key) ?? false,
    })),
    left: fit.left.map((b) => ({ ...b, text: own.get(b.stepKey)?.text ?? '' })),
    cautions: cautionsOf(plain, carried.answered),
    dish: fit.dish,
    conflicts: fit.conflicts,
    opens: fit.opens.map((o) => ({ tools: o.tools, steps: o.steps.length })),
    // one question may answer for two demands
    questions: [...new Map(fit.questions.map((q) => [questionAbout(q.demand)?.ask ?? q.demand, q])).entries()].map(([ask, q]) => ({
      ask,
      demand: q.demand,
      steps: q.steps.length,
    })),
    ask: carried.ask.map((w) => ({ ...w, now: said.get(w.key) ?? '' })),
    gone: carried.gone,
  };
};

/** The first step of each group, as this learner does it; the page stands without them where drawing takes too long. */
async function picturesOf(task: TaskAnalysis, groups: readonly FittedStep[][], kitchen: Kitchen, look: Look): Promise<Drawn> {
  const drawn = await drawCards(task, kitchen, look).catch((failed: unknown) => {
    if (!(failed instanceof TooLong)) throw failed;
    return { svgs: [], sprite: '' };
  });
  const at = new Map(task.steps.map((s, i) => [s.key, i]));
  const svgs = groups.map(([first]) => drawn.svgs[at.get(first.key) ?? -1] ?? '');
  return { svgs, sprite: spriteFor(svgs) };
}

/** Days before a rule's date from which it is asked about. */
const SOON = 30;

/** Rules of a plan whose day to look again is near or past. */
function dueRules(learner: LearnerRow): { hazard: Hazard; said: string; again: string }[] {
  const soon = new Date(Date.now() + SOON * 86_400_000).toISOString().slice(0, 10);
  return (learner.profile ?? NO_PROFILE).never.filter((n) => n.again !== '' && n.again <= soon);
}

/** The stepping stone after a way, for a learner who is steady at every step of it; never one that brings what a plan rules out. */
function nextLess(step: FittedStep): { from: string; id: string; name: string } | null {
  for (const c of step.chosen) {
    const next = adaptationById(adaptationById(c.id)?.next ?? '');
    // it has to be a way round the same thing
    const same = next?.takes.some((t) => step.barriers.some((b) => b.demand === t.demand && (t.of === '*' || t.of === b.of)));
    if (next && same) return { from: c.id, id: next.id, name: next.name };
  }
  return null;
}

/** Cautions that nobody has answered yet, worked out anew: what a page shows is no lock. */
async function openCautions(locals: App.Locals, recipeId: string, learnerId: string): Promise<number> {
  const held = await locals.inSchool(async (trx) => {
    const recipe = await getRecipe(trx, recipeId);
    const learner = await getLearner(trx, learnerId);
    const version = await getVersion(trx, recipeId);
    if (!recipe || !learner || !version) error(404, 'There is no such learner, or no published version.');
    const carried = await carriedFit(trx, recipeId, version, await getFit(trx, recipeId, learnerId));
    return { recipe, learner, version, carried, kitchen: kitchenOf(await getKitchen(trx)) };
  });
  await locals.rest();
  const [fit] = await fitsOrTell(taskOf(held.recipe.title, held.version), [held.learner], held.kitchen, true);
  return cautionsOf(fit, held.carried.answered).filter((c) => c.answer === null).length;
}

const STALE = 'Somebody else changed this just now. Nothing was changed: look again, and do it then.';

export const actions = {
  default: async ({ request, params, locals }) => {
    const field = await readForm(request);
    const checked = check(FitChange, {
      learner: field('learner'),
      what: field('what'),
      ways: field('ways').split(' ').filter(Boolean),
      key: field('key'),
      text: field('text').trim(),
      by: field('by').trim(),
      adult: field('adult') === 'yes',
    });
    if (!checked.ok) return fail(400, { problem: firstProblem(checked.problems, 'It could not be kept.') });
    const change = checked.value;
    const open = change.what === 'use' ? await openCautions(locals, params.id, change.learner) : 0;
    if (open > 0) return fail(409, { problem: `${open} under “Ask first” to answer before these steps are used.` });
    const done = await locals.inSchool(async (trx) => {
      const learner = await getLearner(trx, change.learner);
      const version = await getVersion(trx, params.id);
      if (!learner || !version) error(404, 'There is no such learner, or no published version.');
      const at = new Date().toISOString();
      // what cannot be read is not written over
      if (learner.profile === null)
        error(422, {
          message: `What is stored of ${learner.name} cannot be read. Nothing was changed. Tell whoever looks after the program.`,
        });
      const { profile } = learner;
      const others = <T extends { way: string }>(list: readonly T[]) => list.filter((w) => !change.ways.includes(w.way));
      const noted = change.ways.map((way) => ({ way, by: change.by, at, ...(change.text ? { why: change.text } : {}) }));
      if (change.what === 'keep')
        return changeLearner(trx, learner.id, learner.revision, {
          profile: { ...profile, kept: [...others(profile.kept), ...noted], refused: others(profile.refused) },
        });
      if (change.what === 'next' && adaptationById(change.text)) {
        // the stone behind is put aside, not forgotten: it stands among the refused, with why
        const [from] = change.ways;
        const aside = { way: from ?? '', by: change.by, at, why: `steady; now ${change.text}` };
        return changeLearner(trx, learner.id, learner.revision, {
          profile: {
            ...profile,
            kept: [...others(profile.kept).filter((w) => w.way !== change.text), { way: change.text, by: change.by, at }],
            refused: [...others(profile.refused).filter((w) => w.way !== change.text), aside],
          },
        });
      }
      if (change.what === 'refuse')
        return changeLearner(trx, learner.id, learner.revision, {
          profile: { ...profile, kept: others(profile.kept), refused: [...others(profile.refused), ...noted] },
        });
      const row = await getFit(trx, params.id, learner.id);
      const now = await carriedFit(trx, params.id, version, row);
      const words = now.words.filter((w) => w.key !== change.key);
      const given = now.adult ?? [];
      const seen = version.steps.find((s) => s.key === change.key)?.text ?? '';
      const next = {
        words:
          change.what === 'words' && change.text && change.text !== field('proposed')
            ? [...words, { key: change.key, text: change.text, seen, by: change.by, at }]
            : change.what === 'words'
              ? words
              : [...now.words],
        adult:
          change.what === 'words'
            ? [...given.filter((g) => g.key !== change.key), ...(change.adult ? [{ key: change.key, by: change.by, at }] : [])]
            : [...given],
        answered:
          change.what === 'answer'
            ? [...now.answered.filter((a) => a.key !== change.key), { key: change.key, by: change.by, reason: change.text, at }]
            : [...now.answered],
      };
      return saveFit(trx, params.id, learner.id, row?.revision ?? 0, version.number, next, change.what === 'use' || (row?.inUse ?? false));
    });
    return done === null ? fail(409, { problem: STALE }) : { done: change.what };
  },
};
