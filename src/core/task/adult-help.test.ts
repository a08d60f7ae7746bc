// How near the recipe itself wants an adult.
import { describe, expect, test } from 'vitest';
import { build, step } from '../../../tests/cases/built';

describe('who does it', () => {
  const method = (text: string) => build('200 g pasta\n1 carrot', `Put the pasta in a pan. ${text}`);
  test('“ask an adult to help you” is the learner’s step with an adult beside; “ask an adult to” is the adult’s', () => {
    expect(step(method('Ask an adult to help you grate the carrot.'), /^Grate the carrot/)).toMatchObject({
      technique: 'grate',
      supervision: 'within-reach',
    });
    expect(step(method('Ask a grown-up to grate the carrot.'), /^Grate the carrot/).supervision).toBe('adult-does');
    expect(step(method('ADULT: Grate the carrot.'), /^Grate the carrot/).supervision).toBe('adult-does');
  });
  test('“with help” and a note in brackets say it too, and leave the words', () => {
    expect(step(method('With adult help, peel the carrot.'), /^Peel the carrot/)).toMatchObject({ supervision: 'within-reach' });
    expect(step(method('Grate the carrot (adult only).'), /^Grate the carrot\.$/).supervision).toBe('adult-does');
  });
  test('what is made ready for an adult’s action is not the adult’s, nor is what was there before', () => {
    const task = build(
      '1 onion, chopped\n2 tbsp oil',
      'Heat the oil in a pan. Ask an adult to fry the onion for 5 minutes. ADULT: Bake the onion at 180 C for 9 minutes.',
    );
    expect(step(task, /^Chop the onion/).supervision).toBe('within-reach');
    expect(step(task, /^Heat the oil/).supervision).toBe('within-reach');
    expect(step(task, /^Fry the onion/).supervision).toBe('adult-does');
  });
  test('a dish put in by the learner and baked by an adult comes out by the adult', () => {
    const task = build('2 peaches', 'Put the peaches in a baking dish. Put the dish in the oven. ADULT: Bake for 20 minutes.');
    expect(step(task, /^Bake the peaches for 20/).supervision).toBe('adult-does');
    expect(step(task, /^Take the baking dish out/).supervision).toBe('adult-does');
  });
  test('the recipe never takes the adult further away than the hazards ask', () => {
    expect(step(method('Drain the pasta with an adult.'), /^Drain the pasta/).supervision).not.toBe('none');
  });
});
