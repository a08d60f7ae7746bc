<script lang="ts">
  import Picture from '$lib/ui/Picture.svelte';
  import { showDate } from '$lib/ui/words';
  let { data } = $props();
</script>

<p class="screen-only mt-3 flex flex-wrap items-center gap-4">
  <a href="/learners/{data.learner.id}/look-back">What is next for {data.learner.name}</a>
  <button type="button" class="btn btn-act" onclick={() => print()}>Print, or save as PDF</button>
</p>
<svg width="0" height="0" class="absolute" aria-hidden="true" focusable="false">
  <!-- eslint-disable-next-line svelte/no-at-html-tags -- our own drawings only -->
  {@html data.sprite}
</svg>

<h1 class="mt-2">What {data.learner.name} cooked</h1>
{#if !data.alone}
  <p class="mt-2 max-w-prose text-lg">
    After the first lesson in which {data.learner.name} does something alone, it stands here with its pictures.
  </p>
{:else}
  <p class="mt-2 max-w-prose text-xl">
    On {showDate(data.alone.day)}
    {data.learner.name} made <b>{data.alone.title}</b>, and did {data.alone.done} of {data.alone.of} steps alone.
    {data.cards.length < data.alone.done ? 'These are some of them:' : 'These:'}
  </p>
  <ul class="mt-4 grid max-w-4xl grid-cols-1 gap-5 sm:grid-cols-3 print:grid-cols-3">
    {#each data.cards as card (card.key)}
      <li class="break-inside-avoid">
        <Picture svg={card.svg} class="w-full border-2 border-ink" />
        <p class="mt-1 text-lg">{card.text}</p>
      </li>
    {/each}
  </ul>
  {#if data.next}
    <p class="mt-5 max-w-prose text-xl">
      Nearly alone: <b>{data.next.at}</b> If you do it at home, {data.next.how}.
    </p>
  {/if}
  <p class="mt-5 max-w-prose text-muted">Stay close in the kitchen. What {data.learner.name}’s own plan says comes first.</p>
{/if}
