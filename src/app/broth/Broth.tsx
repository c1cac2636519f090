import type { Skim } from '@/core/batch/index.ts';
import { writeMass, writeVolume } from '@/core/quantity/index.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { editBatch } from '../data/edits.ts';
import { volumeUnits } from '../data/useSettings.ts';
import { Jug } from '../figures/Jug.tsx';
import { Caution } from '../parts/Caution.tsx';
import { Choice } from '../parts/fields/Choice.tsx';
import { Figure } from '../parts/Figure.tsx';
import { Problems } from '../parts/Problems.tsx';
import { NothingYet } from '../parts/NothingYet.tsx';
import { QuantityField } from '../parts/fields/QuantityField.tsx';
import { Unaccounted } from '../parts/Unaccounted.tsx';
import { Weigh } from '../parts/Weigh.tsx';

const strains = [
  { value: 'strain', words: 'strain' },
  { value: 'keep', words: 'keep the vegetables' },
] as const;
const skims: readonly { value: Skim; words: string }[] = [
  { value: 'hot', words: 'spoon it hot' },
  { value: 'settle', words: 'let a jug settle' },
  { value: 'chill', words: 'chill overnight' },
  { value: 'leave', words: 'leave it' },
];

/** Strain, skim, finish: what the liquid becomes. */
export default function Broth() {
  const { batch, batchReckoning, units } = useOpenMeal();
  const { liquid, meat, salt, body } = batchReckoning;
  if (meat.rawG.mid === 0) return <NothingYet title="What the liquid becomes" />;
  const word = batch.strain ? 'broth' : 'sauce';
  const finished = liquid.brothMl ?? liquid.sauceMl;
  const written = finished && writeVolume(finished, units);
  const set = (w: { value: string; unit: string }) => `${w.value} ${w.unit}`;
  return (
    <>
      <div className="line">
        <h1>
          {written
            ? `${set(written)} of ${word}`
            : batchReckoning.dry
              ? `No ${word}: the pot boils dry`
              : `How much ${word} is not known yet`}
        </h1>
        <Choice
          legend="Vegetables"
          hidden
          value={batch.strain ? 'strain' : 'keep'}
          options={strains}
          onChoose={(way) => {
            editBatch(batch.id, 'straining', (b) => ({ ...b, strain: way === 'strain' }));
          }}
        />
      </div>
      <Problems batch={batch.id} stage="broth" />
      {finished && written && liquid.skimG && liquid.solidsG && liquid.saltPct ? (
        <>
          <div className="two">
            <Jug
              brothMl={finished.mid}
              fatMl={liquid.skimG.mid}
              solidsMl={batch.strain ? 0 : liquid.solidsG.mid}
              words={`A jug with ${set(written)} of ${word} under its fat`}
            />
            <dl className="facts">
              <div>
                <dt>{word}</dt>
                <dd>
                  <Figure written={written} size="big" />
                </dd>
              </div>
              <div>
                <dt>fat skimmed off</dt>
                <dd>
                  <Figure written={writeMass(liquid.skimG, units)} />
                </dd>
              </div>
              <div>
                <dt>{batch.strain ? 'strained out' : 'vegetables in it'}</dt>
                <dd>
                  <Figure written={writeMass(liquid.solidsG, units)} />
                </dd>
              </div>
              <div>
                <dt>steam</dt>
                <dd>
                  <Figure written={liquid.steamMl && writeVolume(liquid.steamMl, units)} />
                </dd>
              </div>
              {body && (
                <div>
                  <dt>body</dt>
                  <dd>
                    <Figure
                      written={{
                        value: body.feels,
                        unit: '',
                        range: `about ${Math.round(body.gPerL)} g of gelatin a litre`,
                      }}
                    />
                  </dd>
                </div>
              )}
              <div>
                <dt>salt</dt>
                <dd>
                  <Figure
                    written={{
                      value: liquid.saltPct.mid.toFixed(2),
                      unit: '%',
                      ...(liquid.saltPct.p10 !== undefined &&
                        liquid.saltPct.p90 !== undefined && {
                          range: `${liquid.saltPct.p10.toFixed(2)}–${liquid.saltPct.p90.toFixed(2)}`,
                        }),
                    }}
                  />
                </dd>
              </div>
            </dl>
          </div>
          {salt && salt.toLiquidG > 0 && (
            <p className="quiet">
              The {word} is not salted enough: {set(writeMass(salt.toLiquidG, units))} now.
            </p>
          )}
          <div className="choices">
            <Choice
              legend="Fat"
              value={batch.skim}
              options={skims}
              onChoose={(skim) => {
                editBatch(batch.id, 'skimming', (b) => ({ ...b, skim }));
              }}
            />
            <QuantityField
              label="Boil down to"
              quantity={batch.reduceTo}
              measure="volume"
              units={volumeUnits(units)}
              placeholder="not boiled down"
              chars={14}
              onChange={(reduceTo) => {
                editBatch(
                  batch.id,
                  'how far it is boiled down',
                  (b) => ({ ...b, reduceTo: reduceTo.text === '' ? undefined : reduceTo }),
                  `${batch.id} reduce`,
                );
              }}
            />
          </div>
          <div className="weighs">
            {batch.strain && (
              <Weigh
                flow="strained"
                label="Strained out"
                words="the weight of the solids"
                planned={writeMass(liquid.solidsG, units)}
              />
            )}
            <Weigh
              flow="skim"
              label="Skimmed off"
              words="the weight of the skim"
              planned={writeMass(liquid.skimG, units)}
            />
            <Weigh
              flow="liquid"
              label={`The ${word}, by weight or volume`}
              words={`how much ${word} there is`}
              planned={written}
              measure={['mass', 'volume']}
            />
          </div>
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
