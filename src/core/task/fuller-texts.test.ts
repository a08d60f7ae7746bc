// What fuller texts brought, as whole recipes of books and worksheets have them: cases by kind. The expected cards are common practice of home kitchens unless a source stands beside them.
import { describe, expect, test } from 'vitest';
import { build } from '../../../tests/cases/built';
import { readRecipe } from '../index';

const steps = (ingredients: string, method: string) => build(ingredients, method).steps;
const texts = (ingredients: string, method: string) => steps(ingredients, method).map((s) => s.text);
/** Whether cards with these words stand there, in this order. */
const inOrder = (all: readonly string[], ...words: RegExp[]) => {
  let from = -1;
  return words.map((one) => {
    from = all.findIndex((text, i) => i > from && one.test(text));
    return from >= 0;
  });
};

describe('measured and put in at once', () => {
  test('no cup waits full at the table', () => {
    const all = texts('1 cup flour\n1 cup oats\n1/4 tsp salt', 'Mix the flour, oats and salt in a large bowl.');
    expect(inOrder(all, /^Fill the 1 cup with flour/, /^Put the flour/, /^Fill the 1 cup with oats/, /^Put the oats/)).not.toContain(false);
    expect(all.some((text) => /^Tip|^Wash and dry/.test(text))).toBe(false);
  });
  test('beside a hot pan all is measured before', () => {
    const all = texts(
      '1 tbsp oil\n1 tsp cumin\n1 tsp paprika',
      'Heat the oil in a frying pan. Add the cumin and paprika and fry for 1 minute.',
    );
    expect(inOrder(all, /^Fill the 1 tsp with paprika/, /^Turn on the hob/)).not.toContain(false);
  });
  test('hands with raw chicken on them fill no spoon (FSA: clean hands after raw meat)', () => {
    const all = texts('4 chicken thighs\n1 tbsp oil\n1 tsp thyme', 'Lay the chicken in a roasting tin. Rub the oil and the thyme over it.');
    expect(inOrder(all, /^Fill the 1 tsp with thyme/, /^Rub the oil/, /^Rub the thyme/)).not.toContain(false);
  });
  test('what comes after it goes into the bowl, not into a bowl', () => {
    expect(texts('200 g flour\n50 g sugar', 'Put the flour and sugar in a mixing bowl.')).toContain('Put the sugar in the mixing bowl.');
  });
});

describe('where things go', () => {
  test('the same pan is the one that was left, and what goes along goes there too', () => {
    const all = steps(
      '300 g beef, diced\n1 onion, sliced\n2 carrots, sliced\n1 tbsp oil',
      'Brown the beef in the oil in a frying pan. Transfer to the slow cooker.\nIn the same pan, soften the onion for 5 minutes, then scrape it into the slow cooker along with the carrots.',
    );
    expect(all.find((s) => /^Soften the onion/.test(s.text))).toMatchObject({ into: 'frying-pan' });
    expect(all.filter((s) => /^Scrape/.test(s.text)).map((s) => s.into)).toEqual(['slow-cooker', 'slow-cooker']);
  });
  test.each(['Pour', 'Scrape', 'Spoon'])('%s it into a bowl with the peas: both', (verb) => {
    const all = steps('1 onion, sliced\n100 g peas\n1 tbsp oil', `Fry the onion in the oil. ${verb} it into a bowl with the peas.`);
    const moved = all.filter((s) => s.text.startsWith(`${verb} the`) && s.into === 'bowl');
    expect(moved.map((s) => s.text)).toEqual([`${verb} the peas into a bowl.`, `${verb} the onion into a bowl.`]);
  });
  test('what is spooned over rice goes over the rice, on the plate', () => {
    const all = steps(
      '200 g spinach\n400 ml coconut milk\n1 onion, sliced\ncooked rice, to serve',
      'Simmer the onion in the coconut milk. Stir in the spinach. Spoon over bowls of hot rice.',
    );
    expect(all.find((s) => /rice in/.test(s.text))).toMatchObject({ into: 'serving-bowl' });
    expect(all.some((s) => /over the rice\.$/.test(s.text))).toBe(true);
  });
  test('"mix everything in" is of what was cut and crumbled since', () => {
    const all = texts(
      '100 g couscous\n100 ml hot water\n4 tomatoes\n50 g feta',
      'Put the couscous in a bowl with the hot water and leave for 5 minutes.\nChop the tomatoes and crumble the feta.\nMix everything in.',
    );
    expect(
      inOrder(all, /^Crumble the feta/, /^Put the tomatoes in the bowl/, /^Put the feta in the bowl/, /^Mix everything in the bowl/),
    ).not.toContain(false);
  });
  test('what is tossed in flour has room, and the flour is not put where it is', () => {
    const all = steps('700 g stewing beef, diced\n2 tbsp flour', 'Toss the beef in the flour.');
    expect(all.find((s) => /^Toss/.test(s.text))).toMatchObject({ into: 'bowl' });
  });
  test('the plate under the kitchen roll goes into the microwave', () => {
    const all = texts('1 baking potato', 'Put the potato on a piece of kitchen roll on a microwaveable plate. Microwave for 4 minutes.');
    expect(all).toContain('Put the plate in the microwave.');
  });
  test('out of the oven, stirred and put back: it bakes on', () => {
    const all = texts(
      '200 g rice\n400 ml stock\n100 g peas',
      'Put the rice and stock in a casserole dish. Bake for 18 minutes. Take out, stir in the peas and put back for 5 minutes.',
    );
    expect(all.filter((text) => /^Bake .* for 5 minutes/.test(text))).toHaveLength(1);
    expect(all.filter((text) => /^Turn off the oven/.test(text))).toHaveLength(1);
  });
  test('"take the peppers out" after they came out is done already', () => {
    const all = texts(
      '2 peppers\n50 g feta',
      'Halve the peppers and lay in a baking dish. Bake for 15 minutes. Meanwhile...\nCrumble the feta.\nTake the peppers out of the oven. Top with the feta.',
    );
    expect(all.filter((text) => /^Take .*out of the oven|^Take the peppers out/.test(text))).toHaveLength(1);
  });
});

