import type { SlowSpoonDb } from '@/store/db.ts';
import type { BrowserRow } from '@/store/kinds.ts';

let device: string | undefined;

/** What tells this browser’s readings from those of other devices; nothing is known of it but that it is the same. */
export const deviceNow = (): string => (device ??= crypto.randomUUID());

/** Takes it up as it was kept; the first time it is made. */
export async function readDevice(db: SlowSpoonDb): Promise<void> {
  const house = db.table<BrowserRow, string>('house');
  const row = await house.get('device');
  if (row?.id === 'device') device = row.device;
  else await house.put({ id: 'device', device: deviceNow() });
}
