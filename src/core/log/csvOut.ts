import type { Entry } from '../meal/index.ts';
import { midpoint } from '../quantity/index.ts';
import type { Digest } from './digest.ts';
import { rawOf, yieldOf } from './list.ts';

type Row = Readonly<Record<string, string | number>>;
const grams = (value: number) => Math.round(value);

/** The batches of the log as a table: a row each, g, ml and minutes. */
export const batchRows = (digests: readonly Digest[]): readonly Row[] =>
  digests.map((digest) => ({
    date: new Date(digest.at).toISOString().slice(0, 10),
    name: digest.name,
    pot: digest.pot,
    cut: digest.cuts.map(({ name }) => name).join('; '),
    method: digest.heat ?? '',
    vessel: digest.vessel,
    dishes: digest.dishes.join('; '),
    plates: digest.plates.ordered,
    'raw g': grams(rawOf(digest)),
    'foretold shred g': grams(digest.cuts.reduce((sum, one) => sum + one.plannedG, 0)),
    'shred g': digest.weighed ? grams(digest.cuts.reduce((sum, one) => sum + one.shredG, 0)) : '',
    'shred of raw': yieldOf(digest)?.toFixed(3) ?? '',
    'bone g': grams(digest.strands.bone.grams),
    'picked g': grams(digest.strands.pickings.grams),
    'steam g': grams(digest.strands.steam.grams),
    'skimmed g': grams(digest.strands.skim.grams),
    'broth ml': grams(digest.liquidMl.now),
    'tender min': digest.minutes ? Math.round(digest.minutes.took) : '',
    'guess g': digest.guessG ?? '',
    'short or over': digest.closed?.verdict ?? '',
    by: digest.closed?.by ?? '',
    rating: digest.closed?.rating ?? '',
    'left out': digest.leftOut ? 'yes' : '',
    notes: digest.notes,
  }));

/** Entries as a table: what was measured of which batch, as it was typed and in g, ml, cm or pieces. */
export const entryRows = (entries: readonly Entry[]): readonly Row[] =>
  entries.map(({ id, at, batch, measures, value, measure, source, replaces }) => ({
    at: new Date(at).toISOString(),
    batch,
    what: measures.what,
    of: 'flow' in measures ? measures.flow : '',
    lot: 'lot' in measures ? (measures.lot ?? '') : '',
    typed: value?.text ?? 'taken back',
    value: midpoint(value ?? undefined) ?? '',
    measure,
    source,
    id,
    replaces: replaces ?? '',
  }));
