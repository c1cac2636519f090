import { OneOfField } from '../../../parts/fields/OneOfField.tsx';

interface Props {
  readonly label: string;
  readonly liquids: readonly string[];
  readonly value: string | undefined;
  /** "of" or "with". */
  readonly by: string;
  readonly onChoose: (liquid: string | undefined) => void;
}

/** Which of a batch's liquids; nothing where there is one only. */
export function LiquidChoice({ label, liquids, value, by, onChoose }: Props) {
  if (liquids.length === 0) return null;
  return (
    <OneOfField
      label={label}
      hidden
      among={[...new Set(liquids)]}
      value={value}
      none={`${by} the pot’s liquid`}
      say={(liquid) => `${by} the ${liquid}`}
      onChoose={onChoose}
    />
  );
}
