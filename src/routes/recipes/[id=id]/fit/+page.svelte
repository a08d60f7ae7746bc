<script lang="ts">
  import { enhance } from '$app/forms';
  import { showAllergen, toolById } from '$core';
  import Hazards from '$lib/ui/Hazards.svelte';
  import Keys from '$lib/ui/Keys.svelte';
  import { DEMAND_NAMES, HAZARDS } from '$lib/ui/words';
  import { onMount } from 'svelte';
  import OwnSteps from './OwnSteps.svelte';
  import WayGroup from './WayGroup.svelte';
  import { unpack } from '$lib/packed';
  import type { Drawn } from '$lib/server/work/work';
  let { data, form } = $props();
  const MARK = 'yr-name';
  let by = $state('');
  onMount(() => (by = localStorage.getItem(MARK) ?? ''));
  const changed = $derived(data.groups?.reduce((n, g) => n + g.steps.length, 0) ?? 0);
  const open = $derived(data.cautions?.filter((c) => !c.answer) ?? []);
  const bland = $derived([
    ...new Set(data.groups?.flatMap((g) => g.ways.filter((w) => !w.kept && !w.ask && !w.caution).map((w) => w.id)) ?? []),
  ]);
  const pictures = $derived(data.pictures ? (unpack(data.pictures) as Drawn) : null);
  const KEYS: [string, string][] = [
    ['Tab', 'from way to way'],
    ['Enter', 'keep, refuse, open'],
    ['?', 'this sheet'],
  ];
</script>

