// The blocks of a lesson: what each learner does for himself, what the kitchen needs once, and the dishes of each team.
import { NEXT_LESSON } from '../pace';
import { isOwn } from '../share-out';
import { minutesOf, workOf, worksAt } from './minutes';
import { gatherSteps, type Gathered, type Grouping } from './lanes';
import { isScarce } from './things';
import type { Step } from '../../plan/model';
import { WORKS, type Block, type BlockKind, type PlanLearner, type Segment, type StepRef, type ThingNeed } from './model';
import type { Act } from '../../technique/works';

/** A recipe of the lesson and who makes it. `id`: the recipe's lesson. `teams`: who makes one dish together. `before`: steps that are done before the lesson. */
export type LessonDish = {
  id: string;
  title: string;
  steps: readonly Step[];
  teams: readonly (readonly string[])[];
  before: ReadonlySet<string>;
};

const isReady = (s: Step) => s.phase === 'ready';
const isEat = (s: Step) => worksAt(s).act === 'eat';
const isLastWash = (s: Step) => s.phase === 'clean' && worksAt(s).act === 'wash-hands';
const isOvenOn = (s: Step) => worksAt(s).act === 'oven-on';
const isOvenOff = (s: Step) => worksAt(s).act === 'off' && s.tools.includes('oven');
/** What the dish of a team does not do: each for himself, the class together, or the kitchen once. */
const isApart = (s: Step) => isOwn(s) || isOvenOn(s) || isOvenOff(s);

/** How long hot food may stand (common practice), in minutes. */
const HOT_KEEPS = 10;

const KINDS: Record<Step['phase'], BlockKind> = {
  ready: 'ready',
  gather: 'gather',
  prepare: 'work',
  cook: 'work',
  serve: 'serve',
  store: 'store',
  clean: 'clean',
};

/** Steps that are neither done before nor come after a wait that is longer than a lesson: oats in the fridge overnight. */
export function todays({ steps, before }: LessonDish): Step[] {
  const left = steps.filter((s) => !before.has(s.key));
  const long = left.findIndex((s) => s.minutes.waiting > NEXT_LESSON);
  const stays = (s: Step, i: number) => long < 0 || i <= long || s.phase === 'store' || s.phase === 'clean';
  return left.filter(stays);
}

/** All blocks of a lesson. Two learners with the same way through a recipe have the same blocks, under their own ids. */
export function blocksOf(dishes: readonly LessonDish[], learners: readonly PlanLearner[]): Block[] {
  const byId = new Map(learners.map((l) => [l.id, l]));
  const left = dishes.map((d) => ({ ...d, steps: todays(d) }));
  const blocks = left.flatMap((d) => dishBlocks(d, byId));
  const served = blocks.filter((b) => b.kind !== 'store' && b.kind !== 'clean' && b.dish !== null).map((b) => b.id);
  const own = learners.flatMap((l) => ownBlocks(left, l));
  const eating = eatBlock(left, learners, served);
  for (const b of blocks) if ((b.kind === 'store' || b.kind === 'clean') && !isFirstWash(b) && eating) b.after = [...b.after, eating.id];
  for (const b of own.filter((o) => o.kind === 'clean')) {
    const his = b.may[0]!;
    const clearing = blocks.filter(
      (x) => (x.kind === 'store' || x.kind === 'clean') && (x.may.includes(his) || x.may.length === 0) && ofHis(left, x, his),
    );
    b.after = [...clearing.map((x) => x.id), ...(eating ? [eating.id] : [])];
  }
  return [...own.filter((o) => o.kind === 'ready'), ...blocks, ...(eating ? [eating] : []), ...own.filter((o) => o.kind === 'clean')];
}

type Making = { -readonly [K in keyof Block]: Block[K] };
const WASH_FIRST = ' first';
const isFirstWash = (b: Block) => b.id.endsWith(WASH_FIRST);
const ofHis = (dishes: readonly LessonDish[], b: Block, learner: string) =>
  dishes.some((d) => d.teams.some((team, t) => b.dish === dishId(d.id, t) && team.includes(learner)));

/** The dish of one team of a recipe. */
export const dishId = (lesson: string, team: number) => `${lesson} ${team}`;

/** Hair, apron and hands at the start, hands at the end: once for each learner, whatever he makes. */
function ownBlocks(dishes: readonly LessonDish[], learner: PlanLearner): Making[] {
  const his = dishes.filter((d) => d.teams.some((t) => t.includes(learner.id)));
  const of = (is: (s: Step) => boolean, kind: BlockKind, name: string): Making[] => {
    const dish = his.find((d) => d.steps.some(is));
    if (!dish) return [];
    const steps = his.flatMap((d) => d.steps.filter(is).map((s) => ({ dish: d.id, key: s.key })));
    const members = dish.steps.flatMap((s, i) => (is(s) ? [i] : []));
    const block = make(`${learner.id} ${name}`, null, kind, dish.steps, { steps: members, lane: null }, [learner.id], [learner], dish.id);
    return [{ ...block, steps, may: [learner.id] }];
  };
  return [...of(isReady, 'ready', 'ready'), ...of(isLastWash, 'clean', 'hands')];
}

