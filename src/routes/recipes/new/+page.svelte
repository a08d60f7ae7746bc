<script lang="ts">
  import { enhance } from '$app/forms';
  let { data, form } = $props();
  let busy = $state(false);
  const problems = $derived(form?.problems as Record<string, string> | undefined);
  const problem = $derived(problems?.source ?? problems?.id);
</script>

<h1 class="mt-4">New recipe</h1>
<form
  method="POST"
  class="mt-4 max-w-3xl"
  use:enhance={() => {
    busy = true;
    return async ({ update }) => {
      await update({ reset: false });
      busy = false;
    };
  }}
>
  <input type="hidden" name="id" value={data.id} />
  <label for="source" class="font-semibold">Paste the whole recipe</label>
  <p id="source-help" class="text-sm text-muted">
    Title, servings, what goes in, what to do: in any layout, with headings or none. You can correct what is misread on the next page.
  </p>
  <textarea
    id="source"
    name="source"
    rows="18"
    class="field mt-2 font-sans"
    dir="auto"
    aria-describedby="source-help source-problem"
    aria-invalid={problem ? 'true' : undefined}
    value={form?.source ?? ''}></textarea>
  <p id="source-problem" class="problem mt-1 min-h-6" role="alert">
    {problem ? `${problem.charAt(0).toUpperCase()}${problem.slice(1)}.` : ''}
  </p>
  <div class="mt-2 flex gap-3">
    <button class="btn btn-act" disabled={busy}>{busy ? 'Reading …' : 'Read it'}</button>
    <a class="btn btn-quiet" href="/recipes">Cancel</a>
  </div>
</form>
