<!-- Adapted tools: for each one tap whether the kitchen has it, or not; what nobody has said stays open, and Fit asks about it. -->
<script lang="ts">
  type Tool = { id: string; name: string; use: string; standIn: string | null };
  type Props = { adapted: Tool[]; tools: { id: string; place: string }[]; lacks: string[] };
  let { adapted, tools = $bindable(), lacks = $bindable() }: Props = $props();
  const stateOf = (id: string) => (tools.some((t) => t.id === id) ? 'here' : lacks.includes(id) ? 'lacking' : '');
  function say(id: string, state: 'here' | 'lacking' | '') {
    tools = state === 'here' ? [...tools.filter((t) => t.id !== id), { id, place: '' }] : tools.filter((t) => t.id !== id);
    lacks = state === 'lacking' ? [...lacks.filter((l) => l !== id), id] : lacks.filter((l) => l !== id);
  }
  const said = $derived(adapted.filter((t) => stateOf(t.id)).length);
</script>

<h2 id="adapted" class="mt-8">Adapted tools</h2>
<p class="text-muted">{said} of {adapted.length} answered. <a href="/kitchen/buy">What should we buy?</a></p>
<ul class="mt-1 grid gap-x-10 lg:grid-cols-2">
  {#each adapted as tool (tool.id)}
    <li class="border-b border-line py-2">
      <fieldset class="flex flex-wrap items-center gap-x-3 gap-y-1">
        <legend class="contents"
          ><span class="min-w-52 flex-1"><b>{tool.name}</b> <span class="text-sm text-muted">{tool.use}</span></span></legend
        >
        <label class="inline-flex min-h-9 items-center gap-1"
          ><input
            type="radio"
            class="size-5"
            name="a-{tool.id}"
            checked={stateOf(tool.id) === 'here'}
            onchange={() => say(tool.id, 'here')}
          /> we have it</label
        >
        <label class="inline-flex min-h-9 items-center gap-1"
          ><input
            type="radio"
            class="size-5"
            name="a-{tool.id}"
            checked={stateOf(tool.id) === 'lacking'}
            onchange={() => say(tool.id, 'lacking')}
          /> no</label
        >
        <label class="inline-flex min-h-9 items-center gap-1 text-muted"
          ><input type="radio" class="size-5" name="a-{tool.id}" checked={stateOf(tool.id) === ''} onchange={() => say(tool.id, '')} /> not said</label
        >
      </fieldset>
    </li>
  {/each}
</ul>
