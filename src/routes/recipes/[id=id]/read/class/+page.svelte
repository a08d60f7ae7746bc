<script lang="ts">
  import { invalidate } from '$app/navigation';
  import {
    allergensIn,
    type Allergen,
    applySwaps,
    kindOfUnit,
    lessonTime,
    measureLabel,
    measuringOf,
    microwaveSeconds,
    microwaveTimes,
    otherMeasure,
    ovenHeats,
    plateOf,
    saidPerRound,
    batchesOf,
    scaleRecipe,
    showAllergen,
    showQuantity,
    showAmount,
    substitutesFor,
    toolSubstitutes,
    US_ALLERGENS,
    type Ingredient,
    type PlateGroup,
    type SubstituteOffer,
  } from '$core';
  import ReadNav from '../ReadNav.svelte';
  import Hazards from '$lib/ui/Hazards.svelte';
  import { Saver } from '$lib/ui/saver.svelte';
  import SaveState from '$lib/ui/SaveState.svelte';
  import { showMinutes } from '$lib/ui/words';

  let { data } = $props();
  // the page starts from what was loaded and then is the master
  // svelte-ignore state_referenced_locally
  let making = $state({ ...data.making });
  // svelte-ignore state_referenced_locally
  const saver = new Saver(
    () => location.pathname,
    () => $state.snapshot(making),
    data.revision,
  );
  let problem = $state('');
  let known = $state<string[]>([]);
  // svelte-ignore state_referenced_locally
  let watts = $state(data.kitchen.microwaveWatts);
  let recipeWatts = $state(1000);
  let swapping = $state<number | null>(null);

  const own = $derived(data.reading.recipe);
  const scaled = $derived(making.servingsWanted && own.servings ? scaleRecipe(own, making.servingsWanted) : null);
  const swapped = $derived(applySwaps(scaled?.recipe ?? own, making.swaps, data.kitchen.system));
  const recipe = $derived(swapped.recipe);
  const allergens = $derived(allergensIn(recipe.ingredients));
  const mustNot = (allergen: Allergen) => data.mustNot.filter((l) => l.allergies.includes(allergen)).map((l) => l.name);
  const labelled = (allergen: Allergen) =>
    [showAllergen(allergen), ...(mustNot(allergen).length > 0 ? [`which ${mustNot(allergen).join(' and ')} must not have`] : [])].join(
      ', ',
    );
  const labels = $derived([
    ...allergens.found
      .flatMap((f) => f.often.map((o) => [o.item, labelled(f.allergen)] as const))
      .reduce((all, [item, name]) => all.set(item, [...(all.get(item) ?? []), name]), new Map<string, string[]>()),
  ]);
  const instead = $derived(allergens.found.flatMap((f) => f.instead.map((o) => `${showAllergen(f.allergen)} from ${o.item}`)));
  const plate = $derived(plateOf(recipe.ingredients));
  let hands = $state(2);
  // one dish each: nobody shares
  const time = $derived(lessonTime(data.task, data.kitchen.lessonMinutes, { hands: making.makers > 1 ? 1 : hands }));
  const places = $derived([
    ...data.tools.reduce((all, t) => all.set(t.place ?? '', [...(all.get(t.place ?? '') ?? []), t.name]), new Map<string, string[]>()),
  ]);
  const missing = $derived(data.tools.filter((t) => t.place === null && toolSubstitutes(t.id).length > 0 && data.kitchen.tools.length > 0));

  const textOf = (key: string) => data.task.steps.find((s) => s.key === key)?.text ?? '';

  function changed() {
    saver.changed();
  }
  $effect(() => {
    // times and tools are worked out on the server from what is saved
    if (saver.state === 'saved' && saver.revision !== data.revision) {
      void invalidate('recipe:making');
      void invalidate('recipe:state');
    }
  });
  function setServings(field: HTMLInputElement) {
    const number = field.value.trim() === '' ? null : Math.round(Number(field.value));
    if (number !== null && (!Number.isFinite(number) || number < 1 || number > 1000)) {
      problem = 'Write a whole number from 1 to 1000, or nothing for the recipe’s own.';
      return;
    }
    problem = '';
    making.servingsWanted = number;
    changed();
  }
  function eachMakesOne(on: boolean) {
    making.makers = on ? Math.max(1, data.learners) : 1;
    if (on) making.servingsWanted = 1;
    changed();
  }
  function accept(item: string, offer: SubstituteOffer) {
    making.swaps = [...making.swaps, { item, id: offer.id }];
    swapping = null;
    changed();
  }
  function takeBack(index: number) {
    making.swaps = making.swaps.filter((_, i) => i !== index);
    changed();
  }

  const amountOf = (one: Ingredient) => {
    if (one.min === null) return '';
    const most = showAmount(one.max ?? one.min, one.unit);
    return one.max !== one.min && one.max !== null ? `${showQuantity(one.min)}–${most}` : most;
  };
  /** The measures to fill; by the other system's amount where the first is counted. */
  function fillingOf(one: Ingredient) {
    const amount = one.min !== null && kindOfUnit(one.unit) !== 'count' ? { quantity: one.min, unit: one.unit } : one.alternate;
    if (!amount) return null;
    return measuringOf(amount.quantity, amount.unit, one.item, null, data.kitchen, known.length ? known : undefined);
  }
  const heats = $derived(ovenHeats(recipe.instructions));
  const microwaves = $derived(microwaveTimes(recipe.instructions));
  const rounds = $derived(
    recipe.instructions.flatMap((line, i) => {
      const said = saidPerRound(line);
      const total = making.servingsWanted ?? own.servings;
      const batches = said && total ? batchesOf(Math.round(total), said.perRound) : null;
      return batches ? [{ line: i + 1, ...batches, minutes: said!.minutes }] : [];
    }),
  );
  const showSeconds = (s: number) => (s < 60 ? `${s} s` : `${Math.floor(s / 60)} min${s % 60 ? ` ${s % 60} s` : ''}`);
  const GROUPS: Record<PlateGroup, string> = {
    fruit: 'Fruit',
    vegetable: 'Vegetables',
    grain: 'Grains',
    protein: 'Protein',
    dairy: 'Dairy',
  };
  const empty = $derived(plate.filter((p) => p.items.length === 0).map((p) => GROUPS[p.group].toLowerCase()));
