import { actsOf } from '$core';

export const load = ({ locals }) => {
  const { who } = locals;
  return {
    theme: locals.theme,
    school: who?.schoolName ?? null,
    who: who && { name: who.name, role: who.role, demo: who.demo, shared: who.shared },
    may: who ? [...actsOf(who.role)] : [],
  };
};
