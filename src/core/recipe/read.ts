// Reads a whole recipe from text: finds its parts however they are headed or numbered, and says which lines it did not understand.
import { keptApart } from './kept-apart';
import { KITCHEN_VERBS } from './verbs';
import { readIngredient, readIngredientLine, stripBullet } from './ingredient-line';
import { plainNumbers } from '../amount/quantity';
import { withinBounds } from './bounds';
import { amountsInMethod } from './method-amounts';
import { findFood, isFoodName, nameWords } from './food';
import { readAmount } from './line-amount';
import { headingWithRest, headsMethod, isLouder, PART_OF_DISH, sectionOf, servingsOf, TIME, type Section } from './headings';
import { actsOnThem, ingredientScore, instructionScore, instructionText, isSubheading, STEP_LABEL, stripMarks } from './line-score';
import { isOvenHeat, isTold, sayOvenHeat, withoutLabel } from './method-lines';
import { legendsOf, withMarksSaid } from './legend';
import { hasAmount, isTool, listOnOneLine } from './one-line-list';
import { sourceLines } from './plain-text';
import type { LineRole, NotUnderstood, Reading, Recipe } from './recipe';
import { structuredRecipe, textOfParts, type Part } from './structured';
import { startsWithVerb } from './verbs';

/** The longest line and the most lines that are read; what is beyond is reported, not read. */
export const LONGEST_LINE = 2000;
export const MOST_LINES = 1000;

type Draft = {
  recipe: Recipe;
  lines: LineRole[];
  notUnderstood: NotUnderstood[];
  section: Section;
  group: string | null;
  /** A heading named the section, so its lines need not prove themselves. */
  headed: boolean;
  sawMethod: boolean;
  /** Whether an ingredient stands below this line; asked seldom, so worked out only then. */
  listBelow: (line: number) => boolean;
  /** Whether a heading of the list of ingredients is still to come. */
  listHeadBelow: (line: number) => boolean;
};

/**
 * Reads a recipe from pasted text, Markdown, HTML, schema.org JSON-LD or own JSON, in any layout: with headings of any wording or none, bullets, numbers,
 * "Step 1:", one paragraph of method, or amounts that stand in the method only. Total: any text gives a reading.
 * Does not fetch or run anything, and does not decide what a doubtful line means: such lines are in `notUnderstood`, with line numbers from 1.
 * @param source at most `MOST_LINES` lines are read, and no more parts than bounds.ts says
 * @example readRecipe('Mint tea\n1 cup water\nBoil the water.').recipe.ingredients[0].item // 'water'
 */
export function readRecipe(source: string): Reading {
  const text = typeof source === 'string' ? source : '';
  const draft: Draft = {
    recipe: { title: '', servings: null, ingredients: [], tools: [], instructions: [] },
    lines: [],
    notUnderstood: [],
    section: 'top',
    group: null,
    headed: false,
    sawMethod: false,
    listBelow: () => false,
    listHeadBelow: () => false,
  };
  const structured = structuredRecipe(text);
  if (structured) readParts(draft, structured.parts, structured.problem);
  else readLines(draft, sourceLines(text));
  sayOvenHeat(draft);
  if (draft.recipe.ingredients.length === 0) draft.recipe.ingredients = amountsInMethod(draft.recipe.instructions);
  splitParagraph(draft);
  addKeptApart(draft);
  return withinBounds({ recipe: draft.recipe, notUnderstood: draft.notUnderstood, lines: draft.lines });
}

/**
 * A source as plain text to look at: a saved page without its markup, structured data as headed lists; plain text comes back as it is.
 * @example plainRecipe('{"@type":"Recipe","name":"Tea","recipeIngredient":["1 cup water"]}') // 'Tea\n\nIngredients\n- 1 cup water'
 */
export function plainRecipe(source: string): string {
  const structured = structuredRecipe(source);
  if (structured && !structured.problem) return textOfParts(structured.parts);
  return sourceLines(source)
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim();
}

