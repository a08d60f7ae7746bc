// Faults of place, time and people: a container too small, a tool not fetched, cold food out too long, waiting with nothing to do, nobody near.
import { table } from '../../amount/table';
import { kindOf } from '../../technique/lexicon';
import { toolById } from '../../technique/tools';
import { supervisionFor } from '../draft';
import type { Kitchen, TaskAnalysis } from '../model';
import { toolName } from '../routines';
import type { Finding, Snapshot } from './model';
import { isGather } from './simulate';

/** Food out of the fridge no longer than this (USDA FSIS: 2 hours). */
const OUT_MINUTES = 120;
/** Waiting from which on a job should be planned (common practice). */
const IDLE_MINUTES = 5;

const LARGER = table<string>({
  'small-bowl': 'bowl',
  bowl: 'large-bowl',
  'serving-bowl': 'large-bowl',
  glass: 'jug',
  cup: 'jug',
  jar: 'large-bowl',
  jug: 'large-bowl',
  bag: 'large-bowl',
  'storage-box': 'large-bowl',
  saucepan: 'large-pan',
  'frying-pan': 'wok',
  'cake-tin': 'baking-dish',
  blender: 'large-bowl',
});

/** Where a recipe does not say how many it serves (common practice). */
const USUAL_EATERS = 4;

export function overflowFindings({ steps, servings }: TaskAnalysis, shots: readonly Snapshot[]): Finding[] {
  return steps.flatMap((step, i): Finding[] => {
    const id = step.into;
    const tool = id ? toolById(id) : undefined;
    const now = shots[i]?.held.find((h) => h.id === id)?.ml ?? 0;
    const before = shots[i - 1]?.held.find((h) => h.id === id)?.ml ?? 0;
    // each eater has a bowl
    const holds = (tool?.holds ?? 0) * (id === 'serving-bowl' ? Math.max(servings ?? USUAL_EATERS, 1) : 1);
    if (!id || !tool || !holds || now <= holds || before > holds) return [];
    const to = LARGER.get(id);
    return [
      {
        code: 'overflow',
        stepKey: step.key,
        about: tool.name,
        message: `About ${Math.round(now)} mL goes into the ${tool.name}, which holds about ${holds} mL.`,
        mend: to ? `Use the ${toolById(to)!.name}.` : 'Use a larger one, or two.',
        fix: to ? { kind: 'container', from: id, to } : null,
      },
    ];
  });
}

export function supervisionFindings({ steps }: TaskAnalysis): Finding[] {
  return steps
    .filter((s) => s.supervision === 'none' && supervisionFor(s.hazards) !== 'none' && !isGather(s))
    .map((s): Finding => ({
      code: 'no-supervision',
      stepKey: s.key,
      about: s.hazards.join(', '),
      message: `This step has a hazard (${s.hazards.join(', ')}) and no supervision is named.`,
      mend: 'Say how near the adult stands.',
      fix: { kind: 'supervise', key: s.key, supervision: supervisionFor(s.hazards) },
    }));
}

export function timeFindings({ steps, ingredients }: TaskAnalysis, shots: readonly Snapshot[]): Finding[] {
  const found: Finding[] = [];
  const told = new Set<number>();
  steps.forEach((step, i) => {
    const before = shots[i - 1];
    const passes = step.minutes.waiting > 0 && kindOf(step.technique) !== 'chill' && kindOf(step.technique) !== 'store';
    const clock = passes ? shots[i]!.clock : (before?.clock ?? 0);
    const ends = Object.keys(shots[i]!.out).length === 0;
    for (const [index, since] of Object.entries(before?.out ?? {}).map(([k, v]) => [Number(k), v] as const)) {
      // what ends its time out (cooking, eating) ends it at the step's start
      const until = ends ? (before?.clock ?? 0) : clock;
      if (told.has(index) || until - since <= OUT_MINUTES) continue;
      told.add(index);
      const use = steps.findIndex((s, k) => k > 0 && !isGather(s) && s.uses.some((u) => u.ingredient === index));
      found.push({
        code: 'out-too-long',
        stepKey: step.key,
        about: ingredients[index]!.item,
        message: `${ingredients[index]!.item} has been out of the fridge for about ${Math.round(until - since)} minutes by this step.`,
        mend: 'Fetch it when it is needed.',
        fix: use >= 0 ? { kind: 'fetch-later', ingredient: index, before: steps[use]!.key } : null,
      });
    }
    if (step.minutes.waiting >= IDLE_MINUTES && !step.meanwhile && kindOf(step.technique) !== 'preheat-oven')
      found.push({
        code: 'idle-wait',
        stepKey: step.key,
        about: `${step.minutes.waiting} min`,
        message: `Nothing is planned for these ${Math.round(step.minutes.waiting)} minutes of waiting.`,
        mend: 'Plan a job: wash up, wipe the table, set the table.',
        fix: { kind: 'meanwhile', key: step.key, text: 'Wash up what is dirty.' },
      });
  });
  return found;
}

export function toolFindings({ steps }: TaskAnalysis, shots: readonly Snapshot[], kitchen: Kitchen): Finding[] {
  const found: Finding[] = [];
  const told = new Set<string>();
  const lastGather = steps.reduce((n, s, i) => (isGather(s) ? i : n), -1);
  steps.forEach((step, i) => {
    if (isGather(step)) return;
    for (const tool of step.tools) {
      const kind = toolById(tool)?.kind;
      if (kind === 'appliance' || kind === 'cleaning' || tool === 'apron' || told.has(tool) || shots[i]!.fetched.includes(tool)) continue;
      told.add(tool);
      const name = toolName(tool, kitchen);
      found.push({
        code: 'tool-not-fetched',
        stepKey: step.key,
        about: name,
        message: `The ${name} is needed here and no step fetches it.`,
        mend: `Add it to “Get the tools”.`,
        fix: {
          kind: 'insert',
          before: steps[lastGather + 1]?.key ?? step.key,
          text: `Get the ${name}.`,
          technique: 'gather',
          tools: [tool],
        },
      });
    }
  });
  return found;
}
