import { compareSteps } from '$core';
import { isId } from '$lib/server/ids';
import { inSchool } from '$lib/server/school';
import { getDraft, getVersion, listVersions, saveDraft } from '$lib/server/tasks';
import { error, fail, redirect } from '@sveltejs/kit';

export const load = ({ params, locals, url }) =>
  inSchool(locals.school, async (trx) => {
    if (!isId(params.id)) error(404, 'There is no recipe at this address.');
    const versions = await listVersions(trx, params.id);
    const draft = await getDraft(trx, params.id);
    const asked = url.searchParams.get('version');
    const number = asked === null ? versions[0]?.number : versions.find((v) => String(v.number) === asked)?.number;
    if (asked !== null && number === undefined) error(404, 'There is no such version.');
    const shown = number ? await getVersion(trx, params.id, number) : null;
    const before = shown && shown.number > 1 ? await getVersion(trx, params.id, shown.number - 1) : null;
    const words = (steps: { key: string; text: string }[]) => Object.fromEntries(steps.map((s) => [s.key, s.text]));
    return {
      versions,
      revision: draft?.revision ?? null,
      shown: shown && {
        number: shown.number,
        steps: shown.steps.map(({ key, text, phase }) => ({ key, text, phase })),
        difference: before && compareSteps(before.steps, shown.steps),
        was: before ? words(before.steps) : {},
      },
    };
  });

export const actions = {
  /** The draft becomes as a published version was; that version itself never changes. */
  restore: async ({ request, params, locals }) => {
    if (!isId(params.id)) error(404, 'There is no recipe at this address.');
    const form = await request.formData();
    const number = Number(form.get('version'));
    const revision = Number(form.get('revision'));
    if (!Number.isInteger(revision) || revision < 1 || revision > 2 ** 31 - 1) return fail(400, { problem: 'There is no such draft.' });
    const done = await inSchool(locals.school, async (trx) => {
      const known = (await listVersions(trx, params.id)).some((v) => v.number === number);
      const version = known ? await getVersion(trx, params.id, number) : null;
      if (!version) return 'gone';
      return (await saveDraft(trx, params.id, revision, version.steps)) === null ? 'stale' : 'done';
    });
    if (done === 'gone') return fail(400, { problem: 'There is no such version.' });
    if (done === 'stale')
      return fail(409, {
        problem: 'The steps were changed in another window since you opened this page. Load it again, look, and restore then.',
      });
    redirect(303, `/recipes/${params.id}/break-down`);
  },
};
