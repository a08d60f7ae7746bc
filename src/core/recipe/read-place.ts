// Where a line that names no section belongs: by where it stands and by what it is like.
import { startsWithVerb } from './verbs';
import { stripBullet } from './ingredient-line';
import { plainNumbers } from '../amount/quantity';
import { findFood, isFoodName, nameWords } from './food';
import { readAmount } from './line-amount';
import { SAYS_WHEN, servingsOf } from './headings';
import { actsOnThem, ingredientScore, instructionScore, instructionText, isSubheading, STEP_LABEL, stripMarks } from './line-score';
import { isTold } from './method-lines';
import { hasAmount, isTool, listOnOneLine } from './one-line-list';
import { addInstruction } from './add-instruction';
import { addIngredient, addTool, type Draft, note, refuse } from './read-draft';

/** A bare word of the title on a line of its own, with no amount, set off from what is above it and with an amount right below. */
export function headsPart({ recipe }: Draft, text: string, above: string | undefined, below: string | undefined): boolean {
  const bare = stripMarks(text.trim());
  return (
    /^\p{Lu}\p{L}+(?: \p{L}+)?$/u.test(bare) &&
    (above ?? '').trim() === '' &&
    below !== undefined &&
    ingredientScore(below) >= 2 &&
    /\d|^(?:an?|large|small|handful|pinch)\b/i.test(below) &&
    nameWords(bare).every((word) => nameWords(recipe.title).includes(word))
  );
}

/** "12 muffins" below "Apple muffins", above the list: how many it makes. With no heading of a list to come, only of what is no food: "1 bowl". */
function madeOf(title: string, text: string, listBelow: boolean): number | null {
  const said = /^(\d{1,3})\s+(?:\p{L}+\s+)?(\p{L}{4,})$/u.exec(text.trim());
  return said &&
    (listBelow || findFood(text.replace(/^\d+\s+/, '')) === null) &&
    new RegExp(`\\b${said[2]!.replace(/s$/, '')}`, 'iu').test(title)
    ? Number(said[1])
    : null;
}

/** "Name: ________ Date: ____": what a worksheet has filled in. */
const FORM_FIELD = /^(?:(?:my\s+)?(?:name|date|class|group|teacher|partner|student|pupil|today is)\s*:?\s*[_.\s]*)+$/i;
/** "I liked ____. Next time I will ____": to be written in, and no step. */
const WRITTEN_IN = /_{3,}|\.{6,}|…{2,}/;
/** What others gave. */
const GIVEN = 'ratings?|reviews?|votes?|comments?|likes';
/** "★★★★☆ 212 ratings", "4.8 stars from 96 reviews": what others thought of it. */
const RATING = new RegExp(
  `^\\W*\\d[\\d.,]*\\s*(?:\\/\\s*5\\s*)?(?:stars?\\s*)?\\W*(?:(?:from|by|with)\\s+)?(?:\\d[\\d.,]*\\s*)?(?:stars?|${GIVEN})\\W*$`,
  'i',
);
const RATED = new RegExp(`\\s*\\(?\\d[\\d.,]*\\s*(?:${GIVEN})\\)?\\s*$`, 'i');

/**
 * A title without what others thought of it, which some pages put behind it.
 * @example unrated('Bean stew ★★★★☆ (88 reviews)') // 'Bean stew'
 */
export const unrated = (title: string): string =>
  title
    .replace(RATED, '')
    .replace(/\s*(?:[★☆⭐✩✰½]|\ufe0f)+\s*$/u, '')
    .trim() || title;

/** "1 - Cut the chicken into strips.": the number is that of a step, and no amount. */
const isNumberedOrder = (text: string): boolean => {
  const label = /^\d{1,2}\s*[-–.):]\s+/.exec(text)?.[0];
  return label !== undefined && /[.!]$/.test(text) && startsWithVerb(text.slice(label.length));
};

