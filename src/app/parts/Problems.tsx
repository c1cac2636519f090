import { useFigures } from '../open/MealContext.ts';
import { problemWords, remedyWords } from '@/words/index.ts';
import { applyRemedy } from '../open/edits/index.ts';
import { FieldError } from './FieldError.tsx';

interface Props {
  readonly batch: string;
  /** Only what concerns this sheet; absent: whatever has no sheet of its own. */
  readonly stage?: 'clock' | 'bench' | 'broth';
}

/** What is wrong with a batch as a whole, and what can be done; a lot or a dish says its own beside its field. */
export function Problems({ batch, stage }: Props) {
  const { reckoning } = useFigures();
  return reckoning.problems
    .filter(
      (problem) =>
        problem.batch === batch &&
        (problem.everywhere || problem.stage === stage || (stage === undefined && problem.stage === 'pot')) &&
        (problem.lot === undefined || problem.guest),
    )
    .map((problem) => (
      <div className="problem" key={problemWords(problem)}>
        <FieldError>{problemWords(problem)}</FieldError>
        {(problem.remedies ?? []).length > 0 && (
          <p className="remedies">
            {problem.remedies?.map((remedy) => (
              <button
                key={remedyWords(remedy)}
                type="button"
                className="btn btn-sm act"
                onClick={() => {
                  applyRemedy(batch, remedy);
                }}
              >
                {remedyWords(remedy)}
              </button>
            ))}
          </p>
        )}
      </div>
    ));
}
