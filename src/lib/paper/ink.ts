// Pictures for a printer with black ink only: every colour as the grey that is as light.

const grey = (hex: string): string => {
  const n = Number.parseInt(hex.length === 3 ? [...hex].map((c) => c + c).join('') : hex.slice(0, 6), 16);
  // relative luminance weights of sRGB (ITU-R BT.709)
  const light = Math.round(0.2126 * (n >> 16) + 0.7152 * ((n >> 8) & 255) + 0.0722 * (n & 255));
  // light tones are let go, so that little ink is used and lines stand out
  const kept = light > 200 ? Math.min(255, light + 14) : light;
  return `#${kept.toString(16).padStart(2, '0').repeat(3)}`;
};

/** An SVG without its hues. */
export const inkOnly = (svg: string): string =>
  svg.replace(/(fill|stroke)="#([0-9a-fA-F]{3,8})"/g, (_all, what: string, hex: string) => `${what}="${grey(hex)}"`);