export function place(draft: Draft, text: string, line: number, raw: string): void {
  const like = ingredientScore(text);
  // "flour ....... 200 g" is a line of a list
  const isWrittenIn = WRITTEN_IN.test(raw) && draft.section !== 'ingredients' && like < 2 && !startsWithVerb(text);
  if (RATING.test(text) || FORM_FIELD.test(text) || isWrittenIn) return note(draft, line, raw, 'note');
  const does = instructionScore(text);
  if (isSubheading(text, like, does) && !SAYS_WHEN.test(text)) {
    const titleStill = !draft.recipe.title && draft.section === 'top';
    if (!titleStill) {
      draft.group = text.replace(/:\s*$/, '').replace(/^(?:for|to) (?:the )?/i, '');
      return note(draft, line, raw, 'heading');
    }
  }
  const made = draft.section === 'top' ? madeOf(draft.recipe.title, text, draft.listHeadBelow(line)) : null;
  if (made !== null) {
    draft.recipe.servings ??= made;
    return note(draft, line, raw, 'servings');
  }
  if ((draft.section === 'ingredients' || (draft.section === 'top' && draft.recipe.title)) && listPlaced(draft, text, line, raw)) return;
  switch (draft.section) {
    case 'notes':
      return note(draft, line, raw, 'note');
    case 'tools':
      // the heading named the tools of its own line, or the list ran out
      if (!isTool(text) && (like >= 2 || (does >= 2 && (STEP_LABEL.test(text) || /[.!]$/.test(text))))) {
        draft.section = like >= 2 && like > does - 1 ? 'ingredients' : 'method';
        draft.sawMethod ||= draft.section === 'method';
        return place(draft, text, line, raw);
      }
      return addTool(draft, text, line, raw);
    case 'ingredients':
      // "Allergens: see the labels", among what is to buy
      if (like < 2 && isTold(text)) return note(draft, line, raw, 'note');
      if (like < 2.5 && isTool(text) && !(does >= 2 && /[.!]$/.test(text))) return addTool(draft, text, line, raw);
      // some lists run into the method with no heading between
      if (
        // "1 Put the potatoes in the tin.", though what to do before stood over the list
        (!draft.sawMethod || (/^\d{1,2}\s+\p{Lu}/u.test(text) && /[.!]$/.test(text))) &&
        (like < 2 || isNumberedOrder(text)) &&
        does >= 2 &&
        // "Melt the chocolate." is an order, however short
        (text.split(/\s+/).length > 3 || /^\p{L}+ (?:the|it|them)\b.*[.!]$/iu.test(text)) &&
        (STEP_LABEL.test(text) || /[.!]$/.test(text) || actsOnThem(text, like))
      ) {
        draft.section = 'method';
        return addInstruction(draft, text, line, raw);
      }
      return addIngredient(draft, text, line, raw);
    case 'method':
      if (!draft.headed && like >= 2.5 && does === 0) return addIngredient(draft, text, line, raw);
      return addInstruction(draft, text, line, raw);
    case 'top':
      return placeAtTop(draft, text, line, raw, like, does);
  }
}

const EXTRAS =
  /^(?:optional\s+)?(?:toppings?|garnish(?:es)?|extras?|to (?:serve|garnish|top|decorate|finish)|for serving)(?:\s*\(?optional\)?)?\s*:\s+(\S.*)$/i;

