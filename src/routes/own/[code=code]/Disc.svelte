<!-- Time as a disc that empties; the minutes stand beside it. -->
<script lang="ts">
  let { minutes, since, now }: { minutes: number; since: number; now: number } = $props();
  const left = $derived(Math.max(0, minutes * 60_000 - (now - since)));
  const share = $derived(left / (minutes * 60_000));
  const angle = $derived(share * 2 * Math.PI);
  const path = $derived(
    share >= 0.9999 ? '' : `M50 50V6A44 44 0 ${share > 0.5 ? 1 : 0} 0 ${50 - 44 * Math.sin(angle)} ${50 - 44 * Math.cos(angle)}Z`,
  );
  const said = $derived(
    left === 0 ? 'Time is up' : left > 60_000 ? `${Math.ceil(left / 60_000)} minutes` : `${Math.ceil(left / 1000)} seconds`,
  );
</script>

<p class="flex items-center gap-4 text-3xl font-bold tabular-nums">
  <svg viewBox="0 0 100 100" class="size-28" aria-hidden="true" focusable="false">
    <circle cx="50" cy="50" r="46" fill="none" stroke="currentColor" stroke-width="4" />
    {#if share >= 0.9999}<circle cx="50" cy="50" r="44" fill="currentColor" />{:else if share > 0}<path d={path} fill="currentColor" />{/if}
  </svg>
  <span role="timer">{said}</span>
</p>
