import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { nothingOnScale, onTray, type PlateNow, plateNow, withReading } from '@/core/plates/index.ts';
import { gramsOn, scaleNow } from '../../../browser/scale.ts';
import { useWatched } from '../../../browser/watched.ts';

export interface Weighing {
  /** A scale is heard. */
  readonly heard: boolean;
  readonly plate: PlateNow;
  /** Keeps what is on it as it stands: on a tray the next plate begins there. */
  readonly keepNow: () => void;
}

/** Follows the scale through a run of plates; a plate is kept once its bowl is lifted. */
export function useWeighing(targetG: number, onKept: (grams: number) => void): Weighing {
  const scale = useWatched(scaleNow);
  const [on, setOn] = useState(nothingOnScale);
  // Readings come faster than pictures: each goes on from the one before, drawn or not.
  const latest = useRef(on);
  const goTo = (next: typeof on) => {
    latest.current = next;
    setOn(next);
  };
  const follow = useEffectEvent(() => {
    const now = scaleNow.now();
    const grams = gramsOn(now);
    if (grams === undefined || now.kind === 'none' || now.link !== 'on') return;
    const { on: next, kept } = withReading(latest.current, { grams, stable: now.reading?.stable === true });
    goTo(next);
    if (kept !== undefined) onKept(Math.round(kept));
  });
  useEffect(() => scaleNow.subscribe(() => follow()), []);
  const grams = gramsOn(scale);
  const plate = plateNow(on, grams, targetG);
  return {
    heard: scale.kind !== 'none' && scale.link === 'on',
    plate,
    keepNow: () => {
      if (grams === undefined || plate.inBowlG < 1) return;
      onKept(Math.round(plate.inBowlG));
      goTo(onTray(grams));
    },
  };
}
