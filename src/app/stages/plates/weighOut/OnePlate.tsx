import type { DishKind } from '@/core/meal/index.ts';
import type { PlateNow } from '@/core/plates/index.ts';
import { DishSection } from '../../../figures/DishSection.tsx';
import { useSaid } from '../../../open/useSaid.ts';
import type { RunNow } from './useRun.ts';
import css from '../plates.module.scss';

/** How high a right portion stands in its drawing. */
const SLOT = 0.8;

const saysWords: Readonly<Record<PlateNow['says'], string>> = {
  'no bowl': 'put a bowl on',
  more: 'more',
  right: 'right: lift it off',
  'too much': 'too much: take some off',
};

/** The plate on the scale: how much more, drawn beside its portion, and what is left for the others. */
export function OnePlate({ now, kind }: { readonly now: RunNow; readonly kind: DishKind }) {
  const { heard, plate, target, slot, run } = now;
  const said = useSaid();
  return (
    <div className={css.target}>
      <p className={css.more} role="status">
        <b className="num">{heard ? Math.abs(Math.round(plate.offG)) : '–'}</b> g
        <span>{heard ? saysWords[plate.says] : 'no signal from the scale: type it'}</span>
      </p>
      <div className={css.drawn}>
        <DishSection
          kind={kind}
          meat={(plate.inBowlG / target) * SLOT}
          smallest={(slot.low / target) * SLOT}
          largest={(slot.high / target) * SLOT}
          words={`${said.mass(plate.inBowlG)} of ${said.mass(target)}`}
        />
        <p>
          <b className="num">{said.mass(target)}</b>
          <small>
            {slot.low} to {slot.high}
          </small>
        </p>
      </div>
      <p className={css.leftFor}>
        <b className="num">{said.mass(run.leftG)}</b>
        <small>left for {run.left}</small>
      </p>
    </div>
  );
}
