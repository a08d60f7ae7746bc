// Nouns for what was shaped or cut: "the balls", "each strip". Recipes name pieces so that no list of ingredients has.

const CUT =
  'piece|slice|wedge|round|square|triangle|strip|floret|stick|cube|ring|disc|circle|bar|chunk|portion|shape|ribbon|baton|matchstick';
const MADE =
  'ball|roll|parcel|fritter|cake|burger|meatball|dumpling|biscuit|cookie|scone|bun|muffin|flatbread|kofta|tart|nugget|star|heart|sausage|log|oval|wrap|skewer|breadstick|pretzel|knot|crescent|croissant|samosa|turnover|empanada|pocket|tartlet';

/** What a knife makes, one or several, as a pattern. */
export const CUT_NOUN = `(?:${CUT}|half|finger)s?|halves`;
/** One of them, as a pattern. */
export const SHAPE_ONE = `(?:${MADE}|${CUT}|patty|pasty)`;
/** Several of them, as a pattern. */
export const SHAPE_MANY = `(?:(?:${MADE}|${CUT})s|patties|pasties|halves|fingers)`;
/** Several of what hands make, as a pattern. */
export const MADE_MANY = `(?:(?:${MADE})s|patties|pasties)`;
