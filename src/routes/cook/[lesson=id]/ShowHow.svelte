<!-- The picture of the step at hand, and how it is done where somebody asks: a loop, or three moments for whoever wants no movement. The next step is still again. -->
<script lang="ts">
  import { ShownMovement } from '$lib/ui/movement.svelte';
  import Picture from '$lib/ui/Picture.svelte';
  import PictureSoon from '$lib/ui/PictureSoon.svelte';
  type Props = { svg: string; /** Address of its movement: another one is another step. */ from: string; name: string };
  let { svg, from, name }: Props = $props();
  const how = new ShownMovement(() => from);
</script>

<div>
  {#if how.strip}
    <div class="grid grid-cols-3 gap-1">
      {#each how.strip as moment, i (i)}<Picture svg={moment} class="w-full" />{/each}
    </div>
  {:else if how.moving}
    <Picture svg={how.moving.loop} class="w-full lg:mx-auto lg:max-h-[35vh] lg:max-w-2xl" />
  {:else}
    <PictureSoon {svg} class="w-full lg:mx-auto lg:max-h-[35vh] lg:max-w-2xl" />
  {/if}
  <button
    type="button"
    class="btn btn-quiet min-h-6! px-0! py-0! text-sm text-act sm:min-h-11! lg:mx-auto lg:block"
    onclick={() => how.toggle()}>{how.moving ? 'Stop' : 'Show how'}<span class="sr-only">: {name}</span></button
  >
  {#if how.failed}<p role="status" class="text-sm"><span aria-hidden="true">▲</span> It cannot be shown without a network.</p>{/if}
</div>
