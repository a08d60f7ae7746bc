// Nouns for what was shaped or cut: "the balls", "each strip". Recipes name pieces so that no list of ingredients has.

const SINGULAR =
  'ball|roll|piece|slice|wedge|parcel|round|square|triangle|strip|fritter|cake|burger|meatball|dumpling|biscuit|cookie|scone|bun|muffin|flatbread|kofta|tart|floret|stick|cube|ring|disc|nugget|circle|bar|chunk|portion|shape|star|heart';

/** One of them, as a pattern. */
export const SHAPE_ONE = `(?:${SINGULAR}|patty|wrap|skewer)`;
/** Several of them, as a pattern. */
export const SHAPE_MANY = `(?:(?:${SINGULAR}|wrap|skewer)s|patties|halves|fingers)`;
