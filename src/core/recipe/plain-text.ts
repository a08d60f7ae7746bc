// Turns what was pasted into plain lines: markup out, entities read, scripts dropped. One pass, so hostile text costs no more than honest text.
import { table } from '../amount/table';
import { columnsApart } from './columns';
import { withHelpersSaid } from './helpers-column';

const ENTITIES = table<string>({
  amp: '&',
  lt: '<',
  gt: '>',
  quot: '"',
  apos: "'",
  nbsp: ' ',
  frac12: '½',
  frac14: '¼',
  frac34: '¾',
  deg: '°',
  ndash: '–',
  mdash: '—',
  rsquo: '’',
  lsquo: '‘',
  rdquo: '”',
  ldquo: '“',
  eacute: 'é',
  egrave: 'è',
  times: '×',
  bull: '•',
  hellip: '…',
  ccedil: 'ç',
  ntilde: 'ñ',
  uuml: 'ü',
  ouml: 'ö',
  auml: 'ä',
});
const SILENT = new Set([
  'script',
  'style',
  'head',
  'noscript',
  'template',
  'svg',
  'nav',
  'iframe',
  'button',
  'select',
  'footer',
  'aside',
  'textarea',
]);
const BLOCK = new Set([
  'p',
  'div',
  'br',
  'li',
  'ul',
  'ol',
  'h1',
  'h2',
  'h3',
  'h4',
  'h5',
  'h6',
  'tr',
  'table',
  'section',
  'article',
  'header',
  'footer',
  'dt',
  'dd',
  'title',
  'hr',
]);

/** Whether a text is markup rather than a recipe that says "< 5 min". */
function looksLikeHtml(text: string): boolean {
  return /<\/?(?:html|body|div|p|br|li|ul|ol|h[1-6]|span|script|table|section|article|strong|em|b|i|a|img|svg|style)\b[^<]{0,2000}>/i.test(
    text,
  );
}

/**
 * The readable text of a piece of HTML. Nothing in it runs; addresses are dropped with their tags.
 */
function htmlToText(html: string): string {
  let out = '';
  let at = 0;
  while (at < html.length) {
    const open = html.indexOf('<', at);
    if (open < 0) {
      out += html.slice(at);
      break;
    }
    out += html.slice(at, open);
    const name = /^<(\/?)([a-z][a-z0-9]*)/i.exec(html.slice(open, open + 24));
    if (!name) {
      const comment = html.startsWith('<!', open);
      const end = comment ? html.indexOf(html.startsWith('<!--', open) ? '-->' : '>', open) : -1;
      if (!comment) out += '<';
      at = comment ? (end < 0 ? html.length : end + (html.startsWith('<!--', open) ? 3 : 1)) : open + 1;
      continue;
    }
    const tag = name[2]!.toLowerCase();
    if (!name[1] && SILENT.has(tag)) {
      at = endOfSilent(html, open, tag);
      continue;
    }
    const close = html.indexOf('>', open);
    // the cells of a row belong to one line
    if (tag === 'td' || tag === 'th') out += ' ';
    if (BLOCK.has(tag)) out += tag === 'li' && !name[1] ? '\n- ' : '\n';
    at = close < 0 ? html.length : close + 1;
  }
  return decodeEntities(out);
}

function endOfSilent(html: string, open: number, tag: string): number {
  const closing = new RegExp(`</${tag}\\s*>`, 'ig');
  closing.lastIndex = open;
  const found = closing.exec(html);
  return found ? closing.lastIndex : html.length;
}

function decodeEntities(text: string): string {
  return text.replace(/&(#x?[0-9a-f]{1,6}|[a-z0-9]{2,8});/gi, (whole, name: string) => {
    if (name[0] === '#') {
      const code = name[1]?.toLowerCase() === 'x' ? parseInt(name.slice(2), 16) : parseInt(name.slice(1), 10);
      return code > 8 && code < 0x110000 && !(code >= 0xd800 && code < 0xe000) ? String.fromCodePoint(code) : whole;
    }
    return ENTITIES.get(name.toLowerCase()) ?? whole;
  });
}

/** One piece of text with its markup and entities read. */
export function plainOf(text: string): string {
  return withoutMarks(/[<&]/.test(text) ? (looksLikeHtml(text) ? htmlToText(text) : decodeEntities(text)) : text).trim();
}

function withoutMarks(text: string): string {
  return (
    text
      .replace(/\r\n?|\u2028|\u2029/g, '\n')
      // eslint-disable-next-line no-control-regex -- these very characters are what is taken out
      .replace(/[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f\u200b-\u200f\u202a-\u202e\u2060-\u2069\ufeff]/g, '')
  );
}

/** Markdown that is not text: pictures go, links keep their words, a row of a table becomes a line. */
function withoutMarkdown(line: string): string {
  if (line.length > 4000 || !/[[*_|]/.test(line)) return line;
  let text = line.replace(/!\[[^\]]{0,200}\]\([^)]{0,500}\)/g, '').replace(/\[([^\]]{1,200})\]\([^)]{0,500}\)/g, '$1');
  if (/^\s*\|.*\|\s*$/.test(text)) {
    const cells = text
      .split('|')
      .map((c) => c.trim())
      .filter(Boolean);
    const head = cells.every((c) =>
      /^(?:[\s:-]+|amounts?|quantity|qty|units?|measures?|ingredients?|items?|notes?|steps?|instructions?|what|how much|#)$/i.test(c),
    );
    text = head ? '' : cells.join(' ');
  }
  return text.replace(/(^|\s)([*_])(?=\S)([^*_]{1,200}?)\2(?=[\s.,;:)]|$)/g, '$1$3');
}

/** "☐ saucepan  ☐ colander  ☐ timer": a line for each box to tick. */
const boxesApart = (line: string): string[] => (/[☐□▢❑][^☐□▢❑]+[☐□▢❑]/.test(line) ? line.split(/\s+(?=[☐□▢❑]\s*\S)/) : [line]);

/**
 * The lines of a source text, as they stand, with the marks taken out that carry no meaning: byte order mark, direction marks, zero-width
 * and control characters. Right-to-left text keeps its letters.
 */
export function sourceLines(source: string): string[] {
  const text = looksLikeHtml(source) ? htmlToText(source) : source;
  return columnsApart(withHelpersSaid(withoutMarks(text).split('\n')).map(withoutMarkdown).flatMap(boxesApart));
}
