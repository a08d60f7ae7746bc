// What of the kitchen's law could be switched off without a test noticing: one condition at a time is put to true, to false, or moved by one at its edge, and the tests of
// core that play kitchens are run until the first that fails. All changes lie in one bundle, of which the environment picks one.
//   npx tsx scripts/mutate.ts [--sample 200] [--seed 1] [--at kitchen,plan] [--workers 2] [--only 12,40] [--tests a.test.ts,b.test.ts]
import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { basename, join, relative, resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { parseArgs } from 'node:util';
import { build, type Plugin } from 'esbuild';
import ts from 'typescript';

const { values: said } = parseArgs({
  options: {
    sample: { type: 'string', default: '200' },
    seed: { type: 'string', default: '1' },
    at: { type: 'string', default: 'kitchen,plan' },
    workers: { type: 'string', default: '2' },
    only: { type: 'string', default: '' },
    tests: { type: 'string', default: '' },
  },
});
const ROOT = process.cwd();
const OUT = join(ROOT, '.data/mutants');
const FLOORS = said.at.split(',').map((floor) => join(ROOT, 'src/core', floor));

type Change = { id: number; where: string; what: string; becomes: string };
const changes: Change[] = [];

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
function withChanges(path: string): string {
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
    const note = (becomes: string) =>
      changes.push({
        id: changes.length + 1,
        where: `${relative(ROOT, path)}:${line}`,
        what: node.getText(file).replace(/\s+/g, ' '),
        becomes,
      });
    const yes = note('true');
    const no = note('false');
    const edge = ts.isBinaryExpression(node) ? EDGES.get(node.operatorToken.kind) : undefined;
    const moved =
      ts.isBinaryExpression(node) && edge ? `$M===${note(edge)}?(${node.left.getText(file)})${edge}(${node.right.getText(file)}):` : '';
    return `($M===${yes}?true:$M===${no}?false:${moved}(${told}))`;
  };
  return `const $M = Number(process.env.MUTANT ?? 0);\n${write(file)}`;
}

const CHANGED = new Map(
  FLOORS.flatMap((floor) => readdirSync(floor).map((name) => join(floor, name)))
    .filter((path) => path.endsWith('.ts') && !path.endsWith('.test.ts'))
    .sort()
    .map((path) => [path, withChanges(path)]),
);

const mutating: Plugin = {
  name: 'mutating',
  setup(bundle) {
    bundle.onLoad({ filter: /\.ts$/ }, ({ path }) => {
      if (/\.test\.ts$|tests\//.test(path))
        return {
          contents: readFileSync(path, 'utf8').replaceAll('import.meta.url', JSON.stringify(pathToFileURL(path).href)),
          loader: 'ts',
        };
      const contents = CHANGED.get(path);
      return contents === undefined ? undefined : { contents, loader: 'ts' };
    });
  },
};

const testsIn = (folder: string) =>
  readdirSync(join(ROOT, folder))
    .filter((name) => name.endsWith('.test.ts'))
    .map((name) => join(folder, name));
// the quick ones first: most changes are seen there
const USUAL = ['src/core/kitchen', 'src/core/plan', 'src/core/task/dry-run', 'src/core/task', 'tests/rules'].flatMap(testsIn);
const TESTS = said.tests === '' ? USUAL : said.tests.split(',');

async function bundle() {
  mkdirSync(OUT, { recursive: true });
  writeFileSync(join(OUT, 'all.ts'), TESTS.map((file) => `import ${JSON.stringify(resolve(ROOT, file))};`).join('\n'));
  await build({
    entryPoints: [join(OUT, 'all.ts')],
    outfile: join(OUT, 'all.test.mjs'),
    bundle: true,
    platform: 'node',
    format: 'esm',
    packages: 'external',
    ignoreAnnotations: true,
    logLevel: 'warning',
    plugins: [mutating],
  });
  writeFileSync(
    join(OUT, 'vitest.config.mjs'),
    `export default { test: { include: ['all.test.mjs'], pool: 'forks', maxWorkers: 1, testTimeout: 120000, reporters: ['dot'], bail: 1 } };`,
  );
}

/** Whether the tests pass with that change; one that never ends has been seen too. */
const survives = (id: number) =>
  new Promise<boolean>((done) => {
    const run = spawn('npx', ['vitest', 'run', '--root', OUT], {
      env: { ...process.env, MUTANT: String(id) },
      stdio: 'ignore',
      detached: true,
    });
    const late = setTimeout(() => process.kill(-run.pid!, 'SIGKILL'), 300_000);
    run.on('close', (code) => {
      clearTimeout(late);
      done(code === 0);
    });
  });

await bundle();
const only = said.only.split(',').filter(Boolean).map(Number);
let x = Number(said.seed);
const drawn = changes
  .map((change) => ({ change, by: (x = (x * 1664525 + 1013904223) % 4294967296) }))
  .sort((a, b) => a.by - b.by)
  .slice(0, Number(said.sample))
  .map((one) => one.change);
const wanted = only.length > 0 ? changes.filter((one) => only.includes(one.id)) : drawn;
console.log(`${changes.length} changes of a condition in ${FLOORS.map((f) => basename(f)).join(' and ')}, ${wanted.length} of them tried`);
if (!(await survives(0))) throw new Error('The tests fail with nothing changed');
const left: Change[] = [];
const queue = [...wanted];
await Promise.all(
  Array.from({ length: Number(said.workers) }, async () => {
    for (let one = queue.shift(); one; one = queue.shift()) {
      if (!(await survives(one.id))) continue;
      left.push(one);
      console.log(`${one.id}  ${one.where}  ${one.what}  ->  ${one.becomes}`);
    }
  }),
);
const noticed = wanted.length - left.length;
console.log(`${noticed} of ${wanted.length} noticed (${((noticed / wanted.length) * 100).toFixed(1)} %)`);
