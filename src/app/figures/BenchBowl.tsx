import { edgeOf, fillOf } from './materials.ts';
import css from './figures.module.scss';

interface Props {
  readonly shredG: number;
  readonly boneG: number;
  readonly pickingsG: number;
  readonly weighed: boolean;
}

/** The bowl of shred, with the bones and the pickings beside it, their areas to one scale. */
export function BenchBowl({ shredG, boneG, pickingsG, weighed }: Props) {
  const scale = 9000 / Math.max(shredG, 1);
  const side = (grams: number) => Math.sqrt(grams * scale);
  const height = 88;
  const bone = side(boneG);
  const picked = side(pickingsG);
  return (
    <svg
      className={css.benchBowl}
      viewBox="0 0 430 150"
      role="img"
      aria-label="The bowl of shred, the bones and what is picked out, to scale"
    >
      <path
        d={`M22 ${128 - height}q4 ${height - 8} 60 ${height - 8}h56q56 0 60-${height - 8}z`}
        fill={fillOf('meat', weighed)}
        stroke={edgeOf('meat')}
      />
      <path className="ink-line" strokeWidth="4" d="M8 34q6 94 76 94h52q70 0 76-94z" strokeLinejoin="round" />
      <path className="ink-line" strokeWidth="4" d="M62 140h96" strokeLinecap="round" />
      {boneG > 1 && (
        <rect
          x="240"
          y={130 - bone}
          width={bone}
          height={bone}
          rx="8"
          fill={fillOf('bone', true)}
          stroke={edgeOf('bone')}
        />
      )}
      {pickingsG > 1 && (
        <rect
          x={256 + bone}
          y={130 - picked}
          width={picked}
          height={picked}
          rx="8"
          fill={fillOf('pickings', true)}
          stroke={edgeOf('pickings')}
        />
      )}
    </svg>
  );
}
