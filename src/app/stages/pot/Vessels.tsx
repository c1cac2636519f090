import type { BatchReckoning } from '@/core/reckoning/index.ts';
import clsx from 'clsx';
import { placeOf, type Vessel } from '@/core/meal/index.ts';
import { openPhase } from '@/core/clock/index.ts';
import { standsOn } from '@/core/pot/index.ts';
import { writeVolume } from '@/core/quantity/index.ts';

import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { changeLot, editBatch } from '../../open/edits/index.ts';
import { PotSection } from '../../figures/PotSection.tsx';
import { PlaceSelect } from '../../parts/fields/PlaceSelect.tsx';
import { SelectField } from '../../parts/fields/SelectField.tsx';
import { Spoon } from './Spoon.tsx';
import css from './pot.module.scss';

type Picture = NonNullable<BatchReckoning['pot']>;

/** The vessel in section, or two of them side by side; which they are, and which lot lies where. */
export function Vessels({ pot }: { readonly pot: Picture }) {
  const { batch, units } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const { liquid } = batchReckoning;
  const set = ({ value, unit }: { value: string; unit: string }) => `${value} ${unit}`;
  const all = [pot, ...pot.also];
  return (
    <>
      <div className={all.length > 1 ? css.vesselsTwo : undefined}>
        {all.map((one) => (
          <PotSection
            key={one.vessel.id}
            pot={one}
            items={one === pot ? pot.items : []}
            words={`${one.vessel.name} in section: the meat stands ${one.meatCm.toFixed(1)} cm high, the liquid ${one.lineCm.toFixed(1)} cm of ${one.vessel.heightCm.toFixed(1)}`}
          />
        ))}
      </div>
      <p className={clsx('quiet', css.vesselLine)}>
        <VesselSelect found={pot.vessel.name} /> <Sharing main={pot.vessel.id} />
        <CookedIn vesselAt={pot.vessel.at} />
        <span>{all.map((one) => `${one.lineCm.toFixed(1)} cm`).join(' and ')} up a spoon</span>
        {liquid.pouredMl && <span>{set(writeVolume(liquid.pouredMl, units))} poured</span>}
        {all.map((one) => (
          <Spoon key={one.vessel.id} one={one} named={all.length > 1} />
        ))}
      </p>
      {all.length > 1 && <Places pots={all} lots={batch.lots.length > 0} />}
    </>
  );
}

/** No place is called so: a vessel of another kitchen is lent to this one. */
const HERE = 'here';

/** In which kitchen it is cooked: where its vessel stands, or where that is lent to. */
function CookedIn({ vesselAt }: { readonly vesselAt: string | undefined }) {
  const { batch, loaded } = useOpenMeal();
  const { kitchen } = loaded;
  const isLent = batch.at !== undefined && placeOf(batch.at, kitchen) !== placeOf(vesselAt, kitchen);
  return (
    <>
      <PlaceSelect
        label="Cooked in"
        kitchen={kitchen}
        at={batch.at ?? vesselAt}
        onChoose={(at) =>
          editBatch(batch.id, 'in which kitchen it is cooked', ({ at: _, ...b }) =>
            at === vesselAt ? b : { ...b, at: at ?? HERE },
          )
        }
      />
      {isLent && <span>its vessel is lent there</span>}
    </>
  );
}

/** The vessel: the smallest that it fits, or the cook's choice. */
function VesselSelect({ found }: { readonly found: string }) {
  const { batch, loaded } = useOpenMeal();
  const chosen = openPhase(batch.cook)?.vessel ?? '';
  return (
    <SelectField
      label="Vessel"
      hidden
      value={chosen}
      onChoose={(id) => {
        const vessel = id === '' ? undefined : id;
        editBatch(batch.id, 'the vessel', (b) => ({
          ...b,
          cook: b.cook.map((phase) => ({ ...phase, vessel })),
        }));
      }}
    >
      <option value="">
        {chosen === '' ? `${found}, the smallest that fits` : 'the smallest that fits'}
      </option>
      {loaded.kitchen.vessels.filter(cooksIn).map(({ id, name }) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </SelectField>
  );
}

const cooksIn = (vessel: Vessel) => standsOn(vessel).length > 0;

/** A second vessel that shares the batch. */
function Sharing({ main }: { readonly main: string }) {
  const { batch, loaded } = useOpenMeal();
  return (
    <SelectField
      label="Shared with"
      hidden
      value={batch.also?.[0] ?? ''}
      onChoose={(id) => {
        editBatch(batch.id, 'a second vessel', ({ also: _, ...b }) => (id === '' ? b : { ...b, also: [id] }));
      }}
    >
      <option value="">in one vessel</option>
      {loaded.kitchen.vessels
        .filter((vessel) => cooksIn(vessel) && vessel.id !== main)
        .map(({ id, name }) => (
          <option key={id} value={id}>
            shared with {name}
          </option>
        ))}
    </SelectField>
  );
}

interface PlacesProps {
  readonly pots: readonly Pick<Picture, 'vessel' | 'lots' | 'meatMl'>[];
  readonly lots: boolean;
}

/** Which lot lies in which vessel: dealt by when they are tender, or as the cook moves them. */
function Places({ pots }: PlacesProps) {
  const { batch } = useOpenMeal();
  const { batchReckoning } = useFigures();
  return (
    <ul className={css.places} aria-label="Which lot lies where">
      {batchReckoning.lots.map(({ lot, name }) => {
        const typed = batch.lots.find(({ id }) => id === lot);
        const shares = pots.flatMap(({ vessel, lots }) => {
          const share = lots[lot] ?? 0;
          if (share <= 0) return [];
          return [
            share > 0.995
              ? `all in the ${vessel.name}`
              : `${Math.round(100 * share)} % in the ${vessel.name}`,
          ];
        });
        return (
          <li key={lot}>
            <b>{name}</b> <span className="quiet">{shares.join(', ')}</span>
            <SelectField
              label={`Where ${name} lies`}
              hidden
              value={typed?.placements?.[0]?.vessel ?? ''}
              onChoose={(vessel) => {
                changeLot(batch.id, lot, 'where a lot lies', ({ placements: _, ...l }) =>
                  vessel === '' ? l : { ...l, placements: [{ vessel, share: 1 }] },
                );
              }}
            >
              <option value="">as it is dealt</option>
              {pots.map(({ vessel }) => (
                <option key={vessel.id} value={vessel.id}>
                  all in the {vessel.name}
                </option>
              ))}
            </SelectField>
          </li>
        );
      })}
    </ul>
  );
}
