// Reads one step that a person wrote, so that its picture, tools, hazards and measures come from what it says.
import { findFood } from '../recipe/food';
import type { Ingredient } from '../recipe/recipe';
import { findTechnique } from '../technique/lexicon';
import type { Phase } from '../technique/model';
import { findTools, toolById } from '../technique/tools';
import { clausesOf } from './clauses';
import { rawHazard, stepOf, supervisionFor, UNKNOWN_ACTION, useOf } from '../plan/draft';
import { mentionsIn } from './mentions';
import { namesOf } from './ingredient-names';
import { minutesOfText } from '../amount/minutes';
import { USUAL_KITCHEN, type Kitchen, type Step } from '../plan/model';
import { measureLabel } from './measuring';
import { plainNumbers } from '../amount/quantity';

/**
 * A step from its words alone. Total: words that name no known technique give a step without one.
 * @param key must be new to the task
 */
export function interpretStep(
  text: string,
  key: string,
  phase: Phase,
  ingredients: readonly Ingredient[],
  kitchen: Kitchen = USUAL_KITCHEN,
): Step {
  const words = text.trim().replace(/\s+/g, ' ');
  const clause = clausesOf(words)[0];
  const names = namesOf(ingredients);
  const mentions = mentionsIn(words, names, new Set());
  const tools = findTools(words).map((t) => t.tool.id);
  const about = new Set<string>([...tools, ...(words.toLowerCase().match(/[\p{L}-]+/gu) ?? []).flatMap((w) => [w, w.replace(/s$/, '')])]);
  for (const { ingredient } of mentions) {
    const food = findFood(ingredients[ingredient]!.item);
    if (food) about.add(food.id).add(food.category).add(food.group);
  }
  const technique = clause?.verb ? findTechnique([clause.verb, ...(clause.rest.toLowerCase().match(/[\p{L}-]+/gu) ?? [])], about) : null;
  const fillings = technique?.id === 'measure' ? fillingsIn(words, kitchen) : [];
  const into = [...tools].reverse().find((id) => ['container', 'cookware'].includes(toolById(id)?.kind ?? '') && id !== 'lid') ?? null;
  const waiting = minutesOfText(words);
  return stepOf(
    {
      text: words,
      technique: technique?.id ?? null,
      sourceLine: null,
      uses: mentions.map((m) => useOf(ingredients, m.ingredient, m.part === 'some' ? m.quantity : null, m.unit)),
      tools: [
        ...tools,
        ...(technique?.tools ?? []).filter(
          (id) => !tools.includes(id) && !(into && ['container', 'cookware'].includes(toolById(id)?.kind ?? '')),
        ),
        ...fillings.map((f) => f.measure),
      ],
      into,
      fillings,
      hazards: mentions.flatMap((m) => rawHazard(ingredients[m.ingredient]) ?? []),
      minutes: technique && technique.minutes.waiting > 0 ? { waiting: waiting ?? technique.minutes.waiting } : {},
      ...(mentions[0] ? { thing: `the ${ingredients[mentions[0].ingredient]!.item.toLowerCase()}` } : {}),
    },
    key,
    phase,
  );
}

/** "the 1/3 cup twice": the measures that a step's words name. */
function fillingsIn(text: string, kitchen: Kitchen): Step['fillings'] {
  const plain = plainNumbers(text).toLowerCase();
  return kitchen.measures.flatMap((measure) => {
    const label = measureLabel(measure);
    const named = plainNumbers(label).toLowerCase();
    const at = plain.search(new RegExp(`(?<![\\d/] ?)${named.replace(/[/]/g, '\\/')}(?![a-z])`));
    if (at < 0) return [];
    const after = plain.slice(at + named.length, at + named.length + 16);
    const times = /^\s*(twice|three times|(\d+) times)/.exec(after);
    return [{ measure: measure.id, label, times: times ? (times[1] === 'twice' ? 2 : times[2] ? Number(times[2]) : 3) : 1 }];
  });
}

/** Whether the words of a step name an action that is known. */
export const isActionKnown = (text: string, ingredients: readonly Ingredient[]): boolean =>
  interpretStep(text, '', 'prepare', ingredients).technique !== null;

/** A step with new words: what they say replaces what the old ones said; its key, phase and place stay. */
export function rewordStep(step: Step, text: string, ingredients: readonly Ingredient[], kitchen: Kitchen = USUAL_KITCHEN): Step {
  const read = interpretStep(text, step.key, step.phase, ingredients, kitchen);
  // words too free to be read ("Ask a friend") leave what was known of the step, and nothing of it is taken for less dangerous
  if (read.technique === null || read.technique === step.technique) {
    const hazards = [...new Set([...step.hazards, ...read.hazards])];
    const least = read.technique === null && step.supervision === 'none' ? UNKNOWN_ACTION : step.supervision;
    return {
      ...step,
      text: read.text,
      uses: read.uses.length > 0 ? read.uses : step.uses,
      fillings: read.fillings.length > 0 ? read.fillings : step.fillings,
      tools: [
        ...new Set([
          ...read.tools.filter((id) => !read.fillings.length || !step.fillings.some((f) => f.measure === id)),
          ...(read.technique === null || read.tools.length === 0 ? step.tools : []),
        ]),
      ],
      hazards,
      supervision: supervisionFor(hazards, least),
    };
  }
  return { ...read, sourceLine: step.sourceLine, meanwhile: step.meanwhile };
}
