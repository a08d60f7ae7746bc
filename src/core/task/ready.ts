// What has to happen to an ingredient before its first use: rinse, peel, cut, open, crack, squeeze, measure.
import { itemName } from '../recipe/item-name';
import { type Act, kindHas, kindsWith } from '../technique/works';
import { table } from '../amount/table';
import { Fraction, showQuantity, toFraction } from '../amount/quantity';
import { findFood, foodIs, singular } from '../recipe/food';
import { partOfWork, preparationVerb } from '../recipe/preparation';
import type { Ingredient } from '../recipe/recipe';
import { findTechnique, kindOf, worksById } from '../technique/lexicon';
import type { Hazard } from '../technique/model';
import { toolById } from '../technique/tools';
import { type Draft, rawHazard, useOf } from '../plan/draft';
import { cansOf } from '../plan/naming';

/** "the carrots": an ingredient as a step names it. Its case is kept only where the line has it inside a word. */
export function nameOf(one: Ingredient): string {
  const item = one.item.replace(/^(?:thumb|finger|fingertip|inch)[- ]?(?:sized?|long|tip)?\s+(?:piece|knob|chunk|bit)s?\s+(?:of\s+)?/i, '');
  return itemName(item);
}

// Preparation that is done long before the lesson or is part of the thing: not a step of this lesson.
const NOT_A_STEP = new Set(['cook', 'boil', 'pack', 'dry', 'press', 'shell']);

const COOLS: ReadonlySet<Act> = new Set(['cool', 'chill']);

/** What the method itself does to each ingredient, so that it is not done twice: "3:dice". */
export type Explicit = ReadonlySet<string>;

