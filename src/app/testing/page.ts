// As the application ships: the build for development is tried by itself.
process.env['NODE_ENV'] = process.env['SLOW_SPOON_REACT'] ?? 'production';
import { PerformanceObserver } from 'node:perf_hooks';
import { setImmediate as atOnce } from 'node:timers';
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

/*
 * To look a thing up by its role or its label takes most of the time here: the simulated page walks all of itself for each
 * label, and matches its own style sheet for each element. What it would find is found at once; styles of the application are
 * not loaded here, so only what an element says of itself counts.
 */
const styleOf = (element: Element) => {
  const { style, hidden } = element as HTMLElement;
  const known: Readonly<Record<string, string>> = {
    display: hidden ? 'none' : style.display === '' ? 'block' : style.display,
    visibility: style.visibility === '' ? 'visible' : style.visibility,
  };
  const getPropertyValue = (name: string) => known[name] ?? style.getPropertyValue(name);
  return { ...known, content: '', pointerEvents: 'auto', getPropertyValue } as unknown as CSSStyleDeclaration;
};
globalThis.getComputedStyle = styleOf;
window.getComputedStyle = styleOf;

const LABELABLE = 'button, input:not([type=hidden]), meter, output, progress, select, textarea';
Object.defineProperty(HTMLLabelElement.prototype, 'control', {
  get(this: HTMLLabelElement): Element | null {
    const { htmlFor, ownerDocument } = this;
    return htmlFor === '' ? this.querySelector(LABELABLE) : ownerDocument.getElementById(htmlFor);
  },
});
for (const { prototype } of [
  HTMLButtonElement,
  HTMLInputElement,
  HTMLMeterElement,
  HTMLOutputElement,
  HTMLProgressElement,
  HTMLSelectElement,
  HTMLTextAreaElement,
])
  Object.defineProperty(prototype, 'labels', {
    get(this: HTMLElement) {
      const about = this.closest('label');
      const named =
        this.id === '' ? [] : this.ownerDocument.querySelectorAll(`label[for="${CSS.escape(this.id)}"]`);
      return [...new Set([...(about ? [about] : []), ...named])];
    },
  });

/** Pieces of drawing, and steps of the disk, that are to be done next: the page is not at rest while there are any. */
const next = { pieces: 0 };
Object.assign(globalThis, {
  nextPieces: next,
  setImmediate: (work: (...args: unknown[]) => void, ...args: unknown[]) => {
    next.pieces += 1;
    return atOnce(() => {
      next.pieces -= 1;
      work(...args);
    });
  },
});
