import type { Interval } from '@/core/day/index.ts';
import type { DayPlan } from '@/core/answers/index.ts';
import { useWall } from '../../open/useWall.ts';

/** More stretches than this are told by the picture alone. */
const MOST = 6;

const timesWords = (n: number) => (n === 1 ? 'and once more' : `and ${n} more times`);

/** When somebody must be there, in words. */
export function Here({ day, now }: { readonly day: DayPlan; readonly now: number }) {
  const { here, zone } = day;
  const wall = useWall(zone);
  if (here.length === 0) return null;
  const shown = here.slice(0, MOST);
  const words = ({ from, to }: Interval, i: number) => {
    const start = wall.moment(Math.max(from, now), shown[i - 1]?.to ?? now);
    return `${start}–${wall.clock(to)}`;
  };
  return (
    <p className="here quiet">
      Somebody must be here{' '}
      {shown.map((one, i) => (
        <b key={one.from}>
          <span className="num">{words(one, i)}</span>
          {i < shown.length - 1 && ', '}
        </b>
      ))}
      {here.length > MOST && `, ${timesWords(here.length - MOST)}`}.
    </p>
  );
}
