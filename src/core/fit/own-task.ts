// A learner's own steps, written from the class's steps and the ways chosen for each: tools changed, fetched, and worded.
import { listed } from '../recipe/listed';
import { hasMark, isFetched, toolById } from '../technique/tools';
import { adaptedTool } from '../technique/adapted-tools';
import { toolName } from '../task/routines';
import type { Kitchen, Step, TaskAnalysis } from '../plan/model';
import { plainStep } from '../plan/plain-step';
import { SOILS } from '../kitchen/index';
import { whereIs } from './here';
import { adaptationById } from './catalogue/index';
import { worksOfStep } from './loads';
import { withMoved } from './move';
import type { Adaptation, Load, OwnStep, OwnTask, Who } from './model';

/** What was settled for one step. */
export type Settled = { who: Who; ways: readonly Adaptation[]; part: string | null };

const NAMES_KEPT = 4;

/**
 * The class's steps as this learner does them, with the steps that his ways put in: a basket into its pan, fetching what is new. Those steps are
 * settled by their own keys. Never changes its input.
 * @param written of this learner's steps so far; what is written is added
 */
export function ownTask(
  task: TaskAnalysis,
  settled: ReadonlyMap<string, Settled>,
  loads: ReadonlyMap<string, Load>,
  shown: readonly Adaptation[],
  kitchen: Kitchen,
  written: Written = new Map(),
): OwnTask {
  const own = (step: Step): OwnStep =>
    ownStep(step, settled.get(step.key) ?? NOTHING, shown, loads.get(step.key) ?? { vessel: null, grams: 0 }, kitchen);
  const steps = task.steps.map((step) => {
    const by = settled.get(step.key) ?? NOTHING;
    const known = written.get(step.key);
    if (known?.by === by) return known.own;
    const one = own(step);
    written.set(step.key, { by, own: one });
    return one;
  });
  const moved = withMoved(steps, task, kitchen, adaptationById, own);
  return { ...task, steps: fetched(washed(putAhead(moved, settled, own), task, own), task, own, kitchen) };
}

/** Steps as they were written, and by what: where nothing else is settled, a step is the same again. */
export type Written = Map<string, { by: Settled; own: OwnStep }>;

const NOTHING: Settled = { who: 'learner', ways: [], part: null };

function ownStep(step: Step, { who, ways, part }: Settled, shown: readonly Adaptation[], load: Load, kitchen: Kitchen): OwnStep {
  const by = [...shown, ...ways].map((w) => w.id);
  const lines = ways.flatMap((w) => [...(w.say ? [w.say] : []), ...standInLines(w, kitchen)]);
  const base: OwnStep = { ...step, load, fitted: { who, by, lines, part } };
  if (who === 'adult') return { ...base, supervision: 'adult-does' };
  const spared = ways.filter((w) => w.kind !== 'share').flatMap((w) => w.spares.filter((h) => step.hazards.includes(h)));
  const brought = ways.flatMap((w) => w.brings);
  const words = ways.find((w) => w.words)?.words;
  return {
    ...base,
    text: words ? filled(words, step, load) : renamed(step.text, ways, kitchen),
    tools: toolsOf(step, ways),
    hazards: [...new Set([...step.hazards.filter((h) => !spared.includes(h)), ...brought])],
    ...(spared.length > 0 ? { spared } : {}),
  };
}

const standInLines = (way: Adaptation, kitchen: Kitchen): string[] =>
  way.tools.flatMap((t) => {
    const tool = adaptedTool(t);
    if (!tool?.standIn || whereIs(t, kitchen) !== 'stand-in') return [];
    return [
      `${tool.name.charAt(0).toUpperCase()}${tool.name.slice(1)}: ${tool.standIn.say.charAt(0).toLowerCase()}${tool.standIn.say.slice(1)}`,
    ];
  });

/** "Take the pot with the couscous." */
function filled(words: string, step: Step, load: Load): string {
  const thing = /^\S+ (the [^.,]+?|\d+ [^.,]+?|[^.,]+?)(?: (?:with|into|in|on|under|finely|until|for|of the can|lengthwise)\b|[.,])/.exec(
    step.text,
  )?.[1];
  const named = step.uses[0] ? `the ${step.uses[0].item}` : (thing ?? 'it');
  return words.replace('{thing}', named).replace('{place}', toolById(step.into ?? load.vessel ?? '')?.name ?? 'bowl');
}

