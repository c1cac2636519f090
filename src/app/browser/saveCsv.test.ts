import { readdirSync, readFileSync } from 'node:fs';
import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { csvOf } from './saveCsv.ts';

test('no cell of a table that leaves begins as a formula does; numbers stay numbers', async () => {
  const text = await csvOf([{ name: '=HYPERLINK("x","y")', notes: '@SUM(1)', pot: '+1', minutes: -3 }]);
  expect(text.split('\r\n')[1]).toBe(`"'=HYPERLINK(""x"",""y"")","'@SUM(1)","'+1",-3`);
  await fc.assert(
    fc.asyncProperty(fc.string(), async (name) => {
      const [, row = ''] = (await csvOf([{ name }])).split('\r\n');
      expect(row).not.toMatch(/^"?[=+@-]/);
    }),
    { numRuns: 200 },
  );
});

test('every table of the program goes through it', () => {
  const writers = readdirSync('src/app', { recursive: true, encoding: 'utf8' })
    .filter((path) => /\.tsx?$/.test(path) && !path.includes('.test.'))
    .filter((path) => /unparse\(/.test(readFileSync(`src/app/${path}`, 'utf8')));
  expect(writers).toEqual(['browser/saveCsv.ts']);
});
