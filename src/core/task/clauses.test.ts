// Instructions split into single actions; expected actions set down by hand.
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { clausesOf } from './clauses';
import { minutesOfText } from '../amount/minutes';

const said = (text: string) => clausesOf(text).map((c) => `${c.verb ?? '?'} ${c.rest}`.trim());

test.each([
  ['Peel, core and dice the apples, then put them in a large bowl.', ['peel', 'core', 'dice the apples', 'put them in a large bowl']],
  ['Add the butter and cream to the pan.', ['add the butter and cream to the pan']],
  ['Season with salt and pepper.', ['season with salt and pepper']],
  ['Bring to the boil, cover, and simmer gently.', ['bring to the boil', 'cover', 'simmer gently']],
  ['Mix the oil, lemon juice and salt in a small bowl.', ['mix the oil, lemon juice and salt in a small bowl']],
  ['Drain the pasta and rinse.', ['drain the pasta', 'rinse']],
  ['Cook for 8 minutes, stirring now and then, until soft.', ['cook for 8 minutes, stirring sometimes']],
  ['Fry until the onions soften and brown.', ['fry']],
  ['Bake until golden and leave to cool.', ['bake', 'leave to cool']],
  ['Put the lid on and chill overnight in the fridge.', ['put the lid on', 'chill overnight in the fridge']],
  ['Then gently fold in the flour.', ['fold in the flour']],
  ['Add the cumin and, when it sizzles, add the garlic.', ['add the cumin', 'add the garlic']],
  ['Cut side down, lay the pepper halves on the tray.', ['lay the pepper halves on the tray']],
  ['Slice the bread; butter the tin.', ['slice the bread', 'butter the tin']],
] as [string, string[]][])('%s', (text, expected) => expect(said(text)).toEqual(expected));

test('what is said before the verb is kept', () => {
  expect(clausesOf('In a large pot, warm the oil.')[0]).toMatchObject({ verb: 'warm', rest: 'the oil', lead: 'In a large pot' });
  expect(clausesOf('When the oil is hot, add the onion.')[0]).toMatchObject({ verb: 'add', condition: 'when the oil is hot' });
  expect(clausesOf('Meanwhile, dice the cucumber.')[0]).toMatchObject({ verb: 'dice', meanwhile: true });
  expect(clausesOf('Simmer until the lentils are soft.')[0]).toMatchObject({ verb: 'simmer', until: 'until the lentils are soft' });
  expect(clausesOf('Add the cumin and, when it sizzles, add the garlic.')[1]).toMatchObject({ condition: 'when it sizzles' });
});
test('a sentence without an action is not dropped', () => expect(clausesOf('This keeps for three days.')).toMatchObject([{ verb: null }]));
test('abbreviations and numbers end no sentence', () =>
  expect(said('Cook 5 min. then add 1.5 cups rice.')).toEqual(['cook for 5 min', 'add 1.5 cups rice']));
test('“set” behind an end is what it looks like then, and with an object an action', () => {
  expect(clausesOf('Bake for 25 minutes until golden and set.')).toMatchObject([{ verb: 'bake', until: 'until golden and set' }]);
  expect(said('Bake until firm and set, then cool.').length).toBe(2);
  expect(clausesOf('Set the pan aside.')).toMatchObject([{ verb: 'set' }]);
});
test('a unit in short, or “in”, at the end of a sentence ends it', () => {
  expect(said('Simmer for 10 min. Drain the pasta.')).toEqual(['simmer for 10 min', 'drain the pasta']);
  expect(said('Pour the milk in. Stir.')).toEqual(['pour the milk in', 'stir']);
  expect(said('Cut into 1 in. pieces.')).toEqual(['cut into 1 inch pieces']);
});

test.each([
  ['for 8 minutes', 8],
  ['12-15 minutes', 12],
  ['1 hour and 30 minutes', 90],
  ['half an hour', 30],
  ['overnight', 480],
  ['30 seconds', 0.5],
  ['5 min, then 10 min', 5],
  ['for 1 more minute', 1],
  ['until golden', null],
  ['serves 4', null],
] as [string, number | null][])('time: %s', (text, minutes) => expect(minutesOfText(text)).toBe(minutes));

test('any text splits', () => {
  const words = fc.constantFrom(
    'and',
    'then',
    ',',
    'the',
    'stir',
    'cut',
    'it',
    'until',
    'oil',
    'heat',
    '.',
    '(',
    'in a',
    'when',
    '½',
    '\n',
    'salt',
  );
  const total = fc.property(fc.array(words, { maxLength: 80 }), (list) => Array.isArray(clausesOf(list.join(' '))));
  expect(() => fc.assert(total, { numRuns: 1000 })).not.toThrow();
});
