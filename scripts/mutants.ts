// Every condition of some floors of core able to answer otherwise, by number, all in one bundle: `$MUTANT.n`, set while it runs, says which, and `$MUTANT.s` is told what each answers.
import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { pathToFileURL } from 'node:url';
import type { Plugin } from 'esbuild';
import ts from 'typescript';

const ROOT = process.cwd();

/** `of` is the number that the condition tells its answer by: that of its change to `true`. */
export type Change = { id: number; of: number; where: string; what: string; becomes: string };

const EDGES = new Map<ts.SyntaxKind, string>([
  [ts.SyntaxKind.LessThanToken, '<='],
  [ts.SyntaxKind.LessThanEqualsToken, '<'],
  [ts.SyntaxKind.GreaterThanToken, '>='],
  [ts.SyntaxKind.GreaterThanEqualsToken, '>'],
]);
const COMPARES = new Set([
  ts.SyntaxKind.EqualsEqualsEqualsToken,
  ts.SyntaxKind.ExclamationEqualsEqualsToken,
  ts.SyntaxKind.InKeyword,
  ...EDGES.keys(),
]);
const ASKS = new Set(['filter', 'some', 'every', 'find', 'findIndex', 'findLast']);
const isJoin = (node: ts.Node): node is ts.BinaryExpression =>
  ts.isBinaryExpression(node) &&
  (node.operatorToken.kind === ts.SyntaxKind.AmpersandAmpersandToken || node.operatorToken.kind === ts.SyntaxKind.BarBarToken);
const isNot = (node: ts.Node): node is ts.PrefixUnaryExpression =>
  ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken;

/** Whether the answer of this expression is asked for as yes or no. */
function isAsked(node: ts.Node): boolean {
  const { parent } = node;
  if (ts.isParenthesizedExpression(parent)) return isAsked(parent);
  if (isJoin(parent) || isNot(parent)) return true;
  if (ts.isIfStatement(parent) || ts.isWhileStatement(parent)) return parent.expression === node;
  if (ts.isConditionalExpression(parent)) return parent.condition === node;
  if (ts.isArrowFunction(parent) && parent.body === node) {
    const call = parent.parent;
    return ts.isCallExpression(call) && ts.isPropertyAccessExpression(call.expression) && ASKS.has(call.expression.name.text);
  }
  return ts.isBinaryExpression(node) && COMPARES.has(node.operatorToken.kind);
}

/** The file with each of its conditions able to answer otherwise, by number. */
function withChanges(path: string, changes: Change[]): string {
  const text = readFileSync(path, 'utf8');
  const file = ts.createSourceFile(path, text, ts.ScriptTarget.Latest, true);
  const write = (node: ts.Node): string => {
    let told = '';
    let at = node.getStart(file);
    node.forEachChild((child) => {
      if (child.getStart(file) < at) return;
      told += text.slice(at, child.getStart(file)) + write(child);
      at = child.end;
    });
    told += text.slice(at, node.end);
    const isLeaf = ts.isExpression(node) && !ts.isParenthesizedExpression(node) && !isJoin(node) && !isNot(node) && isAsked(node);
    if (!isLeaf) return told;
    const line = file.getLineAndCharacterOfPosition(node.getStart(file)).line + 1;
    const of = changes.length + 1;
    const note = (becomes: string) =>
      changes.push({
        id: changes.length + 1,
        of,
        where: `${relative(ROOT, path)}:${line}`,
        what: node.getText(file).replace(/\s+/g, ' '),
        becomes,
      });
    const yes = note('true');
    const no = note('false');
    const edge = ts.isBinaryExpression(node) ? EDGES.get(node.operatorToken.kind) : undefined;
    const moved =
      ts.isBinaryExpression(node) && edge ? `$M.n===${note(edge)}?(${node.left.getText(file)})${edge}(${node.right.getText(file)}):` : '';
    return `($M.n===${yes}?true:$M.n===${no}?false:${moved}$M.s(${yes},${told}))`;
  };
  return `const $M = (globalThis.$MUTANT ??= { n: 0, s: (_, answer) => answer });\n${write(file)}`;
}

/**
 * The changes there are in these floors (folders of src/core), and the plugin that builds them in.
 * @param floors names of folders, as `kitchen`
 */
export function mutants(names: readonly string[]): { changes: Change[]; mutating: Plugin } {
  const changes: Change[] = [];
  const floors = names.map((name) => join(ROOT, 'src/core', name));
  const changed = new Map(
    floors
      .flatMap((floor) => readdirSync(floor).map((name) => join(floor, name)))
      .filter((path) => path.endsWith('.ts') && !path.endsWith('.test.ts'))
      .sort()
      .map((path) => [path, withChanges(path, changes)]),
  );

  const mutating: Plugin = {
    name: 'mutating',
    setup(bundle) {
      bundle.onLoad({ filter: /\.ts$/ }, ({ path }) => {
        const contents = changed.get(path);
        if (contents !== undefined) return { contents, loader: 'ts' };
        return {
          contents: readFileSync(path, 'utf8').replaceAll('import.meta.url', JSON.stringify(pathToFileURL(path).href)),
          loader: 'ts',
        };
      });
    },
  };
  return { changes, mutating };
}
