import { readdirSync, readFileSync } from 'node:fs';
import { buildTask, describeCard, pictureNames, readRecipe, TECHNIQUES, TOOLS, type Card } from '$core';
import { expect, test } from 'vitest';
import { drawCard, hasDrawing, spriteFor } from './draw-card';

test('everything that a card can name is drawn', () => {
  const names = [...pictureNames(), ...TOOLS.map((t) => t.picture)];
  expect(names.filter((name) => !hasDrawing(name))).toEqual([]);
});

const card = (more: Partial<Card>): Card => ({
  stepKey: 'k',
  words: 'Do it.',
  motif: null,
  things: [],
  tool: null,
  place: null,
  measures: [],
  minutes: null,
  dial: null,
  count: null,
  hazards: [],
  ...more,
});

test.each([...new Set(TECHNIQUES.map((t) => t.motif))])('the action “%s” has a picture, and it is not the same as the others’', (motif) => {
  const drawn = drawCard(card({ motif, things: ['lemon'], tool: 'spoon', place: 'bowl' }));
  expect(drawn).toContain('#yr-');
  expect(drawn).not.toMatch(/undefined|NaN/);
});

const recipes = new URL('../../../tests/recipes/', import.meta.url);
test.each(readdirSync(recipes))('every step of %s has a picture that says something of it', (name) => {
  const { steps } = buildTask(readRecipe(readFileSync(new URL(name, recipes), 'utf8')).recipe, { grain: 'standard' });
  // a wait is a clock with its time; everything else shows a thing
  const says = (svg: string) => /#yr-|>[\d.]+ (?:min|h|s)</.test(svg) && !/undefined|NaN/.test(svg);
  expect(steps.filter((step) => !says(drawCard(describeCard(step)))).map((step) => step.text)).toEqual([]);
});

test('a measure is drawn as often as it is filled, with its label', () => {
  const svg = drawCard(card({ motif: 'fill', things: ['couscous'], measures: [{ label: '⅓ cup', shape: 'cup', size: 0.33, times: 2 }] }));
  expect(svg.match(/>⅓ cup</g)).toHaveLength(2);
  expect(svg).toContain('2 times');
});
test('time and heat are written on the picture', () => {
  expect(drawCard(card({ motif: 'wait', minutes: 5 }))).toContain('5 min');
  expect(drawCard(card({ motif: 'oven', dial: '180 °C (350 °F)' }))).toContain('180 °C');
});
test('yellow is never in a frame of the picture: it means next', () => {
  // drawings of foods may be yellow (a lemon is); what we add around them may not
  const svg = drawCard(card({ motif: 'wait', minutes: 5 })) + drawCard(card({ motif: 'switch-on', dial: 'low' }));
  expect(svg).not.toMatch(/#ffd23f|yellow/i);
});
test('words from a recipe cannot become markup', () => {
  const svg = drawCard(card({ motif: 'oven', dial: '<script>' }));
  expect(svg).not.toContain('<script>');
  expect(svg).toContain('&lt;script&gt;');
});
test('the sprite holds what the pictures refer to, each once', () => {
  const sprite = spriteFor([drawCard(card({ things: ['lemon', 'egg'] })), drawCard(card({ things: ['lemon'] }))]);
  expect(sprite.match(/id="yr-lemon"/g)).toHaveLength(1);
  expect(sprite).toContain('id="yr-egg"');
});
