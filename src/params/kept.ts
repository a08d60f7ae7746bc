// What a learner's own screen may ask for of what is kept: a photograph or a voice, by the address that it has for whoever is signed in.
import { isId } from '$lib/id';
import type { ParamMatcher } from '@sveltejs/kit';

const OF_ONE = /^(?:recipes\/([^/]+)\/show\/(?:photo|voice)|learners\/([^/]+)\/photo)$/;

export const match: ParamMatcher = (text) => {
  const [, recipe, learner] = OF_ONE.exec(text) ?? [];
  return text === 'kitchen/photo' || isId(recipe ?? learner ?? '');
};
