<!-- A learner's own screen: one card, large, with "done" and "help". Worked by touch, keys, or one or two switches. No level, no other learner. -->
<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { onMount, untrack } from 'svelte';
  import Disc from './Disc.svelte';
  import Face from '$lib/ui/Face.svelte';
  import Picture from '$lib/ui/Picture.svelte';
  import { OwnWay } from '$lib/ui/own-way.svelte';
  import { play, say, voiceFor } from '$lib/ui/speak';
  let { data } = $props();
  // svelte-ignore state_referenced_locally
  const way = new OwnWay(data.cards, data.code);
  let ready = $state(false);
  let now = $state(Date.now());
  let voice = $state.raw<SpeechSynthesisVoice | null>(null);
  /** Which choice a switch would choose. */
  let at = $state(0);

  const look = $derived(data.look);
  const LETTERS = new Map([
    ['usual', 'text-3xl sm:text-5xl'],
    ['large', 'text-4xl sm:text-6xl'],
    ['largest', 'text-5xl sm:text-7xl'],
  ]);
  const card = $derived(way.card);
  const choices = $derived([
    { id: 'done', name: 'Done', act: () => way.done(), shown: card !== null },
    { id: 'help', name: way.helpAsked ? 'Help is coming' : 'Help', act: () => way.help(), shown: card !== null },
    { id: 'say', name: 'Say it', act: () => speak(), shown: (voice !== null || card?.voice) && card !== null },
    { id: 'back', name: 'Back', act: () => way.back(), shown: way.index > 0 },
  ]);
  const shown = $derived(choices.filter((c) => c.shown));
  const words = $derived(card ? [card.text, ...card.lines].join('. ') : 'All done.');

  function speak(text?: string) {
    if (text === undefined && card?.voice) play(card.voice);
    else if (voice) say(text ?? words, voice);
  }
  $effect(() => {
    const { cards } = data;
    untrack(() => way.update(cards));
  });
  $effect(() => {
    if (look.speaks && (voice || card?.voice)) speak();
  });
  $effect(() => {
    // a new card: scanning starts at its first choice, which stands for its whole time
    void card;
    at = 0;
    if (look.switches !== 1) return;
    const scan = setInterval(() => (at = (at + 1) % Math.max(1, shown.length)), look.scanSeconds * 1000);
    return () => clearInterval(scan);
  });
  $effect(() => {
    if (look.switches > 0 && look.scanSpeaks && shown[at]) speak(shown[at].name);
  });

  onMount(() => {
    way.takeUp();
    ready = true;
    const tick = setInterval(() => (now = Date.now()), 250);
    const voices = () => (voice = voiceFor(speechSynthesis.getVoices(), document.documentElement.lang || navigator.language));
    if ('speechSynthesis' in window) {
      voices();
      speechSynthesis.addEventListener('voiceschanged', voices);
    }
    const source = new EventSource(`/own/${data.code}/live`);
    source.onmessage = (event: MessageEvent<string>) => {
      const word = JSON.parse(event.data) as { what: string; steps?: { lesson: string; key: string; done: boolean }[] };
      if (word.steps) way.hear(word.steps);
      // the line was cut, or his steps are others now: all is asked for anew
      else void invalidateAll();
    };
    return () => {
      clearInterval(tick);
      source.close();
      if ('speechSynthesis' in window) speechSynthesis.removeEventListener('voiceschanged', voices);
    };
  });

  // a switch sends a key, most often space or enter; with one switch any of them chooses what is lit
  function onkeydown(event: KeyboardEvent) {
    if (event.ctrlKey || event.metaKey || event.altKey || event.repeat || !ready) return;
    const key = event.key;
    if (look.switches > 0 && (key === ' ' || key === 'Enter')) {
      event.preventDefault();
      if (look.switches === 2 && key === ' ') at = (at + 1) % Math.max(1, shown.length);
      else shown[at]?.act();
      return;
    }
    const onButton = event.target instanceof HTMLElement && event.target.closest('button') !== null;
    const act = new Map([
      ['d', 'done'],
      ['h', 'help'],
      ['s', 'say'],
      ['ArrowLeft', 'back'],
      ['ArrowRight', 'done'],
      ...(onButton
        ? []
        : ([
            [' ', 'done'],
            ['Enter', 'done'],
          ] as [string, string][])),
    ]).get(key);
    const choice = shown.find((c) => c.id === act);
    if (choice) {
      event.preventDefault();
      choice.act();
    }
  }
