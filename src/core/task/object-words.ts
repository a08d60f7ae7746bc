// What a clause acts on, in words: the object that it names, that was spoken of, or that the world fills in.
import { objectPhrase } from '../plan/object-phrase';
import { listed } from '../recipe/listed';
import { shellOf } from '../kitchen/index';
import { findFood, foodIs } from '../recipe/food';
import { PART, PARTS } from '../recipe/part-nouns';
import { findTools, hasMark } from '../technique/tools';
import { type Act, worksOf } from '../technique/works';
import { shortTitle } from './dish-title';
import { isTarget } from './locate-all';
import { isOverWater } from './means/here';
import { inside } from './push';
import { nameOf } from './ready';
import { handledAlone } from './things';
import { isContainer, type Located, type State } from './state';
import { inTool, toolCall } from './tool-names';
import {
  emptyVessel,
  HAS_PLACE,
  heatWords,
  isAmong,
  isFlat,
  isPlace,
  isPlaceFirst,
  PLACE_SAID,
  seasonedWith,
  STANDS_ON,
  toPlace,
  vesselToCoat,
  withVessel,
} from './place-words';

/** Acts of which one has to say what they are done to. */
const NEEDS_OBJECT = new Set<Act>([
  'heat',
  'join',
  'put',
  'touch',
  'shape',
  'ready',
  'soak',
  'drain',
  'lift',
  'cool',
  'chill',
  'wait',
  'check',
  'microwave',
  'toast',
  'oven',
  'bin',
]);
/** Verbs that need nothing behind them, or whose object is the time itself. */
const ALONE = /^(?:wait|count|set|hold|start|continue|repeat|go|watch|look|enjoy|eat)$/;

const PART_NOUN = new RegExp(
  `^(?:the\\s+|any\\s+|its\\s+|their\\s+)?(?:hard |tough |woody |green |outer |root |papery )?(?:${PART}|tops and tails)$`,
  'i',
);
/** The part that the step before took off, where a later line takes it up: "fry the stalks". */
function partUsedLater(state: State, c: Located): string | null {
  const part = OFF.exec(state.steps.at(-1)?.text ?? '')?.[1];
  const line = state.recipe.instructions[c.line - 1] ?? '';
  const later = [line.slice(line.indexOf(c.rest) + c.rest.length), ...state.recipe.instructions.slice(c.line)].join(' ');
  return part && new RegExp(`\\b${part}\\b`, 'i').test(later) ? `the ${part}` : null;
}

const OFF = new RegExp(`^(?:Remove|Take|Cut|Pull|Pick|Slice|Snip)\\b.*?\\bthe (${PARTS})\\b`);

/** What a step took off or out, and is thrown away. */
const WASTE = new RegExp(`\\bthe (?:${PART}|fat|liquid|water)\\b`);
const PRONOUN = /^(?:it|them|everything|these|this|that|each one|all of (?:it|them)|both)\b(?:\s+all(?!\s+(?:over|together))\b)?/i;

/** "Stir the dip. Serve with the wedges", of paprika wedges: it is not the wedges that are served with the wedges. */
function isDishItself(state: State, rest: string): boolean {
  const beside = /^with (?:the|your) (?:\p{L}+ )?(\p{L}{4,})(?=$|[,;])/iu.exec(rest)?.[1];
  return beside !== undefined && new RegExp(`\\b${beside}$`, 'i').test(shortTitle(state.recipe.title));
}

/** "Serve split, with butter", "serve dusted with sugar": how, and not what. */
const SERVED_HOW = /^(?:split|cut|\p{L}+ed)\b(?=\s*(?:,|$)|\s+(?:with|into|in|and|over|up|on)\b)/iu;

