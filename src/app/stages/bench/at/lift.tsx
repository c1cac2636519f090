import { PotReading } from '../../../parts/PotReading.tsx';
import { PercentField } from '../../../parts/fields/PercentField.tsx';
import type { HowProps, StepScreens } from './screens.ts';
import { withShare } from './withShare.ts';

const How = ({ step, onChange }: HowProps<'lift'>) => (
  <PercentField
    label="so much of it"
    share={step.share}
    placeholder="all of it"
    most={1}
    why="there is no more"
    onChange={(share) => onChange('how much is lifted', withShare('share', share), `${step.id} share`)}
  />
);

export const lift: StepScreens<'lift'> = { How, After: PotReading };
