import type { Link, ProbeReading, ScaleReading } from '../device.ts';
import { type StandInProbe, standInProbe } from './probe.ts';
import { type StandInScale, standInScale } from './scale.ts';
import { scenes } from './scenes.ts';

/** What can be done at the stand-in counter. */
export type Command =
  | { readonly do: 'put'; readonly grams: number }
  | { readonly do: 'clear' | 'tare' | 'cut the link' | 'mend the link' }
  | { readonly do: 'play'; readonly scene: number }
  | { readonly do: 'probe'; readonly probe: number; readonly celsius: number };

/** What all its devices say at a moment. */
export interface CounterTold {
  readonly link: Link;
  readonly scale: ScaleReading;
  readonly probes: readonly ProbeReading[];
}

/** A scale and two probes that stand in for real ones, and whoever puts things on them. */
export interface Counter {
  readonly obey: (command: Command, at: number) => void;
  readonly tell: (at: number) => CounterTold;
}

/** More than this nobody puts on a kitchen scale, g. */
const MOST = 40_000;
const PROBES = 2;

/**
 * @param random numbers from 0 to 1, so that a test can hold them
 */
export function standInCounter(random: () => number): Counter {
  const scale: StandInScale = standInScale(random);
  const probes: readonly StandInProbe[] = Array.from({ length: PROBES }, () => standInProbe(random));
  let link: Link = 'on';
  /** What a scene still puts on: when, and how much. */
  let waiting: readonly { readonly at: number; readonly grams: number }[] = [];
  const putWhatIsDue = (at: number) => {
    for (const { grams } of waiting.filter((one) => one.at <= at)) scale.put(grams);
    waiting = waiting.filter((one) => one.at > at);
  };
  return {
    obey: (command, at) => {
      switch (command.do) {
        case 'put':
          scale.put(Math.max(-MOST, Math.min(MOST, command.grams)));
          break;
        case 'clear':
          waiting = [];
          scale.clear();
          break;
        case 'tare':
          scale.tare();
          break;
        case 'cut the link':
          link = 'lost';
          break;
        case 'mend the link':
          link = 'on';
          break;
        case 'probe':
          probes[command.probe]?.into(command.celsius);
          break;
        case 'play': {
          let when = at;
          waiting = (scenes[command.scene]?.puts ?? []).map(({ after, grams }) => {
            when += after * 1000;
            return { at: when, grams };
          });
        }
      }
    },
    tell: (at) => {
      putWhatIsDue(at);
      return { link, scale: scale.read(at), probes: probes.map((probe) => probe.read(at)) };
    },
  };
}

/** A command as it came over a wire; undefined if it is none. */
export function readCommand(value: unknown): Command | undefined {
  if (typeof value !== 'object' || value === null) return undefined;
  const { do: act, grams, scene, probe, celsius } = value as Record<string, unknown>;
  const isFigure = (x: unknown): x is number => typeof x === 'number' && Number.isFinite(x);
  switch (act) {
    case 'put':
      return isFigure(grams) ? { do: act, grams } : undefined;
    case 'clear':
    case 'tare':
    case 'cut the link':
    case 'mend the link':
      return { do: act };
    case 'play':
      return isFigure(scene) ? { do: act, scene } : undefined;
    case 'probe':
      return isFigure(probe) && isFigure(celsius) ? { do: act, probe, celsius } : undefined;
    default:
      return undefined;
  }
}