/** The object of a clause, and what stands behind it; with holes where only the world can tell. */
export function withObject(state: State, c: Located, rest: string, act: Act): string {
  const id = c.technique?.id ?? '';
  if (id === 'cover' || id === 'uncover') return withVessel(state, rest);
  if (act === 'off' || act === 'ring-set') return heatWords(c, rest);
  if (act === 'off-ring' && (!objectPhrase(rest) || /^(?:(?:it|them)\s+)?(?:off|from)\b/i.test(rest)) && (state.hob ?? state.container))
    return `the ${toolCall(state, (state.hob ?? state.container)!)} ${rest.replace(/^(?:it|them)\s+/i, '')}`;
  // "fold over", with the filling on half of it: it is the pastry that is folded
  const sheet =
    c.verb === 'fold' && /^(?:it\s+)?over\b/i.test(rest)
      ? state.objectUses.find((i) => foodIs(state.world.ingredients[i]!.food, 'of-flour'))
      : undefined;
  if (sheet !== undefined) return `the ${nameOf(state.recipe.ingredients[sheet]!)} ${rest.replace(/^it\s+/i, '')}`;
  // "divide between two pots", of a dish that is called after its pots
  if (act === 'serve' && /^(?:between|among|into)\b/i.test(rest) && findTools(state.recipe.title.split(' ').at(-1)!).length > 0)
    return `${hole('thing', spokenOf(state))} ${rest}`;
  // "break up the sponges and divide between 6 cups"
  if (
    id === 'share-out' &&
    (!c.first || c.line < state.recipe.instructions.length) &&
    !objectPhrase(rest) &&
    state.objectUses.length > 0 &&
    state.cooked.size === 0
  )
    return `${hole('thing', spokenOf(state))} ${rest}`;
  // "drain and serve with the sauce": what was drained
  const lastAct = c.first ? null : worksOf(state.steps.at(-1)?.technique).act;
  const wasDrained = lastAct === 'drain';
  // "lift out the chicken and leave until cool enough to handle": not the soup that it was in
  const wasLifted = lastAct === 'lift' && (act === 'cool' || act === 'wait') && !objectPhrase(rest) && state.objectUses.length < 3;
  if (wasLifted || (wasDrained && ((act === 'serve' && /^with\b/i.test(rest)) || (id === 'share-out' && !objectPhrase(rest)))))
    return `${listed(state.objectUses.map((i) => `the ${nameOf(state.recipe.ingredients[i]!)}`)) || hole('thing', null)} ${rest}`;
  if (act === 'serve' && (!objectPhrase(rest) || SERVED_HOW.test(rest)))
    return `${isDishItself(state, rest) ? hole('spoken', spokenOf(state)) : `the ${shortTitle(state.recipe.title)}`} ${rest}`;
  if (/^with\b/i.test(rest) && act === 'coat-vessel') return `${hole('there', vesselToCoat(state))} ${rest}`;
  if (act === 'coat-vessel' && vesselToCoat(state)) return rest.replace(/^(?:it|them)\b/i, vesselToCoat(state)!);
  if (act === 'water' && /^with\b/i.test(rest)) return `${hole('there', null)} ${rest}`;
  if (!NEEDS_OBJECT.has(act)) return withPronoun(state, rest);
  // "set over a pan of simmering water": the bowl is what stands there
  if (act === 'heat' && id !== 'steam' && isOverWater(rest) && /^over\b/i.test(rest) && state.container)
    return `the ${toolCall(state, state.container)} ${rest}`;
  // "pour through a sieve over the bread"
  if (act === 'put' && /^through (?:an?|the|your)\s/i.test(rest)) return `${hole('spoken', spokenOf(state))} ${rest}`;
  // "sift the flour and cocoa over the mixture and fold in": what came last
  const newest = act === 'join' && /^in(?:to)?(?=$|\s+(?:until|gently|with|well)\b)/i.test(rest) ? cameLast(state, c) : [];
  if (newest.length > 0) return `${listed(newest)} ${rest}`;
  // "stir in the spinach and let it wilt"
  if (worksOf(id, c.technique?.like).traits.has('newest') && /^(?:it|them)\b/i.test(rest) && state.objectUses.length > 0)
    return rest.replace(/^(?:it|them)\b/i, hole('spoken', null));
  const thing = hole('thing', spokenOf(state));
  const named = c.mentions.filter((m) => m.end > m.at && !isTarget(c, m));
  const there = hole('there', state.container ? `the ${toolCall(state, state.container)}` : null);
  const vessel = state.container ? `the ${toolCall(state, state.container)}` : there;
  const alone = c.mentions.length === 1 && state.container !== null && inside(state, state.container).length === 0;
  if (act === 'join' && !rest && state.container && !alone) return `everything ${inTool(state, state.container)}`;
  // "crush roughly with a masher"
  if (act === 'join' && c.mentions.length === 0 && /^\p{L}+ly\s+(?:with|using)\s+(?:an?|the|your)\s/iu.test(rest))
    return `${thing} ${rest}`;
  // "dissolve the cube and pour in": one has to say into what
  if (act === 'put' && state.container && /^(?:(?:it|them)\s+)?in(?:\s+(?:too|as well))?$/i.test(rest))
    return `${thing} ${toPlace(state, c.verb!, state.container)}`;
  // "nestle the chicken back in"
  const back = act === 'put' && state.container ? /^(the .{2,40}? )?back in$/i.exec(rest) : null;
  if (back) return `${back[1] ?? `${thing} `}back ${toPlace(state, c.verb!, state.container!)}`;
  // "spread in the tin"
  if (act === 'put' && c.mentions.length === 0 && PLACE_SAID.test(rest) && c.tools.some((t) => isContainer(t.id) && t.at < 40))
    return `${thing} ${rest}`;
  // "cut open", "arrange in a single layer"
  if (/^(?:open$|in (?:a single|one|an even|a thin) layer\b)/i.test(rest)) return `${thing} ${rest}`;
  // "stir in the paprika": into what is there already
  const into =
    /^(?:in|through)\s+(?!\p{L}+ly\b)(?!(?:a|an|the)\s+(?:\p{L}+\s+)?(?:bowl|pan|pot|jug|tray|dish|mug|cup|sieve|colander|strainer|funnel|muslin|circles?|one direction|same way)\b)(?!(?:with|until|batches|small|for)\b)(?=\S)/iu.exec(
      rest,
    );
  const isMeant = named.length > 0 || c.mentions.some((m) => m.end > m.at && !state.placed.has(m.ingredient));
  const cutsIn = act === 'ready' && isMeant && state.container !== null && state.container !== 'board';
  if (into && id !== 'coat' && id !== 'dip' && (act === 'join' || act === 'put' || cutsIn) && !isPlace(c, rest))
    return withGoal(withPronoun(state, rest.slice(into[0].length)), `into ${id === 'rub-in' || isFlat(state) ? there : vessel}`);
  // "pour over the sauce": over what is there
  const over = /^over\s+(?=\p{L})(?!(?:it|them)\b)/iu.exec(rest);
  const pours = act === 'put' && (named.length > 0 || /\bwater\b/i.test(rest));
  if (over && (pours || cutsIn) && !HAS_PLACE.test(rest.slice(over[0].length))) return `${rest.slice(over[0].length)} over ${there}`;
  // "pour warm water into a dish": water is what is poured
  if (act === 'put' && /^(?:(?:some|a little|enough)\s+)?(?:\p{L}+\s+)?water\s+(?:in|into)\s/iu.test(rest)) return rest;
  if (/^up with\b/i.test(rest) && act === 'put') return `${vessel} ${rest}`;
  // "top each one with jam": each of what stands there
  if (/^each one with\b/i.test(rest) && act === 'put' && /^(?:top|finish|decorate|dot)$/.test(c.verb ?? '')) return rest;
  if (/^with\b/i.test(rest) && act === 'put')
    return `${(state.container ? filledThing(state, c, state.container) : null) ?? (handledAlone(state).length > 0 ? hole('spoken', null) : there)} ${rest}`;
  // "toss with the oil": what lies there already
  if (/^with\b/i.test(rest) && act === 'join' && named.length > 0) return `${hole('held', null)} ${rest}`;
  if (id === 'season' && /^to taste with\b/i.test(rest)) return `${there} ${rest}`;
  if (id === 'season' && !/\bwith\b/i.test(rest))
    return `${objectPhrase(rest) ? withPronoun(state, rest) : `${handledAlone(state).length > 0 ? hole('spoken', null) : there} ${rest}`}${seasonedWith(state, c)}`;
  if (id === 'pat-dry' && /^dry\b/i.test(rest)) return `${thing} ${rest}`;
  // "remove the stalks and chop them", where the stalks are spoken of again
  const part = act === 'ready' && /^them\b/i.test(rest) && c.mentions.length === 0 ? partUsedLater(state, c) : null;
  if (part) return `${part}${rest.slice('them'.length)}`;
  // "scoop out the seeds and throw away"
  const waste =
    act === 'bin' && c.mentions.length === 0 && !objectPhrase(rest) ? WASTE.exec(state.steps.at(-1)?.text ?? '')?.[0] : undefined;
  if (waste) return `${waste} ${rest.replace(/^(?:it|them)\b\s*/i, '')}`;
  // "run cold water over them"
  if (/^(?:cold|hot|warm|boiling) water over\b/i.test(rest)) return withPronoun(state, rest);
  // "rinse and shake dry"
  if (act === 'ready' && /^and\s+\p{L}+\s+dry\b/iu.test(rest)) return `${thing} ${rest}`;
  // "crush them", of what went in last among the rest
  if (act === 'join' && /^them\b/i.test(rest) && isAmong(state)) return rest.replace(/^them\b/i, hole('spoken', null));
  // "drain, reserving a cup of the water"
  if (/^(?:reserving|saving|holding)\b/i.test(rest)) return `${thing}, ${rest}`;
  // "fold in the sides"
  if (act === 'shape' && /^(?:in|over|up) the (?:sides?|ends?|edges?)$/i.test(rest)) return rest;
  // "trim off the ends": of what was spoken of
  if (PART_NOUN.test(rest.replace(/^(?:off|out)\s+/i, '')) && /^(?:off|out)\b/i.test(rest) && state.objectUses.length > 0)
    return `${rest} of ${thing}`;
  // "cut out rounds", "spoon off any fat"
  if (
    /^(?:out|up|off|down|away)\s+(?!(?:to|into|in|on|onto|with|for|until|of|from|and|well|tightly|tight|using|by)\b)(?!\p{L}+ly\b|\d+(?:\.\d+)?\s*(?:cm|mm|inch|min|hour|sec))[\p{L}\d]/iu.test(
      rest,
    ) &&
    !PRONOUN.test(rest.replace(/^\S+\s+/, '')) &&
    !objectPhrase(rest)
  )
    return withPronoun(state, rest);
  if (/^(?:let|leave|allow)$/.test(c.verb ?? '') && /^(?:to\s+)?(?:cool|rest|stand|sit|set|go|get|thaw|soak|rise|prove)\b/i.test(rest))
    return `${thing} ${rest}`;
  // "stand it on a plate": the mug, not what is in it
  if (act === 'wait' && STANDS_ON.test(rest) && state.container && !hasMark(state.container, 'flat'))
    return rest.replace(/^it/i, `the ${toolCall(state, state.container)}`);
  if (id === 'seal' && /^(?:it|the bag)\b/i.test(rest) && state.container === 'bag') return rest.replace(/^(?:it|the bag)\b/i, 'the bag');
  if (id === 'make-well') return withPronoun(state, rest);
  // "brush over the flatbreads": what was spoken of is brushed over them
  if (/^over\s+the\b/i.test(rest) && act === 'put' && named.length === 0) return withPronoun(state, `${thing} ${rest}`);
  const phrase = isPlaceFirst(rest, act) ? null : objectPhrase(rest);
  // "put half in each jar"
  const share = act === 'put' ? /^(?:half|some) (?=(?:in|into|on|onto|over|to|between)\b)/i.exec(rest)?.[0].trim() : undefined;
  if (share) return rest.replace(/^\S+/, `${share} of ${hole('spoken', null)}`);
  const pronoun = PRONOUN.test(rest.replace(/^(?:in|over|up|out|down|off|through)\s+/i, ''));
  if (phrase && !pronoun) {
    const part =
      PART_NOUN.test(phrase) &&
      // "rough up the top with a fork"
      !(act === 'touch' && /^the tops?$/i.test(phrase)) &&
      shellOf(state.world, phrase) === null &&
      c.mentions.length === 0 &&
      state.objectUses.length > 0 &&
      !/\b(?:of|from|off)\b/i.test(rest);
    // the ends of a parcel are of its paper
    const sheet = state.container === 'paper' || state.container === 'foil' ? `the ${toolCall(state, state.container)}` : null;
    const said = part ? rest.replace(phrase, `${phrase} of ${sheet ?? thing}`) : withPronoun(state, rest);
    return act === 'put' && !HAS_PLACE.test(said) && state.container ? withGoal(said, toPlace(state, c.verb!, state.container)) : said;
  }
  if (pronoun) return withPronoun(state, rest);
  if (named.length > 0 && act !== 'put' && !/^(?:in|into|on|onto|over|with|to|from)\b/i.test(rest)) return withPronoun(state, rest);
  if (ALONE.test(c.verb ?? '') && act !== 'put' && !/^aside\b/i.test(rest)) return withPronoun(state, rest);
  // "add the butter and rub in": what was added is rubbed in
  if (/^in(?:to)?\b/i.test(rest) && act === 'join') return `${hole('spoken', null)} ${rest}`;
  return withPronoun(
    state,
    `${thing} ${rest.replace(/^(?=\d)/, 'for ').replace(/^(?:back\s+)?to (?:a )?boil\b/i, (said) => (/back/i.test(said) ? 'back to the boil' : 'to the boil'))}`,
  );
}

