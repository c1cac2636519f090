/**
 * Lets the page take a key or draw a picture before it goes on. A timer would wait four milliseconds each time, which
 * over hundreds of breaths is seconds.
 */
export function breath(): Promise<void> {
  // A page that is only simulated has none.
  if (typeof MessageChannel === 'undefined') return new Promise((resolve) => setTimeout(resolve));
  return new Promise((resolve) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      resolve();
    };
    port2.postMessage(undefined);
  });
}
