<script lang="ts">
  import { Arriving } from '$lib/ui/arriving.svelte';
  import Keys from '$lib/ui/Keys.svelte';
  import type { Column } from './+page.server';
  import { clashesOf } from './clashes';
  let { data } = $props();
  const come = new Arriving<Column>(() => data.columns);
  const clashes = $derived(
    clashesOf(
      data.learners.flatMap(({ name }, k) => (come.parts[k] ? [{ name, column: come.parts[k] }] : [])),
      data.counts,
    ),
  );
  const late = $derived(data.learners.filter((_, k) => come.parts[k] === null).map((l) => l.name));
  const SIGN = { learner: '', shared: '◐', adult: '●' } as const;
  const WORD = { learner: 'as the class', shared: 'with a partner', adult: 'an adult' } as const;
  const inWords = (c: Column[number]) => [WORD[c.who], ...c.ways, ...(c.allergen ? ['must not have it'] : [])].join(', ');
  let only = $state(true);
  const plain = (c: Column[number] | undefined) => !c || (c.who === 'learner' && c.ways.length === 0 && !c.allergen);
  const rows = $derived(
    data.steps
      .map((step, i) => ({ ...step, n: i + 1, cells: data.learners.map((_, k) => come.parts[k]?.[i]) }))
      .filter((r) => !only || !r.cells.every(plain)),
  );
  let at = $state({ row: 0, column: 0 });
  const KEYS: [string, string][] = [
    ['← ↑ → ↓', 'from cell to cell'],
    ['Enter', 'open the learner’s steps'],
    ['Ctrl + P', 'print'],
    ['?', 'this sheet'],
  ];
  const MOVES = new Map<string, [number, number]>([
    ['ArrowUp', [-1, 0]],
    ['ArrowDown', [1, 0]],
    ['ArrowLeft', [0, -1]],
    ['ArrowRight', [0, 1]],
  ]);
  function onkeydown(event: KeyboardEvent & { currentTarget: HTMLElement }) {
    const move = MOVES.get(event.key);
    if (!move) return;
    event.preventDefault();
    const row = Math.min(Math.max(at.row + move[0], 0), rows.length - 1);
    const column = Math.min(Math.max(at.column + move[1], 0), data.learners.length - 1);
    at = { row, column };
    event.currentTarget.closest('table')?.querySelector<HTMLElement>(`[data-cell="${row}-${column}"]`)?.focus();
  }
</script>

{#if data.version === null}
  <p class="mt-6">
    Nothing is published yet. <a href="../break-down">Check the steps and publish</a>; then they are fitted to each learner.
  </p>
{:else}
  <div class="screen-only mt-3 flex flex-wrap items-center gap-x-5 gap-y-2">
    <p>
      <a href="../fit">By learner</a> · <b>The whole class</b>
    </p>
    <label class="inline-flex min-h-9 items-center gap-2"
      ><input type="checkbox" class="size-5" bind:checked={only} /> only steps that differ</label
    >
    <p class="text-muted">
      <span aria-hidden="true">◐</span> with a partner · <span aria-hidden="true">●</span> an adult does it ·
      <span aria-hidden="true">▲</span> must not have it
    </p>
    <span class="ml-auto flex items-center gap-2"
      ><button type="button" class="btn" onclick={() => print()}>Print</button><Keys keys={KEYS} /></span
    >
  </div>
  <p role="status" class="min-h-6 text-muted">
    {#if !come.all}{come.here} of {data.learners.length} learners so far …{/if}
    {#if late.length > 0}<span class="problem">Fitting takes too long for {late.join(', ')}: open each by itself.</span>{/if}
  </p>
  {#if come.all && clashes.length > 0}
    <section aria-label="Wanted by several at once" class="mt-3 border-l-[6px] border-line pl-4">
      {#each clashes.slice(0, 5) as c (c.tool + c.names.join())}
        <p>
          <b>{c.count === 1 ? 'One' : c.count} {c.tool}?</b>
          {c.names.join(' and ')} want it at the same {c.steps === 1 ? 'step' : `${c.steps} steps`}: one after the other, or one more.
        </p>
      {/each}
      <p><a href="/kitchen#how-many">How many of each there are</a></p>
    </section>
  {/if}
  <div class="mt-3 overflow-x-auto">
    <table class="w-full border-collapse text-left text-[0.9rem]">
      <thead>
        <tr class="border-b-[3px] border-ink">
          <th class="py-2 pr-3">Step</th>
          {#each data.learners as l (l.id)}<th class="min-w-28 px-2 py-2"><a href="../fit?learner={l.id}">{l.name}</a></th>{/each}
        </tr>
      </thead>
      <tbody>
        {#each rows as r, i (r.key)}
          <tr class="border-b border-line align-top">
            <th scope="row" class="max-w-72 min-w-44 py-2 pr-3 font-normal"><span class="text-muted tabular-nums">{r.n}</span> {r.text}</th>
            {#each r.cells as c, k (k)}
              <td class="px-2 py-2 {c?.who === 'adult' ? 'bg-line/50' : ''}">
                <a
                  href="../fit?learner={data.learners[k]?.id}"
                  class="block min-h-6 text-ink no-underline"
                  data-cell="{i}-{k}"
                  tabindex={at.row === i && at.column === k ? 0 : -1}
                  {onkeydown}
                  onfocus={() => (at = { row: i, column: k })}
                  aria-label="{data.learners[k]?.name}, step {r.n}: {c ? inWords(c) : 'not fitted yet'}"
                >
                  {#if !c}<span class="text-muted">…</span>
                  {:else}
                    {#if SIGN[c.who]}<span>{SIGN[c.who]}</span>{/if}
                    {#if c.allergen}<span class="hazard">▲</span>{/if}
                    {c.ways.join(', ')}{#if plain(c)}<span class="text-muted">·</span>{/if}
                  {/if}
                </a>
              </td>
            {/each}
          </tr>
        {/each}
      </tbody>
    </table>
  </div>
  {#if come.all && rows.length === 0}<p class="mt-4">Everybody does every step as the class does, as far as was asked.</p>{/if}
{/if}
