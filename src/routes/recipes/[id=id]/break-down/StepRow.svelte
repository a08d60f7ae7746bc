<!-- One row of the list of steps: its picture, and its words with what is said of it. A component of its own, so that a change of one step redraws one row. -->
<script lang="ts">
  import type { Step } from '$core';
  import Hazards from '$lib/ui/Hazards.svelte';
  import { takeFocus } from '$lib/ui/keys';
  import Picture from '$lib/ui/Picture.svelte';
  import { SUPERVISION_NAMES } from '$lib/ui/words';
  import { dragHandle } from 'svelte-dnd-action';
  import { getDesk } from './desk.svelte';

  let { step: kept, number }: { step: Step; number: number } = $props();
  const desk = getDesk();
  const { key } = $derived(kept);
  const step = $derived(desk.shown(kept));
  const editing = $derived(desk.editing === key);
  const selected = $derived(desk.editor.selected === key);
  const taught = $derived(desk.taughtAs(kept));
  const look = $derived(desk.lookAt.get(key));

  function onkeydown(event: KeyboardEvent) {
    if (event.key === 'Enter' && !event.shiftKey) {
      event.preventDefault();
      desk.commit(key);
    } else if (event.key === 'Escape') desk.leave(key);
  }
</script>

<div class="grid grid-cols-[1.75rem_4.5rem_1fr] items-center gap-x-3 {selected ? 'bg-sheet shadow-[inset_5px_0_0_var(--act)]' : ''}">
  <!-- no button element: a drag that starts on a form control is not taken for one -->
  <div
    role="button"
    tabindex="0"
    use:dragHandle
    class="flex h-full min-h-11 cursor-grab items-center justify-end text-sm text-muted tabular-nums"
    aria-label="Drag step {number}: {step.text}"
  >
    {number}
  </div>
  <Picture svg={desk.pictureOf(kept)} class="w-[4.5rem]" />
  {#if editing}
    <div class="my-1">
      <textarea
        class="field"
        rows="2"
        maxlength="300"
        dir="auto"
        aria-label="Words of step {number}"
        bind:value={desk.text}
        {@attach takeFocus}
        oninput={() => desk.typed(key)}
        {onkeydown}
        onblur={() => desk.commit(key)}></textarea>
      <div role="status" class="text-sm">
        {#each desk.would?.bring ?? [] as message (message)}<p class="font-semibold">Look: {message}</p>{/each}
        {#if desk.would?.mend.length}<p>Mends: {desk.would.mend.join(', ')}.</p>{/if}
      </div>
    </div>
  {:else}
    <button
      type="button"
      id="step-{key}"
      class="grid min-h-14 w-full grid-cols-1 items-center gap-x-4 px-1 py-1 text-left sm:grid-cols-[1fr_auto]"
      aria-current={selected ? 'step' : undefined}
      onclick={() => desk.select(key)}
      ondblclick={() => desk.edit(kept)}
    >
      <span dir="auto">
        {step.text}{#if step.meanwhile}<span class="block text-sm text-muted">Meanwhile: {step.meanwhile}</span>{/if}
      </span>
      <span class="text-sm sm:text-right">
        <Hazards hazards={step.hazards} />
        {#if !step.technique}<span class="block font-semibold">action not known</span>{/if}
        {#if step.supervision !== 'none'}<span class="block text-muted">{SUPERVISION_NAMES[step.supervision]}</span>{/if}
        {#if taught?.words}<span class="block {taught.today ? 'font-bold' : 'text-muted'}">{taught.words}</span>{/if}
        {#if desk.matches.includes(kept)}<span class="block font-semibold">found</span>{/if}
        {#if look}<span class="block font-semibold">look: {look}</span>{/if}
      </span>
    </button>
  {/if}
</div>
