// The rest of an ingredient line: the thing itself, the work to do on it, what may take its place, and what else is said.
import { kindOfUnit, readUnit } from '../amount/units';
import { findFood, isFoodName } from './food';
import { isHolder, readAmount, SIZE, takeAbout } from './line-amount';
import { isPreparationWord, leadingPreparation, trailingPreparation } from './preparation';
import type { Ingredient } from './recipe';

const NOTES =
  /^(?:divided|separated into.*|to taste|or to taste|(?:plus|with) .* to (?:serve|garnish)|to (?:serve|garnish|decorate|finish)|for (?:serving|dusting|greasing|(?:deep |shallow |pan[- ]?)?frying|garnish(?:ing)?|brushing|topping|the pan|the tin|the top|sprinkling|drizzling|dipping|decoration|rolling|coating).*|(?:plus|\+) (?:(?:a (?:little|bit) )?(?:more|extra)|a little|some).*|or (?:more|less).*|or as needed|as (?:needed|required)|optional|if you like|if liked|if using|if desired|if needed|packed|(?:firmly|loosely|lightly) packed)$/i;
const LOOSE =
  / (?:to taste|for (?:serving|dusting|greasing|(?:deep |shallow |pan[- ]?)?frying|garnish(?:ing)?|brushing|sprinkling|topping|decoration|rolling|coating|drizzling|the (?:pan|tin|top))\b.*|to (?:serve|garnish|decorate)|to cover|(?:plus|\+) (?:(?:a (?:little|bit) )?(?:more|extra)|\d[^,]*?\b(?:to|for))\b.*|if (?:needed|liked|desired|using)|divided|as (?:needed|required)|or to taste)$/i;
// Said of what is bought: it stays known, and out of the name.
const BOUGHT_AS =
  /^(?:(?:free-range|organic|good[- ]quality|boneless|skinless|skin-on|bone-in|store-bought|shop-bought|firmly packed|loosely packed|lightly packed|packed|freshly (?:ground|cracked|milled)|enough)\b[\s,]*)+/i;
const KEPT_IN =
  /\s+(in (?:their |its )?(?:own |spring |natural |fruit |tomato |light )*(?:water|juice|brine|oil|olive oil|sunflower oil|tomato sauce|syrup)|with (?:their |its )?(?:juices?|liquid|syrup))$/i;
const ADJECTIVE =
  /^(?:boneless|skinless|lean|fresh|ripe|raw|dry|hot|cold|warm|cooked|cooled|chilled|plain|low-fat|full-fat|unsweetened|firm|soft|large|small|medium|leftover|frozen|crisp|sweet|baby)$/i;

/** Reads what stands behind the amount into `draft`. */
export function takeItem(text: string, draft: Ingredient): void {
  let rest = text.replace(/^[,;:\s-]+/, '').replace(/[.;:,\s]+$/, '');
  let m: RegExpExecArray | null;
  while ((m = LOOSE.exec(rest))) {
    draft.notes.unshift(m[0].replace(/^[,\s]+/, '').trim());
    rest = rest.slice(0, m.index).replace(/[,\s-]+$/, '');
  }
  const comma = rest.search(/\s*(?:,\s*|;\s|\s-\s|\s--\s)/);
  let item = comma >= 0 ? rest.slice(0, comma) : rest;
  let tail = comma >= 0 ? rest.slice(comma).replace(/^[\s,;-]+/, '') : '';
  // "boneless, skinless chicken thighs", "cooked, cooled rice": describing words before the comma, the noun behind it
  const words = item.split(/\s+/);
  if (tail && words.every((w) => ADJECTIVE.test(w) || isPreparationWord(w)) && !isFoodName(item)) {
    const [noun = '', ...more] = tail.split(/,\s+/);
    const work = leadingPreparation(noun, false);
    draft.preparation.push(...work.preparation);
    tail = more.join(', ');
    if (/^(?:boneless|skinless|fresh|lean|ripe|raw)$/i.test(item)) draft.notes.push(item.toLowerCase());
    else work.item = `${item} ${work.item}`;
    item = work.item;
  }
  item = takeSize(item, draft);
  const bought = BOUGHT_AS.exec(item);
  if (bought && bought[0].length < item.length) {
    draft.notes.push(bought[0].replace(/[\s,]+$/, '').toLowerCase());
    item = item.slice(bought[0].length);
  }
  item = item.replace(/\b(?:freshly ground|freshly cracked)\s+(?=\p{L})/iu, '');
  const front = leadingPreparation(item, isHolder(draft.unit));
  draft.preparation.push(...front.preparation);
  item = takeSize(front.item, draft);
  const kept = KEPT_IN.exec(item);
  if (kept) {
    draft.notes.push(kept[1]!.toLowerCase());
    item = item.slice(0, kept.index);
  }
  const behind =
    /^(.*?\S)\s+((?:(?:finely|roughly|coarsely|thinly|very|well)\s+)?(?:cut|sliced|chopped|diced|torn|broken) (?:in|into) .*|(?:finely|roughly|coarsely|thinly) (?:sliced|chopped|diced|grated|minced)|at room temperature)$/i.exec(
      item,
    );
  if (behind) {
    item = behind[1]!;
    draft.preparation.push(behind[2]!);
  }
  // "2 garlic cloves minced", with no comma
  const last = /^(.+\S)\s+(\p{L}+ed)$/iu.exec(item);
  if (last && isPreparationWord(last[2]!) && !isFoodName(item) && findFood(last[1]!)) {
    item = last[1]!;
    draft.preparation.push(last[2]!.toLowerCase());
  }
  draft.item = takeAlternatives(item, draft).replace(/\s+/g, ' ').trim();
  for (const part of tail.split(/,\s*|;\s+|\s+-\s+/)) readTail(part.trim(), draft);
}

