import { skims } from '@/core/meal/index.ts';
import { skimWords } from '@/words/index.ts';
import { OneOfField } from '../../../parts/fields/OneOfField.tsx';
import { OfWhat } from './OfWhat.tsx';
import { ToTheJug } from './parts.tsx';
import type { HowProps, StepScreens } from './screens.ts';

const How = (props: HowProps<'skim'>) => (
  <>
    <OfWhat {...props} />
    <OneOfField
      label="How it is skimmed"
      hidden
      among={skims.filter((way) => way !== 'leave')}
      value={props.step.way === 'leave' ? 'hot' : (props.step.way ?? 'hot')}
      say={(way) => skimWords[way]}
      onChoose={(way) => props.onChange('skimming', (s) => ({ ...s, way }))}
    />
  </>
);

export const skim: StepScreens<'skim'> = { How, After: ToTheJug };
