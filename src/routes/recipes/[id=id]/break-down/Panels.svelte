<!-- One more view of the same steps at a time, above the list; finding words in them; the way to earlier versions. -->
<script lang="ts">
  import Counter from '$lib/ui/Counter.svelte';
  import { getDesk, type Panel } from './desk.svelte';
  import Routines from './Routines.svelte';
  import TaughtToday from './TaughtToday.svelte';
  import Words from './Words.svelte';
  const desk = getDesk();
  const { editor } = desk;
  const PANELS: [Panel, string][] = [
    ['counter', 'Walk through'],
    ['taught', 'Taught today'],
    ['words', 'Reading'],
    ['routines', 'Routines'],
  ];
</script>

<div class="mt-1 flex flex-wrap items-center gap-x-1">
  {#each PANELS as [id, words] (id)}
    <button
      type="button"
      class="min-h-11 border-b-[3px] px-2 {desk.panel === id ? 'border-ink font-bold' : 'border-transparent text-act hover:border-line'}"
      aria-expanded={desk.panel === id}
      aria-controls="panel"
      onclick={() => (desk.panel = desk.panel === id ? null : id)}
      >{words}{id === 'routines' && desk.offers > 0 ? ` (${desk.offers} improved)` : ''}</button
    >
  {/each}
  <a class="min-h-11 px-2 py-2.5" href="/recipes/{desk.sent.recipe.id}/break-down/versions">Versions</a>
  {#if desk.finding !== null}
    <form
      class="ml-auto flex items-center gap-2"
      role="search"
      onsubmit={(e) => {
        e.preventDefault();
        desk.nextMatch();
      }}
    >
      <input
        id="find"
        class="field w-44!"
        type="search"
        aria-label="Find in the steps"
        bind:value={desk.finding}
        onkeydown={(e) => e.key === 'Escape' && desk.endFind()}
      />
      <span class="text-sm text-muted tabular-nums" role="status">{desk.finding.trim() ? `${desk.matches.length} found` : ''}</span>
    </form>
  {:else}<button type="button" class="btn btn-quiet ml-auto" onclick={() => desk.find()}>Find</button>{/if}
</div>
<div id="panel">
  {#if desk.panel}
    <section class="border-y border-line py-3" aria-label={PANELS.find(([id]) => id === desk.panel)![1]}>
      {#if desk.panel === 'counter'}
        <Counter
          shots={editor.shots}
          steps={editor.steps}
          ingredients={editor.ingredients}
          key={editor.selected}
          onselect={(key) => desk.select(key)}
        />
      {:else if desk.panel === 'taught'}
        <TaughtToday bind:chaining={desk.chaining} taught={desk.taught!} learners={desk.sent.learners} learner={desk.sent.learner} />
      {:else if desk.panel === 'words'}
        <Words />
      {:else}
        <Routines />
      {/if}
    </section>
  {/if}
</div>
