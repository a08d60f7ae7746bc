// Faults of hands, blades and measures: raw food carried on, a measure still wet.
import { kindOf } from '../../technique/lexicon';
import type { Hazard } from '../../technique/model';
import { toolById } from '../../technique/tools';
import type { Kitchen, TaskAnalysis } from '../model';
import { toolName } from '../routines';
import type { Finding, Snapshot } from './model';
import { rawByHand, wets } from './simulate';

const WASHES = new Set(['wash-hands', 'wash-up']);
const NAMES: Partial<Record<Hazard, string>> = {
  'raw-egg': 'raw egg',
  'raw-meat': 'raw meat',
  'raw-fish': 'raw fish',
  'raw-flour': 'raw dough',
};
/** Goes on with the same raw food: no washing in between. */
const GOES_ON = new Set(['coat', 'layer', 'shape', 'dip', 'cut-out', 'divide', 'roll-out', 'knead', 'seal', 'press-in']);
const ON_FOOD = new Set(['slice', 'dice', 'chop', 'halve', 'trim', 'grate', 'peel', 'snip', 'mix', 'prick', 'fluff']);

export function rawFindings({ steps }: TaskAnalysis, shots: readonly Snapshot[]): Finding[] {
  const found: Finding[] = [];
  steps.forEach((step, i) => {
    const before = shots[i - 1];
    if (!before || WASHES.has(kindOf(step.technique))) return;
    const own = rawByHand(step);
    const sameDough = before.hands === 'raw-flour' && ['add', 'brush', 'sprinkle'].includes(kindOf(step.technique));
    if (
      before.hands &&
      own !== before.hands &&
      !step.hazards.includes(before.hands) &&
      !sameDough &&
      !GOES_ON.has(step.technique ?? '') &&
      steps[i - 1]!.key === handsOf(steps, shots, i)
    ) {
      const what = NAMES[before.hands] ?? 'raw food';
      found.push({
        code: 'raw-contact',
        stepKey: step.key,
        about: what,
        message: `Hands touched ${what} in the step before, and touch something else here.`,
        mend: 'Wash hands before this step.',
        fix: { kind: 'insert', before: step.key, text: 'Wash your hands with soap for 20 seconds.', technique: 'wash-hands' },
      });
    }
    if (!ON_FOOD.has(kindOf(step.technique)) || own) return;
    for (const tool of step.tools) {
      const raw = before.rawTools.get(tool);
      if (!raw || step.hazards.includes(raw)) continue;
      const name = toolById(tool)?.name ?? tool;
      found.push({
        code: 'raw-contact',
        stepKey: step.key,
        about: name,
        message: `The ${name} had ${NAMES[raw] ?? 'raw food'} on it and is used again here.`,
        mend: `Wash the ${name} with hot water and soap first, or use another.`,
        fix: { kind: 'insert', before: step.key, text: `Wash the ${name} with hot water and soap.`, technique: 'wash-up', tools: [tool] },
      });
      break;
    }
  });
  return found;
}

/** The key of the step that last made hands raw before step `i`. Only the next step is told of it, not all that follow. */
function handsOf(steps: TaskAnalysis['steps'], shots: readonly Snapshot[], i: number): string | null {
  for (let k = i - 1; k >= 0; k--) {
    if (rawByHand(steps[k]!)) return steps[k]!.key;
    if (shots[k]!.hands === null) return null;
  }
  return null;
}

export function measureFindings({ steps }: TaskAnalysis, shots: readonly Snapshot[], kitchen: Kitchen): Finding[] {
  return steps.flatMap((step, i) => {
    const item = step.uses[0]?.item ?? '';
    if (kindOf(step.technique) !== 'measure' || wets(item)) return [];
    return step.fillings.flatMap(({ measure, label }): Finding[] => {
      const before = shots[i - 1]?.wet.get(measure);
      if (!before) return [];
      return [
        {
          code: 'dirty-measure',
          stepKey: step.key,
          about: label,
          message: `The ${toolName(measure, kitchen)} is still wet from ${before}.`,
          mend: `Measure ${item} first, or wash and dry it.`,
          fix: { kind: 'insert', before: step.key, text: `Wash and dry the ${label}.`, technique: 'wash-up', tools: [measure] },
        },
      ];
    });
  });
}
