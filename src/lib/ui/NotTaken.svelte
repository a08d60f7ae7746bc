<!-- Records that the server would not take: what each says and why, to be copied or thrown away by a person. -->
<script lang="ts">
  import type { Kept } from '$lib/outbox/entry';
  import { outbox } from '$lib/outbox/outbox.svelte';
  type Props = { lessonId: string; textOf: (stepKey: string) => string | null; nameOf: (code: string) => string };
  let { lessonId, textOf, nameOf }: Props = $props();
  const refused = $derived(outbox.refused.filter((e) => e.lessonId === lessonId));
  let copied = $state('');

  function wordsOf(entry: Kept): string {
    if (entry.kind === 'end') return 'The end of the lesson';
    const step = entry.stepKey === null ? 'No step' : (textOf(entry.stepKey) ?? entry.stepKey);
    return entry.kind === 'note' ? `${step} – note: ${entry.text}` : `${step} – ${nameOf(entry.code)}`;
  }
  async function copy(entry: Kept) {
    copied = await navigator.clipboard.writeText(wordsOf(entry)).then(
      () => entry.id,
      () => '',
    );
  }
</script>

<!-- closed: in the lesson the next step comes first -->
{#if refused.length > 0}
  <details class="border-t border-line">
    <summary class="problem min-h-11 cursor-pointer py-2"
      >{refused.length === 1 ? 'One record was' : `${refused.length} records were`} not taken by the server</summary
    >
    <p class="text-muted">All others are. {refused.length === 1 ? 'This one stays' : 'These stay'} on this device until you decide.</p>
    <ul>
      {#each refused as entry (entry.id)}
        <li class="flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-line py-1">
          <span class="min-w-60 flex-1">{wordsOf(entry)}<span class="block text-sm text-muted">{entry.refused?.why}</span></span>
          <span class="flex gap-2">
            <button type="button" class="btn min-h-16!" onclick={() => void copy(entry)}>{copied === entry.id ? 'Copied' : 'Copy'}</button>
            <button type="button" class="btn min-h-16!" onclick={() => outbox.throwAway(entry.id)}>Throw away</button>
          </span>
        </li>
      {/each}
    </ul>
  </details>
{/if}
