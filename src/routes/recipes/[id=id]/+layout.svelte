<script lang="ts">
  import { page } from '$app/state';
  import type { Place } from '$core';
  import PlaceLadder from '$lib/ui/PlaceLadder.svelte';
  let { data, children } = $props();
  const current = $derived((page.url.pathname.split('/')[3] ?? null) as Place | null);
</script>

<h1 class="mt-2 mb-2" dir="auto">{data.recipe.title}</h1>
<PlaceLadder recipeId={data.recipe.id} {current} next={data.next} />
{@render children()}
