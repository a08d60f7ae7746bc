// Puts things into a vessel, one by one, and works them in.
import { findFood } from '../recipe/food';
import { capital } from '../recipe/method-lines';
import { kindOf } from '../technique/lexicon';
import { addRaw } from './body-vessel';
import { mixingBowl } from './containers';
import { useOf } from '../plan/draft';
import { objectPhrase } from './locate';
import { wholeOf, type Mention } from './mentions';
import { nameOf } from './ready';
import { isContainer, JOINING, PUTTING, type Located, type State } from './state';
import { common, heatHazards, hotHazards, push, rawOf, remember, say } from './step-of-clause';
import { makeReady, take } from './supply';
import { inTool, toolCall } from './tool-names';
import { asMade, asSaid, joinedWording, sentence, tailAfter, theOf, withWord, wording } from './wording';

// "with 3 tablespoons of water", which no list has.
const WATER_TOO =
  /\bwith\s+((?:about\s+)?(?:\d|(?:an?|one|two|three|half an?)\s+(?:little|splash|drop|dash|bit|tablespoon|teaspoon|cup|mug|spoon)\p{L}*)[^,;.]{0,20}?\s*(?:of\s+)?(?:hot|cold|warm|boiling|lukewarm|iced)?\s*water)\b/iu;

/** Adds or joins several things: each thing is put in on its own, then worked in. */
export function putTogether(state: State, c: Located, fresh: Mention[]): void {
  const id = kindOf(c.technique!.id);
  const hadContainer = state.container;
  for (const mention of fresh) makeReady(state, mention, c, false);
  if (JOINING.has(id)) state.container ??= mixingBowl(state);
  const into = state.container;
  if (PUTTING.has(id) || fresh.length === 1) {
    const water = PUTTING.has(id) && WATER_TOO.test(c.rest) && !c.mentions.some((m) => /water/i.test(c.rest.slice(m.at, m.end)));
    const said = fresh.length > 1 || water ? tailAfter(water ? { ...c, rest: c.rest.replace(WATER_TOO, '') } : c, fresh) : null;
    // "lentils, stock and the paste to the pan": what comes last was made or put elsewhere before
    const beside = fresh.length > 1 ? BESIDE.exec(said ?? '') : null;
    const tail = beside ? (beside[2] ?? '') : said;
    // "top the mash with the cheese and the onion": what is topped is said in each step
    const onto =
      /^(.{2,40}?\s)with\s+(?:\S+\s+){0,5}$/i
        .exec(c.rest.slice(0, fresh[0]!.at))?.[0]
        .replace(/\bwith\b.*$/i, 'with')
        .replace(/^/, ' ') ?? '';
    const preposition = /^(?:put|place|lay|set|arrange|layer|tip|pour)$/.test(c.verb!) ? 'in' : 'to';
    if (tail === null) {
      say(state, c, {
        text: wording(state, c),
        into,
        uses: [
          ...fresh.map((m) => take(state, m)),
          ...c.mentions
            .filter((m) => !fresh.includes(m) && !state.placed.has(m.ingredient))
            .map((m) => useOf(state.recipe.ingredients, m.ingredient)),
        ],
      });
    } else
      fresh.forEach((mention, k) => {
        const own = ownTail(c, mention, fresh[k + 1]);
        const verb = `${PUTTING.has(id) && id !== 'gather' ? capital(c.verb!) : 'Put'}${onto}${withWord(c) ? ' ⟦there|⟧' : ''}`;
        const intoVessel = c.tools.some((t) => isContainer(t.id) && t.at < Math.max(...fresh.map((m) => m.at)));
        const particle = /^(in|on)\s/i.exec(c.rest) && !tail && !intoVessel ? ` ${/^(in|on)/i.exec(c.rest)![1]!.toLowerCase()}` : '';
        const where =
          own ??
          ((PUTTING.has(id) && /^(?:put|place|lay|set|arrange)$/.test(c.verb!) ? tail.replace(/^ to /, ' in ') : tail) ||
            (particle || /\s(?:in|on|into|onto)\s/.test(onto)
              ? ''
              : into && PUTTING.has(id) && id === 'add'
                ? preposition === 'in'
                  ? ` ${inTool(state, into)}`
                  : ` ${preposition} the ${toolCall(state, into)}`
                : ''));
        push(state, {
          ...common(state, c, into, [mention]),
          text: sentence(`${verb}${withWord(c) ? ` with` : ''} ${asSaid(c, mention) ?? asMade(state, c, mention)}${particle}${where}`),
          uses: [mention.part === 'all' && state.placed.has(mention.ingredient) ? moved(state, mention) : take(state, mention)],
          thing: `the ${nameOf(state.recipe.ingredients[mention.ingredient]!)}`,
          name: nameOf(state.recipe.ingredients[mention.ingredient]!),
        });
      });
    if (tail !== null) {
      if (beside) addBeside(state, c, into, `${onto} ${beside[1]!}`, tail);
      if (!onto) addUnlisted(state, c, into);
      addWater(state, c, into);
    }
  } else {
    const place = inTool(state, into ?? 'bowl');
    const already = fresh.filter((m) => state.placed.get(m.ingredient) === into);
    for (const mention of fresh.filter((m) => !already.includes(m))) {
      const one = state.recipe.ingredients[mention.ingredient]!;
      const pour = findFood(one.item)?.form === 'liquid' && one.min !== null;
      push(state, {
        text: `${pour ? 'Pour' : 'Put'} ${theOf(state, mention)} ${place}.`,
        technique: pour ? 'pour' : 'add',
        sourceLine: c.line,
        uses: [take(state, mention)],
        tools: into ? [into] : [],
        into,
        thing: `the ${nameOf(one)}`,
        name: nameOf(one),
        hazards: [...heatHazards(state, into), ...hotHazards(one.item)],
      });
    }
    addUnlisted(state, c, into);
    addWater(state, c, into);
    say(state, c, { text: joinedWording(state, c, place), into, uses: already.map((m) => take(state, m)) });
  }
  for (const mention of fresh) {
    if (into) state.placed.set(mention.ingredient, into);
    const [raw] = rawOf(state, [mention]);
    if (into && raw && into !== state.hob) addRaw(state, into, [raw]);
    state.used.add(mention.ingredient);
  }
  if (!hadContainer && !into) state.container = mixingBowl(state);
  remember(state, c);
}

