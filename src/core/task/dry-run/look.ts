// Faults that are seen by looking at one played step: a vessel too small, food out too long, waiting with nothing to do, nobody near, a tool that nobody fetched, no glove.
import { table } from '../../amount/table';
import { supervisionFor } from '../../plan/draft';
import type { Kitchen, TaskAnalysis } from '../../plan/model';
import { vesselOf, worksIn } from '../../kitchen/index';
import { techniqueById } from '../../technique/lexicon';
import type { Hazard } from '../../technique/model';
import { hasMark, isFetched, toolById } from '../../technique/tools';
import { toolName } from '../routines';
import { isGather, type Finding } from './model';
import type { Ran } from './run';

/** Food out of the fridge no longer than this (USDA FSIS: 2 hours). */
const OUT_MINUTES = 120;
/** Waiting from which on a job should be planned (common practice). */
const IDLE_MINUTES = 5;
/** Where a recipe does not say how many it serves (common practice). */
const USUAL_EATERS = 4;

/** Sizes are common ones, so a little more is no overflow. */
const NEARLY = 1.1;

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

export function overflowFindings(ran: readonly Ran[], { servings }: TaskAnalysis): Finding[] {
  return ran.flatMap(({ step, shown, vesselMl: now, vesselMlBefore: before }): Finding[] => {
    const id = vesselOf(step);
    const tool = id ? toolById(id) : undefined;
    const holds = (tool?.holds ?? 0) * (id && hasMark(id, 'each') ? Math.max(servings ?? USUAL_EATERS, 1) : 1);
    if (!id || !tool || !holds || now <= holds * NEARLY || before > holds) return [];
    const to = LARGER.get(id);
    return [
      {
        code: 'overflow',
        stepKey: shown,
        about: tool.name,
        message: `About ${Math.round(now)} mL goes into the ${tool.name}, which holds about ${holds} mL.`,
        mend: to ? `Use the ${toolById(to)!.name}.` : 'Use a larger one, or two.',
        fix: to ? { kind: 'container', from: id, to } : null,
      },
    ];
  });
}

/** Hazards that a person has to see on the card; flour and allergens are told elsewhere. */
const MARKED = new Set<Hazard>(['hot', 'raw-meat', 'raw-fish', 'raw-egg']);

export function hazardFindings(ran: readonly Ran[]): Finding[] {
  return ran.flatMap(({ step, shown, turn }): Finding[] => {
    if (isGather(step)) return [];
    const unmarked = turn.hazards.filter((h) => MARKED.has(h) && !step.hazards.includes(h));
    if (unmarked.length > 0)
      return [
        {
          code: 'not-marked',
          stepKey: shown,
          about: unmarked.join(', '),
          message: `This step touches what is ${unmarked.map((h) => h.replace('-', ' ')).join(' and ')}, and its card does not say so.`,
          mend: 'Mark it, with the supervision that it asks for.',
          fix: { kind: 'mark', key: step.key, hazards: unmarked },
        },
      ];
    if (step.supervision !== 'none' || supervisionFor(step.hazards) === 'none') return [];
    return [
      {
        code: 'no-supervision',
        stepKey: shown,
        about: step.hazards.join(', '),
        message: `This step has a hazard (${step.hazards.join(', ')}) and no supervision is named.`,
        mend: 'Say how near the adult stands.',
        fix: { kind: 'supervise', key: step.key, supervision: supervisionFor(step.hazards) },
      },
    ];
  });
}

export function timeFindings(ran: readonly Ran[], { ingredients }: TaskAnalysis): Finding[] {
  const found: Finding[] = [];
  const told = new Set<number>();
  ran.forEach(({ step, shown, shot, before }) => {
    const { act } = worksIn(step);
    const passes = step.minutes.waiting > 0 && act !== 'chill' && act !== 'store';
    for (const [index, since] of before?.out ?? []) {
      // what ends its time out (cooking, eating) ends it at the step's start
      const until = passes && shot.out.has(index) ? shot.clock : before!.clock;
      if (told.has(index) || until - since <= OUT_MINUTES) continue;
      told.add(index);
      const use = ran.find((r) => !isGather(r.step) && r.step.uses.some((u) => u.ingredient === index));
      found.push({
        code: 'out-too-long',
        stepKey: shown,
        about: ingredients[index]!.item,
        message: `${ingredients[index]!.item} has been out of the fridge for about ${Math.round(until - since)} minutes by this step.`,
        mend: 'Fetch it when it is needed.',
        fix: use ? { kind: 'fetch-later', ingredient: index, before: use.step.key } : null,
      });
    }
    if (step.minutes.waiting >= IDLE_MINUTES && !step.meanwhile && act !== 'oven-on')
      found.push({
        code: 'idle-wait',
        stepKey: shown,
        about: `${step.minutes.waiting} min`,
        message: `Nothing is planned for these ${Math.round(step.minutes.waiting)} minutes of waiting.`,
        mend: 'Plan a job: wash up, wipe the table, set the table.',
        fix: { kind: 'meanwhile', key: step.key, text: 'Wash up what is dirty.' },
      });
  });
  return found;
}

export function toolFindings(ran: readonly Ran[], kitchen: Kitchen): Finding[] {
  const found: Finding[] = [];
  const told = new Set<string>();
  const lastGather = ran.reduce((n, r, i) => (isGather(r.step) ? i : n), -1);
  for (const { step, shown, shot } of ran) {
    if (isGather(step)) continue;
    for (const id of step.tools) {
      if (!isFetched(id) || told.has(id) || shot.fetched.includes(id)) continue;
      told.add(id);
      const name = toolName(id, kitchen);
      found.push({
        code: 'tool-not-fetched',
        stepKey: shown,
        about: name,
        message: `The ${name} is needed here and no step fetches it.`,
        mend: `Add it to “Get the tools”.`,
        fix: {
          kind: 'insert',
          before: ran[lastGather + 1]?.step.key ?? step.key,
          steps: [{ text: `Get the ${name}.`, technique: 'gather', sourceLine: null, tools: [id], thing: `the ${name}`, phase: 'gather' }],
        },
      });
    }
  }
  return found;
}

export function hotThingFindings(ran: readonly Ran[]): Finding[] {
  return ran.flatMap(({ step, shown }): Finding[] => {
    const usual = techniqueById(step.technique ?? '')?.tools ?? [];
    const { act } = worksIn(step);
    if (act !== 'oven' && act !== 'oven-out' && act !== 'off-ring') return [];
    const found: Finding[] = [];
    if (usual.includes('oven-gloves') && !step.tools.some((id) => hasMark(id, 'mitt')))
      found.push({
        code: 'no-mitt',
        stepKey: shown,
        about: 'oven gloves',
        message: 'A hot thing is held here without oven gloves.',
        mend: 'Add oven gloves to this step.',
        fix: { kind: 'tools', key: step.key, add: ['oven-gloves'] },
      });
    if (act !== 'oven' && !step.tools.some((t) => hasMark(t, 'stand')))
      found.push({
        code: 'hot-on-counter',
        stepKey: shown,
        about: step.into ?? 'hot thing',
        message: 'It is not said where the hot thing is put down.',
        mend: 'Put it on a heatproof stand.',
        fix: { kind: 'tools', key: step.key, add: ['stand'] },
      });
    return found;
  });
}
