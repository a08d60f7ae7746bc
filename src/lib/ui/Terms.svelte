<!-- Kitchen words of one line that a class may not know: each opens its meaning and a picture. -->
<script lang="ts">
  import { stageOfTerm, termsIn, type Term } from '$core';
  import { drawStage } from '$lib/pictures/draw-stage';
  import Picture from './Picture.svelte';
  import Sprite from './Sprite.svelte';
  import { Popover } from 'bits-ui';
  let { text }: { text: string } = $props();
  // named as the line names it, so that it is found again
  const terms = $derived([
    ...new Map<string, { term: Term; word: string }>(
      termsIn(text).map((f) => [f.term.term, { term: f.term, word: text.slice(f.at, f.end).toLowerCase() }]),
    ).values(),
  ]);
</script>

{#if terms.length > 0}
  <ul class="-mt-1 flex flex-wrap gap-x-3 px-2 pb-1" aria-label="Kitchen words in this line">
    {#each terms as { term, word } (term.term)}
      {@const svg = drawStage(stageOfTerm(term))}
      <li>
        <Popover.Root>
          <Popover.Trigger
            aria-label="{word}: what does it mean?"
            class="inline-flex min-h-6 items-center text-sm text-muted underline decoration-dotted underline-offset-4 hover:text-act"
            >{word}</Popover.Trigger
          >
          <Popover.Portal>
            <Popover.Content
              sideOffset={6}
              class="z-40 w-72 max-w-[92vw] rounded border-2 border-ink bg-sheet p-4 text-ink shadow-lg"
              aria-label={word}
            >
              <Sprite pictures={[svg]} />
              <Picture {svg} class="w-full" />
              <p class="mt-2"><b>{word}</b>: {term.meaning}</p>
            </Popover.Content>
          </Popover.Portal>
        </Popover.Root>
      </li>
    {/each}
  </ul>
{/if}
