<!-- A learner's own steps beside the class's: what differs is marked by a sign and a word, and can be put in own words. -->
<script lang="ts">
  import { enhance } from '$app/forms';
  import Hazards from '$lib/ui/Hazards.svelte';
  import type { Hazard } from '$core';
  type Row = {
    key: string;
    text: string;
    was: string | null;
    lines: string[];
    part: string | null;
    who: 'learner' | 'shared' | 'adult';
    hazards: Hazard[];
    ownWords: boolean;
    given: boolean;
  };
  let { steps, learner, name, by }: { steps: Row[]; learner: string; name: string; by: string } = $props();
  let editing = $state('');
  let only = $state(true);
  const differs = (s: Row) => s.was !== s.text || s.lines.length > 0 || s.who !== 'learner';
  const SIGN = { shared: ['◐', 'with a partner'], adult: ['●', 'an adult'], learner: ['', ''] } as const;
  const shown = $derived(steps.map((s, i) => ({ ...s, n: i + 1 })).filter((s) => !only || differs(s)));
</script>

<section aria-labelledby="own">
  <div class="flex flex-wrap items-baseline gap-x-4">
    <h2 id="own">{name}’s own steps</h2>
    <label class="inline-flex min-h-9 items-center gap-2 text-sm"
      ><input type="checkbox" class="size-5" bind:checked={only} /> only what differs</label
    >
  </div>
  <ol class="mt-1">
    {#each shown as s (s.key)}
      <li class="grid grid-cols-[2rem_1fr_auto] items-start gap-x-2 border-b border-line py-2">
        <span class="text-muted tabular-nums">{s.n}</span>
        <div>
          {#if editing === s.key}
            <form
              method="POST"
              use:enhance={() =>
                async ({ update }) => {
                  await update({ reset: false });
                  editing = '';
                }}
              class="flex flex-wrap gap-2"
            >
              <input type="hidden" name="learner" value={learner} /><input type="hidden" name="key" value={s.key} /><input
                type="hidden"
                name="by"
                value={by}
              /><input type="hidden" name="what" value="words" />
              <input
                class="field flex-1"
                name="text"
                maxlength="400"
                value={s.text}
                aria-label="Own words for step {s.n}; empty for the class’s"
              />
              <input type="hidden" name="proposed" value={s.ownWords ? '' : s.text} />
              <label class="inline-flex min-h-11 items-center gap-2"
                ><input type="checkbox" class="size-5" name="adult" value="yes" checked={s.given} /> an adult does it</label
              >
              <button class="btn">Keep</button><button type="button" class="btn btn-quiet" onclick={() => (editing = '')}>Leave</button>
            </form>
          {:else}
            <p>
              {#if SIGN[s.who][0]}<span aria-hidden="true">{SIGN[s.who][0]}</span> <b>{SIGN[s.who][1]}:</b>{/if}
              {#if s.was === null}<b>+ new:</b>{/if}
              {s.text}{#if s.ownWords}<span class="text-muted"> (own words)</span>{/if}
            </p>
            {#each s.lines as line, i (i)}<p class="pl-4 font-semibold">→ {line}</p>{/each}
            {#if s.part}<p class="pl-4 font-semibold">→ {name}: {s.part}</p>{/if}
            {#if s.was !== null && s.was !== s.text}<p class="text-sm text-muted">
                <span class="sr-only">The class: </span><s>{s.was}</s>
              </p>{/if}
          {/if}
        </div>
        <div class="text-right text-sm">
          <Hazards hazards={s.hazards.filter((h) => h !== 'allergen' && h !== 'slip')} />
          {#if s.was !== null && editing !== s.key}<button type="button" class="btn btn-quiet text-sm" onclick={() => (editing = s.key)}
              >Change<span class="sr-only"> step {s.n}</span></button
            >{/if}
        </div>
      </li>
    {/each}
  </ol>
</section>
