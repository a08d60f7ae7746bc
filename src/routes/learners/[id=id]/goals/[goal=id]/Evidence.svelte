<!-- The single-case figures of a goal, each with what it is, how many lessons it rests on, and what it hides. -->
<script lang="ts">
  import type { Agreement, Figures } from '$core';
  import { WARNING_NAMES } from '$lib/ui/words';
  let { figures, agreement }: { figures: Figures; agreement: (Agreement & { share: number; lessons: number }) | null } = $props();
  const two = (n: number | null) => (n === null ? '–' : n.toFixed(2));
  const whole = (n: number | null) => (n === null ? '–' : `${Math.round(n)} %`);
  const { before, after } = $derived(figures);
  const rows = $derived([
    [
      'NAP',
      two(figures.nap),
      'Share of all pairs of a baseline and a later lesson in which the later is higher; a tie counts half. 0.5 is chance.',
      'Parker & Vannest 2009',
    ],
    ['Tau', two(figures.tau), 'Higher less lower pairs, of all pairs.', 'Parker, Vannest, Davis & Sauber 2011'],
    [
      'Tau-U (A vs B – trend A)',
      two(figures.tauU),
      'The same, less what the baseline was rising by itself. This variant can pass 1.',
      'Parker, Vannest, Davis & Sauber 2011',
    ],
    [
      'PND',
      whole(figures.pnd),
      'Share of later lessons above the highest baseline lesson. One high baseline lesson decides it.',
      'Scruggs, Mastropieri & Casto 1987',
    ],
    ['Overlap', whole(figures.overlap), 'Share of later lessons within the range of the baseline.', 'common practice'],
  ]);
  const stretches = $derived([
    ['Level, the middle', whole(before.median), whole(after.median)],
    ['Level, the mean', whole(before.mean), whole(after.mean)],
    ['Lowest to highest', range(before), range(after)],
    ['Trend a lesson (Theil-Sen)', slope(before.slope), slope(after.slope)],
    ['Within a quarter of the middle', whole(before.near), whole(after.near)],
  ]);
  function range(s: { lowest: number | null; highest: number | null }) {
    return s.lowest === null || s.highest === null ? '–' : `${Math.round(s.lowest)} to ${Math.round(s.highest)} %`;
  }
  function slope(n: number | null) {
    return n === null ? '–' : `${n >= 0 ? '+' : '−'}${Math.abs(n).toFixed(1)} points`;
  }
</script>

<details class="mt-5 max-w-4xl">
  <summary>Figures for those who want them: {before.n} baseline lessons, {after.n} later</summary>
  {#if figures.warnings.length > 0}
    <ul class="mt-2 list-disc pl-5">
      {#each figures.warnings as warning (warning)}<li>{WARNING_NAMES[warning]}</li>{/each}
    </ul>
  {/if}
  <table class="mt-2 w-full border-collapse">
    <thead>
      <tr class="border-b-2 border-ink text-left text-sm"
        ><th class="py-1 pr-4">Figure</th><th class="pr-4 text-right">Value</th><th class="pl-4">What it is</th><th class="pl-4">Source</th
        ></tr
      >
    </thead>
    <tbody>
      {#each rows as [name, value, what, source] (name)}
        <tr class="border-b border-line align-top"
          ><th scope="row" class="py-1 pr-4 text-left font-semibold">{name}</th><td class="pr-4 text-right tabular-nums">{value}</td><td
            class="pl-4">{what}</td
          ><td class="pl-4 text-sm text-muted">{source}</td></tr
        >
      {/each}
    </tbody>
  </table>
  <table class="mt-4 border-collapse">
    <thead>
      <tr class="border-b-2 border-ink text-left text-sm"
        ><th class="py-1 pr-6"></th><th class="pr-6 text-right">Baseline (n = {before.n})</th><th class="text-right"
          >After (n = {after.n})</th
        ></tr
      >
    </thead>
    <tbody>
      {#each stretches as [name, a, b] (name)}
        <tr class="border-b border-line tabular-nums"
          ><th scope="row" class="py-1 pr-6 text-left font-normal">{name}</th><td class="pr-6 text-right">{a}</td><td class="text-right"
            >{b}</td
          ></tr
        >
      {/each}
    </tbody>
  </table>
  <p class="mt-3">
    {#if agreement}
      Agreement of two observers: {whole(agreement.percent)} point by point, {agreement.same} of {agreement.both} steps{agreement.independent ===
      null
        ? ''
        : `; ${whole(agreement.independent)} on “independent”`}{agreement.kappa === null ? '' : `; Cohen’s kappa ${two(agreement.kappa)}`}.
      Scored twice: {whole(agreement.share)} of {agreement.lessons} lessons. 80 % is the usual floor, 20 % of lessons the usual share (common
      practice).
    {:else}No lesson was scored by a second adult: nothing is known of how well two agree.{/if}
  </p>
</details>
