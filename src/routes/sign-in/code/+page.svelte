<script lang="ts">
  import { enhance } from '$app/forms';
  let { data, form } = $props();
</script>

<div class="mx-auto mt-8 max-w-md">
  <h1>The code of your authenticator</h1>
  <p class="mt-2">Six digits. Where the authenticator is lost, one of your recovery codes.</p>
  <form method="POST" use:enhance class="mt-4 space-y-4">
    <input type="hidden" name="to" value={data.to} />
    <label class="block"
      >Code<input
        class="field w-56! text-xl tracking-widest"
        name="code"
        autocomplete="one-time-code"
        inputmode="text"
        required
        maxlength="20"
      /></label
    >
    <p class="problem min-h-6" role="alert">{form?.problem ?? ''}</p>
    <div class="flex flex-wrap items-center gap-4">
      <button class="btn btn-act">Sign in</button>
      <a class="inline-flex min-h-11 items-center" href="/sign-in">Back</a>
    </div>
  </form>
</div>
