<!-- What a plan rests on: who is there from when to when, how many there are of each thing, what is done before, the time kept free. -->
<script lang="ts">
  import { COUNTED, countOf } from '$core';
  import { minutes, short, thingName, type Names } from './say-plan';
  import type { Planner } from './planner.svelte';
  type Props = {
    planner: Planner;
    people: { id: string; name: string; pace: number; paceOf: number }[];
    adults: string[];
    bell: number;
    names: Names;
    /** Steps come back into the lesson. */
    onback: (dish: string, keys: readonly string[]) => void;
  };
  let { planner, people, adults, bell, names, onback }: Props = $props();
  const hours = (id: string) => planner.made.hours.get(id) ?? { from: 0, to: bell };
  function setHours(id: string, part: { from?: number; to?: number }) {
    const next = { ...hours(id), ...part };
    if (!(next.from >= 0 && next.to > next.from)) return;
    planner.change({ hours: new Map([...planner.made.hours, [id, next]]) }, false);
  }
  const before = $derived(
    [...planner.made.before].flatMap(([dish, keys]) => keys.map((key) => ({ dish, key, text: names.step(dish, key) }))),
  );
  const rows = $derived([
    ...people.map((p) => ({
      id: p.id,
      name: p.name,
      pace: p.paceOf > 0 ? `${p.pace.toFixed(1)} (${p.paceOf} steps timed)` : `${p.pace.toFixed(1)} (first figure)`,
    })),
    ...adults.map((a) => ({ id: a, name: a, pace: '' })),
  ]);
</script>

<div class="mt-5 grid gap-x-8 gap-y-2 lg:grid-cols-2">
  <details>
    <summary class="py-2 font-bold">Who is there when</summary>
    <table class="w-full text-left">
      <thead class="text-sm text-muted"
        ><tr
          ><th class="py-1 font-normal" scope="col">Who</th><th class="font-normal" scope="col">From minute</th><th
            class="font-normal"
            scope="col">To minute</th
          ><th class="font-normal" scope="col">Minutes for an adult’s one</th></tr
        ></thead
      >
      <tbody>
        {#each rows as r (r.id)}
          <tr class="border-t border-line"
            ><th scope="row" class="py-1 pr-2 font-semibold">{r.name}</th><td
              ><input
                class="field w-20!"
                type="number"
                min="0"
                max={bell}
                aria-label="{r.name}: there from minute"
                value={hours(r.id).from}
                onchange={(e) => setHours(r.id, { from: Number(e.currentTarget.value) })}
              /></td
            ><td
              ><input
                class="field w-20!"
                type="number"
                min="1"
                max={bell}
                aria-label="{r.name}: there to minute"
                value={hours(r.id).to}
                onchange={(e) => setHours(r.id, { to: Number(e.currentTarget.value) })}
              /></td
            ><td class="text-sm text-muted">{r.pace}</td></tr
          >
        {/each}
      </tbody>
    </table>
  </details>
  <details>
    <summary class="py-2 font-bold">How many there are of each thing</summary>
    <p class="text-sm text-muted">What nobody counted is taken as usual. Kept with the kitchen.</p>
    <div class="mt-1 grid grid-cols-2 gap-x-4 gap-y-1 sm:grid-cols-3">
      {#each COUNTED as thing (thing)}
        <label class="flex items-center gap-2"
          ><input
            class="field w-16!"
            type="number"
            min="0"
            max="40"
            value={countOf(thing, planner.made.counts)}
            onchange={(e) =>
              planner.change(
                {
                  counts: new Map([...planner.made.counts, [thing, Math.max(0, Math.min(40, Math.round(Number(e.currentTarget.value))))]]),
                },
                false,
              )}
          />
          {thing === 'oven' ? 'trays in the oven' : thingName(thing)}</label
        >
      {/each}
    </div>
  </details>
  <details>
    <summary class="py-2 font-bold">Done before the lesson: {before.length} {before.length === 1 ? 'step' : 'steps'}</summary>
    {#if before.length === 0}
      <p class="text-sm text-muted">Nothing yet. Choose a block to take it out, or see what would make the lesson shorter.</p>
    {:else}
      <ul class="border-t border-line">
        {#each before as b (b.dish + b.key)}
          <li class="flex items-center gap-3 border-b border-line">
            <span class="flex-1">{short(b.text)}</span><button type="button" class="btn btn-quiet" onclick={() => onback(b.dish, [b.key])}
              >Back into the lesson</button
            >
          </li>
        {/each}
      </ul>
    {/if}
  </details>
  <details>
    <summary class="py-2 font-bold">Time kept free: {minutes(planner.made.margin)}</summary>
    <label class="flex items-center gap-2"
      ><input
        class="field w-20!"
        type="number"
        min="0"
        max={Math.floor(bell / 2)}
        value={Math.round(planner.made.margin)}
        onchange={(e) => planner.change({ margin: Math.max(0, Math.min(bell / 2, Number(e.currentTarget.value))) }, false)}
      /> minutes before the bell. A sixth of the lesson is usual.</label
    >
  </details>
</div>
