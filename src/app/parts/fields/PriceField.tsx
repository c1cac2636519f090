import { TEXT_MOST } from '@/core/quantity/index.ts';
import { useId, useState } from 'react';
import type { Price } from '@/core/meal/index.ts';
import { readPrice, USUAL_CURRENCY } from '@/core/shop/index.ts';
import { OneOfField } from './OneOfField.tsx';
import { useTyped } from './useTyped.ts';
import { FieldError } from '../FieldError.tsx';
import css from './priceField.module.scss';

interface Props {
  readonly label?: string;
  readonly price: Price;
  /** What it is per stands in its label. */
  readonly bare?: boolean;
  readonly currency: string | undefined;
  readonly onChange: (price: Price) => void;
}

const pers = { kg: 'per kg', lb: 'per lb', all: 'for all of it' } as const;

/** A price as it is written, and what it is for. Kept letter for letter. */
export function PriceField({
  label = 'Price',
  price,
  bare = false,
  currency = USUAL_CURRENCY,
  onChange,
}: Props) {
  const id = useId();
  const [text, type] = useTyped(price.text);
  const [focused, setFocused] = useState(false);
  const reading = text.trim() === '' ? undefined : readPrice(text, price.per);
  const fault = reading && !reading.ok && !focused ? reading.error : undefined;
  const change = (next: string) => {
    type(next);
    const now = readPrice(next, price.per);
    onChange(now.ok ? now.price : { text: next, per: price.per });
  };
  return (
    <span className={css.price}>
      <span className="field">
        <label htmlFor={id}>
          {label}, {currency}
        </label>
        <input
          id={id}
          className="write num"
          size={7}
          value={text}
          maxLength={TEXT_MOST}
          placeholder={bare ? 'nothing' : '12.90'}
          autoComplete="off"
          aria-invalid={fault !== undefined}
          aria-describedby={fault === undefined ? undefined : `${id}-wrong`}
          onFocus={() => {
            setFocused(true);
          }}
          onBlur={() => {
            setFocused(false);
          }}
          onChange={(event) => {
            change(event.target.value);
          }}
        />
      </span>
      {!bare && (
        <OneOfField
          label={`${label}: for how much`}
          hidden
          among={['kg', 'lb', 'all']}
          value={price.per}
          say={(per) => pers[per]}
          onChoose={(per) => {
            onChange({ ...price, text, per });
          }}
        />
      )}
      {fault !== undefined && <FieldError id={`${id}-wrong`}>{fault}</FieldError>}
    </span>
  );
}
