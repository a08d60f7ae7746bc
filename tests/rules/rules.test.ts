// What must hold for the cards of any recipe, over every recipe that there is; each rule with a planted break that it catches.
import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { buildTask, dryRun, findFood, mendAll, readRecipe, reword, type Recipe, type Step, type TaskAnalysis } from '../../src/core/index';
import * as rules from './rules';

const FOLDERS = ['../recipes/', '../more-recipes/', '../judged/first/', '../judged/second/'].map((f) => new URL(f, import.meta.url));
const RECIPES = FOLDERS.flatMap((folder) =>
  readdirSync(folder).map((name) => ({ name, text: readFileSync(new URL(name, folder), 'utf8') })),
);
const isWet = (item: string) => ['liquid', 'sticky', 'soft'].includes(findFood(item)?.form ?? 'whole');

const broken = (recipe: Recipe, task: TaskAnalysis): rules.Broken[] => {
  const findings = dryRun(task, undefined, { tried: false });
  return [
    ...rules.namesItsObject(task.steps),
    ...rules.usesTheList(recipe, task.steps, findings),
    ...rules.coversTheMethod(recipe, task.steps, findings),
    ...rules.mindsTheHeat(task.steps),
    ...rules.washesAfterRaw(task.steps),
    ...rules.mindsThePlaces(task.steps),
    ...rules.mindsTheMeasures(task.steps, isWet),
    ...rules.fetches(task.steps),
  ];
};

const BUILT = RECIPES.map(({ name, text }) => {
  const { recipe } = readRecipe(text);
  return { name, recipe, task: buildTask(recipe, { grain: 'standard' }) };
});

describe('every recipe', () => {
  const all = BUILT.flatMap(({ name, recipe, task }) => broken(recipe, task).map((b) => ({ ...b, name })));
  const of = (rule: number) => all.filter((b) => b.rule === rule).map((b) => `${b.name}: ${b.why}`);
  // heat, raw food, lids, measures, fetching: none at all
  test.each([4, 5, 6, 7, 8])('rule %i holds on every card', (rule) => expect(of(rule)).toEqual([]));
  // words and lists still have open ends: none more than today
  test('rule 1: all but a few cards name their object', () => expect(of(1).length, of(1).join('\n')).toBeLessThanOrEqual(11));
  test('rules 2 and 3: all but a few things of a recipe are used and told', () => {
    expect([...of(2), ...of(3)].length, [...of(2), ...of(3)].join('\n')).toBeLessThanOrEqual(2);
  });
});

describe('a planted break is caught', () => {
  const soup = BUILT.find((b) => b.name === 'lentil-soup.txt')!;
  const biscuits = BUILT.find((b) => b.name === 'oat-biscuits.txt')!;
  const change = (task: TaskAnalysis, test: (s: Step) => boolean, by: Partial<Step>): TaskAnalysis => ({
    ...task,
    steps: task.steps.map((s) => (test(s) ? { ...s, ...by } : s)),
  });
  const without = (task: TaskAnalysis, test: (s: Step) => boolean): TaskAnalysis => ({
    ...task,
    steps: task.steps.filter((s) => !test(s)),
  });
  const codes = (recipe: Recipe, task: TaskAnalysis) => broken(recipe, task).map((b) => b.rule);

  test('1: a bare verb, a pronoun', () => {
    expect(
      codes(
        soup.recipe,
        change(soup.task, (s) => s.technique === 'simmer', { text: 'Simmer for 20 minutes.' }),
      ),
    ).toContain(1);
    expect(
      codes(
        soup.recipe,
        change(soup.task, (s) => s.technique === 'simmer', { text: 'Simmer it.' }),
      ),
    ).toContain(1);
  });
  test('2 and 3: a food that no card uses, a time that no card tells', () => {
    const unused = { ...soup.task, steps: soup.task.steps.map((s) => ({ ...s, uses: s.uses.filter((u) => u.ingredient !== 1) })) };
    expect(rules.usesTheList(soup.recipe, unused.steps, []).map((b) => b.rule)).toContain(2);
    const untimed = change(soup.task, (s) => s.technique === 'simmer', { text: 'Simmer the soup.', cues: [] });
    expect(rules.coversTheMethod(soup.recipe, untimed.steps, []).map((b) => b.rule)).toContain(3);
  });
  test('4: the hob left on, off too early, a hot pan unmarked', () => {
    expect(
      codes(
        soup.recipe,
        without(soup.task, (s) => s.technique === 'turn-off'),
      ),
    ).toContain(4);
    expect(
      codes(
        soup.recipe,
        without(soup.task, (s) => s.technique === 'hob-on'),
      ),
    ).toContain(4);
    expect(
      codes(
        soup.recipe,
        change(soup.task, (s) => s.technique === 'simmer', { hazards: [] }),
      ),
    ).toContain(4);
  });
  test('5: hands not washed after the egg', () => {
    expect(
      codes(
        biscuits.recipe,
        without(biscuits.task, (s) => s.technique === 'wash-hands'),
      ),
    ).toContain(5);
  });
  test('6: the lid is on', () => {
    const broke = BUILT.filter((b) => b.task.steps.some((s) => s.technique === 'uncover')).filter((b) =>
      codes(
        b.recipe,
        without(b.task, (s) => s.technique === 'uncover'),
      ).includes(6),
    );
    expect(broke.length).toBeGreaterThan(20);
  });
  test('7: a measure wet from milk; 8: nobody fetched the tools', () => {
    const wet = BUILT.filter((b) =>
      codes(
        b.recipe,
        without(b.task, (s) => /^Wash and dry/.test(s.text)),
      ).includes(7),
    );
    expect(wet.length).toBeGreaterThan(20);
    expect(
      codes(
        soup.recipe,
        without(soup.task, (s) => s.technique === 'gather'),
      ),
    ).toContain(8);
  });
});

