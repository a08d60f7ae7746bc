<script lang="ts">
  import GoalForm from '../GoalForm.svelte';
  let { data, form } = $props();
</script>

<p class="mt-3"><a href="/learners/{data.learner.id}/look-back">What is next for {data.learner.name}</a></p>
<h1 class="mt-1">A goal for {data.learner.name}</h1>
{#if data.choices.recipes.length === 0}
  <p class="mt-2">A goal is about steps that somebody can see done: publish the steps of a recipe first.</p>
{:else}
  <GoalForm
    choices={data.choices}
    start={{ id: data.newGoal, scope: { kind: 'recipe', recipe: data.recipe }, ...data.choices.usual, revision: 0 }}
    learner={data.learner.name}
    problem={form?.problem ?? ''}
    action="?"
    button="Set this goal"
  />
{/if}
