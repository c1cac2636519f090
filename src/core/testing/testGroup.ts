/** The files of each group, as jest.config.js deals them out. */
declare const testGroups: readonly (readonly string[])[];

/**
 * Runs the tests of several files as those of one: each file by itself would load the whole application anew, which takes
 * longer than most of its tests.
 */
export async function testGroup(n: number): Promise<void> {
  for (const path of testGroups[n - 1] ?? []) await import(path);
}
