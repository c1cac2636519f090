import { useId } from 'react';

interface Props {
  readonly label: string;
  readonly placeholder: string;
  readonly value: string;
  readonly size?: number;
  readonly onChange: (sought: string) => void;
}

/** Words by which a list is looked through. */
export function SeekField({ label, placeholder, value, size, onChange }: Props) {
  const id = useId();
  return (
    <>
      <label className="visually-hidden" htmlFor={id}>
        {label}
      </label>
      <input
        id={id}
        className="write"
        size={size}
        placeholder={placeholder}
        value={value}
        autoComplete="off"
        onChange={({ target }) => {
          onChange(target.value);
        }}
      />
    </>
  );
}
