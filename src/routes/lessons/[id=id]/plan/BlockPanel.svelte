<!-- One block of the plan: what it is, whose, when; and what a teacher can do with it. -->
<script lang="ts">
  import type { ShownBlock } from '$core';
  import { minutes, short, type Names } from './say-plan';
  type Props = {
    block: ShownBlock;
    names: Names;
    bell: number;
    locked: { who?: string; start?: number } | null;
    onput: (to: { who?: string; start?: number }) => void;
    onfree: () => void;
    /** Its steps are done before the lesson. */
    onbefore: () => void;
    onclose: () => void;
  };
  let { block, names, bell, locked, onput, onfree, onbefore, onclose }: Props = $props();
  const nearness = {
    none: 'Nobody has to stand by.',
    nearby: 'An adult keeps it in sight.',
    'within-reach': 'An adult is within reach.',
    'adult-does': 'An adult does some of it.',
  };
</script>

<section class="rounded border-2 border-ink bg-sheet p-3" aria-label="The block that is chosen">
  <div class="flex flex-wrap items-start gap-3">
    <h2 class="flex-1">{short(block.title)}</h2>
    <button type="button" class="btn btn-quiet" onclick={onclose}>Close</button>
  </div>
  <p class="text-sm text-muted">
    {names.at(block.start)} to {names.at(block.end)}, {minutes(block.end - block.start)}. {nearness[block.adult]}
  </p>
  {#if block.steps.length > 1}
    <ol class="mt-1 list-decimal pl-6 text-sm">
      {#each block.steps as s (s.key + s.dish)}<li>{names.step(s.dish, s.key)}</li>{/each}
    </ol>
  {/if}
  <div class="mt-2 flex flex-wrap items-end gap-3">
    {#if block.may.length > 1}
      <label
        ><span class="block text-sm text-muted">Who does it</span><select
          class="field w-auto!"
          value={block.who[0] ?? ''}
          onchange={(e) => onput({ who: e.currentTarget.value })}
          >{#each block.may as id (id)}<option value={id}>{names.learner(id)}{block.rungs.includes(id) ? ', a rung to reach' : ''}</option
            >{/each}</select
        ></label
      >
    {/if}
    {#if block.who.length < 2}
      <div class="flex gap-2" role="group" aria-label="When it begins">
        <button type="button" class="btn" onclick={() => onput({ start: Math.max(0, block.start - 1) })}>1 minute earlier</button>
        <button type="button" class="btn" onclick={() => onput({ start: Math.min(bell, block.start + 1) })}>1 minute later</button>
      </div>
    {/if}
    {#if block.steps.length > 0 && (block.kind === 'gather' || block.kind === 'work')}
      <button type="button" class="btn" onclick={onbefore}>Do it before the lesson</button>
    {/if}
    {#if locked}<button type="button" class="btn" onclick={onfree}>Let the plan decide</button>{/if}
  </div>
</section>
