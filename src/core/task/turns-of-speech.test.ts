import { describe, expect, test } from 'vitest';
import { readRecipe } from '../recipe/read';
import { buildTask } from './build';
import { plainTurns } from './turns-of-speech';

describe('a turn of speech becomes the actions that it holds', () => {
  test.each([
    // common practice: the second side takes as long as the first
    ['Fry for 3 minutes on each side until crisp.', 'Fry for 3 minutes. Turn over. Fry for 3 minutes more until crisp.'],
    ['Sear the steak 2-3 minutes per side.', 'Sear the steak for 2-3 minutes. Turn over. Cook for 2-3 minutes more.'],
    ['Bake for 25 minutes, turning halfway.', 'Bake for 12 minutes. Turn over. Bake for 13 minutes more.'],
    ['Simmer till thick.', 'Simmer until thick.'],
    ['Whizz with a hand blender or in a blender until smooth.', 'Whizz with a hand blender until smooth.'],
    [
      'Bring a pan of water to the boil. Add the pasta and set a timer for 10 minutes.',
      'Bring a pan of water to the boil. Add the pasta and cook for 10 minutes.',
    ],
    ['Put the dough in a bowl and set a timer for 30 minutes.', 'Put the dough in a bowl and set a timer for 30 minutes.'],
    [
      'Boil the kettle. Put the couscous in a bowl, pour on the water and set a timer for 5 minutes.',
      'Boil the kettle. Put the couscous in a bowl, pour on the water and set a timer for 5 minutes.',
    ],
    ['Put the tin in the oven and set the timer for 20 minutes.', 'Put the tin in the oven and set the timer for 20 minutes.'],
    ['Get a large frying pan nice and hot.', 'Heat a large frying pan.'],
    ['Add the garlic and give it another minute.', 'Add the garlic and cook for another minute.'],
    ['Re-roll the scraps and stamp out more.', 'Roll out the scraps again and stamp out more.'],
    ['Leave for 10 mins while you slice the pepper.', 'Leave for 10 mins. Meanwhile, slice the pepper.'],
    ['Keep warm while you cook the rest.', 'Keep warm while you cook the rest.'],
    ['Slice the chicken and pop in a bowl with the soy.', 'Slice the chicken and put in a bowl with the soy.'],
    ['Push a lolly stick into the end.', 'Push a lolly stick into the end.'],
    ['Tip in the beans (drained and rinsed).', 'Drain the beans. Rinse the beans. Tip in the beans.'],
    ['Tip in the beans (400 g).', 'Tip in the beans (400 g).'],
    ['Half fill the tin with water and add that too.', 'Fill the tin half full with water and add the water.'],
    [
      'Bake for 20 to 25 minutes, turning once, until golden.',
      'Bake for 10 minutes. Turn over. Bake for 10-15 minutes more, until golden.',
    ],
    ['Microwave for 4 minutes, stirring halfway through.', 'Microwave for 2 minutes. Stir. Microwave for 2 minutes more.'],
    ['Air fry 10 minutes, shaking the basket halfway.', 'Air-fry for 5 minutes. Shake the basket. Air-fry for 5 minutes more.'],
    ['Give the sauce a good stir.', 'Stir the sauce.'],
    [
      'Dip each piece in the flour, then the egg, then the crumbs.',
      'Dip each piece in the flour. Dip each piece in the egg. Coat each piece in the crumbs.',
    ],
    ['Leave for 2 minutes, covered.', 'Cover, then leave for 2 minutes.'],
    ['Continue to cook for 5 minutes.', 'Cook for 5 minutes.'],
  ])('%s', (said, plain) => expect(plainTurns(said)).toBe(plain));

  test.each([
    'Cut the potato in half.',
    'Fill the pan halfway with water.',
    'Place it cut side down.',
    'Stir once.',
    'Bake for 25 minutes.',
  ])('left as it is: %s', (said) => expect(plainTurns(said)).toBe(said));

  test('the minutes of both halves are the minutes that the recipe says', () => {
    for (let minutes = 2; minutes <= 60; minutes++) {
      const numbers = plainTurns(`Bake for ${minutes} minutes, turning halfway.`).match(/\d+/g)!.map(Number);
      expect(numbers.reduce((a, b) => a + b)).toBe(minutes);
    }
  });
});

