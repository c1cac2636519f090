import type { Quote } from '@/core/meal/index.ts';
import { PercentField } from '../parts/fields/PercentField.tsx';
import { PriceField } from '../parts/fields/PriceField.tsx';
import css from './event.module.scss';

export interface QuoteProps {
  readonly quote: Quote | undefined;
  readonly currency: string | undefined;
  readonly edit: (words: string, recipe: (quote: Quote) => Quote, field?: string) => void;
}

/** What is asked for it, as the cook writes it. */
export function Asks({ quote: written, currency, edit }: QuoteProps) {
  return (
    <div className={css.fields}>
      <PriceField
        label="Asked a head"
        bare
        price={{ text: '', per: 'all', ...written?.head }}
        currency={currency}
        onChange={({ text, amount }) =>
          edit('what is asked a head', (quote) => withMoney(quote, 'head', text, amount), 'quote head')
        }
      />
      <PriceField
        label="A child"
        bare
        price={{ text: '', per: 'all', ...written?.child }}
        currency={currency}
        onChange={({ text, amount }) =>
          edit('what is asked for a child', (quote) => withMoney(quote, 'child', text, amount), 'quote child')
        }
      />
      <PercentField
        label="Tax on top"
        share={written?.tax}
        placeholder="9 %"
        most={0.5}
        why="no tax is more than half"
        onChange={(tax) => edit('the tax', (quote) => withShare(quote, 'tax', tax), 'quote tax')}
      />
      <PercentField
        label="Deposit"
        share={written?.deposit}
        placeholder="30 %"
        most={1}
        why="a deposit is at most all of it"
        onChange={(deposit) =>
          edit('the deposit', (quote) => withShare(quote, 'deposit', deposit), 'quote deposit')
        }
      />
    </div>
  );
}

const withMoney = (quote: Quote, of: 'head' | 'child', text: string, amount: number | undefined): Quote => {
  const { [of]: _, ...rest } = quote;
  return text.trim() === '' ? rest : { ...rest, [of]: { text, ...(amount !== undefined && { amount }) } };
};

const withShare = (quote: Quote, of: 'tax' | 'deposit', share: number | undefined): Quote => {
  const { [of]: _, ...rest } = quote;
  return share === undefined ? rest : { ...rest, [of]: share };
};
