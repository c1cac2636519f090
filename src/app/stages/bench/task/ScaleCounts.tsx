import { useEffect, useRef } from 'react';
import { jumpOf } from '@/core/bench/index.ts';
import type { ComesOut } from '@/core/pot/index.ts';
import { scaleNow } from '../../../browser/scale.ts';
import { useWatched } from '../../../browser/watched.ts';
import { useFound } from '../../../open/useFound.ts';

interface Props {
  readonly thing: ComesOut;
  readonly eachG: number | undefined;
}

/** Each time the scale is steady at more than before, a bone was dropped into the bowl: it is counted. */
export function ScaleCounts({ thing, eachG }: Props) {
  const { reading, link } = useWatched(scaleNow);
  const find = useFound(thing);
  const before = useRef<number>(undefined);
  const grams = link === 'on' && reading?.stable ? reading.grams : null;
  const latest = useRef({ thing, eachG, find });
  useEffect(() => {
    latest.current = { thing, eachG, find };
  });
  useEffect(() => {
    if (grams === null) return;
    const last = before.current;
    before.current = grams;
    if (last === undefined) return;
    const { thing: now, eachG: each, find: set } = latest.current;
    const jump = jumpOf(last, grams, each);
    // What is taken off again may be the whole bowl: only what is put on is counted.
    if (!jump || jump.pieces <= 0) return;
    const most = now.count ?? Infinity;
    if (now.back < most) set(Math.min(most, now.back + jump.pieces));
  }, [grams]);
  return null;
}
