import { without } from '../../../open/withOrWithout.ts';
import { PercentField } from '../../../parts/fields/PercentField.tsx';
import { FromBowl } from './FromBowl.tsx';
import { LiquidChoice } from './LiquidChoice.tsx';
import { Amount, amountUnder, Minutes } from './parts.tsx';
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
    <Amount
      step={step}
      name="Toss through"
      placeholder="as juicy as below"
      measure="volume"
      onChange={onChange}
    />
    <PercentField
      label="so juicy, of its weight"
      share={step.held}
      placeholder="15 %"
      most={0.6}
      why="meat holds no more"
      onChange={(held) => onChange('how juicy it is', withShare('held', held), `${step.id} held`)}
    />
    <Minutes step={step} liquids={liquids} name="On the heat" onChange={onChange} />
  </>
);

export const dress: StepScreens<'dress'> = {
  How,
  under: (step, { reckoning: { salt }, mass }) =>
    `${amountUnder(step)}${salt && salt.atDressingG > 0.5 ? `: ${mass(salt.atDressingG)} of salt over the meat` : ''}`,
  After: FromBowl,
};
