import { useEffect, useMemo } from 'react';
import { learn, learnedFigures } from '@/core/log/index.ts';
import { reference } from '@/reference/index.ts';
import { learnedName, learnedValue } from '@/words/index.ts';
import { ensureTaught, taughtNow } from '../data/taught.ts';
import { useWatched } from '../data/watched.ts';
import { useKitchen } from '../data/useKitchen.ts';
import css from './log.module.scss';

/** All that the past batches have taught, each beside what is published or foretold. */
export default function Learned() {
  useEffect(() => {
    ensureTaught().catch(reportError);
  }, []);
  const past = useWatched(taughtNow);
  const kitchen = useKitchen();
  const figures = useMemo(() => {
    const { learned } = learn(
      past.flatMap(({ evidence }) => evidence),
      past.length,
    );
    return learnedFigures(learned, kitchen, reference);
  }, [past, kitchen]);
  if (figures.length === 0)
    return <p className="nothing">Nothing has been learned yet: weigh something, or close a batch.</p>;
  return (
    <div className={css.compare}>
      <table className="table">
        <thead>
          <tr>
            <th scope="col">what</th>
            <th scope="col">foretold</th>
            <th scope="col">here</th>
            <th scope="col">the next, eight times in ten</th>
            <th scope="col">batches</th>
          </tr>
        </thead>
        <tbody>
          {figures.map((figure) => (
            <tr key={`${figure.what} ${figure.of}`}>
              <th scope="row">{learnedName(figure)}</th>
              <td className="num">
                {figure.unit !== 'factor' ? learnedValue(figure, figure.published) : ''}
              </td>
              <td className="num">
                <b>{learnedValue(figure, figure.mean)}</b>
              </td>
              <td className="num">
                {learnedValue(figure, figure.p10)} to {learnedValue(figure, figure.p90)}
              </td>
              <td className="num">{figure.n}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
