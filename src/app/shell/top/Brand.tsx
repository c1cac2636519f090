import type { ReactNode } from 'react';
import { Link } from 'react-router';
import css from './top.module.scss';

/** The spoon and the name; under it what is told of the whole program. */
export function Brand({ children }: { readonly children?: ReactNode }) {
  return (
    <span className={css.brandBlock}>
      <Link className={css.brand} to="/">
        <svg viewBox="0 0 48 26" aria-hidden="true">
          <ellipse cx="11" cy="13" rx="9" ry="12" fill="currentColor" />
          <path d="M19 13h27" stroke="currentColor" strokeWidth="4" strokeLinecap="round" />
        </svg>
        <span>Slow Spoon</span>
      </Link>
      {children}
    </span>
  );
}
