<script lang="ts">
  import { enhance } from '$app/forms';
  import { roleWords } from '$core';
  import { signInWithPasskey } from '$lib/ui/passkey';
  let { data, form } = $props();
  // svelte-ignore state_referenced_locally
  let shared = $state(form?.shared ?? false);
  let said = $state('');
  async function withPasskey() {
    const { ok, message } = await signInWithPasskey(shared);
    if (ok) location.assign(data.to);
    else said = message;
  }
</script>

<div class="mx-auto mt-8 max-w-md">
  <h1>Sign in</h1>
  <form method="POST" use:enhance class="mt-4 space-y-4">
    <input type="hidden" name="to" value={data.to} />
    <label class="block"
      >E-mail<input
        class="field"
        type="email"
        name="email"
        autocomplete="username"
        required
        maxlength="254"
        value={form?.email ?? ''}
      /></label
    >
    <label class="block"
      >Password<input class="field" type="password" name="password" autocomplete="current-password" required maxlength="200" /></label
    >
    <label class="flex min-h-11 items-center gap-2"
      ><input type="checkbox" class="size-5" name="shared" value="yes" bind:checked={shared} />
      <span>Others use this device too <span class="text-muted">(signed out after 30 minutes unused)</span></span></label
    >
    <p class="problem min-h-6" role="alert">{said || (form?.problem ?? '')}</p>
    <div class="flex flex-wrap items-center gap-4">
      <button class="btn btn-act">Sign in</button>
      {#if data.canPasskey}<button type="button" class="btn" onclick={withPasskey}>With a passkey</button>{/if}
      <a class="inline-flex min-h-11 items-center" href="/forgot">A forgotten password</a>
    </div>
  </form>

  {#if data.demo}
    <section class="mt-8 border-t-[3px] border-ink pt-3" aria-labelledby="demo-people">
      <h2 id="demo-people">This is the demo</h2>
      <p class="mt-1">Its people are made up. They all sign in with <b>{data.demo.password}</b></p>
      <ul class="mt-2">
        {#each data.demo.people as person (person.email)}
          <li class="border-b border-line py-1">
            {person.email} <span class="text-muted">{person.name}, {roleWords(person.role).name.toLowerCase()}</span>
          </li>
        {/each}
      </ul>
      <form method="POST" action="/demo-as" class="mt-3">
        <button class="btn" name="role" value="teacher">Go on without signing in</button>
      </form>
    </section>
  {/if}
</div>
