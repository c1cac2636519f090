import { Choice } from '../../parts/fields/Choice.tsx';
import { useCooks } from './useCooks.ts';

const EVERYONE = '';

interface Props {
  /** The id of a cook; empty: everyone's. */
  readonly value: string;
  readonly onChoose: (whose: string) => void;
}

/** Whose list is shown, goes on paper and into a calendar; nothing where nobody has a name. */
export function Whose({ value, onChoose }: Props) {
  const cooks = useCooks();
  if (cooks.length < 2) return null;
  return (
    <p className="choices">
      <Choice
        legend="What is to be done by"
        value={value}
        options={[
          { value: EVERYONE, words: 'everyone' },
          ...cooks.map(({ id, name }) => ({ value: id, words: name })),
        ]}
        onChoose={onChoose}
      />
    </p>
  );
}
