// What the words of a method mean, and what they speak of.
import { describe, expect, test } from 'vitest';
import { build, own, step } from '../../../tests/cases/built';
import { dryRun } from './dry-run/index';

describe('what is said beside the work', () => {
  test('a caution, a note and an announcement are no steps; steam and heat in a caution are hazards', () => {
    const task = build(
      '2 potatoes\n1 tbsp butter',
      'First make the topping. Microwave the potatoes for 8 minutes. It will be very hot. Open the potatoes carefully - watch out for steam. Add the butter. Keeps for 2 days in the fridge.',
    );
    expect(task.steps.filter((s) => s.technique === null)).toEqual([]);
    expect(step(task, /^Open the potatoes/).hazards).toContain('steam');
    expect(own(task).some((s) => s.cues.some((c) => /very hot/.test(c.text)))).toBe(true);
  });
  test('an announcement that is all of its line stands as a step', () => {
    const task = build('1 onion', 'Make the sauce.\nChop the onion.');
    expect(task.steps.map((s) => s.text)).toContain('Make the sauce.');
  });
  test('what stands in brackets is a cue', () => {
    const task = build('4 sausages', 'Fry the sausages for 15 minutes until done (no pink in the middle).');
    expect(own(task).flatMap((s) => s.cues.map((c) => c.text))).toContain('no pink in the middle');
  });
});

describe('of what the recipe speaks', () => {
  test('a second bowl stays the same bowl for its whole sentence', () => {
    const task = build(
      '1 egg\n100 ml milk\n200 g flour',
      'Put the flour in a bowl. In a second bowl beat the egg, then whisk in the milk.',
    );
    expect(step(task, /^(?:Pour|Whisk).*milk/).into).toBe(step(task, /^Beat the egg/).into);
    expect(own(task).at(-1)!.hazards).toContain('raw-egg');
  });
  test('what was scattered on top is not what is cut up later', () => {
    const task = build(
      '200 g oats\n100 g blueberries',
      'Put the oats in a baking dish. Scatter the remaining blueberries on top. Bake at 180 C for 20 minutes. Let cool for 5 minutes. Cut into 4 squares.',
    );
    expect(task.steps.map((s) => s.text)).toContain('Cut the oats into 4 squares.');
    expect(step(task, /^Cut the oats/)).toMatchObject({ technique: 'cut-pieces' });
  });
  test('“fold in the add-ins” folds in all of that heading', () => {
    const task = build('200 g flour\nAdd-ins: 50 g cheddar, 30 g sweetcorn', 'Put the flour in a bowl. Fold in the add-ins.');
    expect(dryRun(task).filter((f) => f.code === 'listed-not-used')).toEqual([]);
  });
  test('“top the mash with” says what is topped in each step', () => {
    const task = build(
      '30 g cheese\n1 spring onion\n400 g mash',
      'Put the mash in a bowl. Top the mash with the cheese and the spring onion.',
    );
    expect(own(task).map((s) => s.text)).toEqual(
      expect.arrayContaining(['Top the mash with the cheese.', 'Top the mash with the spring onion.']),
    );
  });
});

