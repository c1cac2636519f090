/**
 * Starts the server on 127.0.0.1. The port is PORT, or 8310. If Slow Spoon holds it already, its
 * address is printed; if something else does, the next free port is taken and said.
 */
import { fileURLToPath } from 'node:url';
import { makeServer } from './app.ts';
import { whoHolds } from './ports.ts';

const HOST = '127.0.0.1';
const TRIES = 20;
const asked = Number(process.env.PORT ?? 8310);
const data = process.env.SLOW_SPOON_DATA === 'demo' ? 'demo' : 'own';
const dist = fileURLToPath(new URL('../dist', import.meta.url));
const say = (words: string) => process.stdout.write(`${words}\n`);

if (!Number.isInteger(asked) || asked < 1 || asked > 65_535) {
  process.stderr.write(`PORT is “${process.env.PORT ?? ''}”; write a number from 1 to 65535.\n`);
  process.exit(2);
}

const server = makeServer({ dist, data });
await listenFrom(asked);

async function listenFrom(first: number): Promise<void> {
  for (let port = first; port < first + TRIES; port += 1) {
    const holder = await whoHolds(HOST, port);
    if (holder === 'free') {
      if (port !== first) {
        say(
          `Port ${first} is taken by another program: serving on ${port}. What was kept under ${first} is not seen from ${port}: each port has data of its own.`,
        );
      }
      await new Promise<void>((resolve, reject) => {
        server.once('error', reject);
        server.listen(port, HOST, () => resolve());
      });
      say(`Slow Spoon${data === 'demo' ? ', with the demo,' : ''} is at http://${HOST}:${port}/`);
      return;
    }
    if (holder !== 'other') {
      const which =
        holder.data === data
          ? ''
          : ` with ${holder.data === 'demo' ? 'the demo' : 'your own meals'} (stop it there to see ${data === 'demo' ? 'the demo' : 'your own'})`;
      say(`Slow Spoon is running already${which}: http://${HOST}:${port}/`);
      return;
    }
  }
  process.stderr.write(`No port from ${first} to ${first + TRIES - 1} is free; set PORT to one that is.\n`);
  process.exitCode = 1;
}
