import { learnedName, learnedValue } from '@/words/index.ts';
import { useLearned } from '../../open/useLearned.ts';
import { useSaid } from '../../open/useSaid.ts';
import css from './log.module.scss';

/** All that the past batches have taught, each beside what is published or foretold. */
export default function Learned() {
  const figures = useLearned();
  const { mass } = useSaid();
  if (figures.length === 0)
    return <p className="nothing">Nothing has been learned yet: weigh something, or close a batch.</p>;
  return (
    <div className={css.compare}>
      <table className="table">
        <thead>
          <tr>
            <th scope="col">what</th>
            <th scope="col">of</th>
            <th scope="col">expected</th>
            <th scope="col">here</th>
            <th scope="col">the next, eight times in ten</th>
            <th scope="col">batches</th>
          </tr>
        </thead>
        <tbody>
          {figures.map((figure, i) => (
            <tr key={`${figure.what} ${figure.of}`}>
              <th scope="row">
                <span className={figures[i - 1]?.what === figure.what ? 'visually-hidden' : undefined}>
                  {learnedName(figure).what}
                </span>
              </th>
              <td>{learnedName(figure).of}</td>
              <td className="num">
                {figure.unit !== 'factor' ? learnedValue(figure, figure.published, mass) : ''}
              </td>
              <td className="num">
                <b>{learnedValue(figure, figure.mean, mass)}</b>
              </td>
              <td className="num">
                {learnedValue(figure, figure.p10, mass)} to {learnedValue(figure, figure.p90, mass)}
              </td>
              <td className="num">{figure.n}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
