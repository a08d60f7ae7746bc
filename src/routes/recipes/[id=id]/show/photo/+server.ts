// The photograph of one step: shown, kept, taken away.
import { stepOf } from '$lib/server/input/step-of';
import { showPhoto, takeAway, takePhoto } from '$lib/server/photo-route';
import { getRecipe } from '$lib/server/recipes';
import { error } from '@sveltejs/kit';

type Place = { params: { id: string }; url: URL };
const of = ({ params, url }: Place) => ({ recipe: params.id, step: stepOf(url) });

export const GET = (event) => {
  const step = of(event);
  return showPhoto(event.locals, () => step);
};

export const PUT = (event) => {
  const step = of(event);
  return takePhoto(event.locals, event.request, async (trx) => {
    if (!(await getRecipe(trx, event.params.id))) error(404, 'There is no recipe at this address.');
    return step;
  });
};

export const DELETE = (event) => takeAway(event.locals, of(event));
