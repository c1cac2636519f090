import { ChevronLeft, ChevronRight } from 'lucide-react';
import { Link } from 'react-router';
import { standingEntries } from '@/core/meal/index.ts';
import type { BenchCard } from '@/core/answers/index.ts';
import { midpoint, writeMass } from '@/core/quantity/index.ts';
import { benchTitle } from '@/words/index.ts';
import { useOpenMeal } from '../../../open/MealContext.ts';
import { useWall } from '../../../open/useWall.ts';
import css from '../../../parts/strip.module.scss';

interface Props {
  readonly before: BenchCard | undefined;
  readonly card: BenchCard;
  readonly after: BenchCard | undefined;
  /** How much of this pot's is still to do besides. */
  readonly left: number;
  readonly onBack: () => void;
  readonly onOn: () => void;
}

/** What was before and what comes then: each half of the strip goes there. */
export function Strip({ before, card, after, left, onBack, onOn }: Props) {
  const { loaded, units } = useOpenMeal();
  const wall = useWall();
  const standing = standingEntries(loaded.entries);
  const titled = (one: BenchCard) => benchTitle(one, undefined, 0);
  const kept = (one: BenchCard) => {
    const entry = standing.find(
      ({ batch, measures }) => batch === one.batch && measures.what === 'sum' && measures.flow === one.flow,
    );
    const grams = midpoint(entry?.value ?? undefined);
    if (!entry || grams === undefined) return one.done ? 'not weighed' : '';
    const { value, unit } = writeMass(grams, units);
    return `${value} ${unit}, kept ${wall.clock(entry.at)}`;
  };
  const of = (one: BenchCard) => (one.batch === card.batch ? '' : `${one.pot}: `);
  return (
    <nav className={css.strip} aria-label="Before and after">
      <button
        type="button"
        disabled={!before}
        onClick={onBack}
        title={before ? `${of(before)}${titled(before)}` : undefined}
      >
        <ChevronLeft size={34} aria-hidden />
        <span>
          <small>{before ? `${of(before)}${titled(before)}` : ''}</small>
          <b>{before ? kept(before) : ''}</b>
        </span>
      </button>
      {after || !card.done ? (
        <button type="button" onClick={onOn} title={after ? `${of(after)}${titled(after)}` : undefined}>
          <span>
            <small>{card.done || card.what === 'look' ? 'Then' : after ? 'Done. Then' : 'It is'}</small>
            <b>{after ? `${of(after)}${titled(after)}` : 'done'}</b>
          </span>
          <ChevronRight size={34} aria-hidden />
        </button>
      ) : (
        <Link to={`/meals/${loaded.meal.id}/batches/${card.batch}/plates`}>
          <span>
            <small>{left > 0 ? `${String(left)} left to do here` : 'Then'}</small>
            <b>On to the plates</b>
          </span>
          <ChevronRight size={34} aria-hidden />
        </Link>
      )}
    </nav>
  );
}
