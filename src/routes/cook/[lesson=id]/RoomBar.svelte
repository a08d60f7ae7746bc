<!-- The line along the top of a lesson: what is cooked, where the records are, what runs, who records, how it is shown. -->
<script lang="ts">
  import Keys from '$lib/ui/Keys.svelte';
  import type { Room } from '$lib/ui/room.svelte';
  import SendState from '$lib/ui/SendState.svelte';
  import type { Timers } from '$lib/ui/timers.svelte';
  import { keepObserver } from './observer';
  import TimersBar from './TimersBar.svelte';
  type Props = {
    room: Room;
    timers: Timers;
    title: string;
    adults: readonly string[];
    keys: [string, string][];
    asOne: boolean;
    narrow: boolean;
    busy: boolean;
    /** Some learners work with one adult. */
    handed: boolean;
    mine: boolean;
    side: boolean;
    observer: string;
    onfinish: () => void;
  };
  let {
    room,
    timers,
    title,
    adults,
    keys,
    asOne,
    narrow,
    busy,
    handed,
    mine = $bindable(),
    side = $bindable(),
    observer = $bindable(),
    onfinish,
  }: Props = $props();
  const several = $derived(room.lines.length > 1);
  const line = $derived(room.line);
</script>

<header class="flex flex-wrap items-center gap-x-2 gap-y-1 py-1 sm:gap-x-5">
  <h1 class="max-w-36 truncate sm:max-w-none {several ? 'text-xl!' : 'text-2xl!'}">
    {several ? title : (line?.person.name ?? title)}
  </h1>
  {#if !several}<span class="hidden text-muted sm:inline">{title}</span>{/if}
  <SendState waiting={room.waiting} />
  <TimersBar {timers} names={room.lines.map((l) => l.person.name)} />
  <span class="ml-auto flex items-center gap-1">
    {#if adults.length > 1}
      <label class="hidden sm:block"
        ><span class="sr-only">Who records on this device</span>
        <select
          class="field w-auto! border-line!"
          value={observer}
          onchange={(e) => {
            observer = e.currentTarget.value;
            keepObserver(observer);
          }}
          >{#each adults as adult (adult)}<option>{adult}</option>{/each}</select
        ></label
      >
    {/if}
    {#if handed}<button type="button" class="btn btn-quiet" aria-pressed={mine} onclick={() => (mine = !mine)}
        >{mine ? 'All learners' : 'Mine only'}</button
      >{/if}
    {#if several && !narrow}<button type="button" class="btn btn-quiet" aria-pressed={!side} onclick={() => (side = !side)}
        >{side ? 'One large' : 'All'}</button
      >{/if}
    <span class="hidden sm:block"><Keys {keys} /></span>
    <a class="btn btn-quiet" href="/lessons/{room.id}">Leave</a>
    {#if !asOne}<button type="button" class="btn" disabled={busy} onclick={onfinish}>Finish</button>{/if}
  </span>
</header>
