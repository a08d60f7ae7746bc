<script lang="ts">
  import { invalidate } from '$app/navigation';
  import { findFood, scaleRecipe, showAllergen, showQuantity, showUnit, type Allergen, type Ingredient } from '$core';
  import { readingOf, rowsOf, toLookAt, withRole, type Role, type Row } from '$lib/reading-rows';
  import IngredientForm from './IngredientForm.svelte';
  import Keys from '$lib/ui/Keys.svelte';
  import { isTyping, takeFocus } from '$lib/ui/keys';
  import { Saver } from '$lib/ui/saver.svelte';
  import SaveState from '$lib/ui/SaveState.svelte';

  let { data } = $props();
  // the page starts from what was loaded and then is the master
  // svelte-ignore state_referenced_locally
  let rows = $state(rowsOf(data.reading));
  // svelte-ignore state_referenced_locally
  let title = $state(data.reading.recipe.title);
  // svelte-ignore state_referenced_locally
  let servings = $state<number | null>(data.reading.recipe.servings);
  // svelte-ignore state_referenced_locally
  let wanted = $state<number | null>(data.servingsWanted);
  let editing = $state<number | null>(null);
  let draftText = $state('');

  const reading = $derived(readingOf(rows, title, servings, data.reading.recipe.tools));
  // svelte-ignore state_referenced_locally
  const saver = new Saver(
    () => location.pathname,
    () => ({ reading: $state.snapshot(reading), servingsWanted: wanted }),
    data.revision,
  );
  const scaled = $derived(wanted && servings ? scaleRecipe(reading.recipe, wanted) : null);
  const shown = $derived(scaled ? scaled.recipe.ingredients : reading.recipe.ingredients);
  const open = $derived(toLookAt(rows));
  const allergens = $derived.by(() => {
    const found: { allergen: Allergen; from: string[] }[] = [];
    for (const one of reading.recipe.ingredients)
      for (const allergen of findFood(one.item)?.allergens ?? []) {
        const held = found.find((f) => f.allergen === allergen);
        if (held) held.from.push(one.item);
        else found.push({ allergen, from: [one.item] });
      }
    return found;
  });
  const unknown = $derived(reading.recipe.ingredients.filter((one) => !findFood(one.item)).map((one) => one.item));

  const ROLES: [Role, string][] = [
    ['ingredient', 'ingredient'],
    ['instruction', 'method'],
    ['tool', 'tool'],
    ['heading', 'heading'],
    ['note', 'leave out'],
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

  async function changed() {
    saver.changed();
  }
  $effect(() => {
    if (saver.state === 'saved' && saver.revision !== data.revision) void invalidate('recipe:state');
  });
  function update(id: number, next: Row) {
    rows = rows.map((r) => (r.id === id ? next : r));
    void changed();
  }
  function setRole(row: Row, role: Role) {
    update(row.id, withRole(row, role));
  }
  function edit(row: Row) {
    editing = row.id;
    draftText = row.text;
  }
  function close(id: number) {
    editing = null;
    requestAnimationFrame(() => document.getElementById(`row-${id}`)?.focus());
  }
  function amountOf(one: Ingredient): string {
    if (one.min === null) return '';
    const range = one.max !== null && one.max !== one.min ? `${showQuantity(one.min)}–${showQuantity(one.max)}` : showQuantity(one.min);
    return `${range} ${showUnit(one.unit, one.max ?? one.min)}`.trim();
  }
  const indexOf = (row: Row) => rows.filter((r) => r.role === 'ingredient').findIndex((r) => r.id === row.id);
  function nextDoubt() {
    const row = rows.find((r) => r.why !== null);
    if (row) document.getElementById(`row-${row.id}`)?.focus();
  }
  function onkeydown(event: KeyboardEvent) {
    if (isTyping(event) || event.metaKey || event.ctrlKey || event.altKey) return;
    if (event.key === 'n') {
      event.preventDefault();
      nextDoubt();
    }
  }
  const KEYS: [string, string][] = [
    ['Tab', 'to the next line'],
    ['Enter', 'correct the line'],
    ['Esc', 'leave it as it was'],
    ['N', 'to the first line that needs a look'],
    ['?', 'this sheet'],
  ];
  function setServings(text: string, which: 'servings' | 'wanted') {
    const number = text.trim() === '' ? null : Number(text);
    if (number !== null && (!Number.isFinite(number) || number <= 0 || number > 1000)) return;
    if (which === 'servings') servings = number;
    else wanted = number === null ? null : Math.max(1, Math.round(number));
    void changed();
  }
</script>

<svelte:window {onkeydown} />

<div class="mt-4 flex flex-wrap items-center gap-x-6 gap-y-2">
  <p class="font-semibold">
    {reading.recipe.ingredients.length} ingredients, {reading.recipe.instructions.length} lines of method.
    {#if open > 0}<span>{open} {open === 1 ? 'line needs' : 'lines need'} a look.</span>{:else}<span class="font-normal text-muted"
        >Nothing left unread.</span
      >{/if}
  </p>
  {#if open > 0}<button type="button" class="btn" onclick={nextDoubt}>To the first one</button>{/if}
  <span class="ml-auto flex items-center gap-3"><SaveState {saver} /><Keys keys={KEYS} /></span>
</div>

<div class="mt-3 flex flex-wrap items-end gap-4">
  <label class="block w-full max-w-md">
    <span class="text-sm text-muted">Name</span>
    <input
      class="field"
      dir="auto"
      bind:value={title}
      maxlength="200"
      onchange={changed}
      aria-invalid={title.trim() ? undefined : 'true'}
    />
  </label>
  <label class="block">
    <span class="text-sm text-muted">The recipe serves</span>
    <input
      class="field w-28!"
      type="number"
      min="1"
      max="1000"
      value={servings ?? ''}
      onchange={(e) => setServings(e.currentTarget.value, 'servings')}
    />
  </label>
  <label class="block">
    <span class="text-sm text-muted">Make it for</span>
    <input
      class="field w-28!"
      type="number"
      min="1"
      max="1000"
      value={wanted ?? ''}
      placeholder={servings ? String(servings) : ''}
      disabled={!servings}
      onchange={(e) => setServings(e.currentTarget.value, 'wanted')}
    />
  </label>
</div>

{#if scaled && (scaled.choices.length > 0 || scaled.warnings.length > 0)}
  <div class="mt-3 max-w-3xl border-l-4 border-line pl-3 text-sm" role="status">
    {#each scaled.choices as choice (choice.ingredient)}
      <p>
        <b>{shown[choice.ingredient]?.item}</b>: {showQuantity(choice.wanted)} cannot be taken as it is. {choice.options
          .map((o) => o.text)
          .join('; or ')}.
      </p>
    {/each}
    {#each scaled.warnings as warning (warning)}<p>{warning}</p>{/each}
  </div>
{/if}

<div class="mt-5" role="table" aria-label="The recipe, line by line, and what was understood">
  <div role="row" class="hidden grid-cols-[2.5rem_1fr_1fr_9rem] gap-x-4 border-b-[3px] border-ink py-1 font-bold md:grid">
    <span role="columnheader"><span class="sr-only">Line</span></span><span role="columnheader">As it was pasted</span><span
      role="columnheader">Understood as</span
    ><span role="columnheader">It is</span>
  </div>
  {#each rows as row, i (row.id)}
    {#if row.role !== 'blank'}
      {@const repeated = i > 0 && rows[i - 1]?.line === row.line && row.line !== null}
      <div
        role="row"
        class="grid grid-cols-[2rem_1fr] gap-x-3 border-b border-line py-1 md:grid-cols-[2.5rem_1fr_1fr_9rem] md:gap-x-4 {row.why
          ? 'bg-sheet'
          : ''}"
      >
        <span role="cell" class="py-2 text-right text-sm text-muted tabular-nums">{repeated ? '' : (row.line ?? '')}</span>
        <span role="cell" dir="auto" class="py-2 break-words text-muted {repeated ? 'hidden md:block' : ''}"
          >{repeated ? '' : row.line === null ? 'from the method' : row.source.trim().slice(0, 600)}</span
        >
        <div role="cell" class="col-start-2 md:col-start-auto">
          {#if editing === row.id && row.role === 'ingredient' && row.ingredient}
            <IngredientForm
              ingredient={row.ingredient}
              onsave={(ingredient) => {
                update(row.id, { ...row, ingredient, why: null });
                close(row.id);
              }}
              oncancel={() => close(row.id)}
            />
          {:else if editing === row.id}
            <form
              class="py-1"
              onsubmit={(e) => {
                e.preventDefault();
                update(row.id, { ...row, text: draftText.trim() || row.text });
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
            {@const one = shown[indexOf(row)] ?? row.ingredient}
            <button
              type="button"
              id="row-{row.id}"
              class="block min-h-11 w-full rounded px-2 py-2 text-left hover:bg-sheet"
              dir="auto"
              onclick={() => edit(row)}
            >
              {#if amountOf(one)}<b>{amountOf(one)}</b>{/if}
              <span class="font-semibold text-act">{one.item}</span>{#if one.preparation.length}<span>, {one.preparation.join(', ')}</span
                >{/if}{#if one.pack}<span class="text-muted"
                  >&nbsp;(each {showQuantity(one.pack.quantity)} {showUnit(one.pack.unit, one.pack.quantity)})</span
                >{/if}{#if one.alternatives.length}<span class="text-muted">
                  or {one.alternatives.join(' or ')}</span
                >{/if}{#if one.optional}<span class="text-muted"> – optional</span>{/if}{#if one.notes.length}<span class="text-muted">
                  – {one.notes.join(', ')}</span
                >{/if}
              <span class="sr-only">. Correct it</span>
            </button>
          {:else if row.role === 'instruction'}
            <button
              type="button"
              id="row-{row.id}"
              class="block min-h-11 w-full rounded px-2 py-2 text-left hover:bg-sheet"
              dir="auto"
              onclick={() => edit(row)}>{row.text}<span class="sr-only">. Correct it</span></button
            >
          {:else}
            <span id="row-{row.id}" tabindex="-1" class="block px-2 py-2 text-muted"
              >{ROLE_WORDS[row.role] ?? ''}{#if row.role === 'servings' && servings}: {servings}{/if}</span
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
              onchange={(e) => setRole(row, e.currentTarget.value as Role)}
            >
              {#if !ROLES.some(([r]) => r === row.role)}<option value={row.role}>{row.role === 'unread' ? 'what is it?' : row.role}</option
                >{/if}
              {#each ROLES as [role, words] (role)}<option value={role}>{words}</option>{/each}
            </select>
          {/if}
          {#if row.why && row.role === 'ingredient'}<button
              type="button"
              class="btn mt-1 text-sm"
              onclick={() => update(row.id, { ...row, why: null })}>It is right</button
            >{/if}
        </div>
      </div>
    {/if}
  {/each}
</div>

<section class="mt-6 max-w-3xl">
  <h2>Allergens that these ingredients name</h2>
  {#if allergens.length > 0}
    <ul class="mt-1">
      {#each allergens as { allergen, from } (allergen)}
        <li><span class="hazard"><span aria-hidden="true">▲</span> {showAllergen(allergen)}</span> from {from.join(', ')}</li>
      {/each}
    </ul>
  {/if}
  <p class="mt-1 text-sm text-muted">
    This list may not be complete. Read every label, and go by the learners’ own plans.{#if unknown.length > 0}
      Not known to the program: {unknown.join(', ')}.{/if}
  </p>
</section>

<p class="mt-6">
  <a class="btn {open === 0 ? 'btn-act' : ''}" href="/recipes/{data.recipe.id}/break-down" onclick={() => void saver.save()}>To the steps</a
  >
</p>
