<!-- What people decided about what the records proposed: when, taken or not, and why. -->
<script lang="ts">
  import { showDate } from './words';
  type Decision = { id: string; decidedOn: string; taken: boolean; saw: string; todo: string; reason: string };
  let { decisions, class: more = '' }: { decisions: readonly Decision[]; class?: string } = $props();
</script>

{#if decisions.length > 0}
  <section class="max-w-4xl {more}" aria-labelledby="decided">
    <h2 id="decided">What was decided</h2>
    <ul class="mt-1 border-t border-line">
      {#each decisions as d (d.id)}
        <li class="border-b border-line py-2">
          <span class="text-muted">{showDate(d.decidedOn)}, <b>{d.taken ? 'taken' : 'not taken'}</b>.</span>
          {d.saw}
          {d.todo}{#if d.reason}<br />Reason: {d.reason}{/if}
        </li>
      {/each}
    </ul>
  </section>
{/if}
