import { readdirSync, readFileSync, statSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

const root = (path) => fileURLToPath(new URL(path, import.meta.url));
const testsIn = (folder, ending) =>
  readdirSync(folder, { recursive: true })
    .filter((path) => path.endsWith(ending) && !path.startsWith('testing/groups/'))
    .map((path) => `${folder}/${path}`);

const GROUPS = 4;
const APP = root('./src/app');
const CORE = root('./src/core');
/**
 * What is drawn, and the core's, in groups that load what they try once each: by turns, the longest first. What puts something
 * in the place of a module or hooks on to every test goes by itself, and so does every file where some are asked for by path.
 */
const drawn = testsIn(APP, '.test.tsx');
const reckoned = [...testsIn(CORE, '.test.ts'), ...testsIn(root('./src/words'), '.test.ts')];
const isAlone = (path) => /unstable_mockModule|^(before|after)(Each|All)\(/m.test(readFileSync(path, 'utf8'));
const standsIn = (path) => readFileSync(path, 'utf8').includes('unstable_mockModule');
const isOne = process.argv.slice(2).some((arg) => arg.includes('src/'));
const turn = (i) => (Math.floor(i / GROUPS) % 2 === 0 ? i % GROUPS : GROUPS - 1 - (i % GROUPS));
function grouped(paths) {
  const sorted = isOne
    ? []
    : paths.toSorted((a, b) => statSync(b).size - statSync(a).size || a.localeCompare(b));
  return Array.from({ length: GROUPS }, (_, n) => sorted.filter((_, i) => turn(i) === n));
}

const HEAVY = ['ml-matrix', 'react-dom', 'react', 'jspdf', 'dexie', 'fake-indexeddb', '@tanstack'];

const base = {
  rootDir: '.',
  // Between two files it would go through every object that a global reaches, a stand-in for the browser’s disk among them.
  testEnvironmentOptions: { globalsCleanup: 'off' },
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
      testMatch: isOne
        ? ['<rootDir>/{src,server,scripts}/**/*.test.ts']
        : [
            '<rootDir>/{server,scripts}/**/*.test.ts',
            '<rootDir>/src/!(core|words)/**/*.test.ts',
            `${CORE}/testing/groups/*.test.ts`,
            ...reckoned.filter(isAlone),
          ],
      globals: { testGroups: grouped(reckoned.filter((path) => !isAlone(path))) },
      setupFiles: ['<rootDir>/src/store/fixtures/clone.ts', 'fake-indexeddb/auto'],
    },
    {
      ...base,
      displayName: 'app',
      testEnvironment: 'jsdom',
      // What is drawn: all else needs no page.
      testMatch: isOne ? drawn : [...drawn.filter(standsIn), `${APP}/testing/groups/*.test.tsx`],
      globals: { testGroups: grouped(drawn.filter((path) => !standsIn(path))) },
      setupFiles: [
        '<rootDir>/src/app/testing/page.ts',
        '<rootDir>/src/store/fixtures/clone.ts',
        'fake-indexeddb/auto',
      ],
      testEnvironmentOptions: { customExportConditions: ['node', 'node-addons'] },
    },
  ],
};
