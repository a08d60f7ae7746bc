// For each fact that a step may lack, the steps that provide it.
import { table } from '../amount/table';
import type { Lack, Lot, Place, World } from '../kitchen/index';
import { foodIs } from '../recipe/food';
import { preparationVerb } from '../recipe/preparation';
import { techniqueById } from '../technique/lexicon';
import { hasMark, toolById } from '../technique/tools';
import { useOf, type Draft } from './draft';
import { temperatureFor } from './doneness';

/** What a recipe calls its tools, the dish that it makes, "soup", and what it bakes: "muffins". */
export type Calls = { tools: ReadonlyMap<string, string>; dish: string | null; baked?: string | null; foods?: ReadonlyMap<number, string> };

const call = (calls: Calls, id: string) => calls.tools.get(id) ?? toolById(id)?.name ?? 'bowl';
const listOf = (things: readonly string[]) =>
  things.length > 1 ? `${things.slice(0, -1).join(', ')} and ${things.at(-1)}` : (things[0] ?? '');

/** Things that are named one by one on a card; more is "everything". */
const MOST_NAMED = 3;

/** What lots are called on a card: by the recipe's noun, or by what is in them where that is little. */
function nameLots(world: World, lots: readonly Lot[], place: string | null, calls: Calls): string {
  const [named] = lots.filter((lot) => lot.name !== null);
  if (named && isMostOf(world, named, lots) && (named.joined || lots.length === 1))
    return `the ${isDough(named) ? (calls.baked ?? named.name) : named.name}`;
  const shownLots = lots.some((lot) => !lot.clings) ? lots.filter((lot) => !lot.clings) : lots;
  const parts = [...new Set(shownLots.flatMap((lot) => [...lot.parts.keys()]))].map((i) => world.ingredients[i]!);
  const main = parts.filter((k) => !k.minor);
  const said = main.length > 0 ? main : parts;
  // milk that was beaten into eggs is egg
  const eggs = lots.length === 1 && lots[0]!.joined ? said.filter((k) => k.food?.raw === 'egg') : [];
  // what was tossed in a coating is itself, coated
  const tossed = lots.every((lot) => lot.joined && lot.forms.has('toss') && !lot.forms.has('mix') && !lot.forms.has('beat'));
  const whole = tossed
    ? said.filter((k) => ['whole', 'soft'].includes(k.food?.form ?? 'whole') && !foodIs(k.food, 'juicy') && k.food?.category !== 'citrus')
    : [];
  if (whole.length > 0 && whole.length <= MOST_NAMED && whole.length * 3 >= said.length)
    return listOf(whole.map((k) => `the ${calls.foods?.get(k.index) ?? shortName(k.name)}`));
  const shown = eggs.length > 0 && said.every((k) => eggs.includes(k) || k.liquid) ? eggs : said;
  if (shown.length > 0 && shown.length <= MOST_NAMED && !(parts.length > MOST_NAMED && lots.every((lot) => lot.joined)))
    return listOf(shown.map((k) => `the ${calls.foods?.get(k.index) ?? shortName(k.name)}`));
  // flour that butter and water were worked into is flour no more
  if (shown.length === 1 && shown[0]!.food?.form === 'powder' && lots.length === 1 && lots[0]!.joined && parts.length > 1)
    return 'the mixture';
  const cooked = place !== null && lots.some((lot) => lot.cooked) && parts.length > MOST_NAMED;
  if (cooked && calls.dish) return `the ${calls.dish}`;
  const only = lots.length === 1 ? lots[0]! : null;
  if (only?.joined) return only.cooked && only.at && hasMark(only.at, 'bakes') && calls.baked ? `the ${calls.baked}` : 'the mixture';
  return place ? everythingIn(place, calls) : 'everything';
}

const everythingIn = (place: string, calls: Calls) =>
  `everything ${hasMark(place, 'flat') && !/\b(?:tin|pan|dish)$/.test(call(calls, place)) ? 'on' : 'in'} the ${call(calls, place)}`;

/** "Top ... with the cheese", where what lies there has no short name: what goes on is named, and where. */
const onTop = (text: string): string =>
  text
    .replace(/^(Sprinkle|Scatter|Crumble|Pour|Spoon|Drizzle|Dot) (.+?) over ⟦there\|[^⟧]*⟧/, '$1 $2 over the top')
    .replace(/^(?:Top|Finish|Decorate|Garnish) ⟦there\|[^⟧]*⟧ with (.+?)(?=(?: (?:if|until|before|when|for)\b|,)|\.$)/, 'Put $1 on top')
    .replace(
      /^(Sprinkle|Scatter|Drizzle|Dot|Dust) ⟦there\|[^⟧]*⟧ with (.+?)(?=(?: (?:if|until|before|when|for)\b|,)|\.$)/,
      '$1 $2 over the top',
    );

