import { useState } from 'react';
import type { Entry, Weighable } from '@/core/meal/index.ts';
import { FAT as FAT_DENSITY } from '@/core/work/index.ts';
import { asksOf, type Doubt, doubtOf } from '@/core/bench/index.ts';
import { midpoint, type Range, writeMass } from '@/core/quantity/index.ts';
import { askWords, doubtWords } from '@/words/index.ts';
import { useFigures, useOpenMeal } from '../../../open/MealContext.ts';
import { useSaid } from '../../../open/useSaid.ts';
import { weigh } from '../../../open/edits/index.ts';
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
  const { loaded, batch, standing } = useOpenMeal();
  const entry = standing.find(({ measures }) => measures.what === 'sum' && measures.flow === flow);
  const keptG = midpoint(entry?.value ?? undefined);
  const [bowl, setBowl] = useState(entry?.vessel ?? '');
  const [typing, setTyping] = useState(false);
  const [adds, setAdds] = useState(false);
  const [again, setAgain] = useState(false);
  const [asked, setAsked] = useState<Asked>();
  const { mass } = useSaid();
  const inAll = (grams: number) => (adds && keptG !== undefined ? keptG + grams : grams);
  const enter = (grams: number, text: string, source: 'typed' | 'scale') => {
    const sum = inAll(grams);
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
    const doubt = doubtOf(inAll(grams), entry ? undefined : expected, mostG);
    if (doubt) setAsked({ grams, text, source, doubt });
    else enter(grams, text, source);
  };
  const { batchReckoning } = useFigures();
  const asks = (grams: number) =>
    asksOf(
      grams,
      expected.mid,
      flow === 'shred' ? batchReckoning.meat.boneOutG.mid : 0,
      loaded.kitchen.vessels,
    );
  if (asked) {
    return (
      <Doubted
        words={[
          doubtWords(asked.doubt, { said: mass(inAll(asked.grams)), thing, mass }),
          ...asks(inAll(asked.grams)).map((ask) => askWords(ask, mass)),
        ].join(' ')}
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
  if (entry && keptG !== undefined && !adds && !again)
    return <KeptIt entry={entry} grams={keptG} onMore={() => setAdds(true)} onAgain={() => setAgain(true)} />;
  const likely = likelyOf(expected, mass);
  const soFar = keptG === undefined ? '' : `${mass(keptG)} so far, and another bowl`;
  return (
    <div className={css.weighIt}>
      {likely !== undefined && <p className="quiet">{adds ? soFar : likely}</p>}
      <OffTheScale
        flow={flow}
        thing={thing}
        expected={expected}
        bowl={bowl}
        typing={typing}
        onType={() => setTyping(true)}
        onKeep={keep}
      />
      <Bowl what={thing} bowl={bowl} onChoose={setBowl} />
    </div>
  );
}

interface KeptProps {
  readonly entry: Entry;
  readonly grams: number;
  readonly onMore: () => void;
  readonly onAgain: () => void;
}

/** What was weighed, and how to weigh on. */
function KeptIt({ entry, grams, onMore, onAgain }: KeptProps) {
  const { units } = useOpenMeal();
  const wall = useWall();
  const { value, unit } = writeMass(grams, units);
  return (
    <div className={css.weighIt}>
      <Kept value={value} unit={unit} words={`Kept ${wall.clock(entry.at)}${severalOf(entry.value?.text)}`} />
      <p className={acts.onCard}>
        <button type="button" className="btn act" onClick={onMore}>
          Another bowl
        </button>
        <button type="button" className="btn act" onClick={onAgain}>
          Weigh it again
        </button>
      </p>
    </div>
  );
}

interface OffProps extends Pick<Props, 'flow' | 'thing' | 'expected'> {
  /** What it lies in, whose weight comes off. */
  readonly bowl: string;
  readonly typing: boolean;
  readonly onType: () => void;
  readonly onKeep: (grams: number, text: string, source: 'typed' | 'scale') => void;
}

/** Off the scale in a tap, or typed. */
function OffTheScale({ flow, thing, expected, bowl, typing, onType, onKeep }: OffProps) {
  const { loaded, batch, units } = useOpenMeal();
  const { mass } = useSaid();
  const tareG = loaded.kitchen.vessels.find(({ id }) => id === bowl)?.tareG ?? 0;
  if (!typing)
    return (
      <ScaleBox
        thing={thing}
        bowlG={tareG}
        onKeep={(grams) => onKeep(grams, mass(grams), 'scale')}
        onType={onType}
      />
    );
  return (
    <QuantityField
      label={`${thing}, by weight`}
      quantity={undefined}
      measure="mass"
      units={massUnits(units)}
      {...(flow === 'skim' && { density: FAT_DENSITY })}
      near={{ lo: (expected.p10 ?? expected.mid) + tareG, hi: (expected.p90 ?? expected.mid) + tareG }}
      placeholder={`about ${mass(expected.mid)}`}
      chars={12}
      autoFocus
      weighs
      draft={['bench', loaded.meal.id, batch.id, flow].join(' ')}
      onDone={(quantity) => {
        const typed = midpoint(quantity);
        if (typed === undefined) return;
        const less = tareG > 0 ? ` less ${mass(tareG)}` : '';
        onKeep(Math.max(0, typed - tareG), `${quantity.text}${less}`, 'typed');
      }}
    />
  );
}

const severalOf = (text: string | undefined) => (text?.includes('+') ? `: ${text}` : '');

const likelyOf = ({ p10, p90 }: Range, mass: (grams: number) => string): string | undefined =>
  p10 === undefined || p90 === undefined ? undefined : `Likely ${mass(p10)} to ${mass(p90)}`;
