/** Writes dist/licences.txt: under which terms all that is shipped may be used, and where the tables come from. */
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import license from 'rollup-plugin-license';
import type { Plugin } from 'vite';

interface Shipped {
  readonly name: string;
  readonly version: string;
  readonly licence: string;
  readonly text: string;
}
interface Package {
  readonly name: string;
  readonly version: string;
  readonly license?: string;
  readonly dependencies?: Readonly<Record<string, string>>;
}

const root = 'node_modules';

/** Packages that no module of the page names: fonts and styles, and what the threads and the offline worker are made of. */
const beside = [
  '@fontsource-variable/bitter',
  '@fontsource-variable/atkinson-hyperlegible-next',
  'bootstrap',
  'pure-rand',
  'ml-matrix',
  'highs',
  'workbox-precaching',
];

const SOURCES = `Slow Spoon reckons with tables of the USDA National Nutrient Database for Standard Reference, Release 24
(2011), U.S. Department of Agriculture, Agricultural Research Service. They are in the public domain.

It is made with the work of others, under these terms:
`;

/** The plugin of the build that gathers them. */
export const licences = (): Plugin =>
  // Made for another bundler, it uses only what both have.
  license({
    thirdParty: {
      output: {
        file: 'dist/licences.txt',
        template: (found) =>
          written([
            ...found.map(({ name, version, license: licence, licenseText }) => ({
              name: name ?? '',
              version: version ?? '',
              licence: licence ?? '',
              text: licenseText ?? '',
            })),
            ...withTheirOwn(beside).map(shipped),
          ]),
      },
    },
  }) as unknown as Plugin;

function written(all: readonly Shipped[]): string {
  const byName = new Map(all.map((one) => [one.name, one]));
  const parts = [...byName.values()]
    .sort((a, b) => (a.name < b.name ? -1 : 1))
    .map(({ name, version, licence, text }) => `${name} ${version} (${licence})\n\n${text.trim()}\n`);
  return [SOURCES, ...parts].join(`\n${'-'.repeat(72)}\n\n`);
}

const packageOf = (name: string): Package =>
  JSON.parse(readFileSync(join(root, name, 'package.json'), 'utf8')) as Package;

/** These packages, and those that they need themselves. */
function withTheirOwn(names: readonly string[]): readonly string[] {
  const all = new Set(names);
  for (const name of all)
    for (const own of Object.keys(packageOf(name).dependencies ?? {}))
      if (existsSync(join(root, own))) all.add(own);
  return [...all];
}

function shipped(name: string): Shipped {
  const { version, license: licence = '' } = packageOf(name);
  const file = readdirSync(join(root, name)).find((one) => /^licen[cs]e/i.test(one));
  return { name, version, licence, text: file ? readFileSync(join(root, name, file), 'utf8') : '' };
}
