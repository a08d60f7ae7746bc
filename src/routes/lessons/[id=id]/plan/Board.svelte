<!-- The lesson as lanes: each learner's blocks, where adults are, what is full when. Time goes right; the bell and the time kept free are lines. -->
<script lang="ts">
  import type { PlanView, ShownBlock } from '$core';
  import { labelOf, short, thingName, type Names } from './say-plan';
  type Props = {
    view: PlanView;
    learners: { id: string; name: string }[];
    adults: string[];
    bell: number;
    margin: number;
    names: Names;
    selected: string | null;
    onselect: (id: string | null) => void;
    /** A block is put somewhere: to a learner, to a minute, or both. */
    onput: (block: ShownBlock, to: { who?: string; start?: number }) => void;
    /** Why a block cannot be a learner's. */
    whyNot: (block: ShownBlock, learner: string) => string;
  };
  let { view, learners, adults, bell, margin, names, selected, onselect, onput, whyNot }: Props = $props();
  const span = $derived(Math.max(bell, view.end) + 1);
  const x = (minute: number) => `${(minute / span) * 100}%`;
  const marks = $derived(Array.from({ length: Math.floor(span / 5) + 1 }, (_, i) => i * 5));
  const mine = (id: string) => view.blocks.filter((b) => b.who.includes(id)).sort((a, b) => a.start - b.start);
  const byAdult = $derived(view.blocks.filter((b) => b.who.length === 0));
  const full = $derived([...new Set(view.full.map((f) => f.thing))]);
  /** Stretches in which somebody is held by a block, in order. */
  function heldOf(b: ShownBlock): { start: number; end: number }[] {
    const out: { start: number; end: number }[] = [];
    let start = b.start;
    for (const p of b.pieces) {
      const last = out.at(-1);
      if (p.held && last?.end === start) last.end = p.end;
      else if (p.held) out.push({ start, end: p.end });
      start = p.end;
    }
    return out;
  }

  const saysOf = (b: ShownBlock, who: string | null) =>
    [
      `${names.at(b.start)} to ${names.at(b.end)}`,
      short(b.title),
      who && b.rungs.includes(who) ? 'a rung to reach' : '',
      b.adult === 'within-reach' ? 'adult within reach' : b.adult === 'adult-does' ? 'an adult does some of it' : '',
      b.locked ? 'set by you' : '',
    ]
      .filter(Boolean)
      .join(', ');

  // dragging
  let drag = $state<{ block: ShownBlock; x: number; y: number; dx: number; dy: number; lane: string | null } | null>(null);
  let lanes: HTMLElement | undefined = $state();
  const laneAt = (y: number): string | null =>
    [...(lanes?.querySelectorAll<HTMLElement>('[data-lane]') ?? [])].find((l) => {
      const r = l.getBoundingClientRect();
      return y >= r.top && y < r.bottom;
    })?.dataset.lane ?? null;
  const width = () => lanes?.querySelector('[data-lane]')?.getBoundingClientRect().width ?? 1;
  function down(e: PointerEvent, block: ShownBlock) {
    // a finger that slides over the lanes goes along them; it moves a block that was chosen first
    if (e.button !== 0 || block.who.length !== 1 || (e.pointerType === 'touch' && selected !== block.block)) return;
    drag = { block, x: e.clientX, y: e.clientY, dx: 0, dy: 0, lane: null };
    (e.currentTarget as HTMLElement).setPointerCapture(e.pointerId);
  }
  function move(e: PointerEvent) {
    if (!drag) return;
    drag = { ...drag, dx: e.clientX - drag.x, dy: e.clientY - drag.y, lane: laneAt(e.clientY) };
  }
  /** So far a finger may slip without moving anything, in pixels. */
  const SLIP = 7;
  function up() {
    if (!drag) return;
    const { block, dx, dy, lane } = drag;
    drag = null;
    if (Math.hypot(dx, dy) < SLIP) return;
    const later = Math.round((dx / width()) * span * 2) / 2;
    const to: { who?: string; start?: number } = {};
    if (lane && lane !== block.who[0]) to.who = lane;
    if (Math.abs(dx) >= SLIP) to.start = Math.max(0, block.start + later);
    onput(block, to);
  }

  function key(e: KeyboardEvent, block: ShownBlock, who: string | null) {
    const step = { ArrowLeft: -1, ArrowRight: 1 }[e.key];
    const row = { ArrowUp: -1, ArrowDown: 1 }[e.key];
    if (e.altKey && step) onput(block, { start: Math.max(0, block.start + step) });
    else if (e.altKey && row && who) {
      const next = block.may[(block.may.indexOf(who) + row + block.may.length) % block.may.length];
      if (next && next !== who) onput(block, { who: next });
    } else if (step) focusBy((list, at) => list[at + step], e);
    else if (row) {
      const here = learners.findIndex((l) => l.id === who) + row;
      const lane = lanes?.querySelectorAll<HTMLElement>('[data-lane]')[here];
      const near = [...(lane?.querySelectorAll<HTMLElement>('[data-start]') ?? [])].sort(
        (a, b) => Math.abs(Number(a.dataset.start) - block.start) - Math.abs(Number(b.dataset.start) - block.start),
      )[0];
      near?.focus();
    } else return;
    e.preventDefault();
  }
  function focusBy(pick: (list: HTMLElement[], at: number) => HTMLElement | undefined, e: KeyboardEvent) {
    const button = e.currentTarget as HTMLElement;
    const list = [...(button.closest('[data-lane]')?.querySelectorAll<HTMLElement>('[data-start]') ?? [])];
    pick(list, list.indexOf(button))?.focus();
  }