describe('all of it, and all but', () => {
  test('“everything” with nothing in use yet is the whole list', () => {
    const task = build('1 mango, chopped\n250 g yogurt\n2 tbsp honey', 'Put everything in a blender. Blitz till smooth.');
    expect(own(task).filter((s) => s.into === 'blender' && s.uses.length > 0)).toHaveLength(3);
    expect(dryRun(task).filter((f) => f.code === 'listed-not-used')).toEqual([]);
  });
  test('“all of the ingredients except the sweetcorn” leaves it out, and its words too', () => {
    const task = build(
      '1 onion, chopped\n2 cans kidney beans\n1 cup sweetcorn',
      'Place all of the ingredients except the sweetcorn in the slow cooker. Cook for 6 hours. Stir in the sweetcorn.',
    );
    expect(step(task, /^Place the onion/).text).toBe('Place the onion in the slow cooker.');
    expect(task.steps.filter((s) => s.sourceLine !== null && /sweetcorn/.test(s.text)).map((s) => s.text)).toEqual([
      'Stir the sweetcorn into the slow cooker.',
    ]);
  });
  test('cream is whipped in a bowl of its own', () => {
    const task = build('150 g chocolate\n300 ml double cream', 'Break the chocolate into a bowl. Melt in the microwave. Whip the cream.');
    expect(step(task, /^Whip/).into).not.toBe(step(task, /^Break/).into);
  });
  test('what is mixed in a jug is poured over what stands in the dish', () => {
    const task = build(
      '600 g potatoes, sliced\n300 ml cream\n150 ml milk',
      'Layer the potatoes in a baking dish. Mix the cream and milk in a jug and pour over. Cover with foil.',
    );
    expect(step(task, /^Pour the cream and the milk over/).into).toBe('baking-dish');
    expect(step(task, /^Cover/).into).toBe('baking-dish');
  });
  test('eggs that are covered with water and peeled later keep their shells', () => {
    const task = build('4 eggs', 'Place the eggs in a saucepan, cover with cold water and bring to the boil. Drain, then peel and halve.');
    expect(task.steps.map((s) => s.technique)).not.toContain('crack-egg');
    expect(task.steps.map((s) => s.text)).toEqual(expect.arrayContaining(['Peel the eggs.', 'Halve the eggs.']));
  });
  test('half a thing is cut in half before it is grated', () => {
    const words = build('1/2 cucumber\n1 cup yoghurt', 'Wash the cucumber and grate it onto a plate. Mix with the yoghurt.').steps.map(
      (s) => s.text,
    );
    expect(words.findIndex((t) => /^Cut the cucumber in half/.test(t))).toBeLessThan(words.findIndex((t) => /^Grate/.test(t)));
  });
});

describe('which of them', () => {
  test('carrots are peeled with a peeler, the onion beside them by hand', () => {
    const task = build('2 carrots\n1 onion', 'Peel the carrots and onion.');
    expect(own(task).map((s) => [s.technique, s.text])).toEqual(
      expect.arrayContaining([
        ['peel', 'Peel the carrots.'],
        ['peel-by-hand', 'Peel the onion.'],
      ]),
    );
  });
  test('“open the can” is the can that the list has, opened once', () => {
    const task = build('200 g tin chickpeas', 'Open the can and drain the chickpeas.');
    expect(task.steps.filter((s) => s.technique === 'open-can')).toHaveLength(1);
  });
  test('what comes last of several and was made before is put in on its own', () => {
    const task = build(
      '100 g lentils\n200 ml stock\n2 tsp cornflour\n1 tbsp water',
      'Mix the cornflour and water in a cup. Add the lentils, stock and cornflour paste to the pan.',
    );
    const texts = own(task).map((s) => s.text);
    expect(texts).toContain('Add the lentils to the pan.');
    expect(texts).toContain('Add the cornflour paste to the pan.');
  });
  test('what cooked in the air fryer’s basket needs no hob', () => {
    const task = build('1 potato', 'Put the potato in the air fryer basket. Cook at 200C for 20 minutes.');
    expect(task.steps.map((s) => s.technique)).toContain('air-fry');
    expect(task.steps.some((s) => s.tools.includes('hob'))).toBe(false);
  });
  test('the rest of the milk is warmed in a pan of its own, not in the rice', () => {
    const task = build(
      '1 cup rice\n1 cup coconut milk\n2 tbsp sugar',
      'Put the rice and half of the coconut milk in a pan. Cook for 15 minutes. Warm the remaining coconut milk with the sugar in a small pan. Pour the sweet coconut milk over the rice.',
    );
    expect(step(task, /^Warm/).into).not.toBe(step(task, /^Cook/).into);
    expect(dryRun(task).filter((f) => f.code === 'amount-mismatch')).toEqual([]);
  });
  test('a lined tray that nothing lined is lined first', () => {
    const words = own(build('2 salmon fillets', 'Put the salmon on a foil-lined tray. Bake at 200 C for 12 minutes.')).map((s) => s.text);
    expect(words.indexOf('Line the tray with foil.')).toBeLessThan(words.findIndex((t) => /^Put the salmon/.test(t)));
    expect(words).toContain('Line the tray with foil.');
  });
  test('a vegetable mixture is no vegetable', () => {
    const task = build(
      '1 leek\n1 carrot',
      'Fry the leek and carrot in a pan for 5 minutes. Pour the vegetable mixture into a baking dish.',
    );
    expect(step(task, /^Pour/).text).toBe('Pour the vegetable mixture into a baking dish.');
  });
});

