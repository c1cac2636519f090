import { OfWhat } from './OfWhat.tsx';
import { Amount, amountUnder } from './parts.tsx';
import type { HowProps, StepScreens } from './screens.ts';

const How = (props: HowProps<'salt'>) => (
  <>
    <OfWhat {...props} />
    <Amount
      step={props.step}
      name={props.name}
      placeholder="none yet"
      onChange={props.onChange}
      measure="mass"
    />
  </>
);

export const salt: StepScreens<'salt'> = { How, under: amountUnder };
