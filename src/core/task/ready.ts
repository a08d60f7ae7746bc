// What has to happen to an ingredient before its first use: rinse, peel, cut, open, crack, squeeze, measure.
import { isBoughtSo } from '../kitchen/forms';
import { itemName } from '../recipe/item-name';
import { type Act, kindHas, kindsWith } from '../technique/works';
import { table } from '../amount/table';
import { Fraction, showQuantity, toFraction } from '../amount/quantity';
import { findFood, foodIs, singular } from '../recipe/food';
import { partOfWork, preparationVerb } from '../recipe/preparation';
import type { Ingredient } from '../recipe/recipe';
import { findTechnique, kindOf, techniqueById, worksById } from '../technique/lexicon';
import type { Hazard } from '../technique/model';
import { toolById } from '../technique/tools';
import { type Draft, rawHazard, useOf } from '../plan/draft';
import { kindOfUnit } from '../amount/units';
import { cansOf } from '../plan/naming';

/** "the carrots": an ingredient as a step names it. Its case is kept only where the line has it inside a word. */
export function nameOf(one: Ingredient): string {
  const item = one.item.replace(
    /^(?:(?:(?:thumb|finger|fingertip|inch)[- ]?(?:sized?|long|tip)?|small|large|big|good)\s+)?(?:piece|knob|chunk|bit)s?\s+(?:of\s+)?(?=\p{L}{3})/iu,
    '',
  );
  return itemName(item);
}

// Preparation that is done long before the lesson or is part of the thing: not a step of this lesson.
const NOT_A_STEP = new Set(['cook', 'boil', 'pack', 'dry', 'press', 'shell']);

const COOLS: ReadonlySet<Act> = new Set(['cool', 'chill']);

/** What the method itself does to each ingredient, so that it is not done twice: "3:dice". */
export type Explicit = ReadonlySet<string>;

/** What is known of an ingredient that is made ready: `done` is what the method does to it itself. */
type Raw = {
  one: Ingredient;
  food: ReturnType<typeof findFood>;
  name: string;
  the: string;
  base: Pick<Draft, 'sourceLine' | 'uses' | 'name'> & { thing: string };
  work: Work[];
  done: (technique: string) => boolean;
};

/** Steps that make one ingredient ready, in order, without measuring it. */
export function readySteps(ingredients: readonly Ingredient[], index: number, explicit: Explicit): Draft[] {
  const one = ingredients[index]!;
  const name = nameOf(one);
  // "cooked and cooled": all of it was done before
  const comesDone = one.preparation.some((phrase) => NOT_A_STEP.has(preparationVerb(phrase) ?? '') && !partOfWork(phrase));
  const raw: Raw = {
    one,
    food: findFood(one.item),
    name,
    the: `the ${name}`,
    base: { sourceLine: null, uses: [useOf(ingredients, index)], thing: `the ${name}`, name },
    work: one.preparation.flatMap((phrase) =>
      workOf(phrase, one).filter(({ technique }) => !(comesDone && COOLS.has(worksById(technique).act)) && !isBoughtSo(one, technique)),
    ),
    done: (technique) => explicit.has(`${index}:${kindOf(technique)}`),
  };
  const steps = [...opened(raw), ...rinsed(raw), ...peeled(raw), ...partTaken(raw)];
  for (const w of raw.work)
    // "topped and tailed" is one piece of work
    if (!raw.done(w.technique) && !steps.some((s) => s.text === w.text)) steps.push(...worked(raw, w));
  return withEggs(raw, [...steps, ...partOfCan(raw)]);
}

/** "600 g tinned peaches": weighed, and out of a tin all the same. */
const isTinned = (one: Ingredient): boolean => kindOfUnit(one.unit) === 'mass' && /^(?:tinned|canned)\b/i.test(one.item);

const tinOf = (one: Ingredient): string => (one.unit === 'can' ? cansOf(one) : 'the tin');

const opened = ({ one, name, base, done }: Raw): Draft[] =>
  (one.unit === 'can' || isTinned(one)) && !done('open-can')
    ? [{ ...base, technique: 'open-can', text: `Open ${tinOf(one)} of ${name}.`, thing: `${tinOf(one)} of ${name}` }]
    : [];

function rinsed({ one, food, the, base, work, done }: Raw): Draft[] {
  const isFresh = one.unit !== 'can' && (food?.rinse === 'sieve' || !/frozen|canned|tinned|dried|powder|cooked/i.test(one.item));
  if (!food?.rinse || !isFresh || done('rinse') || work.some((w) => kindOf(w.technique) === 'rinse')) return [];
  const sieve = food.form === 'grain' || food.rinse === 'sieve';
  const text = sieve ? `Rinse ${the} in a sieve under cold water.` : `Rinse ${the} under cold water.`;
  return [{ ...base, technique: 'rinse', text, tools: sieve ? ['tap', 'sieve'] : ['tap'] }];
}

