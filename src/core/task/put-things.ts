// The cards of putting: one for each thing that goes in, in the order in which they are named.
import type { Mention } from './mentions';
import { worksById } from '../technique/lexicon';
import { toolById } from '../technique/tools';
import { useOf } from '../plan/draft';
import type { Lot } from '../kitchen/index';
import { capital } from '../recipe/method-lines';
import { isMinor, withWorkedIn } from './put-meaning';
import { toPlace } from './place-words';
import { goalWords, madeWords, pourWater, saidOf, there, unlistedIn, waterIn } from './put-cards';
import { filledThing } from './object-into';
import { inside } from './push';
import { say, useOfMention } from './say';
import type { Located, State } from './state';
import { isMeasure, isMeasuredLast, makeReady } from './supply';
import { madeSaid, MIXTURE, PIECE, placeOf } from './nouns';
import { goalOf, type Frame, type Things } from './things';
import { isPan } from './vessels';
import { sentence, theOf, wording } from './wording';

/** "a burger", of what was shaped. */
const pieceWords = ({ theme }: Frame): string | null => (theme && PIECE.test(theme.text) ? theme.text : null);

/** "Pour in the reserved marinade": by the recipe's own word. */
const nounWords = ({ theme }: Frame): string | null =>
  theme &&
  theme.mentions.length === 0 &&
  theme.pronoun === null &&
  /^the (?:reserved |remaining )?\p{L}+$/iu.test(theme.text) &&
  MIXTURE.test(theme.text)
    ? theme.text
    : null;

/** "Pour the stock into a pan with the ginger": ginger is put there. */
const isSolidPoured = (state: State, c: Located, m: Mention): boolean =>
  c.verb === 'pour' && ['whole', undefined].includes(state.world.ingredients[m.ingredient]!.food?.form) && c.mentions.length > 1;

/** Whether a later line brings something back. */
const comesBack = (state: State, c: Located): boolean =>
  state.recipe.instructions.slice(c.line).some((line) => /\b(?:back|returns?)\b/i.test(line));

/** "The rest of the crumbs", of which some lie in the glasses already: where the rest is. */
function restAt(state: State, c: Located, { there }: Things, to: string): string | null {
  if (there.length === 0 || !/\b(?:the rest|remaining|the other half|what is left)\b/i.test(c.rest)) return null;
  const isOf = (lot: Lot) => lot.joined && lot.at !== null && lot.at !== to && [...lot.parts.keys()].every((i) => there.includes(i));
  const lies = state.world.lots.filter(isOf).map((lot) => lot.at!);
  return there.every((i) => state.placed.get(i) === to) && new Set(lies).size === 1 ? lies[0]! : null;
}

/** "Put the pasta in.": in what. */
const withPlace = (state: State, text: string, to: string): string =>
  text.replace(
    /^((put|add|tip|drop|pour|place)\b[^,]*?\S) in\.$/i,
    (_all, before: string, verb: string) => `${before} ${toPlace(state, verb.toLowerCase(), to)}.`,
  );

type Putting = { theme: Things; to: string; frame: Frame; withFrame: boolean; whole: boolean };