/** Everybody who is there to the end eats at once, when all dishes are on the table. */
function eatBlock(dishes: readonly LessonDish[], learners: readonly PlanLearner[], after: readonly string[]): Making | null {
  const dish = dishes.find((d) => d.steps.some(isEat));
  if (!dish) return null;
  const members = dish.steps.flatMap((s, i) => (isEat(s) ? [i] : []));
  const latest = Math.max(...learners.map((l) => l.to));
  const crew = learners.filter((l) => l.to >= latest).map((l) => l.id);
  const block = make('class eat', null, 'eat', dish.steps, { steps: members.slice(0, 1), lane: null }, [], learners, dish.id);
  const steps = dishes.flatMap((d) => d.steps.filter(isEat).map((s) => ({ dish: d.id, key: s.key })));
  return { ...block, steps, may: [], crew, after: [...after] };
}

/** The blocks of all teams of one recipe, and what its oven needs once. */
function dishBlocks(dish: LessonDish, byId: ReadonlyMap<string, PlanLearner>): Making[] {
  const everybody = [...new Set(dish.teams.flat())].flatMap((id) => byId.get(id) ?? []);
  const able = (i: number, l: PlanLearner) => !l.cannot.get(dish.id)?.has(dish.steps[i]!.key);
  const kitchen = (is: (s: Step) => boolean, name: string): Making[] => {
    const i = dish.steps.findIndex(is);
    if (i < 0) return [];
    const may = everybody.filter((l) => able(i, l)).map((l) => l.id);
    return [make(`${dish.id} ${name}`, null, 'kitchen', dish.steps, { steps: [i], lane: null }, may, [], dish.id)];
  };
  const [on, off] = [kitchen(isOvenOn, 'oven on'), kitchen(isOvenOff, 'oven off')];
  const known = new Map<string, Grouping>();
  const blocks = dish.teams.flatMap((team, t) => {
    const members = team.flatMap((id) => byId.get(id) ?? []);
    // one alone does what he can of everything, and an adult the rest: his blocks are cut like anybody's
    const key = members.length === 1 ? 'one' : team.join(' ');
    const can = (steps: readonly number[]) =>
      members.length === 1 || members.some((l) => steps.every((i) => able(i, l))) || steps.length === 1;
    if (!known.has(key)) known.set(key, gatherSteps(dish.steps, isApart, can, members.length === 1));
    return teamBlocks(dish, t, members, known.get(key)!);
  });
  for (const b of blocks) if (b.holds.some((h) => h.thing === 'oven')) b.after = [...b.after, ...on.map((x) => x.id)];
  for (const b of off) b.after = blocks.filter((x) => x.holds.some((h) => h.thing === 'oven')).map((x) => x.id);
  return [...on, ...blocks, ...off];
}

function teamBlocks(dish: LessonDish, team: number, members: readonly PlanLearner[], { groups, before }: Grouping): Making[] {
  const id = dishId(dish.id, team);
  const idOf = groups.map((g) => `${id} ${dish.steps[g.steps[0]!]!.key}`);
  const groupOf = new Map(groups.flatMap((g, n) => g.steps.map((i) => [i, n] as const)));
  const blocks = groups.map((g, n): Making => {
    const can = (l: PlanLearner, i: number) => !l.cannot.get(dish.id)?.has(dish.steps[i]!.key);
    const all = members.filter((l) => g.steps.every((i) => can(l, i)));
    const some = members.filter((l) => g.steps.some((i) => can(l, i)));
    // on the heat nobody takes over half way: who can do some of it does, an adult the rest
    const may = (all.length > 0 ? all : g.lane !== null || members.length === 1 ? some : []).map((l) => l.id);
    const kind = g.lane !== null ? 'heat' : KINDS[dish.steps[g.steps[0]!]!.phase];
    const block = make(idOf[n]!, id, kind, dish.steps, g, may, members, dish.id);
    block.after = [...new Set(g.steps.flatMap((i) => [...before[i]!].flatMap((k) => groupOf.get(k) ?? [])))]
      .filter((k) => k !== n)
      .map((k) => idOf[k]!);
    return block;
  });
  return blocks.flatMap((b) => washedInTwo(b, blocks));
}

function halved(hand: Segment['hand']): Segment['hand'] {
  const half: Segment['hand'] = {};
  for (const work of WORKS) if (hand[work] !== undefined) half[work] = hand[work] / 2;
  return half;
}

/** Washing up is done in two goes: what is done with while something cooks, and the rest after eating. */
function washedInTwo(block: Making, all: readonly Making[]): Making[] {
  const washes = block.kind === 'clean' && block.segments.some((s) => s.needs.some((n) => n.thing === 'tap'));
  const cold = all.filter((b) => b.kind === 'work').map((b) => b.id);
  if (!washes || cold.length === 0) return [block];
  const half = block.segments.map((s) => ({
    ...s,
    hand: halved(s.hand),
    timed: s.timed / 2,
  }));
  const first = { ...block, id: `${block.id}${WASH_FIRST}`, segments: half, after: cold, steps: [] };
  return [first, { ...block, segments: half, after: [...block.after, first.id] }];
}

