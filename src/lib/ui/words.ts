// The words on the screens for what core names by an id.
import {
  PROCEDURES,
  type Chaining,
  type Change,
  type Demand,
  type GoalStanding,
  type Hazard,
  type How,
  type Mode,
  type Phase,
  type Place,
  type Presence,
  type Supervision,
  type Warning,
} from '$core';

export const PHASE_NAMES: Record<Phase, string> = {
  ready: 'Get ready',
  gather: 'Gather',
  prepare: 'Prepare',
  cook: 'Cook',
  serve: 'Serve and eat',
  store: 'Put away',
  clean: 'Clean up',
};

export const SUPERVISION_NAMES: Record<Supervision, string> = {
  none: 'no adult needed',
  nearby: 'adult nearby',
  'within-reach': 'adult within reach',
  'adult-does': 'adult does it',
};

/** A short name for the mark, and the usual caution. None of them says that anything is safe. */
export const HAZARDS: Record<Hazard, { name: string; caution: string }> = {
  sharp: { name: 'sharp', caution: 'Claw or bridge hold. Flat side down. Put the knife down flat, away from the edge.' },
  hot: { name: 'hot', caution: 'Oven gloves on. Handles turned in. Hot things go on a stand.' },
  steam: { name: 'steam', caution: 'Lean back. Open lids and doors away from the face.' },
  'raw-egg': { name: 'raw egg', caution: 'No tasting. Wash hands after the shell. Egg dishes to 71 °C, 160 °F.' },
  'raw-meat': {
    name: 'raw meat',
    caution: 'Own board and knife. Wash hands after. Check with a thermometer: poultry 74 °C, 165 °F; ground meat 71 °C, 160 °F.',
  },
  'raw-fish': { name: 'raw fish', caution: 'Own board and knife. Wash hands after. Fish to 63 °C, 145 °F.' },
  'raw-flour': { name: 'raw flour', caution: 'No tasting of dough or flour. Wash hands after.' },
  edge: { name: 'edge', caution: 'Tins, lids and glass have edges. Lift lids with a spoon, not with fingers.' },
  electric: { name: 'electric', caution: 'Dry hands. Plug in last, unplug first.' },
  choking: { name: 'choking', caution: 'Cut lengthwise in quarters for those at risk. Texture as the learner’s plan says.' },
  allergen: { name: 'allergen', caution: 'Check every label against the learners’ plans. This list may not be complete.' },
  splash: { name: 'splash', caution: 'Lower things in gently, away from the body. Long spoon.' },
  slip: { name: 'wet floor', caution: 'Wipe up drips at once.' },
};

export const PLACES: { id: Place; name: string; question: string }[] = [
  { id: 'read', name: 'Read', question: 'Do I understand this recipe?' },
  { id: 'break-down', name: 'Break down', question: 'What are the steps?' },
  { id: 'show', name: 'Show', question: 'What does each step look like?' },
  { id: 'fit', name: 'Fit', question: 'Who needs it done differently?' },
  { id: 'cook', name: 'Cook', question: 'What happened?' },
  { id: 'look-back', name: 'Look back', question: 'What is next?' },
];

/** What a step asks, in a teacher's words. */
export const DEMAND_NAMES: Record<Demand, string> = {
  'two-hands': 'two hands',
  'strong-grip': 'strong grip',
  'fine-aim': 'fine aim',
  sight: 'sight',
  hearing: 'hearing',
  'read-word': 'reading words',
  'read-number': 'reading numbers',
  count: 'counting',
  fraction: 'fractions',
  'judge-doneness': 'judging when it is done',
  heat: 'heat',
  noise: 'noise',
  smell: 'smell',
  'wet-sticky': 'wet and sticky things',
  reach: 'reaching',
  standing: 'standing',
  memory: 'keeping several things in mind',
  waiting: 'waiting',
  touch: 'feeling with the fingers',
  colour: 'telling colours',
  'moving-about': 'moving about',
  lift: 'lifting',
  carry: 'carrying',
  speak: 'asking and saying stop',
  taste: 'tasting',
  swallow: 'eating by mouth',
};
export const HOW_NAMES: Record<How, string> = { absent: 'without', limited: 'limited', avoid: 'to be avoided' };

