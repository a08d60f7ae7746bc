// What is scooped out of a skin and put back, and what is filled: set down from how such dishes are made (common practice).
import { describe, expect, test } from 'vitest';
import { build, own, step } from '../../../tests/cases/built';
import { check, type Case } from '../../../tests/cases/cards';
import { dryRun } from './dry-run/index';

describe('a skin is not its flesh', () => {
  test.each<Case>([
    [
      'potatoes: mashed in a bowl, back into their skins, onto a tray as potatoes',
      '4 baking potatoes\n75 g butter\n100 g cheddar, grated\n3 tbsp milk',
      'Bake the potatoes at 200C for 1 hour. Cut each potato in half and scoop out the flesh into a bowl, leaving the skins whole. Mash the flesh with the butter and milk. Stir in half of the cheese. Spoon the mixture back into the skins, put them on a baking tray and sprinkle with the rest of the cheese. Bake for 15 minutes.',
      [
        'Cut each potato in half. >board',
        'Scoop out the flesh into a bowl, leaving the skins whole. >bowl',
        'Mash everything in the bowl. >bowl',
        'Spoon the mixture back into the skins. >board',
        'Put the potatoes on a baking tray. >tray',
        'Sprinkle the potatoes with the rest of the cheese. >tray',
        'Bake the potatoes for 15 minutes. >oven',
      ],
      null,
    ],
    [
      'skins that go onto their tray empty, are brushed there and filled there',
      '4 baking potatoes\n1 tbsp oil\n50 g butter\n2 spring onions, sliced',
      'Bake the potatoes at 200C for 1 hour, then halve them. Scoop the flesh out into a large bowl. Put the skins on a baking tray and brush with the oil. Mash the flesh with the butter. Fill the skins with the mash and top with the spring onions.',
      [
        'Scoop the flesh out into a large bowl. >large-bowl',
        'Put the skins on a baking tray. >tray',
        'Brush the skins with the oil. >tray',
        'Mash the flesh with the butter. >large-bowl',
        'Fill the skins with the mash. >tray',
        'Top the potatoes with the spring onions. >tray',
      ],
      /skins of the skins/,
    ],
    [
      'avocado: most of it comes out, and back in with the tuna',
      '2 avocados\n1 can tuna\n2 tbsp yogurt',
      'Halve the avocados and remove the stones. Scoop most of the flesh into a bowl. Drain the tuna and add to the bowl with the yogurt. Mash together. Pile the mixture back into the avocado shells.',
      [
        'Scoop most of the flesh into a bowl. >bowl',
        'Mash the tuna, the yogurt and the avocados together. >bowl',
        'Pile the mixture back into the avocado shells. >board',
      ],
      null,
    ],
    [
      'courgettes: their middles are fried, their shells wait on the board',
      '2 courgettes\n1 onion, chopped\n1 tbsp oil\n50 g feta',
      'Cut the courgettes in half lengthways. Scoop out the middles and chop them. Fry the onion and the chopped courgette in the oil for 5 minutes. Spoon into the courgette shells, crumble over the feta and bake for 20 minutes at 180C.',
      [
        'Put the courgettes in the frying pan. >frying-pan',
        'Spoon the onion and the courgettes into the courgette shells. >board',
        'Crumble the feta over the courgettes. >board',
        'Put the courgettes on the baking tray. >tray',
      ],
      null,
    ],
    [
      'peppers, whose filling goes into the oven with them',
      '2 peppers\n200 g cooked rice\n100 g cheese, grated',
      'Cut the peppers in half and scoop out the seeds. Mix the rice with the cheese. Spoon the rice into the pepper halves and bake for 25 minutes at 180C.',
      [
        'Spoon the rice into the pepper halves. >board',
        'Put the peppers on the baking tray. >tray',
        'Bake the peppers for 25 minutes at 180C. >oven',
      ],
      null,
    ],
  ])('%s', (...one) => check(one));

  test('what was filled is one with its skin wherever it goes: the oven has the filling too', () => {
    const task = build(
      '2 peppers\n200 g cooked rice',
      'Cut the peppers in half and scoop out the seeds. Spoon the rice into the pepper halves and bake for 25 minutes at 180C.',
    );
    expect(dryRun(task).map((f) => f.code)).toEqual([]);
    expect(own(task).filter((s) => s.into === 'board' && /^Serve/.test(s.text))).toEqual([]);
    expect(step(task, /^Put the peppers on/).from).toBe('board');
  });

  test('seeds that are scooped out empty no shell', () => {
    const task = build(
      '1 squash\n1 tbsp oil',
      'Halve the squash and scoop out the seeds. Brush the squash with the oil. Roast for 40 minutes at 200C.',
    );
    expect(step(task, /^Roast/).text).toContain('squash');
  });
});
