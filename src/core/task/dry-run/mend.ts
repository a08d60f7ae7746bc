// Puts one fault right: applies the change that a finding offers. The steps given stay as they were.
import type { Ingredient } from '../../recipe/recipe';
import { kindOf, techniqueById } from '../../technique/lexicon';
import { toolById } from '../../technique/tools';
import { stepOf, useOf } from '../draft';
import { moveStep, superviseStep } from '../edit';
import type { Kitchen, Step, TaskAnalysis } from '../model';
import type { Mend } from './model';
import { dryRun } from './index';
import { isGather, rawByHand } from './simulate';

const FETCHED = /^Get the (?!.* from )/;
const WASH = 'Wash your hands with soap for 20 seconds.';

/**
 * The steps with a fault put right.
 * @param newKey called for each step that is added
 * @returns the same steps where the mend does not fit them any more (its step is gone)
 */
export function applyMend(steps: readonly Step[], mend: Mend, newKey: () => string, ingredients: readonly Ingredient[]): Step[] {
  const change = (key: string, by: (step: Step) => Step) => steps.map((s) => (s.key === key ? by(s) : s));
  switch (mend.kind) {
    case 'insert': {
      const at = mend.before === null ? steps.length : steps.findIndex((s) => s.key === mend.before);
      if (at < 0) return [...steps];
      const beside = steps[Math.min(at, steps.length - 1)]!;
      const technique = techniqueById(mend.technique);
      // what is fetched at one go is one step
      const before = steps[at - 1];
      if (mend.technique === 'gather' && mend.tools && before?.technique === 'gather' && FETCHED.test(before.text))
        return change(before.key, (s) => {
          const tools = [...new Set([...s.tools, ...mend.tools!])];
          const name = mend.text.replace(FETCHED, '');
          return {
            ...s,
            tools,
            text: `${s.text.slice(0, -1).replace(' and ', ', ')} and ${name}`,
            small: [...s.small, `Find the ${name.replace('.', '')}.`, 'Put it on the table.'],
          };
        });
      const own = mend.technique === 'gather' ? 'gather' : mend.technique === 'turn-off' ? steps[Math.max(0, at - 1)]!.phase : beside.phase;
      const step = stepOf(
        {
          text: mend.text,
          technique: mend.technique,
          sourceLine: null,
          ...(mend.tools ? { tools: mend.tools } : {}),
          ...(mend.ingredient === undefined
            ? {}
            : { uses: [useOf(ingredients, mend.ingredient)], thing: `the ${ingredients[mend.ingredient]!.item}` }),
          ...(mend.into ? { into: mend.into } : {}),
          phase: own,
          minutes: { active: technique?.minutes.active ?? 0.5 },
        },
        newKey(),
        own,
      );
      const wash =
        rawByHand(step) && kindOf(steps[at]?.technique ?? null) !== 'wash-hands'
          ? [
              stepOf(
                { text: WASH, technique: 'wash-hands', sourceLine: null, phase: beside.phase, minutes: { active: 0.5 } },
                newKey(),
                beside.phase,
              ),
            ]
          : [];
      return [...steps.slice(0, at), step, ...wash, ...steps.slice(at)];
    }
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
  const name = one.item.charAt(0).toLowerCase() + one.item.slice(1);
  const rest = steps.flatMap((s) => {
    if (!isGather(s) || !s.uses.some((u) => u.ingredient === ingredient)) return [s];
    const uses = s.uses.filter((u) => u.ingredient !== ingredient);
    if (uses.length === 0 && s.tools.length === 0) return [];
    const place = /^From ([^,]+),/.exec(s.text)?.[1] ?? 'the fridge';
    const names = uses.map((u) => u.item.charAt(0).toLowerCase() + u.item.slice(1));
    const list = names.length > 1 ? `${names.slice(0, -1).join(', ')} and ${names.at(-1)}` : (names[0] ?? '');
    return [{ ...s, uses, text: `From ${place}, get ${list}.`, small: names.flatMap((n) => [`Find the ${n}.`, 'Put it on the table.']) }];
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

/**
 * Puts everything right that a change of the steps can, one fault after another. What the recipe itself lacks stays.
 * @param newKey called for each step that is added
 */
export function mendAll(task: TaskAnalysis, kitchen: Kitchen, newKey: () => string): Step[] {
  let steps = task.steps;
  const tried = new Set<string>();
  for (;;) {
    const next = dryRun({ ...task, steps }, kitchen).find((f) => f.fix !== null && !tried.has(JSON.stringify(f.fix)));
    if (!next?.fix) return steps;
    // the same fault again would mean that its mend does not help: it is tried once
    tried.add(JSON.stringify(next.fix));
    steps = applyMend(steps, next.fix, newKey, task.ingredients);
  }
}
