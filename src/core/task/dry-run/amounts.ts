// Faults of the list: used and not listed, listed and not used, amounts that do not add up.
import { findFood } from '../../recipe/food';
import { Fraction, showQuantity, toFraction, toQuantity } from '../../amount/quantity';
import { convertUnit, showAmount } from '../../amount/units';
import { readAmount } from '../../recipe/line-amount';
import type { Ingredient } from '../../recipe/recipe';
import { kindOf, techniqueById } from '../../technique/lexicon';
import { toolById } from '../../technique/tools';
import { worksOf } from '../../technique/works';
import { madeIn } from '../made-said';
import { knownFoods, unlistedFoods } from '../unlisted-foods';
import { useOf } from '../../plan/draft';
import type { Step, TaskAnalysis, Use } from '../../plan/model';
import { isGather, type Finding, type Mend } from './model';

const isHeated = (step: Step) => worksOf(step.technique, techniqueById(step.technique ?? '')?.like).act === 'heat';
/** Work on an ingredient by itself: it is got ready, not used yet. */
const isReadied = (step: Step) =>
  ['ready', 'measure', 'drain', 'kettle'].includes(worksOf(step.technique, techniqueById(step.technique ?? '')?.like).act);

/** Milk measured in the jug in which eggs are then beaten: it is in already, and no step names it again. */
function isMixedInJug(steps: readonly Step[], step: Step): boolean {
  const jug = step.into ?? step.tools.find((id) => toolById(id)?.kind === 'container');
  const isJoined = (later: Step) =>
    later.into === jug && worksOf(later.technique, techniqueById(later.technique ?? '')?.like).act === 'join';
  return jug !== undefined && jug !== null && steps.slice(steps.indexOf(step) + 1).some(isJoined);
}

export function ingredientFindings({ steps, ingredients, title }: TaskAnalysis): Finding[] {
  const found: Finding[] = [];
  const usesOf = ingredients.map((): { step: Step; use: Use }[] => []);
  for (const step of steps)
    if (!isGather(step)) for (const use of step.uses) if (use.ingredient !== null) usesOf[use.ingredient]?.push({ step, use });
  ingredients.forEach((one, i) => {
    const uses = usesOf[i]!;
    const onlyReadied = uses.every((u) => isReadied(u.step) && !/\b(?:over|into|on)\b/.test(u.step.text) && u.step.sourceLine === null);
    // "water", with no amount: out of the tap
    const isTap = one.min === null && findFood(one.item)?.category === 'water';
    if (onlyReadied && !isTap && !one.optional && !uses.some((u) => isMixedInJug(steps, u.step)))
      found.push({
        code: 'listed-not-used',
        stepKey: null,
        about: one.item,
        message: `${one.item} is listed but no step uses it.`,
        mend: `Add a step that uses ${one.item}, or take it off the list.`,
        fix: {
          kind: 'insert',
          before: beforeServing(steps),
          steps: [
            {
              text: `Add the ${lower(one.item)}.`,
              technique: 'add',
              sourceLine: null,
              uses: [useOf(ingredients, i)],
              thing: `the ${lower(one.item)}`,
              into: lastContainer(steps),
            },
          ],
        },
      });
    found.push(
      ...amountFindings(
        one,
        i,
        uses.filter((u) => !isReadied(u.step)),
        steps.slice(steps.findIndex((s) => uses.some((u) => u.step === s)) + 1).some((s) => s.technique === 'repeat'),
      ),
    );
  });
  const seen = new Set<string>();
  const made = madeIn(steps.flatMap((s) => [s.text, ...s.cues.map((cue) => cue.text)]));
  const known = knownFoods(ingredients, `${title} ${made}`);
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
    const again = before && isHeated(u.step) && before.use.quantity === u.use.quantity && before.use.unit === u.use.unit;
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
  // the steak was tossed in flour and then fried in two halves: they are of that steak
  const partsOf = inUnit.filter((q) => q !== one.min).reduce((n, q) => n.add(toFraction(q!)!), new Fraction(0));
  if (whole === 1 && parts[0]!.use.quantity === one.min && partsOf.compare(most) <= 0) return [];
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
