<script lang="ts">
  import { groupsFor, takenOut, type LessonInput, type ShownBlock } from '$core';
  import SaveState from '$lib/ui/SaveState.svelte';
  import { Saver } from '$lib/ui/saver.svelte';
  import { minuteOf, timeAt } from '$lib/ui/now-next';
  import { showDay, showWeekday } from '$lib/ui/words';
  import { goto } from '$app/navigation';
  import { onMount } from 'svelte';
  import Beside from './Beside.svelte';
  import BlockPanel from './BlockPanel.svelte';
  import Board from './Board.svelte';
  import Settings from './Settings.svelte';
  import Strips from './Strips.svelte';
  import { planDoc, Planner } from './planner.svelte';
  import { findingText, sentence, short, type Names } from './say-plan';
  import type { PulledLever } from './plan.worker';
  import { standingOf, tableFrom } from './standing';
  let { data } = $props();
  /** The lesson's minute now; where nobody said when it begins, it began with its first record. */
  function minuteNow(): number {
    const first = Math.min(...(data.done ?? []).map((d) => d.at));
    return Math.max(0, minuteOf(data.lesson.heldOn, data.lesson.startsAt, Date.now()) ?? (Date.now() - first) / 60_000);
  }
  const started = () => Date.now() - minuteNow() * 60_000;
  function running() {
    const { kept, done } = data;
    if (!kept || !done || done.length === 0) return null;
    const from = started();
    const steps = done.map((d) => ({ learner: d.learner, step: d.step, minute: (d.at - from) / 60_000 }));
    return { plan: tableFrom(kept.placed), standing: () => standingOf(kept.placed, steps, minuteNow()) };
  }
  /** Whoever has gone home is there until now. */
  function atHome(input: LessonInput): LessonInput {
    if (!data.done) return input;
    const gone = new Set(data.people.filter((p) => p.presence === 'left').map((p) => p.id));
    const to = Math.min(input.bell - 1, Math.max(1, Math.round(minuteNow())));
    return { ...input, learners: input.learners.map((l) => (gone.has(l.id) ? { ...l, to: Math.min(l.to, to) } : l)) };
  }
  let use = false;
  // svelte-ignore state_referenced_locally
  let used = $state(data.kept?.used ?? false);
  let touched = false;
  const changing = () => {
    touched = true;
    saver.waits();
  };
  // to look at a plan changes nothing
  // svelte-ignore state_referenced_locally
  const planner: Planner = new Planner(atHome(data.input), running(), changing, () => touched && saver.changed());
  const saver = new Saver(
    () => `/lessons/${data.lesson.id}/plan/save`,
    () => ({ use, plan: planDoc(planner, used || use) }),
    // svelte-ignore state_referenced_locally
    data.lesson.revision,
    null,
    400,
  );
  onMount(() => planner.start());
  let selected: string | null = $state(null);
  let told = $state('');

  const bell = $derived(data.input.bell);
  const adults = $derived(data.input.adults.map((a) => a.id));
  const nameBy = $derived(new Map(data.people.map((p) => [p.id, p.name])));
  const wordBy = $derived(new Map(data.dishes.flatMap((d) => d.words.map(([key, text]): [string, string] => [`${d.id} ${key}`, text]))));
  const blockBy = $derived(new Map((planner.view?.blocks ?? []).map((b) => [b.block, b])));
  const names: Names = {
    learner: (id) => nameBy.get(id) ?? '',
    step: (dish, key) => wordBy.get(`${dish} ${key}`) ?? '',
    dish: (id) => data.dishes.find((d) => d.id === id)?.title ?? '',
    block: (id) => blockBy.get(id)?.title ?? '',
    at: (minute) => timeAt(data.lesson.startsAt, minute),
  };
  const chosen = $derived(selected === null ? null : (blockBy.get(selected) ?? null));
  const worst = $derived(planner.view?.findings.find((f) => f.kind === 'cannot'));

  function whyNot(block: ShownBlock, learner: string): string {
    if (block.may.includes(learner)) return '';
    const dish = data.input.dishes.find((d) => block.steps.some((s) => s.dish === d.id));
    const team = dish?.teams.find((_, i) => block.dish === `${dish.id} ${i}`) ?? [];
    if (block.dish !== null && !team.includes(learner)) return 'another dish';
    const { cannot } = data.input.learners.find((l) => l.id === learner) ?? {};
    return block.steps.some((s) => cannot?.get(s.dish)?.has(s.key))
      ? `an adult does this for ${names.learner(learner)}`
      : 'this is each one’s own';
  }
  function put(block: ShownBlock, to: { who?: string; start?: number }) {
    const no = to.who === undefined ? '' : whyNot(block, to.who);
    if (no) {
      told = `It stays: ${no}.`;
      return;
    }
    if (to.who === undefined && to.start === undefined) return;
    const had = planner.made.locks.find((l) => l.block === block.block);
    const lock = { ...had, block: block.block, ...to };
    planner.change({ locks: [...planner.made.locks.filter((l) => l.block !== block.block), lock] });
    told = `${short(block.title)}: ${to.who ? names.learner(to.who) : ''} ${to.start === undefined ? '' : names.at(to.start)}`;
  }
  const free = (block: string) => planner.change({ locks: planner.made.locks.filter((l) => l.block !== block) });
  function before(steps: readonly { dish: string; key: string }[]) {
    const { before: had } = planner.made;
    const of = (dish: string) => [...new Set([...(had.get(dish) ?? []), ...steps.flatMap((s) => (s.dish === dish ? [s.key] : []))])];
    selected = null;
    planner.change({ before: new Map(data.input.dishes.map((d) => [d.id, of(d.id)])) }, false);
  }
  const back = (dish: string, keys: readonly string[]) => {
    const left = (planner.made.before.get(dish) ?? []).filter((k) => !keys.includes(k));
    planner.change({ before: new Map([...planner.made.before, [dish, left]]) }, false);
  };

  /** What can be done about it here and now. */
  function pull({ lever }: PulledLever) {
    const { what } = lever;
    if (what === 'set-out' || what === 'cold-work' || what === 'washing-up')
      before(data.input.dishes.flatMap((d) => takenOut(what, d.steps).map((key) => ({ dish: d.id, key }))));
  }
  /** Who shares with whom, so that each can have his own rungs. */
  function regroup() {
    const teams = new Map(
      data.input.dishes.map((d): [string, string[][]] => {
        const mode = data.dishes.find((x) => x.id === d.id)?.mode ?? 'own';
        const people = d.teams.flat().map((id) => {
          const l = data.input.learners.find((one) => one.id === id)!;
          return { id, wants: new Set([...(l.wants.get(d.id) ?? [])].filter((key) => !l.cannot.get(d.id)?.has(key))) };
        });
        return [d.id, groupsFor(people, mode)];
      }),
    );
    planner.change({ teams, locks: [] }, false);
  }
  const isPairs = $derived(data.dishes.some((d) => d.mode === 'pairs'));

  async function usePlan() {
    // what was changed a moment ago belongs to the plan that is used
    await planner.settled();
    use = true;
    saver.changed();
    const isSaved = await saver.save();
    used = used || isSaved;
    if (isSaved) await goto(data.done ? `/cook/${data.lesson.id}` : `/lessons/${data.lesson.id}`, { invalidateAll: true });
    use = false;
  }
