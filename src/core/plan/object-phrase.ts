// What an action is done to, read from the words behind its verb.
import { remembering } from '../amount/remembering';

const PREPOSITION =
  /\s(?:in|into|to|on|onto|over|with|until|for|from|at|through|under|according|by|off|using|around|all over|along|between|among|inside|across|underneath|together|slightly|again|aside|up|out|well|gently|evenly|lengthwise|before|so|as|while|or|flat(?=\s+(?:in|on|onto|with)\b|$))\b|,\s(?!and\b)(?=(?:stirring|turning|mashing|making|being|skimming|shaking|tossing|covered))/i;

/** The noun phrase that an action is done to: "the chicken" of "the chicken to the wok". */
export const objectPhrase: (rest: string) => string | null = remembering(phraseIn, 400, 2000);

function phraseIn(rest: string): string | null {
  const text = rest.replace(
    /^(?:in|together|up|out|down|off|through|over)\s+(?=the|it|a|an|them|half (?:of|the|an?)\b|some|each|all)/i,
    '',
  );
  if (
    /^(?:in|into|to|on|onto|over|with|until|for|from|at|according|by|off the heat|gently|well|hard(?!-)(?=$|\s+(?:for|until|to|with|in|and|so|or|again|enough)\b)|lightly|hot|immediately|straight away|straightaway|straight(?= (?:from|out|to|into|onto)\b)|at once|(?:seam|skin|cut|flat|fat|smooth|rough|right|wrong|presentation)[- ]?sides? (?:up|down)|again|sometimes|through|warm|cold|slightly|about(?!\s+(?:[\d½¼¾⅓⅔./ ]+|an?|half an?|one|two|three)\s*(?:heaped\s+|level\s+)?(?:tbsps?|tablespoons?|tsps?|teaspoons?|cups?|g|grams|ml|oz|ounces|spoonfuls?|tablespoonfuls?|ladles?)\b)|uncovered|covered|undisturbed|loosely|alone|somewhere|lengthwise|lengthways|crosswise|inside out)\b/i.test(
      text,
    ) ||
    /^\d+(?:\s*(?:-|to|or)\s*\d+)?\s*(?:more\s+)?(?:min(?:ute)?s?|sec(?:ond)?s?|hours?)\b/i.test(text)
  )
    return null;
  if (/^(?:(?:down|up|out|off|back|in)\s+)?(?:very\s+)?(?:\p{L}+ly)(?:\s|$)/iu.test(text)) return null;
  if (/^(?:overnight|a little|a bit|a while|a moment|briefly|quickly)\b(?!\s+(?:of|\p{L}))/iu.test(text) || /^overnight\b/i.test(text))
    return null;
  if (/^(?:a few|a couple of|several|many|two|three|four|\d+)\s+(?:more\s+)?times\b|^(?:once|twice)\b/i.test(text)) return null;
  const cut = PREPOSITION.exec(' ' + text);
  const phrase = (cut ? text.slice(0, Math.max(0, cut.index - 1)) : text).replace(/[\s,]+$/, '').trim();
  return phrase && phrase.length <= 80 && !/^(?:a|an|the|down|up|out|off|in|on|back|over|and|or)$/i.test(phrase) ? phrase : null;
}
