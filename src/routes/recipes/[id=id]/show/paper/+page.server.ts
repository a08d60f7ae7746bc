import { listVersions } from '$lib/server/tasks';
import { paperOrTell } from '$lib/server/draft-of';
import { paperData, paperIn } from '$lib/server/paper-data';
import { shownTask, wantedIn } from '$lib/server/shown';
import { spriteFor } from '$lib/pictures/sprite';

export const load = async ({ params, url, locals }) => {
  const wanted = wantedIn(url);
  const versions = await locals.inSchool((trx) => listVersions(trx, params.id));
  const shown = await shownTask(locals, params.id, wanted);
  const { form, options } = paperIn(url, shown.learner?.screen ?? null);
  const pages = await paperOrTell(form, await paperData(shown), options);
  return {
    title: `On paper: ${shown.working.row.title}`,
    recipe: { id: params.id, title: shown.working.row.title },
    learners: shown.version ? shown.learners.map(({ id, name }) => ({ id, name })) : [],
    learner: shown.learner?.id ?? '',
    versions: versions.map((v) => v.number),
    version: wanted.version ?? '',
    grain: wanted.grain ?? '',
    form,
    options,
    pages,
    sprite: spriteFor(pages.map((p) => p.svg)),
  };
};
