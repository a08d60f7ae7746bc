// One process of mutate.ts, put at the end of the bundle of tests: runs each test once and keeps which conditions it asks, then says of each change whether a test fails with it, and if
// none does whether a recipe comes out otherwise.
import { readdirSync, readFileSync, writeFileSync, existsSync } from 'node:fs';
import { join } from 'node:path';
import { buildTask, dryRun, readRecipe } from '../src/core/index';
import { CASES } from './mutate-tests';

type Asked = { ms: number; yes: Set<number>; no: Set<number> };
type Looked = { name: string; noticed: (id: number) => Promise<boolean>; asked: Asked; kills: number };
const holder = globalThis as unknown as { $MUTANT: { n: number; s: (id: number, answer: unknown) => unknown } };
const usual = holder.$MUTANT.s;

/** Runs it and keeps which conditions answered yes, and which no. */
async function watched(run: () => unknown): Promise<Asked> {
  const yes = new Set<number>();
  const no = new Set<number>();
  holder.$MUTANT.s = (id, answer) => {
    (answer ? yes : no).add(id);
    return answer;
  };
  const from = performance.now();
  await run();
  holder.$MUTANT.s = usual;
  return { ms: performance.now() - from, yes, no };
}

const cards = (text: string): string => {
  const task = buildTask(readRecipe(text).recipe, { grain: 'standard' });
  const steps = task.steps.map((s) => [s.text, s.technique, s.into, s.tools, s.hazards, s.supervision, s.minutes, s.cues]);
  return JSON.stringify([steps, dryRun(task).map((f) => `${f.code} ${f.about} ${f.stepKey}`)]);
};

const ofTest = (one: (typeof CASES)[number]) => async (id: number) => {
  holder.$MUTANT.n = id;
  try {
    await one.run();
    return false;
  } catch {
    return true;
  } finally {
    holder.$MUTANT.n = 0;
  }
};
const ofRecipe = (text: string) => {
  let now = '';
  const look = () => (now = cards(text));
  const said = { text: '' };
  const noticed = (id: number) => {
    holder.$MUTANT.n = id;
    try {
      return Promise.resolve(look() !== said.text);
    } catch {
      return Promise.resolve(true);
    } finally {
      holder.$MUTANT.n = 0;
    }
  };
  return { look, noticed, keep: () => void (said.text = now) };
};

/** What was asked, from the file where another process kept it, or by running everything once. */
const KEPT = process.env.ASKED!;
const kept = new Map<string, { ms: number; yes: number[]; no: number[] }>(
  existsSync(KEPT) ? (JSON.parse(readFileSync(KEPT, 'utf8')) as [string, { ms: number; yes: number[]; no: number[] }][]) : [],
);
const askedBy = async (name: string, run: () => unknown): Promise<Asked> => {
  const known = kept.get(name);
  if (known) return { ms: known.ms, yes: new Set(known.yes), no: new Set(known.no) };
  return watched(run);
};

const tests: Looked[] = [];
for (const one of CASES) {
  const name = `${one.file} ${one.name}`;
  tests.push({ name, noticed: ofTest(one), asked: await askedBy(name, one.run), kills: 0 });
}
const recipes: Looked[] = [];
for (const folder of process.env.FOLDERS!.split(','))
  for (const file of readdirSync(folder)) {
    const name = join(folder, file);
    const { look, noticed, keep } = ofRecipe(readFileSync(name, 'utf8'));
    const asked = await askedBy(name, look);
    if (kept.has(name)) look();
    keep();
    recipes.push({ name, noticed, asked, kills: 0 });
  }
if (!existsSync(KEPT))
  writeFileSync(
    KEPT,
    JSON.stringify(
      [...tests, ...recipes].map(({ name, asked }) => [name, { ms: asked.ms, yes: [...asked.yes], no: [...asked.no] }] as const),
    ),
  );

type Ask = { id: number; of: number; becomes: string; most: number };
/** The first of them that notices, of those whose answers it alters; the quick ones that noticed most come first. */
async function first(all: Looked[], { id, of, becomes }: Ask, most: number): Promise<string[]> {
  const by: string[] = [];
  const relevant = all
    .filter(({ asked }) =>
      becomes === 'true' ? asked.no.has(of) : becomes === 'false' ? asked.yes.has(of) : asked.no.has(of) || asked.yes.has(of),
    )
    .sort((a, b) => (b.kills + 1) / b.asked.ms - (a.kills + 1) / a.asked.ms);
  for (const one of relevant) {
    if (!(await one.noticed(id))) continue;
    one.kills++;
    by.push(one.name);
    if (by.length >= most) break;
  }
  return by;
}
process.on('message', (ask: Ask) => {
  void (async () => {
    const [test] = await first(tests, ask, 1);
    const altered = test === undefined ? await first(recipes, ask, ask.most) : [];
    const asked = [...tests, ...recipes].some(({ asked: a }) => (ask.becomes === 'true' ? a.no.has(ask.of) : a.yes.has(ask.of)));
    process.send!({ id: ask.id, test: test ?? null, recipes: altered, asked });
  })();
});
process.send?.({ ready: true });
