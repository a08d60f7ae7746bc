// Worked examples: recipes whose cards were read one by one, with what each card says beside its words and what is found where it is left out. What the kitchen does stands
// here from end to end, so that a law that changes shows which cards it changes. After a change that is meant: `npx vitest run tests/worked -u`, and read what it altered.
import { readdirSync, readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { buildTask, dryRun, readRecipe, type Step, type TaskAnalysis } from '../../src/core/index';

const CARDS = new URL('./cards/', import.meta.url);
const RECIPES = new URL('../recipes/', import.meta.url);

/** What is found in a task, each at the number that its step has among all cards. */
const found = (task: TaskAnalysis, all: readonly Step[]) =>
  dryRun(task).map((f) => `${f.code}${f.about ? ` (${f.about})` : ''} at ${all.findIndex((s) => s.key === f.stepKey) + 1}`);

const beside = (step: Step): string =>
  [
    step.technique ?? 'unknown',
    step.into && `in ${step.into}`,
    step.tools.join(', '),
    step.hazards.length > 0 && `! ${step.hazards.join(', ')}`,
    step.supervision,
    `${+step.minutes.active.toFixed(1)}+${step.minutes.waiting} min`,
    ...step.cues.map((cue) => cue.text),
  ]
    .filter(Boolean)
    .join('; ');

/** All of it as a text that can be read down the page. */
function written(text: string): string {
  const task = buildTask(readRecipe(text).recipe, { grain: 'standard' });
  const whole = new Set(found(task, task.steps));
  const cards = task.steps.map((step, i) => {
    const rest = { ...task, steps: task.steps.filter((s) => s !== step) };
    const more = [...new Set(found(rest, task.steps))].filter((one) => !whole.has(one));
    return [`${i + 1}. ${step.text}`, `   ${beside(step)}`, ...(more.length > 0 ? [`   left out: ${more.join('; ')}`] : [])].join('\n');
  });
  return [...cards, `Found: ${whole.size === 0 ? 'nothing' : [...whole].join('; ')}`, ''].join('\n');
}

test.each(readdirSync(CARDS))('%s', async (name) => {
  await expect(written(readFileSync(new URL(name, RECIPES), 'utf8'))).toMatchFileSnapshot(new URL(name, CARDS).pathname);
});