/** A card that names the usual tool names the other instead. */
function renamed(text: string, ways: readonly Adaptation[], kitchen: Kitchen): string {
  return ways.reduce((said, w) => {
    if (w.calls) return said.replace(`the ${toolById(w.calls)!.name}`, `the ${toolName(w.tools[0]!, kitchen)}`);
    const old = w.instead && toolById(w.instead)?.words.find((word) => said.includes(` ${word}`));
    const now = w.tools[0];
    return old && now
      ? said.replace(
          new RegExp(`\\b(an? |the )?${old}\\b`),
          (_all, article: string | undefined) => `${article ? 'the ' : ''}${toolName(now, kitchen)}`,
        )
      : said;
  }, text);
}

/** A thing that is set up at the learner's place, or belongs to how he fetches, is not fetched; what a way brings comes after the step's own. */
function toolsOf(step: Step, ways: readonly Adaptation[]): string[] {
  const out = ways.flatMap((w) => (w.instead ? [w.instead] : []));
  const ready = ways.some((w) => w.kind === 'ready' && w.words);
  const kept = step.tools.filter((id) => !out.includes(id) && !(ready && isLeftOut(id, step)));
  if (worksOfStep(step).act === 'fetch') return kept;
  // a household thing that stands in goes by the name of what it stands in for: the card says so
  const brought = ways.flatMap((w) => w.tools);
  return [...new Set([...kept, ...brought])];
}

/** What comes ready needs no blade and no opener. */
const isLeftOut = (id: string, step: Step): boolean => toolById(id)?.kind === 'cutting' && step.into !== id;

/** What has to be in the pan before the water is comes before it. */
function putAhead(steps: readonly OwnStep[], settled: ReadonlyMap<string, Settled>, own: (step: Step) => OwnStep): OwnStep[] {
  const out = [...steps];
  for (const step of steps) {
    const way = step.fitted?.who === 'adult' ? undefined : settled.get(step.key)?.ways.find((w) => w.ahead);
    const pan = step.from ?? step.tools.find((id) => toolById(id)?.kind === 'cookware' && !way?.tools.includes(id));
    const at = out.findIndex((s) => (s.into === pan && worksOfStep(s).act === 'water') || s.key === step.key);
    if (!way || !pan || out[at]?.key === step.key) continue;
    const name = toolById(pan)?.name ?? 'pan';
    const ahead = added(`${step.key}.1`, out[at]!.phase, way.ahead!.replace('{place}', name), [...way.tools, pan]);
    out.splice(at, 0, own({ ...ahead, into: pan, minutes: { active: 0.3, waiting: 0 } }));
  }
  return out;
}

const added = (key: string, phase: Step['phase'], text: string, tools: string[]): Step =>
  plainStep({ key, text, phase, tools, minutes: { active: 1, waiting: 0 } });

/** What a way brought into raw food is washed before it is used for anything else. */
function washed(steps: readonly OwnStep[], task: TaskAnalysis, own: (step: Step) => OwnStep): OwnStep[] {
  const usual = new Map(task.steps.map((s) => [s.key, s.tools]));
  const brought = new Set(steps.flatMap((s) => s.tools.filter((id) => !(usual.get(s.key) ?? s.tools).includes(id))));
  const soiled = new Set<string>();
  return steps.flatMap((s): OwnStep[] => {
    const { act } = worksOfStep(s);
    const raw = s.hazards.some((h) => h.startsWith('raw-') && h !== 'raw-flour');
    if (act === 'fetch') return [s];
    if (act === 'wash-tools') for (const id of s.tools) soiled.delete(id);
    const dirty = raw ? [] : s.tools.filter((id) => soiled.delete(id));
    if (raw) for (const id of s.tools) if (brought.has(id) && SOILS.has(toolById(id)?.kind ?? '') && !hasMark(id, 'apart')) soiled.add(id);
    return [...dirty.map((id) => own(washStep(s, id))), s];
  });
}

