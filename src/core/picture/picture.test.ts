import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { PROFILE_QUESTIONS } from '../fit/profile-questions';
import { plainStep } from '../plan/plain-step';
import { FOODS } from '../recipe/foods/index';
import { GLOSSARY } from '../recipe/glossary';
import { readRecipe } from '../recipe/read';
import { readIngredient } from '../recipe/ingredient-line';
import { buildTask } from '../task/build';
import { atGrain } from '../task/grain';
import { interpretStep } from '../task/interpret';
import { TECHNIQUES } from '../technique/lexicon';
import { hasMark, TOOLS } from '../technique/tools';
import { actOf, SCENES } from './acts';
import { vesselKindOf } from './contents';
import { labelOf, lookByName, lookNames, lookOf, lookOfFood, PACKS, SHAPES } from './looks';
import { drawnMeasure } from './numbers';
import { STATES, type Stage } from './stage';
import { stageAlone, stageOfTerm, stagesOf } from './stage-of';
import { stageOfQuestion } from '../fit/stage-of-question';
import { trueSizes } from './true-size';

const folder = new URL('../../../tests/recipes/', import.meta.url);
const taskOf = (name: string) => buildTask(readRecipe(readFileSync(new URL(name, folder), 'utf8')).recipe, { grain: 'standard' });
const alone = (text: string, ingredients: string[] = []): Stage => {
  const list = ingredients.map((line) => readIngredient(line));
  return stageAlone(interpretStep(text, 'k', 'prepare', list), list);
};

