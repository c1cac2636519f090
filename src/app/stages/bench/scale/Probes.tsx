import { useEffect } from 'react';
import { writeDegrees } from '@/core/quantity/index.ts';
import { HELD_HOT } from '@/core/tender/index.ts';
import { radioHere } from '@/devices/bluetooth/adapter.ts';
import { useOpenMeal } from '../../../open/MealContext.ts';
import { useTemperature } from '../../../open/useTemperature.ts';
import { useWall } from '../../../open/useWall.ts';
import { listenToProbes, probesNow, takeProbe } from '../../../browser/probes.ts';
import { useWatched } from '../../../browser/watched.ts';
import { FieldError } from '../../../parts/FieldError.tsx';
import css from './scale.module.scss';

/** What the probes say of what is held hot. */
export function Probes() {
  const { batch, units } = useOpenMeal();
  const wall = useWall();
  const { readings, keep } = useTemperature(batch.id);
  const last = readings.at(-1);
  const probes = useWatched(probesNow);
  useEffect(() => listenToProbes(), []);
  const cold = probes.filter(({ reading }) => reading && reading.celsius < HELD_HOT);
  return (
    <section className={css.probes} aria-label="Probes">
      {probes.map(({ name, link, reading }) => (
        <p key={name}>
          <b className="num">{reading && link === 'on' ? writeDegrees(reading.celsius, units) : '–'}</b>
          <span className="quiet">{link === 'on' ? name : `no signal from ${name}`}</span>
          {reading && link === 'on' && (
            <button
              type="button"
              className="btn act"
              aria-label={`Keep ${writeDegrees(reading.celsius, units)}, ${name}`}
              onClick={() => keep(reading.celsius, 'probe')}
            >
              Keep it
            </button>
          )}
        </p>
      ))}
      {last && (
        <p className="quiet">
          {last.text} at {wall.clock(last.at)}
        </p>
      )}
      {cold.length > 0 && (
        <FieldError>
          Below {writeDegrees(HELD_HOT, units)}: reheat to {writeDegrees(74, units)} within 2 h, or throw it
          away. Follow your local food code.
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
