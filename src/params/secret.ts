// The secret of a link: as it is made, 32 letters and signs.
import type { ParamMatcher } from '@sveltejs/kit';

export const match: ParamMatcher = (text) => /^[\w-]{32}$/.test(text);
