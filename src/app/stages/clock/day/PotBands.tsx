import clsx from 'clsx';
import { area, curveMonotoneY } from 'd3-shape';
import type { DayPlan } from '@/core/answers/index.ts';
import { useWall } from '../../../open/useWall.ts';
import type { DayPlaces } from './places.ts';
import type { DayRow } from './rows.ts';
import { lotsApart } from './useDayLayout.ts';
import css from './day.module.scss';

type Pot = DayPlan['pots'][number];

interface Props {
  readonly pots: readonly Pot[];
  readonly rows: readonly DayRow[];
  readonly rests: DayPlan['lines'];
  readonly y: (moment: number) => number;
  /** Where the day ends, px. */
  readonly foot: number;
  readonly now: number;
  readonly zone: string;
  readonly places: DayPlaces;
}

/**
 * The pots side by side down the day: each a band from the heat to the bench with its lid where it is moved, in it pale how much is
 * tender by then; a thread from the bench to the plates, thick where it is held; a knot for each act, level with its line.
 */
export function PotBands(props: Props) {
  const { pots, rows, foot, places } = props;
  const width = places.words;
  return (
    <svg className={css.bands} viewBox={`0 0 ${width} ${foot}`} width={width} height={foot}>
      {rows.map((row) => (
        <Lead key={`${row.line.task} ${row.line.key}`} row={row} {...props} />
      ))}
      {pots.map((pot, i) => (
        <Band key={pot.batch} pot={pot} x={places.hours + i * places.pot} {...props} />
      ))}
      {rows.map((row) => {
        const i = pots.findIndex(({ batch }) => batch === row.line.batch);
        if (i < 0) return null;
        return (
          <circle
            key={`${row.line.task} ${row.line.key}`}
            className={clsx(css.knot, row.isNext && css.isNext)}
            cx={places.hours + (i + 0.5) * places.pot}
            cy={row.top}
            r={row.isNext ? 4.5 : 3.6}
          />
        );
      })}
    </svg>
  );
}

/** From a pot’s knot to its words. */
function Lead({ row, pots, places }: Props & { readonly row: DayRow }) {
  const i = pots.findIndex(({ batch }) => batch === row.line.batch);
  if (i < 0) return null;
  const x = places.hours + (i + 0.5) * places.pot;
  return (
    <path
      className={clsx(css.lead, row.isNext && css.isNext)}
      d={`M${x} ${row.top}H${places.words - 12}L${places.words - 2} ${row.label}`}
    />
  );
}

/** Of a pot’s room the band takes so much. */
const SHARE = 0.72;

function Band({
  pot,
  x: left,
  rests,
  y,
  foot,
  now,
  zone,
  places,
}: Props & { readonly pot: Pot; readonly x: number }) {
  const { clock } = useWall(zone);
  const w = SHARE * places.pot;
  const x = left + (places.pot - w) / 2;
  const middle = left + places.pot / 2;
  const done = Math.min(Math.max(now, pot.hot), pot.to);
  const [gone] = pot.goodUntil ?? [];
  const words = `${pot.name}: hot at ${clock(pot.hot)}, tender 50 in 100 at ${clock(pot.evenOdds)}, lifted out at ${clock(pot.to)}, ${gone === undefined ? 'good for a day' : `good until about ${clock(gone)}, then it may go ${pot.goes}`}`;
  return (
    <g role="img" aria-label={words}>
      <title>{words}</title>
      <path className={css.thread} d={`M${middle} ${y(pot.to)}V${foot}`} />
      {rests
        .filter(({ batch, from, to }) => batch === pot.batch && y(to) - y(from) > 2)
        .map(({ from, to, key }) => (
          <rect
            key={key}
            className={css.rest}
            x={middle - 3}
            y={y(from)}
            width="6"
            height={y(to) - y(from)}
          />
        ))}
      {y(pot.hot) - y(pot.from) > 2 && (
        <path
          className="ink-line"
          strokeWidth="1.5"
          strokeDasharray="3 3"
          d={`M${x + 3} ${y(pot.hot)}V${y(pot.from)}H${x + w - 3}V${y(pot.hot)}`}
        />
      )}
      <rect x={x} y={y(pot.hot)} width={w} height={tall(y(pot.hot), y(pot.to))} fill="url(#broth-planned)" />
      <Tender pot={pot} x={x} w={w} y={y} from={done} />
      <rect x={x} y={y(pot.hot)} width={w} height={tall(y(pot.hot), y(done))} fill="url(#broth)" />
      <path
        className="ink-line"
        strokeWidth="2.5"
        d={`M${x} ${y(pot.hot)}V${y(pot.to) - 5}q0 5 5 5h${w - 10}q5 0 5-5V${y(pot.hot)}`}
      />
      {pot.lids.map(({ at, lid }, i) => (
        <path
          key={`${at} ${i}`}
          className="ink-line"
          strokeWidth="4"
          strokeLinecap="round"
          d={lidPath(lid, x, w, y(at))}
        />
      ))}
      {pot.checks.map(({ at, feel }, i) => (
        <circle key={`${at} ${i}`} className={css.fork} cx={middle} cy={y(at)} r="4.5">
          <title>{`${clock(at)}: ${feel}`}</title>
        </circle>
      ))}
    </g>
  );
}

const tall = (from: number, to: number) => Math.max(0, to - from);

const lidPath = (lid: string, x: number, w: number, at: number) =>
  lid === 'on'
    ? `M${x - 3} ${at}h${w + 6}`
    : lid === 'ajar'
      ? `M${x - 3} ${at + 4}l${w + 6} -9`
      : `M${x + 1} ${at - 2}l9 -11`;

interface TenderProps {
  readonly pot: Pot;
  readonly x: number;
  readonly w: number;
  readonly y: (moment: number) => number;
  readonly from: number;
}

/** How likely it is to be tender, as so much of the band’s width; each cut in a column of its own where there is room. */
function Tender({ pot, x, w, y, from }: TenderProps) {
  if (pot.weighedOut) return null;
  const lots = lotsApart(pot);
  const apart = lots.length > 0 && w / lots.length >= APART ? lots : pot.curves.slice(0, 1);
  const each = w / Math.max(1, apart.length);
  return apart.map((curve, i) => {
    const shown = curve.points.filter(({ at }) => at >= from && at <= pot.to);
    const start = x + i * each;
    const path = area<(typeof shown)[number]>()
      .x0(start)
      .x1(({ chance }) => start + each * chance)
      .y(({ at }) => y(at))
      .curve(curveMonotoneY)(shown);
    return (
      <g key={`${curve.name} ${String(i)}`}>
        <path d={path ?? ''} fill="var(--sheet)" stroke="none" />
        <path d={path ?? ''} fill="url(#meat-planned)" stroke="var(--meat-edge)" strokeWidth="1.2" />
        {i > 0 && <path className={css.partition} d={`M${start} ${y(pot.hot)}V${y(pot.to)}`} />}
      </g>
    );
  });
}

/** A column of its own wants so much, px. */
const APART = 18;