function readLines(draft: Draft, raw: string[]): void {
  let lastOfList: number | null = null;
  draft.listBelow = (line) => {
    lastOfList ??= raw.slice(0, MOST_LINES).reduce((last, text, i) => (ingredientScore(text) >= 2.5 ? i : last), -1);
    return lastOfList >= line;
  };
  const lastHead = raw.slice(0, MOST_LINES).findLastIndex((text) => sectionOf(stripMarks(text.trim())) === 'ingredients') + 1;
  draft.listHeadBelow = (line) => lastHead > line;
  const legends = legendsOf(raw.slice(0, MOST_LINES));
  raw.slice(0, MOST_LINES).forEach((said, i) => {
    if (legends.some((one) => one.line === i)) return note(draft, i + 1, said, 'note');
    const text = legends.length > 0 ? withMarksSaid(said, legends) : said;
    if (text.trim() && (draft.section === 'method' || draft.recipe.ingredients.length > 0) && sectionOf(stripMarks(text.trim())) === null) {
      const next = raw.slice(i + 1, i + 3).find((l) => l.trim());
      // below a list with no heading of a method yet, what follows has to be work
      const works = isLouder(text, next) && instructionScore(next!) >= 3 && ingredientScore(next!) < 2;
      if (draft.section === 'method' ? headsMethod(text, next) : works) return note(draft, i + 1, text, 'heading');
    }
    // "HUMMUS" within a list that is not in capitals
    if (
      draft.section !== 'method' &&
      draft.recipe.ingredients.length > 0 &&
      isCapitals(text) &&
      sectionOf(stripMarks(text.trim())) === null
    ) {
      const next = raw.slice(i + 1, i + 3).find((l) => l.trim());
      if (next && next !== next.toUpperCase() && ingredientScore(next) >= 2) {
        draft.group = stripMarks(text.trim()).toLowerCase();
        return note(draft, i + 1, text, 'heading');
      }
    }
    // "Falafel" over amounts, of falafel pittas: what the dish is called after is made of what stands below
    if (draft.section !== 'method' && headsPart(draft, text, raw[i - 1], raw[i + 1])) {
      draft.group = stripMarks(text.trim()).toLowerCase();
      return note(draft, i + 1, text, 'heading');
    }
    // "Filling", on a line of its own over amounts
    if (draft.section !== 'method' && draft.recipe.title && PART_OF_DISH.test(stripMarks(text.trim()))) {
      const next = raw.slice(i + 1, i + 4).find((l) => l.trim());
      // "worcestershire sauce" at the end of a list is on it
      const isListed = /\s/.test(text.trim()) && isFoodName(stripMarks(text.trim()));
      // over the first lines of a method it heads those, and is no pastry to buy
      if (
        next &&
        !isListed &&
        draft.recipe.ingredients.length > 0 &&
        headsMethod(text, next) &&
        instructionScore(next) >= 3 &&
        ingredientScore(next) < 2
      )
        return note(draft, i + 1, text, 'heading');
      if (next && ingredientScore(next) >= 2) {
        draft.group = stripMarks(text.trim())
          .toLowerCase()
          .replace(/\s+ingredients$/, '');
        return note(draft, i + 1, text, 'heading');
      }
    }
    readLine(draft, text, i + 1);
  });
  if (raw.slice(MOST_LINES).some((l) => l.trim()))
    draft.notUnderstood.push({
      line: MOST_LINES + 1,
      text: raw[MOST_LINES]!.slice(0, 80),
      why: `the text goes on past ${MOST_LINES} lines; only those were read`,
    });
}

