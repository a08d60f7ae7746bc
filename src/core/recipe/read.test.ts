// Whole recipes of our own, in different layouts, with the right reading set down by hand.
import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { RECIPE_CASES } from '../../../tests/cases/recipe-readings';
import { readRecipe } from './read';
import type { Ingredient } from './recipe';

const file = (name: string) => readFileSync(new URL(`../../../tests/recipes/${name}`, import.meta.url), 'utf8');

test.each(RECIPE_CASES)('$file', ({ file: name, ...right }) => {
  const { recipe, notUnderstood } = readRecipe(file(name));
  const said = (one: Ingredient) =>
    [`${one.min ?? '-'}${one.max === one.min ? '' : `~${one.max}`} ${one.unit ?? '-'}`, one.item, one.preparation.join(', ')]
      .filter(Boolean)
      .join(' | ') + (one.doubt ? ' ?' : '');
  expect({
    title: recipe.title,
    servings: recipe.servings,
    method: recipe.instructions.length,
    ingredients: recipe.ingredients.map(said),
  }).toEqual(right);
  expect(notUnderstood).toEqual([]);
});

test('every line of the source is accounted for, in order', () => {
  for (const { file: name } of RECIPE_CASES) {
    const { lines, recipe } = readRecipe(file(name));
    const numbers = lines.map((l) => l.line);
    expect(numbers).toEqual([...numbers].sort((a, b) => a - b));
    expect(lines.filter((l) => l.role === 'instruction').length).toBe(recipe.instructions.length);
  }
});

test('ingredients in the method only are found and marked as such', () => {
  const { recipe } = readRecipe(file('dal.txt'));
  expect(recipe.ingredients.map((i) => [i.min, i.unit, i.item])).toEqual([
    ['1', 'cup', 'red lentils'],
    ['3', 'cup', 'water'],
    ['1/2', 'tsp', 'turmeric'],
    ['2', 'tbsp', 'oil'],
    ['1', 'tsp', 'cumin seeds'],
    ['2', 'clove', 'garlic'],
  ]);
  expect(recipe.ingredients.every((i) => i.doubt)).toBe(true);
});

describe('layouts', () => {
  test('headings in other words, steps in words', () => {
    const { recipe } = readRecipe(
      'Tomato toast\nStuff\n1 slice bread\n1 tomato\nWhat you do\nStep one: Toast the bread.\nStep two: Slice the tomato.',
    );
    expect(recipe.ingredients.map((i) => i.item)).toEqual(['bread', 'tomato']);
    expect(recipe.instructions).toEqual(['Toast the bread.', 'Slice the tomato.']);
  });
  test('a heading and its text on one line', () => {
    const { recipe } = readRecipe('Rice\nIngredients: 1 cup rice, 2 cups water, a pinch of salt\nMethod: Boil the water. Add the rice.');
    expect(recipe.ingredients.map((i) => [i.min, i.item])).toEqual([
      ['1', 'rice'],
      ['2', 'water'],
      ['1', 'salt'],
    ]);
    expect(recipe.instructions).toEqual(['Boil the water. Add the rice.']);
  });
  test('groups of ingredients', () => {
    const { recipe } = readRecipe('Bowl\nIngredients\nFor the dressing:\n1 tbsp oil\nFor the bowl:\n1 cup rice\nMethod\nMix.');
    expect(recipe.ingredients.map((i) => i.group)).toEqual(['dressing', 'bowl']);
  });
  test('numbers in one paragraph', () => {
    const { recipe } = readRecipe('Soup\nIngredients\n1 carrot\nMethod\n1. Peel the carrot. 2. Boil the water. 3. Add the carrot.');
    expect(recipe.instructions).toEqual(['Peel the carrot.', 'Boil the water.', 'Add the carrot.']);
  });
});

