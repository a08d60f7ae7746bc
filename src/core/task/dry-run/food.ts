// Faults of ingredients: used and not listed, listed and not used, amounts that do not add up, not ready, not rinsed.
import { Fraction, showQuantity, toFraction, toQuantity } from '../../amount/quantity';
import { convertUnit, showAmount } from '../../amount/units';
import { findFood } from '../../recipe/food';
import { readAmount } from '../../recipe/line-amount';
import { preparationVerb } from '../../recipe/preparation';
import type { Ingredient } from '../../recipe/recipe';
import { findTechnique, kindOf } from '../../technique/lexicon';
import { knownFoods, unlistedFoods } from '../mentions';
import type { Step, TaskAnalysis, Use } from '../model';
import type { Finding, Mend, Snapshot } from './model';
import { isGather } from './simulate';

const CUTS = new Set(['slice', 'dice', 'chop', 'halve', 'trim', 'grate', 'snip', 'tear']);
const HEATS = new Set(['heat-pan', 'fry', 'cook', 'boil', 'simmer', 'melt']);
/** Work on an ingredient by itself: it is got ready, not used yet. */
const READIES = new Set([
  'measure',
  'weigh',
  'rinse',
  'peel',
  'peel-by-hand',
  'open-can',
  'drain',
  'crack-egg',
  'juice',
  'crush-garlic',
  'boil-kettle',
  ...CUTS,
]);
const INTO = new Set(['add', 'mix', 'beat', 'fold', 'pour', 'sprinkle', 'toss', 'spoon', 'blend']);

export function ingredientFindings({ steps, ingredients, title }: TaskAnalysis): Finding[] {
  const found: Finding[] = [];
  const usesOf = ingredients.map((): { step: Step; use: Use }[] => []);
  for (const step of steps)
    if (!isGather(step)) for (const use of step.uses) if (use.ingredient !== null) usesOf[use.ingredient]?.push({ step, use });
  ingredients.forEach((one, i) => {
    const uses = usesOf[i]!;
    const onlyReadied = uses.every(
      (u) => READIES.has(kindOf(u.step.technique)) && !/\b(?:over|into|on)\b/.test(u.step.text) && u.step.sourceLine === null,
    );
    if (onlyReadied && !one.optional)
      found.push({
        code: 'listed-not-used',
        stepKey: null,
        about: one.item,
        message: `${one.item} is listed but no step uses it.`,
        mend: `Add a step that uses ${one.item}, or take it off the list.`,
        fix: {
          kind: 'insert',
          before: beforeServing(steps),
          text: `Add the ${lower(one.item)}.`,
          technique: 'add',
          ingredient: i,
          into: lastContainer(steps),
        },
      });
    found.push(
      ...amountFindings(
        one,
        i,
        uses.filter((u) => !READIES.has(kindOf(u.step.technique))),
        steps.slice(steps.findIndex((s) => uses.some((u) => u.step === s)) + 1).some((s) => s.technique === 'repeat'),
      ),
    );
  });
  const seen = new Set<string>();
  const known = knownFoods(ingredients, title);
  // a step of the recipe or of a person; what the program adds names only what is listed
  const said = steps.filter((s) => s.sourceLine !== null || (s.uses.length === 0 && ['prepare', 'cook', 'serve'].includes(s.phase)));
  for (const step of said)
    for (const food of unlistedFoods(step.text, known)) {
      if (seen.has(food)) continue;
      seen.add(food);
      found.push({
        code: 'used-not-listed',
        stepKey: step.key,
        about: food,
        message: `This step uses ${food}, which is not on the list of ingredients.`,
        mend: `Add ${food} to the ingredients.`,
        fix: null,
      });
    }
  return found;
}

const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);
const beforeServing = (steps: Step[]) => steps.find((s) => s.phase === 'serve')?.key ?? null;
const lastContainer = (steps: Step[]) => [...steps].reverse().find((s) => s.into && kindOf(s.technique) === 'add')?.into ?? null;

