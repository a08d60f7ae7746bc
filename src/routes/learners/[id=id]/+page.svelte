<script lang="ts">
  import { GROUPS, type Hazard, type Profile } from '$core';
  import OwnLookForm from './OwnLookForm.svelte';
  import { invalidateAll } from '$app/navigation';
  import Face from '$lib/ui/Face.svelte';
  import Picture from '$lib/ui/Picture.svelte';
  import PhotoDialog from '$lib/ui/PhotoDialog.svelte';
  import type { OwnOf } from '$lib/ui/send-own';
  import SaveState from '$lib/ui/SaveState.svelte';
  import { Saver } from '$lib/ui/saver.svelte';
  import { HAZARDS } from '$lib/ui/words';
  let { data } = $props();
  // the page starts from what was loaded and then is the master
  // svelte-ignore state_referenced_locally
  let name = $state(data.learner.name);
  // svelte-ignore state_referenced_locally
  let planNotes = $state(data.learner.planNotes);
  // svelte-ignore state_referenced_locally
  let profile = $state(structuredClone(data.profile) as { -readonly [K in keyof Profile]: Profile[K][number][] });
  // svelte-ignore state_referenced_locally
  let screen = $state({ ...data.learner.screen });
  let photoOf = $state.raw<OwnOf | null>(null);
  const saver = new Saver(
    () => `/learners/${data.learner.id}/save`,
    () => ({ name: name.trim(), planNotes, profile: $state.snapshot(profile), screen: $state.snapshot(screen) }),
    // svelte-ignore state_referenced_locally
    data.learner.revision,
    null,
    150,
  );
  const answerOf = (q: string) => profile.answers.find((a) => a.q === q)?.a ?? '';
  function answer(q: string, a: string) {
    profile.answers = [...profile.answers.filter((x) => x.q !== q), ...(a ? [{ q, a }] : [])];
    saver.changed();
  }
  function allergy(id: Profile['allergies'][number], on: boolean) {
    profile.allergies = on ? [...profile.allergies, id] : profile.allergies.filter((a) => a !== id);
    saver.changed();
  }
  let rule = $state<{ hazard: Hazard | ''; said: string; again: string }>({ hazard: '', said: '', again: '' });
  let problem = $state('');
  function addRule() {
    if (!rule.hazard || !rule.said.trim()) {
      problem = rule.hazard ? 'Say who said so.' : 'Choose what is never to be.';
      return;
    }
    profile.never = [...profile.never, { hazard: rule.hazard, said: rule.said.trim(), again: rule.again }];
    rule = { hazard: '', said: '', again: '' };
    problem = '';
    saver.changed();
  }
  const wayName = (id: string) => data.ways.find((w) => w.way === id)?.name ?? id;
  const answered = $derived(profile.answers.length);
</script>

<div class="mt-3 flex flex-wrap items-center gap-x-5 gap-y-1">
  <Face at={data.face} class="size-12" />
  <h1>{name || data.learner.name}</h1>
  <span class="text-muted">{answered} of {data.questions.length} answered. Any order; what is not asked stays open.</span>
  <span class="ml-auto"><SaveState {saver} /></span>
