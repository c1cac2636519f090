/** One reading of a scale, as it stands. */
export interface ScaleReading {
  /** Epoch, ms. */
  readonly at: number;
  /** g, tare taken off; null where there is no figure: more on it than it bears. */
  readonly grams: number | null;
  /** It does not move any more. */
  readonly stable: boolean;
}

/** One reading of a probe. */
export interface ProbeReading {
  readonly at: number;
  readonly celsius: number;
  readonly stable: boolean;
}

/** How a device is reached: heard, silent for a while, or gone. */
export type Link = 'on' | 'lost' | 'off';

export interface ScaleTold {
  readonly link: Link;
  readonly reading: ScaleReading | undefined;
}

export interface ProbeTold {
  readonly link: Link;
  readonly reading: ProbeReading | undefined;
}

/** What listens to a device; it returns what ends that. */
export type Listen<T> = (hear: (told: T) => void) => () => void;

/** A scale, real or standing in for one. */
export interface Scale {
  readonly name: string;
  /** g: it shows no finer step. */
  readonly stepG: number;
  /** It sends figures as they move; else only those that have settled, which is no use for weighing out. */
  readonly streams: boolean;
  readonly listen: Listen<ScaleTold>;
  /** Takes off what is on it; absent: it has no such command, and the program takes it off. */
  readonly tare?: () => void;
}

export interface Probe {
  readonly name: string;
  readonly listen: Listen<ProbeTold>;
}
