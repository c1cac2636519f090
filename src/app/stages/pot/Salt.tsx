import type { BatchReckoning } from '@/core/reckoning/index.ts';
import { boilsDownTo, isStrained } from '@/core/meal/index.ts';
import clsx from 'clsx';
import { SALT_MOST, saltOfVolume, salts, saltSpoons } from '@/core/pot/index.ts';
import { midpoint, writeMass } from '@/core/quantity/index.ts';

import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { editBatch } from '../../open/edits/index.ts';
import { without } from '../../open/withOrWithout.ts';
import { massUnits } from '../../open/useSettings.ts';
import { PercentField } from '../../parts/fields/PercentField.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import css from './pot.module.scss';

const WHY = 'that is too salty to eat';

/** Three figures: salt on the meat now, at dressing, and what the liquid comes to. */
export function Salt({ salt }: { readonly salt: NonNullable<BatchReckoning['salt']> }) {
  const { batch, units, loaded } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const { liquid } = batchReckoning;
  const own = loaded.kitchen.salt ?? salts[0];
  const set = (grams: number) => {
    const { value, unit } = writeMass(grams, units);
    return `${value} ${unit}`;
  };
  const strength = (part: 'liquid' | 'meat') => (share: number | undefined) => {
    editBatch(
      batch.id,
      'how salty it is to be',
      ({ strength: before, ...b }) => {
        const rest = without(before ?? {}, part);
        return { ...b, strength: share === undefined ? rest : { ...rest, [part]: share } };
      },
      `${batch.id} strength ${part}`,
    );
  };
  const typed = batch.salt?.text;
  return (
    <section className={css.salt} aria-label="Salt">
      <div>
        <QuantityField
          label="Salt on the meat now"
          quantity={batch.salt}
          measure={['mass', 'volume']}
          units={massUnits(units)}
          placeholder={set(salt.nowG)}
          nought
          onChange={(next, measure) => {
            editBatch(
              batch.id,
              'the salt',
              ({ salt: _, saltIn: __, ...b }) =>
                next.text === ''
                  ? b
                  : { ...b, salt: next, ...(measure === 'volume' && { saltIn: 'volume' as const }) },
              `${batch.id} salt`,
            );
          }}
        />
        <p className="quiet">
          {saltSpoons(salt.nowG, own)}
          {typed !== undefined && salt.wantedG > 0 && Math.abs(salt.wantedG - salt.nowG) > 0.5
            ? `; ${set(salt.wantedG)} would do`
            : ''}
          {salt.itemsG >= 0.5 && `; what goes in brings ${set(salt.itemsG)}`}
        </p>
        <OfAnotherSalt />
      </div>
      <div>
        <span className="quiet">When dressing</span>
        <p className={clsx('num', css.big)}>{salt.atDressingG > 0.5 ? set(salt.atDressingG) : 'none'}</p>
        <span className={clsx('quiet', css.toStrength)}>
          meat to
          <PercentField
            label="Salt of the dressed meat"
            hidden
            share={batch.strength?.meat}
            placeholder={percent(salt.meatTarget)}
            most={SALT_MOST}
            why={WHY}
            onChange={strength('meat')}
          />
        </span>
      </div>
      <div>
        <span className="quiet">
          {boilsDownTo(batch) ? 'Boiled down, the' : 'The finished'} {isStrained(batch) ? 'broth' : 'sauce'}
        </span>
        <p className={clsx('num', css.big)}>{percent(salt.finished, 2)}</p>
        <span className={clsx('quiet', css.toStrength)}>
          {liquid.saltPct?.p10 !== undefined &&
            liquid.saltPct.p90 !== undefined &&
            `${liquid.saltPct.p10.toFixed(2)}–${liquid.saltPct.p90.toFixed(2)} %; `}
          needed
          <PercentField
            label="Salt of the finished liquid"
            hidden
            share={batch.strength?.liquid}
            placeholder={percent(salt.liquidTarget)}
            most={SALT_MOST}
            why={WHY}
            onChange={strength('liquid')}
          />
        </span>
      </div>
    </section>
  );
}

const percent = (share: number, digits = 1) => `${(100 * share).toFixed(digits)} %`;

/** Salt that was measured by the spoon weighs what its kind does: a recipe's coarse salt is no fine salt. */
function OfAnotherSalt() {
  const { batch, loaded, units } = useOpenMeal();
  const ml = batch.saltIn === 'volume' ? midpoint(batch.salt) : undefined;
  if (ml === undefined || ml === 0) return null;
  const own = loaded.kitchen.salt ?? salts[0];
  const text = batch.salt?.text ?? '';
  return (
    <p className="quiet">
      “{text}” of{' '}
      {salts
        .filter(({ gPerTsp }) => gPerTsp !== own.gPerTsp)
        .map((kind, i) => {
          const g = saltOfVolume(ml, kind);
          const { value, unit } = writeMass(g, units);
          return (
            <span key={kind.name}>
              {i > 0 && ', '}
              {kind.name} is{' '}
              <button
                type="button"
                className="link"
                onClick={() =>
                  editBatch(batch.id, `salt by weight, of ${kind.name}`, ({ saltIn: _, ...b }) => ({
                    ...b,
                    salt: { text: `${value} ${unit}`, lo: g, hi: g },
                  }))
                }
              >
                {value} {unit}
              </button>
            </span>
          );
        })}
    </p>
  );
}
