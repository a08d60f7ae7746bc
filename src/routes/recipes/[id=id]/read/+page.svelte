<script lang="ts">
  import { invalidate } from '$app/navigation';
  import { showAmount, showQuantity, type Ingredient } from '$core';
  import { toLookAt, type Role, type Row } from '$lib/reading-rows';
  import IngredientForm from './IngredientForm.svelte';
  import ReadNav from './ReadNav.svelte';
  import Keys from '$lib/ui/Keys.svelte';
  import { isTyping, takeFocus } from '$lib/ui/keys';
  import { ReadingEditor } from '$lib/ui/reading-editor.svelte';
  import { Saver } from '$lib/ui/saver.svelte';
  import SaveState from '$lib/ui/SaveState.svelte';
  import Terms from '$lib/ui/Terms.svelte';
  import { tick } from 'svelte';

  let { data } = $props();
  // the page starts from what was loaded and then is the master
  // svelte-ignore state_referenced_locally
  const editor = new ReadingEditor(data.reading, () => saver.changed());
  // svelte-ignore state_referenced_locally
  const saver = new Saver(
    () => location.pathname,
    () => ({ reading: $state.snapshot(editor.reading) }),
    data.revision,
  );
  let editing = $state<number | null>(null);
  let draftText = $state('');
  let chosen = $state<number | null>(null);

  const rows = $derived(editor.rows);
  const shown = $derived(rows.filter((r) => r.role !== 'blank'));
  const recipe = $derived(editor.reading.recipe);
  const open = $derived(toLookAt(rows));

  const ROLES: [Role, string, string][] = [
    ['ingredient', 'ingredient', 'i'],
    ['instruction', 'method', 'm'],
    ['tool', 'tool', 't'],
    ['heading', 'heading', 'h'],
    ['note', 'leave out', 'o'],
  ];
  const ROLE_WORDS: Partial<Record<Role, string>> = {
    title: 'title',
    servings: 'servings',
    time: 'time',
    heading: 'heading',
    note: 'left out',
    tool: 'tool',
    instruction: 'method',
  };

  $effect(() => {
    if (saver.state === 'saved' && saver.revision !== data.revision) void invalidate('recipe:state');
  });
  const focusRow = (id: number) => document.getElementById(`row-${id}`)?.focus();
  function edit(row: Row) {
    if (row.role !== 'ingredient' && row.role !== 'instruction') return;
    editing = row.id;
    draftText = row.text;
  }
  function close(id: number) {
    editing = null;
    void tick().then(() => focusRow(id));
  }
  function amountOf(one: Ingredient): string {
    if (one.min === null) return '';
    const most = showAmount(one.max ?? one.min, one.unit);
    return one.max !== null && one.max !== one.min ? `${showQuantity(one.min)}–${most}` : most;
  }
  function nextDoubt() {
    const after = shown.findIndex((r) => r.id === chosen) + 1;
    const row = [...shown.slice(after), ...shown.slice(0, after)].find((r) => r.why !== null);
    if (row) focusRow(row.id);
  }
  function go(by: number) {
    const at = shown.findIndex((r) => r.id === chosen);
    const next = shown[Math.max(0, Math.min(shown.length - 1, at + by))];
    if (next) focusRow(next.id);
  }
  function onkeydown(event: KeyboardEvent) {
    if (isTyping(event)) return;
    const command = event.ctrlKey || event.metaKey;
    if (command && event.key.toLowerCase() === 'z') {
      event.preventDefault();
      if (event.shiftKey) editor.redo();
      else editor.undo();
      return;
    }
    if (command || event.altKey) return;
    if (event.key === 'n') {
      event.preventDefault();
      return nextDoubt();
    }
    const onRow = (event.target as HTMLElement).id?.startsWith('row-') ?? false;
    const row = shown.find((r) => r.id === chosen);
    if (!onRow || !row) return;
    const role = ROLES.find(([, , key]) => key === event.key);
    const act = new Map<string, () => unknown>([
      ['ArrowDown', () => go(1)],
      ['ArrowUp', () => go(-1)],
      ['y', () => row.why !== null && row.role !== 'unread' && editor.settle(row.id)],
    ]);
    const what = act.get(event.key);
    if (role && row.role !== 'title' && row.role !== 'servings') {
      editor.setRole(row.id, role[0]);
      void tick().then(() => focusRow(row.id));
    } else if (what) what();
    else return;
    event.preventDefault();
  }
  const KEYS: [string, string][] = [
    ['↑ ↓', 'from line to line'],
    ['Enter', 'correct the line; Enter again keeps it, Esc leaves it as it was'],
    ['N', 'to the next line that needs a look'],
    ['Y', 'it is right as it stands'],
    ['I M T H O', 'the line is an ingredient, method, a tool, a heading, or left out'],
    ['Ctrl + Z', 'undo; Ctrl + Shift + Z redo'],
    ['?', 'this sheet'],
  ];
  function setServings(field: HTMLInputElement) {
    const text = field.value.trim();
    const number = text === '' ? null : Number(text);
    if (number !== null && (!Number.isFinite(number) || number <= 0 || number > 1000)) {
      field.value = String(editor.servings ?? '');
      return;
    }
    editor.setServings(number);
  }
