<!-- The class's own rules: how many times a rung rests on, and when something counts as learnt. -->
<script lang="ts">
  import { enhance } from '$app/forms';
  import { page } from '$app/state';
  import type { MasteryRule } from '$core';
  import { opens } from '$lib/ui/opens';
  type Teaching = { mastery: MasteryRule; rule: { last: number; days: number; down: number } };
  let { teaching, problem, saved }: { teaching: Teaching; problem: string; saved: boolean } = $props();
  const { mastery, rule } = $derived(teaching);
  type Field = readonly [name: string, label: string, value: number, most: number];
  const rung = $derived<Field[]>([
    ['last', 'Times that a rung rests on', rule.last, 20],
    ['days', 'on at least so many days', rule.days, 20],
    ['down', 'more help after so many of them', rule.down, 20],
  ]);
  const learnt = $derived<Field[]>([
    ['independence', 'Share of steps with no help, %', mastery.independence, 100],
    ['lessons', 'lessons in a row', mastery.lessons, 20],
    ['people', 'people or places', mastery.people ?? 1, 5],
  ]);
</script>

{#snippet fields(all: Field[])}
  <div class="flex flex-wrap items-end gap-4">
    {#each all as [name, label, value, most] (name)}
      <label class="block"
        ><span class="block text-sm text-muted">{label}</span><input
          class="field w-24!"
          type="number"
          min="1"
          max={most}
          {name}
          {value}
          required
        /></label
      >
    {/each}
  </div>
{/snippet}

<details class="mt-8 max-w-4xl" {@attach opens(problem !== '' || saved)}>
  <summary>The class’s rules</summary>
  <form
    method="POST"
    action="?/teaching"
    use:enhance={() =>
      ({ update }) =>
        update({ reset: false })}
    class="mt-2 space-y-4"
  >
    <input type="hidden" name="class" value={page.data.class} />
    <p class="max-w-prose text-sm text-muted">
      Lessons that are put on the list from now on take these with them. What was recorded before keeps the rules of its day.
    </p>
    <fieldset><legend class="font-semibold">When the yellow rung moves</legend>{@render fields(rung)}</fieldset>
    <fieldset>
      <legend class="font-semibold">When something counts as learnt</legend>
      {@render fields(learnt)}
      <label class="mt-1 inline-flex min-h-11 items-center gap-2"
        ><input type="checkbox" name="safety" value="yes" checked={mastery.safety ?? false} />no step with a blade, heat or raw food
        prompted</label
      >
    </fieldset>
    <p class="problem min-h-6" role="alert">{problem}</p>
    <button class="btn">Keep these rules</button>
    {#if saved}<span role="status" class="ml-3 text-muted">Kept.</span>{/if}
  </form>
</details>
