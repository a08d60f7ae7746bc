// What is printed, and on what: pure, in millimetres.
import { CARDS_A_PAGE, INKS_OF_LOOK, TEXT_SIZES, WORDS_AT, type DrawnMeasure, type TrueSize } from '$core';

export const PAPERS = { A4: [210, 297], letter: [215.9, 279.4] } as const;
export type PaperSize = keyof typeof PAPERS;
export const TURNS = ['portrait', 'landscape'] as const;
export type Turn = (typeof TURNS)[number];
// what a learner's own look says of cards, paper can do: and print in black besides
export const INKS = [...INKS_OF_LOOK, 'black'] as const;
export const SIZES = TEXT_SIZES;
export const WORDS = WORDS_AT;
export const PER_PAGE = CARDS_A_PAGE;

export type PaperOptions = {
  size: PaperSize;
  turn: Turn;
  ink: (typeof INKS)[number];
  words: (typeof WORDS)[number];
  /** How large the words of cards are. */
  text: (typeof SIZES)[number];
  /** Cards on a page. */
  perPage: (typeof PER_PAGE)[number];
  /** Cards with their words on the back, to be printed on both sides. */
  backs: boolean;
};

export const USUAL_PAPER: PaperOptions = {
  size: 'A4',
  turn: 'portrait',
  ink: 'colour',
  words: 'under',
  text: 'usual',
  perPage: 4,
  backs: false,
};

export type PaperCard = {
  key: string;
  number: number;
  text: string;
  /** Further lines of a learner's own card. */
  lines: string[];
  adult: boolean;
  /** "▲ hot, sharp". */
  hazards: string;
  svg: string;
};

/** All that a form may print. */
export type PaperData = {
  title: string;
  /** "Version 3", and whose it is. */
  from: string;
  learner: string | null;
  cards: PaperCard[];
  learners: string[];
  /** Letters of the levels of help, with what they mean. */
  levels: { code: string; name: string }[];
  tools: { name: string; place: string; svg: string }[];
  foods: { name: string; svg: string }[];
  measures: (Omit<DrawnMeasure, 'times'> & { kind: string })[];
  /** Sizes that steps name, with the step. */
  sizes: (TrueSize & { step: string })[];
};

export type Page = { width: number; height: number; svg: string };
/** Lays a form out. */
export type Form = (data: PaperData, options: PaperOptions) => Page[];
