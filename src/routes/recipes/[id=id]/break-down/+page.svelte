<script lang="ts">
  import { invalidate } from '$app/navigation';
  import Sprite from '$lib/ui/Sprite.svelte';
  import { onKey } from './desk-keys';
  import { Desk, setDesk } from './desk.svelte';
  import DeskBar from './DeskBar.svelte';
  import Findings from './Findings.svelte';
  import Notices from './Notices.svelte';
  import Panels from './Panels.svelte';
  import Publish from './Publish.svelte';
  import { sentOf } from './sent';
  import Steps from './Steps.svelte';

  let { data, form } = $props();
  const sent = $derived(sentOf(data));
  const desk = setDesk(new Desk(() => sent));
  const { editor, saver } = desk;
  $effect(() => {
    if (saver.state === 'saved' && saver.revision !== sent.draft.revision) void invalidate('recipe:state');
  });
</script>

<svelte:window onkeydown={(event) => onKey(desk, event)} />
<Sprite pictures={desk.pictures} />

<DeskBar />
<Publish answer={form} />
<Panels />
<Notices />
{#if editor.steps.length > 0}<Findings />{/if}
<p class="sr-only" role="status">{desk.said}</p>
<Steps />
{#if editor.steps.length === 0}
  <p class="mt-4">
    There are no steps. <button type="button" class="btn" onclick={() => desk.rebuild('standard')}>Build them from the recipe</button>
  </p>
{/if}
