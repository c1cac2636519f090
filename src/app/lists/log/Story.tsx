import { useState, type KeyboardEvent } from 'react';
import type { CutStory, Told } from '@/core/log/index.ts';
import { cutShort, fromBatches, percent } from '@/words/index.ts';
import { useDrawnSize } from '../../figures/useDrawnSize.ts';
import { leaveOut } from '../../open/edits/index.ts';
import { dayShort } from './dayShort.ts';
import css from './log.module.scss';

interface Props {
  readonly story: CutStory;
  readonly chosen: string;
  readonly onChoose: (batch: string) => void;
}

/** Until the page has been measured, px; the names of the cooks, at most so wide and so much of it. */
const USUAL = { width: 540, height: 400 };
const NAMES = { most: 158, share: 0.36 };
/** px of a letter of a name. */
const LETTER = 7.6;
const ROW = 34;
const TOP = 46;

/**
 * What the kitchen gets of a cut, and how it came to be known: a funnel that narrows as each cook falls into it. Space
 * leaves a cook out, or takes it in again.
 */
export function Story({ story, chosen, onChoose }: Props) {
  const [dots, setDots] = useState<SVGSVGElement | null>(null);
  const { width: wide } = useDrawnSize(dots, USUAL);
  const left = Math.min(NAMES.most, NAMES.share * wide);
  const letters = Math.floor(left / LETTER);
  const { told, now, published } = story;
  const shares = told.flatMap(({ share }) => (share === undefined ? [] : [share]));
  const low = Math.floor(20 * Math.min(published.p10, now.p10, ...shares)) / 20;
  const high = Math.ceil(20 * Math.max(published.p90, now.p90, ...shares)) / 20;
  const x = (share: number) => left + ((wide - left - 20) * (share - low)) / (high - low);
  const y = (i: number) => TOP + (i + 0.5) * ROW;
  const end = TOP + told.length * ROW;
  // The range before each cook, and after the last of them.
  const edges = [...told.map(({ before }, i) => ({ ...before, y: TOP + i * ROW })), { ...now, y: end }];
  const funnel = [
    ...edges.map(({ p10, y: at }) => `${String(x(p10))} ${String(at)}`),
    ...edges.toReversed().map(({ p90, y: at }) => `${String(x(p90))} ${String(at)}`),
  ].join('L');
  const step = high - low > 0.35 ? 0.1 : 0.05;
  const ticks = Array.from({ length: Math.round((high - low) / step) + 1 }, (_, i) => low + i * step);
  const press = (event: KeyboardEvent, i: number) => {
    const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    const one = told[i];
    if (by !== undefined) {
      event.preventDefault();
      dots?.querySelectorAll<SVGElement>('[role="button"]')[i + by]?.focus();
    } else if (one && event.key === ' ') {
      event.preventDefault();
      leaveOut(one.digest.meal, one.digest.batch, !one.digest.leftOut);
    } else if (one && event.key === 'Enter') onChoose(one.digest.batch);
  };
  return (
    <section className={css.story} aria-labelledby="story-title">
      <div className="line">
        <h2 id="story-title">{cutShort(story.name)} in this kitchen</h2>
        <span className="quiet">shred of raw</span>
      </div>
      <svg ref={setDots} viewBox={`0 0 ${String(wide)} ${String(end + 78)}`} className={css.funnel}>
        <title>
          {`${cutShort(story.name)}: published ${percent(published.mean)}, here ${percent(now.mean)}, the next ${percent(now.p10)} to ${percent(now.p90)}, ${fromBatches(story.n)}`}
        </title>
        <path className={css.range} d={`M${funnel}z`} />
        <path className={css.published} d={`M${String(x(published.mean))} 30V${String(end)}`} />
        <text x={x(published.mean)} y={20} textAnchor="middle" className={css.quiet}>
          published {percent(published.mean)}
        </text>
        {told.map((one, i) => (
          <ToldLine
            key={one.digest.batch}
            told={one}
            y={y(i)}
            x={x}
            wide={wide}
            letters={letters}
            isChosen={one.digest.batch === chosen}
            onChoose={() => onChoose(one.digest.batch)}
            onPress={(event) => press(event, i)}
          />
        ))}
        <rect className={css.now} x={x(now.p10)} y={end + 10} width={x(now.p90) - x(now.p10)} height={17} />
        <path className={css.middle} d={`M${String(x(now.mean))} ${String(end + 4)}v29`} />
        <text x={0} y={end + 25} className={css.isNow}>
          the next
        </text>
        {ticks.map((share) => (
          <text key={share} x={x(share)} y={end + 60} textAnchor="middle" className={css.quiet}>
            {Math.round(100 * share)}
          </text>
        ))}
      </svg>
      <p className={css.nextRange}>
        <b className="num">
          {Math.round(100 * now.p10)}–{percent(now.p90)}
        </b>{' '}
        <span className="quiet">
          eight times in ten, {fromBatches(story.n)}; {Math.round(100 * published.p10)}–
          {percent(published.p90)} before
        </span>
      </p>
    </section>
  );
}

/** Why it counts for nothing. */
const notCounted = ({ digest }: Told): string =>
  digest.leftOut
    ? 'left out'
    : digest.evidence.length === 0
      ? 'another kitchen’s'
      : 'too far out: not counted';

function toldWords({ digest, share, before, weight }: Told): string {
  const gave = share === undefined ? 'known by its plates' : `gave ${percent(share)}`;
  const counts = digest.leftOut ? ', left out' : weight === 0 ? ', not counted' : '';
  return `${digest.name}, ${dayShort(digest.at)}: ${gave}, expected ${percent(before.mean)}${counts}; space leaves it out or takes it in`;
}

interface LineProps {
  readonly told: Told;
  readonly y: number;
  readonly x: (share: number) => number;
  readonly wide: number;
  /** So many of its name have room. */
  readonly letters: number;
  readonly isChosen: boolean;
  readonly onChoose: () => void;
  readonly onPress: (event: KeyboardEvent) => void;
}

/** One cook: its name, and where its yield fell. */
function ToldLine({ told: one, y, x, wide, letters, isChosen, onChoose, onPress }: LineProps) {
  return (
    <g
      role="button"
      tabIndex={0}
      aria-pressed={one.digest.leftOut}
      aria-label={toldWords(one)}
      onClick={onChoose}
      onKeyDown={onPress}
    >
      <rect x={0} y={y - ROW / 2} width={wide} height={ROW} className={css.hit} />
      <text x={0} y={y + 5} className={isChosen ? css.isNow : undefined}>
        {one.digest.name.length > letters ? `${one.digest.name.slice(0, letters - 1)}…` : one.digest.name}
      </text>
      {one.share === undefined ? (
        <text x={x(one.before.mean)} y={y + 4} textAnchor="middle" className={css.quiet}>
          by its plates
        </text>
      ) : (
        <circle
          cx={x(one.share)}
          cy={y}
          r={isChosen ? 10 : 7.5}
          className={one.weight > 0 ? css.dot : css.isOutDot}
          fillOpacity={one.weight > 0 ? 0.35 + 0.65 * one.weight : 0}
        />
      )}
      {one.weight === 0 && one.share !== undefined && (
        <text
          x={x(one.share) + (x(one.share) > wide - 140 ? -14 : 14)}
          y={y + 5}
          textAnchor={x(one.share) > wide - 140 ? 'end' : 'start'}
          className={css.quiet}
        >
          {notCounted(one)}
        </text>
      )}
    </g>
  );
}
