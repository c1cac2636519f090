import type { ReactNode } from 'react';

interface Props {
  /** What it is about, where a sheet has two. */
  readonly of?: string;
  readonly children: ReactNode;
}

/** A caution in its place: plain, short, and second to the local code. */
export function Caution({ of, children }: Props) {
  return (
    <aside className="caution" aria-label={of === undefined ? 'Caution' : `Caution, ${of}`}>
      <p>{children}</p>
      <p className="quiet">Follow your local food code and, for a business, your licensed plan.</p>
    </aside>
  );
}
