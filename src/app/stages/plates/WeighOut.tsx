import { useEffect, useEffectEvent, useState, type CSSProperties } from 'react';
import { ChevronLeft, ChevronRight } from 'lucide-react';
import { Navigate, useNavigate, useParams } from 'react-router';
import type { Dish } from '@/core/meal/index.ts';
import { countOf, dishName } from '@/core/order/index.ts';
import { type PlateNow, runOf, slotOf, weighedOut, withLocked } from '@/core/plates/index.ts';
import { type Shares } from '@/core/answers/index.ts';
import { midpoint } from '@/core/quantity/index.ts';
import { capital, nounOf } from '@/words/index.ts';
import type { LoadedMeal } from '@/store/meals.ts';
import { isDemo } from '../../browser/db.ts';
import { editDish, weigh } from '../../open/edits/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { scaleNow, takeStandIn } from '../../browser/scale.ts';
import { massUnits } from '../../open/useSettings.ts';
import { useShares } from '../../open/useShares.ts';
import { useAwake } from '../../browser/useAwake.ts';
import { useMeal } from '../../open/useMeal.ts';
import { useSaid } from '../../open/useSaid.ts';
import { StandInPanel } from '../../parts/StandInPanel.tsx';
import strip from '../../parts/strip.module.scss';
import { DishSection } from '../../figures/DishSection.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { OpenFrame } from '../../shell/OpenFrame.tsx';
import { Top } from '../../shell/top/Top.tsx';
import { useWeighing } from './useWeighing.ts';
import css from './plates.module.scss';

/** Weighing out one dish: how much more, not how much; a plate is kept when its bowl is lifted. */
export default function WeighOut() {
  const { mealId = '', dishId = '' } = useParams();
  const loaded = useMeal(mealId);
  if (loaded === undefined) return <Top />;
  const dish = loaded?.meal.dishes.find(({ id }) => id === dishId);
  const [batch] = loaded?.batches ?? [];
  if (!loaded || !batch || !dish) return <Navigate to="/meals" replace />;
  return (
    <OpenFrame loaded={loaded} batchId={batch.id} of="weigh-out">
      <SharedOut loaded={loaded} dish={dish} batchId={batch.id} />
    </OpenFrame>
  );
}

interface Props {
  readonly loaded: LoadedMeal;
  readonly dish: Dish;
  readonly batchId: string;
}

function SharedOut(props: Props) {
  useAwake();
  useEffect(() => {
    if (isDemo && scaleNow.now().kind === 'none') takeStandIn().catch(reportError);
  }, []);
  const { data } = useShares();
  const share = data?.dishes.find(({ dish }) => dish === props.dish.id);
  return share ? <Run {...props} share={share} /> : <h1>Sharing it out</h1>;
}

/** How high a right portion stands in its drawing. */
const SLOT = 0.8;
const MOST_DRAWN = 200;
/** Nearer than this to its portion a run is on the mark. */
const ON_THE_MARK = 0.005;

const saysWords: Readonly<Record<PlateNow['says'], string>> = {
  'no bowl': 'put a bowl on',
  more: 'more',
  right: 'right: lift it off',
  'too much': 'too much: take some off',
};

