import type { Wall } from '@/core/clock/index.ts';
import type { Lack, Resource } from '@/core/day/index.ts';
import { resourceWords } from './called.ts';
import type { DayNote } from '@/core/answers/index.ts';

/** How things are called that a note tells of: the kitchen's vessels by their names. */
type NameOf = (vessel: string) => string | undefined;

/** What a cook has to know of the day, in one sentence. */
export function dayNoteWords(note: DayNote, wall: Pick<Wall, 'moment'>, vesselName: NameOf): string {
  switch (note.what) {
    case 'lack':
      return lackWords(note.lack);
    case 'tight':
      return tightWords(note, vesselName);
    case 'outside':
      return note.serving === undefined
        ? `The hours cannot be kept: somebody is needed at ${wall.moment(note.first, note.first)}.`
        : `The hours cannot be kept: somebody would be needed at ${wall.moment(note.first, note.first)}. This plan keeps them and serves at ${wall.moment(note.serving, note.serving)}.`;
    case 'plates wait':
      return `The first plates would be filled ${String(note.minutes)} min before they are served: keep the meat hot and fill as they are asked for, or have more hands; keep what is filled at 57 °C or above.`;
    case 'left browned':
      return `${note.name} would lie browned for ${note.hours} h before it is cooked: half-cooked meat is not safe to keep. Brown it right before it goes on, or cook it through, cool it fast and reheat it.`;
    case 'held long':
      return `${note.name} would be held hot for ${note.hours} h: cook it the day before and chill it overnight (crew and timing).`;
  }
}

/** What the kitchen lacks. */
function lackWords(lack: Lack): string {
  switch (lack.what) {
    case 'none':
      return `The kitchen has no ${resourceWords(lack.kind)}; the plan assumes you get one.`;
    case 'too few':
      if (lack.kind === 'fridge shelf' || lack.kind === 'freezer shelf')
        return `This needs ${lack.wanted} cm of ${lack.kind} at once; there are ${lack.there}. Write the fridges and freezers that there are in the kitchen.`;
      return `This needs ${lack.wanted} × ${resourceWords(lack.kind)} at once; the kitchen has ${lack.there}.`;
    case 'too wide':
      if (lack.many === 1)
        return `It is ${lack.potsCm} cm across with its handles, and the oven is ${lack.ovenCm} cm wide: use a narrower vessel, or share it between two.`;
      return `${lack.potsCm} cm of pots do not fit side by side in an oven of ${lack.ovenCm} cm: use another vessel, or put one in the other oven.`;
  }
}

const savedWords = (minutes: number, hangs: boolean) => {
  const span = minutes >= 90 ? `${Math.round(minutes / 6) / 10} h` : `${minutes} min`;
  return hangs ? `the day could begin ${span} later` : `it could be served ${span} sooner`;
};

/** What more of a thing would save. */
function tightWords(
  { of, savesMin, hangs, hands }: Extract<DayNote, { what: 'tight' }>,
  vesselName: NameOf,
): string {
  const could = savedWords(savesMin, hangs);
  if (of === 'hands')
    return `${hands === 1 ? 'One pair of hands' : `${hands} pairs of hands`} for all of it: with twice as many ${could}.`;
  return things(of, could, vesselName);
}

function things({ kind, id }: Resource, could: string, vesselName: NameOf): string {
  if (kind === 'vessel')
    return `The ${vesselName(id) ?? 'vessel'} is needed twice, one after the other: with a second one ${could}.`;
  return `The ${resourceWords(kind)} cannot take all at once: with another ${could}.`;
}
