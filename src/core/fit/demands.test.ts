// What steps ask, and how much: against the handbook's examples of sizes (section 8) and common practice.
import { expect, test } from 'vitest';
import { buildTask } from '../task/build';
import { readRecipe } from '../recipe/read';
import { USUAL_KITCHEN, type Controls, type Step } from '../plan/model';
import { asksOf, PURPOSES } from '../technique/asks';
import { TECHNIQUES } from '../technique/lexicon';
import { weight } from './demand-context';
import { WHY } from './demand-why';
import { demandsOf } from './demands';
import { loadsOf } from './loads';

const MAC =
  'Macaroni\nServes 2\n\n200 g macaroni\n1 tbsp olive oil\n1/3 cup milk\n100 g cheddar, grated\n\nCook the macaroni in a large pan of boiling water for 8 minutes. Drain.\nPour the olive oil into the pan. Add the milk and cheddar.';
const task = buildTask(readRecipe(MAC).recipe, { grain: 'standard' });
const loads = loadsOf(task, USUAL_KITCHEN);
const asks = (technique: string) => {
  const step = task.steps.find((s) => s.technique === technique)!;
  return demandsOf(step, USUAL_KITCHEN, loads.get(step.key));
};
const find = (technique: string, of: string) => asks(technique).find((a) => `${a.demand}/${a.of}` === of);

test('a large pan two thirds full with its own weight is about 5 kg (handbook, 8)', () => {
  const pan = find('drain-hot', 'lift/pan');
  expect(pan).toMatchObject({ much: true, where: 'hot' });
  expect(pan?.why).toContain('5.5 kg');
  expect(weight(1000)).toBe('about 1 kg');
});
test('a spoon of oil asks one hand and a wide target', () => {
  expect(asks('pour').map((a) => a.demand)).not.toContain('two-hands');
  expect(asks('pour').map((a) => a.demand)).not.toContain('strong-grip');
});
test('hard cheese is much to grate, and one hand holds it', () => {
  expect(find('grate', 'strong-grip/cut')?.much).toBe(true);
  expect(find('grate', 'sight/blade')).toMatchObject({ much: true, where: 'sharp' });
});
test('roots, squash and citrus are hard to cut, soft food and what is hot from the oven is not (common practice)', () => {
  const base = task.steps.find((s) => s.technique === 'grate')!;
  const cut = (item: string, text: string, more: Partial<typeof base> = {}) => {
    const step = {
      ...base,
      technique: 'slice',
      text,
      uses: [{ ingredient: null, item, quantity: null, unit: null }],
      fillings: [],
      ...more,
    };
    return demandsOf(step, USUAL_KITCHEN).find((a) => `${a.demand}/${a.of}` === 'strong-grip/cut')?.much;
  };
  for (const item of ['carrots', 'butternut squash', 'lemon', 'watermelon', 'cheddar'])
    expect(cut(item, `Slice the ${item}.`), item).toBe(true);
  for (const item of ['banana', 'ricotta', 'mozzarella', 'cooked beetroot', 'tomato'])
    expect(cut(item, `Slice the ${item}.`), item).toBe(false);
  // words that somebody typed name it too
  expect(cut('it', 'Slice the parsnips.', { uses: [] })).toBe(true);
  expect(cut('potato', 'Cut a cross in the potato.', { hazards: ['sharp', 'hot'] })).toBe(false);
});
test('a third of a cup asks a fraction that is no half', () => expect(find('measure', 'fraction/measure')).toBeUndefined());
test('draining asks lifting, carrying, steam and sight of what is hot', () => {
  for (const of of ['carry/pan', 'heat/steam', 'heat/hold', 'two-hands/lift']) expect(find('drain-hot', of), of).toBeDefined();
  expect(find('drain-hot', 'sight/aim')).toMatchObject({ much: true, where: 'hot' });
});
test('a timer is never hot: its numbers are read where nothing can burn', () =>
  expect(find('cook', 'read-number/timer')?.where).toBe('cool'));
test('waiting by the oven is in the room, not at the heat', () => {
  const oven = buildTask(
    readRecipe('Potato\n\n1 potato\n\nTurn the oven on to 200 C. Put the potato on a tray. Bake for 40 minutes.').recipe,
    { grain: 'standard' },
  );
  const wait = oven.steps.find((s) => /^Bake .*40 minutes/.test(s.text))!;
  expect(demandsOf(wait).map((a) => a.demand)).not.toContain('heat');
  expect(demandsOf(wait).find((a) => a.demand === 'waiting')?.much).toBe(true);
});
test('what is at the back of the hob or high on a shelf is far from a chair (ADA 2010, 308)', () => {
  const far = { ...USUAL_KITCHEN, heights: { hobControls: 'back', shelves: 'high' } as const };
  const reach = (technique: string, kitchen = USUAL_KITCHEN) =>
    demandsOf(
      task.steps.find((s) => s.technique === technique)!,
      kitchen,
    ).find((a) => a.demand === 'reach')?.much;
  expect([reach('hob-on'), reach('hob-on', far), reach('gather'), reach('gather', far)]).toEqual([false, true, false, true]);
});
test('flat keys ask eyes and numbers, a knob asks its mark; where nobody has said, the technique decides (common practice)', () => {
  const onHob = task.steps.find((s) => s.technique === 'hob-on')!;
  const asksOf = (controls: Controls, more: Partial<Step> = {}) => {
    const all = demandsOf({ ...onHob, ...more }, { ...USUAL_KITCHEN, controls });
    return all.flatMap((a) => (a.of === 'dial' || a.of === 'keys' ? [`${a.demand}/${a.of}${a.much ? '!' : ''}`] : [])).sort();
  };
  const plain = ['fine-aim/dial', 'read-number/dial', 'sight/dial'];
  expect(asksOf({})).toEqual(plain);
  expect(asksOf({ hob: 'knob' })).toEqual(plain);
  expect(asksOf({ hob: 'keys' })).toEqual(['fine-aim/dial', 'read-number/keys', 'sight/dial!']);
  // the oven's keys are not the hob's
  expect(asksOf({ oven: 'keys' })).toEqual(plain);
  const microwave = { technique: 'microwave', tools: ['microwave', 'bowl'] };
  expect(asksOf({}, microwave)).toContain('read-number/keys!');
  expect(asksOf({ microwave: 'knob' }, microwave)).toContain('read-number/dial!');
});
test('what nobody knows how it is done is judged by what is in the hand', () => {
  const step = { ...task.steps[0], technique: null, tools: ['knife'], into: 'bowl' };
  expect(demandsOf(step).map((a) => `${a.demand}/${a.of}`)).toEqual(expect.arrayContaining(['sight/blade', 'fine-aim/place']));
});
test.each(TECHNIQUES.map((t) => [t.id, t] as const))('%s asks what there are purposes for', (_, t) => {
  const asks = asksOf(t.id, t.like);
  expect(asks).not.toBeNull();
  expect(asks!.every((a) => (PURPOSES[a.demand] as readonly string[]).includes(a.of))).toBe(true);
  expect(asks!.filter((a) => !WHY.has(`${a.demand}/${a.of}`))).toEqual([]);
});