describe('small words', () => {
  test('a lid that is popped on is a lid, and tops that are popped back are not fried', () => {
    const task = build('2 tomatoes\n1 tbsp oil', 'Put the tomatoes in a pan. Pop the lid on. Simmer for 5 minutes. Pop the tops back on.');
    expect(step(task, /^Put the lid/)).toMatchObject({ technique: 'cover' });
    expect(step(task, /^Put the tops/)).toMatchObject({ technique: 'add' });
  });
  test('a tip at the end of a line is a cue, and its food is not missed', () => {
    const task = build('1 tin beans', 'Stir the beans in a bowl. Tip: great with lime.');
    expect(own(task).flatMap((s) => s.cues.map((c) => c.text))).toContain('Tip: great with lime');
    expect(task.steps.map((s) => s.text)).not.toContainEqual(expect.stringMatching(/lime/));
  });
  test('what is said for another day is no step of this one', () => {
    const task = build('2 eggs', 'Beat the eggs in a bowl. Microwave for 1 minute. To reheat, microwave for 30 seconds.');
    expect(task.steps.filter((s) => s.technique === 'microwave')).toHaveLength(1);
    expect(own(task).flatMap((s) => s.cues.map((c) => c.text))).toContainEqual(expect.stringMatching(/^To reheat/));
  });
  test('a yolk is parted from its white', () => {
    expect(step(build('1 egg yolk\n60 g flour', 'Mix the flour and egg yolk in a bowl.'), /^Separate an egg: keep the yolk/)).toMatchObject(
      {
        technique: 'separate-egg',
        hazards: expect.arrayContaining(['raw-egg']),
      },
    );
  });
  test('“it all” is all that the line has cut', () => {
    const task = build('1 carrot\n1 apple', 'Grate the carrot. Slice the apple. Put it all in a big bowl.');
    expect(
      own(task)
        .filter((s) => s.into === 'large-bowl')
        .map((s) => s.text),
    ).toEqual(['Put the carrot in a big bowl.', 'Put the apple in the big bowl.']);
  });
  test('what was brushed before baking is not what is cut after it', () => {
    const task = build(
      '1 sheet puff pastry\n1 tbsp milk',
      'Unroll the pastry on a baking tray. Brush the border with milk. Bake at 200 C for 20 minutes. Cut into 4.',
    );
    expect(own(task).at(-1)).toMatchObject({ text: 'Cut the pastry into 4.', technique: 'cut-pieces' });
  });
  test('bread under the grill goes in and comes out with gloves', () => {
    const task = build('2 slices bread', 'Put the bread on a baking tray and toast one side under the grill for 1 minute.');
    expect(task.steps.map((s) => s.technique)).toEqual(expect.arrayContaining(['grill', 'take-out-oven']));
    expect(step(task, /^Put the tray under the grill|^Put the baking tray under/).tools).toContain('oven-gloves');
  });
});

