import { useEffect } from 'react';
import { Navigate, useNavigate, useParams } from 'react-router';
import { capital } from '@/words/index.ts';
import { isDemo } from '../../browser/db.ts';
import { scaleNow, takeStandIn } from '../../browser/scale.ts';
import { useAwake } from '../../browser/useAwake.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { useMeal } from '../../open/useMeal.ts';
import { useShares } from '../../open/useShares.ts';
import { StandInPanel } from '../../parts/StandInPanel.tsx';
import { OpenFrame } from '../../shell/OpenFrame.tsx';
import { Top } from '../../shell/top/Top.tsx';
import { OnePlate } from './weighOut/OnePlate.tsx';
import { Drift, PlatesOut } from './weighOut/PlatesOut.tsx';
import { Strip } from './weighOut/Strip.tsx';
import { TypedPlate } from './weighOut/TypedPlate.tsx';
import { type OfDish, useRun } from './weighOut/useRun.ts';
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

function SharedOut(props: Omit<OfDish, 'share'>) {
  useAwake();
  useEffect(() => {
    if (isDemo && scaleNow.now().kind === 'none') takeStandIn().catch(reportError);
  }, []);
  const { data } = useShares();
  const share = data?.dishes.find(({ dish }) => dish === props.dish.id);
  return share ? <Run {...props} share={share} /> : <h1>Sharing it out</h1>;
}

function Run(props: OfDish) {
  const { dish, batchId, loaded } = props;
  const { opened } = useOpenMeal();
  const navigate = useNavigate();
  const now = useRun(props);
  const { name, count, run, finished } = now;
  const { tickets } = opened.plan;
  const next = tickets[tickets.findIndex(({ id }) => id === dish.id) + 1];
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
      {!finished && <OnePlate now={now} kind={dish.kind} />}
      <PlatesOut now={now} />
      {run.done > 1 && !finished && <Drift now={now} />}
      {!finished && <TypedPlate now={now} dish={dish.id} />}
      <StandInPanel />
      <Strip now={now} onBack={() => void navigate(`/meals/${loaded.meal.id}/batches/${batchId}/plates`)} />
    </div>
  );
}
