// Puts one fault right: applies the change that a finding offers. The steps given stay as they were.
import { listed } from '../../recipe/listed';
import { itemName } from '../../recipe/item-name';
import type { Ingredient } from '../../recipe/recipe';
import { techniqueById } from '../../technique/lexicon';
import { toolById } from '../../technique/tools';
import { stepOf, supervisionFor } from '../../plan/draft';
import { moveStep, superviseStep } from '../edit';
import type { Kitchen, Step, TaskAnalysis } from '../../plan/model';
import { isGather, type Finding, type Mend } from './model';

const FETCHED = /^Get the (?!.* from )/;

/**
 * The steps with a fault put right.
 * @param newKey called for each step that is added
 * @returns the same steps where the mend does not fit them any more (its step is gone)
 */
export function applyMend(steps: readonly Step[], mend: Mend, newKey: () => string, ingredients: readonly Ingredient[]): Step[] {
  const change = (key: string, by: (step: Step) => Step) => steps.map((s) => (s.key === key ? by(s) : s));
  switch (mend.kind) {
    case 'insert':
      return insertSteps(steps, mend, newKey);
    case 'mark':
      return change(mend.key, (s) => {
        const hazards = [...new Set([...s.hazards, ...mend.hazards])];
        return { ...s, hazards, supervision: supervisionFor(hazards, s.supervision) };
      });
    case 'move': {
      const to = steps.findIndex((s) => s.key === mend.before);
      return to < 0 ? [...steps] : moveStep(steps, mend.key, to);
    }
    case 'tools':
      return change(mend.key, (s) => ({
        ...s,
        tools: [...new Set([...s.tools, ...mend.add])],
        into: mend.add.includes('stand') ? 'stand' : s.into,
      }));
    case 'supervise':
      return superviseStep(steps, mend.key, mend.supervision);
    case 'meanwhile':
      return change(mend.key, (s) => ({ ...s, meanwhile: mend.text }));
    case 'amount':
      return change(mend.key, (s) => ({
        ...s,
        uses: s.uses.map((u) => (u.ingredient === mend.ingredient ? { ...u, quantity: mend.quantity } : u)),
      }));
    case 'container': {
      const [from, to] = [toolById(mend.from)!.name, toolById(mend.to)!.name];
      const renamed = (text: string) => text.replace(new RegExp(`\\b${from}\\b`, 'gi'), to);
      return steps.map((s) => {
        const uses = s.into === mend.from || s.tools.includes(mend.from);
        if (!uses) return s;
        return {
          ...s,
          into: s.into === mend.from ? mend.to : s.into,
          tools: [...new Set(s.tools.map((t) => (t === mend.from ? mend.to : t)))],
          text: renamed(s.text),
          small: s.small.map(renamed),
        };
      });
    }
    case 'fetch-later':
      return fetchLater(steps, mend.ingredient, mend.before, newKey, ingredients);
  }
}

/** Steps put in before another, each in the phase of what stands beside it; what is fetched at one go is one step. */
function insertSteps(steps: readonly Step[], mend: Extract<Mend, { kind: 'insert' }>, newKey: () => string): Step[] {
  const at =
    mend.before === null ? steps.length : steps.findIndex((s) => s.key === mend.before || s.parts?.some((p) => p.key === mend.before));
  if (at < 0) return [...steps];
  const [only] = mend.steps;
  const before = steps[at - 1];
  if (only?.technique === 'gather' && before?.technique === 'gather' && FETCHED.test(before.text)) {
    const name = only.text.replace(FETCHED, '');
    const joined = {
      ...before,
      tools: [...new Set([...before.tools, ...(only.tools ?? [])])],
      text: `${before.text.slice(0, -1).replace(' and ', ', ')} and ${name}`,
      small: [...before.small, `Find the ${name.replace('.', '')}.`, 'Put it on the table.'],
    };
    return steps.map((s) => (s === before ? joined : s));
  }
  const phase = (steps[mend.steps[0]?.technique === 'turn-off' ? Math.max(0, at - 1) : Math.min(at, steps.length - 1)] ?? steps.at(-1))
    ?.phase;
  const made = mend.steps.map((draft) =>
    stepOf({ minutes: { active: techniqueById(draft.technique ?? '')?.minutes.active ?? 0.5 }, ...draft }, newKey(), phase ?? 'prepare'),
  );
  return [...steps.slice(0, at), ...made, ...steps.slice(at)];
}

