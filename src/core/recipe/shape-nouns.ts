// Nouns for what was shaped or cut: "the balls", "each strip". Recipes name pieces so that no list of ingredients has.

/** What a knife makes, as a pattern. */
export const CUT_NOUN =
  'piece|slice|wedge|round|square|triangle|strip|floret|stick|cube|ring|disc|circle|bar|chunk|portion|shape|halve|finger';
const MADE =
  'ball|roll|parcel|fritter|cake|burger|meatball|dumpling|biscuit|cookie|scone|bun|muffin|flatbread|kofta|tart|nugget|star|heart|sausage|log|oval';
const SINGULAR = `${MADE}|${CUT_NOUN.replace('|halve|finger', '')}`;

/** One of them, as a pattern. */
export const SHAPE_ONE = `(?:${SINGULAR}|patty|wrap|skewer)`;
/** Several of them, as a pattern. */
export const SHAPE_MANY = `(?:(?:${SINGULAR}|wrap|skewer)s|patties|halves|fingers)`;
