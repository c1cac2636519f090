import clsx from 'clsx';
import { useEffect, useState } from 'react';
import { writeMass } from '@/core/quantity/index.ts';
import { useOpenMeal } from '../../../open/MealContext.ts';
import { gramsOn, scaleNow, tareScale, takeBluetooth, takeStandIn } from '../../../browser/scale.ts';
import { useWatched } from '../../../browser/watched.ts';
import acts from '../../../parts/acts.module.scss';
import css from './scale.module.scss';

interface Props {
  /** What it is the weight of: "shred". */
  readonly thing: string;
  /** The empty weight of the bowl it lies in, g. */
  readonly bowlG: number;
  readonly onKeep: (grams: number) => void;
  readonly onType: () => void;
}

/** What the scale shows, huge: outlined while it settles, filled when it is steady; then a tap or Enter keeps it. */
export function ScaleBox({ thing, bowlG, onKeep, onType }: Props) {
  const { units } = useOpenMeal();
  const scale = useWatched(scaleNow);
  const { reading, link, kind } = scale;
  const on = gramsOn(scale);
  const grams = on === undefined ? undefined : on - bowlG;
  const heard = link === 'on';
  const steady = heard && reading?.stable === true && grams !== undefined && grams > 0;
  useEffect(() => {
    const press = ({ key, target }: KeyboardEvent) => {
      if (target instanceof HTMLElement && target.matches('input, select, textarea')) return;
      if (key === 't') tareScale();
    };
    document.addEventListener('keydown', press);
    return () => document.removeEventListener('keydown', press);
  }, []);
  if (kind === 'none') return <NoScale onType={onType} />;
  const { value, unit } = writeMass(grams ?? 0, units);
  const words = wordsOf({ heard, overloaded: reading?.grams === null, steady, grams, thing });
  return (
    <div className={css.scale}>
      <button
        type="button"
        className={clsx(css.box, steady && css.isSteady)}
        disabled={!steady}
        aria-label={steady ? `Keep ${value} ${unit} of ${thing}` : words}
        onClick={() => {
          if (steady) onKeep(grams);
        }}
      >
        <span className={css.digits}>
          {grams === undefined ? '–' : value}
          <span className={css.unit}>{unit}</span>
        </span>
        <span className={css.says}>{words}</span>
      </button>
      <p className={acts.atScale}>
        <button type="button" className="btn act" onClick={tareScale}>
          Tare
        </button>
        <button type="button" className="btn act" onClick={onType} data-weighs>
          Type it
        </button>
      </p>
      {!scale.streams && (
        <p className="quiet">
          {scale.name} reads in {scale.stepG} g steps, once settled: good for pots and bowls, not for weighing
          out.
        </p>
      )}
    </div>
  );
}

interface Shown {
  readonly heard: boolean;
  readonly overloaded: boolean;
  readonly steady: boolean;
  readonly grams: number | undefined;
  readonly thing: string;
}

function wordsOf({ heard, overloaded, steady, grams, thing }: Shown): string {
  if (!heard) return 'No signal from the scale. Type it, or wait.';
  if (overloaded) return 'Too heavy for the scale: weigh it in two goes';
  if (grams !== undefined && grams <= 0) return `Nothing on it yet: put the ${thing} on`;
  return steady ? 'Steady. Keep it' : 'Settling';
}

function NoScale({ onType }: Pick<Props, 'onType'>) {
  const { fault } = useWatched(scaleNow);
  const [busy, setBusy] = useState(false);
  const take = (which: () => Promise<void>) => {
    setBusy(true);
    which()
      .catch(reportError)
      .finally(() => setBusy(false));
  };
  return (
    <div className={css.scale}>
      <p className={acts.atScale}>
        <button type="button" className="btn act is-first" onClick={onType} data-weighs>
          Type the weight
        </button>
        <button type="button" className="btn act" disabled={busy} onClick={() => take(takeBluetooth)}>
          Bluetooth scale
        </button>
        <button type="button" className="btn act" disabled={busy} onClick={() => take(takeStandIn)}>
          Stand-in scale
        </button>
      </p>
      {fault !== undefined && <p className="quiet">{fault}</p>}
    </div>
  );
}