/** Puts each thing where it goes, on a card of its own; the vessel in hand is then that one. */
export function putThings(state: State, c: Located, { theme, to, frame, withFrame, whole }: Putting): void {
  const fresh = theme.fresh;
  // what is there already is not put there again
  const rest = restAt(state, c, theme, to);
  const away = rest === null ? theme.there.filter((i) => state.placed.get(i) !== to) : theme.there;
  const water = waterIn(c, fresh.length + away.length > 0 ? state : null);
  // hands with raw chicken on them fill no spoon
  const byHand = worksById(c.technique?.id).traits.has('hand');
  const inTurn = isMeasure(to) || byHand ? [] : fresh.filter((m) => isMeasuredLast(state, m));
  for (const m of fresh) if (!inTurn.includes(m)) makeReady(state, m, c, false);
  const before = state.container;
  state.container = to;
  const single = fresh.length + (away.length > 0 ? 1 : 0) + (water ? 1 : 0) === 1 && !(unlistedIn(state, c, frame).length > 0);
  const where = goalWords(state, c, frame, to);
  const onto =
    frame.theme && frame.theme.pronoun === null && frame.theme.vessel === null
      ? frame.theme.text
      : (filledThing(state, c, to) ?? there(state, to));
  const verb = `${capital(c.verb!)}${withFrame ? ` ${onto} with` : ''}`;
  // "return the egg to the wok with the soy sauce": that was not there before
  const isReturn = c.verb === 'return' && away.length > 0;
  const cards: (() => void)[] = [];
  // "tip back into the pan": what was drained lies in the colander
  const drained =
    to === state.world.drained && fresh.length === 0 && away.length === 0 ? state.world.lots.filter((lot) => lot.at === 'colander') : [];
  if (drained.length > 0)
    cards.push(() =>
      saidOf(state, c, to, {
        text: wording(state, c),
        uses: [],
        mentions: [],
        about: drained.flatMap((lot) => [...lot.parts.keys()]),
        from: 'colander',
      }),
    );
  // "pasta first, then sweetcorn": in the order in which they are named
  const placeSaid = (i: number) => c.mentions.find((m) => m.ingredient === i && m.end > m.at)?.at ?? Infinity;
  const firstOf = (all: readonly number[]) => Math.min(...all.map(placeSaid));
  const goesFirst = away.length > 0 && fresh.length > 0 && firstOf(away) < firstOf(fresh.map((m) => m.ingredient));
  for (const [k, m] of fresh.entries())
    cards.push(() => {
      // "in a bowl", and for what comes after it "in the bowl"
      const place =
        k === 0 ? where : where.replace(/^((?:\p{L}+\s)?(?:in|on|to|into|onto)) an? (?!(?:separate|second|different)\b)/u, '$1 the ');
      if (inTurn.includes(m)) makeReady(state, m, c, false);
      saidOf(state, c, to, {
        text:
          single && (m.end > m.at || c.verb === 'butter' || c.verb === 'oil')
            ? withPlace(state, wording(state, c), to)
            : sentence(`${isReturn ? 'Add' : isSolidPoured(state, c, m) ? 'Put' : verb} ${theOf(state, m)}${withFrame ? '' : ` ${place}`}`),
        uses: [useOfMention(state, c, m)],
        mentions: [m],
      });
    });
  if (away.length > 0) {
    const from = rest ?? placeOf(state, away);
    const moved = withWorkedIn(state, away);
    // "spoon the mince into the dish": all that was cooked with it goes too
    const spooned =
      isPan(from) && /^(?:spoon|ladle|pour|tip|scrape)$/.test(c.verb ?? '') && away.some((i) => state.cooked.has(i) && !isMinor(state, i));
    // "take the chicken out and put it on a plate": the chicken, and the soup stays
    const isLifted = frame.theme?.pronoun != null && worksById(state.steps.at(-1)?.technique ?? null).act === 'lift';
    const all = from !== null && ((whole && !isLifted) || spooned || inside(state, from).every((i) => away.includes(i)));
    const emptied = from !== null && inside(state, from).every((i) => moved.includes(i));
    cards.push(() =>
      saidOf(state, c, to, {
        text: single
          ? wording(state, c)
          : sentence(
              `${verb} ${madeWords(state, c) ?? pieceWords(frame) ?? nounWords(frame) ?? madeSaid(state, withFrame ? frame.with : frame.theme) ?? '⟦spoken|⟧'}${withFrame ? '' : ` ${where}`}`,
            ),
        uses: all && from ? [] : away.map((i) => ({ ...useOf(state.recipe.ingredients, i), quantity: null, unit: null })),
        mentions: [],
        about: away,
        from: all || emptied ? from : null,
      }),
    );
  }
  if (goesFirst) cards.unshift(cards.pop()!);
  const leavesPan = fresh.length === 0 && placeOf(state, away) === state.hob;
  for (const card of cards) card();
  // what waits on a plate until it comes back; the pan stays in hand
  if (leavesPan && isPan(state.hob) && toolById(to)?.kind === 'surface' && comesBack(state, c)) state.container = state.hob;
  for (const name of unlistedIn(state, c, frame))
    saidOf(state, c, to, {
      text: sentence(`${withFrame ? verb : capital(c.verb!)} ${name}${withFrame ? '' : ` ${where}`}`),
      uses: [],
      mentions: [],
      technique: 'add',
      thing: name,
    });
  if (water) pourWater(state, c, to, water);
  if (cards.length === 0 && !water && unlistedIn(state, c, frame).length === 0) {
    // nothing goes anywhere new: what the recipe says is still done
    state.container = before ?? to;
    // "position a rack in the oven": in no bowl
    say(state, c, { text: wording(state, c), into: before === null && goalOf(state, c, frame.goal).vessel === null ? null : to, uses: [] });
    state.container = before === null ? before : to;
  }
}
