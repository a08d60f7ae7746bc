<!-- Every step by every lesson, with the aim and why; in the order of cooking, or by what needs teaching. -->
<script lang="ts">
  import { heightOf, OTHER_CODES, type Hierarchy, type YellowRung } from '$core';
  import Hazards from '$lib/ui/Hazards.svelte';
  import LevelMark from '$lib/ui/LevelMark.svelte';
  import { Near } from '$lib/ui/near.svelte';
  import { PHASE_NAMES, showDay } from '$lib/ui/words';
  import type { Hazard, Phase } from '$core';
  type Column = { id: string; day: string; phase: string; missed: boolean; hierarchy: Hierarchy };
  type Props = {
    steps: { key: string; text: string; phase: Phase; hazards: Hazard[] }[];
    columns: Column[];
    /** Of each step a code for each column, '' where nothing was recorded. */
    cells: Map<string, string[]>;
    rungs: Map<string, Pick<YellowRung, 'aim' | 'verdict' | 'reason'>>;
    hierarchy: Hierarchy;
    earlier: number;
  };
  let { steps, columns, cells, rungs, hierarchy, earlier }: Props = $props();
  const near = new Near();
  let order = $state<'cooked' | 'teach' | 'help'>('cooked');
  const VERDICTS = {
    up: 'one level less help',
    down: 'one level more help',
    stay: 'stay',
    there: 'on my own, keep it up',
    'not-enough': 'not enough yet',
  };
  /** What moves first; then what stays; what is there, and what nobody knows, last. */
  const TEACH = ['down', 'up', 'stay', 'not-enough', 'there'];
  const levelOf = (code: string, h: Hierarchy) => h.levels.find((l) => l.id === code) ?? OTHER_CODES.find((o) => o.id === code);
  const heightAt = (key: string) => heightOf(rungs.get(key)?.aim ?? '', hierarchy) ?? hierarchy.levels.length;
  const teachAt = (key: string) => TEACH.indexOf(rungs.get(key)?.verdict ?? 'not-enough');
  const rows = $derived(
    order === 'cooked'
      ? steps
      : [...steps].sort((a, b) =>
          order === 'teach' ? teachAt(a.key) - teachAt(b.key) || heightAt(a.key) - heightAt(b.key) : heightAt(a.key) - heightAt(b.key),
        ),
  );
</script>

<div class="mt-6 flex flex-wrap items-center gap-x-4 gap-y-2">
  <h2>Steps by lessons</h2>
  <label class="flex items-center gap-2"
    ><span class="text-sm text-muted">In which order</span>
    <select class="field w-auto!" bind:value={order}
      ><option value="cooked">as it is cooked</option><option value="teach">what needs teaching first</option><option value="help"
        >most help first</option
      ></select
    >
  </label>
  <p class="text-sm text-muted">{hierarchy.levels.map((l) => `${l.letter} ${l.name}`).join(' · ')}</p>
</div>
{#if earlier > 0}<p class="text-sm text-muted">The last {columns.length} lessons; {earlier} earlier ones are on the chart.</p>{/if}
<!-- a region that scrolls must be reachable by key -->
<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="relative mt-2 overflow-x-auto" tabindex="0" role="region" aria-label="Steps by lessons">
  <table class="w-full border-collapse">
    <thead>
      <tr class="border-b-[3px] border-ink text-sm">
        <th scope="col" class="sticky left-0 z-10 bg-paper py-1 pr-3 text-left">Step</th>
        {#each columns as l (l.id)}<th scope="col" class="px-1 py-1 text-center font-semibold whitespace-nowrap"
            >{showDay(l.day)}<span class="block font-normal text-muted"
              >{l.missed ? 'missed' : l.phase === 'baseline' ? 'base' : l.phase === 'intervention' ? 'teach' : l.phase.slice(0, 5)}</span
            ></th
          >{/each}
        <th scope="col" class="py-1 pl-4 text-left">Aim, and why</th>
      </tr>
    </thead>
    <tbody>
      {#each rows.slice(0, near.count) as step, i (step.key)}
        {@const rung = rungs.get(step.key)}
        {#if order === 'cooked' && (i === 0 || rows[i - 1]?.phase !== step.phase)}
          <tr><th colspan={columns.length + 2} scope="colgroup" class="pt-3 pb-1 text-left">{PHASE_NAMES[step.phase]}</th></tr>
        {/if}
        <tr class="border-b border-line align-middle">
          <th scope="row" class="sticky left-0 z-10 max-w-80 min-w-36 bg-paper py-1 pr-3 text-left font-normal" dir="auto"
            >{step.text}
            {#if step.hazards.some((h) => h !== 'allergen')}<span class="text-sm"
                ><Hazards hazards={step.hazards.filter((h) => h !== 'allergen')} /></span
              >{/if}</th
          >
          {#each columns as l, at (l.id)}
            {@const code = cells.get(step.key)?.[at]}
            <td class="px-1 py-1 text-center">
              {#if code}
                {@const height = heightOf(code, l.hierarchy)}
                {@const level = levelOf(code, l.hierarchy)}
                {#if height === null}<span class="text-sm text-muted" title={level?.name}
                    >{level?.letter ?? '?'}<span class="sr-only"> {level?.name}</span></span
                  >
                {:else}<LevelMark
                    {height}
                    top={l.hierarchy.levels.length - 1}
                    letter={level?.letter ?? '?'}
                    name={level?.name ?? code}
                  />{/if}
              {:else}<span class="sr-only">nothing recorded</span>{/if}
            </td>
          {/each}
          <td class="min-w-60 py-1 pl-4">
            {#if rung && rung.aim}
              {@const level = levelOf(rung.aim, hierarchy)}
              <span class="flex items-center gap-3">
                <LevelMark
                  height={heightOf(rung.aim, hierarchy) ?? 0}
                  top={hierarchy.levels.length - 1}
                  letter={level?.letter ?? '?'}
                  name={level?.name ?? ''}
                />
                <span class="leading-tight"
                  ><b>{level?.name}</b>: {VERDICTS[rung.verdict]}<span class="block text-sm text-muted">{rung.reason}</span></span
                >
              </span>
            {:else}<span class="text-sm text-muted">{rung?.reason ?? 'not enough yet'}</span>{/if}
          </td>
        </tr>
      {/each}
    </tbody>
  </table>
</div>
