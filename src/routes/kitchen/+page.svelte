<script lang="ts">
  let { data } = $props();
  const FOODS = { cupboard: 'Dry food', fridge: 'Cold food', freezer: 'Frozen food', counter: 'Fruit and the like', tap: 'Water' };
</script>

<h1 class="mt-4">Kitchen</h1>
<p class="mt-1 max-w-prose text-muted">
  What there is, and where it is kept. Steps say “From drawer 1, get ...” after this list. Measures: {data.system === 'us'
    ? 'US cups and spoons'
    : data.system}.
</p>
<dl class="mt-4 grid max-w-4xl gap-x-8 sm:grid-cols-[14rem_1fr]">
  {#each data.places as { place, things } (place)}
    <dt class="border-line pt-3 font-semibold first-letter:uppercase sm:border-b sm:pb-3">{place || 'place not named'}</dt>
    <dd class="border-b border-line pb-3 sm:pt-3">{things.map((t) => t.name).join(', ')}</dd>
  {/each}
  {#each Object.entries(data.foods) as [keep, place] (keep)}
    <dt class="border-line pt-3 font-semibold first-letter:uppercase sm:border-b sm:pb-3">{place}</dt>
    <dd class="border-b border-line pb-3 sm:pt-3">{FOODS[keep as keyof typeof FOODS]}</dd>
  {/each}
</dl>
