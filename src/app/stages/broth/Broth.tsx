import { leftOfLiquid } from '@/core/reckoning/index.ts';
import { useState } from 'react';
import {
  isStrained,
  type Skim,
  skims as skimWays,
  skimWay,
  withoutReduction,
  withReduced,
  withSetApart,
  withSkim,
  withStirredIn,
  withStrain,
} from '@/core/meal/index.ts';
import { defatsOf, reductionsOf } from '@/core/answers/index.ts';
import { writeMass, writeVolume } from '@/core/quantity/index.ts';
import { partName } from '@/words/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { editBatch } from '../../open/edits.ts';
import { volumeUnits } from '../../open/useSettings.ts';
import { useNow } from '../../browser/useNow.ts';
import { JugShares, type JugShare } from '../../figures/JugShares.tsx';
import { Caution } from '../../parts/Caution.tsx';
import { Choice } from '../../parts/fields/Choice.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { NothingYet } from '../../parts/NothingYet.tsx';
import { Problems } from '../../parts/Problems.tsx';
import { Unaccounted } from '../../parts/Unaccounted.tsx';
import { BrothFigures } from './BrothFigures.tsx';
import { BrothWeighs } from './BrothWeighs.tsx';
import { PanDown } from './PanDown.tsx';
import { SaltIt } from './SaltIt.tsx';
import { Spoons } from './Spoons.tsx';
import css from './broth.module.scss';

const strains = [
  { value: 'strain', words: 'strain' },
  { value: 'keep', words: 'keep the vegetables' },
] as const;
const skimsWords: Readonly<Record<Skim, string>> = {
  hot: 'spoon it hot',
  settle: 'let a jug settle',
  chill: 'chill overnight',
  leave: 'leave it',
};
const skims = skimWays.map((value) => ({ value, words: skimsWords[value] }));

