// The photograph of a tool or a place of the class's kitchen: shown, kept, taken away.
import { thingIn } from '$lib/server/input/thing-in';
import { showPhoto, takeAway, takePhoto } from '$lib/server/photo-route';

export const GET = ({ url, locals }) => {
  const thing = thingIn(url);
  return showPhoto(locals, () => ({ thing }));
};

export const PUT = ({ url, locals, request }) => {
  const thing = thingIn(url);
  return takePhoto(locals, request, () => Promise.resolve({ thing }));
};

export const DELETE = ({ url, locals }) => takeAway(locals, { thing: thingIn(url) });
