<!-- Who does what of a dish that is shared: runs of one hand on one thing, each to be given to another. -->
<script lang="ts">
  import type { Place } from '$lib/server/class-lessons';
  type Run = { key: string; text: string; phase: string; minutes: number }[];
  type Props = {
    runs: Run[];
    lessonId: string;
    /** Everybody at all recipes of the lesson. */
    people: Place[];
    nameOf: (id: string) => string;
    busy: boolean;
    onchange: () => void;
    onagain: () => void;
  };
  let { runs, lessonId, people = $bindable(), nameOf, busy, onchange, onagain }: Props = $props();
  const there = $derived(people.filter((p) => p.lessonId === lessonId && p.presence !== 'absent'));
  const teams = $derived([...new Set(there.map((p) => p.team ?? 0))]);
  const team = (n: number) => there.filter((p) => (p.team ?? 0) === n);
  const has = (p: Place, run: Run) => run.every((s) => p.share?.includes(s.key));
  /** Whose a run is within a team: a learner's id, 'each', 'adult', or 'several' where its steps are not one person's. */
  function ownerOf(run: Run, of: Place[]): string {
    const owners = of.filter((p) => has(p, run));
    if (owners.length === of.length && of.length > 1) return 'each';
    if (owners.length === 1) return owners[0].learnerId;
    return of.some((p) => run.some((s) => p.share?.includes(s.key))) ? 'several' : 'adult';
  }
  function give(run: Run, of: Place[], to: string) {
    const keys = new Set(run.map((s) => s.key));
    for (const p of of) {
      const rest = (p.share ?? []).filter((key) => !keys.has(key));
      p.share = to === 'each' || to === p.learnerId ? [...rest, ...keys] : rest;
    }
    onchange();
  }
  const minutesOf = (p: Place) => runs.flat().reduce((sum, s) => sum + (p.share?.includes(s.key) ? s.minutes : 0), 0);
</script>

<details class="mt-2">
  <summary class="min-h-11 py-2 font-semibold">
    {busy
      ? 'Sharing out …'
      : `Who does what: ${there.map((p) => `${nameOf(p.learnerId)} ${p.share?.length ?? 0} steps, ${minutesOf(p)} min`).join(' · ')}`}
  </summary>
  <p class="flex flex-wrap items-center gap-3 text-sm text-muted">
    Given to whoever may do it by his own fit, has a rung to reach in it, and has had least. A step that is somebody else’s is no
    opportunity.
    <button type="button" class="btn" disabled={busy} onclick={onagain}>{busy ? 'Sharing out …' : 'Share out anew'}</button>
  </p>
  <div class="overflow-x-auto">
    <table class="mt-1 w-full text-left">
      <thead class="sr-only"
        ><tr
          ><th scope="col">Steps</th>{#each teams as n (n)}<th scope="col">Team {n + 1}</th>{/each}</tr
        ></thead
      >
      <tbody>
        {#each runs as run (run[0].key)}
          <tr class="border-t border-line align-top">
            <th scope="row" class="py-1 pr-4 font-normal" dir="auto"
              >{run[0].text}{#if run.length > 1}<span class="text-muted"> and {run.length - 1} more</span>{/if}</th
            >
            {#each teams as n (n)}
              {@const of = team(n)}
              {@const owner = ownerOf(run, of)}
              <td class="w-40 py-1"
                ><select
                  class="field"
                  disabled={busy}
                  aria-label="Who: {run[0].text}"
                  value={owner}
                  onchange={(e) => give(run, of, e.currentTarget.value)}
                >
                  {#each of as p (p.learnerId)}<option value={p.learnerId}>{nameOf(p.learnerId)}</option>{/each}
                  <option value="each">each for himself</option><option value="adult">an adult</option>
                  {#if owner === 'several'}<option value="several" disabled>shared by step</option>{/if}
                </select></td
              >
            {/each}
          </tr>
        {/each}
      </tbody>
    </table>
  </div>
</details>
