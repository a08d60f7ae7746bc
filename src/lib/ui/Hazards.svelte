<!-- What can hurt in a step: brick red, always with a mark and a word. -->
<script lang="ts">
  import type { Hazard } from '$core';
  import { HAZARDS } from './words';
  let { hazards, cautions = false }: { hazards: readonly Hazard[]; cautions?: boolean } = $props();
</script>

{#if hazards.length > 0}
  {#if cautions}
    <ul class="space-y-1">
      {#each hazards as hazard (hazard)}
        <li><span class="hazard"><span aria-hidden="true">▲</span> {HAZARDS[hazard].name}.</span> {HAZARDS[hazard].caution}</li>
      {/each}
    </ul>
  {:else}
    <span class="hazard"><span aria-hidden="true">▲</span> {hazards.map((h) => HAZARDS[h].name).join(', ')}</span>
  {/if}
{/if}
