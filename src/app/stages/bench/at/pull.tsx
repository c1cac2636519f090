import { tools } from '@/core/meal/index.ts';
import { toolWords } from '@/words/index.ts';
import { OneOfField } from '../../../parts/fields/OneOfField.tsx';
import { useSaid } from '../../../open/useSaid.ts';
import { GoesBack } from '../task/GoesBack.tsx';
import { FromBowl } from './FromBowl.tsx';
import type { AtProps, HowProps, StepScreens } from './screens.ts';

const How = ({ step, onChange }: HowProps<'pull'>) => (
  <OneOfField
    label="Pulled with"
    hidden
    among={tools}
    value={step.tool ?? 'forks'}
    say={(tool) => `with ${toolWords[tool]}`}
    onChoose={(tool) => onChange('what it is pulled with', (s) => ({ ...s, tool }))}
  />
);

function After({ scaleTaken, onTakeScale }: AtProps) {
  const { mass } = useSaid();
  return (
    <>
      <GoesBack open={scaleTaken} onOpen={onTakeScale} mass={mass} />
      <FromBowl />
    </>
  );
}

export const pull: StepScreens<'pull'> = {
  How,
  under: (_, { reckoning, mass }) => `, about ${mass(reckoning.meat.shredG.mid)}`,
  After,
};
