// The table of tools: one row each, with the words that name it and what can hurt.
import { table } from '../amount/table';
import { remembering } from '../amount/remembering';
import { adaptedTool } from './adapted-tools';
import type { Hazard, Tool, ToolKind, ToolMark } from './model';

function tool(id: string, words: string, kind: ToolKind, hazards: Hazard[] = [], holds?: number, picture = id): Tool {
  const list = words.split('|');
  const marks = MARKS.get(id)?.split(' ') as ToolMark[] | undefined;
  return { id, name: list[0]!, words: list, kind, hazards, picture, ...(holds ? { holds } : {}), ...(marks ? { marks } : {}) };
}

// id: what it is for the hands (see ToolMark); common practice.
const MARKS = table<string>({
  plate: 'flat covers',
  cloth: 'covers',
  'serving-bowl': 'each',
  glass: 'each',
  cup: 'each',
  mould: 'each',
  jar: 'lid shared',
  'storage-box': 'lid',
  bag: 'aside',
  tray: 'flat bakes shared wide',
  'second-tray': 'flat bakes shared wide second',
  'baking-dish': 'bakes fries wide',
  'cake-tin': 'bakes shared',
  'muffin-tin': 'bakes shared each wide',
  ramekin: 'bakes each',
  'muffin-cases': 'lines shared',
  saucepan: 'lid ring',
  'large-pan': 'lid ring wide',
  'frying-pan': 'lid fries ring',
  'second-frying-pan': 'lid fries ring second',
  wok: 'lid fries ring',
  lid: 'bare',
  'cling-film': 'bare covers',
  'non-slip-mat': 'bare',
  stand: 'flat bare stand',
  'serving-dish': 'wide',
  'wire-rack': 'flat under bakes stand',
  paper: 'flat under bakes covers',
  foil: 'flat under bakes metal covers',
  board: 'flat stand',
  hob: 'stand',
  colander: 'strains',
  steamer: 'above',
  blender: 'loud lid holds',
  'slow-cooker': 'lid holds',
  mixer: 'loud',
  fridge: 'store',
  freezer: 'store',
  timer: 'apart',
  'oven-gloves': 'mitt',
  apron: 'stays',
});

