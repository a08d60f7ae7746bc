<!-- How many steps there are and how long they take; undo, the grain, the keys. -->
<script lang="ts">
  import { LEARNER_TIME_FACTOR, type Grain } from '$core';
  import Keys from '$lib/ui/Keys.svelte';
  import SaveState from '$lib/ui/SaveState.svelte';
  import { showMinutes } from '$lib/ui/words';
  import { KEYS } from './desk-keys';
  import { getDesk } from './desk.svelte';
  const desk = getDesk();
  const { editor, saver } = desk;
  const minutes = $derived(editor.steps.reduce((sum, s) => sum + s.minutes.active, 0));
  const waiting = $derived(editor.steps.reduce((sum, s) => sum + s.minutes.waiting, 0));
  const GRAINS: [Grain, string][] = [
    ['coarse', 'Coarse: the recipe’s own lines'],
    ['standard', 'Standard: one action a step'],
    ['fine', 'Fine: each small step'],
  ];
</script>

<div class="mt-4 flex flex-wrap items-center gap-x-4 gap-y-2">
  <p>
    <b>{editor.steps.length} steps.</b>
    <span class="text-muted"
      >About {showMinutes(minutes * LEARNER_TIME_FACTOR)} of work for a learner, {showMinutes(waiting)} of waiting.</span
    >
  </p>
  <span class="ml-auto flex flex-wrap items-center gap-2">
    <SaveState {saver} />
    <button type="button" class="btn btn-quiet" disabled={!editor.canUndo} onclick={() => editor.undo()}>Undo</button>
    <button type="button" class="btn btn-quiet" disabled={!editor.canRedo} onclick={() => editor.redo()}>Redo</button>
    <label class="flex items-center gap-2"
      ><span class="sr-only">Grain</span>
      <select class="field w-auto!" value={editor.grain} onchange={(e) => desk.rebuild(e.currentTarget.value as Grain)}>
        {#each GRAINS as [grain, words] (grain)}<option value={grain}>{words}</option>{/each}
      </select>
    </label>
    <Keys keys={KEYS} />
  </span>
</div>
