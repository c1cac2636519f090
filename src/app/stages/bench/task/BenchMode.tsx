import { useCallback, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { Navigate, useParams, useSearchParams } from 'react-router';
import { benchCards, type BenchCard } from '@/core/answers/index.ts';
import type { LoadedMeal } from '@/store/meals.ts';
import { useDay } from '../../../open/useDay.ts';
import { weigh } from '../../../open/edits/index.ts';
import { takeStandIn, scaleNow } from '../../../browser/scale.ts';
import { isDemo } from '../../../browser/db.ts';
import { useAnswerOf } from '../../../open/useAnswer.ts';
import { useAwake } from '../../../browser/useAwake.ts';
import { useMeal } from '../../../open/useMeal.ts';
import { useNow } from '../../../browser/useNow.ts';
import { OpenFrame } from '../../../shell/OpenFrame.tsx';
import { Top } from '../../../shell/top/Top.tsx';
import { StandInPanel } from '../../../parts/StandInPanel.tsx';
import { Card } from './Card.tsx';
import { Strip } from './Strip.tsx';
import css from './task.module.scss';

/** The bench: one thing at a time, the next due in the whole kitchen, whichever pot it is of. */
export default function BenchMode() {
  const { mealId = '' } = useParams();
  const loaded = useMeal(mealId);
  if (loaded === undefined) return <Top />;
  if (loaded === null || loaded.batches.length === 0) return <Navigate to="/meals" replace />;
  return <OpenBench loaded={loaded} />;
}

function OpenBench({ loaded }: { readonly loaded: LoadedMeal }) {
  useAwake();
  const now = useNow();
  const { day, isOld, levelling } = useDay(loaded, now);
  const [search, setSearch] = useSearchParams();
  const open = search.get('task') ?? undefined;
  const { data: reckoned, isPending: isReckoned } = useAnswerOf(loaded, 'reckon', undefined);
  const isPending = day === undefined || levelling || isReckoned;
  const again = useMemo(
    () =>
      new Map(
        (reckoned?.batches ?? []).flatMap(({ id, second }) =>
          second ? [[id, second.tender.mid] as const] : [],
        ),
      ),
    [reckoned],
  );
  const cards = benchCards(loaded, day, open, again, now);
  const asked = cards.findIndex(({ task }) => task === open);
  const due = cards.findIndex(({ done }) => !done);
  const at = asked >= 0 ? asked : due >= 0 ? due : cards.length - 1;
  // What is due first is the day's to say: until it has, nothing is put before the cook.
  const card = isPending && asked < 0 ? undefined : cards[at];
  const [moved, setMoved] = useState(false);
  // Once it is open it stays, weighed or not, until somebody goes on; a reload finds it again.
  const task = card?.task;
  useEffect(() => {
    if (asked < 0 && task !== undefined) setSearch({ task }, { replace: true });
  }, [asked, task, setSearch]);

  // The demo has a scale on the counter; elsewhere nobody is asked for one.
  useEffect(() => {
    if (isDemo && scaleNow.now().kind === 'none') takeStandIn().catch(reportError);
  }, []);

  const show = useCallback(
    (next: BenchCard | undefined) => {
      setMoved(true);
      setSearch(next ? { task: next.task } : {}, { replace: true });
    },
    [setSearch],
  );
  const back = useCallback(() => show(cards[Math.max(0, at - 1)]), [at, cards, show]);
  const on = useCallback(() => {
    const next = cards[at + 1];
    if (!card) return;
    if (!card.done && card.what !== 'look') tick(loaded.meal.id, card);
    show(next ?? card);
  }, [at, card, cards, loaded.meal.id, show]);

  // A second key may come before what the first has drawn is listened to: each goes by what stands then.
  const keys = useRef({ back, on });
  useLayoutEffect(() => {
    keys.current = { back, on };
  }, [back, on]);
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const { key, target } = event;
      const isWriting = target instanceof HTMLElement && target.matches('input, select, textarea');
      if (isWriting || event.ctrlKey || event.metaKey || event.altKey) return;
      if (key === 'ArrowLeft') keys.current.back();
      else if (key === 'ArrowRight') keys.current.on();
      else return;
      event.preventDefault();
    };
    document.addEventListener('keydown', press);
    return () => document.removeEventListener('keydown', press);
  }, []);

  const [first] = loaded.batches;
  if (!card) {
    return first ? (
      <OpenFrame loaded={loaded} batchId={first.id} of="bench">
        <h1>{isPending ? 'Looking up what is due' : 'Nothing is left to do at the bench'}</h1>
      </OpenFrame>
    ) : null;
  }
  return (
    <OpenFrame loaded={loaded} batchId={card.batch} of="task">
      <div className={css.bench}>
        <Card
          key={card.task}
          card={card}
          day={day}
          isOld={isOld}
          other={nextElsewhere(cards, at)}
          now={now}
          moved={moved}
        />
        <StandInPanel />
        <Strip
          before={cards[at - 1]}
          card={card}
          after={cards[at + 1]}
          left={cards.filter(({ batch, done }) => batch === card.batch && !done).length}
          onBack={back}
          onOn={on}
        />
      </div>
    </OpenFrame>
  );
}

/** The next thing that is due of another pot. */
function nextElsewhere(cards: readonly BenchCard[], at: number): BenchCard | undefined {
  const card = cards[at];
  return cards
    .filter((other) => !other.done && other.batch !== card?.batch && other.at !== undefined)
    .sort((a, b) => (a.at ?? 0) - (b.at ?? 0))[0];
}

function tick(mealId: string, { batch, task }: BenchCard): void {
  weigh(mealId, 'a task that is done', {
    batch,
    measures: { what: 'done', task },
    value: { text: 'done' },
    measure: 'time',
  });
}
