import { useOpenMeal } from '../data/MealContext.ts';
import { applyRemedy } from '../data/edits.ts';
import { FieldError } from './FieldError.tsx';

interface Props {
  readonly batch: string;
  /** Only what concerns this sheet; absent: whatever has no sheet of its own. */
  readonly stage?: 'clock' | 'bench';
}

/** What is wrong with a batch as a whole, and what can be done; a lot or a dish says its own beside its field. */
export function Problems({ batch, stage }: Props) {
  const { reckoning } = useOpenMeal();
  return reckoning.problems
    .filter(
      (problem) =>
        problem.batch === batch &&
        (problem.stage === stage || (stage === undefined && problem.stage === 'pot')) &&
        (problem.lot === undefined || problem.guest),
    )
    .map(({ words, remedies = [] }) => (
      <div className="problem" key={words}>
        <FieldError>{words}</FieldError>
        {remedies.length > 0 && (
          <p className="remedies">
            {remedies.map((remedy) => (
              <button
                key={remedy.words}
                type="button"
                className="btn btn-sm act"
                onClick={() => {
                  applyRemedy(batch, remedy);
                }}
              >
                {remedy.words}
              </button>
            ))}
          </p>
        )}
      </div>
    ));
}