/** Steps that make one ingredient ready, in order, without measuring it. */
export function readySteps(ingredients: readonly Ingredient[], index: number, explicit: Explicit): Draft[] {
  const one = ingredients[index]!;
  const food = findFood(one.item);
  const name = nameOf(one);
  const the = `the ${name}`;
  const uses = [useOf(ingredients, index)];
  const raw = rawHazard(one);
  const base = { sourceLine: null, uses, thing: the, name };
  const hazards: Hazard[] = raw && raw !== 'raw-flour' && raw !== 'raw-egg' ? [raw] : [];
  const done = (technique: string) => explicit.has(`${index}:${kindOf(technique)}`);
  const steps: Draft[] = [];
  // "cooked and cooled": all of it was done before
  const comesDone = one.preparation.some((phrase) => NOT_A_STEP.has(preparationVerb(phrase) ?? '') && !partOfWork(phrase));
  const work = one.preparation.flatMap((phrase) =>
    workOf(phrase, one).filter(({ technique }) => !(comesDone && COOLS.has(worksById(technique).act))),
  );
  const cut = work.some((w) => kindHas(kindOf(w.technique), 'pieces')) || kindsWith('pieces').some(done);

  if (one.unit === 'can' && !done('open-can'))
    steps.push({ ...base, technique: 'open-can', text: `Open ${cansOf(one)} of ${name}.`, thing: `${cansOf(one)} of ${name}` });
  const fresh =
    food?.rinse && one.unit !== 'can' && (food.rinse === 'sieve' || !/frozen|canned|tinned|dried|powder|cooked/i.test(one.item));
  if (fresh && !done('rinse') && !work.some((w) => kindOf(w.technique) === 'rinse'))
    steps.push({
      ...base,
      technique: 'rinse',
      text:
        food.form === 'grain' || food.rinse === 'sieve' ? `Rinse ${the} in a sieve under cold water.` : `Rinse ${the} under cold water.`,
      tools: food.form === 'grain' || food.rinse === 'sieve' ? ['tap', 'sieve'] : ['tap'],
    });
  if (
    food &&
    foodIs(food, 'skinned') &&
    (cut || (food.id !== 'banana' && !/\bskins?\b|unpeeled/i.test(one.text))) &&
    !done('peel-by-hand') &&
    !done('peel') &&
    !work.some((w) => w.technique.startsWith('peel')) &&
    one.unit !== 'can' &&
    !/powder/i.test(name)
  )
    steps.push({ ...base, technique: 'peel-by-hand', text: `Peel ${the}.` });
  const halfOne =
    one.unit === null &&
    one.min !== null &&
    toFraction(one.min)!.compare(1) < 0 &&
    !work.some((w) => kindOf(w.technique) === 'juice' || kindOf(w.technique) === 'halve');
  if (halfOne && food?.form === 'whole' && ['fruit', 'vegetable'].includes(food.group))
    steps.push({
      ...base,
      technique: 'halve',
      text: toFraction(one.min!)!.equals(new Fraction(1, 2))
        ? `Cut ${the} in half. Use one half.`
        : `Cut off ${showQuantity(one.min!)} of ${the}.`,
      into: 'board',
      name: `part-${name}`,
    });
  for (const w of work) {
    // "topped and tailed" is one piece of work
    if (done(w.technique) || steps.some((s) => s.text === w.text)) continue;
    if (kindOf(w.technique) === 'juice') {
      steps.push({
        ...base,
        technique: 'halve',
        text: `Cut ${/^\d/.test(w.of ?? '') ? w.of : the} in half.`,
        into: 'board',
        name: `half-${name}`,
      });
      const amount = w.of ?? (one.min && !toFraction(one.min)!.equals(1) ? `${showQuantity(one.min)} ${name}` : the);
      steps.push({ ...base, technique: 'juice', text: `Squeeze the juice of ${amount} into a small bowl.`, into: 'small-bowl' });
      continue;
    }
    if (kindOf(w.technique) === 'rinse' && (one.unit === 'can' || food?.form === 'grain')) {
      steps.push({ ...base, technique: 'rinse', text: `Rinse ${the} in a sieve under cold water.`, tools: ['tap', 'sieve'] });
      continue;
    }
    steps.push({
      ...base,
      technique: w.technique,
      text: w.text,
      hazards: food?.choking ? [...hazards, 'choking'] : hazards,
      into: w.into ?? (kindHas(kindOf(w.technique), 'pieces') ? 'board' : null),
      ...(w.waiting ? { minutes: { waiting: w.waiting } } : {}),
      ...(w.tools ? { tools: w.tools } : {}),
    });
  }
  const half = food?.raw === 'egg' && one.unit === null ? /\b(yolk|white)s?\b/i.exec(one.item)?.[1]?.toLowerCase() : undefined;
  if (half && !done('separate-egg') && !/carton|liquid|pasteuri/i.test(one.text)) {
    const count = one.min ? toFraction(one.min)!.toFraction() : '1';
    steps.unshift({
      ...base,
      technique: 'separate-egg',
      text: count === '1' ? `Separate an egg: keep the ${half}.` : `Separate ${count} eggs, one at a time: keep the ${half}s.`,
      hazards: ['raw-egg'],
      into: 'small-bowl',
    });
  }
  if (
    food?.raw === 'egg' &&
    one.unit === null &&
    !done('crack-egg') &&
    !/white|yolk|boiled/i.test(one.item) &&
    !work.some((w) => kindOf(w.technique) === 'crack-egg')
  ) {
    const at = steps.findIndex((s) => kindOf(s.technique) === 'beat' || kindOf(s.technique) === 'mix');
    const crack = crackStep(one, uses, name);
    if (at < 0) steps.push(crack);
    else steps.splice(at, 0, crack);
  }
  return steps;
}

function crackStep(one: Ingredient, uses: Draft['uses'], name: string): Draft {
  const count = one.min ? toFraction(one.min)! : new Fraction(1);
  const many = count.compare(1) > 0;
  return {
    sourceLine: null,
    technique: 'crack-egg',
    uses,
    name,
    thing: many ? 'an egg' : 'the egg',
    into: 'small-bowl',
    tools: ['small-bowl'],
    text: many ? `Crack ${showQuantity(count.toFraction())} eggs into a small bowl, one at a time.` : 'Crack the egg into a small bowl.',
    demands: many ? ['count'] : [],
    minutes: { active: 0.7 * Math.ceil(count.valueOf()) },
  };
}

/** Work of the list that needs heat brings its own ring, on and off. */
function onRing(pan: string, work: Work): Work[] {
  const name = toolById(pan)!.name;
  return [
    { technique: 'hob-on', text: `Turn on the hob under the ${name}, low heat.`, tools: ['hob', pan], into: pan },
    { ...work, tools: [pan, 'hob'], into: pan },
    { technique: 'turn-off', text: `Turn off the hob under the ${name}.`, tools: ['hob'] },
  ];
}

