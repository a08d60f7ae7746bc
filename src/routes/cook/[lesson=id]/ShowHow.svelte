<!-- The picture of the step at hand, and how it is done where somebody asks: a loop, or three moments for whoever wants no movement. The next step is still again. -->
<script lang="ts">
  import { movementAt, type Movement } from '$lib/moving';
  import Picture from '$lib/ui/Picture.svelte';
  import PictureSoon from '$lib/ui/PictureSoon.svelte';
  import { MediaQuery } from 'svelte/reactivity';
  type Props = { svg: string; /** Address of its movement: another one is another step. */ from: string; name: string };
  let { svg, from, name }: Props = $props();
  const still = new MediaQuery('(prefers-reduced-motion: reduce)', false);
  let shown = $state.raw<{ of: string; moving: Movement | null } | null>(null);
  const now = $derived(shown?.of === from ? shown : null);
  async function toggle() {
    const of = from;
    if (now?.moving) shown = null;
    else shown = { of, moving: await movementAt(of) };
  }
</script>

<div>
  {#if now?.moving && still.current}
    <div class="grid grid-cols-3 gap-1">
      {#each now.moving.strip as moment, i (i)}<Picture svg={moment} class="w-full" />{/each}
    </div>
  {:else if now?.moving}
    <Picture svg={now.moving.loop} class="w-full lg:mx-auto lg:max-h-[35vh] lg:max-w-2xl" />
  {:else}
    <PictureSoon {svg} class="w-full lg:mx-auto lg:max-h-[35vh] lg:max-w-2xl" />
  {/if}
  <button type="button" class="btn btn-quiet min-h-6! px-0! py-0! text-sm text-act sm:min-h-11! lg:mx-auto lg:block" onclick={toggle}
    >{now?.moving ? 'Stop' : 'Show how'}<span class="sr-only">: {name}</span></button
  >
  {#if now && !now.moving}<p role="status" class="text-sm"><span aria-hidden="true">▲</span> It cannot be shown without a network.</p>{/if}
</div>
