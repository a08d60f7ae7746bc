<script lang="ts">
  import { goto } from '$app/navigation';
  import { onMount, tick } from 'svelte';
  import Hazards from '$lib/ui/Hazards.svelte';
  import Keys from '$lib/ui/Keys.svelte';
  import { isTyping } from '$lib/ui/keys';
  import { outbox } from '$lib/outbox/outbox.svelte';
  import { Lesson } from '$lib/ui/lesson.svelte';
  import NotTaken from '$lib/ui/NotTaken.svelte';
  import Picture from '$lib/ui/Picture.svelte';
  import SayIt from '$lib/ui/SayIt.svelte';
  import SendState from '$lib/ui/SendState.svelte';
  import { PHASE_NAMES, SUPERVISION_NAMES } from '$lib/ui/words';

  let { data } = $props();
  // a lesson starts from what was loaded and then is the master
  // svelte-ignore state_referenced_locally
  const lesson = new Lesson(
    data.lesson.id,
    data.learner.id,
    data.steps.map((s) => s.key),
    data.recorded,
    data.now,
  );
  // svelte-ignore state_referenced_locally
  const levels = data.lesson.hierarchy.levels;

  let ready = $state(false);
  let noting = $state(false);
  let note = $state('');
  let said = $state('');
  let ending = $state(false);
  const step = $derived(data.steps[lesson.index]);
  const held = $derived(step ? lesson.records.get(step.key) : undefined);
  const nameOf = (code: string) => levels.find((l) => l.id === code)?.name ?? data.others.find((o) => o.id === code)?.name ?? code;

  onMount(() => {
    void lesson.takeUp().then(() => (ready = true));
  });

  function record(code: string, how: 'tap' | 'key') {
    const text = step?.text;
    lesson.record(code, how);
    said = `${nameOf(code)}: ${text}`;
  }
  function undo(how: 'tap' | 'key') {
    lesson.undo(how);
    said = 'Taken back.';
  }
  async function openNote() {
    noting = true;
    await tick();
    document.getElementById('note')?.focus();
  }
  function keepNote() {
    const text = note.trim();
    noting = false;
    note = '';
    if (text) {
      lesson.note(text);
      said = 'Note kept.';
    }
  }
  async function finish() {
    ending = true;
    const how = await lesson.finish();
    if (how === 'sent') return goto(`/recipes/${data.recipe.id}/look-back?learner=${data.learner.id}`);
    ending = false;
    if (how === 'refused') said = 'Finished. What the server did not take stands above.';
    else if (outbox.onPageOnly > 0) said = 'Finished, but only on this page so far. Keep it open until all is sent.';
    else said = 'Finished on this device. It goes to the server as soon as there is a network.';
  }
  function onkeydown(event: KeyboardEvent) {
    if (isTyping(event) || event.ctrlKey || event.metaKey || event.altKey || !ready) return;
    const key = event.key.toLowerCase();
    const number = Number(event.key);
    const level = (number >= 1 && number <= levels.length && levels[number - 1]) || levels.find((l) => l.letter.toLowerCase() === key);
    const other = data.others.find((o) => o.letter.toLowerCase() === key);
    const act = new Map([
      ['u', () => undo('key')],
      ['arrowleft', () => lesson.go(-1)],
      ['arrowright', () => lesson.go(1)],
      ['t', () => void openNote()],
      ['e', () => void finish()],
    ]);
    const what = level ? () => record(level.id, 'key') : other ? () => record(other.id, 'key') : act.get(key);
    if (what) {
      event.preventDefault();
      what();
    }
  }
  const KEYS: [string, string][] = [
    [`1 to ${levels.length}`, 'the levels, from the top'],
    ...levels.map((l): [string, string] => [l.letter, l.name]),
    // svelte-ignore state_referenced_locally
    ...data.others.map((o): [string, string] => [o.letter, o.name]),
    ['U', 'undo'],
    ['← →', 'step back, step on'],
    ['T', 'note'],
    ['E', 'end the lesson'],
    ['?', 'this sheet'],
  ];
</script>

<svelte:window {onkeydown} />
<svg width="0" height="0" class="absolute" aria-hidden="true" focusable="false">
  <!-- eslint-disable-next-line svelte/no-at-html-tags -- our own drawings only -->
  {@html data.sprite}
</svg>

