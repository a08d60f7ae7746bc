<script lang="ts">
  import { enhance } from '$app/forms';
  import { showDay } from '$lib/ui/words';
  let { data, form } = $props();
  const difference = $derived(data.shown?.difference);
  const count = $derived(
    difference ? difference.added.length + difference.removed.length + difference.reworded.length + difference.moved.length : 0,
  );
</script>

<p class="mt-4"><a href="/recipes/{data.recipe.id}/break-down">Back to the steps</a></p>
<h2 class="mt-2">Published versions</h2>
{#if !data.shown}
  <p class="mt-2">None is published yet.</p>
{:else}
  <div class="mt-2 grid gap-x-10 gap-y-4 md:grid-cols-[18rem_1fr]">
    <ul>
      {#each data.versions as version (version.number)}
        <li class="border-b border-line">
          <a
            href="?version={version.number}"
            aria-current={version.number === data.shown.number ? 'page' : undefined}
            class="block min-h-11 py-2 text-ink no-underline hover:text-act {version.number === data.shown.number
              ? 'pl-3 font-bold shadow-[inset_5px_0_0_var(--act)]'
              : ''}"
            >Version {version.number}, {showDay(version.publishedAt.slice(0, 10))}, {version.steps} steps{#if version.note}<span
                class="block font-normal text-muted">{version.note}</span
              >{/if}</a
          >
        </li>
      {/each}
    </ul>
    <div>
      {#if difference}
        <h3>What changed in version {data.shown.number}</h3>
        {#if count === 0}<p>Nothing in the steps.</p>{/if}
        <ul class="mt-1 space-y-1">
          {#each difference.removed as key (key)}<li><b>taken out:</b> <del>{data.shown.was.get(key)}</del></li>{/each}
          {#each difference.added as key (key)}<li><b>new:</b> {data.shown.steps.find((s) => s.key === key)?.text}</li>{/each}
          {#each difference.reworded as key (key)}<li>
              <b>reworded:</b> <del>{data.shown.was.get(key)}</del> → {data.shown.steps.find((s) => s.key === key)?.text}
            </li>{/each}
          {#each difference.moved as key (key)}<li><b>moved:</b> {data.shown.steps.find((s) => s.key === key)?.text}</li>{/each}
        </ul>
      {/if}
      <form method="POST" action="?/restore" use:enhance class="mt-4">
        <input type="hidden" name="version" value={data.shown.number} /><input type="hidden" name="revision" value={data.revision ?? 0} />
        <button class="btn">Work on from version {data.shown.number}</button>
        <span class="ml-2 text-sm text-muted">Today’s draft is replaced; published versions stay as they are.</span>
      </form>
      <p role="status">
        {#if form?.problem}<span class="problem">{form.problem}</span>{/if}
      </p>
      <ol class="mt-4 list-decimal pl-8">
        {#each data.shown.steps as step (step.key)}<li class="border-b border-line py-1" dir="auto">{step.text}</li>{/each}
      </ol>
    </div>
  </div>
{/if}
