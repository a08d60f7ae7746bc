<script lang="ts">
  import PutAway from '$lib/ui/PutAway.svelte';
  import { enhance } from '$app/forms';
  import { PLACES } from '$lib/ui/words';
  let { data } = $props();
  const mayChange = $derived(data.may.includes('recipes'));
  const here = $derived(data.recipes.filter((r) => !r.putAway));
  const away = $derived(data.recipes.filter((r) => r.putAway));
  const nameOf = (id: string) => PLACES.find((p) => p.id === id)?.name ?? id;
</script>

<div class="mt-4 flex flex-wrap items-center gap-4">
  <h1>Recipes</h1>
  {#if mayChange}<a class="btn btn-act" href="/recipes/new">New recipe</a>{/if}
  <a class="btn" href="/shopping">Shopping list</a>
</div>
{#if here.length === 0}
  <p class="mt-6">No recipe yet.</p>
{:else}
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
      {#each here as recipe, at (recipe.id)}
        <tr class="border-b border-line">
          <td class="py-2 pr-4"
            ><a class="inline-flex min-h-11 items-center font-semibold text-ink" href="/recipes/{recipe.id}">{recipe.title}</a></td
          >
          <td class="hidden py-2 pr-4 text-right tabular-nums sm:table-cell">{recipe.steps ?? '–'}</td>
          <td class="hidden py-2 pr-4 text-right tabular-nums sm:table-cell">{recipe.versions}</td>
          <td class="hidden py-2 pr-6 text-right tabular-nums sm:table-cell">{recipe.lessons}</td>
          <td class="py-1"
            ><a
              class={at === 0
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
<PutAway things={away.map(({ id, title }) => ({ id, name: title }))} may={mayChange}>
  {#snippet row(recipe)}<a class="inline-flex min-h-11 items-center" href="/recipes/{recipe.id}">{recipe.name}</a>{/snippet}
</PutAway>