export const TOOLS: Tool[] = [
  tool('bowl', 'bowl|mixing bowl|medium bowl|salad bowl', 'container', [], 2000),
  tool('pudding-basin', 'pudding basin|pudding bowl|basin', 'container', [], 1000, 'bowl'),
  tool('large-bowl', 'large bowl|big bowl|large mixing bowl', 'container', [], 4000, 'bowl'),
  tool('small-bowl', 'small bowl|little bowl|prep bowl', 'container', [], 350),
  tool('serving-bowl', 'serving bowl|soup bowl|eating bowl', 'container', [], 500, 'small-bowl'),
  tool('plate', 'plate|dinner plate|side plate', 'surface'),
  tool('serving-dish', 'serving dish|platter|serving plate', 'container', [], 2000, 'plate'),
  tool('bag', 'plastic bag|freezer bag|piping bag|bag|zip bag|food bag|sandwich bag|sealable bag', 'container', [], 2000, 'storage-box'),
  tool('jar', 'jar|lidded jar|glass jar|lidded pot|clear pot|plastic pot|yoghurt pot', 'container', [], 500),
  tool('cup', 'mug|drinking cup', 'container', [], 300, 'mug'),
  tool('glass', 'glass|tumbler', 'container', ['edge'], 300),
  tool('jug', 'jug|pitcher|measuring jug|liquid measuring cup', 'container', [], 1000),
  tool(
    'storage-box',
    'airtight container|storage box|lidded box|lunch box|plastic box|box|storage container|airtight tin|container',
    'container',
    [],
    1000,
  ),
  tool(
    'tray',
    'baking tray|baking sheet|cookie sheet|oven tray|sheet pan|tray|lined sheet|prepared sheet|roasting tin|roasting tray|roasting pan',
    'cookware',
    ['hot'],
    undefined,
  ),
  tool(
    'second-tray',
    'second baking tray|second tray|second baking sheet|second cookie sheet|second sheet pan',
    'cookware',
    ['hot'],
    undefined,
    'tray',
  ),
  tool('baking-dish', 'baking dish|ovenproof dish|casserole dish|pie dish|casserole|oven dish|gratin dish|dish', 'cookware', ['hot'], 2500),
  tool('cake-tin', 'cake tin|cake pan|baking pan|loaf tin|loaf pan|tin|springform', 'cookware', ['hot'], 2000),
  tool('muffin-tin', 'muffin tin|muffin tray|muffin pan|cupcake tin|bun tin', 'cookware', ['hot'], 1000),
  tool('ramekin', 'ramekin|custard cup|pudding cup|individual pudding mould', 'cookware', ['hot'], 200, 'small-bowl'),
  tool('saucepan', 'saucepan|pan|pot|sauce pan|medium saucepan|small saucepan|cooking pot', 'cookware', ['hot'], 2500),
  tool(
    'large-pan',
    'large saucepan|large pot|large pan|stockpot|big pan|big pot|dutch oven|stock pot',
    'cookware',
    ['hot'],
    5000,
    'saucepan',
  ),
  tool(
    'frying-pan',
    'frying pan|wide pan|shallow pan|skillet|fry pan|large skillet|griddle pan|grill pan|griddle|sauté pan|nonstick pan|non-stick pan|non-stick frying pan',
    'cookware',
    ['hot'],
    2500,
  ),
  tool('wok', 'wok', 'cookware', ['hot'], 4000, 'frying-pan'),
  tool('second-frying-pan', 'second frying pan|second skillet|second fry pan', 'cookware', ['hot'], 2500, 'frying-pan'),
  tool('lid', 'lid', 'cookware'),
  tool('wire-rack', 'wire rack|cooling rack|rack', 'surface'),
  tool('paper', 'baking paper|parchment|parchment paper|greaseproof paper|baking parchment', 'surface'),
  tool('foil', 'foil|aluminium foil|tin foil|aluminum foil', 'surface', ['edge']),
  tool('cling-film', 'cling film|plastic wrap|clingfilm|food wrap', 'surface', ['edge'], undefined, 'foil'),
  tool('mould', 'ice lolly mould|lolly mould|popsicle mold|ice pop mold|jelly mould|mould|mold', 'container', [], 600, 'muffin-tin'),
  tool('muffin-cases', 'muffin case|paper case|cupcake liner|muffin liner|cupcake case|paper liner|muffin cup', 'surface'),
  tool('board', 'chopping board|cutting board|board', 'surface'),
  tool('knife', 'knife|sharp knife|kitchen knife|chef knife|paring knife', 'cutting', ['sharp']),
  tool('table-knife', 'table knife|butter knife|dinner knife|blunt knife|round-bladed knife|round bladed knife|flat edge', 'utensil'),
  tool('peeler', 'peeler|vegetable peeler|potato peeler', 'cutting', ['sharp']),
  tool('grater', 'grater|zester|microplane|box grater', 'cutting', ['sharp']),
  tool('scissors', 'scissors|kitchen scissors', 'cutting', ['sharp']),
  tool('bread-knife', 'bread knife|serrated knife', 'cutting', ['sharp'], undefined, 'knife'),
  tool('egg-slicer', 'egg slicer', 'cutting', ['edge'], undefined, 'cutter'),
  tool('corer', 'apple corer|corer', 'cutting', ['sharp'], undefined, 'peeler'),
  tool('can-opener', 'can opener|tin opener', 'cutting', ['edge']),
  tool('garlic-press', 'garlic press|garlic crusher', 'utensil'),
  tool('juicer', 'juicer|lemon squeezer|citrus juicer|squeezer', 'utensil'),
  tool('cutter', 'cookie cutter|biscuit cutter|cutter|round cutter', 'cutting', ['edge']),
  tool('fork', 'fork', 'utensil'),
  tool('spoon', 'spoon|tablespoon to stir|dessert spoon', 'utensil'),
  tool('teaspoon', 'small spoon', 'utensil', [], undefined, 'spoon'),
  tool('wooden-spoon', 'wooden spoon|mixing spoon', 'utensil'),
  tool('spatula', 'spatula|rubber spatula|scraper', 'utensil'),
  tool('turner', 'fish slice|turner|slotted turner|pancake turner|flipper', 'utensil', [], undefined, 'spatula'),
  tool('slotted-spoon', 'slotted spoon', 'utensil', [], undefined, 'spoon'),
  tool('ladle', 'ladle', 'utensil'),
  tool('whisk', 'whisk|balloon whisk|hand whisk', 'utensil'),
  tool('masher', 'potato masher|masher', 'utensil'),
  tool('tongs', 'tongs', 'utensil'),
  tool('rolling-pin', 'rolling pin', 'utensil'),
  tool('pastry-brush', 'pastry brush|brush', 'utensil'),
  tool('sieve', 'sieve|sifter|strainer|fine sieve', 'utensil'),
  tool('colander', 'colander', 'utensil'),
  tool('steamer', 'steamer basket|steamer|steaming basket', 'cookware', ['hot', 'steam'], 2000, 'colander'),
  tool('pestle', 'pestle and mortar|mortar and pestle|pestle', 'utensil', [], undefined, 'masher'),
  tool('funnel', 'funnel', 'utensil', [], undefined, 'colander'),
  tool('cocktail-stick', 'cocktail stick|toothpick|cake tester', 'utensil', ['sharp'], undefined, 'fork'),
  tool('scoop', 'ice cream scoop|scoop', 'utensil', [], undefined, 'ladle'),
  tool('salad-spinner', 'salad spinner', 'container', [], 3000, 'colander'),
  tool('oven', 'oven', 'appliance', ['hot']),
  tool('hob', 'hob|stove|stovetop|burner|hotplate|gas ring|the ring', 'appliance', ['hot']),
  tool('grill', 'grill|broiler', 'appliance', ['hot'], undefined, 'oven'),
  tool('microwave', 'microwave|microwave oven', 'appliance', ['electric']),
  tool('toaster', 'toaster', 'appliance', ['hot', 'electric']),
  tool('kettle', 'kettle', 'appliance', ['hot', 'steam', 'electric'], 1700),
  tool(
    'blender',
    'blender|food processor|liquidiser|stick blender|hand blender|immersion blender|processor',
    'appliance',
    ['sharp', 'electric'],
    1500,
  ),
  tool(
    'mixer',
    'electric mixer|hand mixer|electric whisk|electric hand whisk|hand-held electric whisk|electric beater|hand-held mixer|mixer|stand mixer|handheld mixer',
    'appliance',
    ['electric'],
  ),
  tool(
    'slow-cooker',
    'slow cooker|pressure cooker|rice cooker|electric skillet',
    'appliance',
    ['hot', 'electric', 'steam'],
    4000,
    'large-pan',
  ),
  tool('air-fryer', 'air fryer|toaster oven', 'appliance', ['hot', 'electric'], 4000, 'oven'),
  tool('air-fryer-basket', 'air fryer basket|fryer basket|basket', 'cookware', ['hot'], 4000, 'tray'),
  tool('fridge', 'fridge|refrigerator', 'appliance'),
  tool('freezer', 'freezer', 'appliance', [], undefined, 'fridge'),
  tool('scale', 'kitchen scale|scale|scales', 'measure'),
  tool('timer', 'timer|kitchen timer', 'utensil'),
  tool('thermometer', 'food thermometer|thermometer', 'utensil'),
  tool('oven-gloves', 'oven gloves|oven mitts|oven glove|mitt|pot holder', 'wear'),
  tool('apron', 'apron', 'wear'),
  tool('stand', 'heatproof stand|trivet|heat mat|pan stand', 'surface'),
  tool(
    'cloth',
    'clean cloth|cloth|damp cloth|tea towel|dish towel|dishcloth|dish cloth|kitchen towel|kitchen paper|kitchen roll|paper towel',
    'cleaning',
  ),
  tool('sponge', 'sponge|dish brush', 'cleaning'),
  tool('soap', 'soap|washing-up liquid|dish soap', 'cleaning'),
  tool('tap', 'tap|faucet|sink', 'appliance'),
  tool('non-slip-mat', 'non-slip mat|grip mat', 'surface', [], undefined, 'cloth'),
  tool('dishwasher', 'dishwasher', 'appliance', [], undefined, 'tap'),
  tool('bin', 'bin|trash|waste', 'cleaning'),
];