function takeSize(item: string, draft: Ingredient): string {
  const sized = SIZE.exec(item);
  // a little gem is a lettuce, not a small gem
  if (!sized || sized[0].length >= item.length || /^little gem\b/i.test(item)) return item;
  draft.notes.push(sized[0].replace(/[\s,]+$/, '').toLowerCase());
  return item.slice(sized[0].length);
}

/** "milk or oat drink", "red or yellow pepper", "beef or vegetable stock", "butter/margarine". */
function takeAlternatives(item: string, draft: Ingredient): string {
  const or = /^(.+?)(?:\s+or\s+|(?<=\p{L})\s?\/\s?(?=\p{L}))(.+)$/iu.exec(item);
  if (!or || /^(?:more|less|so|to taste)\b/i.test(or[2]!)) return item;
  const others = or[2]!.split(/\s+or\s+|\s?\/\s?/i).map((x) => x.replace(/^(?:use|an?|some)\s+/i, '').trim());
  draft.alternatives.push(...others);
  const first = or[1]!;
  const shared = first.split(/\s+/).slice(0, -1).join(' ');
  if (shared)
    others.forEach((other, i) => {
      // "tomato purée/paste": the describing word stands once, before both
      if (!/\s/.test(other) && isFoodName(`${shared} ${other}`)) draft.alternatives[i] = `${shared} ${other}`;
    });
  const words = others.at(-1)!.split(/\s+/);
  // the noun stands once, behind both: "red [pepper] or yellow pepper"
  // "sprinkles or chopped nuts": chopped is no kind of nut
  if (words.length > 1 && !isPreparationWord(words[0]!)) {
    const head = words.slice(1).join(' ');
    if (!/\s/.test(first) && (!findFood(first) || isFoodName(`${first} ${head}`))) return `${first} ${head}`;
    // "hot chicken or vegetable stock"
    const last = first.split(/\s+/).at(-1)!;
    if (/\s/.test(first) && ADJECTIVE.test(first.split(/\s+/)[0]!) && isFoodName(`${last} ${head}`)) return `${first} ${head}`;
  }
  return first;
}

const FRUIT_NOUN = '(?:(?:finely\\s+)?grated\\s+)?(juice|zest|rind)(?:\\s+(?:finely\\s+)?(?:grated|squeezed|removed))?';
const FRUIT_PART = new RegExp(`^(?:the\\s+)?${FRUIT_NOUN}(?:\\s*(?:and|&)\\s*(?:the\\s+)?${FRUIT_NOUN})?(?:\\s+only|\\s+of)?$`, 'i');

