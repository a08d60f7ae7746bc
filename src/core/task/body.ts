// Turns a recipe's instructions into steps, keeping track of what is where, what is ready and what is hot.
import { Fraction, plainNumbers, readNumber, showQuantity, toFraction, toQuantity, type Quantity } from '../amount/quantity';
import { dialCelsius, findTemperature } from '../amount/temperature';
import { convertUnit, type Unit } from '../amount/units';
import { findFood, nameWords } from '../recipe/food';
import type { Recipe } from '../recipe/recipe';
import { findTechnique, techniqueById } from '../technique/lexicon';
import type { Cue, Hazard, Technique } from '../technique/model';
import { findTools, toolById } from '../technique/tools';
import { clausesOf, type Clause } from './clauses';
import { rawHazard, useOf, type Draft } from './draft';
import { minutesIn } from './minutes';
import { mentionsIn, namesOf, type Mention, type Names } from './mentions';
import type { Kitchen, Use } from './model';
import { measureStep, nameOf, readySteps } from './ready';

type Located = Clause & { line: number; mentions: Mention[]; tools: { id: string; at: number }[]; technique: Technique | null; words: string };

type State = {
  recipe: Recipe;
  names: Names;
  kitchen: Kitchen;
  explicit: Set<string>;
  steps: Draft[];
  /** Where steps go that must be over before the first heat. */
  beforeHeat: number | null;
  used: Set<number>;
  taken: Map<number, Fraction>;
  readied: Set<number>;
  placed: Map<number, string>;
  /** Food just off the heat. */
  hotFood: boolean;
  /** What has been through the heat, and is raw no longer. */
  cooked: Set<number>;
  /** Container in use, and on which ring it stands. */
  container: string | null;
  hob: string | null;
  oven: boolean;
  inOven: string | null;
  object: string | null;
  objectUses: number[];
  line: number;
  /** What this line has rinsed, peeled and cut so far: what "them" means at its end. */
  lineObjects: number[];
};

/** Techniques that put things somewhere: with several things, each is a step of its own. */
const PUTTING = new Set(['add', 'pour', 'spoon', 'sprinkle', 'sift', 'gather']);
/** Techniques that work several things into one: each is put in first. */
const JOINING = new Set(['mix', 'beat', 'cream', 'fold', 'toss', 'rub-in', 'blend', 'mash']);
const HOB = new Set(['heat-pan', 'boil', 'simmer', 'fry', 'cook', 'melt', 'turn-over', 'skim']);
const OVEN_FOOD = new Set(['bake']);
const CUTTING = new Set(['slice', 'dice', 'chop', 'halve', 'trim', 'grate', 'peel', 'peel-by-hand', 'snip', 'tear', 'crush-garlic']);

/** Steps of the recipe itself, without the routines around it, in the order in which they are done. */
export function bodySteps(recipe: Recipe, kitchen: Kitchen): Draft[] {
  const names = namesOf(recipe.ingredients);
  const state: State = {
    recipe, names, kitchen, explicit: new Set(), steps: [], beforeHeat: null, used: new Set(), taken: new Map(), readied: new Set(),
    placed: new Map(), container: null, hob: null, oven: false, inOven: null, object: null, objectUses: [], line: 0, lineObjects: [], hotFood: false, cooked: new Set(),
  }; // prettier-ignore
  const clauses = recipe.instructions.flatMap((text, i) => clausesOf(text).map((clause) => ({ clause, line: i + 1 })));
  noteExplicit(state, clauses);
  clauses.forEach(({ clause, line }, i) => {
    const next = clauses[i + 1];
    const objectOf = clause.shared && next && !next.clause.shared && next.line === line ? next.clause : sharedObject(clauses, i);
    takeClause(state, locate(state, clause, line, objectOf));
  });
  return state.steps;
}

/** For "peel, core and dice the apples": the first later clause of the line that names the object. */
function sharedObject(clauses: { clause: Clause; line: number }[], i: number): Clause | null {
  if (!clauses[i]!.clause.shared) return null;
  for (let k = i + 1; k < clauses.length && clauses[k]!.line === clauses[i]!.line; k++) if (!clauses[k]!.clause.shared) return clauses[k]!.clause;
  return null;
}

function noteExplicit(state: State, clauses: { clause: Clause; line: number }[]): void {
  clauses.forEach(({ clause, line }, i) => {
    const located = locate(state, clause, line, sharedObject(clauses, i));
    if (!located.technique) return;
    for (const mention of located.mentions) {
      state.explicit.add(`${mention.ingredient}:${located.technique.id}`);
      if (located.technique.id === 'peel' || located.technique.id === 'peel-by-hand') state.explicit.add(`${mention.ingredient}:peel`).add(`${mention.ingredient}:peel-by-hand`);
      if (located.technique.id === 'drain-hot') state.explicit.add(`${mention.ingredient}:drain`);
    }
  });
}

const PREPOSITION = /\s(?:in|into|to|on|onto|over|with|until|for|from|at|through|under|according|by|off|using|around|all over|along|between|among|inside|across|underneath|together|slightly|again|aside|up|out|well|gently|evenly|lengthwise|before|so|as|while)\b|,\s(?!and\b)(?=(?:stirring|turning|mashing|making|being|skimming|shaking|tossing|covered))/i;
const PARTICIPLE = /,?\s+((?:stirring|turning|mashing|skimming|shaking|tossing|whisking|scraping|basting|being careful|making sure|keeping|adding|beating)\b.*)$/i;

