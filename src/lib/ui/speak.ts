// Reads words aloud with a voice of this device. A voice that is made elsewhere would send the words there: it is never used.

type Voice = Pick<SpeechSynthesisVoice, 'lang' | 'localService' | 'default'>;

/** The voice of this device for a language: the very one, else one of the same tongue; null where there is none. */
export function voiceFor<V extends Voice>(voices: readonly V[], lang: string): V | null {
  const own = voices.filter((v) => v.localService);
  const tongue = (l: string) => l.toLowerCase().split(/[-_]/)[0];
  const exact = own.filter((v) => v.lang.toLowerCase().replace('_', '-') === lang.toLowerCase());
  const same = own.filter((v) => tongue(v.lang) === tongue(lang));
  return exact.find((v) => v.default) ?? exact[0] ?? same.find((v) => v.default) ?? same[0] ?? null;
}

/** What is said of a step: fractions and signs as words, since voices read them in odd ways. */
export const spoken = (words: string): string =>
  words
    .replace(/(\d)\s*(?=[½⅓¼⅔¾⅛])/g, '$1 and ')
    .replaceAll('½', ' half')
    .replaceAll('⅓', ' a third')
    .replaceAll('¼', ' a quarter')
    .replaceAll('⅔', ' two thirds')
    .replaceAll('¾', ' three quarters')
    .replaceAll('⅛', ' an eighth')
    .replace(/(\d)\s*°\s*([CF])\b/g, (_all, n: string, unit: string) => `${n} degrees ${unit}`)
    .replace(/\btbsp\b/g, 'tablespoon')
    .replace(/\btsp\b/g, 'teaspoon')
    .replace(/\s+/g, ' ')
    .trim();

/** A little slower than talk, for learners (common practice). */
const RATE = 0.85;

/** Says it, instead of whatever was being said. */
export function say(words: string, voice: SpeechSynthesisVoice): void {
  speechSynthesis.cancel();
  const one = new SpeechSynthesisUtterance(spoken(words));
  one.voice = voice;
  one.lang = voice.lang;
  one.rate = RATE;
  speechSynthesis.speak(one);
}

let playing: HTMLAudioElement | null = null;
/** Plays a recording, instead of whatever was being said or played. */
export function play(at: string): void {
  if ('speechSynthesis' in window) speechSynthesis.cancel();
  playing?.pause();
  playing = new Audio(at);
  // a device that lets no page play by itself stays quiet: the button is there
  void playing.play().catch(() => undefined);
}
