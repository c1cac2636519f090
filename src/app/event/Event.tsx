import { lazy, Suspense } from 'react';
import { Link, Navigate, useParams } from 'react-router';
import { eventOf } from '@/core/event/index.ts';
import { isEvent } from '@/core/meal/index.ts';
import type { LoadedMeal } from '@/store/meals.ts';
import { useNow } from '../browser/useNow.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { useDay } from '../open/useDay.ts';
import { useMeal } from '../open/useMeal.ts';
import { OpenFrame } from '../shell/OpenFrame.tsx';
import { Top } from '../shell/top/Top.tsx';
import { EventStrands } from './EventStrands.tsx';
import { EventTable } from './EventTable.tsx';
import { Headline } from './Headline.tsx';
import { Sittings } from './Sittings.tsx';

const After = lazy(() => import('./After.tsx'));
const Allergens = lazy(() => import('./Allergens.tsx'));
const Deal = lazy(() => import('./Deal.tsx'));
const ShopDays = lazy(() => import('./ShopDays.tsx'));
const Quote = lazy(() => import('./Quote.tsx'));

/** An event: several sittings that draw on the same pots, as one picture and one ledger. */
export default function Event() {
  const { mealId = '' } = useParams();
  const loaded = useMeal(mealId);
  if (loaded === undefined) return <Top />;
  const [first] = loaded?.batches ?? [];
  if (loaded === null || !first) return <Navigate to="/meals" replace />;
  return (
    <OpenFrame loaded={loaded} batchId={first.id} of="event" wide>
      <Sheet loaded={loaded} />
    </OpenFrame>
  );
}

function Sheet({ loaded }: { readonly loaded: LoadedMeal }) {
  const { opened } = useOpenMeal();
  const event = eventOf(opened);
  const { day } = useDay(loaded, useNow());
  // From the first plate on somebody will ask what is left.
  const isOut = loaded.entries.some(
    ({ measures }) => measures.what === 'served' || measures.what === 'plated',
  );
  return (
    <>
      <Headline event={event} day={day} />
      {isEvent(loaded.meal) && <EventStrands event={event} day={day} />}
      {isEvent(loaded.meal) && <EventTable event={event} />}
      <Sittings event={event} />
      <p>
        <Link to={`/meals/${loaded.meal.id}/handout`}>Hand out the jobs</Link>
      </p>
      <Suspense fallback={<p className="quiet">One moment.</p>}>
        {isOut && <After />}
        <Deal />
        {day && <ShopDays day={day} />}
        <Allergens />
        <Quote day={day} />
      </Suspense>
    </>
  );
}
