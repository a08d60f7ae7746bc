// Finds out what one clause of a method is about: its technique, its ingredients, its tools, and its object where it is left unsaid.
import { actOfKind } from '../technique/works';
import { toFraction } from '../amount/quantity';
import { findFood } from '../recipe/food';
import { findTechnique, kindOf, techniqueById, TECHNIQUES } from '../technique/lexicon';
import { findTools, hasMark } from '../technique/tools';
import type { Clause } from './clauses';
import { objectPhrase } from '../plan/object-phrase';
import { nameOf } from './ready';
import { type Mention, mentionsIn, wholeOf } from './mentions';
import { mentionsHere } from './mentions-here';
import { focusOn, isContainer, type Located, type State } from './state';
import { techniqueHere } from './technique-here';
import { ofNoun } from './nouns';
import { ALL_IN, isOwnPart, leaveForLater, looseIn, takeAllOfThem } from './locate-all';
import { sensesBy, toolsHere, WORDS, type Words } from './locate-tools';

/** For "peel, core and dice the apples": the first later clause of the line that names the object. */
export function sharedObject(clauses: { clause: Clause; line: number }[], i: number): Clause | null {
  if (!clauses[i]!.clause.shared) return null;
  for (let k = i + 1; k < clauses.length && clauses[k]!.line === clauses[i]!.line && !clauses[k]!.clause.first; k++)
    if (!clauses[k]!.clause.shared) return clauses[k]!.clause;
  return null;
}

// Verbs of work that an ingredient line may ask for too; other clauses cannot repeat it.
const PREPARING = new Set(
  TECHNIQUES.filter(
    (t) => t.makes !== undefined || ['trim', 'wait', 'thaw', 'chill', 'pat-dry', 'prick', 'soak', 'open'].includes(t.id),
  ).flatMap((t) => t.verbs.map((v) => v.split(' ')[0]!)),
);

export function noteExplicit(state: State, clauses: { clause: Clause; line: number }[]): void {
  clauses.forEach(({ clause, line }, i) => {
    if (!PREPARING.has(clause.verb ?? '')) return;
    // where no ingredient is named, nothing is done to one
    const shared = sharedObject(clauses, i);
    if (
      !(clause.verb === 'open' && /\b(?:cans?|tins?)\b/i.test(clause.rest)) &&
      mentionsIn(clause.rest, state.names, state.used).length === 0 &&
      (!shared || mentionsIn(shared.rest, state.names, state.used).length === 0)
    )
      return;
    const located = locate(state, clause, line, shared);
    if (!located.technique) return;
    for (const mention of located.mentions) {
      state.explicit.add(`${mention.ingredient}:${kindOf(located.technique.id)}`);
      if (located.technique.id === 'peel' || located.technique.id === 'peel-by-hand')
        state.explicit.add(`${mention.ingredient}:peel`).add(`${mention.ingredient}:peel-by-hand`);
      if (located.technique.id === 'drain-hot') state.explicit.add(`${mention.ingredient}:drain`);
    }
  });
}

/** "Stir in the spinach and let it wilt": what went in last does it, and not the stew. */
const NEWEST_DOES = /^(it|them)\s+(?:to\s+)?(wilt|melt|dissolve|soften)\b/i;

/** "When the potatoes are done". */
const IS_DONE = /^(?:when|once|as soon as|after)\s+(?:the|your|all the)\b/i;

export const PARTICIPLE =
  /(?<!\b(?:with|the|of|and|some|a))(?:^|,\s*|\s+)(?:while\s+|without\s+)?((?:stirring|turning|mashing|(?<![a-z]\s)seasoning(?! sachet| mix)|taking care|skimming|shaking|tossing|whisking|scraping|basting|squashing|crushing|pressing|breaking|moving(?! to\b)|swirling|smoothing|tilting|being careful|making sure|keeping|adding|beating)\b.*)$/i;