describe('bad input', () => {
  test('nothing gives an empty reading', () => {
    for (const source of ['', '   \n\n', '🍕🍕🍕', '-----'])
      expect(readRecipe(source).recipe).toMatchObject({ ingredients: [], instructions: [] });
  });
  test('a script is dropped, the words around it stay', () => {
    const { recipe } = readRecipe(
      '<h1>Tea</h1><script>alert(1)</script><ul><li>1 cup water</li></ul><p>Boil the <b onclick="x()">water</b>.</p>',
    );
    expect(JSON.stringify(recipe)).not.toMatch(/alert|onclick|<|script/);
    expect(recipe.ingredients[0]).toMatchObject({ min: '1', unit: 'cup', item: 'water' });
  });
  test('an amount divided by zero is named with its line', () => {
    const { notUnderstood, recipe } = readRecipe('Cake\nIngredients\n1/0 cup sugar\n1 egg\nMethod\nMix.');
    expect(notUnderstood).toHaveLength(1);
    expect(notUnderstood[0]).toMatchObject({ line: 3, text: '1/0 cup sugar' });
    expect(recipe.ingredients).toHaveLength(2);
  });
  test('right-to-left text is kept letter for letter', () => {
    const { recipe } = readRecipe('מרק עדשים\nIngredients\n1 cup עדשים\nMethod\nBoil.');
    expect([recipe.title, recipe.ingredients[0]?.item]).toEqual(['מרק עדשים', 'עדשים']);
  });
  test('what is beyond the limits is reported, not lost in silence', () => {
    const long = `Cake\nIngredients\n${'x'.repeat(3000)}\n${'1 egg\n'.repeat(1200)}`;
    const { notUnderstood } = readRecipe(long);
    expect(notUnderstood.map((n) => n.why).join(' ')).toMatch(/2000 characters.*1000 lines/s);
  });
  test('10,000 random and hostile texts: never an exception, always a whole reading', () => {
    const pieces = fc.constantFrom(
      ...[
        '<',
        '>',
        '</script',
        '<script>',
        '<script type="application/ld+json">',
        '{"@type":"Recipe",',
        '"recipeIngredient":[',
        '&#x',
        '&amp;',
      ],
      ...[
        '((((',
        ')',
        '1/',
        '1/0 ',
        '1 1/2 ',
        '½',
        ' cup ',
        ' x ',
        'each ',
        ' plus ',
        ',',
        ' and ',
        ' or ',
        '\n',
        '- ',
        '—',
        '\u202e',
        '[',
        '![',
        '](',
        '**',
      ],
      // what a label before a step, a heading in capitals and a column of amounts are made of
      ...['Serve', 'Mix it', 'A(b', 'A++ ', 'PUT', '   ', '\t', '1st', ' 2 g'],
      ...['|', ': ', 'until ', 'a', '.', 'Ingredients\n', 'Method\n', 'Serves ', '9999999999', '\u0000', '🍋', 'ß', 'מ', "'", '"', '\\'],
    );
    const hostile = fc.array(pieces, { maxLength: 120 }).map((list) => list.join(''));
    const random = fc.string({ unit: 'grapheme', maxLength: 300 });
    const whole = fc.property(fc.oneof(hostile, random), (text) => {
      const { recipe, lines, notUnderstood } = readRecipe(text);
      return (
        recipe.ingredients.every((one) => typeof one.item === 'string' && (one.min === null || /^\d+(?:\/[1-9]\d*)?$/.test(one.min))) &&
        recipe.instructions.every((line) => /\p{L}/u.test(line)) &&
        lines.every((l) => l.line >= 1) &&
        notUnderstood.every((n) => n.why !== '')
      );
    });
    expect(() => fc.assert(whole, { numRuns: 10_000 })).not.toThrow();
  });
});

test('a list on one line, parted by semicolons, with no heading', () => {
  const { recipe, notUnderstood } = readRecipe(
    'Bircher pots\nMakes 2 pots\n100g porridge oats; 200ml apple juice; 1 apple; handful of raspberries\nMix the oats and apple juice in a bowl.',
  );
  expect(recipe.ingredients.map((i) => [i.min, i.unit, i.item])).toEqual([
    ['100', 'g', 'porridge oats'],
    ['200', 'ml', 'apple juice'],
    ['1', null, 'apple'],
    ['1', 'handful', 'raspberries'],
  ]);
  expect(notUnderstood).toEqual([]);
});

test('extras on one line are things of their own, and optional where the line says so', () => {
  const { recipe, notUnderstood } = readRecipe(
    'Chilli\nIngredients\n1 onion\nOptional toppings: sour cream, sliced spring onions\nMethod\nChop the onion.',
  );
  expect(notUnderstood).toEqual([]);
  expect(recipe.ingredients.map((i) => [i.item, i.optional])).toEqual([
    ['onion', false],
    ['sour cream', true],
    ['spring onions', true],
  ]);
});

test.each([
  ['Chickpea soup | 30 minutes | 4 servings\n1 onion', 'Chickpea soup', 4],
  ['Potatoes\n**Prep** 15 min **Cook** 50 min **Serves** 4\n1 onion', 'Potatoes', 4],
])('what stands beside the title: %s', (source, title, servings) => {
  expect(readRecipe(source).recipe).toMatchObject({ title, servings });
});

test('a line that starts with an amount is an ingredient or is told of, never passed over', () => {
  const { recipe } = readRecipe('Hash\n\n1 large sweet potato, peeled and cut into 1 cm cubes\n1 red pepper\n\nMethod: Fry the pepper.');
  expect(recipe.ingredients.map((i) => i.item)).toEqual(['sweet potato', 'red pepper']);
  expect(readRecipe('Hash\n7 wobbly things of an unknown kind for the top of it\n1 onion\nChop the onion.').notUnderstood).toHaveLength(1);
});

