import { useOpenMeal } from '../data/MealContext.ts';
import { Wrong } from './Wrong.tsx';

/** What is wrong with a batch as a whole; a lot or a dish says its own beside its field. */
export function Problems({ batch }: { readonly batch: string }) {
  const { reckoning } = useOpenMeal();
  return reckoning.problems
    .filter((problem) => problem.batch === batch && (problem.lot === undefined || problem.guest))
    .map((problem) => <Wrong key={problem.words}>{problem.words}</Wrong>);
}
