<script lang="ts">
  import { enhance } from '$app/forms';
  import { page } from '$app/state';
  let { data, form } = $props();
</script>

<div class="max-w-prose">
  <h1 class="mt-4">Erase {data.name}</h1>
  <p class="mt-2">
    Every record, note, goal, fit and plan of {data.name} goes, in every lesson. It cannot be brought back. Backups that were made before still
    have it until they are thrown away: whoever keeps them has to be told.
  </p>
  <p class="mt-3 flex flex-wrap gap-3">
    <a class="btn" href="/learners/{page.params.id}/all.zip" download>Save all of it first</a>
    {#if !data.putAway}<a class="btn" href="/learners">Rather put away</a>{/if}
  </p>
  <form method="POST" use:enhance class="mt-5 space-y-4 border-t-[3px] border-ink pt-4">
    <label class="block"
      >Why, without a name: this line stays<input
        class="field"
        name="why"
        required
        maxlength="300"
        autocomplete="off"
        value={form?.why ?? ''}
      /></label
    >
    <label class="block"
      ><span class="block">The learner’s name, as it stands above</span><input
        class="field w-56!"
        name="name"
        required
        maxlength="40"
        autocomplete="off"
      /></label
    >
    <p class="problem min-h-6" role="alert">{form?.problem ?? ''}</p>
    <div class="flex flex-wrap gap-3">
      <button class="btn">Erase for good</button>
      <a class="btn btn-quiet" href="/learners/{page.params.id}">Leave it</a>
    </div>
  </form>
</div>
