<script lang="ts">
  import PutAway from '$lib/ui/PutAway.svelte';
  import { enhance } from '$app/forms';
  import { newId } from '$lib/id';
  import { showDay, showWeekday } from '$lib/ui/words';
  let { data, form } = $props();
  /** Under way, and whoever looks may record in it. */
  const mayPlan = $derived(data.may.includes('lessons'));
  const goesOn = (l: { begun: boolean; ended: boolean }) => l.begun && !l.ended && data.may.includes('record');
  const on = (day: string) => data.lessons.filter((l) => l.heldOn === day);
  const lastOn = (day: string) => data.last.filter((l) => l.heldOn === data.daysBefore[data.days.indexOf(day)]);
  const next = $derived(data.lessons.find((l) => !l.ended && l.heldOn >= data.today)?.id);
  const titleOf = (l: { recipes: string[] }) => l.recipes.join(', ') || 'no recipe yet';
  // svelte-ignore state_referenced_locally
  let day = $state(data.days.includes(data.today) ? data.today : data.monday);
</script>

<div class="mt-4 flex flex-wrap items-center gap-x-5 gap-y-1">
  <h1>Lessons</h1>
  <nav aria-label="Weeks" class="flex flex-wrap items-center gap-1">
    <a class="btn btn-quiet" href="/lessons?week={data.before}">← Week before</a>
    <b class="tabular-nums">{showDay(data.monday)} – {showDay(data.days[6])}</b>
    <a class="btn btn-quiet" href="/lessons?week={data.after}">Week after →</a>
    {#if !data.days.includes(data.today)}<a class="btn btn-quiet" href="/lessons">This week</a>{/if}
    {#if data.lessons.length > 0}<a class="btn btn-quiet" href="/lessons/week.ics?week={data.monday}" download>As a calendar file</a>{/if}
  </nav>
</div>
{#if form?.problem}<p class="problem mt-2" role="alert">{form.problem}</p>{/if}

<ol class="mt-3 border-t-[3px] border-ink">
  {#each data.days as one (one)}
    <li class="grid gap-x-6 border-b border-line py-1.5 sm:grid-cols-[9rem_1fr]">
      <h2 class="text-base! {one === data.today ? '' : 'font-semibold! text-muted'}">
        {showWeekday(one)}
        {showDay(one)}{one === data.today ? ', today' : ''}
      </h2>
      <div>
        {#each on(one) as lesson (lesson.id)}
          <div class="flex flex-wrap items-center gap-x-4 gap-y-1 pb-1">
            <span class="min-w-52 flex-1 leading-tight"
              ><b>{lesson.startsAt ?? ''} {titleOf(lesson)}</b>
              <span class="block text-sm text-muted"
                >{lesson.learners.join(', ') || 'nobody yet'}{lesson.recorded > 0 ? ` · ${lesson.recorded} steps recorded` : ''}</span
              ></span
            >
            <a
              class="{lesson.id === next ? 'next px-4 py-2 no-underline hover:underline' : 'btn'} min-h-11"
              href={goesOn(lesson) ? `/cook/${lesson.id}` : `/lessons/${lesson.id}`}
              data-sveltekit-reload={goesOn(lesson) ? true : undefined}
              >{goesOn(lesson) ? 'Go on' : lesson.ended || lesson.begun ? 'Look at it' : 'Get ready'}{lesson.id === next
                ? lesson.begun
                  ? ' – next'
                  : ' – next'
                : ''}</a
            >
            {#if mayPlan}
              <!-- what was recorded stays: such a lesson is put away, and can be brought back -->
              {@const [action, word] = lesson.recorded === 0 ? ['take-away', 'Take away'] : ['put-away', 'Put away']}
              <form method="POST" action="?/{action}" use:enhance>
                <input type="hidden" name="id" value={lesson.id} />
                <button class="btn btn-quiet" aria-label="{word} {titleOf(lesson)} on {showDay(one)}" name="away" value="yes">{word}</button
                >
              </form>
            {/if}
          </div>
        {:else}
          {#each lastOn(one) as lesson (lesson.id)}
            <form method="POST" action="?/again" class="flex flex-wrap items-center gap-x-4 text-muted">
              <input type="hidden" name="id" value={lesson.id} /><input type="hidden" name="heldOn" value={one} />
              <input type="hidden" name="class" value={data.class} />
              <input type="hidden" name="copy" value={newId()} />
              <span class="min-w-52 flex-1">a week ago: {titleOf(lesson)}</span>
              <button class="btn">Again on this day</button>
            </form>
          {/each}
        {/each}
      </div>
    </li>
  {/each}
</ol>

<PutAway things={data.away.map((l) => ({ ...l, name: `${titleOf(l)} of ${showDay(l.heldOn)}` }))} may={mayPlan}>
  {#snippet row(lesson)}
    <a class="inline-flex min-h-11 items-center" href="/lessons/{lesson.id}">{showDay(lesson.heldOn)}, {titleOf(lesson)}</a>
    <span class="text-muted">{lesson.recorded} steps recorded, counted nowhere</span>
  {/snippet}
</PutAway>

{#if mayPlan}<h2 class="mt-6">A new lesson</h2>
  {#if data.recipes.length === 0}
    <p class="mt-1">There is no recipe with published steps yet. <a href="/recipes">Recipes</a></p>
  {:else}
    <form method="POST" action="?/add" class="mt-2 flex flex-wrap items-end gap-3">
      <input type="hidden" name="id" value={data.newLesson} /><input type="hidden" name="class" value={data.class} />
      <label class="block"
        ><span class="text-sm text-muted">Recipe</span>
        <select class="field" name="recipeId" value={data.recipe ?? data.recipes[0].id}
          >{#each data.recipes as r (r.id)}<option value={r.id}>{r.title}</option>{/each}</select
        ></label
      >
      <label class="block"
        ><span class="text-sm text-muted">Day</span><input class="field" type="date" name="heldOn" required bind:value={day} /></label
      >
      <label class="block"
        ><span class="text-sm text-muted">From</span><input class="field" type="time" name="startsAt" value="09:30" /></label
      >
      <label class="block"
        ><span class="block text-sm text-muted">Minutes</span><input
          class="field w-24!"
          type="number"
          name="minutes"
          min="10"
          max="480"
          value={data.minutes}
        /></label
      >
      <button class="btn btn-act">Put it on the list</button>
    </form>
  {/if}{/if}
