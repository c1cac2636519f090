/** The arrows point one way: app → words, store, workers, devices → core → reference's types. */
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
      comment: 'Types go one way as code does.',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'nothing-missing',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true, pathNot: '^(highs/runtime|zxing-wasm/reader/zxing_reader\\.wasm)\\?url$' },
    },
    from(
      'core-is-pure',
      '^src/core/',
      '^(src/(app|store|workers|words)/|server/|scripts/)|node_modules/(react|dexie|comlink|express)|^(fs|path|http|os|node:)',
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
      name: 'core-has-doors',
      comment: 'Each folder of the core is entered through its index.ts, from wherever it is asked.',
      severity: 'error',
      from: {
        path: '^(src/core/([^/]+)/|src/(app|store|workers|words)/|scripts/|speed/)',
        pathNot: '(\\.test\\.tsx?$|^src/(core|app)/testing/)',
      },
      to: {
        path: '^src/core/(?!testing/)',
        pathNot: [
          '^src/core/$2/',
          '^src/core/([^/]+|meal/file)/index\\.ts$',
          '^src/core/answers/(figures|questions)\\.ts$',
        ],
      },
    },
    {
      name: 'late-is-the-threads',
      comment:
        'What answers later than the figures has doors of its own, since a file that loads it loads it whole: the thread’s alone.',
      severity: 'error',
      from: { pathNot: '^src/(workers/core\\.ts|core/answers/)' },
      to: { path: '^src/core/answers/(figures|questions)\\.ts$' },
    },
    {
      name: 'scheduling-knows-no-cooking',
      comment:
        'Jobs, resources and slots, and columns of numbers: a kitchen is only one of the things they can stand for.',
      severity: 'error',
      from: { path: '^src/core/schedule/', pathNot: '\\.test\\.ts$' },
      to: { path: '^src/core/(?!schedule/|columns/)' },
    },
    {
      name: 'testing-is-for-tests',
      severity: 'error',
      from: { pathNot: '(\\.test\\.tsx?$|^src/(core|app|store|words)/testing/|^speed/)' },
      to: { path: '^src/(core|app|store|words)/testing/' },
    },
    from(
      'reckoning-asks-nobody',
      '^src/core/reckoning/',
      '^src/core/answers/',
      'What a meal comes to is what answers are made of.',
    ),
    from(
      'heavy-knows-no-light',
      '^src/core/answers/heavy/',
      '^src/core/answers/light/',
      'What the worker answers stands by itself.',
    ),
    from(
      'reference-stands-alone',
      '^src/reference/',
      '^src/(app|store|workers|core)/',
      'Tables know nobody.',
    ),
    from(
      'words-only-tell',
      '^src/words/',
      '^src/(app|workers|store|reference)/|node_modules/react',
      'Sentences are made of what the core answers.',
    ),
    from('store-below-app', '^src/store/', '^src/(app|workers)/', 'The store knows the core and the tables.'),
    from(
      'devices-below-app',
      '^src/devices/',
      '^src/(app|store|workers|words)/|node_modules/(react|dexie)',
      'Devices only measure.',
    ),
    from('workers-below-app', '^src/workers/', '^src/(app|store)/', 'Workers know the core and the tables.'),
    from('server-sees-no-data', '^server/', '^src/(app|store|workers|core)/', 'The server only serves.'),
    from('no-server-in-app', '^src/', '^server/', 'Every screen works with no server.'),
    {
      name: 'rooms-know-no-other-room',
      comment: 'What two stages, or two lists, need stands in parts, figures, open or the core.',
      severity: 'error',
      from: { path: '^src/app/(stages|lists)/([^/]+)/', pathNot: '\\.test\\.tsx?$' },
      to: { path: '^src/app/(stages|lists)/', pathNot: '^src/app/($1/$2|lists/data)/' },
    },
    {
      name: 'app-goes-one-way',
      comment:
        'Shell and demo over stages and lists, over parts and figures, over the open meal, over the browser.',
      severity: 'error',
      from: { path: '^src/app/(figures|parts|open|browser|paper)/', pathNot: '\\.test\\.tsx?$' },
      to: { path: '^src/app/(stages|lists/(?!data/)|shell|demo)' },
    },
    {
      name: 'the-open-meal-is-not-drawn',
      severity: 'error',
      from: { path: '^src/app/(open|browser)/', pathNot: '\\.test\\.tsx?$' },
      to: { path: '^src/app/(parts|figures|paper)/' },
    },
    {
      name: 'the-browser-knows-no-meal',
      severity: 'error',
      from: { path: '^src/app/browser/', pathNot: '\\.test\\.tsx?$' },
      to: { path: '^src/app/(open|lists)/' },
    },
    {
      name: 'zod-waits',
      comment: 'Zod loads with files, after the first screen: only the schema and the file reader know it.',
      severity: 'error',
      from: {
        path: '^src/',
        pathNot:
          '^src/core/meal/(schema|mealSchema|kitchenSchema|shelfSchema|entrySchema|afterSchema|coolingSchema|learnedSchema|handoutSchema|fields|jitless|file/.*)\\.ts$',
      },
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
