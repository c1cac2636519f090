import { openPhase, withMain, withCook } from '@/core/clock/index.ts';
import type { Phase } from '@/core/meal/index.ts';
import { writeDegrees } from '@/core/quantity/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { editBatch } from '../../open/edits/index.ts';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { Checkbox } from '../../parts/fields/Checkbox.tsx';
import css from './clock.module.scss';

const isSmoke = ({ heat, lid }: Phase) => heat === 'smoker' && lid === 'off';
const USUAL = { text: '2 h', lo: 120, hi: 120 };

/** Smoked open before it goes into the pot, and for how long. */
export function SmokeFirst() {
  const { batch, units } = useOpenMeal();
  const smoke = batch.cook.length > 1 ? batch.cook.find(isSmoke) : undefined;
  return (
    <span className={css.smokeFirst}>
      <Checkbox
        checked={smoke !== undefined}
        onTick={(ticked) => {
          editBatch(batch.id, 'smoking it first', (b) => {
            const braise = b.cook.filter((phase) => !isSmoke(phase));
            const first: Phase = { id: crypto.randomUUID(), heat: 'smoker', lid: 'off', minutes: USUAL };
            // What lay in the smoke has its crust: the pan is a choice, and no longer the usual.
            const next = ticked ? { ...b, sear: false } : b;
            return withCook(next, withMain(ticked ? [first, ...braise] : braise, openPhase(b.cook)));
          });
        }}
      >
        smoked first
      </Checkbox>
      {smoke && (
        <QuantityField
          label="Smoked for"
          hidden
          quantity={smoke.minutes}
          measure="duration"
          placeholder={USUAL.text}
          chars={8}
          onChange={(minutes) => {
            editBatch(
              batch.id,
              'how long it is smoked',
              (b) => ({
                ...b,
                cook: b.cook.map((phase) => (isSmoke(phase) ? { ...phase, minutes } : phase)),
              }),
              `${batch.id} smoke`,
            );
          }}
        />
      )}
      {smoke && (
        <QuantityField
          label="Smoked at"
          quantity={typeof smoke.setting === 'object' ? smoke.setting : undefined}
          measure="temperature"
          units={[`°${units.degrees}`]}
          placeholder={writeDegrees(120, units)}
          chars={7}
          onChange={(setting) => {
            editBatch(
              batch.id,
              'the heat of the smoke',
              (b) => ({
                ...b,
                cook: b.cook.map((phase) => (isSmoke(phase) ? { ...phase, setting } : phase)),
              }),
              `${batch.id} smoke heat`,
            );
          }}
        />
      )}
      {smoke && (
        <Checkbox
          checked={smoke.air === 'humid'}
          onTick={(ticked) => {
            editBatch(batch.id, 'the air of the smoker', (b) => ({
              ...b,
              cook: b.cook.map(({ air: _, ...phase }) =>
                isSmoke(phase) && ticked ? { ...phase, air: 'humid' as const } : phase,
              ),
            }));
          }}
        >
          over a pan of water
        </Checkbox>
      )}
    </span>
  );
}
