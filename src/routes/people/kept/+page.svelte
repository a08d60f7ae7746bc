<script lang="ts">
  let { data } = $props();
  const YEAR = new Intl.DateTimeFormat('en-GB', { month: 'long', year: 'numeric' });
</script>

<div class="mt-4 flex flex-wrap items-baseline gap-x-6">
  <h1>What may go</h1>
  <a class="inline-flex min-h-11 items-center" href="/people">People</a>
</div>
<p class="mt-1 max-w-prose text-muted">
  Learners who were put away, or whose class was, more than {data.months} months ago. Nothing goes by itself: somebody decides, by your school’s
  rules for records.
</p>

<ul class="mt-4 max-w-4xl border-t-[3px] border-ink">
  {#each data.kept as learner (learner.id)}
    <li class="flex flex-wrap items-center gap-x-5 border-b border-line py-2">
      <b class="w-full text-lg sm:w-auto">{learner.name}</b>
      <span class="min-w-64 flex-1 text-muted">{learner.class}, put away {YEAR.format(learner.since)}, {learner.records} records</span>
      <a class="btn" href="/learners/{learner.id}/all.zip" download>Save all of it<span class="sr-only"> of {learner.name}</span></a>
      <a class="btn" href="/learners/{learner.id}/erase">Erase<span class="sr-only"> {learner.name}</span></a>
    </li>
  {:else}
    <li class="py-3">Nobody is kept longer than that.</li>
  {/each}
</ul>
