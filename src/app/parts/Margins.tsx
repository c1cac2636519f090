import { Bar, BarChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { writeChance, writeMass, writeVolume } from '@/core/quantity/index.ts';
import type { Margin } from '@/core/answers/index.ts';
import { useAnswer } from '../open/useAnswer.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { FieldError } from './FieldError.tsx';
import css from './margins.module.scss';

/** The distribution behind "enough": how much is left over, or short, in how many of a hundred suppers. */
export default function Margins() {
  const { units } = useOpenMeal();
  const { data, error } = useAnswer('margins', undefined);
  if (error) return <FieldError>It could not be worked out ({error.message}). Reload the page.</FieldError>;
  if (!data) return <p className="quiet">Working it out.</p>;
  return (
    <div className={css.margins}>
      {data.meat.bins.length > 0 && (
        <Distribution what="shred" margin={data.meat} write={(x) => said(writeMass(x, units))} />
      )}
      {data.liquid && data.liquid.bins.length > 0 && (
        <Distribution what="liquid" margin={data.liquid} write={(x) => said(writeVolume(x, units))} />
      )}
      <p className="quiet">From {data.draws} runs of this meal.</p>
    </div>
  );
}

const said = ({ value, unit }: { value: string; unit: string }) => `${value} ${unit}`;

interface Props {
  readonly what: string;
  readonly margin: Margin;
  readonly write: (x: number) => string;
}

function Distribution({ what, margin: { bins, short }, write }: Props) {
  const rows = bins.map(({ from, to, share }) => ({
    at: (from + to) / 2,
    [from < 0 ? 'short' : 'left']: 100 * share,
  }));
  const words = `${what}: short in ${writeChance(short)}, else left over, up to ${write(bins.at(-1)?.to ?? 0)}`;
  return (
    <figure aria-label={words}>
      <figcaption>
        {what}: short <b className="num">{writeChance(short)}</b>, left over in the rest
      </figcaption>
      <div aria-hidden="true">
        <ResponsiveContainer width="100%" height={120}>
          <BarChart
            accessibilityLayer={false}
            data={rows}
            margin={{ top: 4, right: 8, bottom: 0, left: 8 }}
            barCategoryGap={1}
          >
            <XAxis
              dataKey="at"
              type="number"
              domain={[bins[0]?.from ?? 0, bins.at(-1)?.to ?? 1]}
              tickFormatter={(x: number) =>
                Math.abs(x) < 1e-9 ? 'just enough' : `${x < 0 ? '−' : ''}${write(Math.abs(x))}`
              }
              tick={{ fill: 'var(--quiet)', fontSize: 12 }}
              stroke="var(--quiet)"
            />
            <YAxis hide />
            <ReferenceLine x={0} stroke="var(--ink)" />
            <Bar
              dataKey="short"
              stackId="draws"
              isAnimationActive={false}
              fill="transparent"
              stroke="var(--warning)"
              strokeDasharray="3 2"
            />
            <Bar
              dataKey="left"
              stackId="draws"
              isAnimationActive={false}
              fill="var(--served)"
              stroke="var(--served-edge)"
            />
          </BarChart>
        </ResponsiveContainer>
      </div>
    </figure>
  );
}