{#if data.learners.length === 0}
  <p class="mt-6">No learner in this class yet. <a href="/learners">Add one</a>: a short name is enough to begin.</p>
{:else if data.version === null}
  <p class="mt-6">Nothing is published yet. <a href="break-down">Check the steps and publish</a>; then they are fitted to each learner.</p>
{:else if data.learner}
  {@const learner = data.learner}
  <svg width="0" height="0" class="absolute" aria-hidden="true" focusable="false">
    <!-- eslint-disable-next-line svelte/no-at-html-tags -- our own drawings only -->
    {@html pictures?.sprite ?? ''}
  </svg>
  <div class="screen-only mt-3 flex flex-wrap items-center gap-x-2 gap-y-2">
    <nav aria-label="Learners" class="flex flex-wrap gap-1">
      {#each data.learners as l (l.id)}
        <a
          href="?learner={l.id}"
          aria-current={l.id === learner.id ? 'page' : undefined}
          class="inline-flex min-h-11 items-center rounded border-2 px-3 no-underline {l.id === learner.id
            ? 'border-ink bg-ink font-bold text-paper'
            : 'border-line text-ink'}">{l.name}</a
        >
      {/each}
    </nav>
    <a class="btn btn-quiet" href="fit/class">The whole class</a>
    <span class="ml-auto"><Keys keys={KEYS} /></span>
  </div>

  <div class="mt-4 flex flex-wrap items-center gap-x-6 gap-y-2">
    <div class="min-w-64 flex-1">
      <h2 class="text-xl!">
        {changed === 0
          ? `${learner.name} does every step as the class does`
          : `${changed} of ${data.steps.length} steps another way for ${learner.name}`}
      </h2>
      <p class="text-muted">
        {#if data.inUse}These steps are in use since version {data.inUse.version}.{:else}Not in use yet. Look through them, then use them.{/if}
        {#if data.shown.length > 0}Cards: {data.shown.map((s) => s.name.toLowerCase()).join(', ')}.{/if}
        <a href="/learners/{learner.id}">{learner.name}’s answers</a>
      </p>
    </div>
    <form method="POST" use:enhance class="flex items-center gap-3">
      <input type="hidden" name="learner" value={learner.id} /><input type="hidden" name="by" value={by} />
      <button class="btn btn-act" name="what" value="use" disabled={open.length > 0}>Use these steps</button>
      {#if open.length > 0}<span class="text-sm text-muted">{open.length} to answer first</span>{/if}
    </form>
  </div>
  <p role="status">
    {#if form && 'problem' in form && form.problem}<span class="problem">Not kept: {form.problem}</span
      >{:else if form && 'done' in form}{form.done === 'use' ? 'In use: Cook and the cards take them from now on.' : 'Kept.'}{/if}
  </p>

  {#if data.dish.length > 0}
    <section aria-label="Must not have" class="mt-2 border-l-[6px] border-hazard pl-4">
      {#each data.dish as d (d.allergen)}
        <p>
          <b class="hazard"><span aria-hidden="true">▲</span> {showAllergen(d.allergen)}</b>
          {#each d.foods as f, i (f.item)}{i > 0 ? '; ' : ''}{f.item}{f.certain ? '' : ' (maybe, by its name: read its label first)'}: {f.instead
              ? `${f.instead} in the own portion`
              : 'the table has nothing in its place, so leave it out or cook another dish'}{/each}. Read each label, use own tools, make it
          first, ask the family.
        </p>
      {/each}
    </section>
  {/if}
  {#each data.due as d (d.hazard + d.again)}<p class="mt-2 border-l-[6px] border-line pl-4">
      “Never {HAZARDS[d.hazard].name}”, said {d.said}, is to be looked at again on {d.again}: ask whoever said it.
    </p>{/each}
  {#each data.conflicts as c (c)}<p class="mt-2 border-l-[6px] border-line pl-4">{c}</p>{/each}
  {#if data.left.some((b) => !b.allergen)}
    <section aria-label="No way found" class="mt-2 border-l-[6px] border-hazard pl-4">
      {#each data.left.filter((b) => !b.allergen) as b, i (i)}<p>
          <b class="hazard"><span aria-hidden="true">▲</span> No way found:</b>
          {b.text}
          {b.why}
        </p>{/each}
    </section>
  {/if}
  {#if data.ask.length > 0 || data.gone.length > 0}
    <section aria-label="From the version before" class="mt-2 border-l-[6px] border-line pl-4">
      {#each data.ask as w (w.key)}
        <form method="POST" use:enhance class="flex flex-wrap items-center gap-3">
          <input type="hidden" name="learner" value={learner.id} /><input type="hidden" name="key" value={w.key} /><input
            type="hidden"
            name="by"
            value={w.by}
          />
          <span>The step now says “{w.now}”; {learner.name}’s own words were “{w.text}”.</span>
          <button class="btn" name="text" value={w.text}>Keep the own words</button>
          <input type="hidden" name="what" value="words" />
        </form>
      {/each}
      {#each data.gone as g, i (i)}<p>No longer a step: “{g}”.</p>{/each}
    </section>
  {/if}

  <div class="mt-4 grid gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
    <section aria-labelledby="ways">
      <div class="flex flex-wrap items-baseline gap-x-4">
        <h2 id="ways">What stands in the way</h2>
        {#if bland.length > 1}
          <form method="POST" use:enhance>
            <input type="hidden" name="learner" value={learner.id} /><input type="hidden" name="ways" value={bland.join(' ')} /><input
              type="hidden"
              name="by"
              value={by}
            />
            <button class="btn btn-quiet text-sm" name="what" value="keep">Keep all {bland.length} that bring no caution</button>
          </form>
        {/if}
      </div>
      {#each data.groups as group, i (group.id)}
        <WayGroup {group} picture={pictures?.svgs[i] ?? ''} learner={learner.id} {by} name={learner.name} />
      {/each}
      {#if data.groups.length === 0}<p class="mt-2">No barrier found in what was asked.</p>{/if}
      <label class="mt-3 flex flex-wrap items-center gap-2 text-sm text-muted"
        >Kept and answered by <input
          class="field w-44!"
          maxlength="80"
          placeholder="your name"
          bind:value={by}
          onchange={() => localStorage.setItem(MARK, by)}
        /></label
      >

      {#if data.cautions.length > 0}
        <h2 class="mt-8">Ask first</h2>
        {#each data.cautions as c (c.key)}
          <div class="border-b border-line py-3">
            <p><b>{c.about}</b></p>
            <p><span class="hazard"><span aria-hidden="true">▲</span> {c.ask}</span></p>
            {#if c.answer}<p class="text-muted">{c.answer.by}, {c.answer.at.slice(0, 16).replace('T', ' ')}: {c.answer.reason}</p>
            {:else}
              <form method="POST" use:enhance class="mt-1 flex flex-wrap items-end gap-2">
                <input type="hidden" name="learner" value={learner.id} /><input type="hidden" name="key" value={c.key} /><input
                  type="hidden"
                  name="what"
                  value="answer"
                /><input type="hidden" name="by" value={by} />
                <label class="block flex-1"
                  ><span class="block text-sm text-muted">Who agreed, and what</span><input
                    class="field"
                    name="text"
                    maxlength="300"
                    required
                  /></label
                >
                <button class="btn">Answered</button>
              </form>
            {/if}
          </div>
        {/each}
      {/if}

      {#if data.questions.length > 0}
        <h2 class="mt-8">Not asked yet</h2>
        <ul class="mt-1">
          {#each data.questions.slice(0, 6) as q (q.demand)}
            <li class="border-b border-line py-1">
              <a href="/learners/{learner.id}">{q.ask}</a>
              <span class="text-muted">{q.steps} {q.steps === 1 ? 'step turns' : 'steps turn'} on {DEMAND_NAMES[q.demand]}.</span>
            </li>
          {/each}
        </ul>
      {/if}
      {#if data.opens.length > 0}
        <h2 class="mt-8">Tools that nobody has said are here</h2>
        <ul class="mt-1">
          {#each data.opens.slice(0, 8) as o (o.tools.join())}
            <li class="border-b border-line py-1">
              {o.tools.map((t) => toolById(t)?.name ?? t).join(' and ')}: {o.steps}
              {o.steps === 1 ? 'step' : 'steps'}
            </li>
          {/each}
        </ul>
        <p class="mt-1"><a href="/kitchen#adapted">We have it, or not</a> · <a href="/kitchen/buy">What should we buy?</a></p>
      {/if}
    </section>
    <OwnSteps steps={data.steps} learner={learner.id} name={learner.name} {by} />
  </div>
  <p class="mt-6 max-w-prose text-sm text-muted">
    Worked out from what was answered; what was not asked is not known. The learner’s own plan, therapists, nurses and local rules come
    first.
    <Hazards hazards={[]} />
  </p>
{/if}
