import { useQuery } from '@tanstack/react-query';
import { keptKey, readKept, type KeptRows } from './memory.ts';

const NONE: KeptRows = new Map();

/** The rows that all meals share: kitchen, settings, what was ticked off the list. */
export function useKept(): KeptRows {
  const { data } = useQuery({
    queryKey: keptKey,
    queryFn: readKept,
    staleTime: Infinity,
    throwOnError: true,
  });
  return data ?? NONE;
}
