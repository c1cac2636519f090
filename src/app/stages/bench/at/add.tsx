import { AddField } from './AddField.tsx';
import { NameField } from './NameField.tsx';
import { OfWhat } from './OfWhat.tsx';
import { amountUnder } from './parts.tsx';
import type { HowProps, StepScreens } from './screens.ts';

const How = (props: HowProps<'add'>) => (
  <>
    <OfWhat {...props} />
    <AddField step={props.step} onChange={props.onChange} />
    <NameField step={props.step} onChange={props.onChange} label="apart, as" act="what is brought in" />
  </>
);

export const add: StepScreens<'add'> = { How, under: amountUnder };
