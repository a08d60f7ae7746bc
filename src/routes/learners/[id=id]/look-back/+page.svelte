<script lang="ts">
  import Decided from '$lib/ui/Decided.svelte';
  import { heightOf } from '$core';
  import LevelMark from '$lib/ui/LevelMark.svelte';
  import NextThings from '$lib/ui/NextThings.svelte';
  import { percent } from '$lib/ui/series';
  import { showDate, showDay, STANDING_NAMES } from '$lib/ui/words';
  let { data, form } = $props();
  const count = (n: number, one: string, more = `${one}s`) => `${n} ${n === 1 ? one : more}`;
  /** What moves stands first, what is there already last. */
  const ORDER = ['down', 'up', 'stay', 'there', 'not-enough'];
  const techniques = $derived(
    [...data.techniques].sort((a, b) => ORDER.indexOf(a.rung.verdict) - ORDER.indexOf(b.rung.verdict) || b.lessons - a.lessons),
  );
  const said = $derived(techniques.filter((t) => t.rung.aim !== null));
</script>

<nav aria-label="Learners" class="mt-2">
  <ul class="flex flex-wrap gap-4">
    {#each data.learners as learner (learner.id)}
      <li>
        <a
          class="inline-flex min-h-11 items-center text-lg {learner.id === data.learner.id ? 'font-bold text-ink decoration-[3px]' : ''}"
          aria-current={learner.id === data.learner.id ? 'page' : undefined}
          href="/learners/{learner.id}/look-back">{learner.name}</a
        >
      </li>
    {/each}
  </ul>
</nav>

<div class="mt-2 flex flex-wrap items-baseline gap-x-5">
  <h1>What is next for {data.learner.name}</h1>
  <a class="inline-flex min-h-11 items-center" href="/learners/{data.learner.id}">How {data.learner.name} works</a>
</div>
{#if form?.problem}<p class="problem" role="alert">{form.problem}</p>{/if}
{#if data.recorded === 0}
  <p class="mt-2 max-w-prose">Nothing is recorded of {data.learner.name} yet. After the first lessons, what comes next stands here.</p>
  <p class="mt-2"><a class="btn" href="/lessons">Lessons</a></p>
{:else}
  <NextThings things={data.things} action="?/decide" learner={data.learner.name} />
{/if}

<section class="mt-8" aria-labelledby="goals">
  <div class="flex flex-wrap items-center gap-4">
    <h2 id="goals">Goals</h2>
    <a class="btn" href="/learners/{data.learner.id}/goals/new">New goal</a>
    <a class="inline-flex min-h-11 items-center" href="/learners/{data.learner.id}/report">Report for the team</a>
    <a class="inline-flex min-h-11 items-center" href="/learners/{data.learner.id}/report/home">A page for home</a>
    {#if data.may.includes('export')}
      <a class="inline-flex min-h-11 items-center" href="/learners/{data.learner.id}/records.csv" download>All records as CSV</a>
      <a class="inline-flex min-h-11 items-center" href="/learners/{data.learner.id}/all.zip" download>Everything in one file</a>
    {/if}
    {#if data.may.includes('erase')}
      <a class="inline-flex min-h-11 items-center" href="/learners/{data.learner.id}/erase">Erase</a>
    {/if}
  </div>
  {#if data.goals.length === 0}
    <p class="mt-1 max-w-prose">
      No goal yet. A goal says what {data.learner.name} is to do, how well, and by when; the chart then says whether it comes.
    </p>
  {:else}
    <ul class="mt-2 max-w-4xl border-t border-line">
      {#each data.goals as goal (goal.id)}
        <li class="grid gap-x-6 gap-y-1 border-b border-line py-2 sm:grid-cols-[1fr_16rem]">
          <p><a class="font-semibold" href="/learners/{data.learner.id}/goals/{goal.id}">{goal.name}</a><br />{goal.sentence}</p>
          <p>
            <b>{STANDING_NAMES[goal.standing]}</b><br />
            <span class="text-muted">
              {#if goal.metOn}learnt on {showDate(goal.metOn)}{goal.probe ? `; next look ${showDay(goal.probe)}` : ''}
              {:else if goal.last}last {percent(goal.last.share)}, {goal.last.reached} of {goal.last.of}
                {goal.last.of === 1 ? 'step' : 'steps'}, {showDay(goal.last.day)}
              {:else}nothing recorded of it yet{/if}
            </span>
          </p>
        </li>
      {/each}
    </ul>
  {/if}
</section>

{#if said.length > 0}
  <section class="mt-8">
    <h2>Techniques, over all recipes</h2>
    <p class="text-sm text-muted">
      Each lesson counts once for a technique, however often it came up. Fewer than three lessons: nothing is said.
    </p>
    <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
    <div class="mt-2 max-w-5xl overflow-x-auto" tabindex="0" role="region" aria-label="Techniques, over all recipes">
      <table class="w-full border-collapse">
        <thead>
          <tr class="border-b-[3px] border-ink text-left text-sm"
            ><th class="py-1 pr-4">Technique</th><th class="pr-4">Recipes</th><th class="pr-4 text-right">Lessons</th><th class="pl-4"
              >Aim, and why</th
            ></tr
          >
        </thead>
        <tbody>
          {#each said as t (t.technique)}
            {@const at = t.levels.find((l) => l.id === t.rung.aim)}
            {@const hierarchy = { id: '', name: '', levels: t.levels }}
            <tr class="border-b border-line">
              <th scope="row" class="py-1 pr-4 text-left font-semibold">{t.name}</th>
              <td class="pr-4">{t.recipes.length === 1 ? t.recipes[0] : count(t.recipes.length, 'recipe')}</td>
              <td class="pr-4 text-right tabular-nums">{t.lessons}</td>
              <td class="py-1 pl-4">
                <span class="flex items-center gap-3">
                  <LevelMark
                    height={heightOf(t.rung.aim!, hierarchy) ?? 0}
                    top={t.levels.length - 1}
                    letter={at?.letter ?? '?'}
                    name={at?.name ?? ''}
                  />
                  <span class="leading-tight"><b>{at?.name}</b><span class="block text-sm text-muted">{t.rung.reason}</span></span>
                </span>
              </td>
            </tr>
          {/each}
        </tbody>
      </table>
    </div>
    {#if techniques.length > said.length}
      <p class="mt-1 text-sm text-muted">
        Of {count(techniques.length - said.length, 'other technique')} there are too few lessons to say anything.
      </p>
    {/if}
  </section>
{/if}

<section class="mt-8 max-w-4xl" aria-labelledby="recipes">
  <h2 id="recipes">Recipe by recipe</h2>
  <ul class="mt-1">
    {#each data.recipes as recipe (recipe.id)}
      <li>
        <a class="inline-flex min-h-11 items-center" href="/recipes/{recipe.id}/look-back?learner={data.learner.id}"
          >{recipe.title}, step by step</a
        > <span class="text-muted">{count(recipe.lessons, 'lesson')}</span>
      </li>
    {/each}
  </ul>
</section>

<Decided decisions={data.decisions} class="mt-8" />
