import { area, curveMonotoneY } from 'd3-shape';
import { writeMinutes, type Range } from '@/core/quantity/index.ts';

const tender = area<readonly [share: number, y: number]>()
  .x0(164)
  .x1(([share]) => 164 + 150 * share)
  .y(([, at]) => at)
  .curve(curveMonotoneY);

/** The share that is tender by then, widening as the cook goes on: through 1, 5 and 9 in ten. */
function tenderPath(p10: number, mid: number, p90: number, y: (minutes: number) => number): string {
  const knots = [
    [0, p10 - (mid - p10) * 0.9],
    [0.1, p10],
    [0.5, mid],
    [0.9, p90],
  ] as const;
  return tender(knots.map(([share, at]) => [share, y(at)] as const)) ?? '';
}

const WIDTH = 620;
const HEIGHT = 330;
const TOP = 16;

/** The cook running down: the pot as a band, the first look as a flag, tender between its ends. */
export function TimeDown({ ready, firstCheck }: { readonly ready: Range; readonly firstCheck: number }) {
  const { mid, p10 = mid, p90 = mid } = ready;
  const hours = Math.ceil((p90 * 1.12) / 60);
  const y = (minutes: number) => TOP + (minutes / 60 / hours) * (HEIGHT - TOP - 14);
  const clock = (minutes: number) => writeMinutes(minutes).value;
  const words = `First look after ${clock(firstCheck)}; tender likely between ${clock(p10)} and ${clock(p90)}, even odds at ${clock(mid)}`;
  return (
    <svg className="time-down" viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={words}>
      {Array.from({ length: hours + 1 }, (_, h) => (
        <g key={h}>
          <path d={`M62 ${y(h * 60)}H${WIDTH}`} stroke="var(--line)" />
          <text x="50" y={y(h * 60) + 5} textAnchor="end" className="quiet-text">
            {h} h
          </text>
        </g>
      ))}
      <rect x="90" y={y(0)} width="58" height={y(mid) - y(0)} fill="url(#broth)" />
      <rect x="90" y={y(mid)} width="58" height={y(p90) - y(mid)} fill="url(#broth-planned)" />
      <path
        className="ink-line"
        strokeWidth="2.5"
        d={`M90 ${y(0)}h58v${y(p90) - y(0)}q0 8-8 8h-42q-8 0-8-8z`}
      />
      <path
        d={tenderPath(p10, mid, p90, y)}
        fill="url(#meat-planned)"
        stroke="var(--meat-edge)"
        strokeWidth="1.5"
      />
      <path className="ink-line" strokeWidth="2" d={`M148 ${y(firstCheck)}h40`} />
      <path fill="var(--ink)" d={`M188 ${y(firstCheck) - 14}h190l-8 14 8 14h-190z`} />
      <text x="202" y={y(firstCheck) + 5} className="on-ink">
        {clock(firstCheck)} first look
      </text>
      <text x="392" y={y(p10) + 5}>
        <tspan className="num">{clock(p10)}</tspan> one in ten is tender
      </text>
      <text x="392" y={y(mid) + 5}>
        <tspan className="num">{clock(mid)}</tspan> even odds
      </text>
      <text x="392" y={y(p90) + 5}>
        <tspan className="num">{clock(p90)}</tspan> nine in ten
      </text>
    </svg>
  );
}
