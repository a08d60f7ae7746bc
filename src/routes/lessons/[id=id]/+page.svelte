<script lang="ts">
  import type { Mode } from '$core';
  import SaveState from '$lib/ui/SaveState.svelte';
  import { Saver } from '$lib/ui/saver.svelte';
  import { MODE_NAMES, showDay, showWeekday } from '$lib/ui/words';
  import { ToggleGroup } from 'bits-ui';
  import Places from './Places.svelte';
  import WhoDoesWhat from './WhoDoesWhat.svelte';
  let { data, form } = $props();
  // the page starts from what was loaded and then is the master
  // svelte-ignore state_referenced_locally
  let setUp = $state(structuredClone(data.setUp));
  // svelte-ignore state_referenced_locally
  let adults = $state(data.setUp.adults.join(', '));
  const saver = new Saver(
    () => `/lessons/${data.setUp.id}/save`,
    () => ({
      heldOn: setUp.heldOn,
      startsAt: setUp.startsAt || null,
      minutes: setUp.minutes,
      adults: adults
        .split(',')
        .map((a) => a.trim().slice(0, 40))
        .filter(Boolean)
        .slice(0, 8),
      waitShown: setUp.waitShown,
      place: setUp.place?.trim() || null,
      dishes: setUp.dishes.map(({ lessonId, recipeId, version, mode }) => ({ lessonId, recipeId, version, mode })),
      people: $state.snapshot(setUp.people),
    }),
    // svelte-ignore state_referenced_locally
    data.setUp.revision,
    null,
    150,
  );
  const fixed = (lessonId: string, learnerId: string) => data.recorded.includes(`${lessonId} ${learnerId}`);
  const at = (lessonId: string) => setUp.people.filter((p) => p.lessonId === lessonId);
  const learnerOf = (id: string) => data.learners.find((l) => l.id === id);
  const detailsOf = (lessonId: string) => data.dishes.find((d) => d.lessonId === lessonId);
  let busy = $state('');

  function saved(): Promise<boolean> {
    saver.changed();
    return saver.save();
  }
  /** Asks for a dish to be shared out, and shows who got what. */
  async function share(lessonId: string) {
    busy = lessonId;
    const answer = (await saved())
      ? await fetch(`/lessons/${data.setUp.id}/share`, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ lessonId }),
        }).catch(() => null)
      : null;
    if (answer?.ok) {
      const { shares } = (await answer.json()) as { shares: { learnerId: string; share: string[] | null; team: number | null }[] };
      for (const s of shares) {
        const place = setUp.people.find((p) => p.lessonId === lessonId && p.learnerId === s.learnerId);
        if (place) [place.share, place.team] = [s.share, s.team];
      }
    }
    busy = '';
  }
  function setMode(lessonId: string, mode: Mode) {
    const dish = setUp.dishes.find((d) => d.lessonId === lessonId);
    if (!dish || dish.mode === mode) return;
    dish.mode = mode;
    for (const place of at(lessonId)) [place.share, place.team] = [null, null];
    void share(lessonId);
  }
  function inOrOut(lessonId: string, learnerId: string, isIn: boolean) {
    const { presence, ...rest } = at(lessonId)[0] ?? data.setUp.people[0] ?? USUAL;
    setUp.people = isIn
      ? [
          ...setUp.people,
          { ...rest, lessonId, learnerId, presence: presence === 'absent' ? 'here' : presence, share: null, team: null, adult: null },
        ]
      : setUp.people.filter((p) => p.lessonId !== lessonId || p.learnerId !== learnerId);
    void again(lessonId);
  }
  const USUAL = {
    presence: 'here' as const,
    phase: 'baseline' as const,
    chaining: 'total' as const,
    hierarchy: 'full',
    procedure: { id: 'least-to-most' as const, wait: 4, delay: 4 },
  };
  /** Who is there has changed: a dish that is shared is shared out anew. */
  async function again(lessonId: string) {
    const dish = setUp.dishes.find((d) => d.lessonId === lessonId);
    if (dish && dish.mode !== 'own') await share(lessonId);
    else saver.changed();
  }
</script>

