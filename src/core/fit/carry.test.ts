// A learner's differences on a new version, and what the answers of a profile make.
import { expect, test } from 'vitest';
import { buildTask } from '../task/build';
import { readRecipe } from '../recipe/read';
import { matchSteps, takeOverKeys } from '../task/match';
import { carryOver } from './carry';
import { learnerOf, NO_PROFILE } from './profile';

const METHOD =
  'Put the couscous in a bowl. Pour the boiling water over it and leave for 5 minutes.\nDice the cucumber and add it to the bowl.\nStir in the oil.';
const recipe = (method: string) => `Bowl\n\n1/3 cup couscous\n1/3 cup boiling water\n1 cucumber\n1 tbsp oil\n\n${method}`;
const build = (method: string) => buildTask(readRecipe(recipe(method)).recipe, { grain: 'standard' }).steps;
const before = build(METHOD);

test('one line put in at the top changes keys, not whose history a step has', () => {
  const after = build(`Tie up the bread bag.\n${METHOD}`);
  const match = matchSteps(before, after);
  const text = new Map(after.map((s) => [s.key, s.text]));
  const lost = before.filter((s) => !after.some((a) => a.key === s.key && a.text === s.text)).length;
  expect(lost).toBeGreaterThan(3);
  // what is fetched together did change: the bag came to it
  const lostNow = before.filter((s) => text.get(match.get(s.key) ?? '') !== s.text);
  expect(lostNow.every((s) => s.technique === 'gather')).toBe(true);
});

test('steps built anew take over the keys that learners’ records hang on', () => {
  const after = takeOverKeys(before, build(`Tie up the bread bag.\n${METHOD}`));
  expect(new Set(after.map((s) => s.key)).size).toBe(after.length);
  const text = new Map(after.map((s) => [s.key, s.text]));
  for (const s of before) if (s.technique !== 'gather') expect(text.get(s.key)).toBe(s.text);
});

const dice = before.find((s) => s.technique === 'dice')!;
const at = { by: 'Ms Ferrow', at: '2026-11-27' };
const differences = {
  words: [{ key: dice.key, text: 'Chop it small.', seen: dice.text, ...at }],
  answered: [{ key: dice.key, reason: 'agreed with the therapist', ...at }],
};

test('own words stay where the class’s words stay', () =>
  expect(carryOver(differences, before, before)).toEqual({ ...differences, ask: [], gone: [] }));
test('own words are asked about where the class’s words changed', () => {
  const after = before.map((s) => (s.key === dice.key ? { ...s, text: 'Dice half the cucumber.' } : s));
  const carried = carryOver(differences, before, after);
  expect([carried.words, carried.ask.length, carried.answered]).toEqual([[], 1, []]);
});
test('a step given to an adult goes with the step that does the same', () => {
  const after = before.map((s) => (s.key === dice.key ? { ...s, key: 'm9-dice-cucumber' } : s));
  const given = { ...differences, adult: [{ key: dice.key, ...at }] };
  expect(carryOver(given, before, after).adult).toEqual([{ key: 'm9-dice-cucumber', ...at }]);
});
test('what is gone is told', () => {
  const after = before.filter((s) => s.key !== dice.key);
  expect(carryOver(differences, before, after).gone).toEqual([dice.text, dice.text]);
});

test('answers make a learner, and go before what was known', () => {
  const profile = {
    ...NO_PROFILE,
    answers: [
      { q: 'hands', a: 'one' },
      { q: 'count', a: '3' },
      { q: 'step', a: 'pictures' },
      { q: 'nothing', a: 'such' },
    ],
  };
  const learner = learnerOf(profile, [
    { demand: 'two-hands', how: 'limited' },
    { demand: 'smell', how: 'avoid' },
  ]);
  expect(learner.needs).toEqual([
    { demand: 'smell', how: 'avoid' },
    { demand: 'two-hands', how: 'absent' },
    { demand: 'count', how: 'limited' },
    { demand: 'read-word', how: 'absent' },
  ]);
  expect([learner.countsTo, learner.reads]).toEqual([3, 'pictures']);
});
