// Which vessel is in hand, and what goes there, in texts as books and web pages have them. Common practice of reading a recipe at a stove throughout.
import { describe, expect, test } from 'vitest';
import { build, own, step } from '../../../tests/cases/built';
import { dryRun } from './dry-run/index';

const texts = (ingredients: string, method: string) => build(ingredients, method).steps.map((s) => s.text);

describe('the dish stays in hand', () => {
  test('what is lifted out of a slow cooker lies on its board; the next things go into the pot', () => {
    const task = build(
      '3 chicken thighs\n1 litre chicken stock\n100 g egg noodles\n80 g sweetcorn',
      'Put the chicken and stock in the slow cooker. Cook on LOW for 6 hours.\nRemove the chicken to a board and shred it with two forks.\nBreak the noodles into the soup, add the sweetcorn, and return the chicken. Cook on HIGH for 15 minutes.',
    );
    expect(step(task, /sweetcorn to/)).toMatchObject({ into: 'slow-cooker' });
    expect(step(task, /^Return/)).toMatchObject({ into: 'slow-cooker', text: 'Return the chicken to the slow cooker.' });
    // all of it is in the pot: nothing goes back into the fridge
    expect(task.steps.some((s) => /chicken.*fridge/.test(s.text))).toBe(false);
  });

  test('a bowl that is taken off its pan is what is filled next', () => {
    const task = build(
      '200 g dark chocolate\n2 tbsp golden syrup\n250 g biscuits',
      'Break the chocolate into a bowl with the syrup. Set the bowl over a pan of simmering water and stir until melted.\nTake the bowl off the pan and leave for 5 minutes. Tip in the biscuits and mix.',
    );
    expect(step(task, /^Tip/)).toMatchObject({ into: 'bowl' });
  });

  test('a small bowl on the scale is not "the bowl"', () => {
    const task = build(
      '200 g dark chocolate\n100 g butter',
      'Break the chocolate into squares and place in the bowl with the butter. Stir.',
    );
    expect(
      own(task)
        .filter((s) => /^Place/.test(s.text))
        .map((s) => s.into),
    ).toEqual(['bowl', 'bowl']);
  });

  test('with what is left in the bowl they go to the tin, and the tin into the oven', () => {
    const task = build(
      '8 sausages\n2 apples, sliced\n1 tbsp honey\n1 tbsp oil',
      'Heat the oven to 200 °C. Put the sausages in a roasting tin and bake for 15 minutes.\nMeanwhile, mix the honey and oil in a small bowl. Toss the apples in this.\nTurn the sausages, add the apples along with any dressing left in the bowl, and cook for a further 15 minutes.',
    );
    expect(step(task, /any dressing left/)).toMatchObject({ into: 'tray' });
    expect(task.steps.some((s) => s.tools.includes('saucepan'))).toBe(false);
    expect(task.steps.some((s) => /in this/.test(s.text))).toBe(false);
  });

  test('rice that is put on to boil has a pan of its own', () => {
    const task = build(
      '500 g minced beef\n300 g rice\n1 tbsp oil\n1 can tomatoes',
      'Heat the oil in a frying pan and fry the mince. Tip in the tomatoes, then fill the tin with water and add that too. Simmer for 25 minutes.\nWith 15 minutes to go, put the rice on to boil according to the packet.\nDrain the rice.',
    );
    expect(step(task, /^Boil the rice/)).toMatchObject({ into: 'saucepan' });
    expect(step(task, /^Add the water/)).toMatchObject({ into: 'frying-pan' });
    expect(task.steps.some((s) => s.into === 'cake-tin')).toBe(false);
  });
});

describe('what comes back, and what came out', () => {
  test('egg that waits on a plate until it comes back leaves the wok in hand', () => {
    const task = build(
      '2 tbsp oil\n2 eggs\n250 g cold cooked rice\n2 tbsp soy sauce\n1 carrot, grated',
      'Beat the eggs. Heat 1 tbsp of the oil in a wok. Pour in the egg and scramble it. Scrape it onto a plate.\nAdd the other tbsp of oil and stir fry the carrot for 2 minutes. Stir in the rice and cook for 4 minutes.\nPut the egg back in, splash in the soy sauce, and toss it all together.',
    );
    for (const words of [/rest of the oil/, /^Put the carrot/, /egg back/, /^Splash the soy/, /^Toss/])
      expect(step(task, words)).toMatchObject({ into: 'wok' });
  });

  test('as soon as the cake comes out it is the cake that is pricked, though syrup was stirred since', () => {
    const task = build(
      '175 g margarine\n175 g caster sugar\n3 eggs\n175 g self-raising flour\n1 lemon\n75 g granulated sugar',
      'Heat the oven to 180 °C. Grease a cake tin. Grate the zest of the lemon into a bowl, then add the margarine, caster sugar, eggs and flour and beat. Scrape into the tin. Bake for 30 minutes.\nWhile it bakes, squeeze the lemon and stir the juice with the granulated sugar.\nAs soon as the cake comes out of the oven, prick it all over and spoon the drizzle over.',
    );
    expect(step(task, /^Prick/)).toMatchObject({ into: 'cake-tin' });
  });

  test('over each bowl means the bowls that are eaten from', () => {
    const task = build(
      '1 litre stock\n2 spring onions, sliced',
      'Simmer the stock for 5 minutes. Ladle into bowls. Sprinkle the spring onions over each bowl.',
    );
    expect(step(task, /^Sprinkle/)).toMatchObject({ into: 'serving-bowl' });
  });
});