/** "2 eggs · 100 g flour · 300 ml milk", and "Icing: 1 cup icing sugar, 1 tbsp lemon juice": several things on one line, with their group or without. */
function listPlaced(draft: Draft, text: string, line: number, raw: string): boolean {
  // "Optional toppings: sour cream, sliced onions"
  const extras = EXTRAS.exec(stripBullet(text))?.[1];
  if (extras) {
    const from = draft.recipe.ingredients.length;
    const group = draft.group;
    draft.group = /topping/i.test(text)
      ? 'topping'
      : (/\bto (?:serve|garnish|top|decorate|finish)\b/i.exec(text)?.[0].toLowerCase() ?? group);
    const listed = listOnOneLine(extras);
    for (const part of listed.length > 0 ? listed : extras.split(/,\s+(?:and\s+)?/)) addIngredient(draft, part, line, raw);
    draft.group = group;
    if (/optional/i.test(text)) for (const one of draft.recipe.ingredients.slice(from)) one.optional = true;
    return true;
  }
  const amounts = (parts: string[]) => parts.filter(hasAmount).length;
  const bare = /:\s/.test(text) ? [] : listOnOneLine(text);
  if (bare.length > 1 && bare.every(isTool)) {
    addTool(draft, text, line, raw);
    return true;
  }
  if (amounts(bare) >= (text.includes(';') ? 2 : 3) && amounts(bare) * 2 > bare.length) {
    for (const part of bare) addIngredient(draft, part, line, raw);
    return true;
  }
  const m = /^(\p{L}[\p{L} '’&-]{2,30}):\s+(\S.*)$/u.exec(text);
  const parts = m ? listOnOneLine(m[2]!) : [];
  // "FISH: 4 frozen fish fillets"
  // "Brown sugar: 2 tbsp" is one thing with its amount behind
  const behind = m !== null && !/\p{L}{2}/u.test(readAmount(plainNumbers(m[2]!))?.rest.split(',')[0] ?? 'none');
  const one =
    m && !behind && parts.length === 0 && hasAmount(m[2]!) && ingredientScore(m[2]!) >= 2 && !/[.!]$/.test(m[2]!) && !STEP_LABEL.test(text)
      ? [m[2]!]
      : [];
  if (one.length === 1 && draft.section !== 'method') parts.push(...one);
  if (!m || (amounts(parts) < 2 && one.length === 0)) return false;
  draft.group = m[1]!.replace(/^for (?:the )?/i, '');
  for (const part of parts) addIngredient(draft, part, line, raw);
  draft.group = null;
  return true;
}

function placeAtTop(draft: Draft, text: string, line: number, raw: string, like: number, does: number): void {
  // a line to write on, or who sent it, is no title
  if (!draft.recipe.title && (/_{3,}/.test(raw) || /^(?:from the kitchen of|recipe (?:by|from|courtesy of)|submitted by)\b/i.test(text)))
    return note(draft, line, raw, 'note');
  const wordy = text.split(/\s+/).length;
  const behind = /^(.{3,}?)[\s,]*(?:\(|[-–—|,:.]\s*)((?:serves|makes|feeds|yields?|for|cuts into)\s+[^()]{1,30}?)\)?[.]?$/i.exec(text);
  const servings = behind && servingsOf(behind[2]!.replace(/^cuts into/i, 'makes'));
  // "Three bean salad" over a list is its name
  const first =
    draft.lines.every((l) => l.role === 'blank') &&
    /^(?:\p{L}|\d+-\p{L})/u.test(text) &&
    !/\b(?:cups?|tbsp|tsp|tablespoons?|teaspoons?|pinch|handful)\b/i.test(text);
  // "black pepper" at the end of a list is on it
  const listed = draft.recipe.ingredients.length > 0 && findFood(text) !== null && /^\p{Ll}/u.test(text);
  if (!draft.recipe.title && !listed && (like < 2 || first) && wordy <= 14 && (!/[.]$/.test(text) || servings) && !STEP_LABEL.test(text)) {
    const forTwo = /\bfor\s+(one|two|three|four|five|six|eight|ten|\d{1,2})(?:\s+(?:people|persons))?$/i.exec(text);
    if (servings) draft.recipe.servings ??= servings.number;
    else if (forTwo) draft.recipe.servings ??= servingsOf(`serves ${forTwo[1]}`)?.number ?? null;
    // "Chickpea soup | 30 minutes | 4 servings"
    const [name = '', ...said] = text.split(/\s+[|•·]\s+/);
    for (const part of said) draft.recipe.servings ??= servingsOf(part)?.number ?? null;
    draft.recipe.title = unrated(servings ? behind[1]! : said.length > 0 ? name : text)
      .replace(/^(?:recipe|title|name)\s*[:-]\s*/i, '')
      .replace(/^[\p{So}\p{Extended_Pictographic}\ufe0f\s]+|[\p{So}\p{Extended_Pictographic}\ufe0f\s]+$/gu, '')
      .replace(/[:*_#–—-]+\s*$/, '')
      .trim()
      .slice(0, 120);
    return note(draft, line, raw, 'title');
  }
  // "spray oil" among the amounts: a food, though its first word is a verb too
  const amongList =
    like >= 1 && wordy <= 3 && draft.recipe.ingredients.length > 0 && /\p{L}$/u.test(text) && (draft.listBelow(line) || isFoodName(text));
  if ((like >= 2 && like > does - 1) || amongList) {
    draft.section = 'top';
    return addIngredient(draft, text, line, raw);
  }
  // "A thrifty supper for 4." over the list tells of the dish
  const tells = draft.recipe.ingredients.length === 0 && !startsWithVerb(instructionText(text)) && !STEP_LABEL.test(text);
  if (does >= 2 && (wordy > 3 || draft.recipe.ingredients.length > 0) && !(tells && draft.listBelow(line))) {
    draft.section = 'method';
    draft.headed = false;
    return addInstruction(draft, text, line, raw);
  }
  if (like >= 1 && (draft.recipe.ingredients.length > 0 || wordy <= 3)) return addIngredient(draft, text, line, raw);
  if (draft.recipe.ingredients.length === 0) {
    // "Prep 15 min, cook 50 min, serves 4"; "A family supper that serves 6"
    if (/^\d/.test(text) && !/\b(?:min|minutes|hours?|h)\b/i.test(text))
      return refuse(draft, line, raw, 'this starts with an amount and was not understood as an ingredient');
    const serves =
      wordy <= 16
        ? /\b(?:serves|makes|feeds|(?:supper|lunch|dinner|breakfast|meal|snack|pudding|treat) for)\s+(?:about\s+)?(\d{1,3})\b/i.exec(text)
        : null;
    if (serves) draft.recipe.servings ??= Number(serves[1]);
    return note(draft, line, raw, 'note');
  }
  refuse(draft, line, raw, 'this reads neither like an ingredient nor like an instruction');
}
