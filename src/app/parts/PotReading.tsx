import { useId } from 'react';
import type { Vessel } from '@/core/meal/index.ts';
import { midpoint, readLength, TEXT_MOST } from '@/core/quantity/index.ts';
import { useFigures, useOpenMeal } from '../open/MealContext.ts';
import { useDraft } from '../open/drafts.ts';
import { editKitchen, weigh } from '../open/edits/index.ts';
import { massUnits } from '../open/useSettings.ts';
import { QuantityField } from './fields/QuantityField.tsx';
import { Unentered } from './fields/Unentered.tsx';
import { useTyped } from './fields/useTyped.ts';
import { FieldError } from './FieldError.tsx';
import { emptyDraft } from './emptyDraft.ts';
import css from './potReading.module.scss';

/** How much is in the pot when it comes off: on the scale with its vessel, or by a spoon stood in it. */
export function PotReading() {
  const { batchReckoning } = useFigures();
  const { pot } = batchReckoning;
  if (!pot) return null;
  return (
    <section className={css.potReading} aria-label="What is in the pot">
      {[pot, ...pot.also].map(({ vessel }) => (
        <OneVessel key={vessel.id} vessel={vessel} />
      ))}
    </section>
  );
}

function OneVessel({ vessel }: { readonly vessel: Vessel }) {
  const { loaded, batch, standing, units } = useOpenMeal();
  const entry = standing.find(({ measures }) => measures.what === 'stock' && measures.vessel === vessel.id);
  const base = {
    batch: batch.id,
    measures: { what: 'stock', stock: 'pot', vessel: vessel.id } as const,
    ...(entry && { replaces: entry.id }),
  };
  const weighed = entry?.measure === 'mass' ? (entry.value ?? undefined) : undefined;
  const depth = entry?.measure === 'depth' ? (entry.value?.text ?? '') : '';
  const draft = [loaded.meal.id, batch.id, vessel.id].join(' ');
  return (
    <div className="choices">
      <QuantityField
        label={`${vessel.name} with all in it`}
        quantity={weighed}
        measure="mass"
        units={massUnits(units)}
        placeholder="weigh it, hot"
        weighs
        draft={`${draft} weight`}
        onDone={(value) => {
          if (value.text !== weighed?.text)
            weigh(loaded.meal.id, 'the weight of the pot', { ...base, value, measure: 'mass' });
        }}
        onEmptied={() => {
          if (weighed)
            weigh(loaded.meal.id, 'taking back the weight of the pot', {
              ...base,
              value: null,
              measure: 'mass',
            });
        }}
      />
      {vessel.tareG === undefined && midpoint(weighed) !== undefined && (
        <QuantityField
          label={`${vessel.name}, empty, once`}
          quantity={undefined}
          measure="mass"
          units={massUnits(units)}
          placeholder="weigh it empty"
          draft={emptyDraft(vessel)}
          onDone={({ lo }) => {
            if (lo === undefined) return;
            const tare = (v: Vessel) => (v.id === vessel.id ? { ...v, tareG: lo } : v);
            editKitchen(
              'the empty weight of a vessel',
              (kitchen) => ({ ...kitchen, vessels: kitchen.vessels.map(tare) }),
              loaded.meal.id,
            );
          }}
        />
      )}
      <Depth
        label={`Too heavy? Spoon wet in the ${vessel.name}`}
        stored={depth}
        draft={`${draft} depth`}
        onDone={(text, cm) => {
          weigh(loaded.meal.id, 'how deep the pot stands', {
            ...base,
            value: cm === undefined ? null : { text, lo: cm, hi: cm },
            measure: 'depth',
          });
        }}
      />
    </div>
  );
}

interface DepthProps {
  readonly label: string;
  readonly stored: string;
  /** Names what is typed and not entered yet. */
  readonly draft: string;
  readonly onDone: (text: string, cm: number | undefined) => void;
}

/** How far a spoon is wet, in cm. */
function Depth({ label, stored, draft, onDone }: DepthProps) {
  const id = useId();
  const [text, type, elsewhere] = useTyped(stored, true);
  const drafted = useDraft(draft, stored, type);
  const reading = readLength(text);
  const done = () => {
    if (text === stored) return;
    if (text.trim() === '') onDone('', undefined);
    else if (reading.ok) onDone(text, reading.cm);
    else return;
    drafted.drop();
  };
  return (
    <span className="field">
      <label htmlFor={id}>{label}</label>
      <input
        id={id}
        className="write num"
        size={8}
        placeholder="cm"
        value={text}
        maxLength={TEXT_MOST}
        onBlur={() => {
          // Left beside what another tab has entered, neither is the other's to replace.
          if (elsewhere === undefined) done();
        }}
        onKeyDown={({ key }) => {
          if (key === 'Enter') done();
        }}
        onChange={({ target }) => {
          type(target.value);
          drafted.keep(target.value);
        }}
      />
      {reading.ok && (
        <Unentered text={text} draft={drafted} elsewhere={elsewhere} onType={type} onEnter={done} />
      )}
      {text !== '' && text !== stored && !reading.ok && <FieldError>{reading.error}</FieldError>}
    </span>
  );
}
