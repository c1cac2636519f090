import { useState } from 'react';
import type { Weighable } from '@/core/meal/index.ts';
import { FAT as FAT_DENSITY } from '@/core/work/index.ts';
import { type Doubt, doubtOf } from '@/core/bench/index.ts';
import { midpoint, type Range, writeMass } from '@/core/quantity/index.ts';
import { doubtWords } from '@/words/index.ts';
import { useOpenMeal } from '../../../open/MealContext.ts';
import { useSaid } from '../../../open/useSaid.ts';
import { weigh } from '../../../open/edits.ts';
import { massUnits } from '../../../open/useSettings.ts';
import { Bowl } from '../../../parts/Bowl.tsx';
import { QuantityField } from '../../../parts/fields/QuantityField.tsx';
import { useWall } from '../../../open/useWall.ts';
import { Kept } from '../scale/Kept.tsx';
import { Doubted } from './Doubted.tsx';
import { ScaleBox } from '../scale/ScaleBox.tsx';
import acts from '../../../parts/acts.module.scss';
import css from './task.module.scss';

interface Props {
  readonly flow: Weighable;
  readonly words: string;
  readonly thing: string;
  readonly expected: Range;
  /** What it came from: there cannot be more, g. */
  readonly mostG: number;
}

interface Asked {
  readonly grams: number;
  readonly text: string;
  readonly source: 'typed' | 'scale';
  readonly doubt: Doubt;
}

/** One weighing at the bench: off the scale in a tap, or typed; in one bowl or several; asked about once if it can hardly be. */
export function WeighIt({ flow, words, thing, expected, mostG }: Props) {
  const { loaded, batch, standing, units } = useOpenMeal();
  const entry = standing.find(({ measures }) => measures.what === 'sum' && measures.flow === flow);
  const keptG = midpoint(entry?.value ?? undefined);
  const [bowl, setBowl] = useState(entry?.vessel ?? '');
  const [typing, setTyping] = useState(false);
  const [adds, setAdds] = useState(false);
  const [again, setAgain] = useState(false);
  const wall = useWall();
  const [asked, setAsked] = useState<Asked>();
  const tareG = loaded.kitchen.vessels.find(({ id }) => id === bowl)?.tareG ?? 0;
  const { mass } = useSaid();
  const enter = (grams: number, text: string, source: 'typed' | 'scale') => {
    const sum = adds && keptG !== undefined ? keptG + grams : grams;
    const said = adds && entry?.value ? `${entry.value.text} + ${text}` : text;
    weigh(
      loaded.meal.id,
      words,
      {
        batch: batch.id,
        measures: { what: 'sum', flow },
        value: { text: said, lo: sum, hi: sum },
        measure: 'mass',
        ...(entry && { replaces: entry.id }),
      },
      source,
    );
    setAsked(undefined);
    setTyping(false);
    setAdds(false);
    setAgain(false);
  };
  const keep = (grams: number, text: string, source: 'typed' | 'scale') => {
    const sum = adds && keptG !== undefined ? keptG + grams : grams;
    const doubt = doubtOf(sum, entry ? undefined : expected, mostG);
    if (doubt) setAsked({ grams, text, source, doubt });
    else enter(grams, text, source);
  };
  if (asked) {
    const sum = adds && keptG !== undefined ? keptG + asked.grams : asked.grams;
    return (
      <Doubted
        words={doubtWords(asked.doubt, { said: mass(sum), thing, mass })}
        onYes={() => enter(asked.grams, asked.text, asked.source)}
        onNo={() => setAsked(undefined)}
        onMore={
          asked.doubt.what === 'far less'
            ? () => {
                enter(asked.grams, asked.text, asked.source);
                setAdds(true);
              }
            : undefined
        }
      />
    );
  }
  if (entry && keptG !== undefined && !adds && !again) {
    const { value, unit } = writeMass(keptG, units);
    return (
      <div className={css.weighIt}>
        <Kept
          value={value}
          unit={unit}
          words={`Kept ${wall.clock(entry.at)}${severalOf(entry.value?.text)}`}
        />
        <p className={acts.onCard}>
          <button type="button" className="btn act" onClick={() => setAdds(true)}>
            Another bowl
          </button>
          <button type="button" className="btn act" onClick={() => setAgain(true)}>
            Weigh it again
          </button>
        </p>
      </div>
    );
  }
  return (
    <div className={css.weighIt}>
      {expected.p10 !== undefined && expected.p90 !== undefined && (
        <p className="quiet">
          {adds && keptG !== undefined ? `${mass(keptG)} so far, and another bowl` : ''}
          {!adds && `Likely ${mass(expected.p10)} to ${mass(expected.p90)}`}
        </p>
      )}
      {typing ? (
        <QuantityField
          label={`${thing}, by weight`}
          quantity={undefined}
          measure="mass"
          units={massUnits(units)}
          {...(flow === 'skim' && { density: FAT_DENSITY })}
          placeholder={`about ${mass(expected.mid)}`}
          chars={12}
          autoFocus
          weighs
          draft={['bench', loaded.meal.id, batch.id, flow].join(' ')}
          onDone={(quantity) => {
            const typed = midpoint(quantity);
            if (typed === undefined) return;
            const less = tareG > 0 ? ` less ${mass(tareG)}` : '';
            keep(Math.max(0, typed - tareG), `${quantity.text}${less}`, 'typed');
          }}
        />
      ) : (
        <ScaleBox
          thing={thing}
          bowlG={tareG}
          onKeep={(grams) => keep(grams, mass(grams), 'scale')}
          onType={() => setTyping(true)}
        />
      )}
      <Bowl what={thing} bowl={bowl} onChoose={setBowl} />
    </div>
  );
}

const severalOf = (text: string | undefined) => (text?.includes('+') ? `: ${text}` : '');
