<!-- Photographs of the kitchen's own places and tools: cards that fetch something show them. -->
<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import PhotoDialog from '$lib/ui/PhotoDialog.svelte';
  import Picture from '$lib/ui/Picture.svelte';
  import type { OwnOf } from '$lib/ui/send-own';
  let { data } = $props();
  let open = $state.raw<OwnOf | null>(null);
  const may = $derived(data.may.includes('kitchen'));
  type Thing = (typeof data.tools)[number];
  const has = (things: Thing[]) => things.filter((t) => t.photo).length;
</script>

<h1 class="mt-4">Photos of the kitchen</h1>
<p class="mt-1 max-w-prose text-muted">
  Where a step fetches something, its card shows your own drawer and your own whisk. A place shows where to go, so begin with those.
  <a href="/kitchen">Back to the kitchen</a>
</p>

{#snippet tiles(things: Thing[])}
  <ul class="mt-2 grid grid-cols-2 gap-x-5 gap-y-6 sm:grid-cols-4 lg:grid-cols-6">
    {#each things as thing (thing.thing)}
      <li>
        {#if thing.photo}<img src={thing.photo} alt="" class="aspect-3/2 w-full rounded border-2 border-ink object-cover" />
        {:else if thing.svg}<Picture svg={thing.svg} class="w-full border border-line" />
        {:else}<span class="block aspect-3/2 rounded border-2 border-dashed border-line"></span>{/if}
        <b class="mt-1 block leading-tight" dir="auto">{thing.name}</b>
        {#if may}<button
            type="button"
            class="btn btn-quiet -ml-3 text-sm"
            onclick={() =>
              (open = { at: `/kitchen/photo?thing=${encodeURIComponent(thing.thing)}`, text: thing.name, has: thing.photo !== null })}
            >{thing.photo ? 'Another photo' : 'Take a photo'}<span class="sr-only"> of {thing.name}</span></button
          >{/if}
      </li>
    {/each}
  </ul>
{/snippet}

<h2 class="mt-6">Places <span class="font-normal text-muted">{has(data.places)} of {data.places.length}</span></h2>
{@render tiles(data.places)}
{#if data.places.length === 0}<p class="mt-2">No place has a name yet. <a href="/kitchen">Say where things are kept.</a></p>{/if}
<h2 class="mt-8">Tools <span class="font-normal text-muted">{has(data.tools)} of {data.tools.length}</span></h2>
{@render tiles(data.tools)}

<PhotoDialog bind:of={open} onchange={invalidateAll} />
