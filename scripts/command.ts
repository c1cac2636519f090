/**
 * slow-spoon learn, read and reckon: the same code as the app's, answered as JSON on standard output. What is refused gives one
 * sentence on standard error and exit code 2.
 */
import { said, type Command } from './commands/said.ts';

const commands: Readonly<Record<string, () => Promise<Command>>> = {
  learn: async () => (await import('./commands/learn.ts')).learnt,
  read: async () => (await import('./commands/read.ts')).linesRead,
  reckon: async () => (await import('./commands/reckon.ts')).reckoned,
};

const [name = '', ...words] = process.argv.slice(2);
const load = commands[name];
if (!load) throw new Error(`There is no command “${name}”.`);
const { status, stdout, stderr } = await said(await load(), words);
process.stderr.write(stderr);
process.stdout.write(stdout);
process.exitCode = status;
