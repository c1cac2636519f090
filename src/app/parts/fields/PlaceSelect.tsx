import { type Kitchen, placeOf } from '@/core/meal/index.ts';
import { SelectField } from './SelectField.tsx';

interface Props {
  readonly label: string;
  readonly kitchen: Pick<Kitchen, 'places'>;
  readonly at: string | undefined;
  /** Undefined: in the kitchen itself. */
  readonly onChoose: (at: string | undefined) => void;
}

/** In which kitchen something stands; nothing is asked where there is one. */
export function PlaceSelect({ label, kitchen, at, onChoose }: Props) {
  const { places = [] } = kitchen;
  if (places.length === 0) return null;
  return (
    <SelectField
      label={label}
      hidden
      value={placeOf(at, kitchen)}
      onChoose={(value) => onChoose(value === '' ? undefined : value)}
    >
      <option value="">here</option>
      {places.map(({ id, name }) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </SelectField>
  );
}
