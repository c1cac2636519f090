import { readdirSync, readFileSync, statSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

const APP = fileURLToPath(new URL('./src/app', import.meta.url));
const GROUPS = 4;
/**
 * What is drawn, in groups that load the application once each: by turns, the longest first. What puts something in the place
 * of a module goes by itself, and so does every file where some are asked for by their path.
 */
const drawn = readdirSync(APP, { recursive: true })
  .filter((path) => path.endsWith('.test.tsx') && !path.startsWith('testing/groups/'))
  .map((path) => `${APP}/${path}`);
const standsIn = (path) => readFileSync(path, 'utf8').includes('unstable_mockModule');
const isOne = process.argv.slice(2).some((arg) => arg.includes('src/'));
const grouped = isOne
  ? []
  : drawn
      .filter((path) => !standsIn(path))
      .sort((a, b) => statSync(b).size - statSync(a).size || a.localeCompare(b));
const turn = (i) => (Math.floor(i / GROUPS) % 2 === 0 ? i % GROUPS : GROUPS - 1 - (i % GROUPS));
const testGroups = Array.from({ length: GROUPS }, (_, n) => grouped.filter((_, i) => turn(i) === n));

const HEAVY = ['ml-matrix', 'react-dom', 'react', 'jspdf', 'dexie', 'fake-indexeddb', '@tanstack'];

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
      testMatch: isOne ? drawn : [...drawn.filter(standsIn), `${APP}/testing/groups/*.test.tsx`],
      globals: { testGroups },
      setupFiles: [
        '<rootDir>/src/app/testing/page.ts',
        '<rootDir>/src/store/fixtures/clone.ts',
        'fake-indexeddb/auto',
      ],
      testEnvironmentOptions: { customExportConditions: ['node', 'node-addons'] },
    },
  ],
};