/** The noun phrase that an action is done to: "the chicken" of "the chicken to the wok". */
function objectPhrase(rest: string): string | null {
  const text = rest.replace(/^(?:in|together|up|out|down|off|through|over)\s+(?=the|it|a|an|them|half|some|each|all)/i, '');
  if (/^(?:in|into|to|on|onto|over|with|until|for|from|at|according|by|gently|well|lightly|hot|immediately|again|sometimes|through|warm|cold|slightly|about)\b/i.test(text) || /^\d+(?:\s*-\s*\d+)?\s*(?:more\s+)?(?:min|sec|hour)/i.test(text)) return null;
  const cut = PREPOSITION.exec(' ' + text);
  const phrase = (cut ? text.slice(0, Math.max(0, cut.index - 1)) : text).replace(/[\s,]+$/, '').trim();
  return phrase && phrase.length <= 80 ? phrase : null;
}

function locate(state: State, clause: Clause, line: number, sharedFrom: Clause | null): Located {
  let rest = clause.rest;
  if (clause.shared) {
    const object = sharedFrom && objectPhrase(sharedFrom.rest);
    const joining = clause.verb && techniqueById(findTechnique([clause.verb], new Set())?.id ?? '');
    // "stir and serve", "cover and simmer": these act on what is at hand
    if (object && joining && !['cover', 'mix', 'serve', 'wait', 'drain', 'cook', 'simmer'].includes(joining.id)) rest = object;
    else if (object && clause.verb === 'drain' && !/\bfor\b/.test(sharedFrom.rest)) rest = object;
  }
  const mentions = mentionsIn(rest, state.names, state.used);
  const said = `${rest} ${clause.lead ?? ''}`;
  const tools = findTools(said)
    .filter((t) => !mentions.some((m) => t.at < m.end && t.at + t.length > m.at && /tin|can|dish|pot|box|carton|tub/.test(t.tool.name)))
    .filter((t) => !/\b(?:tin|can|jar|glass|cup|mug)s?\s+of\b/i.test(said.slice(t.at, t.at + t.length + 4)))
    .map((t) => ({ id: t.tool.id, at: t.at }));
  const words = rest.toLowerCase().match(/[\p{L}-]+/gu) ?? [];
  const about = new Set<string>(words.flatMap((w) => [w, w.replace(/s$/, '')]));
  for (const { id } of tools) about.add(id);
  const acting = mentions.length > 0 || objectPhrase(rest) ? mentions.map((m) => m.ingredient) : state.objectUses;
  for (const i of acting) {
    const one = state.recipe.ingredients[i]!;
    const food = findFood(one.item);
    if (food) about.add(food.id).add(food.group);
    if (/boiling/i.test(one.item)) about.add('boiling-water');
  }
  const pronoun = /^(?:it|them|these|they|both|everything)\b/i.test(rest) || mentions.length === 0;
  const hot = state.hob !== null && (state.container === state.hob || state.objectUses.some((i) => state.placed.get(i) === state.hob) || mentions.some((m) => state.placed.get(m.ingredient) === state.hob));
  if (hot && (pronoun || mentions.length > 0)) about.add('hot');
  if (clause.verb === 'microwave') about.add('microwave');
  let technique = clause.verb ? findTechnique([clause.verb, ...words], about) : null;
  if (clause.verb === 'put' && about.has('lid')) technique = techniqueById('cover')!;
  if (technique?.id === 'heat-pan' && state.steps.at(-1)?.technique === 'microwave' && !tools.some((t) => toolById(t.id)?.kind === 'cookware')) technique = techniqueById('microwave')!;
  if (technique?.id === 'heat-pan' && state.steps.slice(-2).some((s) => s.technique === 'microwave') && tools.length === 0 && mentions.length === 0) technique = techniqueById('microwave')!;
  if (technique?.id === 'toast' && tools.some((t) => toolById(t.id)?.kind === 'cookware' && t.id !== 'tray')) technique = techniqueById('fry')!;
  if (technique?.id === 'measure' && clause.verb === 'fill' && !/\b(?:cup|spoon|measure|jug)\b/i.test(rest)) technique = techniqueById('spoon')!;
  return { ...clause, rest, line, mentions, tools, technique, words: words.join(' ') };
}

const CONTAINERS = new Set(['container', 'cookware', 'surface']);
const isContainer = (id: string) => CONTAINERS.has(toolById(id)?.kind ?? '') && !['lid', 'foil', 'cling-film', 'paper', 'stand', 'wire-rack'].includes(id);

/** Techniques that happen in a container or move things to one; the others leave it where it is. */
const CONTAINED = new Set([...PUTTING, ...JOINING, ...HOB, 'soak', 'microwave', 'shape', 'lift-out', 'serve', 'crack-egg', 'cool', 'chill', 'juice', 'wait', 'drain', 'drain-hot', 'fluff', 'spread', 'check-done']);
const MIXING_SURFACE = new Set(['tray', 'plate', 'board', 'wire-rack', 'muffin-tin', 'cake-tin', 'baking-dish']);

