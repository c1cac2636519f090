import { entryAt } from '../../../columns/index.ts';
import { cookOf } from '../../../clock/index.ts';
import type { DayBatch } from '../../../day/index.ts';
import type { Phase } from '../../../meal/index.ts';
import type { NominalBatch } from '../../../model/index.ts';
import { midpoint } from '../../../quantity/index.ts';

type Heating = DayBatch['heats'][number];

/** The phases of a cook from its hot pot on, min; what the day gives the long one beyond its plan moves all that comes after it. */
export function phasesOf(
  { batch, lengths }: Pick<NominalBatch['plan'], 'batch' | 'lengths'>,
  potFrom: number,
  braiseMin: number,
): readonly { readonly phase: Phase; readonly from: number; readonly to: number }[] {
  const { open } = cookOf(batch.cook);
  const longer = braiseMin - (lengths.reduce((sum, length) => sum + length, 0) - potFrom);
  let at = 0;
  return batch.cook.map((phase, i) => {
    const from = at - potFrom + (i > open ? longer : 0);
    at += entryAt(lengths, i);
    return { phase, from, to: at - potFrom + (i >= open ? longer : 0) };
  });
}

/** One heat after the other from the hot pot on: phases that differ by their lids alone are one. */
export function heatsOf(
  plan: Pick<NominalBatch['plan'], 'batch' | 'lengths'>,
  potFrom: number,
  braiseMin: number,
): DayBatch['heats'] {
  const heats: Heating[] = [];
  for (const { phase, from, to } of phasesOf(plan, potFrom, braiseMin)) {
    if (from < 0 || to <= from) continue;
    const { heat } = phase;
    const setting = settingOf(phase);
    const last = heats.at(-1);
    if (last && last.heat === heat && last.setting === setting) heats[heats.length - 1] = { ...last, to };
    else heats.push({ heat, setting, from, to });
  }
  return heats;
}

/** What an oven, a smoker or a slow cooker is set to: they are shared by it. */
function settingOf({ setting }: Phase): Heating['setting'] {
  if (typeof setting === 'object') return midpoint(setting);
  return setting === 'low' || setting === 'high' ? setting : undefined;
}
