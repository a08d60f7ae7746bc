<!-- One learner's ladder, beside those of others: name, step, small picture, his own yellow rung. One tap records and moves him on. -->
<script lang="ts">
  import type { Line } from '$lib/ui/line.svelte';
  import Face from '$lib/ui/Face.svelte';
  import PictureSoon from '$lib/ui/PictureSoon.svelte';
  import Hazards from '$lib/ui/Hazards.svelte';
  import { leftOf, type Timer } from '$lib/ui/timers.svelte';
  import { PRESENCE_NAMES } from '$lib/ui/words';
  import { detailOf, type Detail, type OTHER_CODES } from '$core';
  import Rung from './Rung.svelte';
  import WaitBar from './WaitBar.svelte';
  import { helpOf, nameOfCode, nameOfDetail, TAUGHT_NAMES } from './step-words';

  type Props = {
    line: Line;
    pictures: readonly string[];
    others: typeof OTHER_CODES;
    ready: boolean;
    chosen: boolean;
    waitShown: boolean;
    timer: Timer | null;
    now: number;
    onrecord: (code: string) => void;
    onundo: () => void;
    /** More is said of the last record: the help faded, there was an error. */
    ondetail: (detail: Detail) => void;
    onmore: () => void;
    onopen: () => void;
    onhere: () => void;
    /** What the plan of the lesson has for him now and next. */
    plan: { now: string; next: string; late: number } | null;
  };
  let { line, pictures, others, ready, chosen, waitShown, timer, now, onrecord, onundo, ondetail, onmore, onopen, onhere, plan }: Props =
    $props();
  const help = $derived(helpOf(line));
  const detail = $derived(detailOf(line.place.procedure.id));
  const done = $derived(line.isThrough);
  const warnings = $derived(line.item?.marks ?? []);
</script>

<section
  class="isolate flex min-w-0 flex-col px-1.5 pt-1 {chosen ? 'shadow-[inset_0_4px_0_var(--ink)]' : ''}"
  aria-label={line.person.name}
  data-learner={line.person.id}
