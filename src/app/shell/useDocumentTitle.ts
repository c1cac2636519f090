import { useEffect } from 'react';

/** The page's title while a page is open. */
export function useDocumentTitle(words: string): void {
  useEffect(() => {
    document.title = `${words} · Slow Spoon`;
  }, [words]);
}
