// Finds out what one clause of a method is about: its technique, its ingredients, its tools, and its object where it is left unsaid.
import { findFood } from '../recipe/food';
import { findTechnique, kindOf, TECHNIQUES } from '../technique/lexicon';
import { hasMark } from '../technique/tools';
import type { Clause } from './clauses';
import { nameOf } from './ready';
import { restHere } from './rest-here';
import { type Mention, mentionsIn, wholeOf } from './mentions';
import { mentionsHere } from './mentions-here';
import { focusOn, type Located, type State } from './state';
import { techniqueHere } from './technique-here';
import { ofNoun } from './nouns';
import { isOwnPart, leaveForLater, takeAllOfThem } from './locate-all';
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

/** "When the potatoes are done". */
const IS_DONE = /^(?:when|once|as soon as|after)\s+(?:the|your|all the)\b/i;

export const PARTICIPLE =
  /(?<!\b(?:with|the|of|and|some|a))(?:^|,\s*|\s+)(?:while\s+|without\s+)?((?:stirring|turning|mashing|(?<![a-z]\s)seasoning(?! sachet| mix)|taking care|skimming|shaking|tossing|whisking|scraping|basting|squashing|crushing|pressing|breaking|moving(?! to\b)|swirling|smoothing|tilting|being careful|making sure|keeping|adding|beating)\b.*)$/i;

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
