<!-- Chaining: how the steps are taught, and which of them today. -->
<script lang="ts">
  import { goto } from '$app/navigation';
  import type { Chaining, TaughtAs } from '$core';
  type Person = { id: string; name: string };
  type Props = { chaining: Chaining; taught: Map<string, TaughtAs>; learners: Person[]; learner: Person | null };
  let { chaining = $bindable(), taught, learners, learner }: Props = $props();
  const count = (as: TaughtAs) => [...taught.values()].filter((t) => t === as).length;
  const WAYS: [Chaining, string][] = [
    ['total', 'Total task: every step, each time'],
    ['forward', 'Forward: the first step not mastered, then on'],
    ['backward', 'Backward: the last step not mastered, the rest helped through'],
  ];
</script>

<div class="flex flex-wrap items-end gap-x-4 gap-y-2">
  <label class="max-w-full"
    ><span class="block text-sm text-muted">Chaining</span>
    <select class="field w-auto! max-w-full" bind:value={chaining}>
      {#each WAYS as [way, words] (way)}<option value={way}>{words}</option>{/each}
    </select></label
  >
  <label class="max-w-full"
    ><span class="block text-sm text-muted">Learner</span>
    <select
      class="field w-auto! max-w-full"
      value={learner?.id ?? ''}
      onchange={(e) =>
        void goto(e.currentTarget.value ? `?learner=${e.currentTarget.value}` : '?', {
          keepFocus: true,
          noScroll: true,
          replaceState: true,
        })}
    >
      <option value="">no one yet: nothing mastered</option>
      {#each learners as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
    </select></label
  >
  <p class="py-2">
    <b>{count('taught')} taught today</b>{#if count('own')}, {count('own')} mastered{/if}{#if count('helped')}, {count('helped')} helped through{/if}{#if count('adult')},
      {count('adult')} by an adult{/if}.
  </p>
</div>
<p class="text-sm text-muted">
  A step counts as mastered by its records of earlier lessons. Who learns which way is for you and the learner’s team to choose.
</p>
