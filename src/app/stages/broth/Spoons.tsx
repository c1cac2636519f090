import type { LiquidReckoning } from '@/core/reckoning/index.ts';
import clsx from 'clsx';

import { useSaid } from '../../open/useSaid.ts';
import css from './broth.module.scss';

type Thick = LiquidReckoning['thickness']['feels'];

interface Props {
  readonly liquid: LiquidReckoning;
  /** Another word than it has now was chosen: each way to it is offered. */
  readonly aim: Thick | undefined;
  readonly onAim: (to: Thick | undefined) => void;
  readonly onStarch: (grams: number) => void;
  readonly onBoil: (toMl: number) => void;
}

/** How thick it is, as a spoon of it looks; another spoon is an aim, with what takes it there. */
export function Spoons({ liquid, aim, onAim, onStarch, onBoil }: Props) {
  const { mass, volume } = useSaid();
  const { thickness, thicken } = liquid;
  const way = thicken.find(({ to }) => to === aim);
  const at = thicken.findIndex(({ to }) => to === thickness.feels);
  return (
    <section className={css.spoons} aria-label="How thick it is, after five minutes’ standing">
      <div role="radiogroup" aria-label="How thick it is to be">
        {thicken.map(({ to }, i) => (
          <button
            key={to}
            type="button"
            role="radio"
            aria-checked={(aim ?? thickness.feels) === to}
            className={clsx(css.spoon, to === thickness.feels && css.isNow, to === aim && css.isAim)}
            // What is thinner than it is comes with water, which the salt says.
            disabled={i < at}
            onClick={() => onAim(to === thickness.feels ? undefined : to)}
          >
            <Spoon of={to} />
            <b>{to}</b>
            <small>{to === thickness.feels ? 'now' : ''}</small>
          </button>
        ))}
      </div>
      <p>
        <span className="num">{Math.round(thickness.gPerL)}</span>{' '}
        <span className="quiet">g of what thickens in a litre, stood five minutes (estimate)</span>
      </p>
      {way && (
        <p className={css.ways}>
          <button type="button" className="btn act" onClick={() => onStarch(way.starchG)}>
            Stir in {mass(way.starchG)} of starch
          </button>
          <span className="quiet">or {mass(way.flourG)} of flour,</span>
          {way.toMl > 0 && (
            <button type="button" className="btn act" onClick={() => onBoil(way.toMl)}>
              or boil it down to {volume(way.toMl)}
            </button>
          )}
          <span className="quiet">Stir starch into four parts of cold water first.</span>
        </p>
      )}
      {aim === undefined && <p className="quiet">Nothing is needed if that is as thick as you like it.</p>}
    </section>
  );
}

/** A spoon of it: what runs off, coats, keeps a line or stands up. */
function Spoon({ of }: { readonly of: Thick }) {
  return (
    <svg viewBox="0 0 120 64" aria-hidden>
      <ellipse className={of === 'runs' ? 'bare' : 'coat'} cx="36" cy="34" rx="34" ry="19" />
      {of === 'runs' && (
        <path className="coat" d="M6 42q30 18 60 0-30 8-60 0M26 54q-4 7 0 9t4-3zM42 55q-4 6 0 8t3-4z" />
      )}
      {of === 'holds a line' && <path className="line" d="M36 15v38" />}
      {of === 'mounds' && (
        <path className="coat" d="M12 26q2-14 14-12 6-12 18-6 12-2 12 14 8 4-2 8H14q-8 0-2-4z" />
      )}
      <path className="handle" d="M70 33h46" />
    </svg>
  );
}
