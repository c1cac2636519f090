import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { Spoon } from './Spoon.tsx';
import css from './top.module.scss';

/** The spoon and the name; under it what is told of the whole program. */
export function Brand({ children }: { readonly children?: ReactNode }) {
  return (
    <span className={css.brandBlock}>
      <Link className={css.brand} to="/">
        <Spoon />
        <span>Slow Spoon</span>
      </Link>
      {children}
    </span>
  );
}
