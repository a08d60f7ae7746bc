<!-- One thing over the lessons: a chart, a row of lessons to go along by key, and what was recorded in the one that is chosen. -->
<script lang="ts">
  import type { AimLine, SeriesPoint } from '$core';
  import type { Chart } from './chart';
  import { chartOf, valueText } from './series';
  import { changeName, LEARNING_PHASES, showDay } from './words';
  import type { Snippet } from 'svelte';
  type Props = {
    points: SeriesPoint[];
    aim?: AimLine | null;
    /** What counts: "with no help". */
    level?: string;
    name: string;
    theme: string;
    /** What else is shown of the lesson that is chosen. */
    below?: Snippet<[SeriesPoint]>;
  };
  let { points, aim = null, level = 'with no help', name, theme, below }: Props = $props();
  let chart = $state.raw<Chart>();
  let colours = $state.raw({ ink: '#1e2528', muted: '#4a5560', line: '#d9d2c3', act: '#0b5c7a', paper: '#fff' });
  let at = $state<number | null>(null);
  /** Made when somebody asks for it: years of lessons are a long table. */
  let isTable = $state(false);
  const chosen = $derived(at === null ? null : (points[at] ?? null));
  const phaseName = (p: SeriesPoint) => LEARNING_PHASES.find(([id]) => id === p.phase)?.[1].name ?? p.phase;
  const text = (p: SeriesPoint) =>
    `${showDay(p.day)}, ${phaseName(p)}: ${valueText(p)}${p.changes.length ? `. Changed: ${p.changes.map(changeName).join(', ')}` : ''}`;

  function attach(node: HTMLElement) {
    let gone = false;
    const style = getComputedStyle(node);
    const read = (name: string) => style.getPropertyValue(name).trim();
    colours = { ink: read('--ink'), muted: read('--muted'), line: read('--line'), act: read('--act'), paper: read('--paper') };
    void import('./chart').then((m) => {
      if (!gone) chart = m.mount(node, (i) => (at = i));
    });
    return () => {
      gone = true;
      chart?.dispose();
      chart = undefined;
    };
  }
  $effect(() => chart?.setOption(chartOf(points, aim, at, level, colours)));
  const spoken = $derived(`${name} over ${points.length} lessons: ${points.map((p) => `${showDay(p.day)} ${valueText(p)}`).join('; ')}.`);
</script>

{#key theme}
  <div {@attach attach} role="img" aria-label={spoken} class="h-72 w-full overflow-hidden" data-testid="chart"></div>
{/key}
<p class="screen-only flex flex-wrap items-center gap-x-5 text-sm text-muted">
  <span><span aria-hidden="true">●</span> {level}</span><span><span aria-hidden="true">△</span> help score</span>
  {#if aim}<span><span aria-hidden="true">⋯</span> aim line</span>{/if}
</p>
{#if points.length > 1}
  <label class="screen-only mt-1 flex items-center gap-3">
    <span class="text-sm whitespace-nowrap text-muted">Go along the lessons</span>
    <input
      type="range"
      class="w-full accent-[var(--act)]"
      min="0"
      max={points.length - 1}
      value={at ?? points.length - 1}
      aria-valuetext={text(points[at ?? points.length - 1]!)}
      oninput={(e) => (at = Number(e.currentTarget.value))}
    />
  </label>
{/if}
<div aria-live="polite">
  {#if chosen}
    <p class="mt-1"><b>{text(chosen)}</b></p>
    {#if below && !chosen.missed}{@render below(chosen)}{/if}
  {/if}
</div>
<details class="screen-only mt-2" bind:open={isTable}>
  <summary>The same as a table</summary>
  {#if isTable}<table class="mt-1 border-collapse">
      <thead>
        <tr class="border-b-2 border-ink text-left text-sm"
          ><th class="py-1 pr-6">Lesson</th><th class="pr-6">Phase</th><th class="pr-6 text-right">{level}</th><th class="pr-6 text-right"
            >Steps</th
          ><th class="pr-6 text-right">Help score</th><th>Changed with it</th></tr
        >
      </thead>
      <tbody>
        {#each points as p (p.lessonId)}
          <tr class="border-b border-line tabular-nums">
            <th scope="row" class="py-1 pr-6 text-left font-normal">{showDay(p.day)}</th>
            <td class="pr-6">{p.missed ? 'missed' : phaseName(p)}</td>
            <td class="pr-6 text-right">{p.share === null ? '' : `${Math.round(p.share)} %`}</td>
            <td class="pr-6 text-right">{p.missed ? '' : `${p.reached} of ${p.score.opportunities}`}</td>
            <td class="pr-6 text-right">{p.missed || p.score.help === null ? '' : `${Math.round(p.score.help)} %`}</td>
            <td>{p.changes.map(changeName).join(', ')}</td>
          </tr>
        {/each}
      </tbody>
    </table>{/if}
</details>
