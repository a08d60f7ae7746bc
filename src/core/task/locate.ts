// Finds out what one clause of a method is about: its technique, its ingredients, its tools, and its object where it is left unsaid.
import { findFood } from '../recipe/food';
import { findTechnique, techniqueById, TECHNIQUES, kindOf } from '../technique/lexicon';
import { findTools, toolById } from '../technique/tools';
import type { Clause } from './clauses';
import { rawHazard } from './draft';
import { nameOf } from './ready';
import { mentionsIn, type Mention } from './mentions';
import { CUTTING, isContainer, type Located, type State } from './state';

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
    (t) => t.makes !== undefined || ['trim', 'wait', 'juice', 'thaw', 'chill', 'pat-dry', 'prick', 'soak', 'open'].includes(t.id),
  ).flatMap((t) => t.verbs.map((v) => v.split(' ')[0]!)),
);

export function noteExplicit(state: State, clauses: { clause: Clause; line: number }[]): void {
  clauses.forEach(({ clause, line }, i) => {
    if (!PREPARING.has(clause.verb ?? '')) return;
    // where no ingredient is named, nothing is done to one
    const shared = sharedObject(clauses, i);
    if (
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

const PREPOSITION =
  /\s(?:in|into|to|on|onto|over|with|until|for|from|at|through|under|according|by|off|using|around|all over|along|between|among|inside|across|underneath|together|slightly|again|aside|up|out|well|gently|evenly|lengthwise|before|so|as|while|or)\b|,\s(?!and\b)(?=(?:stirring|turning|mashing|making|being|skimming|shaking|tossing|covered))/i;
export const PARTICIPLE =
  /,?\s+((?:stirring|turning|mashing|skimming|shaking|tossing|whisking|scraping|basting|being careful|making sure|keeping|adding|beating)\b.*)$/i;

/** The noun phrase that an action is done to: "the chicken" of "the chicken to the wok". */
export function objectPhrase(rest: string): string | null {
  const text = rest.replace(/^(?:in|together|up|out|down|off|through|over)\s+(?=the|it|a|an|them|half|some|each|all)/i, '');
  if (
    /^(?:in|into|to|on|onto|over|with|until|for|from|at|according|by|gently|well|lightly|hot|immediately|again|sometimes|through|warm|cold|slightly|about)\b/i.test(
      text,
    ) ||
    /^\d+(?:\s*-\s*\d+)?\s*(?:more\s+)?(?:min|sec|hour)/i.test(text)
  )
    return null;
  if (/^(?:\p{L}+ly)(?:\s|$)/iu.test(text)) return null;
  const cut = PREPOSITION.exec(' ' + text);
  const phrase = (cut ? text.slice(0, Math.max(0, cut.index - 1)) : text).replace(/[\s,]+$/, '').trim();
  return phrase && phrase.length <= 80 && !/^(?:a|an|the)$/i.test(phrase) ? phrase : null;
}

// Techniques are named in Latin letters; a class of all the world's letters costs three times as much.
const WORDS = /[a-z\u00df-\u00ff-]+/g;

export function locate(state: State, clause: Clause, line: number, sharedFrom: Clause | null): Located {
  let rest = clause.rest;
  if (clause.shared) {
    const object = sharedFrom && objectPhrase(sharedFrom.rest);
    const joining = clause.verb && techniqueById(findTechnique([clause.verb], new Set())?.id ?? '');
    // "stir and serve", "cover and simmer": these act on what is at hand
    if (object && joining && !['cover', 'uncover', 'mix', 'serve', 'wait', 'drain', 'cook', 'simmer'].includes(joining.id)) rest = object;
    else if (object && clause.verb === 'drain' && !/\bfor\b/.test(sharedFrom.rest)) rest = object;
  }
  // "stir in half of it": of what was spoken of last
  const only = state.objectUses.length === 1 ? state.recipe.ingredients[state.objectUses[0]!] : undefined;
  if (only) rest = rest.replace(/\b(half|rest|third|quarter)\s+of\s+(?:it|them)\b/i, `$1 of the ${nameOf(only)}`);
  const mentions = mentionsIn(rest, state.names, state.used);
  // "butter the toast": the verb names what goes on
  if (clause.verb === 'butter' || clause.verb === 'oil') {
    const fat = state.recipe.ingredients.findIndex(
      (one) => findFood(one.item)?.[clause.verb === 'oil' ? 'category' : 'id'] === clause.verb,
    );
    if (fat >= 0 && !mentions.some((m) => m.ingredient === fat))
      mentions.push({ ingredient: fat, at: rest.length, end: rest.length, quantity: null, unit: null, part: 'all' });
  }
  const said = `${rest} ${clause.lead ?? ''}`;
  const tools = findTools(said)
    .filter((t) => !mentions.some((m) => t.at < m.end && t.at + t.length > m.at && /tin|can|dish|pot|box|carton|tub/.test(t.tool.name)))
    .filter((t) => !/\b(?:tin|can|jar|glass|cup|mug)s?\s+of\b/i.test(said.slice(t.at, t.at + t.length + 4)))
    .map((t) => ({ id: t.tool.id, at: t.at }));
  // "in a cup" is a vessel; "a cup of" is an amount
  const cup = /\b(?:in|into)\s+(?:a|the|another)\s+(?:\p{L}+\s+)?cup\b(?!\s+(?:of|measure))/iu.exec(said);
  if (cup) tools.push({ id: 'cup', at: cup.index + cup[0].length - 3 });
  const sheet = /\bon(?:to)?\s+(?:the|each)\s+(?:prepared\s+|lined\s+)?sheets?\b/i.exec(said);
  if (sheet && state.steps.some((s) => s.tools?.includes('tray'))) tools.push({ id: 'tray', at: sheet.index + sheet[0].length - 5 });
  // the tin that tomatoes came in bakes no cake
  if (state.tinned)
    for (let k = tools.length - 1; k >= 0; k--)
      if (tools[k]!.id === 'cake-tin' && /^tin\b/i.test(said.slice(tools[k]!.at))) tools.splice(k, 1);
  const words = rest.toLowerCase().match(WORDS) ?? [];
  // a tool goes by its id, not by its words: a Dutch oven is no oven
  const bare = findTools(rest).reduceRight(
    (text, t) =>
      t.tool.words.length && t.tool.id !== 'oven' && /\s/.test(rest.slice(t.at, t.at + t.length))
        ? text.slice(0, t.at) + ' ' + text.slice(t.at + t.length)
        : text,
    rest,
  );
  const about = new Set<string>((bare.toLowerCase().match(WORDS) ?? []).flatMap((w) => (w.endsWith('s') ? [w, w.slice(0, -1)] : [w])));
  for (const { id } of tools) about.add(id);
  const phrase = objectPhrase(rest);
  const acting = mentions.length > 0 || (phrase && !/^(?:it|them)$/i.test(phrase)) ? mentions.map((m) => m.ingredient) : state.objectUses;
  for (const i of acting) {
    const one = state.recipe.ingredients[i]!;
    const food = findFood(one.item);
    if (food) about.add(food.id).add(food.category).add(food.group);
    if (/boiling/i.test(one.item)) about.add('boiling-water');
  }
  const hot =
    state.hob !== null &&
    (state.container === state.hob ||
      state.objectUses.some((i) => state.placed.get(i) === state.hob) ||
      mentions.some((m) => state.placed.get(m.ingredient) === state.hob));
  const fromHeat = mentions.some(
    (m) => state.cooked.has(m.ingredient) && toolById(state.placed.get(m.ingredient) ?? '')?.kind === 'cookware',
  );
  if (hot || fromHeat) about.add('hot');
  if (clause.verb === 'microwave') about.add('microwave');
  if (state.container === 'slow-cooker') about.add('slow-cooker');
  let technique = clause.verb ? findTechnique([clause.verb, ...words], about) : null;
  if (technique?.id === 'preheat-oven' && mentions.length > 0) technique = techniqueById('bake')!;
  // "beat the eggs in a cup" works nothing in
  if (technique?.id === 'mix' && clause.verb === 'beat' && !/^in\b/i.test(rest)) technique = techniqueById('beat')!;
  if (technique && CUTTING.has(kindOf(technique.id)) && clause.verb === 'cut' && about.has('scissors')) technique = techniqueById('snip')!;
  // only what is in an oven comes out of it
  if (
    technique?.id === 'take-out-oven' &&
    !about.has('oven') &&
    !about.has('oven-gloves') &&
    !tools.some((t) => isContainer(t.id)) &&
    state.inOven === null
  )
    technique = techniqueById('lift-out')!;
  // a tin that the list has is opened with its opener
  if (technique?.id === 'open' && mentions.some((m) => state.recipe.ingredients[m.ingredient]!.unit === 'can'))
    technique = techniqueById('open-can')!;
  // "remove from the tin" off no heat
  if (technique?.id === 'take-off-heat' && !/\b(?:heat|hob|stove|ring|burner|flame)\b/i.test(rest) && state.hob === null)
    technique = techniqueById('lift-out')!;
  // "cook for 15 minutes" on a tray in a hot oven
  const oven = [...tools.map((t) => t.id), state.container ?? ''].find((id) => isContainer(id));
  if (technique?.id === 'cook' && state.oven && state.hob === null && OVENWARE.has(oven ?? '') && !about.has('microwave'))
    technique = techniqueById('bake')!;
  // bread is buttered with butter, a tin is greased with it
  if (clause.verb === 'butter' && technique?.id === 'grease' && !tools.some((t) => isContainer(t.id))) technique = techniqueById('spread')!;
  // no seeds and no spices: meat in a dry pan is browned
  if (technique?.id === 'toast-dry' && mentions.some((m) => rawHazard(state.recipe.ingredients[m.ingredient]) === 'raw-meat'))
    technique = techniqueById('brown')!;
  // food is heated through; a pan and its oil are made hot
  const food = (i: number) => findFood(state.recipe.ingredients[i]!.item);
  const inPan = [...state.placed].some(([i, at]) => at === state.container && food(i)?.category !== 'oil');
  if (
    technique?.id === 'heat-pan' &&
    (mentions.length > 0
      ? mentions.every((m) => food(m.ingredient)?.form === 'liquid' && food(m.ingredient)?.category !== 'oil')
      : inPan && !tools.some((t) => isContainer(t.id)) && !/\b(?:oil|butter|fat)\b/i.test(rest))
  )
    technique = techniqueById('reheat')!;
  if (technique?.id === 'drain-hot' && clause.verb === 'strain' && /\binto\b/i.test(rest)) technique = techniqueById('strain')!;
  // balls are pressed flat by hand, dough is rolled
  if (clause.verb === 'flatten' && !about.has('dough') && !about.has('pastry') && !about.has('rolling-pin'))
    technique = techniqueById('press-in')!;
  // "toss the beef in the flour"; "toss in the beans" puts them in
  if (technique?.id === 'add' && clause.verb === 'toss' && !/^in\b/i.test(rest))
    technique = techniqueById(/\bin\b/i.test(rest) ? 'coat' : 'toss')!;
  // batter and dough are shared into tins, not served
  if (
    technique?.id === 'share-out' &&
    (/\b(?:batter|dough|mixture|mix|filling)\b/i.test(rest) ||
      tools.some((t) => ['muffin-tin', 'muffin-cases', 'cake-tin', 'tray'].includes(t.id)))
  )
    technique = techniqueById(/\bdough\b/i.test(rest) ? 'divide' : 'spoon')!;
  // turned with no heat under it, it is only moved about in its sauce
  if (technique?.id === 'turn-over' && state.hob === null && state.inOven === null && !state.hotFood) technique = techniqueById('toss')!;
  if (clause.verb === 'put' && about.has('lid')) technique = techniqueById('cover')!;
  // "place the pan over a high heat": the pan is heated, not put in
  if (
    /^(?:put|place|set)$/.test(clause.verb ?? '') &&
    tools.some((t) => toolById(t.id)?.kind === 'cookware') &&
    mentions.length === 0 &&
    /\b(?:over|on)\b.{0,24}\b(?:heat|hob|ring|stove|burner)\b/i.test(rest)
  )
    technique = techniqueById('heat-pan')!;
  // "stand the apples in a dish": they are put there
  if (clause.verb === 'stand' && mentions.length > 0 && /\b(?:in|on)\b/i.test(rest)) technique = techniqueById('add')!;
  if (clause.verb === 'fill' && /\bwith\s+(?:[\p{L}]+\s+)?water\b/iu.test(rest)) technique = techniqueById('fill-pan')!;
  if (
    (technique?.id === 'cover' || technique?.id === 'soak') &&
    /\bwith\s+(?:\p{L}+\s+)?(?:\p{L}+\s+)?(?:water|stock|milk|liquid)\b/iu.test(rest)
  )
    technique = techniqueById('pour')!;
  if (
    technique?.id === 'heat-pan' &&
    state.steps.at(-1)?.technique === 'microwave' &&
    !tools.some((t) => toolById(t.id)?.kind === 'cookware')
  )
    technique = techniqueById('microwave')!;
  if (
    technique?.id === 'heat-pan' &&
    state.steps.slice(-2).some((s) => kindOf(s.technique) === 'microwave') &&
    tools.length === 0 &&
    mentions.length === 0
  )
    technique = techniqueById('microwave')!;
  if (technique?.id === 'toast' && tools.some((t) => toolById(t.id)?.kind === 'cookware' && t.id !== 'tray'))
    technique = techniqueById('fry')!;
  if (technique?.id === 'measure' && clause.verb === 'fill' && !/\b(?:cup|spoon|measure|jug)\b/i.test(rest))
    technique = techniqueById('stuff')!;
  return { ...clause, rest, line, mentions, tools, technique, words: words.join(' ') };
}

const OVENWARE = new Set(['tray', 'baking-dish', 'muffin-tin', 'cake-tin']);

/** "Spoon the beans over the potato": the potato is where they go, not what is spooned. */
export function isTarget(c: Located, mention: Mention): boolean {
  return (
    /\b(?:over|onto|to|into|in|on|on top of|around|between|inside|among)\s+(?:(?:the|a|an|each|your|both)\s+)?(?:\p{L}+\s+)?$/iu.test(
      c.rest.slice(0, mention.at),
    ) && !/^(?:in|on)\s+(?:the\s+)?(?:\p{L}+\s+)?$/iu.test(c.rest.slice(0, mention.at))
  );
}
