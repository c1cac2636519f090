import type { StrandBar } from '@/core/log/index.ts';
import { useSaid } from '../data/useSaid.ts';
import { edgeOf, fillOf } from '../figures/materials.ts';
import css from './log.module.scss';

interface Props {
  readonly bars: { readonly meat: readonly StrandBar[]; readonly liquid: readonly StrandBar[] };
  readonly liquidMl: { readonly planned: number; readonly now: number };
}

const HIGH = 210;
const WIDE = 42;
const STEP = 72;
/** A difference smaller than this is not said, g. */
const SAME = 5;

/** What meat and liquid became, hung side by side from what went in: filled as it came, outlined as foretold. */
export function StrandBars({ bars, liquidMl }: Props) {
  const said = useSaid();
  const all = [...bars.meat, ...bars.liquid];
  const most = Math.max(1, ...all.map(({ plannedG, nowG }) => Math.max(plannedG, nowG)));
  const high = (grams: number) => (HIGH * grams) / most;
  const gap = 24;
  const x = (i: number) => i * STEP + (i >= bars.meat.length ? gap : 0);
  const words = all
    .map(({ words: what, plannedG, nowG }) => `${what} ${said.mass(nowG)}, foretold ${said.mass(plannedG)}`)
    .join('; ');
  return (
    <div className={css.bars}>
      <svg
        viewBox={`-4 -12 ${String(all.length * STEP + gap)} ${String(HIGH + 78)}`}
        role="img"
        aria-label={words}
      >
        <path className={css.board} d={`M-2 -6h${String(x(bars.meat.length - 1) + WIDE + 8)}`} />
        {bars.liquid.length > 0 && (
          <path
            className={css.board}
            d={`M${String(x(bars.meat.length) - 4)} -6H${String(x(all.length - 1) + WIDE + 4)}`}
          />
        )}
        {all.map(({ part, material, plannedG, nowG, weighed, words: what }, i) => {
          const off = nowG - plannedG;
          const low = Math.max(high(nowG), high(plannedG)) + 20;
          const value = part === 'liquid' ? said.volume(liquidMl.now) : said.mass(nowG);
          return (
            <g key={part} transform={`translate(${String(x(i))} 0)`}>
              <rect
                width={WIDE}
                height={Math.max(1, high(nowG))}
                fill={fillOf(material, weighed || part === 'shred')}
                stroke={edgeOf(material)}
              />
              <rect className={css.planned} width={WIDE} height={Math.max(1, high(plannedG))} />
              <text y={low} className={css.quiet}>
                {shortPart[part] ?? what}
              </text>
              <text y={low + 18} className={css.figure}>
                {value}
              </text>
              {Math.abs(off) >= SAME && (
                <text y={low + 34} className={css.off}>
                  {off > 0 ? '+' : '−'}
                  {said.mass(Math.abs(off))}
                </text>
              )}
            </g>
          );
        })}
      </svg>
    </div>
  );
}

const shortPart: Readonly<Partial<Record<StrandBar['part'], string>>> = {
  bone: 'bone',
  pickings: 'picked',
  trim: 'trimmed',
  air: 'to the air',
  unpulled: 'too tough',
  juice: 'juice',
  fat: 'fat',
  pour: 'poured',
  items: 'vegetables',
  steam: 'steam',
  alcohol: 'alcohol',
  strained: 'strained',
  skim: 'skimmed',
  liquid: 'broth',
  missing: 'missing',
  found: 'too much',
};