/** The things that the steps just before put on or into what lies there, of several that are spoken of. */
function cameLast(state: State, c: Located): string[] {
  const last: number[] = [];
  for (const step of [...state.steps].reverse()) {
    const [use] = step.uses ?? [];
    if (
      step.sourceLine !== c.line ||
      step.into !== state.container ||
      worksOf(step.technique).act !== 'put' ||
      use?.ingredient === undefined ||
      use.ingredient === null
    )
      break;
    last.unshift(use.ingredient);
  }
  return last.length > 0 && last.length < state.objectUses.length ? last.map((i) => `the ${nameOf(state.recipe.ingredients[i]!)}`) : [];
}

/** "Spread the sauce inside. Fill with": the bread that was spoken of, not all that lies there. */
export function filledThing(state: State, c: Located, to: string): string | null {
  const spokenOfNow = state.objectUses;
  // the peppers, and not the oil on them
  const mains = spokenOfNow.filter((i) => !state.world.ingredients[i]!.minor);
  const about = mains.length > 0 ? mains : spokenOfNow;
  const isBread = about.every((i) => foodIs(findFood(state.recipe.ingredients[i]!.item), 'of-flour'));
  // "lay the salmon on the tray. Brush with the sauce": the salmon
  const isOne =
    about.length === 1 && !c.mentions.some((m) => m.ingredient === about[0]) && /^(?:brush|glaze|rub|baste)$/.test(c.verb ?? '');
  if (
    (c.technique?.id !== 'stuff' && !isBread && !isOne) ||
    about.length === 0 ||
    about.length > 2 ||
    about.some((i) => state.placed.get(i) !== to)
  )
    return null;
  return listed(about.map((i) => `the ${nameOf(state.recipe.ingredients[i]!)}`));
}

