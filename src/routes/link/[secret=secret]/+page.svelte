<script lang="ts">
  import { enhance } from '$app/forms';
  import { roleWords } from '$core';
  import NewPassword from '$lib/ui/NewPassword.svelte';
  let { data, form } = $props();
</script>

<div class="mx-auto mt-8 max-w-md">
  {#if data.kind === 'reset'}
    <h1>A new password for {data.name}</h1>
    <p class="mt-2">Every device that is signed in with the old one is signed out.</p>
  {:else}
    <h1>Come in, {data.name}</h1>
    <p class="mt-2">
      {data.schoolName} has you as <b>{roleWords(data.role).name.toLowerCase()}</b>: {roleWords(data.role).say}
    </p>
  {/if}
  <form method="POST" use:enhance class="mt-4 space-y-4">
    <label class="block">Your e-mail<input class="field" type="email" autocomplete="username" value={data.email} readonly /></label>
    <NewPassword />
    <label class="flex min-h-11 items-center gap-2"
      ><input type="checkbox" class="size-5" name="shared" value="yes" /> <span>Others use this device too</span></label
    >
    <p class="problem min-h-6" role="alert">{form?.problem ?? ''}</p>
    <button class="btn btn-act">{data.kind === 'reset' ? 'Keep' : 'Come in'}</button>
  </form>
</div>
