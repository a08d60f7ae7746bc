<!-- The sheet of keys of a place, opened with "?" or its button. -->
<script lang="ts">
  import { Dialog } from 'bits-ui';
  import { isTyping } from './keys';
  let { keys }: { keys: [string, string][] } = $props();
  let open = $state(false);
  function onkeydown(event: KeyboardEvent) {
    if (event.key === '?' && !isTyping(event)) {
      event.preventDefault();
      open = true;
    }
  }
</script>

<svelte:window {onkeydown} />
<Dialog.Root bind:open>
  <Dialog.Trigger class="btn btn-quiet screen-only max-sm:hidden">Keys <kbd class="font-sans">?</kbd></Dialog.Trigger>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-black/50" />
    <Dialog.Content
      class="fixed top-1/2 left-1/2 z-50 max-h-[90vh] w-[min(30rem,94vw)] -translate-x-1/2 -translate-y-1/2 overflow-auto rounded border-2 border-ink bg-sheet p-6 text-ink"
    >
      <Dialog.Title class="mb-3 text-xl font-bold">Keys here</Dialog.Title>
      <dl class="grid grid-cols-[auto_1fr] gap-x-6 gap-y-2">
        {#each keys as [key, what] (key)}
          <dt class="font-bold whitespace-nowrap">{key}</dt>
          <dd>{what}</dd>
        {/each}
      </dl>
      <Dialog.Close class="btn mt-5">Close</Dialog.Close>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
