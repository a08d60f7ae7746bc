<!-- Where the records of a lesson are, as it is: with the server, on this device, or on this page only. -->
<script lang="ts">
  import { outbox } from '$lib/outbox/outbox.svelte';
  let { waiting }: { waiting: number } = $props();
  /** All is sent, or is on its way. */
  const isUsual = $derived(outbox.onPageOnly === 0 && !outbox.offline && !outbox.nobody && (waiting > 0 || outbox.refused.length === 0));
</script>

<span class="text-sm" role="status" data-unsent={waiting} data-on-page={outbox.onPageOnly}>
  <span class={isUsual ? 'usual' : ''}>
    {#if outbox.onPageOnly > 0}<span class="problem"
        >{outbox.onPageOnly} only on this page: keep it open{outbox.offline ? ' until there is a network' : ''}</span
      >
    {:else if waiting > 0 && outbox.nobody}<span
        >{waiting} on this device: <a href="/sign-in?to={encodeURIComponent(location.pathname)}">sign in</a> to send</span
      >
    {:else if waiting > 0}<span class="text-muted">{waiting} on this device{outbox.offline ? ', waiting for the network' : ''}</span>
    {:else if outbox.refused.length === 0}<span class="text-muted">All sent</span>{/if}</span
  >
</span>

<style>
  /* every tap changes it twice: in a box of its own size it moves nothing beside it; a phone has no room to spare for that */
  @media (min-width: 700px) {
    .usual {
      display: block;
      width: 7.25rem;
      height: 1.25rem;
      contain: strict;
    }
  }
</style>
