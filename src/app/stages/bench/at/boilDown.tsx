import { useOpenMeal } from '../../../open/MealContext.ts';
import { volumeUnits } from '../../../open/useSettings.ts';
import { withOrWithout } from '../../../open/withOrWithout.ts';
import { QuantityField } from '../../../parts/fields/QuantityField.tsx';
import { OfWhat } from './OfWhat.tsx';
import { OftenForgotten, ToTheJug } from './parts.tsx';
import type { HowProps, StepScreens } from './screens.ts';

const How = (props: HowProps<'boil down'>) => {
  const { step, onChange } = props;
  const { units } = useOpenMeal();
  return (
    <>
      <OfWhat {...props} />
      <QuantityField
        label="to"
        quantity={step.to}
        measure="volume"
        units={volumeUnits(units)}
        placeholder="so much is left"
        chars={12}
        onChange={(to) =>
          onChange('how far it is boiled down', (s) => withOrWithout(s, 'to', to), `${step.id} to`)
        }
      />
    </>
  );
};

export const boilDown: StepScreens<'boil down'> = {
  How,
  under: ({ to }, { volume }) => (to?.lo === undefined ? '' : `, to ${volume(to.lo)}`),
  After: () => (
    <>
      <ToTheJug />
      <OftenForgotten />
    </>
  ),
};
