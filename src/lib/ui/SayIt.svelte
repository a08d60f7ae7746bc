<!-- Reads a step aloud, where this device has a voice of its own; else nothing stands here. -->
<script lang="ts">
  import { say, voiceFor } from './speak';
  let { words, class: more = '' }: { words: string; class?: string } = $props();
  let voice = $state.raw<SpeechSynthesisVoice | null>(null);
  $effect(() => {
    if (!('speechSynthesis' in window)) return;
    // voices come a moment after the page
    const look = () => (voice = voiceFor(speechSynthesis.getVoices(), document.documentElement.lang || navigator.language));
    look();
    speechSynthesis.addEventListener('voiceschanged', look);
    return () => {
      speechSynthesis.removeEventListener('voiceschanged', look);
      speechSynthesis.cancel();
    };
  });
</script>

{#if voice}
  {@const own = voice}
  <button
    type="button"
    class="inline-flex min-h-8 items-center px-2 font-semibold underline underline-offset-4 {more}"
    onclick={() => say(words, own)}>Say it<span class="sr-only">: {words}</span></button
  >
{/if}
