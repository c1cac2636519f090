import { useOpenMeal } from '../../../open/MealContext.ts';
import { volumeUnits } from '../../../open/useSettings.ts';
import { without, withOrWithout } from '../../../open/withOrWithout.ts';
import { PercentField } from '../../../parts/fields/PercentField.tsx';
import { QuantityField } from '../../../parts/fields/QuantityField.tsx';
import { FromBowl } from './FromBowl.tsx';
import { LiquidChoice } from './LiquidChoice.tsx';
import { amountUnder } from './parts.tsx';
import type { HowProps, StepScreens } from './screens.ts';
import { withShare } from './withShare.ts';

const How = ({ step, liquids, onChange }: HowProps<'dress'>) => (
  <>
    <LiquidChoice
      label="Dressed with"
      liquids={liquids}
      value={step.liquid}
      by="with"
      onChoose={(liquid) =>
        onChange('what it is dressed with', (s) =>
          liquid === undefined ? without(s, 'liquid') : { ...s, liquid },
        )
      }
    />
    {liquids.length > 0 && (
      <PercentField
        label="so much of the meat"
        share={step.share}
        placeholder="all of it"
        most={1}
        why="there is no more"
        onChange={(share) =>
          onChange('how much of it is dressed', withShare('share', share), `${step.id} share`)
        }
      />
    )}
    <Tossed step={step} onChange={onChange} />
    <PercentField
      label="or so juicy, of its weight"
      share={step.held}
      placeholder="15 %"
      most={0.6}
      why="meat holds no more"
      onChange={(held) =>
        onChange(
          'how juicy it is',
          (s) => withShare('held', held)(held === undefined ? s : without(s, 'amount')),
          `${step.id} held`,
        )
      }
    />
    <QuantityField
      label="on the heat"
      quantity={step.minutes}
      measure="duration"
      placeholder="as usual"
      chars={9}
      onChange={(minutes) =>
        onChange('how long a step takes', (s) => withOrWithout(s, 'minutes', minutes), `${step.id} min`)
      }
    />
  </>
);

/** How much is tossed through, in any measure of volume; then it is what the shred holds. */
function Tossed({ step, onChange }: Pick<HowProps<'dress'>, 'step' | 'onChange'>) {
  const { units } = useOpenMeal();
  return (
    <QuantityField
      label="with so much"
      quantity={step.amount}
      measure="volume"
      units={volumeUnits(units)}
      placeholder="2 ladles"
      chars={11}
      onChange={(amount) =>
        onChange(
          'how much is tossed through',
          // What is written last stands.
          (s) => ({ ...withOrWithout(without(s, 'held'), 'amount', amount), measure: 'volume' as const }),
          `${step.id} amount`,
        )
      }
    />
  );
}

export const dress: StepScreens<'dress'> = {
  How,
  under: (step, { reckoning: { salt }, mass }) =>
    `${amountUnder(step)}${salt && salt.atDressingG > 0.5 ? `: ${mass(salt.atDressingG)} of salt over the meat` : ''}`,
  After: FromBowl,
};
