import { Link } from 'react-router';
import { knownFrom } from '@/core/log/index.ts';
import { cutShort, fromBatches } from '@/words/index.ts';
import { useFigures, useOpenMeal } from '../open/MealContext.ts';

/** From how many past batches of this kitchen the yields or the times come; without any it says nothing. */
export function FromLog({ what }: { readonly what: 'y' | 'tender' }) {
  const { loaded, batch } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const { lots } = batchReckoning;
  const cuts = lots.map(({ cut }) => cut);
  const known = knownFrom(loaded.learned, batch, cuts, what);
  if (known.length === 0) return null;
  const names = known.map(
    ({ cut, n }) => `${cutShort(lots.find((one) => one.cut === cut)?.name ?? '')} ${fromBatches(n)}`,
  );
  return (
    <p className="quiet">
      {what === 'tender' && 'Times: '}
      {names.join(', ')}. <Link to="/log">{what === 'y' ? 'What they gave' : 'How long they took'}</Link>
    </p>
  );
}
