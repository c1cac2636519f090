import { useNarrow } from '../../../browser/useNarrow.ts';

/** Where the parts of the day's picture stand, px. */
export interface DayPlaces {
  /** A line of the day takes so much. */
  readonly line: number;
  /** The hours end, and the first pot begins. */
  readonly hours: number;
  readonly pot: number;
  /** The words begin. */
  readonly words: number;
  /** A lane of hands, and all of them. */
  readonly lane: number;
  readonly lanes: number;
  readonly narrow: boolean;
}

const HOURS = 50;
/** Room for all pots together, and for one of few. */
const POTS = 232;
const [LEAST, MOST, ALONE] = [24, 56, 92] as const;
/** A lane with a name over it; one of many that have none. */
const [NAMED, BARE] = [76, 14] as const;
/** Between the pots and the words a knot’s line runs. */
const LEAD = 22;
/** A line for the eye, closer where there are many, so that the day is seen whole; on a phone for a finger. */
const [LINE, CLOSE, FINGER] = [18, 16, 44] as const;
const MANY = 20;

/** Places for so many pots, so many lanes with names or without, and so many lines. */
export function usePlaces(pots: number, lanes: number, named: boolean, lines: number): DayPlaces {
  const narrow = useNarrow();
  const pot = pots === 1 ? ALONE : Math.max(LEAST, Math.min(MOST, Math.floor(POTS / Math.max(1, pots))));
  const lane = named ? NAMED : BARE;
  return {
    line: narrow ? FINGER : lines > MANY ? CLOSE : LINE,
    hours: HOURS,
    pot,
    words: HOURS + pots * pot + LEAD,
    lane,
    lanes: narrow ? 0 : lanes * lane,
    narrow,
  };
}
