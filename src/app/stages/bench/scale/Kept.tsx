import clsx from 'clsx';
import css from './scale.module.scss';

interface Props {
  readonly value: string;
  readonly unit: string;
  readonly words: string;
}

/** A weighing that stands, where the scale's figure stood. */
export const Kept = ({ value, unit, words }: Props) => (
  <div className={clsx(css.box, css.isSteady, css.isKept)}>
    <span className={css.digits}>
      {value}
      <span className={css.unit}>{unit}</span>
    </span>
    <span className={css.says}>{words}</span>
  </div>
);
