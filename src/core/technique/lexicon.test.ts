// Walks every entry of the lexicon and of the table of tools.
import { expect, test } from 'vitest';
import { KITCHEN_VERBS } from '../recipe/verbs';
import { asksOf } from './asks';
import { findTechnique, TECHNIQUES } from './lexicon';
import { findTools, toolById, TOOLS } from './tools';

test('at least 120 techniques, ids one of a kind', () => {
  expect(TECHNIQUES.length).toBeGreaterThanOrEqual(120);
  expect(new Set(TECHNIQUES.map((t) => t.id)).size).toBe(TECHNIQUES.length);
});

test.each(TECHNIQUES.map((t) => [t.id, t] as const))('%s is complete', (_, t) => {
  expect(t.verbs.length).toBeGreaterThan(0);
  expect(t.small.length).toBeGreaterThanOrEqual(2);
  // a small step is one observable action: a verb first, short
  for (const line of t.small) {
    expect(line).toMatch(/^[A-Z].*[.]$/);
    expect(line.split(' ').length).toBeLessThanOrEqual(22);
    expect(line.replace(/\{(thing|tool|place)\}/g, 'it')).not.toMatch(/[{}]/);
  }
  expect(t.cues.length).toBeGreaterThan(0);
  // a colour is no cue for a learner who does not see: sight is never the only one where something is cooked
  if (t.makes === 'cooked') expect(t.cues.some((c) => c.sense !== 'sight')).toBe(true);
  for (const id of t.tools) expect(toolById(id), id).toBeDefined();
  expect(t.minutes.active).toBeGreaterThan(0);
  expect(t.minutes.waiting).toBeGreaterThanOrEqual(0);
  expect(asksOf(t.id, t.like), t.id).not.toBeNull();
  // heat, edges and steam are never without an adult near (handbook practice)
  if (t.hazards.some((h) => ['sharp', 'hot', 'steam', 'electric'].includes(h))) expect(t.supervision).not.toBe('none');
});

// Left out of the words that start an instruction: as the first word of a line each is a thing as often as an action.
const THINGS_TOO = [
  'wear',
  'weigh',
  'rub',
  'fetch',
  'pare',
  'julienne',
  'shave',
  'carve',
  'bash',
  'bin',
  'level',
  'split',
  'smooth',
  'butter',
  'pile',
  'stew',
  'bubble',
  'sweat',
  'sizzle',
  'crisp',
  'test',
  'sit',
  'rise',
  'portion',
  'label',
  'date',
  'pod',
  'unshell',
  'flour',
  'proof',
];
test('single verbs of techniques are known for the start of an instruction', () => {
  const unknown = TECHNIQUES.flatMap((t) => t.verbs).filter((v) => !v.includes(' ') && !v.includes('-') && !KITCHEN_VERBS.has(v));
  expect(unknown.filter((v) => !THINGS_TOO.includes(v))).toEqual([]);
});

test.each([
  [['boil', 'the', 'water'], ['water'], 'boil'],
  [['bring', 'the', 'soup', 'to', 'the', 'boil'], [], 'boil'],
  [['turn', 'off', 'the', 'heat'], ['heat'], 'turn-off'],
  [['turn', 'the', 'heat', 'down'], ['heat'], 'turn-heat'],
  [['heat', 'the', 'oven'], ['oven'], 'preheat-oven'],
  [['heat', 'the', 'oil'], ['oil'], 'heat-pan'],
  [['crack', 'the', 'eggs'], ['egg'], 'crack-egg'],
  [['peel', 'the', 'banana'], ['banana'], 'peel-by-hand'],
  [['peel', 'the', 'carrots'], ['carrot'], 'peel'],
  [['cut', 'in', 'half'], [], 'halve'],
  [['wash', 'your', 'hands'], ['hand'], 'wash-hands'],
  [['wash', 'the', 'lentils'], ['lentil'], 'rinse'],
  [['remove', 'from', 'the', 'oven'], [], 'take-out-oven'],
  [['fold', 'in', 'the', 'flour'], ['flour'], 'fold'],
  [['drain', 'the', 'pasta'], ['hot'], 'drain-hot'],
  [['drain', 'the', 'beans'], ['bean'], 'drain'],
] as [string[], string[], string][])('%j', (words, about, id) => expect(findTechnique(words, new Set(about))?.id).toBe(id));
test('a word that is no verb is no technique', () => expect(findTechnique(['lentils'], new Set())).toBeNull());

test('tools: ids and names one of a kind, containers with a size where it matters', () => {
  expect(TOOLS.length).toBeGreaterThanOrEqual(80);
  expect(new Set(TOOLS.map((t) => t.id)).size).toBe(TOOLS.length);
  const words = TOOLS.flatMap((t) => [...t.words]);
  expect(new Set(words).size).toBe(words.length);
  for (const t of TOOLS) if (t.kind === 'container') expect(t.holds, t.id).toBeGreaterThan(0);
});
test('the longest name of a tool wins, plurals count', () => {
  expect(findTools('in a large bowl with two forks').map((t) => t.tool.id)).toEqual(['large-bowl', 'fork']);
  expect(findTools('Put the baking dishes on the wire rack').map((t) => t.tool.id)).toEqual(['baking-dish', 'wire-rack']);
  expect(findTools('forklift, panda, dishonest')).toEqual([]);
});
