import { useState } from 'react';
import { writeDegrees } from '@/core/quantity/index.ts';
import { scenes } from '@/devices/standIn/scenes.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { leaveScale, scaleNow, standIn } from '../browser/scale.ts';
import { useWatched } from '../browser/watched.ts';
import { SelectField } from './fields/SelectField.tsx';
import acts from './acts.module.scss';
import css from './standInPanel.module.scss';

/** Weights that are put on by a tap, g. */
const PUTS = [2, 10, 115, 400, 1000];

/** Puts things on the stand-in scale, plays scenes, and cuts its link: for trying the bench without a scale. */
export function StandInPanel() {
  const link = useWatched(standIn);
  const { link: heard } = useWatched(scaleNow);
  const { units } = useOpenMeal();
  const [scene, setScene] = useState('0');
  if (!link) return null;
  return (
    <details className={css.panel}>
      <summary>Stand-in scale: put something on it</summary>
      <div className={acts.atScale}>
        {PUTS.map((grams) => (
          <button
            key={grams}
            type="button"
            className="btn btn-sm act"
            onClick={() => link.obey({ do: 'put', grams })}
          >
            + {grams} g
          </button>
        ))}
        <button
          type="button"
          className="btn btn-sm act"
          onClick={() => link.obey({ do: 'put', grams: -115 })}
        >
          − 115 g
        </button>
        <button type="button" className="btn btn-sm act" onClick={() => link.obey({ do: 'clear' })}>
          All off
        </button>
      </div>
      <div className={acts.atScale}>
        <SelectField label="Scene" value={scene} onChoose={setScene}>
          {scenes.map(({ name }, i) => (
            <option key={name} value={String(i)}>
              {name}
            </option>
          ))}
        </SelectField>
        <button
          type="button"
          className="btn btn-sm act"
          onClick={() => link.obey({ do: 'play', scene: Number(scene) })}
        >
          Play it
        </button>
        <button
          type="button"
          className="btn btn-sm act"
          onClick={() => link.obey({ do: heard === 'on' ? 'cut the link' : 'mend the link' })}
        >
          {heard === 'on' ? 'Cut the link' : 'Mend the link'}
        </button>
        {[82, 45].map((celsius) => (
          <button
            key={celsius}
            type="button"
            className="btn btn-sm act"
            onClick={() => link.obey({ do: 'probe', probe: 0, celsius })}
          >
            Probe into {writeDegrees(celsius, units)}
          </button>
        ))}
        <button type="button" className="link quiet" onClick={leaveScale}>
          without a scale
        </button>
      </div>
    </details>
  );
}