/** Takes one ingredient off the gathering and fetches it right before it is needed. */
function fetchLater(
  steps: readonly Step[],
  ingredient: number,
  before: string,
  newKey: () => string,
  ingredients: readonly Ingredient[],
): Step[] {
  const one = ingredients[ingredient];
  if (!one || !steps.some((s) => s.key === before)) return [...steps];
  const name = itemName(one.item);
  const rest = steps.flatMap((s) => {
    if (!isGather(s) || !s.uses.some((u) => u.ingredient === ingredient)) return [s];
    const uses = s.uses.filter((u) => u.ingredient !== ingredient);
    if (uses.length === 0 && s.tools.length === 0) return [];
    const place = /^From ([^,]+),/.exec(s.text)?.[1] ?? 'the fridge';
    const names = uses.map((u) => itemName(u.item));
    return [
      { ...s, uses, text: `From ${place}, get ${listed(names)}.`, small: names.flatMap((n) => [`Find the ${n}.`, 'Put it on the table.']) },
    ];
  });
  const at = rest.findIndex((s) => s.key === before);
  const phase = rest[at]?.phase ?? 'prepare';
  const fetch = stepOf(
    {
      text: `Get the ${name} from the fridge.`,
      technique: 'gather',
      sourceLine: null,
      uses: [{ ingredient, item: one.item, quantity: null, unit: null }],
      tools: [],
      thing: `the ${name}`,
      phase,
      minutes: { active: 0.5 },
      small: ['Open the fridge.', `Take out the ${name}.`, 'Close the door.'],
    },
    newKey(),
    phase,
  );
  return [...rest.slice(0, at), fetch, ...rest.slice(at)];
}

type Examine = (task: TaskAnalysis, kitchen: Kitchen) => Finding[];

/** Where a list has more faults than this, mends are offered as they come: trying each would take too long. */
const MOST_TRIED = 24;

/** An oven is turned on before the work begins. */
function heatEarlier({ steps }: TaskAnalysis, appliance: string): Mend[] {
  const first = steps.find((s) => s.phase === 'prepare' || s.phase === 'cook')?.key ?? null;
  const heater = steps.find((s) => s.technique === 'preheat-oven' && s.tools.includes(appliance));
  if (heater) return first && heater.key !== first ? [{ kind: 'move', key: heater.key, before: first }] : [];
  const name = toolById(appliance)?.name ?? appliance;
  return [
    {
      kind: 'insert',
      before: first,
      steps: [
        {
          text: `Turn the ${name} on.`,
          technique: 'preheat-oven',
          sourceLine: null,
          tools: [appliance],
          thing: `the ${name}`,
          minutes: { waiting: 0 },
        },
      ],
    },
  ];
}

/** Mends that may put a finding right, the first that comes to mind first: what is lacking is put in; or stands further down and is moved up; or stands in the way. */
function candidatesFor(task: TaskAnalysis, { fix, code, about }: Finding): Mend[] {
  if (code === 'not-preheated' && fix) return [...heatEarlier(task, about), fix];
  if (fix?.kind !== 'insert' || fix.steps.length !== 1) return fix ? [fix] : [];
  const [draft] = fix.steps;
  const at = task.steps.findIndex((s) => s.key === fix.before);
  const twin = task.steps.find(
    (s, i) =>
      i > at &&
      s.technique === draft!.technique &&
      s.into === (draft!.into ?? null) &&
      (draft!.uses ?? []).every((u) => s.uses.some((o) => o.ingredient === u.ingredient)),
  );
  return twin && fix.before ? [fix, { kind: 'move', key: twin.key, before: fix.before }] : [fix];
}

/**
 * Of the mends for a finding the one that leaves the fewest findings.
 * @returns null where none leaves fewer than there are
 */
export function bestFix(task: TaskAnalysis, kitchen: Kitchen, finding: Finding, found: readonly Finding[], examine: Examine): Mend | null {
  const candidates = candidatesFor(task, finding);
  if (found.length > MOST_TRIED) return candidates[0] ?? null;
  let best: Mend | null = null;
  let fewest = found.length;
  for (const mend of candidates) {
    let n = 0;
    const steps = applyMend(task.steps, mend, () => `trial-${n++}`, task.ingredients);
    const left = examine({ ...task, steps }, kitchen);
    if (left.length < fewest && !bringsNew(found, left)) {
      best = mend;
      fewest = left.length;
    }
  }
  return best;
}

const signature = (f: Finding) => `${f.code} ${f.about}`;
/** Whether a finding is there that was not before. */
function bringsNew(before: readonly Finding[], after: readonly Finding[]): boolean {
  const count = new Map<string, number>();
  for (const f of before) count.set(signature(f), (count.get(signature(f)) ?? 0) + 1);
  for (const f of after) {
    const left = (count.get(signature(f)) ?? 0) - 1;
    if (left < 0) return true;
    count.set(signature(f), left);
  }
  return false;
}
