// Pictures for a printer with black ink only: every colour as the grey that is as light.
import { lightOf } from '../pictures/lines';

const grey = (hex: string): string => {
  const light = lightOf(hex);
  // light tones are let go, so that little ink is used and lines stand out
  const kept = light > 200 ? Math.min(255, light + 14) : light;
  return `#${kept.toString(16).padStart(2, '0').repeat(3)}`;
};

/** An SVG without its hues. */
export const inkOnly = (svg: string): string =>
  svg.replace(/(fill|stroke)="#([0-9a-fA-F]{3,8})"/g, (_all, what: string, hex: string) => `${what}="${grey(hex)}"`);
