<!-- The drawings that the pictures of a page refer to, each once. -->
<script lang="ts">
  import { spriteFor } from '$lib/pictures/sprite';
  let { pictures }: { pictures: string[] } = $props();
</script>

<svg width="0" height="0" class="absolute" aria-hidden="true" focusable="false">
  <!-- eslint-disable-next-line svelte/no-at-html-tags -- our own drawings only -->
  {@html spriteFor(pictures)}
</svg>
