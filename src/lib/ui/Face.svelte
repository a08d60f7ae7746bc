<!-- The photograph of a learner, or the sign that he knows as his, beside his name. Where there is none, nothing stands there. -->
<script lang="ts">
  let { at, class: size = 'size-6' }: { /** Its address. */ at: string | null | undefined; class?: string } = $props();
</script>

{#if at}<img src={at} alt="" class="inline-block shrink-0 rounded border border-line object-cover {size}" />{/if}
