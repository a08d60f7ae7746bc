<script lang="ts">
  import { enhance } from '$app/forms';
  import NewPassword from '$lib/ui/NewPassword.svelte';
  let { form } = $props();
</script>

<div class="mx-auto mt-8 max-w-md">
  <h1>You are the first here</h1>
  <p class="mt-2">
    You become the school’s lead: you invite the others, and say what each may do. The code stands where the server was started.
  </p>
  <form method="POST" use:enhance class="mt-4 space-y-4">
    <label class="block"
      >Code<input
        class="field w-56! tracking-widest"
        name="code"
        autocomplete="off"
        required
        maxlength="20"
        placeholder="0000-0000-0000"
        value={form?.code ?? ''}
      /></label
    >
    <label class="block"
      >Name of the school or kitchen<input
        class="field"
        name="school"
        autocomplete="organization"
        required
        maxlength="80"
        value={form?.school ?? ''}
      /></label
    >
    <label class="block"
      >Your name<input class="field" name="name" autocomplete="name" required maxlength="60" value={form?.name ?? ''} /></label
    >
    <label class="block"
      >Your e-mail<input
        class="field"
        type="email"
        name="email"
        autocomplete="username"
        required
        maxlength="254"
        value={form?.email ?? ''}
      /></label
    >
    <NewPassword />
    <p class="problem min-h-6" role="alert">{form?.problem ?? ''}</p>
    <button class="btn btn-act">Begin</button>
  </form>
</div>
