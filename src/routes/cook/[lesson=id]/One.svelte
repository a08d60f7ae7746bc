<!-- One learner alone, large: on a phone, or where one adult is with one learner. -->
<script lang="ts">
  import type { OTHER_CODES } from '$core';
  import Hazards from '$lib/ui/Hazards.svelte';
  import type { Line } from '$lib/ui/line.svelte';
  import SayIt from '$lib/ui/SayIt.svelte';
  import { leftOf, type Timer } from '$lib/ui/timers.svelte';
  import { PHASE_NAMES, SUPERVISION_NAMES } from '$lib/ui/words';
  import Rung from './Rung.svelte';
  import ShowHow from './ShowHow.svelte';
  import WaitBar from './WaitBar.svelte';
  import { helpOf, nameOfCode, TAUGHT_NAMES } from './step-words';

  type Props = {
    line: Line;
    pictures: readonly string[];
    /** Address of the movement of the step at hand. */
    movementOf: (line: Line) => string;
    others: typeof OTHER_CODES;
    ready: boolean;
    waitShown: boolean;
    timer: Timer | null;
    now: number;
    onrecord: (code: string) => void;
  };
  let { line, pictures, movementOf, others, ready, waitShown, timer, now, onrecord }: Props = $props();
  const { item, card } = $derived({ item: line.item, card: line.card });
  const help = $derived(helpOf(line));
</script>

{#if item && card}
  <div class="grid flex-1 content-start gap-x-12 lg:grid-cols-[minmax(0,1fr)_27rem]" data-learner={line.person.id}>
    <section aria-label="The step" class="grid grid-cols-[9rem_1fr] items-center gap-x-4 lg:block">
      <ShowHow svg={pictures[item.picture] ?? ''} from={movementOf(line)} name={line.text} />
      <div>
        <p class="flex items-center gap-2 text-sm text-muted lg:mt-3">
          {PHASE_NAMES[card.phase]}
          <SayIt words={[line.text, ...item.lines].join(' ')} own={item.text ? null : card.voice} class="text-act" />
        </p>
        <p class="text-xl leading-tight font-semibold sm:text-3xl lg:text-4xl" dir="auto">{line.text}</p>
        {#if line.person.notes}<p class="mt-1 line-clamp-1 text-base leading-tight font-semibold sm:line-clamp-none sm:text-lg">
            {line.person.name}: {line.person.notes}
          </p>{/if}
        {#if line.mark}<p class="mt-1 text-lg font-bold">
            {line.person.name} says: {line.mark.what === 'help' ? 'help, please' : 'done'}
          </p>{/if}
        {#if line.double}<p class="mt-1 font-bold">
            Step {line.double.index + 1} was recorded by two: {line.double.codes.map((c) => nameOfCode(line, others, c)).join(' and ')}.
            Both are kept.
          </p>{/if}
        {#each item.marks as mark (mark)}<p class="mt-1"><span class="hazard"><span aria-hidden="true">▲</span> {mark}</span></p>{/each}
        {#each item.lines as words, i (i)}<p class="mt-1 text-base leading-tight font-semibold sm:text-xl" dir="auto">→ {words}</p>{/each}
        <p class="mt-1 text-base lg:mt-2 lg:text-xl">
          <Hazards hazards={card.hazards.filter((h) => h !== 'allergen' || card.phase === 'serve')} />
          {#if item.who === 'adult'}<span class="block sm:inline sm:pl-2"><b>an adult does this step</b></span>
          {:else if card.supervision !== 'none'}<span class="block text-muted sm:inline sm:pl-2">{SUPERVISION_NAMES[card.supervision]}</span
            >{/if}
        </p>
        {#if timer}<p class="mt-1 text-2xl font-bold tabular-nums">
            {leftOf(timer, now).over ? 'Time is up' : leftOf(timer, now).text}
          </p>{/if}
        {#if card.meanwhile}<p class="mt-1 hidden text-muted lg:block">Meanwhile: {card.meanwhile}</p>{/if}
      </div>
      <div class="col-span-2 mt-2 hidden max-w-2xl text-muted lg:block">
        {#if item.aim}<p>Aim: {nameOfCode(line, others, item.aim)}. {item.why}</p>
        {:else}<p>No aim yet. {item.why ?? 'This is the first lesson.'}</p>{/if}
        <p>{TAUGHT_NAMES.get(item.taught) ?? help.say}.</p>
      </div>
    </section>

    <section aria-label="How much help" class="mt-2">
      <WaitBar
        seconds={waitShown && item.who !== 'adult' && !timer && !line.isThrough ? help.wait : null}
        step="{line.index} {line.recordedCount}"
      />
      <ol class="ladder">
        {#each line.hierarchy.levels as level, i (level.id)}
          <li>
            <Rung
              {level}
              place={i + 1}
              next={item.aim === level.id}
              on={line.held?.code === level.id}
              disabled={!ready}
              ontap={() => onrecord(level.id)}
            />
          </li>
        {/each}
      </ol>
      <div class="mt-2 grid grid-cols-2 gap-2 sm:grid-cols-4">
        {#each others as other (other.id)}
          <button
            type="button"
            class="btn min-h-16! px-2! py-1! text-sm leading-tight"
            aria-pressed={line.held?.code === other.id}
            disabled={!ready}
            onclick={() => onrecord(other.id)}
            title={other.say}>{line.held?.code === other.id ? '✓ ' : ''}{other.name}</button
          >
        {/each}
      </div>
    </section>
  </div>
{:else}
  <p class="mt-6 flex-1">No step is {line.person.name}’s in this lesson.</p>
{/if}

<style>
  .ladder {
    border-inline: 0.4rem solid var(--ink);
    padding: 0.2rem 0;
    margin-inline: 0.5rem;
  }
</style>
