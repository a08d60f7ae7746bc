<script lang="ts">
  import { Arriving } from '$lib/ui/arriving.svelte';
  let { data } = $props();
  const weighed = new Arriving<{ late: string | null }>(() => data.weighed);
  const late = $derived(weighed.parts.flatMap((part) => part?.late ?? []));
  const steps = (n: number) => (n === 1 ? '1 step' : `${n} steps`);
  const many = (n: number, one: string) => (n === 1 ? `1 ${one}` : `${n} ${one}s`);
</script>

<h1 class="mt-4">What should we buy?</h1>
<p class="mt-1 max-w-prose text-muted">
  Over {many(data.recipes, 'published recipe')} and {many(data.learners, 'learner')}: the few tools with which most steps are done alone,
  the skill unchanged, that are not now. What the kitchen is said to have, and what a household thing stands in for, is left out.
</p>
<p role="status" class="mt-2 min-h-6 text-muted">
  {#if !weighed.all}{weighed.here} of {many(data.recipes, 'recipe')} looked through …{/if}
</p>
{#await data.list then list}
  <ol class="mt-2 max-w-3xl border-t-[3px] border-ink">
    {#each list as p, i (p.id)}
      <li class="grid grid-cols-[2rem_1fr_auto] items-baseline gap-x-4 border-b border-line py-3">
        <span class="text-muted tabular-nums">{i + 1}</span>
        <span
          ><b>{p.name.charAt(0).toUpperCase() + p.name.slice(1)}</b> <span class="text-muted">{p.use}</span>{#if p.who.length > 0}<span
              class="block">for {p.who.join(', ')}</span
            >{/if}</span
        >
        <span class="text-right">{p.opens > 0 ? `opens ${steps(p.opens)}${i > 0 ? ' more' : ''}` : 'helps with the next one'}</span>
      </li>
    {/each}
  </ol>
  {#if list.length === 0}<p class="mt-3">Nothing that is not here would let anybody do more alone, as far as was asked.</p>{/if}
{:catch}<p class="problem">The tools could not be weighed. Open this page again.</p>
{/await}
{#each late as title (title)}<p class="problem mt-2">{title} takes too long to weigh and is left out.</p>{/each}
<p class="mt-4"><a href="/kitchen#adapted">Tell what the kitchen has</a></p>
