import { actsOf } from '$core';
import { isOneForm, looksOnly } from '$lib/server/people/route-law';

export const load = ({ locals, route }) => {
  const { who } = locals;
  return {
    theme: locals.theme,
    school: who?.schoolName ?? null,
    classes: who?.classes ?? [],
    class: who?.class ?? null,
    who: who && { name: who.name, role: who.role, demo: who.demo },
    may: who ? [...actsOf(who.role)] : [],
    looksOnly: who !== null && looksOnly(who.role, route.id),
    isOneForm: isOneForm(route.id),
  };
};
