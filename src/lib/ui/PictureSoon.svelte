<!-- The picture of a step where a tap brings the next one: the words change with the tap, the drawing, which takes longest to lay out, in the frame after it. -->
<script lang="ts">
  import { afterPaint } from './after-paint';
  import Picture from './Picture.svelte';
  let { svg, class: more = '' }: { svg: string; class?: string } = $props();
  // svelte-ignore state_referenced_locally
  let drawn = $state.raw(svg);
  $effect(() => {
    const next = svg;
    if (next !== drawn) return afterPaint(() => (drawn = next));
  });
</script>

<Picture svg={drawn} class={more} />
