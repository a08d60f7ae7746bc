// A vessel on its place, and the hand that steadies it.
import { type Content, type Stage, type VesselKind } from '$core';
import { hand, type Hand } from '../hands';
import { counter, COUNTER, hob, HOB_TOP, mat } from '../kitchen';
import { type Pen } from '../pen';
import { sectionOf, vessel } from '../vessels';
import { seedOf } from './model';

export const PANS = new Set<VesselKind>(['saucepan', 'frying-pan', 'wok']);

/** The vessel of a step on its place: the hob where it stands there, else the counter. */
export function placed(
  pen: Pen,
  stage: Stage,
  x: number,
  more: { within?: string; boil?: 0 | 1 | 2; contents?: readonly Content[]; heat?: number; kind?: VesselKind } = {},
) {
  const kind = more.kind ?? stage.vessel?.kind ?? 'bowl';
  const lit = more.heat ?? (stage.vessel?.onHob ? 2 : 0);
  const onHob = more.heat !== undefined || (stage.vessel?.onHob ?? false);
  const foot = onHob && PANS.has(kind) ? HOB_TOP : stage.mat ? COUNTER - 6 : COUNTER;
  const v = vessel(pen, kind, x, foot, {
    contents: more.contents ?? stage.vessel?.contents ?? [],
    boil: more.boil ?? 0,
    within: more.within ?? '',
    seed: seedOf(stage),
  });
  const ground =
    foot === HOB_TOP
      ? hob(pen, x, lit, Math.min(46, sectionOf(kind).base))
      : counter() + (stage.mat ? mat(x, sectionOf(kind).base + 16) : '');
  return { ...v, kind, foot, onHob: foot === HOB_TOP, ground, section: sectionOf(kind), hot: onHob || (stage.vessel?.hot ?? false) };
}

export type Placed = ReturnType<typeof placed>;

/** The other hand steadies it: a pan by its handle, a bowl at its rim; with a mitt where it is hot and has no handle. */
export function steady(pen: Pen, v: Placed, x: number, stage: Stage): { back: string; front: string } {
  if (stage.oneHand) return { back: '', front: '' };
  const hot = v.hot && v.section.handle !== 'side';
  if (v.section.handle === 'side')
    return hand(pen, 'fist', [x - v.section.rim - 32, v.top + 13], { arm: [-20, v.top - 6], side: 'left', turn: 90 });
  if (v.section.height < 14) return hand(pen, 'rim', [x - v.section.rim - 2, v.top - 8], { arm: [-26, v.top - 40], side: 'left' });
  return hand(pen, hot ? 'mitt' : 'rim', [x - v.section.rim - 2, v.top + (hot ? 10 : 2)], { arm: [-26, v.top - 26], side: 'left' });
}

/** The part of a tool that stands out of a vessel: the wall must not lie over it. */
export const aboveRim = (pen: Pen, top: number, inner: string): string => pen.clip(`M-60 -60H300V${top}H-60z`, inner);

/** The vessel on its ground, with the hand that steadies it round its wall. */
export const inPlace = (v: Pick<Placed, 'ground' | 'back' | 'front'>, { back, front }: Hand): string =>
  v.ground + back + v.back + v.front + front;
