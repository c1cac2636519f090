import { SelectField } from './SelectField.tsx';

interface Props<T extends string> {
  readonly label: string;
  readonly hidden?: boolean;
  readonly among: readonly T[];
  readonly value: T | undefined;
  readonly say: (one: T) => string;
  /** What is chosen by the empty line above them; absent: there is none. */
  readonly none?: string;
  readonly onChoose: (chosen: T | undefined) => void;
}

/** One of a few words, and no other: what is chosen is one of them for the compiler too. */
export function OneOfField<T extends string>({
  label,
  hidden = false,
  among,
  value,
  say,
  none,
  onChoose,
}: Props<T>) {
  return (
    <SelectField
      label={label}
      hidden={hidden}
      value={value ?? ''}
      onChoose={(next) => onChoose(among.find((one) => one === next))}
    >
      {none !== undefined && <option value="">{none}</option>}
      {among.map((one) => (
        <option key={one} value={one}>
          {say(one)}
        </option>
      ))}
    </SelectField>
  );
}
