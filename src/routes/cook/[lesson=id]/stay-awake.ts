// Keeps the screen from sleeping while a lesson is open, where the device lets a page ask for it.

/** @returns what lets it sleep again */
export function stayAwake(): () => void {
  let lock: WakeLockSentinel | null = null;
  let over = false;
  const ask = async () => {
    if (over || document.hidden || !('wakeLock' in navigator)) return;
    // a device that is low on power says no, and sleeps as it would
    lock = await navigator.wakeLock.request('screen').catch(() => null);
  };
  const shown = () => void ask();
  document.addEventListener('visibilitychange', shown);
  void ask();
  return () => {
    over = true;
    document.removeEventListener('visibilitychange', shown);
    void lock?.release();
  };
}
