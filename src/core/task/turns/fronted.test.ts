// What stands before its verb, what a short style leaves out, and remarks behind an order. Common practice of recipes and of teachers' sheets.
import { describe, expect, test } from 'vitest';
import { plainTurns } from '../turns-of-speech';

test.each([
  ['Until golden, fry the onion.', 'Fry the onion until golden.'],
  ['Stirring all the time, pour in the milk.', 'Pour in the milk, stirring all the time.'],
  ['Set the oven to 200C and let it heat up.', 'Set the oven to 200C.'],
  ['Turn the oven on to 180C. Let it warm up.', 'Turn the oven on to 180C.'],
])('%s', (said, plain) => expect(plainTurns(said)).toBe(plain));

describe('without articles', () => {
  test.each([
    ['Mix to soft dough.', '', 'Mix to a soft dough.'],
    ['Move to warm plate.', '', 'Move to a warm plate.'],
    ['Put potatoes in pan, cover with cold water and boil.', 'Fry the onions in a frying pan.', 'in a pan'],
    ['Fry onions in pan.', 'Grease a dish.', 'in a pan'],
    ['Cool in pan for 10 minutes.', 'Grease a muffin tin.', 'in the pan'],
    ['Lift block out of tin.', 'Line a tin.', 'the block out of the tin'],
    ['Before you drain pasta, stir it.', '', 'drain the pasta'],
    ['Sit peaches in dish, cut side up.', '', 'cut side up'],
    ['Line 12-cup muffin tin.', '', 'Line a 12-cup muffin tin'],
  ])('%s', (said, before, holds) => expect(plainTurns(said, () => before)).toContain(holds));

  test.each([
    ['Make sure you brush with milk.', 'Brush with milk.'],
    ['Remember to mix oats and milk in a bowl.', 'Mix oats and milk in a bowl.'],
    ['Then I whisk eggs and milk.', 'Whisk the eggs and milk.'],
  ])('a tool that is also what is done has none: %s', (said, plain) => expect(plainTurns(said)).toBe(plain));

  test('a turn of speech is known without them', () => {
    expect(plainTurns('Pop lid on and simmer.')).toBe(plainTurns('Pop the lid on and simmer.'));
  });
});

describe('a remark behind an order changes nothing of it', () => {
  test.each(['Pour over the sauce', 'Fry for 3 minutes on each side', 'Bake for 25 minutes, turning halfway'])('%s', (order) => {
    const plain = plainTurns(`${order}.`).replace(/\.$/, '');
    expect(plainTurns(`${order} (this makes all the difference).`)).toBe(`${plain} (this makes all the difference).`);
  });

  test('a page that has thin spaces of its own loses nothing and gains nothing', () => {
    expect(plainTurns('Pour over 200\u2009ml of the sauce (this makes all the difference).')).toBe(
      'Pour over 200 ml of the sauce (this makes all the difference).',
    );
  });

  test('a sentence that orders nothing does not part what belongs together', () => {
    expect(plainTurns('Bake for 20 minutes. It will smell lovely. Turn after 10 minutes.')).toMatch(
      /Bake for 10 minutes\. Turn\b.*Bake for 10 minutes more.*It will smell lovely\./,
    );
  });
});
