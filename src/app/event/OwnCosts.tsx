import { Plus, X } from 'lucide-react';
import { type CostPer, costPers } from '@/core/meal/index.ts';
import { PriceField } from '../parts/fields/PriceField.tsx';
import { SelectField } from '../parts/fields/SelectField.tsx';
import { TextField } from '../parts/fields/TextField.tsx';
import type { QuoteProps } from './Asks.tsx';
import css from './event.module.scss';

const pers: Readonly<Record<CostPer, string>> = {
  all: 'in all',
  head: 'a head',
  plate: 'a plate',
  hour: 'an hour of hands',
};

/** What it costs beside the meat: each a line as the cook writes it. */
export function OwnCosts({ quote, currency, edit }: QuoteProps) {
  const lines = quote?.costs ?? [];
  const change = (
    id: string,
    words: string,
    recipe: (line: (typeof lines)[number]) => (typeof lines)[number],
    field?: string,
  ) =>
    edit(
      words,
      (q) => ({ ...q, costs: (q.costs ?? []).map((line) => (line.id === id ? recipe(line) : line)) }),
      field && `cost ${id} ${field}`,
    );
  return (
    <>
      {lines.length > 0 && (
        <ul className={css.sittings} aria-label="Besides the meat">
          {lines.map(({ id, name, price, per }) => (
            <li key={id} className={css.fields}>
              <TextField
                label="Besides"
                value={name}
                onChange={(text) =>
                  change(id, 'the name of a cost', (line) => ({ ...line, name: text }), 'name')
                }
              />
              <PriceField
                label={`${name} costs`}
                bare
                price={{ ...price, per: 'all' }}
                currency={currency}
                onChange={({ text, amount }) =>
                  change(
                    id,
                    'a cost',
                    (line) => ({ ...line, price: { text, ...(amount !== undefined && { amount }) } }),
                    'price',
                  )
                }
              />
              <SelectField
                label={`${name}: for what`}
                hidden
                value={per}
                onChoose={(value) => {
                  const next = costPers.find((one) => one === value);
                  if (next) change(id, 'what a cost is for', (line) => ({ ...line, per: next }));
                }}
              >
                {costPers.map((one) => (
                  <option key={one} value={one}>
                    {pers[one]}
                  </option>
                ))}
              </SelectField>
              <button
                type="button"
                className="link"
                aria-label={`Take ${name} away`}
                onClick={() =>
                  edit('taking a cost away', (q) => ({
                    ...q,
                    costs: (q.costs ?? []).filter((line) => line.id !== id),
                  }))
                }
              >
                <X size={18} aria-hidden />
              </button>
            </li>
          ))}
        </ul>
      )}
      <p className="choices">
        <span className="quiet">Besides the meat:</span>
        {usual.map(({ name, per }) => (
          <button
            key={name}
            type="button"
            className="btn act"
            onClick={() => {
              const id = crypto.randomUUID();
              edit('a cost besides', (q) => ({
                ...q,
                costs: [...(q.costs ?? []), { id, name, price: { text: '' }, per }],
              }));
            }}
          >
            <Plus size={16} aria-hidden /> {name}
          </button>
        ))}
      </p>
    </>
  );
}

/** What caterers pay for besides (common practice, no source). */
const usual: readonly { readonly name: string; readonly per: CostPer }[] = [
  { name: 'wage', per: 'hour' },
  { name: 'bread and carriers', per: 'plate' },
  { name: 'other food', per: 'all' },
  { name: 'packing', per: 'plate' },
  { name: 'fuel', per: 'all' },
  { name: 'road', per: 'all' },
];
