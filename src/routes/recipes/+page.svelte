<script lang="ts">
  import PutAway from '$lib/ui/PutAway.svelte';
  import { enhance } from '$app/forms';
  import { page } from '$app/state';
  import { withQuery } from '$lib/query';
  import { PLACES } from '$lib/ui/words';
  let { data } = $props();
  const mayChange = $derived(data.may.includes('recipes'));
  /** With fewer, all are seen at a glance. */
  const MANY = 8;
  const nameOf = (id: string) => PLACES.find((p) => p.id === id)?.name ?? id;
</script>

<div class="mt-4 flex flex-wrap items-center gap-4">
  <h1>Recipes</h1>
  {#if mayChange}<a class="btn btn-act" href="/recipes/new">New recipe</a>{/if}
  <a class="btn" href="/shopping">Shopping list</a>
</div>
{#if data.all > MANY || data.find}
  <form class="mt-4 flex flex-wrap items-end gap-2" role="search" data-sveltekit-keepfocus>
    <label class="grow sm:grow-0">
      <span class="block">Find a recipe</span>
      <input class="field w-full sm:w-72" type="search" name="find" maxlength="80" value={data.find} />
    </label>
    <button class="btn">Find</button>
    {#if data.find}<a class="btn btn-quiet" href="/recipes">All recipes</a>{/if}
  </form>
{/if}
{#if data.find}<p class="mt-4" aria-live="polite">
    {data.found === 0 ? 'No recipe' : data.found === 1 ? '1 recipe' : `${data.found} recipes`} with “{data.find}” in the title.
  </p>{/if}
{#if data.all === 0}
  <p class="mt-6">No recipe yet.</p>
{:else if data.found > 0}
  <table class="mt-4 w-full border-collapse text-left">
    <thead>
      <tr class="border-b-[3px] border-ink">
        <th class="py-2 pr-4">Recipe</th>
        <th class="hidden py-2 pr-4 text-right sm:table-cell">Steps</th>
        <th class="hidden py-2 pr-4 text-right sm:table-cell">Versions</th>
        <th class="hidden py-2 pr-6 text-right sm:table-cell">Lessons</th>
        <th class="py-2">Next</th>
        {#if mayChange}<th><span class="sr-only">Put away</span></th>{/if}
      </tr>
    </thead>
    <tbody>
      {#each data.recipes as recipe, at (recipe.id)}
        <tr class="border-b border-line">
          <td class="py-2 pr-4"
            ><a class="inline-flex min-h-11 items-center font-semibold text-ink" href="/recipes/{recipe.id}">{recipe.title}</a></td
          >
          <td class="hidden py-2 pr-4 text-right tabular-nums sm:table-cell">{recipe.steps ?? '–'}</td>
          <td class="hidden py-2 pr-4 text-right tabular-nums sm:table-cell">{recipe.versions}</td>
          <td class="hidden py-2 pr-6 text-right tabular-nums sm:table-cell">{recipe.lessons}</td>
          <td class="py-1"
            ><a
              class={at === 0 && data.page === 1 && !data.find
                ? 'next inline-block px-3 py-1 text-on-next no-underline hover:underline'
                : 'inline-flex min-h-11 items-center pl-5'}
              href="/recipes/{recipe.id}/{recipe.next.place}"
              >{nameOf(recipe.next.place)}<span class="hidden font-normal sm:inline">: {recipe.next.why}</span></a
            ></td
          >
          {#if mayChange}<td class="py-1 text-right"
              ><form method="POST" action="?/put-away" use:enhance>
                <input type="hidden" name="id" value={recipe.id} />
                <button class="btn btn-quiet whitespace-nowrap" name="away" value="yes"
                  >Put away<span class="sr-only"> {recipe.title}</span></button
                >
              </form></td
            >{/if}
        </tr>
      {/each}
    </tbody>
  </table>
{/if}
{#if data.pages > 1}<nav class="mt-4 flex flex-wrap items-center gap-4" aria-label="More recipes">
    <span>{data.first} to {data.first + data.recipes.length - 1} of {data.found}</span>
    {#if data.page > 1}<a class="btn" href={withQuery(page.url, 'page', data.page > 2 ? String(data.page - 1) : '')}>Newer recipes</a>{/if}
    {#if data.page < data.pages}<a class="btn" href={withQuery(page.url, 'page', String(data.page + 1))}>Older recipes</a>{/if}
  </nav>{/if}
<PutAway things={data.away} may={mayChange}>
  {#snippet row(recipe)}<a class="inline-flex min-h-11 items-center" href="/recipes/{recipe.id}">{recipe.name}</a>{/snippet}
</PutAway>
