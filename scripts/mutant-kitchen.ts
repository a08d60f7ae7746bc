// Which of the changes that it is told of alter a card, or a finding, of a recipe: one process of `mutate-reach.ts`. Recipes that have told most apart are tried first.
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { buildTask, dryRun, readRecipe, type TaskAnalysis } from '../src/core/index';

const holder = globalThis as unknown as { $MUTANT: { n: number } };
const folders = (process.env.FOLDERS ?? 'tests/recipes,tests/more-recipes,tests/judged/first,tests/judged/second').split(',');
const recipes = folders.flatMap((folder) =>
  readdirSync(folder).map((name) => ({ name: `${folder}/${name}`, text: readFileSync(join(folder, name), 'utf8'), kills: 0 })),
);

const findings = (task: TaskAnalysis) => dryRun(task).map((f) => `${f.code} ${f.about} ${f.stepKey}`);
const cards = (text: string): string => {
  const task = buildTask(readRecipe(text).recipe, { grain: 'standard' });
  const steps = task.steps.map((s) => [s.text, s.technique, s.into, s.tools, s.hazards, s.supervision, s.minutes, s.cues]);
  return JSON.stringify([steps, findings(task)]);
};
/** What is said when one step after the other is left out. */
const leftOut = (text: string): string => {
  const task = buildTask(readRecipe(text).recipe, { grain: 'standard' });
  return JSON.stringify(task.steps.map((_, i) => findings({ ...task, steps: task.steps.filter((__, k) => k !== i) })));
};

const stages = [cards, leftOut].map((look) => {
  const usual = new Map<string, string>();
  return (n: number, one: (typeof recipes)[number]): boolean => {
    holder.$MUTANT.n = 0;
    if (!usual.has(one.name)) usual.set(one.name, look(one.text));
    holder.$MUTANT.n = n;
    let now = 'crash';
    try {
      now = look(one.text);
    } catch {
      // a change that breaks it is seen
    }
    return now !== usual.get(one.name);
  };
});
const MOST_LEFT_OUT = Number(process.env.LEFT_OUT ?? 15);

process.on('message', (id: number) => {
  let by: string | null = null;
  let stage = 0;
  for (const [k, differs] of stages.entries()) {
    const tried = k === 0 ? recipes : recipes.slice(0, MOST_LEFT_OUT);
    const found = tried.find((one) => differs(id, one));
    if (!found) continue;
    if (k === 0) found.kills++;
    by = found.name;
    stage = k;
    break;
  }
  recipes.sort((a, b) => b.kills - a.kills);
  process.send!({ id, by, stage });
});
process.send?.({ ready: true });
