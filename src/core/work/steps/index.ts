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
import { salt } from './salt.ts';
import { setApart } from './setApart.ts';
import { skim } from './skim.ts';
import { strain } from './strain.ts';
import { stretch } from './stretch.ts';
import { takeOut } from './takeOut.ts';
import { thicken } from './thicken.ts';
import { vegetablesBack } from './vegetablesBack.ts';

/**
 * Every step that may be done once the meat is tender, in the order in which they are offered. A new one is a file and a row:
 * the compiler asks for the rest.
 */
export const stepKinds = {
  lift,
  cool,
  bone,
  pull,
  pick,
  'take out': takeOut,
  strain,
  mash,
  skim,
  'vegetables back': vegetablesBack,
  'set apart': setApart,
  'put back': putBack,
  'boil down': boilDown,
  thicken,
  add,
  salt,
  'meat back': meatBack,
  stretch,
  dress,
  hold,
} as const;
