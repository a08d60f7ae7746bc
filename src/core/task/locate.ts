// Finds out what one clause of a method is about: its technique, its ingredients, its tools, and its object where it is left unsaid.
import { actOfKind } from '../technique/works';
import { isHot, isLotHot, lotsOf } from '../kitchen/index';
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
  /(?<!\b(?:with|the|of|and|some|a))(?:^|,\s*|\s+)(?:while\s+|without\s+)?((?:stirring|turning|mashing|seasoning(?! sachet| mix)|skimming|shaking|tossing|whisking|scraping|basting|squashing|crushing|pressing|breaking|moving(?! to\b)|swirling|smoothing|tilting|being careful|making sure|keeping|adding|beating)\b.*)$/i;

// Techniques are named in Latin letters; a class of all the world's letters costs three times as much.
const WORDS = /[a-z\u00df-\u00ff-]+/g;

export function locate(state: State, clause: Clause, line: number, sharedFrom: Clause | null): Located {
  let rest = clause.rest;
  if (clause.shared) {
    // "drain and put in a dish" drains no dish
    const isPlace =
      sharedFrom !== null &&
      /^(?:in|into|on|onto)\s/i.test(sharedFrom.rest) &&
      findTools(sharedFrom.rest).some((t) => (isContainer(t.tool.id) || t.tool.id === 'colander') && t.at < 24);
    const object = isPlace ? null : sharedFrom && objectPhrase(sharedFrom.rest);
    const joining = clause.verb && techniqueById(findTechnique([clause.verb], new Set())?.id ?? '');
    // "stir and serve", "cover and simmer": these act on what is at hand
    if (
      object &&
      joining &&
      !['cover', 'uncover', 'mix', 'serve', 'wait', 'drain', 'cook', 'simmer', 'season', 'taste'].includes(joining.id) &&
      // "reheat, stir in half the cream"
      actOfKind(kindOf(joining.id)) !== 'heat'
    )
      rest = object;
    else if (object && clause.verb === 'drain' && !/\bfor\b/.test(sharedFrom?.rest ?? '')) rest = object;
  }
  // "stir in half of it": of what was spoken of last
  const only = state.objectUses.length === 1 ? state.recipe.ingredients[state.objectUses[0]!] : undefined;
  if (only) rest = rest.replace(/\b(half|rest|third|quarter)\s+of\s+(?:it|them)\b/i, `$1 of the ${nameOf(only)}`);
  rest = rest.replace(ALL_IN, (all) => looseIn(state) ?? all);
  rest = rest.replace(NEWEST_DOES, (all, _it: string, does: string) => {
    const last = state.steps.at(-1);
    const only = last?.uses?.length === 1 ? last.uses[0]!.ingredient : null;
    // on a lit ring the technique itself is of what went in last
    return only !== null && last?.sourceLine === line && state.hob === null
      ? `the ${nameOf(state.recipe.ingredients[only]!)} ${does}`
      : all;
  });
  const mentions = mentionsHere(state, rest);
  // "butter side up" lays no butter
  for (let k = mentions.length - 1; k >= 0; k--)
    if (/^\s+sides?\s+(?:up|down)\b/i.test(rest.slice(mentions[k]!.end))) mentions.splice(k, 1);
  // a floured board is no flour
  for (let k = mentions.length - 1; k >= 0; k--) if (/^floured\b/i.test(rest.slice(mentions[k]!.at))) mentions.splice(k, 1);
  // "butter the toast": the verb names what goes on
  if (clause.verb === 'butter' || clause.verb === 'oil') {
    const fat = state.recipe.ingredients.findIndex(
      (one) => findFood(one.item)?.[clause.verb === 'oil' ? 'category' : 'id'] === clause.verb,
    );
    if (fat >= 0 && !mentions.some((m) => m.ingredient === fat))
      mentions.push({ ingredient: fat, at: rest.length, end: rest.length, quantity: null, unit: null, part: 'all' });
  }
  // "when the potatoes have cooled, cut into chunks", "when the potatoes are done, stir them through the sauce": it is the potatoes
  const spoken = /^(?:it|them)\b\s*/i.exec(rest)?.[0] ?? '';
  const when =
    clause.condition && ((mentions.length === 0 && /^into\b/i.test(rest)) || (spoken && IS_DONE.test(clause.condition)))
      ? mentionsIn(clause.condition, state.names, state.used)[0]
      : undefined;
  if (when) {
    const name = `the ${nameOf(state.recipe.ingredients[when.ingredient]!)}`;
    const behind = name.length + 1 - spoken.length;
    rest = `${name} ${rest.slice(spoken.length)}`;
    for (const m of mentions) Object.assign(m, { at: m.at + behind, end: m.end + behind });
    mentions.unshift({ ...when, at: 4, end: name.length });
  }
  // "when the cake comes out, leave it in the tin": the cake, though the drizzle was made since
  if (clause.condition && mentions.length === 0 && (spoken || rest === '' || /^(?:in|on|for)\b/i.test(rest)))
    speakOf(state, clause.condition);
  // "spoon over the beans", which lie in another vessel: it is the beans that are spooned
  const over =
    OVER_IT.test(clause.verb ?? '') && /^over\s+/i.test(rest) && mentions.length === 1 && !/\s(?:in|on|into|onto|with)\s/.test(rest)
      ? mentions[0]!
      : null;
  const lies = over ? state.placed.get(over.ingredient) : undefined;
  if (
    over &&
    lies !== undefined &&
    ((lies !== state.container && state.container !== null && LIES_OPEN.some((mark) => hasMark(state.container!, mark))) ||
      isSpoonedOut(state, clause, over.ingredient, lies))
  ) {
    rest = `${rest.replace(/^over\s+/i, '')} over`;
    mentions[0] = { ...over, at: over.at - 5, end: over.end - 5 };
  }
  // "cook, squashing some of the beans": they are in already
  const doing = mentions.length > 0 ? PARTICIPLE.exec(rest) : null;
  if (doing && !/^adding\b/i.test(doing[1]!))
    for (let k = mentions.length - 1; k >= 0; k--)
      if (mentions[k]!.at > doing.index && state.placed.has(mentions[k]!.ingredient)) mentions.splice(k, 1);
  if (STIRS.test(clause.verb ?? '') && !/\b(?:in|into|together|with)\b/i.test(rest)) onlyThoseThere(state, mentions);
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
  const said = `${rest} ${clause.lead ?? ''}`;
  const tools = findTools(said)
    .filter((t) => !mentions.some((m) => t.at < m.end && t.at + t.length > m.at && /tin|can|dish|pot|box|carton|tub|bag/.test(t.tool.name)))
    // "to the size of a side plate"
    .filter(
      (t) =>
        !/\b(?:size|width|length|thickness|shape|big as|large as) (?:of )?(?:an?|the|your)\s+(?:\p{L}+\s+)?$/iu.test(said.slice(0, t.at)),
    )
    .filter((t) => !/\b(?:tin|can|jar|glass|cup|mug)s?\s+of\b/i.test(said.slice(t.at, t.at + t.length + 4)))
    .map((t) => ({ id: basketOf(state, said.slice(t.at, t.at + t.length)) ?? t.tool.id, at: t.at }));
  // "in a cup" is a vessel; "a cup of" is an amount
  const cup = said.includes('cup') && /\b(?:in|into)\s+(?:a|the|another)\s+(?:\p{L}+\s+)?cup\b(?!\s+(?:of|measure))/iu.exec(said);
  if (cup) tools.push({ id: 'cup', at: cup.index + cup[0].length - 3 });
  const sheet = said.includes('sheet') && /\bon(?:to)?\s+(?:the|each)\s+(?:prepared\s+|lined\s+)?sheets?\b/i.exec(said);
  if (sheet && state.steps.some((s) => s.tools?.includes('tray'))) tools.push({ id: 'tray', at: sheet.index + sheet[0].length - 5 });
  // the tin that tomatoes came in bakes no cake
  if (state.tinned)
    for (let k = tools.length - 1; k >= 0; k--)
      if (tools[k]!.id === 'cake-tin' && /^tin\b/i.test(said.slice(tools[k]!.at))) tools.splice(k, 1);
  const words = rest.toLowerCase().match(WORDS) ?? [];
  // a tool goes by its id, not by its words: a Dutch oven is no oven
  const named = findTools(rest).filter((t) => t.tool.id !== 'oven' && rest.slice(t.at, t.at + t.length).includes(' '));
  const bare = named.reduceRight((text, t) => text.slice(0, t.at) + ' ' + text.slice(t.at + t.length), rest);
  const about = new Set<string>(named.length > 0 ? (bare.toLowerCase().match(WORDS) ?? []) : words);
  for (const word of [...about]) if (word.endsWith('s')) about.add(word.slice(0, -1));
  for (const { id } of tools) about.add(id);
  const phrase = objectPhrase(rest);
  const acting = mentions.length > 0 || (phrase && !/^(?:it|them)$/i.test(phrase)) ? mentions.map((m) => m.ingredient) : state.objectUses;
  for (const i of acting) {
    const one = state.recipe.ingredients[i]!;
    const food = findFood(one.item);
    if (food) about.add(food.id).add(food.category).add(food.group);
    if (/boiling/i.test(one.item)) about.add('boiling-water');
  }
  if (isHotHere(state, mentions)) about.add('hot');
  if (clause.verb === 'microwave') about.add('microwave');
  if (state.container === 'slow-cooker') about.add('slow-cooker');
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

/** Whether what a clause speaks of is hot: a tin that is drained beside the stove is not. */
function isHotHere(state: State, mentions: readonly Mention[]): boolean {
  const meant = mentions.length > 0 ? mentions.map((m) => m.ingredient) : state.objectUses;
  const lots = meant.flatMap((i) => lotsOf(state.world, i));
  if (lots.length > 0) return lots.some((lot) => isLotHot(state.world, lot));
  return state.container !== null && isHot(state.world, state.container);
}

/** "Pour over the beans", hot in the pan in hand, with toast on a plate: out of the pan. */
const isSpoonedOut = (state: State, clause: Clause, ingredient: number, lies: string) =>
  lies === state.container &&
  hasMark(lies, 'lid') &&
  state.cooked.has(ingredient) &&
  /^(?:pour|spoon|ladle|tip)$/.test(clause.verb ?? '') &&
  state.world.lots.some((lot) => lot.at === 'plate');

/** "The basket", of a recipe that steams: no air fryer's. */
const basketOf = (state: State, said: string): string | null => {
  const text = state.recipe.instructions.join(' ');
  return /^baskets?$/i.test(said) && /\bsteam(?:er|ing) basket\b/i.test(text) && !/\bfry(?:er|ing) basket\b/i.test(text) ? 'steamer' : null;
};

/** Marks of what things lie on or in to be eaten or baked: what is spooned goes over it. */
const LIES_OPEN = ['flat', 'bakes', 'each'] as const;

const WHEN_MADE =
  /^(?:when|once|as soon as|after)\s+((?:the|your)\s+(?:\p{L}+\s+)?\p{L}+?)\s+(?:comes?|is|are|has|have|looks?|smells?|turns?)\b/iu;

/** What a condition names is what its action speaks of, where it was made and lies somewhere. */
function speakOf(state: State, condition: string): void {
  const named = WHEN_MADE.exec(condition)?.[1];
  const meant = named && mentionsIn(named, state.names, state.used).length === 0 ? ofNoun(state, named) : [];
  const at = state.placed.get(meant[0] ?? -1);
  if (!at || meant.every((i) => state.objectUses.includes(i))) return;
  focusOn(state, meant, null);
  state.container = at;
}

const STIRS = /^(?:stir|toss|turn|shake|flip|roast|bake|simmer|baste)$/;

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
