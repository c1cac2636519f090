import type { Settings } from '@/store/kinds.ts';
import { useKept } from './useKept.ts';

export const usualSettings: Settings = { system: 'metric', degrees: 'C' };

/** Units, chosen once. */
export function useSettings(): Settings {
  const row = useKept().get('settings');
  return row?.id === 'settings' ? row.settings : usualSettings;
}

/** Units offered for a bare number. */
export const massUnits = ({ system }: Settings) => (system === 'metric' ? ['kg', 'g'] : ['lb', 'oz']);
export const volumeUnits = ({ system }: Settings) => (system === 'metric' ? ['ml', 'l'] : ['cups', 'fl oz']);
