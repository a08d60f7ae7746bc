import { defineConfig } from '@playwright/test';

const port = Number(process.env.PORT ?? 4173);
const baseURL = `http://127.0.0.1:${port}`;
export default defineConfig({
  testDir: 'tests/browser',
  outputDir: 'tests/browser/.output',
  workers: 1,
  forbidOnly: !!process.env.CI,
  // a machine that hangs for a while fails no change; what passed only when run again is named at the end. Where taps are counted nothing is run again.
  retries: 1,
  // no test measures time; a slow machine only takes longer
  timeout: 240_000,
  expect: { timeout: 30_000 },
  use: {
    baseURL,
    browserName: 'chromium',
    viewport: { width: 1280, height: 800 },
    // what a worker answers is not seen by a test that watches requests; those that need one allow it
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium-headless-shell',
      // Chromium's sandbox refuses root
      chromiumSandbox: process.getuid?.() !== 0,
      args: [
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        // a microphone that hums, and nobody who has to allow it
        '--use-fake-device-for-media-stream',
        '--use-fake-ui-for-media-stream',
      ],
    },
  },
  webServer: {
    command: 'node build',
    url: `${baseURL}/health`,
    reuseExistingServer: false,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 10_000 },
    env: {
      HOST: '127.0.0.1',
      PORT: String(port),
      ORIGIN: baseURL,
      BODY_SIZE_LIMIT: '4M',
      WORK_MS: '30000',
      WAIT_MS: '30000',
      DATABASE_URL: process.env.DATABASE_URL ?? '',
      SEAL_KEY: process.env.SEAL_KEY ?? '',
      // each test is the demo's teacher, unless it signs in
      OPEN_AS: 'demo',
      // what stops the database in a test is not the program's to know
      ADMIN_DATABASE_URL: '',
      OWNER_DATABASE_URL: '',
    },
  },
});
