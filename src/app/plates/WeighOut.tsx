import { useEffect, useRef, useState } from 'react';
import { ChevronLeft, ChevronRight } from 'lucide-react';
import { Navigate, useNavigate, useParams } from 'react-router';
import { countOf, dishName } from '@/core/order/index.ts';
import { nothingOnScale, runOf, TOLERANCE, withReading } from '@/core/plates/index.ts';
import { type Shares, wentOut } from '@/core/questions/index.ts';
import { midpoint } from '@/core/quantity/index.ts';
import type { Dish } from '@/core/batch/index.ts';
import type { LoadedMeal } from '@/store/meals.ts';
import { isDemo } from '../data/db.ts';
import { weigh } from '../data/edits.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { gramsOn, scaleNow, takeStandIn } from '../data/scale.ts';
import { massUnits } from '../data/useSettings.ts';
import { useAnswer } from '../data/useAnswer.ts';
import { useAwake } from '../data/useAwake.ts';
import { useMeal } from '../data/useMeal.ts';
import { useWatched } from '../data/watched.ts';
import { StandInPanel } from '../bench/scale/StandInPanel.tsx';
import bench from '../bench/task/task.module.scss';
import { DishSection } from '../figures/DishSection.tsx';
import { QuantityField } from '../parts/fields/QuantityField.tsx';
import { OpenFrame } from '../shell/OpenFrame.tsx';
import { Top } from '../shell/Top.tsx';
import { lock } from './ShareOut.tsx';
import { useSaid } from './useSaid.ts';
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
      <Weighing loaded={loaded} dish={dish} batchId={batch.id} />
    </OpenFrame>
  );
}

interface Props {
  readonly loaded: LoadedMeal;
  readonly dish: Dish;
  readonly batchId: string;
}

function Weighing(props: Props) {
  useAwake();
  useEffect(() => {
    if (isDemo && scaleNow.now().kind === 'none') takeStandIn().catch(reportError);
  }, []);
  const { data } = useAnswer('shares', undefined);
  const share = data?.dishes.find(({ dish }) => dish === props.dish.id);
  if (!share) return <h1>Sharing it out</h1>;
  return <Run {...props} share={share} />;
}