describe('what is to be done', () => {
  test('a floured surface is floured first, once', () => {
    const all = texts(
      '225 g flour, plus extra for dusting\n100 ml milk',
      'Mix the flour and milk to a dough. Tip onto a floured surface and knead. Roll out on the floured surface.',
    );
    expect(all.filter((text) => /^Dust the surface/.test(text))).toHaveLength(1);
    expect(inOrder(all, /^Dust the surface/, /^Tip the dough/)).not.toContain(false);
  });
  test('an empty tray gets hot with the oven: nobody waits for that', () => {
    const all = texts(
      '225 g flour\n50 g butter',
      'Heat the oven to 220C and put a baking tray inside to get hot. Rub the butter into the flour.',
    );
    expect(inOrder(all, /^Turn the oven on/, /^Put a baking tray inside/, /^Wait until the oven is hot/)).toEqual([true, true, false]);
  });
  test.each([
    ['Simmer for 20 minutes. Add the corn during the last 5 minutes.', 'Cook the turkey and the corn for 5 minutes more.'],
    ['Bring to a boil, then reduce the heat, cover partially and simmer for 20 minutes.', 'Cover the pan partially.'],
  ])('%s', (said, card) => {
    expect(texts('1 lb ground turkey\n1 cup broth\n1 cup frozen corn', `Brown the turkey in a pan. Add the broth. ${said}`)).toContain(
      card,
    );
  });
  test('zest and juice are no work on what follows', () => {
    const all = texts(
      '250 g couscous\nzest and juice of 1 lemon\n1 tbsp oil',
      'Put the couscous in a bowl. Stir in the lemon zest and juice, the oil and the couscous.',
    );
    expect(all).toContain('Put the lemon zest and juice in the bowl.');
    expect(all.some((text) => /^Juice/.test(text))).toBe(false);
  });
  test('rice that was cooked and cooled is not cooled; a sheet of pastry is not weighed', () => {
    expect(texts('100 g rice, cooked and cooled', 'Put the rice in a bowl.').some((text) => /^Cool/.test(text))).toBe(false);
    expect(texts('1 sheet ready-rolled puff pastry (320g)', 'Unroll the pastry.').some((text) => /^Weigh/.test(text))).toBe(false);
  });
  test('lines all in lower case are lines of their own', () => {
    const all = texts(
      '1 onion\n400g frozen peas\n600ml stock',
      'peel and chop the onion and put it in a big pan with the lid on\npour in the stock and bring it to the boil, then simmer till soft\nadd the peas and cook 3 more mins with the lid off',
    );
    expect(inOrder(all, /^Chop the onion/, /^Pour the stock/, /^Add the peas|^Put the (?:frozen )?peas/)).not.toContain(false);
  });
  test('so much is kept for rolling, and stays out of the bowl', () => {
    const all = texts(
      '100 g oats\n50 g honey\n40 g desiccated coconut, plus 2 tbsp for rolling',
      'Put everything except the extra coconut into a bowl and mix. Tip the extra coconut onto a plate.',
    );
    expect(
      inOrder(
        all,
        /^Weigh 40 g of desiccated coconut/,
        /^Put the desiccated coconut into/,
        /^Fill the 1 tbsp twice with extra/,
        /^Tip the extra coconut onto a plate/,
      ),
    ).not.toContain(false);
  });
});

test('what is kept apart stands at the line that it is of', () => {
  const { recipe, lines } = readRecipe(
    'Bites\n\nIngredients\n100 g oats\n40 g coconut, plus 2 tbsp for rolling\n50 g honey\n\nMethod\nMix.\nRoll in the extra coconut.',
  );
  const [own, extra] = lines.filter((l) => /coconut, plus/.test(l.text));
  expect([own, extra].map((l) => recipe.ingredients[l.index!].item)).toEqual(['coconut', 'extra coconut']);
  expect(extra.line).toBe(own.line);
});