</div>
{#if !data.learner.readable}<p class="problem mt-2" role="alert">
    What is stored of this learner cannot be read; a change here would take its place. Tell whoever looks after the program first.
  </p>{/if}

<div class="mt-4 grid gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,1fr)_24rem]">
  <div>
    {#each GROUPS as group (group)}
      <section aria-labelledby="g-{group}" class="mb-6">
        <h2 id="g-{group}" class="border-b-[3px] border-ink pb-1">{group}</h2>
        {#each data.questions.filter((q) => q.group === group) as q (q.id)}
          <fieldset
            class="grid grid-cols-[5.25rem_1fr] items-center gap-x-4 gap-y-2 border-b border-line py-2 sm:grid-cols-[6.75rem_12rem_1fr]"
          >
            <Picture svg={q.picture} class="w-full border border-line" />
            <legend class="contents"><span>{q.ask}</span></legend>
            <div class="col-span-2 flex flex-wrap gap-2 sm:col-span-1">
              {#each q.choices as c (c.id)}
                <label class="pick"
                  ><input
                    type="radio"
                    name={q.id}
                    value={c.id}
                    checked={answerOf(q.id) === c.id}
                    onchange={() => answer(q.id, c.id)}
                  /><span>{c.label}</span></label
                >
              {/each}
              <label class="pick open"
                ><input type="radio" name={q.id} value="" checked={answerOf(q.id) === ''} onchange={() => answer(q.id, '')} /><span
                  >not asked</span
                ></label
              >
            </div>
          </fieldset>
        {/each}
      </section>
    {/each}
  </div>

  <aside class="space-y-6">
    <section aria-label="Name and help">
      <label class="block"
        ><span class="block text-sm text-muted">Short name</span><input
          class="field"
          maxlength="40"
          required
          bind:value={name}
          oninput={() => name.trim() && saver.changed()}
        /></label
      >
      {#if data.may.includes('plans')}<button
          type="button"
          class="btn btn-quiet -ml-3 text-sm"
          onclick={() =>
            (photoOf = { at: `/learners/${data.learner.id}/photo`, text: data.learner.name, has: data.face !== null, face: true })}
          >{data.face ? 'Another photo, or none' : 'Add a photo, or a sign'}</button
        >{/if}
      <label class="mt-3 block"
        ><span class="block text-sm text-muted">How to help; shown in the lesson</span><textarea
          class="field min-h-24"
          maxlength="2000"
          bind:value={planNotes}
          oninput={() => saver.changed()}
          placeholder="Ask before touching. Likes to be told the last step."></textarea></label
      >
    </section>
    <section aria-labelledby="never">
      <h2 id="never">Never, by a plan</h2>
      <ul>
        {#each profile.never as n, i (i)}
          <li class="flex items-center gap-3 border-b border-line py-1">
            <span class="flex-1"
              ><span class="hazard"><span aria-hidden="true">▲</span> never {HAZARDS[n.hazard].name}</span>, said {n.said}{n.again
                ? `; look again ${n.again}`
                : ''}</span
            >
            <button
              type="button"
              class="btn btn-quiet text-sm"
              onclick={() => {
                profile.never = profile.never.filter((_, k) => k !== i);
                saver.changed();
              }}>Take out<span class="sr-only"> never {HAZARDS[n.hazard].name}</span></button
            >
          </li>
        {/each}
      </ul>
      <div class="mt-2 grid grid-cols-2 gap-2">
        <label class="block"
          ><span class="block text-sm text-muted">What</span><select class="field" bind:value={rule.hazard}
            ><option value="">choose …</option>{#each data.hazards as h (h)}<option value={h}>{HAZARDS[h].name}</option>{/each}</select
          ></label
        >
        <label class="block"
          ><span class="block text-sm text-muted">Who said so</span><input class="field" maxlength="80" bind:value={rule.said} /></label
        >
        <label class="block"
          ><span class="block text-sm text-muted">Look again on</span><input class="field" type="date" bind:value={rule.again} /></label
        >
        <button type="button" class="btn self-end" onclick={addRule}>Add the rule</button>
      </div>
      <p class="problem min-h-6 text-sm" role="alert">{problem}</p>
    </section>
    <fieldset>
      <legend class="text-[1.2rem] font-bold">Must not have</legend>
      <p class="text-sm text-muted">As the learner’s own plan says. Labels are read each time.</p>
      <div class="mt-1 grid grid-cols-2 gap-x-4">
        {#each data.allergens as a (a.id)}
          <label class="inline-flex min-h-9 items-center gap-2"
            ><input
              type="checkbox"
              class="size-5"
              checked={profile.allergies.includes(a.id)}
              onchange={(e) => allergy(a.id, e.currentTarget.checked)}
            />
            {a.name}</label
          >
        {/each}
      </div>
    </fieldset>
    <OwnLookForm bind:look={screen} onchange={() => saver.changed()} />
    {#each [['kept', 'Ways kept'], ['refused', 'Ways refused']] as const as [list, heading] (list)}
      {#if profile[list].length > 0}
        <section aria-label={heading}>
          <h2>{heading}</h2>
          <ul>
            {#each profile[list] as w (w.way)}
              <li class="flex items-center gap-3 border-b border-line py-1">
                <span class="flex-1"
                  >{wayName(w.way)}{#if w.by}<span class="text-sm text-muted">, {w.by}, {w.at.slice(0, 10)}</span>{/if}</span
                >
                <button
                  type="button"
                  class="btn btn-quiet text-sm"
                  onclick={() => {
                    profile[list] = profile[list].filter((x) => x.way !== w.way);
                    saver.changed();
                  }}>Take out<span class="sr-only"> {wayName(w.way)}</span></button
                >
              </li>
            {/each}
          </ul>
        </section>
      {/if}
    {/each}
    {#if data.recipes.length > 0}
      <section aria-label="Fit a recipe">
        <h2>Fit a recipe to {name || 'this learner'}</h2>
        <ul class="mt-1">
          {#each data.recipes as r (r.id)}<li>
              <a class="inline-flex min-h-9 items-center" href="/recipes/{r.id}/fit?learner={data.learner.id}">{r.title}</a>
            </li>{/each}
        </ul>
      </section>
    {/if}
  </aside>
</div>

<PhotoDialog bind:of={photoOf} onchange={invalidateAll} />

<style>
  .pick {
    position: relative;
    display: inline-flex;
  }
  .pick input {
    position: absolute;
    inset: 0;
    opacity: 0;
  }
  .pick span {
    min-height: 2.5rem;
    display: inline-flex;
    align-items: center;
    padding: 0.2rem 0.8rem;
    border: 2px solid var(--muted);
    border-radius: 0.35rem;
    background: var(--sheet);
  }
  .pick input:checked + span {
    border-color: var(--ink);
    background: var(--ink);
    color: var(--paper);
    font-weight: 650;
  }
  .pick.open span {
    border-style: dashed;
    background: transparent;
    color: var(--muted);
  }
  .pick.open input:checked + span {
    background: transparent;
    color: var(--ink);
    border-color: var(--ink);
    font-weight: 400;
  }
  .pick input:focus-visible + span {
    outline: 3px solid var(--act);
    outline-offset: 2px;
  }
</style>