const BY_ID = new Map(TOOLS.map((t) => [t.id, t]));
/** A tool by its id, usual or adapted; undefined when there is none. Recipes name the usual ones only: see `findTools`. */
export function toolById(id: string): Tool | undefined {
  return BY_ID.get(id) ?? adaptedTool(id);
}

const BY_WORDS = TOOLS.flatMap((t) => t.words.map((words) => ({ words, tool: t }))).sort((a, b) => b.words.length - a.words.length);
const FIRST = new Map<string, { words: string; tool: Tool }[]>();
for (const entry of BY_WORDS) {
  const first = entry.words.split(' ')[0]!;
  FIRST.set(first, [...(FIRST.get(first) ?? []), entry]);
}

/**
 * The tools that a text names, in the order in which it names them; the longest name wins ("large bowl" is not also "bowl").
 * @returns each with the offset and length of its words in the text, lower case and plural accepted
 */
export const findTools: (text: string) => readonly ToolFound[] = remembering(lookFor, 400, 2000);

export type ToolFound = { tool: Tool; at: number; length: number };

/** "A big microwave bowl", "a blender-proof jug": a vessel for an appliance is no appliance. */
function isOfVessel(behind: string): boolean {
  const next = /^(?:[- ]?(?:safe|proof|friendly|suitable))?\s(\p{L}+)/u.exec(behind)?.[1];
  const held = next === undefined ? undefined : FIRST.get(next);
  return held?.some(({ words, tool }) => words === next && isVessel(tool.id)) ?? false;
}

