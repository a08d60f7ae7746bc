import { stageAlone, type Step } from '$core';
import { expect, test } from 'vitest';
import { drawStage } from '$lib/pictures/draw-stage';
import { cardFile, fileName } from './save-cards';

const step = {
  key: 'k',
  text: 'Get the fork.',
  technique: 'gather',
  phase: 'gather',
  sourceLine: null,
  uses: [],
  tools: ['fork'],
  into: null,
  fillings: [],
  hazards: [],
  supervision: 'none',
  cues: [],
  minutes: { active: 1, waiting: 0 },
  demands: [],
  small: [],
  meanwhile: null,
} satisfies Step;

test('a card’s file stands by itself: size, title, no reference to what it does not hold', () => {
  const svg = cardFile({ text: 'Get <the> fork & "spoon".', svg: drawStage(stageAlone(step)) });
  expect(svg).toMatch(/^<svg xmlns="http:\/\/www\.w3\.org\/2000\/svg" viewBox="0 0 240 160"/);
  expect(svg).toContain('<title>Get &lt;the&gt; fork &amp; &quot;spoon&quot;.</title>');
  expect(svg).not.toContain('<use');
  expect(svg).not.toContain('<script');
});
test('names of files are in order, short and plain', () => {
  expect(fileName('Wash your hands with soap for 20 seconds.', 2)).toBe('03-wash-your-hands-with-soap-for-20-seconds');
  expect(fileName('½ jalapeño', 9)).toBe('10-1-2-jalapen-o');
  expect(fileName('…', 0)).toBe('01-step');
  expect(fileName('../../etc/passwd', 0)).toBe('01-etc-passwd');
});
