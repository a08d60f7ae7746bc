<!-- The places of a recipe as a ladder lying along its top; the next one to do in yellow, with the reason. -->
<script lang="ts">
  import type { Place } from '$core';
  import { PLACES } from './words';
  type Props = { recipeId: string; current: Place | null; next: { place: Place; why: string } };
  let { recipeId, current, next }: Props = $props();
</script>

<nav aria-label="Places of this recipe" class="screen-only">
  <ol class="flex flex-wrap border-r-[3px] border-b-[3px] border-ink">
    {#each PLACES as place (place.id)}
      {@const isNext = place.id === next.place}
      <li class="flex min-w-[33.3%] flex-1 border-t-[3px] border-l-[3px] border-ink sm:min-w-0">
        <a
          href="/recipes/{recipeId}/{place.id}"
          aria-current={place.id === current ? 'page' : undefined}
          class="flex min-h-12 w-full flex-col justify-center px-3 py-1 leading-tight no-underline {isNext
            ? 'next text-on-next'
            : 'text-ink hover:text-act'}"
        >
          <span class={place.id === current ? 'font-bold underline decoration-[3px] underline-offset-4' : 'font-semibold'}
            >{place.name}</span
          >
          {#if isNext}<span class="text-sm font-normal">next: {next.why}</span>{/if}
        </a>
      </li>
    {/each}
  </ol>
</nav>
