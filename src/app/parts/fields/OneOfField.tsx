import { SelectField } from './SelectField.tsx';

type Props<T extends string> = {
  readonly label: string;
  readonly hidden?: boolean;
  readonly among: readonly T[];
  readonly value: T | undefined;
  readonly say: (one: T) => string;
} & (
  | {
      /** What is chosen by the empty line above them. */
      readonly none: string;
      readonly onChoose: (chosen: T | undefined) => void;
    }
  | { readonly none?: never; readonly onChoose: (chosen: T) => void }
);

/** One of a few words, and no other: what is chosen is one of them for the compiler too. */
export function OneOfField<T extends string>(props: Props<T>) {
  const { label, hidden = false, among, value, say, none } = props;
  return (
    <SelectField
      label={label}
      hidden={hidden}
      value={value ?? ''}
      onChoose={(next) => {
        const chosen = among.find((one) => one === next);
        if (props.none !== undefined) props.onChoose(chosen);
        else if (chosen !== undefined) props.onChoose(chosen);
      }}
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