/** A filling under a sauce is not all that there is; a dough with seeds on it is a dough. */
function isMostOf(world: World, named: Lot, lots: readonly Lot[]): boolean {
  const others = new Set(
    lots.flatMap((lot) => (lot === named || lot.clings ? [] : [...lot.parts.keys()])).filter((i) => !named.parts.has(i)),
  );
  return [...others].filter((i) => !world.ingredients[i]!.minor).length * 2 <= named.parts.size;
}

/** What was baked of a batter or a dough is called after the dish. */
const isDough = (lot: Lot) => lot.cooked && /^(?:batter|dough)$/.test(lot.name ?? '');

/** A name without what only helps to buy it. */
const shortName = (name: string) => name.replace(/\s+(?:such as|like|or)\s.*$/i, '').slice(0, 48);

/** What a step acts on and where: the lots, what lies where they go, what was spoken of; the vessel that they come from and the one that it works in. */
export type Spoken = { lots: readonly Lot[]; there: readonly Lot[]; about: readonly number[]; from: string | null; to: string | null };

/** The words of a step with its holes filled from the world, before it is done. */
export function fillHoles(text: string, world: World, { lots, there, about, from, to }: Spoken, calls: Calls): string {
  const many = there.length > 0 && /^everything|,| and /.test(nameLots(world, there, to, calls));
  return (many ? onTop(text) : text).replace(/⟦(thing|there|held|spoken)\|([^⟧]*)⟧/g, (_all, kind: string, other: string) => {
    // several things have no short name
    if (kind === 'there' && many) return to ? everythingIn(to, calls) : 'the food';
    if (kind === 'there')
      return there.length > 0 ? nameLots(world, there, to, calls) : other || (to ? `the ${call(calls, to)}` : 'the food');
    if (kind === 'held') return nameLots(world, there, to, calls) || other || 'the food';
    if (kind === 'spoken')
      return listOf(about.map((i) => `the ${calls.foods?.get(i) ?? shortName(world.ingredients[i]!.name)}`)) || 'everything';
    const name = lots.length > 0 ? nameLots(world, lots, from, calls) : '';
    // what was shaped of several things has a name that no ingredient has, until it is baked
    const shaped =
      lots.length < 2 || lots.every((lot) => isShapedLot(lot) || [...lot.parts.keys()].every((i) => world.ingredients[i]!.minor));
    const isShape =
      shaped &&
      SHAPES.test(other) &&
      (name === '' || NO_FOOD.test(name) || /parcels?$/.test(other)) &&
      !(calls.baked && lots.some(isDough));
    return (isShape ? other : name || other) || (from ? `everything in the ${call(calls, from)}` : 'the food');
  });
}

const SHAPED = ['shape', 'divide', 'roll-out', 'cut-out', 'knead', 'cut', 'roll-up', 'wrap', 'fold-over'];
const isShapedLot = (lot: Lot) => SHAPED.some((form) => lot.forms.has(form));
const NO_FOOD = /^everything|,| and |\b(?:mixture|dough|batter)$/;
const SHAPES =
  /\b(?:balls?|rolls?|patties|pieces?|slices?|wedges|halves|parcels?|rounds?|squares?|triangles?|strips?|fritters?|cakes?|burgers?|meatballs?|dumplings?|biscuits?|cookies|scones?|buns?|muffins?|wraps?|skewers?|florets?|sticks?|cubes?|rings?|discs?|fingers?|nuggets?)$/i;

const LIDS = table<string>({ cover: 'cover', foil: 'foil', 'cling-film': 'cling film', cloth: 'cloth', plate: 'plate', paper: 'paper' });
const PLACES: Record<Place, string> = {
  table: 'table',
  ring: 'hob',
  oven: 'oven',
  microwave: 'microwave',
  fridge: 'fridge',
  freezer: 'freezer',
  stand: 'stand',
};

export const WASH_HANDS = 'Wash your hands with soap for 20 seconds.';

/**
 * The steps that provide what is lacking, in order; none where only a person can tell.
 * @param line the line of the method that they are for
 */
