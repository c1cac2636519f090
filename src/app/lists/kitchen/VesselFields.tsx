import { Plus, X } from 'lucide-react';
import { useState } from 'react';
import { stands, type Vessel, vesselKinds } from '@/core/meal/index.ts';
import {
  brimMl,
  brimOfWater,
  isWithinBounds,
  fullOfWater,
  outerCm,
  standsOn,
  withVolume,
} from '@/core/pot/index.ts';
import {
  bounds,
  type Quantity,
  quoted,
  type UnitChoice,
  writeMass,
  writeVolume,
} from '@/core/quantity/index.ts';
import { PlaceSelect } from '../../parts/fields/PlaceSelect.tsx';
import { useKitchen } from '../../open/useKitchen.ts';
import { withKey } from '../../open/withOrWithout.ts';
import { editKitchen } from '../../open/edits/index.ts';
import { massUnits } from '../../open/useSettings.ts';
import { emptyDraft } from '../../parts/emptyDraft.ts';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { SelectField } from '../../parts/fields/SelectField.tsx';
import { TextField } from '../../parts/fields/TextField.tsx';
import { FieldError } from '../../parts/FieldError.tsx';
import { Checkbox } from '../../parts/fields/Checkbox.tsx';
import { LengthField } from '../../parts/fields/LengthField.tsx';
import css from './kitchen.module.scss';

interface Props {
  readonly vessel: Vessel;
  readonly units: UnitChoice;
}

/** One vessel: its shape inside, or its volume alone; what it may stand on; what it weighs empty. */
export function VesselFields({ vessel, units }: Props) {
  const kitchen = useKitchen();
  const edit = (words: string, recipe: (vessel: Vessel) => Vessel) => {
    editKitchen(words, (kitchen) => ({
      ...kitchen,
      vessels: kitchen.vessels.map((other) => (other.id === vessel.id ? recipe(other) : other)),
    }));
  };
  const size = (key: 'widthCm' | 'lengthCm' | 'heightCm' | 'bottomCm' | 'lidCm') => (cm: number) => {
    // A vessel measured anew by its sides is no longer measured by its water.
    edit('the size of a vessel', ({ brimMl: _, ...v }) => ({ ...v, [key]: cm }));
  };
  const on = standsOn(vessel);
  const round = vessel.shape === 'round';
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
        onChoose={(value) => {
          const kind = vesselKinds.find((one) => one === value) ?? 'pot';
          edit('the kind of a vessel', ({ on: _, ...v }) => ({ ...v, kind }));
        }}
      >
        {vesselKinds.map((kind) => (
          <option key={kind}>{kind}</option>
        ))}
      </SelectField>
      <SelectField
        label="Shape"
        value={vessel.shape}
        onChoose={(shape) => {
          edit('the shape of a vessel', (v) => ({ ...v, shape: shape === 'box' ? 'box' : 'round' }));
        }}
      >
        <option value="round">round</option>
        <option value="box">box</option>
      </SelectField>
      <LengthField label={round ? 'Across, cm' : 'Wide, cm'} cm={vessel.widthCm} onChange={size('widthCm')} />
      {!round && (
        <LengthField label="Long, cm" cm={vessel.lengthCm ?? vessel.widthCm} onChange={size('lengthCm')} />
      )}
      <LengthField label="Deep, cm" cm={vessel.heightCm} onChange={size('heightCm')} />
      <LengthField
        label={round ? 'Across the bottom, cm' : 'Wide at the bottom, cm'}
        cm={vessel.bottomCm ?? vessel.widthCm}
        onChange={size('bottomCm')}
      />
      <Volume vessel={vessel} units={units} edit={edit} />
      <StandsOn on={on} edit={edit} />
      {on.includes('oven') && (
        <LengthField
          label="Height of its lid above it, cm"
          cm={vessel.lidCm ?? outerCm(vessel, true) - outerCm(vessel, false)}
          onChange={size('lidCm')}
        />
      )}
      <Weighed vessel={vessel} units={units} edit={edit} />
      <PlaceSelect
        label={`Where ${vessel.name} stands`}
        kitchen={kitchen}
        at={vessel.at}
        onChoose={(at) => edit('where a vessel stands', (v) => withKey(v, 'at', at))}
      />
      <Further vessel={vessel} />
      <button
        type="button"
        className="link quiet"
        onClick={() => {
          editKitchen(`removing ${vessel.name}`, (kitchen) => ({
            ...kitchen,
            vessels: kitchen.vessels.filter(({ id }) => id !== vessel.id),
          }));
        }}
      >
        <X size={16} aria-hidden /> Remove it
      </button>
    </div>
  );
}

