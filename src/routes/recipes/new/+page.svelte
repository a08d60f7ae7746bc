<script lang="ts">
  import { enhance } from '$app/forms';
  import { plainRecipe } from '$core';
  let { data, form } = $props();
  let busy = $state(false);
  let fileProblem = $state('');
  const problem = $derived(fileProblem || form?.problems?.[0]);
  let field = $state<HTMLTextAreaElement>();
  /** A saved page is some hundred thousand characters; what is longer is no page. */
  const LARGEST_FILE = 5_000_000;

  /** Reads a file on this device only; what it says is put into the field as plain text, to be looked at before it is sent. */
  async function open(file: File | undefined) {
    fileProblem = '';
    if (!file || !field) return;
    if (file.size > LARGEST_FILE) {
      fileProblem = `“${file.name}” is larger than 5 MB: that is no recipe page`;
      return;
    }
    const text = await file.text();
    // eslint-disable-next-line no-control-regex -- a zero byte is what tells a picture or a PDF from text
    if (/\u0000/.test(text.slice(0, 4000)) || text.startsWith('%PDF')) {
      fileProblem = `“${file.name}” is not text. Open it, copy the recipe, and paste it here`;
      return;
    }
    field.value = plainRecipe(text);
    if (!field.value) fileProblem = `“${file.name}” is empty`;
    field.focus();
  }
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
  <p class="mt-2 flex flex-wrap items-center gap-3 text-sm">
    <label for="file">Or open a file (text, saved web page, recipe JSON):</label>
    <input
      id="file"
      type="file"
      accept=".txt,.md,.html,.htm,.json,text/plain,text/html,application/json"
      class="max-w-full file:mr-3 file:min-h-9 file:rounded file:border-2 file:border-ink file:bg-sheet file:px-3 file:text-ink"
      onchange={(e) => open(e.currentTarget.files?.[0])}
    />
  </p>
  <textarea
    bind:this={field}
    id="source"
    name="source"
    class="field mt-2 h-[clamp(10rem,48vh,30rem)] font-sans"
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
