<script lang="ts">
  import { heightOf, OTHER_CODES, type Hierarchy } from '$core';
  import Hazards from '$lib/ui/Hazards.svelte';
  import Keys from '$lib/ui/Keys.svelte';
  import LevelMark from '$lib/ui/LevelMark.svelte';
  import { PHASE_NAMES, showDay } from '$lib/ui/words';
  import IndependenceChart from './IndependenceChart.svelte';

  let { data } = $props();
  let only = $state<'all' | 'up' | 'hard'>('all');
  const KEYS: [string, string][] = [
    ['Tab', 'from step to step'],
    ['?', 'this sheet'],
  ];

  const levelOf = (code: string, hierarchy: Hierarchy) =>
    hierarchy.levels.find((l) => l.id === code) ?? OTHER_CODES.find((o) => o.id === code);
  const rows = $derived.by(() => {
    if (!data.learner) return [];
    const { steps, progress } = data;
    return steps.filter((s) => {
      const rung = progress.rungs.get(s.key);
      if (only === 'up') return rung?.verdict === 'up';
      if (only === 'hard')
        return rung && rung.verdict !== 'not-enough' && heightOf(rung.aim ?? '', data.hierarchy)! <= data.hierarchy.levels.length / 2;
      return true;
    });
  });
  // the cooking itself first: it is what the lesson is for
  const weight = (phase: string) => (phase === 'prepare' || phase === 'cook' ? 0 : 1);
  const ups = $derived(
    data.learner
      ? data.steps.filter((s) => data.progress.rungs.get(s.key)?.verdict === 'up').sort((a, b) => weight(a.phase) - weight(b.phase))
      : [],
  );
  const last = $derived(data.learner ? data.progress.lessons.filter((l) => l.score.independence !== null).at(-1) : undefined);
  const first = $derived(data.learner ? data.progress.lessons.find((l) => l.score.independence !== null) : undefined);
  // the criterion that was set with the newest lesson
  const criterion = $derived(
    data.learner
      ? `${data.criterion.independence} % in ${data.criterion.lessons} ${data.criterion.lessons === 1 ? 'lesson' : 'lessons in a row'}`
      : '',
  );
  const round = (n: number | null | undefined) => (n === null || n === undefined ? '–' : `${Math.round(n)} %`);
  const VERDICTS = {
    up: 'one level less help',
    down: 'one level more help',
    stay: 'stay',
    there: 'on my own, keep it up',
    'not-enough': 'not enough yet',
  };
</script>

