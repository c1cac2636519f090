import { useQuery } from '@tanstack/react-query';
import { lastBackup, type LastBackup } from '@/store/backup/lastBackup.ts';
import { db } from '../../browser/db.ts';
import { queries } from '../../open/queries.ts';
import { useStored } from '../../browser/useStored.ts';

export interface Keeping {
  /** Bytes that are kept here, and that the browser allows; undefined where it does not tell. */
  readonly used?: number;
  readonly quota?: number;
  /** The browser has promised not to clear it by itself. */
  readonly promised?: boolean;
  /** The application itself is kept here: it starts without its server. */
  readonly offline: boolean;
}

async function look(): Promise<Keeping> {
  // Not every browser has it, and none does on an insecure address.
  const storage = navigator.storage as Partial<StorageManager> | undefined;
  const [estimate, promised] = await Promise.all([storage?.estimate?.(), storage?.persisted?.()]);
  return {
    ...(estimate?.usage !== undefined && { used: estimate.usage }),
    ...(estimate?.quota !== undefined && { quota: estimate.quota }),
    ...(promised !== undefined && { promised }),
    offline: Boolean((navigator as Partial<Navigator>).serviceWorker?.controller),
  };
}

/** Asked anew whenever what is kept may have become much more or less. */
export const keepingKey = ['keeping'] as const;

/** How much is kept in this browser, and how surely; with what asks it to keep it. */
export function useKeeping(): readonly [Keeping, () => Promise<void>] {
  const { data } = useQuery({ queryKey: keepingKey, queryFn: look });
  const ask = async () => {
    await navigator.storage.persist();
    await queries.invalidateQueries({ queryKey: keepingKey });
  };
  return [data ?? { offline: false }, ask];
}

/** When all was backed up last, and whether something has been done since; undefined while that is looked up. */
export const useLastBackup = (): LastBackup | undefined => useStored(['last backup'], () => lastBackup(db));
