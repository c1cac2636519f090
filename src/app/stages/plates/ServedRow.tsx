import { servedOf } from '@/core/plates/index.ts';
import { useState } from 'react';
import { Link } from 'react-router';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import type { Dish } from '@/core/meal/index.ts';
import { type Shares } from '@/core/answers/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { weigh } from '../../open/edits/index.ts';
import css from './plates.module.scss';

/** How many fit on a tray (common practice, no source). */
const TRAY = 8;
/** Of more than these some go out at once that are neither a tray nor all. */
const MANY = 60;

interface Props {
  readonly dish: Dish;
  readonly share: Shares['dishes'][number];
}

/** What has gone out of a dish, a plate or a tray at a tap, and what came back. */
export function ServedRow({ dish, share }: Props) {
  const { loaded } = useOpenMeal();
  const out = servedOf(loaded.entries, dish.id);
  const [batch] = loaded.batches;
  const say = (what: 'served' | 'came back', n: number) => {
    if (!batch || n <= 0) return;
    weigh(loaded.meal.id, what === 'served' ? `${share.name} served` : `${share.name} that came back`, {
      batch: batch.id,
      measures:
        what === 'served'
          ? { what, dish: dish.id, ...(share.from.length > 0 && { on: [...share.from] }) }
          : { what, dish: dish.id },
      value: { text: String(n), lo: n, hi: n },
      measure: 'count',
    });
  };
  // No more than can be served.
  const tray = Math.min(TRAY, share.servings);
  return (
    <div className={css.served}>
      {out > 0 && (
        <p>
          <b className="num">{out}</b> out
        </p>
      )}
      {share.of > 0 && (
        <>
          <button type="button" className="btn btn-sm act" onClick={() => say('served', 1)}>
            One out
          </button>
          {tray > 1 && (
            <button type="button" className="btn btn-sm act" onClick={() => say('served', tray)}>
              {tray} out
            </button>
          )}
          {share.servings > tray && (
            <button
              type="button"
              className="btn btn-sm act"
              onClick={() => say('served', share.servings)}
              aria-label={`All ${String(share.servings)} out`}
            >
              all {share.servings} out
            </button>
          )}
          {share.servings > MANY && <SoMany most={share.servings} onOut={(n) => say('served', n)} />}
          <Link className="link" to={`/meals/${loaded.meal.id}/weigh-out/${dish.id}`}>
            weigh out
          </Link>
        </>
      )}
      {out > 0 && (
        <button type="button" className="link quiet" onClick={() => say('came back', 1)}>
          one came back
        </button>
      )}
    </div>
  );
}

interface SoManyProps {
  /** As many as can still be filled. */
  readonly most: number;
  readonly onOut: (n: number) => void;
}

/** So many at once as the cook counts them: a table, a crate, a bus. */
function SoMany({ most, onOut }: SoManyProps) {
  // Each count is a field of its own: once it is booked the field stands empty.
  const [at, next] = useState(0);
  const [fault, say] = useState<string>();
  return (
    <QuantityField
      key={at}
      label="so many out"
      quantity={undefined}
      measure="count"
      placeholder={String(Math.min(most, 2 * TRAY))}
      chars={5}
      problem={fault}
      onDone={({ lo }) => {
        const n = Math.round(lo ?? 0);
        if (n > most) {
          say(`${String(n)} cannot be filled: ${String(most)} can.`);
          return;
        }
        say(undefined);
        next(at + 1);
        onOut(n);
      }}
    />
  );
}
