import { expect, test } from 'vitest';
import { interpretStep } from '../task/interpret';
import { readIngredient } from '../recipe/ingredient-line';
import { describeCard } from './card';

const ingredients = ['1 cup couscous', '2 carrots', '1 can chickpeas', '3 eggs'].map((line) => readIngredient(line));
const card = (text: string) => describeCard(interpretStep(text, 'k', 'prepare', ingredients));

test('the picture is made from what the step says', () => {
  expect(card('Dice the carrots with the knife.')).toMatchObject({ motif: 'cut', things: ['carrot'], tool: 'knife' });
  expect(card('Fill the 1/3 cup twice with couscous.')).toMatchObject({
    motif: 'fill',
    things: ['couscous'],
    measures: [{ label: '⅓ cup', times: 2, shape: 'cup' }],
  });
  expect(card('Open the can of chickpeas.')).toMatchObject({ motif: 'open', things: ['canned-food'], tool: 'can-opener' });
  expect(card('Wait 5 minutes.')).toMatchObject({ motif: 'wait', minutes: 5 });
  expect(card('Crack 3 eggs into the bowl.')).toMatchObject({ motif: 'crack', place: 'bowl', count: 3, hazards: ['raw-egg'] });
  expect(card('Wash your hands with soap.')).toMatchObject({ motif: 'wash-hands', things: ['hands'] });
  expect(card('Cover the bowl with a plate.')).toMatchObject({ motif: 'cover', tool: 'plate' });
});
test('a step that names no technique still shows its thing', () =>
  expect(card('Ask Pim for the carrots.')).toMatchObject({ motif: null, things: ['carrot'] }));
