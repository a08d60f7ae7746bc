// What thirty texts written in other hands brought up, by kind: what each card says and where, set down as a teacher would write it.
import { describe, expect, test } from 'vitest';
import { build, step } from '../../../tests/cases/built';
import { check, type Case } from '../../../tests/cases/cards';
import { plainTurns } from './turns-of-speech';

describe('vessels', () => {
  test.each<Case>([
    [
      'a tin that is said to be greased and lined is greased and lined first',
      '200 g oats\n50 g butter\n2 tbsp honey',
      'Mix the oats and honey in a bowl. Press into a buttered and lined loaf tin. Bake for 20 minutes.',
      [
        'Grease the loaf tin with a little butter. >cake-tin',
        'Line the loaf tin with baking paper. >cake-tin',
        'Press the oats into a buttered and lined loaf tin. >cake-tin',
      ],
      null,
    ],
    [
      'what covers a bowl of dough is a cloth',
      '300 g strong white flour\n180 ml warm milk',
      'Mix the flour and milk in a bowl. Knead the dough for 5 minutes in the bowl. Cover and leave to rise for 1 hour. Knock back the dough.',
      ['Cover the bowl with a clean cloth. >bowl', 'Take the cloth off the bowl.'],
      /foil|with a plate/,
    ],
    [
      'the egg is beaten where it was cracked',
      '1 egg\n100 ml milk',
      'In a medium bowl, beat the egg. Stir in the milk.',
      ['Beat the egg in a medium bowl. >bowl', 'Stir the milk into the medium bowl. >bowl'],
      /small bowl/,
    ],
    [
      'drained things lie on a cloth, are filled there, and go into the dish by their own name',
      '20 jumbo pasta shells\n250 g ricotta\n1 egg',
      'Boil the shells for 9 minutes. Drain, rinse with cold water and set aside on a clean dish towel. In a medium bowl, mix the ricotta and egg. Spoon about 2 tablespoons of the filling into each shell and place, open side up, in a baking dish.',
      [
        'Set the shells aside on a clean dish towel. >board',
        'Spoon 2 tablespoons of the filling into each shell. >board',
        'Place the shells in a baking dish, open side up. >baking-dish',
      ],
      null,
    ],
    [
      'squares of paper that were cut are laid on, though potatoes boil since; the parcels are opened where they lie',
      '2 cod fillets\n400 g new potatoes\n20 g butter',
      'Cut two large squares of baking paper. Boil the potatoes in a pan for 15 minutes. Meanwhile, lay each fillet in the middle of a square of paper. Dot with the butter. Fold the paper over and scrunch the edges together to seal. Slide the parcels onto a baking tray and bake for 15 minutes. Open the parcels carefully.',
      [
        'Lay each fillet in the middle of a square of paper. >paper',
        'Pinch the edges of the baking paper together to seal. >paper',
        'Slide the parcels onto a baking tray. >tray',
        'Open the parcels carefully, away from your face. >tray',
      ],
      null,
    ],
    [
      'bread that is cut while the soup simmers is tossed in a bowl of its own; the soup goes back to its pot',
      '1 onion, chopped\n500 ml stock\n2 slices bread\n2 tbsp oil',
      'Heat 1 tablespoon of the oil in a Dutch oven. Add the onion and cook for 5 minutes. Pour in the stock, bring to the boil and simmer for 20 minutes.\nWhile the soup simmers, preheat the oven to 200°C. Cut the bread into cubes, toss with the remaining oil and spread on a baking sheet. Bake for 8 minutes, shaking the pan once.\nBlend the soup until smooth. Return the soup to the pot.',
      [
        'Toss everything in the bowl. >bowl',
        'Spread the bread on a baking sheet. >tray',
        'Shake the pan. >tray',
        'Return the soup to the pot. >large-pan',
      ],
      /Bake the soup/,
    ],
    [
      'a second tray is another tray, and both go in and come out',
      '2 sweet potatoes\n2 chicken breasts',
      'Heat the oven to 200°C. Cut the sweet potatoes into wedges and put on a baking tray. Bake for 15 min.\nCut the chicken into finger-sized strips. Place on a second tray. Turn the wedges. Put both trays in the oven for 15 min.',
      [
        'Cut the chicken into finger-sized strips. >board',
        'Place the chicken breasts on a second tray. >second-tray',
        'Turn the wedges. >tray',
        'Put the second tray in the oven. Wear oven gloves.',
        'Put the baking tray in the oven. Wear oven gloves.',
        'Bake the sweet potatoes and the chicken for 15 min.',
        'Take the baking tray out of the oven',
        'Take the second tray out of the oven',
      ],
      null,
    ],
    [
      'what is in a second frying pan is in none of the others, and is measured inside after its last heat',
      '400 g turkey mince\n500 g passata\n1 tbsp oil',
      'Roll the mince into 16 balls. Simmer the passata in a large frying pan for 10 minutes. Meanwhile, heat the oil in another frying pan and brown the meatballs in two batches. Transfer each batch to the sauce as it is done. Cover and simmer for 10 minutes.',
      [
        'Put the turkey mince in the second frying pan. >second-frying-pan',
        'Transfer each batch to the sauce as it is done. >frying-pan',
        'Simmer the mince and the passata for 10 minutes. >frying-pan',
        'Check the turkey mince with the thermometer',
      ],
      /saucepan/,
    ],
    [
      'tortillas are wrapped to keep warm, filled where they lie, and folded',
      '4 flour tortillas\n200 g lettuce\n100 g sour cream',
      'Warm the tortillas in a dry skillet. Keep warm in a clean towel. Spoon some lettuce down the centre of each tortilla. Add a dollop of sour cream. Fold in half.',
      [
        'Wrap the tortillas in a clean towel to keep warm. >plate',
        'Spoon some lettuce down the centre of each tortilla. >plate',
        'Add a dollop of sour cream to each tortilla. >plate',
        'Fold the flour tortillas in half. >plate',
      ],
      null,
    ],
    [
      'what is poured into the well is whisked there',
      '300 g flour\n200 g golden syrup\n250 ml milk',
      'Warm the syrup and milk in a pan. Sift the flour into a bowl and make a well in the centre. Pour the syrup mix into the well, whisking all the time until you have a smooth batter. Pour into a tin and bake for 30 minutes.',
      [
        'Pour the syrup mix into the well. >bowl',
        'Whisk everything until you have a smooth batter. >bowl',
        'Pour the batter into a tin. >cake-tin',
      ],
      null,
    ],
  ])('%s', (...one) => check(one));

  test('the dough of the title is what is fried and turned', () => {
    const naan = build(
      '2 cups flour\n1 cup yogurt\n3 tablespoons butter',
      'Mix the flour and yogurt in a bowl. Knead the dough for 5 minutes. Divide it into 6 pieces. Melt the butter in a small saucepan. Set aside. Heat a skillet over medium heat. Cook the naan one at a time for about 2 minutes. Flip and cook 1 minute more. Brush each naan with the butter.',
      'Easy naan',
    );
    for (const words of [/^Cook the naan one/, /^Flip the naan/, /^Brush each naan/])
      expect(step(naan, words)).toMatchObject({ into: 'frying-pan' });
  });
});

