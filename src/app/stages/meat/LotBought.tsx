import { findCut } from '@/core/meat/index.ts';
import { reference } from '@/reference/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { Choice } from '../../parts/fields/Choice.tsx';
import type { LotProps } from './lotProps.ts';

const kinds = [
  { value: 'meat', words: 'meat' },
  { value: 'bones', words: 'bones, for flavour only' },
] as const;
const bones = [
  { value: 'in', words: 'bone in' },
  { value: 'out', words: 'boneless' },
] as const;
const fats = [
  { value: 'leaner', words: 'leaner' },
  { value: 'usual', words: 'usual' },
  { value: 'fattier', words: 'fattier' },
] as const;

/** What a lot was bought as. */
export function LotBought({ lot, edit }: LotProps) {
  const { loaded } = useOpenMeal();
  const cut = findCut(lot.cut, loaded.kitchen, reference);
  return (
    <>
      <Choice
        legend="Bought as"
        value={lot.kind}
        options={kinds}
        onChoose={(kind) => {
          edit('what the lot is', (l) => ({ ...l, kind }));
        }}
      />
      {lot.kind === 'meat' && cut?.boneIn !== undefined && (
        <Choice
          legend="Bone"
          hidden
          value={lot.bone ?? (cut.boneShare > 0 ? 'in' : 'out')}
          options={bones}
          onChoose={(bone) => {
            edit('bone in or out', (l) => ({ ...l, bone }));
          }}
        />
      )}
      <Choice
        legend="Fat in it"
        value={lot.fattiness ?? 'usual'}
        options={fats}
        onChoose={(fattiness) => {
          edit('how fat it is', (l) => ({ ...l, fattiness }));
        }}
      />
    </>
  );
}
