import { type Reading } from '$core';
import { newId } from '$lib/id';
import { check } from '$lib/server/input/check';
import { NewRecipe } from '$lib/server/input/recipe';
import { readForm } from '$lib/server/input/request';
import { addRecipe } from '$lib/server/recipes';
import { readText } from '$lib/server/work/pool';
import { error, fail, redirect } from '@sveltejs/kit';

export const load = ({ locals }) => {
  if (locals.isRefused) error(403, 'Recipes are not yours to add here. Whoever looks after the people of your school can change that.');
  return { title: 'New recipe', id: newId() };
};

/** What a text must hold to be worth keeping as a recipe: something that goes in, or something to do. */
function problemOf(source: string, reading: Reading): string | null {
  const { ingredients, instructions } = reading.recipe;
  // a text that took too long to read is kept with all its lines unread
  const unread = reading.lines.length > 0 && reading.lines.every((l) => l.role === 'unread');
  if (ingredients.length + instructions.length > 0 || unread) return null;
  if (!/\p{L}/u.test(source)) return 'there is no word in this text. Paste the recipe as text: its title, what goes in, and what to do';
  return 'no ingredients and no method were found in this text. Put each ingredient on its own line with its amount (“1 cup rice”), and each thing to do in a sentence that starts with what to do (“Boil the water.”)';
}

export const actions = {
  default: async ({ request, locals }) => {
    const field = await readForm(request);
    const typed = field('source');
    const source = typed.trim();
    const checked = check(NewRecipe, { id: field('id'), source });
    if (!checked.ok) return fail(400, { problems: [...checked.problems.values()], source: typed.slice(0, 200_000) });
    const reading = await readText(source);
    const problem = problemOf(source, reading);
    if (problem) return fail(400, { problems: [problem], source: typed });
    await locals.inSchool((trx) => addRecipe(trx, checked.value.id, source, reading));
    redirect(303, `/recipes/${checked.value.id}/read`);
  },
};
