<!-- How the learner's own screen and cards look and speak, and how he works the screen. -->
<script lang="ts">
  import { CARDS_A_PAGE, INKS_OF_LOOK, SCAN_SECONDS, TEXT_SIZES, WORDS_AT, type OwnLook } from '$core';
  let { look = $bindable(), onchange }: { look: OwnLook; onchange: () => void } = $props();
  const WORDS = new Map([
    ['under', 'words under'],
    ['above', 'words above'],
    ['none', 'no words'],
  ]);
  const SIZES = new Map([
    ['usual', 'usual letters'],
    ['large', 'large letters'],
    ['largest', 'very large letters'],
  ]);
  const INKS = new Map([
    ['colour', 'in colour'],
    ['line', 'lines only'],
  ]);
  const SWITCHES = [
    [0, 'touch and keys'],
    [1, 'one switch, scanning'],
    [2, 'two switches'],
  ] as const;
</script>

<fieldset {onchange}>
  <legend class="text-[1.2rem] font-bold">His or her own screen and cards</legend>
  <div class="mt-1 grid grid-cols-2 gap-x-4 gap-y-2">
    <label class="block"
      ><span class="block text-sm text-muted">Words</span><select class="field" bind:value={look.words}
        >{#each WORDS_AT as at (at)}<option value={at}>{WORDS.get(at)}</option>{/each}</select
      ></label
    >
    <label class="block"
      ><span class="block text-sm text-muted">Letters</span><select class="field" bind:value={look.size}
        >{#each TEXT_SIZES as size (size)}<option value={size}>{SIZES.get(size)}</option>{/each}</select
      ></label
    >
    <label class="block"
      ><span class="block text-sm text-muted">Pictures</span><select class="field" bind:value={look.ink}
        >{#each INKS_OF_LOOK as ink (ink)}<option value={ink}>{INKS.get(ink)}</option>{/each}</select
      ></label
    >
    <label class="block"
      ><span class="block text-sm text-muted">Cards on a page</span><select class="field" bind:value={look.perPage}
        ><option value={0}>as chosen</option>{#each CARDS_A_PAGE as n (n)}<option value={n}>{n}</option>{/each}</select
      ></label
    >
    <label class="block"
      ><span class="block text-sm text-muted">Worked by</span><select class="field" bind:value={look.switches}
        >{#each SWITCHES as [n, name] (n)}<option value={n}>{name}</option>{/each}</select
      ></label
    >
    <label class="inline-flex min-h-9 items-center gap-2"
      ><input type="checkbox" class="size-5" bind:checked={look.contrast} /> strong contrast</label
    >
    <label class="inline-flex min-h-9 items-center gap-2"
      ><input type="checkbox" class="size-5" bind:checked={look.speaks} /> says each card</label
    >
    {#if look.switches > 0}
      {#if look.switches === 1}<label class="block"
          ><span class="block text-sm text-muted">Seconds for each choice</span><input
            class="field"
            type="number"
            min={SCAN_SECONDS.least}
            max={SCAN_SECONDS.most}
            step="0.5"
            bind:value={look.scanSeconds}
          /></label
        >{/if}
      <label class="inline-flex min-h-9 items-center gap-2"
        ><input type="checkbox" class="size-5" bind:checked={look.scanSpeaks} /> says each choice</label
      >
    {/if}
  </div>
</fieldset>
