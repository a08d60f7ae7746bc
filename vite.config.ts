import { availableParallelism } from 'node:os';
import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';

/** Tests of core, those outside its folder too. */
const CORE = [
  'src/core/**/*.test.ts',
  'src/lib/{paper,pictures}/*.test.ts',
  'tests/{evidence,fit,lesson,otherwise,rules,worked}/*.test.ts',
];

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
    projects: [
      // nothing in core keeps a state, so its files are loaded once for all their tests
      { extends: true, test: { name: 'core', isolate: false, include: CORE } },
      { extends: true, test: { name: 'rest', include: ['src/**/*.test.ts', 'tests/**/*.test.ts'], exclude: CORE } },
    ],
  },
});
