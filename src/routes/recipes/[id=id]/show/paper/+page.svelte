<!-- The recipe on paper: what is chosen here is what comes out, page by page. -->
<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { FORM_NAMES, formOf } from '$lib/paper/index';
  import { withQuery } from '$lib/query';
  import Keys from '$lib/ui/Keys.svelte';
  let { data } = $props();
  const sheet = $derived(data.pages[0]);
  const KEYS: [string, string][] = [
    ['Ctrl + P', 'print'],
    ['?', 'this sheet'],
  ];
  const turned = $derived(['placemat', 'booklet'].includes(data.form));
  const choose = (name: string, value: string) => goto(withQuery(page.url, name, value), { keepFocus: true, noScroll: true });
  const ofSteps = $derived(!['choice', 'labels', 'help'].includes(data.form));
  const hasWords = $derived(ofSteps && !['checklist', 'data', 'tools'].includes(data.form));
  const ALL = $derived([
    {
      name: 'size',
      label: 'Paper',
      value: data.options.size,
      all: [
        ['A4', 'A4'],
        ['letter', 'US Letter'],
      ],
    },
    ...(turned
      ? []
      : [
          {
            name: 'turn',
            label: 'Held',
            value: data.options.turn,
            all: [
              ['portrait', 'upright'],
              ['landscape', 'sideways'],
            ],
          },
        ]),
    ...(data.form === 'cards'
      ? [
          {
            name: 'cards',
            label: 'Cards on a page',
            value: String(data.options.perPage),
            all: ['1', '2', '4', '6', '9'].map((n) => [n, n]),
          },
        ]
      : []),
    {
      name: 'words',
      label: 'Words',
      value: data.options.words,
      all: [
        ['under', 'under the picture'],
        ['above', 'above it'],
        ['none', 'none'],
      ],
    },
    {
      name: 'ink',
      label: 'Ink',
      value: data.options.ink,
      all: [
        ['colour', 'colour'],
        ['black', 'black only'],
        ['line', 'lines only'],
      ],
    },
    {
      name: 'text',
      label: 'Letters',
      value: data.options.text,
      all: [
        ['usual', 'usual'],
        ['large', 'large'],
        ['largest', 'very large'],
      ],
    },
    {
      name: 'grain',
      label: 'Steps',
      value: data.grain,
      all: [
        ['', 'as they are'],
        ['coarse', 'larger'],
        ['standard', 'one action each'],
        ['fine', 'smaller'],
      ],
    },
    ...(data.learners.length > 0
      ? [{ name: 'learner', label: 'For', value: data.learner, all: [['', 'the class'], ...data.learners.map((l) => [l.id, l.name])] }]
      : []),
    ...(data.versions.length > 1
      ? [
          {
            name: 'version',
            label: 'Version',
            value: String(data.version),
            all: [['', 'newest'], ...data.versions.map((n) => [String(n), String(n)])],
          },
        ]
      : []),
  ]);
  const SIZED = ['cards', 'strip', 'booklet'];
  const NOT_HERE = $derived([
    ...(hasWords ? [] : ['words']),
    ...(SIZED.includes(data.form) ? [] : ['text']),
    ...(ofSteps ? [] : ['grain', 'learner', 'version']),
  ]);
  const CHOICES = $derived(ALL.filter((c) => !NOT_HERE.includes(c.name)));
</script>

<svelte:head>
  <!-- eslint-disable-next-line svelte/no-at-html-tags -- two numbers of ours -->
  {@html `<style>@page { size: ${sheet?.width ?? 210}mm ${sheet?.height ?? 297}mm; margin: 0; }</style>`}
</svelte:head>
<svg width="0" height="0" class="absolute" aria-hidden="true" focusable="false">
  <!-- eslint-disable-next-line svelte/no-at-html-tags -- our own drawings only -->
  {@html data.sprite}
</svg>

