// The words of steps, and the cues in them: verb first, then what, where, how long and until when.
import { kindOf } from '../technique/lexicon';
import { Fraction, showQuantity } from '../amount/quantity';
import { dialCelsius, ovenMarks } from '../amount/temperature';
import { findFood } from '../recipe/food';
import { capital } from '../recipe/method-lines';
import type { Ingredient } from '../recipe/recipe';
import type { Cue } from '../technique/model';
import { toolById } from '../technique/tools';
import { minutesOfText } from '../amount/minutes';
import type { Mention } from './mentions';
import { nameOf } from './ready';
import { CUTTING, JOINING, type Located, type State } from './state';
import { PARTICIPLE, objectPhrase } from './locate';
import { inTool, toolCall } from './tool-names';

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

export const withWord = (c: Located) => /^with\b/i.test(c.rest);

/** What follows the last thing named: " to the bowl"; null when other things stand between that must not be lost. */
export function tailAfter(c: Located, fresh: Mention[]): string | null {
  const last = Math.max(...fresh.map((m) => m.end));
  const tail = c.rest
    .slice(last)
    .replace(PARTICIPLE, '')
    .replace(/^[\s,]*(?:except(?: for)?|apart from|other than|but not|minus)\s+.*?(?=\s+(?:in|into|to|on|onto)\s|$)/i, '')
    .replace(/^[\s,]*(?:leaves|pieces|slices|paste|slurry|mixture|mix|juice|zest)?(?=[\s,]|$)[\s,]*/i, '')
    .trim();
  if (tail.length > 60) return null;
  return tail ? ` ${tail}` : '';
}

/** "Stir it in.", "Mix everything in the small bowl." @param place "in the small bowl" */
export function joinedWording(state: State, c: Located, place: string): string {
  const tool = c.tools.find(
    (t) => toolById(t.id)?.kind === 'utensil' || (toolById(t.id)?.kind === 'appliance' && t.id !== state.container),
  );
  const with_ = tool ? ` with the ${toolCall(state, tool.id)}` : '';
  const manner = c.adverb ? ` ${c.adverb}` : '';
  const how = kindOf(c.technique!.id) === 'fold' ? 'Fold everything together' : `${capital(c.verb!)} everything`;
  return sentence(`${how} ${place}${with_}${manner}${c.until ? ` ${c.until}` : ''}`);
}

/** "the cornflour paste": what was made of it; else the thing as the list has it. */
export function asMade(state: State, c: Located, mention: Mention): string {
  const made = /^\s+(?:paste|slurry|mixture|mix|juice|zest)\b/i.exec(c.rest.slice(mention.end))?.[0] ?? '';
  return `${theOf(state, mention)}${made}`;
}

/** "a lettuce leaf", "a few mint leaves": a piece of it, as the recipe says; null where all of it is meant. */
export function asSaid(c: Located, mention: Mention): string | null {
  const before = /\b(an?|one|a few)\s+$/i.exec(c.rest.slice(0, mention.at))?.[1];
  const piece =
    /^\s+(?:leaf|leaves|slices?|pieces?|strips?|sprigs?|wedges?|sheets?|halves|half)\b/i.exec(c.rest.slice(mention.end))?.[0] ?? '';
  const named = c.rest.slice(mention.at, mention.end);
  if (!before || (!piece && !/few/i.test(before) && !/\b(?:leaf|slice|piece|strip|sprig|wedge|sheet|half)$/i.test(named))) return null;
  return `${before} ${named}${piece}`;
}

export function theOf(state: State, mention: Mention): string {
  const one = state.recipe.ingredients[mention.ingredient]!;
  if (one.preparation.includes('juiced')) return `the ${findFood(one.item)?.names[0] ?? nameOf(one)} juice`;
  if (mention.part === 'rest') return `the rest of the ${nameOf(one)}`;
  if (mention.part === 'some' && mention.quantity === null) return `a little ${nameOf(one)}`;
  // of sixteen prawns, two go into each roll
  if (mention.part === 'some' && mention.unit === null && one.unit === null && mention.quantity !== one.min)
    return `${showQuantity(mention.quantity!)} of the ${nameOf(one)}`;
  return `the ${nameOf(one)}`;
}

