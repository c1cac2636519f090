import { useState } from 'react';
import { withoutReduction, withReduced, withStirredIn } from '@/core/meal/index.ts';
import { isStep } from '@/core/work/index.ts';
import { type BoilsDown, reductionsOf } from '@/core/answers/index.ts';
import { readBoiledTo } from '@/core/quantity/index.ts';
import type { LiquidReckoning } from '@/core/reckoning/index.ts';
import { useNow } from '../../browser/useNow.ts';
import { editBatch } from '../../open/edits/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { useSaid } from '../../open/useSaid.ts';
import { volumeUnits } from '../../open/useSettings.ts';
import { Cautions } from '../../parts/Cautions.tsx';
import { Choice } from '../../parts/fields/Choice.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { NothingYet } from '../../parts/NothingYet.tsx';
import { Problems } from '../../parts/Problems.tsx';
import { Unaccounted } from '../../parts/Unaccounted.tsx';
import { BrothFigures } from './BrothFigures.tsx';
import { BrothTitle } from './BrothTitle.tsx';
import { BrothWeighs } from './BrothWeighs.tsx';
import { HowFinished } from './HowFinished.tsx';
import { PanDown } from './PanDown.tsx';
import { SaltIt } from './SaltIt.tsx';
import { SetApart } from './SetApart.tsx';
import { Spoons } from './Spoons.tsx';
import { TheJug } from './TheJug.tsx';
import css from './broth.module.scss';

/** The jug with its levels: what is there, what the plates want of it, how thick and how salt it is, and what to do. */
export default function Broth() {
  const { batch, opened } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const now = useNow();
  const [chosen, choose] = useState('pot');
  const { meat, liquids, dry } = batchReckoning;
  if (meat.rawG.mid === 0) return <NothingYet title="What the liquid becomes" />;
  const liquid = liquids.find(({ id }) => id === chosen) ?? liquids[0];
  const nominal = opened.nominal.batches.find(({ plan }) => plan.id === batch.id);
  const downs = nominal ? reductionsOf(nominal, opened.input, now) : [];
  const down = downs.find((one) => one.liquid === liquid?.id);
  return (
    <>
      <BrothTitle liquid={liquid} down={down} />
      <Problems batch={batch.id} stage="broth" />
      {liquid ? (
        <OneLiquid key={liquid.id} liquid={liquid} down={down} now={now} onChoose={choose} />
      ) : (
        !dry && <p className="nothing">It depends on how long the pot cooks. Write the time at the clock.</p>
      )}
      <Cautions at={{ sheet: 'broth' }} />
    </>
  );
}

interface OneProps {
  readonly liquid: LiquidReckoning;
  readonly down: BoilsDown | undefined;
  readonly now: number;
  readonly onChoose: (liquid: string) => void;
}

/** One of the batch's liquids, and all that may be done to it. */
function OneLiquid({ liquid, down, now, onChoose }: OneProps) {
  const { batch, units } = useOpenMeal();
  const { liquids } = useFigures().batchReckoning;
  const { volume } = useSaid();
  const [aim, setAim] = useState<Parameters<typeof Spoons>[0]['aim']>();
  // While a part boils in its pan the jug keeps what stays.
  const jug = (down && liquids.find(({ id }) => id === 'pot')) ?? liquid;
  const named = liquid.id === 'pot' ? undefined : liquid.id;
  // As it was written, letter for letter.
  const written = batch.after.filter(isStep('boil down')).find(({ id }) => id === down?.step)?.to;
  // Of what there was before it boiled: half of half is not said twice.
  const whole = down?.fromMl ?? liquid.ml.mid;
  const reduceTo = (ml: number, text: string) => {
    editBatch(batch.id, 'how far it is boiled down', (b) =>
      withReduced(b, crypto.randomUUID(), { liquid: named, ml, text }),
    );
    setAim(undefined);
  };
  return (
    <>
      {liquids.length > 1 && (
        <Choice
          legend="Which liquid"
          value={liquid.id}
          options={liquids.map(({ id, says, ml }) => ({ value: id, words: `${says}, ${volume(ml.mid)}` }))}
          onChoose={onChoose}
        />
      )}
      <div className={down ? css.jugAndPan : css.jugAlone}>
        <TheJug liquid={jug} />
        {down ? <PanDown down={down} now={now} /> : <BrothFigures liquid={liquid} />}
      </div>
      {!down && named === undefined && liquids.length === 1 && (
        <SetApart ml={liquid.ml.mid} onDone={onChoose} />
      )}
      <div className={css.ways}>
        <QuantityField
          label={`Boil the ${liquid.says} down to`}
          quantity={written}
          measure="volume"
          reads={(text) =>
            readBoiledTo(text, { amount: whole, measure: 'volume' }, ['volume'], volumeUnits(units))
          }
          placeholder="half, or 1.5 l"
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
          onBoil={(ml) => reduceTo(ml, volume(ml))}
          onStarch={(grams) => {
            editBatch(batch.id, 'thickening', (b) =>
              withStirredIn(b, { id: crypto.randomUUID(), what: 'thicken', liquid: named, grams }),
            );
            setAim(undefined);
          }}
        />
        <SaltIt liquid={liquid} />
      </div>
      <HowFinished />
      <BrothWeighs of={liquid} />
      <Unaccounted />
    </>
  );
}
