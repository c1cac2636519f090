import { TriangleAlert } from 'lucide-react';
import type { ReactNode } from 'react';

/** What is wrong, in one sentence, with an icon: never by colour alone. */
export function FieldError({ id, children }: { readonly id?: string; readonly children: ReactNode }) {
  return (
    <p className="wrong" id={id} role="alert">
      <TriangleAlert size={15} aria-hidden />
      <span>{children}</span>
    </p>
  );
}
