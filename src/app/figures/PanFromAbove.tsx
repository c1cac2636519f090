import type { Panful } from '@/core/pot/index.ts';
import type { Vessel } from '@/core/meal/index.ts';
import { edgeOf, fillOf } from './materials.ts';
import css from './figures.module.scss';

interface Props {
  readonly pan: Vessel;
  readonly panful: Panful;
  readonly words: string;
}

/** A pan from above with its pieces where they lie, to scale: ten px stand for a centimetre. */
export function PanFromAbove({ pan, panful, words }: Props) {
  const [w, l] = [
    pan.widthCm * 10,
    (pan.shape === 'round' ? pan.widthCm : (pan.lengthCm ?? pan.widthCm)) * 10,
  ];
  const handle = pan.kind === 'pan' ? 90 : 0;
  return (
    <svg
      className={css.panAbove}
      viewBox={`${-w / 2 - 8} ${-l / 2 - 8} ${w + 16 + handle} ${l + 16}`}
      role="img"
      aria-label={words}
    >
      {handle > 0 && (
        <rect className={css.panHandle} x={w / 2 - 4} y={-11} width={handle} height={22} rx={11} />
      )}
      {pan.shape === 'round' ? (
        <circle className={css.panFloor} r={w / 2 + 3} />
      ) : (
        <rect className={css.panFloor} x={-w / 2 - 3} y={-l / 2 - 3} width={w + 6} height={l + 6} rx={14} />
      )}
      {panful.pieces.map(({ x, y, w: wide, l: long }) => (
        <rect
          key={`${x} ${y}`}
          x={(x - wide / 2) * 10}
          y={(y - long / 2) * 10}
          width={wide * 10}
          height={long * 10}
          rx={wide === long ? wide * 5 : 14}
          fill={fillOf('meat', true)}
          stroke={edgeOf('meat')}
          strokeWidth={3}
        />
      ))}
    </svg>
  );
}
