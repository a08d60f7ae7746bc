// Which act each route asks for, to be looked at and to be written to. What is not named here is open to nobody.
import { may, type Role, type RoleAct } from '$core';

/** `open`: to whoever comes. `self`: to whoever has signed in. `never`: nothing is written there. */
type Needs = RoleAct | 'open' | 'self' | 'never';
type Law = { read: Needs; write: Needs };

const RECIPE = '/recipes/[id=id]';
const LEARNER = '/learners/[id=id]';
const LESSON = '/lessons/[id=id]';
const ROOM = '/cook/[lesson=id]';
const OWN = '/own/[code=code]';
const parts = (place: string, ...names: string[]) => names.map((name) => (name ? `${place}/${name}` : place));

/** What looking needs, what writing needs, and the routes of it. */
const BY_NEED: readonly (readonly [read: Needs, write: Needs, routes: readonly string[]])[] = [
  [
    'open',
    'open',
    [
      '/sign-in',
      '/sign-in/code',
      '/sign-in/passkey',
      '/forgot',
      '/first',
      '/link/[secret=secret]',
      '/theme',
      '/demo-as',
      '/own',
      `${OWN}/mark`,
    ],
  ],
  ['open', 'never', ['/health', ...parts(OWN, '', 'live', 'kept/[...at=kept]')]],
  ['self', 'self', ['/account', '/account/passkey', '/sign-out', '/class']],
  ['see', 'recipes', ['/recipes']],
  ['see', 'never', ['/', '/design', '/shopping', '/shopping/list.csv', '/lessons/week.ics', '/kitchen/buy', RECIPE]],
  ['see', 'never', parts(LEARNER, 'taps', 'report', 'report/home', 'revision')],
  // what somebody taps who may not record could never be sent: the lesson is not opened to him
  ['record', 'record', parts(ROOM, '', 'adult', 'aim', 'live', 'now', 'presence', 'records', 'screen')],
  // whoever came in with a pass hands none on
  ['never', 'lessons', parts(ROOM, 'pass')],
  ['see', 'record', parts(RECIPE, 'cook')],
  ['see', 'lessons', ['/lessons', ...parts(LESSON, '', 'plan', 'plan/revision', 'plan/save', 'revision', 'save', 'share')]],
  ['see', 'recipes', parts(RECIPE, 'read', 'read/class', 'read/class/revision', 'read/recipe.json', 'read/revision')],
  ['see', 'recipes', parts(RECIPE, 'break-down', 'break-down/revision', 'break-down/routine', 'break-down/versions')],
  ['see', 'recipes', parts(RECIPE, 'show', 'show/braille', 'show/moving', 'show/paper', 'show/photo', 'show/voice')],
  ['recipes', 'recipes', ['/recipes/new']],
  ['see', 'plans', [...parts(LEARNER, '', 'photo', 'save'), ...parts(RECIPE, 'fit', 'fit/class')]],
  ['see', 'learners', ['/learners']],
  ['see', 'goals', ['/look-back', ...parts(RECIPE, 'look-back', 'look-back/seen'), ...parts(LEARNER, 'look-back', 'goals/[goal=id]')]],
  ['goals', 'goals', parts(LEARNER, 'goals/new')],
  ['see', 'kitchen', ['/kitchen', '/kitchen/photo', '/kitchen/photos']],
  ['export', 'never', parts(LEARNER, 'records.csv', 'all.zip')],
  ['erase', 'erase', parts(LEARNER, 'erase')],
  ['people', 'people', ['/people']],
  ['people', 'never', ['/people/school.zip', '/people/kept']],
  ['classes', 'classes', ['/classes']],
  ['audit', 'never', ['/people/trail']],
];
const LAW = new Map(BY_NEED.flatMap(([read, write, routes]) => routes.map((route): [string, Law] => [route, { read, write }])));

/** Routes that the law names. */
export const lawfulRoutes = (): string[] => [...LAW.keys()];

/** The longest body that a route takes, in bytes, where it is not the usual: whole recipes and their steps, pictures, voices, a lesson's records. */
const LONG = new Map(
  (
    [
      [4_000_000, ['/recipes/new', ...parts(RECIPE, 'read', 'break-down', 'break-down/routine', 'break-down/versions')]],
      [1_500_000, [...parts(RECIPE, 'show/photo', 'show/voice', 'fit'), '/kitchen/photo', ...parts(LEARNER, 'photo')]],
      [800_000, [...parts(ROOM, 'records'), ...parts(LESSON, 'plan', 'plan/save', 'save'), '/kitchen']],
    ] as const
  ).flatMap(([most, routes]) => routes.map((route): [string, number] => [route, most])),
);
const USUAL = 100_000;
export const mostBytes = (route: string | null): number => LONG.get(route ?? '') ?? USUAL;

/** Whether a route is open to whoever comes, without a session. */
export function isOpen(route: string | null, writes: boolean): boolean {
  const law = LAW.get(route ?? '');
  return law !== undefined && (writes ? law.write : law.read) === 'open';
}

/** Whether somebody in a role may do this at a route. A route that the law does not name is nobody's. */
export function mayAt(role: Role, route: string | null, writes: boolean): boolean {
  const law = LAW.get(route ?? '');
  if (!law) return false;
  const needs = writes ? law.write : law.read;
  return needs === 'open' || needs === 'self' || (needs !== 'never' && may(role, needs));
}

/** Pages that are one form from top to bottom: whoever only looks finds every field of them closed. */
const ONE_FORM = new Set(['/kitchen', LEARNER, LESSON, `${RECIPE}/read`, `${RECIPE}/read/class`]);
export const isOneForm = (route: string | null): boolean => ONE_FORM.has(route ?? '');

/** Whether a page that somebody in a role may look at is one where others change things and he does not. */
export function looksOnly(role: Role, route: string | null): boolean {
  const law = LAW.get(route ?? '');
  return law !== undefined && law.write !== 'never' && mayAt(role, route, false) && !mayAt(role, route, true);
}
