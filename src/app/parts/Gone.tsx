import { useState } from 'react';
import type { Weighable } from '@/core/meal/index.ts';
import { type ByHand, takenByHand } from '@/core/bench/index.ts';
import { byHandWords, goneWords } from '@/words/index.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { weigh } from '../open/edits/index.ts';
import { useSaid } from '../open/useSaid.ts';
import { massUnits } from '../open/useSettings.ts';
import { QuantityField } from './fields/QuantityField.tsx';
import acts from './acts.module.scss';
import css from './gone.module.scss';

export type Goes = keyof typeof goneWords & Weighable;

/** What the cook ate, threw away or found late, in a tap: each is an entry of its own, and can be taken back. */
export function Gone({ what }: { readonly what: readonly Goes[] }) {
  const { loaded, batch, standing, units } = useOpenMeal();
  const [open, setOpen] = useState<Goes>();
  const said = standing.flatMap((entry) => {
    const { measures } = entry;
    const of = 'flow' in measures ? what.find((one) => one === measures.flow) : undefined;
    return of && entry.value ? [{ entry, of, text: entry.value.text }] : [];
  });
  const say = (flow: Goes, grams: number, text: string, replaces?: string) =>
    weigh(loaded.meal.id, goneWords[flow].act, {
      batch: batch.id,
      measures: { what: 'sum', flow },
      value: replaces === undefined ? { text, lo: grams, hi: grams } : null,
      measure: 'mass',
      ...(replaces !== undefined && { replaces }),
    });
  const { mass } = useSaid();
  return (
    <section className={css.gone} aria-label="Not in the bowl, or not from it">
      <p className={acts.onCard}>
        {what.map((one) => (
          <button
            key={one}
            type="button"
            className="btn act"
            aria-expanded={open === one}
            onClick={() => setOpen(open === one ? undefined : one)}
          >
            {goneWords[one].ask}
          </button>
        ))}
      </p>
      {open && (
        <p className={acts.onCard}>
          {(Object.keys(takenByHand) as ByHand[]).map((hand) => (
            <button
              key={hand}
              type="button"
              className="btn act"
              onClick={() => {
                say(open, takenByHand[hand], `${byHandWords[hand]}, ${mass(takenByHand[hand])}`);
                setOpen(undefined);
              }}
            >
              {byHandWords[hand]}, about {mass(takenByHand[hand])}
            </button>
          ))}
          <QuantityField
            label={`${goneWords[open].ask}, by weight`}
            hidden
            quantity={undefined}
            measure="mass"
            units={massUnits(units).toReversed()}
            placeholder="or weigh it"
            chars={10}
            weighs
            draft={['gone', loaded.meal.id, batch.id, open].join(' ')}
            onDone={({ lo, text }) => {
              if (lo === undefined) return;
              say(open, lo, text);
              setOpen(undefined);
            }}
          />
        </p>
      )}
      {said.length > 0 && (
        <ul className={css.said}>
          {said.map(({ entry, of, text }) => (
            <li key={entry.id}>
              {goneWords[of].said}: {text}{' '}
              <button type="button" className="link quiet" onClick={() => say(of, 0, text, entry.id)}>
                take it back
              </button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
