import type { AfterStep, AfterWhat } from '@/core/meal/index.ts';
import type { BenchCard } from '@/core/answers/index.ts';
import { add } from './add.tsx';
import { boilDown } from './boilDown.tsx';
import { bone } from './bone.tsx';
import { chill } from './chill.tsx';
import { cool } from './cool.tsx';
import { dress } from './dress.tsx';
import { hold } from './hold.tsx';
import { lift } from './lift.tsx';
import { mash } from './mash.tsx';
import { meatBack } from './meatBack.tsx';
import { pick } from './pick.tsx';
import { pull } from './pull.tsx';
import { putBack } from './putBack.tsx';
import { vegetablesBack } from './vegetablesBack.tsx';
import { salt } from './salt.tsx';
import type { CardScreens, Known, StepScreens } from './screens.ts';
import { secondWave } from './secondWave.tsx';
import { setApart } from './setApart.tsx';
import { skim } from './skim.tsx';
import { strain } from './strain.tsx';
import { stretch } from './stretch.tsx';
import { takeOut } from './takeOut.tsx';
import { thicken } from './thicken.tsx';

/** What is shown of every kind of step. */
const stepScreens: { readonly [W in AfterWhat]: StepScreens<W> } = {
  lift,
  cool,
  bone,
  pull,
  pick,
  'take out': takeOut,
  strain,
  mash,
  skim,
  'set apart': setApart,
  'put back': putBack,
  'vegetables back': vegetablesBack,
  'boil down': boilDown,
  thicken,
  add,
  salt,
  'meat back': meatBack,
  stretch,
  dress,
  hold,
};

// Each is filed under the kind that it takes; the compiler cannot follow a union through that.
export const screensOf = (what: AfterWhat) => stepScreens[what] as StepScreens<AfterWhat>;

/** What stands on a card about its weighing. */
export function cardScreens(what: BenchCard['what']): CardScreens {
  switch (what) {
    case 'look':
    case 'at the pot':
      return {};
    case 'chill':
      return chill;
    case 'again':
      return secondWave;
    default:
      return screensOf(what);
  }
}

/** What else has to be known for a step, in one line. */
export const underOf = (step: AfterStep | undefined, known: Known): string =>
  step ? (screensOf(step.what).under?.(step, known) ?? '') : '';
