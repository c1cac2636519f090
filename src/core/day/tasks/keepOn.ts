import { SLOT } from '../../schedule/index.ts';
import type { DayBatch, DayFacts } from '../facts.ts';
import { isOfBatch, type Unordered } from '../materials.ts';
import { shelfOfCooked, usual } from '../minutes.ts';
import { keptOn } from '../sittings.ts';
import { taskId } from '../task.ts';
import { reheatParts } from './together.ts';

/** Into shallow pans, min (common practice, no source). */
const INTO_PANS = 10;
/** It may wait, hot, until hands are free: half of the two hours that the usual rule gives, min. */
const WITHIN = 60;

/** What a pot leaves for a later sitting: the tasks that keep it, and what each of those sittings finds in place of it. */
export interface KeptOn {
  readonly tasks: readonly Unordered[];
  /** What stands of all pots at a sitting. */
  readonly leftAt: (sitting: string) => readonly string[];
}

/**
 * Of a pot on which a later sitting draws, the rest is cooled as soon as it is done and lies in the cold until it is reheated
 * for that sitting; what leaves the house cold stays cold.
 * @param left what stands when the batches are done
 */
export function keepOn(facts: DayFacts, left: readonly string[]): KeptOn {
  const kept = keptOn(facts);
  const reheated = new Map<string, ReadonlyMap<string, string>>();
  const tasks = kept.flatMap(({ batch: id, sittings }): readonly Unordered[] => {
    const batch = facts.batches.find((one) => one.id === id);
    if (!batch) return [];
    const rest = left.filter((material) => isOfBatch(id, material));
    const cooled = cooledOf(batch, rest);
    const later = sittings.map((sitting) => reheatedFor(batch, sitting, cooled?.makes ?? rest));
    reheated.set(
      id,
      new Map(later.flatMap(({ sitting, task }) => task.makes.map((one) => [sitting, one] as const))),
    );
    return [...(cooled ? [cooled] : []), ...later.map(({ task }) => task)];
  });
  const of = (material: string) => kept.find(({ batch }) => isOfBatch(batch, material))?.batch;
  return {
    tasks,
    leftAt: (sitting) => [
      ...new Set(left.map((material) => reheated.get(of(material) ?? '')?.get(sitting) ?? material)),
    ],
  };
}

function cooledOf(batch: DayBatch, rest: readonly string[]): Unordered | undefined {
  if (batch.sentCold) return undefined;
  const ref = { kind: 'keep on', batch: batch.id } as const;
  const id = taskId(ref);
  const from = WITHIN + Math.ceil(INTO_PANS / SLOT) * SLOT;
  const minutes = from + usual.coolThrough;
  const before = taskId({ kind: 'together', batch: batch.id });
  return {
    ref,
    id,
    minutes,
    takes: rest,
    makes: [`${batch.id}|kept on`],
    // Nothing that is warm stands about until somebody has time for it.
    ...(batch.over.has('together') ? { atOnce: true as const } : { follows: before }),
    needs: [{ kind: 'fridge shelf', amount: shelfOfCooked(batch.liquidMl, batch.shredG), from, to: minutes }],
    parts: [
      {
        key: `${id}|fast`,
        does: { what: 'cool fast' },
        kind: 'broth',
        from: WITHIN / 2,
        minutes: INTO_PANS,
        hands: 1,
        slack: WITHIN / 2,
      },
      { key: id, does: { what: 'chills' }, kind: 'rest', from, minutes: usual.coolThrough, hands: 0 },
    ],
  };
}

function reheatedFor(batch: DayBatch, sitting: string, takes: readonly string[]) {
  const ref = { kind: 'reheat', batch: batch.id, sitting } as const;
  const id = taskId(ref);
  const how = batch.sentCold ? ('cold' as const) : ('reheated' as const);
  const { parts, minutes, needs } = reheatParts(id, how, batch.shredG);
  const task: Unordered = { ref, id, minutes, parts, needs, takes, makes: [`${batch.id}|${id}`] };
  return { sitting, task };
}