</script>

<div class="mt-4 flex flex-wrap items-center gap-x-5 gap-y-2 print:hidden">
  <h1>Plan: {showWeekday(data.lesson.heldOn)} {showDay(data.lesson.heldOn)}</h1>
  <SaveState {saver} />
  <span class="ml-auto flex flex-wrap gap-2">
    <button type="button" class="btn" disabled={!planner.canUndo} onclick={() => planner.undo()}>Undo</button>
    <button type="button" class="btn" onclick={() => window.print()}>Print</button>
    {#if used && !planner.canUndo && !data.done}<a class="btn" href="/lessons/{data.lesson.id}">In use: to the lesson</a
      >{:else if worst && !data.done}
      <!-- what cannot be done by the bell is not what comes next -->
      <button type="button" class="btn" onclick={usePlan}>Use it all the same</button>{:else}
      <button type="button" class="next min-h-12 px-5 hover:underline disabled:opacity-55" disabled={!planner.view} onclick={usePlan}
        >{data.done ? 'Go on by this plan' : 'Use this plan'} – next</button
      >{/if}
  </span>
</div>

{#if data.input.dishes.length === 0 || data.input.learners.length === 0}
  <p class="mt-4">
    Nothing to plan yet: choose a recipe and who is there. <a href="/lessons/{data.lesson.id}">To the lesson</a>
  </p>
{:else if planner.view}
  {@const view = planner.view}
  <p class="mt-2 text-lg font-semibold" role="status">{sentence(view, bell, names)}</p>
  {#if worst}<p class="problem print:hidden">{findingText(worst, names, view.bound)}</p>{/if}
  <h2 class="hidden print:block">
    {showWeekday(data.lesson.heldOn)}
    {showDay(data.lesson.heldOn)}: {data.dishes.map((d) => d.title).join(', ')}
  </h2>
  <Board
    {view}
    learners={data.people}
    {adults}
    {bell}
    margin={planner.made.margin}
    {names}
    {selected}
    onselect={(id) => (selected = id)}
    onput={put}
    {whyNot}
  />
  <div class="print:hidden">
    <p class="sr-only" role="status">{told}</p>
    <p class="text-sm text-muted">
      <span class="key-rung">a rung to reach</span> <span class="key-near ml-3">an adult within reach</span>
      <span class="ml-3">Drag a block, or choose one and press Alt with an arrow. Dashed: the time kept free for running late.</span>
    </p>
    {#if chosen}
      <div class="mt-3">
        <BlockPanel
          block={chosen}
          {names}
          {bell}
          locked={planner.made.locks.find((l) => l.block === chosen.block) ?? null}
          onput={(to) => put(chosen, to)}
          onfree={() => free(chosen.block)}
          onbefore={() => before(chosen.steps)}
          onclose={() => (selected = null)}
        />
      </div>
    {/if}
    <Beside
      {view}
      levers={planner.levers}
      {names}
      lesson={data.lesson.id}
      dishes={data.dishes}
      timed={data.people.some((p) => p.paceOf > 0)}
      onpull={pull}
      onregroup={isPairs ? regroup : null}
      onagain={() => planner.again()}
    />
    <Settings {planner} people={data.people} {adults} {bell} {names} onback={back} />
  </div>
  <details class="mt-6 print:break-before-page" open>
    <summary class="py-2 text-lg font-bold print:hidden">As strips, one for each person</summary>
    <Strips {view} learners={data.people} {adults} {names} />
  </details>
{:else if planner.none}
  <p class="problem mt-4">
    There is no plan for this lesson: something in it can have no place. Is an adult there, is everybody there long enough, and is there at
    least one of each thing?
  </p>
  <Settings {planner} people={data.people} {adults} {bell} {names} onback={back} />
{:else}
  <p class="mt-4 text-muted">Planning …</p>
{/if}

<style>
  .key-rung {
    border-left: 0.5rem solid var(--act);
    padding-left: 0.4rem;
  }
  .key-near {
    border-bottom: 0.3rem solid var(--hazard);
  }
</style>
