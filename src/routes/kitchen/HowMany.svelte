<!-- Work places and how many there are of what can be short: what a lesson's plan and Fit count on. Empty is what there usually is. -->
<script lang="ts">
  import { COUNTED, countOf } from '$core';
  type Count = { thing: string; count: number };
  type Props = {
    counts: Count[];
    /** Adapted tools that are here. */ adapted: { id: string; name: string }[];
    nameOf: (id: string) => string;
  };
  let { counts = $bindable(), adapted, nameOf }: Props = $props();

  const PLACES: [string, string][] = [
    ['board', 'places to work standing'],
    ['low-table', 'low places with knee room'],
    ['tap', 'sinks'],
  ];
  const LABELS: ReadonlyMap<string, string> = new Map([
    ['hob', 'rings of the hob'],
    ['oven', 'trays in the oven'],
  ]);
  const isPlace = (id: string) => PLACES.some(([place]) => place === id);
  const rows = $derived([
    ...PLACES.filter(([id]) => id !== 'low-table' || adapted.some((t) => t.id === id)),
    ...COUNTED.filter((id) => !isPlace(id)).map((id): [string, string] => [id, LABELS.get(id) ?? nameOf(id)]),
    ...adapted.filter((t) => !isPlace(t.id)).map((t): [string, string] => [t.id, t.name]),
  ]);
  const NONE: ReadonlyMap<string, number> = new Map();
  const said = (thing: string) => counts.find((c) => c.thing === thing)?.count;
  function say(thing: string, text: string) {
    const others = counts.filter((c) => c.thing !== thing);
    const count = Number(text);
    counts = text.trim() === '' || !Number.isInteger(count) ? others : [...others, { thing, count }];
  }
</script>

<h2 id="how-many" class="mt-8">Work places, and how many of each</h2>
<p class="max-w-prose text-muted">
  A plan has no more learners at a ring or a low place than there are, and Fit tells where two want the same one. Left empty, the usual
  number stands.
</p>
<ul class="mt-1 grid gap-x-10 sm:grid-cols-2 lg:grid-cols-3">
  {#each rows as [id, name] (id)}
    <li class="flex items-center gap-3 border-b border-line py-1">
      <label class="flex-1" for="count-{id}">{name}</label>
      <input
        id="count-{id}"
        class="field w-20!"
        type="number"
        min="0"
        max="40"
        step="1"
        placeholder={String(countOf(id, NONE))}
        value={said(id) ?? ''}
        oninput={(e) => say(id, e.currentTarget.value)}
      />
    </li>
  {/each}
</ul>