/** The container that a clause names; "the bowl" is the bowl in use, "the pan" the pan on the ring. */
function containerOf(state: State, c: Located): string | null {
  const said = `${c.rest} ${c.lead ?? ''}`;
  const named = [...c.tools].reverse().find((t) => isContainer(t.id) && !/\b(?:with|using)\s+(?:a|an|the)?\s*(?:[\p{L}-]+\s+){0,2}$/iu.test(said.slice(0, t.at)));
  if (!named) return null;
  const plural = /^\w+?(?:es|s)\b/i.test(said.slice(named.at)) && /^(?:bowls|plates|glasses|mugs|jars)\b/i.test(said.slice(named.at));
  if (plural && named.id === 'bowl') return 'serving-bowl';
  const family = (id: string | null) => (id ? (toolById(id)?.picture ?? id) : '');
  const before = said.slice(0, named.at).toLowerCase();
  const same = [state.container, state.hob, ...[...state.placed.values()].reverse()].find((held) => held !== null && held !== named.id && GENERIC[named.id]?.includes(family(held)));
  return /\bthe\s+$|\bsame\s+$/.test(before) && same ? same : named.id;
}

const GENERIC: Record<string, string[]> = { bowl: ['bowl', 'small-bowl'], saucepan: ['saucepan', 'frying-pan', 'large-pan'], 'frying-pan': ['frying-pan'], 'baking-dish': ['baking-dish', 'cake-tin'], 'cake-tin': ['cake-tin', 'muffin-tin'], jar: ['jar'] };

/** Where things are mixed when nothing is said: the bowl that the recipe lists, else a bowl. */
function mixingBowl(state: State): string {
  const listed = findTools(state.recipe.tools.join('; ')).map((t) => t.tool.id);
  return listed.find((id) => id === 'large-bowl') ?? listed.find((id) => id === 'bowl' || id === 'jar') ?? 'bowl';
}

function takeClause(state: State, c: Located): void {
  if (!c.verb) return takeUnknown(state, c);
  const id = c.technique?.id ?? null;
  const container = CONTAINED.has(id ?? '') ? containerOf(state, c) : null;
  if (state.line !== c.line) state.lineObjects = [];
  state.line = c.line;
  if (id === 'preheat-oven') return preheat(state, c);
  if (id === 'bake') return bake(state, c);
  if (id === 'boil-kettle') state.explicit.add('kettle');
  if (id && HOB.has(id) && !((id === 'turn-over' || id === 'skim') && state.hob === null)) return onHob(state, c, container);
  const there = c.mentions.filter((m) => m.part === 'all' && state.placed.has(m.ingredient)).map((m) => state.placed.get(m.ingredient)!);
  const aside = id === 'lift-out' && container !== null && state.hob !== null;
  if (aside) for (const i of c.mentions.length ? c.mentions.map((m) => m.ingredient) : state.objectUses) state.placed.set(i, container);
  if (aside) return say(state, c, { text: wording(state, c), into: container });
  if (container) state.container = container;
  else if (there.length > 0 && id && CONTAINED.has(id) && /\b(?:over|onto|to|into|in|on|with)\b/i.test(c.rest)) state.container = there.at(-1)!;
  else if (id && (PUTTING.has(id) || JOINING.has(id)) && !state.container && c.tools.length === 0) state.container = mixingBowl(state);
  if (id && JOINING.has(id) && !container && MIXING_SURFACE.has(state.container ?? '')) state.container = mixingBowl(state);
  if (/\bthem\b/i.test(c.rest) && c.mentions.length === 0 && state.lineObjects.length > 1 && id && PUTTING.has(id))
    return putThem(state, c, state.lineObjects);
  const target = (m: Mention) => isTarget(c, m) && (PUTTING.has(id ?? '') || state.placed.has(m.ingredient));
  const fresh = c.mentions.filter((m) => !target(m) && (m.part !== 'all' || !state.placed.has(m.ingredient)));
  for (const mention of c.mentions) if (target(mention)) makeReady(state, mention, c, true);
  // "stir the soup": what is in the pan already is not put in again
  if (id && (PUTTING.has(id) || JOINING.has(id)) && fresh.length > 0) return putTogether(state, c, fresh);
  for (const mention of c.mentions) makeReady(state, mention, c, CUTTING.has(id ?? '') || id === 'rinse' || id === 'crack-egg' || id === 'juice' || id === 'drain' || id === 'open-can' || id === 'measure' || id === 'weigh');
  if (id === 'microwave') {
    state.hotFood = true;
    if (!container) state.container = 'plate';
  }
  if (id === 'cool' || id === 'chill') state.hotFood = false;
  if (id === 'turn-off') {
    const what = c.words;
    if (/oven/.test(what)) state.oven = false;
    else state.hob = null;
  }
  const where = id && (CONTAINED.has(id) || id === 'cover' || id === 'wait') ? state.container : id && CUTTING.has(id) && id !== 'tear' && id !== 'peel-by-hand' ? 'board' : null;
  say(state, c, { text: wording(state, c), into: where });
  remember(state, c);
}

function takeUnknown(state: State, c: Located): void {
  // A sentence with no action known to us still stands as a step: a person mends it, nothing is dropped.
  const text = c.rest.trim();
  if (text.split(/\s+/).length < 2 && !c.mentions.length) return;
  state.steps.push({ text: sentence(text), technique: null, sourceLine: c.line, uses: c.mentions.map((m) => useOf(state.recipe.ingredients, m.ingredient)), name: text.slice(0, 20) });
}

