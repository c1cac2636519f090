import { useEffect } from 'react';
import { writeDegrees } from '@/core/quantity/index.ts';
import { HELD_HOT } from '@/core/tender/index.ts';
import { radioHere } from '@/devices/bluetooth/adapter.ts';
import { useOpenMeal } from '../../data/MealContext.ts';
import { listenToProbes, probesNow, takeProbe } from '../../data/probes.ts';
import { useWatched } from '../../data/watched.ts';
import { FieldError } from '../../parts/FieldError.tsx';
import css from './scale.module.scss';

/** What the probes say of what is held hot. */
export function Probes() {
  const { units } = useOpenMeal();
  const probes = useWatched(probesNow);
  useEffect(() => listenToProbes(), []);
  const cold = probes.filter(({ reading }) => reading && reading.celsius < HELD_HOT);
  return (
    <section className={css.probes} aria-label="Probes">
      {probes.map(({ name, link, reading }) => (
        <p key={name}>
          <b className="num">{reading && link === 'on' ? writeDegrees(reading.celsius, units) : '–'}</b>
          <span className="quiet">{link === 'on' ? name : `${name} is not heard`}</span>
        </p>
      ))}
      {cold.length > 0 && (
        <FieldError>
          Below {writeDegrees(HELD_HOT, units)}: heat it right through, or cool it fast. Follow your local
          food code.
        </FieldError>
      )}
      {probes.length === 0 && radioHere() && (
        <button
          type="button"
          className="btn act"
          onClick={() => {
            takeProbe().catch(reportError);
          }}
        >
          Bluetooth probe
        </button>
      )}
    </section>
  );
}
