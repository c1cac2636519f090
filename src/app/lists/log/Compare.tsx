import { comparedOf, type Compared, type Logged, strandBars } from '@/core/log/index.ts';
import { cutShort, percent, verdictWords } from '@/words/index.ts';
import { useWhole } from '../data/useLog.ts';
import { useSaid } from '../../open/useSaid.ts';
import { dayShort } from './dayShort.ts';
import { StrandBars } from './StrandBars.tsx';
import css from './log.module.scss';

interface Props {
  readonly digests: readonly Logged[];
  readonly onDrop: (batch: string) => void;
  readonly onNone: () => void;
}

/** Two or more past batches side by side, as strands and as figures. */
export default function Compare({ digests, onDrop, onNone }: Props) {
  const said = useSaid();
  const all = digests.map(comparedOf);
  const rows: readonly (readonly [string, (one: Compared) => string])[] = [
    ['raw', ({ rawG }) => said.mass(rawG)],
    ['shred', ({ shredG }) => said.mass(shredG)],
    ['shred of raw', ({ share }) => (share === undefined ? 'not weighed' : percent(share))],
    ['broth', ({ liquidMl }) => said.volume(liquidMl)],
    ['broth for a kilo', ({ brothPerKg }) => (brothPerKg === undefined ? '' : said.volume(brothPerKg))],
    ['tender after', ({ digest: { minutes } }) => (minutes ? said.minutes(minutes.took) : '')],
    ['method', ({ digest: { heat, vessel } }) => [heat, vessel].filter(Boolean).join(', ')],
    ['plates', ({ digest: { plates } }) => String(plates.ordered)],
    ['it came out', ({ digest: { closed } }) => (closed?.verdict ? verdictWords[closed.verdict] : '')],
    [
      'liked',
      ({ digest: { closed } }) => (closed?.rating === undefined ? '' : `${String(closed.rating)} of 5`),
    ],
  ];
  return (
    <section aria-labelledby="compare-title">
      <div className="line">
        <h2 id="compare-title">Side by side</h2>
        <button type="button" className="link" onClick={onNone}>
          put them back
        </button>
      </div>
      <div className={css.compare}>
        <table className="table">
          <thead>
            <tr>
              <td />
              {all.map(({ digest }) => (
                <th key={digest.batch} scope="col">
                  {digest.name}
                  <small>
                    {dayShort(digest.at)}, {cutShort(digest.cuts[0]?.name ?? '').toLowerCase()}{' '}
                    <button
                      type="button"
                      className="link"
                      aria-label={`Put ${digest.name} back`}
                      onClick={() => onDrop(digest.batch)}
                    >
                      put back
                    </button>
                  </small>
                  <Bars digest={digest} />
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(([name, figure]) => (
              <tr key={name}>
                <th scope="row">{name}</th>
                {all.map((one) => (
                  <td key={one.digest.batch} className="num">
                    {figure(one)}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}

function Bars({ digest }: { readonly digest: Logged }) {
  const whole = useWhole(digest);
  return whole ? <StrandBars bars={strandBars(whole.strands)} liquidMl={digest.liquidMl} /> : null;
}
