<script lang="ts">
  import '../app.css';
  import { enhance } from '$app/forms';
  import { navigating, page } from '$app/state';
  import { ROLES, roleWords } from '$core';
  import ClassSwitch from '$lib/ui/ClassSwitch.svelte';
  import SignOut from '$lib/ui/SignOut.svelte';
  import { onMount } from 'svelte';

  let { data, children } = $props();
  const PLACES = [
    ['/', 'Today', 'see'],
    ['/lessons', 'Lessons', 'see'],
    ['/recipes', 'Recipes', 'see'],
    ['/learners', 'Learners', 'see'],
    ['/look-back', 'Look back', 'see'],
    ['/kitchen', 'Kitchen', 'see'],
    ['/people', 'People', 'people'],
  ] as const;
  const NAV = $derived(PLACES.filter(([, , act]) => data.may.includes(act)));
  const THEMES = [
    ['auto', 'As the device'],
    ['light', 'Light'],
    ['dark', 'Dark'],
    ['contrast', 'High contrast'],
  ] as const;
  const here = (href: string) => (href === '/' ? page.url.pathname === '/' : page.url.pathname.startsWith(href));
  // In the lesson nothing stands beside the lesson.
  const bare = $derived(/^\/(?:cook|own)(?:\/|$)/.test(page.url.pathname));
  // What is typed or tapped before the page runs would be lost without a word, so until then no field takes anything.
  // And until another page stands in the place of this one, a click would go to what is about to be gone: tests wait for that.
  let running = $state(false);
  onMount(() => {
    running = true;
    // records of a lesson that nobody opens again are sent from any page
    void import('$lib/outbox/outbox.svelte').then(({ outbox }) => outbox.start());
  });
</script>

<svelte:head><title>{page.data.title ? `${page.data.title} · ` : ''}Yellow Rung</title></svelte:head>

{#snippet content()}
  <fieldset
    class="contents"
    role="presentation"
    disabled={!running || (data.looksOnly && data.isOneForm)}
    data-running={running}
    data-arriving={navigating.to !== null}
  >
    <!-- what a page holds of one class is never shown, or kept, as another's -->
    {#key data.class}{@render children()}{/key}
  </fieldset>
{/snippet}

{#if bare}
  {@render content()}
{:else}
  <a href="#main" class="btn btn-act absolute -top-20 left-2 z-50 focus:top-2">To the content</a>
  <div class="mx-auto flex min-h-screen max-w-[84rem] flex-col px-4 sm:px-8">
    <header class="screen-only flex flex-wrap items-center gap-x-8 gap-y-1 py-3">
      <a href="/" class="flex items-center gap-2 font-bold text-ink no-underline">
        <img src="/favicon.svg" alt="" width="26" height="26" class="rounded bg-white" /> Yellow Rung
      </a>
      {#if data.who}<nav aria-label="Main" class="order-last w-full sm:order-none sm:w-auto">
          <ul class="flex flex-wrap gap-x-3.5 sm:gap-x-5">
            {#each NAV as [href, name] (href)}
              <li>
                <a
                  {href}
                  aria-current={here(href) ? 'page' : undefined}
                  class="inline-flex min-h-11 items-center no-underline {here(href)
                    ? 'font-bold text-ink underline decoration-[3px]'
                    : 'text-ink'}">{name}</a
                >
              </li>
            {/each}
          </ul>
        </nav>{/if}
      {#if data.who}
        <fieldset class="ml-auto flex items-center gap-x-3 text-sm" role="presentation" disabled={!running}>
          {#if data.classes.length > 1}<ClassSwitch classes={data.classes} current={data.class} />{/if}
          <a class="inline-flex min-h-8 items-center" href="/account">{data.who.name}</a>
          <SignOut />
        </fieldset>
      {/if}
    </header>
    <main id="main" tabindex="-1" class="flex-1 pb-12 outline-none" class:looks-only={data.looksOnly}>
      {#if data.looksOnly}<p class="screen-only border-y border-line py-1 text-sm">
          As {roleWords(data.who!.role).name.toLowerCase()} you look at this page: nothing is changed here.
        </p>{/if}
      {@render content()}
    </main>
    <footer class="screen-only flex flex-wrap items-center gap-x-6 gap-y-2 border-t border-line py-3 text-sm text-muted">
      {#if data.who}
        <span>{data.school}</span>
        {#if data.who.demo}
          <form method="POST" action="/demo-as">
            <label
              >Demo, seen by <select
                class="min-h-8 rounded border border-line bg-sheet px-1 text-ink"
                name="role"
                disabled={!running}
                value={data.who.role}
                onchange={(e) => e.currentTarget.form?.requestSubmit()}
                >{#each ROLES as role (role)}<option value={role}>{roleWords(role).name.toLowerCase()}</option>{/each}</select
              ></label
            >
          </form>
        {/if}
      {/if}
      <form
        method="POST"
        action="/theme"
        use:enhance={() =>
          ({ result }) => {
            if (result.type === 'redirect') location.reload();
          }}
        class="flex flex-wrap items-center gap-x-4 gap-y-1"
      >
        <span>Colours:</span>
        <input type="hidden" name="back" value={page.url.pathname} />
        {#each THEMES as [id, name] (id)}
          <button
            name="theme"
            value={id}
            aria-pressed={data.theme === id}
            class="min-h-8 {data.theme === id ? 'font-bold text-ink underline' : ''}">{name}</button
          >
        {/each}
      </form>
    </footer>
  </div>
{/if}