>
  <div>
    <div class="head flex items-baseline gap-2">
      <Face at={line.person.face} class="size-6 self-center" />
      <h2 class="min-w-0 flex-1 truncate text-lg! leading-tight">
        <button type="button" class="font-bold {chosen ? 'underline decoration-[3px] underline-offset-4' : ''}" onclick={onopen}
          >{line.person.name}</button
        >
      </h2>
      {#if line.person.adult}<span class="truncate text-sm text-muted">{line.person.adult}</span>{/if}
      <span class="text-sm text-muted tabular-nums">{Math.min(line.index + 1, line.items.length)}/{line.items.length}</span>
    </div>
  </div>

  {#if plan && line.presence !== 'absent' && !done}
    <p class="truncate text-xs leading-tight {plan.late > 0 ? 'font-bold' : 'text-muted'}" title="{plan.now}{plan.next}">
      {#if plan.late > 0}<span aria-hidden="true">▶ </span>{plan.late} min late:
      {/if}{plan.now}{plan.next}
    </p>
  {/if}
  {#if line.presence === 'absent'}
    <p class="mt-4 text-muted">Absent today.</p>
    <button type="button" class="btn mt-2 min-h-16!" onclick={onhere}>{line.person.name} is here</button>
  {:else if line.items.length === 0}
    <p class="mt-4 text-muted">No step is {line.person.name}’s in this lesson.</p>
  {:else}
    <div>
      <div class="step grid grid-cols-[3.5rem_1fr] items-start gap-x-2 leading-tight">
        <PictureSoon svg={pictures[line.item?.picture ?? 0] ?? ''} class="w-14 max-[899px]:portrait:w-20" />
        <p class="words line-clamp-3 text-[0.95rem] font-semibold" dir="auto" title={line.text}>{line.text}</p>
      </div>
    </div>
    <!-- three lines: what must be known first -->
    <div class="my-1">
      <div class="known h-[3lh] overflow-hidden text-sm leading-tight">
        {#if line.mark}<p class="font-bold">{line.person.name} says: {line.mark.what === 'help' ? 'help, please' : 'done'}</p>{/if}
        {#if line.double}<p class="font-bold">
            step {line.double.index + 1} by two: {line.double.codes.map((c) => nameOfCode(line, others, c)).join(' and ')}
          </p>{/if}
        {#each warnings as mark (mark)}<p class="hazard"><span aria-hidden="true">▲</span> {mark}</p>{/each}
        {#if done}<p class="text-muted">All steps recorded.</p>
        {:else if line.isProbeOver}<p class="font-semibold">The probe is over: what follows counts as not done.</p>
        {:else if timer}<p class="font-semibold tabular-nums">{leftOf(timer, now).over ? 'Time is up' : leftOf(timer, now).text}</p>
        {:else if line.item?.who === 'adult'}<p><b>an adult does this step</b></p>
        {:else}
          <p class="text-muted">
            <Hazards hazards={(line.card?.hazards ?? []).filter((h) => h !== 'allergen' || line.card?.phase === 'serve')} />
            {TAUGHT_NAMES.get(line.item?.taught ?? '') ?? help.say}{line.presence === 'here' ? '' : ` · ${PRESENCE_NAMES[line.presence]}`}
          </p>
        {/if}
        {#if line.person.notes}<p class="font-semibold">{line.person.notes}</p>{/if}
      </div>
    </div>
    <WaitBar
      seconds={waitShown && !done && line.item?.who !== 'adult' && !timer ? help.wait : null}
      step="{line.index} {line.recordedCount}"
    />

    <ol class="ladder" aria-label="How much help {line.person.name} had">
      {#each line.hierarchy.levels as level, i (level.id)}
        <li>
          <Rung
            {level}
            place={i + 1}
            small
            next={line.item?.aim === level.id}
            on={line.held?.code === level.id}
            disabled={!ready}
            ontap={() => onrecord(level.id)}
          />
        </li>
      {/each}
    </ol>
    <div class="under mt-auto flex items-stretch gap-1.5 py-1">
      <div class="back min-w-0 flex-1">
        <button
          type="button"
          class="undo btn h-full min-h-16! w-full flex-col gap-0! px-1! py-0! text-sm leading-tight"
          disabled={!line.canUndo || !ready}
          onclick={onundo}
        >
          {#if line.justNow}
            <span class="line-clamp-2 font-normal"
              >{nameOfCode(line, others, line.justNow.code)}{nameOfDetail(line.justNow.detail)}, step {line.justNow.index + 1}</span
            ><span>Undo<span class="sr-only"> for {line.person.name}</span></span>
          {:else}<span class="font-normal text-muted">nothing yet</span>{/if}
        </button>
      </div>
      {#if detail && line.justNow}
        <button
          type="button"
          class="btn min-h-16! px-1.5! text-sm"
          aria-pressed={line.justNow.detail === detail}
          disabled={!ready}
          onclick={() => ondetail(detail)}
          >{line.justNow.detail === detail ? '✓ ' : ''}{nameOfDetail(detail).slice(2)}<span class="sr-only"
            >: the last record of {line.person.name}</span
          ></button
        >
      {/if}
      <button type="button" class="btn min-h-16! px-3!" disabled={!ready} onclick={onmore}
        >More<span class="sr-only"> for {line.person.name}</span></button
      >
    </div>
  {/if}
</section>

<style>
  /*
   * what a tap changes lies in boxes of a fixed size, so that nothing else is laid out anew under the finger; each in a block of its own, since what
   * stands in a row or column of boxes is laid out with all of them. Each ladder is drawn by itself (isolate): the others are not painted again
   */
  .step {
    height: 4.4rem;
    contain: size layout style;
  }
  .head {
    height: 1.9rem;
    contain: size layout style;
  }
  .known,
  .undo {
    contain: size layout style;
  }
  @media (orientation: portrait) and (min-width: 700px) and (min-height: 1000px) {
    .step {
      grid-template-columns: 1fr;
      align-content: start;
      row-gap: 0.3rem;
      height: 11.5rem;
    }
    .words {
      -webkit-line-clamp: 5;
      line-clamp: 5;
    }
    .known {
      height: 5lh;
    }
    .under {
      flex-direction: column;
    }
    .back {
      flex: none;
      width: 100%;
    }
  }
  .ladder {
    border-inline: 0.3rem solid var(--ink);
    padding: 0.1rem 0;
    margin-inline: 0.3rem;
  }
</style>
