import type { ReactNode } from 'react';

/** A caution in its place: plain, short, and second to the local code. */
export function Caution({ children }: { readonly children: ReactNode }) {
  return (
    <aside className="caution" aria-label="Caution">
      <p>{children}</p>
      <p className="quiet">Follow your local food code and, for a business, your licensed plan.</p>
    </aside>
  );
}
