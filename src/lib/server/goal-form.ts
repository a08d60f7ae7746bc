// What the form of a goal asks, and what it sends: the same for a new goal and for one that is changed.
import { HIERARCHIES, techniqueById, type Criterion, type LearnerRecord, type Scope } from '$core';
import { check, firstProblem } from './input/check';
import { GoalInput, scopeFrom } from './input/goal';
import { readForm } from './input/request';
import { listRecipes } from './recipes';
import type { SchoolTrx } from './school-scope';
import { getVersion } from './tasks';
import { getTeaching } from './teaching';
import { dayAfter, today } from './today';

/** A goal that nobody dated is for about a school term. */
const TERM_DAYS = 84;

/** What can be chosen: recipes with their steps, techniques that occur in them, levels of help; and what is usual in this class. */
export async function goalChoices(trx: SchoolTrx, record: LearnerRecord) {
  const recipes = [];
  for (const { id, title, versions } of await listRecipes(trx)) {
    const version = versions > 0 ? await getVersion(trx, id) : null;
    if (version) recipes.push({ id, title, steps: version.steps.map(({ key, text, technique }) => ({ key, text, technique })) });
  }
  const used = new Map<string, number>();
  for (const technique of recipes.flatMap((r) => [...new Set(r.steps.map((s) => s.technique))]))
    if (technique) used.set(technique, (used.get(technique) ?? 0) + 1);
  const { mastery } = await getTeaching(trx);
  const levels = record.lessons.at(-1)?.hierarchy.id;
  return {
    recipes: recipes.map(({ id, title, steps }) => ({ id, title, steps: steps.map(({ key, text }) => ({ key, text })) })),
    techniques: [...used]
      .map(([id, recipes]) => ({ id, name: techniqueById(id)?.name ?? id, recipes }))
      .sort((a, b) => b.recipes - a.recipes || a.name.localeCompare(b.name)),
    hierarchies: HIERARCHIES.map(({ id, name, levels }) => ({ id, name, levels: levels.map((l) => ({ id: l.id, name: l.name })) })),
    usual: {
      hierarchy: HIERARCHIES.find((h) => h.id === levels)?.id ?? HIERARCHIES[0].id,
      condition: 'With picture cards and the tools of the plan',
      criterion: { ...mastery, level: 'independent', by: dayAfter(today(), TERM_DAYS) } satisfies Criterion,
    },
  };
}

type Sent = { id: string; scope: Scope; condition: string; hierarchy: string; criterion: Criterion; revision: number };

/** A goal as its form sends it, or what is wrong with it. */
export async function goalFrom(request: Request): Promise<{ value: Sent } | { problem: string }> {
  const field = await readForm(request);
  const kind = field('kind');
  const keys = field('keys') === '' ? [] : field('keys').split(' ');
  const checked = check(GoalInput, {
    id: field('id'),
    scope: {
      kind,
      ...(kind === 'technique' ? { technique: field('technique') } : { recipe: field('recipe') }),
      ...(kind === 'steps' ? { keys } : {}),
    },
    condition: field('condition'),
    hierarchy: field('hierarchy'),
    criterion: {
      level: field('level'),
      independence: Number(field('independence')),
      lessons: Number(field('lessons')),
      people: Number(field('people')),
      safety: field('safety') === 'yes',
      by: field('by'),
    },
    revision: Number(field('revision')),
  });
  if (!checked.ok) return { problem: firstProblem(checked.problems, 'The goal could not be kept.') };
  const { value } = checked;
  const scope = scopeFrom(value.scope);
  if (!scope) return { problem: kind === 'steps' ? 'Choose at least one step.' : 'Say what the goal is about.' };
  if (!HIERARCHIES.some((h) => h.id === value.hierarchy && h.levels.some((l) => l.id === value.criterion.level)))
    return { problem: 'Choose the level that counts from these levels of help.' };
  return { value: { ...value, scope } };
}