describe('what stands where it is not looked for', () => {
  test('tools on the line of their heading: the list and the method behind it are no tools', () => {
    const { recipe } = readRecipe(
      'Wraps\nYou will need:\n4 tortillas\n1 carrot, grated\n\nTools: board, knife, cheese grater\n\n1. Lay a tortilla on the board.\n2. Put the carrot on it.',
    );
    expect(recipe.tools).toEqual(['board', 'knife', 'cheese grater']);
    expect(recipe.instructions).toHaveLength(2);
    const before = readRecipe('Wraps\nEquipment: knife, garlic press\n\n4 small corn tortillas\n1 tsp oil\n\nMethod:\nWarm the tortillas.');
    expect(before.recipe.ingredients.map((i) => i.item)).toEqual(['corn tortillas', 'oil']);
  });
  test('a bare line over bulleted lines of method heads them', () => {
    const { recipe } = readRecipe(
      'Rice\nIngredients\n1 cup rice\nMethod\nCook the Rice\n- Rinse the rice.\n- Boil the rice.\nPut It Together\n- Serve it.',
    );
    expect(recipe.instructions).toEqual(['Rinse the rice.', 'Boil the rice.', 'Serve it.']);
  });
  test('the heat of an “Oven:” line goes to the method that names none', () => {
    const read = (method: string) => readRecipe(`Rolls\n300 g flour\n\nOven: 200C / gas 6\n\nMethod\n${method}`).recipe.instructions;
    expect(read('Heat the oven. Bake the rolls.')[0]).toBe('Heat the oven to 200C / gas 6. Bake the rolls.');
    expect(read('Heat the oven to 180 C. Bake the rolls.')[0]).toBe('Heat the oven to 180 C. Bake the rolls.');
  });
  test('“Fruit layer” over amounts is a heading', () => {
    const { recipe } = readRecipe('Cobbler\n\nFruit layer\n1 tin peaches\n\nTopping\n1 cup flour\n\nMethod\nMix the flour.');
    expect(recipe.ingredients.map((i) => i.group)).toEqual(['fruit layer', 'topping']);
  });
});

test('a sentence about the dish over its list is no step, and says for how many', () => {
  const { recipe } = readRecipe(
    'Bread soup\nA thrifty supper for 4. 35 minutes start to finish.\n3 tbsp oil\nA few basil leaves\nHeat the oil in a pan.',
  );
  expect(recipe.servings).toBe(4);
  expect(recipe.ingredients.map((i) => i.item)).toEqual(['oil', 'basil leaves']);
  expect(recipe.instructions).toEqual(['Heat the oil in a pan.']);
});

test('words that are verbs elsewhere stay ingredients: oil for frying, juice ½ lemon; and butter that greases stays work', () => {
  const { recipe } = readRecipe(
    'Cakes\n2 cups flour\noil for frying\njuice 1/2 lemon\n\nButter a 20 cm square tin.\nMix the flour and juice.',
  );
  expect(recipe.ingredients.map((i) => i.item)).toEqual(['flour', 'oil', 'lemon']);
  expect(recipe.ingredients[2].preparation).toContain('juiced');
  expect(recipe.instructions[0]).toBe('Butter a 20 cm square tin.');
});
test('tools named in a sentence are tools', () => {
  const { recipe } = readRecipe(
    'Pot\n\nYou will need a big pan with a lid, a wooden spoon, a board and a tin opener.\n\nIngredients\n1 onion\n\nMethod\nChop the onion.',
  );
  expect(recipe.tools).toEqual(['big pan', 'wooden spoon', 'board', 'tin opener']);
  expect(recipe.ingredients).toHaveLength(1);
});

test('a label before its step is the name of the step, and goes; who it is for stays', () => {
  const { instructions } = readRecipe(
    'Bowls\nIngredients\n1 block tofu\n4 tortillas\nMethod\n1. Prep the tofu: Cut the tofu into cubes.\n2. Heat the tortillas: wrap them in paper.\n3. Check the tofu: cut one open.\n4. Dressing: mix it.',
  ).recipe;
  expect(instructions).toEqual(['Cut the tofu into cubes.', 'Wrap the tortillas in paper.', 'Check the tofu: cut one open.', 'Mix it.']);
});
test('an amount in a column of its own, behind the name', () => {
  const { recipe } = readRecipe(
    'Damper\nIngredients           Amount\nSelf-raising flour    3 cups\nButter, chopped       60 g\nMethod\nRub the butter into the flour.',
  );
  expect(recipe.ingredients.map((i) => [i.item, i.min, i.unit])).toEqual([
    ['Self-raising flour', '3', 'cup'],
    ['Butter', '60', 'g'],
  ]);
});
test('a line to write on, or who sent it, is no title', () => {
  expect(readRecipe('Name: ________  Class: ____\n\nPlum crumble\n300 g plums').recipe.title).toBe('Plum crumble');
  expect(readRecipe('From the kitchen of: Aunt Lottie\nGREEN BEAN BAKE\n2 cans green beans').recipe.title).toBe('GREEN BEAN BAKE');
});

