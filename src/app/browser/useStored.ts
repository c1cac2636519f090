import { skipToken, useQuery, useQueryClient } from '@tanstack/react-query';
import { liveQuery } from 'dexie';
import { useEffect, useEffectEvent, useState } from 'react';

/** What was read last, which may be nothing: the library keeps no bare undefined. */
interface Stored<T> {
  readonly value: T;
}

/**
 * What the disk holds, kept up to date: read anew whenever what it was read from changes. What was read before stands at once
 * where it is asked for again. Undefined until it is read for the first time; what cannot be read is thrown, for the page that
 * stands for a broken one.
 * @param key names what is read, with all that it hangs on
 */
export function useStored<T>(
  key: readonly (string | number | boolean | undefined)[],
  read: () => Promise<T> | T,
): T | undefined {
  const client = useQueryClient();
  const name = JSON.stringify(key);
  const { data } = useQuery<Stored<T>>({
    queryKey: ['stored', name],
    queryFn: skipToken,
    // It is compared by nobody: a log of years would take longer to look through than to draw.
    structuralSharing: false,
    staleTime: Infinity,
  });
  // It is of this place alone: tried again there, it is read anew.
  const [fault, setFault] = useState<Error>();
  const readNow = useEffectEvent(read);
  useEffect(() => {
    const reading = liveQuery(() => readNow()).subscribe({
      next: (value) => client.setQueryData<Stored<T>>(['stored', name], { value }),
      error: (why: unknown) => setFault(why instanceof Error ? why : new Error(String(why))),
    });
    return () => reading.unsubscribe();
  }, [client, name]);
  if (fault) throw fault;
  return data?.value;
}
