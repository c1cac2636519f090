import { type BeforeWhat, beforeWhats } from '@/core/meal/index.ts';
import { beforeKind } from '@/core/work/index.ts';
import { itemsOf } from '@/core/pot/index.ts';
import { writeMass, writeMinutes } from '@/core/quantity/index.ts';
import { beforeWords } from '@/words/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { editBatch } from '../../open/edits/index.ts';
import { Choice } from '../../parts/fields/Choice.tsx';
import { PercentField } from '../../parts/fields/PercentField.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { Weigh } from '../../parts/Weigh.tsx';
import { Checkbox } from '../../parts/fields/Checkbox.tsx';
import css from './pot.module.scss';

const rests = [
  { value: 'in the pot', words: 'boiled, into the pot' },
  { value: 'thrown away', words: 'thrown away' },
] as const;

/** What is done with the meat before the pan, and what the marinade comes to. */
export function BeforePan() {
  const { batch } = useOpenMeal();
  const has = (what: BeforeWhat) => batch.steps?.find((step) => step.what === what);
  const inMarinade = itemsOf(batch).filter(({ marinade }) => marinade);
  return (
    <section className={css.beforePan} aria-label="Before the pan">
      {beforeWhats.map((what) => {
        const step = has(what);
        const { name, is } = beforeWords[what];
        return (
          <div key={what} className={css.step}>
            <Checkbox
              checked={step !== undefined}
              onTick={(ticked) => {
                editBatch(batch.id, what, (b) => {
                  const others = (b.steps ?? []).filter((other) => other.what !== what);
                  return { ...b, steps: ticked ? [...others, { what }] : others };
                });
              }}
            >
              <b>{name}</b>
            </Checkbox>{' '}
            <span className="quiet">{is}</span>
            {step && (
              <QuantityField
                label={`${name}, for`}
                hidden
                quantity={step.minutes}
                measure="duration"
                placeholder={writeMinutes(beforeKind(what).minutes).value}
                onChange={(minutes) => {
                  editBatch(
                    batch.id,
                    `how long to ${what}`,
                    (b) => ({
                      ...b,
                      steps: (b.steps ?? []).map((other) =>
                        other.what === what ? { what, ...(minutes.text !== '' && { minutes }) } : other,
                      ),
                    }),
                    `${batch.id} ${what}`,
                  );
                }}
              />
            )}
          </div>
        );
      })}
      {(has('marinade') ?? inMarinade.length > 0) && <Marinade isEmpty={inMarinade.length === 0} />}
    </section>
  );
}

/** What the marinade leaves and gives. */
function Marinade({ isEmpty }: { readonly isEmpty: boolean }) {
  const { batch, units } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const raw = writeMass(batchReckoning.meat.rawG, units);
  return (
    <div className="choices">
      {isEmpty && <p className="quiet">Open an ingredient and put it “into the marinade”.</p>}
      <Choice
        legend="What the meat leaves of it"
        value={batch.marinade?.rest ?? 'in the pot'}
        options={rests}
        onChoose={(rest) => {
          editBatch(batch.id, 'the rest of the marinade', (b) => ({
            ...b,
            marinade: { ...b.marinade, rest },
          }));
        }}
      />
      <PercentField
        label="The meat takes up"
        share={batch.marinade?.takenUp}
        placeholder="2 %"
        most={0.3}
        why="meat takes up a few per cent"
        onChange={(takenUp) => {
          editBatch(
            batch.id,
            'what the meat takes up',
            ({ marinade, ...b }) => ({
              ...b,
              marinade: {
                rest: marinade?.rest ?? 'in the pot',
                ...(takenUp !== undefined && { takenUp }),
              },
            }),
            `${batch.id} taken up`,
          );
        }}
      />
      <Weigh
        flow="marinated"
        label="Or weigh the meat after it"
        words="the weight after the marinade"
        planned={raw}
      />
    </div>
  );
}
