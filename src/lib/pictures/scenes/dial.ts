// Turning heat on, up, down and off.
import { hand } from '../hands';
import { dialAngle, flames, HOB_TOP } from '../kitchen';
import { ACTION, area, at, box, circle, line, shape, type Pen, lettering } from '../pen';
import { arrow } from '../signs';
import { sectionOf, vessel } from '../vessels';
import { seedOf, type Draw, type Scenes } from './model';

/** A dial, its pointer on a share of its sweep; it is read, so it is never mirrored. */
function knob(pen: Pen, x: number, y: number, r: number, shares: readonly [number, number], marks: readonly [number, string][]): string {
  const pointer = (share: number) => at(x, y, line(`M0 ${-r * 0.15}V${-r * 0.82}`, 8, '#fff'), dialAngle(share));
  const ticks = marks
    .map(([share, words]) => {
      const a = ((dialAngle(share) - 90) * Math.PI) / 180;
      return (
        line(
          `M${x + Math.cos(a) * (r + 4)} ${y + Math.sin(a) * (r + 4)}L${x + Math.cos(a) * (r + 11)} ${y + Math.sin(a) * (r + 11)}`,
          2.4,
        ) + (words ? lettering(words, x + Math.cos(a) * (r + 22), y + Math.sin(a) * (r + 22) + 5, 14) : '')
      );
    })
    .join('');
  const [a, b] = shares;
  // the whole dial is read, with its marks in their order
  return pen.upright(x, circle(x, y, r, '#3a4248', 3) + pen.show('0 1, 0.4 0', pointer(a)) + pen.from(0.4, pointer(b)) + ticks);
}

const FLAME_WORD = ['off', 'low', 'medium', 'high'];

const dial: Draw = (pen, stage) => {
  const d = stage.dial ?? { kind: 'hob' as const, heat: null, from: 0, to: 2 };
  if (d.kind === 'oven') {
    const off = stage.form === 'off';
    const value = Number.parseInt(d.heat ?? '', 10) || (off ? 0 : 180);
    const f = /F/.test(d.heat ?? '') || value > 290;
    const top = f ? 500 : 250;
    const share = off ? 0 : Math.min(0.95, Math.max(0.1, value / top));
    const marks: [number, string][] = (f ? [0, 200, 300, 400, 500] : [0, 50, 100, 150, 200, 250]).map((n) => [
      n / top,
      n === 0 ? 'off' : String(n),
    ]);
    const rh = hand(pen, 'pinch', [112, 104], { arm: [262, 176], turn: 96 });
    return (
      box(6, 4, 228, 152, '#e3e8eb', 8) +
      knob(pen, 92, 86, 40, off ? [0.7, 0] : [0, share], marks) +
      pen.text(off ? 'off' : (d.heat ?? (f ? '350 °F' : '180 °C')).replace(/\s*°\s*/, ' °'), 188, 36, 24, ACTION) +
      (off ? '' : shape('M176 62h28v26h-28z', '#55483f') + line('M180 68h20', 3, '#e8743a')) +
      pen.move(
        [
          [0, 0, 0, off ? 30 : -40],
          [0.4, 0, 0, 0],
          [1, 0, 0, 0],
        ],
        rh.back + rh.front,
        [92, 86],
      ) +
      (off ? arrow(150, 128, 120, 144, 10) : '')
    );
  }
  const off = d.to === 0;
  const pan = stage.vessel?.kind ?? 'saucepan';
  const contents = stage.vessel?.contents ?? [];
  const p = vessel(pen, sectionOf(pan).height < 14 ? 'saucepan' : pan, 76, HOB_TOP - 22, { contents, seed: seedOf(stage) });
  const rh = hand(pen, 'pinch', [196, 112], { arm: [262, 176], turn: 100 });
  const shares = [0, 0.3, 0.6, 0.95];
  const fire = (level: number, ghost = false) => at(0, -22, flames(76, level, ghost, 38));
  return (
    area('M0 116H240V160H0z', '#dfe4e7') +
    line('M-4 116H244', 2.4) +
    line('M28 116V101H124V116', 2.6) +
    pen.show('0 1, 0.4 0', fire(d.from)) +
    pen.from(0.4, fire(d.from, true) + fire(d.to)) +
    p.back +
    p.front +
    knob(
      pen,
      184,
      100,
      28,
      [shares[d.from], shares[d.to]],
      shares.map((s, i) => [s, i === 0 ? 'off' : '']),
    ) +
    pen.text(FLAME_WORD[d.to], 184, 34, 24, ACTION) +
    pen.move(
      [
        [0, 0, 0, d.to > d.from ? -40 : 40],
        [0.4, 0, 0, 0],
        [1, 0, 0, 0],
      ],
      rh.back + rh.front,
      [184, 100],
    ) +
    (off ? line('M60 140L92 156M92 140L60 156', 4, ACTION) : '')
  );
};

export const DIAL: Scenes = { dial };
