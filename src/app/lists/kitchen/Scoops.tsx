import { Plus, X } from 'lucide-react';
import { type Kitchen, type Scoop, shredInScoop, usualScoops } from '@/core/meal/index.ts';
import { type Quantity, type UnitChoice, writeMass, writeVolume } from '@/core/quantity/index.ts';
import { weighedScoops } from '@/core/plates/index.ts';
import { fromBatches } from '@/words/index.ts';
import { editKitchen } from '../../open/edits/index.ts';
import { useLearned } from '../../open/useLearned.ts';
import { massUnits } from '../../open/useSettings.ts';
import { Choice } from '../../parts/fields/Choice.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { TextField } from '../../parts/fields/TextField.tsx';
import css from './kitchen.module.scss';

const kinds = [
  { value: 'scoop', words: 'scoop' },
  { value: 'ladle', words: 'ladle' },
  { value: 'hand', words: 'handful' },
] as const;

interface Props {
  readonly kitchen: Kitchen;
  readonly units: UnitChoice;
}

/** What the plates are filled with: scoops and ladles, and what a scoop of shred weighs once it was weighed. */
export function Scoops({ kitchen, units }: Props) {
  const scoops = kitchen.scoops ?? usualScoops;
  const figures = useLearned();
  const learned = new Map(figures.flatMap((one) => (one.what === 'scoop' ? [[one.of, one]] : [])));
  const edit = (words: string, recipe: (all: readonly Scoop[]) => Scoop[]) => {
    editKitchen(words, (before) => ({ ...before, scoops: recipe(before.scoops ?? usualScoops) }));
  };
  const change = (id: string, words: string, changes: Partial<Scoop>) => {
    edit(words, (all) => all.map((scoop) => (scoop.id === id ? { ...scoop, ...changes } : scoop)));
  };
  return (
    <section>
      <h2>Scoops and ladles</h2>
      <ul className={css.heat} aria-label="Scoops and ladles">
        {scoops.map((scoop) => (
          <ScoopRow
            key={scoop.id}
            scoop={scoop}
            units={units}
            learned={learned.get(scoop.id)}
            onChange={(words, changes) => change(scoop.id, words, changes)}
            onRemove={() => {
              edit(`removing ${scoop.name}`, (all) => all.filter(({ id }) => id !== scoop.id));
            }}
          />
        ))}
      </ul>
      <button
        type="button"
        className="btn act"
        onClick={() => {
          edit('another scoop', (all) => [
            ...all,
            { id: crypto.randomUUID(), name: 'Another scoop', kind: 'scoop', ml: 60 },
          ]);
        }}
      >
        <Plus size={16} aria-hidden /> Another scoop or ladle
      </button>
    </section>
  );
}

interface HandfulsProps {
  readonly scoop: Scoop;
  readonly units: UnitChoice;
  readonly onWeighed: (weighed: readonly number[]) => void;
}

/** So many weighings are asked for before a handful is a measure. */
const ENOUGH = 3;

/** A handful, a forkful, a pile or a spoon: weighed three times its grams are known, and how far one is off. */
function Handfuls({ scoop: { id, weighed = [] }, units, onWeighed }: HandfulsProps) {
  const { mean, spread } = weighedScoops(weighed);
  const said = (grams: number) => {
    const { value, unit } = writeMass(grams, units);
    return `${value} ${unit}`;
  };
  return (
    <>
      <QuantityField
        key={weighed.length}
        label={
          weighed.length < ENOUGH
            ? `Weigh one, ${String(weighed.length + 1)} of ${String(ENOUGH)}`
            : 'Weigh one more'
        }
        quantity={undefined}
        measure="mass"
        units={massUnits(units).toReversed()}
        draft={`handful ${id} ${String(weighed.length)}`}
        placeholder="40 g"
        onDone={({ lo }) => {
          if (lo !== undefined) onWeighed([...weighed, lo]);
        }}
      />
      {weighed.length > 0 && (
        <span className="quiet">
          {said(mean)}
          {weighed.length > 1 && `, give or take ${said(spread)}`}
        </span>
      )}
    </>
  );
}

const written = ({ value, unit }: { value: string; unit: string }, si: number): Quantity => ({
  text: `${value} ${unit}`,
  lo: si,
  hi: si,
});

interface ScoopProps {
  readonly scoop: Scoop;
  readonly units: UnitChoice;
  /** What its weighed plates have taught. */
  readonly learned: { readonly mean: number; readonly n: number } | undefined;
  readonly onChange: (words: string, changes: Partial<Scoop>) => void;
  readonly onRemove: () => void;
}

/** One of them: what it is, what it holds, and what it holds of shred. */
function ScoopRow({ scoop, units, learned, onChange, onRemove }: ScoopProps) {
  return (
    <li>
      <TextField
        label={`Name of ${scoop.name}`}
        hidden
        value={scoop.name}
        onChange={(name) => {
          if (name !== '') onChange('the name of a scoop', { name });
        }}
      />
      <Choice
        legend={`What ${scoop.name} is`}
        hidden
        value={scoop.kind}
        options={kinds}
        onChoose={(kind) => {
          onChange('scoop or ladle', { kind });
        }}
      />
      {scoop.kind !== 'hand' && (
        <QuantityField
          label="Holds"
          quantity={written(writeVolume(scoop.ml, units), scoop.ml)}
          measure="volume"
          draft={`scoop ${scoop.id}`}
          onDone={({ lo }) => {
            if (lo !== undefined && lo !== scoop.ml) onChange('what a scoop holds', { ml: lo });
          }}
        />
      )}
      {scoop.kind === 'scoop' && (
        <QuantityField
          label="Of shred, weighed once"
          quantity={
            scoop.shredG === undefined ? undefined : written(writeMass(scoop.shredG, units), scoop.shredG)
          }
          measure="mass"
          units={massUnits(units)}
          draft={`scoop ${scoop.id} shred`}
          placeholder={`about ${written(writeMass(learned?.mean ?? shredInScoop(scoop), units), 0).text}`}
          onDone={({ lo }) => {
            if (lo !== undefined) onChange('the shred in a scoop', { shredG: lo });
          }}
        />
      )}
      {learned && <span className="quiet">{fromBatches(learned.n)}</span>}
      {scoop.kind === 'hand' && (
        <Handfuls
          scoop={scoop}
          units={units}
          onWeighed={(weighed) =>
            onChange('a handful', {
              weighed: [...weighed],
              shredG: weighedScoops(weighed).mean,
            })
          }
        />
      )}
      <button type="button" className="link quiet" aria-label={`Remove ${scoop.name}`} onClick={onRemove}>
        <X size={16} aria-hidden />
      </button>
    </li>
  );
}