describe('many hands write recipes', () => {
  test('a ring goes off when its pan is done with, not when the next thing cools', () => {
    const task = build(
      '125 g butter\n1 cup oats',
      'Put the oats in a bowl. Melt the butter in a saucepan. Pour the butter over the oats and stir. Roll into balls and put on a tray. Bake at 160 C for 15 minutes. Cool on the tray for 5 minutes.',
    );
    const words = task.steps.map((s) => s.text);
    const off = words.findIndex((t) => /^Turn off the hob/.test(t));
    expect(off).toBeGreaterThan(0);
    expect(off).toBeLessThan(words.findIndex((t) => /^Put the tray in the oven/.test(t)));
  });
  test('“preheat to 160” and “to 375” are Celsius and Fahrenheit by the dials they can be on', () => {
    expect(step(build('1 egg', 'Preheat oven to 160. Bake the egg for 10 minutes.'), /^Turn the oven on/).text).toContain('160 °C');
    expect(step(build('1 egg', 'Preheat oven to 375. Bake the egg for 10 minutes.'), /^Turn the oven on/).text).toContain('375 °F');
  });
  test('“soy” is the soy sauce, “beef” the stew meat; “everything else” is the rest, said plainly', () => {
    const task = build(
      '1 lb beef stew meat\n2 carrots, sliced\n1 tbsp soy sauce',
      'Brown beef in a skillet. Transfer to slow cooker. Add everything else and stir.',
    );
    const texts = own(task).map((s) => s.text);
    expect(texts).toContain('Add the carrots to the slow cooker.');
    expect(texts.filter((t) => /else/.test(t))).toEqual([]);
    expect(step(task, /^Put the beef/).hazards).toContain('raw-meat');
  });
  test('the layers that are repeated take what is left', () => {
    const task = build(
      '9 lasagne sheets\n500 g tomato sauce',
      'Spread the sauce in a dish. Lay 3 lasagne sheets on top. Repeat the layers. Finish with 3 lasagne sheets.',
    );
    expect(dryRun(task).filter((f) => f.code === 'amount-mismatch')).toEqual([]);
  });
  test('what comes out of the fridge is not hot', () => {
    const task = build('1 apple\n2 pots yogurt', 'Take the pots out of the fridge. Grate the apple.');
    expect(step(task, /^Take the pots/)).toMatchObject({ technique: 'take-out-place', hazards: [] });
  });
});

describe('what the words mean here', () => {
  test('pasta is cooked in water, though the tray in hand is for the oven', () => {
    const task = build(
      '300 g penne\n1 squash, diced',
      'Heat the oven to 200 C. Roast the squash on a baking tray for 20 minutes. Cook the pasta in boiling water for 9 minutes. Drain.',
    );
    expect(step(task, /^Cook the pasta/)).toMatchObject({ technique: 'cook', into: 'saucepan' });
  });
  test('the frozen fruit is not the fresh berries', () => {
    const task = build('1 cup frozen mango\n5 blueberries', 'Put the frozen fruit in the blender.');
    expect(own(task).flatMap((s) => s.uses.map((u) => u.item))).not.toContain('blueberries');
  });
  test('what comes from the tin goes on in the pan', () => {
    const task = build(
      '900 g tomatoes\n500 ml stock',
      'Roast the tomatoes in a roasting tin at 200 C for 40 minutes. Scrape everything from the tin into a large pan. Add the stock and bring to a simmer.',
    );
    expect(step(task, /^Bring the tomatoes to a simmer/).into).toBe('large-pan');
  });
  test('bread that is rolled flat is no dough', () => {
    expect(step(build('4 slices bread', 'Flatten each slice with a rolling pin.'), /^Flatten/).hazards).not.toContain('raw-flour');
  });
  test('cubes of 2 cm are no two pieces; 8 fingers are eight', () => {
    expect(step(build('1 block tofu', 'Drain the tofu. Cut into 2 cm cubes.'), /^Cut/)).toMatchObject({ technique: 'dice' });
  });
  test('a corer cores, whatever it is told to take out', () => {
    expect(step(build('2 apples', 'Use an apple corer to take out the middles.'), /^Take out the middles/)).toMatchObject({
      technique: 'core',
    });
  });
  test('a knife that is fitted to a machine is sharp', () => {
    expect(step(build('1 banana', 'Ask an adult to fit the blender blade. Blend the banana.'), /^Fit the blender blade/)).toMatchObject({
      supervision: 'adult-does',
      hazards: expect.arrayContaining(['sharp']),
    });
  });
});

