<script lang="ts">
  import type { Demand } from '$core';
  let { data } = $props();
  const DEMANDS: Record<Demand, string> = {
    'two-hands': 'two hands',
    'strong-grip': 'strong grip',
    'fine-aim': 'fine aim',
    sight: 'sight',
    hearing: 'hearing',
    'read-word': 'reading words',
    'read-number': 'reading numbers',
    count: 'counting',
    fraction: 'fractions',
    'judge-doneness': 'judging when it is done',
    heat: 'heat',
    noise: 'noise',
    smell: 'smell',
    'wet-sticky': 'wet and sticky things',
    reach: 'reaching',
    standing: 'standing',
    memory: 'keeping several things in mind',
    waiting: 'waiting',
  };
  const HOW = { absent: 'without', limited: 'limited', avoid: 'to be avoided' };
</script>

<h1 class="mt-4">Learners</h1>
<p class="mt-1 max-w-prose text-muted">A short name and what a step must not ask. No diagnosis is asked for, and none has a place here.</p>
<table class="mt-4 w-full max-w-4xl border-collapse text-left">
  <thead
    ><tr class="border-b-[3px] border-ink"
      ><th class="py-2 pr-4">Name</th><th class="py-2 pr-4">Needs</th><th class="hidden py-2 sm:table-cell">From the plan</th></tr
    ></thead
  >
  <tbody>
    {#each data.learners as learner (learner.id)}
      <tr class="border-b border-line">
        <th scope="row" class="py-3 pr-4 text-left font-semibold">{learner.name}</th>
        <td class="py-3 pr-4"
          >{#if learner.needs}{learner.needs.map((n) => `${DEMANDS[n.demand]}: ${HOW[n.how]}`).join('; ')}{:else}<span class="problem"
              >What is stored of the needs cannot be read. Tell whoever looks after the program.</span
            >{/if}</td
        >
        <td class="hidden py-3 text-muted sm:table-cell">{learner.planNotes}</td>
      </tr>
    {/each}
  </tbody>
</table>