/** For "peel, core and dice the apples" the object is in a later clause. */
function withSharedObject(clause: Clause, sharedFrom: Clause | null): string {
  if (!clause.shared || sharedFrom === null) return clause.rest;
  // "drain and put in a dish" drains no dish
  const isPlace =
    /^(?:in|into|on|onto)\s/i.test(sharedFrom.rest) &&
    findTools(sharedFrom.rest).some((t) => (isContainer(t.tool.id) || t.tool.id === 'colander') && t.at < 24);
  const object = isPlace ? null : objectPhrase(sharedFrom.rest);
  if (!object) return clause.rest;
  const joining = clause.verb && techniqueById(findTechnique([clause.verb], new Set())?.id ?? '');
  // "stir and serve", "cover and simmer": these act on what is at hand
  const isOfHand =
    !joining ||
    ['cover', 'uncover', 'mix', 'serve', 'wait', 'drain', 'cook', 'simmer', 'season', 'taste'].includes(joining.id) ||
    // "reheat, stir in half the cream"
    actOfKind(kindOf(joining.id)) === 'heat';
  return !isOfHand || (clause.verb === 'drain' && !/\bfor\b/.test(sharedFrom.rest)) ? object : clause.rest;
}

/** "Take the tops off the others": what is left of what was spoken of. */
const OTHERS = /\bthe (?:others|other ones|remaining ones)(?=\s*$|\s+(?:in|into|on|with|and|up|off|for)\b)/i;

const BARE_REST = /\bthe (?:rest|remainder)(?=\s*$|\s+(?:in|into|on|over|to|on top)\b|\s*,)/i;
/** The one thing of the step before of which there is more. */
function partlyTaken(state: State): number | null {
  const isLeft = (i: number) => {
    const taken = state.taken.get(i);
    const all = toFraction(state.recipe.ingredients[i]!.min ?? '');
    return taken !== undefined && all !== null && taken.compare(all) < 0;
  };
  const left = [...new Set((state.steps.at(-1)?.uses ?? []).flatMap((use) => use.ingredient ?? []))].filter(isLeft);
  return left.length === 1 ? left[0]! : null;
}

/** What follows the verb, with what was spoken of before in place of "it" where it is one thing of several. */
function restHere(state: State, clause: Clause, line: number, sharedFrom: Clause | null): string {
  let rest = withSharedObject(clause, sharedFrom);
  // "stir in half of it": of what was spoken of last
  const only = state.objectUses.length === 1 ? state.recipe.ingredients[state.objectUses[0]!] : undefined;
  if (only)
    rest = rest
      .replace(/\b(half|rest|third|quarter)\s+of\s+(?:it|them)\b/i, `$1 of the ${nameOf(only)}`)
      // "open the tin of beans. Pour half into the bowl": of the beans; where the list has half a tin, that is all of it
      .replace(/^half(?=\s+(?:in|into|onto?|to)\b)/i, `${only.min === '1/2' && only.unit !== null ? '' : 'half of '}the ${nameOf(only)}`)
      .replace(OTHERS, `the rest of the ${nameOf(only)}`);
  // "stir in half of the cheese. Add the rest": of the cheese
  const parted = BARE_REST.test(rest) ? partlyTaken(state) : null;
  if (parted !== null) rest = rest.replace(BARE_REST, `the rest of the ${nameOf(state.recipe.ingredients[parted]!)}`);
  rest = rest.replace(ALL_IN, (all) => looseIn(state) ?? all);
  return rest.replace(NEWEST_DOES, (all, _it: string, does: string) => {
    const last = state.steps.at(-1);
    const newest = last?.uses?.length === 1 ? last.uses[0]!.ingredient : null;
    // on a lit ring the technique itself is of what went in last
    return newest !== null && last?.sourceLine === line && state.hob === null
      ? `the ${nameOf(state.recipe.ingredients[newest]!)} ${does}`
      : all;
  });
}

/** What the words name: "butter side up" lays no butter, a floured board is no flour, "butter the toast" puts butter on. */
function namedBy(state: State, clause: Clause, rest: string): Mention[] {
  const mentions = mentionsHere(state, rest, isStirred(clause, rest)).filter(
    (m) => !/^\s+sides?\s+(?:up|down)\b/i.test(rest.slice(m.end)) && !/^floured\b/i.test(rest.slice(m.at)),
  );
  if (clause.verb !== 'butter' && clause.verb !== 'oil') return mentions;
  const key = clause.verb === 'oil' ? 'category' : 'id';
  const fat = state.recipe.ingredients.findIndex((one) => findFood(one.item)?.[key] === clause.verb);
  if (fat >= 0 && !mentions.some((m) => m.ingredient === fat)) mentions.push({ ...wholeOf(fat), at: rest.length, end: rest.length });
  return mentions;
}

