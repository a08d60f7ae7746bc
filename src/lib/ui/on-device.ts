// Asks the device to keep lessons of today beforehand, so that they open with no network.

/** Has these pages kept, pictures and all; where the device keeps nothing, nothing happens. */
export function keepOnDevice(paths: readonly string[]): void {
  if (paths.length === 0 || !('serviceWorker' in navigator)) return;
  void navigator.serviceWorker.ready.then((registration) => registration.active?.postMessage({ keep: [...paths] }));
}

/** Has a page taken off the device. */
export function forgetOnDevice(path: string): void {
  if ('serviceWorker' in navigator)
    void navigator.serviceWorker.ready.then((registration) => registration.active?.postMessage({ forget: path }));
}

/** Takes all pages of lessons off the device, and what a tab keeps to undo. */
export function wipeDevice(): void {
  sessionStorage.clear();
  if ('serviceWorker' in navigator) void navigator.serviceWorker.getRegistration().then((r) => r?.active?.postMessage({ wipe: true }));
}
