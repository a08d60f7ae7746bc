<script lang="ts">
  import { goto, invalidateAll } from '$app/navigation';
  import { page } from '$app/state';
  import { PHASES, type Phase } from '$core';
  import { withQuery } from '$lib/query';
  import Hazards from '$lib/ui/Hazards.svelte';
  import Keys from '$lib/ui/Keys.svelte';
  import { Near } from '$lib/ui/near.svelte';
  import MovingPicture from '$lib/ui/MovingPicture.svelte';
  import VoiceDialog from '$lib/ui/VoiceDialog.svelte';
  import PhotoDialog from '$lib/ui/PhotoDialog.svelte';
  import type { OwnOf } from '$lib/ui/send-own';
  import { PHASE_NAMES } from '$lib/ui/words';
  import { Popover } from 'bits-ui';
  import { unpack } from '$lib/packed';
  import type { Drawn } from '$lib/server/work/work';
  import type { SentCard } from './+page.server';
  let { data } = $props();
  const near = new Near();
  const packed = $derived(data.drawn);
  const { svgs, sprite } = $derived(unpack(packed) as Drawn);
  const cards = $derived(
    (unpack(data.cards) as SentCard[]).map((card) => ({ ...card, svg: typeof card.svg === 'number' ? (svgs[card.svg] ?? '') : card.svg })),
  );
  const phases = $derived(PHASES.filter((p) => cards.some((c) => c.phase === p)));
  const LETTERS = new Map([
    ['usual', 'text-2xl'],
    ['large', 'text-3xl'],
    ['largest', 'text-4xl'],
  ]);
  let hidden = $state<Phase[]>([]);
  const shown = $derived(cards.filter((c) => !hidden.includes(c.phase)));
  const numberOf = (key: string) => data.from + cards.findIndex((c) => c.key === key);
  const forLearner = $derived(data.learner ? `&learner=${data.learner}` : '');
  const KEYS: [string, string][] = [
    ['Tab, then Enter', 'show how a step is done'],
    ['?', 'this sheet'],
  ];
  let saving = $state<'' | 'svg' | 'png' | 'failed'>('');
  async function save(kind: 'svg' | 'png') {
    saving = kind;
    try {
      const { saveCards } = await import('$lib/ui/save-cards');
      await saveCards(shown, kind, data.recipe.title);
      saving = '';
    } catch {
      saving = 'failed';
    }
  }
  let photoOf = $state.raw<OwnOf | null>(null);
  let voiceOf = $state.raw<OwnOf | null>(null);
  const ownOf = (what: 'photo' | 'voice', { key, text }: { key: string; text: string }, has: boolean): OwnOf => ({
    at: `/recipes/${data.recipe.id}/show/${what}?step=${encodeURIComponent(key)}`,
    text,
    has,
  });
  function toggle(phase: Phase, on: boolean) {
    hidden = on ? hidden.filter((p) => p !== phase) : [...hidden, phase];
  }
</script>

<svg width="0" height="0" class="absolute" aria-hidden="true" focusable="false">
  <!-- eslint-disable-next-line svelte/no-at-html-tags -- our own drawings only -->
  {@html sprite}
</svg>

