import { lazy, Suspense } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { Route, Routes, useLocation } from 'react-router';
import { usePainted } from './browser/usePainted.ts';
import { MaterialPatterns } from './figures/MaterialPatterns.tsx';
import { Broken } from './shell/Broken.tsx';
import { Faults } from './shell/Faults.tsx';
import { MealFrame } from './shell/MealFrame.tsx';
import { NewVersion } from './shell/NewVersion.tsx';
import { NoStorage } from './shell/NoStorage.tsx';
import { Start } from './shell/Start.tsx';
import { Unkept } from './shell/Unkept.tsx';

const Meals = lazy(() => import('./lists/meals/Meals.tsx'));
const Cuts = lazy(() => import('./lists/cuts/Cuts.tsx'));
const Shelf = lazy(() => import('./lists/shelf/Shelf.tsx'));
const Eye = lazy(() => import('./lists/log/Eye.tsx'));
const Log = lazy(() => import('./lists/log/Log.tsx'));
const Shopping = lazy(() => import('./lists/shopping/Shopping.tsx'));
const BenchMode = lazy(() => import('./stages/bench/task/BenchMode.tsx'));
const Event = lazy(() => import('./event/Event.tsx'));
const Handout = lazy(() => import('./handout/Handout.tsx'));
const Helper = lazy(() => import('./helper/Helper.tsx'));
const WeighOut = lazy(() => import('./stages/plates/WeighOut.tsx'));
const Kitchen = lazy(() => import('./lists/kitchen/Kitchen.tsx'));

/** The routes: a stage of the work, its folder, its sheet and its word are one name. */
export function App() {
  const { pathname } = useLocation();
  return (
    <>
      {/* Only what is drawn after the first picture is filled with them. */}
      {usePainted() && <MaterialPatterns />}
      <div className="notices">
        <Faults />
        <Unkept />
        <NewVersion />
      </div>
      <NoStorage>
        <ErrorBoundary FallbackComponent={Broken} resetKeys={[pathname]}>
          <Suspense fallback={<p className="sheet is-wide">One moment.</p>}>
            <Routes>
              <Route index element={<Start />} />
              <Route path="meals" element={<Meals />} />
              <Route path="kitchen" element={<Kitchen />} />
              <Route path="cuts" element={<Cuts />} />
              <Route path="shelf" element={<Shelf />} />
              <Route path="log" element={<Log />} />
              <Route path="log/eye" element={<Eye />} />
              <Route path="shopping" element={<Shopping />} />
              <Route path="meals/:mealId/batches/:batchId/:stage" element={<MealFrame />} />
              <Route path="meals/:mealId/bench" element={<BenchMode />} />
              <Route path="meals/:mealId/event" element={<Event />} />
              <Route path="meals/:mealId/handout" element={<Handout />} />
              <Route path="helper" element={<Helper />} />
              <Route path="helper/:handoutId" element={<Helper />} />
              <Route path="meals/:mealId/weigh-out/:dishId" element={<WeighOut />} />
              <Route path="meals/:mealId" element={<Start />} />
              <Route path="*" element={<Start />} />
            </Routes>
          </Suspense>
        </ErrorBoundary>
      </NoStorage>
    </>
  );
}
