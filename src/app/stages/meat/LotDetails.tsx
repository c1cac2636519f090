import type { LotReckoning } from '@/core/reckoning/index.ts';
import { useState } from 'react';
import { type Lot, type Picking, PIECES_MOST, type Price, type Size, type Trim } from '@/core/meal/index.ts';
import { findCut } from '@/core/meat/index.ts';
import { quoted, writeMass } from '@/core/quantity/index.ts';

import { reference } from '@/reference/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { changeLot } from '../../open/edits.ts';
import { massUnits } from '../../open/useSettings.ts';
import { withOrWithout } from '../../open/withOrWithout.ts';
import { Choice } from '../../parts/fields/Choice.tsx';
import { LengthField } from '../../parts/fields/LengthField.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { SelectField } from '../../parts/fields/SelectField.tsx';
import { Weigh } from '../../parts/Weigh.tsx';
import { pickings, sizes, trims } from '../../parts/choices.ts';
import { PriceField } from '../../parts/fields/PriceField.tsx';

const kinds = [
  { value: 'meat', words: 'meat' },
  { value: 'bones', words: 'bones, for flavour only' },
] as const;
const bones = [
  { value: 'in', words: 'bone in' },
  { value: 'out', words: 'boneless' },
] as const;
const fats = [
  { value: 'leaner', words: 'leaner' },
  { value: 'usual', words: 'usual' },
  { value: 'fattier', words: 'fattier' },
] as const;

interface Props {
  readonly lot: Lot;
  readonly figures: LotReckoning | undefined;
}

/** How one lot was bought and how it is cut, where it differs from the rest of the batch; its price. */
export default function LotDetails({ lot, figures }: Props) {
  const [tooMany, setTooMany] = useState<string>();
  const { batch, loaded, units } = useOpenMeal();
  const cut = findCut(lot.cut, loaded.kitchen, reference);
  const edit = (words: string, recipe: (lot: Lot) => Lot, field?: string) => {
    changeLot(batch.id, lot.id, words, recipe, field);
  };
  const price: Price = lot.price ?? { text: '', per: units.system === 'metric' ? 'kg' : 'lb' };
  return (
    <div className="lot-more">
      <Choice
        legend="Bought as"
        value={lot.kind}
        options={kinds}
        onChoose={(kind) => {
          edit('what the lot is', (l) => ({ ...l, kind }));
        }}
      />
      {lot.kind === 'meat' && cut?.boneIn !== undefined && (
        <Choice
          legend="Bone"
          hidden
          value={lot.bone ?? (cut.boneShare > 0 ? 'in' : 'out')}
          options={bones}
          onChoose={(bone) => {
            edit('bone in or out', (l) => ({ ...l, bone }));
          }}
        />
      )}
      <Choice
        legend="Fat in it"
        value={lot.fattiness ?? 'usual'}
        options={fats}
        onChoose={(fattiness) => {
          edit('how fat it is', (l) => ({ ...l, fattiness }));
        }}
      />
      <Own
        label="Fat"
        value={lot.trim}
        usual={batch.trim}
        options={trims}
        onChoose={(trim) => {
          edit('how a lot is trimmed', ({ trim: _, ...l }) => (trim ? { ...l, trim } : l));
        }}
      />
      <Own
        label="Pick out"
        value={lot.picking}
        usual={batch.picking}
        options={pickings}
        onChoose={(picking) => {
          edit('what is picked out of a lot', ({ picking: _, ...l }) => (picking ? { ...l, picking } : l));
        }}
      />
      <Own
        label="Cut into"
        value={lot.pieces?.size}
        usual={batch.size}
        options={sizes}
        onChoose={(size) => {
          edit('the size of the pieces', ({ pieces: { size: _, ...pieces } = {}, ...l }) => ({
            ...l,
            pieces: size ? { ...pieces, size } : pieces,
          }));
        }}
      />
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
      <PriceField
        price={price}
        currency={loaded.kitchen.currency}
        onChange={(next) => {
          edit(
            'a price',
            ({ price: _, ...l }) => (next.text === '' ? l : { ...l, price: next }),
            `${lot.id} price`,
          );
        }}
      />
      <QuantityField
        label="The shop has"
        quantity={lot.shopHas}
        measure="mass"
        units={massUnits(units)}
        placeholder="enough"
        onChange={(shopHas) => {
          edit('what the shop has', (l) => withOrWithout(l, 'shopHas', shopHas), `${lot.id} shop`);
        }}
      />
      {figures && (
        <Weigh
          lot={lot.id}
          flow="board"
          label="Weigh it again, trimmed"
          words="the trimmed weight of a lot"
          planned={writeMass(figures.boardG, units)}
        />
      )}
      {figures && (
        <p className="lot-source quiet">
          {figures.estimates.length > 0 && (
            <>
              <b>Estimates:</b> {figures.estimates.join('; ')}.{' '}
            </>
          )}
          {figures.source === 'estimate' ? '' : `From ${figures.source}.`}
        </p>
      )}
    </div>
  );
}

interface OwnProps<T extends Trim | Picking | Size> {
  readonly label: string;
  readonly value: T | undefined;
  readonly usual: T;
  readonly options: readonly { readonly value: T; readonly words: string }[];
  readonly onChoose: (value: T | undefined) => void;
}

/** A choice of one lot, or as the batch has it. */
function Own<T extends Trim | Picking | Size>({ label, value, usual, options, onChoose }: OwnProps<T>) {
  const wordsOf = (of: T) => options.find((option) => option.value === of)?.words ?? of;
  return (
    <SelectField
      label={`${label}, this lot`}
      value={value ?? ''}
      onChoose={(chosen) => {
        onChoose(options.find((option) => option.value === chosen)?.value);
      }}
    >
      <option value="">as the others ({wordsOf(usual)})</option>
      {options.map((option) => (
        <option key={option.value} value={option.value}>
          {option.words}
        </option>
      ))}
    </SelectField>
  );
}
