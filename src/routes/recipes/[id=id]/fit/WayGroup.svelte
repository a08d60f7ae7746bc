<!-- One way, with the steps that it serves: what stands in the way, what is proposed and what it costs; kept, refused, and the next best. -->
<script lang="ts">
  import { enhance } from '$app/forms';
  import { toolById, type Adapted } from '$core';
  import Picture from '$lib/ui/Picture.svelte';
  import Hazards from '$lib/ui/Hazards.svelte';
  type Way = Adapted & { kept: { by: string; at: string } | null; say: string; ask: string | null; caution: string | null };
  type Group = {
    id: string;
    who: 'learner' | 'shared' | 'adult';
    change: 'none' | 'accommodation' | 'modification';
    ways: Way[];
    others: { ways: Adapted[]; who: 'learner' | 'shared' | 'adult'; worse: string }[];
    next: { from: string; id: string; name: string } | null;
    steps: { key: string; text: string; why: string; still: ('hot' | 'sharp')[] | readonly string[]; part: string | null }[];
  };
  type Props = { group: Group; /** Its first step, as the learner does it. */ picture: string; learner: string; by: string; name: string };
  let { group, picture, learner, by, name }: Props = $props();
  const WHO = { learner: '', shared: 'a partner does a part', adult: 'an adult does it' } as const;
  const PLACE = {
    here: 'is here',
    'stand-in': 'a household thing stands in',
    'not-known': 'is it here? nobody has said',
    lacking: 'is not here',
  } as const;
  const kept = $derived(group.ways.length > 0 && group.ways.every((w) => w.kept));
  const title = $derived(group.who === 'adult' ? `An adult does it, ${name} has a part` : group.ways.map((w) => w.name).join(' + '));
  const first = $derived(group.steps[0]!);
  const still = $derived([...new Set(group.steps.flatMap((s) => [...s.still]))] as import('$core').Hazard[]);
</script>

<article class="grid grid-cols-[5.25rem_1fr] gap-x-4 border-b border-line py-3 sm:grid-cols-[7.5rem_1fr]">
  <Picture svg={picture} class="w-full border border-line" />
  <div class="min-w-0">
    <div class="flex flex-wrap items-start gap-x-3">
      <h3 class="min-w-36 flex-1 text-[1.05rem] sm:min-w-56">
        {title}{#if group.who === 'shared'}<span class="font-normal text-muted">; {WHO.shared}</span>{/if}
      </h3>
      {#if group.ways.length > 0}
        <form method="POST" use:enhance>
          <input type="hidden" name="learner" value={learner} /><input type="hidden" name="by" value={by} />
          <input type="hidden" name="ways" value={group.ways.map((w) => w.id).join(' ')} />
          {#if kept}<span class="inline-flex min-h-9 items-center text-sm"
              >Kept{group.ways[0]!.kept?.by ? ` by ${group.ways[0]!.kept.by}` : ''}, {group.ways[0]!.kept?.at.slice(0, 10)}</span
            >
          {:else}<button class="btn min-h-9! py-0! text-sm" name="what" value="keep">Keep<span class="sr-only"> {title}</span></button>{/if}
        </form>
      {/if}
    </div>
    <p class="text-muted">{first.why}.</p>
    {#each group.ways as w (w.id)}
      {#if w.tools.length > 0 && w.where !== 'here'}<p>{w.tools.map((t) => toolById(t)?.name ?? t).join(', ')}: {PLACE[w.where]}</p>{/if}
      {#if w.caution}<p><span class="hazard"><span aria-hidden="true">▲</span> {w.caution}</span></p>{/if}
    {/each}
    {#if first.part && group.who === 'adult'}<p>{name}: {first.part}</p>{/if}
    {#if group.next}
      <form method="POST" use:enhance class="mt-1 flex flex-wrap items-center gap-2">
        <input type="hidden" name="learner" value={learner} /><input type="hidden" name="by" value={by} />
        <input type="hidden" name="ways" value={group.next.from} /><input type="hidden" name="text" value={group.next.id} />
        <span><b>Steady at this.</b> {name} did each of these steps alone in the last lessons. Next: {group.next.name.toLowerCase()}.</span>
        <button class="btn min-h-9! py-0! text-sm" name="what" value="next">Try it</button>
      </form>
    {/if}
    <details>
      <summary class="min-h-9 py-1"
        >{group.steps.length}
        {group.steps.length === 1 ? 'step' : 'steps'}{group.change === 'modification'
          ? ' · the skill changes: a phase line follows'
          : ''}</summary
      >
      <ul class="mt-1 mb-2 list-disc pl-6">
        {#each group.steps as s (s.key)}<li>{s.text} <span class="text-muted">{s.why}</span></li>{/each}
      </ul>
      {#if still.length > 0}<p>Still: <Hazards hazards={still} /></p>{/if}
      {#if group.others.length > 0}
        <p class="mt-1 font-semibold">Instead, but worse</p>
        <ul class="list-disc pl-6">
          {#each group.others as o, i (i)}<li>
              {o.ways.map((w) => w.name).join(' + ')} <span class="text-muted">({o.worse})</span>
            </li>{/each}
        </ul>
      {/if}
      <form method="POST" use:enhance class="mt-1 flex flex-wrap items-center gap-1">
        <input type="hidden" name="learner" value={learner} /><input type="hidden" name="by" value={by} />
        <input type="hidden" name="what" value="refuse" />
        {#each group.ways as w (w.id)}<button class="btn btn-quiet text-sm" name="ways" value={w.id}>Refuse: {w.name.toLowerCase()}</button
          >{/each}
      </form>
    </details>
  </div>
</article>
