// Which part may import which. The floors of core, low to high; each imports only from itself and from floors below.
const FLOORS = ['amount', 'recipe', 'technique', 'kitchen', 'plan', 'task', 'picture', 'fit', 'help', 'evidence', 'lesson', 'people'];
const floors = FLOORS.map((floor, i) => ({
  name: `floor-${floor}`,
  comment: `core/${floor} imports only from itself and from the floors below it`,
  severity: 'error',
  from: { path: `^src/core/${floor}/`, pathNot: '[.]test[.]ts$' },
  to: { path: '^src/', pathNot: `^src/core/(${FLOORS.slice(0, i + 1).join('|')})/` },
}));

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    ...floors,
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-is-pure',
      comment: 'core takes nothing from outside but small pure packages',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '[.]test[.]ts$' },
      to: { path: '.', pathNot: '^src/core/|^node_modules/(fraction[.]js|syllable)/' },
    },
    {
      name: 'core-by-its-face',
      comment: 'the rest of the program imports core by index.ts only',
      severity: 'error',
      from: { path: '^src/(lib|routes)/', pathNot: '[.]test[.]ts$' },
      to: { path: '^src/core/', pathNot: '^src/core/index[.]ts$' },
    },
    { name: 'ui-not-to-server', severity: 'error', from: { path: '^src/lib/(ui|pictures)/' }, to: { path: '^src/lib/server/' } },
    { name: 'lib-not-to-routes', severity: 'error', from: { path: '^src/(lib|core)/' }, to: { path: '^src/routes/' } },
    {
      name: 'no-chart-on-cook',
      comment: 'the chart library is too heavy for the kitchen',
      severity: 'error',
      from: { path: '^src/routes/cook/|^src/lib/outbox' },
      to: { path: 'echarts', reachable: true },
    },
    {
      name: 'not-unresolvable',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true, pathNot: '[?]url$|^[$](app|env|service-worker)|[$]types$' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    webpackConfig: { fileName: './scripts/depcruise-resolve.cjs' },
    enhancedResolveOptions: {
      extensions: ['.ts', '.js', '.svelte', '.svelte.ts'],
      exportsFields: ['exports'],
      conditionNames: ['svelte', 'import', 'types', 'default'],
    },
  },
};