export function sentence(text: string): string {
  const plain = text
    .replace(/\s+/g, ' ')
    .replace(/\s+([,.])/g, '$1')
    .replace(/[,;:\s]+$/, '')
    .trim();
  return plain ? capital(plain) + (/[.!?]$/.test(plain) ? '' : '.') : '';
}

/** The words of a step as the recipe says them: verb first, then what, where, with what, how long and until when. */
export function wording(state: State, c: Located): string {
  let rest = c.rest.replace(PARTICIPLE, '').replace(/\bsometimes\b/i, 'now and then');
  const alone = !objectPhrase(rest);
  const needsObject =
    (NEEDS_OBJECT.has(kindOf(c.technique?.id)) && c.technique?.id !== 'uncover' && !/^out\s+(?:as|any|all|the|excess)\b/i.test(rest)) ||
    (kindOf(c.technique?.id) === 'cook' && /^according\b/i.test(rest));
  const cuts = CUTTING.has(kindOf(c.technique?.id)) && /^into\b/i.test(rest);
  const moves =
    cuts ||
    (MOVES.has(c.verb ?? '') &&
      (/^(?:back\s+)?(?:to|into|onto|on top of)\b/i.test(rest) ||
        (/^(?:put|place)$/.test(c.verb!) && /^(?:in|on)\s+(?:an?|the)\b(?! lid\b)/i.test(rest))));
  const covers = kindOf(c.technique?.id) === 'cover' || c.technique?.id === 'uncover';
  const several = kindOf(c.technique?.id) === 'mash' && [...state.placed.values()].filter((at) => at === state.container).length > 1;
  const bare = CUTTING.has(kindOf(c.technique?.id)) && ((c.shared && !rest) || /^\p{L}+ly$/u.test(rest));
  const object = several
    ? 'everything'
    : needsObject || cuts || bare || (c.shared && !rest && !covers)
      ? state.object
      : moves
        ? movedThing(state, c)
        : null;
  // "stir the sauce. Pour over the tofu": it is the sauce that is poured
  const target =
    OVER.has(c.verb ?? '') && c.mentions[0]?.part === 'all' && /^over\s/i.test(rest) && state.placed.has(c.mentions[0].ingredient);
  if (target && state.object && !state.objectUses.includes(c.mentions[0]!.ingredient)) rest = `${state.object} ${rest}`;
  if (object && (needsObject || moves || bare) && alone) rest = `${object} ${rest}`;
  if (c.verb === 'let' && /^(?:cool|rest|stand|sit)\b/i.test(rest) && state.object) rest = `${state.object} ${rest}`;
  if (JOINING.has(kindOf(c.technique?.id))) rest = rest.replace(/^(?:it|them)(?:\s+all)(?:\s+together)?\b/i, 'everything');
  rest = replacePronoun(state, c, rest);
  for (const mention of c.mentions) {
    rest = withoutWork(rest, state.recipe.ingredients[mention.ingredient]!);
    if (mention.quantity) rest = withoutAmount(rest, mention);
  }
  const place = state.container ? ` ${inTool(state, state.container)}` : '';
  if (!rest && kindOf(c.technique?.id) === 'mix') rest = `everything${place}`;
  if (covers && !objectPhrase(rest) && state.container && !/\blids?\b/i.test(rest))
    rest = `the ${toolCall(state, state.container)} ${rest}`;
  if (kindOf(c.technique?.id) === 'take-off-heat' && alone && (state.hob ?? state.container))
    rest = `the ${toolCall(state, (state.hob ?? state.container)!)} ${rest}`;
  if (kindOf(c.technique?.id) === 'serve' && (!objectPhrase(rest) || !rest)) rest = `the ${shortTitle(state.recipe.title)} ${rest}`;
  const adverb = c.adverb && !rest.includes(c.adverb) ? ` ${c.adverb}` : '';
  const lead = c.lead && !leadIsKnown(c) ? ` ${c.lead.charAt(0).toLowerCase()}${c.lead.slice(1)}` : '';
  const until = c.until ? ` ${c.until}` : '';
  const condition = c.condition ? ` ${c.condition.replace(/^(?:once|as soon as|after(?! (?:about |another )?\d))\b/, 'when')}` : '';
  return sentence(`${c.verb} ${rest}${lead}${adverb}${until}${condition}`);
}