<main class="mx-auto flex min-h-screen max-w-[84rem] flex-col px-3 sm:px-8" data-ready={ready}>
  <header class="flex flex-wrap items-center gap-x-3 gap-y-1 py-2 sm:gap-x-5">
    <h1 class="text-2xl!">{data.learner.name}</h1>
    <span class="hidden text-muted sm:inline">{data.recipe.title}</span>
    {#if data.learner.planNotes}<span class="order-last w-full text-sm sm:order-none sm:w-auto sm:max-w-96"
        ><b>{data.learner.planNotes}</b></span
      >{/if}
    <label class="flex items-center"
      ><span class="sr-only">Go to a step</span>
      <select
        class="field min-h-11 max-w-28! border-line! tabular-nums sm:max-w-80!"
        value={lesson.index}
        onchange={(e) => (lesson.index = Number(e.currentTarget.value))}
      >
        {#each data.steps as s, i (s.key)}<option value={i}
            >{i + 1} of {data.steps.length}{lesson.records.has(s.key) ? ' ✓' : ''} {s.text}</option
          >{/each}
      </select>
    </label>
    <SendState waiting={lesson.waiting} />
    <span class="ml-auto flex items-center"
      ><span class="hidden sm:block"><Keys keys={KEYS} /></span><a class="btn btn-quiet" href="/recipes/{data.recipe.id}/cook">Leave</a
      ></span
    >
  </header>

  <NotTaken lessonId={data.lesson.id} textOf={(key) => data.steps.find((s) => s.key === key)?.text ?? null} {nameOf} />

  {#if step}
    <div class="grid flex-1 content-start gap-x-12 lg:grid-cols-[minmax(0,1fr)_27rem]">
      <section aria-label="The step" class="grid grid-cols-[9rem_1fr] items-center gap-x-4 lg:block">
        <Picture svg={step.svg} class="w-full lg:mx-auto lg:max-h-[46vh] lg:max-w-2xl" />
        <div>
          <p class="flex items-center gap-2 text-sm text-muted lg:mt-3">
            {PHASE_NAMES[step.phase]}
            <SayIt words={[step.text, ...step.lines].join(' ')} class="text-act" />
          </p>
          <p class="text-xl leading-tight font-semibold sm:text-3xl lg:text-4xl" dir="auto">{step.text}</p>
          {#each step.marks as mark (mark)}<p class="mt-1"><span class="hazard"><span aria-hidden="true">▲</span> {mark}</span></p>{/each}
          {#each step.lines as line, i (i)}<p class="mt-1 text-base leading-tight font-semibold sm:text-xl" dir="auto">→ {line}</p>{/each}
          <p class="mt-1 text-base lg:mt-2 lg:text-xl">
            <Hazards hazards={step.hazards.filter((h) => h !== 'allergen' || step.phase === 'serve')} />
            {#if step.who === 'adult'}<span class="block sm:inline sm:pl-2"><b>an adult does this step</b></span>
            {:else if step.supervision !== 'none'}<span class="block text-muted sm:inline sm:pl-2"
                >{SUPERVISION_NAMES[step.supervision]}</span
              >{/if}
          </p>
          {#if step.meanwhile}<p class="mt-1 hidden text-muted lg:block">Meanwhile: {step.meanwhile}</p>{/if}
        </div>
        {#if step.aim}
          <p class="col-span-2 mt-2 hidden max-w-2xl text-muted lg:block">Aim: {nameOf(step.aim)}. {step.why}</p>
        {:else}
          <p class="col-span-2 mt-2 hidden text-muted lg:block">No aim yet. {step.why ?? 'This is the first lesson.'}</p>
        {/if}
      </section>

      <section aria-label="How much help" class="mt-2">
        <ol class="ladder">
          {#each levels as level, i (level.id)}
            {@const next = step.aim === level.id}
            {@const on = held?.code === level.id}
            <li>
              <button
                type="button"
                class="rung {next ? 'rung-next' : ''}"
                aria-pressed={on}
                disabled={!ready}
                onclick={() => record(level.id, 'tap')}
              >
                <span class="w-7 text-center text-xl font-bold" aria-hidden="true">{level.letter}</span>
                <span class="flex-1 text-left"
                  ><span class="block text-lg leading-tight font-semibold"
                    >{level.name}{#if next}<span class="font-normal">&nbsp;– next</span>{/if}</span
                  ><span class="hidden text-sm leading-tight sm:block {next ? '' : 'text-muted'}">{level.say}</span></span
                >
                {#if on}<span class="text-lg font-bold">✓ <span class="sr-only">recorded</span></span>{/if}
                <span class="hidden text-sm tabular-nums lg:block" aria-hidden="true">{i + 1}</span>
              </button>
            </li>
          {/each}
        </ol>
        <div class="mt-2 grid grid-cols-2 gap-2 sm:grid-cols-4">
          {#each data.others as other (other.id)}
            <button
              type="button"
              class="btn min-h-16! px-2! py-1! text-sm leading-tight"
              aria-pressed={held?.code === other.id}
              disabled={!ready}
              onclick={() => record(other.id, 'tap')}
              title={other.say}>{held?.code === other.id ? '✓ ' : ''}{other.name}</button
            >
          {/each}
        </div>
      </section>
    </div>

    {#if noting}
      <form
        class="mt-3 flex gap-2"
        onsubmit={(e) => {
          e.preventDefault();
          keepNote();
        }}
      >
        <label class="sr-only" for="note">Note on this step</label>
        <textarea
          id="note"
          class="field"
          rows="2"
          maxlength="2000"
          bind:value={note}
          placeholder="Note on this step. Keep to what was seen; no health details."
          onkeydown={(e) => {
            if (e.key === 'Escape') noting = false;
          }}></textarea>
        <button class="btn btn-act">Keep</button>
      </form>
    {/if}

    <div class="sticky bottom-0 mt-3 flex flex-wrap items-center gap-1 border-t border-line bg-paper py-2 sm:gap-2">
      <button
        type="button"
        class="btn min-h-16! flex-1 px-2! text-lg sm:flex-none sm:px-8!"
        disabled={!lesson.canUndo}
        onclick={() => undo('tap')}>Undo</button
      >
      <button
        type="button"
        class="btn min-h-16! px-4! sm:px-5!"
        disabled={lesson.index === 0}
        onclick={() => lesson.go(-1)}
        aria-label="Step back">←</button
      >
      <button
        type="button"
        class="btn min-h-16! px-4! sm:px-5!"
        disabled={lesson.index >= data.steps.length - 1}
        onclick={() => lesson.go(1)}
        aria-label="Step on">→</button
      >
      <button type="button" class="btn min-h-16! px-2! sm:px-4!" onclick={() => void openNote()}>Note</button>
      <span class="hidden flex-1 text-center text-muted tabular-nums sm:block">{lesson.recordedCount} of {data.steps.length} recorded</span>
      <button
        type="button"
        class="btn min-h-16! px-2! sm:px-4! {lesson.recordedCount === data.steps.length ? 'btn-act' : ''}"
        disabled={ending}
        onclick={() => void finish()}>Finish</button
      >
    </div>
    <p class="sr-only" role="status">{said}</p>
    {#if said.startsWith('Finished')}<p class="pb-2">{said}</p>{/if}
  {:else}
    <p class="mt-6">This version has no steps.</p>
  {/if}
</main>

<style>
  .ladder {
    border-inline: 0.4rem solid var(--ink);
    padding: 0.2rem 0;
    margin-inline: 0.5rem;
  }
  .rung {
    display: flex;
    width: 100%;
    min-height: 64px;
    align-items: center;
    gap: 0.8rem;
    padding: 0.15rem 0.9rem;
    margin-block: 0.18rem;
    background: var(--sheet);
    border-block: 0.15rem solid var(--ink);
  }
  .rung:hover:not(:disabled) {
    background: color-mix(in srgb, var(--act) 12%, var(--sheet));
  }
  .rung[aria-pressed='true'] {
    background: var(--act);
    color: var(--on-act);
  }
  .rung[aria-pressed='true'] :global(span) {
    color: inherit;
  }
  /* the yellow rung: thicker, notched out over the rails, and with its word */
  .rung-next {
    width: calc(100% + 1.6rem);
    margin-inline: -0.8rem;
    padding-inline: 1.7rem;
    border-block-width: 0.35rem;
    border-inline: 0.35rem solid var(--ink);
  }
  .rung-next:not([aria-pressed='true']) {
    background: var(--next);
    color: var(--on-next);
    border-color: var(--ink);
  }
  .rung-next:hover:not([aria-pressed='true']):not(:disabled) {
    background: var(--next);
    text-decoration: underline;
  }
</style>
