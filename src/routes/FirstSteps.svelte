<!-- The way from an empty school to a first lesson; what is next is marked, what is done has a tick. -->
<script lang="ts">
  type Done = { kitchen: boolean; learner: boolean; recipe: boolean; lesson: boolean };
  let { done }: { done: Done } = $props();
  const steps = $derived([
    {
      href: '/kitchen',
      name: 'Say what the kitchen has',
      say: 'Spoons, cups, tools, heights: steps are made of what is there.',
      done: done.kitchen,
    },
    { href: '/learners', name: 'Add a learner', say: 'A short name is enough to begin.', done: done.learner },
    { href: '/recipes/new', name: 'Paste a recipe', say: 'Any layout will do: its steps are ready in a minute.', done: done.recipe },
    { href: '/lessons', name: 'Put a lesson on the list', say: 'A day, a recipe, who is there.', done: done.lesson },
  ]);
  const next = $derived(steps.findIndex((s) => !s.done));
</script>

<section class="mt-4 max-w-3xl" aria-labelledby="first-steps">
  <h2 id="first-steps">The first steps</h2>
  <ol class="mt-2 border-t-[3px] border-ink">
    {#each steps as step, i (step.href)}
      <li class="border-b border-line py-2">
        <a
          href={step.href}
          class={i === next ? 'next inline-block px-3 py-1 text-on-next no-underline hover:underline' : 'inline-block py-1'}
          >{step.done ? '✓ ' : ''}<b>{step.name}</b><span class="sr-only">{step.done ? ' (done)' : ''}</span></a
        >
        <span class="text-muted">{step.say}</span>
      </li>
    {/each}
  </ol>
</section>
