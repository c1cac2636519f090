import { useMemo } from 'react';
import { useKept } from '../../open/useKept.ts';

/** The lines of the shopping list that have been ticked off. */
export function useTicked(): ReadonlySet<string> {
  const row = useKept().get('shopping');
  return useMemo(() => new Set(row?.id === 'shopping' ? row.got : []), [row]);
}
