import { useLiveQuery } from 'dexie-react-hooks';
import type { Settings } from '@/store/db.ts';
import { db } from './db.ts';

export const usualSettings: Settings = { system: 'metric', degrees: 'C' };

/** Units, chosen once. */
export function useSettings(): Settings {
  return useLiveQuery(
    async () => {
      const row = await db.kept.get('settings');
      return row?.id === 'settings' ? row.settings : usualSettings;
    },
    [],
    usualSettings,
  );
}

/** Units offered for a bare number. */
export const massUnits = ({ system }: Settings) => (system === 'metric' ? ['kg', 'g'] : ['lb', 'oz']);
export const volumeUnits = ({ system }: Settings) => (system === 'metric' ? ['ml', 'l'] : ['cups', 'fl oz']);
