// What a picture has to tell from another one: in from out, first from again, food from food.
import { lookByName, readRecipe, buildTask, stagesOf, type Stage } from '$core';
import { expect, test } from 'vitest';
import { drawStage } from './draw-stage';

/** Any step; each test says what is in it. */
const GETS = stagesOf(
  buildTask(readRecipe('Mash\nIngredients\n400 g potatoes\n25 g butter\nMethod\nBoil the potatoes. Mash with the butter.').recipe, {
    grain: 'standard',
  }),
).find((s) => s.scene === 'fetch')!;

test('nothing hot is pressed flat with the bare palm: without a tool of its own the step is drawn with one', () => {
  const vessel = { kind: 'tin' as const, contents: [], lid: false, hot: true, onHob: false };
  const press: Stage = { ...GETS, scene: 'knead', form: 'press', vessel, hazards: ['hot'], words: 'Press it down.' };
  expect(drawStage({ ...press, tool: null })).toBe(drawStage({ ...press, tool: 'spatula' }));
  const cold = { ...press, hazards: [], vessel: { ...vessel, hot: false } };
  expect(drawStage({ ...cold, tool: null })).not.toBe(drawStage({ ...cold, tool: 'spatula' }));
});
test('into the oven and out of it are told apart without a word: by where the arrow goes, and by steam', () => {
  const [into, out] = ['in', 'out'].map((form) =>
    drawStage({ ...GETS, scene: 'oven', form, things: [], minutes: null, words: 'Put the tray in the oven.' }),
  );
  // the arrow is the only line of its colour; it ends above where it begins, or below
  const ends = (svg: string) => {
    const [, from, to] = /d="M120 ([\d.]+)Q120[\d. ]+ 120 ([\d.]+)M[^"]*"[^>]*stroke="#0b5c7a"/.exec(svg)!;
    return Number(to) - Number(from);
  };
  expect(ends(into)).toBeLessThan(0);
  expect(ends(out)).toBeGreaterThan(0);
  expect(into).not.toContain('#7f919b');
  expect(out).toContain('#7f919b');
});
test('what goes on is told from what begins: hot food steams, what is mashed has no lumps, what is peeled leaves no skin', () => {
  const potato = (state: 'dice' | 'mashed') => ({ name: 'potato', look: lookByName('potato'), state, mixed: true });
  const bowl = (state: 'dice' | 'mashed', hot: boolean) => ({
    kind: 'bowl' as const,
    contents: [potato(state)],
    lid: false,
    hot,
    onHob: false,
  });
  const drawn = (more: Partial<Stage>) => drawStage({ ...GETS, things: [], form: '', ...more });
  const steams = (svg: string) => svg.includes('#7f919b');
  const again = { scene: 'microwave' as const, minutes: 1 };
  expect([false, true].map((hot) => steams(drawn({ ...again, vessel: bowl('dice', hot) })))).toEqual([false, true]);
  const mash = (state: 'dice' | 'mashed') => drawn({ scene: 'mash', tool: 'masher', vessel: bowl(state, false) });
  expect(mash('mashed').length).toBeLessThan(mash('dice').length);
  const peel = (state: 'whole' | 'peeled') =>
    drawn({
      scene: 'peel',
      tool: 'peeler',
      things: [{ name: 'carrot', look: lookByName('carrot'), drawing: 'carrot', state, pack: 'none' }],
    });
  expect(peel('whole')).toContain(lookByName('carrot').skin);
  expect(peel('peeled')).not.toContain(lookByName('carrot').skin);
});
test('a spice that nobody has stirred in is one little heap, and no pile of lumps', () => {
  const of = (drawing: string) => ({ name: drawing, look: lookByName(drawing), state: 'whole' as const, mixed: false });
  const vessel = { kind: 'bowl' as const, contents: [of('cornflour'), of('spice-jar')], lid: false, hot: false, onHob: false };
  const svg = drawStage({ ...GETS, scene: 'lid', form: 'on', things: [], vessel, words: 'Cover the bowl.' });
  const spice = lookByName('spice-jar');
  expect(svg.split(`fill="${spice.flesh}"`).length - 1).toBeLessThan(3);
});
test('mash with milk has the colour of the mash, and not that of its onion', () => {
  const of = (drawing: string, state: 'mashed' | 'whole') => ({ name: drawing, look: lookByName(drawing), state, mixed: true });
  const vessel = { kind: 'bowl' as const, contents: [of('onion', 'mashed'), of('potato', 'mashed'), of('milk-jug', 'whole')] };
  const salt = { name: 'salt', look: lookByName('salt'), drawing: 'salt', state: 'whole' as const, pack: 'none' as const };
  const svg = drawStage({
    ...GETS,
    scene: 'sprinkle',
    form: '',
    things: [salt],
    vessel: { ...vessel, lid: false, hot: false, onHob: false },
  });
  expect(svg).toContain(`fill="${lookByName('potato').flesh}"`);
  expect(svg).not.toContain(lookByName('onion').mark);
});