function Run({ loaded, dish, batchId, share }: Props & { readonly share: Shares['dishes'][number] }) {
  const { opened, units } = useOpenMeal();
  const said = useSaid();
  const navigate = useNavigate();
  const scale = useWatched(scaleNow);
  const [on, setOn] = useState(nothingOnScale);
  const [typing, setTyping] = useState(false);
  const plated = wentOut(loaded.entries).get(dish.id)?.plated ?? [];
  const count = countOf(dish);
  const target = midpoint(dish.locked?.meat) ?? share.meatG;
  const run = runOf(
    plated.map(({ grams }) => grams),
    Math.max(count, plated.length),
    target,
    // The sharing may be of a moment ago: what has gone out since is off it.
    Math.min(share.servings, Math.max(0, count - plated.length)) * share.meatG,
  );
  const name = dishName(dish);
  const keep = (grams: number, source: 'typed' | 'scale') =>
    weigh(
      loaded.meal.id,
      `a plate of ${name}`,
      {
        batch: batchId,
        measures: { what: 'plated', dish: dish.id },
        value: { text: said.mass(grams), lo: grams, hi: grams },
        measure: 'mass',
      },
      source,
    );
  const again = () => {
    const last = plated.at(-1);
    if (!last) return;
    weigh(loaded.meal.id, `taking back a plate of ${name}`, {
      batch: batchId,
      measures: { what: 'plated', dish: dish.id },
      value: null,
      measure: 'mass',
      replaces: last.id,
    });
  };
  const grams = gramsOn(scale);
  const stable = scale.reading?.stable === true;
  const heard = scale.kind !== 'none' && scale.link === 'on';
  // Each reading moves the run on; what it keeps is an entry, once.
  const state = useRef(on);
  useEffect(() => {
    if (grams === undefined || !heard) return;
    const next = withReading(state.current, { grams, stable });
    state.current = next.on;
    setOn(next.on);
    if (next.kept !== undefined) keep(Math.round(next.kept), 'scale');
    // Only a new reading is one; what keeps it may be made anew.
    // eslint-disable-next-line react-hooks/exhaustive-deps -- see above
  }, [grams, stable, heard]);
  const inBowl = on.zeroG === undefined || grams === undefined ? 0 : Math.max(0, grams - on.zeroG);
  const keepNow = () => {
    if (inBowl < 1 || grams === undefined) return;
    keep(Math.round(inBowl), 'scale');
    // On a tray the next plate begins where this one ended.
    state.current = { zeroG: grams, steadyG: 0 };
    setOn(state.current);
  };
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.target instanceof HTMLElement && event.target.matches('input, select, textarea, button'))
        return;
      if (event.key === 'Enter') keepNow();
      else if (event.key === 'u' || event.key === 'ArrowLeft') again();
      else if (event.key === 'e') lock(loaded.meal.id, dish, run.evenG);
      else return;
      event.preventDefault();
    };
    document.addEventListener('keydown', press);
    return () => document.removeEventListener('keydown', press);
  });
  const off = target - inBowl;
  const within = Math.abs(off) <= TOLERANCE * target;
  const next = opened.plan.tickets[opened.plan.tickets.findIndex(({ id }) => id === dish.id) + 1];
  const finished = run.left === 0;
  return (
    <div className={css.weighOut}>
      <header className="line">
        <h1>
          {finished
            ? `All ${String(count)} ${name} are out`
            : `${name}: ${String(run.done + 1)} of ${String(count)}`}
        </h1>
        {next && <p className="quiet">then {next.name}</p>}
      </header>
      {!finished && (
        <div className={css.target}>
          <p className={css.more} role="status">
            <b className="num">{heard ? Math.abs(Math.round(off)) : '–'}</b> g
            <span>
              {!heard
                ? 'no scale is heard: type it'
                : on.zeroG === undefined
                  ? 'put a bowl on'
                  : within
                    ? 'right: lift it off'
                    : off > 0
                      ? 'more'
                      : 'too much: take some off'}
            </span>
          </p>
          <div className={css.drawn}>
            <DishSection
              kind={dish.kind}
              meat={(inBowl / target) * SLOT}
              liquid={0}
              smallest={(1 - TOLERANCE) * SLOT}
              largest={(1 + TOLERANCE) * SLOT}
              words={`${said.mass(inBowl)} of ${said.mass(target)}`}
            />
            <p>
              <b className="num">{said.mass(target)}</b>
              <small>
                {Math.ceil(target * (1 - TOLERANCE))} to {Math.floor(target * (1 + TOLERANCE))}
              </small>
            </p>
          </div>
          <p className={css.leftFor}>
            <b className="num">{said.mass(run.left * run.evenG)}</b>
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
              style={{ '--full': String(Math.min(1.2, (done?.grams ?? 0) / target)) } as React.CSSProperties}
              aria-label={done ? `${String(i + 1)}: ${said.mass(done.grams)}` : `${String(i + 1)}: not yet`}
            />
          );
        })}
      </ol>
      {run.done > 1 && !finished && (
        <p className={css.drift}>
          <b>
            {Math.abs(run.drift) < 0.005
              ? 'On the mark'
              : `${String(Math.abs(Math.round(100 * run.drift)))} % ${run.drift > 0 ? 'heavy' : 'light'}`}
          </b>{' '}
          {run.shortRest > 0 && run.drift > 0.005 && (
            <>
              <span className="quiet">
                so the last {run.shortRest === 1 ? 'one gets' : `${String(run.shortRest)} get`}{' '}
                {said.mass(run.restG)}
              </span>{' '}
              <button
                type="button"
                className="btn act is-first"
                onClick={() => lock(loaded.meal.id, dish, run.evenG)}
              >
                {said.mass(run.evenG)} from here
              </button>
            </>
          )}
        </p>
      )}
      {typing ? (
        <div>
          <QuantityField
            key={run.done}
            label={`Plate ${String(run.done + 1)}, by weight`}
            quantity={undefined}
            measure="mass"
            units={massUnits(units).toReversed()}
            placeholder={said.mass(target)}
            chars={9}
            autoFocus
            weighs
            draft={['plate', loaded.meal.id, dish.id, String(run.done)].join(' ')}
            onDone={({ lo }) => {
              if (lo !== undefined) keep(lo, 'typed');
            }}
          />
        </div>
      ) : (
        <p>
          <button type="button" className="link" onClick={() => setTyping(true)}>
            type the weights
          </button>
        </p>
      )}
      <StandInPanel />
      <nav className={bench.strip} aria-label="Before and after">
        <button type="button" disabled={plated.length === 0} onClick={again}>
          <ChevronLeft size={34} aria-hidden />
          <span>
            <small>{plated.length > 0 ? `${String(plated.length)}, again` : ''}</small>
            <b>{plated.length > 0 ? said.mass(plated.at(-1)?.grams ?? 0) : ''}</b>
          </span>
        </button>
        <button
          type="button"
          onClick={() => {
            if (finished) void navigate(`/meals/${loaded.meal.id}/batches/${batchId}/plates`);
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

/** How high a right portion stands in its drawing. */
const SLOT = 0.8;
const MOST_DRAWN = 200;
