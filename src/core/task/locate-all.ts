// What "everything" and "the rest" take along: all that lies where it is done, but for what is wanted later.
import { actOfKind, kindHas } from '../technique/works';
import { isHot, type Lot, lotsOf } from '../kitchen/index';
import { PART } from '../recipe/part-nouns';
import { findTechnique, kindOf } from '../technique/lexicon';
import type { Clause } from './clauses';
import { putLater, saidAfter } from './later';
import { listed } from '../recipe/listed';
import { nameOf } from './ready';
import { type Mention, mentionsIn, wholeOf } from './mentions';
import { inside } from './push';
import type { Located, State } from './state';
import { inUse } from './vessels';

export const ALL_IN =
  /^(?:everything|both|all|(?:it|them)(?:\s+(?:all|both))|all\s+(?:of\s+)?(?:it|them))\s+in(?:\s+(?:too|as well|well|together))?$/i;

/** "Mix everything in", of what was cut, torn and crumbled since and lies nowhere yet. */
export function looseIn(state: State): string | null {
  const isWorked = (lot: Lot) => !lot.joined && [...lot.forms].some((form) => form !== 'rinse' && actOfKind(form) === 'ready');
  const loose = state.recipe.ingredients.filter((_one, i) => !state.placed.has(i) && lotsOf(state.world, i).some(isWorked));
  return loose.length > 0 ? `in ${listed(loose.map((one) => `the ${nameOf(one)}`))}` : null;
}

const OWN_PART = new RegExp(`^(?:(?:out|off|away)\\s+)?(?:the|any|all the|its|their)\\s+${PART}\\b`, 'i');

/** "Halve the cucumber, scoop out the seeds": its own, and not the sesame seeds of the list. */
export const isOwnPart = (state: State, clause: Clause, rest: string, mentions: readonly Mention[]) =>
  mentions.length === 1 &&
  state.objectUses.length > 0 &&
  !state.objectUses.includes(mentions[0]!.ingredient) &&
  // "cut the tops off the peppers" says of what
  !/\b(?:off|of|from)\s+(?:the\s+|each\s+|your\s+)?(?:\p{L}+\s+)?$/iu.test(rest.slice(0, mentions[0]!.at)) &&
  ((/^(?:scoop|remove|discard|scrape|take|pick|pull|cut|throw)$/.test(clause.verb ?? '') && OWN_PART.test(rest)) ||
    // "squeeze out the water": its own, and not that of the list
    (/^(?:squeeze|press|wring)$/.test(clause.verb ?? '') &&
      /^(?:out|off|away)\s+(?:(?:the|any|all the|its|their|as much)\s+)?(?:\p{L}+\s+)?(?:water|liquid|moisture)\b/iu.test(rest)));

/** "Pour in the wet ingredients ... Fold in the melted butter": what is named by itself later is not among them. */
export function leaveForLater(state: State, clause: Clause, line: number, mentions: Mention[], rest: string): void {
  const isOf = (m: Mention) => /^(?:wet|dry) ingredients?$/i.test(rest.slice(m.at, m.end));
  if (!mentions.some(isOf)) return;
  const begun = mentions.some((m) => isOf(m) && state.used.has(m.ingredient));
  const later = saidAfter(state, line, clause.rest);
  // "whisk the wet ingredients ... add the courgette and ham": what is put in by itself later
  const puts = begun ? later : (later.match(/(?:^|[.;\n]\s*)(?:add|fold|stir|mix|beat|tip)\b[^.;\n]*/gi) ?? []).join('\n');
  const named = new Set(mentionsIn(puts.replace(/\b(?:wet|dry) ingredients?\b/gi, ''), state.names, new Set()).map((m) => m.ingredient));
  for (let k = mentions.length - 1; k >= 0; k--) {
    const m = mentions[k]!;
    if (isOf(m) && !state.used.has(m.ingredient) && named.has(m.ingredient)) mentions.splice(k, 1);
  }
}

/** "Add everything else except the beans": what is not in yet. */
const ALL_BUT = /^(?:everything|it all)(?: else)?(?=\s+(?:except|apart from|other than|but not|but)\b)/i;

/** They move all that lies in one thing to another. */
const EMPTIES = /^(?:tip|pour|spoon|transfer|scrape|empty|ladle|turn)$/;

