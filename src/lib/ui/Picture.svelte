<!-- The picture of a step. It is drawn beside its words, so it is decoration to a screen reader. -->
<script lang="ts">
  let { svg, class: more = '' }: { svg: string; class?: string } = $props();
</script>

<svg viewBox="0 0 240 160" aria-hidden="true" focusable="false" class="block rounded bg-white {more}">
  <!-- eslint-disable-next-line svelte/no-at-html-tags -- drawn by draw-stage.ts, which escapes every word -->
  {@html svg}
</svg>
