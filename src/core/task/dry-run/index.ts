// The dry run: plays the steps in the one world and says what would go wrong in the lesson.
import { USUAL_KITCHEN, type Kitchen, type TaskAnalysis } from '../../plan/model';
import type { Put } from '../../plan/play';
import { toolById } from '../../technique/tools';
import { ingredientFindings } from './amounts';
import { hazardFindings, hotThingFindings, overflowFindings, timeFindings, toolFindings } from './look';
import { bestFix } from './mend';
import type { Finding, Mend, Snapshot } from './model';
import { callsOf, run, type Ran } from './run';
import { sayLack } from './say';

/**
 * Finds what the steps would run into: things never fetched, measured twice, left raw, left on. In the order of the kinds, then of the steps.
 * A finding offers a mend only where that was tried and leaves fewer findings than before.
 * Never changes its input. Says nothing about whether a recipe or a person is safe: no finding means that none of these faults was found.
 * @param options.tried false: mends are offered as they come, untried; for showing counts while somebody types
 */
export function dryRun(task: TaskAnalysis, kitchen: Kitchen = USUAL_KITCHEN, options: { tried?: boolean } = {}): Finding[] {
  const found = examine(task, kitchen);
  return options.tried === false ? found : found.map((finding) => ({ ...finding, fix: bestFix(task, kitchen, finding, found, examine) }));
}

/** The findings, with the mend that comes to mind first. */
function examine(task: TaskAnalysis, kitchen: Kitchen): Finding[] {
  if (task.steps.length === 0) return [];
  const { ran, on } = run(task, kitchen);
  return [
    ...listFindings(ran, task),
    ...worldFindings(ran, task, kitchen),
    ...leftOn(ran, on),
    ...hotThingFindings(ran),
    ...overflowFindings(ran, task),
    ...hazardFindings(ran),
    ...timeFindings(ran, task),
    ...toolFindings(ran, kitchen),
  ];
}

/** Faults of the list, told at the step that is shown: the parts of a joined step and the whole of small ones count as they were played. */
function listFindings(ran: readonly Ran[], task: TaskAnalysis): Finding[] {
  const shown = new Map(ran.map((r) => [r.step.key, r.shown]));
  const isShown = (key: string) => task.steps.some((s) => s.key === key);
  return ingredientFindings({ ...task, steps: ran.map((r) => r.step) }).map((f) => ({
    ...f,
    stepKey: f.stepKey && (shown.get(f.stepKey) ?? f.stepKey),
    fix: f.fix?.kind === 'amount' && !isShown(f.fix.key) ? null : f.fix,
  }));
}

/** What the world had to be given for the steps to go on. */
function worldFindings(ran: readonly Ran[], task: TaskAnalysis, kitchen: Kitchen): Finding[] {
  const calls = callsOf(task);
  return ran.flatMap((one, i) => {
    const tell = (put: Put, before: string | null): Finding => {
      const fix: Mend | null = put.steps.length > 0 ? { kind: 'insert', before, steps: put.steps } : null;
      return { ...sayLack(put.lack, task.ingredients, kitchen, calls), stepKey: one.shown, fix };
    };
    return [
      ...one.turn.before.map((put) => tell(put, one.step.key)),
      ...one.turn.after.map((put) => tell(put, ran[i + 1]?.step.key ?? null)),
    ];
  });
}

/** Ovens and cookers that are on when the last step is done. */
function leftOn(ran: readonly Ran[], on: readonly string[]): Finding[] {
  return on.flatMap((tool): Finding[] => {
    const last = ran.reduce((n, r, i) => (r.step.tools.includes(tool) ? i : n), -1);
    const first = ran.find((r) => r.step.tools.includes(tool));
    const name = toolById(tool)?.name ?? tool;
    return [
      {
        code: 'left-on',
        stepKey: first?.shown ?? null,
        about: name,
        message: `The ${name} is turned on here and never turned off.`,
        mend: `Add the step “Turn off the ${name}.”`,
        fix: {
          kind: 'insert',
          before: ran[last + 1]?.step.key ?? null,
          steps: [
            { text: `Turn off the ${name}.`, technique: 'turn-off', sourceLine: null, tools: [tool], thing: `the ${name}`, name: tool },
          ],
        },
      },
    ];
  });
}

/**
 * The counter after each step, in the order of the steps. Never changes its input.
 * Does not judge: see `dryRun` for what is wrong.
 */
export function simulate(task: TaskAnalysis, kitchen: Kitchen = USUAL_KITCHEN): Snapshot[] {
  const { ran } = run(task, kitchen);
  return task.steps.flatMap((step) => ran.filter((r) => r.shown === step.key || r.step.key === step.key).at(-1)?.shot ?? []);
}