test('“the chicken” is the meat, not its stock', () => {
  const task = build('500 ml chicken stock\n2 chicken breasts', 'Heat the oil in a pan. Add the chicken and cook for 8 minutes.');
  expect(step(task, /^Add the chicken/)).toMatchObject({
    uses: [{ item: 'chicken breasts' }],
    hazards: expect.arrayContaining(['raw-meat']),
  });
});
test('eggs that are beaten for potatoes that are peeled are cracked', () => {
  const task = build('4 potatoes\n2 eggs', 'Boil the potatoes, peel them and add the beaten eggs.');
  expect(task.steps.map((s) => s.technique)).toContain('crack-egg');
});

describe('what is served, coated, shared out and added', () => {
  test('the dip is served with the wedges, and not the wedges with themselves', () => {
    const task = build(
      '4 potatoes\n1 tbsp oil\n150 ml soured cream\n1 small bunch chives',
      'Cut the potatoes into wedges, toss them with the oil on a tray and bake for 30 minutes.\nSnip the chives into the soured cream and stir. Serve with the wedges.',
      'Paprika wedges',
    );
    expect(own(task).at(-1)?.text).toBe('Serve the soured cream and the chives with the wedges.');
    const plain = build('1 cup rice', 'Boil the rice for 12 minutes. Drain. Serve with the salad.', 'Red rice');
    expect(own(plain).at(-1)?.text).toBe('Serve the red rice with the salad.');
  });
  test('potatoes in oil and spices are potatoes; several things worked together are a mixture', () => {
    const said = (list: string, method: string) => own(build(list, method)).map((s) => s.text);
    const spiced = said(
      '4 potatoes\n2 tbsp oil\n1 tsp paprika\n1/2 tsp garlic granules\nsalt and pepper',
      'Chop the potatoes. Put them in a bowl with the oil, paprika, garlic granules, salt and pepper. Mix well. Tip onto a tray.',
    );
    expect(spiced.at(-1)).toMatch(/^Tip the potatoes/);
    const mixed = said(
      '200 g flour\n100 g butter\n100 g sugar\n100 g oats',
      'Put the flour, butter, sugar and oats in a bowl. Mix well. Tip onto a tray.',
    );
    expect(mixed.at(-1)).toMatch(/^Tip the mixture/);
  });
  test('a time behind what is done meanwhile is the time of the whole', () => {
    const task = build('400 g minced beef', 'Brown the mince in a pan, breaking it up with a wooden spoon, for about 6 minutes.');
    const brown = step(task, /^Brown/);
    expect(brown.text).toBe('Brown the mince in a pan for about 6 minutes.');
    expect(brown.cues.map((c) => c.text)).toContain('breaking it up with a wooden spoon');
  });
  test('the water that rinsed the can is what is added, and not the dish', () => {
    const task = build(
      '1 x 400 g can tomatoes',
      'Tip the tomatoes into a pan. Fill the empty can with water and add that too. Simmer for 5 minutes.',
    );
    expect(own(task).map((s) => s.text)).toContain('Add the water to the pan.');
  });
  test('what is in several glasses is in the glasses; what comes out of the oven is put down as one or many', () => {
    const chilled = build('200 ml cream', 'Pour the cream into 4 glasses. Chill for 1 hour. Take the cream out and eat it.');
    expect(chilled.steps.map((s) => s.text)).toContain('Take the glasses out of the fridge.');
    const baked = (method: string) => build('4 eggs', method).steps.find((s) => /out of the oven/.test(s.text))?.text;
    expect(baked('Crack the eggs into 4 ramekins. Bake for 10 minutes.')).toBe(
      'Take the ramekins out of the oven and put them on a stand.',
    );
    const greased = build('4 eggs\n1 tbsp butter', 'Grease 4 ramekins with butter and put them on a tray. Crack an egg into each.');
    expect(
      own(greased)
        .slice(0, 2)
        .map((s) => s.text),
    ).toEqual(['Grease 4 ramekins with butter.', 'Put the ramekins on a tray.']);
    expect(baked('Crack the eggs into a baking dish. Bake for 10 minutes.')).toMatch(/put it on a stand/);
  });
});

