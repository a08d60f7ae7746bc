<script lang="ts">
  import { goto, invalidateAll } from '$app/navigation';
  import { navigating } from '$app/state';
  import { onMount, untrack } from 'svelte';
  import type { Detail, Presence } from '$core';
  import { afterPaint } from '$lib/ui/after-paint';
  import { isTyping } from '$lib/ui/keys';
  import type { Line } from '$lib/ui/line.svelte';
  import NotTaken from '$lib/ui/NotTaken.svelte';
  import { Room } from '$lib/ui/room.svelte';
  import type { RoomData, RoomPictures } from '$lib/ui/room-data';
  import { forgetOnDevice, keepOnDevice } from '$lib/ui/on-device';
  import { ringOut, Timers } from '$lib/ui/timers.svelte';
  import { outbox } from '$lib/outbox/outbox.svelte';
  import { keysOf } from './keys-of';
  import { minuteOf, nowNext, timeAt } from '$lib/ui/now-next';
  import { observerName } from './observer';
  import { stayAwake } from './stay-awake';
  import { nameOfCode, nameOfDetail } from './step-words';
  import BeAt from './BeAt.svelte';
  import Ladder from './Ladder.svelte';
  import One from './One.svelte';
  import { unpack } from '$lib/packed';
  import OneBar from './OneBar.svelte';
  import Strip from './Strip.svelte';
  import RoomBar from './RoomBar.svelte';

  let { data } = $props();
  const given = $derived(unpack(data.room) as RoomData);
  const packed = $derived(data.pictures);
  const { pictures, sprite } = $derived(unpack(packed) as RoomPictures);
  let observer = $state('teacher');
  // a lesson starts from what was loaded and then is the master
  // svelte-ignore state_referenced_locally
  const who = {
    get observer() {
      return observer;
    },
    second: data.second,
  };
  // svelte-ignore state_referenced_locally
  // who is on the way to another page stays on it: to ask for this one again would end that
  const room = new Room(given, who, () => void (navigating.to === null && invalidateAll()));
  // svelte-ignore state_referenced_locally
  const timers = new Timers(room, given.id, ringOut);
  let ready = $state(false);
  let side = $state(true);
  let said = $state('');
  let more = $state<Line | null>(null);
  let ending = $state<Line[] | null>(null);
  let busy = $state(false);
  let narrow = $state(false);
  const several = $derived(room.lines.length > 1);
  const asOne = $derived(!several || narrow || !side);
  /** Only those who work with the adult of this device, or with nobody in particular. */
  let mine = $state(false);
  const handed = $derived(room.lines.some((l) => l.person.adult !== null));
  const shown = $derived(mine && handed ? room.lines.filter((l) => l.person.adult === null || l.person.adult === observer) : room.lines);
  const line = $derived(room.line);

  onMount(() => {
    observer = observerName(given.adults);
    if (data.today && !data.second) keepOnDevice([`/cook/${given.id}`]);
    const query = matchMedia('(max-width: 699px)');
    const look = () => (narrow = query.matches);
    look();
    query.addEventListener('change', look);
    const letGo = stayAwake();
    const stop = timers.start();
    let unfollow = () => {};
    let gone = false;
    void room.takeUp().then(() => {
      ready = true;
      if (!gone) unfollow = room.follow();
    });
    return () => {
      gone = true;
      unfollow();
      stop();
      query.removeEventListener('change', look);
      letGo();
    };
  });
  let loaded = false;
  $effect(() => {
    const now = given;
    if (loaded) untrack(() => room.update(now));
    loaded = true;
  });

  function record(of: Line, code: string, how: 'tap' | 'key', detail: Detail | null = null) {
    const text = of.text;
    const taken = of.record(code, how, detail);
    // first of all the finger sees what it did; whose turn it is for keys, and what is read out, come with the next frame. A key is for who is chosen already
    afterPaint(() => {
      if (how === 'tap') room.choose(room.lines.indexOf(of));
      if (taken) said = `${of.person.name}, ${nameOfCode(of, data.others, code)}${nameOfDetail(detail)}: ${text}`;
    });
    if (taken) room.keep();
  }
  function undo(of: Line, how: 'tap' | 'key') {
    of.undo(how);
    said = `${of.person.name}: taken back.`;
    room.keep();
  }
  /** Tells the server of something that is no record. @returns its answer, or null where there is no network */
  async function tell(what: string, body: object, method = 'POST'): Promise<{ code?: string } | null> {
    const answer = await fetch(`/cook/${given.id}/${what}`, {
      method,
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    }).catch(() => null);
    said = answer?.ok ? '' : 'There is no network: this could not be said.';
    return answer?.ok ? ((await answer.json()) as { code?: string }) : null;
  }
  async function presence(of: Line, value: Presence) {
    if (await tell('presence', { learnerId: of.person.id, presence: value })) of.presence = value;
  }
  const handOver = (of: Line, adult: string | null) => tell('adult', { learnerId: of.person.id, adult });
  /** As he sees it; of the newest version of its recipe. */
  function movementOf({ card, person }: Line): string {
    const recipe = data.recipes.find((r) => r.lesson === card?.lesson)?.id ?? '';
    return `/recipes/${recipe}/show/moving?step=${encodeURIComponent(card?.key ?? '')}&learner=${person.id}`;
  }
  const setAim = (of: Line, level: string | null) =>
    of.card ? tell('aim', { lessonId: of.card.lesson, learnerId: of.person.id, stepKey: of.card.key, level }) : null;
  const screenOf = async (of: Line) => (await tell('screen', { learnerId: of.person.id }))?.code ?? null;
  function finish(lines: Line[]) {
    for (const of of lines) of.settle();
    const open = lines.filter((l) => l.presence !== 'absent' && !l.isThrough && l.items.length > 0);
    if (open.length > 0) ending = lines;
    else void end(lines);
  }
  async function end(lines: Line[]) {
    [ending, busy] = [null, true];
    const how = await room.finish(lines.filter((l) => l.presence !== 'absent'));
    busy = false;
    if (lines.length < room.lines.length) said = `Over for ${lines.map((l) => l.person.name).join(', ')}.`;
    else if (how === 'sent') {
      // nothing of a lesson that is over and sent stays on the device
      forgetOnDevice(`/cook/${given.id}`);
      return goto(lines.length > 1 ? '/look-back' : `/recipes/${data.recipes[0].id}/look-back?learner=${lines[0].person.id}`);
    } else if (how === 'refused') said = 'Finished. What the server did not take stands above.';
    else if (outbox.onPageOnly > 0) said = 'Finished, but only on this page so far. Keep it open until all is sent.';
    else said = 'Finished on this device. It goes to the server as soon as there is a network.';
  }

  function onkeydown(event: KeyboardEvent) {
    if (isTyping(event) || event.ctrlKey || event.metaKey || event.altKey || event.repeat || !ready || !line) return;
    const key = event.key.toLowerCase();
    const { levels } = line.hierarchy;
    const number = Number(event.key);
    const level = (number >= 1 && number <= levels.length && levels[number - 1]) || levels.find((l) => l.letter.toLowerCase() === key);
    const other = data.others.find((o) => o.letter.toLowerCase() === key);
    const turn = (by: number) =>
      several ? room.choose(room.lines.indexOf(shown.at((shown.indexOf(line) + by) % shown.length) ?? line)) : line.go(by);
    const act = new Map([
      ['u', () => undo(line, 'key')],
      ['arrowleft', () => turn(-1)],
      ['arrowright', () => turn(1)],
      ['arrowup', () => line.go(-1)],
      ['arrowdown', () => line.go(1)],
      ['home', () => line.goTo(0)],
      ['t', () => (more = line)],
      ['b', () => (side = !side)],
      ['e', () => finish(room.lines)],
    ]);
    const what = level ? () => record(line, level.id, 'key') : other ? () => record(line, other.id, 'key') : act.get(key);
    if (what && (line.presence !== 'absent' || (!level && !other))) {
      event.preventDefault();
      what();
    }
  }
  const KEYS = $derived(keysOf(several, line?.hierarchy.levels ?? [], data.others));
  const minute = $derived(minuteOf(given.heldOn, given.startsAt, timers.now));
  /** What the plan has for a learner, in words; null where there is no plan. */
  function planFor(of: Line) {
    if (!given.plan) return null;
    const done = new Set(of.items.flatMap((item, i) => (of.recordAt(i) ? [stepName(item.card)] : [])));
    const { now, next, late } = nowNext(given.plan, of.person.id, (step) => done.has(step), minute);
    if (!now) return null;
    const at = (m: number) => timeAt(given.startsAt, m);
    return { now: `${at(now.start)} ${now.title}`, next: next ? `, then ${at(next.start)} ${next.title}` : '', late };
  }
  const stepName = (card: number) => `${given.cards[card].lesson} ${given.cards[card].key}`;
  const refusedText = (key: string) => given.cards.find((c) => c.key === key)?.text ?? null;
