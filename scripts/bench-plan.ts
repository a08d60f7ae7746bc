// How fast lessons are planned, and how far plans lie above what can be proved. The bell is short, so that the end is what counts.
import { bestList, boundOf, MOST_ROUNDS, planAnew, playMany, problemOf, search, tableOf } from '../src/core/index';
import { drawLesson } from '../tests/lesson/lessons';

const MODES = ['own', 'pairs', 'together', 'mixed'] as const;
const EACH = 4;
const SEARCH_MS = 500;
const SHORT_BELL = 40;
const median = (list: number[]) => [...list].sort((a, b) => a - b)[list.length >> 1];
const mean = (list: number[]) => list.reduce((a, b) => a + b, 0) / list.length;
const percent = (n: number) => `${(n * 100).toFixed(0)} %`;

const listMs: number[] = [];
const anewMs: number[] = [];
const playMs: number[] = [];
const boundMs: number[] = [];
const gaps: number[] = [];
const timed = <T>(into: number[], work: () => T): T => {
  const from = performance.now();
  const result = work();
  into.push(performance.now() - from);
  return result;
};

console.log('lesson, learners: best list over bound, after half a second of search (worst)');
for (const mode of MODES)
  for (const least of [4, 8]) {
    const before: number[] = [];
    const after: number[] = [];
    for (let i = 0; i < EACH; i++) {
      const learners = least + (i % 3);
      const setup = drawLesson(3000 + i * 10 + least, { mode, learners, adults: least >= 8 ? 2 + (i % 2) : 1 + (i % 3), bell: SHORT_BELL });
      const p = problemOf(setup);
      bestList(p);
      const first = timed(least >= 8 ? listMs : [], () => bestList(p))!;
      const bound = timed(boundMs, () => boundOf(p)).minutes;
      const from = performance.now();
      const found = search(p, first, { rounds: MOST_ROUNDS, spent: () => (performance.now() - from) / SEARCH_MS });
      before.push(first.worth.end / bound - 1);
      after.push(found.worth.end / bound - 1);
      const table = tableOf(p, found.places);
      const now = table.end / 3;
      const begun = new Map(
        table.placed
          .filter((x) => x.start < now)
          .map((x) => [x.block, { start: x.start, end: x.end <= now ? x.end : null, who: x.who[0] ?? null }]),
      );
      timed(anewMs, () => planAnew(setup, table, { now, begun }, { rounds: 10 }));
      timed(playMs, () => playMany(p, found.places, 200));
    }
    if (least >= 8) gaps.push(...after);
    console.log(`  ${mode}, ${least} to ${least + 2}: ${percent(mean(before))}, ${percent(mean(after))} (${percent(Math.max(...after))})`);
  }
const say = (name: string, list: number[], target: number) =>
  console.log(
    `${median(list) <= target ? 'ok  ' : 'SLOW'}  ${name}: median ${median(list).toFixed(1)} ms, most ${Math.max(...list).toFixed(1)} (target ${target})`,
  );
say('best list, 8 to 10 learners', listMs, 20);
say('planned anew in the lesson', anewMs, 100);
say('the bound', boundMs, 50);
say('200 lessons played', playMs, 500);
console.log(
  `${mean(gaps) <= 0.1 ? 'ok  ' : 'OVER'}  8 to 10 learners, half a second: ${percent(mean(gaps))} over the bound (target 10 %); much of it is the bound's own`,
);
