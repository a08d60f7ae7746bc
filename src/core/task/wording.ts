// The words of steps, and the cues in them: verb first, then what, where, how long and until when.
import { Fraction, showQuantity, toFraction } from '../amount/quantity';
import { kindOfUnit, showAmount, type Unit } from '../amount/units';
import { table } from '../amount/table';
import { dialCelsius, ovenMarks } from '../amount/temperature';
import { lotsOf } from '../kitchen/index';
import { findFood, foodIs } from '../recipe/food';
import { capital } from '../recipe/method-lines';
import type { Ingredient } from '../recipe/recipe';
import type { Cue } from '../technique/model';
import { findTools, isVessel } from '../technique/tools';
import { minutesOfText } from '../amount/minutes';
import type { Mention } from './mentions';
import { nameOf } from './ready';
import { worksOf, type Act } from '../technique/works';
import type { Located, State } from './state';
import { isPan } from './vessels';
import { PARTICIPLE } from './locate';
import { hole } from './holes';
import { withObject } from './object-words';

/** Both marks as they stand on dials: every 10 °C, every 25 °F. */
export function dialMarks(heat: { celsius: number; fahrenheit: number; text: string }): string {
  // "350 degrees" says neither: it is Fahrenheit if that is the number it was read as
  const saidF = /f/i.test(heat.text.replace(/of/gi, '')) || Number(/\d+/.exec(heat.text)?.[0]) === heat.fahrenheit;
  const f = saidF ? heat.fahrenheit : Math.round(heat.fahrenheit / 25) * 25;
  return `${saidF ? dialCelsius(heat.celsius) : heat.celsius} °C (${f} °F)`;
}

/** A recipe for a fan oven: its own mark, and what a plain oven is turned to, about 20 °C higher (common practice). */
export function fanMarks(heat: { celsius: number }): string {
  const { celsius, fahrenheit } = ovenMarks(heat.celsius + 20);
  return `${heat.celsius} °C fan, or ${celsius} °C (${fahrenheit} °F) with no fan`;
}

export function theOf(state: State, mention: Mention): string {
  const one = state.recipe.ingredients[mention.ingredient]!;
  // "half the orange zest", with its juice in a bowl
  const isParted = one.preparation.includes('juiced') || isJuice(state, mention.ingredient);
  if (mention.says === 'zest' && isParted) return `${mention.part === 'rest' ? 'the rest of the' : 'the'} ${nameOf(one)} zest`;
  // both parts of it go in where nothing says which
  if (one.preparation.includes('juiced') && one.preparation.includes('zested'))
    return `the ${findFood(one.item)?.names[0] ?? nameOf(one)} ${mention.says ?? 'zest and juice'}`;
  if (one.preparation.includes('juiced')) return `the ${findFood(one.item)?.names[0] ?? nameOf(one)} juice`;
  if (one.preparation.includes('zested') && !/\bzest\b/i.test(one.item)) return `the ${findFood(one.item)?.names[0] ?? nameOf(one)} zest`;
  if (isJuice(state, mention.ingredient)) return `the ${nameOf(one)} juice`;
  if (mention.but === '') return `most of the ${nameOf(one)}`;
  if (mention.but) return `all but ${mention.but} of the ${nameOf(one)}`;
  if (mention.part === 'rest') return `the rest of the ${nameOf(one)}`;
  // "some chicken": a part of what comes in pieces
  if (mention.part === 'some' && mention.quantity === null)
    return findFood(one.item)?.form === 'whole' ? `some of the ${nameOf(one)}` : `a little ${nameOf(one)}`;
  // "a splash of oil", of a bottle
  if (isLittle(state, mention) && mention.unit !== null && mention.quantity === '1') return `a ${mention.unit} of ${nameOf(one)}`;
  // of sixteen prawns, two go into each roll
  if (mention.part === 'some' && mention.unit === null && one.unit === null && mention.quantity !== one.min)
    return `${showQuantity(mention.quantity!)} of the ${nameOf(one)}`;
  return shareOf(mention, one) ?? `the ${nameOf(one)}`;
}

