import { type ReactNode, useState } from 'react';
import { type Heat, type Lid, type Size, type Trim, type WhatIf, withWhatIf } from '@/core/meal/index.ts';
import type { PlanFigures } from '@/core/answers/index.ts';
import {
  type Range,
  writeChance,
  writeMass,
  writeMinutes,
  writeVolume,
  type Written,
} from '@/core/quantity/index.ts';
import { moneyOf, USUAL_CURRENCY, writeMoney } from '@/core/shop/index.ts';
import { useAnswer } from '../../open/useAnswer.ts';
import { editBatch } from '../../open/edits/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { FieldError } from '../../parts/FieldError.tsx';
import { SelectField } from '../../parts/fields/SelectField.tsx';
import { CutOptions } from '../../parts/CutOptions.tsx';
import { sizes, trims } from '../../parts/choices.ts';
import css from './meat.module.scss';

const heats: readonly { value: Heat; words: string }[] = [
  { value: 'oven', words: 'oven' },
  { value: 'stove', words: 'stove' },
  { value: 'slow cooker', words: 'slow cooker' },
  { value: 'smoker', words: 'smoker' },
];
const lids: readonly { value: Lid; words: string }[] = [
  { value: 'on', words: 'on' },
  { value: 'ajar', words: 'ajar' },
  { value: 'off', words: 'off' },
];
const AS_IS = '';

/** Two plans of the batch side by side: as it is, and with another cut, method, trim, lid or size. Either is kept in a tap. */
export default function WhatIfPanel() {
  const { batch, loaded } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const [change, setChange] = useState<WhatIf>({});
  const isChanged = Object.keys(change).length > 0;
  const { data, error, isPlaceholderData } = useAnswer(
    'whatIf',
    { batch: batch.id, change },
    { enabled: isChanged },
  );
  const [first] = batchReckoning.lots;
  const choose = (key: keyof WhatIf, value: WhatIf[keyof WhatIf] | undefined) =>
    setChange(({ [key]: _, ...rest }) => (value === undefined ? rest : { ...rest, [key]: value }));
  return (
    <section className="panel" aria-labelledby="what-if-title">
      <h2 id="what-if-title">What if</h2>
      <div className="choices">
        {first && (
          <SelectField
            label={`In place of ${first.name.toLowerCase()}`}
            value={change.cut?.cut ?? AS_IS}
            onChoose={(cut) => choose('cut', cut === AS_IS ? undefined : { lot: first.lot, cut })}
          >
            <option value={AS_IS}>as it is</option>
            <CutOptions own={loaded.kitchen.cuts} />
          </SelectField>
        )}
        <Pick
          label="Cooked on"
          value={change.heat}
          options={heats}
          onChoose={(heat) => choose('heat', heat)}
        />
        <Pick label="With the lid" value={change.lid} options={lids} onChoose={(lid) => choose('lid', lid)} />
        <Pick<Trim>
          label="Trimmed"
          value={change.trim}
          options={trims}
          onChoose={(trim) => choose('trim', trim)}
        />
        <Pick<Size>
          label="Pieces of"
          value={change.size}
          options={sizes}
          onChoose={(size) => choose('size', size)}
        />
      </div>
      {error && <FieldError>It could not be worked out ({error.message}). Reload the page.</FieldError>}
      {!isChanged && <p className="quiet">Change something, and the two stand side by side.</p>}
      {isChanged && !data && !error && (
        <p className="quiet" role="status">
          Working it out.
        </p>
      )}
      {isChanged && data && (
        <SideBySide
          {...data}
          isBusy={isPlaceholderData}
          onKeep={() => setChange({})}
          onTake={() => {
            editBatch(batch.id, 'another plan', (b) => withWhatIf(b, change));
            setChange({});
          }}
        />
      )}
    </section>
  );
}

interface PickProps<T extends string> {
  readonly label: string;
  readonly value: T | undefined;
  readonly options: readonly { readonly value: T; readonly words: string }[];
  readonly onChoose: (value: T | undefined) => void;
}

function Pick<T extends string>({ label, value, options, onChoose }: PickProps<T>) {
  return (
    <SelectField
      label={label}
      value={value ?? AS_IS}
      onChoose={(next) => onChoose(options.find((one) => one.value === next)?.value)}
    >
      <option value={AS_IS}>as it is</option>
      {options.map((option) => (
        <option key={option.value} value={option.value}>
          {option.words}
        </option>
      ))}
    </SelectField>
  );
}

interface SideProps {
  readonly asIs: PlanFigures;
  readonly other: PlanFigures;
  readonly isBusy: boolean;
  readonly onKeep: () => void;
  readonly onTake: () => void;
}

/** The two plans, figure by figure. */
function SideBySide({ asIs, other, isBusy, onKeep, onTake }: SideProps) {
  const { loaded, units } = useOpenMeal();
  const { currency = USUAL_CURRENCY } = loaded.kitchen;
  const said = (written: Written) => `${written.value} ${written.unit}`;
  const withRange = (range: Range | null, write: (range: Range) => Written) => {
    if (!range) return 'not known';
    const written = write(range);
    return (
      <>
        <b>{said(written)}</b>{' '}
        {written.range !== undefined && <small className="quiet">{written.range}</small>}
      </>
    );
  };
  const rows: readonly (readonly [string, (of: PlanFigures) => ReactNode])[] = [
    ['shred', ({ shredG }) => withRange(shredG, (range) => writeMass(range, units))],
    ['broth', ({ brothMl }) => withRange(brothMl, (range) => writeVolume(range, units))],
    ['fat skimmed', ({ fatG }) => withRange(fatG, (range) => writeMass(range, units))],
    ['tender after', ({ readyMin }) => withRange(readyMin, writeMinutes)],
    ['cost', ({ cost }) => (cost === null ? 'no price' : writeMoney(moneyOf(cost, currency)))],
    ['enough', ({ enough }) => (enough === null ? 'no plates' : <b>{writeChance(enough)}</b>)],
  ];
  return (
    <table className={css.whatIf} aria-busy={isBusy}>
      <thead>
        <tr>
          <td />
          <th scope="col">as it is</th>
          <th scope="col">what if</th>
        </tr>
      </thead>
      <tbody>
        {rows.map(([name, figure]) => (
          <tr key={name}>
            <th scope="row">{name}</th>
            <td className="num">{figure(asIs)}</td>
            <td className="num">{figure(other)}</td>
          </tr>
        ))}
        <tr>
          <td />
          <td>
            <button type="button" className="btn act" onClick={onKeep}>
              Keep it as it is
            </button>
          </td>
          <td>
            <button type="button" className="btn act is-first" onClick={onTake}>
              Take this one
            </button>
          </td>
        </tr>
      </tbody>
    </table>
  );
}
