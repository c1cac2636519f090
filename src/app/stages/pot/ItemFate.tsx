import { fates } from '@/core/meal/index.ts';
import { fateOf } from '@/core/pot/index.ts';
import { OneOfField } from '../../parts/fields/OneOfField.tsx';
import type { ItemProps } from './itemProps.ts';
import { When } from './When.tsx';

const fateWords = {
  stays: 'stays in',
  'comes out': 'comes out again',
  'in the bag': 'in the spice bag',
  puréed: 'is blended in',
  'melts in': 'vanishes in it',
} as const;

/** What becomes of something solid in the pot, and when it comes out or is blended. */
export function ItemFate({ item, ingredient, edit }: Omit<ItemProps, 'name'>) {
  if (ingredient?.role !== 'solid') return null;
  const fate = item.fate === 'in the bag' ? item.fate : fateOf(item, ingredient);
  const goes = fate === 'puréed' || fate === 'comes out';
  return (
    <>
      <OneOfField
        label="And then"
        among={fates}
        value={fate}
        say={(one) => fateWords[one]}
        onChoose={(chosen) => {
          edit('what becomes of', (i) => ({ ...i, fate: chosen }));
        }}
      />
      {goes && (
        <When
          label={fate === 'puréed' ? 'Blended' : 'Comes out'}
          {...(fate === 'puréed' && { end: 'once the meat is out' })}
          moment={item.out}
          atEnd
          draft={`item ${item.id} out`}
          onChange={(out) => {
            edit('when to take out', ({ out: _, ...i }) => (out ? { ...i, out } : i), 'out');
          }}
        />
      )}
    </>
  );
}
