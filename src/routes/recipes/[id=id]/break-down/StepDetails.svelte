<!-- Everything else that one step says: technique, tools, measures, cues, cautions, small steps; and what can be done with it. -->
<script lang="ts" module>
  import { TECHNIQUES, TOOLS } from '$core';
  // sorted once: this stands beside a field that is typed in
  const byName = new Intl.Collator('en').compare;
  const TECHNIQUES_BY_NAME = [...TECHNIQUES].sort((a, b) => byName(a.name, b.name));
</script>

<script lang="ts">
  import {
    LEARNER_TIME_FACTOR,
    plainerWording,
    readingGrade,
    readMeasured,
    showAmount,
    SUPERVISION,
    toolName,
    type Step,
    type Supervision,
  } from '$core';
  import Hazards from '$lib/ui/Hazards.svelte';
  import { showMinutes, SUPERVISION_NAMES } from '$lib/ui/words';
  import { getDesk } from './desk.svelte';
  let { step: kept }: { step: Step } = $props();
  const desk = getDesk();
  const { editor } = desk;
  const kitchen = $derived(desk.kitchen);
  const step = $derived(desk.shown(kept));
  const index = $derived(editor.steps.findIndex((s) => s.key === step.key));
  const isLast = $derived(index >= editor.steps.length - 1);
  const grade = $derived(readingGrade(step.text));
  const plainer = $derived(plainerWording(step.text));
  const measured = $derived(
    step.fillings.length > 0 || step.technique === 'measure' || step.technique === 'weigh' ? step.uses[0] : undefined,
  );
  let amountProblem = $state('');
  const allTools = $derived(
    [...new Set([...kitchen.measures.map((m) => m.id), ...TOOLS.map((t) => t.id)])]
      .map((id) => ({ id, name: toolName(id, kitchen) }))
      .sort((a, b) => byName(a.name, b.name)),
  );
  const otherTools = $derived(allTools.filter((t) => !step.tools.includes(t.id)));

  function setAmount(field: string) {
    const read = readMeasured(field);
    amountProblem =
      'why' in read
        ? read.why
        : editor.amount(step.key, read.quantity, read.unit)
          ? ''
          : 'It cannot be measured out with what this kitchen has.';
  }
</script>

<!-- the words and the step; its place among the others; and apart from both what takes it away -->
<div class="mt-2 flex flex-wrap items-center gap-x-4">
  <span class="-ml-2 flex flex-wrap">
    <button type="button" class="btn btn-quiet px-2!" onclick={() => desk.edit(kept)}>Change words</button>
    <button type="button" class="btn btn-quiet px-2!" onclick={() => desk.split(step.key)}>Split</button>
    <button type="button" class="btn btn-quiet px-2!" disabled={isLast} onclick={() => editor.join(step.key)}>Join next</button>
  </span>
  <span class="-ml-2 flex flex-wrap">
    <button type="button" class="btn btn-quiet px-2!" onclick={() => desk.startAdding(step.key)}>Add after</button>
    <button type="button" class="btn btn-quiet px-2!" onclick={() => desk.duplicate(step.key)}>Copy</button>
    <button type="button" class="btn btn-quiet px-2!" disabled={index === 0} onclick={() => editor.move(step.key, -1)}>Up</button>
    <button type="button" class="btn btn-quiet px-2!" disabled={isLast} onclick={() => editor.move(step.key, 1)}>Down</button>
  </span>
