<!-- What has changed since the last published version, why, and the button that publishes. -->
<script lang="ts">
  import { enhance } from '$app/forms';
  import { invalidateAll } from '$app/navigation';
  import { compareSteps } from '$core';
  import { getDesk } from './desk.svelte';
  let { answer }: { answer: { problem?: string; published?: number } | null } = $props();
  const desk = getDesk();
  const { saver } = desk;
  const { steps } = $derived(desk.editor);
  const version = $derived(desk.sent.version);
  let publishing = $state(false);
  let note = $state('');
  const difference = $derived(version ? compareSteps(version.steps, steps) : null);
  const counts = $derived(
    difference && {
      added: difference.added.length,
      'taken out': difference.removed.length,
      reworded: difference.reworded.length,
      moved: difference.moved.length,
    },
  );
  const changes = $derived(counts && Object.values(counts).reduce((all, n) => all + n, 0));
  const said = $derived(
    Object.entries(counts ?? {})
      .filter(([, n]) => n > 0)
      .map(([what, n]) => `${n} ${what}`)
      .join(', '),
  );
</script>

<section class="mt-3 flex flex-wrap items-end gap-x-5 gap-y-2 border-l-4 border-line pl-3" aria-label="Publish">
  <p class="min-w-60 flex-1 self-center" role="status">
    {#if answer?.problem}<span class="problem">{answer.problem}</span>
    {:else if answer?.published && changes === 0}Version {answer.published} is published. It will not change: later edits make a new one.
    {:else if !version}<span class="text-muted">Not published yet: there are no cards and no lessons of it before.</span>
    {:else if changes === 0}<span class="text-muted">Version {version.number} is published. Nothing has changed since.</span>
    {:else}Version {version.number} is published. Since then: {said}.{/if}
  </p>
  {#if changes !== 0}
    <form
      method="POST"
      action="?/publish"
      class="flex flex-wrap items-end gap-3"
      use:enhance={async ({ formData, cancel }) => {
        publishing = true;
        if (!(await saver.save())) {
          publishing = false;
          cancel();
          desk.said = 'Not published: the steps are not saved yet.';
          return;
        }
        formData.set('revision', String(saver.revision));
        return async ({ update }) => {
          await update({ reset: true });
          note = '';
          publishing = false;
          await invalidateAll();
        };
      }}
    >
      <input type="hidden" name="revision" value={saver.revision} />
      {#if version}
        <label class="block"
          ><span class="block text-sm text-muted">Why this version (may be empty)</span><input
            name="note"
            class="field w-64!"
            maxlength="2000"
            bind:value={note}
          /></label
        >
      {/if}
      <button class="btn btn-act" disabled={publishing || steps.length === 0}>Publish version {(version?.number ?? 0) + 1}</button>
    </form>
  {:else}<a class="btn" href="/recipes/{desk.sent.recipe.id}/show">To the cards</a>{/if}
</section>
