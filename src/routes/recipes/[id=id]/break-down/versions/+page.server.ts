import { compareSteps } from '$core';
import { check } from '$lib/server/input/check';
import { readForm } from '$lib/server/input/request';
import { Restoring } from '$lib/server/input/task';
import { getDraft, getVersion, listVersions, saveDraft } from '$lib/server/tasks';
import { error, fail, redirect } from '@sveltejs/kit';

export const load = ({ params, locals, url }) =>
  locals.inSchool(async (trx) => {
    const versions = await listVersions(trx, params.id);
    const draft = await getDraft(trx, params.id);
    const asked = url.searchParams.get('version');
    const number = asked === null ? versions[0]?.number : versions.find((v) => String(v.number) === asked)?.number;
    if (asked !== null && number === undefined) error(404, 'There is no such version.');
    const shown = number ? await getVersion(trx, params.id, number) : null;
    const before = shown && shown.number > 1 ? await getVersion(trx, params.id, shown.number - 1) : null;
    const words = (steps: { key: string; text: string }[]) => new Map(steps.map((s) => [s.key, s.text]));
    return {
      versions,
      revision: draft?.revision ?? null,
      shown: shown && {
        number: shown.number,
        steps: shown.steps.map(({ key, text, phase }) => ({ key, text, phase })),
        difference: before && compareSteps(before.steps, shown.steps),
        was: before ? words(before.steps) : new Map<string, string>(),
      },
    };
  });

export const actions = {
  /** The draft becomes as a published version was; that version itself never changes. */
  restore: async ({ request, params, locals }) => {
    const field = await readForm(request);
    const checked = check(Restoring, { version: Number(field('version')), revision: Number(field('revision')) });
    if (!checked.ok) return fail(400, { problem: 'There is no such version, or no such draft.' });
    const { version: number, revision } = checked.value;
    const done = await locals.inSchool(async (trx) => {
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
