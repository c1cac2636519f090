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

const HOURS = { wide: 50, narrow: 44 } as const;
/** Room for all pots together, and for one of few. */
const POTS = 232;
const [LEAST, MOST, ALONE] = [24, 56, 92] as const;
/** A lot that is told apart in the only pot. */
const LOT = { wide: 62, narrow: 46 } as const;
/** A lane with a name over it; one of many that have none. */
const [NAMED, BARE] = [76, 14] as const;
/** Between the pots and the words a knot’s line runs. */
const LEAD = { wide: 22, narrow: 12 } as const;
/** A line for the eye, closer where there are many, so that the day is seen whole; on a phone for a finger. */
const [LINE, CLOSE, FINGER] = [18, 16, 44] as const;
const MANY = 20;

interface Wanted {
  readonly pots: number;
  /** Of the only pot, the lots that are told apart. */
  readonly lots: number;
  /** Lanes of hands, and whether they have names. */
  readonly lanes: number;
  readonly named: boolean;
  readonly lines: number;
  readonly narrow: boolean;
}

/** Places for so many pots, lanes and lines. */
export function placesOf({ pots, lots, lanes, named, lines, narrow }: Wanted): DayPlaces {
  const page = narrow ? 'narrow' : 'wide';
  const few = Math.max(ALONE, lots * LOT[page]);
  const many = Math.max(LEAST, Math.min(MOST, Math.floor(POTS / Math.max(1, pots))));
  const pot = pots === 1 ? few : many;
  const lane = named ? NAMED : BARE;
  return {
    line: narrow ? FINGER : lines > MANY ? CLOSE : LINE,
    hours: HOURS[page],
    pot,
    words: HOURS[page] + pots * pot + LEAD[page],
    lane,
    lanes: narrow ? 0 : lanes * lane,
    narrow,
  };
}
