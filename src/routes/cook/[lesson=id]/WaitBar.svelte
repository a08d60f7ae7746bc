<!-- The response time, as a quiet bar that grows second by second. No animation: six that run all the time would slow each tap down. -->
<script lang="ts">
  import { everyTick } from '$lib/ui/tick';
  let { seconds, step }: { seconds: number | null; step: string } = $props();
  let gone = $state(0);
  $effect(() => {
    void step;
    gone = 0;
    if (seconds === null) return;
    const most = seconds;
    const began = performance.now();
    return everyTick(() => (gone = Math.min(most, Math.floor((performance.now() - began) / 1000))));
  });
</script>

<div aria-hidden="true">
  <div class="bar h-1">
    {#if seconds !== null}<div class="h-1 bg-muted" style:width="{(100 * gone) / seconds}%"></div>{/if}
  </div>
</div>

<style>
  .bar {
    contain: strict;
  }
</style>
