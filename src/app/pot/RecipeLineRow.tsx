import type { Choice, SettledLine } from '@/core/pot/index.ts';
import { SelectField } from '../parts/fields/SelectField.tsx';
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
  readonly onChoose: (choice: Choice) => void;
}

/** One line as it was written, and what it is taken for. */
export function RecipeLineRow({ line: { match, choice }, names, cuts, onChoose }: Props) {
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
  const how = line.amount ? `${line.amount.text} ` : '';
  return (
    <li className={choice === undefined ? css.isOpen : undefined}>
      <span>{line.text}</span>
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
        <option value="own">{`“${line.words.join(' ')}”, without figures`}</option>
        <option value="out">leave it out</option>
      </SelectField>
    </li>
  );
}
