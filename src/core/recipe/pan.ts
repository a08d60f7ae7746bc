// Pan sizes in instructions, and the area that another amount wants for the same depth.

export type Pan = {
  /** As the recipe writes it. */
  text: string;
  shape: 'round' | 'square' | 'oblong';
  /** Sides or diameter in centimetres. */
  sides: number[];
  /** Square centimetres. */
  area: number;
};

const CM_PER_INCH = 2.54;
const SIZE =
  /(\d{1,2}(?:\.\d)?)\s*(cm|in(?:ch(?:es)?)?|")?\s*(?:x|by|×)\s*(\d{1,2}(?:\.\d)?)\s*[- ]?(cm|in(?:ch(?:es)?)?|")|(\d{1,2}(?:\.\d)?)\s*[- ]?(cm|in(?:ch(?:es)?)?|")[- ]+((?:round |square |loose-bottomed |springform |deep |shallow |non-?stick |cake |pie |baking |tart |flan |sandwich )*)(tin|pan|dish|mould|mold|springform)/gi;

/** The pans that a text gives with their size. A size without a pan's name ("2 cm cubes") is none. */
export function pansIn(text: string): Pan[] {
  const pans: Pan[] = [];
  for (const m of text.matchAll(SIZE)) {
    const cm = (number: string, unit: string | undefined) =>
      Math.round(Number(number) * (/^cm/i.test(unit ?? '') ? 1 : CM_PER_INCH) * 10) / 10;
    if (m[1]) {
      const after = text.slice(m.index + m[0].length, m.index + m[0].length + 40);
      if (!/\b(?:tin|pan|dish|tray|mould|mold|sheet)\b/i.test(after)) continue;
      const sides = [cm(m[1], m[2] ?? m[4]), cm(m[3]!, m[4])];
      pans.push({ text: m[0], shape: 'oblong', sides, area: Math.round(sides[0]! * sides[1]!) });
    } else {
      const side = cm(m[5]!, m[6]);
      const square = /square/i.test(m[7] ?? '');
      pans.push({
        text: m[0],
        shape: square ? 'square' : 'round',
        sides: [side],
        area: Math.round(square ? side * side : (Math.PI * side * side) / 4),
      });
    }
  }
  return pans;
}

/** A pan of the same shape with `factor` times the area, so that the food stands as deep; sides to half a centimetre. */
export function panTimes(pan: Pan, factor: number): { sides: number[]; area: number } {
  const grow = Math.sqrt(factor);
  return { sides: pan.sides.map((s) => Math.round(s * grow * 2) / 2), area: Math.round(pan.area * factor) };
}
