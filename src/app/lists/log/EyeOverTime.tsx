import { useState } from 'react';
import { type Guessed, offBy } from '@/core/log/index.ts';
import { cutShort, percent } from '@/words/index.ts';
import { useDrawnSize } from '../../figures/useDrawnSize.ts';
import css from './log.module.scss';

interface Props {
  readonly guesses: readonly Guessed[];
  /** Guesses of today's practice, signed, of what it was. */
  readonly practised: readonly number[];
}

/** Until the page has been measured, px; words at the left; and the least room for the name of a cut. */
const USUAL = { width: 970, height: 164 };
const LEFT = 84;
const NAMED = 58;
const HIGH = 130;
const MOST = 0.4;

/** How far the eye and the program were off, cook by cook: above the line too much, below it too little. */
export function EyeOverTime({ guesses, practised }: Props) {
  const [svg, setSvg] = useState<SVGSVGElement | null>(null);
  const wide = useDrawnSize(svg, USUAL).width - LEFT;
  const [eye, program] = [offBy(guesses.map(({ cook }) => cook)), offBy(guesses.map((one) => one.program))];
  const today = offBy(practised);
  const n = guesses.length + practised.length;
  if (n === 0)
    return (
      <p className="quiet">
        Write a guess at the bench before the shred is weighed, and your guesses are shown here beside the
        program’s.
      </p>
    );
  const x = (i: number) => 20 + (i * (wide - 60)) / Math.max(1, n - 1);
  const y = (off: number) => HIGH / 2 - (Math.max(-MOST, Math.min(MOST, off)) / MOST) * (HIGH / 2 - 12);
  const line = (of: readonly number[]) => of.map((off, i) => `${String(x(i))} ${String(y(off))}`).join('L');
  const mine = [...guesses.map(({ cook }) => cook), ...practised];
  return (
    <section className={css.eye} aria-label="Your eye over time">
      <svg
        ref={setSvg}
        viewBox={`${String(-LEFT)} -4 ${String(wide + LEFT)} ${String(HIGH + 34)}`}
        role="img"
        aria-label={eyeWords(guesses)}
      >
        <text x={-10} y={y(MOST * 0.8)} textAnchor="end" className={css.quiet}>
          too much
        </text>
        <text x={-10} y={y(0) + 5} textAnchor="end" className={css.isNow}>
          weighed
        </text>
        <text x={-10} y={y(-MOST * 0.8)} textAnchor="end" className={css.quiet}>
          too little
        </text>
        <path className={css.middle} d={`M0 ${String(y(0))}H${String(wide)}`} />
        {guesses.length > 1 && (
          <path className={css.published} d={`M${line(guesses.map((one) => one.program))}`} />
        )}
        {mine.length > 1 && <path className={css.mine} d={`M${line(mine)}`} />}
        {guesses.map(({ digest, program: off }, i) => (
          <path
            key={digest.batch}
            className={css.foretold}
            d={`M${String(x(i))} ${String(y(off) - 7)}l7 12h-14z`}
          />
        ))}
        {mine.map((off, i) => (
          <circle key={i} cx={x(i)} cy={y(off)} r={i === mine.length - 1 ? 8 : 6} className={css.mark} />
        ))}
        {guesses.map(({ digest, cut }, i) =>
          // Where they would lie on one another only the last has its name.
          x(1) - x(0) < NAMED && i < guesses.length - 1 ? null : (
            <text key={digest.batch} x={x(i)} y={HIGH + 22} textAnchor="middle" className={css.quiet}>
              {cutShort(cut).toLowerCase()}
            </text>
          ),
        )}
      </svg>
      <dl>
        {eye && (
          <div>
            <dt>your eye</dt>
            <dd>
              <b className="num">{percent(eye.latest)}</b> off
              {guesses.length > 5 ? `; ${percent(eye.first)} at first` : ''}
            </dd>
          </div>
        )}
        {program && (
          <div>
            <dt>the program</dt>
            <dd>
              <b className="num">{percent(program.latest)}</b>
            </dd>
          </div>
        )}
        {today && (
          <div>
            <dt>practice</dt>
            <dd>
              <b className="num">{percent(today.latest)}</b>
            </dd>
          </div>
        )}
      </dl>
    </section>
  );
}

const signed = (off: number) =>
  Math.abs(off) < 0.005 ? 'as weighed' : `${percent(Math.abs(off))} too ${off > 0 ? 'much' : 'little'}`;

const eyeWords = (guesses: readonly Guessed[]) =>
  guesses
    .map(({ digest, cook, program }) => `${digest.name}: you ${signed(cook)}, the program ${signed(program)}`)
    .join('; ');