/** "Stir the milk into the bowl to give a soft batter": where it goes stands before what for and how. */
const withGoal = (said: string, goal: string) => {
  const at =
    /\s(?:to (?:give|make|form|get|loosen|combine|bring|bind)|with|until|so that|using|if)\b|,\sone at a time|,\s(?:saving|keeping|reserving|leaving|stopping|easing|making|taking|holding|tilting|going)\b/i.exec(
      said,
    )?.index ?? said.length;
  return `${said.slice(0, at)} ${goal}${said.slice(at)}`;
};

/** What was spoken of last and no ingredient can say: "the balls". */
const spokenOf = (state: State): string | null =>
  state.object && !/\b(?:it|them)\b|everything/i.test(state.object) && state.object.length <= 60 ? state.object : null;

/** Pronouns as holes: what is acted on, and what it goes to. */
export function withPronoun(state: State, rest: string): string {
  const these =
    state.lineObjects.length > 1 && !state.themIsLast && /\bthem\b/i.test(rest)
      ? listed(state.lineObjects.map((i) => `the ${nameOf(state.recipe.ingredients[i]!)}`))
      : null;
  const thing = these ?? hole('thing', spokenOf(state) ?? emptyVessel(state));
  const first =
    /^((?:in|over|up|out|down|off|through)\s+)?(?:it|them|each one|(?:this|that)(?=$|\s+(?:too|all|over|into|on|onto|to|in|and|with|until|for)\b)|all of (?:it|them))\b(?:\s+too\b)?(?:\s+all(?!\s+(?:over|together))\b)?/i.exec(
      rest,
    );
  if (first) return `${thing}${first[1] ? ` ${first[1].trim()}` : ''}${rest.slice(first[0].length)}`;
  const dish = state.vesselSpoken ? `the ${toolCall(state, state.vesselSpoken)}` : null;
  if (dish && /\b(?:in|into|on|onto)\s+it\b/i.test(rest)) return rest.replace(/\b(in|into|on|onto)\s+it\b/i, `$1 ${dish}`);
  // "arrange the dumplings in it": in the basket that they go into
  if (state.container && !hasMark(state.container, 'flat') && objectPhrase(rest)) {
    const goes = `$1 the ${toolCall(state, state.container)}`;
    rest = rest.replace(/\b(in|into)\s+it\b/i, goes);
  }
  return rest
    .replace(/\b(over|to|with|into|onto|on|in|around|off|of|from)\s+(?:it|them)\b/i, `$1 ${hole('there', spokenOf(state))}`)
    .replace(/^(and \p{L}+)\s+(?:it|them)\b/iu, `$1 ${thing}`);
}

/** A place in the words that the world fills: `kind` what is acted on, or what lies where it goes; `else` what it is called where the world cannot tell. */
export const hole = (kind: 'thing' | 'there' | 'held' | 'spoken', other: string | null) => `⟦${kind}|${other ?? ''}⟧`;
