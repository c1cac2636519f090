import type { AfterStep, AfterWhat } from '@/core/meal/index.ts';
import { add } from './add.ts';
import { boilDown } from './boilDown.ts';
import { bone } from './bone.ts';
import { cool } from './cool.ts';
import { dress } from './dress.ts';
import { hold } from './hold.ts';
import { lift } from './lift.ts';
import { mash } from './mash.ts';
import { meatBack } from './meatBack.ts';
import { pick } from './pick.ts';
import { pull } from './pull.ts';
import { putBack } from './putBack.ts';
import { vegetablesBack } from './vegetablesBack.ts';
import { salt } from './salt.ts';
import { setApart } from './setApart.ts';
import { skim } from './skim.ts';
import { strain } from './strain.ts';
import { stretch } from './stretch.ts';
import { takeOut } from './takeOut.ts';
import { thicken } from './thicken.ts';
import type { AtTheBench, StepWords } from './words.ts';

/** What is said of every kind of step. */
export const stepWords: { readonly [W in AfterWhat]: StepWords<W> } = {
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

/** A step as an act: "Skim the fat". */
export const actWords = (what: AfterWhat): string => stepWords[what].act;

// Each is filed under the kind that it takes; the compiler cannot follow a union through that.
const of = (what: AfterWhat) => stepWords[what] as StepWords<AfterWhat>;

/** The steps in one line: "lift out, cool, bones out, pull with two forks, skim". */
export const stepsWords = (steps: readonly AfterStep[]): string =>
  steps.map((step) => of(step.what).short(step)).join(', ');

/** What is asked for at the bench. */
export const stepTitle = (step: AfterStep, at: AtTheBench): string => {
  const { act, title } = of(step.what);
  return title?.(step, at) ?? act;
};

/** What lies on the scale at a step; undefined where nothing is weighed. */
export function weighedWords(
  what: AfterWhat,
): { readonly reading: string; readonly inBowl: string } | undefined {
  const words = stepWords[what];
  return 'weighed' in words ? words.weighed : undefined;
}
