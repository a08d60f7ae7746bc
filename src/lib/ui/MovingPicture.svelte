<!-- A picture that shows how the act goes, when asked. For whoever wants no movement it shows three moments instead. -->
<script lang="ts">
  import { ShownMovement } from './movement.svelte';
  import Picture from './Picture.svelte';
  import SayIt from './SayIt.svelte';
  import type { Snippet } from 'svelte';
  type Props = {
    children?: Snippet;
    svg: string;
    /** Address of its movement. */ from: string;
    /** The step, for the button's name. */ name: string;
    /** Address of the class's own voice for it. */ voice?: string | null;
  };
  let { svg, from, name, voice = null, children }: Props = $props();
  const how = new ShownMovement(() => from);
</script>

<div>
  {#if how.strip}
    <div class="grid grid-cols-3 gap-1">
      {#each how.strip as moment, i (i)}<Picture svg={moment} class="w-full" />{/each}
    </div>
  {:else}
    <Picture svg={how.moving?.loop ?? svg} class="mx-auto w-full" />
  {/if}
  <div class="screen-only flex justify-end">
    <SayIt words={name} own={voice} class="text-sm text-[#0b5c7a]" />
    {@render children?.()}
    <button
      type="button"
      class="flex min-h-8 items-center px-2 text-sm font-semibold text-[#0b5c7a] underline underline-offset-4"
      aria-label="{how.moving ? 'Stop' : 'Show how'}: {name}"
      onclick={() => how.toggle()}>{how.moving ? 'Stop' : 'Show how'}</button
    >
  </div>
  {#if how.failed}<p role="status" class="text-sm text-[#9b2c1b]">▲ The movement could not be fetched. Try again.</p>{/if}
</div>
