<script lang="ts">
  import Decided from '$lib/ui/Decided.svelte';
  import SeriesChart from '$lib/ui/SeriesChart.svelte';
  import { percent } from '$lib/ui/series';
  import { showDate, showDay, STANDING_NAMES, WARNING_NAMES } from '$lib/ui/words';
  let { data } = $props();
  const two = (n: number | null) => (n === null ? 'too few lessons' : n.toFixed(2));
</script>

<p class="screen-only mt-3 flex flex-wrap items-center gap-4">
  <a href="/learners/{data.learner.id}/look-back">What is next for {data.learner.name}</a>
  <button type="button" class="btn btn-act" onclick={() => print()}>Print, or save as PDF</button>
</p>
<h1 class="mt-2">Progress of {data.learner.name}</h1>
<p class="text-muted">{showDate(data.on)}. For the team that plans with {data.learner.name}. No other learner’s data stand here.</p>

{#each data.goals as { goal, progress, sentence, name, standing } (goal.id)}
  <section class="mt-5 max-w-4xl break-inside-avoid" aria-label={name}>
    <h2>{name}</h2>
    <p>{sentence}</p>
    <p>
      <b class="inline-block first-letter:uppercase">{STANDING_NAMES[standing]}</b>. {goal.metOn
        ? `Called learnt on ${showDate(goal.metOn)}.`
        : progress.decision.why}
    </p>
    {#if progress.points.length > 0}
      <SeriesChart points={progress.points} aim={progress.line} name="{name}, {data.learner.name}" theme={data.theme} />
    {/if}
    <p class="mt-1 text-sm">
      Baseline: {progress.figures.before.n}
      {progress.figures.before.n === 1 ? 'lesson' : 'lessons'}, middle {percent(progress.figures.before.median)}. Since: {progress.figures
        .after.n}, middle {percent(progress.figures.after.median)}. NAP {two(progress.figures.nap)}; Tau-U (A vs B – trend A) {two(
        progress.figures.tauU,
      )}.
      {progress.figures.warnings.map((w) => WARNING_NAMES[w]).join(' ')}
    </p>
  </section>
{:else}
  <p class="mt-3">No goal is set. <a class="screen-only" href="/learners/{data.learner.id}/goals/new">Set one</a></p>
{/each}

{#if data.next.length > 0}
  <section class="mt-5 max-w-4xl break-inside-avoid" aria-labelledby="next">
    <h2 id="next">What the records propose next</h2>
    <ol class="list-decimal pl-6">
      {#each data.next as thing, i (i)}<li class="py-0.5">{thing.saw} {thing.do}</li>{/each}
    </ol>
  </section>
{/if}
<Decided decisions={data.decisions} class="mt-5" />
<section class="mt-5 max-w-4xl break-inside-avoid" aria-labelledby="ways">
  <h2 id="ways">Done differently</h2>
  {#each data.ways as w (w.recipe)}
    <p class="mt-1"><b>{w.recipe}</b>, as in the lesson of {showDay(w.day)}: {w.ways.join('; ')}.</p>
  {:else}
    <p class="mt-1">With the class’s own cards, tools and methods.</p>
  {/each}
</section>
<p class="mt-5 max-w-prose text-sm text-muted">
  “Independent” means done with no help from a person; the picture card is part of the task. Help score: levels of help from 0 (most) to 100
  % (none). A recipe, a substitute or a person is never called safe here: the learner’s own plans come first.
</p>
