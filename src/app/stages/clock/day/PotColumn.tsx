import clsx from 'clsx';
import { area, curveMonotoneY, line as lineOf } from 'd3-shape';
import type { DayPlan } from '@/core/answers/index.ts';
import { useWall } from '../../../open/useWall.ts';
import css from './day.module.scss';

type Pot = DayPlan['pots'][number];

interface Props {
  readonly pot: Pot;
  readonly lines: DayPlan['lines'];
  readonly y: (moment: number) => number;
  readonly height: number;
  /** Epoch ms: what is good until after it needs no word. */
  readonly serving: number;
  readonly now: number;
  readonly zone: string;
  readonly room: Room;
}

/** px of a column: alone it has room for the names of its lots, among many for its band alone. */
const widths = { alone: 240, usual: 128, narrow: 56 } as const;
export type Room = keyof typeof widths;
/** More pots than these, and only their bands are drawn. */
const MANY = 4;
export const roomOf = (pots: number): Room => (pots === 1 ? 'alone' : pots > MANY ? 'narrow' : 'usual');
export const widthOf = (room: Room): number => widths[room];

const LEFT = 8;
const BAND = 34;
const RIGHT = LEFT + BAND;
const CHANCE = 44;

const x = (chance: number) => RIGHT + 6 + CHANCE * chance;