type Work = { technique: string; text: string; waiting?: number; of?: string; tools?: string[]; into?: string };

/** "1 lime" of the limes, "half the lemon", "the rest of the lemon". */
const shareOf = (share: string, name: string): string =>
  /\d/.test(share)
    ? `${share} ${share === '1' ? name.split(' ').map(singular).join(' ') : name}`
    : share === 'half'
      ? `half the ${name}`
      : `the ${share.replace(/^the /, '')} of the ${name}`;

/** A phrase of preparation as a technique and its words: "cut into strips" -> slice, "Cut the chicken into strips." */
function workOf(said: string, one: Ingredient): Work[] {
  // "1 juiced, 1 cut into wedges": each for so many of them
  const part = partOfWork(said);
  const phrase = part?.work ?? said;
  const of = part && shareOf(part.share, nameOf(one));
  const the = of ?? `the ${nameOf(one)}`;
  if (/room temperature/i.test(phrase)) return [{ technique: 'wait', text: `Leave ${the} out until it is not cold.`, waiting: 20 }];
  if (/^juiced$/i.test(phrase)) return [{ technique: 'juice', text: '', ...(of ? { of } : {}) }];
  const verb = preparationVerb(phrase);
  if (!verb || NOT_A_STEP.has(verb)) return [];
  if (verb === 'soften') return [{ technique: 'wait', text: `Leave ${the} out until it is soft.`, waiting: 20 }];
  if (verb === 'separate') return [];
  const words = phrase.toLowerCase().split(/\s+/);
  const at = words.findIndex((w) => preparationVerb(w));
  const tail = words
    .slice(at + 1)
    .join(' ')
    .replace(/^(?:and|then)\b.*$/, '')
    .replace(/\band\b.*$/, '')
    .trim();
  const how = words
    .slice(0, at)
    .filter((w) => w.endsWith('ly'))
    .join(' ');
  const about = new Set([findFood(one.item)?.id ?? '', findFood(one.item)?.category ?? '', ...one.item.toLowerCase().split(/\s+/)]);
  const technique =
    verb === 'crush' && !about.has('garlic')
      ? findTechnique(['mash'], about)
      : verb === 'warm'
        ? findTechnique(['heat'], about)
        : findTechnique([...verb.split(' '), ...tail.split(' ')], about);
  if (!technique) return [];
  if (verb === 'julienne') return [{ technique: 'cut-strips', text: `Cut ${the} into thin strips.` }];
  if (verb === 'quarter') return [{ technique: technique.id, text: `Cut ${the} into quarters${tail ? `, ${tail}` : ''}.` }];
  if (verb === 'halve') return [{ technique: technique.id, text: `Cut ${the} in half${tail ? `, ${tail}` : ''}.` }];
  if (verb === 'spread') return [{ technique: technique.id, text: `Spread butter on ${the}.` }];
  if (verb === 'zest') return [{ technique: technique.id, text: `Grate the skin of ${the} with the grater.` }];
  if (verb === 'melt') return onRing('saucepan', { technique: 'melt', text: `Melt ${the} in the saucepan.` });
  if (verb === 'toast') return onRing('frying-pan', { technique: 'toast-dry', text: `Toast ${the} in the dry frying pan.` });
  // in words that say what is seen done
  const plain = table<string>({
    seed: `Take the seeds out of ${the}.`,
    core: `Cut the core out of ${the}.`,
    pit: `Take the stone out of ${the}.`,
    hull: `Take the stalk off ${the}.`,
    'pat dry': `Pat ${the} dry.`,
  });
  const seen = plain.get(verb);
  if (seen) return [{ technique: technique.id, text: seen }];
  if (/squeezed dry/i.test(phrase)) return [{ technique: 'squeeze-out', text: `Squeeze the water out of ${the}.` }];
  if (verb === 'break') return [{ technique: 'tear', text: `Break up ${the}.` }];
  const cap = verb.charAt(0).toUpperCase() + verb.slice(1);
  const waiting = technique.minutes.waiting;
  return [
    { technique: technique.id, text: `${cap} ${the}${tail ? ` ${tail}` : ''}${how ? ` ${how}` : ''}.`, ...(waiting ? { waiting } : {}) },
  ];
}
