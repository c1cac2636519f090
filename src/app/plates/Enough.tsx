import { Link } from 'react-router';
import { typedMass, writeChance, writeMass, writeVolume } from '@/core/quantity/index.ts';
import { FULL_DRAWS } from '@/core/reckon.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { editLot } from '../data/edits.ts';
import { PlatesRow } from '../figures/PlatesRow.tsx';
import { countOf } from '@/core/order/index.ts';

/** Whether it will be enough: as a chance, in plates, and what would help when it is short. */
export function Enough() {
  const { loaded, reckoning } = useOpenMeal();
  const { meal } = reckoning;
  const { plates, enough } = meal;
  if (!plates || enough === null) return null;
  const { total, surely, likely } = plates;
  const kinds = loaded.meal.dishes.map((dish) => ({ kind: dish.kind, count: countOf(dish) }));
  return (
    <section className="enough" aria-labelledby="enough-title">
      <div className="line">
        <h2 id="enough-title">
          {surely === total
            ? `Surely all ${total} plates`
            : `Surely ${surely} plates, likely ${likely === total ? `all ${total}` : likely}`}
        </h2>
        <p className="chance">
          <span className="quiet">enough</span> <b className="num">{writeChance(enough)}</b>
        </p>
      </div>
      <PlatesRow dishes={kinds} surely={surely} likely={likely} />
      <Short />
      {reckoning.draws > 0 && reckoning.draws < FULL_DRAWS && (
        <p className="quiet">
          So many lots: the ranges are from {reckoning.draws} draws instead of {FULL_DRAWS}.
        </p>
      )}
    </section>
  );
}

/** One line when it is short: how much more would do. */
function Short() {
  const { loaded, reckoning, units } = useOpenMeal();
  const { more, moreMl, shortFirst, leftG } = reckoning.meal;
  const set = ({ value, unit }: { value: string; unit: string }) => `${value} ${unit}`;
  const lot =
    more && loaded.batches.find(({ id }) => id === more.batch)?.lots.find(({ id }) => id === more.lot);
  const known = more && reckoning.batches.flatMap(({ lots }) => lots).find(({ lot: id }) => id === more.lot);
  if (!more && moreMl === null) {
    const left = leftG.p50 ?? leftG.mid;
    return left > 20 ? (
      <p className="quiet">Likely {set(writeMass(left, units))} of shred is left over.</p>
    ) : null;
  }
  return (
    <p className="short">
      {more && lot && known && (
        <>
          <b>{typedMass(more.grams, units).text} more</b> of {known.name.toLowerCase()} makes the meat 95 in
          100.{' '}
          {lot.weight.lo !== undefined &&
            lot.weight.lo === lot.weight.hi &&
            lot.weight.count === undefined && (
              <button
                type="button"
                className="link"
                onClick={() => {
                  const weight = typedMass((lot.weight.lo ?? 0) + more.grams, units);
                  editLot(more.batch, lot.id, `adding ${typedMass(more.grams, units).text}`, { weight });
                }}
              >
                Add it
              </button>
            )}{' '}
        </>
      )}
      {moreMl !== null && (
        <>
          <b>{set(writeVolume(moreMl, units))} more liquid</b> is wanted for 95 in 100
          {shortFirst === 'liquid' ? '; it runs short before the meat' : ''}.{' '}
          <Link to="../pot" relative="path">
            Pour more
          </Link>
        </>
      )}
    </p>
  );
}