<div class="screen-only mt-4 flex flex-wrap items-end gap-x-5 gap-y-3">
  <p class="min-w-48 flex-1">
    <b>{shown.length} cards{data.all > cards.length ? ` of ${data.all}` : ''}.</b>
    <span class="text-muted">{data.version ? `From version ${data.version}.` : 'From steps that are not published yet.'}</span>
  </p>
  {#if data.learners.length > 0}
    <label class="block"
      ><span class="text-sm text-muted">For</span>
      <select
        class="field w-auto!"
        value={data.learner}
        onchange={(e) => goto(e.currentTarget.value ? `?learner=${e.currentTarget.value}` : '?', { keepFocus: true, noScroll: true })}
        ><option value="">the class</option>{#each data.learners as l (l.id)}<option value={l.id}>{l.name}</option>{/each}</select
      >
    </label>
  {/if}
  <Popover.Root>
    <Popover.Trigger class="btn btn-quiet">Save</Popover.Trigger>
    <Popover.Portal>
      <Popover.Content
        sideOffset={6}
        class="z-40 w-80 max-w-[92vw] rounded border-2 border-ink bg-sheet p-4 text-ink shadow-lg"
        aria-label="Save the cards"
      >
        <p class="font-bold">The pictures of these {shown.length} cards, in one zip</p>
        <div class="mt-2 flex gap-2">
          <button type="button" class="btn" disabled={saving === 'svg' || saving === 'png'} onclick={() => save('svg')}
            >SVG, to any size</button
          >
          <button type="button" class="btn" disabled={saving === 'svg' || saving === 'png'} onclick={() => save('png')}>PNG</button>
        </div>
        <p role="status" class="min-h-6 text-sm">
          {saving === 'failed' ? '▲ The pictures could not be made. Nothing was changed: try the other kind.' : saving ? 'Drawing …' : ''}
        </p>
        <p class="mt-2 font-bold">The words in braille, 40 cells by 25 lines</p>
        <p class="mt-1 flex gap-4">
          <a href="/recipes/{data.recipe.id}/show/braille?grade=contracted{forLearner}" download>contracted</a>
          <a href="/recipes/{data.recipe.id}/show/braille?grade=uncontracted{forLearner}" download>uncontracted</a>
        </p>
      </Popover.Content>
    </Popover.Portal>
  </Popover.Root>
  <a class="btn btn-act" href="/recipes/{data.recipe.id}/show/paper?form=cards{forLearner}">On paper</a>
  <Keys keys={KEYS} />
</div>
<fieldset class="screen-only mt-3 flex flex-wrap gap-x-5 gap-y-1">
  <legend class="sr-only">Which parts</legend>
  {#each phases as phase (phase)}
    <label class="inline-flex min-h-8 items-center gap-2"
      ><input type="checkbox" class="size-5" checked={!hidden.includes(phase)} onchange={(e) => toggle(phase, e.currentTarget.checked)} />
      {PHASE_NAMES[phase]}</label
    >
  {/each}
</fieldset>

{#snippet own(what: string, step: string, onclick: () => void)}
  <button type="button" class="flex min-h-8 items-center px-2 text-sm font-semibold text-[#0b5c7a] underline underline-offset-4" {onclick}
    >{what}<span class="sr-only">: {step}</span></button
  >
{/snippet}
<ol class="mt-4 grid grid-cols-1 gap-4 sm:grid-cols-2 lg:grid-cols-3">
  {#each shown as card, i (card.key)}
    <li class="card flex break-inside-avoid flex-col rounded border-2 border-[#1e2528] bg-white p-3 text-[#1e2528]">
      <MovingPicture
        svg={i < near.count ? card.svg : ''}
        from="/recipes/{data.recipe.id}/show/moving?step={encodeURIComponent(card.key)}{forLearner}"
        name={card.text}
        voice={card.voice}
      >
        {@render own('Photo', card.text, () => (photoOf = ownOf('photo', card, card.photo !== null)))}
        {#if !data.learner}{@render own('Voice', card.text, () => (voiceOf = ownOf('voice', card, card.voice !== null)))}{/if}
      </MovingPicture>
      <div class={data.look.words === 'none' ? 'sr-only' : data.look.words === 'above' ? 'order-first pb-2' : ''}>
        <p class="mt-2 flex gap-3 {LETTERS.get(data.look.size)} leading-tight font-semibold" dir="auto">
          <span class="text-base font-normal text-[#4a5560] tabular-nums">{numberOf(card.key)}</span><span
            >{#if card.adult}An adult:
            {/if}{card.text}</span
          >
        </p>
        {#each card.lines as line, i (i)}<p class="mt-1 pl-6 text-xl leading-tight font-semibold" dir="auto">→ {line}</p>{/each}
      </div>
      {#if card.hazards.length}<p class="mt-auto pt-2 text-lg" style:--hazard="#9b2c1b"><Hazards hazards={card.hazards} /></p>{/if}
    </li>
  {/each}
</ol>
{#if data.all > cards.length}
  <nav aria-label="More cards" class="mt-6 flex flex-wrap gap-4">
    {#if data.from > 1}<a class="btn" href={withQuery(page.url, 'from', '')}>The first cards</a>{/if}
    {#if data.from + cards.length <= data.all}
      <a class="btn btn-act" href={withQuery(page.url, 'from', String(data.from + cards.length))}>The next cards</a>
    {/if}
  </nav>
{/if}
<PhotoDialog bind:of={photoOf} onchange={invalidateAll} />
<VoiceDialog bind:of={voiceOf} onchange={invalidateAll} />

<style>
  /* pictures far down are laid out when they come near */
  .card {
    content-visibility: auto;
    contain-intrinsic-height: auto 22rem;
  }
</style>