const BESIDE = /^[\s,]*(?:and|plus)\s+((?:the\s+)?[\p{L}\d½¼' -]{2,40}?)(\s+(?:to|into|in|on|onto|over|around|together)\b.*)?$/iu;

/** The last of several things where it is not new here: the paste, the salmon that was baked. */
function addBeside(state: State, c: Located, into: string | null, what: string, tail: string): void {
  const thing = what.trim();
  const known = c.mentions.filter(
    (m) =>
      state.placed.has(m.ingredient) && m.end <= c.rest.length && thing.toLowerCase().includes(c.rest.slice(m.at, m.end).toLowerCase()),
  );
  push(state, {
    ...common(state, c, into, known),
    text: sentence(`${c.verb} ${withWord(c) ? 'with ' : ''}${thing}${tail || (into && !withWord(c) ? ` ${/^(?:put|place|lay|set|arrange)$/.test(c.verb!) ? inTool(state, into) : `to the ${toolCall(state, into)}`}` : '')}`),
    uses: known.map((m) => moved(state, m)),
    thing,
    name: thing.replace(/^the\s+/i, '').slice(0, 24),
  });
  if (into) for (const m of known) state.placed.set(m.ingredient, into);
}

/** What only changes its place: its amount was taken before. */
const moved = (state: State, mention: Mention) => ({
  ingredient: mention.ingredient,
  item: state.recipe.ingredients[mention.ingredient]!.item,
  quantity: null,
  unit: null,
});

/** "Mix the peanut butter with 2 tbsp of hot water": the water comes from no list. */
function addWater(state: State, c: Located, into: string | null): void {
  const water = WATER_TOO.exec(c.rest)?.[1];
  if (!water || c.mentions.some((m) => /water/i.test(c.rest.slice(m.at, m.end)))) return;
  push(state, {
    ...common(state, { ...c, rest: '' }, into, []),
    text: sentence(`Pour ${water} ${inTool(state, into ?? 'bowl')}`),
    technique: 'pour',
    uses: [],
    tools: into ? [into] : [],
    hazards: [...heatHazards(state, into), ...(/\b(?:hot|boiling)\b/i.test(water) ? (['hot', 'steam'] as const) : [])],
    thing: 'the water',
    name: 'water',
  });
}

/** Of the things that a clause names, those that the list of ingredients lacks: each is a step too, so that nothing is lost and the dry run finds it. */
function addUnlisted(state: State, c: Located, into: string | null): void {
  const phrase = objectPhrase(c.rest);
  if (!phrase) return;
  let at = c.rest.indexOf(phrase);
  for (const part of phrase.split(/(,\s*(?:and\s+)?|\s+and\s+)/)) {
    const [from, to] = [at, at + part.length];
    at = to;
    const name = part.replace(/^(?:the|a|an|some)\s+/i, '').trim();
    if (c.mentions.some((m) => m.at < to && m.end > from) || name.split(/\s+/).length > 3 || !findFood(name)) continue;
    push(state, {
      ...common(state, c, into, []),
      text: sentence(`Put the ${name} ${inTool(state, into ?? 'bowl')}`),
      technique: 'add',
      uses: [],
      thing: `the ${name}`,
      name,
    });
  }
}

/** "Add the yeast to one side and the salt to the other": where each thing of several goes; null where one place stands for all. */
function ownTail(c: Located, mention: Mention, next: Mention | undefined): string | null {
  if (!next) return null;
  const between = c.rest.slice(mention.end, next.at).replace(/[\s,]*(?:and|&)?\s*(?:the\s+|a\s+)?$/i, '');
  return /^\s+(?:to|into|onto|on|in)\s+\S/i.test(between) ? between.replace(/\s+with\b.*$/i, '') : null;
}

/** "Peel the banana, rinse the berries and put them on top": each of them is put on its own. */
export function putThem(state: State, c: Located, all: number[]): void {
  const into = state.container;
  for (const ingredient of all) {
    const name = nameOf(state.recipe.ingredients[ingredient]!);
    const mention = wholeOf(ingredient);
    makeReady(state, mention, c, false);
    push(state, {
      ...common(state, c, into, [mention]),
      text: sentence(`${c.verb} ${c.rest.replace(/\bthem\b(?:\s+all)?|^(?:it all|all of it|everything)\b/i, `the ${name}`)}`),
      uses: [take(state, mention)],
      thing: `the ${name}`,
      name,
    });
    state.used.add(ingredient);
    if (into) state.placed.set(ingredient, into);
  }
  state.lineObjects = [];
}
