import type { BoilsDown } from '@/core/answers/index.ts';
import { useSaid } from '../../open/useSaid.ts';
import { useWall } from '../../open/useWall.ts';

interface Props {
  readonly marks: BoilsDown['marks'];
  /** Right edge of the pan in its picture, and where so many ml stand. */
  readonly right: number;
  readonly y: (ml: number) => number;
}

/** What was read of the pan, each at its level with its hour. */
export function PanMarks({ marks, right, y }: Props) {
  const { volume } = useSaid();
  const wall = useWall();
  const labels = spread(marks.map(({ ml }) => y(ml)));
  return marks.map(({ at, ml }, i) => (
    <g key={at}>
      <path
        className="ink-line"
        strokeWidth="2"
        d={`M${right - 24} ${y(ml)}H${right + 4}L${right + 16} ${labels[i] ?? y(ml)}`}
      />
      <text x={right + 20} y={(labels[i] ?? y(ml)) + 5}>
        {wall.clock(at)} <tspan className="num">{volume(ml)}</tspan>
      </text>
    </g>
  ));
}

/** Labels of marks that lie close to each other are moved apart. */
const LABEL = 20;
function spread(ys: readonly number[]): number[] {
  const out: number[] = [];
  for (const y of ys) out.push(Math.max(y, (out.at(-1) ?? -Infinity) + LABEL));
  return out;
}
