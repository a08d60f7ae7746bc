// Bundles the server's heavy work into one file that a thread can run: it has no bundler of its own.
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';

/** @param {string} outfile */
export function bundleWork(outfile) {
  const at = (path) => fileURLToPath(new URL(path, import.meta.url));
  return build({
    entryPoints: [at('../src/lib/server/work/work.ts')],
    alias: { $core: at('../src/core/index.ts') },
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    // the packages that core takes are small and pure, and go along
    logLevel: 'warning',
  });
}
