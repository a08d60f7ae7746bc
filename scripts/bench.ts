// Measures what has a target, and prints it: median and worst of many runs on this machine.
import { readFileSync, readdirSync } from 'node:fs';
import { buildTask, describeCard, dryRun, planFilling, readRecipe, USUAL_KITCHEN } from '../src/core/index';
import { drawCard } from '../src/lib/pictures/draw-card';

const folder = new URL('../tests/recipes/', import.meta.url);

/** A recipe of 60 lines: 24 ingredients and 36 lines of method, put together from our own test recipes. */
function sixtyLines(): string {
  const readings = readdirSync(folder)
    .sort()
    .filter((f) => f.endsWith('.txt'))
    .map((f) => readRecipe(readFileSync(new URL(f, folder), 'utf8')).recipe);
  const ingredients = readings
    .flatMap((r) => r.ingredients.map((i) => i.text))
    .filter((t) => /^\d/.test(t))
    .slice(0, 22);
  const method = readings.flatMap((r) => r.instructions).slice(0, 35);
  return ['Sixty lines', 'Ingredients', ...ingredients, 'Method', ...method].join('\n');
}

function measure(name: string, target: number, runs: number, work: (i: number) => unknown): boolean {
  for (let i = 0; i < Math.min(runs, 100); i++) work(i);
  const times = Array.from({ length: runs }, (_, i) => {
    const start = performance.now();
    work(i);
    return performance.now() - start;
  }).sort((a, b) => a - b);
  const median = times[Math.floor(runs / 2)];
  const p95 = times[Math.floor(runs * 0.95)];
  const ok = p95 < target;
  console.log(
    `${ok ? 'ok  ' : 'OVER'}  ${name.padEnd(58)} median ${median.toFixed(2).padStart(7)} ms   95 % under ${p95.toFixed(2).padStart(7)} ms   target ${target} ms`,
  );
  return ok;
}

const text = sixtyLines();
const lines = text.split('\n').length;
const recipe = readRecipe(text).recipe;
const task = buildTask(recipe, { grain: 'standard' });
console.log(`${lines} lines, ${task.steps.length} steps; Node ${process.version}`);
const results = [
  measure(`text to task analysis with dry run, ${lines} lines`, 30, 200, () =>
    dryRun(buildTask(readRecipe(text).recipe, { grain: 'standard' })),
  ),
  measure('reading alone', 15, 200, () => readRecipe(text)),
  measure('dry run alone', 10, 200, () => dryRun(task)),
  measure(`all ${task.steps.length} pictures`, 30, 200, () => task.steps.map((s) => drawCard(describeCard(s)))),
  measure('one filling plan', 5, 2000, (i) => planFilling({ quantity: `${(i % 96) + 1}/24`, unit: 'cup' }, USUAL_KITCHEN.measures)),
];
// a cold first run, as the first recipe after a start
const cold = performance.now();
dryRun(buildTask(readRecipe(`${text}\nStir.`).recipe, { grain: 'fine' }));
console.log(`      once more at fine grain: ${(performance.now() - cold).toFixed(2)} ms`);
process.exitCode = results.every(Boolean) ? 0 : 1;
