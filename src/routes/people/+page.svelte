<script lang="ts">
  import PutAway from '$lib/ui/PutAway.svelte';
  import { enhance } from '$app/forms';
  import { roleWords } from '$core';
  import { showMoment } from '$lib/ui/words';
  let { data, form } = $props();
  const here = $derived(data.people.filter((p) => !p.putAway));
  const away = $derived(data.people.filter((p) => p.putAway));
  const many = $derived(data.classes.length > 1);
  const classesOf = (p: (typeof data.people)[number]) =>
    p.role === 'lead'
      ? 'all classes'
      : data.classes
          .filter((c) => p.classes.includes(c.id))
          .map((c) => c.name)
          .join(', ') || 'no class';
  let copied = $state(false);
  async function copy(link: string) {
    await navigator.clipboard.writeText(link);
    copied = true;
  }
</script>

{#snippet boxes(ticked: readonly string[])}
  {#each data.classes as one (one.id)}<label class="inline-flex min-h-11 items-center gap-2"
      ><input type="checkbox" class="h-6 w-6" name="class" value={one.id} checked={ticked.includes(one.id)} />{one.name}</label
    >{/each}
{/snippet}

<div class="mt-4 flex flex-wrap items-baseline gap-x-6">
  <h1>People</h1>
  <a class="inline-flex min-h-11 items-center" href="/classes">Classes</a>
  <a class="inline-flex min-h-11 items-center" href="/people/trail">Who saw what</a>
</div>

{#if form && 'link' in form && form.link}
  <section class="mt-3 max-w-3xl border-y-[3px] border-ink py-3" aria-labelledby="link">
    <h2 id="link">{form.kind === 'reset' ? `A new password for ${form.of}` : `A way in for ${form.of}`}</h2>
    <p class="mt-1">
      Hand this link to {form.of}, and to nobody else. It works once, {form.kind === 'reset' ? 'for a day' : 'for a week'}, and is shown
      this once.
    </p>
    <p class="mt-2 flex flex-wrap items-center gap-3">
      <code class="break-all">{form.link}</code>
      <button type="button" class="btn" onclick={() => copy(form.link)}>{copied ? 'Copied' : 'Copy'}</button>
    </p>
    {#if form.mail}<details class="mt-2">
        <summary>In the demo no mail leaves. This one would have</summary>
        <pre class="mt-1 max-w-full overflow-x-auto whitespace-pre-wrap">{form.mail.to}
{form.mail.subject}

{form.mail.text}</pre>
      </details>
    {:else if form.sent}<p class="mt-2">It was sent by mail, too.</p>{:else if data.mail === 'sent'}<p class="problem mt-2">
        It could not be sent by mail: hand it over.
      </p>{/if}
  </section>
{/if}
<p class="problem mt-2 min-h-6" role="alert">{form && 'problem' in form ? form.problem : ''}</p>

<form method="POST" action="?/invite" use:enhance class="flex flex-wrap items-end gap-3">
  <label class="block"
    ><span class="block text-sm text-muted">Name</span><input
      class="field w-44!"
      name="name"
      maxlength="60"
      required
      autocomplete="off"
      value={form && 'email' in form ? form.name : ''}
    /></label
  >
  <label class="block"
    ><span class="block text-sm text-muted">E-mail</span><input
      class="field w-64!"
      type="email"
      name="email"
      maxlength="254"
      required
      autocomplete="off"
      value={form && 'email' in form ? form.email : ''}
    /></label
  >
  <label class="block"
    ><span class="block text-sm text-muted">Is here as</span><select class="field" name="role"
      >{#each data.roles as role (role.id)}<option value={role.id} selected={role.id === (form && 'role' in form ? form.role : 'aide')}
          >{role.name}</option
        >{/each}</select
    ></label
  >
  {#if many}<fieldset class="flex flex-wrap gap-x-4">
      <legend class="text-sm text-muted">In</legend>
      {@render boxes([data.class ?? ''])}
    </fieldset>{/if}
  <button class="btn btn-act">Invite</button>
</form>

<ul class="mt-5 max-w-4xl border-t-[3px] border-ink">
  {#each here as person (person.id)}
    <li class="grid items-center gap-x-6 gap-y-1 border-b border-line py-2 sm:grid-cols-[1fr_auto_auto]">
      <p>
        <b class="text-lg">{person.name}</b> <span class="text-muted">{person.email}</span>
        {#if person.asked}<span class="block font-semibold">Asked for a new password</span>{/if}
        {#if many && person.role === 'lead'}<span class="block text-muted">{classesOf(person)}</span>{/if}
      </p>
      <form method="POST" action="?/role" use:enhance class="flex items-end gap-2">
        <input type="hidden" name="id" value={person.id} />
        <label
          ><span class="sr-only">{person.name} is here as</span><select
            class="field"
            name="role"
            onchange={(e) => e.currentTarget.form?.requestSubmit()}
            >{#each data.roles as role (role.id)}<option value={role.id} selected={role.id === person.role}>{role.name}</option
              >{/each}</select
          ></label
        >
        <noscript><button class="btn">Keep</button></noscript>
      </form>
      <div class="flex">
        <form method="POST" action="?/reset" use:enhance>
          <input type="hidden" name="id" value={person.id} />
          <button class="btn btn-quiet">New password<span class="sr-only"> for {person.name}</span></button>
        </form>
        <form method="POST" action="?/put-away" use:enhance>
          <input type="hidden" name="id" value={person.id} />
          <button class="btn btn-quiet" name="away" value="yes">Put away<span class="sr-only"> {person.name}</span></button>
        </form>
      </div>
      {#if many && person.role !== 'lead'}<details class="sm:col-span-3">
          <summary>{classesOf(person)}<span class="sr-only">: classes of {person.name}</span></summary>
          <form
            method="POST"
            action="?/classes"
            use:enhance={() =>
              ({ update }) =>
                update({ reset: false })}
            class="flex flex-wrap items-center gap-x-4"
          >
            <input type="hidden" name="id" value={person.id} />
            {@render boxes(person.classes)}
            <button class="btn">Keep<span class="sr-only"> the classes of {person.name}</span></button>
          </form>
        </details>{/if}
    </li>
  {/each}
  {#each data.invitations as open (open.email)}
    <li class="border-b border-line py-3">
      <b class="text-lg">{open.name}</b> <span class="text-muted">{open.email}, {roleWords(open.role).name.toLowerCase()}</span>
      <span class="block">Invited, until {showMoment(open.until)}. Invite once more for another link.</span>
    </li>
  {/each}
</ul>

<PutAway things={away}>
  {#snippet row(person)}{person.name} <span class="text-muted">{person.email}</span>{/snippet}
</PutAway>

<h2 class="mt-8">The school</h2>
<form
  method="POST"
  action="?/school"
  use:enhance={() =>
    ({ update }) =>
      update({ reset: false })}
  class="mt-2 max-w-4xl space-y-3"
>
  <fieldset class="flex flex-wrap items-center gap-x-5">
    <legend class="text-sm text-muted">A second factor, or a passkey, is asked of each</legend>
    {#each data.roles as role (role.id)}<label class="inline-flex min-h-11 items-center gap-2"
        ><input
          type="checkbox"
          class="h-6 w-6"
          name="second"
          value={role.id}
          checked={data.rules.secondFor.includes(role.id)}
        />{role.name}</label
      >{/each}
  </fieldset>
  <div class="flex flex-wrap items-end gap-x-5 gap-y-2">
    <label class="block"
      ><span class="block text-sm text-muted">Ask whether what was put away may go after (months)</span><input
        class="field w-24!"
        type="number"
        name="months"
        min="1"
        max="240"
        required
        value={data.rules.keepMonths}
      /></label
    >
    <button class="btn">Keep</button>
    <a class="inline-flex min-h-11 items-center" href="/people/kept">What may go: {data.kept}</a>
    <a class="inline-flex min-h-11 items-center" href="/people/school.zip" download>Save all of the school</a>
  </div>
</form>
<p class="mt-3 max-w-prose text-muted">
  {data.backup
    ? `Last backup: ${showMoment(data.backup.at)}, ${Math.max(1, Math.round(data.backup.bytes / 1e6))} MB, ${data.backup.encrypted ? 'locked' : 'not locked'}.`
    : 'No backup was made yet. Whoever runs the program makes them.'}
</p>

<h2 class="mt-8">Who may do what</h2>
<!-- svelte-ignore a11y_no_noninteractive_tabindex (what scrolls must be reached by key) -->
<div class="relative mt-2 max-w-4xl overflow-x-auto" role="region" aria-label="Who may do what" tabindex="0">
  <table class="w-full border-collapse text-left">
    <thead>
      <tr class="border-b-[3px] border-ink">
        <th class="py-2 pr-4 font-bold" scope="col">To</th>
        {#each data.roles as role (role.id)}<th class="px-2 py-2 text-center font-bold" scope="col">{role.name}</th>{/each}
      </tr>
    </thead>
    <tbody>
      {#each data.acts as act (act.id)}
        <tr class="border-b border-line">
          <th class="py-1.5 pr-4 font-normal" scope="row">{act.name} <span class="hidden text-sm text-muted sm:block">{act.say}</span></th>
          {#each data.roles as role (role.id)}
            <td class="px-2 text-center"
              >{#if role.acts.includes(act.id)}<span aria-hidden="true">●</span><span class="sr-only">yes</span>{:else}<span class="sr-only"
                  >no</span
                >{/if}</td
            >
          {/each}
        </tr>
      {/each}
    </tbody>
  </table>
</div>