function make(
  id: string,
  dish: string | null,
  kind: BlockKind,
  steps: readonly Step[],
  { steps: members, lane }: Gathered,
  may: readonly string[],
  team: readonly PlanLearner[],
  lesson: string,
): Making {
  const chosen = members.map((i) => steps[i]!);
  const refs: StepRef[] = chosen.map((s) => ({ dish: lesson, key: s.key }));
  const tells = chosen.reduce((best, s) => (allOf(s) > allOf(best) ? s : best));
  const heat = Number(/(\d{2,3})\s*°C/.exec(tells.text)?.[1] ?? NaN);
  const oven: ThingNeed[] = lane === 'oven' ? [{ thing: 'oven', units: 1, ...(ovenHeat(steps) ? { heat: ovenHeat(steps)! } : {}) }] : [];
  const holds: ThingNeed[] = lane === 'ring' ? [{ thing: 'hob', units: 1 }] : oven;
  const segments = joined(
    chosen.flatMap((s) => segmentsOf(s, lane, team, lesson, !Number.isNaN(heat) && kind === 'kitchen' ? heat : null)),
  );
  return {
    id,
    dish,
    kind,
    title: tells.text,
    steps: refs,
    segments,
    holds,
    after: [],
    may,
    ...(lane !== null ? { keeps: HOT_KEEPS } : {}),
  };
}

/** All of a step's minutes in this lesson: a night in the fridge is none of them. */
function allOf(step: Step): number {
  const { hand, timed, waiting } = minutesOf(step);
  return hand + timed + waiting;
}

/** The heat that the oven is turned on to, in degrees Celsius. */
function ovenHeat(steps: readonly Step[]): number | null {
  const on = steps.find(isOvenOn);
  const said = on ? /(\d{2,3})\s*°C/.exec(on.text)?.[1] : undefined;
  return said ? Number(said) : null;
}

const PLACE_ACTS: Partial<Record<Act, string>> = { 'wash-hands': 'sink', 'wash-tools': 'sink', fetch: 'store', store: 'store' };

function stationOf(step: Step, lane: Gathered['lane']): string {
  const { act } = worksAt(step);
  const said = PLACE_ACTS[act];
  if (said) return said;
  if (step.tools.includes('oven') || step.into === 'oven' || act === 'oven-out') return 'oven';
  if (lane === 'ring') return 'hob';
  return step.tools.includes('tap') ? 'sink' : 'table';
}

const scarce = (tools: readonly string[], lane: Gathered['lane']): ThingNeed[] =>
  tools.filter((t) => isScarce(t) && t !== 'oven' && !(t === 'hob' && lane === 'ring')).map((thing) => ({ thing, units: 1 }));

function segmentsOf(step: Step, lane: Gathered['lane'], team: readonly PlanLearner[], lesson: string, heat: number | null): Segment[] {
  const { hand, timed, waiting } = minutesOf(step);
  const { act } = worksAt(step);
  const needs = act === 'fetch' || act === 'store' ? [] : scarce(step.tools, lane);
  const adultFor = team.filter((l) => l.cannot.get(lesson)?.has(step.key)).map((l) => l.id);
  const own = team.flatMap((l) => {
    const tools = l.tools.get(lesson)?.get(step.key);
    return tools && act !== 'fetch' ? [{ learner: l.id, needs: scarce(tools, lane) }] : [];
  });
  // to carry a knife from the drawer takes an adult in sight, not one at the elbow
  const attention = act === 'fetch' && step.supervision === 'within-reach' ? 'nearby' : step.supervision;
  const station = stationOf(step, lane);
  const held: Segment = { hand: hand > 0 ? { [workOf(step)]: hand } : {}, timed, held: true, attention, needs, station, adultFor, own };
  const watched = lane === 'ring' ? 'nearby' : 'none';
  const stays: ThingNeed[] = heat !== null ? [{ thing: 'oven', units: 0, heat }] : lane === 'other' ? needs : [];
  const wait: Segment = { hand: {}, timed: waiting, held: false, attention: watched, needs: stays, station, adultFor: [], own: [] };
  return [...(hand + timed > 0 ? [held] : []), ...(waiting > 0 ? [wait] : [])];
}

const alike = (a: Segment, b: Segment) =>
  a.held &&
  b.held &&
  a.attention === b.attention &&
  a.station === b.station &&
  JSON.stringify([a.needs, a.adultFor, a.own]) === JSON.stringify([b.needs, b.adultFor, b.own]);

/** Pieces that ask the same become one. */
function joined(segments: readonly Segment[]): Segment[] {
  const out: Segment[] = [];
  for (const s of segments) {
    const last = out.at(-1);
    if (!last || !alike(last, s)) out.push(s);
    else {
      const hand = { ...last.hand };
      for (const [work, minutes] of Object.entries(s.hand) as [keyof typeof hand, number][]) hand[work] = (hand[work] ?? 0) + minutes;
      out[out.length - 1] = { ...last, hand, timed: last.timed + s.timed };
    }
  }
  return out;
}
