import { bounds, quoted } from './bounds.ts';

type Reading = { readonly ok: true; readonly cm: number } | { readonly ok: false; readonly error: string };

const LENGTH = /^(\d+(?:[.,]\d+)?)\s*(cm|mm|m|in|inch|inches|")?$/i;
/** cm in one unit; 1 in = 2.54 cm (published, NIST SP 811). */
const cmIn: Readonly<Record<string, number>> = {
  cm: 1,
  mm: 0.1,
  m: 100,
  in: 2.54,
  inch: 2.54,
  inches: 2.54,
  '"': 2.54,
};
/** A length as people write it, "28", "28 cm", "11 in": a bare number is centimetres. */
export function readLength(text: string): Reading {
  const found = LENGTH.exec(text.trim());
  if (!found) return { ok: false, error: `${quoted(text)} is not a length; write it like 28 cm, or 11 in.` };
  const cm = Number((found[1] ?? '').replace(',', '.')) * (cmIn[(found[2] ?? 'cm').toLowerCase()] ?? 1);
  const { least, most } = bounds.length;
  if (!(cm >= least))
    return { ok: false, error: `${quoted(text)} is too small; a vessel is wider than that.` };
  if (cm > most) return { ok: false, error: `${quoted(text)} is wider than any vessel; check the unit.` };
  return { ok: true, cm };
}
