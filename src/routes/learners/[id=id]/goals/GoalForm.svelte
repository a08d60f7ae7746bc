<!-- A goal, written from its parts, with the sentence that they make. -->
<script lang="ts">
  import { enhance } from '$app/forms';
  import { goalSentence, type Criterion, type Goal, type Scope } from '$core';
  import { showDate } from '$lib/ui/words';
  type Choices = {
    recipes: { id: string; title: string; steps: { key: string; text: string }[] }[];
    techniques: { id: string; name: string; recipes: number }[];
    hierarchies: { id: string; name: string; levels: { id: string; name: string }[] }[];
  };
  type Start = { id: string; scope: Scope; condition: string; hierarchy: string; criterion: Criterion; revision: number };
  let {
    choices,
    start,
    learner,
    problem,
    action,
    button,
  }: { choices: Choices; start: Start; learner: string; problem: string; action: string; button: string } = $props();
  // svelte-ignore state_referenced_locally
  const { scope: about } = start;
  let kind = $state(about.kind);
  // svelte-ignore state_referenced_locally
  let recipe = $state(about.kind === 'technique' ? (choices.recipes[0]?.id ?? '') : about.recipe);
  let keys = $state<string[]>(about.kind === 'steps' ? [...about.keys] : []);
  // svelte-ignore state_referenced_locally
  let technique = $state(about.kind === 'technique' ? about.technique : (choices.techniques[0]?.id ?? ''));
  // svelte-ignore state_referenced_locally
  let condition = $state(start.condition);
  // svelte-ignore state_referenced_locally
  let hierarchy = $state(start.hierarchy);
  // svelte-ignore state_referenced_locally
  let criterion = $state({ ...start.criterion, people: start.criterion.people ?? 1, safety: start.criterion.safety ?? false });
  const levels = $derived(choices.hierarchies.find((h) => h.id === hierarchy)?.levels ?? []);
  const steps = $derived(choices.recipes.find((r) => r.id === recipe)?.steps ?? []);
  const scope = $derived<Scope>(
    kind === 'technique' ? { kind, technique } : kind === 'steps' ? { kind, recipe, keys } : { kind: 'recipe', recipe },
  );
  const sentence = $derived(
    goalSentence(
      { id: '', scope, condition, hierarchy, criterion, since: [], metOn: null, putAwayOn: null } satisfies Goal,
      steps.map((s) => ({ recipeId: recipe, key: s.key, text: s.text, technique: null, hazards: [], phase: '', here: true })),
      {
        learner,
        recipe: (id) => choices.recipes.find((r) => r.id === id)?.title ?? '…',
        technique: (id) => choices.techniques.find((t) => t.id === id)?.name ?? '…',
        day: (day) => (/^\d{4}-\d\d-\d\d$/.test(day) ? showDate(day) : '…'),
      },
    ),
  );
</script>

<form
  method="POST"
  {action}
  use:enhance={() =>
    ({ update }) =>
      update({ reset: false })}
  class="mt-3 max-w-3xl space-y-4"
>
  <input type="hidden" name="id" value={start.id} />
  <input type="hidden" name="revision" value={start.revision} />
  <fieldset>
    <legend class="font-semibold">What is it about?</legend>
    <div class="flex flex-wrap gap-x-6">
      {#each [['recipe', 'a whole recipe'], ['steps', 'some steps of a recipe'], ['technique', 'a technique, whatever is cooked']] as const as [id, name] (id)}
        <label class="inline-flex min-h-11 items-center gap-2"><input type="radio" name="kind" value={id} bind:group={kind} />{name}</label>
      {/each}
    </div>
    {#if kind === 'technique'}
      <label class="block"
        ><span class="block text-sm text-muted">Technique</span>
        <select class="field" name="technique" bind:value={technique}>
          {#each choices.techniques as t (t.id)}<option value={t.id}
              >{t.name} (in {t.recipes} {t.recipes === 1 ? 'recipe' : 'recipes'})</option
            >{/each}
        </select></label
      >
    {:else}
      <label class="block"
        ><span class="block text-sm text-muted">Recipe</span>
        <select class="field" name="recipe" bind:value={recipe} onchange={() => (keys = [])}>
          {#each choices.recipes as r (r.id)}<option value={r.id}>{r.title}</option>{/each}
        </select></label
      >
    {/if}
    {#if kind === 'steps'}
      <input type="hidden" name="keys" value={keys.join(' ')} />
      <fieldset class="mt-2 max-h-72 overflow-y-auto border border-line px-3">
        <legend class="sr-only">Steps</legend>
        {#each steps as s (s.key)}
          <label class="flex min-h-11 items-center gap-2"><input type="checkbox" value={s.key} bind:group={keys} />{s.text}</label>
        {/each}
      </fieldset>
    {/if}
  </fieldset>
  <label class="block"
    ><span class="block font-semibold">With what?</span>
    <input class="field" name="condition" maxlength="200" bind:value={condition} autocomplete="off" /></label
  >
  <fieldset>
    <legend class="font-semibold">How well?</legend>
    <div class="flex flex-wrap items-end gap-4">
      <label class="block"
        ><span class="block text-sm text-muted">Share of steps, %</span><input
          class="field w-24!"
          type="number"
          name="independence"
          min="1"
          max="100"
          required
          bind:value={criterion.independence}
        /></label
      >
      <label class="block"
        ><span class="block text-sm text-muted">Levels of help</span>
        <select class="field w-auto!" name="hierarchy" bind:value={hierarchy} onchange={() => (criterion.level = 'independent')}>
          {#each choices.hierarchies as h (h.id)}<option value={h.id}>{h.name}</option>{/each}
        </select></label
      >
      <label class="block"
        ><span class="block text-sm text-muted">What counts, or less help</span>
        <select class="field w-auto!" name="level" bind:value={criterion.level}>
          {#each levels as l (l.id)}<option value={l.id}>{l.name}</option>{/each}
        </select></label
      >
      <label class="block"
        ><span class="block text-sm text-muted">Lessons in a row</span><input
          class="field w-20!"
          type="number"
          name="lessons"
          min="1"
          max="20"
          required
          bind:value={criterion.lessons}
        /></label
      >
      <label class="block"
        ><span class="block text-sm text-muted">People or places</span><input
          class="field w-20!"
          type="number"
          name="people"
          min="1"
          max="5"
          required
          bind:value={criterion.people}
        /></label
      >
    </div>
    <label class="mt-1 inline-flex min-h-11 items-center gap-2"
      ><input type="checkbox" name="safety" value="yes" bind:checked={criterion.safety} />no step with a blade, heat or raw food prompted</label
    >
  </fieldset>
  <label class="block"
    ><span class="block font-semibold">By when?</span><input
      class="field w-48!"
      type="date"
      name="by"
      required
      bind:value={criterion.by}
    /></label
  >
  <p class="border-l-4 border-ink pl-3 text-lg" aria-live="polite">{sentence}</p>
  <p class="problem min-h-6" role="alert">{problem}</p>
  <button class="btn btn-act">{button}</button>
</form>
