import { Link } from 'react-router';
import { nextAct, type NextAct } from '@/core/reckoning/pictures/next.ts';
import { strandsOf } from '@/core/reckoning/pictures/strands.ts';
import { writeMinutes } from '@/core/quantity/index.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { addBatch } from '../data/edits.ts';
import { useNow } from '../data/useNow.ts';
import { SmallPot } from '../figures/SmallPot.tsx';
import { useStage } from './useStage.ts';

/** Each batch of the meal as a small pot with its name and its next act. */
export function Stove() {
  const { loaded, batch: open, reckoning } = useOpenMeal();
  const stage = useStage();
  const now = useNow();
  const names = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];
  return (
    <ul className="stove" aria-label="The stove">
      {loaded.batches.map((batch) => {
        const figures = reckoning.batches.find(({ id }) => id === batch.id);
        const strands = strandsOf(reckoning.ledger, batch.id);
        const isOpen = batch.id === open.id;
        return (
          <li key={batch.id}>
            <Link
              className={isOpen ? 'burner is-open' : 'burner'}
              to={`/meals/${loaded.meal.id}/batches/${batch.id}/${stage}`}
              aria-current={isOpen ? 'true' : undefined}
            >
              <SmallPot level={potLevel(figures?.pot)} slow={batch.cook[0]?.heat === 'slow cooker'} />
              <span>
                <b>{batch.name}</b>
                <small>{figures ? wordsOf(nextAct(batch, figures, strands), now) : ''}</small>
              </span>
            </Link>
          </li>
        );
      })}
      <li>
        <button
          type="button"
          className="link quiet burner"
          onClick={() => {
            addBatch(
              loaded.meal.id,
              `Pot ${names[loaded.batches.length] ?? String(loaded.batches.length + 1)}`,
            );
          }}
        >
          + pot
        </button>
      </li>
    </ul>
  );
}

const potLevel = (pot: { standsCm: number; vessel: { heightCm: number } } | null | undefined) =>
  pot ? Math.min(1, pot.standsCm / pot.vessel.heightCm) : 0;

const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });

function wordsOf(next: NextAct, now: number): string {
  if (next.what === 'look') {
    if (next.at === undefined) return `look after ${writeMinutes(next.afterMin).value}`;
    return next.at <= now ? 'look now' : `look at ${clock.format(next.at)}`;
  }
  return next.what === 'buy' ? 'write what you bought' : next.what;
}