</script>

<ReadNav id={data.recipe.id} current="class" />

<div class="mt-2 flex flex-wrap items-end gap-x-6 gap-y-3">
  <label class="block">
    <span class="block text-sm text-muted">Make it for {own.servings ? `(the recipe serves ${own.servings})` : ''}</span>
    <input
      class="field w-32!"
      type="number"
      min="1"
      max="1000"
      value={making.servingsWanted ?? ''}
      placeholder={own.servings ? String(own.servings) : ''}
      disabled={!own.servings}
      aria-invalid={problem ? 'true' : undefined}
      aria-describedby="servings-problem"
      onchange={(e) => setServings(e.currentTarget)}
    />
    <span id="servings-problem" class="problem block max-w-60" role="alert">{problem}</span>
  </label>
  <label class="flex min-h-11 items-center gap-2">
    <input
      type="checkbox"
      class="size-5"
      checked={making.makers > 1}
      disabled={!own.servings || data.learners < 2}
      onchange={(e) => eachMakesOne(e.currentTarget.checked)}
    />
    Each learner makes their own ({data.learners})
  </label>
  <span class="ml-auto"><SaveState {saver} /></span>
</div>
{#if !own.servings}<p class="mt-2 text-sm text-muted">
    The recipe does not say how many it serves. Say so on <a href="/recipes/{data.recipe.id}/read">Line by line</a>, and amounts can be
    worked out for any number.
  </p>{/if}

{#if scaled && (scaled.choices.length > 0 || scaled.warnings.length > 0)}
  <div class="mt-3 max-w-3xl border-l-4 border-line pl-3" role="status">
    {#each scaled.choices as choice (choice.ingredient)}
      <p>
        <b>{scaled.recipe.ingredients[choice.ingredient]?.item}</b>: {showQuantity(choice.wanted)} does not come whole.
        {#each choice.options as option, i (i)}{i > 0
            ? ' Or '
            : ' '}{option.text}{#if option.servings && Number(option.servings) !== making.servingsWanted}
            <button
              type="button"
              class="min-h-6 text-act underline"
              onclick={() => {
                making.servingsWanted = Number(option.servings);
                changed();
              }}>make {option.servings}</button
            >{/if}.{/each}
      </p>
    {/each}
    {#each scaled.warnings as warning (warning)}<p>{warning}</p>{/each}
  </div>
{/if}

<h2 class="mt-6">Does it fit the lesson?</h2>
<p class="mt-1">
  {#if time.fits}
    <b>About {showMinutes(time.shortest)}</b> at a learner’s pace, in a lesson of {showMinutes(data.kitchen.lessonMinutes)}.
  {:else}
    <b>No: about {showMinutes(time.shortest)}</b> at a learner’s pace, and the lesson has {showMinutes(data.kitchen.lessonMinutes)}.
  {/if}
  <span class="text-muted"
    >{showMinutes(time.active)} of work, {showMinutes(time.waiting)} of waiting; cleaning is done while it waits. First figures: an adult’s time
    x 3. The lesson’s length is set on <a href="/kitchen">Kitchen</a>.</span
  >
</p>
{#if making.makers === 1}
  <label class="mt-2 inline-flex items-center gap-2"
    >Pairs of hands at work at once <input class="field w-20!" type="number" min="1" max="12" bind:value={hands} /></label
  >
{/if}
{#if !time.fits}
  <div class="mt-2 grid max-w-5xl gap-x-10 gap-y-3 md:grid-cols-2">
    <div>
      <h3>It can stop until next time after</h3>
      {#if time.stops.length > 0}
        <ul class="mt-1 space-y-1">
          {#each time.stops as stop (stop.afterKey)}
            <li>“{textOf(stop.afterKey)}” <span class="text-muted">({showMinutes(stop.minutesSoFar)} in)</span><br />{stop.keep}</li>
          {/each}
        </ul>
      {:else}<p class="mt-1 text-muted">No place was found where nothing is hot, raw or rising.</p>{/if}
    </div>
    <div>
      <h3>Or an adult does before</h3>
      <ul class="mt-1">
        {#each time.before.slice(0, 7) as one (one.key)}<li>
            {one.text} <span class="text-muted">saves {showMinutes(one.minutes)}</span>
          </li>{/each}
      </ul>
    </div>
  </div>
{/if}

<h2 class="mt-8">Amounts and measures</h2>
<fieldset class="mt-1 flex flex-wrap items-center gap-x-4 gap-y-1">
  <legend class="float-left mr-2 text-muted">Only these measures:</legend>
  {#each data.kitchen.measures as measure (measure.id)}
    <label class="flex min-h-8 items-center gap-1.5"
      ><input type="checkbox" class="size-5" value={measure.id} bind:group={known} />{measureLabel(measure)}</label
    >
  {/each}
  {#if known.length > 0}<button type="button" class="min-h-8 text-act underline" onclick={() => (known = [])}>all again</button>{/if}
</fieldset>
<!-- svelte-ignore a11y_no_noninteractive_tabindex (what scrolls must be reached by key) -->
<div class="mt-2 overflow-x-auto" role="region" aria-label="Amounts and measures" tabindex="0">
  <table class="w-full border-collapse text-left">
    <thead>
      <tr class="border-b-[3px] border-ink">
        <th class="py-1 pr-4">Ingredient</th><th class="hidden py-1 pr-4 sm:table-cell">Amount</th><th class="py-1 pr-4"
          >Measures to fill</th
        ><th class="hidden py-1 pr-4 sm:table-cell">The other way, about</th><th class="py-1"><span class="sr-only">Swap</span></th>
      </tr>
    </thead>
    <tbody>
      {#each recipe.ingredients as one, i (i)}
        {@const filling = fillingOf(one)}
        {@const offers = substitutesFor(recipe, i, data.kitchen.system)}
        {@const from = one.notes.find((n) => n.startsWith('instead of '))}
        <tr class="border-b border-line align-top">
          <td class="py-2 pr-4"
            ><span class="mr-1 sm:hidden">{amountOf(one)}</span><b>{one.item}</b>{#if from}<span class="block text-sm text-muted"
                >{from}</span
              >{/if}{#if one.preparation.length}<span class="block text-sm text-muted">{one.preparation.join(', ')}</span>{/if}</td
          >
          <td class="hidden py-2 pr-4 whitespace-nowrap sm:table-cell">{amountOf(one)}</td>
          <td class="py-2 pr-4"
            >{#if filling}{filling.text}{#if filling.small.length > 0 && filling.technique === 'measure'}<details
                  class="text-sm text-muted"
                >
                  <summary class="min-h-6">how to fill</summary>
                  <ol class="list-decimal pl-5">
                    {#each filling.small as small, k (k)}<li>{small}</li>{/each}
                  </ol>
                </details>{/if}{/if}</td
          >
          <td class="hidden py-2 pr-4 whitespace-nowrap sm:table-cell"
            >{one.min === null ? '' : (otherMeasure(one.min, one.unit, one.item, data.kitchen.system) ?? '')}</td
          >
          <td class="py-1 text-right">
            {#if offers.length > 0}<button
                type="button"
                class="btn text-sm"
                aria-expanded={swapping === i}
                onclick={() => (swapping = swapping === i ? null : i)}>Swap<span class="sr-only">{one.item}</span></button
              >{/if}
          </td>
        </tr>
        {#if swapping === i}
          <tr class="border-b border-line">
            <td colspan="5" class="bg-sheet px-3 py-2">
              <p class="font-semibold">Instead of {amountOf(one)} {one.item}:</p>
              <ul class="mt-1 divide-y divide-line">
                {#each offers as offer (offer.id)}
                  <li class="flex flex-wrap items-start gap-x-6 gap-y-1 py-2">
                    <div class="min-w-60 flex-1">
                      <b>{offer.use.map((u) => `${u.quantity ? showAmount(u.quantity, u.unit) : ''} ${u.item}`.trim()).join(' + ')}</b
                      >{#if offer.where}<span class="text-muted">, for {offer.where}</span>{/if}
                      <span class="block">{offer.changes}</span>
                      {#if offer.brings.length > 0}<span class="hazard block"
                          ><span aria-hidden="true">▲</span> brings {offer.brings.map(showAllergen).join(', ')}</span
                        >{/if}
                      {#if offer.takesOut.length > 0}<span class="block text-muted"
                          >The list then names no {offer.takesOut.map(showAllergen).join(', ')}. Labels still decide.</span
                        >{/if}
                      {#if offer.rawAfter && !offer.rawBefore}<span class="hazard block"
                          ><span aria-hidden="true">▲</span> raw {offer.rawAfter}</span
                        >{/if}
                      <span class="block text-sm text-muted">{offer.source}</span>
                    </div>
                    <button type="button" class="btn" onclick={() => accept(one.item, offer)}>Use this</button>
                  </li>
                {/each}
              </ul>
            </td>
          </tr>
        {/if}
      {/each}
    </tbody>
  </table>
</div>
<p class="mt-1 text-sm text-muted">
  A cup’s weight depends on how it is filled: the range is a guide, from common tables. Measures are this kitchen’s.
</p>

{#if making.swaps.length > 0}
  <h3 class="mt-4">Swapped in this recipe</h3>
  <ul class="mt-1">
    {#each making.swaps as swap, i (i)}
      {@const lost = swapped.lost.includes(swap)}
      <li class="flex flex-wrap items-center gap-3">
        <span
          >{lost
            ? `A swap for ${swap.item} no longer fits the recipe.`
            : (swapped.said[making.swaps.slice(0, i + 1).filter((s) => !swapped.lost.includes(s)).length - 1] ?? '')}</span
        >
        <button type="button" class="min-h-8 text-act underline" onclick={() => takeBack(i)}>Take it back</button>
      </li>
    {/each}
  </ul>
{/if}

<div class="mt-8 grid max-w-6xl gap-x-12 gap-y-8 md:grid-cols-2">
  <section>
    <h2>Allergens that these ingredients name</h2>
    {#if allergens.found.length > 0}
      <ul class="mt-1">
        {#each allergens.found.filter((f) => f.certain.length > 0) as { allergen, certain } (allergen)}
          <li class="py-0.5">
            <span class="hazard"><span aria-hidden="true">▲</span> {showAllergen(allergen)}</span>{US_ALLERGENS.includes(allergen)
              ? ': '
              : ' (EU, UK list): '}{certain.map((c) => c.why).join('; ')}.
            {#if mustNot(allergen).length > 0}<b>{mustNot(allergen).join(' and ')} must not have it.</b>{/if}
          </li>
        {/each}
      </ul>
      {#if labels.length > 0}
        <p class="mt-2"><b>Read the label of</b> {labels.map(([item, list]) => `${item} (often ${list.join('; ')})`).join('; ')}.</p>
      {/if}
      {#if instead.length > 0}<p class="mt-2"><b>If used instead:</b> {instead.join('; ')}.</p>{/if}
    {:else}<p class="mt-1">None of the listed ingredients is known to hold one.</p>{/if}
    <p class="mt-2 text-sm text-muted">
      This list may not be complete, and says nothing of traces. Read every label, and go by the learners’ own plans.{#if allergens.unknown.length > 0}
        Not known to the program: {allergens.unknown.join(', ')}.{/if}
    </p>
  </section>

  <section>
    <h2>On the plate</h2>
    <dl class="mt-1 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
      {#each plate as { group, items } (group)}
        <dt class="font-semibold">{GROUPS[group]}</dt>
        <dd class={items.length ? '' : 'text-muted'}>{items.length ? items.join(', ') : 'none'}</dd>
      {/each}
    </dl>
    <p class="mt-2 text-sm text-muted">
      Half the plate is fruit and vegetables (USDA MyPlate).{empty.length > 0 && empty.length < 5
        ? ` To round it off: ${empty.join(', ')}.`
        : ''} A learner’s own diet plan comes first.
    </p>
  </section>

  {#if heats.length > 0 || microwaves.length > 0 || rounds.length > 0}
    <section>
      <h2>Heat and rounds</h2>
      {#each heats as heat (heat.line)}
        <p class="mt-1">
          Line {heat.line}, <b>{heat.text}</b>: oven {heat.marks.celsius} °C or {heat.marks.fahrenheit} °F{heat.marks.gas
            ? `, gas ${heat.marks.gas}`
            : ''}; fan oven
          {heat.marks.fanCelsius} °C or {heat.marks.fanFahrenheit} °F.
        </p>
      {/each}
      {#each microwaves as one (one.line)}
        {@const from = one.watts ?? recipeWatts}
        <p class="mt-1">
          Line {one.line}: {showSeconds(one.seconds)} at {from} W is
          <b>{showSeconds(microwaveSeconds(one.seconds, from, watts) ?? one.seconds)} at {watts} W</b>. Then look, stir, and let it stand.
        </p>
        {#if !one.watts}<label class="mt-1 flex items-center gap-2 text-sm"
            >The recipe’s microwave has <input class="field w-24!" type="number" min="200" max="2500" bind:value={recipeWatts} /> W (it does not
            say)</label
          >{/if}
      {/each}
      {#each rounds as one (one.line)}
        <p class="mt-1">
          Line {one.line}: {one.perRound} at a time makes <b>{one.rounds} {one.rounds === 1 ? 'round' : 'rounds'}</b>{one.last !==
          one.perRound
            ? `, ${one.last} in the last`
            : ''}{one.minutes ? `, about ${showMinutes(one.rounds * one.minutes)} at the heat` : ''}.
        </p>
      {/each}
    </section>
  {/if}

  <section>
    <h2>Tools and where they are</h2>
    <dl class="mt-1 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
      {#each places as [place, names] (place)}
        <dt class="font-semibold first-letter:uppercase">{place || 'no place named'}</dt>
        <dd>{names.join(', ')}</dd>
      {/each}
    </dl>
    {#if missing.length > 0}
      <h3 class="mt-3">Not on the kitchen’s list</h3>
      <ul class="mt-1 space-y-1">
        {#each missing as tool (tool.id)}
          <li>
            <b>{tool.name}</b>:
            {#each toolSubstitutes(tool.id) as other, i (i)}{i > 0 ? ' Or ' : ' '}{other.use}. {other.changes}
              {#if other.adds.length}<Hazards hazards={other.adds} />{/if}{/each}
          </li>
        {/each}
      </ul>
    {/if}
  </section>
</div>

<p class="mt-8 flex flex-wrap gap-3">
  <a class="btn btn-act" href="/recipes/{data.recipe.id}/break-down" onclick={() => void saver.save()}>To the steps</a>
  <a class="btn" href="/shopping?recipe={data.recipe.id}" onclick={() => void saver.save()}>Shopping list</a>
</p>
