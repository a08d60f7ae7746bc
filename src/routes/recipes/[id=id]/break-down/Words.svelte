<!-- Which steps are hard to read, and plainer words for them. -->
<script lang="ts">
  import { hardSteps, plainerWording } from '$core';
  import { getDesk } from './desk.svelte';
  const desk = getDesk();
  const { steps } = $derived(desk.editor);
  const grade = $derived(desk.sent.readingGrade);
  const hard = $derived(
    hardSteps(steps, grade).map((h) => {
      const text = steps.find((s) => s.key === h.key)!.text;
      return { ...h, text, plainer: plainerWording(text) };
    }),
  );
</script>

{#if hard.length === 0}
  <p>No step reads harder than grade {grade}.</p>
{:else}
  <p>{hard.length} {hard.length === 1 ? 'step reads' : 'steps read'} harder than grade {grade}.</p>
  <ul class="mt-1">
    {#each hard as one (one.key)}
      <li class="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-line py-1.5 last:border-0">
        <span class="min-w-60 flex-1"
          ><span class="text-muted tabular-nums">grade {one.grade}</span>
          <span dir="auto">{one.text}</span>
          {#if one.plainer}<span class="block font-semibold" dir="auto">{one.plainer}</span>{/if}</span
        >
        {#if one.plainer}<button type="button" class="btn" onclick={() => desk.reword(one.key, one.plainer!)}>Use the plainer words</button>
        {:else}<button type="button" class="btn btn-quiet" onclick={() => desk.show(one.key)}>Show the step</button>{/if}
      </li>
    {/each}
  </ul>
{/if}
<p class="mt-2 text-sm text-muted">
  The Flesch-Kincaid grade counts how long words and sentences are, not whether a learner knows them. The grade aimed at is set in <a
    href="/kitchen">the kitchen</a
  >.
</p>
