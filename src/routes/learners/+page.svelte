<script lang="ts">
  import Face from '$lib/ui/Face.svelte';
  import PutAway from '$lib/ui/PutAway.svelte';
  import { enhance } from '$app/forms';
  import { showAllergen } from '$core';
  import { DEMAND_NAMES, HAZARDS, HOW_NAMES } from '$lib/ui/words';
  let { data, form } = $props();
  const mayAdd = $derived(data.may.includes('learners'));
  const here = $derived(data.learners.filter((l) => !l.putAway));
  const away = $derived(data.learners.filter((l) => l.putAway));
  type Row = (typeof data.learners)[number];
  const SHOWN = 4;
  /** "Without two hands, sight; limited reach." */
  function needsOf(l: Row): string {
    const parts = (['absent', 'avoid', 'limited'] as const).flatMap((how) => {
      const names = [...new Set(l.needs.filter((n) => n.how === how).map((n) => DEMAND_NAMES[n.demand]))];
      return names.length
        ? [`${HOW_NAMES[how]}: ${names.slice(0, SHOWN).join(', ')}${names.length > SHOWN ? ` and ${names.length - SHOWN} more` : ''}`]
        : [];
    });
    return [...parts, ...(l.hand === 'left' ? ['left hand leads'] : [])].join('; ');
  }
</script>

<h1 class="mt-4">Learners</h1>
<p class="mt-1 max-w-prose text-muted">A short name and how each works. No diagnosis is asked for, and none has a place here.</p>

{#if mayAdd}
  <form method="POST" action="?/add" use:enhance class="mt-4 flex flex-wrap items-end gap-3">
    <input type="hidden" name="class" value={data.class} />
    <label class="block"
      ><span class="block text-sm text-muted">New learner, short name</span><input
        class="field w-56!"
        name="name"
        maxlength="40"
        required
        autocomplete="off"
      /></label
    >
    <button class="btn btn-act">Add</button>
    <p class="problem min-h-6" role="alert">{form?.problem ?? ''}</p>
  </form>
{/if}

<ul class="mt-4 max-w-5xl border-t-[3px] border-ink">
  {#each here as learner, i (learner.id)}
    <li class="grid items-center gap-x-6 gap-y-1 border-b border-line py-3 sm:grid-cols-[10rem_1fr_auto]">
      <a href="/learners/{learner.id}" class="flex items-center gap-3 text-lg font-bold"
        ><Face at={data.faces.get(learner.id)} class="size-12" />{learner.name}</a
      >
      <div>
        {#if !learner.readable}<p class="problem">What is stored of this learner cannot be read. Tell whoever looks after the program.</p>
        {:else}
          <p>{needsOf(learner) || (learner.answered ? 'Nothing stands in the way so far.' : 'Nothing asked yet.')}</p>
          {#if learner.allergies.length || learner.never.length}
            <p class="hazard">
              <span aria-hidden="true">▲</span>
              {[
                ...(learner.allergies.length ? [`must not have ${learner.allergies.map(showAllergen).join(', ')}`] : []),
                ...(learner.never.length ? [`never ${learner.never.map((h) => HAZARDS[h].name).join(', ')}`] : []),
              ].join('; ')}
            </p>
          {/if}
          {#if learner.planNotes}<p class="text-muted">{learner.planNotes}</p>{/if}
        {/if}
        <a class="inline-flex min-h-11 items-center" href="/learners/{learner.id}/look-back"
          >What is next<span class="sr-only"> for {learner.name}</span></a
        >
      </div>
      {#if mayAdd}<div class="flex items-center">
          <form method="POST" action="?/move" use:enhance class="flex">
            <input type="hidden" name="id" value={learner.id} />
            <button class="btn btn-quiet" name="by" value="up" disabled={i === 0} aria-label="{learner.name} up">↑</button>
            <button class="btn btn-quiet" name="by" value="down" disabled={i === here.length - 1} aria-label="{learner.name} down">↓</button
            >
          </form>
          <form method="POST" action="?/put-away" use:enhance>
            <input type="hidden" name="id" value={learner.id} />
            <button class="btn btn-quiet" name="away" value="yes">Put away<span class="sr-only"> {learner.name}</span></button>
          </form>
        </div>{/if}
    </li>
  {/each}
</ul>
{#if here.length === 0}<p class="mt-4">No learner yet. A short name is enough to begin.</p>{/if}

<PutAway things={away} may={mayAdd}>
  {#snippet row(learner)}
    {learner.name}
    {#if data.may.includes('erase')}<a class="ml-auto inline-flex min-h-11 items-center" href="/learners/{learner.id}/erase"
        >Erase<span class="sr-only"> {learner.name}</span></a
      >{/if}
  {/snippet}
</PutAway>
