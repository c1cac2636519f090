import { Plus } from 'lucide-react';
import { useState } from 'react';
import type { Kitchen, Vessel } from '@/core/meal/index.ts';
import { brimMl, standsOn } from '@/core/pot/index.ts';
import { type UnitChoice, writeMass, writeVolume } from '@/core/quantity/index.ts';
import { editKitchen } from '../../open/edits/index.ts';
import { VesselFields } from './VesselFields.tsx';
import css from './kitchen.module.scss';

interface Props {
  readonly kitchen: Kitchen;
  readonly units: UnitChoice;
}

/** The vessels there are, with their inner sizes; each is weighed empty once. */
export function Vessels({ kitchen, units }: Props) {
  const [open, setOpen] = useState<string>();
  const add = () => {
    const id = crypto.randomUUID();
    const vessel: Vessel = { id, name: 'New pot', kind: 'pot', shape: 'round', widthCm: 26, heightCm: 12 };
    editKitchen('a new vessel', (before) => ({ ...before, vessels: [...before.vessels, vessel] }));
    setOpen(id);
  };
  return (
    <>
      <ul className={css.vessels}>
        {kitchen.vessels.map((vessel) => (
          <li key={vessel.id}>
            <button
              type="button"
              className="link"
              aria-expanded={open === vessel.id}
              onClick={() => {
                setOpen(open === vessel.id ? undefined : vessel.id);
              }}
            >
              <b>{vessel.name}</b>
            </button>{' '}
            <span className="quiet">{sizeOf(vessel, units)}</span>
            {open === vessel.id && <VesselFields vessel={vessel} units={units} />}
          </li>
        ))}
      </ul>
      <button type="button" className="btn act" onClick={add}>
        <Plus size={16} aria-hidden /> Another vessel
      </button>
    </>
  );
}

function sizeOf(vessel: Vessel, units: UnitChoice): string {
  const { shape, widthCm, lengthCm, heightCm, tareG } = vessel;
  const round = (x: number) => String(Math.round(x * 10) / 10);
  const across =
    shape === 'round'
      ? `${round(widthCm)} cm across`
      : `${round(widthCm)} × ${round(lengthCm ?? widthCm)} cm`;
  const on = standsOn(vessel);
  const holds = writeVolume(brimMl(vessel), units);
  const empty = tareG === undefined ? undefined : writeMass(tareG, units);
  return `${across}, ${round(heightCm)} cm deep inside, ${holds.value} ${holds.unit} to the brim${empty ? `, ${empty.value} ${empty.unit} empty` : ''}${on.length > 0 ? `; on ${on.join(', ')}` : ''}`;
}
