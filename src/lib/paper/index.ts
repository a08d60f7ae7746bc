// The printed forms by name, and one function that lays any of them out.
import { cards, booklet, largePrint, placemat, sequence, strip } from './forms/cards';
import { checklist, choice, dataSheet, firstThen, help, labels, toolHunt } from './forms/sheets';
import { linesOnly } from '../pictures/lines';
import { trueSize } from './forms/true-size';
import { inkOnly } from './ink';
import type { Form, Page, PaperData, PaperOptions } from './model';

export type FormName =
  | 'cards'
  | 'strip'
  | 'booklet'
  | 'checklist'
  | 'first-then'
  | 'placemat'
  | 'sequence'
  | 'choice'
  | 'tools'
  | 'labels'
  | 'sizes'
  | 'data'
  | 'help'
  | 'large';
type Entry = { name: string; what: string; lay: Form };

/** In the order in which they are offered. */
const FORMS = {
  cards: { name: 'Cards', what: 'to cut out', lay: cards },
  strip: { name: 'Strip', what: 'to hang at the counter', lay: strip },
  booklet: { name: 'Booklet', what: 'to fold', lay: booklet },
  checklist: { name: 'Checklist', what: 'with boxes to tick', lay: checklist },
  'first-then': { name: 'First, then', what: 'two steps at a time', lay: firstThen },
  placemat: { name: 'Placemat', what: 'all steps at one place', lay: placemat },
  sequence: { name: 'Sequence cards', what: 'to put in order, with a key', lay: sequence },
  choice: { name: 'Choice board', what: 'what is in the dish', lay: choice },
  tools: { name: 'Find the tools', what: 'and where they are kept', lay: toolHunt },
  labels: { name: 'Labels', what: 'for the measures', lay: labels },
  sizes: { name: 'How large', what: 'sizes as they are', lay: trueSize },
  data: { name: 'Data sheet', what: 'for the class', lay: dataSheet },
  help: { name: 'Cards to hold up', what: 'help, stop, finished', lay: help },
  large: { name: 'Large print', what: '36 points and more', lay: largePrint },
} satisfies { readonly [name in FormName]: Entry };
export const FORM_NAMES = Object.keys(FORMS) as FormName[];
export const formOf = (name: FormName): Pick<Entry, 'name' | 'what'> => FORMS[name];

const IN_INK = new Map([
  ['black', inkOnly],
  ['line', linesOnly],
]);

/** The pages of a form, each an SVG in millimetres. The same data and options give the same pages. */
export function layPaper(form: FormName, data: PaperData, options: PaperOptions): Page[] {
  const pages = FORMS[form].lay(data, options);
  const ink = IN_INK.get(options.ink);
  return ink ? pages.map((page) => ({ ...page, svg: ink(page.svg) })) : pages;
}
