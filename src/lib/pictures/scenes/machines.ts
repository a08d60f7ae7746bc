// Machines: where the hand presses, and what they hold.
import { whole } from '../pieces';
import { lookByName, type VesselKind } from '$core';
import { hand } from '../hands';
import { counter, dialAngle, disc, steam } from '../kitchen';
import { ACTION, area, at, box, circle, ellipse, lettering, line, shape, type Pen } from '../pen';
import { around, arrow } from '../signs';
import { lid, sectionOf, vessel } from '../vessels';
import { contentsOf, type Draw, type Scenes } from './model';
import { inPlace, placed } from './placed';

/** A machine with beaters over the bowl. */
const mixer: Draw = (pen, stage) => {
  const v = placed(pen, stage, 108, {
    contents: contentsOf(stage).map((c) => ({ ...c, mixed: true })),
    kind: stage.vessel?.kind === 'large-bowl' ? 'large-bowl' : 'bowl',
  });
  const rh = hand(pen, 'fist', [142, 30], { arm: [262, 4], turn: 84 });
  const machine =
    line('M104 52V118M124 52V118', 5, '#8b979e') +
    [104, 124].map((x) => shape(`M${x - 8} 96q8 -10 16 0v16q-8 10 -16 0z`, '#dbe2e5', 2)).join('') +
    shape('M86 38H176Q188 38 188 48T176 58H96Q82 56 86 38z', '#f6f8f9') +
    line('M100 38Q104 20 124 20H160Q172 20 172 38', 9) +
    line('M100 38Q104 20 124 20H160Q172 20 172 38', 5, '#c9d2d7');
  const lh = hand(pen, 'rim', [108 - v.section.rim - 2, v.top + 4], { arm: [-26, v.top - 26], side: 'left' });
  return inPlace(v, lh) + rh.back + pen.move('0 -8 0, 0.5 8 0, 1 -8 0', machine) + rh.front + around(60, 34, 24, 10);
};

const blender: Draw = (pen, stage) => {
  const contents = contentsOf(stage).slice(0, 5);
  const x = 104;
  const jug = vessel(pen, 'jug', x, 104, { contents: contents.map((c) => ({ ...c, mixed: true })), level: 0.6 });
  const lh = hand(pen, 'flat', [x - 4, 26], { arm: [-20, -4], side: 'left' });
  const rh = hand(pen, 'point', [x + 16, 126], { arm: [262, 130] });
  return (
    counter() +
    shape(`M${x - 36} 106H${x + 36}L${x + 46} 146H${x - 46}z`, '#c9d0d4') +
    circle(x + 14, 126, 9, '#fff') +
    jug.back +
    line(`M${x - 14} 96l28 -8M${x - 14} 88l28 8`, 3.4) +
    jug.front +
    box(x - 38, 20, 76, 12, '#3a4248', 4) +
    lh.back +
    lh.front +
    rh.back +
    rh.front +
    arrow(190, 86, 158, 108, -8)
  );
};

const kettle: Draw = (pen) => {
  const rh = hand(pen, 'point', [150, 114], { arm: [262, 150], turn: -10 });
  const body =
    shape('M62 138Q56 84 82 64H130Q152 84 148 138z', '#c9d2d7') +
    shape('M66 86L40 70 44 92 62 108z', '#c9d2d7') +
    line('M132 66Q176 60 170 108L148 116', 9) +
    line('M132 66Q176 60 170 108L148 116', 5, '#3a4248') +
    box(92, 54, 28, 12, '#3a4248', 4) +
    box(56, 136, 100, 9, '#3a4248', 3) +
    box(74, 92, 14, 36, '#b9dcec', 4, 2);
  return (
    counter() +
    body +
    box(138, 118, 18, 12, '#e8743a', 3, 2) +
    rh.back +
    rh.front +
    pen.from(0.4, steam(36, 66, 2)) +
    arrow(206, 92, 172, 112, -8)
  );
};

const toaster: Draw = (pen, stage) => {
  const l = stage.things[0]?.look ?? lookByName('bread');
  const brown = { ...l, flesh: '#c98a45' };
  const rh = hand(pen, 'point', [186, 84], { arm: [262, 40], turn: 60 });
  return (
    counter() +
    pen.move('0 0 -26, 0.4 0 0, 1 0 0', [96, 138].map((x) => at(x, 70, whole(pen.at === 'loop' ? l : brown, 56))).join('')) +
    shape('M56 140V92Q56 78 72 78H164Q180 78 180 92V140z', '#c9d2d7') +
    box(180, 88, 8, 40, '#7f8f98', 3) +
    pen.move('0 0 -4, 0.4 0 26, 1 0 26', box(176, 84, 20, 10, '#3a4248', 3) + rh.back + rh.front) +
    arrow(218, 66, 218, 104) +
    (stage.minutes ? disc(pen, 28, 104, 22, stage.minutes) : '')
  );
};