const isCapitals = (text: string) => /^\s*\p{Lu}[\p{Lu}\s'&-]{2,40}:?\s*$/u.test(text) && text.trim().split(/\s+/).length <= 4;

/** A recipe whose parts are named needs no guessing: each part is a line, in the order given. */
function readParts(draft: Draft, parts: Part[], problem: string | null): void {
  draft.headed = true;
  if (problem) refuse(draft, 1, problem, problem);
  parts.slice(0, MOST_LINES).forEach(({ kind, text }, i) => {
    const line = i + 1;
    if (text.length > LONGEST_LINE) return refuse(draft, line, text, `this line has more than ${LONGEST_LINE} characters`);
    switch (kind) {
      case 'title':
        draft.recipe.title = text.replace(/\s+/g, ' ').slice(0, 120);
        return note(draft, line, text, 'title');
      case 'servings':
        draft.recipe.servings ??= servingsOf(text)?.number ?? servingsOf(`serves ${text}`)?.number ?? null;
        return note(draft, line, text, 'servings');
      case 'section':
        draft.group = text || null;
        return note(draft, line, text, 'heading');
      case 'ingredient':
        // some sites put "For the sauce:" into the list of ingredients
        if (isSubheading(text, ingredientScore(text), instructionScore(text))) {
          draft.group = text.replace(/:\s*$/, '').replace(/^for (?:the )?/i, '');
          return note(draft, line, text, 'heading');
        }
        return addIngredient(draft, text, line, text);
      case 'tool':
        return addTool(draft, text, line, text);
      case 'instruction':
        return addInstruction(draft, stripMarks(text), line, text);
      case 'note':
        return note(draft, line, text, 'note');
    }
  });
}

function note(draft: Draft, line: number, text: string, role: LineRole['role'], index: number | null = null): void {
  draft.lines.push({ line, text, role, index });
}

function readLine(draft: Draft, raw: string, line: number): void {
  const text = stripMarks(raw.trim());
  if (!/[\p{L}\p{N}]/u.test(text)) {
    if (!text) return note(draft, line, raw, 'blank');
    // a rule of dashes or a lone emoji divides, and says nothing
    return note(draft, line, raw, /^[-=_*~\s]+$/.test(text) ? 'blank' : 'note');
  }
  if (text.length > LONGEST_LINE) return refuse(draft, line, text, `this line has more than ${LONGEST_LINE} characters`);
  const section = sectionOf(text);
  if (section) {
    const inside = /\(([^()]{1,40})\)/.exec(text);
    if (inside) draft.recipe.servings ??= servingsOf(inside[1]!)?.number ?? null;
    return enter(draft, section, line, raw);
  }
  const servings = draft.section !== 'method' || /^(?:serves|makes|yields?|servings)\b/i.test(text) ? servingsOf(text) : null;
  if (servings && text.length < 60 && !(draft.section === 'method' && instructionScore(text) >= 3 && !/^serves/i.test(text))) {
    draft.recipe.servings ??= servings.number;
    return note(draft, line, raw, 'servings');
  }
  // "12 cups | 10 min prep | 18 min bake"
  const facts = draft.section === 'method' || !/[|•·]/.test(text) ? [] : text.split(/\s+[|•·]\s+/);
  if (
    facts.length > 1 &&
    facts.some((f) => /^\D{0,20}\d+\s*(?:min|h)/i.test(f)) &&
    facts.every((f) => ingredientScore(f) < 2.5 || /^\d+\s+\p{L}+$/u.test(f))
  ) {
    for (const fact of facts.filter((f) => !/\d\s*(?:min|h)/i.test(f)))
      draft.recipe.servings ??= (servingsOf(fact) ?? servingsOf(`makes ${fact}`))?.number ?? null;
    if (!draft.recipe.title && draft.section === 'top') return place(draft, text, line, raw);
    return note(draft, line, raw, 'time');
  }
  if (draft.section !== 'method' && isOvenHeat(text)) return note(draft, line, raw, 'time');
  if (draft.section !== 'method' && /^you\b/i.test(text) && toolsInProse(draft, text, line, raw)) return;
  const withRest = headingWithRest(text);
  // "Prep: 15 min, cook: 10 min"
  if (withRest?.section === 'method' && /^(?:about |approx\.? )?\d+\s*(?:min|h(?:ou)?rs?\b|h\b)/i.test(withRest.rest) && text.length < 80)
    return note(draft, line, raw, 'time');
  if (withRest && !(draft.section === 'method' && withRest.section === 'method' && draft.headed)) {
    enter(draft, withRest.section, line, raw, false);
    const parts = withRest.section === 'ingredients' ? listOnOneLine(withRest.rest) : [];
    if (parts.length > 0) {
      for (const part of parts) (isTool(part) ? addTool : addIngredient)(draft, part, line, raw);
      return;
    }
    return place(draft, withRest.rest, line, raw);
  }
  // "Oven 160 °C. Mix the oats ..." says more than a temperature
  const goesOn = /[.!]\s+\p{Lu}\p{Ll}+\s/u.test(text);
  if (draft.section !== 'method' && TIME.test(text) && !goesOn && text.length < 80 && ingredientScore(text) < 2) {
    // "Prep 15 min, cook 50 min, serves 4"
    const serves = /\b(?:serves|makes|yields?|servings?)\b.*$/i.exec(text);
    if (serves) draft.recipe.servings ??= servingsOf(serves[0])?.number ?? null;
    return note(draft, line, raw, 'time');
  }
  place(draft, text, line, raw);
}

/** A bare word of the title on a line of its own, with no amount, set off from what is above it and with an amount right below. */
function headsPart({ recipe }: Draft, text: string, above: string | undefined, below: string | undefined): boolean {
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

/** "You will need a big pan with a lid, a knife and a tin opener." */
function toolsInProse(draft: Draft, text: string, line: number, raw: string): boolean {
  const said = /^you(?:['’]ll| will)? (?:also )?need (?!\d)(.+?)[.]?$/i.exec(text)?.[1];
  const parts = said?.split(/,\s*(?:and\s+)?|\s+and\s+/).map((p) => p.replace(/\s+with (?:a|its) lid$/i, '').trim()) ?? [];
  if (parts.length === 0 || !parts.every(isTool)) return false;
  for (const part of parts) addTool(draft, part.replace(/^(?:an?|some|the)\s+/i, ''), line, raw);
  return true;
}

function enter(draft: Draft, section: Section, line: number, raw: string, say = true): void {
  draft.section = section;
  draft.headed = true;
  draft.group = null;
  if (section === 'method') draft.sawMethod = true;
  if (say) note(draft, line, raw, 'heading');
}

function place(draft: Draft, text: string, line: number, raw: string): void {
  const like = ingredientScore(text);
  const does = instructionScore(text);
  if (isSubheading(text, like, does)) {
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
      if (like < 2.5 && isTool(text) && !(does >= 2 && /[.!]$/.test(text))) return addTool(draft, text, line, raw);
      // some lists run into the method with no heading between
      if (
        // "1 Put the potatoes in the tin.", though what to do before stood over the list
        (!draft.sawMethod || (/^\d{1,2}\s+\p{Lu}/u.test(text) && /[.!]$/.test(text))) &&
        like < 2 &&
        does >= 2 &&
        text.split(/\s+/).length > 3 &&
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
    draft.recipe.title = (servings ? behind[1]! : said.length > 0 ? name : text)
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

function refuse(draft: Draft, line: number, text: string, why: string): void {
  draft.notUnderstood.push({ line, text: text.slice(0, 200), why });
  note(draft, line, text.slice(0, 200), 'unread');
}

function addIngredient(draft: Draft, said: string, line: number, raw: string): void {
  // a table: the amount stands in a column of its own, behind
  const column = !/\s{3}|\t/.test(said) ? null : /^(\p{L}.*?\S)(?:\s{3,}|\t+)((?:\d|[½⅓¼¾⅔]).{0,20})$/u.exec(said);
  const text = column ? `${column[2]} ${column[1]}` : said;
  const ingredients = readIngredientLine(text, draft.group);
  const unnamed = ingredients.find((one) => !one.item);
  if (unnamed) return refuse(draft, line, raw, unnamed.doubt ?? 'no food is named on this line');
  for (const ingredient of ingredients) {
    draft.recipe.ingredients.push(ingredient);
    note(draft, line, raw, 'ingredient', draft.recipe.ingredients.length - 1);
    if (ingredient.doubt) draft.notUnderstood.push({ line, text: raw.trim(), why: ingredient.doubt });
  }
}

/** At the end of the list, so that no place in it changes; on Read it stands at the line that it is of. */
function addKeptApart(draft: Draft): void {
  const { ingredients, instructions } = draft.recipe;
  for (const { of, line } of keptApart(ingredients, instructions)) {
    const { text, group } = ingredients[of]!;
    ingredients.push({ ...readIngredient(line, group), text });
    const at = draft.lines.findLastIndex((l) => l.role === 'ingredient' && l.index === of);
    if (at >= 0) draft.lines.splice(at + 1, 0, { ...draft.lines[at]!, index: ingredients.length - 1 });
  }
}

function addTool(draft: Draft, text: string, line: number, raw: string): void {
  for (const tool of stripBullet(text).split(/,\s+|;\s+/)) if (tool.trim()) draft.recipe.tools.push(tool.trim().replace(/[.]$/, ''));
  note(draft, line, raw, 'tool', draft.recipe.tools.length - 1);
}

/** Lines as short as this end where their writer ended them; a page breaks longer ones (common practice: 60 to 100 characters a line). */
const WRAPS_FROM = 45;

/**
 * A line that the width of a page has broken off: it begins in lower case, and the one before ends in the middle of its sentence.
 * @returns whether it was joined to the line before
 */
function joinsLast(draft: Draft, text: string, line: number, raw: string): boolean {
  const last = draft.recipe.instructions.at(-1);
  const before = draft.lines.findLast((l) => l.role !== 'blank');
  if (!last || before?.role !== 'instruction' || before.line !== line - 1) return false;
  const goesOn = /^\p{Ll}/u.test(text) && !STEP_LABEL.test(text) && !/^[a-z][.)]\s/.test(text);
  // whoever begins every line in lower case begins a new one with what is to do
  const isStyle = /^\p{Ll}/u.test(draft.recipe.instructions[0] ?? '') && KITCHEN_VERBS.has(/^\p{L}+/u.exec(text)?.[0] ?? '');
  if (!goesOn || isStyle || /[.!?:;]["')]?$/.test(last) || before.text.trim().length < WRAPS_FROM) return false;
  draft.recipe.instructions[draft.recipe.instructions.length - 1] = `${last} ${text.trim()}`;
  note(draft, line, raw, 'instruction', draft.recipe.instructions.length - 1);
  return true;
}

function addInstruction(draft: Draft, text: string, line: number, raw: string): void {
  if (joinsLast(draft, text, line, raw)) return;
  const pieces = text.split(/(?<=[.!])\s+(?=\(?\d{1,2}[.)]\s+\p{L})/u);
  for (const piece of pieces) {
    const plain = instructionText(piece);
    if (!/\p{L}/u.test(plain)) continue;
    if (isTold(plain)) {
      note(draft, line, raw, 'note');
      continue;
    }
    const instruction = withoutLabel(plain.replace(/\s+/g, ' '));
    draft.recipe.instructions.push(instruction);
    note(draft, line, raw, 'instruction', draft.recipe.instructions.length - 1);
  }
}

/** A method in one paragraph becomes a line for each sentence: a line is what a person corrects and what a coarse step shows. */
function splitParagraph(draft: Draft): void {
  const only = draft.recipe.instructions;
  if (only.length !== 1 || only[0]!.length < 160) return;
  const sentences = only[0]!.split(/(?<=[\p{L}\d)°]{2}[.!])\s+(?=\p{Lu})/u);
  if (sentences.length < 3) return;
  draft.recipe.instructions = sentences;
  const role = draft.lines.find((l) => l.role === 'instruction')!;
  draft.lines = draft.lines.flatMap((l) => (l === role ? sentences.map((_, index) => ({ ...role, index })) : [l]));
}
