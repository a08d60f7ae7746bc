<script lang="ts">
  import Hazards from '$lib/ui/Hazards.svelte';
  import LevelMark from '$lib/ui/LevelMark.svelte';
  import Picture from '$lib/ui/Picture.svelte';
  let { data } = $props();
  const COLOURS = [
    ['paper', 'the ground of every page'],
    ['sheet', 'what is written on: fields, the chosen row, cards'],
    ['ink', 'text, rails and rungs'],
    ['muted', 'what is said beside the main thing'],
    ['line', 'thin lines between rows'],
    ['act', 'what can be pressed, what was recorded, movement in pictures'],
    ['next', 'next, and nothing else; always with a word and a notch'],
    ['hazard', 'what can hurt, and what was refused; always with a mark and a word'],
  ] as const;
  const top = $derived(data.hierarchy.levels.length - 1);
</script>

<svg width="0" height="0" class="absolute" aria-hidden="true" focusable="false">
  <!-- eslint-disable-next-line svelte/no-at-html-tags -- our own drawings only -->
  {@html data.sprite}
</svg>

<h1 class="mt-4">Design</h1>
<p class="mt-1 max-w-prose text-muted">The parts in use, alive. The rules behind them stand in docs/design.md.</p>

<section class="mt-6">
  <h2>Colours, one meaning each</h2>
  <dl class="mt-2 grid max-w-3xl grid-cols-[4rem_6rem_1fr] items-center gap-x-4 gap-y-1">
    {#each COLOURS as [name, meaning] (name)}
      <dt class="col-span-2 grid grid-cols-subgrid items-center">
        <span class="block h-9 w-16 rounded border border-ink" style:background="var(--{name})"></span><b>{name}</b>
      </dt>
      <dd>{meaning}</dd>
    {/each}
  </dl>
</section>

<section class="mt-8">
  <h2>Type</h2>
  <p class="mt-2 text-4xl leading-tight font-semibold">
    Cut the cucumber. <span class="text-base font-normal text-muted">the step in the lesson</span>
  </p>
  <p class="text-[1.6rem] leading-tight font-bold">Couscous bowl <span class="text-base font-normal text-muted">the page</span></p>
  <p class="text-[1.2rem] font-bold">Prepare <span class="text-base font-normal text-muted">a part of the page</span></p>
  <p>Fill the ⅓ cup twice with couscous. <span class="text-muted">text, 17 px</span></p>
  <p class="text-sm text-muted">adult nearby <span>small, 15 px, never smaller</span></p>
</section>

<section class="mt-8">
  <h2>Levels of help: height and letter</h2>
  <p class="mt-3 flex flex-wrap gap-5">
    {#each data.hierarchy.levels as level, i (level.id)}<LevelMark
        height={top - i}
        {top}
        letter={level.letter}
        name={level.name}
        next={i === 2}
      />{/each}
  </p>
</section>

<section class="mt-8">
  <h2>Buttons, fields, states</h2>
  <p class="mt-3 flex flex-wrap gap-3">
    <button type="button" class="btn btn-act">The one thing to do</button>
    <button type="button" class="btn">Something else</button>
    <button type="button" class="btn btn-quiet">Quiet</button>
    <button type="button" class="btn" disabled>Not now</button>
  </p>
  <div class="mt-3 grid max-w-3xl gap-4 sm:grid-cols-2">
    <label class="block"><span class="text-sm text-muted">Amount</span><input class="field" value="1 1/2" /></label>
    <div>
      <label class="block"
        ><span class="text-sm text-muted">Amount, refused</span><input
          class="field"
          value="1/0"
          aria-invalid="true"
          aria-describedby="refused"
        /></label
      >
      <p id="refused" class="problem mt-1 text-sm">“1/0” divides by zero, so it is no amount</p>
    </div>
  </div>
  <p class="next mt-4 max-w-md px-4 py-2">Break down <span class="block text-sm font-normal">next: check the steps and publish</span></p>
  <p class="mt-4"><Hazards hazards={['sharp', 'steam']} /></p>
  <div class="mt-2 max-w-prose"><Hazards hazards={['hot']} cautions /></div>
  <p class="mt-3 text-muted">
    Busy: “Saving …”, “Reading …”: the word says what goes on; nothing spins. Empty: a sentence that says why, and the button that fills it.
  </p>
</section>

<section class="mt-8">
  <h2>Cards</h2>
  <ol class="mt-3 grid gap-4 sm:grid-cols-3 lg:grid-cols-5">
    {#each data.cards as card (card.key)}
      <li class="rounded border-2 border-[#1e2528] bg-white p-3 text-[#1e2528]">
        <Picture svg={card.svg} class="w-full" />
        <p class="mt-2 text-lg leading-tight font-semibold">{card.text}</p>
        <p style:--hazard="#9b2c1b"><Hazards hazards={card.hazards} /></p>
      </li>
    {/each}
  </ol>
</section>