</script>

<div class="overflow-x-auto pb-2">
  <div bind:this={lanes} class="relative" style="min-width: max(100%, {Math.round(span * 11) + 110}px)">
    <div class="relative ml-28 h-6 text-xs text-muted" aria-hidden="true">
      {#each marks as m (m)}<span class="absolute -translate-x-1/2" style="left: {x(m)}">{names.at(m)}</span>{/each}
    </div>
    {#each learners as l (l.id)}
      {@const not = drag ? whyNot(drag.block, l.id) : ''}
      <div class="flex items-stretch border-t border-line">
        <div class="sticky left-0 z-20 w-28 shrink-0 bg-paper py-1 pr-2 leading-tight font-semibold">{l.name}</div>
        <div
          data-lane={l.id}
          role="list"
          aria-label="{l.name}, in order"
          class={['relative h-14 flex-1', drag && not && 'closed', drag && !not && drag.lane === l.id && 'bg-sheet']}
        >
          {#if drag && not && drag.lane === l.id}<span class="hazard absolute inset-x-2 top-0 z-30 bg-paper text-xs">{not}</span>{/if}
          {@render lines()}
          {#each view.fillers.filter((f) => f.who === l.id) as f (f.from)}
            <span
              class="absolute top-4 h-6 overflow-hidden px-1 text-xs leading-6 text-ellipsis whitespace-nowrap text-muted italic"
              style="left: {x(f.from)}; width: {x(f.to - f.from)}">{f.job}</span
            >
          {/each}
          {#each mine(l.id) as b (b.block)}{@render block(b, l.id)}{/each}
        </div>
      </div>
    {/each}
    {#each adults as a (a)}
      <div class="flex items-stretch border-t border-line">
        <div class="sticky left-0 z-20 w-28 shrink-0 bg-paper py-1 pr-2 text-sm leading-tight">{a}</div>
        <div class="relative h-10 flex-1" role="list" aria-label="{a}: where to be">
          {@render lines()}
          {#each view.stints.filter((s) => s.adult === a) as s (s.from)}
            {@const say = [s.station, ...s.with.map(names.learner), ...(s.does.length > 0 ? ['does it'] : [])].join(', ')}
            <div
              role="listitem"
              title="{names.at(s.from)} to {names.at(s.to)}: {say}"
              class="absolute top-1 h-8 overflow-hidden rounded-sm border-2 border-ink bg-sheet px-1 text-xs leading-tight"
              style="left: {x(s.from)}; width: {x(s.to - s.from)}"
            >
              <b>{s.station}</b> <span>{[...s.with.map(names.learner), ...(s.does.length > 0 ? ['does it'] : [])].join(', ')}</span>
            </div>
          {/each}
        </div>
      </div>
    {/each}
    {#if byAdult.length > 0}
      <div class="flex items-stretch border-t border-line">
        <div class="sticky left-0 z-20 w-28 shrink-0 bg-paper py-1 pr-2 text-sm leading-tight">An adult does</div>
        <div data-lane="" role="list" aria-label="What an adult does" class="relative h-14 flex-1">
          {@render lines()}
          {#each byAdult as b (b.block)}{@render block(b, null)}{/each}
        </div>
      </div>
    {/if}
    {#each full as thing (thing)}
      <div class="flex items-center border-t border-line text-xs text-muted">
        <div class="sticky left-0 z-20 w-28 shrink-0 bg-paper pr-2">{thingName(thing)} full</div>
        <div class="relative h-4 flex-1">
          {@render lines()}
          {#each view.full.filter((f) => f.thing === thing) as f (f.from)}
            <span class="absolute top-1 h-2 bg-muted" style="left: {x(f.from)}; width: {x(f.to - f.from)}"
              ><span class="sr-only">{names.at(f.from)} to {names.at(f.to)}</span></span
            >
          {/each}
        </div>
      </div>
    {/each}
    <div class="pointer-events-none absolute inset-y-0 right-0 left-28" aria-hidden="true">
      <div class="absolute inset-y-0 border-l-2 border-dashed border-muted" style="left: {x(bell - margin)}"></div>
      <div class="absolute inset-y-0 border-l-[3px] border-ink" style="left: {x(bell)}">
        <span class="absolute bottom-0 -translate-x-full bg-paper pr-1 text-xs font-semibold">bell</span>
      </div>
    </div>
  </div>
</div>

{#snippet lines()}
  {#each marks as m (m)}<span class="absolute inset-y-0 border-l border-line" style="left: {x(m)}" aria-hidden="true"></span>{/each}
{/snippet}

{#snippet block(b: ShownBlock, who: string | null)}
  {@const held = heldOf(b)}
  {@const widest = held.reduce((best, h, i) => (h.end - h.start > held[best].end - held[best].start ? i : best), 0)}
  {@const moved = drag?.block.block === b.block ? drag : null}
  <div role="listitem" class="contents">
    {#if held.length > 1 || (held[0]?.end ?? 0) < b.end}
      <span class="absolute top-[3.1rem] h-1 bg-ink" style="left: {x(b.start)}; width: {x(b.end - b.start)}" aria-hidden="true"></span>
    {/if}
    {#each held as p, i (p.start)}
      {#if i === 0}
        <button
          type="button"
          data-start={b.start}
          class={[
            'absolute top-1 h-11 overflow-hidden rounded-sm border-2 px-1 text-left text-xs leading-[1.15]',
            selected === b.block ? 'z-10 touch-none border-act bg-act text-on-act' : 'border-ink bg-sheet text-ink',
            who && b.rungs.includes(who) && 'rung',
            b.adult === 'within-reach' || b.adult === 'adult-does' ? 'near' : '',
          ]}
          style="left: {x(p.start)}; width: {x(p.end - p.start)}; {moved
            ? `transform: translate(${moved.dx}px, ${moved.dy}px); z-index: 40`
            : ''}"
          aria-pressed={selected === b.block}
          aria-label={saysOf(b, who)}
          title={saysOf(b, who)}
          onclick={() => onselect(selected === b.block ? null : b.block)}
          onkeydown={(e) => key(e, b, who)}
          onpointerdown={(e) => down(e, b)}
          onpointermove={move}
          onpointerup={up}
          onpointercancel={() => (drag = null)}
          >{#if b.locked}<span aria-hidden="true">▪</span>{/if}{i === widest && p.end - p.start >= 2 ? labelOf(b) : ''}</button
        >
      {:else}
        <span
          class={[
            'pointer-events-none absolute top-1 h-11 overflow-hidden rounded-sm border-2 px-1 text-xs leading-[1.15]',
            selected === b.block ? 'border-act bg-act text-on-act' : 'border-ink bg-sheet',
          ]}
          style="left: {x(p.start)}; width: {x(p.end - p.start)}"
          aria-hidden="true">{i === widest ? labelOf(b) : ''}</span
        >
      {/if}
    {/each}
  </div>
{/snippet}

<style>
  /* a rung to reach: a thick notched edge, as on the ladders */
  .rung {
    border-left: 0.5rem solid var(--act);
  }
  .near {
    border-bottom: 0.3rem solid var(--hazard);
  }
  .closed {
    background: repeating-linear-gradient(45deg, transparent 0 6px, var(--line) 6px 8px);
  }
</style>
