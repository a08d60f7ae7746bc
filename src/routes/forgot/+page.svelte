<script lang="ts">
  import { enhance } from '$app/forms';
  let { form } = $props();
</script>

<div class="mx-auto mt-8 max-w-md">
  <h1>A forgotten password</h1>
  {#if form?.asked}
    <p class="mt-3" role="status">
      If this e-mail has an account, your school’s lead sees that you asked, and can give you a link for a new password. The link works
      once, for a day.
    </p>
    <p class="mt-4"><a class="btn" href="/sign-in">Back</a></p>
  {:else}
    <p class="mt-3">Nothing is sent by mail. Your school’s lead sees that you asked, and gives you a link.</p>
    <form method="POST" use:enhance class="mt-4 space-y-4">
      <label class="block">E-mail<input class="field" type="email" name="email" autocomplete="username" required maxlength="254" /></label>
      <p class="problem min-h-6" role="alert">{form?.problem ?? ''}</p>
      <div class="flex flex-wrap items-center gap-4">
        <button class="btn btn-act">Ask for a link</button>
        <a class="inline-flex min-h-11 items-center" href="/sign-in">Back</a>
      </div>
    </form>
  {/if}
</div>