const SHARES = table<string>({ '1/2': 'half', '1/3': 'a third', '2/3': 'two thirds', '1/4': 'a quarter', '3/4': 'three quarters' });

/** "Half of the coriander", of a bunch, "3 slices of the ham", of six: what no measure parts. Null where it is all of it, or measured. */
function shareOf({ part, quantity, unit }: Mention, one: Ingredient): string | null {
  if (part !== 'some' || quantity === null || unit === null || unit !== one.unit || kindOfUnit(unit) !== 'count' || !one.min) return null;
  const [some, all] = [toFraction(quantity), toFraction(one.min)];
  if (!some || !all || some.compare(all) >= 0) return null;
  const share = SHARES.get(some.div(all).toFraction());
  if (some.d === 1n && some.n > 1n) return `${showAmount(quantity, unit)} of the ${nameOf(one)}`;
  return share ? `${share} of the ${nameOf(one)}` : null;
}

/** "A little oil", "a splash of oil" of a bottle: the rest of it stays. */
export const isLittle = (state: State, m: Mention): boolean =>
  m.part === 'some' &&
  (m.quantity === null || (m.unit !== null && DASHES.has(m.unit) && state.recipe.ingredients[m.ingredient]!.min === null));
const DASHES: ReadonlySet<Unit> = new Set(['splash', 'dash', 'drizzle', 'pinch']);

/** A fruit that was squeezed goes in as its juice, though the list has the fruit. */
export const isJuice = (state: State, ingredient: number): boolean =>
  !/\bjuice\b/i.test(state.recipe.ingredients[ingredient]!.item) &&
  lotsOf(state.world, ingredient).some((lot) => lot.forms.has('juice') && !lot.joined);

export function sentence(text: string): string {
  const plain = text
    .replace(/\s+/g, ' ')
    .replace(/\s+([,.])/g, '$1')
    .replace(/[,;:\s]+$/, '')
    .trim();
  return plain ? capital(plain) + (/[.!?]$/.test(plain) ? '' : '.') : '';
}

/** "In a bowl, rub ..., then mix in the raisins": into the bowl, and not in a bowl once more. */
const isPlaceSaid = (rest: string, lead: string) => {
  const said = findTools(rest).map((found) => found.tool.id);
  const tools = findTools(lead).filter((found) => isVessel(found.tool.id));
  return tools.length > 0 && tools.every((found) => said.includes(found.tool.id));
};

const MELTS = /\bit(?:\s+(?:has|is))?(?:\s+(?:just|all))*\s+(melts?|melted)\b/i;

/** "Scatter the cheese on top and grill until it melts": it is the cheese, and not the toast. */
function meltedSaid(state: State, c: Located): string {
  const until = c.until!;
  const melts = (i: number | null) => i !== null && foodIs(findFood(state.recipe.ingredients[i]!.item), 'melts');
  if (!MELTS.test(until) || c.mentions.length > 0) return until;
  const last = state.steps.findLast((s) => (s.uses ?? []).length > 0)?.uses?.at(-1)?.ingredient ?? null;
  return melts(last) ? until.replace(MELTS, `the ${nameOf(state.recipe.ingredients[last!]!)} has melted`) : until;
}

/** What a person may do or leave. */
const CHOICE = /^if (?:using|you (?:like|want|wish)|liked|desired|wanted|wished|needed)\b/;

/**
 * The words of a step from the slots of its clause: verb, object, how, place, time, cue. Where the recipe leaves the object unsaid, or says only "it",
 * the words have a hole, which is filled with what the world has there when the step is done.
 */
