<!-- The lesson is over, and some steps have no record: what became of them is asked once for each learner. -->
<script lang="ts">
  import type { Line } from '$lib/ui/line.svelte';
  import { Dialog } from 'bits-ui';
  import { SvelteSet } from 'svelte/reactivity';
  let { lines, onclose, onend }: { lines: Line[]; onclose: () => void; onend: () => void } = $props();
  const open = $derived(lines.filter((l) => l.presence !== 'absent' && !l.isThrough && l.items.length > 0));
  const notOffered = new SvelteSet<string>();
  const left = (line: Line) => line.items.length - line.recordedCount;
  function end() {
    for (const line of open) {
      if (line.isProbeOver) line.fill(line.hierarchy.levels.at(-1)!.id, 'rule');
      else if (notOffered.has(line.person.id)) line.fill('not-offered', 'tap');
    }
    onend();
  }
</script>

<Dialog.Root open onOpenChange={(o) => !o && onclose()}>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-black/50" />
    <Dialog.Content
      class="fixed top-1/2 left-1/2 z-50 max-h-[94vh] w-[min(38rem,96vw)] -translate-x-1/2 -translate-y-1/2 overflow-auto rounded border-2 border-ink bg-sheet p-5 text-ink"
    >
      <Dialog.Title class="text-xl font-bold">What became of the other steps?</Dialog.Title>
      <Dialog.Description class="mb-2 text-muted">Neither counts as an opportunity; what was recorded stays as it is.</Dialog.Description>
      <ul class="border-t border-line">
        {#each open as line (line.person.id)}
          <li class="flex flex-wrap items-center gap-x-3 border-b border-line py-1">
            <span class="min-w-40 flex-1"><b>{line.person.name}</b>, {left(line)} {left(line) === 1 ? 'step' : 'steps'}</span>
            {#if line.isProbeOver}<span>The probe ended at an error: they count as not done.</span>
            {:else}
              <label class="flex min-h-11 items-center gap-2"
                ><input
                  type="radio"
                  name="open-{line.person.id}"
                  checked={!notOffered.has(line.person.id)}
                  onchange={() => notOffered.delete(line.person.id)}
                /> not reached</label
              >
              <label class="flex min-h-11 items-center gap-2"
                ><input type="radio" name="open-{line.person.id}" onchange={() => notOffered.add(line.person.id)} /> not offered</label
              >
            {/if}
          </li>
        {/each}
      </ul>
      <p class="mt-4 flex gap-2">
        <button type="button" class="btn btn-act min-h-16!" onclick={end}>End the lesson</button>
        <Dialog.Close class="btn min-h-16!">Go on</Dialog.Close>
      </p>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
