import type { Heat } from '@/core/meal/index.ts';

/** The act that starts the clock of a pot, by what heats it: nobody waits for a slow cooker to be hot, and smoke has no lid. */
export function lidOnAct(heat: Heat | undefined): string {
  switch (heat) {
    case 'slow cooker':
      return 'It is switched on, the lid goes on now';
    case 'smoker':
      return 'The smoke is up, the meat goes in now';
    default:
      return 'It is hot, the lid goes on now';
  }
}
