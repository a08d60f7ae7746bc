// How a learner's own screen and cards look and speak, and how they are worked.

export const WORDS_AT = ['under', 'above', 'none'] as const;

/** How pictures are drawn: in their colours, or as black lines. */
export const INKS_OF_LOOK = ['colour', 'line'] as const;
export const TEXT_SIZES = ['usual', 'large', 'largest'] as const;
/** Cards on a printed page. */
export const CARDS_A_PAGE = [1, 2, 4, 6, 9] as const;

export type OwnLook = {
  /** Where the words of a card stand. */
  words: (typeof WORDS_AT)[number];
  ink: (typeof INKS_OF_LOOK)[number];
  /** How large the words of a card are. */
  size: (typeof TEXT_SIZES)[number];
  /** 0 where it is chosen when printing. */
  perPage: 0 | (typeof CARDS_A_PAGE)[number];
  /** Black and white, whatever the device's colours. */
  contrast: boolean;
  /** Each card is said by a voice of the device as it comes. */
  speaks: boolean;
  /** How many switches work the screen: none (touch and keys), one with scanning, two (on, and choose). */
  switches: 0 | 1 | 2;
  /** How long each choice stands while scanning, in seconds. */
  scanSeconds: number;
  /** Each choice is said as it comes up. */
  scanSpeaks: boolean;
};

/** Two seconds a choice to begin with (common practice: set with the learner, not for him). */
export const USUAL_LOOK: OwnLook = {
  words: 'under',
  ink: 'colour',
  size: 'usual',
  perPage: 0,
  contrast: false,
  speaks: false,
  switches: 0,
  scanSeconds: 2,
  scanSpeaks: false,
};
export const SCAN_SECONDS = { least: 0.5, most: 10 } as const;
