<!-- Says whether all is saved; when another window saved first, offers both ways out and loses nothing. -->
<script lang="ts">
  import type { Saver } from './saver.svelte';
  let { saver }: { saver: Saver } = $props();
  async function keepMine() {
    // the newer revision stands in the answer's message header; ask for it
    const response = await fetch(`${location.pathname}/revision`);
    if (response.ok) await saver.keepMine(((await response.json()) as { revision: number }).revision);
  }
</script>

<div role="status" class="text-sm" data-save={saver.state}>
  {#if saver.state === 'saved'}
    <span class="text-muted">Saved</span>
  {:else if saver.state === 'saving' || saver.state === 'waiting'}
    <span class="text-muted">Saving …</span>
  {:else if saver.state === 'stale'}
    <div class="rounded border-2 border-hazard p-3">
      <p class="problem">This was changed in another window since you opened it. Your changes are still here and not saved yet.</p>
      <div class="mt-2 flex flex-wrap gap-2">
        <button type="button" class="btn" onclick={keepMine}>Keep mine</button>
        <button type="button" class="btn" onclick={() => location.reload()}>Take theirs</button>
      </div>
    </div>
  {:else}
    <span class="problem">Not saved: {saver.message}</span>
  {/if}
</div>
