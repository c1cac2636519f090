const HEAVY = [
  'ml-matrix',
  'react-dom',
  'react',
  'pdf-lib',
  '@pdf-lib',
  'dexie',
  'fake-indexeddb',
  '@tanstack',
];

const base = {
  rootDir: '.',
  transform: {
    '\\.tsx?$': [
      '<rootDir>/scripts/jestTransform.js',
      {
        jsc: {
          parser: { syntax: 'typescript', tsx: true },
          transform: { react: { runtime: 'automatic' } },
          target: 'es2023',
          experimental: { keepImportAttributes: true },
        },
        module: { type: 'es6' },
      },
    ],
    '\\.m?js$': ['<rootDir>/scripts/jestTransform.js', { library: true }],
  },
  // The libraries in which a test spends its time.
  transformIgnorePatterns: [`/node_modules/(?!(${HEAVY.join('|')})/)`],
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  injectGlobals: false,
  moduleNameMapper: {
    '^@/(.*)$': '<rootDir>/src/$1',
    '\\.module\\.scss$': '<rootDir>/src/app/testing/styles.ts',
  },
};

export default {
  // On a busy machine all of it takes three times as long; what hangs is found all the same.
  testTimeout: 30_000,
  projects: [
    {
      ...base,
      displayName: 'core',
      testEnvironment: 'node',
      testMatch: ['<rootDir>/{src,server,scripts}/**/*.test.ts'],
      setupFiles: ['<rootDir>/src/store/fixtures/clone.ts', 'fake-indexeddb/auto'],
    },
    {
      ...base,
      displayName: 'app',
      testEnvironment: 'jsdom',
      // What is drawn: all else needs no page.
      testMatch: ['<rootDir>/src/app/**/*.test.tsx'],
      setupFiles: [
        '<rootDir>/src/app/testing/page.ts',
        '<rootDir>/src/store/fixtures/clone.ts',
        'fake-indexeddb/auto',
      ],
      testEnvironmentOptions: { customExportConditions: ['node', 'node-addons'] },
    },
  ],
};
