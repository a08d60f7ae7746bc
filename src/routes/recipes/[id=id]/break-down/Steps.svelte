<!-- The list of steps, by phase, in an order that can be dragged; the details of one beside it, or under it where the screen is narrow. -->
<script lang="ts">
  import type { Step } from '$core';
  import Picture from '$lib/ui/Picture.svelte';
  import { PHASE_NAMES } from '$lib/ui/words';
  import { MediaQuery } from 'svelte/reactivity';
  import { dragHandleZone, type DndEvent } from 'svelte-dnd-action';
  import AddStep from './AddStep.svelte';
  import { getDesk } from './desk.svelte';
  import StepDetails from './StepDetails.svelte';
  import StepRow from './StepRow.svelte';
  const desk = getDesk();
  const { editor } = desk;
  type Item = { id: string; step: Step };
  let dragged = $state.raw<Item[] | null>(null);
  const items = $derived(dragged ?? desk.listed.map((step) => ({ id: step.key, step })));
  // the details stand once: beside the list where there is room, else under their step
  const wide = new MediaQuery('min-width: 64rem', true);
  function consider(e: CustomEvent<DndEvent<Item>>) {
    dragged = e.detail.items;
  }
  function finalize(e: CustomEvent<DndEvent<Item>>) {
    const moved = e.detail.info.id;
    dragged = null;
    editor.reorder(
      moved,
      e.detail.items.findIndex((i) => i.id === moved),
    );
  }
</script>

<div class="mt-3 grid gap-x-10 lg:grid-cols-[minmax(0,1fr)_22rem]">
  <ol
    aria-label="Steps"
    use:dragHandleZone={{ items, flipDurationMs: 120, dropTargetStyle: {}, zoneTabIndex: -1 }}
    onconsider={consider}
    onfinalize={finalize}
  >
    {#each items as { id, step }, i (id)}
      <li class="border-b border-line">
        {#if i === 0 || items[i - 1]?.step.phase !== step.phase}
          <h2 class="border-b-[3px] border-ink pt-4 pb-1 text-base!">{PHASE_NAMES[step.phase]}</h2>
        {/if}
        <StepRow {step} number={i + 1} />
        {#if desk.chosen && !wide.current && editor.selected === id}
          <div class="bg-sheet px-2 pb-3"><StepDetails {step} /></div>
        {/if}
        {#if desk.adding === id}<AddStep after={id} number={i + 1} />{/if}
      </li>
    {/each}
  </ol>

  <aside
    class="sticky top-2 hidden max-h-[calc(100vh-1rem)] self-start overflow-y-auto border-l border-line pt-3 pl-7 lg:block"
    aria-label="The chosen step"
  >
    {#if wide.current && editor.current}
      <Picture svg={desk.pictureOf(editor.current)} class="w-full" />
      <p class="mt-2 text-xl font-bold" dir="auto">{desk.shown(editor.current).text}</p>
      <StepDetails step={editor.current} />
    {/if}
  </aside>
</div>
