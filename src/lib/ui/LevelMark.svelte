<!-- A level of help as a mark on a small ladder: told apart by its height and its letter, before any colour. -->
<script lang="ts">
  type Props = { height: number; top: number; letter: string; name: string; next?: boolean };
  let { height, top, letter, name, next = false }: Props = $props();
  const y = $derived(Math.round(10 * (30 - (top > 0 ? height / top : 0) * 26)) / 10);
</script>

<!-- A table has hundreds: what they share is said once, in app.css -->
<span class="level-mark" title={name}
  ><svg viewBox="0 0 26 34" aria-hidden="true"
    ><path d="M5 2v31M21 2v31" /><path d="M5 {y}V33M21 {y}V33M4 {y}m0-1h18m-18 2h18" />{#if next}<path d="M1 {y}h24" /><path
        d="M2.5 {y}h21"
      />{/if}</svg
  ><b aria-hidden="true">{letter}</b><span class="sr-only">{name}{next ? ', next' : ''}</span></span
>
