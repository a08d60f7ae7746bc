// Finds a recipe in structured data: schema.org Recipe as JSON-LD (alone, in a list, in @graph, inside a saved page), or this program's own JSON. Nothing in it runs and no address is followed.
import { plainOf } from './plain-text';

/** A recipe as named parts, each a line of plain text; `section` heads what follows. */
export type Part = { kind: 'title' | 'servings' | 'ingredient' | 'tool' | 'instruction' | 'section' | 'note'; text: string };
export type Structured = { parts: Part[]; problem: string | null };

const DEEPEST = 12;
const MOST_NODES = 20_000;

/**
 * The parts of a recipe in structured data.
 * @returns null when the source is no JSON and holds none: then it is text to be read line by line. `problem` says what is wrong with JSON that holds no recipe
 */
export function structuredRecipe(source: string): Structured | null {
  const text = source.replace(/^\ufeff/, '').trim();
  if (/^[[{]/.test(text)) {
    // "[ ] 2 eggs" and "{serves 4}" are text that starts with a bracket
    if (!/^(?:\[\s*[{[]|\{\s*["}])/.test(text)) return null;
    const read = parse(text);
    if ('problem' in read) return { parts: [], problem: read.problem };
    return partsOfData([read.value]) ?? { parts: [], problem: 'this is JSON, and no recipe is in it' };
  }
  const blocks = scriptBlocks(text);
  if (blocks.length === 0) return null;
  const values = blocks.map(parse).flatMap((read) => ('value' in read ? [read.value] : []));
  return partsOfData(values);
}

function parse(text: string): { value: unknown } | { problem: string } {
  try {
    return { value: JSON.parse(text) as unknown };
  } catch {
    const line = text.slice(0, brokenAt(text)).split('\n').length;
    return {
      problem: `this looks like JSON and breaks off in line ${line}: a bracket, a comma or a quotation mark is missing or too many`,
    };
  }
}

/** Where JSON stops being JSON, as an offset: engines say it in different ways or not at all. */
function brokenAt(text: string): number {
  const token = /\s*(?:([{}[\],:])|"(?:[^"\\\n]|\\.)*"|-?\d+(?:\.\d+)?(?:[eE][+-]?\d+)?|true|false|null)/y;
  const open: string[] = [];
  // what may come next: a value, a name of a field, a colon, or what ends a value
  let want: 'value' | 'name' | 'colon' | 'end' = 'value';
  let empty = false;
  for (;;) {
    const at = token.lastIndex;
    const m = token.exec(text);
    if (!m) return at;
    const mark = m[1];
    const start = token.lastIndex - m[0].trimStart().length;
    if (mark === undefined) {
      if (want === 'name' && m[0].trim().startsWith('"')) want = 'colon';
      else if (want === 'value') want = 'end';
      else return start;
      empty = false;
    } else if (mark === '{' || mark === '[') {
      if (want !== 'value') return start;
      open.push(mark);
      want = mark === '{' ? 'name' : 'value';
      empty = true;
    } else if (mark === '}' || mark === ']') {
      if (!(want === 'end' || empty) || open.pop() !== (mark === '}' ? '{' : '[')) return start;
      want = 'end';
      empty = false;
    } else if (mark === ':') {
      if (want !== 'colon') return start;
      want = 'value';
      empty = false;
    } else {
      if (want !== 'end' || open.length === 0) return start;
      want = open.at(-1) === '{' ? 'name' : 'value';
    }
  }
}

/** What stands in <script type="application/ld+json"> of a saved page. */
function scriptBlocks(html: string): string[] {
  const blocks: string[] = [];
  const lower = html.toLowerCase();
  for (let at = lower.indexOf('<script'); at >= 0 && blocks.length < 50; at = lower.indexOf('<script', at + 7)) {
    const close = html.indexOf('>', at);
    if (close < 0) break;
    const end = lower.indexOf('</script', close);
    if (end < 0) break;
    if (lower.slice(at, close).includes('ld+json'))
      blocks.push(
        html
          .slice(close + 1, end)
          .replace(/^\s*<!\[CDATA\[|\]\]>\s*$/g, '')
          .trim(),
      );
    at = end;
  }
  return blocks;
}

// eslint-disable-next-line no-restricted-syntax -- JSON as it came; only names that stand in this file are asked for
type Node = { [name: string]: unknown };
const isNode = (value: unknown): value is Node => typeof value === 'object' && value !== null && !Array.isArray(value);
const list = (value: unknown): unknown[] => (Array.isArray(value) ? value : value === undefined || value === null ? [] : [value]);
const words = (value: unknown): string => (typeof value === 'string' || typeof value === 'number' ? plainOf(String(value)) : '');
const typesOf = (node: Node) =>
  list(node['@type']).map((t) =>
    String(t)
      .replace(/^.*[/#]/, '')
      .toLowerCase(),
  );

function partsOfData(values: unknown[]): Structured | null {
  const found: Node[] = [];
  let seen = 0;
  const walk = (value: unknown, depth: number): void => {
    if (depth > DEEPEST || ++seen > MOST_NODES) return;
    if (Array.isArray(value)) return value.forEach((v) => walk(v, depth + 1));
    if (!isNode(value)) return;
    if (typesOf(value).includes('recipe') || isOwn(value)) return void found.push(value);
    for (const inner of Object.values(value)) if (typeof inner === 'object') walk(inner, depth + 1);
  };
  values.forEach((v) => walk(v, 0));
  const node = found[0];
  if (!node) return null;
  const parts = isOwn(node) ? partsOfOwn(node) : partsOfSchema(node);
  if (found.length > 1) parts.push({ kind: 'note', text: `This source holds ${found.length} recipes; the first is read.` });
  return { parts, problem: null };
}

function partsOfSchema(node: Node): Part[] {
  const parts: Part[] = [{ kind: 'title', text: words(node.name) || words(node.headline) }];
  // often given twice, as "4" and "4 servings": the longer says what it counts
  const yields = [...list(node.recipeYield), ...list(node.yield)].map(words).filter(Boolean);
  const yield_ = yields.sort((a, b) => b.length - a.length)[0];
  if (yield_) parts.push({ kind: 'servings', text: yield_ });
  for (const [key, name] of [
    ['prepTime', 'Preparation time'],
    ['cookTime', 'Cooking time'],
    ['totalTime', 'Total time'],
  ] as const) {
    const time = isoTime(words(node[key]));
    if (time) parts.push({ kind: 'note', text: `${name}: ${time}` });
  }
  for (const one of [...list(node.recipeIngredient), ...list(node.ingredients)].flatMap(ingredientLines))
    parts.push({ kind: 'ingredient', text: one });
  for (const tool of list(node.tool)) {
    const name = isNode(tool) ? words(tool.name) : words(tool);
    if (name) parts.push({ kind: 'tool', text: name });
  }
  parts.push(...instructionParts(node.recipeInstructions, 0));
  return parts;
}

/** One string, a list of strings, or HowToSupply with an amount. */
function ingredientLines(value: unknown): string[] {
  if (isNode(value)) {
    const amount = isNode(value.requiredQuantity)
      ? [words(value.requiredQuantity.value), words(value.requiredQuantity.unitText)].join(' ')
      : words(value.requiredQuantity);
    return [[amount, words(value.name) || words(value.text)].join(' ').trim()].filter(Boolean);
  }
  return linesOf(words(value));
}

const linesOf = (text: string) =>
  text
    .split('\n')
    .map((l) => l.trim())
    .filter(Boolean);

function instructionParts(value: unknown, depth: number): Part[] {
  if (depth > DEEPEST) return [];
  if (Array.isArray(value)) return value.flatMap((v) => instructionParts(v, depth + 1));
  if (!isNode(value)) return linesOf(words(value)).map((text) => ({ kind: 'instruction', text }));
  const inner = value.itemListElement ?? value.steps ?? value.item;
  const types = typesOf(value);
  if (inner !== undefined && (types.includes('howtosection') || types.includes('itemlist') || !value.text)) {
    const name = types.includes('howtosection') ? words(value.name) : '';
    return [...(name ? [{ kind: 'section' as const, text: name }] : []), ...instructionParts(inner, depth + 1)];
  }
  const text = words(value.text) || words(value.description) || words(value.name);
  return linesOf(text).map((line) => ({ kind: 'instruction', text: line }));
}

/** "PT1H30M" as words; empty for anything else. */
function isoTime(text: string): string {
  const m = /^P(?:(\d{1,3})D)?T?(?:(\d{1,3})H)?(?:(\d{1,4})M)?/i.exec(text);
  if (!m) return '';
  const minutes = Number(m[1] ?? 0) * 1440 + Number(m[2] ?? 0) * 60 + Number(m[3] ?? 0);
  return minutes > 0 ? `${minutes} minutes` : '';
}

/** The mark of this program's own JSON; the number is raised when its fields change their meaning. */
export const OWN_FORMAT = 'yellow-rung-recipe-1';
const isOwn = (node: Node) => node.format === OWN_FORMAT && isNode(node.recipe);

/** Own JSON holds each ingredient as its line, so that reading it again gives the same. */
function partsOfOwn(node: Node): Part[] {
  const recipe = node.recipe as Node;
  const parts: Part[] = [{ kind: 'title', text: words(recipe.title) }];
  if (words(recipe.servings)) parts.push({ kind: 'servings', text: words(recipe.servings) });
  let group = '';
  for (const one of list(recipe.ingredients)) {
    const own = isNode(one) ? words(one.group) : '';
    if (own !== group) parts.push({ kind: 'section', text: own });
    group = own;
    const text = isNode(one) ? words(one.text) || words(one.item) : words(one);
    if (text) parts.push({ kind: 'ingredient', text });
  }
  for (const tool of list(recipe.tools)) if (words(tool)) parts.push({ kind: 'tool', text: words(tool) });
  for (const line of list(recipe.instructions)) if (words(line)) parts.push({ kind: 'instruction', text: words(line) });
  return parts;
}

/** Structured data as the text that a person would have written: title, servings, headed lists. */
export function textOfParts(parts: readonly Part[]): string {
  const of = (kind: Part['kind']) => parts.filter((p) => p.kind === kind).map((p) => p.text);
  const headed = (heading: string, kind: Part['kind'], mark: (i: number) => string) => {
    const lines: string[] = [];
    let count = 0;
    let group: string | null = null;
    for (const part of parts) {
      if (part.kind === 'section') group = part.text;
      else if (part.kind === kind) {
        if (group) lines.push(`${group.replace(/:?$/, ':')}`);
        group = null;
        lines.push(mark(count++) + part.text);
      }
    }
    return lines.length ? ['', heading, ...lines] : [];
  };
  return [
    ...of('title'),
    ...of('servings').map((s) => (/^\D/.test(s) ? s : `Serves ${s}`)),
    ...of('note'),
    ...headed('Ingredients', 'ingredient', () => '- '),
    ...(of('tool').length ? ['', 'Equipment', ...of('tool').map((t) => `- ${t}`)] : []),
    ...headed('Method', 'instruction', (i) => `${i + 1}. `),
  ]
    .join('\n')
    .trim();
}
