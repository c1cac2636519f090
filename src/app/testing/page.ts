// As the application ships: the build for development is tried by itself.
process.env['NODE_ENV'] = process.env['SLOW_SPOON_REACT'] ?? 'production';
import { PerformanceObserver } from 'node:perf_hooks';
import { TextDecoder, TextEncoder } from 'node:util';

/** What the page's own simulation lacks. */
Object.assign(globalThis, {
  PerformanceObserver,
  TextDecoder,
  TextEncoder,
  CSS: { escape: (name: string) => name.replaceAll(/[^\w-]/g, (sign) => `\\${sign}`) },
  matchMedia: () => ({
    matches: false,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  }),
  ResizeObserver: class {
    observe(): void {
      // Nothing is measured here.
    }
    disconnect(): void {
      // Nothing was observed.
    }
  },
});
