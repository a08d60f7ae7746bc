// What later sentences of the method say and put on or in by themselves: it is not of "everything".
import { mentionsIn } from './mentions';
import type { State } from './state';

const PUTS_LATER =
  /(?:^|[.;\n]\s*|\b(?:and|then)\s+)(?:(?:stir|fold|mix|crumble|tip) (?:in|over)|add|scatter|sprinkle|drizzle|decorate|top|garnish|finish|serve with|(?:blob|dollop|spoon) on|(?:snip|squeeze|grate|grind) over)\b[^.;\n]*|,\s*(?:crumbl|grat|snipp|squeez|scatter|sprinkl)ing (?:in|over)\b[^.;,\n]*/gi;

/** The method after a clause. @param line its line, from 1; @param rest its words; where the line has them not, as they were put in other words, all of it */
export function saidAfter(state: State, line: number, rest: string): string {
  const said = state.recipe.instructions[line - 1] ?? '';
  const at = said.indexOf(rest);
  return [at < 0 ? said : said.slice(at + rest.length), ...state.recipe.instructions.slice(line)].join('\n');
}

/** Ingredients that are put on or in after a clause. @param line its line, from 1; @param rest its words */
export function putLater(state: State, line: number, rest: string): ReadonlySet<number> {
  const puts = saidAfter(state, line, rest).match(PUTS_LATER) ?? [];
  return new Set(mentionsIn(puts.join('\n'), state.names, new Set()).map((m) => m.ingredient));
}
