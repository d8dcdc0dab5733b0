/** Imports run downwards only: app -> take -> ui, drawing -> keeping, workers -> data -> core; inside core in the order listed. */
const CORE = [
  'units',
  'checks',
  'changes',
  'kernel',
  'body',
  'people',
  'scene',
  'pose',
  'brief',
  'figure',
  'camera',
  'light',
  'set',
  'shot',
  'picture',
  'review',
  'adapt',
  'cues',
  'sequence',
  'direct',
  'library',
  'compose',
  'group',
  'combinations',
  'sitting',
  'formats',
];
// the camera knows nothing of the figure and the figure nothing of the camera; both are listed for set and picture

const upwards = CORE.map((folder, i) => ({
  name: `core-${folder}-downwards`,
  severity: 'error',
  from: { path: `^src/core/${folder}/`, pathNot: '\\.test\\.ts$' },
  to: {
    path:
      CORE.slice(i + 1)
        .map((above) => `^src/core/${above}/`)
        .join('|') || '^$',
  },
}));

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    ...upwards,
    {
      name: 'core-is-alone',
      comment: 'the core knows no interface, no store and no drawing',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '\\.test\\.ts$' },
      to: {
        path: '^src/(app|take|ui|drawing|keeping|workers|data)/|node_modules/(react|react-dom|next|three|dexie|comlink|zustand)/',
      },
    },
    {
      name: 'nothing-imports-app',
      severity: 'error',
      from: { path: '^src/(take|ui|drawing|keeping|workers|data)/' },
      to: { path: '^src/app/' },
    },
    {
      name: 'take-stands-on-the-rest',
      comment: 'what places of one take share is above the parts it is made of',
      severity: 'error',
      from: { path: '^src/(ui|drawing|keeping|workers|data)/' },
      to: { path: '^src/take/' },
    },
    {
      name: 'keeping-stands-on-the-store',
      comment: 'what keeps edits until they are on disk knows no interface',
      severity: 'error',
      from: { path: '^src/keeping/' },
      to: { path: '^src/(ui|drawing|workers)/' },
    },
    {
      name: 'the-store-stands-on-the-core',
      severity: 'error',
      from: { path: '^src/data/' },
      to: { path: '^src/(ui|drawing|keeping|workers)/' },
    },
    {
      name: 'through-the-index',
      comment: 'nobody reaches into another folder of the core past its index',
      severity: 'error',
      from: { path: '^src/core/([^/]+)/', pathNot: '\\.test\\.ts$' },
      to: { path: '^src/core/([^/]+)/', pathNot: ['^src/core/$1/', '^src/core/[^/]+/index\\.ts$'] },
    },
    {
      name: 'through-the-index-outside',
      severity: 'error',
      from: { path: '^src/(app|take|ui|drawing|keeping|workers|data)/' },
      to: { path: '^src/core/[^/]+/', pathNot: '^src/core/[^/]+/index\\.ts$' },
    },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.test\\.ts$' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
