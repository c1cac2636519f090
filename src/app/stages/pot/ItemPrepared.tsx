import { preps } from '@/core/meal/index.ts';
import { prepKind } from '@/core/work/index.ts';
import { offShare } from '@/core/pot/index.ts';
import { Choice } from '../../parts/fields/Choice.tsx';
import { OneOfField } from '../../parts/fields/OneOfField.tsx';
import type { ItemProps } from './itemProps.ts';

const weighed = [
  { value: 'in', words: 'as it goes in' },
  { value: 'bought', words: 'as bought' },
] as const;
const yesNo = [
  { value: 'out', words: 'poured off' },
  { value: 'in', words: 'goes in too' },
] as const;

/** What comes off it on the board, and which of the two was weighed. */
export function ItemPrepared({ item, ingredient, edit }: Omit<ItemProps, 'name'>) {
  const off = Math.round(100 * offShare(ingredient ?? {}, item.prep));
  return (
    <>
      {ingredient?.role === 'solid' && (
        <OneOfField
          label="Before it goes in"
          among={preps}
          value={item.prep}
          none="as it is"
          say={(prep) => prep}
          onChoose={(prep) => {
            edit('how to prepare', ({ prep: _, juiceIn: __, ...i }) => (prep ? { ...i, prep } : i));
          }}
        />
      )}
      {item.prep !== undefined && (
        <Choice
          legend={`Weighed (${String(off)} % comes off)`}
          value={item.asBought ? 'bought' : 'in'}
          options={weighed}
          onChoose={(of) => {
            edit('what was weighed of', ({ amount, asBought, ...i }) => {
              const typed = asBought ?? amount;
              if (!typed) return i;
              return of === 'bought' ? { ...i, asBought: typed } : { ...i, amount: typed };
            });
          }}
        />
      )}
      {item.prep !== undefined && prepKind(item.prep).juice && (
        <Choice
          legend="Its juice"
          value={item.juiceIn ? 'in' : 'out'}
          options={yesNo}
          onChoose={(juice) => {
            edit('the juice of', (i) => ({ ...i, juiceIn: juice === 'in' }));
          }}
        />
      )}
    </>
  );
}