/** A pot down the day: a band from the heat to the bench, its lid where it is moved, how tender it is likely to be. */
export function PotColumn({ pot, lines, y, height, serving, now, zone, room }: Props) {
  const [all, ...lots] = pot.curves;
  const points = (curve: Pot['curves'][number]) =>
    curve.points.map(({ at, chance }) => [chance, y(at)] as const);
  const tender = area<readonly [number, number]>()
    .x0(x(0))
    .x1(([chance]) => x(chance))
    .y(([, at]) => at)
    .curve(curveMonotoneY);
  const one = lineOf<readonly [number, number]>()
    .x(([chance]) => x(chance))
    .y(([, at]) => at)
    .curve(curveMonotoneY);
  const looks = lines.filter(({ batch, kind }) => batch === pot.batch && kind === 'look');
  const { clock } = useWall(zone);
  const done = Math.min(Math.max(now, pot.hot), pot.to);
  const [gone = Infinity] = pot.goodUntil ?? [];
  const good = Math.max(gone, pot.to);
  const taken = [...looks.map(({ from }) => y(from)), ...pot.checks.map(({ at }) => y(at)), y(now)];
  const free = (at: number) => taken.every((other) => Math.abs(other - y(at)) > 15);
  const words = `${pot.name}: hot at ${clock(pot.hot)}, tender 50 in 100 at ${clock(pot.evenOdds)}, lifted out at ${clock(pot.to)}, ${pot.goodUntil ? `good until about ${clock(gone)}, then it may go ${pot.goes}` : 'good for a day'}`;
  // Lifted before it is as likely as not to be tender: what it is then is what counts.
  const shown =
    pot.evenOdds > pot.to ? { at: pot.to, chance: pot.chanceAtEnd } : { at: pot.evenOdds, chance: 0.5 };
  const width = widths[room];
  const narrow = room === 'narrow';
  return (
    <svg
      className={css.potColumn}
      viewBox={`0 0 ${width} ${height}`}
      width={width}
      height={height}
      role="img"
      aria-label={words}
    >
      <text x={LEFT} y={14} className="pot-name">
        <title>{pot.name}</title>
        {narrow && pot.name.length > NARROW_NAME ? `${pot.name.slice(0, NARROW_NAME)}…` : pot.name}
      </text>
      {y(pot.hot) - y(pot.from) > 2 && (
        <path
          className="ink-line"
          strokeWidth="1.5"
          strokeDasharray="3 3"
          d={`M${LEFT + 4} ${y(pot.hot)}V${y(pot.from)}H${RIGHT - 4}V${y(pot.hot)}`}
        />
      )}
      <rect
        x={LEFT}
        y={y(pot.hot)}
        width={BAND}
        height={Math.max(0, y(pot.to) - y(pot.hot))}
        fill="url(#broth-planned)"
      />
      <rect
        x={LEFT}
        y={y(pot.hot)}
        width={BAND}
        height={Math.max(0, y(done) - y(pot.hot))}
        fill="url(#broth)"
      />
      <path
        className="ink-line"
        strokeWidth="2.5"
        d={`M${LEFT} ${y(pot.hot)}V${y(pot.to) - 6}q0 6 6 6h${BAND - 12}q6 0 6-6V${y(pot.hot)}`}
      />
      {pot.lids.map(({ at, lid }, i) => (
        <g key={`${at} ${i}`}>
          <path
            className="ink-line"
            strokeWidth="4"
            strokeLinecap="round"
            d={
              lid === 'on'
                ? `M${LEFT - 4} ${y(at)}h${BAND + 8}`
                : lid === 'ajar'
                  ? `M${LEFT - 4} ${y(at) + 5}l${BAND + 8} -11`
                  : `M${LEFT + 2} ${y(at) - 2}l10 -12`
            }
          />
          {(i > 0 || lid !== 'on') && (
            <text x={LEFT + BAND / 2} y={y(at) + 18} textAnchor="middle" className={css.lidWord}>
              {lid === 'on' ? 'on' : lid}
            </text>
          )}
        </g>
      ))}
      {all && !pot.weighedOut && !narrow && (
        <>
          <path
            d={tender(points(all)) ?? ''}
            fill="url(#meat-planned)"
            stroke="var(--meat-edge)"
            strokeWidth="1.5"
          />
          {lots.map((lot, i) => (
            <path key={`${lot.name} ${i}`} d={one(points(lot)) ?? ''} className={css.lotCurve} />
          ))}
          {room === 'alone' &&
            namesOf(lots, y).map(({ name, at, y: down }) => (
              <text key={down} x={x(1) + 16} y={down} className={css.odds}>
                <tspan className="num">{clock(at)}</tspan> {name}
              </text>
            ))}
          {(room !== 'alone' || lots.length === 0) && free(shown.at) && (
            <text x={x(0.5) + 6} y={y(shown.at) + 4} className={css.odds}>
              {clock(shown.at)} {Math.round(100 * shown.chance)} in 100
            </text>
          )}
          {y(good) - y(pot.to) > 12 && good < serving && (
            <g className={css.goodUntil}>
              <path d={`M${RIGHT + 6} ${y(pot.to)}V${y(good)}h8`} />
              <text x={RIGHT + 18} y={Math.min(height - 4, y(good) + 4)}>{`${clock(gone)} ${pot.goes}`}</text>
            </g>
          )}
        </>
      )}
      {pot.checks.map(({ at, feel }, i) => (
        <g key={`${at} ${i}`}>
          <circle
            cx={LEFT + BAND / 2}
            cy={y(at)}
            r="5"
            fill="var(--ink)"
            stroke="var(--sheet)"
            strokeWidth="1.5"
          />
          {!narrow && (
            <text x={RIGHT + 8} y={y(at) + 4} className={css.checkWord}>
              {feel}
            </text>
          )}
        </g>
      ))}
      {(narrow ? [] : looks).map(({ key, from }, i) => (
        <g key={key} className={i === 0 ? clsx(css.flag, css.isNext) : css.flag}>
          <path className="ink-line" strokeWidth="1.5" d={`M${RIGHT} ${y(from)}h12`} />
          <path className={css.cloth} d={`M${RIGHT + 12} ${y(from) - 9}h46l-6 9 6 9h-46z`} />
          <text x={RIGHT + 17} y={y(from) + 4}>
            {clock(from)}
          </text>
        </g>
      ))}
    </svg>
  );
}

const NARROW_NAME = 6;
/** px between two names. */
const NAME = 15;

/** Each lot's name where it is as likely as not to be tender, one under another. */
function namesOf(lots: readonly Pot['curves'][number][], y: (moment: number) => number) {
  let below = 0;
  return lots
    .flatMap(({ name, points }) => {
      const even = points.find(({ chance }) => chance >= 0.5);
      return even ? [{ name, at: even.at }] : [];
    })
    .sort((a, b) => a.at - b.at)
    .map(({ name, at }) => {
      const down = Math.max(y(at) + 4, below);
      below = down + NAME;
      return { name, at, y: down };
    });
}
