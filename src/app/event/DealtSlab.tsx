import type { Split } from '@/core/event/index.ts';
import css from './event.module.scss';

const WIDTH = 960;
const HEIGHT = 46;
const TOP = 22;

/** The meat as one slab, cut where the pots part; what has no place stands outside. */
export function DealtSlab({ split: { pots, outsideG } }: { readonly split: Split }) {
  const all = pots.reduce((sum, { g }) => sum + g, 0) + outsideG;
  const scale = all > 0 ? (WIDTH - 4 - pots.length * 3) / all : 0;
  const parts = [
    ...pots.map(({ batch, g, name, day }) => ({ key: `${batch} ${name}`, g, name, day })),
    ...(outsideG >= 1 ? [{ key: '', g: outsideG, name: 'outside', day: -1 }] : []),
  ];
  const lefts = parts.map((_, i) => 2 + parts.slice(0, i).reduce((sum, { g }) => sum + g * scale + 3, 0));
  return (
    <figure className={css.strands} aria-label="The deal" tabIndex={0}>
      <svg
        viewBox={`0 0 ${String(WIDTH)} ${String(TOP + HEIGHT + 4)}`}
        role="img"
        aria-label="The meat, cut into its pots; the list below says the same"
      >
        {parts.map(({ key, g, name, day }, i) => (
          <g key={`${key} ${String(day)}`}>
            <rect
              x={lefts[i]}
              y={TOP}
              width={Math.max(1, g * scale)}
              height={HEIGHT}
              className={day < 0 ? css.missing : css.meat}
              {...(day >= 0 && { fill: day === 0 ? 'url(#meat)' : 'url(#meat-planned)' })}
            />
            <text x={lefts[i]} y={TOP - 7} className={css.small}>
              {fitted(name, g * scale)}
            </text>
          </g>
        ))}
      </svg>
    </figure>
  );
}

/** So much of a name as stands over its piece. */
const fitted = (name: string, px: number): string => {
  const most = Math.floor(px / 7.5);
  return name.length <= most ? name : most < 3 ? '' : `${name.slice(0, most - 1)}…`;
};