function preheat(state: State, c: Located): void {
  const heat = findTemperature(c.rest) ?? findTemperature(state.recipe.instructions.join(' '));
  state.oven = true;
  const tool = c.tools.find((t) => t.id === 'grill' || t.id === 'air-fryer')?.id ?? 'oven';
  // early enough: it heats while the rest is prepared
  state.steps.unshift({
    text: `Turn the ${toolById(tool)!.name} on${heat ? ` to ${dialMarks(heat)}` : ''}.`,
    technique: 'preheat-oven', sourceLine: c.line, tools: [tool], thing: `the ${toolById(tool)!.name}`, minutes: { waiting: 0 },
  }); // prettier-ignore
  if (state.beforeHeat !== null) state.beforeHeat++;
}

/** Both marks as they stand on dials: every 10 °C, every 25 °F. */
function dialMarks(heat: { celsius: number; fahrenheit: number; text: string }): string {
  const saidF = /f/i.test(heat.text.replace(/of/gi, ''));
  const f = saidF ? heat.fahrenheit : Math.round(heat.fahrenheit / 25) * 25;
  return `${saidF ? dialCelsius(heat.celsius) : heat.celsius} °C (${f} °F)`;
}

function bake(state: State, c: Located): void {
  const own = c.tools.find((t) => isContainer(t.id))?.id;
  for (const mention of c.mentions) makeReady(state, mention, c, false);
  const container = own ?? (state.container && toolById(state.container)?.kind === 'cookware' ? state.container : null) ?? ([...state.steps].reverse().flatMap((s) => s.tools ?? []).find((t) => ['tray', 'baking-dish', 'cake-tin', 'muffin-tin'].includes(t)) ?? 'baking-dish');
  const grill = c.verb === 'grill' || c.verb === 'broil';
  const appliance = grill ? 'grill' : 'oven';
  if (!state.oven) preheat(state, { ...c, rest: grill ? 'the grill' : c.rest, tools: grill ? [{ id: 'grill', at: 0 }] : [] });
  const name = `the ${toolById(container)!.name}`;
  const time = minutesIn(`${c.rest} ${c.until ?? ''}`);
  state.steps.push({ text: `Put ${name} in the oven. Wear oven gloves.`, technique: 'bake', sourceLine: c.line, tools: [appliance, 'oven-gloves', container], into: appliance, thing: name, name: 'in', uses: usesOf(state, c), cues: [], minutes: { waiting: 0 } });
  const words = wording(state, { ...c, lead: null });
  state.steps.push({ text: words, technique: 'wait', sourceLine: c.line, tools: ['timer', appliance], into: appliance, name: 'bake', hazards: ['hot'], thing: name, minutes: { active: 0.2, waiting: time ?? 20 }, cues: cuesOf(c, 'bake') });
  state.inOven = container;
  state.steps.push({ text: `Take ${name} out of the oven and put it on a stand.`, technique: 'take-out-oven', sourceLine: c.line, tools: ['oven-gloves', 'stand', container], into: 'stand', thing: name });
  state.container = container;
}

function onHob(state: State, c: Located, container: string | null): void {
  const id = c.technique!.id;
  const pan = container ?? (state.hob && state.container === state.hob ? state.hob : null) ?? (toolById(state.container ?? '')?.kind === 'cookware' ? state.container : null) ?? state.hob ?? (id === 'fry' ? 'frying-pan' : 'saucepan');
  const inMicrowave = c.tools.some((t) => t.id === 'microwave');
  state.container = pan;
  if (!inMicrowave && state.hob !== null && state.hob !== pan) {
    // one pan at a time on the heat: an empty ring left on is the commonest burn
    push(state, { text: `Turn off the hob under the ${toolById(state.hob)!.name}.`, technique: 'turn-off', sourceLine: c.line, tools: ['hob'], thing: 'the hob', name: state.hob });
  }
  if (!inMicrowave && state.hob === null && state.beforeHeat === null) state.beforeHeat = state.steps.length;
  const fresh = c.mentions.filter((m) => m.part !== 'all' || !state.placed.has(m.ingredient));
  for (const mention of fresh) {
    makeReady(state, mention, c, false);
    const one = state.recipe.ingredients[mention.ingredient]!;
    const liquid = ['liquid'].includes(findFood(one.item)?.form ?? '');
    if (id === 'turn-over') continue;
    push(state, {
      text: `${liquid ? 'Pour' : 'Put'} ${theOf(state, mention)} in the ${toolById(pan)!.name}.`, technique: liquid ? 'pour' : 'add', sourceLine: c.line,
      uses: [take(state, mention)], tools: [pan], into: pan, thing: `the ${nameOf(one)}`, name: nameOf(one), hazards: heatHazards(state, pan),
    }); // prettier-ignore
    state.placed.set(mention.ingredient, pan);
    state.used.add(mention.ingredient);
  }
  if (!inMicrowave && state.hob !== pan) {
    const level = /\b(?:over|on|at|to)?\s*(?:an?\s+)?(very low|low|gentle|medium[- ]low|medium[- ]high|medium|moderate|high)\b(?:\s+heat)?/i.exec(`${c.rest} ${c.lead ?? ''}`)?.[1]?.toLowerCase();
    state.steps.push({ text: `Turn on the hob under the ${toolById(pan)!.name}${level ? `, ${level} heat` : ''}.`, technique: 'hob-on', sourceLine: c.line, tools: ['hob', pan], into: pan, thing: 'the hob', name: pan });
    state.hob = pan;
  }
  state.hotFood = true;
  if (['fry', 'cook', 'simmer', 'boil'].includes(id)) for (const [i, at] of state.placed) if (at === pan) state.cooked.add(i);
  say(state, c, { text: wording(state, c), into: pan });
  remember(state, c);
}