/** A vessel that is alike, beside it: whatever it weighs empty, the other is weighed by itself. */
function Further({ vessel }: { readonly vessel: Vessel }) {
  const add = () =>
    editKitchen(`another ${vessel.name}`, (kitchen) => {
      const { tareG: _, ...alike } = vessel;
      const base = vessel.name.replace(/ \d+$/, '');
      const taken = new Set(kitchen.vessels.map(({ name }) => name));
      let n = 2;
      while (taken.has(`${base} ${String(n)}`)) n += 1;
      const other = { ...alike, id: crypto.randomUUID(), name: `${base} ${String(n)}` };
      return {
        ...kitchen,
        vessels: kitchen.vessels.flatMap((one) => (one.id === vessel.id ? [one, other] : [one])),
      };
    });
  return (
    <button type="button" className="link" onClick={add}>
      <Plus size={16} aria-hidden /> One more like it
    </button>
  );
}

interface Edits {
  readonly edit: (words: string, recipe: (vessel: Vessel) => Vessel) => void;
}
type WeighedProps = Props & Edits;

/** Of a vessel nobody has measured: what it holds. */
function Volume({ vessel, units, edit }: WeighedProps) {
  const [tooWide, setTooWide] = useState<string>();
  return (
    <QuantityField
      label="Or its volume alone"
      quantity={undefined}
      measure="volume"
      placeholder={`${writeVolume(brimMl(vessel), units).value} ${writeVolume(brimMl(vessel), units).unit}`}
      problem={tooWide}
      draft={`vessel ${vessel.id} volume`}
      onChange={() => setTooWide(undefined)}
      onDone={({ lo, text }) => {
        if (lo === undefined) return;
        if (isWithinBounds(withVolume(vessel, lo))) edit('the volume of a vessel', (v) => withVolume(v, lo));
        else
          setTooWide(
            `${quoted(text)} would make it deeper than any vessel (${bounds.length.most} cm); check the unit.`,
          );
      }}
    />
  );
}

/** What may stand under it. */
function StandsOn({ on, edit }: Edits & { readonly on: ReturnType<typeof standsOn> }) {
  return (
    <fieldset className={css.stands}>
      <legend>May stand on</legend>
      {stands.map((stand) => (
        <Checkbox
          key={stand}
          checked={on.includes(stand)}
          onTick={(ticked) => {
            edit('what a vessel may stand on', (v) => ({
              ...v,
              on: ticked ? [...on, stand] : on.filter((other) => other !== stand),
            }));
          }}
        >
          {stand}
        </Checkbox>
      ))}
    </fieldset>
  );
}

/** Weighed empty once, and full of water if somebody wants to know what it holds. */
function Weighed({ vessel, units, edit }: WeighedProps) {
  const [wrong, setWrong] = useState<string>();
  const written = (g: number | undefined): Quantity | undefined => {
    if (g === undefined) return undefined;
    const { value, unit } = writeMass(g, units);
    return { text: `${value} ${unit}`, lo: g, hi: g };
  };
  const { tareG } = vessel;
  return (
    <>
      <QuantityField
        label="Weight, empty"
        quantity={written(tareG)}
        measure="mass"
        units={massUnits(units)}
        placeholder="weigh it once"
        draft={emptyDraft(vessel)}
        onDone={({ lo }) => {
          if (lo !== undefined) edit('the empty weight of a vessel', (v) => ({ ...v, tareG: lo }));
        }}
      />
      {tareG !== undefined && (
        <QuantityField
          label="Full of water to the brim"
          quantity={vessel.brimMl === undefined ? undefined : written(fullOfWater(vessel.brimMl, tareG))}
          measure="mass"
          units={massUnits(units)}
          placeholder="if you like"
          draft={`vessel ${vessel.id} full`}
          onDone={({ lo, text }) => {
            if (lo === undefined) return;
            setWrong(
              lo > tareG
                ? undefined
                : `“${text}” is no more than it weighs empty; fill it with water and weigh it again.`,
            );
            if (lo > tareG) edit('what a vessel holds', (v) => ({ ...v, brimMl: brimOfWater(lo, tareG) }));
          }}
        />
      )}
      {wrong !== undefined && <FieldError>{wrong}</FieldError>}
    </>
  );
}