const washStep = (before: Step, id: string): Step => {
  const sharp = toolById(id)!.hazards.includes('sharp');
  const text = `Wash the ${toolById(id)!.name} with hot water and soap.`;
  return {
    ...added(`${before.key}.wash-${id}`, before.phase, text, [id, 'sponge', 'soap', 'tap']),
    technique: 'wash-up',
    hazards: ['slip', ...(sharp ? (['sharp'] as const) : [])],
    supervision: sharp ? 'within-reach' : 'nearby',
  };
};

/** Fetching is written last, from what the learner's steps use: what nobody uses stays where it is, what is new is fetched once. */
function fetched(steps: readonly OwnStep[], task: TaskAnalysis, ownStepOf: (step: Step) => OwnStep, kitchen: Kitchen): OwnStep[] {
  const isGather = (s: OwnStep) => worksOfStep(s).act === 'fetch';
  const used = new Set(steps.flatMap((s) => (isGather(s) ? [] : s.tools)));
  const named = new Set(task.steps.flatMap((s) => (worksOfStep(s).act === 'fetch' ? [] : s.tools)));
  const had = new Set(steps.flatMap((s) => (isGather(s) ? s.tools : [])));
  const own = steps.flatMap((s): OwnStep[] => {
    if (!isGather(s) || s.tools.length === 0) return [s];
    // what no step of the class names is fetched for something that it does not say: it stays
    const kept = s.tools.filter((id) => used.has(id) || !named.has(id));
    if (kept.length === s.tools.length) return [s];
    if (kept.length === 0 && s.uses.length === 0) return [];
    return [
      {
        ...s,
        tools: kept,
        text: fetchText(s, kept, kitchen),
        hazards: s.hazards.filter((h) => h === 'allergen' || kept.some((id) => toolById(id)?.hazards.includes(h))),
      },
    ];
  });
  const fresh = [...used].filter((id) => !had.has(id) && isFetched(id));
  if (fresh.length === 0) return own;
  // with the first fetching, not with what is fetched late
  const begun = own.findIndex((s) => s.phase !== 'ready' && !isGather(s));
  const last = own
    .slice(0, begun < 0 ? own.length : begun)
    .map(isGather)
    .lastIndexOf(true);
  const model = own[last] ?? own[0]!;
  const groups = Array.from({ length: Math.ceil(fresh.length / NAMES_KEPT) }, (_, k) => fresh.slice(k * NAMES_KEPT, (k + 1) * NAMES_KEPT));
  const more = groups.map((ids, k): OwnStep =>
    ownStepOf({
      ...model,
      key: `r-gather-own${k > 0 ? `-${k + 1}` : ''}`,
      text: `Get the ${listed(ids.map((id) => toolName(id, kitchen)))}.`,
      technique: 'gather',
      phase: 'gather',
      sourceLine: null,
      uses: [],
      tools: ids,
      into: null,
      fillings: [],
      hazards: [...new Set(ids.flatMap((id) => toolById(id)?.hazards.filter((h) => h === 'sharp' || h === 'edge') ?? []))],
      supervision: ids.some((id) => toolById(id)?.hazards.includes('sharp')) ? 'within-reach' : 'none',
      minutes: { active: 0.2 * ids.length + 0.3, waiting: 0 },
      small: ids.flatMap((id) => [`Find the ${toolName(id, kitchen)}.`, 'Put it on the table.']),
    }),
  );
  return [...own.slice(0, last + 1), ...more, ...own.slice(last + 1)];
}

/** The card that fetched more, with the names that it had for what is left. */
function fetchText(step: Step, kept: readonly string[], kitchen: Kitchen): string {
  const at = step.text.toLowerCase().indexOf('get the ');
  const names =
    at < 0
      ? []
      : step.text
          .slice(at + 8)
          .replace(/\.$/, '')
          .split(/, | and /);
  const nameOf = (id: string) => (names.length === step.tools.length ? names[step.tools.indexOf(id)]! : toolName(id, kitchen));
  return `${at < 0 ? 'Get the ' : step.text.slice(0, at + 8)}${listed(kept.map(nameOf))}.`;
}
