/** The arrows point one way: app → store, workers, devices → core → reference's types. */
const from = (name, path, notTo, comment) => ({
  name,
  comment,
  severity: 'error',
  from: { path, pathNot: '\\.test\\.tsx?$' },
  to: { path: notTo },
});

module.exports = {
  forbidden: [
    {
      name: 'no-circles',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    { name: 'nothing-missing', severity: 'error', from: {}, to: { couldNotResolve: true } },
    from(
      'core-is-pure',
      '^src/core/',
      '^(src/(app|store|workers)/|server/|scripts/)|node_modules/(react|dexie|comlink|express)|^(fs|path|http|os|node:)',
      'The core knows no screen, store, thread or Node.',
    ),
    {
      name: 'core-takes-only-types-of-reference',
      comment: 'Tables come in as arguments; tests against published figures may read them.',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '(\\.test\\.ts$|^src/core/testing/)' },
      to: { path: '^src/reference/', pathNot: '^src/reference/types\\.ts$' },
    },
    {
      name: 'stages-have-doors',
      comment: 'From another folder of the core a stage is entered through its index.ts.',
      severity: 'error',
      from: { path: '^src/core/([^/]+)/', pathNot: '\\.test\\.ts$' },
      to: {
        path: '^src/core/(ledger|order|meat|shop|pot|clock|bench|broth|plates|keep)/',
        pathNot: ['^src/core/$1/', '/index\\.ts$'],
      },
    },
    {
      name: 'testing-is-for-tests',
      severity: 'error',
      from: { pathNot: '(\\.test\\.tsx?$|^src/core/testing/|^bench/)' },
      to: { path: '^src/core/testing/' },
    },
    from(
      'reference-stands-alone',
      '^src/reference/',
      '^src/(app|store|workers|core)/',
      'Tables know nobody.',
    ),
    from('store-below-app', '^src/store/', '^src/(app|workers)/', 'The store knows the core and the tables.'),
    from('workers-below-app', '^src/workers/', '^src/(app|store)/', 'Workers know the core and the tables.'),
    from('server-sees-no-data', '^server/', '^src/(app|store|workers|core)/', 'The server only serves.'),
    from('no-server-in-app', '^src/', '^server/', 'Every screen works with no server.'),
    {
      name: 'figures-know-no-sheet',
      comment: 'Drawings are shared: they know no stage.',
      severity: 'error',
      from: { path: '^src/app/(figures|parts)/' },
      to: { path: '^src/app/(order|meat|pot|clock|bench|broth|plates|keep|meals|kitchen|shell)/' },
    },
    {
      name: 'zod-waits',
      comment: 'Zod loads with files, after the first screen: only the schema and the file reader know it.',
      severity: 'error',
      from: { path: '^src/', pathNot: '^src/core/batch/' },
      to: { path: 'node_modules/zod' },
    },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'types', 'default'] },
  },
};