describe('what is cooked on, and what is meant', () => {
  const said = (list: string, method: string, title?: string) => own(build(list, method, title));
  test('what was in the microwave cooks on in the microwave, and not on the hob', () => {
    const steps = said('1 large baking potato', 'Microwave the potato for 4 minutes. Turn it and cook for a further 4 minutes.');
    expect(steps.filter((s) => s.technique === 'microwave').map((s) => s.minutes.waiting)).toEqual([4, 4]);
    expect(steps.flatMap((s) => s.tools)).not.toContain('hob');
    // other food, or the same in another place, is not
    const other = said('50 g butter\n200 g pasta', 'Microwave the butter for 30 seconds. Cook the pasta for 10 minutes.');
    expect(other.filter((s) => s.technique === 'microwave').map((s) => s.uses.length + s.minutes.waiting)).toEqual([0.5]);
    const baked = said(
      '2 potatoes',
      'Heat the oven to 200 C. Microwave the potatoes for 5 minutes. Spread them on a tray and cook for 20 minutes.',
    );
    expect(baked.find((s) => s.minutes.waiting === 20)?.into).toBe('oven');
    const pan = said(
      '1 onion\n1 potato',
      'Microwave the potato for 4 minutes. Fry the onion in a pan for 5 minutes, then cook for 2 minutes more.',
    );
    expect(pan.at(-1)?.tools).toContain('hob');
  });
  test('“them” behind “when the potatoes are done” is the potatoes', () => {
    const texts = said(
      '2 sweet potatoes\n1 tin tomatoes\n1 onion\n1 tsp chilli powder',
      'Roast the sweet potatoes on a tray for 25 minutes. Fry the onion in a large pan. Add the tomatoes and chilli powder and simmer for 10 minutes. When the potatoes are done, stir them through the chilli.',
      'Sweet potato chilli',
    ).map((s) => s.text);
    expect(texts).toContain('Put the potatoes in the large pan.');
    expect(texts.join(' ')).not.toMatch(/chilli through the chilli/);
  });
  test('what was cut open is what is squeezed and filled', () => {
    const texts = said(
      '1 tin tuna\n1 large baking potato',
      'Microwave the potato for 8 minutes. Mash the tuna in a bowl. Cut a cross in the top of the potato, squeeze it open and fill with the tuna.',
    ).map((s) => s.text);
    expect(texts.slice(-2)).toEqual(['Squeeze the potato open.', 'Fill the baking potato with the tuna.']);
  });
  test('the ring stays on while a can is drained; drained pasta takes its own ring off', () => {
    const task = build(
      '1 onion\n1 x 400 g tin beans\n200 ml stock',
      'Fry the onion in a large pan for 5 minutes. Drain the beans. Add the beans and stock to the pan. Simmer for 10 minutes.',
    );
    expect(task.steps.filter((s) => s.technique === 'turn-off')).toHaveLength(1);
    const pasta = build('200 g pasta', 'Cook the pasta in a pan of boiling water for 10 minutes. Drain the pasta.');
    const at = (technique: string) => pasta.steps.findIndex((s) => s.technique === technique);
    expect(at('turn-off')).toBeLessThan(at('drain-hot'));
  });
  test('tops are brushed by a step of their own', () => {
    const texts = said(
      '200 g flour\n100 ml milk',
      'Mix the flour and most of the milk to a dough. Stamp out rounds. Sit them on a tray, brush tops with the milk.',
    ).map((s) => s.text);
    expect(texts.slice(-2)).toEqual(['Sit the rounds on a tray.', 'Brush the tops with the milk.']);
  });
  test('what is spread over the top goes over what stands beside, and that is chilled', () => {
    const steps = said(
      '200 g biscuits\n100 g butter\n100 g milk chocolate',
      'Melt the butter in a pan. Stir in the biscuits. Press the mixture into a tin. Melt the chocolate in a bowl in the microwave for 1 minute. Spread it over the top. Chill for 2 hours.',
    );
    expect(steps.slice(-2)).toMatchObject([{ text: 'Spread the chocolate over the top.', into: 'cake-tin' }, { into: 'cake-tin' }]);
  });
  test('a pan that was wiped out is the pan in hand', () => {
    const steps = said(
      '2 eggs\n1 onion\n1 tbsp oil',
      'Scramble the eggs in a frying pan. Slide onto a plate. Wipe out the pan, add the oil and fry the onion for 2 minutes.',
    );
    expect(steps.find((s) => s.text.startsWith('Add the oil'))?.into).toBe('frying-pan');
  });
  test('pasta with a timer is pasta that cooks', () => {
    const steps = said('300 g pasta', 'Bring a big pan of water to a boil. Add the pasta and set a timer for 10 minutes. Drain the pasta.');
    expect(steps.find((s) => s.technique === 'cook')?.minutes.waiting).toBe(10);
    const at = (technique: string) => steps.findIndex((s) => s.technique === technique);
    expect(at('turn-off')).toBeGreaterThan(at('cook'));
  });
  test('“the veg” in a list of things is all of it', () => {
    const steps = said(
      '2 peppers\n1 red onion\n2 tbsp oil\n3 chicken breasts',
      'Put the chicken, veg, oil and a pinch of salt in a large bowl and mix so everything is covered.',
    );
    expect(steps.filter((s) => s.technique === 'add').map((s) => s.uses[0]?.item)).toEqual(
      expect.arrayContaining(['sweet peppers', 'red onion', 'oil', 'chicken breasts']),
    );
    expect(steps.at(-1)?.technique).toBe('mix');
  });
  test('everything that cooked goes into the dish, and not the cheese for its top', () => {
    const steps = said(
      '400 g can chopped tomatoes\n500 g gnocchi\n50 g mozzarella',
      'Simmer the tomatoes in a pan for 5 minutes. Add the gnocchi. Tip everything into an ovenproof dish. Scatter the mozzarella on top. Pop under a hot grill for 3 minutes until golden.',
    );
    expect(steps.filter((s) => s.into === 'baking-dish').map((s) => s.text)).toEqual([
      'Tip everything into an ovenproof dish.',
      'Scatter the mozzarella on top.',
    ]);
    expect(steps.find((s) => s.technique === 'grill')?.into).toBe('grill');
    expect(steps.findLast((s) => s.technique === 'hob-on')?.text).toMatch(/under the pan/);
  });
  test('what is left to bubble away simmers on its ring', () => {
    const steps = said(
      '400 g can chopped tomatoes\n1 onion',
      'Fry the onion in a pan. Add the tomatoes and leave to bubble away for 15 mins.',
    );
    expect(steps.find((s) => s.technique === 'simmer')?.minutes.waiting).toBe(15);
  });
  test('meat that is squished together is worked by hand', () => {
    const steps = said('500 g pork mince\n1 egg', 'Put the mince and egg in a bowl and squish together with clean hands.');
    expect(steps.at(-1)).toMatchObject({ technique: 'mix-by-hand', text: 'Squish the mince and the egg together with clean hands.' });
  });
  test('each one is topped, and no jam with jam', () => {
    const steps = said(
      '150 g rice\n500 ml milk\njam, to serve',
      'Simmer the rice and milk in a pan. Spoon into bowls and top each one with a teaspoon of jam.',
    );
    expect(steps.at(-1)?.text).toBe('Top each one with a teaspoon of jam.');
  });
  test('the hot milk goes onto the paste that has some of the milk in it', () => {
    const steps = said(
      '2 tbsp custard powder\n1 tbsp sugar\n300 ml milk',
      'Mix the custard powder and sugar with 2 tablespoons of the milk in a small bowl to make a smooth paste. Heat the rest of the milk in a saucepan. Pour the hot milk onto the paste. Pour it back into the pan and stir over a low heat until it thickens.',
    );
    const pour = steps.find((s) => s.text === 'Pour the hot milk onto the paste.');
    expect(pour).toMatchObject({ into: 'small-bowl', from: 'saucepan' });
    expect(pour?.hazards).toContain('hot');
  });
});
