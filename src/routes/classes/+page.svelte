<script lang="ts">
  import PutAway from '$lib/ui/PutAway.svelte';
  import { enhance } from '$app/forms';
  let { data, form } = $props();
  const here = $derived(data.classes.filter((c) => !c.putAway));
  const away = $derived(data.classes.filter((c) => c.putAway));
  type Row = (typeof data.classes)[number];
  const others = (of: Row) => here.filter((c) => c.id !== of.id);
</script>

<div class="mt-4 flex flex-wrap items-baseline gap-x-6">
  <h1>Classes</h1>
  <a class="inline-flex min-h-11 items-center" href="/people">People</a>
</div>
<p class="mt-1 max-w-prose text-muted">Each has its kitchen, its learners and its lessons. Recipes are the whole school’s.</p>
<p class="problem mt-2 min-h-6" role="alert">{form?.problem ?? ''}</p>

<form method="POST" action="?/add" use:enhance class="flex flex-wrap items-end gap-3">
  <label class="block"
    ><span class="block text-sm text-muted">New class</span><input
      class="field w-56!"
      name="name"
      maxlength="60"
      required
      autocomplete="off"
    /></label
  >
  <button class="btn btn-act">Add</button>
</form>

<ul class="mt-5 max-w-4xl border-t-[3px] border-ink">
  {#each here as one (one.id)}
    <li class="border-b border-line py-3">
      <div class="flex flex-wrap items-center gap-x-6">
        <h2 class="w-full sm:w-auto">{one.name}</h2>
        <p class="min-w-52 flex-1 text-muted">{one.people.map((p) => p.name).join(', ') || 'Nobody teaches it yet.'}</p>
        <details>
          <summary>Change<span class="sr-only"> {one.name}</span></summary>
          <form method="POST" action="?/name" use:enhance class="mt-1 flex flex-wrap items-end gap-2">
            <input type="hidden" name="id" value={one.id} />
            <label
              ><span class="sr-only">Name of {one.name}</span><input
                class="field w-48!"
                name="name"
                maxlength="60"
                required
                value={one.name}
              /></label
            >
            <button class="btn">Rename</button>
          </form>
          <form method="POST" action="?/put-away" use:enhance class="mt-1">
            <input type="hidden" name="id" value={one.id} />
            <button class="btn btn-quiet" name="away" value="yes">Put away with its learners and lessons</button>
          </form>
        </details>
      </div>
      <form method="POST" action="?/move" use:enhance class="mt-1 flex flex-wrap items-center gap-x-5 gap-y-1">
        {#each one.learners as learner (learner.id)}
          {#if others(one).length > 0}<label class="inline-flex min-h-11 items-center gap-2"
              ><input type="checkbox" class="h-6 w-6" name="learner" value={learner.id} />{learner.name}</label
            >{:else}<span>{learner.name}</span>{/if}
        {:else}
          <span>No learner yet.</span>
        {/each}
        {#if one.learners.length > 0 && others(one).length > 0}
          <span class="flex flex-wrap items-center gap-2">
            <label
              ><span class="sr-only">Class that they move to</span><select class="field w-auto!" name="to"
                >{#each others(one) as other (other.id)}<option value={other.id}>{other.name}</option>{/each}</select
              ></label
            >
            <button class="btn">Move there<span class="sr-only"> from {one.name}</span></button>
          </span>
        {/if}
      </form>
    </li>
  {/each}
</ul>
{#if here.length > 1}<p class="mt-3 max-w-prose text-muted">
    Who moves takes all records along: the class that is left sees them no more. Lessons that have not begun go on without him or her.
  </p>{/if}

<PutAway things={away}>
  {#snippet row(one)}{one.name} <span class="text-muted">{one.learners.length} learners</span>{/snippet}
</PutAway>
