import { createServer } from 'node:net';
import type { Hello } from './app.ts';

/** Who holds a port: nobody, Slow Spoon with one kind of data, or another program. */
export async function whoHolds(host: string, port: number): Promise<'free' | 'other' | Hello> {
  const free = await new Promise<boolean>((resolve) => {
    const probe = createServer()
      .once('error', () => {
        resolve(false);
      })
      .listen(port, host, () => {
        probe.close(() => {
          resolve(true);
        });
      });
  });
  if (free) return 'free';
  try {
    const answer = await fetch(`http://${host}:${port}/api/hello`, { signal: AbortSignal.timeout(1_500) });
    const hello = (await answer.json()) as Partial<Hello>;
    if (hello.program === 'slow-spoon' && (hello.data === 'own' || hello.data === 'demo')) {
      return { program: 'slow-spoon', data: hello.data };
    }
  } catch {
    // Whatever it is, it does not answer as Slow Spoon would.
  }
  return 'other';
}
