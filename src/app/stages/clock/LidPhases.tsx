import { X } from 'lucide-react';
import { cookOf, isSmoke, withMain, withCook } from '@/core/clock/index.ts';
import type { Phase } from '@/core/meal/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { editBatch } from '../../open/edits/index.ts';
import { Choice } from '../../parts/fields/Choice.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { OneOfField } from '../../parts/fields/OneOfField.tsx';
import { Checkbox } from '../../parts/fields/Checkbox.tsx';
import { EndWith } from './EndWith.tsx';
import { changePhase, heatOf, heats, lids, withHeat } from './phaseEdits.ts';
import { Rounds } from './Rounds.tsx';
import css from './clock.module.scss';

const HOUR = { text: '1 h', lo: 60, hi: 60 };
const HALF_HOUR = { text: '30 min', lo: 30, hi: 30 };
const LAST = { text: '45 min', lo: 45, hi: 45 };

/** What each phase is called, here and in the row above. */
const nameOf = (phase: number, open: number) => (phase < open ? 'First' : phase === open ? 'Braise' : 'Last');

/** The cook phase by phase: first so long, then until it is tender, and its last minutes. */
export function LidPhases() {
  const { batch } = useOpenMeal();
  const { open } = cookOf(batch.cook);
  if (!batch.cook[open]) return null;
  // The row above has all of it where there is only one.
  const inPot = batch.cook.filter((one) => !isSmoke(one)).length;
  return (
    <section className={css.phases} aria-label="The lid and the phases">
      <ol>
        {batch.cook.map((one, i) =>
          (isSmoke(one) && batch.cook.length > 1) || inPot === 1 ? null : (
            <PhaseRow key={i} phase={one} i={i} open={open} />
          ),
        )}
      </ol>
      <MorePhases open={open} />
      <Torn />
      <Rounds />
      <EndWith />
      <p className="quiet">
        On keeps the steam in; ajar thickens it slowly; off browns what pokes out and cools the pot: turn the
        pieces.
      </p>
    </section>
  );
}

/** One phase: how long, on what, at how much, its lid; all but the long one can go. */
function PhaseRow({ phase, i, open }: { readonly phase: Phase; readonly i: number; readonly open: number }) {
  const { batch, units } = useOpenMeal();
  return (
    <li className="choices">
      <b>{nameOf(i, open)}</b>
      <QuantityField
        label={`${nameOf(i, open)} for`}
        hidden
        quantity={phase.minutes}
        measure="duration"
        placeholder={i === open ? 'until tender' : '45 min'}
        chars={i === open ? 11 : 8}
        onChange={(minutes) => {
          changePhase(
            batch.id,
            i,
            'how long a phase lasts',
            ({ minutes: _, ...p }) => (minutes.text === '' ? p : { ...p, minutes }),
            `${batch.id} phase ${i}`,
          );
        }}
      />
      <OneOfField
        label={`${nameOf(i, open)} on`}
        hidden
        among={heats.map(({ value }) => value)}
        value={heatOf(phase)}
        say={(value) => heats.find((heat) => heat.value === value)?.words ?? value}
        onChoose={(value) => {
          changePhase(batch.id, i, 'the heat of a phase', (p) => withHeat(p, value));
        }}
      />
      {phase.heat === 'oven' && (
        <QuantityField
          label="At"
          hidden
          quantity={typeof phase.setting === 'object' ? phase.setting : undefined}
          measure="temperature"
          units={[`°${units.degrees}`]}
          chars={7}
          onChange={(setting) => {
            changePhase(
              batch.id,
              i,
              'the heat of a phase',
              (p) => ({ ...p, setting }),
              `${batch.id} oven ${i}`,
            );
          }}
        />
      )}
      <Choice
        legend="Lid"
        hidden
        value={phase.lid}
        options={lids}
        onChoose={(lid) => {
          changePhase(batch.id, i, 'the lid', (p) => ({ ...p, lid }));
        }}
      />
      {i !== open && (
        <button
          type="button"
          className="link"
          aria-label="Remove this phase"
          onClick={() => {
            editBatch(batch.id, 'removing a phase', (b) =>
              withCook(b, withMain(b.cook.filter((_, at) => at !== i))),
            );
          }}
        >
          <X size={16} aria-hidden />
        </button>
      )}
    </li>
  );
}

/** A phase before or after the long one. */
function MorePhases({ open }: { readonly open: number }) {
  const { batch } = useOpenMeal();
  return (
    <p className="asks">
      <button
        type="button"
        className="link"
        onClick={() => {
          editBatch(batch.id, 'a first phase', (b) =>
            withCook(
              b,
              withMain(
                [
                  ...b.cook.slice(0, open),
                  { id: crypto.randomUUID(), heat: 'stove', lid: 'on', minutes: HOUR },
                  ...b.cook.slice(open),
                ],
                b.cook[open],
              ),
            ),
          );
        }}
      >
        + first on another heat
      </button>
      <button
        type="button"
        className="link"
        onClick={() => {
          const long = batch.cook[open];
          if (!long) return;
          const { minutes: _, main: __, ...heat } = long;
          editBatch(batch.id, 'the last minutes', (b) => ({
            ...b,
            cook: withMain(
              [...b.cook, { ...heat, id: crypto.randomUUID(), lid: 'ajar', minutes: LAST }],
              b.cook[open],
            ),
          }));
        }}
      >
        + the last minutes with the lid ajar
      </button>
    </p>
  );
}

/** Torn half way, and put back. */
function Torn() {
  const { batch } = useOpenMeal();
  return (
    <div className="choices">
      <Checkbox
        checked={batch.tear !== undefined}
        onTick={(torn) => {
          editBatch(batch.id, 'tearing it half way', ({ tear: _, ...b }) =>
            torn ? { ...b, tear: HALF_HOUR } : b,
          );
        }}
      >
        torn and put back
      </Checkbox>
      {batch.tear && (
        <QuantityField
          label="for the last"
          quantity={batch.tear}
          measure="duration"
          placeholder="30 min"
          chars={8}
          onChange={(tear) => {
            editBatch(batch.id, 'when it is torn', (b) => ({ ...b, tear }), `${batch.id} tear`);
          }}
        />
      )}
    </div>
  );
}
