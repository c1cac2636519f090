import { Plus, X } from 'lucide-react';
import { useState } from 'react';
import type { Kitchen, Vessel } from '@/core/batch/schema.ts';
import { brimMl } from '@/core/pot/index.ts';
import { writeMass, writeVolume, type UnitChoice } from '@/core/quantity/index.ts';
import { editKitchen } from '../data/edits.ts';
import { massUnits } from '../data/useSettings.ts';
import { QuantityField } from '../parts/QuantityField.tsx';
import { SelectField } from '../parts/SelectField.tsx';
import { TextField } from '../parts/TextField.tsx';
import { LengthField } from './LengthField.tsx';

const kinds: readonly Vessel['kind'][] = ['pot', 'pan', 'slow cooker', 'roasting pan', 'tray'];

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
      <ul className="vessels">
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
  const holds = writeVolume(brimMl(vessel), units);
  const empty = tareG === undefined ? undefined : writeMass(tareG, units);
  return `${across}, ${round(heightCm)} cm deep inside, ${holds.value} ${holds.unit} to the brim${empty ? `, ${empty.value} ${empty.unit} empty` : ''}`;
}

function VesselFields({ vessel, units }: { readonly vessel: Vessel; readonly units: UnitChoice }) {
  const edit = (words: string, recipe: (vessel: Vessel) => Vessel) => {
    editKitchen(words, (kitchen) => ({
      ...kitchen,
      vessels: kitchen.vessels.map((other) => (other.id === vessel.id ? recipe(other) : other)),
    }));
  };
  const size = (key: 'widthCm' | 'lengthCm' | 'heightCm') => (cm: number) => {
    edit('the size of a vessel', (v) => ({ ...v, [key]: cm }));
  };
  const empty = vessel.tareG === undefined ? undefined : writeMass(vessel.tareG, units);
  return (
    <div className="lot-more">
      <TextField
        label="Name"
        value={vessel.name}
        onChange={(name) => {
          if (name !== '') edit('the name of a vessel', (v) => ({ ...v, name }));
        }}
      />
      <SelectField
        label="Kind"
        value={vessel.kind}
        onChoose={(kind) => {
          edit('the kind of a vessel', (v) => ({ ...v, kind: kind as Vessel['kind'] }));
        }}
      >
        {kinds.map((kind) => (
          <option key={kind}>{kind}</option>
        ))}
      </SelectField>
      <SelectField
        label="Shape"
        value={vessel.shape}
        onChoose={(shape) => {
          edit('the shape of a vessel', (v) => ({ ...v, shape: shape as Vessel['shape'] }));
        }}
      >
        <option value="round">round</option>
        <option value="box">box</option>
      </SelectField>
      <LengthField
        label={vessel.shape === 'round' ? 'Across, cm' : 'Wide, cm'}
        cm={vessel.widthCm}
        onChange={size('widthCm')}
      />
      {vessel.shape === 'box' && (
        <LengthField label="Long, cm" cm={vessel.lengthCm ?? vessel.widthCm} onChange={size('lengthCm')} />
      )}
      <LengthField label="Deep, cm" cm={vessel.heightCm} onChange={size('heightCm')} />
      <QuantityField
        label="Weight, empty"
        quantity={
          vessel.tareG === undefined || !empty
            ? undefined
            : { text: `${empty.value} ${empty.unit}`, lo: vessel.tareG, hi: vessel.tareG }
        }
        measure="mass"
        units={massUnits(units)}
        placeholder="weigh it once"
        onDone={({ lo }) => {
          if (lo !== undefined) edit('the empty weight of a vessel', (v) => ({ ...v, tareG: lo }));
        }}
      />
      <button
        type="button"
        className="link quiet"
        onClick={() => {
          editKitchen(`taking out ${vessel.name}`, (kitchen) => ({
            ...kitchen,
            vessels: kitchen.vessels.filter(({ id }) => id !== vessel.id),
          }));
        }}
      >
        <X size={16} aria-hidden /> Take it out
      </button>
    </div>
  );
}