</div>
{#if measured}
  <label class="mt-3 block"
    ><span class="text-muted">Amount of {measured.item}</span>
    <input
      class="field"
      value={measured.quantity && measured.unit ? showAmount(measured.quantity, measured.unit) : ''}
      aria-invalid={amountProblem ? 'true' : undefined}
      onchange={(e) => setAmount(e.currentTarget.value)}
    /></label
  >
  {#if amountProblem}<p class="problem" role="alert">{amountProblem}</p>{/if}
{/if}
<label class="mt-3 block"
  ><span class="text-muted">Technique</span>
  <select class="field" value={step.technique ?? ''} onchange={(e) => editor.technique(step.key, e.currentTarget.value)}>
    {#if !step.technique}<option value="">choose one</option>{/if}
    {#each TECHNIQUES_BY_NAME as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
  </select>
</label>
{#if !step.technique}
  <p class="problem" role="status">
    I do not know this action: choose one. Until then nothing is known here of what it needs, what can hurt, and who should be near.
  </p>
{:else if desk.guessed?.key === step.key && desk.guessed.text === step.text}
  <p class="problem" role="status">
    I do not know the action in these words. The step still counts as “{TECHNIQUES.find((t) => t.id === step.technique)?.name}”: choose
    another where that is wrong.
  </p>
{/if}
<label class="mt-2 block"
  ><span class="text-muted">Supervision</span>
  <select class="field" value={step.supervision} onchange={(e) => editor.supervise(step.key, e.currentTarget.value as Supervision)}>
    {#each SUPERVISION as level (level)}<option value={level}>{SUPERVISION_NAMES[level]}</option>{/each}
  </select>
</label>
<div class="mt-2">
  <p class="text-muted">Tools</p>
  <ul class="flex flex-wrap gap-1">
    {#each step.tools as id (id)}
      <li>
        <button type="button" class="btn py-0!" aria-label="Take out: {toolName(id, kitchen)}" onclick={() => editor.tool(step.key, id)}
          >{toolName(id, kitchen)} <span aria-hidden="true">×</span></button
        >
      </li>
    {/each}
    <li>
      <select
        class="field w-auto!"
        aria-label="Add a tool"
        value=""
        onchange={(e) => {
          if (e.currentTarget.value) editor.tool(step.key, e.currentTarget.value);
          e.currentTarget.value = '';
        }}
      >
        <option value="">add …</option>
        {#each otherTools as tool (tool.id)}<option value={tool.id}>{tool.name}</option>{/each}
      </select>
    </li>
  </ul>
</div>
<dl class="mt-3 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
  {#if step.sourceLine}<dt class="text-muted">From</dt>
    <dd>line {step.sourceLine} of the method</dd>{/if}
  <dt class="text-muted">Time</dt>
  <dd>
    about {showMinutes(Math.max(1, step.minutes.active * LEARNER_TIME_FACTOR))}{step.minutes.waiting
      ? `, then ${showMinutes(Math.max(1, step.minutes.waiting))} of waiting`
      : ''}
  </dd>
  <dt class="text-muted">Reads at</dt>
  <dd>
    grade {grade}{#if plainer}<button
        type="button"
        class="mt-1 block text-left text-act underline"
        onclick={() => editor.reword(step.key, plainer)}>Plainer: {plainer}</button
      >{/if}
  </dd>
</dl>
{#if step.hazards.length}<div class="mt-3"><Hazards hazards={step.hazards} cautions /></div>{/if}
{#if step.cues.length}
  <h3 class="mt-3">Done when</h3>
  <ul>
    {#each step.cues as cue, i (i)}<li><span class="text-muted">{cue.sense}:</span> {cue.text}</li>{/each}
  </ul>
{/if}
{#if step.whole !== undefined}
  <p class="mt-3">
    A small step of “{step.whole}”
    <button type="button" class="btn mt-1" onclick={() => editor.whole(step.key)}>Make it one step again</button>
  </p>
{:else if step.small.length > 1}
  <h3 class="mt-3">Small steps</h3>
  <ol class="list-decimal pl-6">
    {#each step.small as small, i (i)}<li>{small}</li>{/each}
  </ol>
  <button type="button" class="btn mt-1" onclick={() => editor.finer(step.key)}>Teach it in these small steps</button>
{/if}
<p class="mt-5 border-t border-line pt-2">
  <button type="button" class="btn btn-quiet -ml-2 px-2!" onclick={() => desk.remove(step.key)}>Delete this step</button>
</p>
