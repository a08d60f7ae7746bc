<!-- What comes next for a learner: three at most, the first of them yellow, each with what it rests on and an answer by a person; the rest below. -->
<script lang="ts">
  import { enhance } from '$app/forms';
  import LevelMark from './LevelMark.svelte';
  import { showDay } from './words';
  type Rest = { day: string; what: string; letter: string | null; level: string | null; height: number; top: number };
  type Thing = { about: string; kind: string; saw: string; do: string; goal: string | null; rests: Rest[]; answerId: string };
  /** `action`: the form action that takes an answer. */
  let { things, action, learner }: { things: Thing[]; action: string; learner: string } = $props();
  const AT_ONCE = 3;
  const first = $derived(things.slice(0, AT_ONCE));
  const rest = $derived(things.slice(AT_ONCE));
  /** Dozens, each with its answers: made when somebody looks at them. */
  let isRestOpen = $state(false);
  /** What "Do it" is called, for each kind. */
  const YES = new Map([
    ['less-help', 'Aim for this'],
    ['more-help', 'Aim for this'],
    ['more-help-danger', 'Aim for this'],
    ['learnt', 'Call it learnt'],
    ['slipped', 'Teach it again'],
  ]);
</script>

{#snippet answers(thing: Thing)}
  <div class="mt-2 flex flex-wrap items-start gap-x-3 gap-y-1">
    <form method="POST" {action} use:enhance>
      <input type="hidden" name="id" value={thing.answerId} />
      <input type="hidden" name="about" value={thing.about} />
      <input type="hidden" name="reason" value="" />
      <button class="btn" name="taken" value="yes">{YES.get(thing.kind) ?? 'We do this'}<span class="sr-only">: {thing.do}</span></button>
    </form>
    <details>
      <summary class="inline-flex min-h-11 items-center">Not now</summary>
      <form method="POST" {action} use:enhance class="mt-1 flex flex-wrap items-end gap-2">
        <input type="hidden" name="id" value={thing.answerId} />
        <input type="hidden" name="about" value={thing.about} />
        <label class="block"
          ><span class="block text-sm">Why not, if you like</span><input
            class="field w-64!"
            name="reason"
            maxlength="500"
            autocomplete="off"
          /></label
        >
        <button class="btn" name="taken" value="no">Keep this answer</button>
      </form>
    </details>
    {#if thing.rests.length > 0}
      <details>
        <summary class="inline-flex min-h-11 items-center">What it rests on: {thing.rests.length}</summary>
        <ul class="mt-1">
          {#each thing.rests as r, i (i)}
            <li class="flex items-center gap-3">
              {#if r.letter}<LevelMark height={r.height} top={r.top} letter={r.letter} name={r.level ?? ''} />{/if}
              <span>{showDay(r.day)}{r.level ? `, ${r.level}` : ''}: {r.what}</span>
            </li>
          {/each}
        </ul>
      </details>
    {/if}
  </div>
{/snippet}

{#if first.length === 0}
  <p class="mt-2 max-w-prose">Nothing has to change for {learner} now. What the next lessons show stands here.</p>
{:else}
  <ol class="mt-2 max-w-4xl">
    {#each first as thing, i (thing.about)}
      <li class={i === 0 ? 'next px-4 py-3' : 'border-b border-line px-4 py-3'}>
        {#if i === 0}<span class="block text-sm font-normal">next</span>{/if}
        <p class={i === 0 ? 'font-normal' : ''}>{thing.saw} <b>{thing.do}</b></p>
        {@render answers(thing)}
      </li>
    {/each}
  </ol>
  {#if rest.length > 0}
    <details class="mt-3 max-w-4xl" bind:open={isRestOpen}>
      <summary>{rest.length} more, for later</summary>
      <ul class="mt-1">
        {#each isRestOpen ? rest : [] as thing (thing.about)}
          <li class="border-b border-line px-4 py-2">
            <p>{thing.saw} <b>{thing.do}</b></p>
            {@render answers(thing)}
          </li>
        {/each}
      </ul>
    </details>
  {/if}
{/if}
