<script lang="ts">
  import Keys from '$lib/ui/Keys.svelte';
  import { isTyping } from '$lib/ui/keys';
  import { LEARNING_PHASES, showDay } from '$lib/ui/words';
  let { data, form } = $props();
  let hierarchy = $state('full');
  const KEYS: [string, string][] = [
    ['1 to 9', 'begin or go on with that learner'],
    ['?', 'this sheet'],
  ];
  function onkeydown(event: KeyboardEvent) {
    if (isTyping(event) || event.ctrlKey || event.metaKey || event.altKey) return;
    const n = Number(event.key);
    if (n >= 1 && n <= data.learners.length) document.getElementById(`begin-${n - 1}`)?.click();
  }
</script>

<svelte:window {onkeydown} />

{#if data.version === null}
  <p class="mt-6 max-w-prose">
    There is no published version to cook from yet. A lesson keeps to a version, so that its record keeps its meaning.
  </p>
  <p class="mt-3"><a class="btn btn-act" href="/recipes/{data.recipeId}/break-down">Publish the steps first</a></p>
{:else}
  <p class="mt-5 flex flex-wrap items-center gap-x-4 gap-y-1">
    <a class="btn btn-act" href="/lessons?recipe={data.recipeId}">A lesson with the whole class</a>
    <span class="text-muted">day, adults, who is there, each makes one or one dish together</span>
  </p>
  <div class="mt-6 flex flex-wrap items-end gap-4">
    <h2 class="flex-1">Or one learner, at once <span class="font-normal text-muted">Version {data.version}, {data.steps} steps</span></h2>
    <label class="block"
      ><span class="text-sm text-muted">Levels of help</span>
      <select class="field w-auto!" bind:value={hierarchy}
        >{#each data.hierarchies as h (h.id)}<option value={h.id}>{h.name} ({h.levels.length})</option>{/each}</select
      >
    </label>
    <Keys keys={KEYS} />
  </div>
  <p class="mt-1 text-sm text-muted">
    {data.hierarchies.find((h) => h.id === hierarchy)?.levels.join(' · ')}. Least to most: wait 3 to 5 seconds, then offer the next more
    helpful level. Where something is sharp, hot or raw, be within reach and start with more help.
  </p>
  {#if form?.problem}<p class="problem mt-2" role="alert">{form.problem}</p>{/if}
  <ul class="mt-4 border-t-[3px] border-ink">
    {#each data.learners as learner, i (learner.id)}
      <li class="grid items-center gap-x-6 gap-y-1 border-b border-line py-2 sm:grid-cols-[2rem_10rem_1fr_auto]">
        <span class="hidden text-muted tabular-nums sm:block">{i + 1}</span>
        <b class="text-lg">{learner.name}</b>
        <span class="text-muted"
          >{learner.planNotes}
          <span class="block text-sm"
            >{learner.lessons === 0
              ? 'no lesson with this recipe yet'
              : `${learner.lessons} lessons, the last on ${showDay(learner.last!.day)}`}</span
          ></span
        >
        {#if learner.open}
          <a id="begin-{i}" class="btn" data-sveltekit-reload href="/cook/{learner.open}">Go on</a>
        {:else}
          <form method="POST" class="flex flex-wrap items-center gap-2">
            <input type="hidden" name="id" value={learner.newLesson} />
            <input type="hidden" name="learnerId" value={learner.id} />
            <input type="hidden" name="version" value={data.version} />
            <input type="hidden" name="hierarchy" value={hierarchy} />
            <select
              class="field w-auto! max-w-56"
              name="phase"
              aria-label="Phase for {learner.name}"
              value={learner.last?.phase ?? 'baseline'}
              >{#each LEARNING_PHASES as [id, { what }] (id)}<option value={id}>{what}</option>{/each}</select
            >
            <button id="begin-{i}" class="btn" aria-label="Begin with {learner.name}">Begin</button>
          </form>
        {/if}
      </li>
    {/each}
  </ul>
{/if}
