// What is printed, and on what: pure, in millimetres.
import type { DrawnMeasure, TrueSize } from '$core';

export const PAPERS = { A4: [210, 297], letter: [215.9, 279.4] } as const;
export type PaperSize = keyof typeof PAPERS;
export const TURNS = ['portrait', 'landscape'] as const;
export type Turn = (typeof TURNS)[number];
export const INKS = ['colour', 'black', 'line'] as const;
export const SIZES = ['usual', 'large', 'largest'] as const;
export const WORDS = ['under', 'above', 'none'] as const;
export const PER_PAGE = [1, 2, 4, 6, 9] as const;

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