export function provide(lack: Lack, world: World, calls: Calls, line: number | null): Draft[] {
  return PROVIDERS[lack.fact](lack as never, world, calls).map((draft) => ({ ...draft, sourceLine: draft.sourceLine ?? line, put: true }));
}

type Of<F extends Lack['fact']> = Extract<Lack, { fact: F }>;
const PROVIDERS: { [F in Lack['fact']]: (lack: Of<F>, world: World, calls: Calls) => Draft[] } = {
  'out-of-place': ({ vessel, place }, _world, calls) => {
    const name = `the ${call(calls, vessel)}`;
    const oven = place === 'oven';
    return [
      {
        text: oven ? `Take ${name} out of the oven and put it on a stand.` : `Take ${name} out of the ${PLACES[place]}.`,
        technique: oven ? 'take-out-oven' : 'take-out-place',
        sourceLine: null,
        tools: [...(oven ? ['oven-gloves', 'stand'] : place === 'microwave' ? ['oven-gloves', 'microwave'] : [place]), vessel],
        into: oven ? 'stand' : vessel,
        thing: name,
        name: `${vessel}-out`,
      },
    ];
  },
  // what should have been baked only a person can tell
  'in-oven': () => [],
  'in-place': ({ vessel }, _world, calls) => [
    {
      text: `Put the ${call(calls, vessel)} in the microwave.`,
      technique: 'put-in-place',
      sourceLine: null,
      tools: ['microwave', vessel],
      into: vessel,
      thing: `the ${call(calls, vessel)}`,
      name: `${vessel}-in`,
    },
  ],
  'lid-off': ({ vessel, lid, hot }, _world, calls) => [
    {
      text: `Take the ${LIDS.get(lid) ?? 'lid'} off the ${call(calls, vessel)}${hot ? ', away from your face' : ''}.`,
      technique: 'uncover',
      sourceLine: null,
      tools: hot ? ['oven-gloves', vessel] : [vessel],
      into: vessel,
      thing: `the ${LIDS.get(lid) ?? 'lid'}`,
      name: vessel,
    },
  ],
  'in-vessel': ({ vessel, from, lots }, world, calls) => {
    const things = nameLots(world, lots, from, calls);
    return [
      {
        text: `Tip ${things} back into the ${call(calls, vessel)}.`,
        technique: 'add',
        sourceLine: null,
        tools: [from, vessel],
        into: vessel,
        from,
        thing: things,
        name: 'back',
      },
    ];
  },
  water: ({ vessel, lots }, world, calls) => [
    {
      text:
        lots.length === 0
          ? `Fill the ${call(calls, vessel)} two-thirds with water.`
          : `Pour cold water into the ${call(calls, vessel)} until it covers ${nameLots(world, lots, vessel, calls)}.`,
      technique: 'fill-pan',
      sourceLine: null,
      tools: ['tap', vessel],
      into: vessel,
      thing: 'the water',
      name: 'water',
    },
  ],
  fat: () => [],
  form: ({ ingredient, technique, form, work }, world) => {
    const known = world.ingredients[ingredient]!;
    const the = `the ${known.name}`;
    const base = {
      technique,
      sourceLine: null,
      uses: [useOf([...world.ingredients.map((k) => k.one)], ingredient)],
      thing: the,
      name: known.name,
    };
    if (form === 'opened') return [{ ...base, text: `Open the can of ${known.name}.`, thing: `the can of ${known.name}` }];
    if (form === 'cracked') return [{ ...base, text: `Crack ${the} into a small bowl.`, into: 'small-bowl', tools: ['small-bowl'] }];
    if (form === 'rinsed')
      return known.food?.rinse === 'sieve'
        ? [{ ...base, text: `Rinse ${the} in a sieve under cold water.`, tools: ['tap', 'sieve'] }]
        : [{ ...base, text: `Rinse ${the} under cold water.`, tools: ['tap'] }];
    const verb = preparationVerb(work ?? '') ?? techniqueById(technique)!.name;
    return [{ ...base, text: `${verb.charAt(0).toUpperCase()}${verb.slice(1)} ${the}.` }];
  },
  'ring-on': ({ vessel, level, other }, _world, calls) => [
    ...(other && other !== 'hob' ? [ringOff(other, calls)] : []),
    {
      text: `Turn on the hob under the ${call(calls, vessel)}${level ? `, ${level} heat` : ''}.`,
      technique: 'hob-on',
      sourceLine: null,
      tools: ['hob', vessel],
      into: vessel,
      level,
      thing: 'the hob',
      name: vessel,
    },
  ],
  'ring-level': ({ vessel, level, from }) => [
    {
      text: `Turn the heat ${isLower(level, from) ? 'down' : 'up'} to ${level}.`,
      technique: 'turn-heat',
      sourceLine: null,
      tools: ['hob'],
      into: vessel,
      level,
      thing: 'the heat',
      name: level,
    },
  ],
  'ring-off': ({ vessel }, _world, calls) => [ringOff(vessel, calls)],
  'oven-on': ({ appliance }) => [
    {
      text: `Turn the ${toolById(appliance)?.name ?? 'oven'} on.`,
      technique: 'preheat-oven',
      sourceLine: null,
      tools: [appliance],
      thing: `the ${toolById(appliance)?.name ?? 'oven'}`,
      minutes: { waiting: 0 },
    },
  ],
  'oven-ready': ({ appliance, minutes }) => {
    const name = toolById(appliance)?.name ?? 'oven';
    return [
      {
        text: `Wait until the ${name} is hot.`,
        technique: 'wait',
        sourceLine: null,
        tools: ['timer'],
        thing: `the ${name}`,
        name: `${appliance}-hot`,
        minutes: { active: 0.2, waiting: minutes },
        cues: [{ sense: 'sight', text: `the light of the ${name} goes out` }],
      },
    ];
  },
  hands: () => [{ text: WASH_HANDS, technique: 'wash-hands', sourceLine: null, thing: 'your hands', name: 'raw', minutes: { active: 1 } }],
  clean: ({ tools }, _world, calls) => {
    const both = listOf(tools.map((id) => `the ${call(calls, id)}`));
    return [
      {
        text: `Wash ${both} with hot water and soap.`,
        technique: 'wash-up',
        sourceLine: null,
        tools: [...tools, 'sponge', 'soap', 'tap'],
        thing: both,
        name: tools.join('-'),
        minutes: { active: 1 },
      },
    ];
  },
  'dry-measure': ({ measures }) => {
    const labels = listOf(measures.map(({ label }) => `the ${label}`));
    return [
      {
        text: `Wash and dry ${labels}.`,
        technique: 'wash-up',
        sourceLine: null,
        tools: measures.map(({ measure }) => measure),
        thing: labels,
        name: measures.map(({ measure }) => measure).join('-'),
        minutes: { active: 0.5 },
      },
    ];
  },
  'empty-measure': ({ label, lot, measure }, world, calls) => {
    const things = nameLots(world, [lot], null, calls);
    return [
      {
        text: `Tip ${things} from the ${label} into a small bowl.`,
        technique: 'add',
        sourceLine: null,
        uses: [...lot.parts.keys()].map((i) => ({ ingredient: i, item: world.ingredients[i]!.one.item, quantity: null, unit: null })),
        tools: [measure, 'small-bowl'],
        into: 'small-bowl',
        thing: things,
        name: `${measure}-empty`,
      },
    ];
  },
  checked: ({ foods: open }, world) => {
    const least = temperatureFor(open.map((i) => world.ingredients[i]!));
    const things = listOf(open.map((i) => `the ${world.ingredients[i]!.name}`));
    return [
      {
        text: `Check ${things} with the thermometer: ${least.celsius} °C (${least.fahrenheit} °F) in the middle.`,
        technique: 'take-temperature',
        sourceLine: null,
        uses: open.map((i) => ({ ingredient: i, item: world.ingredients[i]!.one.item, quantity: null, unit: null })),
        tools: ['thermometer'],
        thing: things,
        name: 'inside',
        cues: [{ sense: 'thermometer', text: `${least.celsius} °C, ${least.fahrenheit} °F, or more` }],
      },
    ];
  },
};

const ORDER = ['very low', 'low', 'gentle', 'medium-low', 'medium low', 'medium', 'moderate', 'medium-high', 'medium high', 'high'];
const isLower = (level: string, from: string | null) => from === null || ORDER.indexOf(level) < ORDER.indexOf(from);

/** The ring under a pan goes off. */
export function ringOff(vessel: string, calls: Calls, line: number | null = null): Draft {
  return {
    text: vessel === 'hob' ? 'Turn off the hob.' : `Turn off the hob under the ${call(calls, vessel)}.`,
    technique: 'turn-off',
    sourceLine: line,
    tools: ['hob'],
    thing: 'the hob',
    name: vessel,
    put: true,
  };
}
