import type { ReactNode } from 'react';
import css from './event.module.scss';

/** What may be wider than the sheet: it is moved sideways, by keys too. */
export const Scrolls = ({ label, children }: { readonly label: string; readonly children: ReactNode }) => (
  <div className={css.scrolls} role="group" aria-label={label} tabIndex={0}>
    {children}
  </div>
);
