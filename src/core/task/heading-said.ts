// "For the salad, mix everything together", where the list has a heading of that name: everything is what stands under it, and not what lies about.
import type { Recipe } from '../recipe/recipe';

const EVERYTHING = '(everything|it all|(?:all\\s+(?:of\\s+)?)?the\\s+ingredients|them all)';

/** Instructions in which "everything" is named by the heading that the sentence begins with. */
export function withHeadingsSaid(recipe: Recipe): Recipe {
  const headings = [...new Set(recipe.ingredients.flatMap((one) => one.group ?? []))].map((h) => h.replace(/^for (?:the )?/i, '').trim());
  const known = headings.filter((h) => /^[\p{L}][\p{L} '’-]{1,30}$/u.test(h));
  if (known.length === 0) return recipe;
  const said = new RegExp(
    `(^|[.!?]\\s+)(?:for|to make)\\s+the\\s+(${known.join('|')})\\s*[,:]\\s*(?:(?:just|simply)\\s+)?(\\p{L}+)\\s+${EVERYTHING}\\b`,
    'giu',
  );
  const instructions = recipe.instructions.map((line) =>
    line.replace(
      said,
      (_all, start: string, heading: string, verb: string) =>
        `${start}${verb.charAt(0).toUpperCase()}${verb.slice(1)} the ${heading.toLowerCase()} ingredients`,
    ),
  );
  return { ...recipe, instructions };
}
