import { configure } from '@testing-library/dom';
import type { ReactNode } from 'react';
import { flushSync } from 'react-dom';
import { createRoot, type Root } from 'react-dom/client';

/*
 * A page to render on, with React as it ships: the library's build for development takes twice the time, and is tried by
 * `./slow-spoon check`. What it draws it draws at once, as if the browser had come to it.
 */
export { configure, fireEvent, screen, waitFor, within } from '@testing-library/dom';

configure({
  // The library hands on whatever the event's handler gives, of which it says no type.
  eventWrapper: (dispatch: () => unknown) => {
    let result: unknown;
    flushSync(() => {
      result = dispatch();
    });
    return result;
  },
});

const roots: { readonly root: Root; readonly place: HTMLElement }[] = [];

export interface Rendered {
  readonly container: HTMLElement;
  readonly rerender: (part: ReactNode) => void;
  readonly unmount: () => void;
}

/** Draws a part on the page; `cleanup` takes all such parts away. */
export function render(part: ReactNode): Rendered {
  const place = document.body.appendChild(document.createElement('div'));
  const root = createRoot(place);
  roots.push({ root, place });
  const rerender = (next: ReactNode) => flushSync(() => root.render(next));
  rerender(part);
  return { container: place, rerender, unmount: () => flushSync(() => root.unmount()) };
}

export function cleanup(): void {
  for (const { root, place } of roots.splice(0)) {
    flushSync(() => root.unmount());
    place.remove();
  }
}
