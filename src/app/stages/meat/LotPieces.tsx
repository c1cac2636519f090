import { useState } from 'react';
import { PIECES_MOST } from '@/core/meal/index.ts';
import { quoted } from '@/core/quantity/index.ts';
import { LengthField } from '../../parts/fields/LengthField.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import type { LotProps } from './lotProps.ts';

/** How many pieces a lot is in, and how long the longest. */
export function LotPieces({ lot, edit }: LotProps) {
  const [tooMany, setTooMany] = useState<string>();
  return (
    <>
      <QuantityField
        label="Pieces"
        quantity={
          lot.pieces?.count === undefined
            ? undefined
            : { text: String(lot.pieces.count), lo: lot.pieces.count, hi: lot.pieces.count }
        }
        measure="count"
        placeholder="not counted"
        chars={9}
        problem={tooMany}
        onChange={({ lo, text }) => {
          const many = lo !== undefined && lo > PIECES_MOST;
          setTooMany(
            many ? `${quoted(text)} is more than anybody counts; write at most ${PIECES_MOST}.` : undefined,
          );
          if (many) return;
          const whole = lo !== undefined && Number.isInteger(lo) ? lo : undefined;
          edit(
            'the number of pieces',
            ({ pieces: { count: _, ...pieces } = {}, ...l }) => ({
              ...l,
              pieces: whole === undefined ? pieces : { ...pieces, count: whole },
            }),
            `${lot.id} pieces`,
          );
        }}
      />
      <LengthField
        label="Longest bone or piece, cm"
        cm={lot.pieces?.longestCm}
        placeholder="usual"
        onChange={(longestCm) => {
          edit(
            'the longest piece',
            (l) => ({ ...l, pieces: { ...l.pieces, longestCm } }),
            `${lot.id} longest`,
          );
        }}
        onEmptied={() => {
          edit(
            'the longest piece',
            ({ pieces: { longestCm: _, ...pieces } = {}, ...l }) => ({ ...l, pieces }),
            `${lot.id} longest`,
          );
        }}
      />
    </>
  );
}
