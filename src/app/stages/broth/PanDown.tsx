import { type KeyboardEvent, type PointerEvent, useState } from 'react';
import type { BoilsDown } from '@/core/answers/index.ts';
import { withReduced } from '@/core/meal/index.ts';
import { edgeOf, fillOf } from '../../figures/materials.ts';
import { editBatch } from '../../open/edits/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { useSaid } from '../../open/useSaid.ts';
import { MarkIt } from './MarkIt.tsx';
import { PanMarks } from './PanMarks.tsx';
import { PanMinutes } from './PanMinutes.tsx';
import css from './broth.module.scss';

interface Props {
  readonly down: BoilsDown;
  readonly now: number;
}

const [LEFT, RIGHT, FOOT, HIGH] = [30, 280, 300, 190];
/** What one key moves the target by, ml, and with Shift. */
const [STEP, FINE] = [50, 10];

/** The pan that boils down: from where it was to its target, its marks, and the minutes that are left. */
export function PanDown({ down, now }: Props) {
  const { batch } = useOpenMeal();
  const { volume: said } = useSaid();
  const [dragged, setDragged] = useState<number>();
  const { fromMl, marks, liquid, step } = down;
  const toMl = dragged ?? down.toMl;
  const reduction = down.now ?? down.usual;
  const px = (ml: number) => (Math.min(ml, fromMl) / fromMl) * HIGH;
  const aim = (ml: number) =>
    editBatch(
      batch.id,
      'how far it is boiled down',
      (b) =>
        withReduced(b, crypto.randomUUID(), {
          liquid: liquid === 'pot' ? undefined : liquid,
          ml,
          text: said(ml),
        }),
      `${step} to`,
    );
  const drag = (event: PointerEvent<SVGElement>) => {
    if (event.buttons !== 1) return;
    const box = event.currentTarget.ownerSVGElement?.getBoundingClientRect();
    if (!box) return;
    const y = ((event.clientY - box.top) / box.height) * 340;
    setDragged(Math.max(FINE, Math.min(fromMl, Math.round((((FOOT - y) / HIGH) * fromMl) / FINE) * FINE)));
  };
  const press = (event: KeyboardEvent) => {
    const by = event.key === 'ArrowUp' ? 1 : event.key === 'ArrowDown' ? -1 : 0;
    if (by === 0) return;
    event.preventDefault();
    aim(Math.max(FINE, Math.min(fromMl, toMl + by * (event.shiftKey ? FINE : STEP))));
  };
  return (
    <div className={css.pan}>
      <PanMinutes down={down} />
      <svg viewBox="0 60 430 280" role="group" aria-label={`From ${said(fromMl)} to ${said(toMl)}`}>
        <rect
          x={LEFT}
          y={FOOT - px(fromMl)}
          width={RIGHT - LEFT}
          height={px(fromMl) - px(reduction.nowMl)}
          fill={fillOf('steam', true)}
          stroke={edgeOf('steam')}
        />
        <rect
          x={LEFT}
          y={FOOT - px(reduction.nowMl)}
          width={RIGHT - LEFT}
          height={px(reduction.nowMl)}
          fill={fillOf('broth', down.now !== undefined)}
          stroke={edgeOf('broth')}
        />
        <path
          className="ink-line"
          strokeWidth="5"
          d={`M${LEFT - 3} ${FOOT - HIGH - 34}V${FOOT - 6}q0 8 8 8H${RIGHT - 5}q8 0 8-8V${FOOT - HIGH - 34}`}
        />
        <PanMarks marks={marks} right={RIGHT} y={(ml) => FOOT - px(ml)} />
        <path className="target" strokeWidth="4" d={`M${LEFT} ${FOOT - px(toMl)}H${RIGHT}`} />
        <g
          className={css.grip}
          role="slider"
          tabIndex={0}
          aria-label="Boil it down to"
          aria-valuemin={FINE}
          aria-valuemax={Math.round(fromMl)}
          aria-valuenow={Math.round(toMl)}
          aria-valuetext={said(toMl)}
          aria-orientation="vertical"
          onKeyDown={press}
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            drag(event);
          }}
          onPointerMove={drag}
          onPointerUp={() => {
            if (dragged !== undefined) aim(dragged);
            setDragged(undefined);
          }}
        >
          <circle className="reach" cx={RIGHT} cy={FOOT - px(toMl)} r="22" />
          <circle className="knob" cx={RIGHT} cy={FOOT - px(toMl)} r="10" />
          <text x={RIGHT + 20} y={FOOT - px(toMl) + 5}>
            to <tspan className="num">{said(toMl)}</tspan>
          </text>
        </g>
      </svg>
      <MarkIt down={down} now={now} />
    </div>
  );
}
