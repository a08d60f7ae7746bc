// Turning heat on, up, down and off.
import { hand } from '../hands';
import { dialAngle, heat, HOB_TOP, rest, steam } from '../kitchen';
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

const HEAT_WORD = ['off', 'low', 'medium', 'high'];
/** What a hob with keys shows at each height: of nine, as most have. */
const HEAT_NUMBER = ['0', '3', '6', '9'];

/** Flat keys with a display: less, more, on and off; the finger is on the one that is pressed. They stand where they stand, for either hand. */
function keys(pen: Pen, x: number, y: number, before: string, after: string, press: 'less' | 'more' | 'power'): string {
  const across = new Map([
    ['less', -26],
    ['more', 26],
    ['power', 0],
  ] as const);
  const key = (dx: number, dy: number, mark: string, on: boolean) =>
    box(x + dx - 12, y + dy - 11, 24, 22, on ? '#cfe3ec' : '#fff', 4, on ? 3 : 1.8) + line(mark, 3);
  const [kx, ky] = [x + across.get(press)!, press === 'power' ? y + 30 : y];
  const finger = hand(pen, 'point', [kx, ky + 4], pen.left ? { arm: [-20, 200], side: 'left' } : { arm: [262, 200] });
  return pen.upright(
    x,
    pen.show('0 1, 0.4 0', display(x, y, before)) +
      pen.from(0.4, display(x, y, after)) +
      key(-26, 0, `M${x - 32} ${y}h12`, press === 'less') +
      key(26, 0, `M${x + 20} ${y}h12M${x + 26} ${y - 6}v12`, press === 'more') +
      key(0, 30, `M${x} ${y + 23}v7M${x - 5} ${y + 26}a7 7 0 1 0 10 0`, press === 'power') +
      pen.move('0 10 16, 0.3 0 0, 1 0 0', finger.back + finger.front),
  );
}
const display = (x: number, y: number, words: string) =>
  box(x - 34, y - 44, 68, 28, '#d5ead9', 4) + lettering(words, x, y - 22, words.length > 4 ? 17 : 22);

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
    const set = (d.heat ?? (f ? '350 °F' : '180 °C')).replace(/\s*°\s*/, ' °');
    if (pen.controls.oven === 'keys')
      return (
        box(6, 4, 228, 152, '#e3e8eb', 8) +
        keys(pen, 92, 78, off ? set : '0', off ? '0' : set, off ? 'power' : 'more') +
        pen.text(off ? 'off' : set, 188, 36, 24, ACTION) +
        (off ? '' : shape('M176 62h28v26h-28z', '#55483f') + line('M180 68h20', 3, '#e8743a'))
      );
    const rh = hand(pen, 'pinch', [112, 104], { arm: [262, 176], turn: 96 });
    return (
      box(6, 4, 228, 152, '#e3e8eb', 8) +
      knob(pen, 92, 86, 40, off ? [0.7, 0] : [0, share], marks) +
      pen.text(off ? 'off' : set, 188, 36, 24, ACTION) +
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
  const fire = (level: number, ghost = false) => at(0, -22, heat(pen, 76, level, ghost, 38));
  const turned = off ? 'power' : d.to > d.from ? 'more' : 'less';
  return (
    area('M0 116H240V160H0z', '#dfe4e7') +
    line('M-4 116H244', 2.4) +
    at(0, -22, rest(pen, 76, 44)) +
    pen.show('0 1, 0.4 0', fire(d.from)) +
    pen.from(0.4, fire(d.from, true) + fire(d.to)) +
    p.back +
    p.front +
    (stage.vessel?.hot ? steam(58, p.top - 2, 2) : '') +
    pen.text(HEAT_WORD[d.to], 184, 34, 24, ACTION) +
    (pen.controls.hob === 'keys'
      ? keys(pen, 184, 94, HEAT_NUMBER[d.from], HEAT_NUMBER[d.to], turned)
      : knob(
          pen,
          184,
          100,
          28,
          [shares[d.from], shares[d.to]],
          shares.map((s, i) => [s, i === 0 ? 'off' : '']),
        ) +
        pen.move(
          [
            [0, 0, 0, d.to > d.from ? -40 : 40],
            [0.4, 0, 0, 0],
            [1, 0, 0, 0],
          ],
          rh.back + rh.front,
          [184, 100],
        )) +
    (off ? line('M60 140L92 156M92 140L60 156', 4, ACTION) : '')
  );
};

export const DIAL: Scenes = { dial };
