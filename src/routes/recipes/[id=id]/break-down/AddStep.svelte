<!-- A field for one more step, behind another. -->
<script lang="ts">
  import { takeFocus } from '$lib/ui/keys';
  import { getDesk } from './desk.svelte';
  let { after, number }: { after: string; number: number } = $props();
  const desk = getDesk();
</script>

<form
  class="flex gap-2 py-2 pl-10"
  onsubmit={(e) => {
    e.preventDefault();
    desk.add(after);
  }}
>
  <input
    class="field"
    dir="auto"
    maxlength="300"
    aria-label="New step behind step {number}"
    placeholder="What is done, verb first"
    bind:value={desk.text}
    {@attach takeFocus}
    onkeydown={(e) => e.key === 'Escape' && desk.leaveAdding(after)}
  />
  <button class="btn btn-act">Add</button>
</form>