describe('words that mean something else here', () => {
  test('a baking dish is no baking powder', () => {
    const all = steps(
      '2 cups oats\n1 tsp baking powder\n2 tbsp butter',
      'Butter a square baking dish. Stir together oats and baking powder.',
    );
    expect(all.find((s) => /^Butter/.test(s.text))).toMatchObject({ technique: 'grease', into: 'baking-dish' });
  });
  test('covered with food it has no lid', () => {
    const all = steps(
      '1 cup berries\n2 cups oats\n1/2 cup sugar',
      'Mix the oats and sugar in a bowl. Spread the berries in a baking dish. Cover with the oat mixture and bake for 20 minutes.',
    );
    expect(all.find((s) => /oat mixture/.test(s.text))).toMatchObject({ technique: 'spread', into: 'baking-dish' });
    expect(all.some((s) => s.technique === 'uncover')).toBe(false);
  });
  test('floured hands, though they are said in the middle', () => {
    const all = texts('400 g mince\n2 tbsp flour', 'Divide the mince into 4 and, with floured hands, shape into burgers.');
    expect(inOrder(all, /^Dust your hands with flour/, /^Shape/)).not.toContain(false);
  });
  test('a thumb of ginger is ginger', () => {
    expect(
      readRecipe('Test\n\nIngredients\n1 onion\nthumb of ginger, peeled and grated\n\nMethod\nFry the onion and ginger.').recipe
        .ingredients[1],
    ).toMatchObject({
      preparation: ['peeled', 'grated'],
    });
  });
  test('what was lifted out is what is left to cool', () => {
    const all = texts(
      '2 chicken breasts\n1 l stock\n1 onion, diced\n2 carrots, sliced',
      'Simmer the onion, carrots and chicken in the stock for 15 minutes. Lift out the chicken and leave until cool enough to handle.',
    );
    expect(inOrder(all, /^Lift out the chicken/, /^Leave the chicken/)).not.toContain(false);
  });
  test('ground ginger is one of the spices; bacon is grilled on no tray that potatoes are on', () => {
    expect(
      texts('150 g flour\n2 tsp ground ginger\n1 tsp mixed spice', 'Sift the flour and spices into a bowl.').some((text) =>
        /^Sift the ground ginger/.test(text),
      ),
    ).toBe(true);
    const grilled = steps('4 potatoes\n4 rashers bacon', 'Bake the potatoes for 1 hour. Grill the bacon until crisp.').find((s) =>
      /^Put the bacon/.test(s.text),
    );
    expect(grilled?.into).not.toBe('tray');
  });
  test('the dal is what cooks in the other pan', () => {
    const all = steps(
      '200g red lentils\n700ml water\n1 onion, sliced\n2 tbsp oil',
      'Simmer the lentils in the water in a saucepan for 20 minutes. Fry the onion in the oil in a frying pan. Stir the onion mixture into the dal.',
    );
    expect(all.filter((s) => s.sourceLine !== null).at(-1)).toMatchObject({ into: 'saucepan' });
  });
});

describe('what it is called', () => {
  test.each([
    [
      '2 eggs\n1 tbsp soy sauce\n1 tsp oil',
      'Scramble the eggs in the oil in a wok, then scoop onto a plate. Return the egg to the wok with the soy sauce.',
      'Add the soy sauce to the wok.',
    ],
    [
      '500 ml stock\n1 tbsp tomato puree\n2 carrots',
      'Put the carrots in a slow cooker. Whisk the tomato puree into the stock and pour over.',
      'Pour the stock over the carrots.',
    ],
    [
      '8 scones\n20 g butter',
      'Bake the scones on a tray for 10 minutes and serve split, with butter.',
      'Serve the test dish split, with the butter.',
    ],
    [
      '100 g chocolate chips\n200 g flour\n100 ml milk',
      'Mix the flour and milk in a bowl. Fold in the chocolate chips, if using.',
      'Fold the chocolate chips into the bowl, if using.',
    ],
    [
      '100 g jelly\n200 g berries',
      'Put the berries in a bowl. Carefully pour the jelly over the berries.',
      'Pour the jelly carefully over the berries.',
    ],
    [
      '100 g oats\n50 ml honey',
      'Mix the oats and honey in a bowl. If it is too dry, add 1 tbsp water.',
      'Pour 1 tbsp water into the bowl if it is too dry.',
    ],
    ['1 sheet puff pastry\n100 g jam', 'Unroll the pastry. Spread the jam on one half and fold over.', 'Fold the puff pastry over.'],
  ])('%s: %s', (ingredients, method, card) => {
    expect(texts(ingredients, method)).toContain(card);
  });
});
