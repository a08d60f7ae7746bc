// Pictures as black lines: for whoever is led astray by colour, for colouring in, for a copier.
import { SKINS } from './pen';

/** How light a colour is, 0 to 255: relative luminance weights of sRGB (ITU-R BT.709). */
export function lightOf(hex: string): number {
  const n = Number.parseInt(hex.length === 3 ? [...hex].map((c) => c + c).join('') : hex.slice(0, 6), 16);
  return Math.round(0.2126 * (n >> 16) + 0.7152 * ((n >> 8) & 255) + 0.0722 * (n & 255));
}

/** What is filled darker than this stays dark, so that what is light on it is seen: a knob with its pointer, a mark with its sign. */
const DARK_FILL = 100;
/** What is drawn lighter than this is no line: it is the inside of a hand, or light on water. */
const LIGHT_STROKE = 165;

const isSkin = (hex: string) => (SKINS as readonly string[]).includes(`#${hex.toLowerCase()}`);

/** An SVG whose lines are black and whose areas are white; what is dark stays dark. */
export const linesOnly = (svg: string): string =>
  svg.replace(/(fill|stroke)="#([0-9a-fA-F]{3,8})"/g, (_all, what: string, hex: string) => {
    // a hand of any skin is white within its outline
    const dark = !isSkin(hex) && lightOf(hex) < (what === 'fill' ? DARK_FILL : LIGHT_STROKE);
    return `${what}="${dark ? '#000' : '#fff'}"`;
  });
