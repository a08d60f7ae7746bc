// Reads a whole recipe from text: finds its parts however they are headed or numbered, and says which lines it did not understand.
import { keptApart } from './kept-apart';
import { readIngredient } from './ingredient-line';
import { withinBounds } from './bounds';
import { amountsInMethod } from './method-amounts';
import { isFoodName } from './food';
import { headingWithRest, headsMethod, isLouder, PART_OF_DISH, sectionOf, servingsOf, TIME } from './headings';
import { ingredientScore, instructionScore, isSubheading, stripMarks } from './line-score';
import { isOvenHeat, sayOvenHeat } from './method-lines';
import { legendsOf, withMarksSaid } from './legend';
import { isTool, listOnOneLine } from './one-line-list';
import { sourceLines } from './plain-text';
import type { Reading } from './recipe';
import { type Part, structuredRecipe, textOfParts } from './structured';
import { brokenOffIn, joinsItem } from './broken-lines';
import { addInstruction } from './add-instruction';
import { addIngredient, addTool, type Draft, enter, LONGEST_LINE, note, refuse } from './read-draft';
import { readFacts, readInOne, titleNamed } from './read-at-once';
import { headsPart, place, unrated } from './read-place';
import { headsAmounts, headsFirst } from './word-heads';

export const MOST_LINES = 1000;

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
    isBroken: () => false,
    isNumbered: false,
    endsInStops: false,
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
  Object.assign(draft, brokenOffIn(raw.slice(0, MOST_LINES)));
  const legends = legendsOf(raw.slice(0, MOST_LINES));
  raw.slice(0, MOST_LINES).forEach((said, i) => {
    const legend = legends.find((one) => one.line === i);
    if (legend && !legend.inside) return note(draft, i + 1, said, 'note');
    const text = legends.length > 0 ? withMarksSaid(legend?.inside ? said.replace(legend.inside, '') : said, legends) : said;
    if ((draft.section === 'ingredients' || draft.section === 'top') && joinsItem(draft, stripMarks(text.trim()), i + 1, said)) return;
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
    if (draft.section !== 'method' && (headsAmounts(draft, text, raw[i + 1]) || headsFirst(draft, raw, i))) {
      draft.group = stripMarks(text.trim()).replace(/:$/, '').toLowerCase();
      return note(draft, i + 1, text, 'heading');
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
        draft.recipe.title = unrated(text).replace(/\s+/g, ' ').slice(0, 120);
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
  if (readInOne(draft, text, line, raw) || readFacts(draft, text, line, raw)) return;
  const withRest = headingWithRest(text);
  const named = titleNamed(draft, text);
  if (named) {
    draft.recipe.title = named.slice(0, 120);
    return note(draft, line, raw, 'title');
  }
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

/** "You will need a big pan with a lid, a knife and a tin opener." */
function toolsInProse(draft: Draft, text: string, line: number, raw: string): boolean {
  const said = /^you(?:['’]ll| will)? (?:also )?need (?!\d)(.+?)[.]?$/i.exec(text)?.[1];
  const parts = said?.split(/,\s*(?:and\s+)?|\s+and\s+/).map((p) => p.replace(/\s+with (?:a|its) lid$/i, '').trim()) ?? [];
  if (parts.length === 0 || !parts.every(isTool)) return false;
  for (const part of parts) addTool(draft, part.replace(/^(?:an?|some|the)\s+/i, ''), line, raw);
  return true;
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
