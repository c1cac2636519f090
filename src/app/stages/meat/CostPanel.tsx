import { costs } from '@/core/reckoning/index.ts';
import { Link } from 'react-router';
import { writeMass } from '@/core/quantity/index.ts';
import { priced, writeMoney } from '@/core/shop/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import css from './meat.module.scss';
import { agrees } from '@/words/index.ts';

/** What the meat costs: as bought, as shred, on each plate; and which cut is really the cheaper. */
export default function CostPanel() {
  const { batch, loaded, units } = useOpenMeal();
  const { batchReckoning, reckoning } = useFigures();
  const own = priced(loaded.batches).find(({ id }) => id === batch.id) ?? batch;
  const found = costs(own, batchReckoning, reckoning.meal, loaded.kitchen);
  return (
    <section className="panel" aria-labelledby="cost-title">
      <h2 id="cost-title">What it costs</h2>
      {!found && <p>Write a price in a lot (“more” beside it) to see the cost of each plate.</p>}
      {found && (
        <>
          <table className={css.figuresTable}>
            <thead>
              <tr>
                <th scope="col">lot</th>
                <th scope="col">paid</th>
                <th scope="col">a kg bought</th>
                <th scope="col">a kg of shred</th>
              </tr>
            </thead>
            <tbody>
              {found.lots.map(({ lot, name, cost, perKgBought, perKgShred }) => (
                <tr key={lot}>
                  <th scope="row">{name}</th>
                  <td className="num">{writeMoney(cost)}</td>
                  <td className="num">{writeMoney(perKgBought)}</td>
                  <td className="num">{writeMoney(perKgShred)}</td>
                </tr>
              ))}
              <tr>
                <th scope="row">{batch.name}</th>
                <td className="num">{writeMoney(found.batch)}</td>
                <td />
                <td className="num">{writeMoney(found.perKgShred)}</td>
              </tr>
            </tbody>
          </table>
          {found.unpriced > 0 && (
            <p className="quiet">
              {found.unpriced === 1 ? 'One lot has' : `${found.unpriced} lots have`} no price and{' '}
              {agrees(found.unpriced, 'is', 'are')} not in these figures.
            </p>
          )}
          <p>
            The meat on one plate, if it is all from this pot:{' '}
            {found.servings.map(({ dish, name, cost }, i) => {
              const serving = reckoning.meal.servings.find((one) => one.dish === dish);
              const meat = serving && writeMass(serving.meatG.mid, units);
              return (
                <span key={dish}>
                  {i > 0 && ', '}
                  {name} <b className="num">{writeMoney(cost)}</b>
                  {meat && <span className="quiet"> ({`${meat.value} ${meat.unit}`})</span>}
                </span>
              );
            })}
            .
          </p>
          {found.credit ? (
            <p>
              Fat and liquid that are kept are worth <b className="num">{writeMoney(found.credit)}</b>, taken
              off here.
            </p>
          ) : (
            <p className="quiet">
              Kept fat and liquid count for nothing. <Link to="/kitchen">Price them in kitchen</Link>
            </p>
          )}
          {found.evens.map(({ lot, name, than, at }) => (
            <p key={lot}>
              Cheaper shred: {than}. {name} would be, under <b className="num">{writeMoney(at)}</b> per kg.
            </p>
          ))}
        </>
      )}
    </section>
  );
}
