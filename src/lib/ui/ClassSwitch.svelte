<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { page } from '$app/state';
  import { onMount } from 'svelte';
  let { classes, current }: { classes: { id: string; name: string }[]; current: string | null } = $props();
  let form: HTMLFormElement;
  // a page of one learner or lesson stays with its class; lists and recipes are looked at with the other
  const back = $derived(
    /^\/(?:learners|lessons)\/./.test(page.url.pathname) ? page.url.pathname.replace(/^(\/\w+).*/, '$1') : page.url.pathname,
  );
  // other windows of this browser turn to the class that was chosen in one of them
  onMount(() => {
    const channel = new BroadcastChannel('class');
    if (sessionStorage.getItem('class') !== current) channel.postMessage(current);
    sessionStorage.setItem('class', current ?? '');
    channel.onmessage = (told) => {
      if (told.data !== current) void invalidateAll();
    };
    return () => channel.close();
  });
</script>

<form method="POST" action="/class" bind:this={form}>
  <input type="hidden" name="back" value={back} />
  <label
    ><span class="sr-only">Class</span>
    <select
      class="min-h-8 max-w-48 rounded border border-line bg-sheet px-1 text-ink"
      name="class"
      value={current}
      onchange={() => form.requestSubmit()}
      >{#each classes as one (one.id)}<option value={one.id}>{one.name}</option>{/each}</select
    ></label
  >
</form>