function lookFor(text: string): ToolFound[] {
  const found: ToolFound[] = [];
  const lower = text.toLowerCase();
  const word = /[\p{L}][\p{L}'-]*/gu;
  let from: number | null = null;
  let m: RegExpExecArray | null;
  while ((m = word.exec(lower))) {
    const plain = FIRST.has(m[0]) ? m[0] : m[0].replace(/e?s$/, '');
    const held = FIRST.get(plain) ?? FIRST.get(m[0].replace(/s$/, ''));
    const entry = held?.find(({ words }) => {
      const tail = words.slice(words.indexOf(' ') < 0 ? words.length : words.indexOf(' '));
      const rest = lower.slice(m!.index + m![0].length);
      return rest.startsWith(tail) && !/^\p{L}/u.test(rest.slice(tail.length).replace(/^e?s(?!\p{L})/u, ''));
    });
    if (!entry) continue;
    if (entry.tool.kind === 'appliance' && isOfVessel(lower.slice(m.index + m[0].length))) {
      from = m.index;
      continue;
    }
    const space = entry.words.indexOf(' ');
    const length = m[0].length + (space < 0 ? 0 : entry.words.length - space);
    // "a microwave bowl" is one name
    found.push({ tool: entry.tool, at: from ?? m.index, length: length + m.index - (from ?? m.index) });
    from = null;
    word.lastIndex = m.index + length;
  }
  return found;
}

const HEATS_IN = table<number>({ oven: 10, grill: 5, 'air-fryer': 3 });
/** Minutes until an appliance is hot (common practice); 0 for what needs none. */
export const heatsIn = (id: string): number => HEATS_IN.get(id) ?? 0;

export const hasMark = (id: string, mark: ToolMark): boolean => toolById(id)?.marks?.includes(mark) ?? false;

/** A bowl, a pan, a dish: a thing to hold others, that can be carried. */
/** Foil and paper are no place by themselves: "wrap in foil". */
export const isWrap = (id: string): boolean =>
  hasMark(id, 'lines') || hasMark(id, 'under') || (hasMark(id, 'bare') && !hasMark(id, 'flat'));
export const isVessel = (id: string): boolean => ['container', 'cookware'].includes(toolById(id)?.kind ?? '');

/** Appliances stand where they are, cleaning things lie at the sink, and an apron hangs at the door: nobody fetches them. */
export const isFetched = (id: string): boolean => !['appliance', 'cleaning'].includes(toolById(id)?.kind ?? '') && !hasMark(id, 'stays');
