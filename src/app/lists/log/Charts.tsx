import { type ReactElement, useMemo } from 'react';
import {
  Bar,
  BarChart,
  CartesianGrid,
  ComposedChart,
  Area,
  Line,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts';
import { type Logged, overTime, quarters } from '@/core/log/index.ts';
import { writeMoney, moneyOf, USUAL_CURRENCY } from '@/core/shop/index.ts';
import { percent } from '@/words/index.ts';
import { useKitchen } from '../../open/useKitchen.ts';
import { useSaid } from '../../open/useSaid.ts';
import { dayShort } from './dayShort.ts';
import css from './log.module.scss';

interface Props {
  readonly digests: readonly Logged[];
  /** The cut that is looked at; absent: all together. */
  readonly cut: string | undefined;
}

/** The log over time: yields within what was foretold, cost, hours, and how often it was enough. Each has its table. */
export default function Charts({ digests, cut }: Props) {
  const inTime = useMemo(() => overTime(digests, cut), [digests, cut]);
  const byQuarter = useMemo(() => quarters(digests), [digests]);
  const days = inTime.map((one) => ({ ...one, day: dayShort(one.at) }));
  const yields = days.filter(({ share }) => share !== undefined);
  const costs = days.filter(({ cost }) => cost !== undefined);
  const hours = days.filter(({ tookMin }) => tookMin !== undefined);
  return (
    <div className={css.charts}>
      {yields.length > 0 && <Yields yields={yields} />}
      {hours.length > 0 && <Hours hours={hours} />}
      {costs.length > 0 && <CostsOverTime costs={costs} />}
      <Enough byQuarter={byQuarter} />
    </div>
  );
}

type Day = ReturnType<typeof overTime>[number] & { readonly day: string };

/** Each yield within what was foretold. */
const Yields = ({ yields }: { readonly yields: readonly Day[] }) => (
  <Chart
    title="Shred of raw, in the range that was expected"
    rows={yields.map(({ day, name, share = 0, before }) => [
      day,
      name,
      percent(share),
      before ? `${percent(before.p10)} to ${percent(before.p90)}` : '',
    ])}
    heads={['when', 'what', 'shred of raw', 'expected']}
  >
    <ComposedChart
      accessibilityLayer={false}
      data={yields.map(({ day, share, before }) => ({
        day,
        share: 100 * (share ?? 0),
        range: before ? [100 * before.p10, 100 * before.p90] : undefined,
      }))}
    >
      <CartesianGrid stroke="var(--line)" vertical={false} />
      <XAxis dataKey="day" {...axis} />
      <YAxis domain={['auto', 'auto']} unit=" %" width={54} {...axis} />
      <Area
        dataKey="range"
        fill="var(--board)"
        stroke="var(--quiet)"
        strokeDasharray="4 3"
        isAnimationActive={false}
      />
      <Line
        dataKey="share"
        stroke="var(--meat-edge)"
        strokeWidth={2}
        dot={{ r: 5, fill: 'var(--meat-edge)' }}
        isAnimationActive={false}
      />
    </ComposedChart>
  </Chart>
);

/** How long it took. */
function Hours({ hours }: { readonly hours: readonly Day[] }) {
  const said = useSaid();
  return (
    <Chart
      title="Until it was tender: expected (dashed), and as it was"
      rows={hours.map(({ day, name, tookMin = 0, foretoldMin = 0 }) => [
        day,
        name,
        said.minutes(foretoldMin),
        said.minutes(tookMin),
      ])}
      heads={['when', 'what', 'expected', 'took']}
    >
      <ComposedChart
        accessibilityLayer={false}
        data={hours.map(({ day, tookMin = 0, foretoldMin = 0 }) => ({
          day,
          took: tookMin / 60,
          foretold: foretoldMin / 60,
        }))}
      >
        <CartesianGrid stroke="var(--line)" vertical={false} />
        <XAxis dataKey="day" {...axis} />
        <YAxis
          domain={['auto', 'auto']}
          unit=" h"
          width={54}
          tickFormatter={(h: number) => h.toFixed(1)}
          {...axis}
        />
        <Line
          dataKey="foretold"
          stroke="var(--quiet)"
          strokeDasharray="6 4"
          strokeWidth={2}
          dot={{ r: 3 }}
          isAnimationActive={false}
        />
        <Line
          dataKey="took"
          stroke="var(--ink)"
          strokeWidth={2}
          dot={{ r: 5, fill: 'var(--ink)' }}
          isAnimationActive={false}
        />
      </ComposedChart>
    </Chart>
  );
}

/** What the meat of a serving cost. */
function CostsOverTime({ costs }: { readonly costs: readonly Day[] }) {
  const { currency = USUAL_CURRENCY } = useKitchen();
  const money = (value: number) => writeMoney(moneyOf(value, currency));
  return (
    <Chart
      title="What the meat of one serving cost"
      rows={costs.map(({ day, name, cost = 0 }) => [day, name, money(cost)])}
      heads={['when', 'what', 'a serving']}
    >
      <BarChart accessibilityLayer={false} data={costs.map(({ day, cost }) => ({ day, cost }))}>
        <CartesianGrid stroke="var(--line)" vertical={false} />
        <XAxis dataKey="day" {...axis} />
        <YAxis width={64} tickFormatter={money} {...axis} />
        <Bar dataKey="cost" fill="var(--quiet)" isAnimationActive={false} />
      </BarChart>
    </Chart>
  );
}

/** How often it was short, enough and over. */
const Enough = ({ byQuarter }: { readonly byQuarter: ReturnType<typeof quarters> }) => (
  <Chart
    title="Short (solid), just enough (outlined), over (hatched), by quarter"
    rows={byQuarter.map(({ quarter, counts }) => [
      quarter,
      String(counts.short),
      String(counts['just enough']),
      String(counts.over),
      String(counts.unsaid),
    ])}
    heads={['quarter', 'short', 'just enough', 'over', 'not said']}
  >
    <BarChart
      accessibilityLayer={false}
      data={byQuarter.map(({ quarter, counts }) => ({
        quarter,
        short: counts.short,
        enough: counts['just enough'],
        over: counts.over,
      }))}
    >
      <XAxis dataKey="quarter" {...axis} />
      <YAxis allowDecimals={false} width={40} {...axis} />
      <Bar dataKey="short" stackId="all" fill="var(--ink)" stroke="var(--ink)" isAnimationActive={false} />
      <Bar dataKey="enough" stackId="all" fill="var(--paper)" stroke="var(--ink)" isAnimationActive={false} />
      <Bar dataKey="over" stackId="all" fill="url(#bone)" stroke="var(--ink)" isAnimationActive={false} />
    </BarChart>
  </Chart>
);

const axis = { stroke: 'var(--quiet)', fontSize: 13, tickLine: false } as const;

interface ChartProps {
  readonly title: string;
  readonly heads: readonly string[];
  readonly rows: readonly (readonly string[])[];
  readonly children: ReactElement;
}

/** A chart with its table: the figures that it draws. */
function Chart({ title, heads, rows, children }: ChartProps) {
  return (
    <figure>
      <figcaption>{title}</figcaption>
      <div aria-hidden="true">
        <ResponsiveContainer width="100%" height={190}>
          {children}
        </ResponsiveContainer>
      </div>
      <details>
        <summary>as a table</summary>
        <table className="table">
          <thead>
            <tr>
              {heads.map((head) => (
                <th key={head} scope="col">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((row, i) => (
              <tr key={i}>
                {row.map((cell, k) => (
                  <td key={heads[k]}>{cell}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </figure>
  );
}
