// Lines that say several things at once: a title among other facts of a sheet, or title, list and method.
import { servingsOf } from './headings';
import { ingredientScore, instructionScore } from './line-score';
import { hasAmount, listOnOneLine } from './one-line-list';
import { addInstruction } from './add-instruction';
import { addIngredient, type Draft, enter, note } from './read-draft';

/**
 * "Recipe: oat bites" below the name of the group, "Step by step: chicken wraps" over all else: what the sheet is of.
 */
export function titleNamed(draft: Draft, text: string): string | null {
  if (draft.section !== 'top' || draft.recipe.ingredients.length > 0) return null;
  const m =
    /^(recipe(?: name| of the (?:day|week))?|(?:today )?(?:we are|i am|we['’]re|i['’]m) (?:making|cooking)|what we are making|step[- ]by[- ]step|how to make)\s*[:–—-]\s+(\p{L}.{2,80})$/iu.exec(
      text,
    );
  const isFirst = !draft.recipe.title;
  if (!m || instructionScore(m[2]!) >= 2 || ingredientScore(m[2]!) >= 3 || (!isFirst && !/^recipe|making|cooking/i.test(m[1]!)))
    return null;
  return m[2]!.replace(/[.:]$/, '').trim();
}

/** "Lentil soup for 4: 200 g lentils, 1 onion, 1 litre stock. Chop the onion ...": title, list and method on one line. */
export function readInOne(draft: Draft, text: string, line: number, raw: string): boolean {
  const m = /^(\p{Lu}[^:.]{3,80}?)(?:,?\s+\(?(?:for|serves|makes)\s+(\d+)(?:\s+people)?\)?)?:\s+(.+?)[.]\s+(\p{Lu}.*)$/su.exec(text);
  if (!m || draft.section !== 'top' || draft.recipe.title || draft.recipe.ingredients.length > 0) return false;
  const parts = listOnOneLine(m[3]!);
  if (parts.length < 3 || parts.filter(hasAmount).length * 2 < parts.length || instructionScore(m[4]!) < 2) return false;
  draft.recipe.title = m[1]!.trim();
  draft.recipe.servings ??= m[2] === undefined ? null : Number(m[2]);
  note(draft, line, raw, 'title');
  for (const part of parts) addIngredient(draft, part, line, raw);
  enter(draft, 'method', line, raw, false);
  addInstruction(draft, m[4]!, line, raw);
  return true;
}

/** "Group: Year 10     Recipe: fajita bowl     Makes 2": what the sheet is of stands among other things. */
export function readFacts(draft: Draft, text: string, line: number, raw: string): boolean {
  const facts = text.split(/\s{3,}/);
  const title = facts.length < 2 ? undefined : facts.map((fact) => titleNamed(draft, fact)).find((named) => named !== null);
  if (title === undefined) return false;
  draft.recipe.title = title.slice(0, 120);
  for (const fact of facts) draft.recipe.servings ??= servingsOf(fact)?.number ?? null;
  note(draft, line, raw, 'title');
  return true;
}
