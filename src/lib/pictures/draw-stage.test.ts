import { readdirSync, readFileSync } from 'node:fs';
import { buildTask, readRecipe, SCENES, stagesOf, TOOLS, type Scene, type Stage } from '$core';
import { expect, test } from 'vitest';
import { drawStage } from './draw-stage';
import { linesOnly } from './lines';
import { COLOURS, SKINS, STRIP, type PenOptions } from './pen';
import { SCENES_BY_NAME } from './scenes/index';
import { hasDrawing, spriteFor, standalone } from './sprite';

const folder = new URL('../../../tests/recipes/', import.meta.url);
const names = readdirSync(folder);
const taskOf = (name: string) => buildTask(readRecipe(readFileSync(new URL(name, folder), 'utf8')).recipe, { grain: 'standard' });
const ALL = names.map((name) => {
  const task = taskOf(name);
  return { name, stages: stagesOf(task) };
});
/** One step of every scene, from the recipes. */
const OF_SCENE = new Map<Scene, Stage>();
for (const { stages } of ALL) for (const stage of stages) if (!OF_SCENE.has(stage.scene)) OF_SCENE.set(stage.scene, stage);

/** Every open tag has its end, in order: what is drawn is put into pages and files as it is. */
function isWellFormed(svg: string): boolean {
  const open: string[] = [];
  for (const [, end, tag, self] of svg.matchAll(/<(\/?)([a-zA-Z]+)(?:\s[^<>]*?)?(\/?)>/g)) {
    if (end) {
      if (open.pop() !== tag) return false;
    } else if (!self) open.push(tag);
  }
  return open.length === 0;
}

test('every scene is drawn', () => expect(SCENES.filter((s) => !SCENES_BY_NAME.has(s))).toEqual([]));
test('every tool has a drawing of its own', () => expect(TOOLS.map((t) => t.picture).filter((p) => !hasDrawing(p))).toEqual([]));