/** "Spoon the beans over the potato": the potato is where they go, not what is spooned. */
function isTarget(c: Located, mention: Mention): boolean {
  return /\b(?:over|onto|to|into|in|on|on top of|around|between|inside|among)\s+(?:(?:the|a|an|each|your|both)\s+)?(?:\p{L}+\s+)?$/iu.test(c.rest.slice(0, mention.at)) && !/^(?:in|on)\s+(?:the\s+)?(?:\p{L}+\s+)?$/iu.test(c.rest.slice(0, mention.at));
}

/** Adds or joins several things: each thing is put in on its own, then worked in. */
function putTogether(state: State, c: Located, fresh: Mention[]): void {
  const id = c.technique!.id;
  const hadContainer = state.container;
  for (const mention of fresh) makeReady(state, mention, c, false);
  const into = state.container;
  if (PUTTING.has(id) || fresh.length === 1) {
    const tail = fresh.length > 1 ? tailAfter(c, fresh) : null;
    const preposition = /^(?:put|place|lay|set|arrange)$/.test(c.verb!) ? 'in' : 'to';
    if (tail === null) {
      say(state, c, { text: wording(state, c), into, uses: [...fresh.map((m) => take(state, m)), ...c.mentions.filter((m) => !fresh.includes(m) && !state.placed.has(m.ingredient)).map((m) => useOf(state.recipe.ingredients, m.ingredient))] });
    } else
      fresh.forEach((mention) => {
        const verb = PUTTING.has(id) && id !== 'gather' ? cap(c.verb!) : 'Put';
        const particle = /^(in|on)\s/i.exec(c.rest) && !tail ? ` ${/^(in|on)/i.exec(c.rest)![1]!.toLowerCase()}` : '';
        const where = (PUTTING.has(id) && /^(?:put|place|lay|set|arrange)$/.test(c.verb!) ? tail.replace(/^ to /, ' in ') : tail) || (particle ? '' : into && PUTTING.has(id) && id === 'add' ? ` ${preposition} the ${toolById(into)?.name ?? 'bowl'}` : '');
        push(state, {
          ...common(state, c, into, [mention]), text: sentence(`${verb}${withWord(c) ? ` with` : ''} ${theOf(state, mention)}${particle}${where}`),
          uses: [take(state, mention)], thing: `the ${nameOf(state.recipe.ingredients[mention.ingredient]!)}`, name: nameOf(state.recipe.ingredients[mention.ingredient]!),
        }); // prettier-ignore
      });
  } else {
    const place = `the ${toolById(into ?? 'bowl')?.name ?? 'bowl'}`;
    const already = fresh.filter((m) => state.placed.get(m.ingredient) === into);
    for (const mention of fresh.filter((m) => !already.includes(m))) {
      const one = state.recipe.ingredients[mention.ingredient]!;
      const pour = findFood(one.item)?.form === 'liquid' && one.min !== null;
      push(state, {
        text: `${pour ? 'Pour' : 'Put'} ${theOf(state, mention)} in ${place}.`, technique: pour ? 'pour' : 'add', sourceLine: c.line, uses: [take(state, mention)],
        tools: into ? [into] : [], into, thing: `the ${nameOf(one)}`, name: nameOf(one), hazards: [...heatHazards(state, into), ...hotHazards(one.item)],
      }); // prettier-ignore
    }
    say(state, c, { text: joinedWording(c, place), into, uses: already.map((m) => take(state, m)) });
  }
  for (const mention of fresh) {
    if (into) state.placed.set(mention.ingredient, into);
    state.used.add(mention.ingredient);
  }
  if (!hadContainer && !into) state.container = mixingBowl(state);
  remember(state, c);
}

/** "Peel the banana, rinse the berries and put them on top": each of them is put on its own. */
function putThem(state: State, c: Located, all: number[]): void {
  const into = state.container;
  for (const ingredient of all) {
    const name = nameOf(state.recipe.ingredients[ingredient]!);
    const mention: Mention = { ingredient, at: 0, end: 0, quantity: null, unit: null, part: 'all' };
    makeReady(state, mention, c, false);
    push(state, { ...common(state, c, into, [mention]), text: sentence(`${c.verb} ${c.rest.replace(/\bthem\b(?:\s+all)?/i, `the ${name}`)}`), uses: [take(state, mention)], thing: `the ${name}`, name });
    state.used.add(ingredient);
    if (into) state.placed.set(ingredient, into);
  }
  state.lineObjects = [];
}

const withWord = (c: Located) => /^with\b/i.test(c.rest);

/** What follows the last thing named: " to the bowl"; null when other things stand between that must not be lost. */
function tailAfter(c: Located, fresh: Mention[]): string | null {
  const last = Math.max(...fresh.map((m) => m.end));
  const tail = c.rest.slice(last).replace(PARTICIPLE, '').replace(/^[\s,]*(?:leaves|pieces|slices)?[\s,]*/i, '').trim();
  if (tail.length > 60) return null;
  return tail ? ` ${tail}` : '';
}

