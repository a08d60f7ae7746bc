// Serving, eating, and what nobody has a scene for.
import { whole, heap } from '../pieces';
import { hand } from '../hands';
import { board, counter, COUNTER } from '../kitchen';
import { ACTION, at, ellipse, line } from '../pen';
import { around, arrow } from '../signs';
import { sprite } from '../sprite';
import { held, toolFor } from '../tools';
import { sectionOf, vessel } from '../vessels';
import { contentsOf, seedOf, type Draw, type Scenes } from './model';
import { row } from './stores';
import { inPlace, placed, steady } from './placed';
import { profile } from './self';

const serve: Draw = (pen, stage) => {
  const share = stage.form === 'share';
  const contents = stage.vessel?.contents.length
    ? stage.vessel.contents
    : stage.source?.contents.length
      ? stage.source.contents
      : contentsOf(stage);
  const from = stage.source ?? (stage.vessel && (share || !['plate', 'bowl'].includes(stage.vessel.kind)) ? stage.vessel : null);
  const kind = from
    ? ['large-bowl', 'saucepan', 'cooker', 'dish', 'tin', 'frying-pan', 'wok', 'tray'].includes(from.kind)
      ? from.kind
      : 'bowl'
    : null;
  const plates = share ? [150, 206] : [182];
  const served = plates
    .map((x) => {
      const v = vessel(pen, 'plate', x, COUNTER, { contents, seed: seedOf(stage) + x });
      return at(0, 0, `<g transform="translate(${x} 0) scale(${share ? 0.5 : 0.86} 1) translate(${-x} 0)">${v.back + v.front}</g>`);
    })
    .join('');
  const v = kind ? vessel(pen, kind === 'large-bowl' ? 'bowl' : kind, 0, 0, { contents, seed: seedOf(stage) }) : null;
  if (!v) {
    const whole_ = vessel(pen, stage.vessel?.kind ?? 'plate', 112, COUNTER, { contents, seed: seedOf(stage) });
    const lh = hand(pen, stage.vessel?.hot ? 'mitt' : 'rim', [112 - sectionOf(stage.vessel?.kind ?? 'plate').rim - 2, whole_.top + 2], {
      arm: [-26, whole_.top - 40],
      side: 'left',
    });
    const rh = hand(pen, stage.vessel?.hot ? 'mitt' : 'rim', [112 + sectionOf(stage.vessel?.kind ?? 'plate').rim + 2, whole_.top + 2], {
      arm: [266, whole_.top - 40],
    });
    return (
      counter() +
      pen.move('0 0 -18, 0.6 0 0, 1 0 -18', lh.back + rh.back + whole_.back + whole_.front + lh.front + rh.front) +
      arrow(112, 18, 112, 46)
    );
  }
  const rh = held(pen, toolFor(stage.tool, 'lifts', 'spoon'), [160, 92], 40, [262, -10]);
  const load =
    contents[0].look.shape === 'liquid'
      ? ellipse(162, 84, 12, 5, contents[0].look.flesh, 1.8)
      : at(
          162,
          84,
          heap(contents.find((c) => c.look.shape !== 'liquid')!.look, contents.find((c) => c.look.shape !== 'liquid')!.state, 3, 26),
        );
  return (
    counter() +
    at(60, COUNTER, v.back + v.front, 0, Math.min(0.86, 54 / (sectionOf(kind!).rim + (sectionOf(kind!).handle === 'two' ? 12 : 2)))) +
    served +
    pen.move('0 -92 6, 0.35 -84 -34, 0.65 0 0, 0.85 10 22 20, 1 -92 6', rh.back + rh.tool + load + rh.front) +
    arrow(76, 40, 126, 36, -14)
  );
};

const eat: Draw = (pen, stage) => {
  const contents = contentsOf(stage);
  const plate = vessel(pen, 'plate', 132, 150, { contents });
  const rh = held(pen, 'spoon', [102, 76], 62, [262, 90]);
  return (
    profile(pen) +
    line('M60 152H244', 2.4) +
    plate.back +
    plate.front +
    pen.move(
      '0 36 44, 0.5 0 0, 0.75 0 0, 1 36 44',
      rh.back +
        rh.tool +
        at(
          100,
          70,
          contents[0].look.shape === 'liquid'
            ? ellipse(0, 0, 10, 4, contents[0].look.flesh, 1.8)
            : heap(contents[0].look, contents[0].state, 2, 20),
        ) +
        rh.front,
    )
  );
};

const repeat: Draw = (pen, stage) => {
  return (
    board(20, 10, 200, 140) +
    at(88, 80, contentsOf(stage)[0] ? whole(contentsOf(stage)[0].look, 60) : '') +
    around(164, 84, 40, 34) +
    (stage.count ? pen.text(`${stage.count}×`, 164, 146, 30, ACTION) : '')
  );
};

/** What nobody has a scene for: the things themselves, and a hand that shows them. */
const plain: Draw = (pen, stage) => {
  const things = stage.things.slice(0, 3);
  const v = stage.vessel ? placed(pen, stage, 112) : null;
  if (things.length === 0 && v) {
    const lh = steady(pen, v, 112, stage);
    return inPlace(v, lh);
  }
  const rh = hand(pen, 'point', [176, 96], { arm: [262, 150] });
  return counter() + (things.length > 0 ? row(pen, things, COUNTER, 20, 170, 70) : at(70, 60, sprite('meal', 70))) + rh.back + rh.front;
};

export const SERVE: Scenes = { serve, eat, repeat, plain };
