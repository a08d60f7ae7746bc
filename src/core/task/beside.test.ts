// Other work while something cooks by its timer: set down from how it is done at a stove (common practice), and what is never left.
import { describe, expect, test } from 'vitest';
import { build, own, ownTexts as texts, step } from '../../../tests/cases/built';
import { dryRun } from './dry-run/index';

/** The words from the first card that speaks of a timer or of cooking on. */
const from = (said: readonly string[], words: RegExp) => said.slice(said.findIndex((t) => words.test(t)));

describe('the timer is set, the other work is done, and what cooks is gone back to', () => {
  test('in water: drained when it rings, though its draining is said last', () => {
    const said = texts(
      '150 g pasta\n1 tomato\n50 g cheddar',
      'Boil the pasta in a large pan of water for 12 minutes. Meanwhile, chop the tomato. Drain the pasta. Add the tomato to the pan.',
    );
    expect(from(said, /timer/)).toEqual([
      'Set the timer to boil the pasta in a large pan of water for 12 minutes.',
      'Chop the tomato.',
      'Boil the pasta in a large pan of water until the timer rings.',
      'Turn off the hob under the large pan.',
      'Drain the pasta.',
      'Tip the pasta back into the large pan.',
      'Add the tomato to the large pan.',
    ]);
  });
  test('in the oven: out when it rings, and the oven off after that', () => {
    const task = build(
      '2 chicken breasts\n1 cucumber\n100 g plain yogurt',
      'Put the chicken on a baking tray. Bake at 200C for 25 minutes until cooked through. While the chicken is baking, grate the cucumber. Stir it into the yogurt in a bowl. Serve with the chicken.',
    );
    const said = task.steps.map((s) => s.text);
    const order = [
      /^Set the timer to bake the chicken/,
      /^Grate the cucumber/,
      /^Stir everything in the bowl/,
      /^Bake the chicken at 200C until cooked through, when the timer rings/,
      /out of the oven/,
      /^Turn off the oven/,
      /^Check .* thermometer: 74/,
    ].map((words) => said.findIndex((t) => words.test(t)));
    expect(order).not.toContain(-1);
    expect(order).toEqual([...order].sort((a, b) => a - b));
  });
  test('its minutes are counted once, what it ends with is looked for at its end, and waiting says what to do', () => {
    const task = build(
      '500 g potatoes\n1 small bunch chives',
      'Boil the potatoes for 15 minutes until tender. Meanwhile, snip the chives. Drain the potatoes.',
    );
    const [begins, ends] = [step(task, /^Set the timer/), step(task, /when the timer rings/)];
    expect([begins.minutes.waiting, ends.minutes.waiting]).toEqual([15, 0]);
    expect(begins.cues.map((c) => c.text)).toEqual(['the timer runs']);
    expect(ends.cues.map((c) => c.text)).toEqual(expect.arrayContaining(['tender', 'the timer rings']));
    expect(begins.meanwhile).toContain('until the timer rings');
    expect(begins.key).not.toBe(ends.key);
    for (const one of [begins, ends]) expect(one.hazards).toContain('hot');
    expect(dryRun(task)).toEqual([]);
  });
  test('as long as the packet says', () =>
    expect(
      from(
        texts('150 g rice\n1 pepper', 'Cook the rice according to the packet instructions. Meanwhile, dice the pepper. Drain the rice.'),
        /timer/,
      ),
    ).toEqual(expect.arrayContaining(['Dice the pepper.', 'Cook the rice until the timer rings.'])));
  test('"while the rice cooks:" over a list is said of all of it', () => {
    const said = texts(
      '150 g rice\n2 spring onions\n1 pepper',
      'Put the rice in a pan with 2 cups of water. Bring to the boil. Cook for 12 minutes.\nWhile the rice cooks:\n- snip the spring onions\n- dice the pepper\nDrain the rice.',
    );
    const at = (words: RegExp) => said.findIndex((t) => words.test(t));
    expect(said.filter((t) => /^While/.test(t))).toEqual([]);
    expect(at(/^Snip/)).toBeGreaterThan(at(/^Set the timer/));
    expect(at(/^Dice/)).toBeGreaterThan(at(/^Snip/));
    expect(at(/until the timer rings/)).toBeGreaterThan(at(/^Dice/));
  });
  test('its time may be parted: what goes in for the last minutes comes after the first ring', () => {
    const said = texts(
      '150 g pasta\n100 g peas\n50 g ham',
      'Add the pasta to a pan of boiling water and cook for 10 minutes. Meanwhile, chop the ham. When there are 3 minutes left, add the peas. Drain.',
    );
    expect(from(said, /timer/)).toEqual([
      'Set the timer to cook the pasta for 7 minutes.',
      'Chop the ham.',
      'Cook the pasta until the timer rings.',
      expect.stringMatching(/^Add the peas/),
      'Cook the pasta and the peas for 3 minutes more.',
      'Turn off the hob under the pan.',
      'Drain the pasta and the peas.',
    ]);
  });
});

