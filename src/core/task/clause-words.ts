// Words that decide where one action of a sentence ends and the next begins.

const words = (list: string): ReadonlySet<string> => new Set(list.split(' '));

export const ADVERBS = words(
  'gently carefully slowly lightly quickly thoroughly finely roughly thinly evenly briefly immediately loosely well generously very coarsely constantly firmly gradually tightly neatly vigorously occasionally simply just freshly completely repeatedly',
);

// Words that are a food or a thing as often as an action: after "and" or a comma they need a word that only an object starts with.
export const FOOD_VERBS = words(
  'oil butter cream salt season juice flour toast stew shell spread dressing seed stone puree purée dust garnish zest',
);

// Words for a thing or a state as often as an action: at a joint they need an object behind them.
export const NOUN_VERBS = words(
  'top core slice dice cover rest heat set grill roast form line score mix coat dry cube pit cut ladle plate drop dot pat bubble boil simmer cool warm hold start let cook fork process press spoon crack turn chill open quarter clean light steam tie pinch scoop sear bake freeze shape pile layer stack mound twist share store taste test check keep split finish place sift peel crush mash beat whip whisk strain skim rub shake toss roll wrap pop brush baste blend drain rinse soak fry reserve label date pod husk strip snap seal pack level make save push plug',
);

// What changes by itself: "until the onions soften and brown". An action only with its object behind it.
export const STATE_VERBS = words(
  'soften brown thicken melt crisp wilt sizzle rise pop bubble boil simmer separate cook smoke foam steam sit stand reduce prove dissolve smooth open dry',
);
