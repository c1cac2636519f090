import type { Picking, Size, Trim } from '@/core/meal/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { pickings, sizes, trims } from '../../parts/choices.ts';
import { SelectField } from '../../parts/fields/SelectField.tsx';
import type { LotProps } from './lotProps.ts';

/** How a lot is trimmed, picked and cut, where it differs from the rest of the batch. */
export function LotOwn({ lot, edit }: LotProps) {
  const { batch } = useOpenMeal();
  return (
    <>
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
    </>
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
