import { thickeners } from '@/core/meal/index.ts';
import { OneOfField } from '../../../parts/fields/OneOfField.tsx';
import { OfWhat } from './OfWhat.tsx';
import { Amount, amountUnder, ToTheJug } from './parts.tsx';
import type { HowProps, StepScreens } from './screens.ts';

const How = (props: HowProps<'thicken'>) => {
  const { step, name, onChange } = props;
  return (
    <>
      <OfWhat {...props} />
      <OneOfField
        label="Thickened with"
        hidden
        among={thickeners}
        value={step.with ?? 'starch'}
        say={(one) => `with ${one}`}
        onChoose={(one) => onChange('what it is thickened with', (s) => ({ ...s, with: one }))}
      />
      <Amount step={step} name={name} placeholder="none yet" onChange={onChange} measure="mass" />
    </>
  );
};

export const thicken: StepScreens<'thicken'> = { How, under: amountUnder, After: ToTheJug };