/** "Stir it in.", "Mix everything in the small bowl." */
function joinedWording(c: Located, place: string): string {
  const tool = c.tools.find((t) => toolById(t.id)?.kind === 'utensil' || toolById(t.id)?.kind === 'appliance');
  const with_ = tool ? ` with the ${toolById(tool.id)!.name}` : '';
  const manner = c.adverb ? ` ${c.adverb}` : '';
  const how = c.technique!.id === 'fold' ? 'Fold everything together' : `${cap(c.verb!)} everything`;
  return sentence(`${how} in ${place}${with_}${manner}${c.until ? ` ${c.until}` : ''}`);
}

function theOf(state: State, mention: Mention): string {
  const one = state.recipe.ingredients[mention.ingredient]!;
  if (one.preparation.includes('juiced')) return `the ${findFood(one.item)?.names[0] ?? nameOf(one)} juice`;
  if (mention.part === 'rest') return `the rest of the ${nameOf(one)}`;
  if (mention.part === 'some' && mention.quantity === null) return `a little ${nameOf(one)}`;
  return `the ${nameOf(one)}`;
}

/** The part of an ingredient that a step takes, noting what is left of it. */
function take(state: State, mention: Mention): Use {
  const one = state.recipe.ingredients[mention.ingredient]!;
  const all = one.min ? toFraction(one.min) : null;
  const before = state.taken.get(mention.ingredient) ?? new Fraction(0);
  if (mention.part === 'some' && mention.quantity && all) {
    const same = mention.unit && one.unit ? convertUnit(mention.quantity, mention.unit, one.unit, state.kitchen.system) : mention.unit === one.unit ? mention.quantity : null;
    if (same) state.taken.set(mention.ingredient, before.add(toFraction(same)!));
    return useOf(state.recipe.ingredients, mention.ingredient, mention.quantity, mention.unit);
  }
  if (mention.part === 'rest' && all) {
    const left = all.sub(before);
    state.taken.set(mention.ingredient, all);
    return useOf(state.recipe.ingredients, mention.ingredient, left.compare(0) > 0 ? toQuantity(left) : one.min, one.unit);
  }
  if (mention.part === 'some') return { ingredient: mention.ingredient, item: one.item, quantity: null, unit: null };
  if (all) state.taken.set(mention.ingredient, all);
  return useOf(state.recipe.ingredients, mention.ingredient);
}

/** Makes an ingredient ready and measures it, before its first use; before the first heat where the use is hot. */
function makeReady(state: State, mention: Mention, c: Located, worked: boolean): void {
  const index = mention.ingredient;
  const early: Draft[] = [];
  if (!state.readied.has(index)) {
    state.readied.add(index);
    early.push(...readySteps(state.recipe.ingredients, index, state.explicit));
  }
  const one = state.recipe.ingredients[index]!;
  const hot = state.beforeHeat !== null;
  if (!worked || c.technique?.id === 'rinse') {
    const amount = amountOf(state, mention);
    if (amount && !measuredAlready(state, index, mention)) {
      if (/\b(?:boiling|hot)\s+water\b/i.test(one.item) && !state.explicit.has('kettle')) {
        state.explicit.add('kettle');
        early.push({ text: 'Fill the kettle and boil the water.', technique: 'boil-kettle', sourceLine: null, thing: 'the kettle', name: 'kettle', uses: [useOf(state.recipe.ingredients, index)], minutes: { waiting: 3 } });
      }
      const cut = early.some((s) => CUTTING.has(s.technique ?? '')) || one.preparation.length > 0;
      const step = measureStep(state.recipe.ingredients, index, amount.quantity, amount.unit, hot || cut ? 'small-bowl' : null, state.kitchen);
      // what is cut to size is measured after it is cut
      if (step) early.push(step);
    }
  }
  if (early.length === 0) return;
  if (hot) {
    state.steps.splice(state.beforeHeat!, 0, ...early);
    state.beforeHeat! += early.length;
  } else state.steps.push(...early);
}

function amountOf(state: State, mention: Mention): { quantity: Quantity | null; unit: Unit | null } | null {
  const one = state.recipe.ingredients[mention.ingredient]!;
  if (mention.part === 'some') return mention.quantity ? { quantity: mention.quantity, unit: mention.unit } : null;
  if (mention.part === 'rest') {
    const all = one.min ? toFraction(one.min) : null;
    const left = all?.sub(state.taken.get(mention.ingredient) ?? new Fraction(0));
    return left && left.compare(0) > 0 ? { quantity: toQuantity(left), unit: one.unit } : null;
  }
  return { quantity: null, unit: null };
}

function measuredAlready(state: State, index: number, mention: Mention): boolean {
  return mention.part === 'all' && state.steps.some((s) => (s.technique === 'measure' || s.technique === 'weigh') && s.uses?.some((u) => u.ingredient === index));
}

const cap = (word: string) => word.charAt(0).toUpperCase() + word.slice(1);
function sentence(text: string): string {
  const plain = text.replace(/\s+/g, ' ').replace(/\s+([,.])/g, '$1').replace(/[,;:\s]+$/, '').trim();
  return plain ? cap(plain) + (/[.!?]$/.test(plain) ? '' : '.') : '';
}

