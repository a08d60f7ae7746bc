<script lang="ts">
  import OnThisDevice from './OnThisDevice.svelte';
  import { PLACES, showDay } from '$lib/ui/words';
  let { data } = $props();
  const nameOf = (id: string) => PLACES.find((p) => p.id === id)?.name ?? id;
</script>

<h1 class="mt-4">Today</h1>

<OnThisDevice lessons={data.open} />

{#if data.open.length > 0}
  <section class="mt-6 max-w-3xl">
    <h2>Lessons not finished</h2>
    <ul class="mt-2 border-t border-line">
      {#each data.open as lesson (lesson.id + lesson.learnerId)}
        <li class="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line py-2">
          <span class="min-w-40 flex-1"
            ><b>{lesson.learner}</b>, {lesson.title}<br /><span class="text-sm text-muted"
              >{showDay(lesson.heldOn)}, {lesson.recorded} steps recorded</span
            ></span
          >
          <a class="btn" href="/cook/{lesson.id}">Go on</a>
        </li>
      {/each}
    </ul>
  </section>
{/if}

<section class="mt-6 max-w-3xl">
  <h2>What waits</h2>
  {#if data.recipes.length === 0}
    <p class="mt-2">No recipe yet. Paste the first one, and its steps are ready in a minute.</p>
  {:else}
    <ul class="mt-2 border-t border-line">
      {#each data.recipes as recipe (recipe.id)}
        <li class="grid items-center gap-x-4 gap-y-1 border-b border-line py-2 sm:grid-cols-[1fr_20rem]">
          <a class="font-semibold text-ink" href="/recipes/{recipe.id}">{recipe.title}</a>
          <a
            class="next block px-3 py-2 leading-tight text-on-next no-underline hover:underline"
            href="/recipes/{recipe.id}/{recipe.next.place}"
          >
            {nameOf(recipe.next.place)} <span class="block text-sm font-normal">next: {recipe.next.why}</span>
          </a>
        </li>
      {/each}
    </ul>
  {/if}
  <p class="mt-5"><a class="btn btn-act" href="/recipes/new">New recipe</a></p>
</section>
