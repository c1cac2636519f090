import { useEffect, useMemo, useState } from 'react';
import { codesOf } from '@/core/handout/index.ts';
import { codesWords } from '@/words/index.ts';
import { QUIET, squaresOf } from './squares.ts';
import css from './codes.module.scss';

interface Props {
  readonly text: string;
  /** What passes, where it is read out. */
  readonly label: string;
}

/** Codes a second; a screen that flashes more than three times is a danger to some (WCAG 2.2, 2.3.1). */
const SPEEDS = [1, 2, 3] as const;
const FASTEST = SPEEDS.length - 1;

/** A text as codes in turn: a camera that is held to them catches each, in any order. */
export default function Codes({ text, label }: Props) {
  const codes = useMemo(() => codesOf(text)?.map(squaresOf), [text]);
  const [turn, setTurn] = useState(0);
  const [speed, setSpeed] = useState(FASTEST);
  const [held, hold] = useState(false);
  const count = codes?.length ?? 0;
  const perSecond = SPEEDS[speed] ?? 1;
  useEffect(() => {
    if (held || count < 2) return;
    const timer = setInterval(() => setTurn((now) => now + 1), 1000 / perSecond);
    return () => clearInterval(timer);
  }, [count, held, perSecond]);
  if (!codes) return <p className="wrong">This is too long for codes: save it as a file.</p>;
  const at = count === 0 ? 0 : ((turn % count) + count) % count;
  const shown = codes[at];
  if (!shown) return null;
  const wide = shown.side + 2 * QUIET;
  const step = (by: number) => {
    hold(true);
    setTurn((now) => now + by);
  };
  return (
    <figure className={css.codes}>
      <svg
        viewBox={`${-QUIET} ${-QUIET} ${wide} ${wide}`}
        role="img"
        aria-label={`${label}, code ${at + 1} of ${count}`}
        shapeRendering="crispEdges"
        data-code={at}
      >
        <rect x={-QUIET} y={-QUIET} width={wide} height={wide} fill="#fff" />
        <path d={shown.path} fill="#000" />
      </svg>
      <figcaption>
        <span className={css.dots} aria-hidden>
          {codes.map((one, i) => (
            <i key={one.path.length + i} data-on={i === at || undefined} />
          ))}
        </span>
        <span className="quiet">{codesWords(count, perSecond)}</span>
        {count > 1 && (
          <span className={css.pace}>
            <button type="button" className="btn btn-sm act" onClick={() => step(-1)}>
              Before
            </button>
            <button type="button" className="btn btn-sm act" onClick={() => hold(!held)}>
              {held ? 'Go on' : 'Stop here'}
            </button>
            <button type="button" className="btn btn-sm act" onClick={() => step(1)}>
              Next
            </button>
            <button
              type="button"
              className="btn btn-sm act"
              onClick={() => setSpeed((now) => (now === 0 ? FASTEST : now - 1))}
            >
              {speed === 0 ? 'Faster' : 'Slower'}
            </button>
          </span>
        )}
      </figcaption>
    </figure>
  );
}
