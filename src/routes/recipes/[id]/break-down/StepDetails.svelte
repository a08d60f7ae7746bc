<!-- Everything else that one step says: technique, tools, measures, cues, cautions, small steps; and what can be done with it. -->
<script lang="ts">
  import { LEARNER_TIME_FACTOR, SUPERVISION, techniqueById, toolName, type Kitchen, type Step, type Supervision } from '$core';
  import Hazards from '$lib/ui/Hazards.svelte';
  import type { TaskEditor } from '$lib/ui/task-editor.svelte';
  import { showMinutes, SUPERVISION_NAMES } from '$lib/ui/words';
  type Props = {
    step: Step;
    editor: TaskEditor;
    kitchen: Kitchen;
    onedit: () => void;
    onadd: () => void;
    onsplit: () => void;
    onremove: () => void;
  };
  let { step, editor, kitchen, onedit, onadd, onsplit, onremove }: Props = $props();
  const technique = $derived(step.technique ? techniqueById(step.technique) : null);
  const index = $derived(editor.steps.findIndex((s) => s.key === step.key));
</script>

<div class="mt-2 flex flex-wrap gap-1">
  <button type="button" class="btn" onclick={onedit}>Change words</button>
  <button type="button" class="btn" onclick={onadd}>Add after</button>
  <button type="button" class="btn" onclick={onsplit}>Split</button>
  <button type="button" class="btn" disabled={index >= editor.steps.length - 1} onclick={() => editor.join(step.key)}>Join next</button>
  <button type="button" class="btn" disabled={index === 0} onclick={() => editor.move(step.key, -1)}>Up</button>
  <button type="button" class="btn" disabled={index >= editor.steps.length - 1} onclick={() => editor.move(step.key, 1)}>Down</button>
  <button type="button" class="btn" onclick={onremove}>Delete</button>
</div>
<dl class="mt-3 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
  <dt class="text-muted">Technique</dt>
  <dd>{technique?.name ?? 'none recognised'}</dd>
  {#if step.tools.length}<dt class="text-muted">Tools</dt>
    <dd>{step.tools.map((id) => toolName(id, kitchen)).join(', ')}</dd>{/if}
  {#if step.sourceLine}<dt class="text-muted">From</dt>
    <dd>line {step.sourceLine} of the method</dd>{/if}
  <dt class="text-muted">Time</dt>
  <dd>
    about {showMinutes(Math.max(1, step.minutes.active * LEARNER_TIME_FACTOR))}{step.minutes.waiting
      ? `, then ${showMinutes(Math.max(1, step.minutes.waiting))} of waiting`
      : ''}
  </dd>
</dl>
<label class="mt-2 block"
  ><span class="text-muted">Supervision</span>
  <select class="field" value={step.supervision} onchange={(e) => editor.supervise(step.key, e.currentTarget.value as Supervision)}>
    {#each SUPERVISION as level (level)}<option value={level}>{SUPERVISION_NAMES[level]}</option>{/each}
  </select>
</label>
{#if step.hazards.length}<div class="mt-3"><Hazards hazards={step.hazards} cautions /></div>{/if}
{#if step.cues.length}
  <h3 class="mt-3">Done when</h3>
  <ul>
    {#each step.cues as cue, i (i)}<li><span class="text-muted">{cue.sense}:</span> {cue.text}</li>{/each}
  </ul>
{/if}
{#if step.small.length > 1}
  <h3 class="mt-3">Small steps</h3>
  <ol class="list-decimal pl-6">
    {#each step.small as small, i (i)}<li>{small}</li>{/each}
  </ol>
{/if}
