<!-- What was put away, to be brought back: the same list for learners, recipes, lessons, classes and people. -->
<script lang="ts" generics="T extends { id: string; name: string }">
  import { enhance } from '$app/forms';
  import type { Snippet } from 'svelte';
  type Props = {
    things: readonly T[];
    /** Whether who looks may bring one back. */
    may?: boolean;
    /** What stands beside the button. */
    row: Snippet<[T]>;
  };
  let { things, may = true, row }: Props = $props();
</script>

{#if things.length > 0}
  <details class="mt-6">
    <summary>Put away: {things.length}</summary>
    <ul class="mt-2">
      {#each things as thing (thing.id)}
        <li class="flex flex-wrap items-center gap-x-4">
          {#if may}<form method="POST" action="?/put-away" use:enhance>
              <input type="hidden" name="id" value={thing.id} />
              <button class="btn btn-quiet" name="away" value="no">Bring back<span class="sr-only"> {thing.name}</span></button>
            </form>{/if}
          {@render row(thing)}
        </li>
      {/each}
    </ul>
  </details>
{/if}
