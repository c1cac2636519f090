import type { BatchTaskKind } from './task.ts';

/** How far a batch has come, by what was weighed of it and what was ticked. */
export interface Milestones {
  /** The meat is in a hot pot, its lid on. */
  readonly hot: boolean;
  /** Out of the pot, on the bench. */
  readonly lifted: boolean;
  readonly pulled: boolean;
  /** The liquid is strained and skimmed. */
  readonly skimmed: boolean;
  /** It has been weighed as it goes to the plates: nothing more is done to it. */
  readonly jugged: boolean;
}

interface Seen {
  readonly lidOn: boolean;
  readonly meatWeighed: boolean;
  readonly shredWeighed: boolean;
  readonly liquidWeighed: boolean;
  readonly strain: boolean;
  readonly ticked: (kind: BatchTaskKind) => boolean;
}

/** What was weighed tells as much as what was ticked: cooked meat on the scale has left its pot. */
export function milestonesOf(seen: Seen): Milestones {
  const { ticked } = seen;
  const lifted = seen.meatWeighed || ticked('pot');
  return {
    hot: seen.lidOn || lifted,
    lifted,
    pulled: seen.shredWeighed || ticked('pull'),
    skimmed: seen.liquidWeighed || (ticked('skim') && (!seen.strain || ticked('strain'))),
    jugged: seen.liquidWeighed,
  };
}
