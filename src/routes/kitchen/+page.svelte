<script lang="ts">
  import { Pen, SKINS } from '$lib/pictures/pen';
  import { held } from '$lib/pictures/tools';
  import Picture from '$lib/ui/Picture.svelte';
  import { enhance } from '$app/forms';
  import { measureLabel, readAmountField, type Measure, type MeasureSystem } from '$core';
  import AdaptedTools from './AdaptedTools.svelte';
  import Appliances from './Appliances.svelte';
  import HowMany from './HowMany.svelte';
  let { data, form } = $props();
  // the page starts from what was loaded and then is the master
  // svelte-ignore state_referenced_locally
  let kitchen = $state(structuredClone(data.kitchen));
  let busy = $state(false);
  let amount = $state('');
  let unit = $state<Measure['unit']>('cup');
  let problem = $state('');
  const FOODS = { cupboard: 'Dry food', fridge: 'Cold food', freezer: 'Frozen food', counter: 'Fruit and the like' } as const;
  const SYSTEMS: [MeasureSystem, string][] = [
    ['us', 'US: cup 237 mL, tablespoon 15 mL'],
    ['us-label', 'US food labels: cup 240 mL'],
    ['metric', 'Metric: cup 250 mL, tablespoon 15 mL'],
    ['australian', 'Australian: cup 250 mL, tablespoon 20 mL'],
    ['imperial', 'British: spoons and fluid ounces'],
  ];
  const UNITS: [Measure['unit'], string][] = [
    ['cup', 'cup'],
    ['tbsp', 'tablespoon'],
    ['tsp', 'teaspoon'],
    ['ml', 'mL'],
    ['floz', 'fl oz'],
  ];
  const missing = $derived(data.known.filter((t) => !kitchen.tools.some((k) => k.id === t.id)));
  const nameOf = (id: string) => data.known.find((t) => t.id === id)?.name ?? id;
  const isAdapted = (id: string) => data.adapted.some((t) => t.id === id);
  const places = $derived([...new Set([...kitchen.measures.map((m) => m.place), ...kitchen.tools.map((t) => t.place)].filter(Boolean))]);

  function addMeasure() {
    const read = readAmountField(amount);
    if (!read || 'why' in read) {
      problem = read && 'why' in read ? read.why : 'say how much it holds: 1, 1/2, 250';
      return;
    }
    const id = `own-${read.min.replace('/', '-')}-${unit}`;
    if (kitchen.measures.some((m) => m.quantity === read.min && m.unit === unit)) {
      problem = 'there is a measure of that size already';
      return;
    }
    const kind = unit === 'tbsp' || unit === 'tsp' ? 'spoon' : unit === 'cup' ? 'dry' : 'liquid';
    kitchen.measures.push({ id, quantity: read.min, unit, kind, place: kitchen.measures[0]?.place ?? '' });
    amount = '';
    problem = '';
  }
  function usualMeasures() {
    kitchen.measures = (data.drawers.get(kitchen.system) ?? []).map((m) => ({ ...m, place: kitchen.measures[0]?.place ?? '' }));
  }
  /** A hand of each skin at work, as the pictures show it. */
  const HANDS = SKINS.map((_, skin) => {
    const pen = new Pen({ skin, id: `skin${skin}` });
    const { back, tool, front } = held(pen, 'wooden-spoon', [108, 150], 18, [262, 90]);
    return pen.finish(back + tool + front);
  });
</script>

<h1 class="mt-4">Kitchen</h1>
<p class="mt-1 max-w-prose text-muted">
  What there is, and where it is kept. Steps say “From drawer 1, get ...” after this list, and amounts become the measures in it.
  <a href="/kitchen/photos">Photos of places and tools</a>
