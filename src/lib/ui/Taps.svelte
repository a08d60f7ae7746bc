<!-- What was recorded in one lesson: the records that its figure rests on. -->
<script lang="ts">
  import LevelMark from './LevelMark.svelte';
  type Tap = { key: string; text: string; name: string; letter: string; height: number | null; top: number; observer: string };
  let { learner, goal, lesson }: { learner: string; goal?: string; lesson: string } = $props();
  const taps = $derived(
    fetch(`/learners/${learner}/taps?lesson=${lesson}${goal ? `&goal=${goal}` : ''}`).then((r) =>
      r.ok ? (r.json() as Promise<Tap[]>) : Promise.reject(new Error(String(r.status))),
    ),
  );
</script>

{#await taps}
  <p class="text-muted">Fetching what was recorded …</p>
{:then all}
  <ul class="mt-1 columns-1 gap-x-8 sm:columns-2" data-testid="taps">
    {#each all as tap (tap.key)}
      <li class="flex break-inside-avoid items-center gap-3 py-0.5">
        {#if tap.height === null}<span class="w-7 text-center font-semibold" title={tap.name}>{tap.letter}</span>
        {:else}<LevelMark height={tap.height} top={tap.top} letter={tap.letter} name={tap.name} />{/if}
        <span class="leading-tight">{tap.text}<span class="block text-sm text-muted">{tap.name}, {tap.observer}</span></span>
      </li>
    {/each}
  </ul>
{:catch}
  <p class="problem">What was recorded could not be fetched. Try again when the network is back.</p>
{/await}