export function wording(state: State, c: Located): string {
  const works = worksOf(c.technique?.id, c.technique?.like);
  let rest = c.rest
    .replace(PARTICIPLE, (beside) => TIME_BEHIND.exec(beside)?.[0].replace(/^ ?,/, '') ?? '')
    .replace(/(\d\s?(?:min\p{L}*|hours?|hrs?)) before you need (?:it|them)$/iu, '$1 before it is needed')
    .replace(PURPOSE, '')
    .replace(/\bsometimes\b/i, 'now and then')
    // "let it wilt before adding more"
    .replace(/\s+before(?:\s+adding\s+(?:any\s+more|more|the\s+next)(?:\s+\p{L}+)?)?$/iu, '');
  const seen = new Set<number>();
  for (const mention of [...c.mentions].sort((a, b) => b.at - a.at)) {
    if (mention.quantity && !isSomeOf(mention, state.recipe.ingredients[mention.ingredient]!) && !isLadled(state, mention, works.act))
      rest = withoutAmount(rest, mention);
    // one word may name two things: "the peppers"
    if (!seen.has(mention.at)) rest = withArticle(rest, mention, state.recipe.ingredients[mention.ingredient]!);
    seen.add(mention.at);
    rest = withoutWork(rest, state.recipe.ingredients[mention.ingredient]!);
  }
  rest = rest
    .replace(/^\s*,\s*/, '')
    .replace(/^(\d\/\d|[½¼¾⅓⅔]) of (?!the\b|an?\b)/i, '$1 of the ')
    .replace(/^(?:just|a bit|a little)(?=$|\s(?:with|until)\b)/i, '')
    .trimStart()
    .replace(ONLY_TIME, 'for ');
  rest = withObject(state, c, rest, works.act);
  // "pour over the stock": over what lies there
  if ((works.act === 'put' || works.act === 'ready') && /\S\s+over$/i.test(rest) && state.container)
    rest = `${rest} ${hole('there', null)}`;
  const adverb = c.adverb && !rest.includes(c.adverb) ? ` ${c.adverb}` : '';
  const lead = c.lead && !leadIsKnown(c) && !isPlaceSaid(rest, c.lead) ? ` ${c.lead.charAt(0).toLowerCase()}${c.lead.slice(1)}` : '';
  const until = c.until ? ` ${meltedSaid(state, c)}` : '';
  const condition = c.condition
    ? `${CHOICE.test(c.condition) ? ',' : ''} ${c.condition.replace(/^(?:once|as soon as|after(?! (?:about |another )?\d))\b/, 'when')}`
    : '';
  return sentence(`${c.verb} ${adverb ? withAdverb(rest, adverb) : rest}${lead}${until}${condition}`);
}

/** "Slide the scones carefully onto the tray": how stands behind what. */
function withAdverb(rest: string, adverb: string): string {
  const place =
    /^((?:the|a|an|it|them|each|half|some|all|your)\b[^,]*?)(\s(?:(?:in|on)(?:to)?|over|against|through|under|around|between|among|across|away|off|for(?=\s+(?:about\s+|another\s+)?\d))\s.*)$/i.exec(
      rest,
    );
  return place ? `${place[1]}${adverb}${place[2]}` : `${rest}${adverb}`;
}

/** "Brown the mince, breaking it up, for about 6 minutes": the time is of the whole. */
const TIME_BEHIND = / ?,\s*(?:for\s+)?(?:(?:about|around|another|a further)\s+)*(?:\d|a\s|half\s)[^,]*(?:min|sec|hour)\w*$/;

/** "Simmer another 3 mins". */
const ONLY_TIME = /^(?=(?:about |another |a further |an extra )+\d+(?:\s*(?:-|–|to)\s*\d+)?\s*(?:more )?(?:min|sec|hour|hr))/i;

/** Why it is done, which is a cue: "to loosen it". */
const PURPOSE = /(?<!\bnot),?\s+(?:to \p{L}+|before you \p{L}+|so (?:that )?you can \p{L}+)\s+(?:it|them)$/iu;

/** "add chicken": the chicken of the list. */
function withArticle(rest: string, mention: Mention, one: Ingredient): string {
  if (mention.end <= mention.at || one.min === null || mention.part !== 'all') return rest;
  const before = rest.slice(0, mention.at);
  if (/^(?:the|your|all|both|each|everything|it|any)\b/i.test(rest.slice(mention.at)) || /^\s+side\b/i.test(rest.slice(mention.end)))
    return rest;
  if (!/(?:^|\b(?:in|into|over|with|and|to|on|through|up|of)\s+|,\s*)$/i.test(before)) return rest;
  return `${before}the ${rest.slice(mention.at)}`;
}

