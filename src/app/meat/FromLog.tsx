import { Link } from 'react-router';
import { knownFrom } from '@/core/log/index.ts';
import { cutShort, fromBatches } from '@/words/index.ts';
import { useOpenMeal } from '../data/MealContext.ts';

/** From how many past batches of this kitchen the ranges come; without any it says nothing. */
export function FromLog() {
  const { loaded, batchReckoning } = useOpenMeal();
  const { lots } = batchReckoning;
  const known = knownFrom(
    loaded.learned,
    lots.map(({ cut }) => cut),
  );
  if (known.length === 0) return null;
  return (
    <p className="quiet">
      {known
        .map(({ cut, n }) => `${cutShort(lots.find((one) => one.cut === cut)?.name ?? '')} ${fromBatches(n)}`)
        .join(', ')}
      . <Link to="/log">What they gave</Link>
    </p>
  );
}