test.each(ALL.map((one, i) => ({ ...one, i })))('$name: every picture is whole, still and moving, for both hands', ({ stages, i }) => {
  for (const stage of stages)
    for (const options of [{}, i % 3 === 0 ? { at: 'loop' as const } : { left: true }]) {
      const svg = drawStage(stage, options);
      expect(svg, stage.words).not.toMatch(/NaN|undefined|Infinity/);
      expect(isWellFormed(svg), stage.words).toBe(true);
      // yellow means next, and nothing else
      expect(svg, stage.words).not.toMatch(/#ffd23f|"yellow"/i);
    }
});

test('steps that differ look different: hardly a pair in all recipes looks the same', () => {
  let [all, same] = [0, 0];
  for (const { stages } of ALL) {
    const seen = new Map<string, number>();
    stages.forEach((stage, i) => {
      all++;
      const svg = drawStage(stage, { id: 'x' });
      const before = seen.get(svg);
      if (before !== undefined && stages[before].words !== stage.words) {
        same++;
        // never two that are done in different ways
        expect(stages[before].scene, `${stages[before].words} / ${stage.words}`).toBe(stage.scene);
      }
      seen.set(svg, i);
    });
  }
  expect(same / all).toBeLessThan(0.001);
});

test('on one page no two clips have one name', () => {
  for (const { stages } of ALL.slice(0, 40)) {
    const ids = stages.flatMap((stage) => [...drawStage(stage).matchAll(/<clipPath id="([^"]+)"/g)].map((m) => m[1]));
    expect(new Set(ids).size).toBe(ids.length);
  }
});

/** How many mirrors stand round each text. */
function mirrorsOfTexts(svg: string): number[] {
  const out: number[] = [];
  const stack: boolean[] = [];
  for (const [tag] of svg.matchAll(/<g[^>]*>|<\/g>|<text[^>]*>/g)) {
    if (tag === '</g>') stack.pop();
    else if (tag.startsWith('<text')) out.push(stack.filter(Boolean).length);
    else stack.push(tag.includes('scale(-1 1)'));
  }
  return out;
}
test('for the left hand the picture is mirrored, and nothing that is read is', () => {
  let texts = 0;
  for (const { stages } of ALL)
    for (const stage of stages) {
      const svg = drawStage(stage, { left: true });
      expect(svg).toContain('scale(-1 1)');
      for (const n of mirrorsOfTexts(svg)) {
        texts++;
        expect(n % 2, stage.words).toBe(0);
      }
    }
  expect(texts).toBeGreaterThan(1000);
});
test('a dial keeps its marks in their order for either hand', () => {
  const dial = OF_SCENE.get('dial')!;
  const numbers = (left: boolean) =>
    [...drawStage({ ...dial, dial: { kind: 'oven', heat: '180 °C', from: 0, to: 2 }, form: 'oven' }, { left }).matchAll(/>(\d+)</g)].map(
      (m) => m[1],
    );
  expect(numbers(true)).toEqual(numbers(false));
});

/** Scenes in which nothing is done by hand, or where the hand holds still. */
const STILL_SCENES: readonly Scene[] = ['cool', 'timer', 'blender', 'cooker', 'kettle', 'table', 'plain', 'repeat'];
test.each([...OF_SCENE].filter(([scene]) => !STILL_SCENES.includes(scene)))(
  '%s moves: its three moments differ, its loop has a movement',
  (_scene, stage) => {
    const [a, b, c] = STRIP.map((at) => drawStage(stage, { at, id: 'x' }));
    expect(new Set([a, b, c]).size, stage.words).toBeGreaterThan(1);
    expect(drawStage(stage, { at: 'loop' })).toMatch(/<animate/);
  },
);
test('a loop begins where it says and keeps its moments in order (SMIL: keyTimes start with 0; a discrete value holds until the next)', () => {
  for (const stage of OF_SCENE.values())
    for (const [tag] of drawStage(stage, { at: 'loop' }).matchAll(/<animate[^>]*>/g)) {
      const times = /keyTimes="([^"]+)"/.exec(tag)![1].split(';').map(Number);
      const values = /values="([^"]+)"/.exec(tag)![1].split(';');
      expect(values).toHaveLength(times.length);
      expect(times[0]).toBe(0);
      expect([...times].sort((x, y) => x - y)).toEqual(times);
      // spline timing needs its last moment at 1
      if (tag.includes('spline')) expect(times.at(-1)).toBe(1);
    }
});
test('a still picture has no movement in it', () => {
  for (const stage of OF_SCENE.values()) expect(drawStage(stage)).not.toContain('<animate');
});

