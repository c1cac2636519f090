import { avoidable, type Avoidable } from '@/core/meal/index.ts';
import { avoidableWords } from '@/words/index.ts';
import { Checkbox } from './Checkbox.tsx';
import css from './fields.module.scss';

interface Props {
  /** undefined: nobody has said; empty: the label was read, and names none. */
  readonly holds: readonly string[] | undefined;
  readonly onChange: (holds: Avoidable[] | undefined) => void;
}

/** What something contains that a guest may not have: not known until it is said, and "none of these" is said too. */
export function HoldsField({ holds, onChange }: Props) {
  return (
    <details>
      <summary>
        {holds === undefined ? (
          <b className={css.isNotKnown}>what it contains is not known</b>
        ) : holds.length > 0 ? (
          `contains ${holds.map(avoidableWords).join(', ')}`
        ) : (
          'contains none of these'
        )}
      </summary>
      <div className="ticks">
        <Checkbox checked={holds?.length === 0} onTick={(on) => onChange(on ? [] : undefined)}>
          none of these, by its label
        </Checkbox>
        {avoidable.map((what) => (
          <Checkbox
            key={what}
            checked={holds?.includes(what) === true}
            onTick={(on) => {
              const next = avoidable.filter((other) =>
                other === what ? on : holds?.includes(other) === true,
              );
              onChange(next.length > 0 ? next : undefined);
            }}
          >
            {avoidableWords(what)}
          </Checkbox>
        ))}
      </div>
    </details>
  );
}
