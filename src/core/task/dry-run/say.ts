// What a lack is called, and how it is told to a person.
import { toolName } from '../routines';
import type { Kitchen } from '../../plan/model';
import type { Lack } from '../../kitchen/index';
import type { Ingredient } from '../../recipe/recipe';
import type { Hazard } from '../../technique/model';
import { toolCall } from '../tool-names';
import type { FindingCode } from './model';

type Said = { code: FindingCode; about: string; message: string; mend: string };

const RAW: Partial<Record<Hazard, string>> = {
  'raw-egg': 'raw egg',
  'raw-meat': 'raw meat',
  'raw-fish': 'raw fish',
  'raw-flour': 'raw dough',
};
const rawName = (raw: readonly Hazard[]) => RAW[raw[0]!] ?? 'raw food';

type Of<F> = Extract<Lack, { fact: F }>;
type Sayings = { [F in Lack['fact']]: (lack: Of<F>, ingredients: readonly Ingredient[], kitchen: Kitchen) => Said };

const names = (foods: readonly number[], ingredients: readonly Ingredient[]) => foods.map((i) => ingredients[i]!.item).join(' and ');

/** @param tool what the steps call a tool */
const sayings = (tool: (id: string) => string): Sayings => ({
  'out-of-place': ({ vessel, place }) => ({
    code: 'not-there',
    about: tool(vessel),
    message: `The ${tool(vessel)} is still in the ${place} at this step.`,
    mend: 'Take it out first.',
  }),
  'in-place': ({ vessel, place }) => ({
    code: 'not-there',
    about: tool(vessel),
    message: `The ${tool(vessel)} is not in the ${place} yet.`,
    mend: 'Put it in first.',
  }),
  'in-oven': ({ vessel }) => ({
    code: 'not-there',
    about: tool(vessel),
    message: `The ${tool(vessel)} was not put in: it cannot be taken out at this step.`,
    mend: 'Move this step behind the baking, or take it away.',
  }),
  'lid-off': ({ vessel, lid }) => ({
    code: 'lid-on',
    about: tool(vessel),
    message: `The ${lid === 'lid' ? 'lid' : tool(lid)} is on the ${tool(vessel)}: nothing can go in or out.`,
    mend: 'Take it off first.',
  }),
  'in-vessel': ({ vessel, from }) => ({
    code: 'not-there',
    about: tool(vessel),
    message: `The food lies in the ${tool(from)}, not in the ${tool(vessel)}.`,
    mend: 'Tip it back first.',
  }),
  water: ({ vessel }) => ({
    code: 'heated-dry',
    about: tool(vessel),
    message: `No step puts water in the ${tool(vessel)}.`,
    mend: 'Put water in first.',
  }),
  boiling: ({ vessel }) => ({
    code: 'not-boiling',
    about: tool(vessel),
    message: `The water in the ${tool(vessel)} is cold when the minutes begin.`,
    mend: 'Bring it to the boil first.',
  }),
  'out-of-water': ({ vessel }) => ({
    code: 'in-hot-water',
    about: tool(vessel),
    message: `The food lies in hot water in the ${tool(vessel)}: nobody takes hold of it there.`,
    mend: 'Drain it or lift it out first.',
  }),
  fat: ({ vessel }) => ({
    code: 'heated-dry',
    about: tool(vessel),
    message: `No fat is in the ${tool(vessel)} at this step.`,
    mend: 'Say with what, or that the pan is dry on purpose.',
  }),
  form: (lack, ingredients) => {
    const item = ingredients[lack.ingredient]!.item;
    if (lack.form === 'opened')
      return {
        code: 'not-prepared',
        about: item,
        message: `The can of ${item} has not been opened yet.`,
        mend: `Open the can of ${item} first.`,
      };
    if (lack.form === 'cracked')
      return { code: 'not-prepared', about: item, message: `No step before this cracks the ${item}.`, mend: `Crack the ${item} first.` };
    if (lack.form === 'halved')
      return {
        code: 'not-prepared',
        about: item,
        message: `No step before this cuts the ${item}.`,
        mend: `Cut the ${item} in half first.`,
      };
    if (lack.form === 'rinsed')
      return {
        code: 'not-rinsed',
        about: item,
        message: `No step before this rinses the ${item}.`,
        mend: `Rinse the ${item} under cold water first.`,
      };
    return {
      code: 'not-prepared',
      about: item,
      message: `The list says “${lack.work}”, and no step before this does it to the ${item}.`,
      mend: 'Do that first.',
    };
  },
  'ring-on': ({ vessel }) => ({
    code: 'not-on',
    about: tool('hob'),
    message: `The hob is not on under the ${tool(vessel)} at this step.`,
    mend: 'Turn it on first.',
  }),
  'ring-level': ({ level }) => ({
    code: 'not-on',
    about: tool('hob'),
    message: `The hob is not at ${level} heat here.`,
    mend: `Turn it to ${level} first.`,
  }),
  'ring-off': ({ vessel }) => ({
    code: 'left-on',
    about: tool('hob'),
    message:
      vessel === 'hob'
        ? 'The hob is on and nothing is heated any more.'
        : `The hob is on under the ${tool(vessel)}, which is heated no more.`,
    mend: 'Turn it off after this step.',
  }),
  'oven-on': ({ appliance }) => ({
    code: 'not-preheated',
    about: appliance,
    message: `The ${tool(appliance)} is not on yet at this step.`,
    mend: 'Turn it on before you start to prepare.',
  }),
  'oven-ready': ({ appliance, since }) => ({
    code: 'not-preheated',
    about: appliance,
    message: `The ${tool(appliance)} has been on for about ${Math.round(since)} minutes; it takes about 10.`,
    mend: 'Turn it on earlier, or wait for it.',
  }),
  hands: ({ raw }) =>
    raw.length > 0
      ? {
          code: 'raw-contact',
          about: rawName(raw),
          message: `Hands touched ${rawName(raw)} before, and touch something else here.`,
          mend: 'Wash hands before this step.',
        }
      : { code: 'raw-contact', about: 'hands', message: 'Nobody has washed their hands yet.', mend: 'Wash hands before this step.' },
  clean: ({ tools, raw }) => ({
    code: 'raw-contact',
    about: tool(tools[0]!),
    message: `The ${tools.map(tool).join(' and the ')} had ${rawName(raw)} on it and is used again here.`,
    mend: 'Wash it with hot water and soap first, or use another.',
  }),
  'dry-measure': ({ measures, from }, _ingredients, kitchen) => ({
    code: 'dirty-measure',
    about: measures[0]!.label,
    message: `The ${toolName(measures[0]!.measure, kitchen)} is still wet from ${from}.`,
    mend: 'Measure what is dry first, or wash and dry it.',
  }),
  'empty-measure': ({ label, lot }, ingredients) => ({
    code: 'dirty-measure',
    about: label,
    message: `The ${label} still holds the ${[...lot.parts.keys()].map((i) => ingredients[i]!.item).join(' and ')}.`,
    mend: 'Tip it into a small bowl first.',
  }),
  checked: ({ foods }, ingredients) => ({
    code: 'not-checked',
    about: names(foods, ingredients),
    message: `No step takes the temperature of the ${names(foods, ingredients)}.`,
    mend: 'Check it with the thermometer before it is served.',
  }),
  cooked: ({ foods }, ingredients) => ({
    code: 'not-cooked',
    about: names(foods, ingredients),
    message: `No step cooks the ${names(foods, ingredients)} before this.`,
    mend: 'Cook it first, or say how it was cooked.',
  }),
});

/** A lack in words, with tools called as the steps call them. */
export function sayLack(lack: Lack, ingredients: readonly Ingredient[], kitchen: Kitchen, calls: ReadonlyMap<string, string>): Said {
  return sayings((id) => toolCall({ calls }, id))[lack.fact](lack as never, ingredients, kitchen);
}
