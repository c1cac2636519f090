import type { StepsWith } from '@/core/work/index.ts';
import { without } from '../../../open/withOrWithout.ts';
import { LiquidChoice } from './LiquidChoice.tsx';
import type { HowProps } from './screens.ts';

/** Dressed is the meat, with a liquid. */
type OnLiquid = Exclude<StepsWith<'liquid'>, 'dress'>;

/** Which liquid a step is done to. */
export function OfWhat<W extends OnLiquid>({ step, liquids, name, onChange }: HowProps<W>) {
  const { liquid }: { readonly liquid?: string | undefined } = step;
  return (
    <LiquidChoice
      label={`${name}: of what`}
      liquids={liquids}
      value={liquid}
      by="of"
      onChoose={(chosen) =>
        onChange('which liquid', (s) =>
          chosen === undefined ? (without(s, 'liquid') as typeof s) : { ...s, liquid: chosen },
        )
      }
    />
  );
}
