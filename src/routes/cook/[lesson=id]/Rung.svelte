<!-- One level of help as a rung to tap. The yellow one is the next: thicker, notched out over the rails, and with its word. -->
<script lang="ts">
  import type { Level } from '$core';
  type Props = { level: Level; place: number; next: boolean; on: boolean; small?: boolean; disabled: boolean; ontap: () => void };
  let { level, place, next, on, small = false, disabled, ontap }: Props = $props();
</script>

<button type="button" class="rung {next ? 'rung-next' : ''} {small ? 'small' : ''}" aria-pressed={on} {disabled} onclick={ontap}>
  <span class="text-center text-xl font-bold {small ? 'w-5' : 'w-7'}" aria-hidden="true">{level.letter}</span>
  <span class="min-w-0 flex-1 text-left">
    <span class="name block leading-tight font-semibold {small ? 'text-base' : 'text-lg'}"
      >{level.name}{#if next}<span class="font-normal">&nbsp;– next</span>{/if}</span
    >
    {#if !small}<span class="hidden text-sm leading-tight sm:block {next ? '' : 'text-muted'}">{level.say}</span>{/if}
  </span>
  {#if on}<span class="text-lg font-bold">✓ <span class="sr-only">recorded</span></span>{/if}
  {#if !small}<span class="hidden text-sm tabular-nums lg:block" aria-hidden="true">{place}</span>{/if}
</button>

<style>
  .rung {
    display: flex;
    width: 100%;
    min-height: 64px;
    align-items: center;
    gap: 0.8rem;
    padding: 0.15rem 0.9rem;
    margin-block: 0.18rem;
    --fill: var(--sheet);
    background: var(--fill);
    border-block: 0.15rem solid var(--ink);
    touch-action: manipulation;
  }
  /*
   * of several ladders: the box stays as large as it is whichever rung is the next, so that a tap lays out what is in two rungs and not the page;
   * what stands out over the rails is drawn behind the words
   */
  .small {
    position: relative;
    isolation: isolate;
    height: 64px;
    contain: size layout style;
    gap: 0.4rem;
    padding-inline: 0.4rem;
    margin-block: 0.12rem;
    border: 0;
    background: none;
  }
  .small::before {
    content: '';
    position: absolute;
    z-index: -1;
    inset: 0;
    background: var(--fill);
    border-block: 0.15rem solid var(--ink);
  }
  .rung-next.small::before {
    inset-inline: -0.5rem;
    border: 0.35rem solid var(--ink);
  }
  .small:focus-visible {
    z-index: 1;
  }
  .rung-next.small:focus-visible {
    outline-offset: 0.6rem;
  }
  @media (orientation: portrait) and (min-width: 700px) and (min-height: 1000px) {
    .small {
      height: 74px;
      gap: 0.2rem;
      padding-inline: 0.15rem;
    }
    .small .name {
      font-size: 0.9rem;
    }
    .rung-next.small .name {
      font-size: 0.82rem;
      line-height: 1.1;
    }
  }
  .rung:hover:not(:disabled) {
    --fill: color-mix(in srgb, var(--act) 12%, var(--sheet));
  }
  .rung[aria-pressed='true'] {
    --fill: var(--act);
    color: var(--on-act);
  }
  .rung[aria-pressed='true'] :global(span) {
    color: inherit;
  }
  .rung-next:not(.small) {
    width: calc(100% + 1.6rem);
    margin-inline: -0.8rem;
    padding-inline: 1.7rem;
    border-block-width: 0.35rem;
    border-inline: 0.35rem solid var(--ink);
  }
  .rung-next:not([aria-pressed='true']) {
    --fill: var(--next);
    color: var(--on-next);
    border-color: var(--ink);
  }
  .rung-next:hover:not([aria-pressed='true']):not(:disabled) {
    --fill: var(--next);
    text-decoration: underline;
  }
</style>
