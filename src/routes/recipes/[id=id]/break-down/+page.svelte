<script lang="ts">
  import { invalidate } from '$app/navigation';
  import { LEARNER_TIME_FACTOR, MOST_STEPS, routineState, taughtToday, type Chaining, type Finding, type Grain, type Step } from '$core';
  import { unpack } from '$lib/packed';
  import { standalone } from '$lib/pictures/sprite';
  import { Near } from '$lib/ui/near.svelte';
  import { PictureBook } from '$lib/ui/picture-book';
  import Counter from '$lib/ui/Counter.svelte';
  import Keys from '$lib/ui/Keys.svelte';
  import { isTyping, takeFocus } from '$lib/ui/keys';
  import Picture from '$lib/ui/Picture.svelte';
  import { Saver } from '$lib/ui/saver.svelte';
  import SaveState from '$lib/ui/SaveState.svelte';
  import Sprite from '$lib/ui/Sprite.svelte';
  import { TaskEditor } from '$lib/ui/task-editor.svelte';
  import { PHASE_NAMES, showMinutes } from '$lib/ui/words';
  import type { Long } from './+page.server';
  import Findings from './Findings.svelte';
  import Publish from './Publish.svelte';
  import Routines from './Routines.svelte';
  import StepDetails from './StepDetails.svelte';
  import StepRow from './StepRow.svelte';
  import TaughtToday from './TaughtToday.svelte';
  import Words from './Words.svelte';
  import { onMount, tick } from 'svelte';
  import { MediaQuery } from 'svelte/reactivity';
  import { dragHandleZone, type DndEvent } from 'svelte-dnd-action';

  let { data: sent, form } = $props();
  const data = $derived.by(() => {
    const { draft, ...long } = unpack(sent.long) as Long;
    return { ...sent, ...long, draft: { ...draft, routines: new Map(draft.routines) } };
  });
  // the page starts from what was loaded and then is the master
  // svelte-ignore state_referenced_locally
  const editor = new TaskEditor(data.draft.steps, data.draft.grain, data.make, data.kitchen, () => saver.changed());
  // svelte-ignore state_referenced_locally
  const saver = new Saver(
    () => location.pathname,
    () => ({ steps: editor.steps, ...(editor.built ? { built: editor.built } : {}) }),
    data.draft.revision,
    `steps-${data.recipe.id}`,
  );
  onMount(() => saver.watch(`${location.pathname}/revision`));

  let editing = $state<string | null>(null);
  let text = $state('');
  let adding = $state<string | null>(null);
  let said = $state('');

  // one more view of the same steps at a time, above the list
  type Panel = 'counter' | 'taught' | 'words' | 'routines';
  let panel = $state<Panel | null>(null);
  let chaining = $state<Chaining>('total');
  let finding = $state('');
  let searching = $state(false);

  type Item = { id: string; step: Step };
  let dragged = $state.raw<Item[] | null>(null);
  // the server draws so many steps and judges none of a task without end: others wait for it. The rest comes as soon as the page runs
  const MOST_SERVED = 60;
  // svelte-ignore state_referenced_locally
  let whole = $state(data.draft.steps.length <= MOST_SERVED);
  onMount(() => {
    whole = true;
  });
  const listed = $derived(whole ? editor.steps : editor.steps.slice(0, MOST_SERVED));
  const items = $derived(dragged ?? listed.map((step) => ({ id: step.key, step })));
  // svelte-ignore state_referenced_locally
  const book = new PictureBook(data.skin);
  const near = new Near();
  const drawn = $derived(book.draw({ ...editor.task, steps: listed.slice(0, near.count) }, data.kitchen));
  const pictureOf = (step: Step): string => drawn.get(step.key) ?? '';
  // While words are typed, the picture and the findings follow a moment behind: typing itself waits for nothing.
  let preview = $state.raw<{ step: Step; steps: Step[]; findings: Finding[] } | null>(null);
  let later: ReturnType<typeof setTimeout> | undefined;
  function typed(key: string) {
    clearTimeout(later);
    later = setTimeout(() => {
      if (editing === key && text.trim()) preview = editor.preview(key, text);
    }, 300);
  }
  function endPreview() {
    clearTimeout(later);
    preview = null;
  }
  const shown = (step: Step) => (preview?.step.key === step.key ? preview.step : step);
  const pictureShown = (step: Step) =>
    preview?.step.key === step.key
      ? standalone(book.draw({ ...editor.task, steps: preview.steps }, data.kitchen).get(step.key) ?? '')
      : pictureOf(step);
  const pictures = $derived(listed.map(pictureOf));
  const found = $derived(whole ? editor.findings : []);
  // What the words in the field would change stands under them: a list above that grows would push the field away.
  const same = (a: Finding, b: Finding) => a.code === b.code && a.about === b.about && a.stepKey === b.stepKey;
  const would = $derived(
    preview
      ? {
          bring: preview.findings.filter((f) => !found.some((g) => same(f, g))).map((f) => f.message),
          mend: found.filter((f) => !preview!.findings.some((g) => same(f, g))).map((f) => f.about),
        }
      : null,
  );
  const matches = $derived.by(() => {
    const words = finding.trim().toLowerCase();
    return words ? editor.steps.filter((s) => s.text.toLowerCase().includes(words)) : [];
  });
  // where every step is taught, saying so beside each would only be noise
  const TAUGHT = $derived({ taught: chaining === 'total' ? '' : 'taught today', own: 'mastered', helped: 'helped through', adult: '' });
  const taught = $derived(panel === 'taught' ? taughtToday(editor.steps, new Set(data.mastered), chaining) : null);
  const offers = $derived(
    data.routines.filter((r) => data.draft.routines.get(r.id) !== r.revision && routineState(editor.steps, r) === 'differs').length,
  );
  const lookAt = $derived(
    found.reduce(
      (all, f) => (f.stepKey ? all.set(f.stepKey, [all.get(f.stepKey), f.about].filter(Boolean).join(', ')) : all),
      new Map<string, string>(),
    ),
  );
  const minutes = $derived(editor.steps.reduce((sum, s) => sum + s.minutes.active, 0));
  const waiting = $derived(editor.steps.reduce((sum, s) => sum + s.minutes.waiting, 0));
  const outdated = $derived(data.recipeRevision > (editor.built?.recipeRevision ?? data.draft.recipeRevision));

  async function focusRow(key: string | null) {
    await tick();
    if (key) document.getElementById(`step-${key}`)?.focus();
  }
  // the details stand once: beside the list where there is room, else under their step
  const wide = new MediaQuery('min-width: 64rem', true);
  // on a phone the details open under the step that was chosen, and none is chosen at first
  let chosen = $state(false);
  function select(key: string) {
    editor.selected = key;
    chosen = true;
  }
  function edit(step: Step) {
    editor.selected = step.key;
    editing = step.key;
    text = step.text;
  }
  function commit(key: string) {
    if (editing !== key) return;
    editing = null;
    endPreview();
    editor.reword(key, text);
    void focusRow(key);
  }
  function leave(key: string) {
    editing = null;
    endPreview();
    void focusRow(key);
  }
  function startAdding(after: string | null) {
    adding = after ?? '';
    text = '';
  }
  function addIt(after: string | null) {
    const words = text.trim();
    adding = null;
    if (!words) return void focusRow(after);
    void focusRow(editor.add(after || null, words));
  }
  function duplicate(key: string) {
    editor.duplicate(key);
    said = 'A copy stands behind it.';
    void focusRow(editor.selected);
  }
  function mend(finding: Finding) {
    editor.mend(finding.fix!);
    said = 'Mended. Undo takes it back.';
  }
  function find() {
    searching = true;
    void tick().then(() => document.getElementById('find')?.focus());
  }
  function nextMatch() {
    const from = editor.steps.findIndex((s) => s.key === editor.selected);
    const next = matches.find((s) => editor.steps.indexOf(s) > from) ?? matches[0];
    if (!next) return;
    select(next.key);
    document.getElementById(`step-${next.key}`)?.scrollIntoView({ block: 'center' });
  }
  function split(key: string) {
    said = editor.split(key) ? 'Split.' : 'This step has no smaller parts known here. Add the parts yourself.';
    void focusRow(key);
  }
  function remove(key: string) {
    editor.remove(key);
    said = 'Deleted. Undo brings it back.';
    void focusRow(editor.selected);
  }
  function go(by: number) {
    const index = editor.steps.findIndex((s) => s.key === editor.selected);
    const next = editor.steps[Math.max(0, Math.min(editor.steps.length - 1, index + by))];
    if (next) {
      select(next.key);
      void focusRow(next.key);
    }
  }
  function onkeydown(event: KeyboardEvent) {
    const command = event.ctrlKey || event.metaKey;
    if (command && !isTyping(event) && event.key.toLowerCase() === 'z') {
      event.preventDefault();
      if (event.shiftKey) editor.redo();
      else editor.undo();
      return void focusRow(editor.selected);
    }
    if (command && event.key.toLowerCase() === 'y' && !isTyping(event)) {
      event.preventDefault();
      return editor.redo();
    }
    if (event.key === '/' && !isTyping(event)) {
      event.preventDefault();
      return find();
    }
    const step = editor.current;
    if (isTyping(event) || command || !step) return;
    const onRow = (event.target as HTMLElement).id?.startsWith('step-') || event.target === document.body;
    if (!onRow) return;
    if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
      event.preventDefault();
      editor.move(step.key, event.key === 'ArrowUp' ? -1 : 1);
      return void focusRow(step.key);
    }
    if (event.altKey) return;
    const act = new Map<string, () => unknown>([
      ['ArrowUp', () => go(-1)],
      ['ArrowDown', () => go(1)],
      ['Enter', () => edit(step)],
      ['a', () => startAdding(step.key)],
      ['s', () => split(step.key)],
      ['d', () => duplicate(step.key)],
      ['j', () => editor.join(step.key)],
      ['Delete', () => remove(step.key)],
      ['Backspace', () => remove(step.key)],
    ]);
    const what = act.get(event.key);
    if (what) {
      event.preventDefault();
      what();
    }
  }
  function consider(e: CustomEvent<DndEvent<Item>>) {
    dragged = e.detail.items;
  }
  function finalize(e: CustomEvent<DndEvent<Item>>) {
    const moved = e.detail.info.id;
    const to = e.detail.items.findIndex((i) => i.id === moved);
    dragged = null;
    editor.reorder(moved, to);
  }
  const KEYS: [string, string][] = [
    ['↑ ↓', 'from step to step'],
    ['Enter', 'change the words; Enter again to keep them, Esc to leave them'],
    ['Alt + ↑ ↓', 'move the step'],
    ['A', 'add a step behind'],
    ['S', 'split into smaller steps'],
    ['J', 'join with the next step'],
    ['D', 'put a copy behind it'],
    ['Delete', 'delete the step'],
    ['/', 'find words; Enter goes to the next step that has them'],
    ['Ctrl + Z', 'undo, without end; Ctrl + Shift + Z redo'],
    ['?', 'this sheet'],
  ];
  const PANELS: [Panel, string][] = [
    ['counter', 'Walk through'],
    ['taught', 'Taught today'],
    ['words', 'Reading'],
    ['routines', 'Routines'],
  ];
  const GRAINS: [Grain, string][] = [
    ['coarse', 'Coarse: the recipe’s own lines'],
    ['standard', 'Standard: one action a step'],
    ['fine', 'Fine: each small step'],
  ];
  $effect(() => {
    if (saver.state === 'saved' && saver.revision !== data.draft.revision) void invalidate('recipe:state');
  });
  // The address of the row shows the step; a finding leads to it.
  function show(key: string | null) {
    if (!key) return;
    select(key);
    void focusRow(key);
  }