</script>

<svelte:window {onkeydown} />
<svg width="0" height="0" class="absolute" aria-hidden="true" focusable="false">
  <!-- eslint-disable-next-line svelte/no-at-html-tags -- our own drawings only -->
  {@html sprite}
</svg>

<main class="mx-auto flex min-h-screen flex-col px-3 {asOne ? 'max-w-[84rem] sm:px-8' : ''}" data-ready={ready}>
  <RoomBar
    {room}
    {timers}
    title={given.title}
    adults={given.adults}
    keys={KEYS}
    {asOne}
    {narrow}
    {busy}
    {handed}
    bind:mine
    bind:side
    bind:observer
    onfinish={() => finish(room.lines)}
  />
  {#if given.plan && minute !== null && !given.ended && !data.second}
    <BeAt plan={given.plan} adults={given.adults} {minute} startsAt={given.startsAt} lesson={given.id} />
  {/if}
  {#if data.second}<p class="border-y border-line py-1 font-semibold">
      A second opinion, for agreement: it stands beside the record and changes nothing. <a href="/cook/{given.id}">Back to the lesson</a>
    </p>{/if}
  {#if given.ended}
    <form method="POST" action="?/again" class="flex flex-wrap items-center gap-3 border-y border-line py-1">
      <span class="text-muted">This lesson is over.</span>
      {#if data.today}<button class="btn min-h-11!">It goes on</button>{/if}
    </form>
  {/if}
  {#each room.lessonIds as id (id)}
    <NotTaken lessonId={id} textOf={refusedText} nameOf={(code) => (line ? nameOfCode(line, data.others, code) : code)} />
  {/each}

  {#if !line}
    <p class="mt-6">Nobody is in this lesson yet.</p>
  {:else if asOne}
    {#if several}<Strip {room} onchoose={(i) => room.choose(i)} />{/if}
    <One
      {line}
      {pictures}
      {movementOf}
      others={data.others}
      {ready}
      waitShown={given.waitShown}
      timer={timers.of(line.person.name)}
      now={timers.now}
      onrecord={(code) => record(line, code, 'tap')}
    />
    <OneBar
      {line}
      {busy}
      onundo={() => undo(line, 'tap')}
      onmore={() => (more = line)}
      onfinish={() => finish(room.lines)}
      justNow={line.justNow ? `${nameOfCode(line, data.others, line.justNow.code)}, step ${line.justNow.index + 1}` : null}
    />
  {:else}
    <div class="ladders grid flex-1 gap-x-2 border-t-2 border-ink">
      {#each shown as one (one.person.id)}
        <Ladder
          line={one}
          {pictures}
          others={data.others}
          {ready}
          chosen={room.line === one}
          waitShown={given.waitShown}
          timer={timers.of(one.person.name)}
          now={timers.now}
          onrecord={(code) => record(one, code, 'tap')}
          onundo={() => undo(one, 'tap')}
          ondetail={(detail) => {
            one.addDetail(detail, 'tap');
            room.keep();
          }}
          onmore={() => (more = one)}
          onhere={() => void presence(one, 'here')}
          plan={planFor(one)}
          onopen={() => {
            room.choose(room.lines.indexOf(one));
            side = false;
          }}
        />
      {/each}
    </div>
  {/if}
  <div><p class={said.startsWith('Finished') || said.startsWith('There is no') ? 'pb-2' : 'heard'} role="status">{said}</p></div>
</main>

{#if more}
  {@const of = more}
  {#await import('./More.svelte') then { default: More }}
    <More
      line={of}
      others={data.others}
      offline={outbox.offline}
      onclose={() => (more = null)}
      onrecord={(code) => {
        record(of, code, 'tap');
        more = null;
      }}
      ondetail={(detail) => {
        of.addDetail(detail, 'tap');
        room.keep();
      }}
      onnote={(text) => {
        of.note(text);
        said = 'Note kept.';
        more = null;
      }}
      onpresence={(value) => void presence(of, value).then(() => (more = null))}
      adults={given.adults}
      onadult={(adult) => void handOver(of, adult)}
      onaim={(level) => void setAim(of, level)}
      onscreen={() => screenOf(of)}
      onpass={data.may.includes('lessons') ? async () => (await tell('pass', {}))?.code ?? null : null}
      onpassend={async () => (await tell('pass', {}, 'DELETE')) !== null}
      onfront={() => {
        room.toFront(of);
        more = null;
      }}
      onover={() => {
        more = null;
        finish([of]);
      }}
    />
  {/await}
{/if}
{#if ending}
  {@const lines = ending}
  {#await import('./Ending.svelte') then { default: Ending }}
    <Ending {lines} onclose={() => (ending = null)} onend={() => void end(lines)} />
  {/await}
{/if}

<style>
  /* for ears only; in the flow and in a box of its own, since what is taken out of the flow is laid out with the whole page */
  .heard {
    width: 1px;
    height: 1px;
    contain: strict;
    /* broken into lines it would be read letter by letter */
    white-space: nowrap;
    color: transparent;
  }
  .ladders {
    grid-template-columns: repeat(auto-fit, minmax(10.8rem, 1fr));
  }
  /* a tablet held upright is tall: narrow ladders, so that six still stand side by side */
  @media (orientation: portrait) and (min-height: 1000px) {
    .ladders {
      grid-template-columns: repeat(auto-fit, minmax(7.2rem, 1fr));
      column-gap: 0.25rem;
    }
  }
</style>
