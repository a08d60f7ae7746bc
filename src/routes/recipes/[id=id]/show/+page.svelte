<script lang="ts">
  import { goto } from '$app/navigation';
  import { PHASES, type Phase } from '$core';
  import Hazards from '$lib/ui/Hazards.svelte';
  import Keys from '$lib/ui/Keys.svelte';
  import Picture from '$lib/ui/Picture.svelte';
  import { PHASE_NAMES } from '$lib/ui/words';
  let { data } = $props();
  type Size = 'large' | 'medium' | 'small';
  let size = $state<Size>('medium');
  let paper = $state<'A4' | 'letter'>('A4');
  const phases = $derived(PHASES.filter((p) => data.cards.some((c) => c.phase === p)));
  let hidden = $state<Phase[]>([]);
  const shown = $derived(data.cards.filter((c) => !hidden.includes(c.phase)));
  const numberOf = (key: string) => data.cards.findIndex((c) => c.key === key) + 1;
  const COLUMNS: Record<Size, string> = {
    large: 'sm:grid-cols-1 print:grid-cols-1',
    medium: 'sm:grid-cols-2 lg:grid-cols-3 print:grid-cols-2',
    small: 'grid-cols-2 sm:grid-cols-3 lg:grid-cols-5 print:grid-cols-3',
  };
  const WORDS: Record<Size, string> = { large: 'text-4xl', medium: 'text-2xl', small: 'text-2xl print:text-[18pt]' };
  const perPage = { large: 1, medium: 4, small: 9 };
  const KEYS: [string, string][] = [
    ['Ctrl + P', 'print'],
    ['?', 'this sheet'],
  ];
  function toggle(phase: Phase, on: boolean) {
    hidden = on ? hidden.filter((p) => p !== phase) : [...hidden, phase];
  }
</script>

<svelte:head>
  <!-- eslint-disable-next-line svelte/no-at-html-tags -- a size of paper, one of two words -->
  {@html `<style>@page { size: ${paper}; margin: 10mm; }</style>`}
</svelte:head>
<svg width="0" height="0" class="absolute" aria-hidden="true" focusable="false">
  <!-- eslint-disable-next-line svelte/no-at-html-tags -- our own drawings only -->
  {@html data.sprite}
</svg>

<div class="screen-only mt-4 flex flex-wrap items-end gap-x-5 gap-y-3">
  <p class="min-w-48 flex-1">
    <b>{shown.length} cards.</b>
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
  <label class="block"
    ><span class="text-sm text-muted">Size</span>
    <select class="field w-auto!" bind:value={size}
      ><option value="large">large, 1 a page</option><option value="medium">medium, 4 a page</option><option value="small"
        >small, 9 a page</option
      ></select
    >
  </label>
  <label class="block"
    ><span class="text-sm text-muted">Paper</span>
    <select class="field w-auto!" bind:value={paper}><option value="A4">A4</option><option value="letter">US Letter</option></select>
  </label>
  <button type="button" class="btn btn-act" onclick={() => print()}>Print the cards</button>
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

<ol class="cards mt-4 grid gap-4 print:mt-0 {COLUMNS[size]}" data-size={size} style:--per-page={perPage[size]}>
  {#each shown as card (card.key)}
    <li class="card flex break-inside-avoid flex-col rounded border-2 border-[#1e2528] bg-white p-3 text-[#1e2528]">
      <Picture svg={card.svg} class="picture mx-auto w-full" />
      <p class="mt-2 flex gap-3 leading-tight font-semibold {WORDS[size]}" dir="auto">
        <span class="text-base font-normal text-[#4a5560] tabular-nums">{numberOf(card.key)}</span><span
          >{#if card.adult}An adult:
          {/if}{card.text}</span
        >
      </p>
      {#each card.lines as line, i (i)}<p class="mt-1 pl-6 text-xl leading-tight font-semibold" dir="auto">→ {line}</p>{/each}
      {#if card.hazards.length}<p class="mt-auto pt-2 text-lg" style:--hazard="#9b2c1b"><Hazards hazards={card.hazards} /></p>{/if}
    </li>
  {/each}
</ol>

<style>
  @media print {
    .cards {
      gap: 6mm;
    }
    .card {
      break-inside: avoid;
    }
    .cards[data-size='large'] .card {
      height: 250mm;
      justify-content: center;
    }
    .cards[data-size='medium'] .card {
      height: 124mm;
    }
    .cards[data-size='small'] .card {
      height: 82mm;
      padding: 2mm;
    }
  }
</style>
