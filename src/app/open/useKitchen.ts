import { usualKitchen, type Kitchen } from '@/core/meal/index.ts';
import { useKept } from './useKept.ts';

/** The kitchen that all meals share, unless they came with their own. */
export function useKitchen(): Kitchen {
  const row = useKept().get('kitchen');
  return row?.id === 'kitchen' ? row.kitchen : usualKitchen;
}
