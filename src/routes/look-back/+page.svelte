<script lang="ts">
  import { percent } from '$lib/ui/series';
  import { showDay, showWeekday, STANDING_NAMES } from '$lib/ui/words';
  import TeachingForm from './TeachingForm.svelte';
  let { data, form } = $props();
  const recorded = $derived(data.rows.some((r) => r.recorded > 0));
  /** The one thing that goes before all others in the next lesson. */
  const urgent = $derived(
    [...(data.next?.teach ?? [])].filter((t) => t.here && t.thing).sort((a, b) => a.thing!.rank - b.thing!.rank)[0]?.id ?? null,
  );
  const list = (names: string[]) => (names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`);
</script>

<h1 class="mt-4">Look back</h1>
{#if !recorded}
  <p class="mt-2 max-w-prose">Nothing is recorded yet. After the first lessons it stands here what to teach to whom next.</p>
{:else}
  {#if data.next}
    <section class="mt-3 max-w-5xl" aria-labelledby="teach">
      <h2 id="teach">What to teach to whom in the next lesson</h2>
      <p class="text-muted">
        <a href="/lessons/{data.next.id}">{showWeekday(data.next.heldOn)} {showDay(data.next.heldOn)}: {list(data.next.recipes)}</a>
      </p>
      <ul class="mt-1 border-t border-line">
        {#each data.next.teach as t (t.id)}
          <li class="grid gap-x-4 px-3 py-2 sm:grid-cols-[7rem_1fr] {t.id === urgent ? 'next' : 'border-b border-line'}">
            <span
              ><a class="font-bold {t.id === urgent ? 'text-on-next' : ''}" href="/learners/{t.id}/look-back">{t.name}</a
              >{#if t.id === urgent}<span class="block text-sm font-normal">next, before all else</span>{/if}</span
            >
            <span
              >{#if !t.here}<span class="text-muted">not in this lesson</span>
              {:else if t.thing}<b>{t.thing.do}</b> <span class={t.id === urgent ? 'font-normal' : 'text-muted'}>{t.thing.saw}</span>
              {:else}<span class="text-muted">go on as before</span>{/if}</span
            >
          </li>
        {/each}
      </ul>
    </section>
  {/if}

  <section class="mt-6">
    <h2>Learners and their goals</h2>
    <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
    <div class="mt-1 overflow-x-auto" tabindex="0" role="region" aria-label="Learners and their goals">
      <table class="w-full border-collapse">
        <thead>
          <tr class="border-b-[3px] border-ink text-left text-sm"
            ><th class="py-1 pr-4">Learner</th>{#if !data.next}<th class="pr-4">First of what is next</th>{/if}<th class="pr-4"
              >Goals, and how each stands</th
            ></tr
          >
        </thead>
        <tbody>
          {#each data.rows as row (row.id)}
            <tr class="border-b border-line align-top">
              <th scope="row" class="py-2 pr-4 text-left"><a href="/learners/{row.id}/look-back">{row.name}</a></th>
              {#if !data.next}
                <td class="max-w-md py-2 pr-6">
                  {#if row.first}<b>{row.first.do}</b> <span class="text-muted">{row.first.saw}</span>
                  {:else}<span class="text-muted">{row.recorded === 0 ? 'nothing recorded yet' : 'nothing has to change'}</span>{/if}
                </td>
              {/if}
              <td class="py-2 pr-4">
                <ul>
                  {#each row.goals as goal (goal.id)}
                    <li>
                      <a href="/learners/{row.id}/goals/{goal.id}">{goal.name}</a>:
                      <b>{STANDING_NAMES[goal.standing]}</b>{#if goal.last}<span class="text-muted"
                          >, last {percent(goal.last.share)} of {goal.last.of} {goal.last.of === 1 ? 'step' : 'steps'}</span
                        >{/if}
                    </li>
                  {:else}
                    <li><a class="text-muted" href="/learners/{row.id}/goals/new">no goal yet</a></li>
                  {/each}
                </ul>
              </td>
              <td class="py-2">
                {#if row.things > 0}<a href="/learners/{row.id}/look-back">{row.things} {row.things === 1 ? 'thing' : 'things'}</a>
                {:else}<span class="text-muted">{row.recorded === 0 ? 'nothing recorded yet' : 'nothing'}</span>{/if}
              </td>
            </tr>
          {/each}
        </tbody>
      </table>
    </div>
  </section>

  {#if data.stopping.length > 0}
    <section class="mt-6 max-w-5xl" aria-labelledby="stopping">
      <h2 id="stopping">Steps that stop most learners</h2>
      <p class="text-muted">Then the step, not the learner, may be wrong.</p>
      <ul class="mt-1">
        {#each data.stopping.slice(0, 8) as step (`${step.recipeId} ${step.key}`)}
          <li class="flex flex-wrap items-center gap-x-4 border-b border-line py-1">
            <span class="flex-1"
              ><b>{step.text}</b> {step.recipe}: {list(step.names)}, {step.stopped.length} of {step.of} with enough lessons</span
            >
            <a class="btn" href="/recipes/{step.recipeId}/break-down">Split it</a>
          </li>
        {/each}
      </ul>
    </section>
  {/if}
{/if}

<TeachingForm teaching={data.teaching} problem={form?.problem ?? ''} saved={form?.saved ?? false} />