/** The words of a step as the recipe says them: verb first, then what, where, with what, how long and until when. */
function wording(state: State, c: Located): string {
  let rest = c.rest.replace(PARTICIPLE, '').replace(/\bsometimes\b/i, 'now and then');
  const alone = !objectPhrase(rest);
  const object = c.shared && !rest ? state.object : null;
  const needsObject = ['drain', 'drain-hot', 'turn-over', 'mash', 'fluff', 'lift-out', 'cool', 'chill'].includes(c.technique?.id ?? '');
  if (object && needsObject && alone) rest = `${object} ${rest}`;
  rest = replacePronoun(state, rest);
  for (const mention of c.mentions) if (mention.quantity && mention.unit) rest = withoutAmount(rest, mention);
  const place = state.container ? ` in the ${toolById(state.container)?.name ?? 'bowl'}` : '';
  if (!rest && c.technique?.id === 'mix') rest = `everything${place}`;
  if (c.technique?.id === 'cover' && !objectPhrase(rest) && state.container) rest = `the ${toolById(state.container)?.name} ${rest}`;
  if (c.technique?.id === 'take-off-heat' && alone && (state.hob ?? state.container)) rest = `the ${toolById((state.hob ?? state.container)!)?.name} ${rest}`;
  if (c.technique?.id === 'serve' && (!objectPhrase(rest) || !rest)) rest = `the ${shortTitle(state.recipe.title)} ${rest}`;
  const adverb = c.adverb && !rest.includes(c.adverb) ? ` ${c.adverb}` : '';
  const lead = c.lead && !leadIsKnown(c) ? ` ${c.lead.charAt(0).toLowerCase()}${c.lead.slice(1)}` : '';
  const until = c.until ? ` ${c.until}` : '';
  const condition = c.condition ? ` ${c.condition.replace(/^(?:once|as soon as|after)\b/, 'when')}` : '';
  return sentence(`${c.verb} ${rest}${lead}${adverb}${until}${condition}`);
}