describe('amounts and parts', () => {
  test.each<Case>([
    [
      'half a lime is squeezed, the other half cut, and one wedge goes into each box',
      '1 lime\n1 tbsp soy sauce\n200 g tofu',
      'Cut the tofu into cubes and divide between two lunch boxes. Mix the soy sauce with the juice of half the lime and pour over. Cut the other half of the lime into wedges and tuck one into each box.',
      ['Cut the other half of the lime into wedges.', 'Tuck one wedge into each box. >storage-box'],
      null,
    ],
    [
      'half goes in, and then the rest of it',
      '150 g raspberries\n200 ml cream',
      'Put the cream in a bowl. Fold in a third of the raspberries, then the rest.',
      ['Fold a third of the raspberries in.', 'Fold the rest of the raspberries in.'],
      /in half/,
    ],
    [
      'a knob beside what is listed comes out of the packet; what was drained goes back into its own pan',
      '400 g new potatoes\n2 cod fillets\n20 g butter, plus a knob for the potatoes',
      'Boil the potatoes in a pan of water for 15 minutes. Drain. Put the cod on a tray and dot with the butter. Bake for 10 minutes. Return the potatoes to the pan and toss with the knob of butter.',
      ['Return the potatoes to the pan. >saucepan', 'Toss the potatoes with the knob of butter. >saucepan'],
      /Put the butter in the pan/,
    ],
    [
      'the herbs are dill and chives',
      '400 g potatoes\n1 tbsp chopped dill\n1 tbsp chopped chives',
      'Put the potatoes in a bowl. Stir in the herbs.',
      ['Put the dill in the bowl.', 'Put the chives in the bowl.'],
      null,
    ],
  ])('%s', (...one) => check(one));
});

test('each part is measured, squeezed and cracked where it is wanted', () => {
  const texts = (list: string, method: string) => build(list, method).steps.map((s) => s.text);
  expect(texts('150 g raspberries\n200 ml cream', 'Put the cream in a bowl. Fold in a third of the raspberries, then the rest.')).toEqual(
    expect.arrayContaining(['Weigh 50 g of raspberries.', 'Weigh 100 g of raspberries.']),
  );
  expect(
    texts('1 lime\n1 tbsp soy sauce', 'Mix the soy sauce with the juice of half the lime. Cut the other half of the lime into wedges.'),
  ).toContain('Squeeze the juice of half the lime into a small bowl.');
  expect(texts('1 egg\n100 ml milk', 'In a medium bowl, beat the egg. Stir in the milk.')).toContain('Crack the egg into a medium bowl.');
});

