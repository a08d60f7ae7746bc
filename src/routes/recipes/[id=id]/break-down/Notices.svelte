<!-- What must be known of these steps before they are worked on. -->
<script lang="ts">
  import { MOST_STEPS } from '$core';
  import { getDesk } from './desk.svelte';
  const desk = getDesk();
  const gone = $derived(desk.editor.gone);
  const uses = $derived(gone.reduce((n, g) => n + g.steps.length, 0));
  const beyond = $derived(desk.sent.linesBeyond);
</script>

{#if beyond > 0}
  <p class="problem mt-3" role="status">
    {beyond === 1 ? 'The last line of the method is' : `The last ${beyond} lines of the method are`} not broken down: a task has at most {MOST_STEPS}
    steps. Make the method shorter on Read, or make two recipes of it.
  </p>
{/if}
{#if Array.isArray(desk.saver.kept?.steps)}
  <p class="mt-3 border-l-4 border-ink pl-3">
    Changes of an earlier visit did not reach the server. They were kept on this device.
    <button type="button" class="btn ml-2" onclick={() => desk.putBack()}>Put them back</button>
    <button type="button" class="btn btn-quiet" onclick={() => desk.saver.forget()}>Drop them</button>
  </p>
{/if}
{#if gone.length > 0 && !desk.outdated}
  <p class="mt-3 border-l-4 border-ink pl-3">
    This kitchen has no {gone.map((g) => g.label).join(', ')} any more, and {uses === 1 ? 'a step fills' : `${uses} steps fill`} it.
    <button type="button" class="btn ml-2" onclick={() => desk.forKitchen()}>Measure with what there is</button>
    {#if desk.measured === desk.editor.steps}<span class="text-muted">What you worded yourself stayed: change those steps by hand.</span
      >{/if}
  </p>
{/if}
{#if desk.outdated}
  <p class="mt-3 border-l-4 border-ink pl-3">
    The recipe was changed after these steps were built. <button
      type="button"
      class="btn ml-2"
      onclick={() => desk.rebuild(desk.editor.grain)}>Build the steps anew</button
    >
  </p>
{/if}
