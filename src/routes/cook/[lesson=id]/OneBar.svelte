<!-- Under one learner's ladder: undo, steps back and on, what is one tap further, the end. -->
<script lang="ts">
  import type { Line } from '$lib/ui/line.svelte';
  type Props = {
    line: Line;
    busy: boolean;
    justNow: string | null;
    onundo: () => void;
    onmore: () => void;
    onfinish: () => void;
  };
  let { line, busy, justNow, onundo, onmore, onfinish }: Props = $props();
</script>

<div class="sticky bottom-0 mt-3 flex flex-wrap items-center gap-1 border-t border-line bg-paper py-2 sm:gap-2">
  <button
    type="button"
    class="btn min-h-16! flex-1 flex-col gap-0! px-2! text-lg leading-tight sm:flex-none sm:px-6!"
    disabled={!line.canUndo}
    onclick={onundo}
    >Undo{#if justNow}<span class="hidden text-sm font-normal sm:block">{justNow}</span>{/if}</button
  >
  <button type="button" class="btn min-h-16! px-4! sm:px-5!" disabled={line.index === 0} onclick={() => line.go(-1)} aria-label="Step back"
    >←</button
  >
  <button
    type="button"
    class="btn min-h-16! px-4! sm:px-5!"
    disabled={line.index >= line.items.length - 1}
    onclick={() => line.go(1)}
    aria-label="Step on">→</button
  >
  <button type="button" class="btn min-h-16! px-2! sm:px-4!" onclick={onmore}>More</button>
  <span class="hidden flex-1 justify-center gap-3 text-muted tabular-nums sm:flex" data-step={line.index + 1}
    ><span>step {line.index + 1}</span><span>{line.recordedCount} of {line.items.length} recorded</span></span
  >
  <button type="button" class="btn min-h-16! px-2! sm:px-4! {line.isThrough ? 'btn-act' : ''}" disabled={busy} onclick={onfinish}
    >Finish</button
  >
</div>