const NEEDS_OBJECT = new Set(['drain', 'drain-hot', 'turn-over', 'mash', 'fluff', 'lift-out', 'rinse']);
const OVER = new Set(['pour', 'spoon', 'ladle']);
const MOVES = new Set(['set', 'add', 'return', 'tip', 'transfer', 'put', 'place', 'move', 'slide', 'pour']);

/** What "tip onto a plate" means: all that is in the pan where several things are, else what was spoken of last. */
function movedThing(state: State, c: Located): string | null {
  const from = state.steps.at(-1)?.into ?? null;
  // the fat that a thing is fried in does not count
  const together = [...state.placed].filter(
    ([i, at]) => at === from && findFood(state.recipe.ingredients[i]!.item)?.category !== 'oil',
  ).length;
  return together > 1 && (c.first || state.objectUses.length !== 1) ? 'everything' : state.object;
}

/** The dish in a few words, for "Serve the ...". */
export function shortTitle(title: string): string {
  // "Easy read: porridge": the dish stands behind
  const words = title
    .replace(/^\S+(?:\s\S+)?:\s+(?=\S)/, '')
    .replace(/\s*&\s*/g, ' and ')
    .replace(/^(?:how to (?:make|cook)|quick|easy|simple|my|the best)\s+/i, '')
    .split(/[,(:]|\s[-–—]\s|\b(?:for|with|on)\b|\bw\/|(?<=\S\s\S+\s)in\b/i)[0]!
    .split(/\s+/)
    .slice(-6)
    .join(' ')
    .toLowerCase()
    .replace(/[^\p{L} '-]/gu, '');
  return words.replace(/^(?:and|of|with|in|or)\s+/, '').trim() || 'food';
}

const leadIsKnown = (c: Located) => /^(?:using|with)\b/i.test(c.lead ?? '') && c.tools.length === 0;

/** "Wash 1 cup of red lentils" becomes "Wash the red lentils": the amount has its own measuring step. */
function withoutAmount(rest: string, mention: Mention): string {
  const before = rest.slice(0, mention.at);
  const found = /(?:\b(?:the|your)\s+)?(?:\babout\s+)?\d[\d ./]*\s*(?:[a-z]+\.?)?\s*(?:of\s+)?(?:the\s+)?((?:\p{L}+\s+){0,1})$/iu.exec(
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

export function replacePronoun(state: State, c: Located, rest: string): string {
  // "wash the leeks. Peel the potatoes and slice them": only those
  const these = c.first || !CUTTING.has(kindOf(c.technique?.id)) ? state.lineObjects : [];
  const several = these.length > 1 ? listOf(these.map((i) => `the ${nameOf(state.recipe.ingredients[i]!)}`)) : null;
  const object = /\bthem\b/i.test(rest) && several ? several : state.object;
  if (!object || object.length > 60 || /\b(?:it|them)\b/i.test(object)) return rest;
  const first = /^((?:in|over|up)\s+)?(?:it|them)\b(?:\s+all(?!\s+(?:over|together))\b)?/i.exec(rest);
  if (first) return `${first[1] ?? ''}${object}${rest.slice(first[0].length)}`;
  return rest.replace(/\b(over|to|with|into|onto|on|in)\s+(?:it|them)\b/i, `$1 ${object}`);
}

const listOf = (things: string[]) => (things.length > 1 ? `${things.slice(0, -1).join(', ')} and ${things.at(-1)}` : (things[0] ?? ''));

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
  if (c.aside) cues.push({ sense: senseOf(c.aside), text: c.aside });
  const beside = PARTICIPLE.exec(c.rest);
  if (beside && technique) cues.push({ sense: 'time', text: beside[1]!.replace(/\bsometimes\b/, 'now and then') });
  return cues;
}

function senseOf(text: string): Cue['sense'] {
  if (/\b(?:soft|firm|tender|set|springs?|smooth|thick|cool|crisp|dry|sticky|warm|hard|fork)\b/i.test(text)) return 'touch';
  if (/\b(?:sizzl|hear|pop|beep|ring|crackl)/i.test(text)) return 'sound';
  if (/\b(?:fragrant|smell|aroma)/i.test(text)) return 'smell';
  if (/°|\bdegrees\b/i.test(text)) return 'thermometer';
  return 'sight';
}
