// Takes one action of a method: by its kind into the frame that fits.
import { beginsAnew, isLeft } from './begins-anew';
import { poursWater } from '../kitchen/index';
import { inFilm, isFilm } from './film';
import { panOfThing } from './vessel-of-work';
import { isHeld, isPan } from './vessels';
import { isSheet, takeSheet } from './sheets';
import { overBase } from './put-meaning';
import { techniqueById } from '../technique/lexicon';
import { worksOf } from '../technique/works';
import { isAside, takeUnknown } from './body-aside';
import { dustWith, withImplied } from './body-implied';
import { onHob, ringOn, isRingSaid } from './frames-hob';
import { work } from './frames-work';
import { bake, heatInOven, microwave, preheat } from './frames-oven';
import { join } from './frames-join';
import { put } from './frames-put';
import { bringToBoil, waterToBoil } from './frames-water';
import { isDoneAlready } from './done-already';
import { coolFirst } from './cool-first';
import { takenInTime } from './in-time';
import { type Located, type State } from './state';
import { minutesOfText } from '../amount/minutes';
import {
  applianceOff,
  isKept,
  isMeanwhileStirred,
  isDusted,
  isExcess,
  keepLast,
  uncovers,
  backToBaked,
  withOtherHalf,
  backToDish,
  takesAllCut,
  isMovedAside,
  isUncovered,
  emptyPanOnHeat,
  panBackOnHeat,
  filled,
  backInOven,
  coatedIn,
  coatNamed,
  tippedIn,
  bowlOnWater,
  spreadOver,
  takenOut,
  isTurned,
  isLeftAlone,
} from './meant-so';

/** "Peel the carrot." "Slice the leek." "Put both in a bowl.": a line each, and "both" is of what lies ready. */
function beginsLine(state: State, said: Located): void {
  const isSaidOf = /^(?:both|them (?:all|both)|these|all of them)\b/i.test(said.rest);
  const ready = state.lineObjects.length < 2 ? [...state.readyBefore, ...state.lineObjects] : state.lineObjects;
  const loose = [...new Set(ready)].filter((i) => !state.placed.has(i));
  state.readyBefore = loose;
  state.lineObjects = isSaidOf && loose.length > 1 ? (/\bboth\b/i.test(said.rest) ? loose.slice(-2) : loose) : [];
}

/** "Pour the water into a large pan. Add the pasta": water is no food, but its pan is in hand. */
function putAndHold(state: State, c: Located): void {
  put(state, c);
  const last = state.steps.at(-1);
  const into = last?.into ?? null;
  if (!last || !isPan(into) || !poursWater(last.text)) return;
  state.container = into;
  // "put 3 cm of water in a saucepan. Bring it to a simmer": the water
  if (c.mentions.length === 0 && !isHeld(state, into)) state.objectUses = [];
}

/** With nothing in hand; what was in hand is again, where the work needs no vessel. */
function inNoVessel(state: State, take: () => void): void {
  const held = state.container;
  state.container = null;
  if (state.prepared === held) state.prepared = null;
  take();
  state.container ??= held;
}

