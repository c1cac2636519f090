import { lazy, Suspense, useState } from 'react';
import { panFats } from '@/core/meal/index.ts';
import { mayStand } from '@/core/pot/index.ts';
import { FAT as FAT_DENSITY } from '@/core/work/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { editBatch } from '../../open/edits/index.ts';
import { massUnits } from '../../open/useSettings.ts';
import { useSaid } from '../../open/useSaid.ts';
import { Choice } from '../../parts/fields/Choice.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { SelectField } from '../../parts/fields/SelectField.tsx';
import css from './pot.module.scss';

const SearPans = lazy(() => import('./SearPans.tsx'));
const sears = [
  { value: 'sear', words: 'sear first' },
  { value: 'raw', words: 'raw in' },
] as const;
const fatWords = {
  'in the pot': 'goes into the pot',
  kept: 'is kept',
  'poured off': 'is poured off',
} as const;

/** Brown it or not, what that takes and changes, and where the fat goes. */
export function Sear() {
  const { batch } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const { mass: set } = useSaid();
  const [open, setOpen] = useState(false);
  const { sear, pot } = batchReckoning;
  const insert = pot && !mayStand(pot.vessel, 'stove') ? pot.vessel : undefined;
  return (
    <section className={css.searLine} aria-label="Sear">
      <Choice
        legend="Brown it"
        value={batch.sear ? 'sear' : 'raw'}
        options={sears}
        onChoose={(way) => {
          editBatch(batch.id, 'searing', (b) => ({ ...b, sear: way === 'sear' }));
        }}
      />
      <p>
        <Takes />{' '}
        {batch.sear && insert && sear.pan && (
          <span className="quiet">
            The {insert.name} must not go on a burner: sear in the {sear.pan.name}.{' '}
          </span>
        )}
        {batch.sear && (
          <button
            type="button"
            className="link"
            aria-expanded={open}
            onClick={() => {
              setOpen(!open);
            }}
          >
            {open ? 'hide the pans' : 'pan by pan'}
          </button>
        )}
      </p>
      {batch.sear && open && (
        <>
          <PanFat planned={set(sear.fatG)} />
          <Suspense fallback={<p className="quiet">One moment.</p>}>
            <SearPans />
          </Suspense>
        </>
      )}
    </section>
  );
}

/** What the sear takes, or what is saved without it. */
function Takes() {
  const { batch } = useOpenMeal();
  const { sear } = useFigures().batchReckoning;
  const { mass: set } = useSaid();
  const panfuls = `${String(sear.panfuls)} ${sear.panfuls === 1 ? 'panful' : 'panfuls'}`;
  return (
    <>
      {batch.sear ? (
        <>
          <b>
            {panfuls}, {Math.round(sear.minutes)} min
          </b>
          <span className="quiet">. Browns it; drives off about {set(sear.airG)}.</span>
        </>
      ) : (
        <>
          <b>{Math.round(sear.minutes)} min saved</b>
          <span className="quiet">
            , {panfuls} less to wash up; {set(sear.airG)} more stays, as juice in the pot. Paler, and milder.
          </span>
        </>
      )}
    </>
  );
}

/** The fat in the pan, and where it goes. */
function PanFat({ planned }: { readonly planned: string }) {
  const { batch, units } = useOpenMeal();
  return (
    <div className="choices">
      <QuantityField
        label="Fat in the pan, in all"
        quantity={batch.panFat?.amount}
        measure="mass"
        units={massUnits(units)}
        placeholder={planned}
        nought
        density={FAT_DENSITY}
        onChange={(amount) => {
          editBatch(
            batch.id,
            'the fat in the pan',
            ({ panFat, ...b }) => ({
              ...b,
              panFat: { then: panFat?.then ?? 'in the pot', ...(amount.text !== '' && { amount }) },
            }),
            `${batch.id} pan fat`,
          );
        }}
      />
      <SelectField
        label="What is left of it"
        value={batch.panFat?.then ?? 'in the pot'}
        onChoose={(value) => {
          const then = panFats.find((one) => one === value) ?? 'in the pot';
          editBatch(batch.id, 'where the pan’s fat goes', (b) => ({
            ...b,
            panFat: { ...b.panFat, then },
          }));
        }}
      >
        {panFats.map((one) => (
          <option key={one} value={one}>
            {fatWords[one]}
          </option>
        ))}
      </SelectField>
    </div>
  );
}
