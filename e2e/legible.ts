import type { Page } from '@playwright/test';

/** What a cook could not read or hit on a page, each with the words it is about. */
export interface Illegible {
  readonly what: 'small' | 'on another' | 'cut' | 'page too wide' | 'hard to hit';
  readonly words: string;
}

/**
 * Looks through a page as it stands: text smaller than it may be, text on other text, text that is cut without its whole in a
 * title, and on a phone what is too small for a finger.
 * @param least the smallest text, px
 * @param finger the least height of what is tapped, px; 0: any
 */
export const illegibleOn = (page: Page, least: number, finger: number): Promise<readonly Illegible[]> =>
  page.evaluate(
    ([least, finger]) => {
      const found: Illegible[] = [];
      const shorten = (words: string) => words.replaceAll(/\s+/g, ' ').trim().slice(0, 60);
      const say = (what: Illegible['what'], words: string) => found.push({ what, words: shorten(words) });
      /** What scrolls by itself, or stands still while the page scrolls: text of two of these may pass over each other. */
      const layerOf = (element: Element | null): Element | null => {
        for (let at = element; at; at = at.parentElement)
          if (['fixed', 'sticky'].includes(getComputedStyle(at).position)) return at;
        return null;
      };
      /** What of a box is not cut off by what it lies in. */
      const shownOf = (box: DOMRect, element: Element): DOMRect => {
        let { left, right, top, bottom } = box;
        for (let at: Element | null = element; at && at !== document.body; at = at.parentElement) {
          const style = getComputedStyle(at);
          if (style.overflowX === 'visible' || at instanceof SVGElement) continue;
          const edge = at.getBoundingClientRect();
          [left, right] = [Math.max(left, edge.left), Math.min(right, edge.right)];
          [top, bottom] = [Math.max(top, edge.top), Math.min(bottom, edge.bottom)];
        }
        return new DOMRect(left, top, Math.max(0, right - left), Math.max(0, bottom - top));
      };
      interface Seen {
        readonly words: string;
        readonly box: DOMRect;
        readonly layer: Element | null;
        readonly element: Element;
      }
      const seen: Seen[] = [];
      const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
      for (let node = walk.nextNode(); node; node = walk.nextNode()) {
        const words = node.textContent?.trim() ?? '';
        const element = node.parentElement;
        if (
          words === '' ||
          !element ||
          !element.checkVisibility({ opacityProperty: true, visibilityProperty: true })
        )
          continue;
        if (element.closest('.visually-hidden, script, style, noscript, option, title, svg > title'))
          continue;
        const range = document.createRange();
        range.selectNodeContents(node);
        const svg = element.closest('svg');
        const matrix = svg && element instanceof SVGGraphicsElement ? element.getScreenCTM() : null;
        const scale = matrix ? Math.hypot(matrix.b, matrix.d) : 1;
        const px = Number.parseFloat(getComputedStyle(element).fontSize) * scale;
        const whole = [...range.getClientRects()].filter(({ width, height }) => width > 1 && height > 1);
        const boxes = whole
          .map((box) => shownOf(box, element))
          .filter(({ width, height }) => width > 1 && height > 1);
        if (boxes.length === 0) continue;
        if (px < least - 0.1) say('small', `${px.toFixed(1)} ${words}`);
        const layer = layerOf(element);
        for (const box of boxes) {
          if (box.right > innerWidth + 1 || box.left < -1) {
            let scrolls = false;
            for (let at: Element | null = element; at; at = at.parentElement)
              scrolls ||= /auto|scroll/.test(getComputedStyle(at).overflowX);
            if (!scrolls && box.right > 0) say('cut', `beyond the page: ${words}`);
          }
          seen.push({ words, box, layer, element });
        }
        for (let at: Element | null = element; at && at !== document.body; at = at.parentElement) {
          const style = getComputedStyle(at);
          if (style.overflowX === 'hidden' || style.overflowX === 'clip') {
            const edge = at.getBoundingClientRect();
            const out = whole.some((box) => box.right > edge.right + 1.5 || box.bottom > edge.bottom + 6);
            if (out && !element.closest('[title]')) say('cut', words);
          }
        }
      }
      // A line's box is taller than its letters.
      const ink = ({ left, right, top, bottom }: DOMRect) => {
        const spare = 0.22 * (bottom - top);
        return { left: left + 1, right: right - 1, top: top + spare, bottom: bottom - spare };
      };
      const byTop = seen.toSorted((a, b) => a.box.top - b.box.top);
      for (const [i, one] of byTop.entries()) {
        const a = ink(one.box);
        for (let j = i + 1; j < byTop.length; j += 1) {
          const other = byTop[j];
          if (!other || other.box.top > one.box.bottom) break;
          if (other.layer !== one.layer || other.element === one.element) continue;
          const b = ink(other.box);
          const [w, h] = [
            Math.min(a.right, b.right) - Math.max(a.left, b.left),
            Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top),
          ];
          if (w > 1.5 && h > 1.5)
            say('on another', `${one.words.slice(0, 28)} | ${other.words.slice(0, 28)}`);
        }
      }
      if (document.documentElement.scrollWidth > innerWidth + 1)
        say('page too wide', `${document.documentElement.scrollWidth} of ${innerWidth} px`);
      if (finger > 0)
        for (const element of document.querySelectorAll(
          'button, a[href], select, summary, input:not([type=hidden])',
        )) {
          if (!element.checkVisibility({ opacityProperty: true, visibilityProperty: true })) continue;
          if (element.closest('.visually-hidden, svg')) continue;
          // A link in a sentence is as tall as its line.
          if (element.closest('p:not(.choices)') && element.matches('a, button.link')) continue;
          const label = element.closest('label');
          const box = (label ?? element).getBoundingClientRect();
          if (box.width < 2 || box.right < 0) continue;
          if (box.height < finger - 0.6)
            say(
              'hard to hit',
              `${box.width.toFixed(0)}×${box.height.toFixed(0)} ${element.tagName.toLowerCase()} ${element.getAttribute('aria-label') ?? element.textContent} ${label?.textContent ?? ''}`,
            );
        }
      return found;
    },
    [least, finger] as const,
  );