/** The jug with its levels: what is there, what the plates want of it, how thick and how salt it is, and what to do. */
export default function Broth() {
  const { loaded, batch, opened, units } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const now = useNow();
  const [chosen, choose] = useState('pot');
  const [aim, setAim] = useState<Parameters<typeof Spoons>[0]['aim']>();
  const { meat, liquids, liquid: figures, need } = batchReckoning;
  if (meat.rawG.mid === 0) return <NothingYet title="What the liquid becomes" />;
  const word = isStrained(batch) ? 'broth' : 'sauce';
  const liquid = liquids.find(({ id }) => id === chosen) ?? liquids[0];
  const volume = (ml: number) => {
    const { value, unit } = writeVolume({ mid: ml }, units);
    return `${value} ${unit}`;
  };
  const nominal = opened.nominal.batches.find(({ plan }) => plan.id === batch.id);
  const downs = nominal ? reductionsOf(nominal, opened.input, now) : [];
  const down = downs.find((one) => one.liquid === liquid?.id);
  // While a part boils in its pan the jug keeps what stays.
  const jug = (down && liquids.find(({ id }) => id === 'pot')) ?? liquid;
  const named = liquid && liquid.id !== 'pot' ? liquid.id : undefined;
  const reduceTo = (ml: number, text: string) => {
    editBatch(batch.id, 'how far it is boiled down', (b) =>
      withReduced(b, crypto.randomUUID(), { liquid: named, ml, text }),
    );
    setAim(undefined);
  };
  const reduce = (ml: number) => reduceTo(ml, volume(ml));
  const dips = need.dishes.filter(({ ml }) => ml > 0);
  const wet = loaded.meal.dishes.filter(({ id }) => dips.some(({ dish }) => dish === id));
  return (
    <>
      <div className="line">
        <h1>
          {down
            ? `Boil the ${liquid?.says ?? word} down to ${volume(down.toMl)}`
            : liquid
              ? `${volume(liquid.ml.mid)} of ${liquid.says}`
              : batchReckoning.dry
                ? `No ${word}: the pot boils dry`
                : `How much ${word} is not known yet`}
        </h1>
        {down?.now && (
          <p className={css.off}>
            <b className="num">{Math.round(down.now.minutes.mid)} min</b>
          </p>
        )}
      </div>
      <Problems batch={batch.id} stage="broth" />
      {liquid && jug ? (
        <>
          {liquids.length > 1 && (
            <Choice
              legend="Which liquid"
              value={liquid.id}
              options={liquids.map(({ id, says, ml }) => ({
                value: id,
                words: `${says}, ${volume(ml.mid)}`,
              }))}
              onChoose={(id) => {
                choose(id);
                setAim(undefined);
              }}
            />
          )}
          <div className={down ? css.jugAndPan : css.jugAlone}>
            <JugShares
              ml={jug.ml.mid}
              fatMl={figures.skimG && jug.id === 'pot' && skimWay(batch) !== 'leave' ? figures.skimG.mid : 0}
              solidsMl={isStrained(batch) || jug.id !== 'pot' ? 0 : (figures.solidsG?.mid ?? 0)}
              shares={jug.id === 'pot' ? sharesOf(need, jug.ml.mid, volume) : []}
              weighed={false}
              words={`A jug with ${volume(jug.ml.mid)} of ${jug.says}`}
            />
            {down ? <PanDown down={down} now={now} /> : <BrothFigures liquid={liquid} />}
          </div>
          {!down && liquid.id === 'pot' && dips.length > 0 && liquids.length === 1 && (
            <p className={css.ways}>
              {dips.map(({ dish, name, ml }) => (
                <button
                  key={dish}
                  type="button"
                  className="btn act"
                  onClick={() => {
                    editBatch(batch.id, 'setting a part apart', (b) =>
                      withSetApart(
                        b,
                        crypto.randomUUID(),
                        partName({ id: dish, name }, wet),
                        Math.min(ml, liquid.ml.mid),
                      ),
                    );
                    choose(partName({ id: dish, name }, wet));
                  }}
                >
                  Set {volume(ml)} apart as {partName({ id: dish, name }, wet)}
                </button>
              ))}
            </p>
          )}
          <div className={css.ways}>
            <QuantityField
              label={`Boil the ${liquid.says} down to`}
              quantity={down ? { text: volume(down.toMl), lo: down.toMl, hi: down.toMl } : undefined}
              measure="volume"
              units={volumeUnits(units)}
              placeholder="not boiled down"
              chars={14}
              draft={['boil down', batch.id, liquid.id].join(' ')}
              onDone={({ lo, text }) => {
                if (lo !== undefined) reduceTo(lo, text);
              }}
              onEmptied={() => {
                editBatch(batch.id, 'not boiling it down', (b) => withoutReduction(b, named));
              }}
            />
          </div>
          <div className={css.below}>
            <Spoons
              liquid={liquid}
              aim={aim}
              onAim={setAim}
              onBoil={reduce}
              onStarch={(grams) => {
                editBatch(batch.id, 'thickening', (b) =>
                  withStirredIn(b, { id: crypto.randomUUID(), what: 'thicken', liquid: named, grams }),
                );
                setAim(undefined);
              }}
            />
            <SaltIt liquid={liquid} />
          </div>
          <div className="choices">
            <Choice
              legend="Vegetables"
              value={isStrained(batch) ? 'strain' : 'keep'}
              options={strains}
              onChoose={(way) => {
                editBatch(batch.id, 'straining', (b) => withStrain(b, way === 'strain'));
              }}
            />
            <Choice
              legend="Fat"
              value={skimWay(batch)}
              options={skims}
              onChoose={(skim) => {
                editBatch(batch.id, 'skimming', (b) => withSkim(b, skim));
              }}
            />
            {nominal && (
              <p className="quiet">
                {defatsOf(nominal)
                  .filter(({ way }) => way !== 'leave')
                  .map(
                    ({ way, fatG, afterMin }) =>
                      `${skimsWords[way]}: ${writtenMass(fatG, units)} off, ${afterMin > 60 ? 'tomorrow' : `in ${String(afterMin)} min`}`,
                  )
                  .join(' · ')}
              </p>
            )}
          </div>
          <BrothWeighs />
          <Unaccounted />
        </>
      ) : (
        !batchReckoning.dry && (
          <p className="nothing">It depends on how long the pot cooks. Write the time at the clock.</p>
        )
      )}
      <Caution>Blend hot liquid in small lots with the lid vented.</Caution>
    </>
  );
}

const writtenMass = (grams: number, units: Parameters<typeof writeMass>[1]) => {
  const { value, unit } = writeMass(grams, units);
  return `${value} ${unit}`;
};

/** Where the pot's liquid goes: to each dish, soaked back, and what is left to the shelf. */
function sharesOf(
  need: ReturnType<typeof useFigures>['batchReckoning']['need'],
  ml: number,
  volume: (ml: number) => string,
): readonly JugShare[] {
  const { dishes, heldMl } = need;
  const left = leftOfLiquid(ml, need);
  return [
    ...dishes.map(({ name, ml: wants }) => ({ name, ml: wants, said: volume(wants) })),
    ...(heldMl > 0 ? [{ name: 'soaks back', ml: heldMl, said: volume(heldMl) }] : []),
    ...(left > 0.01 * ml ? [{ name: 'to the shelf', ml: left, said: volume(left) }] : []),
  ];
}