function amountFindings(one: Ingredient, index: number, uses: { step: Step; use: Step['uses'][number] }[], repeats: boolean): Finding[] {
  const listed = one.min ? toFraction(one.min) : null;
  const most = one.max ? toFraction(one.max) : listed;
  // "pour the oil in" and then "heat the oil" speak of one helping
  const parts = uses.filter((u, i) => {
    const before = uses[i - 1];
    const again = before && HEATS.has(kindOf(u.step.technique)) && before.use.quantity === u.use.quantity && before.use.unit === u.use.unit;
    return u.use.quantity !== null && !again;
  });
  if (!listed || !most || parts.length < 2) return [];
  // the same thing named again, whole, is no second helping
  const whole = parts.filter((p) => p.use.quantity === one.min && p.use.unit === one.unit).length;
  if (whole === parts.length || (whole > 0 && parts.length - whole <= 1)) return [];
  const inUnit = parts.map(({ use }) =>
    use.unit === one.unit ? use.quantity : use.unit && one.unit ? convertUnit(use.quantity!, use.unit, one.unit) : null,
  );
  if (inUnit.some((q) => q === null)) return [];
  const sum = inUnit.reduce((n, q) => n.add(toFraction(q!)!), new Fraction(0));
  if (sum.compare(listed) >= 0 && sum.compare(most) <= 0) return [];
  // "a little oil" may be all that is missing, and "repeat the layers" takes what is left; too much is too much
  const open = repeats || uses.some((u) => u.use.quantity === null);
  if (open && sum.compare(listed) < 0) return [];
  if (sum.compare(most) > 0 && isWithinExtra(one, sum.sub(most))) return [];
  const last = parts.at(-1)!;
  const others = sum.sub(toFraction(inUnit.at(-1)!)!);
  const left = listed.sub(others);
  const fix: Mend | null =
    left.compare(0) > 0 && last.use.unit === one.unit
      ? { kind: 'amount', key: last.step.key, ingredient: index, quantity: toQuantity(left) }
      : null;
  return [
    {
      code: 'amount-mismatch',
      stepKey: last.step.key,
      about: one.item,
      message: `The steps use ${showAmount(toQuantity(sum), one.unit)} of ${one.item} in all; the list says ${showAmount(one.min!, one.unit)}.`,
      mend: fix ? `Use ${showQuantity(toQuantity(left))} here, what is left.` : 'Change the amount in the list or in the step.',
      fix,
    },
  ];
}

/** "2 tbsp sugar + 1 tsp to sprinkle", "plus extra for dusting": the list says itself that there is more, and how much where it does. */
function isWithinExtra(one: Ingredient, over: Fraction): boolean {
  const extra = one.notes.map((n) => /^(?:plus|\+)\s*(.*)$/i.exec(n)?.[1]).find((n) => n !== undefined);
  if (extra === undefined) return false;
  const amount = readAmount(extra);
  if (!amount) return true;
  const inUnit =
    amount.unit === one.unit ? amount.quantity : amount.unit && one.unit ? convertUnit(amount.quantity, amount.unit, one.unit) : null;
  return inUnit !== null && toFraction(inUnit)!.compare(over) >= 0;
}

