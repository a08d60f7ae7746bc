<!-- A voice of the class's own for a step: recorded here, listened to, kept; or the device's voice back again. One for all cards of a page. -->
<script lang="ts">
  import { Dialog } from 'bits-ui';
  import { sendOwn, type OwnOf } from './send-own';
  type Props = { /** The step it is open for. */ of: OwnOf | null; onchange: () => void };
  let { of: step = $bindable(), onchange }: Props = $props();
  /** A step is said in less than that, in milliseconds. */
  const LONGEST = 45_000;
  let recorder = $state.raw<MediaRecorder | null>(null);
  let heard = $state.raw<Blob | null>(null);
  let problem = $state('');
  let busy = $state(false);
  const url = $derived(heard ? URL.createObjectURL(heard) : null);
  $effect(() => {
    const old = url;
    return () => void (old && URL.revokeObjectURL(old));
  });
  function leave() {
    recorder?.stop();
    [recorder, heard, problem] = [null, null, ''];
    step = null;
  }
  async function record() {
    [heard, problem] = [null, ''];
    try {
      const stream = await navigator.mediaDevices.getUserMedia({ audio: true });
      const own = new MediaRecorder(stream, { audioBitsPerSecond: 48_000 });
      const parts: Blob[] = [];
      own.ondataavailable = (event) => parts.push(event.data);
      own.onstop = () => {
        for (const track of stream.getTracks()) track.stop();
        if (recorder === own) heard = new Blob(parts, { type: own.mimeType.split(';')[0] });
        recorder = null;
      };
      own.start();
      recorder = own;
      setTimeout(() => own.state === 'recording' && own.stop(), LONGEST);
    } catch {
      problem = 'There is no microphone, or this page may not use it. Nothing was changed.';
    }
  }
  async function send(what: Blob | null) {
    if (!step) return;
    busy = true;
    problem = (await sendOwn(step.at, what, what?.type || 'audio/webm')) ?? '';
    busy = false;
    if (problem) return;
    leave();
    onchange();
  }
</script>

<Dialog.Root bind:open={() => step !== null, (now) => now || leave()}>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-black/50" />
    <Dialog.Content
      class="fixed top-1/2 left-1/2 z-50 max-h-[92vh] w-[min(34rem,94vw)] -translate-x-1/2 -translate-y-1/2 overflow-auto rounded border-2 border-ink bg-sheet p-6 text-ink"
    >
      <Dialog.Title class="text-xl font-bold">A voice of your own</Dialog.Title>
      <Dialog.Description class="mt-1"
        >{step?.text} <span class="text-muted">An adult’s voice that the class knows; no names of learners.</span></Dialog.Description
      >
      <div class="mt-4 flex flex-wrap items-center gap-3">
        {#if recorder}
          <button type="button" class="btn btn-act min-h-16!" onclick={() => recorder?.stop()}>Stop</button>
          <span role="status">Recording …</span>
        {:else}
          <button type="button" class="btn {heard ? '' : 'btn-act'} min-h-16!" onclick={() => void record()}
            >{heard ? 'Record again' : 'Record'}</button
          >
        {/if}
        {#if url}<audio controls src={url} aria-label="What was recorded"></audio>{:else if step?.has && !recorder}<audio
            controls
            src="{step.at}&now"
            aria-label="The voice that is kept"
          ></audio>{/if}
      </div>
      <p role="status" class="min-h-6">
        {#if problem}<span class="hazard"><span aria-hidden="true">▲</span> {problem}</span>{/if}
      </p>
      <div class="mt-2 flex flex-wrap gap-3">
        {#if heard}<button type="button" class="btn btn-act" disabled={busy} onclick={() => void send(heard)}>Use this voice</button>{/if}
        {#if step?.has && !heard}<button type="button" class="btn" disabled={busy} onclick={() => void send(null)}
            >Back to the device’s voice</button
          >{/if}
        <Dialog.Close class="btn">Close</Dialog.Close>
      </div>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
