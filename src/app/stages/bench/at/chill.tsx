import { Caution } from '../../../parts/Caution.tsx';
import { Into } from './parts.tsx';
import type { CardScreens } from './screens.ts';

/** The overnight way: fast through the warm hours, in shallow vessels, then a night in the fridge. */
export const chill: CardScreens = {
  After: () => (
    <>
      <Into />
      <Caution>
        From 57 to 21 °C within 2 h and to 5 °C within 6 h in all: no more than 5 cm deep, in an ice bath,
        stirred. Follow your local food code and, for a business, your licensed plan.
      </Caution>
    </>
  ),
};
