// Drawings of whole tools that pictures refer to: each stands once on a page, and each picture uses it.
import { DRAWN } from './drawn';

/** Whether there is a drawing of that name. */
export const hasDrawing = (name: string): boolean => DRAWN.has(name);
const known = (name: string) => (hasDrawing(name) ? name : 'measure');
const body = (name: string) => DRAWN.get(name) ?? '';

/** One drawing, its upper left corner at 0,0, `s` wide and high. */
export const sprite = (name: string, s: number) =>
  `<use href="#yr-${known(name)}" transform="scale(${Math.round((s / 72) * 1000) / 1000})"/>`;

/** The drawings that these pictures refer to, to be put once on the page. */
export function spriteFor(pictures: readonly string[]): string {
  const names = new Set(pictures.flatMap((svg) => [...svg.matchAll(/href="#yr-([a-z0-9-]+)"/g)].map((m) => m[1])));
  return names.size === 0 ? '' : `<defs>${[...names].map((name) => `<g id="yr-${name}">${body(name)}</g>`).join('')}</defs>`;
}

/** A picture that stands by itself: its drawings stand in it. For one that comes and goes, since a change of a page's sprite redraws all its pictures. */
export const standalone = (svg: string): string =>
  svg.replace(/<use href="#yr-([\w-]+)"([^>]*)\/>/g, (_all, name: string, rest: string) => `<g${rest}>${body(name)}</g>`);
