import { useState } from 'react';
import type { Quantity } from '@/core/quantity/index.ts';
import { QuantityField } from '../../../parts/fields/QuantityField.tsx';
import { TextField } from '../../../parts/fields/TextField.tsx';
import { startTimer } from '../../../browser/timers.ts';

/** A timer by hand. Those of tasks are offered where a task is tapped. */
export function NewTimer() {
  const [name, setName] = useState('');
  const [time, setTime] = useState<Quantity>({ text: '' });
  const minutes = time.lo;
  return (
    <section aria-label="Timers by hand">
      <div className="choices">
        <TextField label="Timer for" value={name} onChange={setName} />
        <QuantityField
          label="rings after"
          quantity={time}
          measure="duration"
          placeholder="20 min"
          chars={8}
          onChange={setTime}
        />
        <button
          type="button"
          className="btn act"
          disabled={minutes === undefined}
          onClick={() => {
            if (minutes === undefined) return;
            startTimer(name.trim() === '' ? 'Timer' : name.trim(), minutes);
            setName('');
            setTime({ text: '' });
          }}
        >
          Start it
        </button>
      </div>
      <p className="quiet">A browser may stop a hidden page; then no timer rings. Calendar alarms do.</p>
    </section>
  );
}
