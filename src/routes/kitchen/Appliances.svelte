<!-- Hob, oven, microwave, shelves: where they are to be reached, and by what they are set. What nobody has said stays open. -->
<script lang="ts">
  import { CONTROLS, HEIGHTS, stageAlone, type Controls, type Heights } from '$core';
  import { drawStage } from '$lib/pictures/draw-stage';
  import { standalone } from '$lib/pictures/sprite';
  import Picture from '$lib/ui/Picture.svelte';
  import { STEPS_OF } from './appliance-steps';
  type Props = { heights: Heights; controls: Controls; /** Whose hands the pictures show. */ skin: number };
  let { heights = $bindable(), controls = $bindable(), skin }: Props = $props();

  const NEAR: [keyof Heights, string, string, string][] = [
    ['hobControls', 'Controls of the hob', 'at the front', 'at the back'],
    ['oven', 'Oven', 'at table height', 'low down'],
    ['microwave', 'Microwave', 'at table height', 'high up'],
    ['shelves', 'Shelves', 'between knee and shoulder', 'above the head'],
  ];
  const SET: [keyof Controls, string, string, string][] = [
    ['heat', 'The hob heats with', 'flames', 'plates or a glass top'],
    ['hob', 'The hob is set by', 'knobs', 'flat keys'],
    ['oven', 'The oven is set by', 'a knob', 'flat keys'],
    ['microwave', 'The microwave is set by', 'a knob', 'flat keys'],
  ];
  /** As cards will show them. */
  const shown = $derived(STEPS_OF.map((step) => ({ key: step.key, svg: standalone(drawStage(stageAlone(step), { skin, controls })) })));
</script>

{#snippet choice(
  name: string,
  all: readonly [string, string],
  words: [string, string],
  value: string | undefined,
  say: (v: string | undefined) => void,
)}
  <label class="block"
    ><span class="block text-sm text-muted">{name}</span>
    <select class="field" value={value ?? ''} onchange={(e) => say(e.currentTarget.value || undefined)}
      ><option value="">not said</option><option value={all[0]}>{words[0]}</option><option value={all[1]}>{words[1]}</option></select
    ></label
  >
{/snippet}

<h2 class="mt-8">Where things are to be reached</h2>
<div class="mt-1 flex flex-wrap gap-x-6 gap-y-3">
  {#each NEAR as [key, name, near, far] (key)}
    {@render choice(name, HEIGHTS[key], [near, far], heights[key], (v) => (heights = { ...heights, [key]: v }))}
  {/each}
</div>

<h2 class="mt-8">How heat is set</h2>
<p class="text-muted">Cards show it so, and Fit knows what it asks: flat keys cannot be felt.</p>
<div class="mt-1 flex flex-wrap gap-x-6 gap-y-3">
  {#each SET as [key, name, first, second] (key)}
    {@render choice(name, CONTROLS[key], [first, second], controls[key], (v) => (controls = { ...controls, [key]: v }))}
  {/each}
</div>
<div class="mt-3 grid max-w-2xl grid-cols-3 gap-3">
  {#each shown as { key, svg } (key)}<Picture {svg} class="w-full border border-line" />{/each}
</div>