/** Is everything that a step uses ready for it? */
export function preparationFindings({ steps, ingredients }: TaskAnalysis, shots: readonly Snapshot[]): Finding[] {
  const found: Finding[] = [];
  const told = new Set<string>();
  const wantedOf = ingredients.map((one) => one.preparation.map((work) => ({ work, wanted: workOf(work, one) })));
  const tell = (
    code: 'not-prepared' | 'not-rinsed',
    step: Step,
    index: number,
    message: string,
    mend: string,
    technique: string,
    text: string,
    into: string | null = null,
  ) => {
    if (told.has(`${code}${index}${technique}`)) return;
    told.add(`${code}${index}${technique}`);
    found.push({
      code,
      stepKey: step.key,
      about: ingredients[index]!.item,
      message,
      mend,
      fix: { kind: 'insert', before: step.key, text, technique, ingredient: index, into },
    });
  };
  steps.forEach((step, at) => {
    if (isGather(step)) return;
    const kind = kindOf(step.technique);
    for (const { ingredient: i } of step.uses) {
      const one = i === null ? undefined : ingredients[i];
      if (i === null || !one) continue;
      const food = findFood(one.item);
      const the = `the ${lower(one.item)}`;
      const done = new Set(shots[at - 1]?.done[i] ?? []);
      if (one.unit === 'can' && !done.has('open-can') && kind !== 'open-can')
        tell(
          'not-prepared',
          step,
          i,
          `The can of ${one.item} has not been opened yet.`,
          `Open the can of ${one.item} first.`,
          'open-can',
          `Open the can of ${lower(one.item)}.`,
        );
      if (
        food?.raw === 'egg' &&
        one.unit === null &&
        !done.has('crack-egg') &&
        // boiled in its shell, it is peeled afterwards
        !steps.some((s) => s.technique === 'peel-by-hand' && /\beggs?\b/i.test(s.text)) &&
        !/boiled|white|yolk/i.test(one.item) &&
        ['add', 'mix', 'beat', 'fold', 'pour'].includes(kind)
      )
        tell(
          'not-prepared',
          step,
          i,
          `No step before this cracks the ${one.item}.`,
          `Crack ${the} into a small bowl first.`,
          'crack-egg',
          `Crack ${the} into a small bowl.`,
          'small-bowl',
        );
      if (
        isFresh(one) &&
        !done.has('rinse') &&
        food?.category !== 'citrus' &&
        !done.has('peel-by-hand') &&
        (CUTS.has(kind) || ['add', 'sprinkle', 'serve'].includes(kind))
      )
        tell(
          'not-rinsed',
          step,
          i,
          `No step before this rinses the ${one.item}.`,
          `Rinse the ${one.item} under cold water first.`,
          'rinse',
          `Rinse ${the} under cold water.`,
        );
      if (INTO.has(kind) && step.sourceLine !== null)
        for (const { work, wanted } of wantedOf[i]!) {
          if (!wanted || done.has(kindOf(wanted)) || doneLater(steps, at, i, wanted) || covered(wanted, done)) continue;
          tell(
            'not-prepared',
            step,
            i,
            `The list says “${work}”, and no step before this does it to ${the}.`,
            `Do that first.`,
            wanted,
            `${cap(preparationVerb(work)!)} ${the}.`,
          );
        }
    }
  });
  return found;
}

const cap = (word: string) => word.charAt(0).toUpperCase() + word.slice(1);

/** Fresh produce and dry pulses, which are rinsed first (FDA). */
function isFresh(one: Ingredient): boolean {
  const food = findFood(one.item);
  return (
    food?.rinse !== undefined &&
    one.unit !== 'can' &&
    (food.rinse === 'sieve' || !/frozen|canned|tinned|powder|cooked|dried/i.test(one.item))
  );
}

// Work whose lack is a fault that can be seen; "packed" or "at room temperature" is none.
const SEEN = new Set([
  'drain',
  'peel',
  'grate',
  'melt',
  'slice',
  'dice',
  'chop',
  'mash',
  'crack-egg',
  'juice',
  'halve',
  'crush-garlic',
  'trim',
]);

/** The technique that a phrase of preparation asks for, where its lack can be seen. */
function workOf(phrase: string, one: Ingredient): string | null {
  const verb = preparationVerb(phrase);
  // its water, not its juice
  if (/squeezed dry/i.test(phrase)) return null;
  const food = findFood(one.item);
  const about = new Set([food?.id ?? '', food?.category ?? '', ...one.item.toLowerCase().split(/\s+/)]);
  const technique = verb ? findTechnique([verb], about) : null;
  return technique && SEEN.has(kindOf(technique.id)) ? technique.id : null;
}

/** Any cut does for any other that was asked for: a person may slice what the list wants chopped. */
const covered = (wanted: string, done: ReadonlySet<string>) =>
  (CUTS.has(kindOf(wanted)) && [...CUTS, 'crush-garlic', 'mash'].some((c) => done.has(c))) ||
  (kindOf(wanted) === 'peel' && done.has('peel-by-hand')) ||
  (kindOf(wanted) === 'melt' && [...HEATS, 'microwave'].some((h) => done.has(h))) ||
  (kindOf(wanted) === 'drain' && done.has('drain-hot'));

/** Some things are cut in the pan or on the plate: where a later step does it, nothing is wrong here. */
const doneLater = (steps: readonly Step[], at: number, ingredient: number, wanted: string) =>
  steps.slice(at).some((s) => kindOf(s.technique) === kindOf(wanted) && s.uses.some((u) => u.ingredient === ingredient));