const moved = (mentions: readonly Mention[], by: number): Mention[] => mentions.map((m) => ({ ...m, at: m.at + by, end: m.end + by }));

/** "When the potatoes have cooled, cut into chunks", "when the potatoes are done, stir them through the sauce": it is the potatoes. */
function withItsCondition(state: State, clause: Clause, { rest, mentions }: Words): Words {
  const spoken = /^(?:it|them)\b\s*/i.exec(rest)?.[0] ?? '';
  const when =
    clause.condition && ((mentions.length === 0 && /^into\b/i.test(rest)) || (spoken && IS_DONE.test(clause.condition)))
      ? mentionsIn(clause.condition, state.names, state.used)[0]
      : undefined;
  if (when) {
    const name = `the ${nameOf(state.recipe.ingredients[when.ingredient]!)}`;
    return {
      rest: `${name} ${rest.slice(spoken.length)}`,
      mentions: [{ ...when, at: 4, end: name.length }, ...moved(mentions, name.length + 1 - spoken.length)],
    };
  }
  // "when the cake comes out, leave it in the tin": the cake, though the drizzle was made since
  if (clause.condition && mentions.length === 0 && (spoken || rest === '' || /^(?:in|on|for)\b/i.test(rest)))
    speakOf(state, clause.condition);
  return { rest, mentions };
}

/** "Spoon over the beans", which lie in another vessel: it is the beans that are spooned. "Drizzle over the soy sauce and the oil": both are drizzled. */
function spoonedOver(state: State, clause: Clause, { rest, mentions }: Words): Words {
  if (!OVER_IT.test(clause.verb ?? '') || !/^over\s+/i.test(rest) || /\s(?:in|on|into|onto|with)\s/.test(rest)) return { rest, mentions };
  const goesOver = () =>
    mentions.length === 1
      ? liesElsewhere(state, clause, mentions[0]!.ingredient)
      : mentions.length > 1 && mentions.every((m) => !state.placed.has(m.ingredient));
  return goesOver() ? { rest: `${rest.replace(/^over\s+/i, '')} over`, mentions: moved(mentions, -'over '.length) } : { rest, mentions };
}

/** It lies in another vessel than what is in hand, open to be poured over, or is spooned out of a hot pan. */
function liesElsewhere(state: State, clause: Clause, ingredient: number): boolean {
  const lies = state.placed.get(ingredient);
  if (lies === undefined) return false;
  const isElsewhere = lies !== state.container && state.container !== null && LIES_OPEN.some((mark) => hasMark(state.container!, mark));
  return isElsewhere || isSpoonedOut(state, clause, ingredient, lies);
}

/** What the clause is done to, with all that its words leave unsaid: everything, the rest, the can that there is. */
function objectsHere(state: State, clause: Clause, line: number, first: Words): Words {
  const { rest, mentions } = spoonedOver(state, clause, withItsCondition(state, clause, first));
  // "cook, squashing some of the beans": they are in already
  const doing = mentions.length > 0 ? PARTICIPLE.exec(rest) : null;
  if (doing && !/^adding\b/i.test(doing[1]!))
    for (let k = mentions.length - 1; k >= 0; k--)
      if (mentions[k]!.at > doing.index && state.placed.has(mentions[k]!.ingredient)) mentions.splice(k, 1);
  if (isStirred(clause, rest)) onlyThoseThere(state, mentions);
  if (isOwnPart(state, clause, rest, mentions)) mentions.length = 0;
  takeAllOfThem(state, clause, line, rest, mentions);
  leaveForLater(state, clause, line, mentions, rest);
  // "Open the can" says which one by there being no other
  const cans = clause.verb === 'open' && mentions.length === 0 ? /\b(?:can|tin)(s?)\b/i.exec(rest) : null;
  if (cans) mentions.push(...cansOf(state).slice(0, cans[1] ? undefined : 1));
  // "everything else": what is not in yet
  if (ELSE.test(rest))
    state.recipe.ingredients.forEach((_, ingredient) => {
      if (!state.placed.has(ingredient) && !mentions.some((m) => m.ingredient === ingredient))
        mentions.push({ ...wholeOf(ingredient), ...span(ELSE, rest) });
    });
  return { rest, mentions };
}

