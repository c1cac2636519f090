import type { ReactNode } from 'react';
import { storageWords } from '@/words/index.ts';
import { storageCause, storageFault } from '../browser/storage.ts';
import { useWatched } from '../browser/watched.ts';
import { BarePage } from './BarePage.tsx';

/** In the place of the whole page while nothing can be kept or read: no field is shown that would not be kept. */
export function NoStorage({ children }: { readonly children: ReactNode }) {
  const fault = useWatched(storageFault);
  const cause = useWatched(storageCause);
  if (fault === undefined) return children;
  const { what, todo } = storageWords(fault);
  return (
    <BarePage title={what} said={todo}>
      {cause !== undefined && <p className="quiet">The browser says: {cause}</p>}
      {fault !== 'blocked' && (
        <button type="button" className="btn act is-first" onClick={() => location.reload()}>
          {fault === 'outdated' || fault === 'newer' ? 'Reload' : 'Try again'}
        </button>
      )}
    </BarePage>
  );
}
