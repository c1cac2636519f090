import { useId } from 'react';

interface Props<T extends string> {
  readonly legend: string;
  readonly hidden?: boolean;
  readonly value: T;
  readonly options: readonly { readonly value: T; readonly words: string }[];
  readonly onChoose: (value: T) => void;
}

/** One of a few, as radio buttons in one strip: arrows move, no mouse is needed. */
export function Choice<T extends string>({ legend, hidden = false, value, options, onChoose }: Props<T>) {
  const name = useId();
  return (
    <div className="choice" role="radiogroup" aria-labelledby={`${name}-legend`}>
      <span id={`${name}-legend`} className={hidden ? 'visually-hidden' : 'legend'}>
        {legend}
      </span>
      <div className="strip">
        {options.map((option) => (
          <label key={option.value}>
            <input
              type="radio"
              name={name}
              value={option.value}
              checked={option.value === value}
              onChange={() => {
                onChoose(option.value);
              }}
            />
            {option.words}
          </label>
        ))}
      </div>
    </div>
  );
}
