<!-- The same plan in words: a strip for each person. On paper each can be cut out; on screen it is what a reader hears. -->
<script lang="ts">
  import type { PlanView } from '$core';
  import { short, type Names } from './say-plan';
  type Props = { view: PlanView; learners: { id: string; name: string }[]; adults: string[]; names: Names };
  let { view, learners, adults, names }: Props = $props();
  const rowsOf = (id: string) =>
    [
      ...view.blocks
        .filter((b) => b.who.includes(id))
        .map((b) => ({ from: b.start, to: b.end, what: short(b.title), rung: b.rungs.includes(id) })),
      ...view.fillers.filter((f) => f.who === id).map((f) => ({ from: f.from, to: f.to, what: f.job, rung: false })),
    ].sort((a, b) => a.from - b.from);
  const byAdult = $derived(view.blocks.filter((b) => b.who.length === 0));
  const PLACES = new Map([
    ['table', 'table'],
    ['hob', 'hob'],
    ['oven', 'oven'],
    ['sink', 'sink'],
    ['store', 'cupboard and fridge'],
  ]);
</script>

<div class="strips">
  {#each learners as l (l.id)}
    <table class="strip">
      <caption>{l.name}</caption>
      <thead class="sr-only"><tr><th scope="col">From</th><th scope="col">What</th></tr></thead>
      <tbody>
        {#each rowsOf(l.id) as r (r.from + r.what)}
          <tr
            ><th scope="row">{names.at(r.from)}</th><td
              >{r.what}{#if r.rung}<span class="text-sm whitespace-nowrap text-muted">&nbsp;– a rung to reach</span>{/if}</td
            ></tr
          >
        {/each}
      </tbody>
    </table>
  {/each}
  {#each adults.filter((a) => view.stints.some((s) => s.adult === a)) as a (a)}
    <table class="strip">
      <caption>{a}</caption>
      <thead class="sr-only"><tr><th scope="col">From and to</th><th scope="col">Where</th></tr></thead>
      <tbody>
        {#each view.stints.filter((s) => s.adult === a) as s (s.from)}
          <tr
            ><th scope="row">{names.at(s.from)}–{names.at(s.to)}</th><td
              >{PLACES.get(s.station) ?? s.station}{s.with.length > 0 ? `: ${s.with.map(names.learner).join(' and ')}` : ''}{s.does.length >
              0
                ? `; does ${s.does.map((id) => short(names.block(id)).toLowerCase()).join(', ')}`
                : ''}</td
            ></tr
          >
        {/each}
      </tbody>
    </table>
  {/each}
  {#if byAdult.length > 0}
    <table class="strip">
      <caption>An adult does</caption>
      <thead class="sr-only"><tr><th scope="col">From</th><th scope="col">What</th></tr></thead>
      <tbody
        >{#each byAdult as b (b.block)}<tr><th scope="row">{names.at(b.start)}</th><td>{short(b.title)}</td></tr>{/each}</tbody
      >
    </table>
  {/if}
</div>

<style>
  .strips {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr));
    gap: 1rem;
    align-items: start;
  }
  .strip {
    border: 2px solid var(--ink);
    border-radius: 0.35rem;
    border-collapse: separate;
    padding: 0.5rem 0.75rem;
    width: 100%;
    break-inside: avoid;
  }
  caption {
    text-align: left;
    font-weight: 700;
  }
  th {
    font-weight: 400;
    text-align: left;
    vertical-align: top;
    padding-right: 0.75rem;
    white-space: nowrap;
    font-variant-numeric: tabular-nums;
  }
</style>