const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' });
/** "10 Nov" for 2026-11-10. */
export function showDay(day: string): string {
  return DAY.format(new Date(`${day}T00:00:00Z`));
}

const DATE = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', year: 'numeric', timeZone: 'UTC' });
/** "30 June 2027" for 2027-06-30. */
export const showDate = (day: string): string => DATE.format(new Date(`${day}T00:00:00Z`));

const WEEKDAY = new Intl.DateTimeFormat('en-GB', { weekday: 'short', timeZone: 'UTC' });
/** "Tue" for 2026-11-10. */
export const showWeekday = (day: string): string => WEEKDAY.format(new Date(`${day}T00:00:00Z`));

const MOMENT = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric', hour: '2-digit', minute: '2-digit' });
/** "28 Nov 2026, 05:41", by the clock of where it is read. */
export const showMoment = (moment: Date): string => MOMENT.format(moment);

/** "1 h 20 min" for 80. */
export function showMinutes(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole < 60) return `${whole} min`;
  return whole % 60 ? `${Math.floor(whole / 60)} h ${whole % 60} min` : `${whole / 60} h`;
}

/** Phases of learning, as single-case records name them; `what` says it to whoever does not. */
export const LEARNING_PHASES = [
  ['baseline', { name: 'baseline', what: 'baseline: measure, without teaching' }],
  ['intervention', { name: 'teaching', what: 'teaching' }],
  ['maintenance', { name: 'maintenance', what: 'maintenance' }],
  ['generalisation', { name: 'generalisation', what: 'generalisation: new place or person' }],
] as const;

export const PRESENCE_NAMES: Record<Presence, string> = { here: 'here', late: 'late', left: 'gone early', absent: 'absent' };

/** How a dish is shared out. */
export const MODE_NAMES: Record<Mode, string> = { own: 'each makes one', pairs: 'pairs', together: 'one dish together' };

export const CHAINING_NAMES: Record<Chaining, string> = { total: 'every step', forward: 'forward', backward: 'backward' };

/** How a goal stands, in a word or two and in a sentence. */
export const STANDING_NAMES: Record<GoalStanding, string> = {
  'put-away': 'put away',
  slipped: 'slipping: teach it again',
  probe: 'learnt; a look is due',
  learnt: 'learnt',
  ready: 'met: call it learnt',
  under: 'under its line: change something',
  above: 'above its line: ask for more',
  'on-the-way': 'on the way',
  'too-few': 'too few lessons to say',
};

/** What changed with a lesson, as it stands at the line on the chart. */
export function changeName({ what, to }: Change): string {
  if (what === 'phase') return LEARNING_PHASES.find(([id]) => id === to)?.[1].name ?? to;
  if (what === 'procedure') return PROCEDURES.find((p) => p.id === to)?.name ?? to;
  if (what === 'version') return `steps, version ${to}`;
  if (what === 'own') return to ? 'own cards changed' : 'the class’s cards';
  if (what === 'levels') return 'other levels of help';
  if (what === 'chaining') return `${to} task`;
  return `criterion ${to}`;
}

/** What stands beside a figure, so that nobody reads more out of it than it says. */
export const WARNING_NAMES: Record<Warning, string> = {
  'no-baseline': 'No lesson before teaching began: nothing to compare with.',
  'few-baseline': 'Fewer than 3 baseline lessons: no figure is worked out. (What Works Clearinghouse asks for at least 3 a phase.)',
  'short-baseline': '3 or 4 baseline lessons: evidence with reservations. (What Works Clearinghouse: 5 without.)',
  'few-later': 'Fewer than 3 lessons since teaching began: no figure is worked out.',
  'rising-baseline': 'The baseline was rising by itself: read Tau-U, which takes that away, before NAP.',
  'full-baseline': 'A baseline lesson stood at 100 %: PND can only be 0, whatever came after.',
  'one-point-decides': 'One high baseline lesson decides PND; without it, it would be another figure.',
  'other-changes': 'Other things changed on the way as well (see the lines on the chart): it need not be the teaching alone.',
};
