import { useWall } from '../open/useWall.ts';
import { handoutLayout, type PersonJobs } from './layout.ts';
import { Table } from './Table.tsx';
import css from './handout.module.scss';

interface Props {
  readonly people: readonly PersonJobs[];
  readonly chosen: string;
  readonly zone: string;
}

/** Those who cook side by side: what is in whose hands, what passes from one to another, and in words what the one chosen gets. */
export default function People({ people, chosen, zone }: Props) {
  const wall = useWall(zone);
  const busy = people.filter(({ id, jobs }) => jobs.length > 0 || id === chosen);
  const { wide, high, columns, crossings, hours } = handoutLayout(busy, chosen);
  return (
    <div className={css.people} tabIndex={0} role="group" aria-label="Who gives what to whom">
      <svg viewBox={`0 0 ${wide} ${high}`} aria-hidden="true">
        {hours.map(({ at, y }) => (
          <g key={at}>
            <path className={css.hour} d={`M52 ${y}H${wide}`} />
            <text className={css.quiet} x="0" y={y + 4}>
              {wall.clock(at)}
            </text>
          </g>
        ))}
        {columns.map(({ id, name, place, jobs, x, path }) => (
          <g key={id} className={id === chosen ? css.isChosen : undefined}>
            <path className={css.strand} d={path} />
            <text className={css.name} x={x} y="22" textAnchor="middle">
              {name}
            </text>
            <text className={css.quiet} x={x} y="40" textAnchor="middle">
              {place === '' ? '' : `${place}, `}
              {jobs} {jobs === 1 ? 'job' : 'jobs'}
            </text>
          </g>
        ))}
        {crossings.map(({ key, path, x, y, who }) => (
          <g key={key}>
            <path className={css.crossing} d={path} />
            {who !== '' && (
              <text className={css.passes} x={x} y={y + 15} textAnchor="middle">
                {who} waits
              </text>
            )}
          </g>
        ))}
        {columns.map(({ id, x, knots }) => (
          <g key={id}>
            {knots.map(({ job, y, label }) => (
              <g key={job.id}>
                <circle className={job.waits ? css.ring : css.knot} cx={x} cy={y} r={job.waits ? 7 : 4} />
                {id === chosen && (
                  <>
                    <path className={css.lead} d={`M${x + 8} ${y}L${x + 40} ${label}`} />
                    <text className={job.weigh || job.fork ? css.weighs : undefined} x={x + 44} y={label + 4}>
                      {cut(job.words)}
                    </text>
                  </>
                )}
              </g>
            ))}
          </g>
        ))}
      </svg>
      <Table people={busy} wall={wall} />
    </div>
  );
}

/** What fits beside its column. */
const MOST = 30;
const cut = (words: string) => (words.length > MOST ? `${words.slice(0, MOST - 1).trimEnd()}…` : words);