/** By hand, as a banana: only what is cut, or is not eaten with its skin. */
function peeled({ one, food, name, the, base, work, done }: Raw): Draft[] {
  if (!food || !foodIs(food, 'skinned') || one.unit === 'can' || /powder/i.test(name)) return [];
  const isCut = work.some((w) => kindHas(kindOf(w.technique), 'pieces')) || kindsWith('pieces').some(done);
  const keepsSkin = !isCut && (food.id === 'banana' || /\bskins?\b|unpeeled/i.test(one.text));
  if (keepsSkin || done('peel-by-hand') || done('peel') || work.some((w) => w.technique.startsWith('peel'))) return [];
  return [{ ...base, technique: 'peel-by-hand', text: `Peel ${the}.` }];
}

/** "½ onion": a part of a whole thing is cut off. */
function partTaken({ one, food, name, the, base, work }: Raw): Draft[] {
  if (one.unit !== null || one.min === null || food?.form !== 'whole' || !['fruit', 'vegetable'].includes(food.group)) return [];
  const amount = toFraction(one.min)!;
  if (amount.compare(1) >= 0 || work.some((w) => ['juice', 'halve'].includes(kindOf(w.technique)))) return [];
  const text = amount.equals(new Fraction(1, 2)) ? `Cut ${the} in half. Use one half.` : `Cut off ${showQuantity(one.min)} of ${the}.`;
  return [{ ...base, technique: 'halve', text, into: 'board', name: `part-${name}` }];
}

const PART_WORDS = table<string>({ '1/2': 'half', '1/3': 'a third', '2/3': 'two thirds', '1/4': 'a quarter', '3/4': 'three quarters' });

/** "½ tin of beans": what is not wanted stays in the tin. */
function partOfCan({ one, name, base }: Raw): Draft[] {
  const part = one.unit === 'can' && one.min !== null ? PART_WORDS.get(toFraction(one.min)!.toFraction()) : undefined;
  if (part === undefined) return [];
  return [
    {
      ...base,
      technique: 'measure',
      text: `Spoon ${part} of the ${name} into a small bowl.`,
      tools: ['spoon', 'small-bowl'],
      into: 'small-bowl',
      small: [
        'Put the can beside the bowl.',
        `Spoon the ${name} out until ${part} is in the bowl.`,
        'Put the rest in a box in the fridge.',
      ],
    },
  ];
}

/** Garlic that goes through a press lies on no board. */
const usesBoard = (id: string) => !(techniqueById(id)?.tools ?? []).includes('garlic-press');

/** One piece of work that the list asks for. */
function worked({ one, food, name, the, base }: Raw, w: Work): Draft[] {
  if (kindOf(w.technique) === 'juice') {
    const amount = w.of ?? (one.min && !toFraction(one.min)!.equals(1) ? `${showQuantity(one.min)} ${name}` : the);
    const whole = /^\d/.test(w.of ?? '') ? w.of : the;
    return [
      { ...base, technique: 'halve', text: `Cut ${whole} in half.`, into: 'board', name: `half-${name}` },
      { ...base, technique: 'juice', text: `Squeeze the juice of ${amount} into a small bowl.`, into: 'small-bowl' },
    ];
  }
  if (kindOf(w.technique) === 'rinse' && (one.unit === 'can' || food?.form === 'grain'))
    return [{ ...base, technique: 'rinse', text: `Rinse ${the} in a sieve under cold water.`, tools: ['tap', 'sieve'] }];
  const raw = rawHazard(one);
  const hazards: Hazard[] = raw && raw !== 'raw-flour' && raw !== 'raw-egg' ? [raw] : [];
  return [
    {
      ...base,
      technique: w.technique,
      text: w.text,
      hazards: food?.choking ? [...hazards, 'choking'] : hazards,
      into: w.into ?? (kindHas(kindOf(w.technique), 'pieces') && usesBoard(w.technique) ? 'board' : null),
      ...(w.waiting ? { minutes: { waiting: w.waiting } } : {}),
      ...(w.tools ? { tools: w.tools } : {}),
    },
  ];
}

/** Eggs come in their shells: cracked before they are beaten, and a yolk is parted from its white. */
function withEggs({ one, food, name, base, work, done }: Raw, steps: Draft[]): Draft[] {
  if (food?.raw !== 'egg' || one.unit !== null) return steps;
  const half = /\b(yolk|white)s?\b/i.exec(one.item)?.[1]?.toLowerCase();
  if (half && !done('separate-egg') && !/carton|liquid|pasteuri/i.test(one.text)) {
    const count = one.min ? toFraction(one.min)!.toFraction() : '1';
    const text = count === '1' ? `Separate an egg: keep the ${half}.` : `Separate ${count} eggs, one at a time: keep the ${half}s.`;
    return [{ ...base, technique: 'separate-egg', text, hazards: ['raw-egg'], into: 'small-bowl' }, ...steps];
  }
  if (done('crack-egg') || /white|yolk|boiled/i.test(one.item) || work.some((w) => kindOf(w.technique) === 'crack-egg')) return steps;
  const at = steps.findIndex((s) => kindOf(s.technique) === 'beat' || kindOf(s.technique) === 'mix');
  return steps.toSpliced(at < 0 ? steps.length : at, 0, crackStep(one, base.uses, name));
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