/** Numbers from a seed, the same each time. */
function* seeded(seed: number): Generator<number> {
  for (let x = seed; ;) {
    x = (x * 1664525 + 1013904223) % 4294967296;
    yield x / 4294967296;
  }
}

describe('edited steps', () => {
  const next = seeded(7);
  const random = (below: number) => Math.floor((next.next().value as number) * below);
  /** A step taken out, moved, or with the words of another step of any recipe. */
  const edits = Array.from({ length: 2000 }, () => {
    const { recipe, task } = BUILT[random(BUILT.length)];
    let steps = [...task.steps];
    const at = random(steps.length);
    const kind = random(3);
    if (kind === 0) steps.splice(at, 1);
    else if (kind === 1) steps.splice(random(steps.length), 0, ...steps.splice(at, 1));
    else {
      const other = BUILT[random(BUILT.length)].task.steps;
      steps = reword(steps, steps[at].key, other[random(other.length)].text, recipe.ingredients);
    }
    return { recipe, task: { ...task, steps } };
  });

  test('rule 9: all mends together leave no more findings than before, and bring in none of a new kind', () => {
    for (const { task } of edits.slice(0, 60)) {
      let n = 0;
      const before = dryRun(task);
      const mended = { ...task, steps: mendAll(task, { system: 'us', measures: [], tools: [], places: {} }, () => `m${n++}`) };
      const after = dryRun(mended, undefined, { tried: false });
      const told = `${task.title}: ${after.map((f) => f.message).join(' ')}`;
      expect(after.length, told).toBeLessThanOrEqual(before.length);
      const kinds = new Set(before.map((f) => f.code));
      expect(
        after.filter((f) => !kinds.has(f.code)),
        told,
      ).toEqual([]);
    }
  });
  test('no edit makes the dry run fail, and none that lost a step of the heat goes unseen', () => {
    const unseen: string[] = [];
    for (const { recipe, task } of edits) {
      const found = dryRun(task, undefined, { tried: false });
      const seen = new Set(found.map((f) => f.code));
      const broke = broken(recipe, task).filter((b) => b.rule === 4 || b.rule === 6);
      if (broke.length > 0 && seen.size === 0) unseen.push(`${task.title}: ${broke.map((b) => b.why).join(' ')}`);
    }
    expect(unseen).toEqual([]);
  });
});

describe('rule 10: the three grains tell the same story', () => {
  test.each(BUILT.filter((_, i) => i % 9 === 0).map((b) => b.name))('%s', (name) => {
    const { recipe, task } = BUILT.find((b) => b.name === name)!;
    const found = (grain: 'coarse' | 'fine') =>
      dryRun(buildTask(recipe, { grain }), undefined, { tried: false })
        .map((f) => `${f.code} ${f.about}`)
        .sort();
    const standard = dryRun(task, undefined, { tried: false })
      .map((f) => `${f.code} ${f.about}`)
      .sort();
    expect(found('fine')).toEqual(standard);
    expect(found('coarse')).toEqual(standard);
  });
});
