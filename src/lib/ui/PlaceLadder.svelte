<!-- The places of a recipe as a ladder lying along its top, in one row with its name; the next one to do in yellow, with the reason; none where the page itself says what is next. -->
<script lang="ts">
  import type { Place } from '$core';
  import { PLACES } from './words';
  type Props = { recipeId: string; title: string; current: Place | null; next: { place: Place; why: string } | null };
  let { recipeId, title, current, next }: Props = $props();
</script>

<div class="mt-1 mb-2 items-center gap-x-5 lg:flex">
  <h1 class="min-w-0 text-xl! lg:max-w-[18rem] lg:flex-1" dir="auto">{title}</h1>
  <nav aria-label="Places of this recipe" class="screen-only mt-1 lg:mt-0 lg:flex-2">
    <ol class="flex border-y-[3px] border-l-[3px] border-ink">
      {#each PLACES as place (place.id)}
        {@const isNext = place.id === next?.place}
        {@const isHere = place.id === current}
        <li class="flex min-w-0 flex-1 border-r-[3px] border-ink">
          <a
            href="/recipes/{recipeId}/{place.id}"
            aria-current={isHere ? 'page' : undefined}
            class="flex min-h-12 w-full flex-col items-center justify-center px-0.5 py-0.5 text-center text-[0.72rem] leading-tight no-underline sm:px-3 sm:text-base lg:items-start lg:text-left {isNext
              ? 'next text-on-next'
              : 'text-ink hover:text-act'} {isHere ? 'pb-2.5! font-bold shadow-[inset_0_-8px_0_var(--ink)]' : 'font-semibold'}"
          >
            <span class={isHere ? 'underline decoration-[3px] underline-offset-4' : ''}>{place.name}</span>
            {#if isNext && next}<span class="sr-only font-normal sm:not-sr-only sm:text-xs sm:leading-tight">next: {next.why}</span>{/if}
          </a>
        </li>
      {/each}
    </ol>
  </nav>
</div>