const steps = (text: string) => buildTask(readRecipe(text).recipe, { grain: 'standard' }).steps;
const texts = (text: string) => steps(text).map((s) => s.text);

describe('what a method leaves unsaid', () => {
  test('a thing that the list lacks is a step too, between those that it has', () => {
    const found = texts('Paste\nIngredients\n50 g basil\n50 g parmesan\nMethod\nPut the basil, garlic and parmesan in a blender. Blend.');
    expect(found).toContain('Put the garlic in a blender.');
  });
  test('what lies in another pan is put over, and is not measured twice', () => {
    const found = texts(
      'Nuts\nIngredients\n30 g pine nuts\n50 g basil\nMethod\nToast the pine nuts in a dry frying pan. Let cool. Put the basil and pine nuts in a blender. Blend.',
    );
    expect(found).toContain('Put the pine nuts in a blender.');
    expect(found.filter((t) => t === 'Weigh 30 g of pine nuts.')).toHaveLength(1);
    expect(found).toContain('Let the pine nuts cool.');
  });
  test('what is drained is in its own pan, with another one on the ring', () => {
    const drained = steps(
      'Pie\nIngredients\n500 g potatoes\n1 onion, chopped\n1 tbsp oil\nMethod\nBoil the potatoes in a large pan for 15 minutes. Heat the oil in a frying pan. Fry the onion for 5 minutes. Drain the potatoes and return to the pan. Mash.',
    );
    expect(drained.find((s) => s.technique === 'drain-hot')).toMatchObject({ into: 'large-pan' });
    expect(drained.find((s) => s.technique === 'mash')).toMatchObject({ into: 'large-pan' });
    expect(drained.map((s) => s.text)).toContain('Return the potatoes to the large pan.');
  });
  test('of two lemons one is squeezed and one is cut', () => {
    const found = texts(
      'Fish\nIngredients\n2 lemons (1 juiced, 1 cut into wedges)\n1 tbsp oil\nMethod\nMix the lemon and oil in a bowl. Serve.',
    );
    expect(found).toEqual(expect.arrayContaining(['Squeeze the juice of 1 lemon into a small bowl.', 'Cut 1 lemon into wedges.']));
  });
  test('butter that the list has melted is measured, and its ring goes on and off', () => {
    const ids = steps('Cake\nIngredients\n4 tbsp butter, melted\n1 cup flour\nMethod\nMix the flour and the butter in a bowl.')
      .filter((s) => s.phase === 'prepare' || s.phase === 'cook')
      .map((s) => s.technique);
    const butter = ids.slice(ids.indexOf('hob-on') - 1, ids.indexOf('turn-off') + 1);
    expect(butter).toEqual(['measure', 'hob-on', 'melt', 'turn-off']);
  });
  test('meat and egg in one bowl: both stay with what is shaped from it', () => {
    const shaped = steps(
      'Balls\nIngredients\n400 g beef mince\n1 egg\nMethod\nMix the mince and egg in a bowl. Shape into 12 balls. Bake at 200 C for 20 minutes.',
    ).find((s) => s.technique === 'shape')!;
    expect(shaped.hazards).toEqual(expect.arrayContaining(['raw-meat', 'raw-egg']));
  });
  test('the air fryer has a basket, and no dish goes into an oven', () => {
    const found = steps(
      'Apples\nIngredients\n2 apples\nMethod\nSlice the apples. Preheat the air fryer to 180 C. Lay the apple rings in the basket. Air fry for 8 minutes.',
    );
    expect(found.find((s) => s.technique === 'air-fry')).toMatchObject({ into: 'air-fryer', text: 'Put the basket in the air fryer.' });
    expect(found.some((s) => s.tools.includes('oven'))).toBe(false);
  });
});
