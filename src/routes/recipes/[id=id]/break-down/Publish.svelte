<!-- What has changed since the last published version, why, and the button that publishes. -->
<script lang="ts">
  import { enhance } from '$app/forms';
  import { invalidateAll } from '$app/navigation';
  import { compareSteps, type Step } from '$core';
  import type { Saver } from '$lib/ui/saver.svelte';
  type Props = {
    steps: Step[];
    version: { number: number; steps: Step[] } | null;
    recipeId: string;
    saver: Saver;
    answer: { problem?: string; published?: number } | null;
    onsay: (words: string) => void;
  };
  let { steps, version, recipeId, saver, answer, onsay }: Props = $props();
  let publishing = $state(false);
  let note = $state('');
  const difference = $derived(version ? compareSteps(version.steps, steps) : null);
  const changes = $derived(
    difference ? difference.added.length + difference.removed.length + difference.reworded.length + difference.moved.length : null,
  );
</script>

<section class="mt-8 max-w-2xl border-t-[3px] border-ink pt-4" aria-label="Publish">
  {#if version}
    <p>
      Version {version.number} is published. {changes === 0
        ? 'Nothing has changed since.'
        : `Since then: ${[difference!.added.length && `${difference!.added.length} added`, difference!.removed.length && `${difference!.removed.length} taken out`, difference!.reworded.length && `${difference!.reworded.length} reworded`, difference!.moved.length && `${difference!.moved.length} moved`].filter(Boolean).join(', ')}.`}
    </p>
  {/if}
  {#if changes !== 0}
    <form
      method="POST"
      action="?/publish"
      use:enhance={async ({ formData, cancel }) => {
        publishing = true;
        if (!(await saver.save())) {
          publishing = false;
          cancel();
          onsay('Not published: the steps are not saved yet.');
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
      <label class="mt-2 block"
        ><span class="text-sm text-muted">Why this version (for the next reader; may be empty)</span><input
          name="note"
          class="field"
          maxlength="2000"
          bind:value={note}
        /></label
      >
      <button class="btn btn-act mt-3" disabled={publishing || steps.length === 0}>Publish version {(version?.number ?? 0) + 1}</button>
    </form>
  {/if}
  <p role="status" class="mt-2">
    {#if answer?.problem}<span class="problem">{answer.problem}</span>{:else if answer?.published}Version {answer.published} is published. It
      will not change: later edits make a new one.{/if}
  </p>
  {#if version}<p class="mt-2"><a class="btn" href="/recipes/{recipeId}/show">To the cards</a></p>{/if}
</section>
