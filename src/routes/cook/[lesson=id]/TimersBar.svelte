<!-- All waits that run, the one that ends first before the others; one that is over says so until somebody stops it. -->
<script lang="ts">
  import { leftOf, type Timers } from '$lib/ui/timers.svelte';
  let { timers, names }: { timers: Timers; names: readonly string[] } = $props();
  const shown = $derived(timers.running);
  let adding = $state(false);
  let name = $state('');
  let minutes = $state(5);
  function add(event: SubmitEvent) {
    event.preventDefault();
    timers.add(name.trim() || 'Timer', Math.max(1, Math.min(240, minutes)));
    [adding, name] = [false, ''];
  }
</script>

<div class="flex flex-wrap items-center gap-2" role="group" aria-label="Timers">
  {#each shown as timer (timer.id)}
    {@const left = leftOf(timer, timers.now)}
    <span class="flex items-center gap-1 border-2 border-ink {left.over ? 'bg-ink text-paper' : 'bg-sheet'}">
      <span class="px-2 leading-tight"
        ><b>{timer.name}</b> <span class="text-lg font-bold tabular-nums">{left.over ? `time is up, ${left.text}` : left.text}</span></span
      >
      <button type="button" class="min-h-11 px-2 font-semibold underline" onclick={() => timers.longer(timer.id)}
        >+1<span class="sr-only"> minute for {timer.name}</span></button
      >
      <button type="button" class="min-h-11 px-2 font-semibold underline" onclick={() => timers.stop(timer.id)}
        >Stop<span class="sr-only"> the timer of {timer.name}</span></button
      >
    </span>
  {/each}
  {#if adding}
    <form class="flex flex-wrap items-center gap-1" onsubmit={add}>
      <label class="sr-only" for="timer-name">Whose, or which pot</label>
      <input id="timer-name" class="field w-40!" maxlength="40" placeholder="Whose, or which pot" list="timer-names" bind:value={name} />
      <datalist id="timer-names"
        >{#each names as n (n)}<option value={n}></option>{/each}</datalist
      >
      <label class="sr-only" for="timer-minutes">Minutes</label>
      <input id="timer-minutes" class="field w-20!" type="number" min="1" max="240" bind:value={minutes} />
      <button class="btn btn-act">Start</button>
      <button type="button" class="btn btn-quiet" onclick={() => (adding = false)}>Not now</button>
    </form>
  {:else}
    <button type="button" class="btn btn-quiet min-h-11!" onclick={() => (adding = true)}>Timer</button>
  {/if}
</div>
