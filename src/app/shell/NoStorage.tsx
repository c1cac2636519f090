import { useSyncExternalStore, type ReactNode } from 'react';
import { storageWords } from '@/words/index.ts';
import { storage } from '../data/storage.ts';
import { Brand } from './Brand.tsx';
import css from './shell.module.scss';

/** In the place of the whole page while nothing can be kept or read: no field is shown that would not be kept. */
export function NoStorage({ children }: { readonly children: ReactNode }) {
  const fault = useSyncExternalStore(storage.subscribe, storage.fault);
  if (fault === undefined) return children;
  const { what, todo } = storageWords(fault);
  return (
    <div className="frame">
      <header className={css.top}>
        <Brand />
      </header>
      <main id="sheet" className="sheet is-wide" tabIndex={-1}>
        <h1>{what}</h1>
        <p role="alert">{todo}</p>
        {fault !== 'blocked' && (
          <p>
            <button type="button" className="btn act is-first" onClick={() => location.reload()}>
              {fault === 'outdated' || fault === 'newer' ? 'Reload' : 'Try again'}
            </button>
          </p>
        )}
      </main>
    </div>
  );
}
