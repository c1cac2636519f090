import { type Wall, wallOf } from '@/core/clock/index.ts';
import { useSettings } from './useSettings.ts';

/** The zone of this browser. */
export const zoneHere = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;

/** How the kitchen writes a moment at a place; without one, here. */
export function useWall(zone?: string): Wall {
  const { hours } = useSettings();
  return wallOf(zone ?? zoneHere(), hours);
}
