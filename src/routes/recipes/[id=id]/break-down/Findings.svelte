<!-- What the dry run found, each with its reason and, where a change of the steps puts it right, one button that does it. -->
<script lang="ts">
  import type { Finding } from '$core';
  import { untrack } from 'svelte';
  import { getDesk } from './desk.svelte';
  const desk = getDesk();
  const findings: Finding[] = $derived(desk.found);
  // a few are shown at once; from then on a person opens and closes the list, not the next edit
  let open = $state(untrack(() => findings.length <= 4));
</script>

{#if findings.length > 0}
  <details class="mt-3 border-l-4 border-ink pl-3" bind:open>
    <summary class="min-h-8 font-semibold"
      >{findings.length} {findings.length === 1 ? 'thing' : 'things'} to look at before the lesson</summary
    >
    <ul class="mt-1">
      {#each findings as finding, i (i)}
        <li class="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-line py-1.5 last:border-0">
          <span class="min-w-60 flex-1">
            {finding.message}
            {#if finding.mend}<span class="text-muted">{finding.mend}</span>{/if}
          </span>
          {#if finding.stepKey}<button type="button" class="btn btn-quiet" onclick={() => desk.show(finding.stepKey!)}>Show the step</button
            >{/if}
          {#if finding.fix}<button
              type="button"
              class="btn"
              onclick={() => desk.mend(finding)}
              aria-label="Mend it, {finding.about}: {finding.mend}">Mend it</button
            >
          {:else}<a class="btn" href="/recipes/{desk.sent.recipe.id}/read">To the recipe</a>{/if}
        </li>
      {/each}
    </ul>
    {#if findings.filter((f) => f.fix).length > 1}<button type="button" class="btn mt-1" onclick={() => desk.mendAll()}
        >Mend all {findings.filter((f) => f.fix).length}</button
      >{/if}
  </details>
{:else}
  <p class="mt-2 text-sm text-muted">
    A walk through the steps found none of the faults it looks for. It does not say that a step is right for a learner: a person decides
    that.
  </p>
{/if}