{#if !data.learner}
  <p class="mt-6 max-w-prose">Nothing is recorded yet. After the first lesson the record stands here, and after three the next rung.</p>
  <p class="mt-3"><a class="btn btn-act" href="/recipes/{data.recipeId}/cook">Begin a lesson</a></p>
{:else}
  <div class="mt-4 flex flex-wrap items-center gap-x-5 gap-y-2">
    <nav aria-label="Learners">
      <ul class="flex flex-wrap gap-4">
        {#each data.learners as learner (learner.id)}
          <li>
            <a
              class="inline-flex min-h-11 items-center text-lg {learner.id === data.learner.id
                ? 'font-bold text-ink decoration-[3px]'
                : ''}"
              aria-current={learner.id === data.learner.id ? 'page' : undefined}
              href="?learner={learner.id}">{learner.name}</a
            >
          </li>
        {/each}
      </ul>
    </nav>
    <span class="ml-auto"><Keys keys={KEYS} /></span>
  </div>

  <div class="grid grid-cols-[minmax(0,1fr)] gap-x-12 gap-y-4 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
    <section aria-label="Independence over lessons">
      <h2>Independence, {data.learner.name}</h2>
      <IndependenceChart lessons={data.progress.lessons} name={data.learner.name} theme={data.theme} />
      <p class="text-sm text-muted">
        {data.progress.lessons.length === 1 ? '1 lesson' : `${data.progress.lessons.length} lessons`}{data.progress.lessons.some(
          (l) => l.state === 'missed',
        )
          ? `, ${data.progress.lessons.filter((l) => l.state === 'missed').length} missed`
          : ''}. First {round(first?.score.independence)}, last {round(last?.score.independence)} of steps with no help; help score last {round(
          last?.score.help,
        )}.
        {#if data.progress.lessons.filter((l) => l.phase === 'baseline' && l.score.independence !== null).length < 3}Fewer than 3 baseline
          lessons: weak evidence.{/if}
        {data.progress.mastered.met
          ? `The criterion of ${criterion} is met.`
          : `Criterion: ${criterion}; ${data.progress.mastered.inARow} so far.`}
      </p>
    </section>
    <section aria-label="What to aim for next">
      <h2>Next for {data.learner.name}</h2>
      {#if ups.length === 0}
        <p class="mt-2">No step moves up yet. The aims stand in the table below.</p>
      {:else}
        <ul class="mt-2 space-y-2">
          {#each ups.slice(0, 5) as step (step.key)}
            {@const rung = data.progress.rungs.get(step.key)!}
            <li class="next px-4 py-2">
              <span dir="auto">{step.text}</span>
              <span class="block font-normal">Aim next: {levelOf(rung.aim!, data.hierarchy)?.name}. {rung.reason}</span>
            </li>
          {/each}
        </ul>
        {#if ups.length > 5}<p class="mt-2">and {ups.length - 5} more, in the table.</p>{/if}
      {/if}
    </section>
  </div>

  <div class="mt-6 flex flex-wrap items-center gap-x-4 gap-y-2">
    <h2>Steps by lessons</h2>
    <label class="flex items-center gap-2"
      ><span class="text-sm text-muted">Show</span>
      <select class="field w-auto!" bind:value={only}
        ><option value="all">all steps</option><option value="up">steps that move up</option><option value="hard"
          >steps that need most help</option
        ></select
      >
    </label>
    <p class="text-sm text-muted">{data.hierarchy.levels.map((l) => `${l.letter} ${l.name}`).join(' · ')}</p>
  </div>
  <!-- a region that scrolls must be reachable by key -->
  <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
  <div class="relative mt-2 overflow-x-auto" tabindex="0" role="region" aria-label="Steps by lessons">
    <table class="w-full border-collapse">
      <thead>
        <tr class="border-b-[3px] border-ink text-sm">
          <th scope="col" class="sticky left-0 z-10 bg-paper py-1 pr-3 text-left">Step</th>
          {#each data.progress.lessons as l (l.lessonId)}<th scope="col" class="px-1 py-1 text-center font-semibold whitespace-nowrap"
              >{showDay(l.day)}<span class="block font-normal text-muted"
                >{l.state === 'missed'
                  ? 'missed'
                  : l.phase === 'baseline'
                    ? 'base'
                    : l.phase === 'intervention'
                      ? 'teach'
                      : l.phase.slice(0, 5)}</span
              ></th
            >{/each}
          <th scope="col" class="py-1 pl-4 text-left">Aim next, and why</th>
        </tr>
      </thead>
      <tbody>
        {#each rows as step, i (step.key)}
          {@const rung = data.progress.rungs.get(step.key)}
          {#if i === 0 || rows[i - 1]?.phase !== step.phase}
            <tr
              ><th colspan={data.progress.lessons.length + 2} scope="colgroup" class="pt-3 pb-1 text-left">{PHASE_NAMES[step.phase]}</th
              ></tr
            >
          {/if}
          <tr class="border-b border-line align-middle">
            <th scope="row" class="sticky left-0 z-10 max-w-80 min-w-36 bg-paper py-1 pr-3 text-left font-normal" dir="auto"
              >{step.text}
              {#if step.hazards.some((h) => h !== 'allergen')}<span class="text-sm"
                  ><Hazards hazards={step.hazards.filter((h) => h !== 'allergen')} /></span
                >{/if}</th
            >
            {#each data.progress.lessons as l (l.lessonId)}
              {@const code = data.progress.codes.get(step.key)?.get(l.lessonId)}
              {@const hierarchy = data.hierarchies.get(l.lessonId)!}
              <td class="px-1 py-1 text-center">
                {#if code}
                  {@const height = heightOf(code, hierarchy)}
                  {@const level = levelOf(code, hierarchy)}
                  {#if height === null}<span class="text-sm text-muted" title={level?.name}
                      >{level?.letter ?? '?'}<span class="sr-only"> {level?.name}</span></span
                    >
                  {:else}<LevelMark
                      {height}
                      top={hierarchy.levels.length - 1}
                      letter={level?.letter ?? '?'}
                      name={level?.name ?? code}
                    />{/if}
                {:else}<span class="sr-only">nothing recorded</span>{/if}
              </td>
            {/each}
            <td class="min-w-60 py-1 pl-4">
              {#if rung && rung.aim}
                {@const level = levelOf(rung.aim, data.hierarchy)}
                <span class="flex items-center gap-3">
                  <LevelMark
                    height={heightOf(rung.aim, data.hierarchy) ?? 0}
                    top={data.hierarchy.levels.length - 1}
                    letter={level?.letter ?? '?'}
                    name={level?.name ?? ''}
                    next={rung.verdict !== 'there'}
                  />
                  <span class="leading-tight"
                    ><b>{level?.name}</b>: {VERDICTS[rung.verdict]}<span class="block text-sm text-muted">{rung.reason}</span></span
                  >
                </span>
              {:else}<span class="text-sm text-muted">{rung?.reason ?? 'not enough yet'}</span>{/if}
            </td>
          </tr>
        {/each}
      </tbody>
    </table>
    {#if rows.length === 0}<p class="py-3">No step is like that now.</p>{/if}
  </div>

  {#if data.notes.length > 0}
    <h2 class="mt-6">Notes</h2>
    <ul class="mt-1 max-w-3xl">
      {#each data.notes as note (note.id)}
        {@const lesson = data.progress.lessons.find((l) => l.lessonId === note.lessonId)}
        <li class="border-b border-line py-1">
          <span class="text-muted"
            >{lesson ? showDay(lesson.day) : ''}{note.stepKey
              ? `, ${data.steps.find((s) => s.key === note.stepKey)?.text ?? 'a step of an earlier version'}`
              : ''}</span
          >
          {note.text}
        </li>
      {/each}
    </ul>
  {/if}
{/if}