describe('what is not left by itself, and what comes after', () => {
  const timers = (ingredients: string, method: string) => texts(ingredients, method).filter((t) => /timer rings/.test(t));
  test.each([
    ['what fries', 'Heat the oil in a frying pan. Fry the onion for 8 minutes. Meanwhile, chop the tomato.'],
    [
      'what cooks in oil, by whatever word',
      'Heat the oil in a frying pan. Add the onion and cook for 8 minutes. Meanwhile, chop the tomato.',
    ],
    [
      'what is stirred all the time',
      'Put the onion in a pan with 2 cups of stock. Simmer for 8 minutes, stirring constantly. Meanwhile, chop the tomato.',
    ],
    ['what takes a moment', 'Put the onion in a pan with 2 cups of stock. Simmer for 2 minutes. Meanwhile, chop the tomato.'],
    ['what nobody says how long it takes', 'Put the onion in a pan with 2 cups of stock. Simmer until soft. Meanwhile, chop the tomato.'],
    [
      'other work that has its own heat',
      'Put the onion in a pan with 2 cups of stock. Simmer for 15 minutes. Meanwhile, fry the tomato in the oil.',
    ],
    [
      'what is done to it itself',
      'Put the onion in a pan with 2 cups of stock. Simmer for 15 minutes. Meanwhile, add the tomato to the pan.',
    ],
  ])('%s', (_what, method) => expect(timers('1 onion\n1 tomato\n2 cups vegetable stock\n1 tbsp oil', method)).toEqual([]));

  test('what is stirred now and then may be', () =>
    expect(
      timers(
        '1 onion\n1 tomato\n2 cups vegetable stock',
        'Put the onion in a pan with the stock. Simmer for 15 minutes, stirring now and then. Meanwhile, chop the tomato.',
      ),
    ).toHaveLength(1));
  test('work that does not fit into the time comes after it', () => {
    const said = texts(
      '200 g rice\n2 carrots\n2 peppers\n1 cucumber\n1 onion',
      'Boil the rice for 6 minutes. Meanwhile, slice the carrots. Slice the peppers. Slice the cucumber. Slice the onion. Drain the rice.',
    );
    const rings = said.findIndex((t) => /until the timer rings/.test(t));
    expect(rings).toBeGreaterThan(said.findIndex((t) => /^Slice the carrots/.test(t)));
    expect(said.findIndex((t) => /^Slice the onion/.test(t))).toBeGreaterThan(rings);
  });
  test('a ring that is gone back to stays lit; one that nobody goes back to is turned off', () => {
    const task = build(
      '150 g pasta\n1 tomato\n1 pepper\n1 cucumber\n1 carrot',
      'Boil the pasta for 20 minutes. Meanwhile, chop the tomato, slice the pepper, slice the cucumber and grate the carrot. Drain the pasta.',
    );
    const off = task.steps.findIndex((s) => /^Turn off the hob/.test(s.text));
    expect(task.steps[off - 1].text).toContain('until the timer rings');
    const without = {
      ...task,
      steps: task.steps.filter((s) => !/until the timer rings/.test(s.text) && !/^Turn off the hob/.test(s.text)),
    };
    expect(dryRun(without).map((f) => f.code)).toContain('left-on');
    expect(own(task).filter((s) => /^Boil/.test(s.text))).toHaveLength(1);
  });
});
