import type { ReactNode } from 'react';
import { Brand } from './top/Brand.tsx';
import css from './top/top.module.scss';

interface Props {
  readonly title: string;
  /** What is wrong, and what to do. */
  readonly said: string;
  /** The ways on. */
  readonly children: ReactNode;
}

/** In the place of a page that cannot be: what is wrong, and the ways on, with nothing that would need a meal. */
export function BarePage({ title, said, children }: Props) {
  return (
    <div className="frame">
      <header className={css.top}>
        <Brand />
      </header>
      <main id="sheet" className="sheet is-wide" tabIndex={-1}>
        <h1>{title}</h1>
        <p role="alert">{said}</p>
        <p className="choices">{children}</p>
      </main>
    </div>
  );
}
