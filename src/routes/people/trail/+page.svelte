<script lang="ts">
  import { isRole, roleWords } from '$core';
  import { showMoment } from '$lib/ui/words';
  let { data } = $props();
  /** Places as the program's own pages call them. */
  const PAGES: readonly (readonly [RegExp, string])[] = [
    [/^\/people\/school/, 'everything'],
    [/^\/people/, 'people'],
    [/^\/classes/, 'classes'],
    [/^\/learners$/, 'the list of learners'],
    [/^\/look-back/, 'what is next of each'],
    [/^\/recipes.*look-back/, 'records of a recipe'],
    [/^\/(lessons|cook|recipes.*cook)/, 'a lesson'],
    [/fit\/class/, 'fits of all'],
    [/goals/, 'goals'],
    [/look-back/, 'what is next'],
    [/report\/home/, 'report for home'],
    [/report/, 'report for the team'],
    [/taps/, 'records behind a figure'],
    [/records[.]csv/, 'records as a table'],
    [/all[.]zip/, 'everything'],
    [/fit/, 'fit of a recipe'],
    [/erase/, 'all of it'],
    [/^\/learners\/\[id/, 'how the learner works'],
  ];
  const pageOf = (route: string) => PAGES.find(([mark]) => mark.test(route))?.[1] ?? 'records in a recipe';
</script>

<h1 class="mt-4">Who saw what</h1>
<p class="mt-1 max-w-prose text-muted">
  Pages and files of a learner or of a class, as they were opened or changed, and what was done to people and classes. Lines are added by
  themselves, and nobody can change one. What is recorded in lessons is not here: each record has its own observer.
</p>

{#if data.erasures.length > 0}
  <h2 class="mt-5">Erased</h2>
  <ul class="mt-1 max-w-4xl border-t-[3px] border-ink">
    {#each data.erasures as line (line.at.getTime())}
      <li class="border-b border-line py-2">
        {showMoment(line.at)}: a learner with {line.rows} records, by {line.who ?? 'somebody'}. {line.why}
      </li>
    {/each}
  </ul>
{/if}

<table class="mt-5 w-full max-w-4xl border-collapse text-left">
  <thead>
    <tr class="border-b-[3px] border-ink"
      >{#each ['When', 'Who', 'Did', 'Of'] as head (head)}<th class="py-2 pr-2 font-bold sm:pr-4" scope="col">{head}</th>{/each}</tr
    >
  </thead>
  <tbody>
    {#each data.lines as line (line.id)}
      <tr class="border-b border-line align-top">
        <td class="py-1.5 pr-2 tabular-nums sm:whitespace-nowrap">{showMoment(line.at)}</td>
        <td class="py-1.5 pr-2 sm:pr-4"
          >{line.who ?? 'somebody'}
          <span class="text-muted">{isRole(line.role) ? roleWords(line.role).name.toLowerCase() : line.role}</span></td
        >
        <td class="py-1.5 pr-2 sm:pr-4">{line.act}: {pageOf(line.route)}</td>
        <td class="py-1.5">{line.of ?? (line.isGone ? 'a learner who was erased' : 'the school')}</td>
      </tr>
    {:else}<tr><td colspan="4" class="py-3">Nothing was opened yet.</td></tr>{/each}
  </tbody>
</table>
{#if data.more}<p class="mt-4"><a class="btn" href="?before={data.more}">Before these</a></p>{/if}
