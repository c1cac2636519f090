import { useEffect, useState } from 'react';

interface DrawnSize {
  readonly width: number;
  readonly height: number;
}

/**
 * How large a drawing stands on this page, px, so that it is drawn for that and its words are never shrunk or stretched.
 * @param usual until the page has been measured
 */
export function useDrawnSize(drawing: Element | null, usual: DrawnSize): DrawnSize {
  const [size, setSize] = useState(usual);
  useEffect(() => {
    if (!drawing) return undefined;
    const observer = new ResizeObserver(([entry]) => {
      if (!entry) return;
      const { width, height } = entry.contentRect;
      if (width > 0 && height > 0) setSize({ width: Math.round(width), height: Math.round(height) });
    });
    observer.observe(drawing);
    return () => observer.disconnect();
  }, [drawing]);
  return size;
}
