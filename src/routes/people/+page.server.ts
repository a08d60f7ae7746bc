import { ACTS, actsOf, actWords, isRole, ROLES, roleWords } from '$core';
import { check, firstProblem } from '$lib/server/input/check';
import { InvitationInput, SchoolInput } from '$lib/server/input/person';
import { readFields, readForm } from '$lib/server/input/request';
import { changeRole, listAccounts, putAway, type Changed } from '$lib/server/people/accounts';
import { setClasses } from '$lib/server/people/classes';
import { atTheDoor } from '$lib/server/people/door';
import { invite, openInvitations, resetFor } from '$lib/server/people/links';
import { linkMail, mailIs, send } from '$lib/server/people/mail';
import { keptTooLong, lastBackup, saveSchoolRules, schoolRules } from '$lib/server/people/school-rules';
import { hasSecond } from '$lib/server/people/second';
import { endAll, personOf, type Person } from '$lib/server/people/sessions';
import { plainEmail } from '$lib/server/people/sign-in';
import { isId } from '$lib/id';
import { error, fail } from '@sveltejs/kit';

const whoIs = (locals: App.Locals): Person => personOf(locals.who) ?? error(401, 'Sign in again.');

export const load = async ({ locals }) => {
  const people = await locals.inSchool(listAccounts);
  const { school } = whoIs(locals);
  const about = await locals.inSchool(async (trx) => ({
    rules: await schoolRules(trx),
    backup: await lastBackup(trx),
    kept: (await keptTooLong(trx)).length,
  }));
  return {
    title: 'People',
    ...about,
    mail: mailIs(),
    people,
    invitations: await atTheDoor((trx) => openInvitations(trx, school)),
    roles: ROLES.map((id) => ({ id, ...roleWords(id), acts: [...actsOf(id)] })),
    acts: ACTS.map((id) => ({ id, ...actWords(id) })),
  };
};

const PROBLEMS: { readonly [C in Changed]: string | null } = {
  done: null,
  none: 'There is nobody such in this school any more.',
  'last-lead': 'A school needs one lead at least: give somebody else that role first.',
};
const told = (how: Changed) => (PROBLEMS[how] ? fail(409, { problem: PROBLEMS[how] }) : undefined);

/** Sends a link where mail is set up. It is shown all the same: mail may not arrive. */
async function sendLink(kind: 'invitation' | 'reset', { email, ...words }: { email: string; name: string; school: string; link: string }) {
  const mail = linkMail(kind, email, words);
  return { sent: await send(mail), mail: mailIs() === 'pretended' ? mail : null };
}

export const actions = {
  /** What the school settles for itself. */
  school: async ({ request, locals }) => {
    const { field, fields } = await readFields(request);
    const checked = check(SchoolInput, { secondFor: fields('second'), keepMonths: Number(field('months')) });
    if (!checked.ok) return fail(400, { problem: firstProblem(checked.problems, 'This could not be kept.') });
    const { secondFor } = checked.value;
    const who = whoIs(locals);
    if (secondFor.includes(who.role) && !who.demo && !(await atTheDoor((trx) => hasSecond(trx, who.account))))
      return fail(409, { problem: 'Set up a second factor for yourself first, on your own page: else you would be shut out.' });
    await locals.inSchool((trx) => saveSchoolRules(trx, checked.value));
  },
  invite: async ({ request, locals, url }) => {
    const who = whoIs(locals);
    const { field, fields } = await readFields(request);
    const given = { name: field('name').trim(), email: plainEmail(field('email')), role: field('role') };
    // where there is one class only, nothing is asked
    const classes = who.classes.length === 1 ? [who.classes[0].id] : fields('class');
    const checked = check(InvitationInput, { ...given, classes });
    if (!checked.ok) return fail(400, { problem: firstProblem(checked.problems, 'Something is missing.'), ...given });
    const { name, email, role } = checked.value;
    const secret = await atTheDoor(async (trx) => {
      if (await trx('account').where({ email, school_id: who.school }).first('id')) return null;
      return invite(trx, { school: who.school, name, email, role, classes, by: who.account });
    });
    if (!secret) return fail(409, { problem: `${name} has an account already: it stands below.`, ...given });
    const link = `${url.origin}/link/${secret}`;
    return { link, of: name, kind: 'invitation', ...(await sendLink('invitation', { email, name, school: who.schoolName, link })) };
  },
  role: async ({ request, locals }) => {
    const field = await readForm(request);
    const [id, role] = [field('id'), field('role')];
    if (!isId(id) || !isRole(role)) error(400, 'There is nobody such.');
    locals.about = id;
    return told(await locals.inSchool((trx) => changeRole(trx, id, role)));
  },
  classes: async ({ request, locals }) => {
    const { field, fields } = await readFields(request);
    const [id, classes] = [field('id'), fields('class')];
    if (!isId(id) || !classes.every(isId)) error(400, 'There is nobody such.');
    locals.about = id;
    await locals.inSchool((trx) => setClasses(trx, id, classes));
  },
  'put-away': async ({ request, locals }) => {
    const field = await readForm(request);
    const id = field('id');
    if (!isId(id)) error(400, 'There is nobody such.');
    locals.about = id;
    const away = field('away') === 'yes';
    const how = await locals.inSchool((trx) => putAway(trx, id, away));
    if (how === 'done' && away) await atTheDoor((trx) => endAll(trx, id));
    return told(how);
  },
  /** A link for a new password, to be handed over. */
  reset: async ({ request, locals, url }) => {
    const who = whoIs(locals);
    const id = (await readForm(request))('id');
    if (!isId(id)) error(400, 'There is nobody such.');
    locals.about = id;
    const secret = await atTheDoor((trx) => resetFor(trx, who.school, id, who.account));
    if (!secret) return fail(409, { problem: PROBLEMS.none });
    const of = (await locals.inSchool(listAccounts)).find((p) => p.id === id);
    const [name, link] = [of?.name ?? '', `${url.origin}/link/${secret}`];
    return { link, of: name, kind: 'reset', ...(await sendLink('reset', { email: of?.email ?? '', name, school: who.schoolName, link })) };
  },
};
