// Touching colours of a picture are told from one another.
import { lookByName, lookNames } from '$core';
import { expect, test } from 'vitest';
import { COLOURS, SKINS } from './pen';

/** CIE L*a*b* of an sRGB colour (IEC 61966-2-1, D65), from the standard's formulas. */
function lab(hex: string): [number, number, number] {
  const n = Number.parseInt(hex.slice(1), 16);
  const [r, g, b] = [n >> 16, (n >> 8) & 255, n & 255].map((v) =>
    v / 255 <= 0.04045 ? v / 255 / 12.92 : ((v / 255 + 0.055) / 1.055) ** 2.4,
  ) as [number, number, number];
  const f = (t: number) => (t > 216 / 24389 ? Math.cbrt(t) : (24389 / 27 / 116) * t + 16 / 116);
  const x = f((0.4124 * r + 0.3576 * g + 0.1805 * b) / 0.9505);
  const y = f(0.2126 * r + 0.7152 * g + 0.0722 * b);
  const z = f((0.0193 * r + 0.1192 * g + 0.9505 * b) / 1.089);
  return [116 * y - 16, 500 * (x - y), 200 * (y - z)];
}
const apart = (a: string, b: string) => Math.hypot(...lab(a).map((v, i) => v - lab(b)[i]));
/** As different as two colours side by side have to be to be told apart at a glance (CIE 1976; 2.3 is just seen, common practice takes five times that). */
const TOLD = 12;

test.each(SKINS.map((s, i) => [i, s] as const))(
  'skin %i is told from what hands hold: handles, wood, metal, board, sleeve, glove',
  (_i, skin) => {
    for (const [what, colour] of Object.entries(COLOURS)) expect(apart(skin, colour), what).toBeGreaterThan(TOLD);
  },
);
test('foods are told from the board, or have a line that is', () => {
  for (const look of lookNames().map(lookByName)) {
    const line = look.mark === look.flesh ? '#1e2528' : look.mark;
    expect(Math.max(apart(look.flesh, COLOURS.board), apart(line, COLOURS.board)), look.name).toBeGreaterThan(TOLD);
  }
});
test('pieces have a line round them that is told from their inside', () => {
  for (const look of lookNames().map(lookByName)) {
    const line = look.mark === look.flesh ? '#1e2528' : look.mark;
    expect(apart(line, look.flesh), look.name).toBeGreaterThan(TOLD);
  }
});
