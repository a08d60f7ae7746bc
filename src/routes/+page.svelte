<script lang="ts">
  import FirstSteps from './FirstSteps.svelte';
  import OnThisDevice from './OnThisDevice.svelte';
  import { PLACES, showDay, showWeekday } from '$lib/ui/words';
  import { keepOnDevice } from '$lib/ui/on-device';
  import { onMount } from 'svelte';
  let { data } = $props();
  onMount(() => keepOnDevice(data.next?.heldOn === data.today ? ['/', `/cook/${data.next.id}`] : ['/']));
  const nameOf = (id: string) => PLACES.find((p) => p.id === id)?.name ?? id;
  const when = (day: string) => (day === data.today ? 'Today' : `${showWeekday(day)} ${showDay(day)}`);
  const next = $derived(data.next);
  /** The lesson is under way, and whoever looks may record in it. */
  const goesOn = $derived((next?.begun ?? false) && data.may.includes('record'));
  /** What the next lesson still needs before it can begin. */
  const needs = $derived(
    !next || next.begun
      ? []
      : [
          ...(next.recipes.length === 0 ? ['a recipe'] : []),
          ...(next.learners.length === 0 ? ['who is there'] : []),
          ...(next.adults.length === 0 ? ['the adults’ names'] : []),
          ...(next.startsAt === null ? ['a time'] : []),
        ],
  );
  const list = (words: string[]) => (words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`);
</script>

<h1 class="mt-4">Today</h1>

<OnThisDevice lessons={data.lately} />

{#if data.first && data.may.includes('recipes')}<FirstSteps done={data.first} />{/if}

{#if next || !data.first}<section class="mt-4 max-w-3xl" aria-labelledby="next-lesson">
    <h2 id="next-lesson">The next lesson</h2>
    {#if next}
      <a
        class="next mt-2 block px-4 py-3 leading-tight text-on-next no-underline hover:underline"
        href={goesOn ? `/cook/${next.id}` : `/lessons/${next.id}`}
        data-sveltekit-reload={goesOn ? true : undefined}
      >
        {when(next.heldOn)}{next.startsAt ? `, ${next.startsAt}` : ''}: {next.recipes.join(', ') || 'no recipe yet'}
        <span class="block text-base font-normal"
          >{next.learners.join(', ') || 'nobody yet'}{next.recorded > 0 ? ` · ${next.recorded} steps recorded` : ''}</span
        >
        <span class="block text-sm font-normal"
          >next: {goesOn
            ? 'go on with it'
            : next.begun
              ? 'it is under way'
              : needs.length > 0
                ? `it still needs ${list(needs)}`
                : 'look it over and begin'}</span
        >
      </a>
      <p class="mt-2"><a href="/lessons">All lessons of this week</a></p>
    {:else}
      <p class="mt-1">None is on the list. <a class="btn ml-2" href="/lessons">Put one on the list</a></p>
    {/if}
  </section>{/if}

{#if data.open.length > 0}
  <section class="mt-6 max-w-3xl">
    <h2>Lessons not finished</h2>
    <ul class="mt-2 border-t border-line">
      {#each data.open as lesson (lesson.id)}
        <li class="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line py-2">
          <span class="min-w-40 flex-1"
            ><b>{lesson.learners.join(', ')}</b>, {lesson.title}<br /><span class="text-sm text-muted"
              >{showDay(lesson.heldOn)}, {lesson.recorded} steps recorded</span
            ></span
          >
          {#if data.may.includes('record')}<a class="btn" href="/cook/{lesson.id}" data-sveltekit-reload>Go on</a>{/if}
        </li>
      {/each}
    </ul>
  </section>
{/if}

{#if data.looks.length > 0}
  <section class="mt-6 max-w-3xl" aria-labelledby="looks">
    <h2 id="looks">Is it still there?</h2>
    <ul class="mt-2 border-t border-line">
      {#each data.looks as look (look.goal)}
        <li class="border-b border-line py-2">
          <a class="font-semibold" href="/learners/{look.learner}/goals/{look.goal}">{look.name}: {look.what}</a>
          <span class="text-muted"
            >learnt; a look {look.due < data.today ? 'was' : 'is'} due on {showDay(look.due)}, {look.weeks} weeks on</span
          >
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
        <li class="grid items-center gap-x-4 gap-y-1 border-b border-line py-1 sm:grid-cols-[1fr_20rem]">
          <a class="font-semibold text-ink" href="/recipes/{recipe.id}">{recipe.title}</a>
          <a class="inline-flex min-h-11 items-center gap-2 leading-tight" href="/recipes/{recipe.id}/{recipe.next.place}">
            <b>{nameOf(recipe.next.place)}</b><span class="text-sm text-muted">{recipe.next.why}</span>
          </a>
        </li>
      {/each}
    </ul>
  {/if}
  {#if data.may.includes('recipes')}<p class="mt-5"><a class="btn btn-act" href="/recipes/new">New recipe</a></p>{/if}
</section>
