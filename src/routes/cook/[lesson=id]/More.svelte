<!-- What is one tap further for a learner: codes that are no level, a note, another step, who is there, a screen of his own. -->
<script lang="ts">
  import { DETAILS, detailOf, type Detail, type OTHER_CODES, type Presence, PRESENCES } from '$core';
  import type { Line } from '$lib/ui/line.svelte';
  import { PRESENCE_NAMES } from '$lib/ui/words';
  import { Dialog } from 'bits-ui';
  import { untrack } from 'svelte';
  import { nameOfDetail } from './step-words';

  type Props = {
    line: Line;
    others: typeof OTHER_CODES;
    offline: boolean;
    onclose: () => void;
    onrecord: (code: string) => void;
    ondetail: (detail: Detail) => void;
    onnote: (text: string) => void;
    onpresence: (presence: Presence) => void;
    adults: readonly string[];
    onadult: (adult: string | null) => void;
    onaim: (level: string | null) => void;
    onscreen: () => Promise<string | null>;
    /** The code of a lesson pass; null where this device may not give one. */
    onpass: (() => Promise<string | null>) | null;
    /** Ends it, and puts out whoever came in by it. */
    onpassend: () => Promise<boolean>;
    onfront: () => void;
    /** Where a lesson goes on when it has no further record of this learner. */
    onover: () => void;
  };
  let {
    line,
    others,
    offline,
    onclose,
    onrecord,
    ondetail,
    onnote,
    onpresence,
    adults,
    onadult,
    onaim,
    onscreen,
    onpass,
    onpassend,
    onfront,
    onover,
  }: Props = $props();
  let note = $state('');
  // chosen by a person: nothing that comes from elsewhere meanwhile may put it back
  let step = $state(untrack(() => line.index));
  let code = $state('');
  let pass = $state('');
  const own = $derived(detailOf(line.place.procedure.id));
  const details = $derived(DETAILS.filter((d) => d === own));
  const first = $derived(line.justNow);
</script>

<Dialog.Root open onOpenChange={(open) => !open && onclose()}>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-black/50" />
    <Dialog.Content
      class="fixed top-1/2 left-1/2 z-50 max-h-[94vh] w-[min(40rem,96vw)] -translate-x-1/2 -translate-y-1/2 overflow-auto rounded border-2 border-ink bg-sheet p-5 text-ink"
    >
      <Dialog.Title class="text-xl font-bold">{line.person.name}</Dialog.Title>
      <Dialog.Description class="mb-3 text-muted" dir="auto">{line.text}</Dialog.Description>

      <div class="grid grid-cols-2 gap-2 sm:grid-cols-4">
        {#each others as other (other.id)}
          <button type="button" class="btn min-h-16! px-2! text-sm leading-tight" title={other.say} onclick={() => onrecord(other.id)}
            >{line.held?.code === other.id ? '✓ ' : ''}{other.name}</button
          >
        {/each}
      </div>
      {#if first && details.length > 0}
        <p class="mt-3 flex flex-wrap items-center gap-2">
          The last record, step {first.index + 1}:
          {#each details as detail (detail)}
            <button type="button" class="btn min-h-11!" aria-pressed={first.detail === detail} onclick={() => ondetail(detail)}
              >{first.detail === detail ? '✓ ' : ''}{nameOfDetail(detail).slice(2)}</button
            >
          {/each}
        </p>
      {/if}

      <form
        class="mt-4 flex gap-2"
        onsubmit={(e) => {
          e.preventDefault();
          if (note.trim()) onnote(note.trim());
        }}
      >
        <label class="sr-only" for="note">Note on this step</label>
        <textarea
          id="note"
          class="field"
          rows="2"
          maxlength="2000"
          bind:value={note}
          placeholder="Note on this step. Keep to what was seen; no health details."></textarea>
        <button class="btn btn-act" disabled={!note.trim()}>Keep</button>
      </form>

      <div class="mt-4">
        <label for="step-to" class="block text-sm text-muted">Another step</label>
        <div class="flex flex-wrap gap-2">
          <select id="step-to" class="field min-w-0 flex-1" bind:value={step}>
            {#each line.items as item, i (item.card)}<option value={i}>{i + 1}{line.recordAt(i) ? ' ✓' : ''} {line.textAt(i)}</option
              >{/each}
          </select>
          <button
            type="button"
            class="btn"
            onclick={() => {
              line.goTo(step);
              onclose();
            }}>Go on from there</button
          >
          <button
            type="button"
            class="btn"
            onclick={() => {
              line.goOutOfOrder(step);
              onclose();
            }}>Done out of order</button
          >
        </div>
      </div>

      <div class="mt-4 flex flex-wrap items-center gap-2">
        {#each PRESENCES as presence (presence)}
          <button
            type="button"
            class="btn min-h-11! {line.presence === presence ? 'btn-act' : ''}"
            aria-pressed={line.presence === presence}
            disabled={offline}
            onclick={() => onpresence(presence)}>{PRESENCE_NAMES[presence]}</button
          >
        {/each}
        <button type="button" class="btn min-h-11!" onclick={onfront}>To the front</button>
        <button type="button" class="btn min-h-11!" onclick={onover}>End for {line.person.name}</button>
      </div>
      <div class="mt-3 flex flex-wrap items-end gap-3">
        <label class="block"
          ><span class="block text-sm text-muted">Aim at this step</span>
          <select class="field" disabled={offline} value={line.item?.aim ?? ''} onchange={(e) => onaim(e.currentTarget.value || null)}
            ><option value="">as the records say</option>{#each line.hierarchy.levels as l (l.id)}<option value={l.id}>{l.name}</option
              >{/each}</select
          ></label
        >
        {#if adults.length > 1}
          <label class="block"
            ><span class="block text-sm text-muted">With</span>
            <select
              class="field"
              disabled={offline}
              value={line.person.adult ?? ''}
              onchange={(e) => onadult(e.currentTarget.value || null)}
              ><option value="">whoever is near</option>{#each adults as adult (adult)}<option>{adult}</option>{/each}</select
            ></label
          >
        {/if}
      </div>
      {#if offline}<p class="text-sm text-muted">Who is there can be said when there is a network again.</p>{/if}

      <p class="mt-4 flex flex-wrap items-center gap-3">
        {#if code}
          <span
            >On the other device open <b>{location.host}/own</b> and enter <b class="text-2xl tracking-widest tabular-nums">{code}</b></span
          >
        {:else}
          <button type="button" class="btn min-h-11!" disabled={offline} onclick={async () => (code = (await onscreen()) ?? '')}
            >A screen for {line.person.name}</button
          >
        {/if}
        {#if pass}
          <span
            >On the other adult’s device open <b>{location.host}/own</b> and enter
            <b class="text-2xl tracking-widest whitespace-nowrap tabular-nums">{pass.slice(0, 4)} {pass.slice(4)}</b>: this lesson opens
            there, and nothing else.
            <button
              type="button"
              class="btn btn-quiet min-h-11!"
              disabled={offline}
              onclick={async () => {
                if (await onpassend()) pass = '';
              }}>End it, for every device that came in</button
            ></span
          >
        {:else if onpass}
          <button type="button" class="btn min-h-11!" disabled={offline} onclick={async () => (pass = (await onpass()) ?? '')}
            >Let another adult’s device in</button
          >
        {/if}
        <Dialog.Close class="btn ml-auto min-h-11!">Close</Dialog.Close>
      </p>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
