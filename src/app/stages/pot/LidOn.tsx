import { notInYet } from '@/core/pot/index.ts';
import { ingredientsById } from '@/core/model/index.ts';
import { writeMinutes } from '@/core/quantity/index.ts';
import { reference } from '@/reference/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { editBatch } from '../../open/edits/index.ts';
import { FieldError } from '../../parts/FieldError.tsx';
import { useWall } from '../../open/useWall.ts';
import css from './pot.module.scss';
import { clockNow } from '../../browser/clock.ts';
import { askToNotify } from '../../browser/timers.ts';

/** The lid goes on: what is not in yet is named, and what goes in later is remembered. */
export function LidOn() {
  const { batch, loaded } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const ingredients = ingredientsById({ kitchen: loaded.kitchen, reference });
  const named = (ref: string) => ingredients.get(ref)?.name ?? ref;
  const wall = useWall();
  const missing = notInYet(batch);
  const later = (batchReckoning.pot?.items ?? []).filter(({ at }) => at > 0);
  const on = batch.lidOn;
  return (
    <section className={css.lidOn} aria-label="The lid">
      <button
        type="button"
        className={on === undefined ? 'btn act is-first' : 'btn act'}
        onClick={() => {
          askToNotify();
          const at = clockNow();
          editBatch(
            batch.id,
            on === undefined ? 'the lid going on' : 'the lid coming off',
            ({ lidOn: _, ...b }) => (on === undefined ? { ...b, lidOn: at } : b),
          );
        }}
      >
        {on === undefined ? 'Put the lid on: start the clock' : 'Lid on: take that back'}
      </button>
      {on === undefined && <span className="quiet">Check: heat on, boiling, timer set, all in.</span>}
      {on !== undefined && <span className="quiet">since {wall.clock(on)}</span>}
      {on !== undefined && missing.length > 0 && (
        <FieldError>
          Not in yet: {missing.map(({ ref }) => named(ref)).join(', ')}. Put it in, or tick it.
        </FieldError>
      )}
      {later.length > 0 && (
        <span className="quiet">
          Later: {later.map(({ name, at }) => `${name} after ${writeMinutes(at).value}`).join(', ')}.
        </span>
      )}
    </section>
  );
}
