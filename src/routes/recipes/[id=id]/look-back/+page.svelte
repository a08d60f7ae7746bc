<script lang="ts">
  import type { SeriesPoint } from '$core';
  import Keys from '$lib/ui/Keys.svelte';
  import NextThings from '$lib/ui/NextThings.svelte';
  import { percent } from '$lib/ui/series';
  import SeriesChart from '$lib/ui/SeriesChart.svelte';
  import { invalidate } from '$app/navigation';
  import { onMount } from 'svelte';
  import { showDay } from '$lib/ui/words';
  import { unpack } from '$lib/packed';
  import type { LookedBack } from './+page.server';
  import StepsTable from './StepsTable.svelte';
  import Taps from '$lib/ui/Taps.svelte';

  let { data, form } = $props();
  const looked = $derived(data.looked === null ? null : read(data.looked));
  function read(packed: string) {
    const { names, days, cells, rungs, ...rest } = unpack(packed) as LookedBack;
    return { ...rest, names: new Map(names), days: new Map(days), cells: new Map(cells), rungs: new Map(rungs) };
  }
  const KEYS: [string, string][] = [
    ['Tab', 'from part to part'],
    ['← →', 'on the row of lessons: from lesson to lesson'],
    ['?', 'this sheet'],
  ];
  // once somebody has looked, looking back is no longer what waits
  onMount(() => {
    if (data.learner)
      void fetch(`/recipes/${data.recipeId}/look-back/seen`, { method: 'POST' }).then(
        () => invalidate('recipe:state'),
        () => undefined,
      );
  });
  const seen = $derived(looked?.points.filter((p) => p.share !== null) ?? []);
  const missed = $derived(looked?.points.filter((p) => p.missed).length ?? 0);
  const list = (names: string[]) => (names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`);
</script>

{#if !data.learner || !looked}
  <p class="mt-6 max-w-prose">Nothing is recorded yet. After the first lesson the record stands here, and after three the next rung.</p>
  <p class="mt-3"><a class="btn btn-act" href="/recipes/{data.recipeId}/cook">Begin a lesson</a></p>
{:else}
  <div class="mt-4 flex flex-wrap items-center gap-x-5 gap-y-2">
    <nav aria-label="Learners">
      <ul class="flex flex-wrap gap-4">
        {#each data.learners as learner (learner.id)}
          <li>
            <a
              class="inline-flex min-h-11 items-center text-lg {learner.id === data.learner.id
                ? 'font-bold text-ink decoration-[3px]'
                : ''}"
              aria-current={learner.id === data.learner.id ? 'page' : undefined}
              href="?learner={learner.id}">{learner.name}</a
            >
          </li>
        {/each}
      </ul>
    </nav>
    <span class="ml-auto"><Keys keys={KEYS} /></span>
  </div>

  <section class="mt-1" aria-label="What to aim for next">
    <h2>What is next for {data.learner.name} here</h2>
    {#if form?.problem}<p class="problem" role="alert">{form.problem}</p>{/if}
    <NextThings things={looked.things} action="?/decide&learner={data.learner.id}" learner={data.learner.name} />
    <p class="mt-1">
      <a class="inline-flex min-h-11 items-center" href="/learners/{data.learner.id}/look-back">All that is next for {data.learner.name}</a>
    </p>
  </section>
  <section class="mt-5 max-w-5xl" aria-label="Independence over lessons">
    <h2>Independence over the lessons</h2>
    {#snippet taps(p: SeriesPoint)}<Taps learner={data.learner!.id} lesson={p.lessonId} />{/snippet}
    <SeriesChart points={looked.points} name="Independence of {data.learner.name}" theme={data.theme} below={taps} />
    <p class="text-sm text-muted">
      {looked.points.length === 1 ? '1 lesson' : `${looked.points.length} lessons`}{missed ? `, ${missed} missed` : ''}. First {percent(
        seen[0]?.share ?? null,
      )}, last {percent(seen.at(-1)?.share ?? null)} of steps with no help; help score last {percent(seen.at(-1)?.score.help ?? null)}.
      {#if seen.filter((p) => p.phase === 'baseline').length < 3}Fewer than 3 baseline lessons: weak evidence.{/if}
      {#each looked.goals as goal (goal.id)}<a class="mr-3" href="/learners/{data.learner.id}/goals/{goal.id}">Goal: {goal.name}</a
        >{:else}<a href="/learners/{data.learner.id}/goals/new?recipe={data.recipeId}">Set a goal</a>{/each}
    </p>
  </section>
  {#if looked.stopping.length > 0}
    <section class="mt-5 max-w-4xl" aria-labelledby="stopping">
      <h2 id="stopping">Steps that stop most of the class</h2>
      <p class="text-muted">Where most learners are stopped, the step may be wrong, not the learner.</p>
      <ul class="mt-1">
        {#each looked.stopping as step (step.key)}
          <li class="flex flex-wrap items-center gap-x-4 border-b border-line py-1">
            <span class="flex-1"
              ><b>{step.text}</b>
              {list(step.stopped.map((id) => looked.names.get(id) ?? ''))}, {step.stopped.length} of {step.of} with enough lessons</span
            >
            <a class="btn" href="/recipes/{data.recipeId}/break-down">Split it</a>
          </li>
        {/each}
      </ul>
    </section>
  {/if}
  <StepsTable
    steps={looked.steps}
    columns={looked.columns}
    cells={looked.cells}
    rungs={looked.rungs}
    hierarchy={looked.hierarchy}
    earlier={looked.earlier}
  />

  {#if looked.notes.length > 0}
    <h2 class="mt-6">Notes</h2>
    <ul class="mt-1 max-w-3xl">
      {#each looked.notes as note (note.id)}
        {@const day = looked.days.get(note.lessonId)}
        <li class="border-b border-line py-1">
          <span class="text-muted"
            >{day ? showDay(day) : ''}{note.stepKey
              ? `, ${looked.steps.find((s) => s.key === note.stepKey)?.text ?? 'a step of an earlier version'}`
              : ''}</span
          >
          {note.text}
        </li>
      {/each}
    </ul>
  {/if}
{/if}
