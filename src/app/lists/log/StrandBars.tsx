import type { StrandBar } from '@/core/log/index.ts';
import { useSaid } from '../../open/useSaid.ts';
import { edgeOf, fillOf } from '../../figures/materials.ts';
import { shortPart } from '../../figures/flow/shortPart.ts';
import flow from '../../figures/flow/flow.module.scss';
import css from './log.module.scss';

interface Props {
  readonly bars: { readonly meat: readonly StrandBar[]; readonly liquid: readonly StrandBar[] };
  readonly liquidMl: { readonly planned: number; readonly now: number };
}

const HIGH = 104;
const WIDE = 50;
const STEP = 84;
/** So many stand in a row at least: fewer are not drawn larger for it. */
const IN_ROW = 7;
/** A difference smaller than this is not said, g. */
const SAME = 5;

/** What meat and liquid became, each hung from what went in: filled as it came, outlined as foretold, to one scale. */
export function StrandBars({ bars, liquidMl }: Props) {
  const most = Math.max(
    1,
    ...[...bars.meat, ...bars.liquid].map(({ plannedG, nowG }) => Math.max(plannedG, nowG)),
  );
  return (
    <div className={css.bars}>
      {[bars.meat, bars.liquid].map(
        (some, i) => some.length > 0 && <Hung key={i} bars={some} most={most} liquidMl={liquidMl} />,
      )}
    </div>
  );
}

interface HungProps {
  readonly bars: readonly StrandBar[];
  readonly most: number;
  readonly liquidMl: Props['liquidMl'];
}

function Hung({ bars, most, liquidMl }: HungProps) {
  const said = useSaid();
  const high = (grams: number) => (HIGH * grams) / most;
  const words = bars
    .map(({ words: what, plannedG, nowG }) => `${what} ${said.mass(nowG)}, expected ${said.mass(plannedG)}`)
    .join('; ');
  const deepest = Math.max(...bars.map(({ plannedG, nowG }) => high(Math.max(plannedG, nowG))));
  const wide = Math.max(IN_ROW, bars.length) * STEP;
  return (
    <svg viewBox={`-4 -10 ${String(wide)} ${String(deepest + 66)}`} role="img" aria-label={words}>
      <path className={flow.board} d={`M-1 -5h${String((bars.length - 1) * STEP + WIDE + 2)}`} />
      {bars.map(({ part, material, plannedG, nowG, weighed, words: what }, i) => {
        const off = nowG - plannedG;
        const low = Math.max(high(nowG), high(plannedG)) + 17;
        return (
          <g key={part} transform={`translate(${String(i * STEP)} 0)`}>
            <rect
              width={WIDE}
              height={Math.max(1, high(nowG))}
              fill={fillOf(material, weighed)}
              stroke={edgeOf(material)}
            />
            <rect className={flow.planned} width={WIDE} height={Math.max(1, high(plannedG))} />
            <text y={low} className={flow.quiet}>
              {shortPart({ part, words: what })}
            </text>
            <text y={low + 17} className={flow.figure}>
              {part === 'liquid' ? said.volume(liquidMl.now) : said.mass(nowG)}
            </text>
            {Math.abs(off) >= SAME && (
              <text y={low + 33} className={css.off}>
                {off > 0 ? '+' : '−'}
                {said.mass(Math.abs(off))}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}
