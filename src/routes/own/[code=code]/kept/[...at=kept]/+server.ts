// What a learner's own screen shows and plays of what is kept: photographs and voices of his lesson's recipes, of the class's tools and places, of himself. A screen is
// opened by its code and by nobody's session, so it asks here.
import { thingIn } from '$lib/server/input/thing-in';
import { stepOf } from '$lib/server/input/step-of';
import { isOnScreen, screenOf, type OwnScreen } from '$lib/server/own-screen';
import { showPhoto } from '$lib/server/photo-route';
import type { PhotoOf } from '$lib/server/photos';
import type { SchoolTrx } from '$lib/server/school-scope';
import { showVoice } from '$lib/server/voice-route';
import { error } from '@sveltejs/kit';

const nothing = () => error(404, 'There is nothing here.');

export const GET = ({ params, url, locals }) => {
  const [where, id = ''] = params.at.split('/');
  const ofScreen = async (trx: SchoolTrx): Promise<OwnScreen> => (await screenOf(trx, params.code)) ?? nothing();
  const ofStep = async (trx: SchoolTrx) => {
    if (!(await isOnScreen(trx, await ofScreen(trx), id))) nothing();
    return { recipe: id, step: stepOf(url) };
  };
  if (params.at.endsWith('/voice')) return showVoice(locals, ofStep);
  return showPhoto(locals, async (trx): Promise<PhotoOf> => {
    if (where === 'recipes') return ofStep(trx);
    const { learnerId } = await ofScreen(trx);
    if (where === 'kitchen') return { thing: thingIn(url) };
    return id === learnerId ? { learner: learnerId } : nothing();
  });
};
