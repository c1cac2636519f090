import { lazy, Suspense, useState } from 'react';
import type { Level } from '@/core/batch/schema.ts';
import { middle, writeMass, writeVolume } from '@/core/quantity/index.ts';
import { salts, saltSpoons } from '@/core/pot/index.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { editBatch } from '../data/edits.ts';
import { massUnits } from '../data/useSettings.ts';
import { PotSection } from '../figures/PotSection.tsx';
import { Caution } from '../parts/Caution.tsx';
import { Choice } from '../parts/Choice.tsx';
import { Problems } from '../parts/Problems.tsx';
import { QuantityField } from '../parts/QuantityField.tsx';
import { NothingYet } from '../parts/NothingYet.tsx';
import { Items } from './Items.tsx';
import { PotName } from './PotName.tsx';
import { VesselSelect } from './VesselSelect.tsx';

const SearPans = lazy(() => import('./SearPans.tsx'));

const levels: readonly { value: Level; words: string }[] = [
  { value: 'cover', words: 'cover' },
  { value: 'tops showing', words: 'tops showing' },
  { value: 'half way', words: 'half way' },
  { value: 'own juice', words: 'own juice' },
];
const sears = [
  { value: 'sear', words: 'sear first' },
  { value: 'raw', words: 'raw in' },
] as const;
const pieceCm = { cubes: 2.5, chunks: 6.5, ribs: 6, whole: 8 } as const;

/** What goes into the pot, to which line, and with how much salt. */
export default function Pot() {
  const { batch, batchReckoning, units, loaded } = useOpenMeal();
  const [pans, showPans] = useState(false);
  const { pot, liquid, meat } = batchReckoning;
  const levelWords = levels.find(({ value }) => value === batch.level)?.words ?? '';
  if (meat.rawG.mid === 0) return <NothingYet title="What goes into the pot" />;
  const set = ({ value, unit }: { value: string; unit: string }) => `${value} ${unit}`;
  const fits = pot && pot.standsCm <= pot.fullCm;
  const salt = pot && writeMass(pot.saltG, units);
  return (
    <>
      <div className="line">
        <h1>{pot ? `${fits ? 'It fits' : 'Too full'}, ${levelWords}` : 'What goes into the pot'}</h1>
        <Choice
          legend="Liquid"
          hidden
          value={batch.level}
          options={levels}
          onChoose={(level) => {
            editBatch(batch.id, 'how high the liquid stands', (b) => ({ ...b, level }));
          }}
        />
      </div>
      <Problems batch={batch.id} />
      <div className="two">
        <div>
          {pot && (
            <>
              <PotSection
                pot={pot}
                pieceCm={pieceCm[batch.size]}
                words={`${pot.vessel.name} in section: the meat stands ${pot.meatCm.toFixed(1)} cm high, the liquid ${pot.lineCm.toFixed(1)} cm of ${pot.vessel.heightCm}`}
              />
              <p className="quiet">
                <VesselSelect /> · spoon wet to {pot.lineCm.toFixed(1)} cm
                {liquid.pouredMl && ` · ${set(writeVolume(liquid.pouredMl, units))} poured`}
              </p>
            </>
          )}
          {!pot && (
            <p className="quiet">
              No time is known for this heat and size, so nothing after the lid can be worked out. Write the
              time at the clock.
            </p>
          )}
          <Choice
            legend="Brown it"
            value={batch.sear ? 'sear' : 'raw'}
            options={sears}
            onChoose={(way) => {
              editBatch(batch.id, 'searing', (b) => ({ ...b, sear: way === 'sear' }));
            }}
          />
          {batch.sear && (
            <button
              type="button"
              className="link pan-by-pan"
              aria-expanded={pans}
              onClick={() => {
                showPans(!pans);
              }}
            >
              {pans ? 'fold the pans' : 'pan by pan'}
            </button>
          )}
        </div>
        <Items />
      </div>
      {pans && batch.sear && (
        <Suspense fallback={<p className="quiet">One moment.</p>}>
          <SearPans />
        </Suspense>
      )}
      {pot && salt && (
        <section className="salt" aria-label="Salt">
          <div>
            <QuantityField
              label="Salt in all"
              quantity={batch.salt}
              measure="mass"
              units={massUnits(units)}
              placeholder={set(salt)}
              onChange={(typed) => {
                editBatch(
                  batch.id,
                  'the salt',
                  (b) => ({ ...b, salt: typed.text === '' ? undefined : typed }),
                  `${batch.id} salt`,
                );
              }}
            />
            <p className="quiet">
              {saltSpoons(middle(batch.salt) ?? pot.saltG, loaded.kitchen.salt ?? salts[0])},{' '}
              {middle(batch.salt) === undefined ? 'for a broth to drink' : 'as you wrote it'}
            </p>
          </div>
          <div>
            <span className="quiet">In the finished {batch.strain ? 'broth' : 'sauce'}</span>
            <p className="num big">{liquid.saltPct ? `${liquid.saltPct.mid.toFixed(2)} %` : '–'}</p>
            <p className="quiet">
              {liquid.saltPct?.p10 !== undefined && liquid.saltPct.p90 !== undefined
                ? `${liquid.saltPct.p10.toFixed(2)}–${liquid.saltPct.p90.toFixed(2)} %`
                : ''}
            </p>
          </div>
        </section>
      )}
      <PotName />
      <Caution>
        Marinate and thaw in the fridge. Hot fat and full pots: lift with help, keep hands and face away from
        steam.
      </Caution>
    </>
  );
}
