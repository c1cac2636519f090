import type { ShelfItem } from '@/core/meal/index.ts';
import { useKept } from '../../open/useKept.ts';

const EMPTY: readonly ShelfItem[] = [];

/** Everything on the shelf, with what has gone of it. */
export function useShelf(): readonly ShelfItem[] {
  const row = useKept().get('shelf');
  return row?.id === 'shelf' ? row.items : EMPTY;
}