</script>

<svelte:window {onkeydown} />
<Sprite {pictures} />

<div class="mt-4 flex flex-wrap items-center gap-x-4 gap-y-2">
  <p>
    <b>{editor.steps.length} steps.</b>
    <span class="text-muted"
      >About {showMinutes(minutes * LEARNER_TIME_FACTOR)} of work for a learner, {showMinutes(waiting)} of waiting.</span
    >
  </p>
  <span class="ml-auto flex flex-wrap items-center gap-2">
    <SaveState {saver} />
    <button type="button" class="btn btn-quiet" disabled={!editor.canUndo} onclick={() => editor.undo()}>Undo</button>
    <button type="button" class="btn btn-quiet" disabled={!editor.canRedo} onclick={() => editor.redo()}>Redo</button>
    <label class="flex items-center gap-2"
      ><span class="sr-only">Grain</span>
      <select
        class="field w-auto!"
        value={editor.grain}
        onchange={(e) => {
          editor.rebuild(e.currentTarget.value as Grain, data.recipeRevision);
          said = 'Built anew. Undo brings the old steps back.';
        }}
      >
        {#each GRAINS as [grain, words] (grain)}<option value={grain}>{words}</option>{/each}
      </select>
    </label>
    <Keys keys={KEYS} />
  </span>
</div>

<div class="mt-1 flex flex-wrap items-center gap-x-1">
  {#each PANELS as [id, words] (id)}
    <button
      type="button"
      class="min-h-11 border-b-[3px] px-2 {panel === id ? 'border-ink font-bold' : 'border-transparent text-act hover:border-line'}"
      aria-expanded={panel === id}
      aria-controls="panel"
      onclick={() => (panel = panel === id ? null : id)}>{words}{id === 'routines' && offers > 0 ? ` (${offers} improved)` : ''}</button
    >
  {/each}
  <a class="min-h-11 px-2 py-2.5" href="/recipes/{data.recipe.id}/break-down/versions">Versions</a>
  {#if searching}
    <form
      class="ml-auto flex items-center gap-2"
      role="search"
      onsubmit={(e) => {
        e.preventDefault();
        nextMatch();
      }}
    >
      <input
        id="find"
        class="field w-44!"
        type="search"
        aria-label="Find in the steps"
        bind:value={finding}
        onkeydown={(e) => {
          if (e.key !== 'Escape') return;
          searching = false;
          finding = '';
          void focusRow(editor.selected);
        }}
      />
      <span class="text-sm text-muted tabular-nums" role="status">{finding.trim() ? `${matches.length} found` : ''}</span>
    </form>
  {:else}<button type="button" class="btn btn-quiet ml-auto" onclick={find}>Find</button>{/if}
</div>
<div id="panel">
  {#if panel}
    <section class="border-y border-line py-3" aria-label={PANELS.find(([id]) => id === panel)![1]}>
      {#if panel === 'counter'}
        <Counter shots={editor.shots} steps={editor.steps} ingredients={editor.ingredients} key={editor.selected} onselect={select} />
      {:else if panel === 'taught'}
        <TaughtToday bind:chaining taught={taught!} learners={data.learners} learner={data.learner} />
      {:else if panel === 'words'}
        <Words
          steps={editor.steps}
          grade={data.readingGrade}
          onreword={(key, words) => {
            editor.reword(key, words);
            said = 'Reworded. Undo takes it back.';
          }}
          onshow={show}
        />
      {:else}
        <Routines {editor} routines={data.routines} settled={data.draft.routines} onsay={(words) => (said = words)} />
      {/if}
    </section>
  {/if}
</div>

{#if data.linesBeyond > 0}
  <p class="problem mt-3" role="status">
    {data.linesBeyond === 1 ? 'The last line of the method is' : `The last ${data.linesBeyond} lines of the method are`} not broken down: a task
    has at most {MOST_STEPS} steps. Make the method shorter on Read, or make two recipes of it.
  </p>
{/if}
{#if Array.isArray(saver.kept?.steps)}
  <p class="mt-3 border-l-4 border-ink pl-3">
    Changes of an earlier visit did not reach the server. They were kept on this device.
    <button
      type="button"
      class="btn ml-2"
      onclick={() => {
        editor.replace(saver.kept!.steps as Step[]);
        saver.forget();
        said = 'They are back. Undo takes them away again.';
      }}>Put them back</button
    >
    <button type="button" class="btn btn-quiet" onclick={() => saver.forget()}>Drop them</button>
  </p>
{/if}

{#if outdated}
  <p class="mt-3 border-l-4 border-ink pl-3">
    The recipe was changed after these steps were built. <button
      type="button"
      class="btn ml-2"
      onclick={() => {
        editor.rebuild(editor.grain, data.recipeRevision);
        said = 'Built anew. Undo brings the old steps back.';
      }}>Build the steps anew</button
    >
  </p>
{/if}

{#if editor.steps.length > 0}
  <Findings
    findings={found}
    recipeId={data.recipe.id}
    onmend={mend}
    onmendall={() => {
      editor.mendAll();
      said = 'Mended. Undo takes it back.';
    }}
    onshow={show}
  />
{/if}

<p class="sr-only" role="status">{said}</p>

<div class="mt-3 grid gap-x-10 lg:grid-cols-[minmax(0,1fr)_22rem]">
  <ol
    aria-label="Steps"
    use:dragHandleZone={{ items, flipDurationMs: 120, dropTargetStyle: {}, zoneTabIndex: -1 }}
    onconsider={consider}
    onfinalize={finalize}
  >
    {#each items as item, i (item.id)}
      {@const step = item.step}
      <li class="border-b border-line">
        {#if i === 0 || items[i - 1]?.step.phase !== step.phase}
          <h2 class="border-b-[3px] border-ink pt-4 pb-1 text-base!">{PHASE_NAMES[step.phase]}</h2>
        {/if}
        <StepRow
          {step}
          number={i + 1}
          picture={pictureShown(step)}
          selected={editor.selected === step.key}
          editing={editing === step.key}
          would={editing === step.key ? would : null}
          bind:text
          look={lookAt.get(step.key) ?? ''}
          taught={taught && { words: TAUGHT[taught.get(step.key)!], today: taught.get(step.key) === 'taught' }}
          found={matches.includes(step)}
          onselect={() => select(step.key)}
          onedit={() => edit(step)}
          ontyped={() => typed(step.key)}
          oncommit={() => commit(step.key)}
          onleave={() => leave(step.key)}
        />
        {#if chosen && !wide.current && editor.selected === step.key}
          <div class="bg-sheet px-2 pb-3">
            <StepDetails
              step={shown(step)}
              {editor}
              kitchen={data.kitchen}
              onedit={() => edit(step)}
              onadd={() => startAdding(step.key)}
              onsplit={() => split(step.key)}
              onduplicate={() => duplicate(step.key)}
              onremove={() => remove(step.key)}
            />
          </div>
        {/if}
        {#if adding === step.key}
          <form
            class="flex gap-2 py-2 pl-10"
            onsubmit={(e) => {
              e.preventDefault();
              addIt(step.key);
            }}
          >
            <input
              class="field"
              dir="auto"
              maxlength="300"
              aria-label="New step behind step {i + 1}"
              placeholder="What is done, verb first"
              bind:value={text}
              {@attach takeFocus}
              onkeydown={(e) => {
                if (e.key === 'Escape') {
                  adding = null;
                  void focusRow(step.key);
                }
              }}
            />
            <button class="btn btn-act">Add</button>
          </form>
        {/if}
      </li>
    {/each}
  </ol>

  <aside
    class="sticky top-2 hidden max-h-[calc(100vh-1rem)] self-start overflow-y-auto border-l border-line pt-3 pl-7 lg:block"
    aria-label="The chosen step"
  >
    {#if wide.current && editor.current}
      <Picture svg={pictureShown(editor.current)} class="w-full" />
      <p class="mt-2 text-xl font-bold" dir="auto">{shown(editor.current).text}</p>
      <StepDetails
        step={shown(editor.current)}
        {editor}
        kitchen={data.kitchen}
        onedit={() => edit(editor.current!)}
        onadd={() => startAdding(editor.current!.key)}
        onsplit={() => split(editor.current!.key)}
        onduplicate={() => duplicate(editor.current!.key)}
        onremove={() => remove(editor.current!.key)}
      />
    {/if}
  </aside>
</div>

{#if editor.steps.length === 0}
  <p class="mt-4">
    There are no steps. <button type="button" class="btn" onclick={() => editor.rebuild('standard', data.recipeRevision)}
      >Build them from the recipe</button
    >
  </p>
{/if}

<Publish steps={editor.steps} version={data.version} recipeId={data.recipe.id} {saver} answer={form} onsay={(words) => (said = words)} />