/** The door, the dish inside, and the keys in the order in which they are pressed. */
const microwave: Draw = (pen, stage) => {
  const kind: VesselKind = stage.vessel && sectionOf(stage.vessel.kind).rim < 60 ? stage.vessel.kind : 'bowl';
  const contents = contentsOf(stage);
  const seconds = Math.round((stage.minutes ?? 1) * 60);
  const shown = `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
  const v = vessel(pen, kind === 'jug' ? 'cup' : kind, 0, 0, { contents });
  const keys = [...shown.replace(':', '').replace(/^0/, '')];
  const key = (words: string, x: number, y: number, w: number, pressed: boolean) =>
    box(x - w / 2, y - 7, w, 14, pressed ? '#cfe3ec' : '#fff', 3, pressed ? 2.6 : 1.4) + lettering(words, x, y + 5, 12);
  const pad = Array.from({ length: 11 }, (_, i) => {
    const label = i < 9 ? String(i + 1) : i === 10 ? '0' : '';
    return label ? key(label, 176 + (i % 3) * 19, 62 + Math.floor(i / 3) * 17, 16, keys.includes(label)) : '';
  }).join('');
  const order = [...keys, 'start']
    .map((label, i) => key(label, 34 + i * 24 + (label === 'start' ? 10 : 0), 47, label === 'start' ? 36 : 17, true))
    .join('');
  const door =
    box(4, 14, 230, 136, '#dfe4e7', 8) +
    box(14, 26, 142, 112, '#55483f', 6) +
    area('M22 34H148V130H22z', '#6a5d52') +
    ellipse(85, 122, 52, 6, '#b9c2c7', 2) +
    at(85, 118, v.back + v.front, 0, 0.62) +
    (stage.vessel?.hot ? at(74, 118 + v.top * 0.62, steam(0, 0, 2), 0, 0.7) : '') +
    line('M160 36V128', 5, '#8b979e');
  if (pen.controls.microwave === 'knob') return pen.upright(120, door + timeKnob(pen, stage.minutes ?? 1));
  // the keypad stands where it stands, for either hand
  const rh = hand(pen, 'point', [210, 142], pen.left ? { arm: [150, 230], side: 'left' } : { arm: [270, 200] });
  return pen.upright(
    120,
    door +
      box(166, 24, 58, 26, '#d5ead9', 4) +
      lettering(shown, 195, 46, 22) +
      pad +
      key('start', 195, 135, 54, true) +
      order +
      pen.move('0 -14 -66, 0.35 -14 -66, 0.55 0 0, 1 0 0', rh.back + rh.front),
  );
};

/** The minutes of a microwave that is set by a knob: its pointer on them, of thirty. */
function timeKnob(pen: Pen, minutes: number): string {
  const [x, y, r] = [197, 92, 24];
  const mark = (of: number) => ((dialAngle(of / 30) - 90) * Math.PI) / 180;
  const ticks = [0, 5, 10, 20, 30].map((n) =>
    lettering(String(n), x + Math.cos(mark(n)) * (r + 11), y + Math.sin(mark(n)) * (r + 11) + 4, 11),
  );
  const rh = hand(pen, 'pinch', [x + 12, y + 14], pen.left ? { arm: [150, 230], side: 'left' } : { arm: [270, 190], turn: 60 });
  const words = minutes < 1 ? `${Math.round(minutes * 60)} s` : `${Math.round(minutes * 10) / 10} min`;
  return (
    lettering(words, x, 42, 20, ACTION) +
    circle(x, y, r, '#3a4248', 3) +
    at(x, y, line(`M0 -4V${-r * 0.82}`, 6, '#fff'), dialAngle(Math.min(1, minutes / 30))) +
    ticks.join('') +
    pen.move(
      [
        [0, 0, 0, -40],
        [0.4, 0, 0, 0],
        [1, 0, 0, 0],
      ],
      rh.back + rh.front,
      [x, y],
    )
  );
}

const cooker: Draw = (pen, stage) => {
  const contents = contentsOf(stage);
  const v = vessel(pen, 'cooker', 92, 128, { contents });
  const rh = hand(pen, 'point', [128, 138], { arm: [262, 160] });
  return (
    counter() +
    shape('M30 128H154L160 150H24z', '#c9d0d4') +
    v.back +
    v.front +
    lid('cooker', 92, 68) +
    circle(118, 138, 8, '#3a4248', 2) +
    rh.back +
    rh.front +
    disc(pen, 206, 54, 30, stage.minutes ?? 240)
  );
};

export const MACHINES: Scenes = { mixer, blender, kettle, toaster, microwave, cooker };
