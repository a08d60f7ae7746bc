// Arrows and marks. An arrow says one thing only: how the hand moves.
import { ACTION, area, circle, INK, line, shape } from './pen';

const edge = (d: string, head: string) => line(d + head, 10.5, '#fff') + line(d + head, 5.5, ACTION);

/** From one point to another; bent sideways by `bend`. */
export function arrow(x1: number, y1: number, x2: number, y2: number, bend = 0): string {
  const [dx, dy] = [x2 - x1, y2 - y1];
  const d = Math.hypot(dx, dy) || 1;
  const [nx, ny] = [-dy / d, dx / d];
  const [cx, cy] = [(x1 + x2) / 2 + nx * bend, (y1 + y2) / 2 + ny * bend];
  const a = Math.atan2(y2 - cy, x2 - cx);
  const tip = (turn: number) => `${(x2 - 12 * Math.cos(a + turn)).toFixed(1)} ${(y2 - 12 * Math.sin(a + turn)).toFixed(1)}`;
  return edge(`M${x1} ${y1}Q${cx.toFixed(1)} ${cy.toFixed(1)} ${x2} ${y2}`, `M${tip(0.62)}L${x2} ${y2}L${tip(-0.62)}`);
}

/** To and fro along a line. */
export function toAndFro(x1: number, y1: number, x2: number, y2: number): string {
  const mx = (x1 + x2) / 2;
  const my = (y1 + y2) / 2;
  return arrow(mx, my, x1, y1) + arrow(mx, my, x2, y2);
}

/** Round and round. */
export const around = (x: number, y: number, rx: number, ry: number) => {
  const d = `M${x - rx} ${y + ry * 0.3}A${rx} ${ry} 0 1 1 ${x + rx * 0.72} ${y + ry * 0.78}`;
  return edge(
    d,
    `M${x + rx * 0.72 + 13} ${y + ry * 0.78 - 9}L${x + rx * 0.72} ${y + ry * 0.78}L${x + rx * 0.72 + 4} ${y + ry * 0.78 - 16}`,
  );
};

/** Something can hurt here: a triangle; its sign tells what. */
export type Warning = 'hot' | 'sharp' | 'raw' | 'steam' | 'electric';

export function warning(x: number, y: number, kind: Warning): string {
  const inside = {
    hot: line('M-5 3c-3 -4 3 -6 0 -10M1 3c-3 -4 3 -6 0 -10M7 3c-3 -4 3 -6 0 -10', 1.8, '#fff'),
    steam: line('M-5 3c-3 -4 3 -6 0 -10M5 3c-3 -4 3 -6 0 -10', 1.8, '#fff'),
    sharp: area('M-6 4L6 -8Q8 0 -6 4z', '#fff'),
    raw: circle(-3, 1, 2, '#fff', 0) + circle(4, 2, 1.6, '#fff', 0) + circle(1, -4, 1.8, '#fff', 0),
    electric: area('M1 -9L-5 1H-1L-2 6L5 -4H1z', '#fff'),
  }[kind];
  return `<g transform="translate(${x} ${y})">${shape('M0 -16L15 9H-15z', '#9b2c1b', 2.4, '#fff')}${inside}</g>`;
}

/** An adult does it or helps: two heads, one taller; a round mark, so that it is told from a warning by its shape. */
export const adult = (x: number, y: number) =>
  `<g transform="translate(${x} ${y})">${circle(0, 0, 14, '#fff', 2.2)}${circle(-3, -6, 3.6, INK, 0)}${area('M-9 9q0 -10 6 -10t6 10z', INK)}${circle(7, -1, 2.6, INK, 0)}${area('M3 9q0 -6 4 -6t4 6z', INK)}</g>`;
