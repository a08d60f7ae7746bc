<script lang="ts">
  import { showShoppingAmount, table } from '$core';
  let { data } = $props();
  const AISLES = table<string>({
    vegetable: 'Vegetables',
    fruit: 'Fruit',
    dairy: 'Milk and cheese',
    protein: 'Meat, fish, eggs, beans, nuts',
    grain: 'Bread, rice, pasta, flour',
    fat: 'Oil and butter',
    seasoning: 'Seasoning',
    sweet: 'Sugar and sweet things',
    drink: 'Drinks and ice',
    other: 'Other',
  });
  const aisles = $derived([...new Set(data.rows.map((r) => r.group))]);
  const query = $derived(data.chosen.map((r) => `recipe=${r.id}`).join('&'));
</script>

<h1 class="mt-4">Shopping list</h1>
<form method="GET" class="screen-only mt-2 flex flex-wrap items-center gap-x-5 gap-y-1" aria-label="Recipes on the list">
  {#each data.recipes as recipe (recipe.id)}
    <label class="flex min-h-11 items-center gap-2"
      ><input
        type="checkbox"
        class="size-5"
        name="recipe"
        value={recipe.id}
        checked={data.chosen.some((c) => c.id === recipe.id)}
      />{recipe.title}</label
    >
  {/each}
  <button class="btn">Add up</button>
</form>

{#if data.unreadable > 0}
  <p class="problem mt-3">
    {data.unreadable === 1 ? 'One recipe is' : `${data.unreadable} recipes are`} left out: what is stored cannot be read. Open it to see why.
  </p>
{/if}
{#if data.rows.length === 0}
  <p class="mt-4">Choose the recipes of the week, and what they want is added up here.</p>
{:else}
  <p class="mt-3 text-muted">
    {data.chosen.map((c) => `${c.title}${c.servings ? ` for ${c.servings}` : ''}${c.makers > 1 ? `, ${c.makers} times` : ''}`).join('; ')}.
    Amounts as in the recipes; whole packets and tins are rounded up. Check labels against the learners’ plans.
  </p>
  <div class="mt-3 gap-x-12 md:columns-2">
    {#each aisles as aisle (aisle)}
      <section class="mb-5 break-inside-avoid">
        <h2 class="border-b-[3px] border-ink text-base!">{AISLES.get(aisle) ?? aisle}</h2>
        <ul>
          {#each data.rows.filter((r) => r.group === aisle) as row (row.item)}
            <li class="flex items-baseline gap-3 border-b border-line py-1.5">
              <span aria-hidden="true" class="inline-block size-4 shrink-0 self-center border-2 border-ink"></span>
              <span class="flex-1"
                ><b>{row.item}</b>{#if row.optional}<span class="text-muted"> – optional</span>{/if}{#if data.chosen.length > 1}<span
                    class="block text-sm text-muted">{row.from.join(', ')}</span
                  >{/if}</span
              >
              <span class="text-right">{showShoppingAmount(row)}</span>
            </li>
          {/each}
        </ul>
      </section>
    {/each}
  </div>
  <p class="screen-only mt-4 flex flex-wrap gap-3">
    <button type="button" class="btn btn-act" onclick={() => print()}>Print</button>
    <a class="btn" href="/shopping/list.csv?{query}" download>As CSV</a>
  </p>
{/if}
