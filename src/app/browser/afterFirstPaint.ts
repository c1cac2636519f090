/** A browser that does not tell of its paints is taken to have painted by then, ms. */
const SURELY_PAINTED = 1_500;

/**
 * Resolves once something has been painted: what the first picture does not need waits for it, since
 * on two cores a second thread takes time from the first picture.
 */
export const afterFirstPaint = new Promise<void>((resolve) => {
  setTimeout(resolve, SURELY_PAINTED);
  if (!PerformanceObserver.supportedEntryTypes.includes('paint')) return;
  new PerformanceObserver((list, observer) => {
    if (list.getEntriesByName('first-contentful-paint').length === 0) return;
    observer.disconnect();
    resolve();
  }).observe({ type: 'paint', buffered: true });
});