</script>

<svelte:window {onkeydown} />
<svg width="0" height="0" class="absolute" aria-hidden="true" focusable="false">
  <!-- eslint-disable-next-line svelte/no-at-html-tags -- our own drawings only -->
  {@html data.sprite}
</svg>

<main
  class="mx-auto flex min-h-screen max-w-5xl flex-col px-3 py-2 {look.contrast ? 'contrast' : ''}"
  data-theme={look.contrast ? 'contrast' : undefined}
  data-ready={ready}
>
  <header class="flex items-center gap-3">
    <Face at={data.face} class="size-12" />
    <h1 class="text-2xl!">{data.name}</h1>
    <!-- the way so far: a rung for each card -->
    <div class="flex h-6 flex-1 items-stretch gap-px" role="img" aria-label="{way.doneCount} of {data.cards.length} done">
      {#each data.cards as one, i (one.lesson + one.key)}
        <span class="min-w-0 flex-1 {i < way.index ? 'bg-ink' : i === way.index ? 'border-4 border-ink' : 'border border-ink/40'}"></span>
      {/each}
    </div>
    <span class="text-lg font-bold tabular-nums" aria-hidden="true">{way.doneCount}/{data.cards.length}</span>
  </header>

  {#if card}
    <section
      aria-live="polite"
      class="flex flex-1 items-center justify-center gap-4 {look.words === 'above' ? 'flex-col-reverse' : 'flex-col'}"
    >
      <Picture svg={data.pictures[card.picture] ?? ''} class="max-h-[44vh] w-full max-w-3xl" />
      <div class={look.words === 'none' ? 'sr-only' : 'text-center'}>
        <p class="{LETTERS.get(look.size)} leading-tight font-bold text-balance" dir="auto">{card.text}</p>
        {#each card.lines as line, i (i)}<p class="mt-2 text-xl font-semibold sm:text-2xl" dir="auto">→ {line}</p>{/each}
        {#if card.adult}<p class="mt-2 text-xl sm:text-2xl">An adult does this.</p>{/if}
        {#if card.then}<p class="mt-3 text-xl sm:text-2xl" dir="auto">Then: {card.then}</p>{/if}
      </div>
      {#if card.wait > 0}<Disc minutes={card.wait} since={way.since} {now} />{/if}
    </section>
  {:else}
    <p class="flex flex-1 items-center justify-center text-5xl font-bold">{ready ? 'All done!' : ''}</p>
  {/if}

  <div class="flex flex-wrap gap-3 py-2">
    {#each shown as choice, i (choice.id)}
      <button
        type="button"
        class="choice {choice.id === 'done' ? 'btn-act' : ''} {choice.id === 'say' || choice.id === 'back' ? 'small' : ''}"
        data-lit={look.switches > 0 && at === i}
        disabled={!ready}
        onclick={choice.act}>{choice.name}</button
      >
    {/each}
  </div>
</main>

<style>
  .contrast {
    background: var(--paper);
    color: var(--ink);
    max-width: none;
  }
  .choice {
    flex: 2 1 9rem;
    min-height: 6rem;
    border: 4px solid var(--ink);
    border-radius: 0.5rem;
    background: var(--sheet);
    color: var(--ink);
    font-size: 2rem;
    font-weight: 750;
    line-height: 1.1;
    touch-action: manipulation;
  }
  .choice.small {
    flex: 1 1 6rem;
    font-size: 1.4rem;
  }
  .choice.btn-act {
    background: var(--act);
    color: var(--on-act);
  }
  /* what a switch would choose now: a thick frame outside, so that it is told by more than colour */
  .choice[data-lit='true'] {
    outline: 10px solid var(--ink);
    outline-offset: 3px;
  }
</style>
