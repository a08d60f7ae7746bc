// The forms that an ingredient has to have before it goes in: opened, cracked, rinsed, and what the list of ingredients asks for.
import { findTechnique, kindOf, worksById } from '../technique/lexicon';
import { kindHas, type Act } from '../technique/works';
import { findFood, foodIs } from '../recipe/food';
import { partOfWork, preparationVerb } from '../recipe/preparation';
import type { Ingredient } from '../recipe/recipe';
import { worksIn } from './objects';
import type { Known, Played, World } from './model';
import { lotsOf, vesselOf } from './world';

/** A form that is lacking, and the technique that gives it. */
export type FormLack = {
  fact: 'form';
  ingredient: number;
  form: 'opened' | 'cracked' | 'rinsed' | 'halved' | 'worked';
  technique: string;
  work: string | null;
};

/** Fresh produce and dry pulses are rinsed first (FDA). */
const isFresh = ({ one, food }: Known): boolean =>
  food?.rinse !== undefined &&
  one.unit !== 'can' &&
  (food.rinse === 'sieve' || !/frozen|canned|tinned|powder|cooked|dried/i.test(one.item));

const isCut = (technique: string) => worksById(technique).traits.has('blade');

/** The technique that a phrase of preparation asks for, where its lack can be seen; "packed" or "at room temperature" is none. */
function workOf(phrase: string, one: Ingredient): string | null {
  const verb = preparationVerb(phrase);
  // its water, not its juice; "half juiced": the other half goes in as it is
  if (!verb || /squeezed dry/i.test(phrase) || partOfWork(phrase)) return null;
  const food = findFood(one.item);
  const about = new Set([food?.id ?? '', food?.category ?? '', ...one.item.toLowerCase().split(/\s+/)]);
  const technique = findTechnique([verb], about);
  return technique && kindHas(kindOf(technique.id), 'shown') && !isBoughtSo(one, technique.id) ? technique.id : null;
}

/** Prawns that a list has "peeled", a fillet that it has "skinned": done where they are bought. */
export function isBoughtSo(one: Ingredient, technique: string): boolean {
  const { act, traits } = worksById(technique);
  return act === 'ready' && (traits.has('keeps') || traits.has('parts')) && foodIs(findFood(one.item), 'cleaned');
}

const WANTED = new WeakMap<Ingredient, { work: string; technique: string }[]>();
function wantedOf(one: Ingredient): { work: string; technique: string }[] {
  let wanted = WANTED.get(one);
  if (!wanted) {
    wanted = one.preparation.flatMap((work) => {
      const technique = workOf(work, one);
      return technique ? [{ work, technique }] : [];
    });
    WANTED.set(one, wanted);
  }
  return wanted;
}

/** Any cut does for any other that was asked for: a person may slice what the list wants chopped. */
function covers(done: ReadonlySet<string>, wanted: string): boolean {
  const kind = kindOf(wanted);
  if (done.has(kind)) return true;
  if (isCut(wanted) && kind !== 'peel' && (done.has('cut') || done.has('crush-garlic') || done.has('mash') || done.has('tear')))
    return true;
  if (kind === 'crush-garlic' && (done.has('cut') || done.has('mash'))) return true;
  if (kind === 'peel') return done.has('peel-by-hand');
  return kind === 'melt' && ['heat-pan', 'fry', 'cook', 'boil', 'simmer', 'microwave'].some((h) => done.has(h));
}

/** What the ingredients of a step lack before they go in. `rest`: the steps behind, since some things are cut in the pan or on the plate. */
export function formLacks(world: World, step: Played, rest: readonly Played[]): FormLack[] {
  const { act } = worksIn(step);
  if (act === 'fetch' || act === 'measure') return [];
  const found: FormLack[] = [];
  for (const { ingredient } of step.uses) {
    const known = world.ingredients[ingredient];
    const lack = known && formLackOf(known, formsOf(world, known.index), step, act, rest);
    if (lack) found.push(lack);
  }
  return found;
}

/** All work that was done to any of it. */
function formsOf(world: World, ingredient: number): Set<string> {
  const done = new Set<string>();
  for (const lot of lotsOf(world, ingredient)) for (const form of lot.forms) done.add(form);
  return done;
}

function formLackOf(known: Known, done: ReadonlySet<string>, step: Played, act: Act, rest: readonly Played[]): FormLack | null {
  const kind = kindOf(step.technique);
  const goesIn = act === 'put' || act === 'join';
  const lack = (form: FormLack['form'], technique: string, work: string | null = null): FormLack => ({
    fact: 'form',
    ingredient: known.index,
    form,
    technique,
    work,
  });
  const { one, food } = known;
  if (one.unit === 'can' && kind !== 'open-can' && !done.has('open-can')) return lack('opened', 'open-can');
  const isShut = goesIn && isShelled(known) && !done.has('crack-egg') && !IN_SHELL.some((form) => done.has(form));
  if (isShut && !isBoiled(rest, known.index, vesselOf(step))) return lack('cracked', 'crack-egg');
  const wantsClean = act === 'put' || act === 'serve' || (act === 'ready' && isCut(step.technique ?? '') && kind !== 'peel');
  const isUnwashed = wantsClean && isFresh(known) && food?.category !== 'citrus';
  if (isUnwashed && !done.has('rinse') && !done.has('peel-by-hand')) return lack('rinsed', 'rinse');
  // nobody squeezes a whole lemon
  const isWhole = food?.category === 'citrus' && one.unit === null && !CUT_OPEN.some((form) => done.has(form));
  if (kind === 'juice' && isWhole) return lack('halved', 'halve');
  if (!goesIn) return null;
  for (const { work, technique } of wantedOf(one))
    if (!covers(done, technique) && !isLater(rest, known.index, technique) && kindOf(technique) !== kind)
      return lack('worked', technique, work);
  return null;
}

const CUT_OPEN = ['cut', 'juice'];
const IN_SHELL = ['boil', 'simmer', 'cook', 'peel-by-hand'];
const isShelled = ({ one, food }: Known) => food?.raw === 'egg' && one.unit === null && !/boiled|white|yolk|liquid|carton/i.test(one.item);

/** Put into a pan and boiled before anything is stirred there, or peeled afterwards: it keeps its shell. */
function isBoiled(rest: readonly Played[], egg: number, vessel: string | null): boolean {
  if (rest.some((s) => s.technique === 'peel-by-hand' && [...s.uses.map((u) => u.ingredient), ...(s.about ?? [])].includes(egg)))
    return true;
  const next = rest.find((s) => vessel !== null && vesselOf(s) === vessel && ['heat', 'join'].includes(worksIn(s).act));
  return next !== undefined && worksIn(next).traits.has('wet');
}

const isLater = (rest: readonly Played[], ingredient: number, technique: string) =>
  rest.some((s) => kindOf(s.technique) === kindOf(technique) && s.uses.some((u) => u.ingredient === ingredient));
