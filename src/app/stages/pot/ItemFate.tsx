import { fates } from '@/core/meal/index.ts';
import { fateKind } from '@/core/work/index.ts';
import { fateOf } from '@/core/pot/index.ts';
import { fateWords } from '@/words/index.ts';
import { OneOfField } from '../../parts/fields/OneOfField.tsx';
import type { ItemProps } from './itemProps.ts';
import { When } from './When.tsx';

/** What becomes of something solid in the pot, and when it comes out or is blended. */
export function ItemFate({ item, ingredient, edit }: Omit<ItemProps, 'name'>) {
  if (ingredient?.role !== 'solid') return null;
  const fate = item.fate !== undefined && fateKind(item.fate).bagged ? item.fate : fateOf(item, ingredient);
  const { hands } = fateKind(fate);
  return (
    <>
      <OneOfField
        label="And then"
        among={fates}
        value={fate}
        say={(one) => fateWords[one].then}
        onChoose={(chosen) => {
          edit('what becomes of', (i) => ({ ...i, fate: chosen }));
        }}
      />
      {hands && (
        <When
          label={hands === 'blends' ? 'Blended' : 'Comes out'}
          {...(hands === 'blends' && { end: 'once the meat is out' })}
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