test('measures that are filled often are counted, with the first crossed off', () => {
  const stage = { ...OF_SCENE.get('measure')!, measures: [{ label: '⅓ cup', shape: 'cup' as const, size: 0.33, times: 3 }] };
  const once = { ...stage, measures: [{ ...stage.measures[0], times: 1 }] };
  const parts = (s: Stage) => drawStage(s).match(/<path/g)!.length;
  // three small cups and one cross more than for one filling
  expect(parts(stage) - parts(once)).toBe(4);
  expect(drawStage(stage)).toContain('>⅓<');
});
test('a time, a heat, a weight are written on the picture', () => {
  expect(drawStage({ ...OF_SCENE.get('timer')!, minutes: 12 })).toContain('>12<');
  expect(drawStage({ ...OF_SCENE.get('scale')!, reads: '200 g' })).toContain('>200 g<');
  // no time left: it rings, which an hour does not
  const [rings, runs] = [0, 60].map((minutes) => drawStage({ ...OF_SCENE.get('hob')!, minutes }));
  expect(rings).toContain('>0<');
  expect(rings.match(/stroke="#0a5c7a"|<path/g)!.length).toBeGreaterThan(runs.match(/stroke="#0a5c7a"|<path/g)!.length);
});
test('hazards have marks of different signs, and an adult’s is round', () => {
  const stage = { ...OF_SCENE.get('fetch')!, hazards: [] };
  const marks = (['hot', 'sharp', 'raw-egg', 'electric'] as const).map((h) =>
    drawStage({ ...stage, hazards: [h] }).replace(drawStage(stage), ''),
  );
  expect(new Set(marks).size).toBe(4);
  expect(drawStage({ ...stage, adult: true }).length).toBeGreaterThan(drawStage(stage).length);
});
/** Where a hand touches what is hot itself, and no tool or handle is between. */
const TOUCHES: readonly Scene[] = ['oven', 'lift-off', 'fetch', 'turn-out'];
test('bare hands touch nothing hot: trays, dishes and lids that are hot are held with mitts', () => {
  let seen = 0;
  for (const { stages } of ALL)
    for (const stage of stages) {
      const hot = stage.hazards.some((h) => h === 'hot' || h === 'steam');
      const lifted = stage.scene === 'lid' && stage.form === 'off';
      // what goes into an air fryer is pushed by its own handle
      if (!hot || stage.form === 'air' || !(TOUCHES.includes(stage.scene) || lifted)) continue;
      seen++;
      expect(drawStage(stage), stage.words).toContain(COLOURS.glove);
    }
  expect(seen).toBeGreaterThan(200);
});
test('a blade is never in the picture without a hand on its handle, and the other hand’s fingers are a claw or an arch', () => {
  for (const { stages } of ALL)
    for (const stage of stages.filter((s) => s.scene === 'board' && !s.oneHand)) {
      const strokes = drawStage(stage).match(/stroke="#debb90"/g)?.length ?? 0;
      // two hands of at least five strokes each
      expect(strokes, stage.words).toBeGreaterThanOrEqual(10);
    }
});
test('words from a recipe cannot become markup', () => {
  const svg = drawStage({ ...OF_SCENE.get('scale')!, reads: '<script>x</script>' });
  expect(svg).not.toContain('<script>');
  expect(svg).toContain('&lt;script&gt;');
});
test('the drawings that a page refers to stand on it once; a picture by itself holds its own', () => {
  const fetch = OF_SCENE.get('fetch')!;
  const tool = {
    ...fetch,
    store: 'drawer' as const,
    things: [{ name: 'fork', look: null, drawing: 'fork', state: 'whole' as const, pack: 'none' as const }],
  };
  const svg = drawStage(tool);
  expect(spriteFor([svg, svg]).match(/id="yr-fork"/g)).toHaveLength(1);
  expect(standalone(svg)).not.toContain('<use');
});

const TOOL = { look: null, drawing: 'whisk', state: 'whole', pack: 'none' } as const;
/** A step that gets two tools out of a drawer. */
const GETS: Stage = {
  ...OF_SCENE.get('fetch')!,
  words: 'From Drawer 12, get the whisk and ladle.',
  store: 'drawer',
  hazards: [],
  things: [
    { ...TOOL, name: 'whisk' },
    { ...TOOL, name: 'ladle' },
  ],
};
/** Addresses of the photographs in a picture. */
const photosIn = (svg: string) => [...svg.matchAll(/<image href="([^"]+)"/g)].map(([, href]) => href);

