// Nouns for the parts of a food that are taken off or out of it. What a method calls so is of the food that it spoke of, and no food of the list.

const NOUN = 'stone|pit|skin|core|seed|end|top|stalk|stem|root|crust|shell|pod|edge|bone';

/** A part, singular or plural, as a pattern. */
export const PART = `(?:(?:${NOUN})s?|peel|leaves)`;
/** Several of them, as a pattern. */
export const PARTS = `(?:(?:${NOUN})s|leaves)`;
