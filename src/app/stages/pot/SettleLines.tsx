import { asksWeight } from '@/core/pot/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import { stillToSettle } from '@/words/index.ts';
import { RecipeLineRow, type Settled } from './RecipeLineRow.tsx';
import css from './pot.module.scss';

interface Props {
  readonly lines: readonly Settled[];
  readonly names: readonly Ingredient[];
  readonly cuts: readonly { readonly id: string; readonly name: string }[];
  readonly onChange: (lines: readonly Settled[]) => void;
  readonly onPutIn: () => void;
}

/** Lines as they were written, each settled by the cook where it was not understood. */
export function SettleLines({ lines, names, cuts, onChange, onPutIn }: Props) {
  const unsettled = lines.filter((line) => line.choice === undefined || asksWeight(line, names)).length;
  const change = (id: string, with_: Partial<Settled>) =>
    onChange(lines.map((other) => (other.id === id ? { ...other, ...with_ } : other)));
  return (
    <>
      <ul className={css.recipeLines}>
        {lines.map((line) => (
          <RecipeLineRow
            key={line.id}
            line={line}
            names={names}
            cuts={cuts}
            asks={asksWeight(line, names)}
            onWeight={(weight) => change(line.id, { weight })}
            onChoose={(choice) => change(line.id, { choice })}
          />
        ))}
      </ul>
      <p className="line">
        <button type="button" className="btn act" disabled={unsettled > 0} onClick={onPutIn}>
          Put it in
        </button>
        {unsettled > 0 && <span className="quiet">{stillToSettle(unsettled)}</span>}
      </p>
    </>
  );
}