/** Takes one action: by its kind into the frame that fits. */
export function takeClause(state: State, said: Located): void {
  if (!said.verb || isAside(state, said)) return takeUnknown(state, said);
  if (state.line !== said.line) beginsLine(state, said);
  state.line = said.line;
  if (said.first) state.leadVessel = null;
  // "while the fish bakes, make the slaw": not on the fish's tray
  if (said.meanwhile && said.first && state.container !== null && state.container === state.inOven) state.container = null;
  // the tray that was lined was filled and stands to cool: it waits for nothing any more
  if (state.prepared !== null && isHeld(state, state.prepared) && isLeft(state, state.prepared)) state.prepared = null;
  if (beginsAnew(state, said)) return inNoVessel(state, () => takeClause(state, said));
  const waiting = waterToBoil(state, said);
  if (waiting !== null) {
    bringToBoil(state, said, waiting);
    return takeClause(state, { ...said, condition: null });
  }
  const cools = coolFirst(state, said);
  if (cools) {
    if (cools.wait) takeClause(state, cools.wait);
    return takeClause(state, { ...said, condition: null });
  }
  takesAllCut(state, said);
  backToDish(state, said);
  backToBaked(state, said, worksOf(said.technique?.id, said.technique?.like).act);
  const c = withImplied(state, withOtherHalf(state, said));
  const works = worksOf(c.technique?.id, c.technique?.like);
  state.themIsLast = works.act === 'ready' && !c.first;
  if (c.technique?.id === 'dust' || c.technique?.id === 'flour-surface') {
    if (isDusted(c)) return work(state, { ...c, technique: techniqueById('coat')! });
    if (c.mentions.length > 0) return dustWith(state, c);
  }
  const off = works.act === 'off' ? applianceOff(state, c) : null;
  if (off) return work(state, off);
  if (isDoneAlready(state, c, works.act)) return;
  if (isKept(state, c)) return keepLast(state, `keep ${c.rest}`);
  if (isMeanwhileStirred(state, c)) return keepLast(state, `${c.verb} ${c.adverb ?? ''} ${c.rest}`.replace(/\s+/g, ' ').trim());
  // "leave a gap between them"
  if (
    c.verb === 'leave' &&
    state.steps.length > 0 &&
    /^(?:a|an|some|plenty of|enough)\s+(?:\p{L}+\s+)?(?:gaps?|space|room)\b/iu.test(c.rest)
  )
    return keepLast(state, `leave ${c.rest}`);
  // "put the tray in the oven. Set the timer for 15 minutes": so long it bakes
  if (c.technique?.id === 'set-timer' && state.bakesOn && minutesOfText(c.rest) !== null)
    return bake(state, {
      ...c,
      verb: 'bake',
      rest: c.rest.replace(/^.*?(?=\b(?:for|to)\b)/i, '').replace(/^to\b/i, 'for'),
      technique: techniqueById('bake')!,
    });
  // "put the pasta in. Set the timer for 10 minutes": so long it cooks, where nothing says so yet
  const timed = c.technique?.id === 'set-timer' ? minutesOfText(c.rest) : null;
  if (timed !== null && state.hob !== null && state.hob === state.container && (state.steps.at(-1)?.minutes?.waiting ?? 0) < timed)
    return onHob(state, {
      ...c,
      verb: 'cook',
      rest: `for ${c.rest.replace(/^.*?(?=\d|\ban? )/i, '')}`,
      tools: [],
      technique: techniqueById('cook')!,
    });
  if (isMovedAside(state, c)) return;
  if (isExcess(state, c)) return keepLast(state, `${c.verb} ${c.rest}`);
  const lid = uncovers(state, c, works.act);
  if (lid) return work(state, { ...c, technique: techniqueById('uncover')! });
  // "put a tray in to heat up"
  if (
    works.act === 'put' &&
    c.mentions.length === 0 &&
    state.oven &&
    /\bin(?:side)?(?: the oven)? to (?:heat|warm|get hot)\b/i.test(c.rest)
  )
    return heatInOven(state, c);
  const back = emptyPanOnHeat(state, c, works.act) ?? panBackOnHeat(state, c, works.act);
  if (back) return ringOn(state, c, back);
  if (isFilm(state, c)) {
    const rest = c.verb === 'make' ? inFilm(c.rest) : 'the cling film';
    return work(state, { ...c, rest, technique: techniqueById('prick')! });
  }
  if (isSheet(state, c, works.act)) return takeSheet(state, c, works.act);
  // "take the soup off the heat. Blend it": the soup is in hand, whatever was grilled since
  if (works.act === 'off-ring') state.container = panOfThing(state, c) ?? state.container;
  const instead =
    filled(state, c, works.act) ??
    coatedIn(c, works.act) ??
    coatNamed(state, c, works.act) ??
    tippedIn(c) ??
    bowlOnWater(state, c) ??
    spreadOver(c, works.act) ??
    overBase(state, c) ??
    backInOven(state, c, works.act) ??
    takenOut(state, c, works.act);
  if (instead) return takeClause(state, instead);
  if (takenInTime(state, c, (within) => takeClause(state, within))) return;
  if (isUncovered(state, c, works.act))
    work(state, {
      ...c,
      verb: 'uncover',
      rest: '',
      mentions: [],
      tools: [],
      until: null,
      condition: null,
      technique: techniqueById('uncover')!,
    });
  switch (works.act) {
    case 'oven-on':
      return preheat(state, c);
    case 'ring-on':
    case 'ring-set':
      return isRingSaid(state, c) ? undefined : work(state, c);
    case 'oven':
      return /\bto\s+(?:heat|warm|get hot|preheat)\b/i.test(c.rest) ? heatInOven(state, c) : bake(state, c);
    case 'heat':
      return onHob(state, c);
    case 'microwave':
      return microwave(state, c);
    case 'put':
      return isTurned(c) ? work(state, c) : putAndHold(state, c);
    case 'join':
      return works.traits.has('covered') || !isLeftAlone(state, c) ? join(state, c) : work(state, c);
    default:
      return work(state, c);
  }
}
