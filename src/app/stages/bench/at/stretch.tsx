import { stretchStates } from '@/core/meal/index.ts';
import { OneOfField } from '../../../parts/fields/OneOfField.tsx';
import { AddField } from './AddField.tsx';
import { FromBowl } from './FromBowl.tsx';
import type { HowProps, StepScreens } from './screens.ts';

const How = ({ step, onChange }: HowProps<'stretch'>) => (
  <>
    <AddField step={step} onChange={onChange} />
    <OneOfField
      label="How it goes in"
      hidden
      among={stretchStates}
      value={step.cooked ?? 'cooked'}
      say={(state) => state}
      onChoose={(cooked) => onChange('how it goes in', (s) => ({ ...s, cooked }))}
    />
  </>
);

export const stretch: StepScreens<'stretch'> = { How, After: FromBowl };
