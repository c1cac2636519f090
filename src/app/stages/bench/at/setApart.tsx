import { drawnFrom } from '@/core/meal/index.ts';
import { drawnWords } from '@/words/index.ts';
import { OneOfField } from '../../../parts/fields/OneOfField.tsx';
import { NameField } from './NameField.tsx';
import { OfWhat } from './OfWhat.tsx';
import { Amount } from './parts.tsx';
import type { HowProps, StepScreens } from './screens.ts';

const How = (props: HowProps<'set apart'>) => {
  const { step, name, onChange } = props;
  return (
    <>
      <OfWhat {...props} />
      <OneOfField
        label="From where in the pot"
        hidden
        among={drawnFrom}
        value={step.from ?? 'stirred'}
        say={(from) => drawnWords[from]}
        onChoose={(from) => onChange('where it is taken from', (s) => ({ ...s, from }))}
      />
      <NameField step={step} onChange={onChange} label="as" act="what is set apart" />
      <Amount step={step} name={name} placeholder="half of it" onChange={onChange} measure="volume" />
    </>
  );
};

export const setApart: StepScreens<'set apart'> = { How };