<div class="mt-4 flex flex-wrap items-center gap-x-5 gap-y-2">
  <h1>{showWeekday(setUp.heldOn)} {showDay(setUp.heldOn)}{setUp.startsAt ? `, ${setUp.startsAt}` : ''}</h1>
  <SaveState {saver} />
  <span class="ml-auto flex flex-wrap items-center gap-2">
    {#if setUp.begun && !setUp.ended}
      <a class="next px-5 py-3 no-underline hover:underline" href="/cook/{setUp.id}" data-sveltekit-reload>Go on with the lesson – next</a>
    {:else if setUp.ended}
      <a class="btn" href="/cook/{setUp.id}" data-sveltekit-reload>See the records</a>
      {#if setUp.dishes[0]}<a class="btn btn-act" href="/recipes/{setUp.dishes[0].recipeId}/look-back">Look back</a>{/if}
    {:else}
      <a class="btn" href="/lessons/{setUp.id}/plan" data-sveltekit-preload-data="off">Plan who does what, and when</a>
      <form method="POST" action="?/begin">
        <button class="next min-h-12 px-5 hover:underline" disabled={saver.state !== 'saved'}>Begin the lesson – next</button>
      </form>
    {/if}
  </span>
</div>
{#if form?.problem}<p class="problem mt-2" role="alert">{form.problem}</p>{/if}

<fieldset class="mt-3 flex flex-wrap items-end gap-x-5 gap-y-2" oninput={() => saver.changed()}>
  <legend class="sr-only">When, and with whom</legend>
  <label><span class="text-sm text-muted">Day</span><input class="field" type="date" required bind:value={setUp.heldOn} /></label>
  <label><span class="text-sm text-muted">From</span><input class="field" type="time" bind:value={setUp.startsAt} /></label>
  <label
    ><span class="block text-sm text-muted">Minutes</span><input
      class="field w-24!"
      type="number"
      min="10"
      max="480"
      bind:value={setUp.minutes}
    /></label
  >
  <label class="min-w-60 flex-1"
    ><span class="text-sm text-muted">Adults, with commas</span><input
      class="field"
      maxlength="200"
      placeholder="Ms Ferrow, Mr Lund"
      bind:value={adults}
    /></label
  >
  <label
    ><span class="block text-sm text-muted">Where, if elsewhere</span><input
      class="field w-52!"
      maxlength="40"
      placeholder="the usual kitchen"
      bind:value={setUp.place}
    /></label
  >
  <label class="flex min-h-11 items-center gap-2"
    ><input type="checkbox" class="size-5" bind:checked={setUp.waitShown} /> show the response time</label
  >
</fieldset>

{#each setUp.dishes as dish (dish.lessonId)}
  {@const more = detailsOf(dish.lessonId)}
  <section class="mt-6" aria-labelledby="d-{dish.lessonId}">
    <div class="flex flex-wrap items-center gap-x-5 gap-y-1 border-b-[3px] border-ink pb-1">
      <h2 id="d-{dish.lessonId}">{dish.title}</h2>
      <span class="text-sm text-muted"
        >version {dish.version}, {more?.steps} steps; one learner alone needs some {more?.expected.minutes} min{more &&
        more.expected.own > 0
          ? `, by this class’s own times for ${more.expected.own} of the steps`
          : ' (an adult’s times three)'}</span
      >
      {#if more && more.newest > dish.version}<button
          type="button"
          class="btn btn-quiet"
          onclick={() => {
            dish.version = more.newest;
            void again(dish.lessonId);
          }}>Take version {more.newest}</button
        >{/if}
      <ToggleGroup.Root
        type="single"
        value={dish.mode}
        onValueChange={(value) => value && setMode(dish.lessonId, value as Mode)}
        aria-label="How {dish.title} is shared out"
        class="ml-auto flex"
      >
        {#each Object.entries(MODE_NAMES) as [mode, name] (mode)}
          <ToggleGroup.Item
            value={mode}
            class="btn rounded-none! border-l-0! first:border-l-2! data-[state=on]:bg-ink data-[state=on]:text-paper"
            >{name}</ToggleGroup.Item
          >
        {/each}
      </ToggleGroup.Root>
    </div>
    <Places
      {dish}
      steps={more?.steps ?? 0}
      learners={data.learners}
      bind:people={setUp.people}
      procedures={data.procedures}
      hierarchies={data.hierarchies}
      fixed={(learnerId) => fixed(dish.lessonId, learnerId)}
      onchange={() => saver.changed()}
      onwho={() => void again(dish.lessonId)}
      onin={(learnerId, isIn) => inOrOut(dish.lessonId, learnerId, isIn)}
    />
    {#if dish.mode !== 'own' && more}
      <WhoDoesWhat
        runs={more.runs}
        lessonId={dish.lessonId}
        bind:people={setUp.people}
        nameOf={(id) => learnerOf(id)?.name ?? ''}
        busy={busy === dish.lessonId}
        onchange={() => saver.changed()}
        onagain={() => void share(dish.lessonId)}
      />
    {/if}
  </section>
{:else}
  <p class="mt-6">No recipe is in this lesson yet.</p>
{/each}

<div class="mt-6 flex flex-wrap items-end gap-3 border-t border-line pt-3">
  {#if setUp.dishes.length < 4}
    <form method="POST" action="?/dish" class="flex flex-wrap items-end gap-2">
      <label
        ><span class="text-sm text-muted">Another recipe in this lesson</span>
        <select class="field" name="recipeId"
          >{#each data.recipes as r (r.id)}<option value={r.id}>{r.title}</option>{/each}</select
        ></label
      >
      <button class="btn" disabled={saver.state !== 'saved'}>Put it in</button>
    </form>
  {/if}
  <span class="ml-auto flex flex-wrap items-center gap-3">
    {#if data.agreement}<span class="text-muted"
        >Two scored {data.agreement.both} steps: {data.agreement.same} the same{data.agreement.percent === null
          ? ''
          : `, ${Math.round(data.agreement.percent)} %`}</span
      >{/if}
    {#if setUp.begun}<a class="btn btn-quiet" href="/cook/{setUp.id}?second" data-sveltekit-reload>Score it as a second adult</a>{/if}
    {#if data.recorded.length === 0}<form method="POST" action="?/away">
        <button class="btn btn-quiet">Take this lesson away</button>
      </form>{/if}
  </span>
</div>
