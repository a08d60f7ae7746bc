// What stands before its verb and belongs behind it: "Until golden, fry the onion.", "Stirring all the time, pour in the milk."
import { KITCHEN_VERBS } from '../../recipe/verbs';

const upper = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

const UNTIL = /(^|[.!?;]\s+)((?:until|till)\s+[^,.;!?]{3,80}),\s+(?:then\s+)?((?:\p{L}+ly\s+)?(\p{L}+)\b[^.;!?]*)/giu;
const DOING =
  /(^|[.!?;]\s+)((?:constantly\s+|gently\s+)?(?:stirring|whisking|beating|shaking|tossing|turning|mixing|swirling)(?:\s+(?:it|them|everything|often|well|gently|constantly|continuously|occasionally|frequently|all|the|time|while|now|and|then|as|you|go|once|twice|from|to|a|few|times)){0,6}),\s+((?:\p{L}+ly\s+)?(\p{L}+)\b[^.;!?]*)/giu;

/**
 * Until when, and what is done the while, behind the act that they tell of.
 * @example behindVerb('Until golden, fry the onion.') // 'Fry the onion, until golden.'
 */
export function behindVerb(text: string): string {
  const turn = (all: string, before: string, said: string, act: string, verb: string) =>
    KITCHEN_VERBS.has(verb.toLowerCase()) && !/\buntil\b/i.test(act)
      ? `${before}${upper(act)}${/^(?:until|till)\b/i.test(said) ? '' : ','} ${said.toLowerCase()}`
      : all;
  return text.replace(UNTIL, turn).replace(DOING, turn);
}
