<!-- Says a step: by the voice that the class recorded for it, else by one of this device; where there is neither, nothing stands here. -->
<script lang="ts">
  import { play, say, voiceFor } from './speak';
  type Props = { words: string; /** Address of a recording of the class's own. */ own?: string | null; class?: string };
  let { words, own = null, class: more = '' }: Props = $props();
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

{#if own || voice}
  <button
    type="button"
    class="inline-flex min-h-8 items-center px-2 font-semibold underline underline-offset-4 {more}"
    onclick={() => (own ? play(own) : voice && say(words, voice))}>Say it<span class="sr-only">: {words}</span></button
  >
{/if}