</script>

<svelte:window {onkeydown} />

<ReadNav id={data.recipe.id} current="lines" look={open} />

<div class="mt-2 flex flex-wrap items-center gap-x-6 gap-y-2">
  <p class="font-semibold">
    {recipe.ingredients.length} ingredients, {recipe.instructions.length} lines of method.
    {#if open > 0}<span>{open} {open === 1 ? 'line needs' : 'lines need'} a look.</span>{:else}<span class="font-normal text-muted"
        >Nothing left unread.</span
      >{/if}
  </p>
  {#if open > 0}<button type="button" class="btn" onclick={nextDoubt}>To the {chosen === null ? 'first' : 'next'} one</button>{/if}
  <span class="ml-auto flex flex-wrap items-center gap-2"
    ><SaveState {saver} />
    <button type="button" class="btn btn-quiet" disabled={!editor.canUndo} onclick={() => editor.undo()}>Undo</button>
    <Keys keys={KEYS} /></span
  >
</div>

<div class="mt-3 flex flex-wrap items-end gap-4">
  <label class="block w-full max-w-md">
    <span class="text-sm text-muted">Name</span>
    <input
      class="field"
      dir="auto"
      value={editor.title}
      maxlength="200"
      onchange={(e) => editor.setTitle(e.currentTarget.value)}
      aria-invalid={editor.title.trim() ? undefined : 'true'}
    />
  </label>
  <label class="block">
    <span class="block text-sm text-muted">The recipe serves</span>
    <input
      class="field w-28!"
      type="number"
      min="1"
      max="1000"
      value={editor.servings ?? ''}
      onchange={(e) => setServings(e.currentTarget)}
    />
  </label>
</div>

<div class="mt-5" role="table" aria-label="The recipe, line by line, and what was understood">
  <div role="row" class="hidden grid-cols-[2.5rem_1fr_1fr_9rem] gap-x-4 border-b-[3px] border-ink py-1 font-bold md:grid">
    <span role="columnheader"><span class="sr-only">Line</span></span><span role="columnheader">As it was pasted</span><span
      role="columnheader">Understood as</span
    ><span role="columnheader">It is</span>
  </div>
  {#each shown as row, i (row.id)}
    {@const repeated = i > 0 && shown[i - 1]?.line === row.line && row.line !== null}
    <div
      role="row"
      tabindex="-1"
      onfocusin={() => (chosen = row.id)}
      class="grid scroll-my-16 grid-cols-[2rem_1fr] gap-x-3 border-b border-line py-1 md:grid-cols-[2.5rem_1fr_1fr_9rem] md:gap-x-4 {row.why
        ? 'bg-sheet'
        : ''} {chosen === row.id ? 'shadow-[inset_5px_0_0_var(--act)]' : ''}"
    >
      <span role="cell" class="py-2 text-right text-sm text-muted tabular-nums">{repeated ? '' : (row.line ?? '')}</span>
      <span
        role="cell"
        dir="auto"
        class="py-2 break-words {chosen === row.id ? 'text-ink' : 'text-muted'} {repeated ? 'hidden md:block' : ''}"
        >{repeated ? '' : row.line === null ? 'from the method' : row.source.trim().slice(0, 600)}</span
      >
      <div role="cell" class="col-start-2 md:col-start-auto">
        {#if editing === row.id && row.role === 'ingredient' && row.ingredient}
          <IngredientForm
            ingredient={row.ingredient}
            onsave={(ingredient) => {
              editor.setIngredient(row.id, ingredient);
              close(row.id);
            }}
            oncancel={() => close(row.id)}
          />
        {:else if editing === row.id}
          <form
            class="py-1"
            onsubmit={(e) => {
              e.preventDefault();
              editor.setText(row.id, draftText);
              close(row.id);
            }}
          >
            <textarea
              class="field"
              rows="3"
              maxlength="2000"
              dir="auto"
              aria-label="Line {row.line}"
              bind:value={draftText}
              {@attach takeFocus}
              onkeydown={(e) => {
                if (e.key === 'Escape') close(row.id);
                if (e.key === 'Enter' && !e.shiftKey) {
                  e.preventDefault();
                  e.currentTarget.form?.requestSubmit();
                }
              }}></textarea>
            <div class="mt-1 flex gap-2">
              <button class="btn btn-act">Done</button><button type="button" class="btn" onclick={() => close(row.id)}>Cancel</button>
            </div>
          </form>
        {:else if row.role === 'ingredient' && row.ingredient}
          {@const one = row.ingredient}
          <button
            type="button"
            id="row-{row.id}"
            class="block min-h-11 w-full rounded px-2 py-2 text-left hover:bg-sheet"
            dir="auto"
            onclick={() => edit(row)}
          >
            {#if amountOf(one)}<b>{amountOf(one)}</b>{/if}
            <span class="font-semibold text-act">{one.item}</span>{#if one.preparation.length}<span>, {one.preparation.join(', ')}</span
              >{/if}{#if one.pack}<span class="text-muted">&nbsp;(each {showAmount(one.pack.quantity, one.pack.unit)})</span
              >{/if}{#if one.alternate}<span class="text-muted">&nbsp;(or {showAmount(one.alternate.quantity, one.alternate.unit)})</span
              >{/if}{#if one.alternatives.length}<span class="text-muted">&nbsp;or {one.alternatives.join(' or ')}</span
              >{/if}{#if one.optional}<span class="text-muted">&nbsp;– optional</span>{/if}{#if one.notes.length}<span class="text-muted"
                >&nbsp;– {one.notes.join(', ')}</span
              >{/if}
            <span class="sr-only">. Correct it</span>
          </button>
          <Terms text={one.preparation.join(', ')} />
        {:else if row.role === 'instruction'}
          <button
            type="button"
            id="row-{row.id}"
            class="block min-h-11 w-full rounded px-2 py-2 text-left hover:bg-sheet"
            dir="auto"
            onclick={() => edit(row)}>{row.text}<span class="sr-only">. Correct it</span></button
          >
          <Terms text={row.text} />
        {:else}
          <span id="row-{row.id}" tabindex="-1" class="block px-2 py-2 text-muted"
            >{ROLE_WORDS[row.role] ?? ''}{#if row.role === 'servings' && editor.servings}: {editor.servings}{/if}</span
          >
        {/if}
        {#if row.why}<p class="px-2 pb-1 text-sm"><b>Please look:</b> {row.why}.</p>{/if}
      </div>
      <div role="cell" class="col-start-2 pb-1 md:col-start-auto md:pb-0">
        {#if row.role === 'title' || row.role === 'servings'}
          <span class="sr-only">{row.role}</span>
        {:else}
          <select
            class="field max-w-36 border-line! text-sm"
            aria-label="Line {row.line ?? 'from the method'} is"
            value={row.role}
            onchange={(e) => editor.setRole(row.id, e.currentTarget.value as Role)}
          >
            {#if !ROLES.some(([r]) => r === row.role)}<option value={row.role}>{row.role === 'unread' ? 'what is it?' : row.role}</option
              >{/if}
            {#each ROLES as [role, words] (role)}<option value={role}>{words}</option>{/each}
          </select>
        {/if}
        {#if row.why && row.role === 'ingredient'}<button type="button" class="btn mt-1 text-sm" onclick={() => editor.settle(row.id)}
            >It is right</button
          >{/if}
      </div>
    </div>
  {/each}
</div>

<p class="mt-6 flex flex-wrap gap-3">
  <a class="btn {open === 0 ? 'btn-act' : ''}" href="/recipes/{data.recipe.id}/read/class" onclick={() => void saver.save()}
    >Can our class make it?</a
  >
  <a class="btn" href="/recipes/{data.recipe.id}/break-down" onclick={() => void saver.save()}>To the steps</a>
  <a class="btn btn-quiet" href="/recipes/{data.recipe.id}/read/recipe.json" download>Save as a file</a>
</p>
