const { resolve } = require('node:path');
// dependency-cruiser does not follow the paths that SvelteKit generates: without this, these imports stay unresolved and no rule ever sees them
module.exports = {
  resolve: {
    alias: { $lib: resolve(__dirname, '../src/lib'), $core: resolve(__dirname, '../src/core/index.ts') },
    extensions: ['.ts', '.js', '.svelte', '.svelte.ts'],
    conditionNames: ['svelte', 'import', 'types', 'default'],
    exportsFields: ['exports'],
  },
};
