import { Link } from 'react-router';
import { type Shelvable, shelvedOf } from '@/core/answers/index.ts';
import { holdsWords } from '@/words/index.ts';
import { useShelf } from '../lists/data/useShelf.ts';
import { closeBatches } from '../open/edits/index.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { mendLog } from '../open/taught.ts';
import { boxedAs } from '../open/useBoxing.ts';
import { useShares } from '../open/useShares.ts';
import { PutAll } from '../parts/PutAll.tsx';
import { Cautions } from '../parts/Cautions.tsx';
import { useWrites } from './Headline.tsx';
import { Scrolls } from './Scrolls.tsx';

/** What is left of all pots, boxed in one act; and all pots closed in another. */
export default function After() {
  const { loaded, opened } = useOpenMeal();
  const { data: shares } = useShares();
  const shelf = useShelf();
  const { batches, meal } = loaded;
  const there = new Set(shelf.map(boxedAs));
  const left = batches.flatMap((batch) =>
    shelvedOf(opened, batch.id, shares).map((one) => ({
      one,
      pot: batch.name,
      isThere: there.has(boxedAs(one)),
    })),
  );
  const toShelf = left.filter(({ isThere }) => !isThere).map(({ one }) => one);
  const open = batches.filter(({ closed }) => closed === undefined);
  return (
    <section aria-label="What is left">
      <h2>What is left</h2>
      {left.length === 0 ? (
        <p className="quiet">Nothing of any pot is left to pack.</p>
      ) : (
        <Table left={left} />
      )}
      {toShelf.length > 0 && (
        <PutAll open={toShelf} label="all of it to the" words="what is left of all pots, to the shelf" />
      )}
      <p className="choices">
        {open.length > 0 ? (
          <>
            <button
              type="button"
              className="btn act"
              onClick={() => {
                closeBatches(
                  meal.id,
                  open.map(({ id }) => id),
                );
                mendLog().catch(reportError);
              }}
            >
              Close {open.length === 1 ? open[0]?.name : `all ${String(open.length)} pots`}
            </button>
            <span className="quiet">They go into the log, and the next estimate is this kitchen’s own.</span>
          </>
        ) : (
          <span className="quiet">
            Every pot is closed. <Link to="/log">To the log</Link>
          </span>
        )}
      </p>
      <Cautions at={{ sheet: 'keep' }} />
    </section>
  );
}

interface LeftOf {
  readonly one: Shelvable;
  readonly pot: string;
  readonly isThere: boolean;
}

function Table({ left }: { readonly left: readonly LeftOf[] }) {
  const { loaded } = useOpenMeal();
  const writes = useWrites();
  return (
    <Scrolls label="What is left">
      <table className="table">
        <thead>
          <tr>
            <th scope="col">pot</th>
            <th scope="col">what</th>
            <th scope="col">how much</th>
            <th scope="col">where</th>
          </tr>
        </thead>
        <tbody>
          {left.map(({ one, pot, isThere }) => (
            <tr key={boxedAs(one)}>
              <th scope="row">{pot}</th>
              <td>
                {one.name}
                {holdsWords({ holds: one.holds ?? [], notKnown: one.notKnown ?? [] }).map(
                  (word) => ` · ${word}`,
                )}
              </td>
              <td className="num">{one.ml !== undefined ? writes.volume(one.ml) : writes.mass(one.grams)}</td>
              <td>
                {isThere ? (
                  'on the shelf'
                ) : (
                  <Link to={`/meals/${loaded.meal.id}/batches/${one.batch ?? ''}/keep`}>cool it, box it</Link>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </Scrolls>
  );
}
