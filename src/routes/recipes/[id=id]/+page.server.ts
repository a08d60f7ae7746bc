import { redirect } from '@sveltejs/kit';

// A recipe opens at the place that waits.
export const load = async ({ params, parent }) => {
  const { next } = await parent();
  redirect(307, `/recipes/${params.id}/${next.place}`);
};