/** One phrase behind the item: an amount, a note, or work to do. */
function readTail(part: string, draft: Ingredient): void {
  if (!part) return;
  const amount = draft.min === null && !draft.doubt ? readAmount(part) : null;
  if (amount && /^(?:(?:extra |very )?(?:large|medium|small|whole|ripe)|each)?$/i.test(amount.rest)) {
    draft.min = draft.max = amount.quantity;
    draft.unit = amount.unit;
    if (amount.rest) draft.notes.push(amount.rest.toLowerCase());
    return;
  }
  const fruit = FRUIT_PART.exec(part);
  if (fruit) {
    const parts = [fruit[1], fruit[2]].map((p) => p?.toLowerCase());
    if (parts.includes('zest') || parts.includes('rind')) draft.preparation.push('zested');
    if (parts.includes('juice')) draft.preparation.push('juiced');
    return;
  }
  // boiled before the lesson: another thing than a raw egg, so it belongs to the name
  const boiled = /^((?:hard|soft)[- ]boiled)$/i.exec(part);
  if (boiled) {
    draft.item = `${boiled[1]!.toLowerCase()} ${draft.item}`;
    return;
  }
  if (/^(?:optional|if (?:you )?like[d]?|if using|if desired)$/i.test(part)) draft.optional = true;
  else if (NOTES.test(part)) draft.notes.push(part);
  else if (/^or\s+/i.test(part)) draft.alternatives.push(part.replace(/^or\s+/i, ''));
  else {
    const { preparation, notes } = trailingPreparation(part);
    draft.preparation.push(...preparation);
    draft.notes.push(...notes);
  }
}

/** What stood in brackets: a tin's size, the same amount in another system, "optional", or work. */
export function readBracket(inside: string, draft: Ingredient): void {
  const plain = takeAbout(inside, { ...draft, notes: [] });
  if (/^optional$/i.test(plain)) {
    draft.optional = true;
    return;
  }
  // "(fresh or thawed)": as one has it, and no work
  if (/^(?:fresh|raw)\s+or\s+(?:frozen|thawed|defrosted|tinned|canned|dried|cooked)\b/i.test(plain)) {
    draft.notes.push(plain);
    return;
  }
  const size = /^(\d+(?:[./]\d+)?[\s-]?(?:inch|in\.|cm|"))(?:es)?\b/i.exec(plain);
  const amount = size ? null : readAmount(plain);
  if (amount?.unit && kindOfUnit(amount.unit) !== 'count' && draft.min !== null && sizeOfOne(amount.rest)) {
    const value = { quantity: amount.quantity, unit: amount.unit };
    if (isHolder(draft.unit) || /each/i.test(amount.rest) || draft.unit === 'slice') draft.pack ??= value;
    else draft.alternate ??= value;
    const work = amount.rest.replace(/^(?:when|once)\s+/i, '');
    if (isPreparationWord(work)) draft.preparation.push(work);
    return;
  }
  for (const part of inside.split(/,\s*|;\s*/)) readTail(part.trim(), draft);
}

const sizeOfOne = (rest: string) =>
  rest.length < 24 &&
  (/^(?:\.?\s*(?:each|cans?|tins?|jars?|pack(?:et|age)?s?|bags?|box|size|container|drained|per|total|in total|weight|net)\b.*)?$/i.test(
    rest,
  ) ||
    isPreparationWord(rest.replace(/^(?:when|once)\s+/i, '')));

/** The unit that stood behind a bracket or behind the thing: "1 (15 oz) can black beans", "4 garlic cloves". */
export function takeLateUnit(draft: Ingredient): void {
  if (draft.unit !== null || draft.min === null) return;
  const unit = readUnit(draft.item);
  if (unit && draft.item.length > unit.length && !/^(?:cube|stick|leaf|leaves)\s/i.test(draft.item)) {
    draft.unit = unit.unit;
    draft.item = draft.item
      .slice(unit.length)
      .replace(/^\s*(?:of\s+)?/i, '')
      .trim();
    if (draft.alternate && isHolder(unit.unit)) {
      draft.pack = draft.alternate;
      draft.alternate = null;
    }
    const front = leadingPreparation(draft.item, isHolder(unit.unit));
    draft.preparation.unshift(...front.preparation);
    draft.item = front.item;
    return;
  }
  const m =
    /^(.*\b(?:garlic|celery|bread|bacon|rosemary|thyme|mint|basil|parsley|coriander|sage|pineapple|lettuce|spinach|lemongrass))\s+(cloves?|sticks?|stalks?|slices?|rashers?|sprigs?|leaves|leaf)$/i.exec(
      draft.item,
    );
  if (!m) return;
  draft.item = m[1]!;
  draft.unit = readUnit(m[2]!)!.unit;
}
