import { useState } from 'react';
import type { BoilsDown } from '@/core/answers/index.ts';
import { clockNow } from '../../browser/clock.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { weigh } from '../../open/edits/index.ts';
import { useSaid } from '../../open/useSaid.ts';
import { volumeUnits } from '../../open/useSettings.ts';
import { useWall } from '../../open/useWall.ts';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';

/** Two marks so far apart teach the rate. */
const TEN_MINUTES = 600_000;

interface Props {
  readonly down: BoilsDown;
  readonly now: number;
}

/** How much is in the pan now: a mark, and after two of them the rate is known. */
export function MarkIt({ down, now }: Props) {
  const { loaded, batch, units } = useOpenMeal();
  const { volume } = useSaid();
  const wall = useWall();
  const [marking, setMarking] = useState(false);
  const { marks, liquid, step } = down;
  const { nowMl } = down.now ?? down.usual;
  return marking ? (
    <QuantityField
      label="So much is there now"
      quantity={undefined}
      measure={['volume', 'mass']}
      units={volumeUnits(units)}
      placeholder={volume(nowMl)}
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
  );
}