/** "Put everything in a blender" with nothing in use yet: all of the list. "All of the ingredients except the corn": without the corn. */
export function takeAllOfThem(state: State, clause: Clause, line: number, rest: string, mentions: Mention[]): void {
  // "pour it all back in the pot": what was taken out
  if (/^it all back\b/i.test(rest)) return;
  if (!/^(?:everything|it all)\b|\b(?:except|apart|other than|but not|minus)\b/i.test(rest)) return;
  const kind = kindOf(findTechnique([clause.verb ?? ''], new Set())?.id);
  const all =
    (kindHas(kind, 'tips') || actOfKind(kind) === 'join') && /^(?:everything|it all)\b(?! else)/i.test(rest) && state.used.size === 0;
  const byItself = all ? putLater(state, line, clause.rest) : new Set<number>();
  if (all)
    state.recipe.ingredients.forEach((one, ingredient) => {
      if (
        !one.optional &&
        !byItself.has(ingredient) &&
        !/topping|serve|garnish|finish/i.test(`${one.group ?? ''} ${one.notes.join(' ')}`) &&
        !mentions.some((m) => m.ingredient === ingredient)
      )
        mentions.push({ ...wholeOf(ingredient), end: rest.indexOf(' ') < 0 ? rest.length : /^\S+(?: all)?/.exec(rest)![0].length });
    });
  // "put everything in a large bowl": all that is not in there yet
  const said =
    kindHas(kind, 'tips') && state.used.size > 0
      ? (/^(?:everything|it all)(?=\s+(?:in|into)\s)/i.exec(rest)?.[0] ?? ALL_BUT.exec(rest)?.[0])
      : undefined;
  // "tip everything into a dish": what cooked together, and no cheese that goes on top
  const cooked = EMPTIES.test(clause.verb ?? '')
    ? [state.container, ...inUse(state)].find(
        (v) => v !== null && (inside(state, v).some((i) => state.cooked.has(i)) || (inside(state, v).length > 1 && isHot(state.world, v))),
      )
    : undefined;
  // and what was cooked and cut since, where no later line has it
  const later = said && (cooked || ALL_BUT.test(rest)) ? putLater(state, line, clause.rest) : new Set<number>();
  const cutUp =
    said && cooked
      ? inside(state, 'board').filter((i) => state.cooked.has(i) && !later.has(i) && !mentions.some((m) => m.ingredient === i))
      : [];
  if (said && cooked)
    mentions.unshift(...[...inside(state, cooked), ...cutUp].map((ingredient): Mention => ({ ...wholeOf(ingredient), end: said.length })));
  else if (said)
    mentions.unshift(
      ...state.recipe.ingredients.flatMap((one, ingredient): Mention[] => {
        // what cooks on the ring stays there
        const isIn = state.cooked.has(ingredient) && state.placed.get(ingredient) === state.container && state.hob === state.container;
        const isLater = one.optional || /topping|serve|garnish|dressing/i.test(`${one.group ?? ''} ${one.notes.join(' ')}`);
        const isThere = ALL_BUT.test(rest) && (state.placed.get(ingredient) === state.container || later.has(ingredient));
        return isIn || isThere || isLater || mentions.some((m) => m.ingredient === ingredient)
          ? []
          : [{ ...wholeOf(ingredient), end: said.length }];
      }),
    );
  const but = /\b(?:except(?: for)?|apart from|other than|but not|minus)\b/i.exec(rest);
  if (!but) return;
  const left = mentionsIn(rest.slice(but.index), state.names, state.used).map((m) => m.ingredient);
  for (let k = mentions.length - 1; k >= 0; k--) if (left.includes(mentions[k]!.ingredient)) mentions.splice(k, 1);
}

/** "Spoon the beans over the potato": the potato is where they go, not what is spooned. */
export function isTarget(c: Located, mention: Mention): boolean {
  return (
    /\b(?:over|onto|to|into|in|on|on top of|around|between|inside|among)\s+(?:(?:the|a|an|each|your|both)\s+)?(?:\p{L}+\s+)?$/iu.test(
      c.rest.slice(0, mention.at),
    ) && !/^(?:in|on)\s+(?:the\s+)?(?:\p{L}+\s+)?$/iu.test(c.rest.slice(0, mention.at))
  );
}