function Run({ loaded, dish, batchId, share }: Props & { readonly share: Shares['dishes'][number] }) {
  const { opened, units } = useOpenMeal();
  const said = useSaid();
  const navigate = useNavigate();
  const [typing, setTyping] = useState(false);
  const mealId = loaded.meal.id;
  const name = dishName(dish);
  const { plated, tapped } = weighedOut(loaded.entries, dish.id);
  // What went out at a tap is not weighed out again.
  const count = Math.max(plated.length, countOf(dish) - tapped);
  const target = midpoint(dish.locked?.meat) ?? share.meatG;
  const { low, high } = slotOf(target);
  const run = runOf(
    plated.map(({ grams }) => grams),
    count,
    target,
    share,
  );
  const finished = run.left === 0;
  const entry = {
    batch: batchId,
    measures: {
      what: 'plated',
      dish: dish.id,
      ...(share.from.length > 0 && { on: [...share.from] }),
      ...(share.scoop && { by: { scoop: share.scoop.id, times: share.scoop.times } }),
    },
    measure: 'mass',
  } as const;
  const keep = (grams: number, source: 'typed' | 'scale') =>
    weigh(
      mealId,
      `one ${nounOf(name).one}`,
      { ...entry, value: { text: said.mass(grams), lo: grams, hi: grams } },
      source,
    );
  const again = () => {
    const last = plated.at(-1);
    if (last)
      weigh(mealId, `taking back one ${nounOf(name).one}`, { ...entry, value: null, replaces: last.id });
  };
  const evenOut = () =>
    editDish(mealId, dish.id, 'the portion from here', (d) => withLocked(d, run.evenG), `${dish.id} held`);
  const { heard, plate, keepNow } = useWeighing(target, (grams) => keep(grams, 'scale'));
  const press = useEffectEvent((event: KeyboardEvent) => {
    if (
      event.target instanceof HTMLElement &&
      event.target.matches('input, select, textarea, button, summary')
    )
      return;
    if (event.key === 'Enter') keepNow();
    else if (event.key === 'u' || event.key === 'ArrowLeft') again();
    else if (event.key === 'e') evenOut();
    else return;
    event.preventDefault();
  });
  useEffect(() => {
    const listen = (event: KeyboardEvent) => press(event);
    document.addEventListener('keydown', listen);
    return () => document.removeEventListener('keydown', listen);
  }, []);
  const { tickets } = opened.plan;
  const next = tickets[tickets.findIndex(({ id }) => id === dish.id) + 1];
  const last = plated.at(-1);
  return (
    <div className={css.weighOut}>
      <header className="line">
        <h1>
          {finished
            ? `All ${String(count)} ${name} are out`
            : `${capital(name)}: ${String(run.done + 1)} of ${String(count)}`}
        </h1>
        {next && <p className="quiet">then {next.name}</p>}
      </header>
      {!finished && (
        <div className={css.target}>
          <p className={css.more} role="status">
            <b className="num">{heard ? Math.abs(Math.round(plate.offG)) : '–'}</b> g
            <span>{heard ? saysWords[plate.says] : 'no signal from the scale: type it'}</span>
          </p>
          <div className={css.drawn}>
            <DishSection
              kind={dish.kind}
              meat={(plate.inBowlG / target) * SLOT}
              smallest={(low / target) * SLOT}
              largest={(high / target) * SLOT}
              words={`${said.mass(plate.inBowlG)} of ${said.mass(target)}`}
            />
            <p>
              <b className="num">{said.mass(target)}</b>
              <small>
                {low} to {high}
              </small>
            </p>
          </div>
          <p className={css.leftFor}>
            <b className="num">{said.mass(run.leftG)}</b>
            <small>left for {run.left}</small>
          </p>
        </div>
      )}
      <ol className={css.plated} aria-label="Plates">
        {Array.from({ length: Math.min(MOST_DRAWN, count) }, (_, i) => {
          const done = plated[i];
          return (
            <li
              key={i}
              className={done ? css.isOut : i === plated.length ? css.isNext : undefined}
              style={{ '--full': String(Math.min(1.2, (done?.grams ?? 0) / target)) } as CSSProperties}
              aria-label={done ? `${String(i + 1)}: ${said.mass(done.grams)}` : `${String(i + 1)}: not yet`}
            />
          );
        })}
      </ol>
      {count > MOST_DRAWN && <p className="quiet">and {count - MOST_DRAWN} more</p>}
      {run.done > 1 && !finished && (
        <p className={css.drift}>
          <b>
            {Math.abs(run.drift) < ON_THE_MARK
              ? 'On the mark'
              : `${String(Math.abs(Math.round(100 * run.drift)))} % ${run.drift > 0 ? 'heavy' : 'light'}`}
          </b>{' '}
          {run.shortRest > 0 && run.drift > ON_THE_MARK && (
            <>
              <span className="quiet">
                so the last {run.shortRest === 1 ? 'one gets' : `${String(run.shortRest)} get`}{' '}
                {said.mass(run.restG)}
              </span>{' '}
              <button type="button" className="btn act is-first" onClick={evenOut}>
                {said.mass(run.evenG)} from here
              </button>
            </>
          )}
        </p>
      )}
      {typing && !finished ? (
        <div>
          <QuantityField
            key={run.done}
            label={`Plate ${String(run.done + 1)}, by weight`}
            quantity={undefined}
            measure="mass"
            units={massUnits(units).toReversed()}
            near={{ lo: target, hi: target }}
            placeholder={said.mass(target)}
            chars={9}
            autoFocus
            weighs
            draft={['plate', mealId, dish.id, String(run.done)].join(' ')}
            onDone={({ lo }) => {
              if (lo !== undefined) keep(lo, 'typed');
            }}
          />
        </div>
      ) : (
        !finished && (
          <p>
            <button type="button" className="link" onClick={() => setTyping(true)}>
              type the weights
            </button>
          </p>
        )
      )}
      <StandInPanel />
      <nav className={strip.strip} aria-label="Before and after">
        <button
          type="button"
          disabled={!last}
          aria-label={last ? undefined : 'No plate to weigh again yet'}
          onClick={again}
        >
          <ChevronLeft size={34} aria-hidden />
          <span>
            <small>{last ? `${String(plated.length)}, again` : ''}</small>
            <b>{last ? said.mass(last.grams) : ''}</b>
          </span>
        </button>
        <button
          type="button"
          onClick={() => {
            if (finished) void navigate(`/meals/${mealId}/batches/${batchId}/plates`);
            else keepNow();
          }}
        >
          <span>
            <small>{finished ? 'Done' : 'Lift it off, or tap on a tray'}</small>
            <b>{finished ? 'Back to the plates' : 'It is kept and the next begins'}</b>
          </span>
          <ChevronRight size={34} aria-hidden />
        </button>
      </nav>
    </div>
  );
}
