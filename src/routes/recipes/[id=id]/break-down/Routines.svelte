<!-- Runs of steps that the class keeps for every recipe: save one, put one in, take an improvement over. -->
<script lang="ts">
  import { routineState, routineSteps, type Step } from '$core';
  import { newId } from '$lib/id';
  import { invalidateAll } from '$app/navigation';
  import { getDesk } from './desk.svelte';
  const desk = getDesk();
  const { editor } = desk;
  type Routine = (typeof desk.sent.routines)[number];
  const routines = $derived(desk.sent.routines);
  const settled = $derived(desk.sent.draft.routines);
  let name = $state('');
  let from = $state('');
  let to = $state('');
  let problem = $state('');
  const url = () => `${location.pathname}/routine`;
  const states = $derived(routines.map((r) => ({ ...r, state: routineState(editor.steps, r) })));
  const between = $derived.by(() => {
    const a = editor.steps.findIndex((s) => s.key === (from || editor.selected));
    const b = editor.steps.findIndex((s) => s.key === (to || from || editor.selected));
    return a < 0 || b < 0 ? [] : editor.steps.slice(Math.min(a, b), Math.max(a, b) + 1);
  });

  async function put(routine: { id: string; revision: number; name: string; steps: Step[] }): Promise<boolean> {
    const response = await fetch(url(), {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(routine),
    }).catch(() => null);
    const answer = ((await response?.json().catch(() => null)) ?? {}) as { problems?: object; message?: string };
    problem = response?.ok
      ? ''
      : ((Object.values(answer.problems ?? {})[0] as string | undefined) ?? answer.message ?? 'The server cannot be reached. Try again.');
    return response?.ok ?? false;
  }
  async function save(event: SubmitEvent) {
    event.preventDefault();
    const id = newId();
    const steps = routineSteps(id, between);
    const run = between;
    if (!(await put({ id, revision: 0, name, steps }))) return;
    editor.becomeRoutine(run, steps);
    desk.said = `“${name}” is kept for the class.`;
    name = from = to = '';
    await invalidateAll();
  }
  /** The steps as they are here become the routine; every other recipe that has it is offered the change. */
  async function improve(routine: Routine) {
    const mine = editor.routineHere(routine.id);
    if (!(await put({ id: routine.id, revision: routine.revision, name: routine.name, steps: routineSteps(routine.id, mine) }))) return;
    desk.said = `“${routine.name}” is now as it is here. Other recipes that use it are asked whether they take it over.`;
    await invalidateAll();
  }
  async function leave(routine: Routine) {
    const response = await fetch(url(), {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ id: routine.id }),
    }).catch(() => null);
    problem = response?.ok ? '' : 'The server cannot be reached. Try again.';
    if (response?.ok) await invalidateAll();
  }
  function take(routine: Routine) {
    editor.takeRoutine(routine);
    desk.said = `Taken over from “${routine.name}”. Undo brings the old steps back.`;
    void leave(routine);
  }
</script>

{#each states as routine (routine.id)}
  <div class="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-line py-1.5">
    <p class="min-w-60 flex-1">
      <b>{routine.name}</b>, {routine.steps.length}
      {routine.steps.length === 1 ? 'step' : 'steps'}
      <span class="text-muted"
        >{#if routine.state === 'same'}in these steps, as the class has it{:else if routine.state === 'differs'}{settled.get(routine.id) ===
          routine.revision
            ? 'in these steps, with changes of their own'
            : 'in these steps, but not as the class has it now'}{/if}</span
      >
    </p>
    {#if routine.state === 'differs'}
      <button type="button" class="btn" onclick={() => take(routine)}>Take the class’s over</button>
      <button type="button" class="btn" onclick={() => improve(routine)}>Make this the class’s</button>
      {#if settled.get(routine.id) !== routine.revision}<button type="button" class="btn btn-quiet" onclick={() => leave(routine)}
          >Leave as it is</button
        >{/if}
    {/if}
    <button
      type="button"
      class="btn {routine.state === 'differs' ? 'btn-quiet' : ''}"
      onclick={() => {
        editor.insertRoutine(editor.selected, routine);
        desk.said = `“${routine.name}” stands behind the chosen step.`;
      }}>Put behind the chosen step</button
    >
  </div>
{:else}
  <p class="text-muted">
    The class keeps no routine of its own yet. Washing hands your way, or how this kitchen clears up, is a good first one.
  </p>
{/each}
<form class="mt-3 flex flex-wrap items-end gap-x-3 gap-y-2" onsubmit={save}>
  <label class="min-w-40 flex-1"
    ><span class="block text-sm text-muted">From step</span>
    <select class="field" value={from || editor.selected} onchange={(e) => (from = e.currentTarget.value)}>
      {#each editor.steps as step, i (step.key)}<option value={step.key}>{i + 1}. {step.text}</option>{/each}
    </select></label
  >
  <label class="min-w-40 flex-1"
    ><span class="block text-sm text-muted">to step</span>
    <select class="field" value={to || from || editor.selected} onchange={(e) => (to = e.currentTarget.value)}>
      {#each editor.steps as step, i (step.key)}<option value={step.key}>{i + 1}. {step.text}</option>{/each}
    </select></label
  >
  <label class="min-w-40 flex-1"
    ><span class="block text-sm text-muted">Name of the routine</span>
    <input class="field" bind:value={name} maxlength="80" required dir="auto" /></label
  >
  <button class="btn">Keep {between.length} {between.length === 1 ? 'step' : 'steps'}</button>
</form>
<p role="status">
  {#if problem}<span class="problem">{problem}</span>{/if}
</p>
