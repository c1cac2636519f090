import { celsiusAt, hoursTo, limits, STEP_MIN } from '@/core/keep/index.ts';
import type { CoolingNow } from '@/core/answers/index.ts';
import { useNarrow } from '../browser/useNarrow.ts';
import { edgeOf, fillOf } from './materials.ts';
import css from './figures.module.scss';

interface Props {
  readonly of: CoolingNow;
  readonly clock: (minutes: number) => string;
  readonly degrees: (celsius: number) => string;
  readonly words: string;
}

/** The paper, where the curve runs on it, and every how many hours one is written. */
const usual = { wide: 800, left: 62, right: 770, every: 1 };
const onPhone = { wide: 358, left: 50, right: 340, every: 2 };
const HIGH = 250;
const [TOP, BOTTOM] = [12, 214];
const HOURS = 7;
const WARMEST = 60;

/** How something cools: the two limits one step in ink that the curve must stay under; dots are what was read. */
export function CoolingChart({ of, clock, degrees, words }: Props) {
  const { wide, left, right, every } = useNarrow() ? onPhone : usual;
  const x = (minutes: number) => left + (minutes / (HOURS * 60)) * (right - left);
  const y = (celsius: number) => BOTTOM - (Math.min(WARMEST, celsius) / WARMEST) * (BOTTOM - TOP);
  const end = (HOURS * 60) / STEP_MIN;
  const line = (curve: Float64Array, from = 0) =>
    [...curve.subarray(0, end + 1)]
      .map((t, i) =>
        i < from ? '' : `${i === from ? 'M' : 'L'}${x(i * STEP_MIN).toFixed(1)} ${y(t).toFixed(1)}`,
      )
      .join('');
  const hot = (hoursTo(of.curve, limits.from) ?? 0) * 60;
  const [first, last] = [hot + limits.firstH * 60, hot + limits.lastH * 60];
  const band = `${line(of.warm)}${[...of.cold.subarray(0, end + 1)]
    .map((t, i) => ({ t, i }))
    .reverse()
    .map(({ t, i }) => `L${x(i * STEP_MIN).toFixed(1)} ${y(t).toFixed(1)}`)
    .join('')}Z`;
  const { nowC, nowMin } = of;
  const lastRead = of.readings.at(-1);
  const splitMin = of.splitBy === undefined ? undefined : (of.splitBy - of.start) / 60_000;
  // Left of it where there is room for the words.
  const [anchor, beside] =
    splitMin !== undefined && x(splitMin) > left + 130 ? (['end', -8] as const) : (['start', 8] as const);
  return (
    <svg
      className={css.cooling}
      viewBox={`0 0 ${String(wide)} ${String(HIGH)}`}
      role="img"
      aria-label={words}
    >
      <path
        className="forbidden"
        d={`M${x(first)} ${TOP}H${right}V${y(limits.last)}H${x(last)}V${y(limits.first)}H${x(first)}z`}
      />
      {[limits.from, limits.first, limits.last].map((t) => (
        <g key={t}>
          <path className="grid" d={`M${left} ${y(t)}H${right}`} />
          <text x={left - 8} y={y(t) + 5} textAnchor="end">
            {degrees(t)}
          </text>
        </g>
      ))}
      <path d={band} fill={fillOf('broth', false)} stroke="none" />
      {of.asItStood && <path className="as-it-stood" d={line(of.asItStood)} />}
      <path d={line(of.curve)} fill="none" stroke={edgeOf('broth')} strokeWidth="4" />
      <path
        className="step"
        d={`M${x(first)} ${TOP}V${y(limits.first)}H${x(last)}V${y(limits.last)}H${right}`}
      />
      {of.readings.map(({ minutes, celsius }) => (
        <circle
          key={minutes}
          cx={x(minutes)}
          cy={y(celsius)}
          r="6"
          fill={fillOf('broth', true)}
          stroke={edgeOf('broth')}
          strokeWidth="2"
        />
      ))}
      {splitMin !== undefined && splitMin < HOURS * 60 && (
        <g>
          <path
            className="ink-line"
            strokeWidth="2"
            d={`M${x(splitMin)} ${y(celsiusAt(of.curve, splitMin))}V${BOTTOM}`}
          />
          <text x={x(splitMin) + beside} y={BOTTOM - 24} textAnchor={anchor} className="strong">
            {clock(splitMin)}
          </text>
          <text x={x(splitMin) + beside} y={BOTTOM - 8} textAnchor={anchor}>
            split at the latest
          </text>
        </g>
      )}
      {nowMin <= HOURS * 60 && (
        <circle
          cx={x(nowMin)}
          cy={y(lastRead && nowMin - lastRead.minutes < STEP_MIN ? lastRead.celsius : nowC)}
          r="9"
          fill={fillOf('broth', true)}
          stroke={edgeOf('broth')}
          strokeWidth="2.5"
        />
      )}
      <text x={x(first) + 10} y={TOP + 18}>
        {limits.firstH} h to {degrees(limits.first)}
      </text>
      <text x={x(last) - 10} y={y(limits.first) - 8} textAnchor="end">
        {limits.lastH} h to {degrees(limits.last)}
      </text>
      <Hours left={left} right={right} every={every} x={x} clock={clock} />
    </svg>
  );
}

interface HoursProps extends Pick<Props, 'clock'> {
  readonly left: number;
  readonly right: number;
  readonly every: number;
  readonly x: (minutes: number) => number;
}

/** The hours along the foot. */
const Hours = ({ left, right, every, x, clock }: HoursProps) => (
  <>
    <path className="ink-line" strokeWidth="2" d={`M${left} ${BOTTOM}H${right}`} />
    {Array.from({ length: HOURS + 1 }, (_, h) => h)
      .filter((h) => h % every === 0)
      .map((h) => (
        <text key={h} x={x(h * 60)} y={BOTTOM + 22} textAnchor="middle">
          {clock(h * 60)}
        </text>
      ))}
  </>
);
