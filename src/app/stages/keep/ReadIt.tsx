import { useEffect } from 'react';
import { writeDegrees } from '@/core/quantity/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { listenToProbes, probesNow } from '../../browser/probes.ts';
import { useTemperature } from '../../open/useTemperature.ts';
import { useWatched } from '../../browser/watched.ts';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';

interface Props {
  readonly thing: string;
  readonly label: string;
  readonly placeholder: string;
}

/** What a thermometer says of a thing: typed, or of a probe in a tap. */
export function ReadIt({ thing, label, placeholder }: Props) {
  const { units } = useOpenMeal();
  const { readings, keep } = useTemperature(thing);
  const probes = useWatched(probesNow);
  useEffect(() => listenToProbes(), []);
  return (
    <>
      {/* What was kept is gone from the field: the next reading is another. */}
      <QuantityField
        key={readings.length}
        label={label}
        quantity={undefined}
        measure="temperature"
        units={[units.degrees === 'F' ? '°F' : '°C']}
        placeholder={placeholder}
        chars={9}
        weighs
        draft={['temperature', thing, String(readings.length)].join(' ')}
        onDone={({ lo, text }) => {
          if (lo !== undefined) keep(lo, 'typed', text);
        }}
      />
      {probes.map(({ name, link, reading }) =>
        reading && link === 'on' ? (
          <button key={name} type="button" className="btn act" onClick={() => keep(reading.celsius, 'probe')}>
            Keep {writeDegrees(reading.celsius, units)}, {name}
          </button>
        ) : null,
      )}
    </>
  );
}
