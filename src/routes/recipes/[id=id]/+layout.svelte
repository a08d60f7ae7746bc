<script lang="ts">
  import { page } from '$app/state';
  import type { Place } from '$core';
  import PlaceLadder from '$lib/ui/PlaceLadder.svelte';
  let { data, children } = $props();
  const current = $derived((page.url.pathname.split('/')[3] ?? null) as Place | null);
</script>

<PlaceLadder recipeId={data.recipe.id} title={data.recipe.title} {current} next={current === 'look-back' ? null : data.next} />
{#if data.recipe.putAway}<p class="screen-only mb-2 border-y border-line py-1">
    This recipe is put away: it stands in no list to choose from. <a href="/recipes">Recipes</a>
  </p>{/if}
{@render children()}
