// Who may do what: one table of role by act. Routes ask it before anything is read, and the database holds a copy that it asks for every row.

/** The people of a school, by what they are there for. */
export const ROLES = ['lead', 'teacher', 'specialist', 'aide', 'reader'] as const;
export type Role = (typeof ROLES)[number];
export const isRole = (value: unknown): value is Role => ROLES.some((r) => r === value);

/** Everything that somebody may be allowed to do, in the order in which it is told. */
export const ACTS = [
  'see',
  'record',
  'lessons',
  'recipes',
  'plans',
  'learners',
  'goals',
  'kitchen',
  'export',
  'people',
  'classes',
  'audit',
  'erase',
] as const;
export type Act = (typeof ACTS)[number];

type Named = { name: string; say: string };

const ROLE_WORDS: { readonly [R in Role]: Named } = {
  lead: { name: 'School lead', say: 'Looks after the people of the school and what is kept of its learners.' },
  teacher: { name: 'Teacher', say: 'Teaches: recipes, lessons, learners, goals, the kitchen.' },
  specialist: { name: 'Specialist', say: 'Therapist or nurse: how a learner works, what a learner must not have or do, cautions.' },
  aide: { name: 'Aide', say: 'Records in lessons that are there, and begins one.' },
  reader: { name: 'Reader', say: 'Looks, and changes nothing.' },
};

const ACT_WORDS: { readonly [A in Act]: Named } = {
  see: { name: 'See', say: 'recipes, learners, lessons, records' },
  record: { name: 'Record', say: 'begin a lesson, record, end it' },
  lessons: { name: 'Plan lessons', say: 'days, adults, who is there, who does what' },
  recipes: { name: 'Change recipes', say: 'text, steps, versions, pictures, voices' },
  plans: { name: 'Change how a learner works', say: 'questions, plan notes, what must never be, fits, answers to cautions' },
  learners: { name: 'Add and put away learners', say: 'names, order' },
  goals: { name: 'Set goals', say: 'goals, decisions, when something counts as learnt' },
  kitchen: { name: 'Change the kitchen', say: 'tools, measures, places, heights' },
  export: { name: 'Take records out', say: 'all of a learner, as text and as data' },
  people: { name: 'Look after people', say: 'invite, roles, who is in which class, put away' },
  classes: { name: 'Look after classes', say: 'add, put away, move learners up' },
  audit: { name: 'Read who saw what', say: 'who saw, changed, took out or erased what of a learner' },
  erase: { name: 'Erase a learner', say: 'with every record, for good' },
};

const EVERYDAY = ['see', 'record', 'lessons', 'recipes', 'plans', 'learners', 'goals', 'kitchen'] as const;

/** The law. Common practice: each role has what its work needs and no more. */
const MAY: { readonly [R in Role]: readonly Act[] } = {
  lead: ACTS,
  teacher: [...EVERYDAY, 'export'],
  specialist: ['see', 'plans', 'goals'],
  aide: ['see', 'record'],
  reader: ['see'],
};

/** Whether a role may do something. */
export const may = (role: Role, act: Act): boolean => MAY[role].includes(act);

/** All that a role may do. */
export const actsOf = (role: Role): readonly Act[] => MAY[role];

export const roleWords = (role: Role): Named => ROLE_WORDS[role];
export const actWords = (act: Act): Named => ACT_WORDS[act];
