<!-- Below the lanes: what a plan does not give, and what would make the lesson shorter. -->
<script lang="ts">
  import type { PlanView } from '$core';
  import { findingLines, leverText, minutes, short, type Names } from './say-plan';
  import type { PulledLever } from './plan.worker';
  type Props = {
    view: PlanView;
    /** Null while they are worked out. */
    levers: PulledLever[] | null;
    names: Names;
    lesson: string;
    /** Some paces come from records. */
    timed: boolean;
    /** Where each dish can be left until another lesson. */
    dishes: { title: string; words: [string, string][]; stops: { afterKey: string; minutesSoFar: number; keep: string }[] }[];
    onpull: (lever: PulledLever) => void;
    /** Where dishes are made in pairs: who with whom is worked out anew. */
    onregroup: (() => void) | null;
    onagain: () => void;
  };
  let { view, levers, names, lesson, timed, dishes, onpull, onregroup, onagain }: Props = $props();
  // what cannot be stands above the lanes
  const lines = $derived(
    findingLines(
      view.findings.filter((f) => f.kind !== 'cannot'),
      names,
      view.bound,
    ),
  );
  const isHere = ({ lever: { what } }: PulledLever) => what === 'set-out' || what === 'cold-work' || what === 'washing-up';
  const isShare = ({ lever: { what } }: PulledLever) => what === 'pairs' || what === 'one-dish';
  const isLong = $derived(view.findings.some((f) => f.kind === 'cannot' || f.kind === 'over'));
  /** For each dish the stop nearest to half of it. */
  const stops = $derived(
    dishes.flatMap((d) => {
      const half = (d.stops.at(-1)?.minutesSoFar ?? 0) / 2;
      const best = [...d.stops].sort((a, b) => Math.abs(a.minutesSoFar - half) - Math.abs(b.minutesSoFar - half))[0];
      const after = best && d.words.find(([key]) => key === best.afterKey)?.[1];
      return best && after ? [{ title: d.title, after: short(after), keep: best.keep }] : [];
    }),
  );
</script>

<div class="mt-4 grid gap-x-8 gap-y-4 lg:grid-cols-2">
  <section aria-labelledby="not-given">
    <h2 id="not-given">What this plan does not give</h2>
    {#if lines.length === 0}
      <p class="mt-1">Nothing else: everybody gets each rung to reach, and nothing gets cold.</p>
    {:else}
      <ul class="mt-1 border-t border-line">
        {#each lines as line (line)}<li class="border-b border-line py-1.5">{line}</li>{/each}
      </ul>
    {/if}
    <p class="mt-2 text-sm text-muted">
      At the very best this lesson takes {minutes(view.bound.minutes)}. Times are {timed
        ? 'from this class’s own records where there are some'
        : 'first figures: an adult’s times three'}.
    </p>
  </section>
  <section aria-labelledby="shorter">
    <h2 id="shorter">What would make it shorter</h2>
    {#if levers === null}
      <p class="mt-1 text-muted">Working it out …</p>
    {:else if levers.length === 0}
      <p class="mt-1">Nothing that was tried.</p>
    {:else}
      <ul class="mt-1 border-t border-line">
        {#each levers as l, i (i)}
          <li class="flex min-h-12 items-center gap-3 border-b border-line py-1">
            <span class="flex-1">{leverText(l, names)}</span>
            {#if isHere(l)}<button type="button" class="btn" onclick={() => onpull(l)}>Do that</button>
            {:else if isShare(l)}<a class="btn" href="/lessons/{lesson}">To the lesson</a>{/if}
          </li>
        {/each}
      </ul>
    {/if}
    {#if isLong}
      {#each stops as s, i (i)}
        <p class="mt-2"><b>In two lessons</b>: stop {s.title} after “{s.after}”. {s.keep}</p>
      {/each}
    {/if}
    {#if onregroup}<button type="button" class="btn mt-3" onclick={onregroup}>Pairs for the rungs to reach</button>{/if}
    <button type="button" class="btn mt-3" onclick={onagain}>Another plan</button>
  </section>
</div>
