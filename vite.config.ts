import { availableParallelism } from 'node:os';
import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [tailwindcss(), sveltekit()],
  oxc: { decorator: { legacy: true, emitDecoratorMetadata: true } },
  optimizeDeps: {
    include: ['echarts/core', 'echarts/charts', 'echarts/components', 'echarts/renderers'],
  },
  test: {
    expect: { requireAssertions: true },
    environment: 'node',
    // no test measures time; a slow machine only takes longer
    testTimeout: 240_000,
    hookTimeout: 240_000,
    // the default leaves a core to whoever waits; nobody does
    maxWorkers: Math.max(2, availableParallelism() - 1),
    reporters: ['dot'],
    include: ['src/**/*.test.ts', 'tests/**/*.test.ts'],
  },
});
