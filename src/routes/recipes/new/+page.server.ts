import { randomUUID } from 'node:crypto';
import { readRecipe } from '$core';
import { check } from '$lib/server/input/check';
import { NewRecipe } from '$lib/server/input/recipe';
import { addRecipe } from '$lib/server/recipes';
import { inSchool } from '$lib/server/school';
import { fail, redirect } from '@sveltejs/kit';

export const load = () => ({ title: 'New recipe', id: randomUUID() });

/** What a text must hold to be worth keeping as a recipe: something that goes in, or something to do. */
function problemOf(source: string, reading: ReturnType<typeof readRecipe>): string | null {
  const { ingredients, instructions } = reading.recipe;
  if (ingredients.length + instructions.length > 0) return null;
  if (!/\p{L}/u.test(source)) return 'there is no word in this text. Paste the recipe as text: its title, what goes in, and what to do';
  return 'no ingredients and no method were found in this text. Put each ingredient on its own line with its amount (“1 cup rice”), and each thing to do in a sentence that starts with what to do (“Boil the water.”)';
}

export const actions = {
  default: async ({ request, locals }) => {
    const form = await request.formData();
    const source = String(form.get('source') ?? '');
    const checked = await check(NewRecipe, { id: form.get('id'), source });
    if (!checked.ok) return fail(400, { problems: checked.problems, source: source.slice(0, 200_000) });
    const reading = readRecipe(checked.value.source);
    const problem = problemOf(checked.value.source, reading);
    if (problem) return fail(400, { problems: { source: problem }, source });
    await inSchool(locals.school, (trx) => addRecipe(trx, checked.value.id, checked.value.source, reading));
    redirect(303, `/recipes/${checked.value.id}/read`);
  },
};
