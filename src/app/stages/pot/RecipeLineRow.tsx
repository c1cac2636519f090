import type { Choice, SettledLine } from '@/core/pot/index.ts';
import type { Quantity } from '@/core/quantity/index.ts';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { SelectField } from '../../parts/fields/SelectField.tsx';
import css from './pot.module.scss';

/** A line of a recipe with what it was settled as. */
export interface Settled extends SettledLine {
  readonly id: string;
}

interface Named {
  readonly id: string;
  readonly name: string;
}

interface Props {
  readonly line: Settled;
  readonly names: readonly Named[];
  readonly cuts: readonly Named[];
  /** Its amount has no weight yet. */
  readonly asks: boolean;
  readonly onChoose: (choice: Choice) => void;
  readonly onWeight: (weight: Quantity) => void;
}

/** So many likely answers are buttons; the rest is in the list. */
const LIKELY = 3;

/** One line as it was written, and what it is taken for. */
export function RecipeLineRow({
  line: { match, choice, weight },
  names,
  cuts,
  asks,
  onChoose,
  onWeight,
}: Props) {
  const { line, kind, found } = match;
  const offers = found.flatMap((id) => {
    const known = (kind === 'meat' ? cuts : names).find((one) => one.id === id);
    return known ? [{ id, words: known.name }] : [];
  });
  const as = kind === 'meat' ? 'cut' : 'ingredient';
  const value = choice === undefined ? '' : 'id' in choice ? choice.id : choice.as;
  const choose = (chosen: string) => {
    onChoose(chosen === 'own' || chosen === 'salt' || chosen === 'out' ? { as: chosen } : { as, id: chosen });
  };
  const own = `“${line.name || line.text}”`;
  const how = line.howMuch === undefined ? '' : `${line.howMuch} `;
  return (
    <li className={choice === undefined || asks ? css.isOpen : undefined}>
      <span>{line.text}</span>
      {choice === undefined && (
        <span className={css.likely}>
          {offers.slice(0, LIKELY).map(({ id, words }) => (
            <button key={id} type="button" className="btn btn-sm act" onClick={() => choose(id)}>
              {words}
            </button>
          ))}
          <button type="button" className="btn btn-sm act" onClick={() => choose('own')}>
            keep {own}
          </button>
          <button type="button" className="link" onClick={() => choose('out')}>
            leave it out
          </button>
        </span>
      )}
      <SelectField label={`What “${line.text}” is`} hidden value={value} onChoose={choose}>
        <option value="" disabled>
          which of these?
        </option>
        {offers.map(({ id, words }) => (
          <option key={id} value={id}>
            {how}
            {words}
          </option>
        ))}
        {kind === 'salt' && line.amount && <option value="salt">{how}salt, on the meat</option>}
        <option value="own">{`${own}, without figures`}</option>
        <option value="out">leave it out</option>
      </SelectField>
      {(asks || weight) && (
        <QuantityField
          label={`How much “${line.text}” weighs`}
          hidden
          quantity={weight}
          measure="mass"
          units={['g', 'kg']}
          placeholder="weighs? g"
          onChange={onWeight}
        />
      )}
    </li>
  );
}
