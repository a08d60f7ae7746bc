<!-- A level of help as a mark on a small ladder: told apart by its height and its letter, before any colour. -->
<script lang="ts">
  type Props = { height: number; top: number; letter: string; name: string; next?: boolean };
  let { height, top, letter, name, next = false }: Props = $props();
  const y = $derived(30 - (top > 0 ? height / top : 0) * 26);
</script>

<span class="inline-flex flex-col items-center leading-none" title={name}>
  <svg width="26" height="34" viewBox="0 0 26 34" aria-hidden="true" focusable="false">
    <path d="M5 2v31M21 2v31" stroke="var(--line)" stroke-width="2" />
    <path d="M5 {y}v{33 - y}M21 {y}v{33 - y}" stroke="currentColor" stroke-width="2" />
    {#if next}
      <path d="M1 {y}h24" stroke="currentColor" stroke-width="8" /><path d="M2.5 {y}h21" stroke="var(--next)" stroke-width="5" />
    {:else}
      <path d="M4 {y}h18" stroke="currentColor" stroke-width="4" />
    {/if}
  </svg>
  <span class="text-sm font-semibold" aria-hidden="true">{letter}</span>
  <span class="sr-only">{name}{next ? ', next' : ''}</span>
</span>
