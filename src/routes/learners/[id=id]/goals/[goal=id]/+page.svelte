<script lang="ts">
  import Decided from '$lib/ui/Decided.svelte';
  import { enhance } from '$app/forms';
  import { HIERARCHIES, type SeriesPoint } from '$core';
  import SeriesChart from '$lib/ui/SeriesChart.svelte';
  import { percent } from '$lib/ui/series';
  import { showDate, showDay, STANDING_NAMES } from '$lib/ui/words';
  import Evidence from './Evidence.svelte';
  import GoalForm from '../GoalForm.svelte';
  import { opens } from '$lib/ui/opens';
  import Taps from '$lib/ui/Taps.svelte';
  let { data, form } = $props();
  const { goal, progress } = $derived(data);
  const level = $derived(
    goal.criterion.level === 'independent'
      ? 'with no help'
      : `“${HIERARCHIES.find((h) => h.id === goal.hierarchy)?.levels.find((l) => l.id === goal.criterion.level)?.name ?? goal.criterion.level}” or less help`,
  );
  const LACKS = {
    lessons: 'more lessons in a row',
    independence: 'a higher share in the last lesson',
    safety: 'the safety steps without a prompt',
    people: 'another person or place',
  };
</script>

<p class="mt-3"><a href="/learners/{data.learner.id}/look-back">What is next for {data.learner.name}</a></p>
<h1 class="mt-1">{data.name}, {data.learner.name}</h1>
<p class="mt-1 max-w-4xl text-lg">{data.sentence}</p>
<p class="mt-1 max-w-4xl first-letter:uppercase">
  <b>{STANDING_NAMES[data.standing]}</b>{#if goal.putAwayOn}
    on {showDate(goal.putAwayOn)}{/if}.
  {#if goal.metOn}Called learnt on {showDate(goal.metOn)}.
  {:else}
    {progress.decision.why}
    {progress.mastery.inARow} of {goal.criterion.lessons} lessons in a row count{progress.mastery.lacks.length
      ? `; lacking: ${progress.mastery.lacks.map((l) => LACKS[l]).join(', ')}`
      : ''}.
  {/if}
</p>

<section class="mt-3 max-w-5xl" aria-label="Over the lessons">
  {#if progress.points.length === 0}
    <p>No lesson yet in which a step of this goal was recorded.</p>
  {:else}
    {#snippet taps(p: SeriesPoint)}<Taps learner={data.learner.id} goal={goal.id} lesson={p.lessonId} />{/snippet}
    <SeriesChart
      points={progress.points}
      aim={progress.line}
      {level}
      name={`${data.name}, ${data.learner.name}`}
      theme={data.theme}
      below={taps}
    />
    {#if progress.line}
      <p class="mt-1 text-sm text-muted">
        The aim line leads from {percent(progress.line.from.value)} ({progress.line.rests === 1
          ? 'the only baseline lesson'
          : `the middle of the last ${progress.line.rests} baseline lessons`}) to {goal.criterion.independence} % on {showDate(
          progress.line.to.day,
        )}.
      </p>
    {/if}
  {/if}
</section>

{#if progress.probes.length > 0}
  <section class="mt-5 max-w-3xl" aria-labelledby="probes">
    <h2 id="probes">Is it still there?</h2>
    <ul class="mt-1">
      {#each progress.probes as probe (probe.weeks)}
        <li class="border-b border-line py-1">
          {probe.weeks} weeks on, {showDate(probe.due)}:
          {#if probe.lessonId}<b>{percent(probe.share)}</b>{:else if progress.probe?.weeks === probe.weeks}<b>waits</b
            >{:else if progress.probe && probe.weeks > progress.probe.weeks}later{:else}not held{/if}
        </li>
      {/each}
    </ul>
  </section>
{/if}

<Evidence figures={progress.figures} agreement={data.agreement} />

<Decided decisions={data.decisions} class="mt-5" />

<section class="mt-5" aria-labelledby="change">
  <h2 id="change">Change it</h2>
  <form method="POST" action="?/state" use:enhance class="mt-1 flex flex-wrap gap-2">
    {#if goal.metOn}<button class="btn" name="to" value="again">Teach it again</button>
    {:else}<button class="btn" name="to" value="learnt">Call it learnt</button>{/if}
    {#if goal.putAwayOn}<button class="btn" name="to" value="back">Bring it back</button>
    {:else}<button class="btn" name="to" value="put-away">Put it away</button>{/if}
  </form>
  {#if goal.since.length > 1}
    <ul class="mt-2 text-muted">
      {#each goal.since as s, i (i)}
        <li>
          from {showDay(s.day)}: {s.criterion.independence} % in {s.criterion.lessons}
          {s.criterion.lessons === 1 ? 'lesson' : 'lessons'}, by {showDate(s.criterion.by)}
        </li>
      {/each}
    </ul>
  {/if}
  <details class="mt-2" {@attach opens(!!form?.problem)}>
    <summary>Other words, another criterion, another day</summary>
    <p class="mt-1 max-w-prose text-sm text-muted">
      Another criterion holds from today on. What was recorded, and every figure of before, stays.
    </p>
    {#key goal.revision}
      <GoalForm
        choices={data.choices}
        start={goal}
        learner={data.learner.name}
        problem={form?.problem ?? ''}
        action="?/change"
        button="Keep the change"
      />
    {/key}
  </details>
</section>
