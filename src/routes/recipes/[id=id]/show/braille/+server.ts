// The steps as a braille file for an embosser or a braille display.
import { brf } from '$lib/paper/braille';
import { BRAILLE_GRADES, NoBraille, toBraille } from '$lib/server/braille';
import { shownTask, wantedIn } from '$lib/server/shown';
import { HAZARDS } from '$lib/ui/words';
import { error } from '@sveltejs/kit';

export const GET = async ({ params, url, locals }) => {
  const grade = BRAILLE_GRADES.find((g) => g === url.searchParams.get('grade')) ?? 'contracted';
  const { task } = await shownTask(locals, params.id, wantedIn(url));
  const lines = task.steps.map((step, i) => {
    const who = step.fitted?.who === 'adult' ? 'An adult: ' : '';
    const hurts = step.hazards.length > 0 ? ` Caution: ${step.hazards.map((h) => HAZARDS[h].name).join(', ')}.` : '';
    return `${i + 1}. ${who}${[step.text, ...(step.fitted?.lines ?? [])].join(' ')}${hurts}`;
  });
  try {
    const [title, ...rest] = await toBraille([task.title, ...lines], grade);
    return new Response(brf(title ?? '', rest), {
      headers: { 'content-type': 'application/octet-stream', 'content-disposition': `attachment; filename="steps-${grade}.brf"` },
    });
  } catch (failed) {
    if (failed instanceof NoBraille)
      error(503, { message: 'This server has no braille translator. Ask whoever runs it to install the Debian package liblouis-bin.' });
    throw failed;
  }
};