test('how many of one kind are fetched is counted in dots, five in a row', () => {
  const one = GETS.things.slice(0, 1);
  const dots = (more: Partial<Stage>, left = false) =>
    [
      ...drawStage({ ...GETS, things: one, store: 'counter', ...more }, { left }).matchAll(
        /<circle cx="([\d.]+)" cy="([\d.]+)" r="4" fill="#0b5c7a"/g,
      ),
    ].map((m) => [Number(m[1]), Number(m[2])]);
  const seven = dots({ count: 7 });
  expect(seven).toHaveLength(7);
  const rows = [...new Set(seven.map(([, y]) => y))];
  expect(rows.map((row) => seven.filter(([, y]) => y === row).length)).toEqual([5, 2]);
  expect(dots({ count: 7 }, true)).toHaveLength(7);
  // along the counter twelve stand in one row, with a gap after each five
  const twelve = dots({ scene: 'put', form: '', count: 12 });
  expect(new Set(twelve.map(([, y]) => y)).size).toBe(1);
  const steps = twelve.slice(1).map(([x], i) => x - twelve[i][0]);
  expect(steps.flatMap((step, i) => (step > 11 ? [i + 1] : []))).toEqual([5, 10]);
  // of several kinds a number says nothing
  expect(dots({ count: 7, things: GETS.things })).toEqual([]);
  expect(dots({ count: null })).toEqual([]);
});
test('where a class has photographs, a card that fetches shows its own place and its own tools', () => {
  const drawn = (...photos: [string, string][]) => drawStage(GETS, { photos });
  expect(photosIn(drawn(['place:drawer 12', '/a'], ['tool:ladle', '/b?x=1&y=2']))).toEqual(['/a', '/b?x=1&amp;y=2']);
  // a place is its whole name; of two that are named, the one that says more
  expect(photosIn(drawn(['place:drawer 1', '/a']))).toEqual([]);
  expect(photosIn(drawn(['place:drawer', '/a'], ['place:drawer 12', '/b']))).toEqual(['/b']);
  // nothing of it has one: as ever
  expect(drawn(['tool:spoon', '/a'], ['place:the low shelf', '/b'])).toBe(drawStage(GETS));
  // what is no fetching and no putting away is drawn
  expect(photosIn(drawStage({ ...GETS, scene: 'board' }, { photos: [['place:drawer 12', '/a']] }))).toEqual([]);
  expect(isWellFormed(drawn(['place:drawer 12', '/a"><script>']))).toBe(true);
});
test('a photograph is never mirrored, and things go the other way when they are put back', () => {
  const photos: [string, string][] = [['place:drawer 12', '/a']];
  const left = drawStage(GETS, { photos, left: true });
  expect(left.match(/scale\(-1 1\)/g)).toHaveLength(2);
  expect(left).toMatch(/^<g [^>]*transform="[^"]*scale\(-1 1\)">.*<g transform="[^"]*scale\(-1 1\)"><image/);
  expect(drawStage({ ...GETS, scene: 'away' }, { photos })).not.toBe(drawStage(GETS, { photos }));
});
test('heat is set as this kitchen sets it: by a knob or keys, over flames or on a plate', () => {
  const stage: Stage = { ...OF_SCENE.get('dial')!, form: 'on', dial: { kind: 'hob', heat: null, from: 0, to: 2 } };
  const drawn = (controls: PenOptions['controls'], more: Partial<Stage> = {}) => drawStage({ ...stage, ...more }, { controls });
  expect(drawn({})).toBe(drawn({ heat: 'flame', hob: 'knob' }));
  // of nine steps, medium is the sixth
  expect(drawn({ hob: 'keys' })).toContain('>6<');
  expect(drawn({})).not.toContain('>6<');
  const flames = (svg: string) => svg.match(/fill="#4f8fd0"/g)?.length ?? 0;
  expect([flames(drawn({})), flames(drawn({ heat: 'plate' }))]).toEqual([1, 0]);
  const oven: Partial<Stage> = { form: 'oven', dial: { kind: 'oven', heat: '200 °C', from: 0, to: 2 } };
  expect(drawn({ oven: 'keys' }, oven)).not.toContain('>150<');
  expect(drawn({}, oven)).toContain('>150<');
  const microwave = { ...OF_SCENE.get('microwave')!, minutes: 2 };
  expect(drawStage(microwave, { controls: { microwave: 'knob' } })).toContain('>2 min<');
  expect(drawStage(microwave)).toContain('>2:00<');
  // what is read is never mirrored
  for (const controls of [{ hob: 'keys', oven: 'keys', microwave: 'knob' }] as const)
    for (const one of [stage, { ...stage, ...oven }, microwave])
      for (const mirrors of mirrorsOfTexts(drawStage(one, { controls, left: true }))) expect(mirrors % 2).toBe(0);
});
test('measures that are fetched tell which they are, by what stands on them and by size', () => {
  const task = buildTask(
    readRecipe('Rice\n\n1 cup rice\n1 tsp salt\n2 cups water\n\nMethod\nBoil the rice, salt and water for 10 minutes.').recipe,
    {
      grain: 'standard',
    },
  );
  const fetched = stagesOf(task).filter((s) => s.scene === 'fetch' && s.things.some((t) => t.measure));
  expect(fetched.flatMap((s) => s.things.flatMap((t) => t.measure?.label ?? []))).toEqual(['1 cup', '1 tsp']);
  for (const stage of fetched)
    for (const t of stage.things.filter((one) => one.measure))
      expect(drawStage(stage, { left: true })).toContain(`>${t.measure!.label.replace(' cup', '')}<`);
});

