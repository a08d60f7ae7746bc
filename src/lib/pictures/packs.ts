// What foods come in. Each stands on 0,0 and is about 40 wide and 58 high; the food is seen on it or through it.
import { labelOf, type Look, type Thing } from '$core';
import { whole, heap } from './pieces';
import { area, at, box, circle, ellipse, line, shape } from './pen';
import { sprite } from './sprite';

const picture = (inside: Look, x: number, y: number, s: number) => onLabel(labelOf(inside), x, y, s);
const onLabel = (l: Look, x: number, y: number, s: number) =>
  ['grains', 'tubes', 'strands', 'small', 'powder'].includes(l.shape)
    ? at(x, y, heap(l, 'whole', 7, s))
    : at(x, y, l.shape === 'liquid' || l.shape === 'cream' ? drop(l, s * 0.5) : whole(l, s));
const drop = (l: Look, r: number) =>
  shape(
    `M0 ${-r}c${r * 0.5} ${r * 0.7} ${r * 0.8} ${r} ${r * 0.8} ${r * 1.3}a${r * 0.8} ${r * 0.8} 0 0 1 ${-r * 1.6} 0c0 ${-r * 0.3} ${r * 0.3} ${-r * 0.6} ${r * 0.8} ${-r * 1.3}z`,
    l.flesh,
    2,
  );

export const lidOf = (pack: Look['pack'], l: Look): string =>
  pack === 'jar'
    ? box(-17, -60, 34, 12, '#c9452c', 3)
    : pack === 'bottle'
      ? box(-7, -72, 14, 12, l.mark, 3)
      : pack === 'tub'
        ? box(-25, -40, 50, 9, l.mark, 3)
        : pack === 'shaker'
          ? box(-14, -52, 28, 13, '#7f8f98', 4)
          : '';

/** A pack without its lid. */
export function packBody(l: Look, pack = l.pack): string {
  switch (pack) {
    case 'tin':
      return (
        box(-22, -54, 44, 54, '#c3ccd1', 4) +
        area('M-22 -44H22V-10H-22z', '#f6f1e4') +
        line('M-22 -44H22M-22 -10H22', 1.8) +
        picture(l, 0, -27, 26) +
        ellipse(0, -54, 22, 5, '#dbe2e5')
      );
    case 'jar':
      return (
        shape('M-15 -48H15V-42Q23 -40 23 -32V-6Q23 0 17 0H-17Q-23 0 -23 -6V-32Q-23 -40 -15 -42z', '#eaf3f7') +
        area('M-20 -36H20V-6Q20 -3 16 -3H-16Q-20 -3 -20 -6z', l.flesh) +
        (['grains', 'small'].includes(l.shape) ? at(0, -18, heap(l, 'whole', 9, 34)) : '') +
        box(-14, -28, 28, 16, '#fff', 2, 1.6) +
        picture(l, 0, -20, 14)
      );
    case 'bottle':
      return (
        shape('M-6 -60H6V-50Q16 -44 16 -32V-4Q16 0 12 0H-12Q-16 0 -16 -4V-32Q-16 -44 -6 -50z', '#eef4ec') +
        area('M-13 -34Q-13 -42 -4 -47H4Q13 -42 13 -34V-5Q13 -3 10 -3H-10Q-13 -3 -13 -5z', l.flesh) +
        box(-13, -30, 26, 20, '#fff', 2, 1.6) +
        picture(l, 0, -20, 15)
      );
    case 'carton':
      return (
        shape('M-19 0V-44L-12 -56H12L19 -44V0z', '#fdfdfb') +
        shape('M-12 -56V-62H12V-56z', l.mark, 2) +
        area('M-19 -30H19V-4H-19z', l.mark) +
        line('M-19 -44H19', 1.8) +
        (labelOf(l) === l ? at(0, -16, drop({ ...l, flesh: '#fff' }, 8)) : circle(0, -17, 12, '#fff', 0) + picture(l, 0, -16, 17))
      );
    case 'tub':
      return (
        shape('M-23 -32H23L18 0H-18z', '#fdfaf4') +
        area('M-22 -25H22L20 -9H-20z', l.mark) +
        (l.shape === 'cream' ? line('M-9 -15q4 -8 9 0t9 0', 3, '#fff') : at(0, -17, whole(l, 22)))
      );
    case 'bag':
      return shape('M-20 0V-46L-15 -54H15L20 -46V0z', '#f4ead6') + line('M-15 -54L-17 -46H17L15 -54', 1.8) + picture(l, 0, -22, 30);
    case 'box':
      return (
        shape('M-22 0V-56H22V0z', '#efe3cc') +
        shape('M-22 -56L-16 -62H28L22 -56z', '#dccaa6') +
        shape('M22 -56L28 -62V-5L22 0z', '#cdb98f') +
        picture(l, 0, -27, 32)
      );
    case 'shaker':
      return (
        shape('M-13 -40H13L16 0H-16z', '#f0f4f5') +
        area('M-12 -28H12L14 -3H-14z', l.flesh) +
        [-6, 0, 6].map((x, i) => circle(x, -20 + (i % 2) * 7, 1.3, l.mark, 0)).join('')
      );
    case 'sachet':
      return shape('M-18 0V-40H18V0z', '#f4efe2') + line('M-18 -33H18M-18 -7H18', 1.6) + picture(l, 0, -19, 22);
    case 'wrapper':
      return at(0, -20, whole(l, 46));
    case 'eggbox':
      return (
        [-16, 0, 16].map((x) => at(x, -20, whole(l, 24))).join('') +
        shape('M-28 -18q6 8 12 0q6 8 16 0q8 8 16 0q6 8 12 0L24 0H-24z', '#b9b2a6')
      );
    case 'tap':
      return at(0, -24, drop(l, 20));
    default:
      return at(0, -22, whole(l, 44));
  }
}

export const packed = (l: Look, pack = l.pack) => packBody(l, pack) + lidOf(pack, l);

/** A thing as it stands somewhere, its foot on 0,0, about `s` high. */
export function standing(t: Thing, s = 56): string {
  if (!t.look) return at(-s / 2, -s, sprite(t.drawing, s));
  const k = s / 58;
  if (t.state === 'whole' && t.pack !== 'none') return at(0, 0, packed(t.look, t.pack), 0, k);
  if (t.state === 'whole' || t.state === 'peeled')
    return at(0, -s * 0.42, whole(t.state === 'peeled' ? { ...t.look, skin: t.look.flesh } : t.look, s * 0.8));
  return at(0, -s * 0.3, heap(t.look, t.state, 7, s));
}