test('a number with no mark is a step where a verb and a full stop follow, and an amount where a food does', () => {
  const { recipe } = readRecipe(
    'Couscous\n125g couscous\n2 oranges\n\n1 Put the couscous in a bowl.\n2 Ask an adult to pour on the water.\n3 Stir.',
  );
  expect(recipe.ingredients).toHaveLength(2);
  expect(recipe.instructions).toEqual(['Put the couscous in a bowl.', 'Ask an adult to pour on the water.', 'Stir.']);
});
test('a word in capitals over a line of sentences heads it', () => {
  const { recipe } = readRecipe(
    'Pie\n400 g mince\n700 g potatoes\n\nMINCE\nCook the mince in a pan for 5 minutes.\nMASH\nBoil the potatoes and mash them well.',
  );
  expect(recipe.instructions).toEqual(['Cook the mince in a pan for 5 minutes.', 'Boil the potatoes and mash them well.']);
});

test('verbs in capitals behind a bare number, and “1st:”, are steps', () => {
  const { recipe } = readRecipe('Muffins\nIngredients\n2 eggs\nMethod\n1 PREHEAT oven to 180C.\n2 WHISK eggs in a jug.');
  expect(recipe.instructions).toEqual(['PREHEAT oven to 180C.', 'WHISK eggs in a jug.']);
  expect(readRecipe('Lollies\n2 bananas\n\n1st: Line a tray with baking paper.\n2nd: Peel the bananas.').recipe.instructions).toEqual([
    'Line a tray with baking paper.',
    'Peel the bananas.',
  ]);
});

test('what a label says and its line does not is kept; what is told beside the method is a note', () => {
  const read = readRecipe(
    'Beans\nIngredients\n1 tin beans\n1 red chilli\nMethod\n1. Microwave: cook the beans for 3 minutes. Stir.\n2. Optional: add the chilli.\n3. Vegan option: use oat drink.\n4. Tip: warm the bowls.\n5. Serve: spoon into bowls.',
  );
  expect(read.recipe.instructions).toEqual([
    'Cook the beans for 3 minutes in the microwave. Stir.',
    'Add the chilli if you like.',
    'Spoon into bowls.',
  ]);
  expect(read.lines.filter((l) => l.role === 'note').map((l) => l.text)).toEqual([
    '3. Vegan option: use oat drink.',
    '4. Tip: warm the bowls.',
  ]);
});

test('a label may hold any signs; who does a step stays, said twice or not', () => {
  const read = (line: string) => readRecipe(`Beans\nIngredients\n1 tin beans\nMethod\n${line}`).recipe.instructions;
  expect(read('Sauce(hot it: mix the beans.')).toEqual(['Mix the beans.']);
  expect(read('A++ sauce: mix the beans.')).toEqual(['Mix the beans.']);
  expect(read('Adult: let an adult drain the beans.')).toEqual(['Adult: let an adult drain the beans.']);
});
test('a recipe all in capitals has steps, not headings', () => {
  const { recipe } = readRecipe('RICE\n2 ONIONS\n1 CUP RICE\n\nCHOP THE ONION\nFRY IT IN THE OIL\nADD THE RICE');
  expect(recipe.instructions).toEqual(['CHOP THE ONION', 'FRY IT IN THE OIL', 'ADD THE RICE']);
});

test('“12 muffins” below the title and above the list is how many it makes, and no ingredient', () => {
  const { recipe } = readRecipe('Apple muffins\n\n12 muffins\n\nIngredients\n200 g flour\n2 apples\n\nMethod\nMix the flour and apples.');
  expect(recipe).toMatchObject({ title: 'Apple muffins', servings: 12 });
  expect(recipe.ingredients.map((one) => one.item)).toEqual(['flour', 'apples']);
});

test('“1 bowl” below the title of a bowl is how many it makes; “1 egg” below “Boiled egg” is an ingredient', () => {
  expect(readRecipe('Berry bowl\n1 bowl\n\n1 cup berries\n1. Put the berries in a bowl.').recipe).toMatchObject({ servings: 1 });
  expect(readRecipe('Boiled egg\n1 egg\n\n1. Boil the egg for 8 minutes.').recipe.ingredients.map((one) => one.item)).toEqual(['egg']);
});

test('a step marked for an adult is a step', () => {
  const { recipe } = readRecipe(
    'Wraps\n3 chicken breasts\n1 red onion\n- ADULT: cut the chicken into strips.\n- Slice the onion and fry it in a pan.',
  );
  expect(recipe.instructions).toHaveLength(2);
});