test.each(TECHNIQUES.map((t) => t.id))('%s has a scene of its own kind', (id) => {
  const { scene } = actOf(id);
  expect(SCENES).toContain(scene);
  expect(scene).not.toBe('plain');
});
test('every food has a look, with a shape, colours and a pack that exist', () => {
  expect(FOODS.filter((f) => lookOfFood(f).name === 'food').map((f) => f.id)).toEqual([]);
  for (const look of lookNames().map(lookByName)) {
    expect(SHAPES, look.name).toContain(look.shape);
    expect(PACKS, look.name).toContain(look.pack);
    for (const colour of [look.skin, look.flesh, look.mark]) expect(colour, look.name).toMatch(/^#[0-9a-f]{6}$/);
    expect(lookNames(), look.name).toContain(labelOf(look).name);
  }
});
test('foods that shared a drawing look like themselves', () => {
  const names = (...items: string[]) => items.map((i) => lookOf(i).name);
  // a tomato on every tin, a bottle of sauce for stock, one mound for all
  expect(new Set(names('canned tomatoes', 'tuna', 'coconut milk', 'sweetcorn', 'kidney beans', 'chickpeas')).size).toBe(6);
  expect(lookOf('vegetable stock').name).not.toBe(lookOf('soy sauce').name);
  expect(new Set(names('cauliflower', 'broccoli', 'parsnip', 'carrot', 'cocoa', 'flour', 'brown rice', 'rice')).size).toBe(8);
  expect(lookOf('red onion').skin).not.toBe(lookOf('onion').skin);
  expect(lookOf('yellow pepper').skin).not.toBe(lookOf('red pepper').skin);
});

test('the vessel holds what the world says is in it, in the state that it is in', () => {
  const stages = stagesOf(taskOf('lentil-soup.txt'));
  const at = (words: RegExp) => stages.find((s) => words.test(s.words))!;
  const inside = (s: Stage) => s.vessel!.contents.map((c) => `${c.look.name} ${c.state}`);
  expect(at(/^Add the onion/).vessel).toMatchObject({ kind: 'saucepan', onHob: true });
  expect(inside(at(/^Add the onion/))).toEqual(['oil whole']);
  expect(inside(at(/^Cook the onion and the carrots/))).toEqual(expect.arrayContaining(['oil whole', 'onion dice', 'carrot dice']));
  expect(inside(at(/^Simmer/))).toEqual(expect.arrayContaining(['lentils whole', 'stock whole', 'canned-tomato dice']));
  expect(at(/^Ladle/).source!.contents.length).toBeGreaterThan(3);
});
test('a step shows its food as it is before it: the onion is peeled when it is chopped', () => {
  const stages = stagesOf(taskOf('lentil-soup.txt'));
  expect(stages.find((s) => /^Chop the onion/.test(s.words))!.things[0]).toMatchObject({ state: 'peeled', look: { shape: 'bulb' } });
  expect(stages.find((s) => /^Add the carrots/.test(s.words))!.things[0]).toMatchObject({ state: 'dice' });
});
test('an egg that was cracked is out of its shell, one that is boiled is not', () => {
  const cracked = stagesOf(taskOf('folded-omelette.txt'));
  const later = cracked.filter((s) => s.scene === 'stir' || s.scene === 'hob').flatMap((s) => s.vessel?.contents ?? []);
  expect(later.length).toBeGreaterThan(0);
  expect(later.filter((c) => c.look.shape === 'egg').map((c) => c.name)).toEqual([]);
  const boiled = stagesOf(taskOf('potato-egg-salad.txt')).find((s) => /^Peel the eggs/.test(s.words));
  expect(boiled?.vessel?.contents).toMatchObject([{ look: { shape: 'egg' }, state: 'whole' }]);
});

test('a lemon that was squeezed is juice: none of it goes in as slices, nor lies in the bowl so', () => {
  const list = '1 lemon\n1 cucumber, diced\n1 orange';
  const { recipe } = readRecipe(
    `Bowl\nIngredients\n${list}\nMethod\nPut the cucumber in a bowl. Squeeze the juice of the lemon into a cup. Add the lemon juice to the bowl. Stir. Slice the orange. Add the orange.`,
  );
  const task = buildTask(recipe, { grain: 'standard' });
  const stages = stagesOf(task);
  const at = (text: RegExp) => stages[task.steps.findIndex((s) => text.test(s.text))];
  expect(at(/^Squeeze/).things[0].look!.name).toBe('lemon');
  expect(at(/lemon juice/).things.map((t) => [t.look!.name, t.state, t.pack])).toEqual([['lemon-juice', 'whole', 'none']]);
  const inside = at(/^Stir/).vessel!.contents.map((c) => c.look.name);
  expect(inside).toContain('lemon-juice');
  expect(inside).not.toContain('lemon');
  // what was cut, and not squeezed, is still seen
  expect(at(/^(?:Add|Put) the orange/).things[0].look!.shape).not.toBe('liquid');
});

const stagesFrom = (list: string, method: string) => {
  const task = buildTask(readRecipe(`Dish\nIngredients\n${list}\nMethod\n${method}`).recipe, { grain: 'standard' });
  const stages = stagesOf(task);
  return (words: RegExp) => stages.find((s) => words.test(s.words))!;
};
test('in a tin of many things each has the shape that was cut: the sausages are whole, the onion is in wedges', () => {
  const at = stagesFrom(
    '8 pork sausages\n2 red onions\n1 tbsp oil',
    'Peel the onions and cut into wedges. Put the sausages and onions in a roasting tin with the oil. Roast for 20 minutes.',
  );
  const inside = at(/^Put the roasting tin in the oven/).vessel!.contents.map((c) => [c.look.name, c.state]);
  expect(inside).toContainEqual(['sausage', 'whole']);
  expect(inside).toContainEqual(['red-onion', 'wedges']);
});
test('what is done to all once they are one is done to each: mashed together, both are mash', () => {
  const at = stagesFrom(
    '400 g potatoes\n1 carrot\n25 g butter\n50 ml milk',
    'Peel and slice the carrot. Peel and chop the potatoes. Boil the carrot and the potatoes in a large pan for 15 minutes. Drain. Mash with the butter. Stir in 50 ml milk. Serve.',
  );
  const inside = at(/^(?:Add|Pour|Stir).* milk/).vessel!.contents;
  expect(inside.filter((c) => c.look.shape !== 'block').map((c) => c.state)).toEqual(['mashed', 'mashed']);
});
test('food that the words alone name is drawn as it is by now: potatoes that go back into the pan are in pieces', () => {
  const at = stagesFrom(
    '400 g potatoes\n25 g butter',
    'Peel the potatoes and cut into chunks. Boil in a large pan for 15 minutes. Drain, return to the pan and mash with the butter.',
  );
  expect(at(/^Return the potatoes/).things).toMatchObject([{ look: { name: 'potato' }, state: 'dice' }]);
});
test('one food that is fished out of a stew is drawn as itself', () => {
  const out = stagesOf(taskOf('sausage-casserole.txt')).find((s) => /^Fish out the bay leaf/.test(s.words))!;
  expect(out.things.map((t) => t.look?.name)).toEqual(['herb']);
});
test('what is broken up in a pan is pressed with the tool, and not torn by hand', () => {
  const stages = stagesOf(taskOf('chickpea-soup.txt'));
  expect(stages.find((s) => /^Break the tomatoes up/.test(s.words))).toMatchObject({ scene: 'mash', form: 'break' });
  expect(stagesOf(taskOf('cereal-nests.txt')).find((s) => /^Break the chocolate/.test(s.words))).toMatchObject({ scene: 'by-hand' });
});
test('what is filled is the carrier that the words name, and not what goes in', () => {
  const pittas = stagesOf(taskOf('chickpea-pockets.txt')).filter((s) => s.form === 'fill');
  expect(pittas.map((s) => s.onto?.look?.shape)).toEqual(pittas.map(() => 'flat'));
  const tomatoes = stagesOf(taskOf('stuffed-tomatoes-couscous.txt')).find((s) => /into the tomatoes/.test(s.words));
  expect(tomatoes?.onto?.look?.name).toBe('tomato');
  // where it is only "each", it is what lies there
  const mushrooms = stagesOf(taskOf('stuffed-mushrooms.txt')).find((s) => /^Fill each/.test(s.words));
  expect(mushrooms?.onto?.look?.name).toBe('brown-mushroom');
});

test('measures, weights, times and heats are what the step says', () => {
  expect(alone('Fill the 1/3 cup twice with couscous.', ['2/3 cup couscous']).measures).toEqual([
    { label: '⅓ cup', times: 2, shape: 'cup', size: 0.33 },
  ]);
  expect(drawnMeasure('1 tsp').size).toBeCloseTo(drawnMeasure('1 tbsp').size / 3);
  expect(alone('Weigh 200 g of flour.', ['200 g flour']).reads).toBe('200 g');
  expect(alone('Wait 5 minutes.').minutes).toBe(5);
  expect(alone('Turn the oven on to 180 °C (350 °F).').dial).toMatchObject({ kind: 'oven', heat: '180 °C' });
  expect(alone('Turn the heat down to low.').dial).toMatchObject({ kind: 'hob', to: 1 });
  expect(alone('Turn up the heat.').dial).toMatchObject({ to: 3 });
  expect(alone('Turn off the hob.').dial).toMatchObject({ to: 0 });
});
test('turning down shows the height that the flame had', () => {
  const stages = stagesOf(taskOf('lentil-soup.txt'));
  const down = stages.find((s) => /^Turn down/.test(s.words))!;
  expect(down.dial!.from).toBeGreaterThan(down.dial!.to);
});
test('what is heated is drawn at the appliance that heats it', () => {
  expect(alone('Melt the chocolate in the microwave.', ['100 g chocolate']).scene).toBe('microwave');
  expect(alone('Melt the butter in a saucepan.', ['50 g butter']).scene).toBe('hob');
});
test('a pack decides how it is opened', () => {
  expect(alone('Open the jam.', ['1 tbsp jam']).form).toBe('jar');
  expect(alone('Open the rice.', ['200 g rice']).form).toBe('bag');
  expect(alone('Open the can of beans.', ['1 can kidney beans'])).toMatchObject({ scene: 'can', things: [{ pack: 'tin' }] });
});
test('what something goes onto is found behind its word', () => {
  expect(alone('Rub the olive oil over the potato.', ['1 tbsp olive oil', '1 potato']).onto?.look?.name).toBe('potato');
  expect(alone('Add the salt.', ['salt']).onto).toBeNull();
});
test('one hand, a mat and gloves are in the stage', () => {
  const task = taskOf('couscous-bowl.txt');
  expect(stagesOf(task, { oneHand: true }).every((s) => s.oneHand)).toBe(true);
  const mat = { ...task, steps: task.steps.map((s) => ({ ...s, tools: [...s.tools, 'non-slip-mat'] })) };
  expect(stagesOf(mat).every((s) => s.mat)).toBe(true);
  const rocker = { ...task, steps: task.steps.map((s) => (s.tools.includes('knife') ? { ...s, tools: ['rocker-knife', 'board'] } : s)) };
  expect(stagesOf(rocker).some((s) => s.tool === 'rocker-knife')).toBe(true);
});

test('every step of every grain has a stage with its own key, in order', () => {
  const recipe = readRecipe(readFileSync(new URL('noodle-stir-fry.txt', folder), 'utf8')).recipe;
  const standard = buildTask(recipe, { grain: 'standard' });
  for (const grain of ['coarse', 'standard', 'fine'] as const) {
    const task = atGrain(standard, grain, recipe.instructions);
    expect(stagesOf(task).map((s) => s.stepKey)).toEqual(task.steps.map((s) => s.key));
  }
  // there and back again
  const fine = atGrain(standard, 'fine', recipe.instructions);
  expect(atGrain(fine, 'standard', recipe.instructions).steps.map((s) => [s.key, s.text])).toEqual(
    standard.steps.map((s) => [s.key, s.text]),
  );
  const coarse = atGrain(standard, 'coarse', recipe.instructions);
  expect(atGrain(coarse, 'standard', recipe.instructions).steps.map((s) => s.text)).toEqual(standard.steps.map((s) => s.text));
});
test.each(readdirSync(folder))('%s: stages hold only what there is', (name) => {
  for (const stage of stagesOf(taskOf(name))) {
    expect(SCENES).toContain(stage.scene);
    expect(stage.things.length).toBeLessThanOrEqual(4);
    for (const c of [...(stage.vessel?.contents ?? []), ...(stage.source?.contents ?? [])]) expect(STATES).toContain(c.state);
  }
});
test('every kitchen word has a stage', () => {
  for (const term of GLOSSARY) expect(stageOfTerm(term).things, term.term).toHaveLength(1);
});
test('each question about a learner has a picture of its own, of an act that has one', () => {
  const stages = PROFILE_QUESTIONS.map(stageOfQuestion);
  for (const stage of stages) expect(stage.scene, stage.words).not.toBe('plain');
  expect(new Set(stages.map(({ scene, form, things, tool, minutes }) => JSON.stringify([scene, form, things, tool, minutes]))).size).toBe(
    stages.length,
  );
});
test('who asks for something is drawn asking', () => {
  const asks = stageAlone(plainStep({ key: 'a', text: 'Ask an adult to check the edges.', phase: 'cook' }));
  expect([asks.scene, asks.form]).toEqual(['self', 'ask']);
});

test('sizes that a step names are read as large as they are (an inch is 25.4 mm); tins are not', () => {
  const sizes = (text: string) => trueSizes(text).map(({ label, mm, shape }) => `${label} ${Math.round(mm * 10) / 10} ${shape}`);
  expect(sizes('Cut the tofu into 1-inch cubes.')).toEqual(['1 in 25.4 square']);
  expect(sizes('Slice the chicken breasts into 1/2-inch strips.')).toEqual(['1/2 in 12.7 length']);
  expect(sizes('Slice the apples into rings about 1/4 inch thick.')).toEqual(['1/4 in 6.4 length']);
  expect(sizes('Cut the aubergines into 2cm chunks.')).toEqual(['2 cm 20 square']);
  expect(sizes('Cut the dough into strips about 1cm wide and 10cm long.')).toEqual(['1 cm 10 length', '10 cm 100 length']);
  expect(sizes('Pat the dough out to 2.5 cm thick.')).toEqual(['2.5 cm 25 length']);
  expect(sizes('Cut out rounds with a 5 cm cutter.')).toEqual(['5 cm 50 round']);
  expect(sizes('Roll out the pastry until 3 mm thick.')).toEqual(['3 mm 3 length']);
  for (const text of ['Grease a 20 cm square tin.', 'Put 2 in the bowl.', 'Stir in 3 minutes.', 'Cook for 10 min.'])
    expect(sizes(text)).toEqual([]);
});

describe('hollow things', () => {
  const task = buildTask(
    readRecipe(
      'Skins\nIngredients\n4 baking potatoes\n1 tbsp oil\n50 g butter\n100 g cheese, grated\nMethod\nBake the potatoes at 200C for 1 hour, then halve them. Scoop the flesh out into a large bowl. Put the skins on a baking tray and brush with the oil. Mash the flesh with the butter. Fill the skins with the mash. Sprinkle with the cheese.',
    ).recipe,
    { grain: 'standard' },
  );
  const at = (words: RegExp) => stagesOf(task)[task.steps.findIndex((s) => words.test(s.text))];
  test('a skin is drawn as one where it is moved, brushed and filled, and its flesh as mash', () => {
    expect(at(/^Put the skins/).things.map((t) => [t.drawing, t.state])).toEqual([['potato', 'shell']]);
    expect(at(/^Brush the skins/).vessel?.contents.map((c) => c.state)).toEqual(['shell']);
    expect(at(/^Fill the skins/).onto?.state).toBe('shell');
    expect(at(/^Fill the skins/).source?.contents.every((c) => c.state === 'mashed')).toBe(true);
  });
  test('filled it is one thing, and the cheese that goes on is cheese', () => {
    const stage = at(/^Sprinkle/);
    expect(stage.vessel?.contents[0]).toMatchObject({ state: 'filled', look: { name: 'potato' } });
    expect(stage.things[0]?.look?.name).toMatch(/cheese/);
  });
});

describe('what is told apart', () => {
  const of = (list: string, method: string) =>
    buildTask(readRecipe(`Test\nIngredients\n${list}\nMethod\n${method}`).recipe, { grain: 'standard' });
  const looksAt = (task: ReturnType<typeof of>, words: RegExp) =>
    stagesOf(task)[task.steps.findIndex((s) => words.test(s.text))].things[0].look!;
  test('two oils of one recipe have another label and tone, each the same wherever it is', () => {
    const task = of(
      '1 tbsp sesame oil\n1 tbsp canola oil\n1 cup rice',
      'Put the sesame oil and the canola oil in a bowl. Stir in the rice.',
    );
    const [a, b] = [looksAt(task, /^Fill .*sesame/), looksAt(task, /^Fill .*canola/)];
    expect([a.name, a.pack]).toEqual([b.name, b.pack]);
    expect(a.mark).not.toBe(b.mark);
    expect(a.flesh).not.toBe(b.flesh);
    const fetched = stagesOf(task)[task.steps.findIndex((s) => /^From .*canola/.test(s.text))];
    expect(fetched.things.find((t) => /canola/.test(t.name))!.look).toEqual(b);
  });
  test('what is fetched a second time is itself, though the rest of it is in the soup', () => {
    const step = { ...plainStep({ key: 'k', text: 'Get the cucumber from the fridge.', technique: 'gather', phase: 'gather' }) };
    const task = of('1 cucumber, diced\n4 tomatoes, diced', 'Put the cucumber and the tomatoes in a bowl. Blend until smooth.');
    const use = { ingredient: 0, item: 'cucumber', quantity: null, unit: null };
    const last = stagesOf({ ...task, steps: [...task.steps, { ...step, uses: [use] }] }).at(-1)!;
    expect(last.things).toMatchObject([{ drawing: 'cucumber', state: 'whole' }]);
  });
  test('chopped tomatoes are in their tin until it is opened', () => {
    const task = of('1 can chopped tomatoes\n1 onion', 'Chop the onion. Put the tomatoes and the onion in a bowl.');
    const things = stagesOf(task).flatMap((s, i) => (/^From/.test(task.steps[i].text) ? s.things : []));
    expect(things.find((t) => /tomato/.test(t.name))).toMatchObject({ pack: 'tin', state: 'whole' });
  });
});

test.each([
  ['Cook for 6 to 8 minutes until soft.', null],
  ['Chill for 3 days.', null],
  ['Spread 1/4 of the beans on it.', null],
  ['Pour 3 tablespoons of water in.', null],
  ['Put 12 paper cases in the tin.', 12],
  ['Lay 3 sheets of lasagne on top.', 3],
])('%s counts %s things', (text, count) => expect(alone(text).count).toBe(count));

test('what cooks until the timer rings shows a timer with no time left, and what is only cooked on shows none', () => {
  expect(alone('Cook the rice until the timer rings.', ['150 g rice']).minutes).toBe(0);
  expect(alone('Cook the rice until soft.', ['150 g rice']).minutes).not.toBe(0);
  expect(alone('Chop the onion until the timer rings.', ['1 onion']).minutes).toBeNull();
});

test('a second tray or pan is drawn as the first', () => {
  const seconds = TOOLS.filter(({ id }) => hasMark(id, 'second'));
  expect(seconds.length).toBeGreaterThan(0);
  for (const { id, picture } of seconds) expect(vesselKindOf(id)).toBe(vesselKindOf(picture));
  expect(vesselKindOf('second-frying-pan')).toBe('frying-pan');
});
