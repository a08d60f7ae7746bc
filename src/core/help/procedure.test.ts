// Teaching procedures against the handbook of the field: what each records, how long each waits, and that nobody waits where it is dangerous.
import { describe, expect, test } from 'vitest';
import { hierarchyById } from './hierarchy';
import { nextRung } from './next-rung';
import { delayOf, detailOf, howToHelp, isSafetyStep, LONGEST_DELAY, PROCEDURES, rungsOf, USUAL_PROCEDURE } from './procedure';
import { scoreLesson } from './score';

const full = hierarchyById('full');
const force = (id: (typeof PROCEDURES)[number]['id'], delay = 4) => ({ ...USUAL_PROCEDURE, id, delay });

describe('what is recorded', () => {
  test('prompt levels where help is graded, answers to a prompt under time delay, done or not in a probe (Cooper, Heron & Heward)', () => {
    for (const id of ['least-to-most', 'most-to-least', 'graduated'] as const) expect(rungsOf(id, full)).toBe(full);
    expect(rungsOf('constant-delay', full).levels.map((l) => l.id)).toEqual([
      'independent',
      'after-prompt',
      'error-after',
      'error-before',
      'no-response',
    ]);
    expect(rungsOf('progressive-delay', full).id).toBe(rungsOf('constant-delay', full).id);
    expect(rungsOf('probe-single', full).levels.map((l) => l.id)).toEqual(['independent', 'not-done']);
  });

  test('only what was right before any prompt is independent', () => {
    for (const { id } of PROCEDURES) {
      const { levels } = rungsOf(id, full);
      expect(levels[0].id, id).toBe('independent');
      const records = levels.map((l, i) => ({ stepKey: `s${i}`, code: l.id }));
      expect(scoreLesson(records, rungsOf(id, full)), id).toMatchObject({ opportunities: levels.length, independent: 1 });
      // letters stand on marks and are keys
      expect(new Set(levels.map((l) => l.letter)).size, id).toBe(levels.length);
    }
  });

  test('an error is said of most to least, fading of graduated guidance, and nothing of the others', () => {
    expect(PROCEDURES.map((p) => [p.id, detailOf(p.id)]).filter(([, d]) => d)).toEqual([
      ['most-to-least', 'error'],
      ['graduated', 'faded'],
    ]);
  });

  test('a rung is worked out from answers to a prompt as from levels', () => {
    const hierarchy = rungsOf('constant-delay', full);
    const days = ['2026-09-01', '2026-09-08', '2026-09-15'].map((day) => ({ day, code: 'after-prompt' }));
    expect(nextRung(days, { hierarchy })).toMatchObject({ verdict: 'up', aim: 'independent' });
  });
});

describe('how long is waited', () => {
  test('constant delay: none in the first lesson, then the fixed one; progressive: a second more each lesson, to a limit', () => {
    expect([0, 1, 2, 9].map((n) => delayOf('constant-delay', n, 5))).toEqual([0, 5, 5, 5]);
    expect([0, 1, 2, 9, 30].map((n) => delayOf('progressive-delay', n))).toEqual([0, 1, 2, 9, LONGEST_DELAY]);
    // the second lesson, copied from a first one that had none
    expect(delayOf('constant-delay', 1, 0)).toBe(USUAL_PROCEDURE.delay);
    expect(delayOf('least-to-most', 5)).toBe(0);
  });

  test('the response time is 3 to 5 s, and only where something is waited for', () => {
    expect(USUAL_PROCEDURE.wait).toBeGreaterThanOrEqual(3);
    expect(USUAL_PROCEDURE.wait).toBeLessThanOrEqual(5);
    expect(howToHelp(force('least-to-most'), false, null, null).wait).toBe(4);
    expect(howToHelp(force('most-to-least'), false, full.levels[2], full.levels[3])).toEqual({
      wait: null,
      say: 'Start with “Hint in words”',
    });
    expect(howToHelp(force('constant-delay', 0), false, null, null)).toEqual({ wait: null, say: 'Prompt at once' });
    expect(howToHelp(force('progressive-delay', 3), false, null, null).wait).toBe(3);
    expect(howToHelp(force('simultaneous'), false, null, null).wait).toBeNull();
  });

  test('a step with heat, a blade, raw food, glass or electricity never waits for an error, under no procedure', () => {
    for (const hazard of ['sharp', 'hot', 'steam', 'splash', 'edge', 'electric', 'raw-egg', 'raw-meat', 'raw-fish'])
      expect(isSafetyStep([hazard]), hazard).toBe(true);
    for (const hazard of ['allergen', 'choking', 'raw-flour', 'slip']) expect(isSafetyStep([hazard]), hazard).toBe(false);
    for (const { id } of PROCEDURES) {
      const { wait, say } = howToHelp(force(id), true, full.levels[1], full.levels[2]);
      expect(wait, id).toBeNull();
      expect(say, id).toContain('Within reach');
    }
    // and starts at more help than the aim
    expect(howToHelp(force('least-to-most'), true, full.levels[1], full.levels[2]).say).toContain('start with “Hint in words”');
  });
});