describe('heat', () => {
  test('a little melted butter heats no bowl of flour; shells that were rinsed cold are cold', () => {
    const dough = build(
      '300 g plain flour\n30 g butter, melted\n150 ml milk',
      'Put the flour in a bowl. Pour in the milk and the butter and mix. Knead the dough for 5 minutes.',
    );
    expect(step(dough, /^Knead/).hazards).not.toContain('hot');
    const shells = build('20 pasta shells', 'Boil the shells for 9 minutes. Drain and rinse with cold water. Put the shells on a plate.');
    expect(step(shells, /on a plate/).hazards).not.toContain('hot');
  });

  test('soup under its lid is still hot when it is blended after the bread was baked', () => {
    const soup = build(
      '1 onion, chopped\n2 cans tomatoes\n500 ml stock\n2 slices bread',
      'Put the onion, tomatoes and stock in a saucepan. Bring to the boil, cover and simmer for 20 minutes. Turn off the heat.\nHeat the oven to 200°C. Put the bread on a tray and bake for 10 minutes. Turn the bread over and bake for 5 minutes more.\nBlend the soup in a blender.',
    );
    expect(step(soup, /^Blend/).hazards).toContain('hot');
  });

  test('meat that is stirred on the ring until nothing is pink is cooked', () => {
    const mince = build(
      '200 g turkey mince\n1 tbsp oil\n1 pepper, sliced',
      'Heat the oil in a wok. Add the mince. Keep stirring and breaking it up until there is no pink left, about 5 minutes. Add the pepper.',
    );
    expect(step(mince, /^Add the pepper/).hazards).not.toContain('raw-meat');
  });
});

// common speech, from memory
test.each([
  ['Lower the heat and slip in the chicken.', 'Lower the heat and put in the chicken.'],
  ['Glug in the oil, then strew over the herbs.', 'Pour in the oil, then scatter over the herbs.'],
  ['Return the broth to a boil, add the noodles.', 'Bring the broth back to the boil, add the noodles.'],
  [
    'Microwave on HIGH 5 minutes, stopping to stir after 2 1/2 minutes.',
    'Microwave on HIGH for 2.5 minutes. Stir. Microwave on HIGH for 2.5 minutes more.',
  ],
  ['Bake for 20 minutes, turning the tray after 10 minutes.', 'Bake for 10 minutes. Turn the tray round. Bake for 10 minutes more.'],
  [
    'Mix the sugar and cinnamon and sprinkle over, followed by the raisins.',
    'Mix the sugar and cinnamon and sprinkle over. Sprinkle the raisins over.',
  ],
  [
    'In with the beans and pepper, 3 minutes more. Tip in the sauce, then the noodles.',
    'Add the beans and pepper and cook for 3 minutes more. Tip in the sauce. Tip in the noodles.',
  ],
  ['Beat the egg and brush a little round the edges.', 'Beat the egg and brush the edges with a little of the egg.'],
  ['Toss with the dill and a squeeze of the remaining lemon.', 'Toss with the dill. Squeeze the remaining lemon over.'],
  [
    'Put flour on one plate, beaten egg in a bowl, crumbs on another plate.',
    'Put the flour on one plate. Put the beaten egg in a bowl. Put the crumbs on another plate.',
  ],
])('%s', (said, plain) => expect(plainTurns(said)).toBe(plain));

test('another frying pan is the second one on every card, and the first is not fetched for it', () => {
  const task = build(
    '1 onion, chopped\n2 sausages\n1 tbsp oil',
    'Fry the onion in a frying pan for 5 minutes. Heat the oil in another frying pan. Fry the sausages for 10 minutes.',
  );
  expect(step(task, /^Heat the oil/)).toMatchObject({ text: 'Heat the oil in the second frying pan.', into: 'second-frying-pan' });
  expect(step(task, /^Heat the oil/).tools).not.toContain('frying-pan');
});

test('a pie is measured inside after it is baked, and not when its pastry is trimmed; fried chicken before it is cut', () => {
  const at = (list: string, method: string, words: RegExp) => {
    const texts = build(list, method).steps.map((s) => s.text);
    return [texts.findIndex((t) => /thermometer: 74/.test(t)), texts.findIndex((t) => words.test(t))] as const;
  };
  const [pie, baked] = at(
    '2 chicken breasts\n1 sheet puff pastry\n1 tbsp oil',
    'Heat the oil in a frying pan. Fry the chicken for 8 minutes. Tip into a pie dish. Unroll the pastry over the top and trim off the excess. Bake for 25 minutes.',
    /^Bake/,
  );
  expect(pie).toBeGreaterThan(baked);
  const [fried, cut] = at(
    '2 chicken breasts\n2 tbsp flour\n1 tbsp oil',
    'Coat the chicken in the flour. Heat the oil in a frying pan. Fry the chicken for 12 minutes. Slice the chicken.',
    /^Slice the chicken/,
  );
  expect(fried).toBeGreaterThan(0);
  expect(fried).toBeLessThan(cut);
});