/** The dish in a few words, for "Serve the ...". */
export function shortTitle(title: string): string {
  const words = title.split(/[,(:]|\b(?:for|with|and)\b/)[0]!.split(/\s+/).slice(-3).join(' ').toLowerCase().replace(/[^\p{L} '-]/gu, '');
  return words.trim() || 'food';
}

const leadIsKnown = (c: Located) => /^(?:using|with)\b/i.test(c.lead ?? '') && c.tools.length === 0;

/** "Wash 1 cup of red lentils" becomes "Wash the red lentils": the amount has its own measuring step. */
function withoutAmount(rest: string, mention: Mention): string {
  const before = rest.slice(0, mention.at);
  const found = /(?:\babout\s+)?\d[\d ./]*\s*[a-z]+\.?\s*(?:of\s+)?(?:the\s+)?((?:\p{L}+\s+){0,1})$/iu.exec(before);
  return found ? `${before.slice(0, found.index)}the ${found[1]}${rest.slice(mention.at)}` : rest;
}

function replacePronoun(state: State, rest: string): string {
  const several = state.lineObjects.length > 1 ? listOf(state.lineObjects.map((i) => `the ${nameOf(state.recipe.ingredients[i]!)}`)) : null;
  const object = /\bthem\b/i.test(rest) && several ? several : state.object;
  if (!object || object.length > 60 || /\b(?:it|them)\b/i.test(object)) return rest;
  const first = /^((?:in|over|up)\s+)?(?:it|them)\b(?:\s+all(?!\s+(?:over|together))\b)?/i.exec(rest);
  if (first) return `${first[1] ?? ''}${object}${rest.slice(first[0].length)}`;
  return rest.replace(/\b(over|to|with|into|onto|on|in)\s+(?:it|them)\b/i, `$1 ${object}`);
}

const listOf = (things: string[]) => (things.length > 1 ? `${things.slice(0, -1).join(', ')} and ${things.at(-1)}` : (things[0] ?? ''));

/** Cues from the recipe's own words: "until golden", "for 8 minutes", "stirring now and then". */
function cuesOf(c: Located, technique: string | null): Cue[] {
  const cues: Cue[] = [];
  if (c.until) cues.push({ sense: senseOf(c.until), text: c.until.replace(/^(?:until|till|so that)\s+/i, '') });
  const time = minutesIn(`${c.rest} ${c.until ?? ''}`);
  if (time !== null) cues.push({ sense: 'time', text: `the timer rings after ${time >= 1 ? `${showQuantity(new Fraction(time).simplify(0.01).toFraction())} min` : `${Math.round(time * 60)} s`}` });
  const beside = PARTICIPLE.exec(c.rest);
  if (beside && technique) cues.push({ sense: 'time', text: beside[1]!.replace(/\bsometimes\b/, 'now and then') });
  return cues;
}

function senseOf(text: string): Cue['sense'] {
  if (/\b(?:soft|firm|tender|set|springs?|smooth|thick|cool|crisp|dry|sticky|warm|hard|fork)\b/i.test(text)) return 'touch';
  if (/\b(?:sizzl|hear|pop|beep|ring|crackl)/i.test(text)) return 'sound';
  if (/\b(?:fragrant|smell|aroma)/i.test(text)) return 'smell';
  if (/°|\bdegrees\b/i.test(text)) return 'thermometer';
  return 'sight';
}

const hotHazards = (item: string): Hazard[] => (/\b(?:boiling|hot)\b/i.test(item) ? ['hot', 'steam'] : []);
/** What a hot pan adds to a step that happens in it. */
function heatHazards(state: State, into: string | null): Hazard[] {
  return into !== null && into === state.hob ? ['hot', 'splash'] : [];
}

function common(state: State, c: Located, into: string | null, mentions: Mention[] = c.mentions): Draft {
  const technique = c.technique;
  const named = c.tools.map((t) => t.id);
  const own = (technique?.tools ?? []).filter((id) => !replaced(id, named, into));
  const tools = [...named, ...own];
  if (into && !tools.includes(into) && isContainer(into)) tools.push(into);
  const fromPan = ['pour', 'spoon', 'serve', 'lift-out'].includes(technique?.id ?? '') && state.hotFood && into !== state.hob;
  const raw = mentions.filter((m) => !state.cooked.has(m.ingredient)).flatMap((m) => rawHazard(state.recipe.ingredients[m.ingredient]) ?? []).filter((h) => h !== 'raw-egg' || ['mix', 'beat', 'add', 'fold'].includes(technique?.id ?? ''));
  const dough = !state.inOven && [...state.placed.keys()].some((i) => rawHazard(state.recipe.ingredients[i]) === 'raw-flour' && state.placed.get(i) !== state.hob);
  if (dough && ['mix', 'beat', 'fold', 'rub-in', 'knead', 'shape', 'roll-out'].includes(technique?.id ?? '')) raw.push('raw-flour');
  const hotItem = mentions.flatMap((m) => hotHazards(state.recipe.ingredients[m.ingredient]!.item));
  const choking = CUTTING.has(technique?.id ?? '') && mentions.some((m) => findFood(state.recipe.ingredients[m.ingredient]!.item)?.choking);
  const waiting = minutesIn(`${c.rest} ${c.until ?? ''}`);
  if (waiting !== null && technique && ['cook', 'simmer', 'fry', 'boil'].includes(technique.id) && !tools.includes('timer')) tools.push('timer');
  const waits = technique !== null && (technique.minutes.waiting > 0 || technique.id === 'fry');
  return {
    text: '', technique: technique?.id ?? null, sourceLine: c.line, tools, into,
    hazards: [...heatHazards(state, into), ...(fromPan ? (['hot'] as const) : []), ...raw, ...hotItem, ...(choking ? (['choking'] as const) : []), ...(HOB.has(technique?.id ?? '') ? (['hot'] as const) : [])],
    cues: cuesOf(c, technique?.id ?? null),
    minutes: waits ? { waiting: waiting ?? (technique.id === 'fry' ? 0 : technique.minutes.waiting) } : waiting !== null && technique ? { active: Math.max(waiting, technique.minutes.active) } : {},
    thing: c.mentions[0] ? theOf(state, c.mentions[0]) : (objectPhrase(replacePronoun(state, c.rest)) ?? state.object ?? undefined),
    name: c.mentions[0] ? nameOf(state.recipe.ingredients[c.mentions[0].ingredient]!) : (nameWords(objectPhrase(c.rest) ?? '').slice(-1)[0] ?? ''),
  }; // prettier-ignore
}

/** Whether a technique's usual tool is not wanted here, since the recipe names another, or the food stands in something already. */
function replaced(id: string, named: string[], into: string | null): boolean {
  const kind = toolById(id)?.kind;
  if (named.includes(id)) return true;
  if (id === 'lid') return named.some((n) => ['plate', 'foil', 'cling-film', 'cloth'].includes(n));
  if (kind === 'cookware' || kind === 'container') return (into !== null && isContainer(into)) || named.some((n) => isContainer(n));
  if (kind === 'utensil' && id !== 'timer') return named.some((n) => toolById(n)?.kind === 'utensil' && n !== 'timer') ;
  if (id === 'hob') return named.some((n) => ['microwave', 'slow-cooker', 'air-fryer', 'oven'].includes(n));
  if (id === 'board') return named.includes('plate');
  return false;
}

function usesOf(state: State, c: Located): Use[] {
  return c.mentions.filter((m) => !state.placed.has(m.ingredient)).map((m) => take(state, m));
}

function say(state: State, c: Located, own: Partial<Draft> & { text: string }): void {
  const uses = own.uses ?? c.mentions.map((m) => useOf(state.recipe.ingredients, m.ingredient, m.part === 'some' ? m.quantity : null, m.unit));
  for (const mention of c.mentions) state.used.add(mention.ingredient);
  push(state, { ...common(state, c, own.into ?? null), ...own, uses });
}

function push(state: State, draft: Draft): void {
  state.steps.push(draft);
}

/** What "it" and "them" will mean in the next action. */
function remember(state: State, c: Located): void {
  const id = c.technique?.id ?? '';
  if (CUTTING.has(id) || id === 'rinse' || id === 'drain') for (const m of c.mentions) if (!state.lineObjects.includes(m.ingredient)) state.lineObjects.push(m.ingredient);
  const phrase = objectPhrase(c.rest);
  if (phrase && !/^(?:it|them|everything|each|both|these|each one|a little)\b/i.test(phrase) && !/^(?:the |your )?(?:heat|oven|lid|hands?)\b/i.test(phrase)) {
    state.object = c.mentions.length > 2 ? 'everything' : plainObject(phrase, c);
    if (c.mentions.length > 0) state.objectUses = c.mentions.map((m) => m.ingredient);
  }
  if (OVEN_FOOD.has(c.technique?.id ?? '')) state.object = null;
}

const plainObject = (phrase: string, c: Located) => (/^\d/.test(phrase) && c.mentions[0] ? `the ${phrase.slice(c.mentions[0].at - c.rest.indexOf(phrase))}` : phrase);
