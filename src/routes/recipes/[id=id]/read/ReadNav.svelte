<!-- The two sides of Read: what the recipe says, and whether this class can make it. -->
<script lang="ts">
  let { id, current, look = 0 }: { id: string; current: 'lines' | 'class'; look?: number } = $props();
  const SIDES = [
    ['lines', '', 'Line by line'],
    ['class', '/class', 'For our class'],
  ] as const;
</script>

<nav aria-label="Sides of Read" class="mt-3">
  <ul class="flex gap-6">
    {#each SIDES as [side, path, name] (side)}
      <li>
        <a
          href="/recipes/{id}/read{path}"
          aria-current={side === current ? 'page' : undefined}
          class="inline-flex min-h-11 items-center text-ink no-underline {side === current
            ? 'font-bold underline decoration-[3px] underline-offset-8'
            : 'hover:text-act'}"
          >{name}{#if side === 'lines' && look > 0}<span class="ml-2 font-normal text-muted">{look} to look at</span>{/if}</a
        >
      </li>
    {/each}
  </ul>
</nav>
