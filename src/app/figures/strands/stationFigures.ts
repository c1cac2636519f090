import { type Stage, isStrained } from '@/core/meal/index.ts';
import { writeChance, writeMass, writeMinutes, writeVolume, type Written } from '@/core/quantity/index.ts';
import { counted, noun, PLATE } from '@/words/index.ts';
import type { Figures, OpenMeal } from '../../open/MealContext.ts';

interface Station {
  readonly key: string;
  readonly under: string;
  /** The flow that the key figure is of. */
  readonly of?: string;
}

const one = ({ value, unit }: Written) => (unit === '' ? value : `${value} ${unit}`);

/** The key figure of each station: only set in words here, worked out in the core. */
export function stationFigures(
  { batch, units }: OpenMeal,
  { reckoning, batchReckoning }: Figures,
): Readonly<Record<Stage, Station>> {
  const { meal } = reckoning;
  const { meat, liquid, ready, pot } = batchReckoning;
  const finished = liquid.brothMl ?? liquid.sauceMl;
  const shred = writeMass(meat.shredG, units);
  const lots = batch.lots.filter((lot) => lot.cut !== '').length;
  const plates = meal.servings.reduce((sum, { count }) => sum + count, 0);
  const time = ready.min && writeMinutes(ready.min);
  const broth = finished && writeVolume(finished, units);
  return {
    order: {
      key: plates > 0 ? one(writeMass(meal.needG, units)) : '–',
      under:
        plates > 0 ? `+ ${one(writeVolume(meal.needMl, units))}, ${counted(plates, PLATE)}` : 'no plates yet',
    },
    meat: {
      key: meat.rawG.mid > 0 ? one(writeMass(meat.rawG.mid, units)) : '–',
      under: counted(lots, noun('lot')),
      of: 'raw',
    },
    pot: {
      key: pot && liquid.pouredMl ? one(writeVolume(liquid.pouredMl.mid, units)) : '–',
      under: 'poured',
    },
    clock:
      ready.written === null
        ? { key: time ? time.value : '–', under: time ? (time.range ?? '') : 'no time known' }
        : {
            key: writeMinutes(ready.written.minutes).value,
            under:
              ready.written.chance === null
                ? 'as written'
                : `tender ${inHundred(ready.written.chance)} in 100`,
          },
    bench: {
      key: meat.rawG.mid > 0 ? one(shred) : '–',
      under: shred.range ?? 'shred',
      of: 'shred',
    },
    broth: {
      key: broth ? one(broth) : '–',
      of: 'ml of pot',
      under: broth ? [broth.range, isStrained(batch) ? 'broth' : 'sauce'].filter(Boolean).join(' ') : '',
    },
    plates: {
      key: meal.enough === null ? '–' : writeChance(meal.enough),
      under: meal.plates ? `sure of ${meal.plates.surely} of ${meal.plates.total}` : '',
    },
    keep: {
      key: meal.leftMl ? one(writeVolume(reckoning.ofAllPots.keeps.ml, units)) : '–',
      under: 'to the shelf',
      of: 'ml left',
    },
  };
}

const inHundred = (chance: number) => Math.round(100 * chance);
