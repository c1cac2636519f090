import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import { withReduced } from '@/core/meal/index.ts';
import type { BoilsDown } from '@/core/answers/index.ts';
import { writeVolume } from '@/core/quantity/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { editBatch, weigh } from '../../open/edits.ts';
import { volumeUnits } from '../../open/useSettings.ts';
import { useWall } from '../../open/useWall.ts';
import { clockNow } from '../../browser/clock.ts';
import { edgeOf, fillOf } from '../../figures/materials.ts';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
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
  const { loaded, batch, units } = useOpenMeal();
  const wall = useWall();
  const [dragged, setDragged] = useState<number>();
  const [marking, setMarking] = useState(false);
  const { fromMl, marks, liquid, step } = down;
  const toMl = dragged ?? down.toMl;
  const reduction = down.now ?? down.usual;
  const px = (ml: number) => (Math.min(ml, fromMl) / fromMl) * HIGH;
  const said = (ml: number) => {
    const { value, unit } = writeVolume({ mid: ml }, units);
    return `${value} ${unit}`;
  };
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
  const minutes = Math.round(reduction.minutes.mid);
  return (
    <div className={css.pan}>
      <p className={css.minutes}>
        <b className="num">{minutes}</b>
        <span>
          {minutes === 1 ? 'minute' : 'minutes'}
          {down.now ? ' more' : ' at a hard boil'}
        </span>
        <small className="quiet">
          {Math.round(reduction.minutes.p10)} to {Math.round(reduction.minutes.p90)},{' '}
          {reduction.from === 'marks'
            ? `by ${String(marks.length)} marks`
            : 'as burners usually do: mark it to know'}
        </small>
        {down.now && <small>off the heat at {wall.clock(reduction.doneAt)}</small>}
      </p>
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
        {spread(marks.map(({ ml }) => FOOT - px(ml))).map((y, i) => (
          <g key={marks[i]?.at}>
            <path
              className="ink-line"
              strokeWidth="2"
              d={`M${RIGHT - 24} ${FOOT - px(marks[i]?.ml ?? 0)}H${RIGHT + 4}L${RIGHT + 16} ${y}`}
            />
            <text x={RIGHT + 20} y={y + 5}>
              {wall.clock(marks[i]?.at ?? 0)} <tspan className="num">{said(marks[i]?.ml ?? 0)}</tspan>
            </text>
          </g>
        ))}
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
      {marking ? (
        <QuantityField
          label="So much is there now"
          quantity={undefined}
          measure={['volume', 'mass']}
          units={volumeUnits(units)}
          placeholder={said(reduction.nowMl)}
          chars={9}
          autoFocus
          draft={['mark', batch.id, step].join(' ')}
          onDone={(value, measure) => {
            weigh(loaded.meal.id, 'a mark of the jug', {
              batch: batch.id,
              measures: { what: 'mark', ...(liquid !== 'pot' && { liquid }) },
              value,
              measure: measure === 'mass' ? 'mass' : 'volume',
            });
            setMarking(false);
          }}
        />
      ) : (
        <button type="button" className="btn act is-first" data-marks onClick={() => setMarking(true)}>
          {marks.length === 0 ? 'It boils: mark it' : 'Mark it'}
          {marks.length === 1 && (
            <small> again at {wall.clock(Math.max(clockNow(), (marks[0]?.at ?? now) + TEN_MINUTES))}</small>
          )}
        </button>
      )}
    </div>
  );
}

/** Two marks so far apart teach the rate. */
const TEN_MINUTES = 600_000;
/** Labels of marks that lie close to each other are moved apart. */
const LABEL = 20;
function spread(ys: readonly number[]): number[] {
  const out: number[] = [];
  for (const y of ys) out.push(Math.max(y, (out.at(-1) ?? -Infinity) + LABEL));
  return out;
}