<div class="screen-only mt-4 flex flex-wrap items-end gap-x-5 gap-y-3">
  <h2 class="min-w-48 flex-1 text-xl font-bold">
    {formOf(data.form).name}
    <span class="text-base font-normal text-muted"
      >{formOf(data.form).what}. {data.pages.length} {data.pages.length === 1 ? 'page' : 'pages'}.</span
    >
  </h2>
  <a class="btn btn-quiet" href="/recipes/{data.recipe.id}/show{data.learner ? `?learner=${data.learner}` : ''}">Back to the cards</a>
  <button type="button" class="btn btn-act" onclick={() => print()}>Print</button>
  <Keys keys={KEYS} />
</div>

<div class="mt-4 gap-x-8 lg:flex print:mt-0">
  <div class="screen-only lg:w-64 lg:shrink-0">
    <nav aria-label="What to print">
      <ul class="flex flex-wrap gap-x-4 gap-y-1 lg:block">
        {#each FORM_NAMES as name (name)}
          {@const on = name === data.form}
          <li>
            <a
              href={withQuery(page.url, 'form', name)}
              data-sveltekit-noscroll
              aria-current={on ? 'page' : undefined}
              class="inline-flex min-h-8 items-center gap-2 py-1 lg:w-full {on
                ? 'font-bold underline decoration-2 underline-offset-4'
                : 'text-act'}">{formOf(name).name} <span class="text-sm font-normal text-muted max-lg:hidden">{formOf(name).what}</span></a
            >
          </li>
        {/each}
      </ul>
    </nav>
  </div>
  <div class="min-w-0 flex-1">
    <div class="screen-only mt-3 flex flex-wrap items-end gap-x-4 gap-y-2 lg:mt-0">
      {#each CHOICES as { name, label, value, all } (name)}
        <label class="block"
          ><span class="text-sm text-muted">{label}</span>
          <select class="field w-auto!" {value} onchange={(e) => choose(name, e.currentTarget.value)}>
            {#each all as [id, words] (id)}<option value={id}>{words}</option>{/each}
          </select>
        </label>
      {/each}
      {#if data.form === 'cards'}
        <label class="inline-flex min-h-8 items-center gap-2"
          ><input
            type="checkbox"
            class="size-5"
            checked={data.options.backs}
            onchange={(e) => choose('backs', e.currentTarget.checked ? 'yes' : '')}
          /> words on the back, printed on both sides</label
        >
      {/if}
      {#if data.form === 'booklet'}
        <p class="text-sm text-muted">Print on both sides, turned on the short edge. Lay the sheets on each other and fold.</p>
      {/if}
    </div>
    <ol class="sheets mt-4 space-y-4 print:m-0 print:space-y-0" aria-label="Pages">
      {#each data.pages as sheet, i (i)}
        <li class="sheet" style:--w="{sheet.width}mm" style:--h="{sheet.height}mm" style:aspect-ratio="{sheet.width} / {sheet.height}">
          <svg viewBox="0 0 {sheet.width} {sheet.height}" role="img" aria-label="Page {i + 1} of {data.pages.length}">
            <!-- eslint-disable-next-line svelte/no-at-html-tags -- laid out by lib/paper, which escapes every word -->
            {@html sheet.svg}
          </svg>
        </li>
      {/each}
    </ol>
  </div>
</div>

<style>
  .sheet {
    background: #fff;
    border: 1px solid #9aa5ab;
    max-width: var(--w);
    content-visibility: auto;
    contain-intrinsic-height: auto 800px;
  }
  .sheet svg {
    display: block;
    width: 100%;
    height: 100%;
  }
  @media print {
    .sheet {
      border: 0;
      width: var(--w);
      height: var(--h);
      max-width: none;
      break-after: page;
      overflow: hidden;
      content-visibility: visible;
    }
    :global(body:has(.sheets) :is(div:has(> h1), header, footer, nav)) {
      display: none;
    }
    :global(body:has(.sheets) *:has(.sheets)) {
      display: block;
      margin: 0;
      padding: 0;
      max-width: none;
      min-height: 0;
    }
    .sheet:last-child {
      break-after: auto;
    }
  }
</style>
