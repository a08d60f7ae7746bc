<script lang="ts">
  import { enhance } from '$app/forms';
  import { page } from '$app/state';
  import { roleWords } from '$core';
  import { invalidateAll } from '$app/navigation';
  import { addPasskey } from '$lib/ui/passkey';
  import NewPassword from '$lib/ui/NewPassword.svelte';
  import { showMoment } from '$lib/ui/words';
  let { data, form } = $props();
  let asking = $state(false);
  let said = $state('');
  async function newPasskey(event: SubmitEvent & { currentTarget: HTMLFormElement }) {
    event.preventDefault();
    const form = event.currentTarget;
    asking = true;
    const { ok, message } = await addPasskey(String(new FormData(form).get('now') ?? ''));
    asking = false;
    said = ok ? 'The passkey is kept: sign in with it from now on.' : message;
    if (!ok) return;
    form.reset();
    await invalidateAll();
  }
  const who = $derived(page.data.who);
  const problemOf = (what: string) => (form?.what === what && 'problem' in form ? (form.problem ?? '') : '');
  const doneOf = (what: string) => (form?.what === what && 'done' in form ? (form.done ?? '') : '');
</script>

{#snippet now()}
  <label class="block"
    ><span class="block">Your password, once more</span><input
      class="field max-w-sm"
      type="password"
      name="now"
      autocomplete="current-password"
      required
      maxlength="200"
    /></label
  >
{/snippet}

<h1 class="mt-4">{who?.name}</h1>
<p class="mt-1 text-muted">{data.email}{who ? `, ${roleWords(who.role).name.toLowerCase()}. ${roleWords(who.role).say}` : ''}</p>

{#if data.lacksSecond}<p class="mt-4 max-w-3xl border-l-[6px] border-ink pl-3 font-semibold" role="alert">
    Your school asks for a second factor of your role. Set one up here, or add a passkey: until then nothing else opens.
  </p>{/if}
<section class="mt-6 max-w-3xl border-t-[3px] border-ink pt-3" aria-labelledby="second">
  <h2 id="second">Second factor: {data.hasSecond ? 'on' : 'off'}</h2>
  {#if form && 'codes' in form && form.codes}
    <p class="mt-2 font-semibold">
      It is on. Write these recovery codes down now: they are shown this once. Each opens your account once when the authenticator is lost.
    </p>
    <ul class="mt-2 grid max-w-md grid-cols-2 gap-x-6 text-lg tracking-wide tabular-nums">
      {#each form.codes as code (code)}<li>{code}</li>{/each}
    </ul>
  {:else if form && 'secret' in form && form.secret}
    <p class="mt-2">Point your authenticator at this picture, or type the letters into it. Then enter the code that it shows.</p>
    <div class="mt-2 flex flex-wrap items-start gap-6">
      <div class="w-48 rounded bg-white p-1" role="img" aria-label="The secret as a square code">
        <!-- eslint-disable-next-line svelte/no-at-html-tags -- drawn by the server of squares alone -->
        {@html form.picture}
      </div>
      <form
        method="POST"
        action="?/second-on"
        use:enhance={() =>
          ({ update }) =>
            update({ reset: false })}
        class="space-y-3"
      >
        <p class="font-mono break-all">{form.secret.match(/.{1,4}/g)?.join(' ')}</p>
        <input type="hidden" name="secret" value={form.secret} />
        <label class="block"
          >Code<input
            class="field w-40! text-xl tracking-widest"
            name="code"
            autocomplete="one-time-code"
            inputmode="numeric"
            required
            maxlength="8"
          /></label
        >
        <button class="btn btn-act">Turn it on</button>
      </form>
    </div>
  {:else}
    <p class="mt-1">
      {data.hasSecond
        ? `A code of your authenticator is asked for after the password. ${data.codesLeft} recovery codes are left.`
        : 'With one, a password that somebody else learns opens nothing. You need an authenticator on a phone or a computer.'}
    </p>
    <form
      method="POST"
      action={data.hasSecond ? '?/second-off' : '?/second'}
      use:enhance={() =>
        ({ update }) =>
          update({ invalidateAll: data.hasSecond })}
      class="mt-3 space-y-3"
    >
      {@render now()}
      <button class="btn">{data.hasSecond ? 'Turn it off' : 'Set one up'}</button>
    </form>
  {/if}
  <p class="problem min-h-6" role="alert">{problemOf('second')}</p>
  <p role="status">{doneOf('second')}</p>
</section>

<section class="mt-4 max-w-3xl border-t-[3px] border-ink pt-3" aria-labelledby="passkeys">
  <h2 id="passkeys">Passkeys</h2>
  <p class="mt-1">
    {data.canPasskey
      ? 'A key on this device, opened by your finger, face or code. It stands for password and second factor together.'
      : 'Passkeys are not to be had at this address, or in the demo.'}
  </p>
  <ul class="mt-2">
    {#each data.passkeys as key (key.id)}
      <li class="flex flex-wrap items-center gap-x-4 border-b border-line py-1">
        {key.name} <span class="text-muted">since {showMoment(key.madeAt)}{key.usedAt ? `, last used ${showMoment(key.usedAt)}` : ''}</span>
        <form method="POST" action="?/passkey-off" use:enhance class="ml-auto">
          <input type="hidden" name="id" value={key.id} />
          <button class="btn btn-quiet">Take away<span class="sr-only"> the passkey of {key.name}</span></button>
        </form>
      </li>
    {/each}
  </ul>
  {#if data.canPasskey}<form method="POST" onsubmit={newPasskey} class="mt-3 space-y-3">
      {@render now()}
      <button class="btn" disabled={asking}>Add one on this device</button>
    </form>{/if}
  <p class="min-h-6" role="status">{said || doneOf('passkey') || problemOf('passkey')}</p>
</section>

<section class="mt-4 max-w-3xl border-t-[3px] border-ink pt-3" aria-labelledby="devices">
  <h2 id="devices">Where you are signed in</h2>
  <ul class="mt-2">
    {#each data.sessions as session, i (i)}
      <li class="border-b border-line py-2">
        {session.device}{session.here ? ', this one' : ''}{session.shared ? ', used by others too' : ''}
        <span class="text-muted">since {showMoment(session.madeAt)}, last seen {showMoment(session.seenAt)}</span>
      </li>
    {:else}<li class="py-2">The demo opens by itself: nobody is signed in.</li>{/each}
  </ul>
  <form method="POST" action="?/sign-out-all" use:enhance class="mt-3 flex flex-wrap items-center gap-4">
    <button class="btn" disabled={!data.sessions.some((s) => !s.here)}>Sign out all others</button>
    <p role="status">{doneOf('sessions')}</p>
  </form>
</section>

<section class="mt-4 max-w-3xl border-t-[3px] border-ink pt-3" aria-labelledby="password">
  <h2 id="password">Another password</h2>
  <form method="POST" action="?/password" use:enhance class="mt-2 max-w-md space-y-3">
    <input type="text" class="hidden" autocomplete="username" value={data.email} readonly aria-hidden="true" tabindex="-1" />
    {@render now()}
    <NewPassword />
    <p class="problem min-h-6" role="alert">{problemOf('password')}</p>
    <p role="status">{doneOf('password')}</p>
    <button class="btn">Keep the new one</button>
  </form>
</section>