</p>
<datalist id="places"
  >{#each places as place (place)}<option value={place}></option>{/each}</datalist
>

<form
  method="POST"
  use:enhance={() => {
    busy = true;
    return async ({ update }) => {
      await update({ reset: false });
      busy = false;
    };
  }}
>
  <input type="hidden" name="revision" value={data.revision} /><input type="hidden" name="class" value={data.class} />
  <input type="hidden" name="kitchen" value={JSON.stringify(kitchen)} />
  <div class="mt-4 flex flex-wrap gap-x-6 gap-y-3">
    <label class="block"
      ><span class="block text-sm text-muted">Cups and spoons</span>
      <select class="field" bind:value={kitchen.system}
        >{#each SYSTEMS as [id, name] (id)}<option value={id}>{name}</option>{/each}</select
      ></label
    >
    <label class="block"
      ><span class="block text-sm text-muted">A lesson has (minutes)</span><input
        class="field w-32!"
        type="number"
        min="10"
        max="480"
        required
        bind:value={kitchen.lessonMinutes}
      /></label
    >
    <label class="block"
      ><span class="block text-sm text-muted">The microwave has (watts)</span><input
        class="field w-32!"
        type="number"
        min="200"
        max="2500"
        required
        bind:value={kitchen.microwaveWatts}
      /></label
    >
    <label class="block"
      ><span class="block text-sm text-muted">Words of steps up to school grade</span><input
        class="field w-32!"
        type="number"
        min="0"
        max="12"
        step="0.5"
        required
        bind:value={kitchen.readingGrade}
      /></label
    >
  </div>

  <fieldset class="mt-6">
    <legend class="text-sm text-muted">Hands in the pictures</legend>
    <div class="mt-1 flex flex-wrap gap-x-5 gap-y-2">
      {#each HANDS as hand, i (i)}
        <label class="inline-flex items-center gap-2"
          ><input
            type="radio"
            name="skin"
            class="size-5"
            value={i}
            bind:group={kitchen.skin}
            aria-label="Hands {i + 1} of {HANDS.length}"
          />
          <Picture svg={hand} class="w-20 border border-line" /></label
        >
      {/each}
    </div>
  </fieldset>

  <h2 class="mt-8">Measures</h2>
  <ul class="mt-1 grid gap-x-10 lg:grid-cols-2">
    {#each kitchen.measures as measure, i (measure.id)}
      <li class="flex items-center gap-3 border-b border-line py-1">
        <b class="w-20 shrink-0">{measureLabel(measure)}</b>
        <input
          class="field"
          list="places"
          maxlength="60"
          aria-label="Where the {measureLabel(measure)} is kept"
          placeholder="kept in"
          bind:value={measure.place}
        />
        <button type="button" class="btn btn-quiet text-sm" onclick={() => kitchen.measures.splice(i, 1)}
          >Remove<span class="sr-only"> {measureLabel(measure)}</span></button
        >
      </li>
    {/each}
  </ul>
  <div class="mt-2 flex flex-wrap items-end gap-3">
    <label class="block"
      ><span class="block text-sm text-muted">One that holds</span><input
        class="field w-28!"
        bind:value={amount}
        maxlength="12"
        placeholder="1/2"
        aria-invalid={problem ? 'true' : undefined}
        aria-describedby="measure-problem"
        onkeydown={(e) => {
          if (e.key === 'Enter') {
            e.preventDefault();
            addMeasure();
          }
        }}
      /></label
    >
    <label class="block"
      ><span class="sr-only">of</span><select class="field" bind:value={unit}
        >{#each UNITS as [id, name] (id)}<option value={id}>{name}</option>{/each}</select
      ></label
    >
    <button type="button" class="btn" onclick={addMeasure}>Add it</button>
    <button type="button" class="btn btn-quiet" onclick={usualMeasures}>The usual drawer for these cups</button>
  </div>
  <p id="measure-problem" class="problem min-h-6 text-sm" role="alert">{problem}</p>

  <h2 class="mt-6">Where food is kept</h2>
  <div class="mt-1 flex flex-wrap gap-x-6 gap-y-3">
    {#each Object.entries(FOODS) as [keep, name] (keep)}
      <label class="block"
        ><span class="block text-sm text-muted">{name}</span><input
          class="field"
          maxlength="60"
          bind:value={kitchen.places[keep as keyof typeof FOODS]}
        /></label
      >
    {/each}
  </div>

  <h2 class="mt-8">Tools</h2>
  <ul class="mt-1 grid gap-x-10 lg:grid-cols-2">
    {#each kitchen.tools as tool, i (tool.id)}{#if !isAdapted(tool.id)}
        <li class="flex items-center gap-3 border-b border-line py-1">
          <span class="w-32 shrink-0">{nameOf(tool.id)}</span>
          <input
            class="field"
            list="places"
            maxlength="60"
            aria-label="Where the {nameOf(tool.id)} is kept"
            placeholder="kept in"
            bind:value={tool.place}
          />
          <button type="button" class="btn btn-quiet text-sm" onclick={() => kitchen.tools.splice(i, 1)}
            >Remove<span class="sr-only"> {nameOf(tool.id)}</span></button
          >
        </li>
      {/if}{/each}
  </ul>
  {#if missing.length > 0}
    <label class="mt-3 block max-w-sm"
      ><span class="block text-sm text-muted">Add a tool that the kitchen has</span>
      <select
        class="field"
        value=""
        onchange={(e) => {
          if (e.currentTarget.value) kitchen.tools.push({ id: e.currentTarget.value, place: '' });
          e.currentTarget.value = '';
        }}
        ><option value="">choose …</option>{#each missing as tool (tool.id)}<option value={tool.id}>{tool.name}</option>{/each}</select
      ></label
    >
  {/if}

  <Appliances bind:heights={kitchen.heights} bind:controls={kitchen.controls} skin={kitchen.skin} />
  <HowMany bind:counts={kitchen.counts} adapted={data.adapted.filter((a) => kitchen.tools.some((t) => t.id === a.id))} {nameOf} />
  <AdaptedTools adapted={data.adapted} bind:tools={kitchen.tools} bind:lacks={kitchen.lacks} />

  <div class="sticky bottom-0 mt-6 flex flex-wrap items-center gap-4 border-t border-line bg-paper py-3">
    <button class="btn btn-act" disabled={busy}>{busy ? 'Saving …' : 'Save the kitchen'}</button>
    <p role="status">
      {#if form && 'problem' in form && form.problem}<span class="problem">Not saved: {form.problem}.</span
        >{:else if form && 'saved' in form}Saved. New steps are built for it.{/if}
    </p>
  </div>
</form>
