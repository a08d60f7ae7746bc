<!-- Who cooks a recipe of a lesson, who is there, and how each is taught. -->
<script lang="ts">
  import { PRESENCES, PROCEDURES, type InForce, type Mode } from '$core';
  import type { Place } from '$lib/server/class-lessons';
  import { CHAINING_NAMES, LEARNING_PHASES, PRESENCE_NAMES } from '$lib/ui/words';
  type Props = {
    dish: { lessonId: string; title: string; mode: Mode };
    steps: number;
    learners: { id: string; name: string }[];
    /** Everybody at all recipes of the lesson. */
    people: Place[];
    procedures: { id: InForce['id']; name: string; say: string }[];
    hierarchies: { id: string; name: string }[];
    /** Whether something was recorded of a learner here: how he is taught stays then. */
    fixed: (learnerId: string) => boolean;
    onchange: () => void;
    /** Who is there has changed. */
    onwho: () => void;
    onin: (learnerId: string, isIn: boolean) => void;
  };
  let { dish, steps, learners, people = $bindable(), procedures, hierarchies, fixed, onchange, onwho, onin }: Props = $props();
  const here = $derived(people.filter((p) => p.lessonId === dish.lessonId));
  const waits = new Set<string>(PROCEDURES.filter((p) => p.waits).map((p) => p.id));
  /** Their seconds are the delay before the prompt. */
  const delays = new Set<string>(['constant-delay']);
</script>

<div class="overflow-x-auto">
  <table class="w-full min-w-[56rem] text-left">
    <thead class="text-sm text-muted"
      ><tr
        ><th class="py-1 pr-3 font-normal" scope="col">Who</th><th class="pr-3 font-normal" scope="col">There</th><th
          class="pr-3 font-normal"
          scope="col">Phase</th
        ><th class="pr-3 font-normal" scope="col">Procedure</th><th class="pr-3 font-normal" scope="col">Levels of help</th><th
          class="pr-3 font-normal"
          scope="col">Taught</th
        ><th class="font-normal" scope="col">Steps</th></tr
      ></thead
    >
    <tbody>
      {#each learners as learner (learner.id)}
        {@const place = here.find((p) => p.learnerId === learner.id)}
        {@const still = fixed(learner.id)}
        <tr class="border-t border-line">
          <th scope="row" class="py-1 pr-3"
            ><label class="flex min-h-11 items-center gap-2"
              ><input
                type="checkbox"
                class="size-5"
                checked={place !== undefined}
                disabled={still}
                onchange={(e) => onin(learner.id, e.currentTarget.checked)}
              />
              {learner.name}</label
            ></th
          >
          {#if place}
            <td class="pr-3"
              ><select
                class="field w-auto!"
                aria-label="Whether {learner.name} is there"
                value={place.presence}
                onchange={(e) => {
                  place.presence = e.currentTarget.value as typeof place.presence;
                  onwho();
                }}
                >{#each PRESENCES as p (p)}<option value={p}>{PRESENCE_NAMES[p]}</option>{/each}</select
              ></td
            >
            <td class="pr-3"
              ><select
                class="field w-auto!"
                aria-label="Phase of {learner.name}"
                disabled={still}
                bind:value={place.phase}
                onchange={() => onchange()}
                >{#each LEARNING_PHASES as [id, { name }] (id)}<option value={id}>{name}</option>{/each}</select
              ></td
            >
            <td class="pr-3"
              ><select
                class="field w-auto! max-w-52"
                aria-label="Procedure for {learner.name}"
                title={procedures.find((p) => p.id === place.procedure.id)?.say}
                disabled={still}
                bind:value={place.procedure.id}
                onchange={() => onchange()}
                >{#each procedures as p (p.id)}<option value={p.id}>{p.name}</option>{/each}</select
              >
              {#if waits.has(place.procedure.id)}<label class="inline-flex items-center gap-1 text-sm text-muted"
                  ><input
                    class="field w-16!"
                    type="number"
                    min="1"
                    max="60"
                    aria-label="Seconds to wait for {learner.name}"
                    disabled={still}
                    bind:value={place.procedure[delays.has(place.procedure.id) ? 'delay' : 'wait']}
                    oninput={onchange}
                  /> s</label
                >{/if}</td
            >
            <td class="pr-3"
              ><select
                class="field w-auto! max-w-40"
                aria-label="Levels of help for {learner.name}"
                disabled={still}
                bind:value={place.hierarchy}
                onchange={() => onchange()}
                >{#each hierarchies as h (h.id)}<option value={h.id}>{h.name}</option>{/each}</select
              ></td
            >
            <td class="pr-3"
              ><select
                class="field w-auto!"
                aria-label="Which steps {learner.name} is taught"
                disabled={still}
                bind:value={place.chaining}
                onchange={() => onchange()}
                >{#each Object.entries(CHAINING_NAMES) as [id, name] (id)}<option value={id}>{name}</option>{/each}</select
              ></td
            >
            <td class="tabular-nums"
              >{place.share ? place.share.length : steps}{dish.mode === 'pairs' && place.team !== null
                ? `, pair ${place.team + 1}`
                : ''}</td
            >
          {:else}<td colspan="6" class="text-muted">not in this dish</td>{/if}
        </tr>
      {/each}
    </tbody>
  </table>
</div>
