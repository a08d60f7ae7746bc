<!-- A photograph of the class's own: chosen or taken, turned, cut to its shape, kept; or the drawing back again. One for all cards of a page. -->
<script lang="ts">
  import { asJpeg, drawCut, openPhoto, type Cut } from '$lib/photo/prepare';
  import { Dialog } from 'bits-ui';
  import { sendOwn, type OwnOf } from './send-own';
  type Props = { /** What it is open for. */ of: OwnOf | null; onchange: () => void };
  let { of: step = $bindable(), onchange }: Props = $props();
  let image = $state.raw<ImageBitmap | null>(null);
  let cut = $state<Cut>({ turns: 0, zoom: 1, x: 0.5, y: 0.5 });
  let canvas = $state<HTMLCanvasElement | null>(null);
  let problem = $state('');
  let busy = $state(false);
  $effect(() => {
    if (canvas && image) drawCut(canvas, image, cut, step?.face ? 'face' : 'card');
  });
  function clear() {
    image?.close();
    image = null;
    problem = '';
    cut = { turns: 0, zoom: 1, x: 0.5, y: 0.5 };
  }
  function leave() {
    clear();
    step = null;
  }
  async function choose(event: Event & { currentTarget: HTMLInputElement }) {
    const file = event.currentTarget.files?.[0];
    event.currentTarget.value = '';
    if (!file) return;
    clear();
    try {
      image = await openPhoto(file);
    } catch (failed) {
      problem = (failed as Error).message;
    }
  }
  async function send(keep: boolean) {
    if (!step) return;
    busy = true;
    try {
      problem = (await sendOwn(step.at, keep ? await asJpeg(canvas!) : null, 'image/jpeg')) ?? '';
    } catch (failed) {
      problem = (failed as Error).message;
    }
    busy = false;
    if (problem) return;
    leave();
    onchange();
  }
  const SLIDERS = [
    { of: 'zoom', label: 'Larger', min: 1, max: 3 },
    { of: 'x', label: 'Left to right', min: 0, max: 1 },
    { of: 'y', label: 'Up and down', min: 0, max: 1 },
  ] as const;
</script>

<Dialog.Root bind:open={() => step !== null, (now) => now || leave()}>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-black/50" />
    <Dialog.Content
      class="fixed top-1/2 left-1/2 z-50 max-h-[92vh] w-[min(36rem,94vw)] -translate-x-1/2 -translate-y-1/2 overflow-auto rounded border-2 border-ink bg-sheet p-6 text-ink"
    >
      <Dialog.Title class="text-xl font-bold">A photo of your own</Dialog.Title>
      <Dialog.Description class="mt-1"
        ><b class="block">{step?.text}</b>
        <span class="text-muted"
          >{step?.face
            ? 'A photo, or a sign that stands for the learner. Ask the family first, as your school asks.'
            : 'No faces of learners.'} Place and time are taken out before it is kept.</span
        ></Dialog.Description
      >
      <label class="mt-4 block"
        ><span>Choose or take a photo</span>
        <input type="file" accept="image/*" class="field" onchange={choose} /></label
      >
      {#if image}
        <canvas
          bind:this={canvas}
          class="mx-auto mt-4 max-h-[38vh] max-w-full rounded border border-line"
          aria-label="The photo as it will stand there"
        ></canvas>
        <div class="mt-2 grid grid-cols-[auto_1fr] items-center gap-x-4 gap-y-1">
          {#each SLIDERS as { of, label, min, max } (of)}
            <label for="cut-{of}">{label}</label>
            <input id="cut-{of}" type="range" {min} {max} step="0.01" class="h-8 accent-(--act)" bind:value={cut[of]} />
          {/each}
        </div>
      {/if}
      <p role="status" class="min-h-6">
        {#if problem}<span class="hazard"><span aria-hidden="true">▲</span> {problem}</span>{/if}
      </p>
      <div class="mt-2 flex flex-wrap gap-3">
        {#if image}
          <button type="button" class="btn btn-act" disabled={busy} onclick={() => send(true)}>Use this photo</button>
          <button type="button" class="btn" onclick={() => (cut.turns = (cut.turns + 1) % 4)}>Turn</button>
        {/if}
        {#if step?.has && !image}<button type="button" class="btn" disabled={busy} onclick={() => send(false)}
            >{step.face ? 'Take it away' : 'Back to the drawing'}</button
          >{/if}
        <Dialog.Close class="btn">Close</Dialog.Close>
      </div>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
