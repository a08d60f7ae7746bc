// An address with an id that is none is the address of nothing.
import { isId } from '$lib/id';
import type { ParamMatcher } from '@sveltejs/kit';

export const match: ParamMatcher = isId;
