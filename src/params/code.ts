// The code of a learner's own screen: six digits.
import type { ParamMatcher } from '@sveltejs/kit';

export const match: ParamMatcher = (text) => /^\d{6}$/.test(text);
