import { useState } from 'react';
import { type BeforeLid, bySpoon } from '@/core/pot/index.ts';
import { readLength, TEXT_MOST, writeVolume } from '@/core/quantity/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { weigh } from '../../open/edits/index.ts';
import css from './pot.module.scss';

interface Props {
  readonly one: BeforeLid;
  readonly named: boolean;
}

/** A spoon stood in the pot before the lid: centimetres wet give the litres beside the meat. */
export function Spoon({ one, named }: Props) {
  const { loaded, batch, units, standing } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const [text, setText] = useState('');
  const reading = readLength(text);
  const set = (ml: number) => {
    const { value, unit } = writeVolume(ml, units);
    return `${value} ${unit}`;
  };
  const said = reading.ok ? bySpoon(one, reading.cm, batchReckoning.liquid.pouredMl?.mid ?? 0) : undefined;
  const pour = said?.pouredMl ?? 0;
  const before = standing.find(({ measures }) => measures.what === 'sum' && measures.flow === 'pour');
  return (
    <span className={css.spoon}>
      <label>
        {named ? `on a spoon in the ${one.vessel.name}` : 'on your spoon'}{' '}
        <input
          className="write num"
          size={6}
          placeholder="cm wet"
          value={text}
          maxLength={TEXT_MOST}
          aria-invalid={text !== '' && !reading.ok}
          onChange={({ target }) => {
            setText(target.value);
          }}
        />
      </label>
      {text !== '' && !reading.ok && <span role="alert">{reading.error}</span>}
      {said && (
        <>
          <span>
            {' '}
            {set(said.besideMl)} beside the meat, so <b className="num">{set(pour)}</b> poured.
          </span>
          {pour > 0 && (
            <button
              type="button"
              className="link"
              onClick={() => {
                const ml = Math.round(pour);
                weigh(loaded.meal.id, 'the pour, by the spoon', {
                  batch: batch.id,
                  measures: { what: 'sum', flow: 'pour' },
                  value: { text: `${String(ml)} ml`, lo: ml, hi: ml },
                  measure: 'volume',
                  ...(before && { replaces: before.id }),
                });
                setText('');
              }}
            >
              write it down
            </button>
          )}
        </>
      )}
    </span>
  );
}
