import type { Batch, Heat, Lid, Size, Trim } from './schema.ts';

/** Another way to cook a batch: what is given takes the place of what is planned. */
export interface WhatIf {
  /** The lot whose cut is another, and that cut. */
  readonly cut?: { readonly lot: string; readonly cut: string };
  readonly heat?: Heat;
  readonly lid?: Lid;
  readonly trim?: Trim;
  readonly size?: Size;
}

/** A temperature or setting stays only on the heat that it was written for. */
export function withWhatIf(batch: Batch, { cut, heat, lid, trim, size }: WhatIf): Batch {
  const main = Math.max(
    0,
    batch.cook.findIndex((phase) => phase.minutes === undefined),
  );
  return {
    ...batch,
    ...(trim && { trim }),
    ...(size && { size }),
    lots: batch.lots.map((lot) => {
      const { trim: own, pieces, ...rest } = lot;
      // What a lot has of its own would stand in the way of what is tried for the whole batch.
      const plain = {
        ...rest,
        ...(own && !trim && { trim: own }),
        ...(pieces && !size && { pieces }),
      };
      return cut?.lot === lot.id ? { ...plain, cut: cut.cut } : plain;
    }),
    cook: batch.cook.map((phase, i) => {
      if (i !== main) return phase;
      const { setting, vessel, ...rest } = phase;
      const stays = heat === undefined || heat === phase.heat;
      return {
        ...rest,
        ...(stays && setting !== undefined && { setting }),
        ...(stays && vessel !== undefined && { vessel }),
        ...(!stays && heat === 'oven' && { setting: OVEN }),
        ...(!stays && heat === 'slow cooker' && { setting: 'low' as const }),
        heat: heat ?? phase.heat,
        lid: lid ?? phase.lid,
      };
    }),
  };
}

/** The usual oven (common practice, no source). */
const OVEN = { text: '160 °C', lo: 160, hi: 160 };
