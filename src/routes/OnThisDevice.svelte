<!-- What this device recorded and the server does not have: lessons that nobody opened again, and what the server would not take. -->
<script lang="ts">
  import NotTaken from '$lib/ui/NotTaken.svelte';
  import { outbox } from '$lib/outbox/outbox.svelte';
  type Props = { lessons: { id: string; learners: string[]; title: string }[] };
  let { lessons }: Props = $props();
  const ids = $derived([...new Set([...outbox.waiting, ...outbox.refused].map((e) => e.lessonId))]);
  const count = (all: { lessonId: string }[], id: string) => all.filter((e) => e.lessonId === id).length;
  const nameOf = (id: string) => {
    const lesson = lessons.find((l) => l.id === id);
    return lesson ? `${lesson.learners.join(', ')}, ${lesson.title}` : 'A lesson that is not there any more';
  };
</script>

{#if ids.length > 0}
  <section class="mt-6 max-w-3xl" aria-labelledby="device">
    <h2 id="device">Still on this device</h2>
    <ul class="mt-2 border-t border-line">
      {#each ids as id (id)}
        {@const waiting = count(outbox.waiting, id)}
        <li class="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line py-2">
          <span class="min-w-40 flex-1"
            ><b>{nameOf(id)}</b><br />
            {#if waiting > 0}<span class="text-sm text-muted"
                >{waiting} {waiting === 1 ? 'record waits' : 'records wait'} for the {outbox.offline ? 'network' : 'server'}</span
              >{/if}
          </span>
          {#if waiting > 0}<a class="btn" href="/cook/{id}" data-sveltekit-reload>Open</a>{/if}
          <div class="w-full"><NotTaken lessonId={id} textOf={() => null} nameOf={(code) => code} /></div>
        </li>
      {/each}
    </ul>
  </section>
{/if}
