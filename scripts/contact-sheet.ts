// Lays out the pictures of every technique with up to three foods each, for eyes to judge: node --import tsx scripts/contact-sheet.ts DIR [WIDTH] [--words] [--blind] [--only=a,b] [--recipe=FILE]
import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { buildTask, readRecipe, stageAlone, stagesOf, TECHNIQUES, type Stage } from '../src/core/index';
import { interpretStep } from '../src/core/task/interpret';
import { drawStage } from '../src/lib/pictures/draw-stage';
import { spriteFor } from '../src/lib/pictures/sprite';

const [, , dir = 'sheets', ...rest] = process.argv;
const width = Number(rest.find((a) => /^\d+$/.test(a)) ?? 200);
const words = rest.includes('--words');
const option = (name: string) => rest.find((a) => a.startsWith(`--${name}=`))?.slice(name.length + 3);
const only = option('only')?.split(',');
const skin = Number(option('skin') ?? 1);
const oneHand = rest.includes('--one-hand');
const instead = option('tool');
const left = rest.includes('--left');
const moment = option('at');

const folder = new URL('../tests/recipes/', import.meta.url);
const stagesIn = (file: URL | string): { stage: Stage; technique: string | null }[] => {
  const task = buildTask(readRecipe(readFileSync(file, 'utf8')).recipe, { grain: 'standard' });
  return stagesOf(task).map((stage, i) => ({ stage, technique: task.steps[i].technique }));
};

/** For techniques that no recipe here has. */
const SAMPLES = new Map([
  ['roll-up-sleeves', 'Roll up your sleeves.'],
  ['take-off-rings', 'Take off your rings.'],
  ['read-label', 'Read the label of the tin of beans.'],
  ['plug-in', 'Plug in the mixer.'],
  ['unplug', 'Unplug the mixer.'],
  ['set-table', 'Set the table.'],
  ['load-dishwasher', 'Load the dishwasher.'],
  ['sweep', 'Sweep the floor.'],
  ['wipe-spill', 'Wipe up the spill.'],
  ['recycle', 'Recycle the can.'],
  ['label-date', 'Label the box with the date.'],
  ['shell', 'Shell the peas.'],
  ['marinate', 'Marinate the chicken in the bowl for 30 minutes.'],
  ['knock-back', 'Knock back the dough.'],
  ['skim', 'Skim the foam off the soup.'],
  ['caramelise', 'Caramelise the onion in the frying pan.'],
  ['reduce', 'Reduce the sauce in the saucepan for 10 minutes.'],
  ['blanch', 'Blanch the green beans in the saucepan for 3 minutes.'],
  ['prove', 'Leave the dough to prove in the bowl for 60 minutes.'],
  ['dish-up', 'Dish up the stew.'],
  ['pack', 'Pack the couscous in a box.'],
]);

/** Up to three steps of every technique, with different foods, from the recipes that there are; from its own words where no recipe has it. */
function ofEveryTechnique(): { id: string; stage: Stage }[] {
  const found = new Map<string, { food: string; stage: Stage }[]>();
  for (const name of readdirSync(folder))
    for (const { stage, technique } of stagesIn(new URL(name, folder))) {
      if (!technique) continue;
      const food = stage.things.map((t) => t.look?.name ?? t.drawing).join() || stage.vessel?.contents.map((c) => c.look.name).join() || '';
      const list = found.get(technique) ?? [];
      if (list.length < 3 && !list.some((one) => one.food === food)) found.set(technique, [...list, { food, stage }]);
    }
  return TECHNIQUES.filter((t) => !only || only.includes(t.id)).flatMap((t) => {
    const list = found.get(t.id) ?? [
      {
        food: '',
        stage: stageAlone({ ...interpretStep(SAMPLES.get(t.id) ?? `${t.verbs[0]} the carrots`, t.id, t.phase, []), technique: t.id }),
      },
    ];
    return list.map(({ stage }) => ({ id: t.id, stage }));
  });
}

const font = readFileSync(
  new URL(
    '../node_modules/@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2',
    import.meta.url,
  ),
).toString('base64');
const recipe = option('recipe');
const listed = recipe ? stagesIn(recipe).map(({ stage, technique }) => ({ id: technique ?? '-', stage })) : ofEveryTechnique();
mkdirSync(dir, { recursive: true });
// Blind: in an order that tells nothing, with the acts in a file beside the sheets. Who judges writes down what he sees, and opens the file afterwards.
const all = rest.includes('--blind')
  ? listed
      .map((one, i) => ({ one, at: (i * 7919 + 104729) % 10007 }))
      .sort((a, b) => a.at - b.at)
      .map((x) => x.one)
  : listed;
if (rest.includes('--blind')) writeFileSync(`${dir}/key.txt`, all.map(({ id, stage }, i) => `${i + 1}\t${id}\t${stage.words}\n`).join(''));
const across = Math.floor(1400 / (width + 8));
const down = words ? Math.floor(1500 / (width * 0.667 + 44)) : Math.floor(1500 / (width * 0.667 + 24));
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell', args: ['--no-sandbox'] });
const page = await browser.newPage({ viewport: { width: 1420, height: 1540 } });
for (let i = 0, n = 1; i < all.length; i += across * down, n++) {
  const part = all.slice(i, i + across * down);
  const svgs = part.map(({ stage }, k) =>
    drawStage(instead ? { ...stage, tool: instead, oneHand } : { ...stage, oneHand }, {
      id: `s${i + k}`,
      skin,
      left,
      ...(moment ? { at: Number(moment) } : {}),
    }),
  );
  const cells = part.map(
    ({ id, stage }, k) =>
      `<div style="width:${width}px"><svg viewBox="0 0 240 160" width="${width}" style="display:block;border:1px solid #ccc;background:#fff">${svgs[k]}</svg><div style="font:11px sans-serif;overflow:hidden;height:${words ? 28 : 14}px">${i + k + 1}${words ? ` <b>${id}</b> ${stage.words.replace(/</g, '&lt;')}` : ''}</div></div>`,
  );
  await page.setContent(
    `<style>@font-face{font-family:'Atkinson Hyperlegible Next';src:url(data:font/woff2;base64,${font});font-weight:200 800}</style><svg width="0" height="0" style="position:absolute">${spriteFor(svgs)}</svg><div style="display:flex;flex-wrap:wrap;gap:6px;align-content:flex-start">${cells.join('')}</div>`,
  );
  await page.screenshot({ path: `${dir}/${String(n).padStart(2, '0')}.png` });
}
await browser.close();
console.log(`${all.length} pictures`);