export function locate(state: State, clause: Clause, line: number, sharedFrom: Clause | null): Located {
  const first = restHere(state, clause, line, sharedFrom);
  const { rest, mentions } = objectsHere(state, clause, line, { rest: first, mentions: namedBy(state, clause, first) });
  const tools = toolsHere(state, `${rest} ${clause.lead ?? ''}`, mentions);
  const words = rest.toLowerCase().match(WORDS) ?? [];
  const about = sensesBy(state, clause, { rest, mentions }, tools, words);
  const found = clause.verb ? findTechnique([clause.verb, ...words], about) : null;
  const technique = techniqueHere(found, { state, clause, rest, mentions, tools, about });
  // written out: copying by spread costs more than all that is found here
  return {
    verb: clause.verb,
    rest,
    condition: clause.condition,
    lead: clause.lead,
    until: clause.until,
    adverb: clause.adverb,
    shared: clause.shared,
    meanwhile: clause.meanwhile,
    left: clause.left,
    first: clause.first,
    aside: clause.aside,
    help: clause.help,
    line,
    mentions,
    tools,
    technique,
    words: words.join(' '),
  };
}

/** "Pour over the beans", hot in the pan in hand, with toast on a plate: out of the pan. */
const isSpoonedOut = (state: State, clause: Clause, ingredient: number, lies: string) =>
  lies === state.container &&
  hasMark(lies, 'lid') &&
  state.cooked.has(ingredient) &&
  /^(?:pour|spoon|ladle|tip)$/.test(clause.verb ?? '') &&
  state.world.lots.some((lot) => lot.at === 'plate');

/** Marks of what things lie on or in to be eaten or baked: what is spooned goes over it. */
const LIES_OPEN = ['flat', 'bakes', 'each'] as const;

const WHEN_MADE =
  /^(?:when|once|as soon as|after)\s+((?:the|your)\s+(?:\p{L}+\s+)?\p{L}+?)\s+(?:comes?|is|are|has|have|looks?|smells?|turns?)\b/iu;

/** What a condition names is what its action speaks of, where it was made and lies somewhere. */
function speakOf(state: State, condition: string): void {
  const named = WHEN_MADE.exec(condition)?.[1];
  const meant = named && mentionsIn(named, state.names, state.used).length === 0 ? ofNoun(state, named) : [];
  // the zest of the lemon is in the cake, its juice in a bowl
  const at =
    [...state.world.lots].reverse().find((lot) => meant.length > 0 && meant.every((i) => lot.parts.has(i)))?.at ??
    state.placed.get(meant[0] ?? -1);
  if (!at || meant.every((i) => state.objectUses.includes(i))) return;
  focusOn(state, meant, null);
  state.container = at;
}

const STIRS = /^(?:stir|toss|turn|shake|flip|roast|bake|simmer|baste)$/;

const isStirred = (clause: Clause, rest: string) => STIRS.test(clause.verb ?? '') && !/\b(?:in|into|together|with)\b/i.test(rest);

/** "Stir the veg", with beans on the list that come later: what is there already. */
function onlyThoseThere(state: State, mentions: Mention[]): void {
  const isThere = (m: Mention) => state.placed.has(m.ingredient);
  const inGroup = (m: Mention) => mentions.some((o) => o !== m && o.at === m.at && o.end === m.end && isThere(o));
  for (let k = mentions.length - 1; k >= 0; k--) if (!isThere(mentions[k]!) && inGroup(mentions[k]!)) mentions.splice(k, 1);
}

const OVER_IT = /^(?:pour|spoon|ladle|tip|scatter|drizzle)$/;

const ELSE = /\b(?:everything else|(?:(?:the )?rest of the|(?:the )?remaining|(?:the )?other) ingredients)\b/i;
const span = (words: RegExp, text: string) => {
  const m = words.exec(text);
  return m ? { at: m.index, end: m.index + m[0].length } : {};
};

const cansOf = (state: State): Mention[] =>
  state.recipe.ingredients.flatMap((one, i) => (one.unit === 'can' && !state.used.has(i) && !state.placed.has(i) ? [wholeOf(i)] : []));