describe('vessels by their names', () => {
  const leek = build(
    '1 leek, sliced\n25 g butter\n150 g rice\n500 ml hot stock',
    'Put the leek and butter in a big microwave bowl. Cover with cling film, make two holes in it with a fork, and microwave on High for 3 minutes.\nCarefully peel back the film. Stir in the rice and the stock. Cook uncovered for another 6 to 8 minutes, stirring halfway.',
  );

  test('a bowl for the microwave is a bowl', () => {
    expect(
      own(leek)
        .filter((s) => /^Put the (?:leek|butter)/.test(s.text))
        .map((s) => s.into),
    ).toEqual(['bowl', 'bowl']);
    expect(leek.steps.some((s) => s.into === 'plate')).toBe(false);
  });

  test('holes are made in the film, and it comes off once', () => {
    expect(step(leek, /holes/).text).toBe('Make two holes in the cling film with a fork.');
    const until = leek.steps.slice(
      0,
      leek.steps.findIndex((s) => s.uses.some((u) => u.item === 'rice') && s.into === 'bowl'),
    );
    expect(until.filter((s) => s.technique === 'uncover')).toHaveLength(1);
  });

  test('half of another six to eight minutes is three', () => {
    expect(leek.steps.some((s) => /for another for|another \d/.test(s.text))).toBe(false);
    expect(step(leek, /uncovered/)).toMatchObject({ minutes: { waiting: 3 } });
  });
});

describe('a sheet of paper', () => {
  const parcel = (first: string) =>
    build(
      '1 salmon fillet\n1 courgette\n1 tbsp soy sauce\n1 tsp sesame oil',
      `Heat the oven to 200 °C. Use a peeler to shave the courgette into ribbons.\n${first} Lay the salmon on top. Spoon over the soy sauce and the oil.\nFold the other half of the paper over and twist the edges together.\nSlide the parcel onto a baking tray and bake for 15 minutes.\nPut the parcel on a plate. Open it at the table.`,
    );

  test.each([
    'Fold a big sheet of baking paper in half and open it out again. Pile the ribbons on one half.',
    'Lay a big sheet of baking paper on the table. Pile the ribbons on the paper.',
  ])('holds what is put on it, and all of that is the parcel: %s', (first) => {
    const task = parcel(first);
    for (const words of [/ribbons on/, /^Lay the salmon/, /^Spoon the soy sauce over the/, /^Spoon the sesame oil over the/])
      expect(step(task, words)).toMatchObject({ into: 'paper' });
    expect(step(task, /^Bake/).text).toBe('Bake the parcel for 15 minutes.');
    expect(step(task, /^Open the parcel/)).toMatchObject({ technique: 'uncover', into: 'plate' });
    expect(step(task, /^Open the parcel/).hazards).toContain('steam');
    expect(dryRun(task).map((f) => f.code)).not.toContain('not-cooked');
  });
});

describe('words that mean something else here', () => {
  test('fish sauce is no verb; cakes are shaped with wet hands', () => {
    const task = build(
      '300 g white fish\n1 egg white\n1 tbsp fish sauce\n2 spring onions, sliced',
      'Blitz the fish in a food processor with the egg white and fish sauce until smooth.\nScrape into a bowl, stir through the spring onions, then with wet hands shape into 8 cakes.',
    );
    expect(step(task, /fish sauce (?:in|into)/)).toMatchObject({ into: 'blender' });
    expect(step(task, /^Shape/).text).toBe('Shape the mixture into 8 cakes with wet hands.');
  });

  test('what is brushed all over is the pastry; shaking once or twice is no turning halfway', () => {
    expect(texts('1 sheet puff pastry\n1 egg', 'Unroll the pastry on a tray. Brush all over with some of the egg.')).toContain(
      'Brush the puff pastry with some of the egg.',
    );
    expect(
      texts('2 apples, sliced', 'Put the apples in a pan and cook for 6 minutes, shaking the pan once or twice.').join(' '),
    ).not.toMatch(/or twice|3 minutes/);
  });
});