const leadIsKnown = (c: Located) =>
  /^(?:using|with)\b/i.test(c.lead ?? '') &&
  c.tools.length === 0 &&
  !/\b(?:damp|wet|dampened|oiled|oily|greased) (?:hands|fingers)\b/i.test(c.lead!);

/** "Lay 3 sheets", of nine: counted here, since no step before has measured them. */
const isSomeOf = (mention: Mention, one: Ingredient): boolean =>
  mention.part === 'some' &&
  ((mention.quantity !== one.min && kindOfUnit(mention.unit) === 'count' && kindOfUnit(one.unit) === 'count') ||
    // "4 strawberries", of 250 g
    (mention.unit === null && mention.quantity !== null && one.unit !== null && kindOfUnit(one.unit) !== 'count'));

/** "Add 1 cup of the broth", which is kept warm in its pan: nobody measured that cup before. */
function isLadled(state: State, { ingredient, part, quantity }: Mention, act: Act): boolean {
  if (act !== 'put' && act !== 'join') return false;
  const lots = lotsOf(state.world, ingredient);
  return part === 'some' && quantity !== null && lots.length > 0 && lots.every((lot) => isPan(lot.at));
}

/** "Wash 1 cup of red lentils" becomes "Wash the red lentils": the amount has its own measuring step. */
function withoutAmount(rest: string, mention: Mention): string {
  const before = rest.slice(0, mention.at);
  const found =
    /(?:\b(?:the|your|another|a further)\s+)?(?:\babout\s+)?\d[\d ./]*\s*(?:[a-z]+\.?)?\s*(?:of\s+)?(?:the\s+)?((?:(?!(?:with|in|into|on|onto|and|to|from)\b)\p{L}+\s+){0,1})$/iu.exec(
      before,
    );
  if (!found) return rest;
  // "the last 2 biscuits"
  const which = /\b(?:last|first|other)\s+$/i.test(before.slice(0, found.index)) ? '' : 'the ';
  return `${before.slice(0, found.index)}${which}${found[1]}${rest.slice(mention.at)}`;
}

/** "the garlic, chopped": the work has a step of its own. */
function withoutWork(rest: string, one: Ingredient): string {
  for (const work of one.preparation) {
    const at = rest.toLowerCase().indexOf(`, ${work.toLowerCase()}`);
    // "buttered-side up" is no work
    if (at >= 0 && rest[at + work.length + 2] !== '-') return rest.slice(0, at) + rest.slice(at + work.length + 2);
  }
  return rest;
}

/** Cues from the recipe's own words: "until golden", "for 8 minutes", "stirring now and then". */
export function cuesOf(c: Located, technique: string | null): Cue[] {
  const cues: Cue[] = [];
  if (c.until) cues.push({ sense: senseOf(c.until), text: c.until.replace(/^(?:until|till|so that)\s+/i, '') });
  const time = minutesOfText(`${c.rest} ${c.until ?? ''}`);
  if (time !== null)
    cues.push({
      sense: 'time',
      text: `the timer rings after ${time >= 1 ? `${showQuantity(new Fraction(time).simplify(0.01).toFraction())} min` : `${Math.round(time * 60)} s`}`,
    });
  const purpose = PURPOSE.exec(c.rest)?.[0].replace(/^[\s,]+/, '');
  if (purpose) cues.push({ sense: 'sight', text: purpose });
  if (c.aside) cues.push({ sense: senseOf(c.aside), text: c.aside });
  const beside = PARTICIPLE.exec(c.rest);
  if (beside && technique) cues.push({ sense: 'time', text: beside[1]!.replace(TIME_BEHIND, '').replace(/\bsometimes\b/, 'now and then') });
  return cues;
}

function senseOf(text: string): Cue['sense'] {
  if (/\b(?:soft|firm|tender|set|springs?|smooth|thick|cool|crisp|dry|sticky|warm|hard|fork)\b/i.test(text)) return 'touch';
  if (/\b(?:sizzl|hear|pop|beep|ring|crackl)/i.test(text)) return 'sound';
  if (/\b(?:fragrant|smell|aroma)/i.test(text)) return 'smell';
  if (/°|\bdegrees\b/i.test(text)) return 'thermometer';
  return 'sight';
}
