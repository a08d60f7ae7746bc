// What a lesson's page is given: who is there, what each does, and what is in force.
import type { Detail, Hazard, Hierarchy, InForce, Mode, Phase, Presence, Stamp, Supervision, TaughtAs } from '$core';

/** A step of a recipe of the lesson, as everybody has it. */
export type RoomCard = {
  lesson: string;
  key: string;
  text: string;
  phase: Phase;
  hazards: Hazard[];
  supervision: Supervision;
  meanwhile: string | null;
  /** Address of the class's own voice for it. */
  voice: string | null;
  /** Minutes that it waits; 0 where it does not. */
  wait: number;
};

/** A step as one learner does it. */
export type RoomItem = {
  /** Place of its card in `cards`, and of its picture in the lesson's pictures. */
  card: number;
  picture: number;
  /** His own words, where they differ. */
  text: string | null;
  lines: string[];
  who: 'learner' | 'shared' | 'adult';
  /** What must be known of him here: what a plan rules out, what he must not have. */
  marks: string[];
  /** The level aimed at before the lesson, and why. */
  aim: string | null;
  why: string | null;
  taught: TaughtAs;
};

/** How one learner is taught one recipe in this lesson. */
export type RoomPlace = { lesson: string; hierarchy: Hierarchy; procedure: InForce; mode: Mode };

export type RoomPerson = {
  id: string;
  name: string;
  /** Address of his photograph. */
  face: string | null;
  notes: string;
  presence: Presence;
  adult: string | null;
  places: RoomPlace[];
  items: RoomItem[];
};

/** A record in force. */
export type RoomRecord = Stamp & { lessonId: string; learnerId: string; stepKey: string; code: string; detail: Detail | null };

/** What a learner pressed on a screen of his own. */
export type RoomMark = { id: string; lessonId: string; learnerId: string; stepKey: string; what: 'done' | 'help'; at: number };

/** The plan of a lesson as it goes along with the room. Minutes from the start. */
export type RoomPlan = {
  blocks: { who: string[]; start: number; end: number; title: string; steps: string[] }[];
  /** Where each adult is to be; `with`: names. */
  stints: { adult: string; from: number; to: number; station: string; with: string[] }[];
};

export type RoomData = {
  id: string;
  title: string;
  heldOn: string;
  startsAt: string | null;
  minutes: number;
  adults: string[];
  waitShown: boolean;
  ended: boolean;
  cards: RoomCard[];
  people: RoomPerson[];
  recorded: RoomRecord[];
  marks: RoomMark[];
  plan: RoomPlan | null;
  /** Differs whenever who is there, or whose steps they are, has changed. */
  stamp: string;
  /** The server's clock as this was made, in milliseconds: what a device takes its own for. */
  now: number;
};

/** The pictures of a lesson, each once. */
export type RoomPictures = { pictures: string[]; sprite: string };
