import { ALTITUDE as BOUND, quoted } from './bounds.ts';

type Reading =
  | { readonly ok: true; readonly metres: number }
  | { readonly ok: false; readonly error: string };

const ALTITUDE = /^(-?\d+(?:[.,]\d+)?)\s*(m|metres?|meters?|ft|feet)?$/i;
/** 1 ft = .3048 m (published, NIST SP 811). */
const M_PER_FT = 0.3048;

/** How high a place lies, "1600 m" or "5280 ft"; a bare number is metres. */
export function readAltitude(text: string): Reading {
  const found = ALTITUDE.exec(text.trim().replace('−', '-'));
  if (!found)
    return { ok: false, error: `${quoted(text)} is not a height; write it like 400 m, or 1300 ft.` };
  const feet = /^f/i.test(found[2] ?? '');
  const metres = Number((found[1] ?? '').replace(',', '.')) * (feet ? M_PER_FT : 1);
  if (metres < BOUND.least || metres > BOUND.most)
    return {
      ok: false,
      error: `${quoted(text)} is out of range; write ${BOUND.least} to ${BOUND.most} m.`,
    };
  return { ok: true, metres };
}
