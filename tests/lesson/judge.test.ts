// The search and the bound against HiGHS, a general solver, on small lessons by a two-minute clock. JUDGED=30 for the long run.
import highsOf from 'highs';
import { expect, test } from 'vitest';
import { bestList, boundOf, countOf, MOST_ROUNDS, problemOf, search, tableOf, type Setup } from '../../src/core/index';
import { broken } from './check';
import { shortest } from './judge';
import { drawLesson } from './lessons';

const JUDGED = Number(process.env.JUDGED ?? 6);
const MODES = ['together', 'pairs', 'together', 'own'] as const;
const NAMES = ['couscous-bowl', 'overnight-oats', 'beans-on-toast', 'hummus-wraps', 'oat-biscuits', 'microwave-mac'];
/** Half a minute stands for two: fewer moments, so that a solver can prove the best. */
const CLOCK = 4;
const SECONDS = 90;

function small(i: number): Setup {
  const mode = MODES[i % 4];
  const learners = mode === 'own' ? 2 : 3 + (i % 2);
  const setup = drawLesson(100 + i, { mode, learners, adults: 1 + (i % 2), bell: 5, recipes: [NAMES[i % NAMES.length]] });
  const slower = (hand: object) => Object.fromEntries(Object.entries(hand).map(([work, m]) => [work, Number(m) / CLOCK]));
  const blocks = setup.blocks.map((b) => ({
    ...b,
    segments: b.segments.map((s) => ({ ...s, timed: s.timed / CLOCK, hand: slower(s.hand) })),
  }));
  return { ...setup, blocks };
}

test(
  `${JUDGED} small lessons: bound <= the best there is <= plan, which is within 2 % of it on average`,
  { timeout: 120_000 + JUDGED * 100_000 },
  async () => {
    const highs = await highsOf();
    const over: number[] = [];
    const under: number[] = [];
    const said: string[] = [];
    // more than a twentieth above the best, and more than the one step that such a coarse clock has
    const worst: string[] = [];
    for (let i = 0; i < JUDGED; i++) {
      const setup = small(i);
      const p = problemOf(setup);
      const found = search(p, bestList(p)!, { rounds: MOST_ROUNDS });
      const caps = (thing: string) => countOf(thing, setup.counts);
      expect(broken(setup, tableOf(p, found.places), caps)).toEqual([]);
      const plan = found.places.finish;
      const { best } = shortest(highs, setup, plan, caps, SECONDS);
      // not proved in the time: it says nothing
      if (best === null) continue;
      const bound = boundOf(p).minutes * 2;
      expect([i, bound <= best, best <= plan]).toEqual([i, true, true]);
      over.push(plan / best - 1);
      if (plan - best > Math.max(1, best / 20)) worst.push(`${i}: ${plan}, not ${best}`);
      under.push(1 - bound / best);
      said.push(`${i} ${setup.learners.length}: ${bound} ${best} ${plan}`);
    }
    const mean = (list: number[]) => list.reduce((a, b) => a + b, 0) / list.length;
    if (process.env.JUDGED)
      console.log(
        said.join('\n'),
        `\nproved ${over.length}, plan over best ${mean(over)}, worst ${Math.max(...over)}, bound under best ${mean(under)}`,
      );
    expect(over.length).toBeGreaterThanOrEqual(JUDGED * 0.8);
    expect(mean(over)).toBeLessThanOrEqual(0.02);
    expect(worst).toEqual([]);
  },
);
