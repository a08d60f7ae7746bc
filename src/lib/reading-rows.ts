// A reading as rows that a person corrects one by one: each source line with what it was taken for.
import { readIngredient, type Ingredient, type LineRole, type Reading } from '$core';

export type Role = LineRole['role'];
export type Row = {
  id: number;
  /** Source line, from 1; null for what was found in the method and stands on no line of its own. */
  line: number | null;
  source: string;
  role: Role;
  /** Why a person should look at it; null when there is no doubt. */
  why: string | null;
  ingredient: Ingredient | null;
  /** Words of an instruction, a tool or a note. */
  text: string;
};

/** The rows of a reading, in the order of the source. */
export function rowsOf(reading: Reading): Row[] {
  const { recipe, lines, notUnderstood } = reading;
  const onLines = new Set(lines.flatMap((l) => (l.role === 'ingredient' && l.index !== null ? [l.index] : [])));
  const loose = recipe.ingredients.flatMap((ingredient, i) =>
    onLines.has(i) ? [] : [{ line: null, source: '', role: 'ingredient' as const, why: ingredient.doubt, ingredient, text: '' }],
  );
  const rows = joined(lines).map((l) => {
    const ingredient = l.role === 'ingredient' && l.index !== null ? (recipe.ingredients[l.index] ?? null) : null;
    const text = l.role === 'instruction' && l.index !== null ? (recipe.instructions[l.index] ?? l.text) : l.text.trim();
    const why = ingredient
      ? ingredient.doubt
      : l.role === 'unread'
        ? (notUnderstood.find((n) => n.line === l.line)?.why ?? 'not understood')
        : null;
    return { line: l.line, source: l.text, role: l.role, why, ingredient, text };
  });
  return [...loose, ...rows].map((row, id) => ({ ...row, id }));
}

/** Lines that a page broke and that are one ingredient or one line of method are one row: what is corrected there is corrected once. */
function joined(lines: readonly LineRole[]): LineRole[] {
  const rows: LineRole[] = [];
  for (const line of lines) {
    const before = rows.findLastIndex((row) => row.index !== null && row.role === line.role && row.index === line.index);
    const isPart = before >= 0 && line.index !== null && (line.role === 'ingredient' || line.role === 'instruction');
    if (isPart) rows[before] = { ...rows[before], text: `${rows[before].text} ${line.text.trim()}` };
    else rows.push(line);
  }
  return rows;
}

/** The reading that corrected rows stand for. */
export function readingOf(rows: readonly Row[], title: string, servings: number | null, tools: string[]): Reading {
  const ingredients: Ingredient[] = [];
  const instructions: string[] = [];
  const lines: LineRole[] = [];
  const notUnderstood: Reading['notUnderstood'] = [];
  const ownTools: string[] = [];
  let sawTools = false;
  for (const row of rows) {
    let index: number | null = null;
    if (row.role === 'ingredient' && row.ingredient) {
      index = ingredients.push(row.why === null ? { ...row.ingredient, doubt: null } : row.ingredient) - 1;
      if (row.why !== null && row.line !== null) notUnderstood.push({ line: row.line, text: row.source.slice(0, 200), why: row.why });
    } else if (row.role === 'instruction' && row.text.trim()) index = instructions.push(row.text.trim()) - 1;
    else if (row.role === 'tool') {
      sawTools = true;
      ownTools.push(
        ...row.text
          .replace(/^[-*•\s]+/, '')
          .replace(/^[^:,]{3,40}:\s*/, '')
          .split(/[,;]\s+/)
          .filter(Boolean),
      );
    } else if (row.role === 'unread' && row.line !== null)
      notUnderstood.push({ line: row.line, text: row.source.slice(0, 200), why: row.why ?? 'not understood' });
    if (row.line !== null) lines.push({ line: row.line, text: row.source.slice(0, 2000), role: row.role, index });
  }
  return { recipe: { title, servings, ingredients, tools: sawTools ? ownTools : tools, instructions }, notUnderstood, lines };
}

/** A row taken for something else. As an ingredient it is read anew; the person's word settles the doubt. */
export function withRole(row: Row, role: Role): Row {
  if (role === 'ingredient') {
    const ingredient = row.ingredient ?? readIngredient(row.text || row.source);
    const named = ingredient.item ? ingredient : { ...ingredient, item: row.source.trim().slice(0, 200) };
    return { ...row, role, ingredient: named, why: null };
  }
  return { ...row, role, why: null, text: row.text || row.source.trim() };
}

/** How many rows a person should look at. */
export function toLookAt(rows: readonly Row[]): number {
  return rows.filter((r) => r.why !== null).length;
}
