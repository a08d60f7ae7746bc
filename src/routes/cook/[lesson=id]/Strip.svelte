<!-- The names of all learners, each with the step at hand and whether he waits or calls: to turn from one to another. -->
<script lang="ts">
  import Face from '$lib/ui/Face.svelte';
  import type { Room } from '$lib/ui/room.svelte';
  let { room, onchoose }: { room: Room; onchoose: (index: number) => void } = $props();
</script>

<nav aria-label="Learners" class="-mx-3 overflow-x-auto border-y border-line px-3">
  <ul class="flex gap-1">
    {#each room.lines as line, i (line.person.id)}
      <li>
        <button
          type="button"
          class="min-h-16 min-w-16 px-2 text-center leading-tight {room.chosen === i ? 'font-bold shadow-[inset_0_-5px_0_var(--ink)]' : ''}"
          aria-current={room.chosen === i ? 'true' : undefined}
          onclick={() => onchoose(i)}
        >
          <Face at={line.person.face} class="mx-auto size-5 max-sm:block sm:size-6 sm:align-middle" />
          {line.person.name}
          <span class="block text-sm font-normal text-muted tabular-nums"
            >{line.presence === 'absent'
              ? 'absent'
              : line.isThrough
                ? 'all done'
                : line.mark
                  ? line.mark.what
                  : `${line.index + 1}/${line.items.length}`}</span
          >
        </button>
      </li>
    {/each}
  </ul>
</nav>