test('lines alone are black on white, whatever is drawn, and what is dark in colour stays dark', () => {
  for (const { stages } of ALL.slice(0, 60))
    for (const stage of stages) {
      const svg = linesOnly(standalone(drawStage(stage)));
      expect(new Set(svg.match(/"#[0-9a-f]{3,8}"/gi)), stage.words).toEqual(new Set(['"#000"', '"#fff"']));
      expect(isWellFormed(svg), stage.words).toBe(true);
    }
  // a knob's pointer is still seen on it, a hand is white within its outline
  expect(linesOnly('<circle fill="#3a4248"/><path stroke="#fff"/>')).toBe('<circle fill="#000"/><path stroke="#fff"/>');
  for (const skin of SKINS) expect(linesOnly(`stroke="${skin}"`)).toBe('stroke="#fff"');
});

test('food under an ordinary blade is always held; a blade for one hand needs no other', () => {
  const skinOf = (svg: string) => svg.match(/stroke="#debb90"/g)?.length ?? 0;
  for (const { stages } of ALL)
    for (const stage of stages.filter((s) => s.scene === 'board'))
      expect(skinOf(drawStage({ ...stage, oneHand: true })), stage.words).toBe(skinOf(drawStage({ ...stage, oneHand: false })));
  const slice = { ...OF_SCENE.get('board')!, form: 'slices', tool: 'rocker-knife' };
  expect(skinOf(drawStage({ ...slice, oneHand: true }))).toBeLessThan(skinOf(drawStage({ ...slice, oneHand: false })));
});
test('an adapted tool is drawn as itself or as what it looks like, never as a spoon', () => {
  const slice = OF_SCENE.get('board')!;
  const of = (tool: string, oneHand = false) => drawStage({ ...slice, form: 'slices', tool, oneHand }, { id: 'x' });
  expect(of('rocker-knife')).not.toBe(of('knife'));
  expect(of('angled-knife')).toBe(of('knife'));
  expect(of('plastic-knife')).toBe(of('table-knife'));
  expect(of('long-spoon')).toBe(of('wooden-spoon'));
});
test('for one hand there is no second hand that steadies, and a mat is in its place where the step has one', () => {
  const skinOf = (svg: string) => svg.match(/stroke="#debb90"/g)?.length ?? 0;
  const rinsed = ALL.flatMap(({ stages }) => stages).find((s) => s.form === 'rinse' && s.things[0]?.look?.shape === 'long')!;
  for (const stage of [...(['stir', 'mash', 'put'] as const).map((scene) => OF_SCENE.get(scene)!), rinsed]) {
    const { scene } = stage;
    const two = skinOf(drawStage({ ...stage, oneHand: false }));
    const one = skinOf(drawStage({ ...stage, oneHand: true }));
    expect(one, scene).toBeLessThan(two);
    expect(one, scene).toBeGreaterThan(4);
  }
  const stir = { ...OF_SCENE.get('stir')!, vessel: { ...OF_SCENE.get('stir')!.vessel!, kind: 'bowl' as const, onHob: false } };
  expect(drawStage({ ...stir, mat: true }).length).toBeGreaterThan(drawStage({ ...stir, mat: false }).length);
});
