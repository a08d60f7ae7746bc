<!-- The counter as it stands at one step, drawn: what is in which bowl, what is on, what stands out of the fridge, what hands and blades touched. -->
<script lang="ts">
  import { toolById, vesselKindOf, type Hazard, type Ingredient, type Snapshot, type Step } from '$core';
  import { drawHeld } from '$lib/pictures/draw-stage';
  import Picture from './Picture.svelte';
  import { HAZARDS, showMinutes } from './words';
  type Props = { shots: Snapshot[]; steps: Step[]; ingredients: Ingredient[]; key: string | null; onselect: (key: string) => void };
  let { shots, steps, ingredients, key, onselect }: Props = $props();
  const index = $derived(
    Math.max(
      0,
      shots.findIndex((s) => s.stepKey === key),
    ),
  );
  const shot = $derived(shots[index]);
  const step = $derived(steps[index]);
  const nameOf = (id: string) => toolById(id)?.name ?? id;
  const raw = (hazard: Hazard | null) => (hazard ? HAZARDS[hazard].name : '');
  const pictures = $derived((shot?.held ?? []).map((h) => drawHeld(vesselKindOf(h.id) ?? 'plate', [...new Set(h.items)], `held-${h.id}`)));
  const out = $derived(
    Object.entries(shot?.out ?? {}).map(([i, since]) => ({
      item: ingredients[Number(i)]?.item ?? '',
      minutes: (shot?.clock ?? 0) - since,
    })),
  );
</script>

{#if shot && step}
  <label class="flex flex-wrap items-center gap-x-4"
    ><span class="whitespace-nowrap">Step {index + 1} of {shots.length}</span>
    <input
      type="range"
      min="0"
      max={shots.length - 1}
      value={index}
      class="h-8 min-w-40 flex-1 accent-(--act)"
      aria-valuetext="{index + 1}: {step.text}"
      oninput={(e) => onselect(shots[Number(e.currentTarget.value)]!.stepKey)}
    />
    <span class="text-muted tabular-nums">{showMinutes(shot.clock)} in</span></label
  >
  <p class="mt-1 text-lg font-bold" dir="auto">{step.text}</p>
  <div class="mt-2 gap-x-8 md:flex">
    <div class="flex flex-1 flex-wrap items-start gap-4">
      {#each shot.held as held, i (held.id)}
        <figure class="w-36">
          <Picture svg={pictures[i] ?? ''} class="w-full" />
          <figcaption class="text-sm">
            <b>{nameOf(held.id)}</b>{held.items.length ? `: ${held.items.join(', ')}` : ''}
            {#if held.hot}<span class="hazard block"><span aria-hidden="true">▲</span> hot</span>{/if}
            {#if held.raw}<span class="hazard block"><span aria-hidden="true">▲</span> {raw(held.raw)}</span>{/if}
          </figcaption>
        </figure>
      {:else}
        <p class="text-muted">Nothing is in a bowl or a pan yet.</p>
      {/each}
    </div>
    <dl class="mt-3 grid grid-cols-[auto_1fr] content-start gap-x-4 gap-y-0.5 text-sm md:mt-0 md:w-80">
      <dt class="text-muted">Hands</dt>
      <dd>
        {#if shot.hands}<span class="hazard"><span aria-hidden="true">▲</span> touched {raw(shot.hands)}</span>{:else}clean{/if}
      </dd>
      <dt class="text-muted">On</dt>
      <dd>{[...shot.on.keys()].map(nameOf).join(', ') || 'nothing'}</dd>
      {#if out.length > 0}<dt class="text-muted">Out of the fridge</dt>
        <dd>{out.map((o) => `${o.item} (${showMinutes(o.minutes)})`).join(', ')}</dd>{/if}
      {#if shot.wet.size > 0}<dt class="text-muted">Wet measures</dt>
        <dd>
          {[...shot.wet].map(([m, item]) => `${m.replaceAll('-', ' ')} (${item})`).join(', ')}
        </dd>{/if}
      {#if shot.rawTools.size > 0}<dt class="text-muted">To wash before use</dt>
        <dd class="hazard">{[...shot.rawTools.keys()].map(nameOf).join(', ')}</dd>{/if}
    </dl>
  </div>
{/if}
